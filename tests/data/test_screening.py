"""Findings: the planted dirt of the demo study, dirt of other kinds made here, and none in clean files."""

from __future__ import annotations

import csv
from collections.abc import Callable
from datetime import date, timedelta

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.data.facts import file_facts
from istrel.data.levels import Level
from istrel.data.markers import CODE_LIKE, holds_code_like
from istrel.data.patterns import missing_map, missing_patterns
from istrel.data.row_key import key_of
from istrel.data.screening import Finding, screen
from istrel.data.screening.finding import Replace
from istrel.data.screening.limited import Limit, limit_of
from istrel.data.screening.sound import found_sound
from istrel.demo import LEARNERS, SESSIONS
from istrel.study.history import History
from istrel.study.opening import open_data
from istrel.study.remedies import change_of
from istrel.study.study import study_of

Maker = Callable[..., Dataset]
TODAY = date(2026, 11, 23)


def rows_where(data: Dataset, name: str, *texts: str) -> tuple[int, ...]:
    column = data.table.column(name)
    return tuple(row + 1 for row in range(data.n_rows) if column.text_at(row) in texts)


def test_all_planted_dirt_is_found_with_its_cases(learners: Dataset) -> None:
    """What is planted where stands in istrel.demo.generate.PLANTED."""
    found = {(f.kind, f.variables): f for f in screen(learners, TODAY)}
    coded = found["suspected_missing_code", ("receptive_post", "confidence", "mot_03")]
    places = [rows_where(learners, name, "-9") for name in coded.variables]
    assert [len(place) for place in places] == [14, 8, 5]
    assert coded.rows == tuple(sorted({row for place in places for row in place}))
    assert found["suspected_missing_code", ("education", "satisfaction")].rows == tuple(
        sorted(rows_where(learners, "education", "99") + rows_where(learners, "satisfaction", "99"))
    )
    text = found["text_in_numbers", ("practice_min",)]
    assert text.rows == rows_where(learners, "practice_min", "n/a", "approx 40", "72,5")
    assert found["spelling_variants", ("site",)].rows == rows_where(learners, "site", "harbour ", "Harbor")
    assert found["stray_spaces", ("employment",)].rows == rows_where(learners, "employment", "retired ")
    assert found["repeated_rows", ()].rows == (120, 240, 360, 480)
    assert found["repeated_key", ("learner",)].rows == (30, 50, 300, 500)
    assert found["remote_value", ("age",)].rows == (318,)
    assert found["date_future", ("enrolled",)].rows == (77,)
    assert ("constant", ("term",)) in found
    assert found["near_copy", ("fee_paid", "fee_tenths")].says.startswith("is fee_paid times 10")
    together = found["missing_together", ("mot_05", "mot_06", "mot_07")]
    assert together.rows == rows_where(learners, "mot_05", "")
    assert ("humps", ("receptive_post",)) in found
    assert len(found) == 14  # and nothing else


def test_every_remedy_mends_its_finding_and_is_undone(learners: Dataset) -> None:
    history = History(study_of(learners))
    for finding in screen(learners, TODAY):
        for remedy in finding.remedies:
            history = history.do(change_of(remedy.action))
    left = {finding.kind for finding in screen(history.study.data, TODAY)}
    assert left == set()
    cut = float(history.study.codebook["receptive_post_part"].value_labels[0].label.removeprefix("under "))
    assert 54.3 < cut < 78.5  # between the humps
    assert (
        history.study.table.column("practice_min").value_at(rows_where(learners, "practice_min", "72,5")[0] - 1) == 72.5
    )
    assert "n/a" in {code.value for code in history.study.codebook["practice_min"].missing_codes}
    assert history.study.n_used == 612 - 4 - 2 - 22
    while history.past:
        history = history.undo()
    assert len(screen(history.study.data, TODAY)) == 14


