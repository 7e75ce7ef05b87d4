"""Where everything of a table stands on paper, in pixels of a 96-dpi screen at true size."""

from __future__ import annotations

from dataclasses import dataclass, replace

from PySide6.QtCore import QRectF
from PySide6.QtGui import QFontMetricsF, QTextDocument

from istrel.app import theme
from istrel.exhibits.printing import PrintedTable, Runs, as_plain, print_notes, print_table, print_text, print_title
from istrel.exhibits.setting import Sheet
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Run, Text
from istrel.render.scene import Scene
from istrel.render.tables import (
    LEAST_HEAD_MM,
    LEAST_STUB_MM,
    MOST_STUB_MM,
    TURNED_MM,
    Page,
    Panel,
    lay_out,
    wrapped,
)
from istrel.style.house import HouseStyle

PX_PER_MM = 96 / 25.4
PX_PER_PT = 96 / 72
MARGIN_MM = 12.0
INDENT, GAP, PANEL_GAP = 16.0, 22.0, 22.0
LEADING = 1.376


@dataclass(frozen=True, eq=False)
class SetRow:
    """A body row and the band of paper that it takes."""

    top: float
    height: float


@dataclass(frozen=True, eq=False)
class SetPanel:
    """A panel of a table in its place: tops of the head rows, the rule under them, the rows, and the rule at the foot."""

    panel: Panel
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


def set_sheet(sheet: Sheet, style: HouseStyle, number: str, scene: Scene | None = None, text: Text = ()) -> SetSheet:
    """Set a table or figure on paper; a results text stands below it."""
    figure_mm = (scene.width, scene.height) if scene is not None else (0.0, 0.0)
    size = round(style.fonts.table_pt * PX_PER_PT)
    margin = MARGIN_MM * PX_PER_MM
    metrics = QFontMetricsF(theme.serif(size))
    table = print_table(sheet, style, number) if isinstance(sheet, TableSheet) else None
    laid: tuple[Panel, ...] = ()
    if table is not None:
        laid = lay_out(table, metrics.horizontalAdvance, style.numbers.decimal_mark, _page(style)).panels
    widest = max((panel.width for panel in laid), default=figure_mm[0] * PX_PER_MM)
    text_width = max(style.table.width_mm * PX_PER_MM * 0.78, widest)
    italic = QFontMetricsF(theme.serif(size, italic=True))
    title = wrapped((Run(print_title(sheet, style)),), text_width, italic.horizontalAdvance)
    y = margin + (1 + len(title)) * LEADING * metrics.height() + 6
    panels: list[SetPanel] = []
    picture = QRectF()
    if table is not None:
        for panel in laid:
            panels.append(_set_panel(_stretched(panel, min(text_width, 1.35 * panel.width)), y, metrics.height()))
            y = panels[-1].bottom + PANEL_GAP
        y = panels[-1].bottom - 2
    else:
        picture = QRectF(margin, y, figure_mm[0] * PX_PER_MM, figure_mm[1] * PX_PER_MM)
        y = picture.bottom()
    notes = _notes_document(print_notes(sheet.notes, style), print_text(text, style), text_width, round(size * 0.9))
    notes_top = y + 7
    return SetSheet(
        label=table.label if table is not None else style.figure.label.format(number=number) if number else "",
        title=tuple(as_plain(line) for line in title),
        table=table,
        panels=tuple(panels),
        width=text_width + 2 * margin,
        height=notes_top + notes.size().height() + margin,
        left=margin,
        right=margin + text_width,
        label_top=margin,
        line=metrics.height(),
        notes=notes,
        notes_top=notes_top,
        picture=picture,
        size=size,
    )


def _page(style: HouseStyle) -> Page:
    upright, turned = (width * PX_PER_MM for width in (style.table.width_mm, TURNED_MM))
    sizes = (width * PX_PER_MM for width in (LEAST_HEAD_MM, LEAST_STUB_MM, MOST_STUB_MM))
    return Page(upright, turned, GAP, INDENT, *sizes)


def _set_panel(panel: Panel, top: float, line: float) -> SetPanel:
    """A panel from a height on."""
    y, tops, rows = top, [], []
    for heads in panel.heads:
        tops.append(y)
        y += line * (max(len(head.lines) for head in heads) - 1) + LEADING * line + 4
    body_top = y
    y += 5
    for row in panel.rows:
        height = LEADING * line + line * (row.n_lines - 1)
        rows.append(SetRow(y, height))
        y += height
    return SetPanel(panel, tuple(tops), body_top, tuple(rows), y + 5)


def _stretched(panel: Panel, width: float) -> Panel:
    """A panel with the room that is left shared out among the values: a table breathes, but is not torn apart."""
    stub, *values = panel.columns
    each = max(0.0, width - panel.width) / max(1, len(values))
    return replace(panel, columns=(stub, *(replace(c, width=c.width + each, mark=c.mark + each / 2) for c in values)))


def _notes_document(notes: tuple[Runs, ...], text: Runs, width: float, size: int) -> QTextDocument:
    document = QTextDocument()
    document.setDocumentMargin(0)
    document.setDefaultFont(theme.serif(size))
    document.setDefaultStyleSheet(f"p {{ margin: 0 0 3px 0; color: {theme.INK}; }}")
    paragraphs = [f"<p>{_html(note)}</p>" for note in notes]
    if text:
        below = f"margin-top: {2 * size}px; text-indent: {2 * size}px; font-size: {size + 2}px; line-height: 140%"
        paragraphs.append(f'<p style="{below}">{_html(text)}</p>')
    document.setHtml("".join(paragraphs))
    document.setTextWidth(width)
    return document


def _html(text: Runs) -> str:
    return "".join(_run(run) for run in text)


def _run(run: Run) -> str:
    escaped = run.text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")
    return f"<i>{escaped}</i>" if run.italic else escaped
