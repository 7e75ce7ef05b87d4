"""The codebook as an output: CSV and the open standards for programs; and as an appendix, one module per format."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import PurePath

from istrel.data.dataset import Dataset
from istrel.english import english
from istrel.problem import Problem, nearest
from istrel.study.codebooks.own import write_codebook
from istrel.study.codebooks.table_schema import write_package
from istrel.study.printed_codebook import PrintedCodebook, print_codebook, retold


def _docx(codebook: PrintedCodebook) -> bytes:
    from istrel.render.codebook.docx import render

    return render(codebook)


def _odt(codebook: PrintedCodebook) -> bytes:
    from istrel.render.codebook.odt import render

    return render(codebook)


def _html(codebook: PrintedCodebook) -> bytes:
    from istrel.render.codebook.html import render

    return render(codebook)


def _csv(data: Dataset) -> bytes:
    return write_codebook(data.codebook).encode()


def _package(data: Dataset) -> bytes:
    return write_package(data).encode()


def _web(data: Dataset) -> bytes:
    from istrel.study.codebooks.csv_on_the_web import write_metadata

    return write_metadata(data).encode()


def _ddi(data: Dataset) -> bytes:
    from istrel.study.codebooks.ddi import write_ddi

    return write_ddi(data)


FORMS: dict[str, Callable[[Dataset], bytes]] = {
    ".csv": _csv,
    "-metadata.json": _web,
    ".json": _package,
    ".xml": _ddi,
}  # the first that a name ends in
PRINTED: dict[str, Callable[[PrintedCodebook], bytes]] = {".docx": _docx, ".odt": _odt, ".html": _html}


def render_codebook(data: Dataset, name: str, told: Callable[[str], str] = str, language: str = "en") -> bytes:
    """The codebook in the form that the name of its file ends in: CSV, a Data Package, CSV on the Web, DDI, or an appendix.

    Parameters
    ----------
    told, language
        Says a text of ours in the language in which an appendix is printed.

    Raises
    ------
    Problem
        For an ending that is not known.
    """
    printed = next((form for end, form in PRINTED.items() if name.casefold().endswith(end)), None)
    if printed is not None:
        return printed(retold(print_codebook(data), told, language))
    found = next((form for end, form in FORMS.items() if name.casefold().endswith(end)), None)
    if found is None:
        ending = PurePath(name).suffix or name
        known = ", ".join((*FORMS, *PRINTED))
        raise Problem(
            english(
                "A codebook cannot be written as “{ending}”.{hint} Its name can end in {known}.",
                ending=ending,
                hint=nearest(ending, (*FORMS, *PRINTED)),
                known=known,
            )
        )
    return found(data)