def clean(n: int = 400) -> dict[str, list[object]]:
    """A file with nothing wrong: every kind of variable, drawn at random."""
    rng = np.random.default_rng(5)
    return {
        "id": list(range(1, n + 1)),
        "arm": rng.choice(["control", "treatment"], n).tolist(),
        "ward": rng.choice(["ward a", "ward b", "ward c"], n).tolist(),
        "age": rng.integers(20, 70, n).tolist(),
        "height": np.round(rng.normal(171, 9, n), 1).tolist(),
        "income": np.round(rng.lognormal(7.5, 0.4, n)).tolist(),
        "visits": rng.poisson(2, n).tolist(),
        "answer": rng.integers(1, 6, n).tolist(),
        "day": [date(2024, 1, 1) + timedelta(int(d)) for d in rng.integers(0, 300, n)],
    }


def written(columns: dict[str, list[object]]) -> str:
    lines = [",".join(columns), *(",".join(map(str, row)) for row in zip(*columns.values(), strict=True))]
    return "\n".join(lines) + "\n"


@pytest.mark.parametrize("seed", [0, 1, 2])
def test_a_clean_file_gives_no_finding(seed: int, data_of: Maker) -> None:
    columns = clean(300 + 50 * seed)
    assert screen(data_of(written(columns)), TODAY) == ()


def put(columns: dict[str, list[object]], name: str, rows: tuple[int, ...], value: object) -> None:
    for row in rows:
        columns[name][row - 1] = value


def dirty(kind: str) -> dict[str, list[object]]:  # noqa: C901, PLR0912, PLR0915 - one flat table of cases
    """A clean file with one kind of dirt."""
    c = clean()
    n = len(c["id"])
    rng = np.random.default_rng(9)
    match kind:
        case "suspected_missing_code":
            put(c, "arm", (5, 6), "N/A")
        case "text_in_numbers":
            put(c, "height", (7,), "tall")
            put(c, "height", (9,), '"171,5"')
        case "dates":
            put(c, "day", (7,), "2024-02-30")
        case "spelling_variants":
            put(c, "arm", (3, 8, 9), "Treatment")
            put(c, "arm", (4,), "tretment")
        case "stray_spaces":
            put(c, "ward", (11,), " ward a")
        case "repeated_rows":
            for name in c:
                c[name][99] = c[name][49]
        case "repeated_key":
            put(c, "id", (60,), 12)
        case "constant":
            c["unit"] = ["mmHg"] * n
        case "near_constant":
            c["battery"] = ["ok"] * (n - 3) + ["low"] * 3
        case "identifier":
            c["sample"] = (10_000 + rng.permutation(80_000)[:n]).tolist()
        case "coded_category":
            c["region"] = rng.choice([10, 20, 30, 40], n).tolist()
        case "remote_value":
            put(c, "height", (123,), 1705)
        case "other_unit":
            for row, metres in ((5, 1.7), (50, 1.58), (90, 1.801)):
                put(c, "height", (row,), metres)
        case "many_zeros":
            c["rain"] = np.where(rng.random(n) < 0.6, 0, np.round(rng.gamma(2, 2, n), 2)).tolist()
        case "skewed":
            c["size"] = np.round(rng.lognormal(1, 1.1, n), 3).tolist()
        case "humps":
            c["score"] = np.round(np.where(rng.random(n) < 0.5, rng.normal(20, 3, n), rng.normal(50, 3, n)), 2).tolist()
        case "near_copy":
            c["height_m"] = [float(f"{float(str(h)) / 100:.4f}") for h in c["height"]]
        case "categories":
            c["code"] = [{"ward a": 7, "ward b": 3, "ward c": 5}[str(w)] for w in c["ward"]]
            c["ward_name"] = [f"House {w}" for w in c["ward"]]
        case "high_missing":
            put(c, "income", tuple(range(1, n, 3)), "")
        case "missing_together":
            for name in ("height", "answer"):
                put(c, name, tuple(range(40, 60)), "")
        case "date_order":
            c["end"] = [day + timedelta(3) for day in c["day"]]  # type: ignore[operator]
            put(c, "end", (20,), "2023-01-02")
        case "date_gap":
            c["day"] = [date(2020, 1, 1) + timedelta(i + 20 * (i >= 200)) for i in range(n)]
        case "date_future":
            put(c, "day", (5,), "2031-01-01")
    return c


