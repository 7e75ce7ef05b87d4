"""Faults of Istrel itself: what happened goes to a log, and the user is told where it is in one plain line."""

from __future__ import annotations

import sys
import tempfile
import traceback

from istrel.version import VERSION


def logged(fault: BaseException) -> str:
    """Write what happened into a log of its own; returns its path, or "" where none can be written."""
    try:
        with tempfile.NamedTemporaryFile(
            "w", prefix="istrel-", suffix=".log", delete=False, encoding="utf-8", errors="backslashreplace"
        ) as log:
            log.write(f"internal fault, istrel {VERSION}, {sys.argv}\n")
            traceback.print_exception(fault, file=log)
    except OSError:
        return ""
    return log.name


def told(fault: BaseException) -> str:
    """The line for the user, after the fault was logged."""
    path = logged(fault)
    where = f"what happened is in {path}" if path else "and its log could not be written"
    return f"Something went wrong inside Istrel; {where}. Your data and the study are as they were."
