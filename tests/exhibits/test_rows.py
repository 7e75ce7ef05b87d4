"""What a row is: counted rows are the cases they stand for; persons in several rows are never taken for several persons."""

from __future__ import annotations

import json
from collections.abc import Callable, Iterator
from dataclasses import replace
from fractions import Fraction
from typing import Any

import numpy as np
import pytest
from scipy import stats

from depth import DEEP, some
from every_sentence import with_counts
from istrel import cli
from istrel.data import spread
from istrel.data.codebook import Codebook, MissingCode
from istrel.data.dataset import Dataset
from istrel.data.rows import ROLES, Rows
from istrel.data.series import series_in
from istrel.exhibits.make import as_asked
from istrel.exhibits.printing import print_title
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.sentence import request_of
from istrel.study.opening import Opening
from istrel.style.house import HouseStyle
from made import make_exhibit
from rows import counted, pupils, visits, wide

Maker = Callable[..., Dataset]
SENTENCES = (
    "describe x, o, g across h with total, difference, test",
    "describe x across g with median, iqr, test = ranks",
    "describe x, o with kurtosis, mode, lowest, outliers",
    "describe x, o across g with outliers, fences = 0.1",
    "describe x across g as boxes with fences = 0.1",
    "check x, o across h",
    "count g against h across o",
    "count x with bins = 3, hide_below = 5",
    "count o across g with total",
    "check x, o across h",
    "relate x, o, g with method = fitting",
    "relate x, o with method = kendall",
    "describe x across g as boxes",
    "describe x as density",
    "describe x across h as histogram with curve = both",
    "relate x, o as scatter with fit = straight",
    "count g × h as bars",
    "count o, g × h across g, h with total, missing = show",
    "count o against g with percent = row, hide_below = 5",
    "count g across h with intervals, hide_below = 4",
    "count g across h as shares",
    "count g against h as heat map",
    "count g, (x > 3) with order = frequency, top = 2",
    "count g against {a 2, b 1, c 1}",
    "count all categories with order = label",
)
BY_VALUE = (
    "describe x, o, g across h with total, difference, test, missing = show",
    "describe x, o across g with statistics = {n, median, median_ci, trimmed_mean, mad, mean_abs_dev, mode, lowest}, test",
    "describe x, o across g with skewness, kurtosis, geometric_mean, harmonic_mean, p5, p90, cv, pairs",
    "describe x across h with median, iqr, test = ranks, difference",
    "describe x across h with test = ranks, hide_below = 5",
    "describe x against 1.5",
    "describe x across g against 2 with median",
    "describe x, z as density",
    "describe x, z as boxes with points",
    "describe x, z as cumulative",
    "describe x across g as points",
    "describe x across h as violins with bandwidth_rule = sheather-jones, points",
    "describe x, o across h as histogram with curve = normal",
    "describe x as histogram with rule = doane",
    "describe x across g as means",
    "describe x, o across h as density with bandwidth_rule = scott, weight = size",
    "describe x as density with cumulative, log = x",
    "describe x across h as cumulative with intervals",
    "describe x, o across g with outliers, highest, fences = 0.5",
    "describe x across g with outliers, outliers_by = robust",
    "describe x across g as boxes with fences = 0.5, mark = mean",
    "describe x across g × h as boxes with whiskers = percentiles, weight = size",
    "describe x as boxes with whiskers = range",
    "describe x across h as violins with mark = mean",
    "check x, o across g with adjust = holm, total",
    "check x, o",
    "check x, o across h with hide_below = 3",
    "check x across h as quantile plot",
    "check x as quantile plot with band = simultaneous",
    "check x, o as scale",
    "check x, o, x + o across h as scale",
    "relate x, o across h given z with total",
    "relate x, o across g given z with method = spearman",
    "relate x, z across h with agreement",
    "relate (x > 2), (o > 3) across h with agreement",
    "relate x, o as scatter with bins = 4, fit = straight",
    "relate x, o across h as scatter with fit = smooth, minimum = 2, hide_below = 3",
    "relate x, o, z as grid with bins = 4, fit = straight",
    "describe x as histogram with log = x, curve = both",
    "describe x across h as histogram with curve = density",
    "describe x, o across h as line",
    "describe x across o × h as line with moving = 3",
    "relate o, x across h as line",
    "describe x, g, took_tea as missing map with sort",
    "describe x, g, took_tea as missing map",
    "relate x, z as scatter with agreement",
    "relate x, z as scatter with bins = 4, points",
    "count x, g as flow",
    "count x among x > 1 across h as flow",
    "count x against h with bins = 3, residuals",
    "count took across h with intervals, order = frequency",
    "count took against g",
    "count x across h with bins = 3, hide_below = 5",
    "count x, o across g with rule = scott, classes, total",
    "relate x, o, g across h with method = fitting, total",
    "relate x, o across g with method = spearman, deletion = pairwise, difference",
    "relate x, o with method = kendall, adjust = holm",
    "relate x, o, g, h as heat map",
)
OF_ROWS = ("remarks", "rows", "lowest", "highest", "outliers", "outside", "remote", "provenance", "cells", "notes")