DIRT = {
    "suspected_missing_code": ("suspected_missing_code", ("arm",), (5, 6)),
    "text_in_numbers": ("text_in_numbers", ("height",), (7, 9)),
    "dates": ("text_in_numbers", ("day",), (7,)),
    "spelling_variants": ("spelling_variants", ("arm",), (3, 4, 8, 9)),
    "stray_spaces": ("stray_spaces", ("ward",), (11,)),
    "repeated_rows": ("repeated_rows", (), (100,)),
    "repeated_key": ("repeated_key", ("id",), (12, 60)),
    "constant": ("constant", ("unit",), ()),
    "near_constant": ("near_constant", ("battery",), (398, 399, 400)),
    "identifier": ("identifier", ("sample",), ()),
    "coded_category": ("coded_category", ("region",), ()),
    "remote_value": ("remote_value", ("height",), (123,)),
    "other_unit": ("other_unit", ("height",), (5, 50, 90)),
    "many_zeros": ("many_zeros", ("rain",), None),
    "skewed": ("skewed", ("size",), ()),
    "humps": ("humps", ("score",), ()),
    "near_copy": ("near_copy", ("height", "height_m"), ()),
    "categories": ("near_copy", ("ward", "ward_name"), ()),
    "high_missing": ("high_missing", ("income",), ()),
    "missing_together": ("missing_together", ("height", "answer"), tuple(range(40, 60))),
    "date_order": ("date_order", ("day", "end"), (20,)),
    "date_gap": ("date_gap", ("day",), (201,)),
    "date_future": ("date_future", ("day",), (5,)),
}


@pytest.mark.parametrize("kind", DIRT)
def test_each_kind_of_dirt_is_found_where_it_is(kind: str, data_of: Maker) -> None:
    wanted, variables, rows = DIRT[kind]
    found: dict[tuple[str, tuple[str, ...]], Finding] = {
        (f.kind, f.variables): f for f in screen(data_of(written(dirty(kind))), TODAY)
    }
    assert (wanted, variables) in found
    if rows is not None:
        assert found[wanted, variables].rows == rows
    assert not {f for f, _ in found} - {wanted, "remote_value", "coded_category", "date_order"}


def test_words_that_only_look_alike_are_no_slips(data_of: Maker) -> None:
    words = ["group a", "group b", "site 1", "site 2", "legal", "illegal", "North", "South", "Austria", "Australia"]
    text = "x,y\n" + "".join(f"{words[i % 10 if i % 11 else 0]},{i}\n" for i in range(330))
    assert [f.kind for f in screen(data_of(text), TODAY) if f.kind == "spelling_variants"] == []


def test_line_breaks_are_no_stray_spaces_and_long_words_no_slips(data_of: Maker) -> None:
    long = "ab" * 40
    rows = ["two\nlines"] * 12 + ["two words"] * 12 + ["two  words"] + [long] * 12 + [long[:-1]]
    found = screen(data_of("id,note\n" + "".join(f'{k},"{word}"\n' for k, word in enumerate(rows))), TODAY)
    assert [(f.kind, len(f.rows)) for f in found if f.variables == ("note",)] == [("stray_spaces", 1)]


def test_one_marker_for_missing_is_one_fact_about_the_file(data_of: Maker) -> None:
    rows = [
        ("NA" if k % 9 == 0 else f"{k % 13}.5", "NA" if k % 7 == 0 else str(3 * k), "NA" if k % 5 == 0 else "fm"[k % 2])
        for k in range(90)
    ]
    data = data_of("size,mass,sex,note\n" + "".join(f"{a},{b},{c},n/a\n" for a, b, c in rows))
    (found,) = (f for f in screen(data, TODAY) if f.lead == "“NA”")
    assert found.variables == ("size", "mass", "sex")
    assert found.says == "stands 41 times in size, mass and sex and counts as missing."
    assert found.rows == tuple(k + 1 for k in range(90) if k % 9 == 0 or k % 7 == 0 or k % 5 == 0)
    assert not any(f.kind == "text_in_numbers" for f in screen(data, TODAY))
    assert data.variable("sex").level is Level.BINARY
    assert int(data.present("sex").sum()) == 72
    assert data.variable("note").missing_codes == ()  # in one column alone it may be an answer
    history = History(study_of(data))
    again = history.do(change_of(found.remedies[0].action)).study.data
    assert int(again.present("sex").sum()) == 90
    assert again.categories("sex").values == ("f", "m", "NA")
    assert int(again.present("size").sum()) == 80


