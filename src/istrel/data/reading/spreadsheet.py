"""Workbooks (XLSX, ODS). They are taken apart in a process of its own: a hostile file can end that process, never Istrel."""

from __future__ import annotations

import json
import subprocess
import sys
import tempfile
import time
import zipfile
from pathlib import Path
from typing import Any

import pyarrow as pa

from istrel.data.reading.arrow import table_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table
from istrel.problem import Problem, nearest

MOST_BYTES = 2**30
PATIENCE = 600.0
GIVEN_UP = "it cannot be read as a workbook. Save it again from a spreadsheet program, or as delimited text (.csv)."


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a sheet of a workbook; formulas give the values that were saved with them.

    Raises
    ------
    Problem
        For files that are no workbooks or too large when unpacked, and unknown sheets.
    """
    check_size(path)
    with tempfile.TemporaryDirectory(prefix="istrel-") as folder:
        target = Path(folder) / "sheet.arrow"
        request = {
            "path": str(path),
            "sheet": settings.sheet,
            "header_row": settings.header_row,
            "target": str(target),
        }
        answer = _ask(path, request, watch)
        if "sheets" in answer:
            raise Problem(_no_sheet(path, str(settings.sheet), answer["sheets"]))
        if "trouble" in answer:
            raise Problem(f"{path.name}: {answer['trouble']}")
        whole = pa.ipc.open_file(target).read_all()
        reading = f"sheet {answer['sheet']}"
        return table_of(path, whole, reading, remarks=tuple(answer["remarks"]), decimal=settings.decimal or ".")


def sheet_names(path: Path) -> tuple[str, ...]:
    """The sheets of a workbook."""
    check_size(path)
    return tuple(_ask(path, {"path": str(path), "list": True}, Watch()).get("sheets", ()))


def check_size(path: Path) -> None:
    """Refuse what is no archive, or would be too large unpacked.

    Raises
    ------
    Problem
        With what to do.
    """
    try:
        with zipfile.ZipFile(path) as archive:
            size = sum(entry.file_size for entry in archive.infolist())
    except (zipfile.BadZipFile, OSError, ValueError, NotImplementedError) as error:
        raise Problem(f"{path.name}: {GIVEN_UP}") from error
    if size > MOST_BYTES:
        raise Problem(
            f"{path.name}: unpacked it would take {size / 2**30:.1f} GB, more than a workbook may (1 GB). "
            "Save the sheet as delimited text (.csv)."
        )


def _ask(path: Path, request: dict[str, Any], watch: Watch) -> dict[str, Any]:
    """What the process that takes the workbook apart answers."""
    command = [sys.executable, "-I", "-c", BOOT, json.dumps(sys.path), json.dumps(request)]
    until = time.monotonic() + PATIENCE
    with subprocess.Popen(command, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL) as worker:
        try:
            while worker.poll() is None:
                watch.report(0.5)
                if time.monotonic() > until:
                    raise Problem(f"{path.name}: reading took longer than ten minutes and was given up.")
                try:
                    worker.wait(0.05)
                except subprocess.TimeoutExpired:
                    continue
        except Problem:
            worker.kill()
            raise
        assert worker.stdout is not None
        said = worker.stdout.read()
    try:
        answer: dict[str, Any] = json.loads(said)
    except ValueError:
        raise Problem(f"{path.name}: {GIVEN_UP}") from None
    return answer


def _no_sheet(path: Path, wanted: str, sheets: list[str]) -> str:
    return f"{path.name}: there is no sheet “{wanted}”.{nearest(wanted, sheets)} Its sheets are {', '.join(sheets)}."


BOOT = (
    "import json, sys; sys.path[:] = json.loads(sys.argv[1]); "
    "from istrel.data.reading.workbook import answer; answer(json.loads(sys.argv[2]))"
)
