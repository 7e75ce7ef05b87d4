"""Outputs: one module per format, loaded when it is first wanted; which ending belongs to which, and what each holds."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import Literal

from istrel.english import english
from istrel.exhibits.figure import FigureSheet
from istrel.problem import Problem, nearest
from istrel.render.document import Document


@dataclass(frozen=True)
class Output:
    """A format.

    Attributes
    ----------
    words
        What it is called on screen.
    holds
        A document holds any number of tables and figures, a figure file one figure.
    render
        The content of the file.
    streamed
        True where it may go to standard output.
    """

    ending: str
    words: str
    holds: Literal["document", "figure"]
    render: Callable[[Document], bytes]
    streamed: bool = False


def _word(document: Document) -> bytes:
    from istrel.render.word import render as made

    return made(document)


def _odt(document: Document) -> bytes:
    from istrel.render.opendocument.text import render as made

    return made(document)


def _latex(document: Document) -> bytes:
    from istrel.render.latex import render as made

    return made(document)


def _html(document: Document) -> bytes:
    from istrel.render.html import render as made

    return made(document)


def _pdf(document: Document) -> bytes:
    from istrel.render.pdf import render as made

    return made(document)


def _csv(document: Document) -> bytes:
    from istrel.render.csv import render as made

    return made(document)


def _xlsx(document: Document) -> bytes:
    from istrel.render.xlsx import render as made

    return made(document)


def _ods(document: Document) -> bytes:
    from istrel.render.opendocument.sheet import render as made

    return made(document)


def _markdown(document: Document) -> bytes:
    from istrel.render.markdown import render as made

    return made(document)


def _json(document: Document) -> bytes:
    from istrel.render.json import render as made

    return made(document)


def _drawn(ending: str) -> Callable[[Document], bytes]:
    """The one figure of a document, as a file of its own."""

    def made(document: Document) -> bytes:
        from istrel.render.print import draw

        sheet = document.items[0].exhibit.sheet
        assert isinstance(sheet, FigureSheet)
        return draw(sheet, document.style, ending)

    return made


OUTPUTS = {
    output.ending: output
    for output in (
        Output("docx", "Word processor document", "document", _word),
        Output("odt", "OpenDocument text", "document", _odt),
        Output("tex", "LaTeX", "document", _latex, streamed=True),
        Output("html", "Web page", "document", _html, streamed=True),
        Output("pdf", "Pages as PDF", "document", _pdf),
        Output("csv", "Tables as CSV", "document", _csv, streamed=True),
        Output("xlsx", "Workbook", "document", _xlsx),
        Output("ods", "OpenDocument spreadsheet", "document", _ods),
        Output("md", "Markdown", "document", _markdown, streamed=True),
        Output("json", "Values for programs", "document", _json, streamed=True),
        Output("svg", "Figure as SVG", "figure", _drawn("svg")),
        Output("png", "Figure as PNG", "figure", _drawn("png")),
        Output("tif", "Figure as TIFF", "figure", _drawn("tif")),
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
        raise Problem(
            english(
                "“.{plain}” is no output that can be made.{hint} Outputs are {known}.",
                plain=plain,
                hint=nearest(plain, OUTPUTS),
                known=known,
            )
        )
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
    return output.render(document)


def check_fits(document: Document, output: Output) -> None:
    """Raises where an output cannot hold what is in the document."""
    if output.holds == "figure":
        if any(not item.exhibit.is_figure for item in document.items):
            others = english("choose .docx, .html, .csv or .json, or add “as histogram”")
            raise Problem(
                english("A table cannot be written as .{ending}; {others}.", ending=output.ending, others=others)
            )
        if len(document.items) > 1:
            raise Problem(
                english(
                    "A .{ending} file holds one figure; name one sentence, or choose .docx or .html.",
                    ending=output.ending,
                )
            )