def test_words_that_all_stand_beside_their_letters_are_the_same_however_often(data_of: Maker) -> None:
    data = data_of(
        "x,y\n"
        + "".join(f"{('ja', 'nein', 'J', 'N')[k % 4]},{('ja', 'nein', 'J', 'offen')[k % 4]}\n" for k in range(40))
    )
    found = [(f.variables, f.says) for f in screen(data) if f.kind == "spelling_variants"]
    assert [names for names, _ in found] == [("x",), ("x",), ("y",)]  # “J” beside “ja” is no “offen”


def test_initials_are_one_value_with_their_word(data_of: Maker) -> None:
    words = ["M"] * 50 + ["F"] * 48 + ["Male", "f"]
    text = "sex,x\n" + "".join(f"{word},{place * 1.7}\n" for place, word in enumerate(words))
    found = [f for f in screen(data_of(text), TODAY) if f.kind == "spelling_variants"]
    assert [f.rows for f in found] == [(99,), (100,)]
    words = ["M", "m", "F", "Female"] * 9 + ["A", "B", "M1", "B1"]
    text = "sex,x\n" + "".join(f"{word},{place * 1.7}\n" for place, word in enumerate(words))
    found = [f for f in screen(data_of(text), TODAY) if f.kind == "spelling_variants"]
    assert [len(f.rows) for f in found] == [9, 9]


def test_a_lone_zero_does_not_make_high_values_remote(data_of: Maker) -> None:
    rng = np.random.default_rng(1)
    pay = rng.lognormal(10.6, 0.35, 500).round().tolist()
    pay[8], pay[9] = 9_999_999, 0
    text = "pay,x\n" + "".join(f"{value},{place}.5\n" for place, value in enumerate(pay))
    (found,) = [f for f in screen(data_of(text), TODAY) if f.kind == "remote_value"]
    assert found.rows == (9,)


def test_long_files_know_persons_and_weeks_as_the_key() -> None:
    data = open_data(SESSIONS)
    assert data.variable("learner").level is Level.IDENTIFIER
    assert {f.kind for f in screen(data, TODAY)} == {"repeated_rows", "humps"}


def test_patterns_of_missing_values_add_up(learners: Dataset) -> None:
    patterns = missing_patterns(learners)
    assert sum(pattern.count for pattern in patterns) == 612
    together = [p for p in patterns if {"mot_05", "mot_06", "mot_07"} <= set(p.variables)]
    assert sum(p.count for p in together) == 22
    with LEARNERS.open(encoding="utf-8", newline="") as file:
        head, *rows = csv.reader(file)
    comment = head.index("comment")
    unreadable = ("", "n/a", "approx 40", "72,5")
    complete = sum(
        not any(cell in unreadable for cell in (*row[:comment], *row[comment + 1 :])) for row in rows
    )  # nobody has to write a comment
    assert next(p.count for p in patterns if not p.variables) == complete == file_facts(learners).complete
    found = missing_map(learners)
    assert found.shares.shape[1] == len(found.names)
    assert found.shares[:, found.names.index("mot_05")].sum() > 0


LIMITED = {
    "65+": Limit(65.0, below=False),
    "<0,5": Limit(0.5, below=True),
    "≥ 10": Limit(10.0, below=False),
    "5 or more": Limit(5.0, below=False),
    "unter 3": Limit(3.0, below=True),
    "65": None,
    "10-20": None,
    "over the moon": None,
}


@pytest.mark.parametrize("text", LIMITED)
def test_a_limit_is_known_by_its_words(text: str) -> None:
    assert limit_of(text) == LIMITED[text]


