"""Word-processor documents (.docx): paragraph styles, numbering fields, bookmarks and references, tables, figures, controls."""

from __future__ import annotations

import io
import re
from itertools import zip_longest
from typing import Any

import docx
from docx.enum.section import WD_ORIENT, WD_SECTION
from docx.enum.style import WD_STYLE_TYPE
from docx.enum.text import WD_ALIGN_PARAGRAPH
from docx.oxml.ns import qn
from docx.shared import Mm, Pt

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import Runs, kept_together, print_notes, print_table, print_text, print_title, printable
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Run
from istrel.render.document import Block, Document, Item
from istrel.render.marks.said import said_in
from istrel.render.marks.tags import label_bookmark
from istrel.render.scripts import region
from istrel.render.word.controls import Controls
from istrel.render.word.figures import add_figure
from istrel.render.word.parts import add_label, add_runs, element, font, undated
from istrel.render.word.tables import add_panel, laid_out
from istrel.study.prose import REFERENCE, UNTRUE
from istrel.style.house import HouseStyle

STYLES = ("Table label", "Table title", "Table text", "Table note")
HEADING_PT, AFTER_PT = 4.0, 14.0


def render(document: Document) -> bytes:
    """The .docx file. The same exhibits give the same bytes."""
    return written(document)[0]


def written(document: Document) -> tuple[bytes, Controls]:
    """(the .docx file, what stands in its controls)."""
    press = _Press(document)
    for part, after in zip_longest(document.parts, document.parts[1:]):
        if isinstance(part, Block):
            press.add_block(part, after)
        else:
            press.add_exhibit(part)
    return press.finished(), press.controls


