"""What a single case is called in a figure: by the identifier of the file, or by its number."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np

from istrel.data.column import show_value
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.exhibits.text import Text, say, verbatim


def case_names(data: Dataset) -> Callable[[int], Text]:
    """What the case in a row of the source, from 1, is called: "1042" by the identifier, or "case 17" where it has none."""
    made = data.codebook.rows.person if data.occasions > 1 else ""  # it numbers the cases of columns turned into rows
    found = (v.name for v in data.codebook.variables if v.level is Level.IDENTIFIER and v.in_use and v.name != made)
    name = next(found, None)
    column = data.table.column(name) if name is not None else None

    def named(row: int) -> Text:
        at = row - 1 if data.origin is None else int(np.searchsorted(data.origin, row - 1))  # rows come in their order
        if column is None or not column.valid[at]:
            return say("case_number", row=row)
        value = column.value_at(at)
        return verbatim(value if isinstance(value, str) else show_value(value))

    return named