def without_rows(part: Any) -> Any:
    """All that does not name a row of the file."""
    if isinstance(part, dict):
        return {key: without_rows(value) for key, value in part.items() if key not in OF_ROWS}
    return [without_rows(value) for value in part] if isinstance(part, list) else part


def leaves(part: Any) -> Iterator[Any]:
    """All that stands in a part, one by one."""
    if isinstance(part, dict):
        part = [thing for pair in part.items() for thing in pair]
    if not isinstance(part, list):
        yield part
        return
    for one in part:
        yield from leaves(one)


def content(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, Any]:
    made: dict[str, Any] = json.loads(render(Document(numbered([make_exhibit(sentence, data)]), style), "json"))
    return made


@pytest.mark.parametrize("sentence", SENTENCES)
def test_counted_rows_are_the_cases_they_stand_for(sentence: str, data_of: Maker, style: HouseStyle) -> None:
    for seed in range(3):
        short, spread = counted(seed=seed)
        whole = data_of(spread)
        data = with_counts(data_of(short))
        for name in whole.codebook.names:  # levels are guessed from fewer rows
            level = whole.codebook[name].level
            line = replace(data.codebook[name], level=level)
            data = Dataset(data.table, data.codebook.with_variable(line))
        one, other = content(sentence, data, style), content(sentence, whole, style)
        assert without_rows(one) == without_rows(other)
        if "lowest" not in sentence:
            assert one["sheet"]["rows"] == other["sheet"]["rows"]
        counts = [int(line.rpartition(",")[2]) for line in short.split()[1:]]
        rows = None if "hide_below" in sentence else sum(count > 0 for count in counts)
        assert (one["cases"]["used"], one["cases"]["rows"]) == (sum(counts), rows)


def in_one_unit(data: Dataset) -> Dataset:
    """The data with two columns that share an axis."""
    lines = (replace(line, unit="min" if line.name in "xz" else "") for line in data.codebook.variables)
    return Dataset(data.table, replace(data.codebook, variables=tuple(lines)))


@pytest.mark.parametrize("sentence", BY_VALUE)
def test_what_follows_from_how_often_values_occur_is_the_same_spread_out_or_not(
    sentence: str, data_of: Maker, style: HouseStyle, monkeypatch: pytest.MonkeyPatch
) -> None:
    for seed in range(2 if DEEP else 1):
        short, _ = counted(rows=20, seed=seed)
        head, *lines = short.replace("\n", "\n,3,c,x,2\n", 1).splitlines()
        bits = ("1,0,0", "0,1,1", "1,1,0", ",,", "0,0,0")
        lines = [f"{(7 * k) % 11 / 4},{bits[k % 5]},{line}" for k, line in enumerate(lines)]
        short = "\n".join([f"z,took_tea,took_milk,took_salt,{head}", *lines, ""])
        one = content(sentence, in_one_unit(with_counts(data_of(short))), style)
        monkeypatch.setattr(spread, "WORTH_COUNTING", 0)
        whole = in_one_unit(with_counts(data_of(short)))
        assert as_asked(request_of(sentence, whole.codebook), whole, None).times is not None
        other = content(sentence, whole, style)
        assert one["sheet"]["rows"] == other["sheet"]["rows"]
        numbers, others = (list(leaves(without_rows(found))) for found in (one, other))
        assert numbers == [pytest.approx(n, rel=1e-11) if isinstance(n, float) else n for n in others]
        monkeypatch.undo()


