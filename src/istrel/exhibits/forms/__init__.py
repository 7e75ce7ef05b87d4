"""A module per form of a figure, each with `draw` (numbers from a plan), `figure` (its marks) and `methods` (its definitions)."""

from __future__ import annotations

from importlib import import_module
from typing import Any


def form_of(name: str) -> Any:
    """The module of a form, loaded when it is first wanted."""
    return import_module(f"istrel.exhibits.forms.{name.replace(' ', '_')}")