@pytest.mark.parametrize(
    ("text", "decimal", "value"),
    [
        ("> 2.000", ",", 2000.0),
        ("> 2.000", ".", 2.0),
        ("<0.500", ",", 0.5),
        (">1,200", ".", 1200.0),
        ("< 2,5", ".", 2.5),
        ("> 1.204,5", ",", 1204.5),
        (">1,204.5", "", 1204.5),
        (">1.000.000", "", 1_000_000.0),
        ("<0,05", "", 0.05),
    ],
)
def test_a_limit_is_read_with_the_marks_of_its_file(text: str, decimal: str, value: float) -> None:
    found = limit_of(text, decimal)
    assert found is not None
    assert found.value == value


@pytest.mark.parametrize(
    ("cells", "words"),
    [
        (["4.6?"], ["read “4.6?” as 4.6", "treat as missing"]),
        (["4.6 (?)", "~ 1.204,5"], ["read 2 as the numbers in them", "treat as missing"]),
        (["4.6?", "lost"], ["read “4.6?” as 4.6", "treat the rest as missing"]),
        (["about it"], ["treat as missing"]),
    ],
)
def test_numbers_said_with_a_doubt_can_be_read(
    cells: list[str], words: list[str], data_of: Callable[..., Dataset]
) -> None:
    values = [*cells, *(f"{k / 4}" for k in range(3, 15))]
    (finding,) = (
        f for f in screen(data_of("x\n" + "".join(f'"{v}"\n' for v in values))) if f.kind == "text_in_numbers"
    )
    assert [remedy.words for remedy in finding.remedies] == words


def test_limits_can_be_read_as_what_they_say(data_of: Callable[..., Dataset]) -> None:
    values = ["<0.5", *(f"{k / 4}" for k in range(3, 15))]
    (finding,) = (f for f in screen(data_of("x\n" + "\n".join(values) + "\n")) if f.kind == "text_in_numbers")
    assert [remedy.words for remedy in finding.remedies] == [
        "read “<0.5” as 0.5",
        "read half the limit",
        "treat as missing",
    ]
    corrected = [remedy.action.corrections[0].new for remedy in finding.remedies if isinstance(remedy.action, Replace)]
    assert corrected == [0.5, 0.25]


def test_a_sound_file_is_left_alone(data_of: Callable[..., Dataset]) -> None:
    """Uniform, normal and whole numbers, answers, dates, words that are alike but not the same: nothing changes numbers."""
    rng = np.random.default_rng(8)
    kinds = ("other", "mother", "brother")
    false = 0
    for n in (60, 200, 600, 1500):
        columns = {
            "uniform": rng.random(n).round(4),
            "whole": rng.integers(0, 60, n),
            "normal": rng.normal(50, 10, n).round(2),
            "age": [99, *rng.integers(18, 80, n - 1)],
            "rank": rng.permutation(n) + 1,
            "item_1": rng.integers(1, 8, n),
            "item_2": rng.integers(2, 8, n),
            "item_3": rng.integers(1, 7, n),
            "kin": rng.choice(kinds, n),
            "pain": rng.choice(["none", "some", "much"], n),
            "day": np.datetime64("2024-03-01") + rng.integers(0, 300, n),
        }
        rows = zip(*columns.values(), strict=True)
        found = screen(
            data_of(",".join(columns) + "\n" + "".join(",".join(map(str, row)) + "\n" for row in rows)), TODAY
        )
        assert [finding.line for finding in found if finding.changes_numbers] == []
        false += len(found)
    assert false <= 2


def test_lines_about_the_file_and_blank_ones_at_its_end_are_no_cases(data_of: Maker) -> None:
    rows = "".join(f"C{k},{k},{k * 1.5}\n" for k in range(30))
    data = data_of(f"land,a,b\n{rows},,\nData from database: made up,,\nLast Updated: 01/02/2024,,\n")
    (found,) = [finding for finding in screen(data) if finding.kind == "summary_rows"]
    assert found.rows == (31, 32, 33)
    assert not [finding for finding in screen(data) if finding.kind == "high_missing"]
    assert not [f for f in screen(data_of(f"land,a,b\n{rows}C30,31,\nC31,,\n")) if f.kind == "summary_rows"]


