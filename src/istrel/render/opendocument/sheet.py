"""OpenDocument spreadsheets (.ods): a sheet for each exhibit; numbers are numbers at full precision, printed by their format."""

from __future__ import annotations

from dataclasses import dataclass, field

from istrel.render.document import Document
from istrel.render.opendocument.package import letters, meta, packed, part, quoted
from istrel.render.sheets import Sheet, SheetCell, Shown, sheets_of
from istrel.style.house import HouseStyle
from istrel.style.numbers import MINUS

KIND = "application/vnd.oasis.opendocument.spreadsheet"
WIDE = (
    '<style:style style:name="Wide" style:family="table-column">'
    '<style:table-column-properties style:column-width="62mm"/></style:style>'
)
LOOKS = {
    "label": '<style:text-properties fo:font-weight="bold"/>',
    "title": '<style:text-properties fo:font-style="italic"/>',
    "head": '<style:paragraph-properties fo:text-align="center"/>',
}


def render(document: Document) -> bytes:
    """The .ods file. The same exhibits give the same bytes."""
    press = _Press(document.style)
    tables = "".join(press.table(sheet) for sheet in sheets_of(document))
    inner = (
        f"<office:automatic-styles>{press.styles}{WIDE}</office:automatic-styles>"
        f"<office:body><office:spreadsheet>{tables}</office:spreadsheet></office:body>"
    )
    parts = {
        "content.xml": part("document-content", inner),
        "styles.xml": part("document-styles", ""),
        "meta.xml": meta(document.title or "Tables"),
    }
    return packed(KIND, parts)


@dataclass
class _Press:
    """A spreadsheet while it is made; styles are shared."""

    style: HouseStyle
    _numbers: dict[Shown, str] = field(default_factory=dict)
    _cells: dict[str, str] = field(default_factory=dict)

    @property
    def styles(self) -> str:
        numbers = "".join(_number_style(name, shown) for shown, name in self._numbers.items())
        return numbers + "".join(
            f'<style:style style:name="{n}" {inner}</style:style>' for inner, n in self._cells.items()
        )

    def table(self, sheet: Sheet) -> str:
        rows = "".join(self._row(sheet, number, row) for number, row in enumerate(sheet.rows))
        others = f'<table:table-column table:number-columns-repeated="{max(1, sheet.n_columns - 1)}"/>'
        columns = f'<table:table-column table:style-name="Wide"/>{others}'
        return f"<table:table table:name={quoted(sheet.name)}>{columns}{rows}</table:table>"

    def _row(self, sheet: Sheet, number: int, row: tuple[SheetCell, ...]) -> str:
        return f"<table:table-row>{''.join(self._cell(sheet, number, cell) for cell in row)}</table:table-row>"

    def _cell(self, sheet: Sheet, number: int, cell: SheetCell) -> str:
        head, last = cell.look == "head", number in (sheet.first_body - 1, sheet.last_body)
        sides = f'fo:border-top="{_line(head and number == 2)}" fo:border-bottom="{_line(last or (head and cell.span > 1))}"'
        margin = (
            f'<style:paragraph-properties fo:text-align="start" fo:margin-left="{3 * cell.indent}mm"/>'
            if cell.indent
            else ""
        )
        look = f"<style:table-cell-properties {sides}/>{margin}{LOOKS.get(cell.look, '')}"
        data = ""
        if cell.number is not None and cell.shown.decimals >= 0:
            data = f' style:data-style-name="{self._numbers.setdefault(cell.shown, f"N{len(self._numbers) + 1}")}"'
        name = self._cells.setdefault(f'style:family="table-cell"{data}>{look}', f"C{len(self._cells) + 1}")
        span = f' table:number-columns-spanned="{cell.span}" table:number-rows-spanned="1"' if cell.span > 1 else ""
        covered = "<table:covered-table-cell/>" * (cell.span - 1)
        if cell.number is not None:
            value = f'office:value-type="float" office:value="{cell.number!r}"'
            return f'<table:table-cell table:style-name="{name}" {value}{span}/>{covered}'
        if not cell.letters:
            return f'<table:table-cell table:style-name="{name}"{span}/>{covered}'
        inner = f"<text:p>{letters(cell.letters)}</text:p>"
        return f'<table:table-cell table:style-name="{name}" office:value-type="string"{span}>{inner}</table:table-cell>{covered}'


def _line(drawn: bool) -> str:
    return "0.5pt solid #000000" if drawn else "none"


def _number_style(name: str, shown: Shown) -> str:
    """The format of a number; a negative one has a true minus."""
    if shown.letters:  # a negative number gets no sign of its own
        return _mapped(name, _letters(f"{name}P", shown), _letters(name, shown))
    return _mapped(name, _format(f"{name}P", shown, ""), _format(name, shown, MINUS))


def _mapped(name: str, positive: str, negative: str) -> str:
    """The format of negative numbers, with the one that others have."""
    mapped = f'<style:map style:condition="value()&gt;=0" style:apply-style-name="{name}P"/>'
    return positive + negative.replace("</number:number-style>", f"{mapped}</number:number-style>")


def _letters(name: str, shown: Shown) -> str:
    inner = f"<number:text>{letters(shown.letters)}</number:text>"
    return f'<number:number-style style:name="{name}">{inner}</number:number-style>'


def _format(name: str, shown: Shown, sign: str) -> str:
    least, grouped = int(shown.zero or not shown.decimals), str(shown.thousands).lower()
    digits = (
        f'<number:number number:decimal-places="{shown.decimals}" number:min-decimal-places="{shown.decimals}" '
        f'number:min-integer-digits="{least}" number:grouping="{grouped}"/>'
    )
    before, after = (
        f"<number:text>{letters(text)}</number:text>" if text else "" for text in (shown.before + sign, shown.after)
    )
    return f'<number:number-style style:name="{name}">{before}{digits}{after}</number:number-style>'
