"""Outputs: one module per format, each with `render(document) -> bytes`. Which ending belongs to which is said here."""

from __future__ import annotations

from collections.abc import Callable
from importlib import import_module

from istrel.problem import Problem, nearest
from istrel.render.document import Document

# Ending: (module, what it holds). A figure file holds one figure; a document holds any number of tables and figures.
OUTPUTS: dict[str, tuple[str, str]] = {
    "docx": ("istrel.render.docx", "document"),
    "html": ("istrel.render.html", "document"),
    "csv": ("istrel.render.csv", "tables"),
    "md": ("istrel.render.markdown", "tables"),
    "json": ("istrel.render.json", "document"),
    "pdf": ("istrel.render.figure", "figure"),
    "svg": ("istrel.render.figure", "figure"),
    "png": ("istrel.render.figure", "figure"),
}


def render(document: Document, ending: str) -> bytes:
    """The document in the format of an ending such as "docx".

    Raises
    ------
    Problem
        For an ending that is not known, or one that cannot hold these exhibits.
    """
    ending = ending.casefold().lstrip(".")
    if ending not in OUTPUTS:
        known = ", ".join(f".{name}" for name in OUTPUTS)
        raise Problem(f"“.{ending}” is no output that can be made.{nearest(ending, OUTPUTS)} Outputs are {known}.")
    module, holds = OUTPUTS[ending]
    _check_fits(document, ending, holds)
    loaded = import_module(module)
    if holds == "figure":
        draw: Callable[..., bytes] = loaded.draw
        return draw(document.items[0].exhibit.sheet, document.style, ending)
    make: Callable[[Document], bytes] = loaded.render
    return make(document)


def _check_fits(document: Document, ending: str, holds: str) -> None:
    if holds == "figure":
        tables = [item for item in document.items if not item.exhibit.is_figure]
        if tables:
            raise Problem(
                f"A table cannot be written as .{ending}; choose .docx, .html, .csv or .json, or add “as histogram”."
            )
        if len(document.items) > 1:
            raise Problem(f"A .{ending} file holds one figure; name one sentence, or choose .docx or .html.")
    if holds == "tables" and any(item.exhibit.is_figure for item in document.items):
        raise Problem(f"A figure cannot be written as .{ending}; choose .svg, .pdf, .png, .docx or .html.")
