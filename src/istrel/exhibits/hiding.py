"""Small counts hidden (`hide_below`), before anything is typeset: no output ever sees what must not be shown.

Every count of a result is entered as a sum of atoms (a part of a variable in a group of every grouping); what must be
hidden besides the small ones is worked out in `stats/disclosure`, and statistics that would give a count away go with it.
"""

from __future__ import annotations

from collections.abc import Callable, Hashable, Sequence
from dataclasses import dataclass, field, replace
from itertools import product
from typing import Any

import numpy as np

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.text import Hidden
from istrel.problem import Problem
from istrel.sentence.vocabulary import CASE_LISTS, FORMS
from istrel.stats.disclosure import COMPANION, MOST_ATOMS, SHOWN, SMALL, Counts, one_sum, states
from istrel.stats.estimates import Undefined

Column = tuple[int, ...]
MOST_COLUMNS = 400


def hidden(plan: Any, result: Any) -> Any:
    """The result with small counts hidden as the sentence asks; the same where it does not.

    Raises
    ------
    Problem
        For a form that shows every case.
    """
    below = plan.request.settings["hide_below"]
    if below is None:
        return result
    if FORMS[plan.form].case_by_case:
        raise Problem(f"“{plan.form}” shows every case, so small counts cannot be hidden in it; set it as table.")
    if plan.request.settings["points"]:
        raise Problem("Single cases cannot be shown where small counts are hidden; leave points out.")
    found: Any = _HIDERS[plan.request.verb](plan, result, below)
    return found


@dataclass
class Ledger:
    """Counts entered as sums of atoms; `state` says afterwards what is to be done with each."""

    groupings: Sequence[Grouping]
    below: int
    _atoms: dict[Hashable, int] = field(default_factory=dict)
    _entries: dict[Hashable, tuple[list[int], int]] = field(default_factory=dict)
    _parts: dict[Hashable, dict[Hashable, None]] = field(default_factory=dict)
    _states: dict[Hashable, int] | None = None

    def __post_init__(self) -> None:
        self._named = [grouping for grouping in self.groupings if grouping.names]
        choices = [range(-1, grouping.n_groups) for grouping in self._named]
        size = int(np.prod([len(choice) for choice in choices], dtype=float))
        self.boundless = size > MOST_COLUMNS
        self._columns: list[Column] = [] if self.boundless else list(product(*choices))

    def columns(self, group: Group) -> list[Column]:
        """The columns of the joint table that make up a group."""
        names = tuple(name for name, _ in group.named)
        for place, grouping in enumerate(self._named):
            if grouping.names == names:
                number = grouping.groups.index(group)
                return [column for column in self._columns if column[place] == number]
        return self._columns

    def enter(self, key: Hashable, what: Hashable, parts: Sequence[Hashable], group: Group | None, count: int) -> None:
        """One count: of these parts of something that is counted, in a group (None: of all cases in use)."""
        known = self._parts.setdefault(what, {})
        known.update(dict.fromkeys(parts))
        columns = self._columns if group is None else self.columns(group)
        self._enter(key, [(what, part, column) for part in parts for column in columns], count)

    def enter_ungrouped(self, what: Hashable) -> None:
        """How many cases are in no group of each grouping."""
        for place, grouping in enumerate(self._named):
            columns = [column for column in self._columns if column[place] == -1]
            atoms = [(what, part, column) for part in self._parts[what] for column in columns]
            self._enter(("ungrouped", grouping.names), atoms, _number(grouping.missing))

    def _enter(self, key: Hashable, atoms: Sequence[Hashable], count: int) -> None:
        self._entries[key] = [self._atoms.setdefault(atom, len(self._atoms)) for atom in atoms], count

    def _links(self) -> list[dict[int, float]]:
        """A column holds as many cases whatever is counted in it."""
        links = []
        first, *others = self._parts
        for other in others:
            for column in self._columns:
                sides = [(first, 1.0), (other, -1.0)]
                atoms = {self._atom(what, part, column): sign for what, sign in sides for part in self._parts[what]}
                links.append(atoms)
        return links

    def _atom(self, what: Hashable, part: Hashable, column: Column) -> int:
        return self._atoms.setdefault((what, part, column), len(self._atoms))

    def _solved(self) -> dict[Hashable, int]:
        from scipy.sparse import csr_array

        keys = list(self._entries)
        values = np.array([self._entries[key][1] for key in keys], np.int64)
        small = (values > 0) & (values < self.below)
        if not small.any():
            return dict.fromkeys(keys, SHOWN)
        if self.boundless or len(self._atoms) > MOST_ATOMS:  # too many to prove anything: every other count is hidden
            return dict(zip(keys, np.where(small, SMALL, COMPANION).tolist(), strict=True))
        links = self._links() if len(self._parts) > 1 else []
        width = len(self._atoms)
        rows = [(row, atom) for row, key in enumerate(keys) for atom in self._entries[key][0]]
        tied = [(row, atom, sign) for row, atoms in enumerate(links) for atom, sign in atoms.items()]
        members = csr_array((np.ones(len(rows)), tuple(np.array(rows).T)), shape=(len(keys), width))
        across = np.array(tied).reshape(-1, 3).T
        equal = csr_array((across[2], across[:2].astype(int)), shape=(len(links), width))
        found = states(Counts(members, values, equal), self.below)
        return dict(zip(keys, found.tolist(), strict=True))

    def shown(self, key: Hashable, count: Any) -> Any:
        """The count, or that it is hidden."""
        if self._states is None:
            self._states = self._solved()
        state = self._states.get(key, 0)
        return Hidden(self.below if state == SMALL else None) if state else count


