"""The command line: the same sentence, the same numbers, no screen needed. Prints one plain line for any mistake."""

from __future__ import annotations

import sys
from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.problem import Problem

if TYPE_CHECKING:
    import argparse

    from istrel.render import Output
    from istrel.style.house import HouseStyle

DONE, REFUSED, FAULT, STOPPED = 0, 2, 3, 130
NOT_YET = ("build",)


def main(arguments: Sequence[str] | None = None) -> int:
    """Run the command; returns the exit code (0 done, 2 the request cannot be met, 3 an internal fault)."""
    words = list(sys.argv[1:] if arguments is None else arguments)
    try:
        return _run(words)
    except Problem as problem:
        print(f"istrel: {problem.message}", file=sys.stderr)
        return REFUSED
    except BrokenPipeError:
        return DONE
    except KeyboardInterrupt:
        print("istrel: stopped; nothing was written.", file=sys.stderr)
        return STOPPED
    except Exception as fault:
        from istrel.fault import logged

        print(f"istrel: an internal fault; what happened is in {logged(fault) or 'no log'}", file=sys.stderr)
        return FAULT


def _run(words: list[str]) -> int:
    if not words:
        return _open_window("", demo=False)
    from istrel.arguments import codebook_parser, joined, look_parser, make_parser, window_parser

    if words[0] == "make":
        return _make(make_parser().parse_args(joined(words[1:])))
    if words[0] == "look" and not (len(words) == 1 and Path("look").exists()):
        return _look(look_parser().parse_args(joined(words[1:])))
    if words[0] == "codebook" and not (len(words) == 1 and Path("codebook").exists()):
        return _codebook(codebook_parser().parse_args(joined(words[1:])))
    if words[0] in NOT_YET and not Path(words[0]).exists():
        raise Problem(f"“istrel {words[0]}” cannot be done yet; “istrel make” can.")
    options = window_parser().parse_args(words)
    return _open_window(options.file or "", demo=options.demo)


def _make(options: argparse.Namespace) -> int:
    """One run, one or several files: the exhibits are made once."""
    from istrel.exhibits.make import make_exhibit
    from istrel.files import refuse_sources
    from istrel.render import check_fits, render
    from istrel.render.document import Document, numbered
    from istrel.study.opening import open_data
    from istrel.style.house import load_style

    targets = _targets(options)
    for _, path in targets:
        if path is not None:
            refuse_sources(path, _sources(options))
    style = _with_dpi(load_style(options.style), options.dpi)
    data = open_data(options.source, _opening(options))
    exhibits = [make_exhibit(sentence, data) for sentence in options.sentences]
    document = Document(numbered(exhibits), style)
    for output, _ in targets:
        check_fits(document, output)
    for output, path in targets:
        _write(render(document, output.ending), path, options)
    return DONE


def _with_dpi(style: HouseStyle, dpi: int | None) -> HouseStyle:
    """The style with another resolution of pictures."""
    import msgspec

    if dpi is None:
        return style
    if not 72 <= dpi <= 1200:
        raise Problem(f"--dpi is a number between 72 and 1200; {dpi} is not.")
    return msgspec.structs.replace(style, figure=msgspec.structs.replace(style.figure, dpi=dpi))


def _look(options: argparse.Namespace) -> int:
    """The intake: text on standard output unless a file or a format is named."""
    from istrel.render.intake import render_intake
    from istrel.study.intake import take_in
    from istrel.study.opening import open_data

    path = Path(options.out) if options.out not in (None, "-") else None
    if path is not None and path.is_dir():
        raise Problem(f"{path}: this is a folder; name a file in it.")
    ending = options.to or (path.suffix if path is not None else "txt")
    if not ending:
        raise Problem(f"{path}: the ending of the file chooses the output; add one, for example .html.")
    _write(render_intake(take_in(open_data(options.source, _opening(options))), ending), path, options)
    return DONE


def _codebook(options: argparse.Namespace) -> int:
    """The codebook as CSV, or as an appendix in the format of the file's ending."""
    from istrel.files import refuse_sources
    from istrel.render.codebook import render_codebook
    from istrel.study.opening import open_data

    path = Path(options.out) if options.out not in (None, "-") else None
    if path is not None:
        refuse_sources(path, _sources(options))
    data = open_data(options.source, _opening(options))
    _write(render_codebook(data, path.suffix if path is not None else "csv"), path, options)
    return DONE


def _targets(options: argparse.Namespace) -> list[tuple[Output, Path | None]]:
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


def _opening(options: argparse.Namespace) -> Any:
    from istrel.data.codebook import parse_missing
    from istrel.data.reading import ReadingSettings
    from istrel.study.opening import Opening

    if options.delimiter == "\\t":
        options.delimiter = "\t"
    if options.header_row is not None and options.header_row < 0:
        raise Problem("the row of names is counted from 1; 0 means there is none.")
    reading = ReadingSettings(options.delimiter, options.decimal, options.encoding, options.header_row, options.sheet)
    return Opening(reading, options.codebook, parse_missing(options.missing))


def _write(content: bytes, path: Path | None, options: argparse.Namespace) -> None:
    """To standard output, or whole into a file that is none of those the run reads."""
    from istrel.files import write_whole

    if path is not None:
        write_whole(path, content, sources=_sources(options))
        return
    try:
        sys.stdout.buffer.write(content)
        sys.stdout.buffer.flush()
    except BrokenPipeError:
        raise
    except OSError as error:
        raise Problem(f"standard output cannot be written to ({(error.strerror or 'no access').lower()}).") from None


def _sources(options: argparse.Namespace) -> tuple[str, ...]:
    """Every file that the run reads."""
    return options.source, options.codebook, getattr(options, "style", "")


def _open_window(path: str, *, demo: bool) -> int:
    from istrel.app.start import run

    if path:
        from istrel.data.reading.read import check

        check(Path(path))
    if demo:
        from istrel.demo import LEARNERS

        path = str(LEARNERS)
    return run(path, demo=demo)
