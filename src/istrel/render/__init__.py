"""Outputs: one module per format. Which ending belongs to which, and what each holds, is said here."""

from __future__ import annotations

from dataclasses import dataclass
from importlib import import_module
from typing import Literal

from istrel.problem import Problem, nearest
from istrel.render.document import Document


@dataclass(frozen=True)
class Output:
    """A format.

    Attributes
    ----------
    words
        What it is called on screen.
    module
        Has `render(document) -> bytes`, or for one figure `draw(sheet, style, ending) -> bytes`.
    holds
        A document holds any number of tables and figures, a figure file one figure.
    streamed
        True where it may go to standard output.
    """

    ending: str
    words: str
    module: str
    holds: Literal["document", "figure"]
    streamed: bool = False


OUTPUTS = {
    output.ending: output
    for output in (
        Output("docx", "Word processor document", "istrel.render.word", "document"),
        Output("odt", "OpenDocument text", "istrel.render.opendocument.text", "document"),
        Output("tex", "LaTeX", "istrel.render.latex", "document", streamed=True),
        Output("html", "Web page", "istrel.render.html", "document", streamed=True),
        Output("pdf", "Pages as PDF", "istrel.render.pdf", "document"),
        Output("csv", "Tables as CSV", "istrel.render.csv", "document", streamed=True),
        Output("xlsx", "Workbook", "istrel.render.xlsx", "document"),
        Output("ods", "OpenDocument spreadsheet", "istrel.render.opendocument.sheet", "document"),
        Output("md", "Markdown", "istrel.render.markdown", "document", streamed=True),
        Output("json", "Values for programs", "istrel.render.json", "document", streamed=True),
        Output("svg", "Figure as SVG", "istrel.render.print", "figure"),
        Output("png", "Figure as PNG", "istrel.render.print", "figure"),
        Output("tif", "Figure as TIFF", "istrel.render.print", "figure"),
    )
}


def output_of(ending: str) -> Output:
    """The output that an ending such as "docx" or ".docx" means.

    Raises
    ------
    Problem
        For an ending that is not known.
    """
    plain = ending.casefold().lstrip(".")
    if plain not in OUTPUTS:
        known = ", ".join(f".{name}" for name in OUTPUTS)
        raise Problem(f"“.{plain}” is no output that can be made.{nearest(plain, OUTPUTS)} Outputs are {known}.")
    return OUTPUTS[plain]


def render(document: Document, ending: str) -> bytes:
    """The document in the format of an ending.

    Raises
    ------
    Problem
        For an ending that is not known, or one that cannot hold these exhibits.
    """
    output = output_of(ending)
    check_fits(document, output)
    loaded = import_module(output.module)
    if output.holds == "figure":
        drawn: bytes = loaded.draw(document.items[0].exhibit.sheet, document.style, output.ending)
        return drawn
    made: bytes = loaded.render(document)
    return made


def check_fits(document: Document, output: Output) -> None:
    """Raises where an output cannot hold what is in the document."""
    if output.holds == "figure":
        if any(not item.exhibit.is_figure for item in document.items):
            others = "choose .docx, .html, .csv or .json, or add “as histogram”"
            raise Problem(f"A table cannot be written as .{output.ending}; {others}.")
        if len(document.items) > 1:
            raise Problem(f"A .{output.ending} file holds one figure; name one sentence, or choose .docx or .html.")
