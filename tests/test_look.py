"""`istrel look` and `istrel codebook`: the intake on the command line, to the letter of docs/exchange.md."""

from __future__ import annotations

import io
import json
import re
import zipfile
from pathlib import Path
from typing import Any

import matplotlib as mpl
import numpy as np
import pyarrow as pa
import pyarrow.parquet as pq
import pytest
import xlsxwriter

from golden_files import digest, same, same_values
from istrel import cli
from istrel.data.levels import Level
from istrel.data.screening.sound import LOOKED_AT
from istrel.demo import LEARNERS, SESSIONS
from istrel.render.codebook import render_codebook
from istrel.render.intake import render_intake
from istrel.study.intake import take_in
from istrel.study.opening import open_data

MESSY = (
    "id,Group ,score,When,amount,yes,free text\n"
    + "".join(
        f"{k},{'ab AB'[k % 5]},{'n/a' if k % 9 == 4 else -99 if k % 11 == 3 else k * 1.5},{1 + k % 28}.{1 + k % 12}.2024,"
        f"{'1.250' if k % 7 == 2 else 1000 * k} EUR,{'yn'[k % 3 == 0]},{'long words ' * (k % 4)}\n"
        for k in range(60)
    )
    + "7,a,1e6,31.12.2034,12,y,x\n7,a,1e6,31.12.2034,12,y,x\n"
)
KINDS = frozenset(
    [
        "counted_rows",
        "personal",
        "weighted_rows",
        "summary_rows",
        "repeated_rows",
        "repeated_key",
        "constant",
        "near_constant",
        "identifier",
        "coded_category",
        "suspected_missing_code",
        "text_in_numbers",
        "spelling_variants",
        "stray_spaces",
        "remote_value",
        "two_numbers",
        "other_unit",
        "many_zeros",
        "skewed",
        "humps",
        "near_copy",
        "high_missing",
        "missing_together",
        "date_order",
        "date_gap",
        "date_future",
    ]
)
SAMPLES = Path(mpl.get_data_path()) / "sample_data"


def look(path: Path, capsys: pytest.CaptureFixture[str], *options: str) -> dict[str, Any]:
    assert cli.main(["look", str(path), "--to", "json", *options]) == 0
    content: dict[str, Any] = json.loads(capsys.readouterr().out)
    return content


def test_every_kind_of_finding_has_its_words_for_what_is_sound() -> None:
    assert {kind for kinds in LOOKED_AT.values() for kind in kinds} == KINDS


def test_the_json_of_the_intake_has_the_form_of_the_contract(capsys: pytest.CaptureFixture[str]) -> None:
    found = look(LEARNERS, capsys)
    assert (found["istrel"], found["rows"], found["columns"]) == (1, 612, 39)
    assert set(found) == {
        "istrel",
        "source",
        "reading",
        "rows",
        "columns",
        "variables",
        "rows_are",
        "series",
        "sets",
        "scales",
        "key",
        "findings",
        "missing_patterns",
    }
    assert found["source"]["name"] == "learners.csv"
    assert re.fullmatch("[0-9a-f]{64}", found["source"]["sha256"])
    keys = [
        "name",
        "level",
        "valid",
        "missing",
        "distinct",
        "zeros",
        "min",
        "max",
        "mean",
        "most_frequent",
        "lowest",
        "highest",
    ]
    assert all(list(variable) == keys for variable in found["variables"])
    assert {variable["level"] for variable in found["variables"]} == {level.value for level in Level}
    assert all(list(f) == ["kind", "variables", "cases", "count", "says", "remedy"] for f in found["findings"])
    assert {f["kind"] for f in found["findings"]} <= KINDS
    assert all(f["count"] == len(f["cases"]) and f["cases"] == sorted(f["cases"]) for f in found["findings"])
    assert sum(pattern["count"] for pattern in found["missing_patterns"]) == 612


def test_facts_of_a_variable_agree_with_the_file(capsys: pytest.CaptureFixture[str]) -> None:
    (age,) = [variable for variable in look(LEARNERS, capsys)["variables"] if variable["name"] == "age"]
    lines = [line.split(",") for line in LEARNERS.read_text().splitlines()[1:]]
    ages = [float(line[4]) for line in lines]
    assert (age["valid"], age["missing"], age["min"], age["max"]) == (612, 0, min(ages), 199)
    assert age["mean"] == pytest.approx(sum(ages) / 612, rel=1e-14)
    assert age["highest"][0] == [199, 318]
    assert [value for value, _ in age["lowest"]] == sorted(ages)[:5]
    assert all(ages[row - 1] == value for value, row in (*age["lowest"], *age["highest"]))
    most = max(set(ages), key=ages.count)
    assert age["most_frequent"][0] == [most, ages.count(most)]


