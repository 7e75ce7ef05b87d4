"""From a path to data that can be described: reading, the guessed codebook, and a codebook file laid over it."""

from __future__ import annotations

from dataclasses import dataclass, field
from pathlib import Path

from istrel import demo
from istrel.data.codebook import Codebook, MissingCode
from istrel.data.dataset import Dataset
from istrel.data.guess import guess_codebook
from istrel.data.reading import ReadingSettings, read
from istrel.problem import Problem
from istrel.study.codebook_csv import read_codebook


@dataclass(frozen=True)
class Opening:
    """How a source is opened: reading settings, a codebook file, and missing codes for all variables."""

    reading: ReadingSettings = field(default_factory=ReadingSettings)
    codebook: str = ""
    missing: tuple[MissingCode, ...] = ()


def open_data(path: str | Path, opening: Opening | None = None) -> Dataset:
    """The data in a file with their codebook.

    The demo file brings its own codebook; any other file gets a guessed one.

    Raises
    ------
    Problem
        When the file or the codebook cannot be read, naming file and line.
    """
    opening = opening or Opening()
    table = read(path, opening.reading)
    codebook = guess_codebook(table)
    if Path(path).resolve() == demo.LEARNERS.resolve():
        codebook = read_codebook(demo.CODEBOOK.read_text(encoding="utf-8"), demo.CODEBOOK.name, codebook)
    if opening.codebook:
        codebook = _laid_over(codebook, Path(opening.codebook))
    if opening.missing:
        codebook = codebook.with_missing(opening.missing)
    return Dataset(table, codebook)


def _laid_over(codebook: Codebook, path: Path) -> Codebook:
    try:
        return read_codebook(path.read_text(encoding="utf-8-sig"), path.name, codebook)
    except OSError:
        raise Problem(f"{path}: the codebook cannot be read.") from None
    except UnicodeDecodeError:
        raise Problem(f"{path.name}: the codebook is not UTF-8 text.") from None