def _number(count: int | Hidden) -> int:
    return count if isinstance(count, int) else 0


def _cases(cases: Cases, ledger: Ledger) -> Cases:
    """How many cases are used, and of how many: a small rest would be told by the two together."""
    used = ledger.shown("used", cases.used)
    rest = _number(cases.total) - _number(cases.used)
    return replace(
        cases, used=used, total=Hidden() if 0 < rest < ledger.below or used is not cases.used else cases.total
    )


def _groupings(groupings: tuple[Grouping, ...], ledger: Ledger) -> tuple[Grouping, ...]:
    return tuple(replace(g, missing=ledger.shown(("ungrouped", g.names), g.missing)) for g in groupings)


# Frequencies and measured variables: parts of a variable in groups.
def _enter_cell(ledger: Ledger, place: int, cell: Any) -> None:
    """All counts of a cell of `describe` or of a frequency table, and what they add up to."""
    from istrel.exhibits.verbs.frequencies import FrequencyCell

    what: Hashable = cell.variables if isinstance(cell, FrequencyCell) else (cell.variable,)
    levels = [(level.values, level.name) for level in cell.levels] if isinstance(cell, FrequencyCell) else ["valid"]
    valid: list[Hashable] = [("level", level) for level in levels]
    if getattr(cell, "closed", ""):
        valid.append("outside")
        ledger.enter((place, "outside"), what, ["outside"], cell.group, cell.outside)
    gone: list[Hashable] = []
    if isinstance(cell, FrequencyCell):
        for part, level in zip(valid, cell.levels, strict=False):
            ledger.enter((place, part), what, [part], cell.group, _number(level.count))
        gone += [("reason", reason) for reason, _ in cell.reasons]
        for reason, count in cell.reasons:
            ledger.enter((place, reason), what, [("reason", reason)], cell.group, _number(count))
    gone = gone or ["gone"]  # the reasons of a variable add up to what is missing, and whoever reads them knows it
    ledger.enter((place, "n"), what, valid, cell.group, cell.n)
    ledger.enter((place, "missing"), what, gone, cell.group, cell.missing)
    ledger.enter((place, "total"), what, [*valid, *gone], cell.group, cell.n + cell.missing)


def _hide_cells(plan: Any, result: Any, below: int) -> Any:
    """`describe` and frequency tables."""
    del plan
    ledger = Ledger(result.groupings, below)
    reasons: dict[Any, dict[Any, None]] = {}
    for cell in result.cells:  # every group knows every reason, so that what is counted has the same parts in all
        known = reasons.setdefault(getattr(cell, "variables", None), {})
        known.update(dict.fromkeys(reason for reason, _ in getattr(cell, "reasons", ())))
    cells = [_with_reasons(cell, tuple(reasons[getattr(cell, "variables", None)])) for cell in result.cells]
    for place, cell in enumerate(cells):
        _enter_cell(ledger, place, cell)
    drawings = result.drawings
    for place, drawing in enumerate(drawings):
        _enter_drawing(ledger, place, drawing)
    first = getattr(cells[0], "variables", None) or (cells[0].variable,)
    ledger.enter("used", first, list(ledger._parts[first]), None, _number(result.cases.used))
    ledger.enter_ungrouped(first)
    kept = tuple(_hidden_cell(ledger, place, cell) for place, cell in enumerate(cells))
    drawn = (_hidden_drawing(ledger, place, drawing, below) for place, drawing in enumerate(drawings))
    changed: dict[str, Any] = {
        "cells": kept,
        "drawings": tuple(drawing for drawing in drawn if drawing is not None),
        "cases": _cases(result.cases, ledger),
        "groupings": _groupings(result.groupings, ledger),
    }
    if getattr(result, "differences", ()):
        changed["differences"] = _differences(result.differences, kept)
    return replace(result, **changed)


