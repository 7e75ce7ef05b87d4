"""JSON documents: an array of records, records within a key, or columns of arrays; records within records become `a.b`."""

from __future__ import annotations

import json
from collections.abc import Iterator
from itertools import islice
from pathlib import Path
from typing import Any

import msgspec
import pyarrow as pa

from istrel.data.reading.arrow import table_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem

MOST_BYTES, MOST_NAMES, DEEPEST = 2**30, 5_000, 60
NAMES = ("columns", "fields", "header", "headers", "names", "cols")  # keys under which rows of cells have their names
FEWEST_KEYED = 2
SEVERAL = "; "  # between the answers of a short list


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a JSON document.

    Raises
    ------
    Problem
        Where it is no JSON, holds no records, or more than a table does.
    """
    if path.stat().st_size > MOST_BYTES:
        raise Problem(
            english(
                "{file}: a JSON document of more than 1 GB is not read; save its records one to a line (.jsonl).",
                file=path.name,
            )
        )
    try:
        content = msgspec.json.decode(path.read_bytes().removeprefix(b"\xef\xbb\xbf"))
    except (msgspec.DecodeError, UnicodeError) as error:
        if _is_lines(path):
            from istrel.data.reading.json_lines import read_source as read_lines

            return read_lines(path, settings, watch)
        raise Problem(
            english(
                "{file}: this is no sound JSON ({why}).",
                file=path.name,
                why=str(error).removeprefix("JSON is malformed: "),
            )
        ) from None
    except RecursionError:
        raise Problem(
            english("{file}: it is nested more than {deepest} deep.", file=path.name, deepest=DEEPEST)
        ) from None
    key, records = _records(content)
    if not records:
        raise Problem(
            english(
                "{file}: there are no records in it; a table is an array of records, or columns of arrays.",
                file=path.name,
            )
        )
    remarks = (english("The records under “{key}” were read.", key=key),) if key else ()
    return table_of(path, _columns(path, records), "JSON", remarks=remarks, dates=settings.dates)


def _is_lines(path: Path) -> bool:
    """Whether the first two lines are records of their own."""
    with path.open("rb") as file:
        lines = [line for line in islice(file, 20) if line.strip()][:2]
    try:
        return len(lines) > 1 and all(isinstance(json.loads(line), dict) for line in lines)
    except (ValueError, RecursionError):
        return False


def _records(content: Any) -> tuple[str, list[dict[str, Any]]]:
    """(the key they stand under, the records)."""
    if isinstance(content, list):
        if (
            content
            and all(isinstance(row, list) for row in content)
            and all(isinstance(name, str) for name in content[0])
        ):
            return "", [dict(zip(content[0], row, strict=False)) for row in content[1:]]  # rows of cells, names first
        return "", [record for record in content if isinstance(record, dict)]
    if not isinstance(content, dict):
        return "", []
    lists = {key: value for key, value in content.items() if isinstance(value, list)}
    if (named := _named_rows(lists)) is not None:
        return named
    sizes = {len(value) for value in lists.values()}
    plain = all(not isinstance(cell, dict | list) for value in lists.values() for cell in value)
    if len(lists) > 1 and len(lists) == len(content) and len(sizes) == 1 and plain:
        return "", [dict(zip(lists, row, strict=True)) for row in zip(*lists.values(), strict=True)]
    if (keyed := _keyed(content)) is not None:
        return "", keyed
    within = {key: _records(value)[1] for key, value in content.items() if isinstance(value, list | dict)}
    largest = max(within, key=lambda key: len(within[key]), default="")
    if largest and len(within[largest]) > 1:
        return largest, within[largest]
    if content and not within:
        return "", [content]
    return "", within.get(largest, []) if isinstance(content.get(largest), list) else []


def _keyed(content: dict[str, Any]) -> list[dict[str, Any]] | None:
    """Records of which each stands under its own key, which becomes a column; None where they are none."""
    records = list(content.values())
    if len(records) < FEWEST_KEYED or not all(isinstance(record, dict) and record for record in records):
        return None
    names = set.intersection(*(set(record) for record in records))
    flat = all(not isinstance(value, dict | list) for record in records for value in record.values())
    if not flat or 2 * len(names) < max(map(len, records)):
        return None
    return [{"key": key, **record} for key, record in content.items()]


def _named_rows(lists: dict[str, list[Any]]) -> tuple[str, list[dict[str, Any]]] | None:
    """Rows of cells under one key, their names under another; None where there are none."""
    names = next((lists[key] for key in NAMES if lists.get(key)), None)
    if names is None:
        return None
    called = [str(one.get("name", one)) if isinstance(one, dict) else str(one) for one in names]
    for key, rows in lists.items():
        if rows and all(isinstance(row, list) and len(row) == len(called) for row in rows):
            return key, [dict(zip(called, row, strict=True)) for row in rows]
    return None


def _flat(record: dict[str, Any], before: str = "", depth: int = 0) -> Iterator[tuple[str, Any]]:
    for key, value in record.items():
        name = f"{before}{key}"
        if isinstance(value, dict) and value and depth < DEEPEST:
            yield from _flat(value, f"{name}.", depth + 1)
        elif isinstance(value, list) and all(isinstance(part, str | int | float) for part in value):
            yield name, SEVERAL.join(_text(part) or "" for part in value) or None
        else:
            yield name, value


def _columns(path: Path, records: list[dict[str, Any]]) -> pa.Table:
    rows = [dict(_flat(record)) for record in records]
    names = dict.fromkeys(name for row in rows for name in row)
    if len(names) > MOST_NAMES:
        raise Problem(
            english(
                "{file}: the records hold more than {most_names:,} different names, which no table has.",
                file=path.name,
                most_names=MOST_NAMES,
            )
        )
    return pa.table({name: _column([row.get(name) for row in rows]) for name in names})


def _column(values: list[Any]) -> pa.Array:
    given = [value for value in values if value is not None]
    if given and all(isinstance(value, int | float) and not isinstance(value, bool) for value in given):
        whole = all(isinstance(value, int) and abs(value) < 2**63 for value in given)
        return pa.array(
            [None if v is None else (v if whole else float(v)) for v in values], pa.int64() if whole else pa.float64()
        )
    return pa.array([_text(value) for value in values], pa.string())


def _text(value: Any) -> str | None:
    if value is None or isinstance(value, str):
        return value
    return json.dumps(value, ensure_ascii=False)