@pytest.mark.parametrize("seed", some(range(4), 1))
def test_a_thousand_million_cases_are_counted_as_one_is(seed: int, data_of: Maker, style: HouseStyle) -> None:
    short, _ = counted(seed=seed)
    rows = [line.rpartition(",") for line in short.split()[1:]]
    many = "".join(f"{cells},{int(count) * 10**9}\n" for cells, _, count in rows)
    data, large = (with_counts(data_of(text)) for text in (short, f"{short.split()[0]}\n{many}"))
    once, more = (content("count g against h", one, style)["results"][0] for one in (data, large))
    assert more["counts"] == [[10**9 * n for n in row] for row in once["counts"]]
    plain, scaled = (cell["tests"]["chi_square"] for cell in (once, more))
    assert scaled["statistic"] == pytest.approx(1e9 * plain["statistic"], rel=1e-12)
    closely, still = (content("relate x, o", one, style)["results"][0]["pairs"][0] for one in (data, large))
    assert (still["coefficient"], still["n"]) == (
        pytest.approx(closely["coefficient"], abs=1e-13),
        closely["n"] * 10**9,
    )
    for sentence in (
        "describe x as points",
        "describe x as boxes",
        "check x, o",
        "check x as quantile plot",
        "relate x, o as scatter with fit = smooth",
    ):
        assert content(sentence, large, style)["results"]
    found = content("describe x with statistics = {n, mean, sd, median, p10}", large, style)["results"][0]["statistics"]
    cells = [(Fraction(line[0].split(",")[0]), int(line[2]) * 10**9) for line in rows]
    n = sum(times for _, times in cells)
    mean = sum(x * times for x, times in cells) / Fraction(n)
    squares = sum((x - mean) ** 2 * times for x, times in cells)
    assert (found["n"], found["mean"]) == (n, pytest.approx(float(mean), rel=1e-15))
    assert found["sd"] == pytest.approx(float(squares / (n - 1)) ** 0.5, rel=1e-14)
    upto = [sum(times for y, times in cells if y <= x) for x, _ in cells]
    for share, key in ((Fraction(1, 2), "median"), (Fraction(1, 10), "p10")):
        assert found[key] == min(float(x) for (x, _), m in zip(cells, upto, strict=True) if m > share * (n - 1))


def test_rows_of_counted_cases_are_those_of_the_file(data_of: Maker, style: HouseStyle) -> None:
    data = with_counts(data_of("x,Freq\n5,2\n1,3\n9,1\n90,2\n4,0\n"))
    found = content("describe x with lowest, highest, outliers", data, style)["results"][0]["statistics"]
    assert found["lowest"] == [[1, 2], [1, 2], [1, 2], [5, 1], [5, 1]]
    assert found["outliers"] == [[90, 4], [90, 4]]


@pytest.mark.parametrize(("bad", "says"), [("-1", "row 2"), ("1.5", "row 2"), ("", "row 2"), ("x", "row 2")])
def test_what_is_no_count_is_told_and_nothing_is_computed(bad: str, says: str, data_of: Maker) -> None:
    rows = "".join(f"{k},{k}\n" for k in range(3, 9))
    with pytest.raises(Problem, match=says):
        make_exhibit("describe x", with_counts(data_of(f"x,Freq\n1,2\n2,{bad}\n{rows}")))


def table(text: str, column: str, by: str, labels: tuple[str, ...]) -> np.ndarray[Any, Any]:
    """(persons with a value on each occasion, occasions) of a column, made by hand from the text."""
    head, *lines = (line.split(",") for line in text.split())
    found: dict[tuple[str, str], str] = {
        (cells[0], cells[head.index(by)]): cells[head.index(column)] for cells in lines if cells[head.index(column)]
    }
    persons = dict.fromkeys(cells[0] for cells in lines)
    whole = [[found[p, t] for t in labels] for p in persons if all((p, t) in found for t in labels)]
    return np.array(whole)


def difference(sentence: str, text: str, data_of: Maker, style: HouseStyle) -> list[dict[str, Any]]:
    found: list[dict[str, Any]] = content(f"{sentence} with difference, test", data_of(text), style)["differences"]
    return found


