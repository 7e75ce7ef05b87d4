"""The JSON exchange form of docs/exchange.md: full precision, `null` with a reason for what has no value."""

from __future__ import annotations

import json
from typing import Any

from istrel.exhibits.exchange import coarse, listed, number, reason
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.make import Exhibit
from istrel.exhibits.persons import n_persons
from istrel.exhibits.printing import as_plain, body_rows, head_rows, plain_text, print_notes, print_table, print_title
from istrel.exhibits.setting import MarginNote
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Cell, Text, cells_in
from istrel.exhibits.verbs.catalogue import verb_of
from istrel.exhibits.weights import effective_n
from istrel.render.document import Document, Item
from istrel.sentence.request import show
from istrel.stats.quantiles import CaseValue
from istrel.style.house import HouseStyle
from istrel.version import VERSION


def render(document: Document) -> bytes:
    """One object for one exhibit, an array for several. UTF-8."""
    objects = [content(item, document.style) for item in document.items]
    whole = objects[0] if len(objects) == 1 else objects
    return (json.dumps(whole, ensure_ascii=False, allow_nan=False, indent=1) + "\n").encode()


def content(item: Item, style: HouseStyle) -> dict[str, Any]:
    """One exhibit as an object of the exchange form."""
    exhibit = item.exhibit
    hides = exhibit.request.settings["hide_below"] is not None
    result = (
        exhibit.result if hides else exhibit.whole
    )  # where counts are hidden, nothing is said that paper does not say
    found = verb_of(exhibit.request.verb).values(result)
    results = found.pop("results")
    drawings = [form_of(exhibit.form).values(drawing) for drawing in result.drawings]
    for entry in results:
        for drawing in drawings:
            if (drawing.get("variable"), drawing.get("groups")) == (entry.get("variable"), entry.get("groups")):
                entry["drawing"] = drawing
    cases = exhibit.cases
    said: dict[str, Any] = {
        "istrel": 1,
        "sentence": exhibit.sentence,
        "verb": exhibit.request.verb,
        "form": exhibit.form,
        "cases": {**_cases(exhibit), "condition": cases.condition},
        "results": results,
        "notes": [as_plain(note) for note in print_notes(exhibit.sheet.notes, style)],
        "remarks": [_remark(note, style) for note in (*exhibit.margin, *exhibit.counsel)],
        "methods": plain_text(exhibit.methods, style),
        "text": plain_text(exhibit.text, style),
        "sheet": _sheet(item, style),
        "provenance": {"source": exhibit.source.name, "sha256": exhibit.source.sha256, "istrel": VERSION},
    }
    said |= found
    if drawings:
        said["drawing"] = drawings[0] if len(drawings) == 1 else drawings
    return {key: coarse(value) for key, value in said.items()} if hides else said


def _remark(note: MarginNote, style: HouseStyle) -> dict[str, Any]:
    """What stands in the margin, or counsel; the sentence is what its first click would say."""
    requests = (remedy.request for remedy in note.remedies if remedy.request is not None)
    sentence = next((show(request) for request in requests), None)
    place = " · ".join(filter(None, (note.variable, *note.group)))
    return {"kind": note.kind, "says": plain_text(note.says, style), "place": place, "sentence": sentence}


def _cases(exhibit: Exhibit) -> dict[str, Any]:
    """How many there are and are used, and in how many rows of the file these stand."""
    cases, data = exhibit.cases, exhibit.plan.data
    hidden = cases.hides
    rows = None if hidden else data.rows_in(cases.mask)
    found: dict[str, Any] = {"total": number(cases.total), "used": number(cases.used), "rows": rows}
    persons = None if hidden else n_persons(data, cases)
    if persons is not None:
        found["persons"] = persons
    if cases.weighted:
        total, effective = (None, None) if hidden else effective_n(data, cases)
        found["weighted"] = {"by": data.codebook.rows.weight, "sum": total, "effective_n": effective}
    return found


def _sheet(item: Item, style: HouseStyle) -> dict[str, Any]:
    sheet = item.exhibit.sheet
    notes = [as_plain(note) for note in print_notes(sheet.notes, style)]
    if isinstance(sheet, TableSheet):
        table = print_table(sheet, style, item.number)
        cells = [[_cell(text) for text in row.cells] for row in sheet.rows]
        body = body_rows(table)
        return {"title": table.title, "heads": head_rows(table), "rows": body, "notes": notes, "cells": cells}
    return {"title": print_title(sheet, style), "heads": [], "rows": [], "notes": notes, "cells": []}


def _cell(text: Text) -> dict[str, Any]:
    """The full twin of a printed cell; further numbers of the same cell stand under "parts"."""
    first, *others = [_twin(cell) for cell in cells_in(text)] or [_twin(Cell(None))]
    return {**first, "parts": others} if others else first


def _twin(cell: Cell) -> dict[str, Any]:
    value: Any = cell.value
    if isinstance(value, tuple):
        cases = tuple(part for part in value if isinstance(part, CaseValue))
        value = listed(cases) if cases else list(value)
    return {
        "value": number(value),
        "decimals": cell.decimals,
        "kind": cell.kind.value,
        "reason": reason(cell.value),
        "row": cell.row,
        "column": cell.column,
    }