def test_the_fewest_columns_that_tell_all_rows_apart_are_named(data_of: Maker) -> None:
    for text, key in {
        "id,x\n" + "".join(f"k{k},{k % 4}\n" for k in range(30)): ("id",),
        "day,x,name\n" + "".join(f"2024-01-{1 + k % 6:02d},{k * 0.37:.2f},{'abcde'[k // 6]}\n" for k in range(30)): (
            "day",
            "name",
        ),
        "a,b,c\n" + "".join(f"{'xy'[k // 12]},{'mno'[k // 4 % 3]},{'pqrs'[k % 4]}\n" for k in range(24)): (
            "a",
            "b",
            "c",
        ),
        "a,b\n" + "x,y\n" * 29 + "x,z\n": (),
        "x,y\n" + "".join(f"{k * 0.71:.2f},{k * 1.3:.1f}\n" for k in range(30)): (),
    }.items():
        assert key_of(data_of(text)) == key


PERSONAL = {
    "mail": "a{k}@example.org",
    "phone": "+49 351 {k}23456",
    "account": "DE{k}2500105175407324931",
    "surname": "Name{k}",
    "first_name": "Given{k}",
    "Name": "Ann{k} Berg",
    "date_of_birth": "2010-03-{k:02}",
    "Geb.-Datum": "{k:02}.03.2010",
    "né_le": "{k:02}/03/2010",
}


def test_what_tells_who_a_person_is_is_found_and_places_only_beside_it(data_of: Maker) -> None:
    cells = [
        [form.format(k=10 + k) for form in PERSONAL.values()] + [f"Lane {k}", f"{k % 3}", f"{k}.5"] for k in range(20)
    ]
    text = "\n".join(",".join(row) for row in [[*PERSONAL, "street", "g", "x"], *cells])
    (found,) = [finding for finding in screen(data_of(text)) if finding.kind == "personal"]
    assert set(found.variables) == {*PERSONAL, "street"}
    species = "name,x\n" + "".join(f"Avis rara{k},{k}.5\n" for k in range(20))
    assert not [finding for finding in screen(data_of(species)) if finding.kind == "personal"]
    born = "id,born,birth_weight\n" + "".join(f"{k},{1950 + k},{3 + k / 10}\n" for k in range(20))
    assert not [finding for finding in screen(data_of(born)) if finding.kind == "personal"]
    alone = "street,day,g\n" + "".join(f"Lane {k},0{1 + k % 9}/02/2024,{k % 3}\n" for k in range(20))
    assert not [finding for finding in screen(data_of(alone)) if finding.kind == "personal"]


def test_a_word_beside_a_scale_is_no_step_and_numbers_differ_by_chance(data_of: Maker) -> None:
    rng = np.random.default_rng(3)
    steps = ("trifft nicht zu", "trifft eher nicht zu", "trifft eher zu", "trifft zu", "weiß nicht")
    better = ("yes", "no", "weiß nicht", "yes", "no")
    rows = [f"{rng.integers(20_000, 60_000)},{2000 + k % 12},{steps[k % 5]},{better[k % 5]}" for k in range(90)]
    data = data_of("births,year,agrees,better\n" + "\n".join(rows) + "\n")
    assert data.variable("agrees").level is Level.ORDINAL
    found = [f for f in screen(data) if f.kind == "suspected_missing_code"]
    assert [(f.variables, len(f.rows)) for f in found] == [(("agrees", "better"), 18 * 2)]
    assert {f.kind for f in screen(data)} <= {"suspected_missing_code", "near_copy"}
    assert data.variable("agrees").value_labels[0].value == steps[0]


