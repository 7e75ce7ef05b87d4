"""The JSON exchange form of docs/exchange.md: full precision, `null` with a reason for what has no value."""

from __future__ import annotations

import json
from collections.abc import Sequence
from typing import Any

from istrel import __version__
from istrel.exhibits.describe.result import CategoryCell, HistogramCell, LevelCount, MeasuredCell, ResultCell, Value
from istrel.exhibits.printing import body_rows, head_rows, print_notes, print_table, print_title
from istrel.exhibits.sheet import TableSheet, as_plain
from istrel.render.document import Document, Item
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue

WHOLE = {"n", "missing", "mode_count"}
LISTS = {"lowest", "highest", "outliers"}


def render(document: Document) -> bytes:
    """One object for one exhibit, an array for several. UTF-8."""
    objects = [_exhibit(item, document) for item in document.items]
    content = objects[0] if len(objects) == 1 else objects
    return (json.dumps(content, ensure_ascii=False, allow_nan=False, indent=1) + "\n").encode()


def _exhibit(item: Item, document: Document) -> dict[str, Any]:
    exhibit, result = item.exhibit, item.exhibit.result
    results = [_result(cell) for cell in result.cells]
    drawings = [_drawing(cell) for cell in result.drawings]
    for entry, drawing in zip(results, drawings, strict=False):
        entry["drawing"] = drawing
    sheet = _sheet(item, document)
    content: dict[str, Any] = {
        "istrel": 1,
        "sentence": exhibit.sentence,
        "verb": exhibit.request.verb,
        "form": exhibit.form,
        "cases": {"total": exhibit.cases.total, "used": exhibit.cases.used, "condition": exhibit.cases.condition},
        "results": results,
        "notes": sheet["notes"],
        "methods": exhibit.methods,
        "text": as_plain(exhibit.text),
        "sheet": sheet,
        "provenance": {"source": document.source.name, "sha256": document.source.sha256, "istrel": __version__},
    }
    if drawings:
        content["drawing"] = drawings[0] if len(drawings) == 1 else drawings
    return content


def _sheet(item: Item, document: Document) -> dict[str, Any]:
    sheet, style = item.exhibit.sheet, document.style
    notes = [as_plain(note) for note in print_notes(sheet.notes, style)]
    if isinstance(sheet, TableSheet):
        table = print_table(sheet, style, item.number)
        return {"title": table.title, "heads": head_rows(table), "rows": body_rows(table), "notes": notes}
    return {"title": print_title(sheet, style), "heads": [], "rows": [], "notes": notes}


def _result(cell: ResultCell) -> dict[str, Any]:
    if isinstance(cell, MeasuredCell):
        undefined = {key: v.reason for key, v in cell.statistics.items() if isinstance(v, Undefined)}
        return {
            "variable": cell.variable,
            "groups": _groups(cell.group.named),
            "n": cell.n,
            "missing": cell.missing,
            "statistics": {key: _value(key, value) for key, value in cell.statistics.items()},
            "undefined": undefined,
        }
    assert isinstance(cell, CategoryCell)
    return {
        "variables": [cell.variable],
        "groups": _groups(cell.group.named),
        "n": cell.n,
        "missing": cell.missing,
        "levels": [_level(level) for level in cell.levels],
    }


def _groups(named: Sequence[tuple[str, float | str]]) -> dict[str, Any]:
    return {name: _stored(value) for name, value in named}


def _stored(value: float | str) -> Any:
    """Whole codes as whole numbers: 1, not 1.0."""
    return int(value) if isinstance(value, float) and value.is_integer() and abs(value) < 2**53 else value


def _value(key: str, value: Value) -> Any:
    if isinstance(value, Undefined):
        return [] if key in LISTS else None
    if isinstance(value, tuple):
        return [[v.value, v.row] if isinstance(v, CaseValue) else v for v in value]
    return int(value) if key in WHOLE else value


def _number(value: float | Undefined | None) -> float | None:
    return None if isinstance(value, Undefined) else value


def _level(level: LevelCount) -> dict[str, Any]:
    return {
        "values": [_stored(level.value)],
        "count": level.count,
        "percent": _number(level.percent),
        "valid_percent": _number(level.valid_percent),
        "cumulative_percent": _number(level.cumulative_percent),
        "low": _number(level.low),
        "high": _number(level.high),
    }


def _drawing(cell: HistogramCell) -> dict[str, Any]:
    curve = cell.curve
    return {
        "variable": cell.variable,
        "groups": _groups(cell.group.named),
        "edges": cell.edges.tolist(),
        "counts": cell.counts.tolist(),
        "heights": cell.heights.tolist(),
        "stat": cell.stat,
        "normal_curve": None if curve is None else {"mean": curve.mean, "sd": curve.sd, "scale": curve.scale},
    }
