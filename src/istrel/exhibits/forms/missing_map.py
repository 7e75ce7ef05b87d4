"""A map of missing values: a column for each variable, cases from top to bottom in their order or sorted by pattern."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Form, Json, Plan, no_own
from istrel.exhibits.figure import Array, Axis, FigureSheet, Item, Panel, Tiles
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, count_cell, joined, say
from istrel.exhibits.wording import few_names, has_groups, titled
from istrel.problem import Problem
from istrel.stats.frequency import counted
from istrel.style.numbers import Kind

STRETCHES = 150
MOST_VARIABLES = 150


@dataclass(frozen=True, eq=False)
class MapCell:
    """Shares of missing values, shape (stretches, variables).

    Attributes
    ----------
    starts
        The first case of each stretch, from 1, in the order drawn.
    missing
        Cases without a value of each variable.
    """

    variables: tuple[str, ...]
    n: int
    starts: NDArray[np.int64]
    shares: Array
    missing: NDArray[np.int64]
    sorted: bool
    group: Group

    @property
    def variable(self) -> str:
        return " × ".join(self.variables)


def draw(plan: Plan) -> tuple[MapCell, ...]:
    """The map of the cases in use."""
    names = plan.names
    if has_groups(plan.groupings):
        raise Problem(
            english("A missing map shows all cases together; leave the groups out, or limit the cases after “among”.")
        )
    if len(names) > MOST_VARIABLES:
        raise Problem(
            english(
                "This makes a map of {n} variables; one holds {most_variables}. Name fewer.",
                n=len(names),
                most_variables=MOST_VARIABLES,
            )
        )
    rows = np.flatnonzero(plan.cases.mask)
    gone = np.column_stack([~plan.data.present(name)[rows] for name in names])
    times = np.ones(rows.size, np.int64) if plan.data.times is None else plan.data.times[rows]
    wanted = bool(plan.request.settings["sort"])
    if wanted:
        order = _by_pattern(gone, times)
        gone, times = gone[order], times[order]
    n = int(times.sum())
    starts = np.linspace(0, n, min(STRETCHES, n) + 1).astype(np.int64)
    shares = np.diff(_missing_before(gone, times, starts), axis=0) / np.diff(starts)[:, None]
    lacking = (gone * times[:, None]).sum(axis=0)
    return (MapCell(names, n, starts[:-1] + 1, shares, lacking, wanted, plan.cases.everyone.groups[0]),)


def _missing_before(gone: NDArray[np.bool_], times: NDArray[np.int64], places: NDArray[np.int64]) -> NDArray[np.int64]:
    """How many of the cases before some places, ascending, have no value of each variable; shape (places, variables)."""
    running = np.concatenate([[0], np.cumsum(times)])
    lacking = np.concatenate([np.zeros((1, gone.shape[1]), np.int64), np.cumsum(gone * times[:, None], axis=0)])
    row = np.minimum(np.searchsorted(running, places, side="right") - 1, times.size - 1)
    return np.asarray(lacking[row] + gone[row] * (places - running[row])[:, None])


def _by_pattern(gone: NDArray[np.bool_], times: NDArray[np.int64]) -> NDArray[np.int64]:
    """Cases with the same variables missing together, the most frequent pattern last, so that what is missing stands on top."""
    packed = np.packbits(gone, axis=1)
    whole = np.ascontiguousarray(packed).view(np.dtype((np.void, packed.shape[1]))).ravel()
    patterns, place = np.unique(whole, return_inverse=True)
    counts = counted(place.ravel(), patterns.size, times)
    complete = ~gone.any(axis=1)
    return np.lexsort((np.arange(gone.shape[0]), place, -counts[place], complete))


def figure(plan: Plan, drawings: tuple[MapCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """One panel."""
    (cell,) = drawings
    if not cell.missing.any():
        raise Problem(english("No value of these variables is missing, so there is no map to draw."))
    values = cell.shares[::-1].T
    ends = np.append(cell.starts - 1, cell.n).astype(float)
    x_edges = np.arange(len(cell.variables) + 1.0)
    tiles = Tiles(x_edges, cell.n - ends[::-1], np.where(values > 0, values, np.nan), _items(cell, plan), (0.0, 1.0))
    names = tuple((k + 0.5, titled(plan.data.variable(name))) for k, name in enumerate(cell.variables))
    x = Axis((), 0.0, float(len(cell.variables)), places=names)
    order = say("cases_sorted_by_what_is") if cell.sorted else say("cases_in_the_order_of")
    marked = [case for case in even_steps(cell.n) if case]
    down = tuple((cell.n - case + 0.5, (Cell(float(case), Kind.COUNT),)) for case in dict.fromkeys((1, *marked)))
    y = Axis(say("axis_cases"), 0.0, float(cell.n), places=down, meaning=order)
    own = general([_own_note(cell)])
    numbers = tuple(
        Cell(float(count), Kind.COUNT, row=name, column="missing")
        for name, count in zip(cell.variables, cell.missing.tolist(), strict=True)
    )
    size = plan.request.settings["size"] or ("page" if len(cell.variables) > 12 else "")
    panels, alt = (Panel(x, y, (tiles,)),), _alt(cell, plan)
    return FigureSheet(title, panels, (*notes, *own), alt, numbers, size=size, ratio=0.5)


def even_steps(n: int) -> list[int]:
    """About five round numbers of cases up to n."""
    power = 10 ** max(0, len(str(n)) - 2)
    step = next((k * power for k in (1, 2, 5, 10, 20, 50) if n // (k * power) <= 6), n)
    return list(range(0, n + 1, max(1, step)))


def _own_note(cell: MapCell) -> Text:
    as_sorted = "missing_map_sorted"
    as_read = "missing_map_as_read"
    return say(
        as_sorted if cell.sorted else as_read,
        n=cell.n,
        gone=int(cell.missing.sum()),
        all=cell.n * len(cell.variables),
    )


def _items(cell: MapCell, plan: Plan) -> tuple[Item, ...]:
    made = []
    for name, count in zip(cell.variables, cell.missing.tolist(), strict=True):
        label = titled(plan.data.variable(name))
        behind = Behind(name, missing=(name,))
        number = count_cell(count, row=name, column="missing", statistic="missing", behind=behind)
        item = Item(say("missing_of_all", name=label, n=number, all=cell.n), behind, (number,))
        made += [item] * cell.starts.size
    return tuple(made)


def methods(plan: Plan, drawings: tuple[MapCell, ...]) -> Text:
    """Nothing is computed."""
    del plan, drawings
    return ()


def _alt(cell: MapCell, plan: Plan) -> Text:
    order = np.argsort(-cell.missing, kind="stable")[:3]
    most = joined(
        [
            say("name_with_count", name=titled(plan.data.variable(cell.variables[k])), n=int(cell.missing[k]))
            for k in order
        ]
    )
    names = [titled(plan.data.variable(name)) for name in cell.variables]
    what = few_names(names)
    return say("map_of_missing_values_of", what=what, n=cell.n, most=most)


def values(cell: MapCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    return {
        "variables": list(cell.variables),
        "n": cell.n,
        "starts": cell.starts.tolist(),
        "shares": cell.shares.tolist(),
        "missing": cell.missing.tolist(),
        "sorted": cell.sorted,
    }


FORM: Form[Plan, MapCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=None,
    explain=no_own,
    draw=draw,
)