@pytest.mark.parametrize("n", [9, 60])
@pytest.mark.parametrize("odd", [-9, 99, 500, 777, 999, 9999])
def test_one_value_far_from_all_others_is_never_passed_over_as_sound(n: int, odd: int, data_of: Maker) -> None:
    values = [*np.random.default_rng(n).integers(58, 71, n).tolist(), odd]
    data = data_of("stride,shoes\n" + "\n".join(f"{v},{38 + k % 7}" for k, v in enumerate(values)) + "\n")
    findings = [f for f in screen(data) if f.kind in ("suspected_missing_code", "remote_value")]
    assert {f.rows for f in findings} <= {(n + 1,)}
    sound = found_sound(findings, data)
    assert ("remote values" in sound) == (n >= 20 and not any(f.kind == "remote_value" for f in findings))
    assert findings or (n < 20 and odd in (99, 500))  # of nine values, 99 may be one, and no code is 500


@pytest.mark.parametrize("before", ["", "P-"])
@pytest.mark.parametrize("n", [9, 40, 300])
@pytest.mark.parametrize(
    "name", ["id", "Nr", "no", "code", "userId", "patient_no", "Proband", "Schüler", "élève", "sujeto"]
)
def test_a_number_of_persons_that_repeats_is_found_under_any_name(
    name: str, n: int, before: str, data_of: Maker
) -> None:
    numbers = [*range(1, n), 4]
    measured = np.random.default_rng(n).normal(70, 9, n).round(1)
    data = data_of(f"{name},mass\n" + "".join(f"{before}{k},{m}\n" for k, m in zip(numbers, measured, strict=True)))
    assert data.codebook[name].level is Level.IDENTIFIER
    found = next(finding for finding in screen(data) if finding.kind == "repeated_key")
    assert (found.variables, found.rows) == ((name,), (4, n))


@pytest.mark.parametrize("before", ["", "P"])
@pytest.mark.parametrize(
    "name",
    ["Patient No.", "Pat.-Nr.", "TeilnehmerID", "N° du patient", "Nr. Patient", "código paciente", "subject number"],
)
def test_whose_rows_these_are_is_known_under_any_name(name: str, before: str, data_of: Maker) -> None:
    measured = np.random.default_rng(2).normal(70, 9, 90).round(1)
    rows = [f"{before}{k // 3 + 1:03d},V{k % 3 + 1},{measured[k]}\n" for k in range(90)]
    data = data_of(f"{name},visit,mass\n" + "".join(rows))
    assert data.codebook[name].level is Level.IDENTIFIER
    assert (data.codebook.rows.person, data.codebook.rows.occasion) == (name, "visit")


@pytest.mark.parametrize(
    ("wrong", "mended", "words"), [(183, 1.83, "divide by 100"), (0.00171, 1.71, "multiply by 1000")]
)
def test_what_is_in_another_unit_is_brought_into_that_of_the_rest(
    wrong: float, mended: float, words: str, data_of: Maker
) -> None:
    heights = np.random.default_rng(3).normal(1.72, 0.09, 60).round(2)
    data = data_of("height\n" + "".join(f"{height}\n" for height in heights) + 2 * f"{wrong}\n")
    history = History(study_of(data))
    (found,) = [finding for finding in screen(data) if finding.variables == ("height",)]
    assert (found.kind, found.rows, found.remedies[0].words) == ("other_unit", (61, 62), words)
    again = history.do(change_of(found.remedies[0].action)).study.data
    assert again.numbers("height").values[60] == mended
    assert [finding for finding in screen(again) if finding.kind == "other_unit"] == []


@pytest.mark.parametrize(
    ("names", "values", "level"),
    [
        ([f"phq{k}" for k in range(1, 10)], range(4), Level.ORDINAL),
        (["visits1", "visits2", "visits3", "visits4"], range(4), Level.COUNT),
        (["subject"], range(1, 7), Level.IDENTIFIER),
        (["child"], range(1, 7), Level.ORDINAL),
        (["Qty"], range(1, 10), Level.COUNT),
        (["rooms"], range(1, 7), Level.COUNT),
        (["hhsize"], range(1, 10), Level.COUNT),
        (["SITEID"], range(1, 6), Level.NOMINAL),
        (["error_code"], (0, 0, 0, 101, 204), Level.NOMINAL),
        (["depth_cm"], (10, 20, 30, 60), Level.CONTINUOUS),
    ],
)
def test_what_few_whole_numbers_are_follows_from_their_names_and_neighbours(
    names: list[str], values: range, level: Level, data_of: Maker
) -> None:
    drawn = np.random.default_rng(5).choice(np.array(values), (150, len(names)))
    data = data_of(",".join(names) + "\n" + "".join(",".join(map(str, row)) + "\n" for row in drawn.tolist()))
    assert {data.codebook[name].level for name in names} == {level}
    assert not [finding for finding in screen(data) if finding.kind == "coded_category"]


