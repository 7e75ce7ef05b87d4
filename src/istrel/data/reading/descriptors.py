"""Files that describe tables beside them: the descriptor of a Data Package, and metadata of CSV on the Web."""

from __future__ import annotations

from pathlib import PurePath
from typing import Any, NamedTuple

import msgspec

NEEDLESS = {"delimiter": ",", "encoding": "utf-8"}


class Named(NamedTuple):
    """A table that a descriptor names: its path or address, and how it says that it is cut."""

    path: str
    dialect: dict[str, str]


def describes(name: str) -> bool:
    """Whether a file of that name describes data beside it."""
    plain = PurePath(name).name.casefold()
    return plain == "datapackage.json" or plain.endswith(("-metadata.json", ".datapackage.json"))


def tables_named(text: str) -> dict[str, Named]:
    """{name: table} of a descriptor, tables with a schema first; nothing where it is no JSON, or names none."""
    try:
        said = msgspec.json.decode(text)
    except (msgspec.DecodeError, RecursionError):
        return {}
    if not isinstance(said, dict):
        return {}
    parts = [said, *_dicts(said.get("resources")), *_dicts(said.get("tables"))]
    parts.sort(key=lambda part: "schema" not in part and "tableSchema" not in part)
    found: dict[str, Named] = {}
    for part in parts:
        place = part.get("path", part.get("url"))
        place = place[0] if isinstance(place, list) and place else place
        if isinstance(place, str) and place:
            dialect = part.get("dialect", said.get("dialect"))
            told = {"encoding": part.get("encoding"), **(dialect if isinstance(dialect, dict) else {})}
            found.setdefault(str(part.get("name") or place), Named(place, _cut(told)))
    return found


def _dicts(value: Any) -> list[dict[str, Any]]:
    return [part for part in value if isinstance(part, dict)] if isinstance(value, list) else []


def _cut(dialect: dict[str, Any]) -> dict[str, str]:
    """Delimiter and encoding, where they are said and not as they are anyhow."""
    said = {key: dialect.get(key) for key in NEEDLESS}
    return {k: v for k, v in said.items() if isinstance(v, str) and v.casefold() not in (NEEDLESS[k], "")}
