"""Columns of one unit in one figure: they stand where groups would, and what is said of each is said of the column."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np
import pytest

from istrel.data.dataset import Dataset, rows_of
from istrel.data.levels import Level
from istrel.data.rows import Rows
from istrel.exhibits.behind import mask_of
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text
from istrel.problem import Problem
from istrel.sentence.vocabulary import FORMS
from istrel.style.house import HouseStyle
from made import make_exhibit

TOGETHER = [name for name, form in FORMS.items() if form.together]


@pytest.fixture
def trips(data_of: Callable[..., Dataset]) -> Dataset:
    """Minutes there and back, of two kinds of days; the third column has another unit."""
    rng = np.random.default_rng(3)
    rows = [
        f"{rng.normal(40, 6):.1f},{'' if k % 9 == 0 else f'{rng.normal(48, 9):.1f}'},{k},{'xy'[k % 2]}"
        for k in range(50)
    ]
    data = data_of("there,back,cost,day\n" + "\n".join(rows) + "\n")
    book = data.codebook
    for name, unit in (("there", "min"), ("back", "min"), ("cost", "€")):
        book = book.with_variable(replace(book[name], unit=unit, label=f"Way {name}", level=Level.CONTINUOUS))
    return Dataset(data.table, book)


def sheet_of(exhibit: Exhibit) -> FigureSheet:
    assert isinstance(exhibit.sheet, FigureSheet)
    return exhibit.sheet


@pytest.mark.parametrize("form", TOGETHER)
def test_columns_of_one_unit_share_an_axis(form: str, trips: Dataset, style: HouseStyle) -> None:
    made, alone = (make_exhibit(f"describe {names} as {form}", trips) for names in ("there, back", "there"))
    assert len(made.result.drawings) == 2
    axes = {
        (panel.x.low, panel.x.high) if not panel.x.places else (panel.y.low, panel.y.high)
        for panel in sheet_of(made).panels
    }
    assert len(axes) == 1
    said = plain_text(sheet_of(made).alt, style)
    assert "Way there, n = 50" in said
    assert "Way back, n = 44" in said
    assert "missing: Way back 6" in " ".join(plain_text(note.text, style) for note in sheet_of(made).notes)
    assert made.result.cells[0].statistics == alone.result.cells[0].statistics
    text = plain_text(made.text, style)
    assert text.index("Way back") < text.index("lay above") < text.index("Way there")
    assert len(make_exhibit(f"describe there, back across day as {form}", trips).result.drawings) == 4
    assert len(sheet_of(make_exhibit(f"describe there, cost as {form}", trips)).panels) == 2


def test_a_click_finds_the_cases_of_the_column(trips: Dataset) -> None:
    exhibit = make_exhibit("describe there, back as histogram with bins = 5", trips)
    plan = exhibit.drawn_plan
    for name, panel in zip(("there", "back"), sheet_of(exhibit).panels, strict=True):
        values, seen = trips.numbers(name), []
        for item in (item for mark in panel.marks for item in getattr(mark, "items", ())):
            if item.behind is not None:
                seen += rows_of(plan.cases.mask & mask_of(item.behind, plan.data), plan.data.origin)
        assert sorted(seen) == (np.flatnonzero(values.valid) + 1).tolist()


@pytest.mark.parametrize(
    ("sentence", "rows"),
    [
        ("describe x_pre as boxes", Rows()),
        ("describe x_pre, x_post as boxes", Rows()),
        ("describe x across occasion as boxes", Rows()),
        ("describe x across occasion as points", Rows()),
        ("describe x_post as boxes", Rows(counted="n")),
    ],
)
@pytest.mark.parametrize("known", [True, False])
def test_a_dot_bears_the_name_of_its_own_case(
    sentence: str, rows: Rows, known: bool, data_of: Callable[..., Dataset], style: HouseStyle
) -> None:
    lines = [f"s{900 - k},{k % 5 + 30 * (k == 7)}.5,{k % 4 + 40 * (k == 9)}.5,{1 + k % 3}" for k in range(20)]
    data = data_of("id,x_pre,x_post,n\n" + "\n".join(lines) + "\n")
    book = data.codebook.with_variable(replace(data.codebook["id"], in_use=known, level=Level.IDENTIFIER))
    for name in ("x_pre", "x_post"):
        book = book.with_variable(replace(book[name], unit="s", level=Level.CONTINUOUS))
    exhibit = make_exhibit(sentence, Dataset(data.table, replace(book, rows=rows)))
    items = [i for panel in sheet_of(exhibit).panels for mark in panel.marks for i in getattr(mark, "items", ())]
    named = {plain_text(i.words, style).split(":")[0]: i.behind.rows[0] for i in items if i.behind and i.behind.rows}
    assert named
    assert named == {f"s{901 - row}" if known else f"case {row}": row for row in named.values()}


@pytest.mark.parametrize(
    ("sentence", "drawn", "panels"),
    [
        ("as density", 2, 1),
        ("as density with arrange = panels", 2, 2),
        ("as histogram with arrange = beside", 2, 1),
        ("as cumulative with hide_below = 3", 2, 2),
        ('among day = "x" as boxes', 2, 1),
    ],
)
def test_how_they_are_arranged(sentence: str, drawn: int, panels: int, trips: Dataset) -> None:
    made = make_exhibit(f"describe there, back {sentence}", trips)
    assert (len(made.result.drawings), len(sheet_of(made).panels)) == (drawn, panels)


@pytest.mark.parametrize(("groups", "title"), [(6, "g"), (7, "g (n = 3 each)")])
def test_one_n_of_many_places_is_said_once(
    groups: int, title: str, data_of: Callable[..., Dataset], style: HouseStyle
) -> None:
    data = data_of("x,g\n" + "".join(f"{k}.5,g{k % groups}\n" for k in range(3 * groups)))
    panel = sheet_of(make_exhibit("describe x across g as boxes", data)).panels[0]
    assert plain_text(panel.x.title, style) == title
    assert ("n = 3" in plain_text(panel.x.places[0][1], style)) == (groups == 6)


@pytest.mark.parametrize(
    ("sentence", "says"),
    [
        ("there, cost as density with arrange = overlaid", "not measured in one unit"),
        ("there, day as density with arrange = overlaid", "“day” "),
        ("there, back as density with arrange = overlaid, hide_below = 5", "cannot be hidden"),
    ],
)
def test_what_shares_no_axis_has_no_arrangement(sentence: str, says: str, trips: Dataset) -> None:
    with pytest.raises(Problem, match=says):
        make_exhibit(f"describe {sentence}", trips)


def test_a_column_may_be_called_as_the_columns_are(data_of: Callable[..., Dataset]) -> None:
    data = data_of("variable,measure\n" + "".join(f"{k}.5,{k * 2}.5\n" for k in range(9)))
    book = data.codebook
    for name in book.names:
        book = book.with_variable(replace(book[name], unit="s", level=Level.CONTINUOUS))
    made = make_exhibit("describe variable, measure as boxes", Dataset(data.table, book))
    assert [len(made.result.drawings), len(sheet_of(made).panels)] == [2, 1]


@pytest.mark.parametrize("rows", [Rows(weight="w"), Rows(counted="n")])
def test_weighted_and_counted_columns_share_an_axis(rows: Rows, data_of: Callable[..., Dataset]) -> None:
    data = data_of("a,b,w,n\n" + "".join(f"{k}.5,{k * 2}.5,{1 + k % 3}.5,{k % 4}\n" for k in range(12)))
    book = data.codebook
    for name in ("a", "b"):
        book = book.with_variable(replace(book[name], unit="s", level=Level.CONTINUOUS))
    data = Dataset(data.table, replace(book, rows=rows))
    for form in (one for one in TOGETHER if one != "violins" or rows.counted):  # not drawn under weights
        both = make_exhibit(f"describe a, b as {form}", data)
        for place, name in enumerate("ab"):
            alone = make_exhibit(f"describe {name} as {form}", data)
            assert both.result.drawings[place].n == alone.result.drawings[0].n
            assert both.result.cells[place].statistics == alone.result.cells[0].statistics


@pytest.mark.parametrize("form", ["table", "density"])
def test_two_columns_are_compared_case_by_case_in_words(form: str, trips: Dataset, style: HouseStyle) -> None:
    there, back = (trips.numbers(name) for name in ("there", "back"))
    both = there.valid & back.valid
    changes = back.values[both] - there.values[both]
    reach = 2.016692 * changes.std(ddof=1) / np.sqrt(changes.size)  # t of 43 degrees of freedom, 97.5 %
    text = plain_text(make_exhibit(f"describe there, back as {form}", trips).text, style)
    numbers = f"{changes.mean():.2f}, 95% CI [{changes.mean() - reach:.2f}, {changes.mean() + reach:.2f}], n = 44"
    assert f"Case by case, Way back minus Way there averages {numbers}." in text
    sds = [f"{column.values[column.valid].std(ddof=1):.2f}" for column in (back, there)]
    assert f"Way back spreads wider, SD = {sds[0]}, than Way there, SD = {sds[1]}." in text
    if form == "table":
        averages = np.add.outer(changes, changes)[np.triu_indices(changes.size)] / 2
        by_median = plain_text(make_exhibit("describe there, back with median, iqr", trips).text, style)
        assert f"the median difference Way back minus Way there is {np.median(averages):.2f}" in by_median


@pytest.mark.parametrize(
    "sentence",
    [
        "describe there, cost",
        "describe there, back across day",
        "describe there, back against 40",
        "describe there, back with hide_below = 5",
        "describe there, back, cost",
    ],
)
def test_nothing_is_compared_where_columns_are_no_pair(sentence: str, trips: Dataset, style: HouseStyle) -> None:
    assert "Case by case" not in plain_text(make_exhibit(sentence, trips).text, style)


@pytest.mark.parametrize("rows", [Rows(weight="there"), Rows(person="day")])
def test_columns_of_rows_that_are_no_cases_are_not_compared(rows: Rows, trips: Dataset, style: HouseStyle) -> None:
    data = Dataset(trips.table, replace(trips.codebook, rows=rows))
    assert "Case by case" not in plain_text(make_exhibit("describe there, back", data).text, style)
