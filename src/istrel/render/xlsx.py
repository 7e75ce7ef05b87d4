"""Workbooks (.xlsx): a sheet for each exhibit; numbers are numbers at full precision, printed by their format."""

from __future__ import annotations

import io
from datetime import UTC, datetime
from typing import Any

from istrel.exhibits.printing import printable
from istrel.render.document import Document
from istrel.render.sheets import Sheet, SheetCell, Shown, sheets_of
from istrel.render.word.parts import undated
from istrel.style.house import HouseStyle

LOOKS: dict[str, dict[str, Any]] = {
    "label": {"bold": True},
    "title": {"italic": True},
    "head": {"align": "center", "text_wrap": True, "valign": "bottom"},
    "note": {},
    "": {},
}
NARROW, WIDE = 9.0, 34.0


def render(document: Document) -> bytes:
    """The .xlsx file. The same exhibits give the same bytes."""
    import xlsxwriter

    out = io.BytesIO()
    book = xlsxwriter.Workbook(out, {"in_memory": True, "strings_to_formulas": False, "strings_to_urls": False})
    book.set_properties({"created": datetime(2000, 1, 1, tzinfo=UTC), "title": document.title or "Tables"})
    press = _Press(book, document.style)
    for sheet in sheets_of(document):
        press.add(sheet)
    book.close()
    return undated(out.getvalue())


class _Press:
    """A workbook while it is made; formats are shared."""

    def __init__(self, book: Any, style: HouseStyle) -> None:
        self._book, self._style = book, style
        self._formats: dict[tuple[Any, ...], Any] = {}

    def _format(self, **look: Any) -> Any:
        key = tuple(sorted(look.items()))
        if key not in self._formats:
            fonts = self._style.fonts
            self._formats[key] = self._book.add_format(
                {"font_name": fonts.document, "font_size": fonts.table_pt, **look}
            )
        return self._formats[key]

    def add(self, sheet: Sheet) -> None:
        page = self._book.add_worksheet(sheet.name)
        page.hide_gridlines(2)
        page.set_paper(9 if self._style.page.size == "A4" else 1)
        page.fit_to_pages(1, 0)
        page.set_column(0, 0, WIDE)
        page.set_column(1, max(1, sheet.n_columns - 1), NARROW)
        page.repeat_rows(0, sheet.first_body - 1)
        page.freeze_panes(sheet.first_body, 1)
        for number, row in enumerate(sheet.rows):
            place = 0
            for cell in row:
                self._put(page, sheet, number, place, cell)
                place += cell.span

    def _put(self, page: Any, sheet: Sheet, number: int, place: int, cell: SheetCell) -> None:
        look = dict(LOOKS[cell.look])
        if cell.look == "head":
            look |= {"top": 1} if number == 2 else {}
            look |= {"bottom": 1} if number == sheet.first_body - 1 or (cell.span > 1 and cell.letters) else {}
            look |= {"align": "left"} if place == 0 else {}
        if number == sheet.last_body:
            look["bottom"] = 1
        if cell.indent:
            look["indent"] = cell.indent
        if cell.number is not None:
            page.write_number(number, place, cell.number, self._format(**look, num_format=number_format(cell.shown)))
        elif cell.span > 1:
            page.merge_range(
                number, place, number, place + cell.span - 1, printable(cell.letters), self._format(**look)
            )
        else:
            page.write_string(number, place, printable(cell.letters), self._format(**look))


def number_format(shown: Shown) -> str:
    """The format of a number in the language of spreadsheets; letters stand in quotes."""
    if shown.letters:
        return f"{_quoted(shown.letters)};{_quoted(shown.letters)}"  # a negative number gets no sign of its own
    if shown.decimals < 0:
        return "General"
    whole = "#,##0" if shown.thousands else "0" if shown.zero else "#" if shown.decimals else "0"
    plain = f"{_quoted(shown.before)}{{}}{whole}{'.' + '0' * shown.decimals if shown.decimals else ''}{_quoted(shown.after)}"
    return f"{plain.format('')};{plain.format(_quoted(MINUS))}"


MINUS = "−"


def _quoted(letters: str) -> str:
    """Letters as a format holds them."""
    return "".join(f'"{part}"' if part != '"' else '\\"' for part in _parts(letters)) if letters else ""


def _parts(letters: str) -> list[str]:
    """Letters cut at quotation marks, which stand alone."""
    parts: list[str] = []
    for place, part in enumerate(letters.split('"')):
        parts += ['"'] if place else []
        parts += [part.replace("{", "{{").replace("}", "}}")] if part else []
    return parts
