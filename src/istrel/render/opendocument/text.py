"""OpenDocument texts (.odt): what a .docx has, in this format. What Istrel puts in stands in named sections and variable fields."""

from __future__ import annotations

import re
from hashlib import sha256
from itertools import zip_longest
from typing import Any

from lxml import etree

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import (
    PrintedTable,
    Runs,
    kept_together,
    plain_text,
    print_notes,
    print_table,
    print_text,
    print_title,
    printable,
)
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Run
from istrel.render.columns import Column
from istrel.render.document import Block, Document, Item
from istrel.render.marks.memory import PROPERTY, Memory, Put
from istrel.render.marks.memory import written as record
from istrel.render.marks.passages import note_around
from istrel.render.marks.said import Said, said_in
from istrel.render.marks.tags import Tag, label_bookmark, number_tag
from istrel.render.opendocument.letters import letters_of
from istrel.render.opendocument.marks import field_name, held_in, passages_in, place_name, places_in, prefix, spans_in
from istrel.render.opendocument.package import letters, meta, packed, part, quoted
from istrel.render.opendocument.styles import TURNED, UPRIGHT, Automatic, styles_part
from istrel.render.scripts import reads_right
from istrel.render.tables import Panel
from istrel.render.word.tables import INDENT_PT, MOST_ROWS_TOGETHER, laid_out
from istrel.study.prose import REFERENCE, UNTRUE
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT

KIND = "application/vnd.oasis.opendocument.text"
WHAT = {"label": "Table_20_label", "title": "Table_20_title", "note": "Table_20_note", "text": "Table_20_text"}


def render(document: Document) -> bytes:
    """The .odt file. The same exhibits give the same bytes."""
    return written(document)[0]


def written(document: Document) -> tuple[bytes, Memory]:
    """(the .odt file, what it remembers of what stands in its sections and fields)."""
    press = _Press(document.style, document.study)
    for one, after in zip_longest(document.parts, document.parts[1:]):
        if isinstance(one, Block):
            press.add_block(one, after)
        else:
            press.add_exhibit(one)
    content, automatic = "".join(press.body), press.automatic.xml
    kinds = dict.fromkeys(("Table", "Figure", *press.sequences))
    sequences = "".join(f'<text:sequence-decl text:display-outline-level="0" text:name="{k}"/>' for k in kinds)
    fields = "".join(
        f'<text:user-field-decl office:value-type="string" office:string-value={quoted(text)} text:name="{name}"/>'
        for name, (_, text) in press.fields.items()
    )
    declared = f"<text:user-field-decls>{fields}</text:user-field-decls>" if fields else ""
    inner = (
        f"<office:automatic-styles>{automatic}</office:automatic-styles><office:body><office:text>"
        f"<text:sequence-decls>{sequences}</text:sequence-decls>{declared}{content}</office:text></office:body>"
    )
    made = part("document-content", inner)
    memory = press.memory(etree.fromstring(made), said_in(document))
    said = {PROPERTY: record(memory).decode()} if memory.put else {}
    parts = {
        "content.xml": made,
        "styles.xml": styles_part(document.style),
        "meta.xml": meta(document.title or "Tables and figures", said),
        **press.pictures,
    }
    return packed(KIND, parts), memory


