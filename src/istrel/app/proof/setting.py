"""Where everything of an exhibit stands on paper, in pixels of a 96-dpi screen at true size."""

from __future__ import annotations

from dataclasses import dataclass, replace
from typing import NamedTuple
from urllib.parse import quote

from PySide6.QtCore import QRectF
from PySide6.QtGui import QFontMetricsF, QTextDocument

from istrel.app import theme
from istrel.exhibits.printing import (
    PrintedRow,
    PrintedTable,
    Runs,
    as_plain,
    kept_together,
    print_notes,
    print_table,
    print_text,
    print_title,
)
from istrel.exhibits.quoting import mark_of
from istrel.exhibits.setting import Sheet
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Run, Text, bound
from istrel.render.scene import Scene
from istrel.render.tables import (
    LEAST_HEAD_MM,
    LEAST_STUB_MM,
    MOST_STUB_MM,
    LaidHead,
    Page,
    Panel,
    TableLayout,
    lay_out,
    wrapped,
)
from istrel.style.house import HouseStyle

PX_PER_MM = 96 / 25.4
PX_PER_PT = 96 / 72
MARGIN_MM = 12.0
PAGE_MM, TURNED_PAGE_MM = 247.0, 160.0  # the height of the text on a page, and on a page turned
BETWEEN_PAGES = 26.0
LEAST_FULL = 0.7  # of a page, before which no table is broken for the sake of a group of rows
INDENT, GAP, PANEL_GAP = 16.0, 22.0, 22.0
LEADING = 1.376


@dataclass(frozen=True, eq=False)
class SetRow:
    """A body row and the band of paper that it takes."""

    top: float
    height: float


@dataclass(frozen=True, eq=False)
class SetPanel:
    """A panel of a table, or as many of its rows as stand on one page, in its place.

    Attributes
    ----------
    first_row
        The first of its rows here, from 0.
    head_tops, body_top, bottom
        Tops of the head rows, the rule under them, and the rule at the foot.
    """

    panel: Panel
    first_row: int
    head_tops: tuple[float, ...]
    body_top: float
    rows: tuple[SetRow, ...]
    bottom: float


@dataclass(frozen=True, eq=False)
class SetSheet:
    """A sheet of paper with everything on it in its place.

    Attributes
    ----------
    width, height
        Of the paper, margins included.
    left, right
        Of the text.
    title
        Its lines.
    line
        How far lines of text stand apart.
    picture
        Where a figure stands; empty for a table.
    pages
        (top, bottom) of each sheet of paper; one, but for long tables.
    turned
        Whether it wants a page turned.
    """

    label: str
    title: tuple[str, ...]
    table: PrintedTable | None
    panels: tuple[SetPanel, ...]
    width: float
    height: float
    left: float
    right: float
    label_top: float
    line: float
    notes: QTextDocument
    notes_top: float
    picture: QRectF
    size: int
    pages: tuple[tuple[float, float], ...]
    turned: bool = False


class Space(NamedTuple):
    """The pages that an exhibit stands on: room for text on the first and on each further page, and what lies between two."""

    first: float
    page: float
    between: float


def set_sheet(
    sheet: Sheet,
    style: HouseStyle,
    number: str,
    scene: Scene | None = None,
    text: Text = (),
    space: Space | None = None,
) -> SetSheet:
    """Set a table or figure on paper; a results text stands below it. With `space` it is set on pages that are there, without
    a margin of its own.
    """
    figure_mm = (scene.width, scene.height) if scene is not None else (0.0, 0.0)
    size = round(style.fonts.table_pt * PX_PER_PT)
    margin = MARGIN_MM * PX_PER_MM if space is None else 0.0
    metrics = QFontMetricsF(theme.serif(size))
    table = print_table(sheet, style, number) if isinstance(sheet, TableSheet) else None
    layout = TableLayout((), turned=False)
    if table is not None:
        layout = lay_out(table, metrics.horizontalAdvance, style.numbers.decimal_mark, _page(style))
    widest = layout.width or figure_mm[0] * PX_PER_MM
    text_width = max(style.table.width_mm * PX_PER_MM * 0.78, widest)
    italic = QFontMetricsF(theme.serif(size, italic=True))
    title = wrapped((Run(print_title(sheet, style)),), text_width, italic.horizontalAdvance)
    y = margin + (1 + len(title)) * LEADING * metrics.height() + 6
    page = (TURNED_PAGE_MM if layout.turned else PAGE_MM) * PX_PER_MM
    flow = _Flow(margin, page, metrics.height(), y) if space is None else _RealPages(space, metrics.height(), y)
    picture = QRectF()
    if table is not None:
        for panel in layout.panels:
            flow.add(_stretched(panel, min(text_width, 1.35 * panel.width)), table.rows)
        y = flow.panels[-1].bottom - 2
    else:
        picture = QRectF(margin, y, figure_mm[0] * PX_PER_MM, figure_mm[1] * PX_PER_MM)
        y = picture.bottom()
    noted = tuple(replace(note, text=bound(note.text, mark_of)) for note in sheet.notes)
    notes = _notes_document(print_notes(noted, style), print_text(text, style), text_width, round(size * 0.9))
    notes_top = flow.after(y + 7, notes.size().height())
    height = notes_top + notes.size().height() + margin
    return SetSheet(
        label=table.label if table is not None else style.label_of(number, is_figure=True) if number else "",
        title=tuple(as_plain(line) for line in title),
        table=table,
        panels=tuple(flow.panels),
        width=text_width + 2 * margin,
        height=height,
        left=margin,
        right=margin + text_width,
        label_top=margin,
        line=metrics.height(),
        notes=notes,
        notes_top=notes_top,
        picture=picture,
        size=size,
        pages=(*flow.pages, (flow.page_top, height)),
        turned=layout.turned,
    )