@pytest.mark.parametrize("seed", range(5))
def test_many_zeros_make_no_value_remote(seed: int, data_of: Maker) -> None:
    rng = np.random.default_rng(seed)
    found = np.where(rng.random((100, 4)) < 0.7, 0, rng.integers(1, 60, (100, 4)))
    found[7, 3] = 900
    data = data_of("a,b,c,d\n" + "".join(",".join(map(str, row)) + "\n" for row in found.tolist()))
    far = [(finding.variables, finding.rows) for finding in screen(data) if finding.kind == "remote_value"]
    assert far == [(("d",), (8,))]


def test_plus_and_minus_beside_each_other_are_two_answers(data_of: Maker) -> None:
    data = data_of("strand,x\n" + "".join(f"{'+-'[k % 2]},{k % 7}\n" for k in range(40)))
    assert "suspected_missing_code" not in {finding.kind for finding in screen(data)}


def test_two_numbers_in_a_cell_are_parted_with_two_clicks(data_of: Maker) -> None:
    history = History(study_of(data_of("bp\n136/80\n128/76\n151 / 95\n120/\n")))
    for which, wanted in (("first", [136, 128, 151, 120]), ("second", [80, 76, 95, None])):
        (found,) = [finding for finding in screen(history.study.data) if finding.kind == "two_numbers"]
        remedy = found.remedies[0]
        assert which in remedy.words
        history = history.do(change_of(remedy.action))
        made = history.study.data.numbers(history.study.codebook.names[-1])
        assert [v if ok else None for v, ok in zip(made.values.tolist(), made.valid.tolist(), strict=True)] == wanted
    assert "two_numbers" not in {finding.kind for finding in screen(history.study.data)}


def test_many_findings_of_a_kind_are_told_as_one_with_one_click_for_all(data_of: Maker) -> None:
    rng = np.random.default_rng(2)
    names = [f"g{k}" for k in range(40)]
    columns = [np.exp(rng.normal(0, 1.4, 200)) if k % 2 else rng.normal(50, 3, 200) for k in range(40)]
    for k in range(0, 40, 2):
        columns[k][k] = 500.0
    rows = [",".join(f"{value:.3f}" for value in row) + ",x" for row in zip(*columns, strict=True)]
    same = [f"same{k}" for k in range(3)]
    data = data_of(",".join((*names, "last", *same)) + "\n" + "".join(f"{row}{',1' * 3}\n" for row in rows))
    found = {f.kind: f for f in screen(data)}
    assert [f.kind for f in screen(data)].count("constant") == 4  # few of a kind stay by themselves
    assert found["remote_value"].lead == "20 variables"
    assert found["remote_value"].says == "have a value far from the rest (g0 500, g2 500, g4 500 and 17 more)."
    assert set(found["remote_value"].rows) >= {k + 1 for k in range(0, 40, 2)}
    (remedy,) = found["remote_value"].remedies
    history = History(study_of(data)).do(change_of(remedy.action))
    assert history.study.data.tally("g4")[0].max() < 100 > history.study.data.tally("g38")[0].max()
    assert set(found["skewed"].variables) <= set(names[1::2])
    assert len(found["skewed"].variables) > 12


def test_codes_are_looked_for_without_sorting() -> None:
    rng = np.random.default_rng(6)
    kinds = (
        rng.normal(50, 30, (40, 60)).round(),
        rng.normal(0, 1, (10, 60)),
        np.array([[1e300, -np.inf, np.nan, 98.5] * 15]),
    )
    for values in np.concatenate(kinds):
        assert holds_code_like(values) == bool(np.isin(values, CODE_LIKE).any())
