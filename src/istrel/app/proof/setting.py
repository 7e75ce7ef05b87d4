"""Where everything of a table stands on paper, in pixels of a 96-dpi screen at true size."""

from __future__ import annotations

from dataclasses import dataclass, replace

from PySide6.QtCore import QRectF
from PySide6.QtGui import QFontMetricsF, QTextDocument

from istrel.app import theme
from istrel.exhibits.printing import PrintedTable, Runs, lines_of, print_notes, print_table, print_text, print_title
from istrel.exhibits.setting import Sheet
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Run, Text
from istrel.render.columns import Column, columns
from istrel.render.scene import Scene
from istrel.style.house import HouseStyle

PX_PER_MM = 96 / 25.4
PX_PER_PT = 96 / 72
MARGIN_MM = 12.0
INDENT, GAP = 16.0, 22.0


@dataclass(frozen=True, eq=False)
class SetRow:
    """A body row and the band of paper that it takes."""

    top: float
    height: float


@dataclass(frozen=True, eq=False)
class SetSheet:
    """A sheet of paper with everything on it in its place.

    Attributes
    ----------
    width, height
        Of the paper, margins included.
    left, right
        Of the text.
    head_top
        Where the table's first rule stands; `head_tops` are the tops of the head rows, `body_top` the rule under them.
    picture
        Where a figure stands; empty for a table.
    """

    label: str
    title: str
    table: PrintedTable | None
    layout: tuple[Column, ...]
    width: float
    height: float
    left: float
    right: float
    label_top: float
    head_tops: tuple[float, ...]
    body_top: float
    rows: tuple[SetRow, ...]
    notes: QTextDocument
    notes_top: float
    picture: QRectF
    size: int

    @property
    def table_right(self) -> float:
        return self.left + sum(column.width for column in self.layout)


def set_sheet(sheet: Sheet, style: HouseStyle, number: str, scene: Scene | None = None, text: Text = ()) -> SetSheet:
    """Set a table or figure on paper; a results text stands below it."""
    figure_mm = (scene.width, scene.height) if scene is not None else (0.0, 0.0)
    size = round(style.fonts.table_pt * PX_PER_PT)
    margin = MARGIN_MM * PX_PER_MM
    metrics = QFontMetricsF(theme.serif(size))
    line = 1.72 * metrics.height() / 1.25
    table = print_table(sheet, style, number) if isinstance(sheet, TableSheet) else None
    layout: tuple[Column, ...] = ()
    if table is not None:
        mark = style.numbers.decimal_mark
        layout = tuple(columns(table, metrics.horizontalAdvance, mark, gap=GAP, indent=INDENT))
        layout = (Column(layout[0].width + GAP / 2, 0.0), *layout[1:])
    text_width = max(style.table.width_mm * PX_PER_MM * 0.78, sum(c.width for c in layout), figure_mm[0] * PX_PER_MM)
    if layout:
        layout = _stretched(layout, min(text_width, 1.35 * sum(c.width for c in layout)))
    y = margin + 2 * line + 6
    head_tops: list[float] = []
    rows: list[SetRow] = []
    picture = QRectF()
    body_top = y
    if table is not None:
        for heads in table.heads:
            head_tops.append(y)
            y += metrics.height() * (max(len(lines_of(head.text)) for head in heads) - 1) + line + 4
        body_top = y
        y += 5
        for _ in table.rows:
            rows.append(SetRow(y, line))
            y += line
        y += 3
    else:
        picture = QRectF(margin, y, figure_mm[0] * PX_PER_MM, figure_mm[1] * PX_PER_MM)
        y = picture.bottom()
    notes = _notes_document(print_notes(sheet.notes, style), print_text(text, style), text_width, round(size * 0.9))
    notes_top = y + 7
    height = notes_top + notes.size().height() + margin
    return SetSheet(
        label=table.label if table is not None else style.figure.label.format(number=number) if number else "",
        title=print_title(sheet, style),
        table=table,
        layout=layout,
        width=text_width + 2 * margin,
        height=height,
        left=margin,
        right=margin + text_width,
        label_top=margin,
        head_tops=tuple(head_tops),
        body_top=body_top,
        rows=tuple(rows),
        notes=notes,
        notes_top=notes_top,
        picture=picture,
        size=size,
    )


def _stretched(layout: tuple[Column, ...], width: float) -> tuple[Column, ...]:
    """Columns with the room that is left shared out among the values: a table breathes, but is not torn apart."""
    spare = max(0.0, width - sum(column.width for column in layout))
    each = spare / max(1, len(layout) - 1)
    return (layout[0], *(replace(c, width=c.width + each, mark=c.mark + each / 2) for c in layout[1:]))


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
