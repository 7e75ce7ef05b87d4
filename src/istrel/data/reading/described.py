"""What Parquet and Arrow files say of their columns: field metadata, and the order of categories; as a Table Schema."""

from __future__ import annotations

import json
from collections.abc import Callable
from typing import Any

import pyarrow as pa

WHOLE = b"table_schema"
LABELS = (b"label", b"title", b"description", b"comment", b"long_name")
UNITS = (b"unit", b"units")
MOST_CATEGORIES = 40


def described(schema: pa.Schema, names: tuple[str, ...], words: Callable[[int], pa.Array | None]) -> str:
    """The Table Schema of a file as JSON; nothing where it says nothing of its columns.

    Parameters
    ----------
    names
        What its columns are called here.
    words
        The words behind the codes of a column; None where it has no codes.
    """
    said = (schema.metadata or {}).get(WHOLE)
    if said is not None:
        return said.decode("utf-8", "replace")
    fields = [_field(name, schema.field(place), words(place)) for place, name in enumerate(names)]
    found = [field for field in fields if len(field) > 1]
    return json.dumps({"fields": found}, ensure_ascii=False) if found else ""


def words_of(column: pa.ChunkedArray) -> pa.Array | None:
    """The words behind the codes of a column; None where it has no codes."""
    if not pa.types.is_dictionary(column.type) or not column.num_chunks:
        return None
    return column.unify_dictionaries().chunk(0).dictionary


def _field(name: str, field: pa.Field, behind: pa.Array | None) -> dict[str, Any]:
    told = field.metadata or {}
    said: dict[str, Any] = {"name": name}
    for what, keys in (("title", LABELS), ("unit", UNITS)):
        words = next((told[key].decode("utf-8", "replace").strip() for key in keys if key in told), "")
        if words:
            said[what] = words
    return said | _categories(field.type, behind)


def _categories(kind: pa.DataType, behind: pa.Array | None) -> dict[str, Any]:
    """The categories of a column in their order, where that is more than the order of letters."""
    if behind is None or not pa.types.is_string(kind.value_type):
        return {}
    words = behind.to_pylist()
    if not 2 <= len(words) <= MOST_CATEGORIES or None in words or (not kind.ordered and words == sorted(words)):
        return {}
    level = "binary" if len(words) == 2 else "ordinal" if kind.ordered else "nominal"
    categories = [{"value": word, "label": word} for word in words]
    return {"type": "string", "categories": categories, "categoriesOrdered": kind.ordered, "istrel": {"level": level}}