def _page(style: HouseStyle) -> Page:
    upright, turned = (width * PX_PER_MM for width in (style.table.width_mm, style.page.turned_mm))
    sizes = (width * PX_PER_MM for width in (LEAST_HEAD_MM, LEAST_STUB_MM, MOST_STUB_MM))
    return Page(upright, turned, GAP, INDENT, *sizes)


class _Flow:
    """Panels one under the other; where a page is full they go on on the next, under their heads again."""

    def __init__(self, margin: float, page: float, line: float, top: float) -> None:
        self._margin, self._page, self._line, self._y = margin, page, line, top
        self.page_top = 0.0
        self.pages: list[tuple[float, float]] = []
        self.panels: list[SetPanel] = []

    def add(self, panel: Panel, rows: tuple[PrintedRow, ...]) -> None:
        """The next panel, with the printed rows that it shows."""
        heights = [LEADING * self._line + self._line * (row.n_lines - 1) for row in panel.rows]
        head = 10 + sum(self._head_height(heads) for heads in panel.heads)
        if self.panels and self._room < head + sum(heights) <= self._page:
            self._turn_over()
        first = 0
        while first < len(rows):
            last = self._fitting(heights, rows, first, self._room - head)
            self._put(panel, first, heights[first:last])
            first = last
            if first < len(rows):
                self._turn_over()

    @property
    def _room(self) -> float:
        return self.page_top + self._margin + self._page - self._y

    def _turn_over(self) -> None:
        bottom = self._y - PANEL_GAP + self._margin
        self.pages.append((self.page_top, bottom))
        self.page_top = bottom + BETWEEN_PAGES
        self._y = self.page_top + self._margin

    def _fitting(self, heights: list[float], rows: tuple[PrintedRow, ...], first: int, room: float) -> int:
        """The row after the last that stands on this page: between groups of rows, if that leaves no great gap."""
        last, taken = first, 0.0
        while last < len(rows) and (taken + heights[last] <= room or last == first):
            taken += heights[last]
            last += 1
        if last == len(rows):
            return last
        enough = first + int(LEAST_FULL * (last - first))
        between = next((k for k in range(last, enough, -1) if not rows[k].indent), last)
        while between > first + 1 and not rows[between - 1].cells:  # no heading stands alone at the foot
            between -= 1
        return between

    def after(self, y: float, height: float) -> float:
        """Where something of this height stands below what is there."""
        del height
        return y

    def _head_height(self, heads: tuple[LaidHead, ...]) -> float:
        return self._line * (max(len(head.lines) for head in heads) - 1) + LEADING * self._line + 4

    def _put(self, panel: Panel, first: int, heights: list[float]) -> None:
        y, tops = self._y, []
        for heads in panel.heads:
            tops.append(y)
            y += self._head_height(heads)
        body_top, placed = y, []
        y += 5
        for height in heights:
            placed.append(SetRow(y, height))
            y += height
        self.panels.append(SetPanel(panel, first, tuple(tops), body_top, tuple(placed), y + 5))
        self._y = y + 5 + PANEL_GAP


class _RealPages(_Flow):
    """The same on pages that are there: what does not fit goes on where the text of the next page begins."""

    def __init__(self, space: Space, line: float, top: float) -> None:
        super().__init__(0.0, space.page, line, top)
        self._between = space.between
        self.page_top = space.first - space.page

    def _turn_over(self) -> None:
        bottom = self.page_top + self._page
        self.pages.append((self.page_top, bottom))
        self.page_top = self._y = bottom + self._between

    def after(self, y: float, height: float) -> float:
        if y + height > self.page_top + self._page and height <= self._page and self.panels:
            self._turn_over()
            return self._y
        return y


def _stretched(panel: Panel, width: float) -> Panel:
    """A panel with the room that is left shared out among the values: a table breathes, but is not torn apart."""
    stub, *values = panel.columns
    each = max(0.0, width - panel.width) / max(1, len(values))
    return replace(panel, columns=(stub, *(replace(c, width=c.width + each, mark=c.mark + each / 2) for c in values)))


def _notes_document(notes: tuple[Runs, ...], text: Runs, width: float, size: int) -> QTextDocument:
    document = QTextDocument()
    document.setDocumentMargin(0)
    document.setDefaultFont(theme.serif(size))
    ink = f"color: {theme.SHEET_INK};"
    document.setDefaultStyleSheet(f"p {{ margin: 0 0 3px 0; {ink} }} a {{ {ink} text-decoration: none; }}")
    paragraphs = [f"<p>{_html(note)}</p>" for note in notes]
    if text:
        below = f"margin-top: {2 * size}px; text-indent: {2 * size}px; font-size: {size + 2}px; line-height: 140%"
        paragraphs.append(f'<p style="{below}">{_html(text)}</p>')
    document.setHtml("".join(paragraphs))
    document.setTextWidth(width)
    return document


def _html(text: Runs) -> str:
    return "".join(_run(run) for run in kept_together(text))


def _run(run: Run) -> str:
    escaped = run.text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")
    if run.mark:  # a number that can be pointed at and opened
        return f'<a href="{quote(run.mark)}">{escaped}</a>'
    return f"<i>{escaped}</i>" if run.italic else escaped
