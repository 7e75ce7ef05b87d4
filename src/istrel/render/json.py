"""The JSON exchange form of docs/exchange.md: full precision, `null` with a reason for what has no value."""

from __future__ import annotations

import json
from typing import Any

from istrel import __version__
from istrel.exhibits.printing import body_rows, head_rows, print_notes, print_table, print_title
from istrel.exhibits.sheet import TableSheet, as_plain
from istrel.render.document import Document, Item
from istrel.render.exchange import plain_values


def render(document: Document) -> bytes:
    """One object for one exhibit, an array for several. UTF-8."""
    objects = [_exhibit(item, document) for item in document.items]
    content = objects[0] if len(objects) == 1 else objects
    return (json.dumps(content, ensure_ascii=False, allow_nan=False, indent=1) + "\n").encode()


def _exhibit(item: Item, document: Document) -> dict[str, Any]:
    exhibit, result = item.exhibit, item.exhibit.result
    results = plain_values(exhibit.request.verb, result.cells)
    drawings = plain_values(exhibit.request.verb, result.drawings)
    for entry in results:
        for drawing in drawings:
            if (drawing.get("variable"), drawing.get("groups")) == (entry.get("variable"), entry.get("groups")):
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
        "provenance": {"source": exhibit.source.name, "sha256": exhibit.source.sha256, "istrel": __version__},
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
