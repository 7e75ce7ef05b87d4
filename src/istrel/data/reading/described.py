"""What Parquet and Arrow files say of their columns: field metadata, and the order of categories; as a Table Schema."""

from __future__ import annotations

import json
from typing import Any

import pyarrow as pa

WHOLE = b"table_schema"
LABELS = (b"label", b"title", b"description", b"comment", b"long_name")
UNITS = (b"unit", b"units")
MOST_CATEGORIES = 40


def described(whole: pa.Table, names: tuple[str, ...]) -> str:
    """The Table Schema of a file as JSON; nothing where it says nothing of its columns.

    Parameters
    ----------
    names
        What its columns are called here.
    """
    said = (whole.schema.metadata or {}).get(WHOLE)
    if said is not None:
        return said.decode("utf-8", "replace")
    fields = [_field(name, whole.schema.field(place), whole.column(place)) for place, name in enumerate(names)]
    found = [field for field in fields if len(field) > 1]
    return json.dumps({"fields": found}, ensure_ascii=False) if found else ""


def _field(name: str, field: pa.Field, column: pa.ChunkedArray) -> dict[str, Any]:
    told = field.metadata or {}
    said: dict[str, Any] = {"name": name}
    for what, keys in (("title", LABELS), ("unit", UNITS)):
        words = next((told[key].decode("utf-8", "replace").strip() for key in keys if key in told), "")
        if words:
            said[what] = words
    return said | _categories(column)


def _categories(column: pa.ChunkedArray) -> dict[str, Any]:
    """The categories of a column in their order, where that is more than the order of letters."""
    kind = column.type
    if not pa.types.is_dictionary(kind) or not pa.types.is_string(kind.value_type) or not column.num_chunks:
        return {}
    words = column.unify_dictionaries().chunk(0).dictionary.to_pylist()
    if not 2 <= len(words) <= MOST_CATEGORIES or None in words or (not kind.ordered and words == sorted(words)):
        return {}
    level = "binary" if len(words) == 2 else "ordinal" if kind.ordered else "nominal"
    categories = [{"value": word, "label": word} for word in words]
    return {"type": "string", "categories": categories, "categoriesOrdered": kind.ordered, "istrel": {"level": level}}
