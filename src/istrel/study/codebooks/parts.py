"""What the standards share: how we say the type of a column, its values, and what they have no word for."""

from __future__ import annotations

from collections.abc import Iterable

import numpy as np

from istrel.data.codebook import Variable, number_or_text
from istrel.data.column import Column, Kind, show_value
from istrel.data.dataset import Dataset
from istrel.sentence.show_formula import show_expression
from istrel.study.codebooks.value_words import quoted

BEHIND_TYPE = {"boolean": "binary", "date": "date", "datetime": "date"}


def lines_in(data: Dataset) -> tuple[list[Variable], list[Variable]]:
    """(variables of the source, derived ones) that have a column."""
    lines = [line for line in data.codebook.variables if line.name in data.table]
    return [line for line in lines if line.formula is None], [line for line in lines if line.formula is not None]


def type_of(column: Column) -> str:
    """The type of a column as the standards of the web name it: string, date, datetime, integer or number."""
    if column.kind is Kind.TEXT:
        return "string"
    values = column.values[column.valid]
    if column.kind is Kind.DATE:
        days = values.astype("datetime64[D]").astype("datetime64[s]")
        return "date" if np.array_equal(days, values) else "datetime"
    return "integer" if np.array_equal(values, np.floor(values)) else "number"


def own_words(line: Variable) -> dict[str, str]:
    """What only we say of a variable, as our own codebook says it: level, decimals, formula, use."""
    said = {
        "level": line.level.value,
        "decimals": "" if line.decimals is None else str(line.decimals),
        "formula": "" if line.formula is None else show_expression(line.formula),
        "use": use_of(line),
    }
    return {what: words for what, words in said.items() if words}


def use_of(line: Variable) -> str:
    """How a variable is used, in the words of our own codebook: nothing, “no”, “personal”, or both."""
    return ", ".join(word for word, said in (("no", not line.in_use), ("personal", line.personal)) if said)


def plain_value(value: float | str) -> int | float | str:
    """A stored value, whole numbers as such."""
    return int(value) if isinstance(value, float) and value.is_integer() else value


def shown(value: object) -> str:
    """A value of a foreign codebook as our own writes it."""
    number = isinstance(value, int | float) and not isinstance(value, bool)
    return show_value(float(value)) if number else str(value)  # type: ignore[arg-type]


def pairs(labels: Iterable[tuple[str, str]], *, texts: bool = False) -> str:
    """Values with their labels, as our own codebook writes them; of a column of texts, also numerals are texts."""

    def written(value: str) -> str:
        return f'"{value}"' if texts and not isinstance(number_or_text(value), str) else quoted(value)

    return " | ".join(f"{written(value)} = {quoted(label or value)}" for value, label in labels)


def codes(missing: Iterable[tuple[str, str]]) -> str:
    """Missing codes with their reasons, as our own codebook writes them."""
    return ", ".join(f'"{value}" {reason}'.strip() for value, reason in missing if value)