@pytest.mark.parametrize("seed", range(4))
def test_two_occasions_are_compared_within_persons(seed: int, data_of: Maker, style: HouseStyle) -> None:
    from scipy import stats

    text = visits(seed=seed)
    score = table(text, "score", "time", ("before", "after")).astype(float)
    ok = table(text, "ok", "time", ("before", "after")) == "yes"
    mean, standardized = difference("describe score across time", text, data_of, style)
    known = stats.ttest_rel(score[:, 0], score[:, 1])
    assert (mean["measure"], mean["test"], mean["paired"], mean["persons"]) == (
        "mean_difference",
        "paired_t",
        True,
        len(score),
    )
    assert [mean["statistic"], mean["p"], mean["low"], mean["high"]] == pytest.approx(
        [known.statistic, known.pvalue, *known.confidence_interval()], rel=1e-10
    )
    assert standardized["value"] == pytest.approx(
        (1 - 3 / (4 * (len(score) - 1) - 1)) * known._estimate / np.sqrt(score.var(axis=0, ddof=1).mean())
    )
    assert (mean["low"] > 0 or mean["high"] < 0) == (standardized["low"] > 0 or standardized["high"] < 0)
    (ranks,) = content("describe score across time with median, test = ranks", data_of(text), style)["differences"]
    changes = score[:, 0] - score[:, 1]
    tied = np.unique(np.abs(changes)).size < changes.size
    known = stats.wilcoxon(
        changes, method="asymptotic" if tied or (changes == 0).any() else "exact", zero_method="pratt", correction=False
    )
    assert (ranks["test"], ranks["p"]) == ("signed_ranks", pytest.approx(known.pvalue, rel=1e-9))
    (shares,) = difference("describe ok across time", text, data_of, style)
    moved = int((ok[:, 0] & ~ok[:, 1]).sum()), int((~ok[:, 0] & ok[:, 1]).sum())
    assert (shares["measure"], shares["test"]) == ("risk_difference", "mcnemar")
    assert shares["p"] == pytest.approx(stats.binomtest(moved[0], sum(moved)).pvalue)
    assert shares["value"] == pytest.approx((moved[0] - moved[1]) / len(ok))


@pytest.mark.parametrize("seed", range(3))
def test_more_occasions_are_compared_within_persons(seed: int, data_of: Maker, style: HouseStyle) -> None:
    from scipy import stats

    times = ("one", "two", "three")
    text = visits(times, seed=seed)
    score, rating = (table(text, name, "time", times).astype(float) for name in ("score", "rating"))
    (f,) = difference("describe score across time", text, data_of, style)
    n, k = score.shape
    rows, columns = score.mean(axis=1, keepdims=True), score.mean(axis=0)
    between = n * ((columns - score.mean()) ** 2).sum()
    error = ((score - rows - columns + score.mean()) ** 2).sum()
    assert f["statistic"] == pytest.approx(between / (k - 1) / (error / ((n - 1) * (k - 1))))
    assert f["value"] == pytest.approx(between / ((score - score.mean()) ** 2).sum())
    s = np.cov(score, rowvar=False)
    epsilon = (k * (np.diag(s).mean() - s.mean())) ** 2 / (
        (k - 1) * ((s**2).sum() - 2 * k * (s.mean(axis=1) ** 2).sum() + k**2 * s.mean() ** 2)
    )
    assert [f["epsilon"], f["df"][0]] == pytest.approx([epsilon, (k - 1) * epsilon])
    assert f["p"] == pytest.approx(stats.f.sf(f["statistic"], *f["df"]))
    (ordered,) = difference("describe rating across time", text, data_of, style)
    known = stats.friedmanchisquare(*rating.T)
    assert (ordered["test"], ordered["measure"]) == ("friedman", "kendalls_w")
    assert [ordered["statistic"], ordered["p"]] == pytest.approx([known.statistic, known.pvalue])


def test_between_persons_their_means_are_compared_and_changes_between_groups(data_of: Maker, style: HouseStyle) -> None:
    from scipy import stats

    text = visits(gaps=False)
    score = table(text, "score", "time", ("before", "after")).astype(float)
    group = table(text, "group", "time", ("before", "after"))[:, 0]
    (means,) = difference("describe score across group", text, data_of, style)
    known = stats.ttest_ind(*(score.mean(axis=1)[group == g] for g in "ab"), equal_var=False)
    assert [means["statistic"], means["p"]] == pytest.approx([known.statistic, known.pvalue])
    assert (means["persons"], means["paired"]) == (24, False)
    (changes,) = difference("describe score across group × time", text, data_of, style)
    known = stats.ttest_ind(*((score[:, 1] - score[:, 0])[group == g] for g in "ab"), equal_var=False)
    assert changes["measure"] == "difference_in_changes"
    assert [changes["statistic"], changes["p"], changes["low"], changes["high"]] == pytest.approx(
        [known.statistic, known.pvalue, *known.confidence_interval()]
    )


