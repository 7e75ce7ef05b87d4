"""The command line: the same sentence, the same numbers, no screen needed. Prints one plain line for any mistake."""

from __future__ import annotations

import sys
import warnings
from collections.abc import Sequence
from pathlib import Path

from istrel.problem import Problem

DONE, REFUSED, FAULT, STOPPED = 0, 2, 3, 130


def main(arguments: Sequence[str] | None = None) -> int:
    """Run the command; returns the exit code (0 done, 1 a check did not hold, 2 the request cannot be met, 3 an internal fault)."""
    words = list(sys.argv[1:] if arguments is None else arguments)
    try:
        with warnings.catch_warnings():
            if not sys.warnoptions:
                warnings.simplefilter("ignore")  # of libraries, about numbers that print as a dash with its reason
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
    from istrel.commands.arguments import joined, window_parser
    from istrel.commands.catalogue import COMMANDS

    command = words[0]
    if command in COMMANDS and not (len(words) == 1 and Path(command).exists()):
        parser, run = COMMANDS[command]
        return run(parser().parse_args(joined(words[1:])))
    options = window_parser().parse_args(words)
    return _open_window(options.file or "", demo=options.demo)


def _open_window(path: str, *, demo: bool) -> int:
    from istrel.app.start import run

    if path:
        from istrel.data.reading.read import check

        check(Path(path))
    return run(path, demo=demo)
