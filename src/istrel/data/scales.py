"""Items that are likely to form a scale: numbered columns that share a beginning and their answers."""

from __future__ import annotations

import re
from dataclasses import dataclass

import numpy as np

from istrel.data.codebook import Codebook
from istrel.data.column import Kind
from istrel.data.levels import Level
from istrel.data.table import Table

FEWEST = 3  # items that are guessed to be a scale
NUMBERED = re.compile(r"^(?P<stem>.*?[^\d_ .-])[_ .-]*\d+[a-z]?$", re.IGNORECASE)
MOST_ANSWERS = 11


@dataclass(frozen=True)
class Scale:
    """Items that are taken together.

    Attributes
    ----------
    name
        The beginning that the items share.
    """

    name: str
    items: tuple[str, ...]


def scales_in(codebook: Codebook, table: Table) -> tuple[Scale, ...]:
    """Numbered columns of one beginning whose answers are the same few whole numbers, or the same few words in one order."""
    found: dict[str, list[str]] = {}
    for variable in codebook.variables:
        match = NUMBERED.match(variable.name)
        fits = variable.in_use and variable.level is Level.ORDINAL and variable.formula is None
        if match is not None and fits and variable.name in table and table.column(variable.name).kind is not Kind.DATE:
            found.setdefault(match["stem"], []).append(variable.name)
    made = (Scale(stem, tuple(names)) for stem, names in found.items() if stem not in codebook)
    return tuple(one for one in made if len(one.items) >= FEWEST and _alike(one.items, codebook, table))


def _alike(items: tuple[str, ...], codebook: Codebook, table: Table) -> bool:
    """Whether the items have the same labels, or values on the same few steps."""
    if len({codebook[name].value_labels for name in items}) > 1:
        return False
    kinds = {table.column(name).kind for name in items}
    if kinds != {Kind.NUMBER}:
        return kinds == {Kind.TEXT} and 1 < len(codebook[items[0]].value_labels) <= MOST_ANSWERS
    codes = {code.value for name in items for code in codebook[name].missing_codes}
    seen = [np.unique(table.column(name).values[table.column(name).valid]) for name in items]
    steps = {float(value) for values in seen for value in values} - codes
    return 1 < len(steps) <= MOST_ANSWERS and all(value.is_integer() for value in steps)