@pytest.mark.parametrize(("groups", "occasions"), [(3, 2), (2, 3), (3, 4)])
def test_more_groups_or_occasions_have_the_f_of_their_interaction(
    groups: int, occasions: int, data_of: Maker, style: HouseStyle
) -> None:
    """Against least squares: persons and occasions alone, and with occasions of each group."""
    from scipy import stats

    rng = np.random.default_rng(groups * 10 + occasions)
    of_person = np.repeat(np.arange(groups), 5 + np.arange(groups))
    score = (
        rng.normal(size=(of_person.size, occasions)) + rng.normal(size=(of_person.size, 1)) + of_person[:, None] * 0.3
    )
    lines = [
        f"p{i},t{k},g{of_person[i]},{float(score[i, k])!r}\n" for i in range(of_person.size) for k in range(occasions)
    ]
    (f,) = difference(
        "describe score across group × time", "participant,time,group,score\n" + "".join(lines), data_of, style
    )
    person, time = (np.eye(n)[codes.ravel()] for n, codes in zip(score.shape, np.indices(score.shape), strict=True))
    group = np.eye(groups)[np.repeat(of_person, occasions)]
    both = np.einsum("ij,ik->ijk", group, time).reshape(score.size, -1)

    def left(*parts: np.ndarray[Any, Any]) -> float:
        design = np.hstack(parts)
        return float(((score.ravel() - design @ np.linalg.lstsq(design, score.ravel(), rcond=None)[0]) ** 2).sum())

    error, between, persons = left(person, both), left(person, time) - left(person, both), left(group) - left(person)
    df = (groups - 1) * (occasions - 1), (of_person.size - groups) * (occasions - 1)
    assert (f["test"], f["measure"], f["persons"]) == ("interaction_f", "interaction_eta_squared", of_person.size)
    assert f["statistic"] == pytest.approx(between / df[0] / (error / df[1]), rel=1e-10)
    assert f["value"] == pytest.approx(between / (between + error + persons), rel=1e-10)
    assert f["df"] == pytest.approx([d * f.get("epsilon", 1.0) for d in df])
    assert f["p"] == pytest.approx(stats.f.sf(f["statistic"], *f["df"]), rel=1e-9)
    if occasions == 2:
        known = stats.f_oneway(*((score[:, 0] - score[:, 1])[of_person == g] for g in range(groups)))
        assert [f["statistic"], f["p"]] == pytest.approx([known.statistic, known.pvalue], rel=1e-10)
        assert "epsilon" not in f


REFUSED = "several rows of one participant are not independent"


def test_an_identifier_that_repeats_gets_no_test_and_a_remark(data_of: Maker, style: HouseStyle) -> None:
    data = data_of(pupils())
    assert data.codebook.rows == Rows()
    (found,) = content("describe score across ok with difference, test", data, style)["differences"]
    assert (found["p"], found["low"], found["undefined"]["p"]) == (None, None, REFUSED)
    pair = content("relate score, other", data, style)["results"][0]["pairs"][0]
    assert (pair["p"], pair["low"]) == (None, None)
    assert content("count score against ok", data, style)["results"][0]["tests"]["chi_square"]["p"] is None
    tests = content("check score", data, style)["results"][0]["tests"]
    assert [test["p"] for test in tests.values()] == [None] * len(tests)
    assert tests["shapiro_wilk"]["statistic"] is not None
    for sentence in (
        "describe score across ok with test",
        "relate score, other",
        "count score against ok",
        "check score",
    ):
        assert any("rows" in str(note.says) for note in make_exhibit(sentence, data).margin), sentence
    # One row of each is no repetition.
    first = visits(gaps=False)
    one = content("relate score, rating across time", data_of(first), style)["results"][0]["pairs"][0]
    assert one["p"] is not None


def test_two_rows_of_a_person_on_one_occasion_are_not_paired(data_of: Maker, style: HouseStyle) -> None:
    text = visits()
    data = data_of(text + text.split("\n")[1].replace("before", "after") + "\n")
    data = Dataset(data.table, replace(data.codebook, rows=Rows("id", "time")))
    (found,) = content("describe score across time with test", data, style)["differences"]
    assert (found["p"], found["undefined"]["p"]) == (None, "one id has several rows in a group")


@pytest.mark.parametrize(
    ("text", "person", "occasion"),
    [
        (visits(), "id", "time"),
        (
            "firm,year,sales\n" + "".join(f"F{k // 5},{2000 + k % 5},{k * 37 % 101}\n" for k in range(60)),
            "firm",
            "year",
        ),
        (
            "patient_id;visit;bp\n" + "".join(f"{k // 3 + 100};{k % 3 + 1};{k * 7 % 40 + 90}\n" for k in range(45)),
            "patient_id",
            "visit",
        ),
        (pupils(), "", ""),
        ("id,week,x\n" + "".join(f"{k + 1},{k % 4},{k}\n" for k in range(40)), "", ""),  # nobody stands twice
        ("site,month,x\n" + "".join(f"s{k // 12},{k % 12 + 1},{k}\n" for k in range(36)), "", ""),  # no persons
    ],
)
def test_persons_and_occasions_are_guessed_from_the_data(text: str, person: str, occasion: str, data_of: Maker) -> None:
    rows = data_of(text).codebook.rows
    assert (rows.person, rows.occasion, rows.guessed) == (person, occasion, bool(person))


