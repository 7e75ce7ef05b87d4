"""Codebooks as Data Packages (version 2): a Table Schema for each source, in and out.

What the standard has no word for (levels of measurement, decimals, formulas, what a row is) stands under `istrel`, which other
programs pass over.
"""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import PurePath
from typing import Any

import msgspec
import numpy as np

from istrel.data.codebook import Variable
from istrel.data.column import Column, Kind, show_value
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.problem import Problem
from istrel.sentence.show_formula import show_expression
from istrel.study.codebook_by_hand import Line, Row, plain
from istrel.study.value_words import quoted

PROFILE = "https://datapackage.org/profiles/2.0/datapackage.json"
SCHEMA = "https://datapackage.org/profiles/2.0/tableschema.json"
BEHIND_TYPE = {"boolean": "binary", "date": "date", "datetime": "date"}


def write_package(data: Dataset) -> str:
    """The descriptor of a package with one resource: `datapackage.json`."""
    source = data.table.source
    lines = [line for line in data.codebook.variables if line.name in data.table]
    fields = [_field(line, data.table.column(line.name)) for line in lines if line.formula is None]
    derived = [_field(line, data.table.column(line.name)) for line in lines if line.formula is not None]
    name = PurePath(source.name or "data").stem
    resource: dict[str, Any] = {
        "name": "-".join("".join(c if c.isalnum() else " " for c in name.casefold()).split()) or "data",
        "path": source.name or "data.csv",
        "schema": {"$schema": SCHEMA, "fields": fields},
    }
    own = {"rows": data.codebook.rows.said, "derived": derived}  # what is derived is no column of the file
    if any(own.values()):
        resource["istrel"] = {what: said for what, said in own.items() if said}
    content = {"$schema": PROFILE, "resources": [resource]}
    return msgspec.json.format(msgspec.json.encode(content), indent=2).decode() + "\n"


def _field(line: Variable, column: Column) -> dict[str, Any]:
    field: dict[str, Any] = {"name": line.name, "type": _type(column)}
    if line.label:
        field["title"] = line.label
    if line.unit:
        field["unit"] = line.unit
    if line.value_labels:
        field["categories"] = [{"value": _plain(entry.value), "label": entry.label} for entry in line.value_labels]
        field["categoriesOrdered"] = line.level is Level.ORDINAL
    if line.missing_codes:
        codes = [{"value": show_value(code.value), "label": code.reason} for code in line.missing_codes]
        field["missingValues"] = [{"value": "", "label": ""}, *codes]
    own: dict[str, Any] = {"level": line.level.value}
    if line.decimals is not None:
        own["decimals"] = line.decimals
    if line.formula is not None:
        own["formula"] = show_expression(line.formula)
    if not line.in_use:
        own["use"] = "no"
    return {**field, "istrel": own}


def _type(column: Column) -> str:
    if column.kind is Kind.TEXT:
        return "string"
    values = column.values[column.valid]
    if column.kind is Kind.DATE:
        days = values.astype("datetime64[D]").astype("datetime64[s]")
        return "date" if np.array_equal(days, values) else "datetime"
    return "integer" if np.array_equal(values, np.floor(values)) else "number"


def _plain(value: float | str) -> int | float | str:
    return int(value) if isinstance(value, float) and value.is_integer() else value


def lines_of_package(text: str, names: tuple[str, ...]) -> Iterator[Line]:
    """(field, what our own codebook would say of it) of a Data Package, a resource or a Table Schema.

    Raises
    ------
    Problem
        Where the text is no JSON, or has no fields.
    """
    try:
        said = msgspec.json.decode(text)
    except (msgspec.DecodeError, RecursionError):
        raise Problem("this is no sound JSON.") from None
    resource = _resource(said, names)
    fields = resource.get("schema", resource).get("fields") if isinstance(resource.get("schema", {}), dict) else None
    if not isinstance(fields, list) or not all(isinstance(field, dict) and field.get("name") for field in fields):
        raise Problem("there is no Table Schema in it: a list of “fields”, each with a “name”.")
    known = {plain(name): name for name in names}
    shared = resource.get("schema", resource).get("missingValues", [])
    own = resource.get("istrel") if isinstance(resource.get("istrel"), dict) else {}
    assert isinstance(own, dict)
    for number, field in enumerate([*fields, *own.get("derived", ())], start=1):
        name = str(field["name"])
        yield number, _as_ours(field, name if name in names else known.get(plain(name), name), shared)
    rows = own.get("rows")
    if isinstance(rows, dict) and rows:
        yield len(fields) + 1, {"name": "rows", "values": _pairs(list(rows.items()))}


def _resource(said: Any, names: tuple[str, ...]) -> dict[str, Any]:
    """The resource that knows most of the variables; the whole where it is one, or a schema."""
    if not isinstance(said, dict):
        raise Problem("this is no Data Package and no Table Schema.")
    resources = [part for part in said.get("resources", []) if isinstance(part, dict)]
    if not resources:
        return said

    def matching(part: dict[str, Any]) -> int:
        schema = part.get("schema")
        fields = schema.get("fields", []) if isinstance(schema, dict) else []
        return len({field.get("name") for field in fields if isinstance(field, dict)} & {*names})

    return max(resources, key=matching)


def _as_ours(field: dict[str, Any], name: str, shared: Any) -> Row:
    own = field.get("istrel") if isinstance(field.get("istrel"), dict) else {}
    assert isinstance(own, dict)
    categories = [_category(part) for part in field.get("categories", []) if part is not None]
    kind, ordered = str(field.get("type", "")), bool(field.get("categoriesOrdered"))
    guessed = ("ordinal" if ordered else "nominal") if categories else BEHIND_TYPE.get(kind, "")
    level = str(own.get("level") or guessed)
    missing = [_category(part) for part in (field.get("missingValues") or shared or []) if part not in ("", None)]
    return {
        "name": name,
        "level": level,
        "label": str(field.get("title") or field.get("description") or ""),
        "unit": str(field.get("unit") or ""),
        "decimals": str(own.get("decimals", "")),
        "values": _pairs(categories),
        "missing": ", ".join(f'"{value}" {reason}'.strip() for value, reason in missing if value),
        "formula": str(own.get("formula", "")),
        "use": str(own.get("use", "")),
    }


def _category(part: Any) -> tuple[str, str]:
    if isinstance(part, dict):
        value = part.get("value", "")
        label = str(part.get("label") or "")
    else:
        value, label = part, ""
    shown = show_value(float(value)) if isinstance(value, int | float) and not isinstance(value, bool) else str(value)
    return shown, label


def _pairs(pairs: list[tuple[str, str]]) -> str:
    return " | ".join(f"{quoted(value)} = {quoted(label or value)}" for value, label in pairs)