class _Press:
    """One document while it is made."""

    def __init__(self, style: HouseStyle, study: str) -> None:
        self._style, self._study = style, study
        self._turned = False
        self.automatic = Automatic()
        self.body: list[str] = []
        self.fields: dict[str, tuple[str, str]] = {}  # {name: (mark, letters)}
        self._digests: dict[Tag, str] = {}  # of figures
        self._counts: dict[Tag, int] = {}
        self.pictures: dict[str, bytes] = {}
        self.sequences: dict[str, int] = {}
        self._tables = 0

    # Passages.
    def add_block(self, block: Block, after: Item | Block | None) -> None:
        """A heading or a paragraph; a heading stands on the page of what it heads."""
        lies = bool(block.level) and isinstance(after, Item) and self._lies(after)
        inner = self._runs(print_text(block.text, self._style))
        if not block.level:
            self.body.append(self._paragraph("Standard", inner, turned=lies))
            return
        name = self._style_of(f"Heading_20_{block.level}", turned=lies, new_page=block.new_page)
        self.body.append(f'<text:h text:style-name="{name}" text:outline-level="{block.level}">{inner}</text:h>')

    def _lies(self, item: Item) -> bool:
        sheet = item.exhibit.sheet
        return isinstance(sheet, TableSheet) and laid_out(print_table(sheet, self._style), self._style).turned

    def _style_of(self, parent: str, *, turned: bool, new_page: bool = False) -> str:
        """The style itself, or one that turns the page before it."""
        if turned == self._turned and not new_page and self.body:
            return parent
        if turned == self._turned and self.body:
            return self.automatic.name(
                "paragraph", '<style:paragraph-properties fo:break-before="page"/>', parent=parent
            )
        self._turned = turned
        return self.automatic.name("paragraph", "", parent=parent, master=TURNED if turned else UPRIGHT)

    def _paragraph(self, parent: str, inner: str, *, turned: bool | None = None) -> str:
        name = parent if turned is None else self._style_of(parent, turned=turned)
        if reads_right(re.sub("<[^>]*>", "", inner)):
            name = self.automatic.rightward(name)
        return f'<text:p text:style-name="{name}">{inner}</text:p>'

    def _runs(self, runs: Runs) -> str:
        return "".join(self._run(run) for run in kept_together(runs))

    def _run(self, run: Run) -> str:
        if run.mark.startswith(REFERENCE):
            to = label_bookmark(self._study, run.mark.split("\t", 1)[1])
            inside = f'text:reference-format="text" text:ref-name="{to}"'
            return f"<text:bookmark-ref {inside}>{letters(run.text)}</text:bookmark-ref>"
        if run.mark == UNTRUE:
            comment = f"<dc:creator>Istrel</dc:creator><text:p>{letters(run.text.strip())}</text:p>"
            return f"<office:annotation>{comment}</office:annotation>"
        if run.mark:
            tag = number_tag(self._study, run.mark)
            name = field_name(tag)
            self.fields[name] = run.mark, printable(run.text)
            return self._marked(
                tag, f'<text:user-field-get text:name="{name}">{letters(run.text)}</text:user-field-get>'
            )
        return (
            f'<text:span text:style-name="Italic">{letters(run.text)}</text:span>' if run.italic else letters(run.text)
        )

    # Exhibits.
    def add_exhibit(self, item: Item) -> None:
        """In a section of its own, where the exhibit is one that was kept: one for all of it, for what stands in sections of
        their own is torn apart by the ends of pages.
        """
        sheet, before = item.exhibit.sheet, len(self.body)
        if isinstance(sheet, TableSheet):
            self._add_table(item, sheet)
        else:
            self._add_figure(item, sheet)
        if item.id:
            inner = "".join(self.body[before:])
            self.body[before:] = [f'<text:section text:name="{prefix(self._study)}{item.id}">{inner}</text:section>']
        for text in item.texts:
            self.body.append(self._paragraph("Standard", self._runs(print_text(text, self._style))))

    def _add_table(self, item: Item, sheet: TableSheet) -> None:
        table = print_table(sheet, self._style, item.number)
        layout = laid_out(table, self._style)
        self._add_caption(item, turned=layout.turned)
        afters = [*["panel"] * (len(layout.panels) - 1), "notes" if sheet.notes else "text"]
        names = [
            f"{place_name(self._tag(item, 'table'))}_{k}" if item.id else "" for k, _ in enumerate(afters, start=1)
        ]
        made = [
            self._panel(item, table, panel, (name, after))
            for panel, name, after in zip(layout.panels, names, afters, strict=True)
        ]
        self.body.append(self._paragraph(WHAT["note"], "").join(made))
        self._add_notes(item, sheet)

    def _add_caption(self, item: Item, *, turned: bool) -> None:
        """The label with a counted number inside a bookmark, so that the text can refer to it; then the title."""
        kind, number = "Figure" if item.exhibit.is_figure else "Table", item.number
        counted = number[len(number.rstrip("0123456789")) :]
        prefix = number[: len(number) - len(counted)]
        sequence = f"{kind}_{prefix.rstrip('.')}" if prefix else kind
        self.sequences[sequence] = self.sequences.get(sequence, 0) + 1
        before, _, after = item.label(self._style).partition(number)
        name = label_bookmark(self._study, item.id) if item.id else f"_{kind}_{number}"
        counter = (
            f'<text:sequence text:ref-name="ref{sequence}{counted}" text:name="{sequence}" '
            f'text:formula="ooow:{sequence}+1" style:num-format="1">{counted}</text:sequence>'
        )
        inner = (
            f'<text:bookmark-start text:name="{name}"/>{letters(before + prefix)}{counter}'
            f'<text:bookmark-end text:name="{name}"/>{letters(after)}'
        )
        self.body.append(self._paragraph(WHAT["label"], inner, turned=turned))
        title = print_title(item.exhibit.sheet, self._style)
        self.body.append(self._paragraph(WHAT["title"], self._part(item, "title", letters(title))))

    def _add_notes(self, item: Item, sheet: TableSheet | FigureSheet) -> None:
        notes = print_notes(sheet.notes, self._style)
        last = self.automatic.name(
            "paragraph", '<style:paragraph-properties fo:margin-bottom="14pt"/>', parent=WHAT["note"]
        )
        held = self.automatic.name(
            "paragraph", '<style:paragraph-properties fo:keep-with-next="always"/>', parent=WHAT["note"]
        )
        made = [
            self._paragraph(last if place == len(notes) else held, self._part(item, "notes", self._runs(note)))
            for place, note in enumerate(notes, start=1)
        ]
        self.body.append("".join(made))

    # Marks.
    def _tag(self, item: Item, what: str) -> Tag:
        return Tag(self._study, "", item.id, what)

    def _part(self, item: Item, what: str, inner: str) -> str:
        """In a bookmark, where the exhibit is one that was kept."""
        return self._marked(self._tag(item, what), inner) if item.id else inner

    def _marked(self, tag: Tag, inner: str) -> str:
        """In a hidden bookmark: it outlives programs that drop fields and names."""
        self._counts[tag] = self._counts.get(tag, 0) + 1
        name = tag.bookmark(self._counts[tag])
        return f'<text:bookmark-start text:name="{name}"/>{inner}<text:bookmark-end text:name="{name}"/>'

    def memory(self, root: Any, said: dict[str, Said]) -> Memory:
        """What the document remembers of what stands in it."""
        put = {number_tag(self._study, mark).text: Put(mark, [text]) for mark, text in self.fields.values()}
        for tag, content in held_in(root):
            if tag.what == "figure":
                put[tag.text] = Put("", [self._digests[tag]])
            elif tag.what:
                put[tag.text] = Put("", [letters_of(one) for one in places_in(content)], spans=spans_in(content))
        note_around(put, passages_in(root))
        return Memory(self._study, put, said)

    # Tables.
    def _panel(self, item: Item, table: PrintedTable, panel: Panel, place: tuple[str, str]) -> str:
        """A table of a name; it stays with its notes, or keeps off text that comes after it."""
        (name, after), sheet = place, item.exhibit.sheet
        self._tables += 1
        columns, last = panel.columns, panel.first + len(panel.columns) - 1
        whole = ' style:may-break-between-rows="false"' if len(table.rows) <= MOST_ROWS_TOGETHER else ""
        stays = ' fo:keep-with-next="always"' if whole and after == "notes" else ""
        width = self.automatic.name(
            "table",
            f'<style:table-properties style:width="{sum(round(c.width, 1) for c in columns):.1f}pt" '
            f'fo:margin-bottom="{14 if after == "text" else 0}pt" table:align="left"{whole}{stays}/>',
        )
        said = (
            f"<table:title>{letters(item.label(self._style))} {letters(print_title(sheet, self._style))}</table:title>"
        )
        shapes = "".join(f'<table:table-column table:style-name="{self._column(column)}"/>' for column in columns)
        heads = "".join(self._head(item, row, level, len(panel.heads)) for level, row in enumerate(panel.heads))
        rows = [
            self._row(row.stub, row.indent, row.cells[panel.first : last], columns, foot=place == len(table.rows) - 1)
            for place, row in enumerate(table.rows)
        ]
        return (
            f'<table:table table:name="{name or f"Istrel{self._tables}"}" table:style-name="{width}">{said}{shapes}'
            f"<table:table-header-rows>{heads}</table:table-header-rows>{''.join(rows)}</table:table>"
        )

    def _column(self, column: Column) -> str:
        inner = f'<style:table-column-properties style:column-width="{column.width:.1f}pt"/>'
        return self.automatic.name("table-column", inner)

    def _cell_style(self, *, top: bool = False, bottom: bool = False) -> str:
        line = f"{self._style.table.rule_pt}pt solid #000000"
        sides = f'fo:border-top="{line if top else "none"}" fo:border-bottom="{line if bottom else "none"}"'
        inner = f'<style:table-cell-properties {sides} fo:border-left="none" fo:border-right="none" fo:padding="0pt"'
        return self.automatic.name("table-cell", f'{inner} style:vertical-align="bottom"/>')

    def _head(self, item: Item, heads: Any, level: int, levels: int) -> str:
        cells = []
        for place, head in enumerate(heads):
            under = level == levels - 1 or (head.span > 1 and bool(head.text))
            ruled = self._cell_style(top=level == 0, bottom=under)
            span = f' table:number-columns-spanned="{head.span}"' if head.span > 1 else ""
            runs = self._runs(head.text)
            inner = self._part(item, "table", runs) if place == level == 0 else runs
            inner = self._paragraph(self._aligned("center") if place else WHAT["text"], inner)
            cells.append(f'<table:table-cell table:style-name="{ruled}"{span}>{inner}</table:table-cell>')
            cells.append("<table:covered-table-cell/>" * (head.span - 1))
        return f"<table:table-row>{''.join(cells)}</table:table-row>"

    def _aligned(self, side: str) -> str:
        inner = f'<style:paragraph-properties fo:text-align="{side}"/>'
        return self.automatic.name("paragraph", inner, parent=WHAT["text"])

    def _row(self, stub: Runs, indent: int, cells: tuple[str, ...], columns: tuple[Column, ...], *, foot: bool) -> str:
        ruled = self._cell_style(bottom=foot)
        inner = f'<style:paragraph-properties fo:margin-left="{INDENT_PT * indent}pt"/>'
        beside = self.automatic.name("paragraph", inner, parent=WHAT["text"]) if indent else WHAT["text"]
        span = "" if cells else f' table:number-columns-spanned="{len(columns)}"'
        made = [
            f'<table:table-cell table:style-name="{ruled}"{span}>{self._paragraph(beside, self._runs(stub))}</table:table-cell>'
        ]
        if not cells:
            made.append("<table:covered-table-cell/>" * (len(columns) - 1))
        for text, column in zip(cells, columns[1:], strict=False):
            paragraph = self._number(text, column)
            made.append(f'<table:table-cell table:style-name="{ruled}">{paragraph}</table:table-cell>')
        kept = self.automatic.name("table-row", '<style:table-row-properties fo:keep-together="always"/>')
        return f'<table:table-row table:style-name="{kept}">{"".join(made)}</table:table-row>'

    def _number(self, text: str, column: Column) -> str:
        """A value on a decimal tab; a dash stands in the middle, words begin at their mark."""
        if text == ABSENT:
            return self._paragraph(self._aligned("center"), letters(text))
        if column.words:
            inner = f'<style:paragraph-properties fo:margin-left="{column.mark:.1f}pt"/>'
            return self._paragraph(self.automatic.name("paragraph", inner, parent=WHAT["text"]), letters(text))
        mark = self._style.numbers.decimal_mark  # in a cell, numbers stand on such a stop without a tab before them
        stop = (
            f'<style:paragraph-properties><style:tab-stops><style:tab-stop style:position="{column.mark:.1f}pt" '
            f'style:type="char" style:char="{mark}"/></style:tab-stops></style:paragraph-properties>'
        )
        name = self.automatic.name("paragraph", stop, parent=WHAT["text"])
        return self._paragraph(name, letters(text))

    # Figures.
    def _add_figure(self, item: Item, sheet: FigureSheet) -> None:
        from istrel.render.print import draw
        from istrel.render.scene import make_scene

        self._add_caption(item, turned=False)
        scene, stem = make_scene(sheet, self._style), f"Pictures/figure{item.number}"
        self.pictures[f"{stem}.svg"] = draw(sheet, self._style, "svg", outlines=True)
        self.pictures[f"{stem}.png"] = draw(sheet, self._style, "png")
        images = "".join(
            f'<draw:image xlink:href="{stem}.{ending}" xlink:type="simple" xlink:show="embed" xlink:actuate="onLoad"/>'
            for ending in ("svg", "png")
        )
        plain = self.automatic.name(
            "graphic", '<style:graphic-properties style:vertical-pos="top" draw:stroke="none"/>'
        )
        tag = self._tag(item, "figure")
        self._digests[tag] = sha256(self.pictures[f"{stem}.svg"]).hexdigest()
        name = place_name(tag) if item.id else f"Istrel figure {item.number}"
        frame = (
            f'<draw:frame draw:style-name="{plain}" draw:name="{name}" text:anchor-type="as-char" '
            f'svg:width="{scene.width:.2f}mm" svg:height="{scene.height:.2f}mm">{images}'
            f"<svg:title>{letters(print_title(sheet, self._style))}</svg:title>"
            f"<svg:desc>{letters(plain_text(sheet.alt, self._style))}</svg:desc></draw:frame>"
        )
        held = self.automatic.name(
            "paragraph", '<style:paragraph-properties fo:keep-with-next="always"/>', parent="Standard"
        )
        self.body.append(self._paragraph(held, self._part(item, "figure", frame)))
        self._add_notes(item, sheet)