def test_the_command_line_says_what_a_row_is_and_refuses_what_cannot_be(
    tmp_path: Any, capsys: pytest.CaptureFixture[str]
) -> None:
    path = tmp_path / "t.csv"
    path.write_text("g,h,Freq\na,x,3\na,y,1\nb,x,2\nb,y,4\n")
    assert cli.main(["make", str(path), "count g against h", "--counted", "Freq", "--to", "json"]) == 0
    found = json.loads(capsys.readouterr().out)
    assert (found["cases"], found["results"][0]["counts"]) == (
        {"total": 10, "used": 10, "rows": 4, "condition": ""},
        [[3, 1], [2, 4]],
    )
    assert cli.main(["look", str(path), "--to", "json"]) == 0
    kinds = {finding["kind"]: finding["remedy"] for finding in json.loads(capsys.readouterr().out)["findings"]}
    assert kinds["counted_rows"] == "each row stands for Freq cases"
    assert cli.main(["codebook", str(path), "--counted", "Freq", "-o", str(tmp_path / "b.csv")]) == 0
    assert cli.main(["look", str(path), "--codebook", str(tmp_path / "b.csv"), "--to", "json"]) == 0
    capsys_out = json.loads(capsys.readouterr().out)
    assert capsys_out["rows_are"] == {**dict.fromkeys(ROLES), "counted": "Freq", "guessed": False}
    for wrong, says in (
        (["--counted", "g"], "holds no numbers"),
        (["--counted", "Frq"], "There is no variable “Frq”"),
        (["--occasion", "h"], "say who the person is"),
        (["--person", "g", "--occasion", "g"], "one role"),
        (["--person", "g", "--counted", "Freq"], "cannot be both"),
    ):
        assert cli.main(["make", str(path), "count g", "--to", "md", *wrong]) == 2
        assert says in capsys.readouterr().err


@pytest.mark.parametrize("seed", range(3))
def test_relations_within_and_between_persons(seed: int, data_of: Maker, style: HouseStyle) -> None:
    from scipy import stats

    text = visits(("one", "two", "three"), seed=seed)
    rows = [line.split(",") for line in text.split()[1:]]
    rows = [row for row in rows if row[4]]
    x, y = (np.array([float(row[k]) for row in rows]) for k in (3, 4))
    persons = np.array([int(row[0]) for row in rows])
    dummies = (persons[:, None] == np.unique(persons)).astype(float)
    left = [v - dummies @ np.linalg.lstsq(dummies, v, rcond=None)[0] for v in (x, y)]
    free = len(rows) - dummies.shape[1] - 1
    pair = content("relate score, rating with within", data_of(text), style)["results"][0]["pairs"][0]
    r = float(np.corrcoef(*left)[0, 1])
    assert [pair["coefficient"], pair["n"], pair["df"]] == [pytest.approx(r), len(rows), free]
    assert pair["p"] == pytest.approx(2 * stats.t.sf(abs(r) * np.sqrt(free / (1 - r * r)), free))
    pair = content("relate score, rating with between, method = spearman", data_of(text), style)["results"][0]["pairs"][
        0
    ]
    whole = [line.split(",") for line in text.split()[1:]]
    score = {
        p: np.mean([float(row[3]) for row in whole if row[0] == p]) for p in dict.fromkeys(row[0] for row in whole)
    }
    rating = {p: np.mean([float(row[4]) for row in whole if row[0] == p and row[4]]) for p in score}
    known = stats.spearmanr(list(score.values()), list(rating.values()))
    assert [pair["coefficient"], pair["n"]] == [pytest.approx(known.statistic), len(score)]


@pytest.mark.parametrize(
    ("sentence", "says"),
    [
        ("relate score, ok with within", "holds words"),
        ("relate score, rating with within, method = kendall", "Pearson’s r is defined"),
        ("relate score, rating given same with between", "not computed together"),
        ("relate score, rating with within, between", "decide the same thing"),
    ],
)
def test_what_is_not_defined_within_persons_is_refused_by_name(sentence: str, says: str, data_of: Maker) -> None:
    with pytest.raises(Problem, match=says):
        make_exhibit(sentence, data_of(visits()))
    with pytest.raises(Problem, match="whose rows these are"):
        make_exhibit("relate score, other with within", data_of(pupils()))


