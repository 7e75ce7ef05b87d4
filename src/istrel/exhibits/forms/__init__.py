"""A module per form of a figure, each with `figure` (its marks) and `methods` (its definitions).

Its numbers come from `draw(plan)`, or from the finished numbers of the exhibit by `of_numbers(plan, result)`.
"""

from __future__ import annotations

from importlib import import_module
from typing import Any

FROM_NUMBERS = ("bars", "shares", "heat map")  # drawn from the finished numbers of an exhibit, not from the data


def drawn(plan: Any) -> tuple[Any, ...]:
    """The numbers of a figure that are made from the data; none for a table, or where the exhibit's own numbers are drawn."""
    if plan.form == "table" or plan.form in FROM_NUMBERS:
        return ()
    made: tuple[Any, ...] = form_of(plan.form).draw(plan)
    return made


def form_of(name: str) -> Any:
    """The module of a form, loaded when it is first wanted."""
    return import_module(f"istrel.exhibits.forms.{name.replace(' ', '_')}")