class _Press:
    """One document while it is made."""

    def __init__(self, document: Document) -> None:
        self._style, self._study, self._said = document.style, document.study, said_in(document)
        self._word: Any = docx.Document()
        self._marks = 0
        self._tight = False  # whether a table ended without notes: what follows keeps off it
        self.controls = Controls(document.study)
        _page(self._word, document)
        _define_styles(self._word, self._style)

    def finished(self) -> bytes:
        if self.controls.put:
            self.controls.remember(self._word, self._said)
        out = io.BytesIO()
        self._word.save(out)
        return undated(out.getvalue())

    # Passages.
    def add_block(self, block: Block, after: Item | Block | None) -> None:
        """A heading or a paragraph; a heading stands on the page of what it heads."""
        self._turn(turned=bool(block.level) and isinstance(after, Item) and self._lies(after))
        paragraph = self._word.add_paragraph(style=f"Heading {block.level}" if block.level else "Normal")
        self._keep_off(paragraph)
        if block.new_page:
            paragraph.paragraph_format.page_break_before = True
        self._add_text(paragraph, print_text(block.text, self._style))

    def _add_text(self, paragraph: Any, runs: Runs) -> None:
        """Runs with bound numbers in controls and references as fields."""
        begun: dict[str, Any] = {}  # {claim: the run it begins with}
        claim = ""
        for run in kept_together(runs):
            if run.mark == UNTRUE:
                self._comment(begun.get(claim, paragraph.runs[-1]), paragraph.runs[-1], run.text.strip())
                continue
            if run.mark.startswith(REFERENCE):
                paragraph._p.append(_reference(run, self._study))
                continue
            add_runs(paragraph, (run,))
            if not run.mark:
                claim = run.claim
            if run.claim:
                begun.setdefault(claim, paragraph.runs[-1])
            if run.mark:
                letters = paragraph._p[-1]
                paragraph._p.remove(letters)
                paragraph._p.append(self.controls.around_run(run, letters))

    def _comment(self, first: Any, last: Any, words: str) -> None:
        """A comment on the runs from the first to the last."""
        made = self._word.add_comment([first, last], text=words, author="Istrel", initials="I")
        made._comment_elm.attrib.pop(qn("w:date"), None)  # the same exhibits give the same bytes

    def _lies(self, item: Item) -> bool:
        """Whether a table stands on a page turned."""
        sheet = item.exhibit.sheet
        return isinstance(sheet, TableSheet) and laid_out(print_table(sheet, self._style), self._style).turned

    # Exhibits.
    def add_exhibit(self, item: Item) -> None:
        sheet = item.exhibit.sheet
        if isinstance(sheet, TableSheet):
            self._add_table(item, sheet)
        else:
            self._turn(turned=False)
            self._add_caption(item)
            paragraph, digests = add_figure(self._word, item, sheet, self._style)
            self._put(item, "figure", [paragraph], digests)
            self._add_notes(item, sheet)
        for text in item.texts:
            paragraph = self._word.add_paragraph(style="Normal")
            self._keep_off(paragraph)
            self._add_text(paragraph, print_text(text, self._style))

    def _keep_off(self, paragraph: Any) -> None:
        if self._tight:
            paragraph.paragraph_format.space_before = Pt(AFTER_PT)
        self._tight = False

    def _add_table(self, item: Item, sheet: TableSheet) -> None:
        """The caption, a table for each panel, the notes; on a page of its own, turned, where it is too wide."""
        table = print_table(sheet, self._style, item.number)
        layout = laid_out(table, self._style)
        self._turn(turned=layout.turned)
        self._add_caption(item)
        elements, spoken = [], f"{item.label(self._style)} {print_title(sheet, self._style)}"
        for place, panel in enumerate(layout.panels):
            if place:
                elements.append(self._word.add_paragraph(style="Table note")._p)
            elements.append(add_panel(self._word, table, panel, self._style, spoken))
        self._put(item, "table", elements)
        self._add_notes(item, sheet)

    def _add_notes(self, item: Item, sheet: TableSheet | FigureSheet) -> None:
        notes = print_notes(sheet.notes, self._style)
        paragraphs = [self._word.add_paragraph(style="Table note") for _ in notes]
        for paragraph, note in zip(paragraphs, notes, strict=True):
            add_runs(paragraph, note)
            paragraph.paragraph_format.keep_with_next = paragraph is not paragraphs[-1] or None
        if paragraphs:
            paragraphs[-1].paragraph_format.space_after = Pt(AFTER_PT)
        self._tight = not paragraphs
        self._put(item, "notes", [paragraph._p for paragraph in paragraphs])

    def _put(self, item: Item, what: str, elements: list[Any], texts: list[str] | None = None) -> None:
        """In a control, where the exhibit is one that was kept."""
        if item.id and elements:
            self.controls.around(item.id, what, elements, texts)

    def _add_caption(self, item: Item) -> None:
        """The label with a numbering field inside a bookmark, so that the text can refer to it; then the title."""
        self._marks += 1
        kind, number = "Figure" if item.exhibit.is_figure else "Table", item.number
        counted = re.sub(r".*\D", "", number)  # of "A1" and "2.1" the last number; the rest names the sequence
        prefix = number[: len(number) - len(counted)]
        before, _, after = item.label(self._style).partition(number)
        paragraph = self._word.add_paragraph(style="Table label")
        self._keep_off(paragraph)
        identity = {"w:id": str(1000 + self._marks)}
        name = label_bookmark(self._study, item.id) if item.id else f"_{kind}_{number}"
        paragraph._p.append(element("w:bookmarkStart", {**identity, "w:name": name}))
        if before + prefix:
            paragraph.add_run(before + prefix)
        sequence = f"{kind}_{prefix.rstrip('.')}" if prefix else kind
        field = element("w:fldSimple", {"w:instr": f" SEQ {sequence} \\* ARABIC "})
        field.append(paragraph.add_run(counted)._r)
        paragraph._p.append(field)
        paragraph._p.append(element("w:bookmarkEnd", identity))
        if after:
            paragraph.add_run(after)
        title = self._word.add_paragraph(style="Table title")
        add_label(title, (Run(print_title(item.exhibit.sheet, self._style)),))
        self._put(item, "title", [run._r for run in title.runs])

    def _turn(self, *, turned: bool) -> None:
        """From here on the page stands upright, or lies."""
        section, page = self._word.sections[-1], self._style.page
        if (section.page_width > section.page_height) == turned:
            return
        if any(True for _ in self._word.element.body.iterchildren(qn("w:p"), qn("w:tbl"), qn("w:sdt"))):
            section = self._word.add_section(WD_SECTION.NEW_PAGE)
        section.orientation = WD_ORIENT.LANDSCAPE if turned else WD_ORIENT.PORTRAIT
        sides = Mm(page.width_mm), Mm(page.height_mm)
        section.page_width, section.page_height = sides[::-1] if turned else sides
        section.left_margin = section.right_margin = Mm(page.margin_mm if turned else self._style.side_mm)