@pytest.mark.parametrize("ending", ["html", "odt", "json", "txt"])
def test_the_intake_is_written_as_a_report(ending: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    path = tmp_path / f"look.{ending}"
    assert cli.main(["look", str(LEARNERS), "-o", str(path)]) == 0
    if ending == "odt":
        with zipfile.ZipFile(io.BytesIO(path.read_bytes())) as archive:
            content = archive.read("content.xml").decode()
        assert re.findall(r'outline-level="(\d)"', content)[:3] == ["1", "2", "2"]
    else:
        content = path.read_text(encoding="utf-8")
    for words in ("stands 27 times in receptive_post, confidence and mot_03", "receptive_pre", "612"):
        assert words in content
    if ending == "html":
        shapes = content.split("Variable by variable")[0].count("<svg")
        assert shapes == 38  # a drawing for every variable but keys and texts, and the map
        assert not re.search(r'(src|href)="[^#]', content)


def test_a_terminal_gets_text_that_fits(capsys: pytest.CaptureFixture[str]) -> None:
    assert cli.main(["look", str(SESSIONS)]) == 0
    out = capsys.readouterr().out
    assert "5 rows repeat an earlier row in every column." in out
    assert max(map(len, out.splitlines())) <= 140
    assert "No value is missing." in out


def test_missing_codes_and_a_codebook_change_the_intake(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    book = tmp_path / "book.csv"
    book.write_text("name,level,use\nterm,,no\nage,ordinal,\n")
    found = look(LEARNERS, capsys, "--missing", "-9,99", "--codebook", str(book))
    kinds = [f["kind"] for f in found["findings"]]
    assert "suspected_missing_code" not in kinds
    assert "constant" not in kinds
    assert next(v for v in found["variables"] if v["name"] == "age")["level"] == "ordinal"


def test_a_sheet_is_named_on_the_command_line(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    path = tmp_path / "book.xlsx"
    with xlsxwriter.Workbook(path) as book:
        for name, scale in (("one", 1), ("two", 100)):
            sheet = book.add_worksheet(name)
            sheet.write_row(0, 0, ["a", "b"])
            for row in range(1, 30):
                sheet.write_row(row, 0, [row, row * scale])
    assert look(path, capsys, "--sheet", "two")["variables"][1]["max"] == 2900
    assert look(path, capsys, "--sheet", "1")["variables"][1]["max"] == 29
    assert cli.main(["look", str(path), "--sheet", "three"]) == 2
    assert "there is no sheet “three”. Its sheets are one, two." in capsys.readouterr().err


FOREIGN = {
    "Stocks.csv": ("missing_together", 133),
    "msft.csv": ("near_copy", 0),
}


@pytest.mark.parametrize("name", FOREIGN)
def test_files_that_nobody_here_wrote_are_looked_through(name: str, capsys: pytest.CaptureFixture[str]) -> None:
    kind, count = FOREIGN[name]
    found = look(SAMPLES / name, capsys)
    assert (kind, count) in {(f["kind"], f["count"]) for f in found["findings"]}
    assert {f["kind"] for f in found["findings"]} <= KINDS
    assert found["variables"][0]["level"] == "date"


def test_awkward_tables_are_looked_through(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    tables = {
        "empty column": pa.table({"a": [1, 2, 3], "b": pa.nulls(3)}),
        "one row": pa.table({"a": [1.5], "b": ["x"]}),
        "infinite": pa.table({"a": [float("inf"), 1.0, float("nan"), -float("inf")]}),
        "all the same": pa.table({"a": [0] * 50, "b": ["x"] * 50}),
        "huge": pa.table({"a": [1e308, -1e308] * 40, "b": [5e-324, 0.0] * 40}),
        "nested": pa.table({"a": [[1, 2], None, []], "b": [{"x": 1}, {"x": 2}, None]}),
        "names": pa.table({"": [1, 2], " ": [3, 4], "a b": [5, 6], "`": [7, 8]}),
    }
    for name, table in tables.items():
        path = tmp_path / f"{name}.parquet"
        pq.write_table(table, path)
        found = look(path, capsys)
        assert found["rows"] == table.num_rows, name
        for ending in ("html", "odt", "txt"):
            assert cli.main(["look", str(path), "-o", str(tmp_path / f"{name}.{ending}")]) == 0


def test_the_codebook_goes_out_and_comes_in_again(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    path = tmp_path / "book.csv"
    assert cli.main(["codebook", str(LEARNERS), "-o", str(path)]) == 0
    again = tmp_path / "again.csv"
    copy = tmp_path / "wave.csv"
    copy.write_bytes(LEARNERS.read_bytes())
    assert cli.main(["codebook", str(copy), "--codebook", str(path), "-o", str(again)]) == 0
    assert path.read_text() == again.read_text()
    assert "education,ordinal,Highest education" in path.read_text()


def test_formulas_of_a_codebook_file_make_variables(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    book = tmp_path / "book.csv"
    book.write_text(
        "name,level,label,formula\ngain,continuous,Gain,receptive_post - receptive_pre\nolder,binary,,age >= 60\n"
    )
    options = ["--codebook", str(book), "--missing", "-9", "--to", "json"]
    assert cli.main(["make", str(LEARNERS), "describe gain across older with n, mean", *options]) == 0
    content = json.loads(capsys.readouterr().out)
    assert [entry["groups"] for entry in content["results"]] == [{"older": 0}, {"older": 1}]
    assert all(20 > entry["statistics"]["mean"] > 5 for entry in content["results"])
    book.write_text("name,formula\nloop,loop + 1\n")
    assert cli.main(["make", str(LEARNERS), "describe age", *options]) == 2
    assert "cannot be made from itself: loop from loop" in capsys.readouterr().err


@pytest.mark.parametrize(
    ("words", "says"),
    [
        (["look", "nothing.csv"], "there is no such file"),
        (["look", str(LEARNERS), "-o", "a.docx"], "cannot be written as “.docx”"),
        (["look", str(LEARNERS), "-o", "noending"], "the ending of the file chooses the output"),
        (["look", str(LEARNERS), "-o", "/"], "this is a folder"),
        (["codebook"], "the following arguments are required: source"),
    ],
)
def test_mistakes_are_one_plain_line(words: list[str], says: str, capsys: pytest.CaptureFixture[str]) -> None:
    assert cli.main(words) == 2
    out, err = capsys.readouterr()
    assert out == ""
    assert says in err
    assert err.count("\n") == 1


def test_the_mark_of_a_file_that_changed_is_not_claimed(tmp_path: Path) -> None:
    path = tmp_path / "a.csv"
    path.write_text("a,b\n1,2\n3,4\n")
    data = open_data(path)
    path.write_text("a,b\n1,2\n3,4\n5,6\n")
    assert data.table.source.sha256 == ""
    assert take_in(data).file.rows == 2


def test_what_intake_says_is_what_it_said(tmp_path: Path) -> None:
    messy = tmp_path / "messy.csv"
    messy.write_text(MESSY, encoding="utf-8")
    told, values = "", {}
    for path in (LEARNERS, SESSIONS, messy):
        data = open_data(path)
        intake = take_in(data)
        told += f"## {path.name}\n\n{render_intake(intake, 'txt').decode()}\n"
        printed = {ending: digest(render_intake(intake, ending).decode()) for ending in ("json", "html")}
        values[path.name] = printed | {"codebook": digest(render_codebook(data, ".csv").decode())}
    same("intake.txt", told)
    same_values("intake.json", values)


def test_what_is_seen_of_all_columns_at_once_is_what_is_found_one_by_one(
    monkeypatch: pytest.MonkeyPatch, tmp_path: Path
) -> None:
    rng = np.random.default_rng(8)
    n = 240
    columns = {
        "id": np.arange(n) + 1,
        "age": np.where(rng.uniform(size=n) < 0.02, 999, rng.integers(18, 80, n)),
        "likes": rng.integers(1, 6, n),
        "visits": np.where(rng.uniform(size=n) < 0.3, 0, rng.poisson(4, n)),
        "income": np.round(np.exp(rng.normal(7, 1, n)), 2),
        "two": np.round(np.where(rng.uniform(size=n) < 0.5, rng.normal(0, 1, n), rng.normal(7, 1, n)), 3),
        "height": np.round(np.where(rng.uniform(size=n) < 0.03, 100, 1) * rng.normal(1.7, 0.1, n), 2),
        "year": rng.integers(1990, 2020, n),
        "far": np.where(np.arange(n) == 7, 5000.0, np.round(rng.normal(50, 5, n), 1)),
        "sex": rng.choice(["f", "m"], n),
    }
    path = tmp_path / "seen.csv"
    rows = zip(*(column.tolist() for column in columns.values()), strict=True)
    path.write_text("\n".join(",".join(map(str, row)) for row in (columns, *rows)) + "\n")
    told = [render_intake(take_in(open_data(path)), "txt")]
    for room in ("guess", "screening"):
        monkeypatch.setattr(f"istrel.data.{room}.look_over", lambda _columns: None)
    told.append(render_intake(take_in(open_data(path)), "txt"))
    assert told[0] == told[1]
    assert all(word in told[0].decode() for word in ("999", "humps", "skewed", "far from the rest", "another unit"))
