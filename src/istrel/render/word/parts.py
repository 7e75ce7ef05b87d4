"""What all word-processor documents are made of: fonts, elements, rules, and archives that are the same each time."""

from __future__ import annotations

import io
import zipfile
from typing import Any

from docx.enum.text import WD_ALIGN_PARAGRAPH
from docx.oxml import OxmlElement
from docx.oxml.ns import qn
from docx.shared import Pt, RGBColor

from istrel.exhibits.printing import Runs, printable
from istrel.render.scripts import pieces, reads_right
from istrel.style.house import HouseStyle


def font(paragraph_style: Any, style: HouseStyle, size: float) -> None:
    """The font of the house style, in black, for every script."""
    paragraph_style.font.name = style.fonts.document
    paragraph_style.font.size = Pt(size)
    paragraph_style.font.color.rgb = RGBColor(0, 0, 0)
    fonts = paragraph_style.element.get_or_add_rPr().get_or_add_rFonts()
    for kind in ("ascii", "hAnsi", "cs", "eastAsia"):
        fonts.set(qn(f"w:{kind}"), style.fonts.document)
        fonts.attrib.pop(qn(f"w:{kind}Theme" if kind != "cs" else "w:cstheme"), None)  # it would take the theme's font


def element(tag: str, attributes: dict[str, str]) -> Any:
    """An element of the format with its attributes."""
    made = OxmlElement(tag)
    for name, value in attributes.items():
        made.set(qn(name), value)
    return made


# What stands after the direction of a paragraph, as the standard orders it.
AFTER_BIDI = tuple(
    f"w:{name}" for name in ("adjustRightInd", "snapToGrid", "spacing", "ind", "contextualSpacing", "jc", "rPr")
)
# The order of what is said of a table.
OF_TABLES = tuple(
    qn(f"w:{name}")
    for name in ("tblStyle", "bidiVisual", "tblW", "jc", "tblInd", "tblLayout", "tblCellMar", "tblLook", "tblCaption")
)


def put_in_order(properties: Any, order: tuple[str, ...]) -> None:
    """What is said of something in the order of the standard."""
    properties[:] = sorted(properties, key=lambda one: order.index(one.tag))


def rule(cells: Any, side: str, style: HouseStyle) -> None:
    """A horizontal rule at the top or bottom of the cells."""
    for cell in cells:
        properties = cell._tc.get_or_add_tcPr()
        borders = properties.find(qn("w:tcBorders"))
        if borders is None:
            borders = element("w:tcBorders", {})
            properties.append(borders)
        line = {"w:val": "single", "w:sz": str(round(8 * style.table.rule_pt)), "w:space": "0", "w:color": "000000"}
        if borders.find(qn(f"w:{side}")) is None:
            borders.insert(0 if side == "top" else len(borders), element(f"w:{side}", line))


def add_runs(paragraph: Any, text: Runs) -> None:
    """Runs of text, each in its slant, at the end of a paragraph."""
    for run in text:
        if run.text == "\n":
            paragraph.add_run().add_break()
            continue
        for letters, rightward in pieces(printable(run.text)):
            made = paragraph.add_run(letters)
            made.italic = run.italic or None
            made.font.rtl = rightward or None


def add_label(paragraph: Any, text: Runs) -> None:
    """Runs that are a paragraph by themselves, in the direction in which they read, where they would stand in any other."""
    add_runs(paragraph, text)
    if not reads_right("".join(run.text for run in text)):
        return
    shape = paragraph.paragraph_format
    if paragraph.alignment == WD_ALIGN_PARAGRAPH.LEFT:
        paragraph.alignment = WD_ALIGN_PARAGRAPH.RIGHT
        shape.left_indent, shape.right_indent = shape.right_indent, shape.left_indent
    paragraph._p.get_or_add_pPr().insert_element_before(element("w:bidi", {}), *AFTER_BIDI)


def undated(data: bytes) -> bytes:
    """The same archive with a fixed date on every part, so that the same exhibits give the same bytes."""
    out = io.BytesIO()
    with zipfile.ZipFile(io.BytesIO(data)) as old, zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as new:
        for name in old.namelist():
            new.writestr(zipfile.ZipInfo(name, (2000, 1, 1, 0, 0, 0)), old.read(name), zipfile.ZIP_DEFLATED)
    return out.getvalue()