def test_the_intraclass_correlation_is_that_of_one_way_analysis(data_of: Maker, style: HouseStyle) -> None:
    from scipy import stats

    text = visits(("one", "two", "three"), gaps=False)
    x = table(text, "score", "time", ("one", "two", "three")).astype(float)
    n, k = x.shape
    between, within = k * x.mean(axis=1).var(ddof=1), x.var(axis=1, ddof=1).mean()
    found = content("describe score with icc, icc_low, icc_high", data_of(text), style)["results"][0]["statistics"]
    f = between / within
    low, high = f / stats.f.ppf(0.975, n - 1, n * (k - 1)), f * stats.f.ppf(0.975, n * (k - 1), n - 1)
    wanted = [(end - 1) / (end + k - 1) for end in (f, low, high)]
    assert [found["icc"], found["icc_low"], found["icc_high"]] == pytest.approx(wanted)
    alone = content("describe score with icc", data_of(pupils()), style)["results"][0]
    assert alone["undefined"]["icc"] == "nobody is said to have several rows"


@pytest.mark.parametrize(
    "sentence",
    [
        "describe score, rating across {time} with difference, test",
        "describe score across {time} with median, difference, test = ranks",
        "describe score across group × {time} with difference, test",
        "describe score across group with difference, test",
        "relate score, rating with within, intervals",
        "count rating across {time}",
        "describe score across {time} as boxes",
        "describe score among group = a with icc, mean",
    ],
)
def test_long_and_wide_give_the_same(sentence: str, data_of: Maker, style: HouseStyle) -> None:
    text = visits(("t1", "t2"), gaps=False)
    long, across = data_of(text), data_of(wide(text))
    one, other = (
        content(sentence.format(time=time), data, style) for time, data in (("time", long), ("occasion", across))
    )
    assert json.dumps(without_rows([one["results"], one.get("differences")])).replace(
        '"time"', '"occasion"'
    ) == json.dumps(without_rows([other["results"], other.get("differences")]))
    assert one["cases"]["persons"] == other["cases"]["persons"] in (12, 24)


def test_rows_of_occasions_are_those_of_the_file(data_of: Maker, style: HouseStyle) -> None:
    data = data_of("x_pre,x_post\n" + "".join(f"{k},{k + 1 if k != 3 else 900}\n" for k in range(1, 12)))
    found = content("describe x across occasion with highest", data, style)["results"][1]
    assert (found["groups"], found["statistics"]["highest"][0]) == ({"occasion": "post"}, [900, 3])


@pytest.mark.parametrize(
    ("columns", "series"),
    [
        ("score_pre,score_post", [("score", ("score_pre", "score_post"), ("pre", "post"))]),
        ("post_bp,pre_bp", [("bp", ("pre_bp", "post_bp"), ("pre", "post"))]),
        ("x.t10,x.t2,x.t1", [("x", ("x.t1", "x.t2", "x.t10"), ("t1", "t2", "t10"))]),
        ("mot_01,mot_02,mot_03", []),  # items of a scale
        ("score_pre,score,score_post", []),  # a variable of that name is there already
        ("apre,apost", []),
    ],
)
def test_series_are_guessed_by_names(columns: str, series: list[tuple[str, ...]], data_of: Maker) -> None:
    names = columns.split(",")
    rows = "".join(",".join(f"{k * 7 % 13 + place + 0.5}" for place in range(len(names))) + "\n" for k in range(20))
    data = data_of(f"{columns}\n{rows}")
    assert [(one.name, one.columns, one.occasions) for one in series_in(data.codebook, data.table)] == series


@pytest.mark.parametrize(
    ("labels", "called"),
    [
        (("First receptive score", "Final receptive score"), "Receptive score"),
        (("Score at week 1", "Score at week 4"), "Score"),
        (("Pain before", "Pain after"), "Pain"),
        (("Pain", "Pain"), "Pain"),
        (("Pain (now)", "Joy (now)"), "x"),
        (("Pain", ""), "x"),
    ],
)
def test_a_measure_is_called_what_its_labels_have_in_common(
    labels: tuple[str, str], called: str, data_of: Maker, style: HouseStyle
) -> None:
    data = data_of("x_pre,x_post\n" + "".join(f"{k}.5,{k * 7 % 12}.5\n" for k in range(12)))
    lines = [replace(line, label=label) for line, label in zip(data.codebook.variables, labels, strict=True)]
    sheet = make_exhibit("describe x across occasion", replace(data, codebook=Codebook(tuple(lines)))).sheet
    assert print_title(sheet, style).casefold() == f"descriptive statistics of {called} by occasion".casefold()


