"""The codebook as an output: CSV and a Data Package for programs; and as an appendix, one module per format."""

from __future__ import annotations

from collections.abc import Callable

from istrel.data.dataset import Dataset
from istrel.problem import Problem, nearest
from istrel.study.codebook_csv import write_codebook
from istrel.study.printed_codebook import PrintedCodebook, print_codebook
from istrel.study.table_schema import write_package


def _docx(codebook: PrintedCodebook) -> bytes:
    from istrel.render.codebook.docx import render

    return render(codebook)


def _odt(codebook: PrintedCodebook) -> bytes:
    from istrel.render.codebook.odt import render

    return render(codebook)


def _html(codebook: PrintedCodebook) -> bytes:
    from istrel.render.codebook.html import render

    return render(codebook)


APPENDICES: dict[str, Callable[[PrintedCodebook], bytes]] = {"docx": _docx, "odt": _odt, "html": _html}
ENDINGS = ("csv", "json", *APPENDICES)


def render_codebook(data: Dataset, ending: str) -> bytes:
    """The codebook in the format of an ending such as "csv" or "docx".

    Raises
    ------
    Problem
        For an ending that is not known.
    """
    ending = ending.casefold().lstrip(".")
    if ending == "csv":
        return write_codebook(data.codebook).encode()
    if ending == "json":
        return write_package(data).encode()
    if ending not in APPENDICES:
        known = ", ".join(f".{name}" for name in ENDINGS)
        raise Problem(f"A codebook cannot be written as “.{ending}”.{nearest(ending, ENDINGS)} It can be {known}.")
    return APPENDICES[ending](print_codebook(data))