def _differences(differences: tuple[Any, ...], cells: tuple[Any, ...]) -> tuple[Any, ...]:
    """Measures and tests go where a count of their variable is hidden."""
    none = Undefined("it would give hidden counts away")
    gone = {
        getattr(cell, "variable", None) or cell.variables[0]
        for cell in cells
        if any(isinstance(count, Hidden) for count in _counts(cell))
    }
    return tuple(
        replace(
            d,
            effect=d.effect and replace(d.effect, value=none, low=none, high=none),
            test=d.test and replace(d.test, statistic=none, df=(), p=none),
            p_adjusted=None if d.p_adjusted is None else none,
        )
        if d.variable in gone
        else d
        for d in differences
    )


def _counts(cell: Any) -> list[Any]:
    return [cell.n, cell.missing, *(level.count for level in getattr(cell, "levels", ()))]


def _with_reasons(cell: Any, reasons: tuple[Any, ...]) -> Any:
    if not hasattr(cell, "reasons"):
        return cell
    counts = dict(cell.reasons)
    return replace(cell, reasons=tuple((reason, counts.get(reason, 0)) for reason in reasons))


def _hidden_cell(ledger: Ledger, place: int, cell: Any) -> Any:
    from istrel.exhibits.verbs.frequencies import FrequencyCell, share_of

    n = ledger.shown((place, "n"), cell.n)
    missing = ledger.shown((place, "missing"), cell.missing)
    total = ledger.shown((place, "total"), cell.n + cell.missing)
    if not isinstance(cell, FrequencyCell):
        statistics = {key: _statistic(key, v, n, missing, ledger.below) for key, v in cell.statistics.items()}
        return replace(cell, n=n, missing=missing, statistics=statistics)
    counts = [ledger.shown((place, ("level", (level.values, level.name))), level.count) for level in cell.levels]
    whole = not any(isinstance(count, Hidden) for count in (*counts, n))
    levels = tuple(
        replace(
            level,
            count=count,
            percent=share_of(count, total) if isinstance(count, Hidden) or isinstance(total, Hidden) else level.percent,
            valid_percent=level.valid_percent if not isinstance(count, Hidden) and isinstance(n, int) else Hidden(),
            cumulative_percent=level.cumulative_percent if whole or level.cumulative_percent is None else Hidden(),
            low=level.low if not isinstance(count, Hidden) and isinstance(n, int) else Hidden(),
            high=level.high if not isinstance(count, Hidden) and isinstance(n, int) else Hidden(),
        )
        for level, count in zip(cell.levels, counts, strict=True)
    )
    reasons = tuple((reason, ledger.shown((place, reason), count)) for reason, count in cell.reasons)
    outside = ledger.shown((place, "outside"), cell.outside)
    return replace(cell, n=n, missing=missing, total=total, levels=levels, reasons=reasons, outside=outside)


SMALL_TOO = ("mode_count",)


def _statistic(key: str, value: Any, n: Any, missing: Any, below: int) -> Any:
    """A statistic beside hidden counts: of a group whose n is hidden nothing is shown, and single cases never are."""
    if key in ("n", "missing"):
        found = n if key == "n" else missing
        return float(found) if isinstance(found, int) else found
    if isinstance(n, Hidden) or key in CASE_LISTS:
        return value if isinstance(value, Undefined) else Hidden()
    return Hidden(below) if key in SMALL_TOO and isinstance(value, float) and 0 < value < below else value


# Drawings.
def _enter_drawing(ledger: Ledger, place: int, drawing: Any) -> None:
    """The counts of a histogram's bars; of other forms nothing but n, which stands in the cells, is a count."""
    if not hasattr(drawing, "edges"):
        return
    what = (drawing.variable, "classes")
    bars: list[Hashable] = [("bar", k) for k in range(len(drawing.counts))]
    for bar, count in zip(bars, drawing.counts, strict=True):
        ledger.enter(("drawing", place, bar), what, [bar], drawing.group, count)
    ledger.enter(("drawing", place, "outside"), what, ["outside"], drawing.group, drawing.outside)
    ledger.enter(("drawing", place, "n"), what, [*bars, "outside"], drawing.group, drawing.n)
    ledger.enter(("drawing", place, "missing"), what, ["gone"], drawing.group, drawing.missing)


