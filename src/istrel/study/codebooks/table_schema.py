"""Codebooks as Data Packages (version 2): a Table Schema for each source, in and out.

What the standard has no word for (levels of measurement, decimals, formulas, what a row is) stands under `istrel`, which other
programs pass over.
"""

from __future__ import annotations

from collections.abc import Iterator
from pathlib import PurePath
from typing import Any

import msgspec

from istrel.data.codebook import Variable
from istrel.data.column import Column, show_value
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.english import english
from istrel.problem import Problem
from istrel.study.codebooks.by_hand import Line, Row, plain
from istrel.study.codebooks.parts import BEHIND_TYPE, codes, lines_in, own_words, pairs, plain_value, shown, type_of

PROFILE = "https://datapackage.org/profiles/2.0/datapackage.json"
SCHEMA = "https://datapackage.org/profiles/2.0/tableschema.json"


def write_package(data: Dataset) -> str:
    """The descriptor of a package with one resource: `datapackage.json`."""
    source = data.table.source
    content = {"$schema": PROFILE, "resources": [resource_of(data, source.name or "data.csv")]}
    return msgspec.json.format(msgspec.json.encode(content), indent=2).decode() + "\n"


def resource_of(data: Dataset, path: str) -> dict[str, Any]:
    """The resource of a package: the columns of a file, and what is derived from them."""
    ours, derived = lines_in(data)
    fields = [field_of(line, data.table.column(line.name)) for line in ours]
    made = [field_of(line, data.table.column(line.name)) for line in derived]
    resource: dict[str, Any] = {
        "name": name_in_package(PurePath(path).stem),
        "path": path,
        "schema": {"$schema": SCHEMA, "fields": fields},
    }
    own = {"rows": data.codebook.rows.said, "derived": made}  # what is derived is no column of the file
    if any(own.values()):
        resource["istrel"] = {what: said for what, said in own.items() if said}
    return resource


def name_in_package(text: str) -> str:
    """A name as a Data Package wants it: small letters, digits, and hyphens between them."""
    written = "".join(c if c.isascii() and c.isalnum() else "-" for c in text.casefold())
    return "-".join(filter(None, written.split("-"))) or "data"


def field_of(line: Variable, column: Column) -> dict[str, Any]:
    field: dict[str, Any] = {"name": line.name, "type": type_of(column)}
    if line.label:
        field["title"] = line.label
    if line.unit:
        field["unit"] = line.unit
    if line.value_labels:
        field["categories"] = [{"value": plain_value(entry.value), "label": entry.label} for entry in line.value_labels]
        field["categoriesOrdered"] = line.level is Level.ORDINAL
    if line.missing_codes:
        gone = [{"value": show_value(code.value), "label": code.reason} for code in line.missing_codes]
        field["missingValues"] = [{"value": "", "label": ""}, *gone]
    return {**field, "istrel": own_words(line)}


def lines_of_package(said: Any, names: tuple[str, ...]) -> Iterator[Line]:
    """(field, what our own codebook would say of it) of a Data Package, a resource or a Table Schema.

    Raises
    ------
    Problem
        Where it has no fields.
    """
    resource = _resource(said, names)
    fields = resource.get("schema", resource).get("fields") if isinstance(resource.get("schema", {}), dict) else None
    if not isinstance(fields, list) or not all(isinstance(field, dict) and field.get("name") for field in fields):
        raise Problem(english("there is no Table Schema in it: a list of “fields”, each with a “name”."))
    known = {plain(name): name for name in names}
    shared = resource.get("schema", resource).get("missingValues", [])
    own = resource.get("istrel") if isinstance(resource.get("istrel"), dict) else {}
    assert isinstance(own, dict)
    for number, field in enumerate([*fields, *own.get("derived", ())], start=1):
        name = str(field["name"])
        yield number, _as_ours(field, name if name in names else known.get(plain(name), name), shared)
    rows = own.get("rows")
    if isinstance(rows, dict) and rows:
        yield len(fields) + 1, {"name": "rows", "values": pairs(rows.items())}


def _resource(said: Any, names: tuple[str, ...]) -> dict[str, Any]:
    """The resource that knows most of the variables; the whole where it is one, or a schema."""
    if not isinstance(said, dict):
        raise Problem(english("this is no Data Package and no Table Schema."))
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
        "values": pairs(categories, texts=kind == "string"),
        "missing": codes(missing),
        "formula": str(own.get("formula", "")),
        "use": str(own.get("use", "")),
    }


def _category(part: Any) -> tuple[str, str]:
    if isinstance(part, dict):
        value = part.get("value", "")
        label = str(part.get("label") or "")
    else:
        value, label = part, ""
    return shown(value), label
