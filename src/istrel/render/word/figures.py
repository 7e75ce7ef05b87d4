"""Figures in word-processor documents: pixels at print resolution and the same as vectors, with an alternative text."""

from __future__ import annotations

import io
from hashlib import sha256
from typing import Any

from docx.opc.constants import RELATIONSHIP_TYPE
from docx.opc.packuri import PackURI
from docx.opc.part import Part
from docx.oxml import parse_xml
from docx.oxml.ns import nsmap, qn
from docx.shared import Mm

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import plain_text, print_title
from istrel.render.document import Item
from istrel.style.house import HouseStyle

VECTOR_URI = "{96DAC541-7B7A-43D3-8B79-37D633B846F1}"  # of the open standard’s extension for SVG in pictures
VECTOR = "http://schemas.microsoft.com/office/drawing/2016/SVG/main"


def add_figure(word: Any, item: Item, sheet: FigureSheet, style: HouseStyle) -> tuple[Any, list[str]]:
    """(a paragraph of its own with the figure at the size it prints, the digests of its pictures)."""
    from istrel.render.print import draw
    from istrel.render.scene import make_scene

    paragraph = word.add_paragraph(style="Normal")
    paragraph.paragraph_format.keep_with_next = bool(sheet.notes)
    width = make_scene(sheet, style).width
    pixels, vectors = draw(sheet, style, "png"), draw(sheet, style, "svg", outlines=True)
    picture = paragraph.add_run().add_picture(io.BytesIO(pixels), width=Mm(width))
    _add_vector(word, picture, vectors, item)
    properties = picture._inline.docPr
    properties.set("descr", plain_text(sheet.alt, style))
    properties.set("title", print_title(sheet, style))
    return paragraph._p, [sha256(pixels).hexdigest(), sha256(vectors).hexdigest()]


def _add_vector(word: Any, picture: Any, drawing: bytes, item: Item) -> None:
    """The same figure as vectors beside its pixels: word processors that know them show those."""
    name = PackURI(f"/word/media/figure{item.number}.svg")
    part = Part(name, "image/svg+xml", drawing, word.part.package)
    found = word.part.relate_to(part, RELATIONSHIP_TYPE.IMAGE)
    blip = next(picture._inline.iter(qn("a:blip")))
    extension = parse_xml(
        f'<a:extLst xmlns:a="{nsmap["a"]}"><a:ext uri="{VECTOR_URI}"><asvg:svgBlip xmlns:asvg="{VECTOR}" '
        f'xmlns:r="{nsmap["r"]}" r:embed="{found}"/></a:ext></a:extLst>'
    )
    blip.append(extension)