def _hidden_drawing(ledger: Ledger, place: int, drawing: Any, below: int) -> Any:
    """A drawing without what would show a small count; None for a group whose n is hidden."""
    if not hasattr(drawing, "edges"):
        n = drawing.n
        if 0 < n < below:
            return None
        if hasattr(drawing, "outside"):
            return replace(drawing, outside=())
        return drawing if hasattr(drawing, "interval") or hasattr(drawing, "q1") else _coarse(drawing, below)
    n = ledger.shown(("drawing", place, "n"), drawing.n)
    if isinstance(n, Hidden):
        return None
    counts = tuple(ledger.shown(("drawing", place, ("bar", k)), c) for k, c in enumerate(drawing.counts))
    gone = np.array([isinstance(count, Hidden) for count in counts])
    if drawing.cumulative and gone.any():  # a sum up to each class would give the hidden ones away
        gone = np.logical_or(gone, np.append(gone[1:], False))
    heights = np.where(gone, np.nan, drawing.heights)
    missing = ledger.shown(("drawing", place, "missing"), drawing.missing)
    outside = ledger.shown(("drawing", place, "outside"), drawing.outside)
    return replace(drawing, counts=counts, heights=heights, missing=missing, outside=outside)


def _coarse(drawing: Any, below: int) -> Any:
    """A cumulative curve whose every step holds so many cases; other curves as they are."""
    if not hasattr(drawing, "y") or hasattr(drawing, "bandwidth") or hasattr(drawing, "sd"):
        return drawing
    step = 100.0 * below / drawing.n
    kept, last = [], 0.0
    for place, share in enumerate(drawing.y.tolist()):
        if share - last >= step - 1e-9 and (100.0 - share >= step - 1e-9 or share >= 100.0 - 1e-9):
            kept.append(place)
            last = share
    if not kept or drawing.y[kept[-1]] < 100.0:
        kept = [*kept[:-1], drawing.y.size - 1]
    return replace(drawing, x=drawing.x[kept], y=drawing.y[kept])


# Cross-tables.
def _hide_crossed(result: Any, below: int) -> Any:
    """Cells with their margins; tests, residuals and coefficients go where anything of a table is hidden."""
    ledger = Ledger(result.groupings, below)
    for place, cell in enumerate(result.cells):
        what = (cell.row, cell.column)
        rows, columns = range(len(cell.row_values)), range(len(cell.column_values))
        full = cell.with_margins
        every = [(i, j) for i in rows for j in columns]
        for i in range(full.shape[0]):
            for j in range(full.shape[1]):
                parts = list(product((i,) if i < len(rows) else rows, (j,) if j < len(columns) else columns))
                ledger.enter((place, i, j), what, parts, cell.group, int(full[i, j]))
        ledger.enter((place, "missing"), what, ["gone"], cell.group, cell.missing)
        ledger.enter((place, "total"), what, [*every, "gone"], cell.group, cell.n + cell.missing)
    first = result.cells[0]
    what = (first.row, first.column)
    ledger.enter("used", what, list(ledger._parts[what]), None, _number(result.cases.used))
    ledger.enter_ungrouped(what)
    cells = tuple(_hidden_cross(ledger, place, cell) for place, cell in enumerate(result.cells))
    cases, groupings = _cases(result.cases, ledger), _groupings(result.groupings, ledger)
    return replace(result, cells=cells, cases=cases, groupings=groupings)


def _hidden_cross(ledger: Ledger, place: int, cell: Any) -> Any:
    full = cell.with_margins
    gone = np.zeros(full.shape, np.int8)
    for i in range(full.shape[0]):
        for j in range(full.shape[1]):
            state = ledger.shown((place, i, j), None)
            gone[i, j] = 0 if state is None else SMALL if state.below else COMPANION
    missing = ledger.shown((place, "missing"), cell.missing)
    if not gone.any():
        return replace(cell, missing=missing)
    none = Undefined("it would give hidden counts away")
    coefficients = dict.fromkeys(cell.association.__dataclass_fields__, none)
    return replace(
        cell,
        n=ledger.shown((place, full.shape[0] - 1, full.shape[1] - 1), cell.n),
        missing=missing,
        hidden=gone,
        chi_square=replace(cell.chi_square, statistic=none, p=none, small=0.0),
        exact=replace(cell.exact, p=none, way="", error=0.0),
        association=replace(cell.association, **coefficients),
    )