def _reference(run: Run, study: str) -> Any:
    """A reference that word processors bring up to date themselves."""
    _, exhibit = run.mark.split("\t", 1)
    field = element("w:fldSimple", {"w:instr": f" REF {label_bookmark(study, exhibit)} \\h "})
    letters = element("w:r", {})
    text = element("w:t", {})
    text.text = printable(run.text)
    text.set("{http://www.w3.org/XML/1998/namespace}space", "preserve")
    letters.append(text)
    field.append(letters)
    return field


def _page(word: Any, document: Document) -> None:
    style = document.style
    section = word.sections[0]
    section.page_width, section.page_height = Mm(style.page.width_mm), Mm(style.page.height_mm)
    section.left_margin = section.right_margin = Mm(style.side_mm)
    section.top_margin = section.bottom_margin = Mm(style.page.margin_mm)
    core = word.core_properties._element
    for name in (
        "dc:creator",
        "dc:description",
        "cp:lastModifiedBy",
        "dcterms:created",
        "dcterms:modified",
        "cp:revision",
    ):
        for said in core.findall(qn(name)):  # which nobody here knows
            core.remove(said)
    word.core_properties.language = region(style.language)
    word.core_properties.title = printable(document.title) or "Tables and figures"
    if len(document.parts) > 1:
        paragraph = section.footer.paragraphs[0]
        paragraph.alignment = WD_ALIGN_PARAGRAPH.CENTER
        field = element("w:fldSimple", {"w:instr": " PAGE "})
        field.append(paragraph.add_run("1")._r)
        paragraph._p.append(field)


def _define_styles(word: Any, style: HouseStyle) -> None:
    for said in word.styles.element.iter(qn("w:lang")):
        said.set(qn("w:val"), region(style.language))
    normal = word.styles["Normal"]
    font(normal, style, style.fonts.text_pt)
    normal.paragraph_format.space_after = Pt(8)
    normal.paragraph_format.line_spacing = 1.15
    normal.paragraph_format.widow_control = True
    for level in (1, 2):
        heading = word.styles[f"Heading {level}"]
        font(heading, style, style.fonts.text_pt + HEADING_PT / level)
        heading.font.bold = True
        heading.paragraph_format.space_before, heading.paragraph_format.space_after = Pt(16), Pt(8)
    for name in STYLES:
        made = word.styles.add_style(name, WD_STYLE_TYPE.PARAGRAPH)
        made.base_style = normal
        font(made, style, style.fonts.table_pt)
        made.paragraph_format.space_before = made.paragraph_format.space_after = Pt(0)
        made.paragraph_format.line_spacing = 1.0
    word.styles["Table label"].font.bold = style.table.label_bold
    word.styles["Table label"].paragraph_format.space_before = Pt(18)
    word.styles["Table label"].paragraph_format.space_after = Pt(4)
    word.styles["Table title"].font.italic = style.table.title_italic
    word.styles["Table title"].paragraph_format.space_after = Pt(6)
    word.styles["Table note"].paragraph_format.space_before = Pt(4)
    word.styles["Table note"].font.size = Pt(style.fonts.table_pt - 1)
    for name in ("Table label", "Table title"):
        word.styles[name].paragraph_format.keep_with_next = True
    word.styles["Table text"].paragraph_format.space_before = Pt(2.5)
    word.styles["Table text"].paragraph_format.space_after = Pt(2.5)
