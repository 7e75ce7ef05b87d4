"""A grid of several variables with each other: scatters or planes below, distributions on the diagonal, coefficients above."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Form, Json, Plan
from istrel.exhibits.exchange import groups, number
from istrel.exhibits.figure import Array, Axis, Bars, FigureSheet, Ink, Item, Mark, Panel, Words
from istrel.exhibits.forms.common import axis_of, key_of, n_cell, named_with_n, room_beside
from istrel.exhibits.forms.fit import fit_line
from istrel.exhibits.forms.scatter import (
    PlaneCell,
    ScatterCell,
    cases_of,
    dots_of,
    explain_pair,
    is_dense,
    line_of,
    plane_of,
)
from istrel.exhibits.forms.scatter import values as pair_values
from istrel.exhibits.shared import arranged
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Text, listed, say, sentences
from istrel.exhibits.wording import in_group, titled, titled_with_unit
from istrel.exhibits.working import Working
from istrel.problem import Problem
from istrel.stats import binning, counted_correlation, density
from istrel.stats.correlation import pearson
from istrel.stats.frequency import counted
from istrel.style.numbers import Kind

FEWEST, MOST, MOST_GROUPS = 3, 8, 6
TILES, MOST_DOTS = 20, 500  # tiles a side of each plane; dots of each scatter


@dataclass(frozen=True, eq=False)
class GridCell:
    """All variables of one group.

    Attributes
    ----------
    pairs
        {(row, column): the scatter or plane of the column's variable across and the row's up}.
    bars
        Of each variable: (edges, counts).
    coefficients
        {(row, column): Pearson's r over the cases of the pair}; NaN where there is none.
    """

    variables: tuple[str, ...]
    group: Group
    n: Count
    pairs: dict[tuple[int, int], ScatterCell | PlaneCell]
    bars: tuple[tuple[Array, Array], ...]
    coefficients: dict[tuple[int, int], float]

    @property
    def variable(self) -> str:
        return " × ".join(self.variables)


def draw(plan: Plan) -> tuple[GridCell, ...]:
    """The grid of every group.

    Raises
    ------
    Problem
        For too few or too many variables.
    """
    names = plan.names
    if not FEWEST <= len(names) <= MOST:
        message = english(
            "A grid takes {low} to {high} numeric variables; these are {number}.",
            low=FEWEST,
            high=MOST,
            number=len(names),
        )
        raise Problem(
            english("{message} Two make a scatter, many a heat map.", message=message),
            at=plan.request.form_at,
            length=4,
        )
    groups = sum(grouping.n_groups for grouping in plan.groupings)
    if groups > MOST_GROUPS:
        raise Problem(
            english(
                "A grid tells {most_groups} groups apart; these are {groups}. Name fewer, or limit the cases.",
                most_groups=MOST_GROUPS,
                groups=groups,
            )
        )
    edges = [_edges(name, plan) for name in names]
    dense = is_dense(plan, plan.data.cases_in(plan.cases.mask))
    return tuple(
        _cell(grouping.codes == i, group, edges, plan, dense=dense)
        for grouping in plan.groupings
        for i, group in enumerate(grouping.groups)
        if bool((grouping.codes == i).any())
    )


def _edges(name: str, plan: Plan) -> Array:
    cells = arranged(name, plan.cases.everyone, plan.data)
    if not cells.values.size:
        raise Problem(english("“{name}” has no number in any case in use, so there is nothing to draw.", name=name))
    return binning.class_edges(cells.values, binning.ClassSettings("sturges"), cells.times).edges


def _cell(inside: NDArray[np.bool_], group: Group, edges: list[Array], plan: Plan, *, dense: bool) -> GridCell:
    names = plan.names
    parts = [plan.data.numbers(name) for name in names]
    rows = np.flatnonzero(inside)
    valid = np.column_stack([part.valid[rows] for part in parts])
    if plan.request.settings["deletion"] == "listwise":
        rows, valid = rows[valid.all(axis=1)], valid[valid.all(axis=1)]
    x = np.column_stack([part.values[rows] for part in parts])
    times = None if plan.data.times is None else plan.data.times[rows]
    matrix = (pearson(x, valid) if times is None else counted_correlation.pearson(x, valid, times)).coefficient
    pairs: dict[tuple[int, int], ScatterCell | PlaneCell] = {}
    for i in range(1, len(names)):
        for j in range(i):
            both = valid[:, i] & valid[:, j]
            if both.any():
                found = (x[both, j], x[both, i], rows[both])
                pairs[i, j] = _pair(names[j], names[i], group, found, plan, dense=dense)
    bars = tuple(
        (e, _heights(x[valid[:, k], k], e, None if times is None else times[valid[:, k]])) for k, e in enumerate(edges)
    )
    coefficients = {(i, j): float(matrix[i, j]) for i in range(len(names)) for j in range(i)}
    return GridCell(names, group, cases_of(rows, plan), pairs, bars, coefficients)


def _heights(values: Array, edges: Array, times: NDArray[np.int64] | None) -> Array:
    """How many cases lie in each class."""
    return counted(binning.class_codes(values, edges), edges.size - 1, times).astype(np.float64)


def _pair(
    a: str, b: str, group: Group, found: tuple[Array, Array, NDArray[np.int64]], plan: Plan, *, dense: bool
) -> ScatterCell | PlaneCell:
    """One scatter of the grid, thinned evenly where dots are many; or one plane."""
    said, (x, y, rows) = plan.request.settings, found
    times = None if plan.data.times is None else plan.data.times[rows]
    fit, n = fit_line(x, y, said["fit"], times) if said["fit"] != "none" else None, cases_of(rows, plan)
    if dense:
        x_edges, y_edges, counts = density.count_plane(x, y, times, bins=said["bins"] or TILES)
        return PlaneCell(a, b, group, n, x_edges, y_edges, counts, said["minimum"], fit)
    kept = slice(None, None, max(1, -(-x.size // MOST_DOTS)))
    return ScatterCell(a, b, group, n, x[kept], y[kept], plan.data.named(rows[kept]), fit)


def figure(plan: Plan, drawings: tuple[GridCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """A square of panels."""
    names = plan.names
    dense = any(isinstance(pair, PlaneCell) for cell in drawings for pair in cell.pairs.values())
    if dense and len(drawings) > 1:
        raise Problem(
            english("A grid of planes shows one group; leave the groups out, or limit the cases after “among”.")
        )
    panels = tuple(_panel(i, j, drawings, plan) for i in range(len(names)) for j in range(len(names)))
    numbers = tuple(
        Cell(r, Kind.COEFFICIENT, row=key_of(f"{names[j]} × {names[i]}", cell.group), column="r")
        for cell in drawings
        for (i, j), r in cell.coefficients.items()
        if np.isfinite(r)
    )
    own = general(_own_notes(drawings, plan, dense=dense))
    size = plan.request.settings["size"] or "page"
    return FigureSheet(title, panels, (*notes, *own), _alt(drawings, plan), numbers, len(names), size, 0.82)


def _own_notes(drawings: tuple[GridCell, ...], plan: Plan, *, dense: bool) -> list[Text]:
    tiles = "below_the_diagonal_darker_tiles"
    dots = "below_the_diagonal_dots_are"
    texts = [say(tiles if dense else dots)]
    if plan.request.settings["deletion"] == "listwise":
        texts.append(say("deletion_alone", deletion=say("cases_complete_in_all_variables")))
    thinned = [pair for cell in drawings for pair in cell.pairs.values() if isinstance(pair, ScatterCell)]
    if any(isinstance(pair.n, int) and pair.x.size < pair.n for pair in thinned):
        texts.append(say("at_most_cases_of_each", n=MOST_DOTS))
    lines = {"straight": "lines_are_least_squares_fits", "smooth": "lines_are_smooth_fits"}
    if plan.request.settings["fit"] in lines:
        texts.append(say(lines[plan.request.settings["fit"]]))
    return texts


def _panel(row: int, column: int, drawings: tuple[GridCell, ...], plan: Plan) -> Panel:
    names = plan.names
    x = _axis(names[column], drawings, column, plan, f"x{column}")
    if row == column:
        return _diagonal(row, x, drawings, plan)
    if row < column:
        return _above(column, row, x, drawings)
    y = _axis(names[row], drawings, row, plan, f"y{row}")
    marks: list[Mark] = []
    for series, cell in enumerate(drawings):
        pair = cell.pairs.get((row, column))
        if isinstance(pair, PlaneCell):
            marks.append(plane_of(pair, (0.0, float(pair.counts.max()) or 1.0)))
        elif pair is not None:
            name = named_with_n(cell) if len(drawings) > 1 else ()
            marks.append(dots_of(pair, series, name, plan, small=True))
        if pair is not None:
            marks += line_of(pair, series, (y.low, y.high), alone=len(drawings) == 1)
    return Panel(x, y, tuple(marks))


def _axis(name: str, drawings: tuple[GridCell, ...], place: int, plan: Plan, shared: str) -> Axis:
    edges = drawings[0].bars[place][0]
    low, high = room_beside(float(edges[0]), float(edges[-1]), 0.03)
    return axis_of(name, plan, low, high, shared=shared)


def _diagonal(place: int, x: Axis, drawings: tuple[GridCell, ...], plan: Plan) -> Panel:
    """The distribution of a variable under its name."""
    top = max(float(cell.bars[place][1].max(initial=0.0)) for cell in drawings) or 1.0
    marks: list[Mark] = []
    for series, cell in enumerate(drawings):
        edges, counts = cell.bars[place]
        alone = len(drawings) == 1
        marks.append(Bars(edges, counts, series=series, outline="bars" if alone else "steps", filled=alone))
    y = Axis((), 0.0, 1.08 * top, bare=True)
    return Panel(x, y, tuple(marks), titled(plan.data.variable(plan.names[place])))


def _above(row: int, column: int, x: Axis, drawings: tuple[GridCell, ...]) -> Panel:
    """The coefficient of the pair; one under the other where there are groups."""
    blank_x, blank_y = Axis((), x.low, x.high, bare=True), Axis((), 0.0, 1.0, bare=True)
    middle, marks = np.array([(x.low + x.high) / 2]), list[Mark]()
    for series, cell in enumerate(drawings):
        r = cell.coefficients[row, column]
        if np.isfinite(r):
            key = key_of(f"{cell.variables[column]} × {cell.variables[row]}", cell.group)
            text = (Cell(r, Kind.COEFFICIENT, row=key, column="r"),)
            pair = cell.variables[row], cell.variables[column]
            behind = Behind(" × ".join(pair), cell.group.named, valid=pair)
            row_key = key_of(pair[0], cell.group)
            number = Cell(r, Kind.COEFFICIENT, row=row_key, column=pair[1], behind=behind)
            item = Item(say("r_equals", r=number), behind, (number,))
            height = np.array([1.0 - (series + 1) / (len(drawings) + 1)])
            ink: Ink = "curve" if len(drawings) == 1 else "series"
            marks.append(Words(middle, height, (text,), items=(item,), ink=ink, series=series))
    return Panel(blank_x, blank_y, tuple(marks))


def methods(plan: Plan, drawings: tuple[GridCell, ...]) -> Text:
    """What the coefficients are."""
    listwise = plan.request.settings["deletion"] == "listwise"
    return say("grid_coefficients_listwise" if listwise else "coefficients_in_the_grid_are") if drawings else ()


def _explain(plan: Plan, drawings: tuple[GridCell, ...], cell: Cell) -> Working | None:
    """The tiles and lines of its pairs; coefficients are those of the verb."""
    pairs = tuple(pair for one in drawings for pair in one.pairs.values())
    return explain_pair(plan, pairs, cell)


def _alt(drawings: tuple[GridCell, ...], plan: Plan) -> Text:
    names = listed([titled_with_unit(plan.data.variable(name)) for name in plan.names])
    parts = []
    for cell in drawings:
        n = n_cell(cell.n, cell.variable, cell.group)
        where = in_group(cell.group, plan.data)
        strongest = max(cell.coefficients, key=lambda pair: abs(np.nan_to_num(cell.coefficients[pair])))
        if not np.isfinite(cell.coefficients[strongest]):
            parts.append(say("grid_of_n", names=names, where=where, n=n))
            continue
        r = Cell(cell.coefficients[strongest], Kind.COEFFICIENT)
        a, b = (titled(plan.data.variable(cell.variables[k])) for k in strongest)
        template = "grid_of_n_strongest_for"
        parts.append(say(template, names=names, where=where, n=n, a=a, b=b, r=r))
    return sentences(parts)


def values(cell: GridCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    panels: list[Json] = [pair_values(pair) for pair in cell.pairs.values()]
    for (i, j), r in cell.coefficients.items():
        for panel in panels:
            if panel["variables"] == [cell.variables[j], cell.variables[i]]:
                panel["r"] = number(r)
    for name, (edges, counts) in zip(cell.variables, cell.bars, strict=True):
        panels.append({"variable": name, "edges": edges.tolist(), "counts": counts.astype(int).tolist()})
    return {"variables": list(cell.variables), "groups": groups(cell.group.named), "panels": panels}


FORM: Form[Plan, GridCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=None,
    explain=_explain,
    draw=draw,
)