def _hide_count(plan: Any, result: Any, below: int) -> Any:
    return _hide_crossed(result, below) if plan.against else _hide_cells(plan, result, below)


# Tests and coefficients: their p and n tell each other, so one small count hides all counts of the exhibit.
def _hide_check(plan: Any, result: Any, below: int) -> Any:
    del plan
    counts = [count for cell in result.cells for count in (cell.n, cell.missing)]
    counts += [_number(grouping.missing) for grouping in result.groupings]
    if not _any_small(counts, below):
        return result
    return replace(result, cells=tuple(_checked(cell, below) for cell in result.cells), **_bare(result))


def _any_small(counts: Sequence[int], below: int) -> bool:
    return any(0 < count < below for count in counts)


def _told(count: int, below: int) -> Hidden | int:
    """A count where all are hidden: small ones say so, nothing is said of the others, and 0 is 0."""
    if count == 0:
        return Hidden()
    return Hidden(below) if count < below else Hidden()


def _bare(result: Any) -> dict[str, Any]:
    cases = replace(result.cases, used=Hidden(), total=Hidden())
    return {
        "cases": cases,
        "groupings": tuple(replace(g, missing=Hidden() if g.missing else 0) for g in result.groupings),
    }


def _checked(cell: Any, below: int) -> Any:
    few = 0 < cell.n < below

    def tested(test: Any) -> Any:
        gone = {name: Hidden() for name in ("p", "p_adjusted") if hasattr(test, name)}
        return replace(test, **gone, **({"statistic": Hidden()} if few else {}))

    changed: dict[str, Any] = {"tests": {name: tested(test) for name, test in cell.tests.items()}}
    if few:
        changed |= {name: Hidden() for name in ("skewness", "kurtosis") if hasattr(cell, name)}
        changed |= {name: "" for name in ("reading",) if hasattr(cell, name)}
    if hasattr(cell, "remote"):
        changed["remote"] = ()
    return replace(cell, n=_told(cell.n, below), missing=_told(cell.missing, below), **changed)


def _hide_relate(plan: Any, result: Any, below: int) -> Any:
    counts = [c for cell in result.cells for c in (cell.n, cell.missing, *cell.valid.values())]
    counts += [cell.n - count for cell in result.cells for count in cell.valid.values()]
    counts += [pair.n for cell in result.cells for pair in cell.pairs]
    counts += [cell.n - pair.n for cell in result.cells for pair in cell.pairs]
    counts += [_number(grouping.missing) for grouping in result.groupings]
    drawings = tuple(_plane(drawing, below) for drawing in result.drawings if not 0 < drawing.n < below)
    if not _any_small(counts, below):
        return replace(result, drawings=drawings)
    cells = tuple(_related(cell, below) for cell in result.cells)
    del plan
    return replace(result, cells=cells, drawings=drawings, **_bare(result))


def _related(cell: Any, below: int) -> Any:
    pairs = tuple(
        replace(
            pair,
            n=_told(pair.n, below),
            coefficient=Hidden() if 0 < pair.n < below else pair.coefficient,
            p=Hidden(),
            p_adjusted=Hidden(),
            low=Hidden(),
            high=Hidden(),
        )
        for pair in cell.pairs
    )
    few = {name for name, count in cell.valid.items() if 0 < count < below}
    means, deviations = (
        {name: Hidden() if name in few else value for name, value in source.items()}
        for source in (cell.means, cell.deviations)
    )
    valid = {name: _told(count, below) for name, count in cell.valid.items()}
    counts = {"n": _told(cell.n, below), "missing": _told(cell.missing, below)}
    return replace(cell, **counts, valid=valid, means=means, deviations=deviations, pairs=pairs)


def _plane(drawing: Any, below: int) -> Any:
    """Tiles of few cases are not drawn, nor those from which they could be worked out."""
    found = one_sum(drawing.counts, below)
    if found is None:
        raise Problem(f"With counts below {below} hidden nothing of this plane is left to draw; set it as table.")
    return replace(drawing, counts=np.where(found > 0, -1, drawing.counts))


_HIDERS: dict[str, Callable[[Any, Any, int], Any]] = {
    "describe": _hide_cells,
    "count": _hide_count,
    "check": _hide_check,
    "relate": _hide_relate,
}
