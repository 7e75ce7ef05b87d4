"""What several commands need: how sources are opened, where outputs go. Slow imports are inside the functions."""

from __future__ import annotations

import sys
from collections.abc import Iterable, Iterator
from contextlib import contextmanager
from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.problem import Problem

if TYPE_CHECKING:
    import argparse

    from istrel.render import Output
    from istrel.style.house import HouseStyle

DONE, NOT_HELD = 0, 1
READING = (
    *("codebook", "delimiter", "decimal", "encoding", "header_row", "sheet", "dates", "missing"),
    *("person", "occasion", "counted", "weighted", "strata", "clusters"),
)


def targets(options: argparse.Namespace) -> list[tuple[Output, Path | None]]:
    """(output, path) of every file wanted; no path means standard output."""
    from istrel.render import OUTPUTS, output_of

    found: list[tuple[Output, Path | None]] = []
    for name in options.out or ["-"]:
        if name == "-":
            streamed = [output.ending for output in OUTPUTS.values() if output.streamed]
            if options.to not in streamed:
                raise Problem(f"standard output takes --to {', '.join(streamed)}; or name a file with -o.")
            found.append((output_of(options.to), None))
            continue
        path = Path(name)
        if path.is_dir():
            raise Problem(f"{path}: this is a folder; name a file in it.")
        ending = (options.to if len(options.out) == 1 else None) or path.suffix
        if not ending:
            raise Problem(f"{path}: the ending of the file chooses the output; add one, for example .docx.")
        found.append((output_of(ending), path))
    return found


def with_dpi(style: HouseStyle, dpi: int | None) -> HouseStyle:
    """The style with another resolution of pictures."""
    import msgspec

    if dpi is None:
        return style
    if not 72 <= dpi <= 1200:
        raise Problem(f"--dpi is a number between 72 and 1200; {dpi} is not.")
    return msgspec.structs.replace(style, figure=msgspec.structs.replace(style.figure, dpi=dpi))


def opening(options: argparse.Namespace) -> Any:
    from istrel.data.codebook import parse_missing
    from istrel.data.reading import ReadingSettings
    from istrel.data.rows import Rows
    from istrel.study.opening import Opening

    if options.delimiter == "\\t":
        options.delimiter = "\t"
    if options.header_row is not None and options.header_row < 0:
        raise Problem("the row of names is counted from 1; 0 means there is none.")
    reading = ReadingSettings(
        options.delimiter, options.decimal, options.encoding, options.header_row, options.sheet, options.dates
    )
    said = options.person, options.occasion, options.counted, options.weighted, options.strata, options.clusters
    rows = Rows(*said)
    return Opening(reading, options.codebook, parse_missing(options.missing), rows)


def write(content: bytes, path: Path | None, options: argparse.Namespace) -> None:
    """To standard output, or whole into a file that is none of those the run reads."""
    from istrel.files import write_whole

    if path is not None:
        write_whole(path, content, sources=sources(options))
        return
    try:
        sys.stdout.buffer.write(content)
        sys.stdout.buffer.flush()
    except BrokenPipeError:
        raise
    except OSError as error:
        raise Problem(f"standard output cannot be written to ({(error.strerror or 'no access').lower()}).") from None


@contextmanager
def naming(sentence: str, options: argparse.Namespace) -> Iterator[None]:
    """A Problem with one of several sentences says which."""
    from istrel.sentence.vocabulary.takes import shortened

    try:
        yield
    except Problem as problem:
        if len(options.sentences) == 1:
            raise
        place = options.sentences.index(sentence) + 1
        raise Problem(f"sentence {place} (“{shortened(sentence)}”): {problem.message}") from problem


def sources(options: argparse.Namespace) -> tuple[str, ...]:
    """Every file that the run reads."""
    return tuple(getattr(options, name, "") for name in ("source", "study", "codebook", "style"))


def refuse_reading(options: argparse.Namespace) -> None:
    """Raises where a study is given together with what says how a data file is read."""
    given = next((name for name in READING if getattr(options, name) not in (None, "")), None)
    if given is not None:
        raise Problem(
            f"--{given.replace('_', '-')} says how a data file is read; a study holds its own data and codebook."
        )


def data_of(options: argparse.Namespace) -> tuple[Any, Any]:
    """(data, the condition that holds for every exhibit) of a data file, or of the source in use of a study."""
    from istrel.study.places import is_study

    path = Path(options.source)
    if not is_study(path):
        from istrel.study.opening import open_data

        data = open_data(options.source, opening(options))
        book = Path(options.codebook).name
        tell(remark for remark in data.table.source.remarks if book and book in remark)
        return data, None
    from istrel.study.file import StudyFile

    refuse_reading(options)
    with StudyFile(path, writing=False) as file:
        study = file.history.study
    return study.data, study.standing


def is_study_name(name: str) -> bool:
    from istrel.study.places import is_study

    return is_study(Path(name))


def study_path(name: str) -> Path:
    """The path of a study.

    Raises
    ------
    Problem
        Where the name is not that of a study.
    """
    from istrel.study.places import ENDING

    if not is_study_name(name):
        raise Problem(f"{name}: the name of a study ends in {ENDING}.")
    return Path(name)


def style_of(options: argparse.Namespace, study: Any) -> HouseStyle:
    """The house style that was asked for, else that of the study."""
    from istrel.style.house import load_style, style_from

    return load_style(options.style) if options.style else style_from(study.style)


def tell(lines: Iterable[str]) -> None:
    """Lines on standard error."""
    for line in lines:
        print(f"istrel: {line}", file=sys.stderr)
