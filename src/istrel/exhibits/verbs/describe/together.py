"""Columns of one measure in one figure: each is drawn as if it were a group, on the axis that they share."""

from __future__ import annotations

from dataclasses import replace

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.derive import free_name
from istrel.data.formula.tree import Name
from istrel.data.series import Series, as_long
from istrel.exhibits.cases import resolve_subjects
from istrel.exhibits.store import made_of
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request
from istrel.sentence.vocabulary import FORMS

MEASURE, COLUMN = "measure", "variable"
MOST = 12  # columns that an eye tells apart on one axis


def drawn_together(request: Request, data: Dataset) -> tuple[Request, Dataset] | None:
    """The sentence asked of a row for each column, where all of its variables are measured in one unit; None where they are not.

    Raises
    ------
    Problem
        Where the sentence says how they share the figure, and they have no unit in common.
    """
    if not FORMS[request.shape].together or request.across or request.norm is not None:
        return None
    names = resolve_subjects(request, data)
    joined = None if request.settings["hide_below"] is not None else _joined(names, data)
    if joined is None:
        if "arrange" in request.settings:
            at, length = request.settings.place_of("arrange")
            message = "“arrange” is for groups, and for variables that are measured in one unit"
            raise Problem(f"{message}; give them the same unit in the Codebook, or leave it out.", at=at, length=length)
        return None
    measure, long = joined
    across = Crossed((Name(COLUMN),))
    return replace(request, subjects=(Crossed((Name(measure),)),), across=(across,)), long


def _joined(names: tuple[str, ...], data: Dataset) -> tuple[str, Dataset] | None:
    """(what the measure is called, a row for each of its columns)."""
    lines = [data.variable(name) for name in names]
    units = {line.unit for line in lines}
    numbers = all(data.table.column(name).kind is Kind.NUMBER for name in names)
    measured = all(line.level.measured for line in lines)
    alike = len(units) == 1 and units != {""} and numbers and measured
    if not alike or not 1 < len(names) <= MOST or COLUMN in data.table:
        return None
    series = Series(free_name(MEASURE, data.table), names, names, tuple(line.title for line in lines))
    try:
        return series.name, made_of(data, series, lambda: as_long(data, (series,), COLUMN))
    except Problem:  # what means no answer in one is an answer in another: each has a panel of its own
        return None
