"""The results of an exhibit as one flat table."""

from __future__ import annotations

import json
from collections.abc import Iterator
from typing import TYPE_CHECKING, Any

if TYPE_CHECKING:
    import pyarrow as pa

ROWS = ("levels", "pairs", "items")  # lists of which each entry is a row
OF_ALL = ("variables", "set", "scale", "groups", "n", "missing")  # what such a row says besides
LEFT_OUT = ("drawing", "undefined", "missing_reasons")
OF_CELLS = ("counts", "row_percent", "column_percent", "total_percent", "expected", "adjusted_residual")
CALLED = {"counts": "count"}


def tidy(results: list[dict[str, Any]]) -> pa.Table:
    """A row for each result, or for each entry of its list, or for each cell of its cross-table; a column for each number.

    Returns
    -------
    Columns in the order in which they first occur. What has no value is null; of a column of several kinds all are texts.
    """
    import pyarrow as pa

    rows = [row for result in results for row in _rows(result)]
    names = dict.fromkeys(name for row in rows for name in row)
    return pa.table({name: _array([row.get(name) for row in rows]) for name in names})


def _rows(result: dict[str, Any]) -> Iterator[dict[str, Any]]:
    shared = dict(_flat({name: value for name, value in result.items() if name not in (*ROWS, *OF_CELLS, *LEFT_OUT)}))
    lists = [name for name in ROWS if isinstance(result.get(name), list)]
    if lists:
        of_all = dict(_flat({name: result[name] for name in OF_ALL if name in result}))
        yield from ({**of_all, **dict(_flat(entry))} for entry in result[lists[0]])
        return
    if "counts" in result and "row_values" in result:
        shared = {name: value for name, value in shared.items() if name not in ("row_values", "column_values")}
        yield from ({**shared, **cell} for cell in _cells(result))
        return
    yield shared


def _cells(result: dict[str, Any]) -> Iterator[dict[str, Any]]:
    """The cells of a cross-table, row by row."""
    for i, row in enumerate(result["row_values"]):
        for j, column in enumerate(result["column_values"]):
            said = {CALLED.get(name, name): result[name][i][j] for name in OF_CELLS if result.get(name) is not None}
            yield {str(result["row"]): row, str(result["column"]): column, **said}


def _flat(said: dict[str, Any], before: str = "") -> Iterator[tuple[str, Any]]:
    """(name, value) of what an object holds: of objects within, too; lists of one value are that value."""
    for name, value in said.items():
        if name in LEFT_OUT:
            continue
        if isinstance(value, dict):
            yield from _flat(
                value, "" if name in ("statistics", "groups", "tests", "association") else f"{before}{name}_"
            )
        elif name in ("values", "variables") and isinstance(value, list) and len(value) == 1:
            yield name[:-1], value[0]
        else:
            yield f"{before}{name}", value


def _array(values: list[Any]) -> pa.Array:
    """A column; lists are written as JSON, and what is of several kinds is text."""
    import pyarrow as pa

    if any(isinstance(value, list) for value in values):
        values = [json.dumps(value, ensure_ascii=False) if isinstance(value, list) else value for value in values]
    try:
        return pa.array(values)
    except (pa.ArrowInvalid, pa.ArrowTypeError):
        return pa.array([None if value is None else str(value) for value in values], pa.string())
