"""What a row is, as a person says it: checked against the data before anything is computed from it."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace

import numpy as np

from istrel.counting import counted
from istrel.data.codebook import Codebook
from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset, Mask
from istrel.data.guess import with_roles
from istrel.data.guess_rows import COUNTED, OCCASION, PERSON, REPEATS
from istrel.data.levels import Level
from istrel.data.rows import Rows
from istrel.data.table import Table
from istrel.problem import Problem

MOST_NAMED = 3
MOST_OFFERED = 12


def with_rows(codebook: Codebook, rows: Rows, table: Table, aside: Mask | None = None) -> Codebook:
    """The codebook with what a row is; a person's number is an identifier.

    Raises
    ------
    Problem
        For a variable that is not there, an occasion without a person, one variable in two roles, or counts that are none.
    """
    check_roles(rows, codebook)
    if rows.counted:
        check_counts(table.column(rows.counted), codebook, aside)
    return with_roles(codebook, replace(rows, guessed=False), table)


def check_roles(rows: Rows, codebook: Codebook) -> None:
    """Raises for a variable that is not there, an occasion without a person, and one variable or row in two roles."""
    for name in rows.said.values():
        codebook[name]  # told where there is none
    if len(set(rows.said.values())) < len(rows.said):
        raise Problem("A variable has one role for the rows; name another one for the second.")
    if rows.occasion and not rows.person:
        raise Problem("An occasion tells the rows of a person apart; say who the person is, too.")
    if rows.person and rows.counted:
        raise Problem("A row is an occasion of a person, or it stands for several cases; it cannot be both.")


def in_words(codebook: Codebook) -> str:
    """What a row is, as a sentence; nothing where each is a case of its own."""
    rows = codebook.rows
    if rows.counted:
        return f"Each row stands for as many cases as {called(rows.counted, codebook)} says."
    if not rows.person:
        return ""
    one = called(rows.occasion, codebook) if rows.occasion else "occasion"
    return f"Each row is one {one} of one {called(rows.person, codebook)}."


def called(name: str, codebook: Codebook) -> str:
    """A variable in a sentence about rows: its label with its name."""
    title = codebook[name].title
    return title if title == name else f"{title} ({name})"


def unit(codebook: Codebook) -> str:
    """What the rows of a file are called where they are counted."""
    return "row" if codebook.rows.said else "case"


def check_counts(column: Column, codebook: Codebook, aside: Mask | None) -> None:
    """Raises where a variable cannot say how many cases each row stands for: negative, not whole, missing."""
    if column.kind is not Kind.NUMBER:
        raise Problem(f"“{column.name}” holds no numbers, so it cannot say how many cases a row stands for.")
    codes = [code.value for code in codebook[column.name].missing_codes if isinstance(code.value, float)]
    good = (
        column.valid
        & (column.values >= 0)
        & (column.values == np.floor(column.values))
        & ~np.isin(column.values, codes)
    )
    bad = np.flatnonzero(~good if aside is None else ~good & ~aside)
    if bad.size:
        shown = ", ".join(f"{row + 1} ({column.text_at(row) or 'blank'})" for row in bad[:MOST_NAMED].tolist())
        more = " …" if bad.size > MOST_NAMED else ""
        raise Problem(
            f"“{column.name}” does not say how many cases every row stands for: {counted(int(bad.size), 'row')} "
            f"hold{'s' if bad.size == 1 else ''} no whole number from 0: row {shown}{more}. Mend or set aside these rows first."
        )


def offers(role: str, data: Dataset, distinct: Mapping[str, int]) -> tuple[str, ...]:
    """The variables that can have a role, the likeliest first.

    Persons stand in several rows; occasions are few, or days; counts are whole numbers from 0 in every row.

    Parameters
    ----------
    distinct
        How many different values each variable has, as far as that is known.
    """
    taken = data.codebook.rows.person if role != "person" else ""
    found = [one.name for one in data.table.columns if one.name != taken and _fits(role, one, data, distinct)]
    likely = {"person": PERSON, "occasion": OCCASION, "counted": COUNTED}[role]
    return tuple(sorted(found, key=lambda name: likely.match(name) is None)[:MOST_OFFERED])


def _fits(role: str, column: Column, data: Dataset, distinct: Mapping[str, int]) -> bool:
    variable = data.codebook[column.name]
    if variable.formula is not None or not variable.in_use or not column.valid.any():
        return False
    if role == "counted":
        values = column.values[column.valid] if column.kind is Kind.NUMBER else np.zeros(0)
        return bool(values.size == column.n_rows and (values >= 0).all() and (values == np.floor(values)).all())
    different = distinct.get(column.name, 0)
    if role == "person":
        named = variable.level in (Level.IDENTIFIER, Level.NOMINAL) or PERSON.match(column.name) is not None
        return named and 1 < different <= REPEATS * column.n_rows
    return column.kind is Kind.DATE or (
        (variable.level.categorical or OCCASION.match(column.name) is not None) and different > 1
    )
