"""Taking a workbook apart, in a process of its own with bounded memory: `answer` writes an Arrow file and says how it went."""

from __future__ import annotations

import datetime
import json
import os
import resource
import sys
import time
from threading import Thread
from typing import Any

import pyarrow as pa

MOST_MEMORY = 4 * 2**30
LOOK_AT = 20


def answer(request: dict[str, Any]) -> None:
    """Do what is asked and print one JSON object: the sheet read and remarks, or the sheets there are, or the trouble."""
    resource.setrlimit(resource.RLIMIT_AS, (MOST_MEMORY, MOST_MEMORY))
    seconds = int(request["seconds"]) + 1
    resource.setrlimit(resource.RLIMIT_CPU, (seconds, seconds))  # it ends even where nobody is left to end it
    Thread(target=_leave_with, args=(request["parent"],), daemon=True).start()
    try:
        said = _answer(request)
    except MemoryError:
        said = {"trouble": "the sheet needs more than 4 GB of memory. Save it as delimited text (.csv)."}
    json.dump(said, sys.stdout)


def _leave_with(parent: int) -> None:
    """End this process once the one that asked is gone."""
    while os.getppid() == parent:
        time.sleep(0.5)
    os._exit(1)


def _answer(request: dict[str, Any]) -> dict[str, Any]:
    from python_calamine import CalamineWorkbook

    book = CalamineWorkbook.from_path(request["path"])
    sheets = list(book.sheet_names)
    if request.get("list"):
        return {"sheets": sheets}
    wanted = request["sheet"]
    if wanted is None:
        filled = (name for name in sheets if len(_rows(book, name)) > 1)
        name = next(filled, sheets[0] if sheets else None)
    else:
        name = _named(wanted, sheets)
        if name is None:
            return {"sheets": sheets}
    rows = _rows(book, name) if name is not None else []
    if not rows:
        return {"trouble": f"the sheet “{name}” is empty."}
    first = request["header_row"]
    head = _row_of_names(rows) if first is None else max(0, first - 1)
    remarks = []
    if head > 0 and first is None:
        remarks.append(f"Names were found in row {head + 1} of the sheet “{name}”; what stands above is left out.")
    if first is None and len(sheets) > 1:
        others = ", ".join(sheet[:60] for sheet in sheets[:13] if sheet != name) + (", …" if len(sheets) > 13 else "")
        remarks.append(f"Only the sheet “{name}” was read; there are also {others}.")
    names = [_text(value) or "" for value in rows[head]] if first != 0 else [""] * len(rows[0])
    body = rows[head + 1 :] if first != 0 else rows
    body = [row for row in body if any(value not in ("", None) for value in row)]
    wide = max((place + 1 for place, given in enumerate(names) if given), default=0)
    wide = max([wide, *(place + 1 for row in body for place, value in enumerate(row) if value not in ("", None))])
    names = [*names, *[""] * wide][:wide]
    columns = [_column([row[place] for row in body]) for place in range(wide)]
    kept = [i for i, column in enumerate(columns) if names[i] or column.null_count < len(column)]  # no blank margins
    table = pa.Table.from_arrays([columns[i] for i in kept], names=[names[i] for i in kept])
    with pa.OSFile(request["target"], "wb") as file, pa.ipc.new_file(file, table.schema) as writer:
        writer.write_table(table)
    return {"sheet": name, "remarks": remarks}


def _rows(book: Any, name: str) -> list[list[Any]]:
    rows: list[list[Any]] = book.get_sheet_by_name(name).to_python(skip_empty_area=False)
    return rows


def _named(wanted: str, sheets: list[str]) -> str | None:
    """A sheet by its name, or by its number from 1."""
    if wanted in sheets:
        return wanted
    if wanted.isascii() and wanted.isdigit() and len(wanted) < 9 and 1 <= int(wanted) <= len(sheets):
        return sheets[int(wanted) - 1]
    return next((sheet for sheet in sheets if sheet.casefold() == wanted.casefold()), None)


def _row_of_names(rows: list[list[Any]]) -> int:
    """The first row that is nearly as full as the fullest of the first rows: titles above a table are short."""
    filled = [sum(value not in ("", None) for value in row) for row in rows[:LOOK_AT]]
    return next(place for place, count in enumerate(filled) if count >= 0.7 * max(filled))


def _column(values: list[Any]) -> pa.Array:
    """Numbers, dates or texts: of mixed kinds, texts, from which the readers proper take what they can."""
    given = [value for value in values if value not in ("", None)]
    if given and all(isinstance(value, int | float) and not isinstance(value, bool) for value in given):
        return pa.array([None if value in ("", None) else float(value) for value in values], pa.float64())
    if given and all(isinstance(value, datetime.date) for value in given):
        stamps = [None if value in ("", None) else _moment(value) for value in values]
        return pa.array(stamps, pa.timestamp("s"))
    return pa.array([_text(value) for value in values], pa.string())


def _moment(value: datetime.date) -> datetime.datetime:
    if isinstance(value, datetime.datetime):
        return value.replace(microsecond=0)
    return datetime.datetime(value.year, value.month, value.day)


def _text(value: Any) -> str | None:
    if value in ("", None):
        return None
    if isinstance(value, bool):
        return "true" if value else "false"
    if isinstance(value, float) and value.is_integer() and abs(value) < 1e15:
        return str(int(value))
    return str(value)
