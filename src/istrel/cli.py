"""The command line: the same sentence, the same numbers, no screen needed. Prints one plain line for any mistake."""

from __future__ import annotations

import argparse
import logging
import sys
import tempfile
from collections.abc import Sequence
from pathlib import Path
from typing import Any, NoReturn

from istrel import __version__
from istrel.data.problem import Problem

DONE, REFUSED, FAULT = 0, 2, 3
STREAMED = ("json", "md", "csv", "html")
NOT_YET = ("look", "build", "codebook")
USAGE = """usage: istrel [FILE] [--demo]
       istrel make SOURCE "SENTENCE" ... -o OUT [--to FORMAT] [options]
"""


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
    except Exception:
        return _fault()


def _run(words: list[str]) -> int:
    if words and words[0] == "make":
        return _make(_make_parser().parse_args(words[1:]))
    if words and words[0] in NOT_YET and not Path(words[0]).exists():
        raise Problem(f"“istrel {words[0]}” cannot be done yet; “istrel make” can.")
    return _open_window(_window_parser().parse_args(words))


def _fault() -> int:
    """The traceback goes to a log; the user gets its path."""
    with tempfile.NamedTemporaryFile("w", prefix="istrel-", suffix=".log", delete=False, encoding="utf-8") as log:
        handler = logging.StreamHandler(log)
        logger = logging.getLogger("istrel")
        logger.addHandler(handler)
        logger.exception("internal fault, istrel %s, %s", __version__, sys.argv)
        logger.removeHandler(handler)
    print(f"istrel: an internal fault; what happened is in {log.name}", file=sys.stderr)
    return FAULT


class Parser(argparse.ArgumentParser):
    """Mistakes in options as one plain line."""

    def error(self, message: str) -> NoReturn:
        raise Problem(f"{message[0].lower()}{message[1:]} (see {self.prog} --help)")


def _window_parser() -> Parser:
    parser = Parser(prog="istrel", usage=USAGE, description="Descriptive tables and figures, said in one sentence.")
    parser.add_argument("file", nargs="?", help="a data file to open")
    parser.add_argument("--demo", action="store_true", help="open the demo study")
    parser.add_argument("--version", action="version", version=f"istrel {__version__}")
    return parser


def _make_parser() -> Parser:
    parser = Parser(prog="istrel make", description="Make exhibits from a data file.")
    parser.add_argument("source", help="a data file")
    parser.add_argument("sentences", nargs="+", metavar="SENTENCE", help='e.g. "describe age across site as table"')
    parser.add_argument("-o", dest="out", default=None, help="the file to write; its ending chooses the output; - writes to standard output")
    parser.add_argument("--to", default=None, help=f"the format on standard output: {', '.join(STREAMED)}")
    parser.add_argument("--style", default="apa7", help="a house style's name or file")
    parser.add_argument("--codebook", default="", help="a codebook as CSV")
    parser.add_argument("--delimiter", help="what separates the fields; \\t for a tab")
    parser.add_argument("--decimal", choices=[".", ","], help="the decimal mark")
    parser.add_argument("--encoding", help="for example utf-8 or cp1252")
    parser.add_argument("--header-row", type=int, help="the row that holds the names, from 1; 0 for none")
    parser.add_argument("--sheet", help="the sheet of a spreadsheet")
    parser.add_argument("--missing", default="", help='missing codes for all variables, e.g. "-9,99"')
    return parser


def _make(options: argparse.Namespace) -> int:
    from istrel.exhibits.make import make_exhibit
    from istrel.render import render
    from istrel.render.document import Document, numbered
    from istrel.study.opening import open_data
    from istrel.style import load_style

    ending, path = _target(options)
    style = load_style(options.style)
    data = open_data(options.source, _opening(options))
    exhibits = [make_exhibit(sentence, data, style) for sentence in options.sentences]
    document = Document(numbered(exhibits), style, data.table.source)
    _write(render(document, ending), path)
    return DONE


def _target(options: argparse.Namespace) -> tuple[str, Path | None]:
    """(ending, path); no path means standard output."""
    if options.out is None or options.out == "-":
        if options.to not in STREAMED:
            raise Problem(f"standard output takes --to {', '.join(STREAMED)}; or name a file with -o.")
        return options.to, None
    path = Path(options.out)
    if path.is_dir():
        raise Problem(f"{path}: this is a folder; name a file in it.")
    ending = options.to or path.suffix
    if not ending:
        raise Problem(f"{path}: the ending of the file chooses the output; add one, for example .docx.")
    from istrel.render import OUTPUTS

    if ending.casefold().lstrip(".") not in OUTPUTS:
        known = ", ".join(f".{name}" for name in OUTPUTS)
        raise Problem(f"“{ending}” is no output that can be made. Outputs are {known}.")
    return ending, path


def _opening(options: argparse.Namespace) -> Any:
    from istrel.data.codebook import parse_missing
    from istrel.data.reading import ReadingSettings
    from istrel.study.opening import Opening

    if options.delimiter == "\\t":
        options.delimiter = "\t"
    if options.delimiter is not None and len(options.delimiter) != 1:
        raise Problem(f"the delimiter is one character; “{options.delimiter}” is not.")
    if options.header_row is not None and options.header_row < 0:
        raise Problem("the row of names is counted from 1; 0 means there is none.")
    reading = ReadingSettings(options.delimiter, options.decimal, options.encoding, options.header_row)
    return Opening(reading, options.codebook, parse_missing(options.missing))


def _write(content: bytes, path: Path | None) -> None:
    """Write at once and whole: a file is never left half written."""
    if path is None:
        sys.stdout.buffer.write(content)
        sys.stdout.buffer.flush()
        return
    try:
        with tempfile.NamedTemporaryFile(dir=path.parent, prefix=f".{path.name}.", delete=False) as part:
            part.write(content)
        Path(part.name).chmod(0o644)
        Path(part.name).replace(path)
    except OSError as error:
        raise Problem(f"{path}: cannot be written ({(error.strerror or 'no access').lower()}).") from None


def _open_window(options: argparse.Namespace) -> int:
    from istrel import demo
    from istrel.app.start import run

    if options.file:
        from istrel.data.reading.read import check

        check(Path(options.file))
    return run(str(demo.LEARNERS) if options.demo else options.file or "", demo=options.demo)
