"""Taking a workbook apart, in a process of its own with bounded memory: `answer` writes an Arrow file and says how it went."""

from __future__ import annotations

import datetime
import json
import os
import resource
import sys
import time
from collections.abc import Iterator
from threading import Thread
from typing import Any

import pyarrow as pa

from istrel.data.reading.notes import first_of
from istrel.data.reading.on_its_side import TURNED, lies_on_its_side, turned
from istrel.data.reading.sheet_tables import SheetTable, tables_in
from istrel.english import english, taken_apart

MOST_MEMORY = 4 * 2**30


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
    wanted, _, place = (request["sheet"] or "").partition("!")
    name = _named(wanted, sheets) if wanted else ""
    if name is None:
        return {"sheets": sheets}
    seen = _visible(book, sheets)
    found = {one: _tables(book, one, request["header_row"]) for one in ([name] if name else seen)}
    if not name:
        name = max(found, key=lambda one: _worth(found[one]), default="")
    if not found.get(name):
        return {"trouble": f"the sheet “{name}” is empty." if name else "there is no sheet in it."}
    table = next((one for one in found[name] if one.place == place.upper()), None) if place else found[name][0]
    if table is None:
        places = ", ".join(f"{name}!{one.place}" for one in found[name])
        return {"trouble": f"no table of the sheet “{name}” has its names in {place}; its tables are {places}."}
    remarks = list(_remarks(name, table, found[name], request, sheets, seen))
    names, body = [_text(value) or "" for value in table.names], table.body
    wide = max((place + 1 for place, given in enumerate(names) if given), default=0)
    wide = max([wide, *(place + 1 for row in body for place, value in enumerate(row) if value not in ("", None))])
    names = [*names, *[""] * wide][:wide]
    body = [[*row, *[""] * wide][:wide] for row in body]
    if request["header_row"] is None and lies_on_its_side(
        [tuple(_text(value) or "" for value in row) for row in (names, *body)]
    ):
        names, *body = map(list, turned([names, *body]))
        names, wide = [_text(name) or "" for name in names], len(names)
        remarks.append(english("{name}: {words}", name=english("Shape"), words=TURNED))
    columns = [_column([row[place] for row in body]) for place in range(wide)]
    kept = [i for i, column in enumerate(columns) if names[i] or column.null_count < len(column)]  # no blank margins
    table = pa.Table.from_arrays([columns[i] for i in kept], names=[names[i] for i in kept])
    with pa.OSFile(request["target"], "wb") as file, pa.ipc.new_file(file, table.schema) as writer:
        writer.write_table(table)
    return {"sheet": name, "remarks": [taken_apart(remark) for remark in remarks]}


def _visible(book: Any, sheets: list[str]) -> list[str]:
    """The sheets that a person sees; all where none is."""
    seen = [about.name for about in book.sheets_metadata if str(about.visible).endswith("Visible")]
    return [name for name in sheets if name in seen] or sheets


def _tables(book: Any, name: str, names_row: int | None) -> list[SheetTable]:
    sheet = book.get_sheet_by_name(name)
    return tables_in(sheet.to_python(skip_empty_area=False), sheet.merged_cell_ranges or [], names_row)


def _worth(tables: list[SheetTable]) -> tuple[bool, int]:
    return (tables[0].is_data, tables[0].size) if tables else (False, 0)


def _remarks(
    name: str, table: SheetTable, tables: list[SheetTable], request: dict[str, Any], sheets: list[str], seen: list[str]
) -> Iterator[str]:
    """What a person should know of what was taken and what was left."""
    if table.names_row > 0 and request["header_row"] is None:
        yield english(
            "Names were found in row {row} of the sheet “{name}”; what stands above is left out.",
            row=str(table.names_row + 1),
            name=name,
        )
    if table.left_out:
        shown = " · ".join(f"“{text[:60]}”" for text in table.left_out[:3])
        yield english("Below the table was left out: {words}.", words=shown)
    others = [one for one in tables if one is not table and one.is_data]
    if others:
        places = first_of([f"{name}!{one.place}" for one in others])
        yield english("On the sheet “{name}” there are also tables in {places}.", name=name, places=places)
    if not request["sheet"] and len(sheets) > 1:
        rest = [
            sheet if sheet in seen else english("{name} (hidden)", name=sheet[:60]) for sheet in sheets if sheet != name
        ]
        yield english("Only the sheet “{name}” was read; there are also {others}.", name=name, others=first_of(rest))


def _named(wanted: str, sheets: list[str]) -> str | None:
    """A sheet by its name, or by its number from 1."""
    if wanted in sheets:
        return wanted
    if wanted.isascii() and wanted.isdigit() and len(wanted) < 9 and 1 <= int(wanted) <= len(sheets):
        return sheets[int(wanted) - 1]
    return next((sheet for sheet in sheets if sheet.casefold() == wanted.casefold()), None)


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
