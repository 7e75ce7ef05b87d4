"""The codebook as an output: CSV for programs; and as an appendix, one module per format, each with `render(codebook) -> bytes`."""

from __future__ import annotations

from importlib import import_module

from istrel.data.dataset import Dataset
from istrel.problem import Problem, nearest
from istrel.study.codebook_csv import write_codebook
from istrel.study.printed_codebook import print_codebook

APPENDICES = ("docx", "odt", "html")
ENDINGS = ("csv", *APPENDICES)


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
    if ending not in APPENDICES:
        known = ", ".join(f".{name}" for name in ENDINGS)
        raise Problem(f"A codebook cannot be written as “.{ending}”.{nearest(ending, ENDINGS)} It can be {known}.")
    made: bytes = import_module(f"istrel.render.codebook.{ending}").render(print_codebook(data))
    return made
