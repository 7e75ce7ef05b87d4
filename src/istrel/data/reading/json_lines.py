"""JSON lines: one record per line."""

from __future__ import annotations

import re
from collections.abc import Iterator
from pathlib import Path

import numpy as np
import pyarrow as pa
import pyarrow.json as arrow_json

from istrel.data.reading.arrow import table_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch, WatchedFile
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem

LARGEST_LINE, LOOKED_THROUGH = 16 * 2**20, 8 * 2**20
DEEPEST, MOST_NAMES = 60, 5_000
STRING = re.compile(rb'"(?:[^"\\]|\\.)*"')
NAME = re.compile(rb'"((?:[^"\\]|\\.)*)"\s*:')


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a file of JSON lines; values of mixed kinds in one name are read as text."""
    _refuse_monsters(path)
    try:
        return table_of(path, _flat(_read(path, watch, None)), "JSON lines", dates=settings.dates)
    except pa.ArrowInvalid:
        pass
    try:
        return table_of(path, _loosely(path, watch), "JSON lines", dates=settings.dates)
    except ValueError as error:
        raise Problem(
            english(
                "{file}, line {line}: this is no JSON record.",
                file=path.name,
                line=error.args[1] if len(error.args) > 1 else 1,
            )
        ) from None


def _refuse_monsters(path: Path) -> None:
    """Raises a Problem for what would end the reader instead of being read: a line without end, depth, names in thousands."""
    names: set[bytes] = set()
    seen = 0
    with path.open("rb") as file:
        for number, line in enumerate(iter(lambda: file.readline(LARGEST_LINE + 1), b""), start=1):
            if len(line) > LARGEST_LINE:
                raise Problem(
                    english(
                        "{file}, line {number}: a record of more than {size} MB is not read.",
                        file=path.name,
                        number=number,
                        size=LARGEST_LINE // 2**20,
                    )
                )
            if line.count(b"[") + line.count(b"{") > DEEPEST and _depth(line) > DEEPEST:
                raise Problem(
                    english(
                        "{file}, line {number}: the record is nested more than {deepest} deep.",
                        file=path.name,
                        number=number,
                        deepest=DEEPEST,
                    )
                )
            seen += len(line)
            if seen < LOOKED_THROUGH or number % 64 == 0:
                names.update(NAME.findall(line))
                if len(names) > MOST_NAMES:
                    raise Problem(
                        english(
                            "{file}: the records hold more than {most_names:,} different names, which no table has.",
                            file=path.name,
                            most_names=MOST_NAMES,
                        )
                    )


def _depth(line: bytes) -> int:
    """How deep the brackets of a record are nested, outside of texts."""
    signs = STRING.sub(b"", line)
    steps = np.frombuffer(signs, np.uint8)
    rises = np.isin(steps, (0x5B, 0x7B)).astype(np.int64) - np.isin(steps, (0x5D, 0x7D))
    return int(np.cumsum(rises).max(initial=0))


def _read(path: Path, watch: Watch, schema: pa.Schema | None) -> pa.Table:
    options = arrow_json.ReadOptions(block_size=LARGEST_LINE)
    with WatchedFile(path, watch) as file:
        return arrow_json.read_json(
            pa.PythonFile(file, mode="r"),
            read_options=options,
            parse_options=arrow_json.ParseOptions(explicit_schema=schema),
        )


def _flat(whole: pa.Table) -> pa.Table:
    """Records within records as `a.b`."""
    for _ in range(DEEPEST):
        if not any(pa.types.is_struct(field.type) for field in whole.schema):
            break
        whole = whole.flatten()
    return whole


def _loosely(path: Path, watch: Watch) -> pa.Table:
    """Record by record, every value as text: for files that Arrow's reader finds inconsistent."""
    import json

    records: list[dict[str, object]] = []
    size = max(1, path.stat().st_size)
    with path.open("rb") as file:
        for number, line in enumerate(file, start=1):
            if not line.strip():
                continue
            try:
                record = json.loads(line)
            except (ValueError, RecursionError):
                raise ValueError("no JSON", number) from None
            if not isinstance(record, dict):
                raise ValueError("no record", number)
            records.append({str(key): value for key, value in record.items()})
            if number % 10_000 == 0:
                watch.report(file.tell() / size)
    records = _taken_apart(records)
    names = tuple(dict.fromkeys(key for record in records for key in record))
    return pa.table({name: pa.array([_text(record.get(name)) for record in records], pa.string()) for name in names})


def _taken_apart(records: list[dict[str, object]]) -> list[dict[str, object]]:
    """Records with what is a record in all of them as `a.b`; the depth was looked at before."""
    while True:
        mixed = {
            key for one in records for key, value in one.items() if value is not None and not isinstance(value, dict)
        }
        within = {key for one in records for key, value in one.items() if isinstance(value, dict) and value} - mixed
        if not within:
            return records
        records = [dict(_opened(one, within)) for one in records]


def _opened(record: dict[str, object], within: set[str]) -> Iterator[tuple[str, object]]:
    for key, value in record.items():
        if key in within and isinstance(value, dict):
            yield from ((f"{key}.{inner}", held) for inner, held in value.items())
        elif key not in within:
            yield key, value


def _text(value: object) -> str | None:
    import json

    if value is None or isinstance(value, str):
        return value
    return json.dumps(value, ensure_ascii=False)
