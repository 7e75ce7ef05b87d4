"""Columns of one measure in one figure: each is drawn as if it were a group, on the axis that they share."""

from __future__ import annotations

from dataclasses import replace

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.derive import free_name
from istrel.data.formula.tree import Condition, Name, names_in
from istrel.data.levels import Level
from istrel.data.series import Series, as_long
from istrel.english import english
from istrel.exhibits.cases import resolve_subjects
from istrel.exhibits.store import made_of
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request
from istrel.sentence.vocabulary import FORMS

MEASURE, COLUMN = "measure", "variable"
MOST = 12  # columns that an eye tells apart on one axis


def drawn_together(request: Request, data: Dataset, standing: Condition | None) -> tuple[Request, Dataset] | None:
    """The sentence asked of a row for each column, where all of its variables are measured in one unit; None where they are not.

    Raises
    ------
    Problem
        Where the sentence says how they share the figure, and they cannot.
    """
    if not FORMS[request.shape].together or request.across or request.norm is not None:
        return None
    names = resolve_subjects(request, data)
    if len(names) == 1 and "arrange" not in request.settings:
        return None
    measure, by = free_name(MEASURE, data.table), free_name(COLUMN, data.table)
    series = Series(measure, names, names, tuple(data.variable(name).title for name in names))
    try:
        _refuse_strangers(names, data, hides=request.settings["hide_below"] is not None)
        along = _along(request, data, standing)
        long = made_of(data, (series, along), lambda: as_long(data, (series,), by, along))
    except Problem as problem:  # each has a panel of its own, unless the sentence says otherwise
        if "arrange" not in request.settings:
            return None
        at, length = request.settings.place_of("arrange")
        raise Problem(
            english("{message} “arrange” is for one axis; leave it out.", message=problem.message), at=at, length=length
        ) from None
    return replace(request, subjects=(_alone(measure),), across=(_alone(by),)), long


def _along(request: Request, data: Dataset, standing: Condition | None) -> frozenset[str]:
    """What a figure wants to know of a case besides: conditions, what its row is, and what it is called."""
    conditions = [condition for condition in (request.among, standing) if condition is not None]
    named = {name for condition in conditions for name in names_in(condition, data.table.names)}
    called = {line.name for line in data.codebook.variables if line.level is Level.IDENTIFIER}
    rows = data.codebook.rows
    return frozenset(named | called | {rows.person, rows.counted, rows.weight, rows.strata, rows.clusters} - {""})


def _refuse_strangers(names: tuple[str, ...], data: Dataset, *, hides: bool) -> None:
    """Raises where variables have no axis in common."""
    lines = [data.variable(name) for name in names]
    words = next((n for n, line in zip(names, lines, strict=True) if not _is_measured(n, line.level, data)), None)
    if words is not None:
        raise Problem(english("“{words}” is not measured in numbers.", words=words))
    if len({line.unit for line in lines}) > 1 or not lines[0].unit:
        raise Problem(
            english("These variables are not measured in one unit; the Codebook says what each is measured in.")
        )
    if not 1 < len(names) <= MOST:
        raise Problem(english("One axis is shared by 2 to {most} variables.", most=MOST))
    if hides:
        raise Problem(english("Small counts cannot be hidden where several variables share an axis."))


def _is_measured(name: str, level: Level, data: Dataset) -> bool:
    return level.measured and data.table.column(name).kind is Kind.NUMBER


def _alone(name: str) -> Crossed:
    return Crossed((Name(name),))
