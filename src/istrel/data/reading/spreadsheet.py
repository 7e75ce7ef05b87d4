"""Workbooks (XLSX, ODS). They are taken apart in a process of its own: a hostile file can end that process, never Istrel."""

from __future__ import annotations

import contextlib
import json
import os
import subprocess
import sys
import tempfile
import time
import zipfile
from pathlib import Path
from typing import Any

import pyarrow as pa

from istrel.data.reading.arrow import table_of
from istrel.data.reading.numbers import Marks
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table
from istrel.english import english, put_together
from istrel.problem import Problem, nearest

MOST_BYTES = 2**30
PATIENCE, SECONDS_PER_BYTE = 8.0, 2e-6  # with more for every byte unpacked
MOST_ANSWER = 64 * 2**20
MOST_NAMED = 12
GIVEN_UP = english(
    "it cannot be read as a workbook. Save it again from a spreadsheet program, or as delimited text (.csv)."
)


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
            raise Problem(english("{file}: {answer}", file=path.name, answer=answer["trouble"]))
        whole = pa.ipc.open_file(target).read_all()
        reading = f"sheet {answer['sheet']}"
        return table_of(
            path,
            whole,
            reading,
            remarks=tuple(map(put_together, answer["remarks"])),
            marks=Marks(settings.decimal or ".", known=bool(settings.decimal), given=bool(settings.decimal)),
            dates=settings.dates,
        )


def sheet_names(path: Path) -> tuple[str, ...]:
    """The sheets of a workbook."""
    check_size(path)
    return tuple(_ask(path, {"path": str(path), "list": True}, Watch()).get("sheets", ()))


def check_size(path: Path) -> int:
    """The bytes of the archive unpacked; refuses what is no archive, or would be too large.

    Raises
    ------
    Problem
        With what to do.
    """
    try:
        with zipfile.ZipFile(path) as archive:
            size = sum(entry.file_size for entry in archive.infolist())
    except (zipfile.BadZipFile, OSError, ValueError, NotImplementedError) as error:
        raise Problem(english("{file}: {given_up}", file=path.name, given_up=GIVEN_UP)) from error
    if size > MOST_BYTES:
        raise Problem(
            english(
                "{file}: unpacked it would take {size:.1f} GB, more than a workbook may (1 GB). "
                "Save the sheet as delimited text (.csv).",
                file=path.name,
                size=size / 2**30,
            )
        )
    return size


def _ask(path: Path, request: dict[str, Any], watch: Watch) -> dict[str, Any]:
    """What the process that takes the workbook apart answers."""
    patience = PATIENCE + SECONDS_PER_BYTE * check_size(path)
    request = {**request, "paths": sys.path, "seconds": patience, "parent": os.getpid()}
    until = time.monotonic() + patience
    with (
        tempfile.TemporaryFile() as asked,
        tempfile.TemporaryFile() as said,
    ):  # files, not pipes: nobody waits for a reader
        asked.write(json.dumps(request).encode())
        asked.seek(0)
        with subprocess.Popen(
            [sys.executable, "-I", "-c", BOOT], stdin=asked, stdout=said, stderr=subprocess.DEVNULL
        ) as worker:
            try:
                while worker.poll() is None:
                    watch.report(0.5)
                    if time.monotonic() > until:
                        raise Problem(
                            english(
                                "{file}: {given_up} (It was given up after {patience:.0f} seconds.)",
                                file=path.name,
                                given_up=GIVEN_UP,
                                patience=patience,
                            )
                        )
                    with contextlib.suppress(subprocess.TimeoutExpired):
                        worker.wait(0.05)
            except BaseException:
                worker.kill()
                raise
        said.seek(0)
        try:
            answer: dict[str, Any] = json.loads(said.read(MOST_ANSWER))
        except ValueError:
            raise Problem(english("{file}: {given_up}", file=path.name, given_up=GIVEN_UP)) from None
    return answer


def _no_sheet(path: Path, wanted: str, sheets: list[str]) -> str:
    some = ", ".join(sheet[:60] for sheet in sheets[:MOST_NAMED])
    return english(
        "{file}: there is no sheet “{wanted}”.{hint} Its sheets are {names}.",
        file=path.name,
        wanted=wanted,
        hint=nearest(wanted, sheets),
        names=f"{some} …" if len(sheets) > MOST_NAMED else some,
    )


BOOT = (
    "import json, sys; request = json.load(sys.stdin); sys.path[:] = request['paths']; "
    "from istrel.data.reading.workbook import answer; answer(request)"
)
