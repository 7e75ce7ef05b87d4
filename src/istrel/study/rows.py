"""What a row is, as a person says it: checked against the data before anything is computed from it."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace

import numpy as np

from istrel.data.codebook import Codebook
from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset, Mask
from istrel.data.guess import with_roles
from istrel.data.guess_rows import CLUSTERS, COUNTED, OCCASION, PERSON, REPEATS, STRATA, WEIGHT
from istrel.data.levels import Level
from istrel.data.rows import Rows
from istrel.data.table import Table
from istrel.english import english, together
from istrel.problem import Problem

MOST_NAMED = 3
MOST_OFFERED = 12
LIKELY = {
    "person": PERSON,
    "occasion": OCCASION,
    "counted": COUNTED,
    "weight": WEIGHT,
    "strata": STRATA,
    "clusters": CLUSTERS,
}


def with_rows(codebook: Codebook, rows: Rows, table: Table, aside: Mask | None = None) -> Codebook:
    """The codebook with what a row is; a person's number is an identifier.

    Raises
    ------
    Problem
        For a variable that is not there, roles that do not go together, counts that are none, or weights that are not above 0.
    """
    check_roles(rows, codebook)
    if rows.counted:
        check_counts(table.column(rows.counted), codebook, aside)
    if rows.weight:
        check_sample(rows, table, codebook, aside)
    return with_roles(codebook, replace(rows, guessed=False), table)


def check_roles(rows: Rows, codebook: Codebook) -> None:
    """Raises for a variable that is not there, and for roles that do not go together."""
    for name in rows.said.values():
        codebook[name]  # told where there is none
    apart = [name for role, name in rows.said.items() if role != "clusters" or name != rows.person]
    if len(set(apart)) < len(apart):
        raise Problem(english("A variable has one role for the rows; name another one for the second."))
    if rows.occasion and not rows.person:
        raise Problem(english("An occasion tells the rows of a person apart; say who the person is, too."))
    if rows.person and rows.counted:
        raise Problem(english("A row is an occasion of a person, or it stands for several cases; it cannot be both."))
    if rows.weight and rows.counted:
        raise Problem(
            english("A row stands for several cases that were counted, or a sample weighs it; it cannot be both.")
        )
    if (rows.strata or rows.clusters) and not rows.weight:
        raise Problem(
            english("Strata and clusters belong to a weighted sample; say which variable weighs the rows, too.")
        )


def in_words(codebook: Codebook) -> str:
    """What a row is, as a sentence; nothing where each is a case of its own."""
    rows = codebook.rows
    if rows.counted:
        return english("Each row stands for as many cases as {name} says.", name=called(rows.counted, codebook))
    said = []
    if rows.person:
        one = called(rows.occasion, codebook) if rows.occasion else english("occasion")
        said.append(english("Each row is one {one} of one {who}.", one=one, who=called(rows.person, codebook)))
    if rows.weight:
        said.append(english("Rows are weighted by {name}.", name=called(rows.weight, codebook)))
        said += [english("Strata: {name}.", name=called(rows.strata, codebook))] if rows.strata else []
        said += [english("Clusters: {name}.", name=called(rows.clusters, codebook))] if rows.clusters else []
    return together(said) if said else ""


def _drawn(rows: Rows) -> tuple[tuple[str, str], ...]:
    return ("strata", rows.strata), ("clusters", rows.clusters)


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
        raise Problem(
            english(
                "“{column}” holds no numbers, so it cannot say how many cases a row stands for.", column=column.name
            )
        )
    codes = [code.value for code in codebook[column.name].missing_codes if isinstance(code.value, float)]
    good = (
        column.valid
        & (column.values >= 0)
        & (column.values == np.floor(column.values))
        & ~np.isin(column.values, codes)
    )
    _refuse_rows(
        ~good, column, aside, english("say how many cases every row stands for"), english("no whole number from 0")
    )


def check_sample(rows: Rows, table: Table, codebook: Codebook, aside: Mask | None) -> None:
    """Raises where a variable cannot weigh the rows, or a row in use does not say its stratum or cluster."""
    column = table.column(rows.weight)
    if column.kind is not Kind.NUMBER:
        raise Problem(english("“{column}” holds no numbers, so it cannot weigh the rows.", column=column.name))
    weights = Dataset(table, codebook, aside).numbers(column.name)
    good = weights.valid & np.isfinite(weights.values) & (weights.values > 0)
    _refuse_rows(~good, column, aside, english("weigh every row"), english("no number above 0"))
    for role, name in _drawn(rows):
        if name:
            present = Dataset(table, codebook, aside).present(name)
            says = english("say the {role} of every row", role=role)
            _refuse_rows(~present, table.column(name), aside, says, english("no value"))


def _refuse_rows(bad: Mask, column: Column, aside: Mask | None, what: str, lack: str) -> None:
    rows = np.flatnonzero(bad if aside is None else bad & ~aside)
    if not rows.size:
        return
    shown = ", ".join(f"{row + 1} ({column.text_at(row) or 'blank'})" for row in rows[:MOST_NAMED].tolist())
    raise Problem(
        english(
            "“{column}” does not {what}: [one row holds|{n:,} rows hold] {lack}: row {shown}. "
            "Mend or set aside these rows first.",
            column=column.name,
            what=what,
            n=int(rows.size),
            lack=lack,
            shown=f"{shown} …" if rows.size > MOST_NAMED else shown,
        )
    )


def offers(role: str, data: Dataset, distinct: Mapping[str, int]) -> tuple[str, ...]:
    """The variables that can have a role, the likeliest first.

    Persons stand in several rows; occasions are few, or days; counts are whole numbers from 0 in every row, weights are above 0;
    strata and clusters are categories with several rows each.

    Parameters
    ----------
    distinct
        How many different values each variable has, as far as that is known.
    """
    taken = {
        name
        for other, name in data.codebook.rows.said.items()
        if other != role and {other, role} != {"person", "clusters"}
    }
    found = [one.name for one in data.table.columns if one.name not in taken and _fits(role, one, data, distinct)]
    likely = LIKELY[role]
    return tuple(sorted(found, key=lambda name: likely.match(name) is None)[:MOST_OFFERED])


def _fits(role: str, column: Column, data: Dataset, distinct: Mapping[str, int]) -> bool:
    variable = data.codebook[column.name]
    if variable.formula is not None or not variable.in_use or not column.valid.any():
        return False
    if role == "counted":
        values = column.values[column.valid] if column.kind is Kind.NUMBER else np.zeros(0)
        return bool(values.size == column.n_rows and (values >= 0).all() and (values == np.floor(values)).all())
    if role == "weight":
        values = column.values[column.valid] if column.kind is Kind.NUMBER else np.zeros(0)
        return bool(values.size == column.n_rows and np.isfinite(values).all() and (values > 0).all())
    different = distinct.get(column.name, 0)
    if role in ("strata", "clusters"):
        repeats = column.kind is not Kind.DATE and 1 < different <= REPEATS * column.n_rows
        return repeats and (not variable.level.measured or LIKELY[role].match(column.name) is not None)
    if role == "person":
        named = variable.level in (Level.IDENTIFIER, Level.NOMINAL) or PERSON.match(column.name) is not None
        return named and 1 < different <= REPEATS * column.n_rows
    return column.kind is Kind.DATE or (
        (variable.level.categorical or OCCASION.match(column.name) is not None) and different > 1
    )
