"""A gallery of awkward tables on paper: no text over another, nothing off the sheet, whatever the names, labels and numbers."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from itertools import pairwise, product

import numpy as np
import pytest
from PySide6.QtCore import QRectF
from PySide6.QtGui import QFontMetricsF
from PySide6.QtWidgets import QApplication

from depth import some
from istrel.app import theme
from istrel.app.proof.ink import text_width
from istrel.app.proof.setting import INDENT, SetPanel, SetSheet, set_sheet
from istrel.data.dataset import Dataset
from istrel.exhibits.table import TableSheet
from istrel.render.columns import split_at_mark
from istrel.style.house import load_style
from made import make_exhibit

LONG = (
    "How satisfied were you with the way in which the staff answered questions that were asked outside the regular hours "
    "of the course"
)
ANSWERS = (
    "Strongly agree with everything that was said in the introduction",
    "Neither agree nor disagree, or no opinion on the matter at all",
    "No",
    "Donaudampfschifffahrtsgesellschaftskapitänsmützenabzeichenverordnungsentwurf",
)
MONTHS = "January February March April May June July August September October November December".split()  # noqa: SIM905
GALLERY = [
    "describe tiny, huge, x",
    f"describe `{LONG}`, x, tiny, huge across answer with n, mean, sd, ci, layout = columns",
    f"describe `{LONG}`, x across month with difference, test",
    "describe x, region across month",
    "describe x across region × sex × school",
    "describe x, tiny across region, sex, school with mean, sd, difference, layout = rows",
    "describe x across none",
    "describe x across once with difference, test",
    "describe empty, one, x across sex with total",
    "describe x with lowest, highest, outliers, mode",
    "describe all measured across answer",
    "count answer across month",
    "count answer × school × region",
    f"count `{LONG}` against answer with expected, residuals",
    "count school against month across sex with percent = row, total",
    "count x across region",
    "count empty, answer, one",
    "check x, huge, tiny, all measured across school",
    "check x, huge across answer with adjust = holm",
    "relate all measured with intervals",
    "relate all measured across answer",
    "relate all measured against x with method = fitting",
    "describe x across wide with mean, sd, layout = columns",
    "describe x, tiny, huge across answer, region with n, mean, ci, total, layout = statistics",
    "describe all measured across school × region with mean, layout = variables",
]


@pytest.fixture(scope="module")
def gallery(request: pytest.FixtureRequest, tmp_path_factory: pytest.TempPathFactory) -> Dataset:
    from istrel.study.opening import open_data

    rng = np.random.default_rng(4)
    names = [
        "x",
        "tiny",
        "huge",
        LONG,
        "answer",
        "month",
        "region",
        "sex",
        "school",
        "none",
        "once",
        "empty",
        "one",
        "wide",
    ]
    rows = [",".join(f'"{name}"' for name in names)]
    for k in range(400):
        cells = [f"{rng.lognormal(3, 1):.3f}", f"{rng.normal() * 1e-9:.4g}", f"{rng.normal() * 1e14:.6g}"]
        cells += [str(rng.integers(1, 8)), ANSWERS[rng.integers(4)], MONTHS[rng.integers(12)]]
        cells += [("North", "South")[k % 2], "mf"[rng.integers(2)], f"School no. {rng.integers(1, 9)}"]
        cells += ["same", "alone" if k == 7 else "others", "", "3.5" if k == 5 else "", f"w{k % 60}"]
        rows.append(",".join(f'"{cell}"' if cell else "" for cell in cells))
    path = tmp_path_factory.mktemp("gallery") / "gallery.csv"
    path.write_text("\n".join(rows) + "\n", encoding="utf-8")
    return open_data(path)


def boxes(sheet: SetSheet, placed: SetPanel, mark: str) -> Iterator[tuple[QRectF, str]]:
    """Where every line of text of a panel stands."""
    metrics, line = QFontMetricsF(theme.serif(sheet.size)), sheet.line
    columns = placed.panel.columns
    for heads, top in zip(placed.panel.heads, placed.head_tops, strict=True):
        left, place = sheet.left, 0
        tall = max(len(head.lines) for head in heads)
        for head in heads:
            width = sum(c.width for c in columns[place : place + head.span])
            for number, part in enumerate(head.lines):
                wide = text_width(part, sheet.size)
                x = left if place == 0 else left + (width - wide) / 2
                yield QRectF(x, top + line * (tall - len(head.lines) + number) + 4, wide, line - 4), "head"
            left += width
            place += head.span
    assert sheet.table is not None
    here = slice(placed.first_row, placed.first_row + len(placed.rows))
    for row, laid, band in zip(sheet.table.rows[here], placed.panel.rows[here], placed.rows, strict=True):
        for number, part in enumerate(laid.stub):
            x = sheet.left + INDENT * row.indent
            yield QRectF(x, band.top + line * number + 4, text_width(part, sheet.size), line - 4), "stub"
        left = sheet.left + columns[0].width
        first = band.top + (line * (len(laid.stub) - 1))
        for lines, column in zip(laid.cells, columns[1:], strict=False):
            for number, text in enumerate(lines):
                before = "" if column.words else split_at_mark(text, mark)[0]
                x = left + column.mark - metrics.horizontalAdvance(before)
                y = (first if len(lines) == 1 else band.top) + line * number
                yield QRectF(x, y + 4, metrics.horizontalAdvance(text), line - 4), text
            left += column.width


@pytest.mark.parametrize("style_name", ["apa7", "thesis"])
@pytest.mark.parametrize("sentence", some(GALLERY, 15))
def test_no_text_over_another_and_nothing_off_the_sheet(
    sentence: str, style_name: str, gallery: Dataset, dressed: QApplication
) -> None:
    style = load_style(style_name)
    exhibit = make_exhibit(sentence, gallery)
    assert isinstance(exhibit.sheet, TableSheet)
    sheet = set_sheet(exhibit.sheet, style, "12")
    paper = QRectF(sheet.left - 0.5, 0, sheet.right - sheet.left + 1, sheet.height)
    italic = QFontMetricsF(theme.serif(sheet.size, italic=True))
    assert all(italic.horizontalAdvance(line) <= paper.width() for line in sheet.title)
    assert sheet.notes.idealWidth() <= paper.width() + 1
    assert sheet.notes_top + sheet.notes.size().height() < sheet.height
    shown: list[tuple[int, int]] = []
    for placed in sheet.panels:
        found = [(box, what) for box, what in boxes(sheet, placed, style.numbers.decimal_mark) if box.width() > 0]
        for box, what in found:
            assert paper.left() <= box.left() <= box.right() <= paper.right() + 1, (what, box)
        rows: dict[float, list[tuple[float, float, str]]] = {}
        for box, what in found:
            rows.setdefault(round(box.top(), 1), []).append((box.left(), box.right(), what))
        for line in rows.values():
            for (_, end, what), (start, _, other) in pairwise(sorted(line)):
                assert end <= start + 0.5, (what, other)
        assert placed.bottom <= sheet.notes_top
        assert any(top < placed.head_tops[0] and placed.bottom < bottom for top, bottom in sheet.pages)
        shown += [
            (row, placed.panel.first + place)
            for row in range(placed.first_row, placed.first_row + len(placed.rows))
            for place in range(len(placed.panel.columns) - 1)
        ]
    assert sheet.table is not None
    assert sorted(shown) == list(product(range(len(sheet.table.rows)), range(sheet.table.n_columns - 1)))
    for upper, lower in pairwise(sheet.panels):
        assert upper.bottom < lower.head_tops[0]


def test_a_table_that_fits_is_neither_broken_nor_turned(data_of: Callable[..., Dataset], dressed: QApplication) -> None:
    style = load_style("apa7")
    sheet = set_sheet(make_exhibit("describe x", data_of("x\n1.5\n2.5\n")).sheet, style, "1")
    (placed,) = sheet.panels
    assert all(row.n_lines == 1 for row in placed.panel.rows)
    assert placed.panel.width < sheet.right - sheet.left + 1