NUMBERS = "".join(f"{k},{k * 5 % 19},{k * 7 % 19},{k * 3 % 19},{k * 2 % 19},{k % 7}.5\n" for k in range(1, 20))


@pytest.mark.parametrize(
    ("sentence", "says"),
    [
        ("describe x, z across occasion", "“z” has no occasions"),
        ("describe x, y across occasion", "have other occasions"),
        ("describe x, all measured across occasion", "name it alone"),
        ("describe x across occasion with hide_below = 5", "Small counts are not hidden"),
    ],
)
def test_what_has_no_occasions_is_not_mixed_with_what_has(sentence: str, says: str, data_of: Maker) -> None:
    with pytest.raises(Problem, match=says):
        make_exhibit(sentence, data_of(f"case,x_pre,x_post,y_t1,y_t2,z\n{NUMBERS}"))


def test_columns_are_no_series_where_they_do_not_mean_the_same(data_of: Maker, style: HouseStyle) -> None:
    apart = data_of("x_pre,x_post\n" + "".join(f"{k},{1000 + k}\n" for k in range(20)))  # not one scale
    with pytest.raises(Problem, match="no variable"):
        make_exhibit("describe x across occasion", apart)
    data = data_of(f"case,x_pre,x_post,y_t1,y_t2,z\n{NUMBERS}")
    coded = data.codebook.with_variable(replace(data.codebook["x_pre"], missing_codes=(MissingCode(4.0),)))
    with pytest.raises(Problem, match="“4” means no answer in “x_pre” and is an answer in “x_post”"):
        make_exhibit("describe x across occasion", Dataset(data.table, coded))
    found = content("describe x across occasion among x_pre > 9 with mean", data, style)
    kept = [row for row in (line.split(",") for line in NUMBERS.split()) if int(row[1]) > 9]
    assert (found["cases"]["total"], found["cases"]["used"]) == (19, len(kept))
    assert [one["statistics"]["mean"] for one in found["results"]] == pytest.approx(
        [np.mean([int(row[k]) for row in kept]) for k in (1, 2)]
    )


@pytest.mark.parametrize(
    "sentence",
    [
        "describe score, ok across time with difference, test, hide_below = 3",
        "describe score across group with difference, test, hide_below = 3",
        "count ok across time with hide_below = 3",
        "relate score, rating across time with hide_below = 3",
    ],
)
def test_where_counts_are_hidden_nothing_tells_how_many_persons_came_twice(
    sentence: str, data_of: Maker, style: HouseStyle
) -> None:
    made = content(sentence, data_of(visits()), style)
    assert "persons" not in json.dumps(made)
    assert (made["cases"]["rows"], " in 4" in " ".join(made["notes"])) == (None, False)
    assert all(entry["p"] is None and entry["df"] == [] for entry in made.get("differences", ()))
    with pytest.raises(Problem, match="how many persons"):
        make_exhibit("relate score, rating with within, hide_below = 3", data_of(visits()))


@pytest.mark.parametrize("occasion", ["t", ""])
@pytest.mark.parametrize("seed", range(2))
def test_trials_of_a_person_are_averaged_before_they_are_compared(
    seed: int, occasion: str, data_of: Maker, style: HouseStyle
) -> None:
    rng = np.random.default_rng(seed)
    x = rng.normal(500, 60, (12, 2, 5)) + rng.normal(0, 40, (12, 1, 1))
    lines = [
        f"{p},{'uv'[c]},{t},{x[p, c, t]:.1f}"
        for p in range(12)
        for c in range(2)
        for t in range(5)
        if rng.random() > 0.1
    ]
    data = data_of("p,c,t,x\n" + "\n".join(lines) + "\n", Opening(rows=Rows(person="p", occasion=occasion)))
    found, *_ = content("describe x across c with mean, difference, test", data, style)["differences"]
    means = [
        [np.mean([float(r.split(",")[3]) for r in lines if r.startswith(f"{p},{c},")]) for c in "uv"] for p in range(12)
    ]
    first, second = np.array(means).T
    assert (found["test"], found["persons"]) == ("paired_t", 12)
    assert found["value"] == pytest.approx((first - second).mean())
    assert found["p"] == pytest.approx(stats.ttest_rel(first, second).pvalue, rel=1e-9)
    exhibit = make_exhibit("describe x across c with mean, difference", data)
    assert any("averaged first" in note for note in content(exhibit.sentence, data, style)["notes"])
    by_t = content("describe x across t with mean, test", data, style)["differences"][0]
    assert (by_t["p"] is None) == bool(occasion)  # on one occasion a person stands twice
