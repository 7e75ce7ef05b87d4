"""Results in the form of docs/exchange.md, a module per verb; only the verbs that a document holds are loaded."""

from __future__ import annotations

from importlib import import_module
from typing import Any

from istrel.render.exchange.common import as_json


def plain_values(verb: str, cells: tuple[Any, ...]) -> list[dict[str, Any]]:
    """Result cells or drawings of a verb as JSON objects."""
    import_module(f"istrel.render.exchange.{verb}")
    return [as_json(cell) for cell in cells]
