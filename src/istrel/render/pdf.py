"""PDF: a figure at its true size, or a whole document on pages with bookmarks, tags, live references and embedded fonts."""

from __future__ import annotations

import contextlib
import ctypes.util
import logging
from collections.abc import Iterator
from typing import Any

from istrel.english import english
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.html import css_string, page
from istrel.style.fonts_folder import FONTS
from istrel.style.house import HouseStyle

SLANTS = {
    "Regular": "normal 400",
    "Italic": "italic 400",
    "Bold": "normal 700",
    "BoldItalic": "italic 700",
}
FAMILIES = {"Istrel Serif": "IstrelSerif", "Istrel Sans": "IstrelSans"}
PAPER = """
@page {{ size: {width}mm {height}mm; margin: {margin}mm {side}mm;
  @bottom-center {{ content: counter(page); font: 9pt {family}; }} }}
main > * {{ page: upright; }}
@page turned {{ size: {height}mm {width}mm; margin: {margin}mm; }}
body {{ margin: 0; widows: 2; orphans: 2; }}
section, figure {{ overflow: visible; margin-bottom: 7mm; break-inside: auto; }}
main > section.turned {{ page: turned; max-width: none; }}
section.turned p, main > p.turned {{ max-width: none; }}
section.short, caption, figcaption {{ break-inside: avoid; }}
tr.over {{ break-after: avoid; }}
figure, .note {{ break-inside: avoid; }}
caption, figcaption, h2, h3, thead {{ break-after: avoid; }}
figcaption .title {{ margin-bottom: 2mm; }}
tr {{ break-inside: avoid; }}
h2.new {{ break-before: page; margin-top: 0; }}
table {{ table-layout: fixed; }}
td {{ padding-left: 0; padding-right: 0; }}
td.placed {{ text-align: left; }}
.before {{ display: inline-block; text-align: right; }}
main > h2.turned, main > p.turned {{ page: turned; }}
th {{ padding-left: 2pt; padding-right: 2pt; }}
p.text {{ text-align: left; hyphens: manual; }}
"""


def render(document: Document) -> bytes:
    """The .pdf file: one figure alone at its true size, anything else set on pages. The same exhibits give the same bytes."""
    if len(document.parts) == 1 and document.items and document.items[0].exhibit.is_figure:
        from istrel.render.print import draw

        return draw(document.items[0].exhibit.sheet, document.style, "pdf")
    return _pages(document)


def _pages(document: Document) -> bytes:
    try:
        with _libraries_by_their_names():
            from weasyprint import HTML
    except OSError:
        raise Problem(
            english("Pages as PDF need the Pango library of the system (libpango); choose .docx or .html.")
        ) from None
    logging.getLogger("weasyprint").setLevel(logging.ERROR)
    style = document.style
    paper = PAPER.format(
        width=style.page.width_mm,
        height=style.page.height_mm,
        margin=style.page.margin_mm,
        side=style.side_mm,
        family=css_string(style.fonts.proof),
    )
    text = page(document, fonts=_faces(style), paper=paper, paged=True)
    made: Any = HTML(string=text, base_url=FONTS.as_uri() + "/", url_fetcher=_shipped_fonts)
    printed: bytes = made.write_pdf(pdf_identifier=b"istrel", pdf_variant="pdf/ua-1")
    return printed


def _found_nowhere(name: str) -> None:  # noqa: ARG001 (called by its name)
    return None


@contextlib.contextmanager
def _libraries_by_their_names() -> Iterator[None]:
    """The page printer tries several names of each library, and loads one of them as it is: a search through what a compiler
    would find, for each of the names that fail, started 45 programs.
    """
    search = ctypes.util.find_library
    ctypes.util.find_library = _found_nowhere
    try:
        yield
    finally:
        ctypes.util.find_library = search


def _shipped_fonts(url: str, *_: Any, **__: Any) -> Any:
    """What a page may load: our fonts and our drawings, and nothing else."""
    from weasyprint.urls import URLFetcher

    if not url.startswith((f"{FONTS.as_uri()}/Istrel", "data:image/svg+xml;base64,", "data:image/png;base64,")):
        raise ValueError(url)
    return URLFetcher().fetch(url)


def _faces(style: HouseStyle) -> str:
    """The shipped font of the style, by its files."""
    family = style.fonts.proof if style.fonts.proof in FAMILIES else "Istrel Serif"
    faces = []
    for slant, described in SLANTS.items():
        path = FONTS / f"{FAMILIES[family]}-{slant}.ttf"
        font_style, weight = described.split()
        if path.is_file():
            faces.append(
                f"@font-face {{ font-family: {css_string(style.fonts.proof)}; font-style: {font_style}; "
                f'font-weight: {weight}; src: url("{path.as_uri()}"); }}'
            )
    return "\n".join(faces)
