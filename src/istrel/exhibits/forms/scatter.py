"""Two numeric variables: a dot for each case, or a plane of counts where they are many; with a line where it is asked for."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Plan
from istrel.exhibits.exchange import MOST_LISTED, cut, groups, number
from istrel.exhibits.figure import Array, Dots, FigureSheet, Ink, Item, Line, Mark, Panel, Tiles
from istrel.exhibits.forms.class_working import explain_tile, tile_cell
from istrel.exhibits.forms.common import axis_of, drawing_of, key_of, n_cell, panel_label, room_beside
from istrel.exhibits.forms.fit import Fit, fit_line
from istrel.exhibits.forms.identity import case_names
from istrel.exhibits.forms.marks_working import explain_fit, fit_cells
from istrel.exhibits.ledger import Ledger, number_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Hidden, Text, in_a_row, say, sentences
from istrel.exhibits.wording import group_label, has_groups, in_group, titled, titled_with_unit, value_cell
from istrel.exhibits.working import Working
from istrel.problem import Problem
from istrel.stats import density
from istrel.stats.agreement import REACH
from istrel.stats.disclosure import one_sum
from istrel.style.numbers import Kind

BINS, MOST_DOTS, LINE_POINTS = 30, 4_000, 200


@dataclass(frozen=True, eq=False)
class ScatterCell:
    """Two numeric variables, case by case, with their data rows from 1; `times` says how many cases each stands for."""

    a: str
    b: str
    group: Group
    n: Count
    x: Array
    y: Array
    rows: NDArray[np.int64]
    fit: Fit | None = None
    times: NDArray[np.int64] | None = None

    @property
    def variable(self) -> str:
        return pair_key(self)


@dataclass(frozen=True, eq=False)
class PlaneCell:
    """Two numeric variables as counts in equal classes: edges (bins + 1,), counts (bins, bins); some cases besides as dots."""

    a: str
    b: str
    group: Group
    n: Count
    x_edges: Array
    y_edges: Array
    counts: NDArray[np.int64]
    minimum: int = 1
    fit: Fit | None = None
    x: Array | None = None
    y: Array | None = None

    @property
    def variable(self) -> str:
        return pair_key(self)


def pair_key(cell: ScatterCell | PlaneCell) -> str:
    """The row key of a pair."""
    return f"{cell.a} × {cell.b}"


def is_dense(plan: Plan, n: int) -> bool:
    """Whether cases are counted in a plane: where that is asked for, where they are many, or where counts must be hidden."""
    said = plan.request.settings
    asked = said["bins"] is not None or "minimum" in said
    return asked or (n > MOST_DOTS and not said["agreement"]) or said["hide_below"] is not None


def draw(plan: Plan) -> tuple[ScatterCell | PlaneCell, ...]:
    """The cases of every group."""
    a, b = getattr(plan, "drawn", ()) or plan.names
    first, second = plan.data.numbers(a), plan.data.numbers(b)
    logs = _logs(plan)
    usable = first.valid & second.valid
    usable = usable & ((first.values > 0) | (not logs[0])) & ((second.values > 0) | (not logs[1]))
    n = plan.data.cases_in(usable & plan.cases.mask)
    made: list[ScatterCell | PlaneCell] = []
    for grouping in plan.groupings:
        for i, group in enumerate(grouping.groups):
            rows = np.flatnonzero((grouping.codes == i) & usable)
            if rows.size:
                made.append(
                    _cell(a, b, group, first.values[rows], second.values[rows], rows, plan, dense=is_dense(plan, n))
                )
    return tuple(made)


def cases_of(rows: NDArray[np.int64], plan: Plan) -> int:
    """How many cases stand in some rows."""
    return int(rows.size if plan.data.times is None else plan.data.times[rows].sum())


def _logs(plan: Plan) -> tuple[bool, bool]:
    said = plan.request.settings["log"] if plan.form == "scatter" else "no"
    return said in ("x", "both"), said in ("y", "both")


def _cell(
    a: str, b: str, group: Group, x: Array, y: Array, rows: NDArray[np.int64], plan: Plan, *, dense: bool
) -> ScatterCell | PlaneCell:
    said, logs = plan.request.settings, _logs(plan)
    u, v = (np.log10(values) if log else values for values, log in zip((x, y), logs, strict=True))
    times = None if plan.data.times is None else plan.data.times[rows]
    fit = fit_line(u, v, said["fit"], times) if said["fit"] != "none" else None
    if fit is not None:
        fit = replace(fit, x=10.0**fit.x if logs[0] else fit.x, y=10.0**fit.y if logs[1] else fit.y)
    if not dense:
        return ScatterCell(a, b, group, cases_of(rows, plan), x, y, plan.data.named(rows), fit, times)
    hides = said["hide_below"] is not None
    x_edges, y_edges, counts = density.count_plane(u, v, times, bins=said["bins"] or BINS, anonymous=hides)
    x_edges, y_edges = (10.0**e if log else e for e, log in zip((x_edges, y_edges), logs, strict=True))
    shown = np.arange(0, cases_of(rows, plan), max(1, -(-cases_of(rows, plan) // MOST_DOTS)))
    shown = shown if times is None else np.searchsorted(np.cumsum(times), shown, side="right")
    points = (x[shown], y[shown]) if said["points"] and said["hide_below"] is None else (None, None)
    return PlaneCell(a, b, group, cases_of(rows, plan), x_edges, y_edges, counts, said["minimum"], fit, *points)


def figure(
    plan: Plan, drawings: tuple[ScatterCell | PlaneCell, ...], title: Text, notes: tuple[Note, ...]
) -> FigureSheet:
    """Dots of all groups in one panel, told apart by form and colour; planes in a panel per group."""
    if not drawings:
        raise Problem(
            english(
                "No case in use has both “{value}” and “{value_2}”, so there is nothing to draw.",
                value=plan.names[0],
                value_2=plan.names[1],
            )
        )
    planes = tuple(cell for cell in drawings if isinstance(cell, PlaneCell))
    dots = tuple(cell for cell in drawings if isinstance(cell, ScatterCell))
    panels = _planes(planes, plan) if planes else (_dots(dots, plan),)
    numbers = tuple(number for cell in drawings for number in _numbers(cell))
    all_notes = (*notes, *general(_own_notes(drawings, plan)))
    size = plan.request.settings["size"] or ""
    ratio = 0.72 if len(panels) == 1 else 0.8
    return FigureSheet(title, panels, all_notes, _alt(drawings, plan), numbers, size=size, ratio=ratio)


def _numbers(cell: ScatterCell | PlaneCell) -> list[Cell]:
    row = key_of(pair_key(cell), cell.group)
    made = [Cell(float(cell.n), Kind.COUNT, row=row, column="n")] if isinstance(cell.n, int) else []
    if cell.fit is not None:
        made.append(Cell(cell.fit.r, Kind.COEFFICIENT, row=row, column="r"))
    return made


def dots_of(cell: ScatterCell, series: int, name: Text, plan: Plan, *, small: bool = False) -> Dots:
    """The cases of a group as dots that name themselves."""
    named, items = case_names(plan.data), []
    for x, y, row in zip(cell.x.tolist(), cell.y.tolist(), cell.rows.tolist(), strict=True):
        numbers = {"x": value_cell(x, cell.a, plan.data), "y": value_cell(y, cell.b, plan.data)}
        says = say("case_x_and_y", case=named(row), **numbers)
        items.append(Item(says, replace(Behind(f"{pair_key(cell)}: case {row}"), rows=(row,))))
    return Dots(cell.x, cell.y, tuple(items), series, name, small=small)


def line_of(
    cell: ScatterCell | PlaneCell, series: int, ends: tuple[float, float], *, alone: bool, log: bool = False
) -> list[Mark]:
    """The line through the dots of a group, as far as it runs between the ends of the axis."""
    if cell.fit is None:
        return []
    x = np.linspace(cell.fit.x[0], cell.fit.x[-1], LINE_POINTS)
    y = np.interp(x, cell.fit.x, cell.fit.y)
    inside = (y >= ends[0]) & (y <= ends[1])
    if not inside.any():
        return []
    behind = Behind(pair_key(cell), cell.group.named, valid=(cell.a, cell.b))
    item = Item(_line_words(cell, cell.fit, several=False, log=log), behind, fit_cells(cell, cell.fit, behind, log=log))
    return [Line(x[inside], y[inside], series=series, ink="curve" if alone else "series", items=(item,))]


def _dots(drawings: tuple[ScatterCell, ...], plan: Plan) -> Panel:
    x_log, y_log = _logs(plan)
    several = len(drawings) > 1
    marks: list[Mark] = []
    for series, cell in enumerate(drawings):
        n = n_cell(cell.n, pair_key(cell), cell.group)
        name = say("group_with_n", group=group_label(cell.group, several=True), n=n) if several else ()
        marks.append(dots_of(cell, series, name, plan))
    ends = [
        room_beside(min(float(v.min()) for v in values), max(float(v.max()) for v in values), 0.04, log=log)
        for values, log in (([c.x for c in drawings], x_log), ([c.y for c in drawings], y_log))
    ]
    for series, cell in enumerate(drawings):
        marks += line_of(cell, series, ends[1], alone=not several, log=x_log or y_log)
    if plan.request.settings["agreement"]:
        limits = [_limits_of(cell) for cell in drawings]
        low, high = min(low for low, *_ in limits), max(high for *_, high in limits)
        ends[1] = room_beside(min(ends[1][0], low), max(ends[1][1], high), 0.04)
        marks += [m for k, three in enumerate(limits) for m in _limit_lines(three, ends[0], k, alone=not several)]
    first = drawings[0]
    alone = None if several else n_cell(first.n, pair_key(first), first.group)
    x = axis_of(first.a, plan, *ends[0], log=x_log)
    y = axis_of(first.b, plan, *ends[1], log=y_log)
    return Panel(x, y, tuple(marks), (), alone)


def _limits_of(cell: ScatterCell) -> tuple[float, float, float]:
    """The lower limit of agreement, the mean difference, the upper limit; of one case its difference alone."""
    n = cell.y.size if cell.times is None else int(cell.times.sum())
    mean = float(np.average(cell.y, weights=cell.times))
    squares = (cell.y - mean) ** 2 if cell.times is None else (cell.y - mean) ** 2 * cell.times
    spread = float(np.sqrt(squares.sum() / (n - 1))) if n > 1 else 0.0
    return mean - REACH * spread, mean, mean + REACH * spread


def _limit_lines(three: tuple[float, ...], ends: tuple[float, float], series: int, *, alone: bool) -> list[Mark]:
    """A line at the mean difference, dashed ones at the limits of agreement."""
    x = np.array(ends)
    ink: Ink = "curve" if alone else "series"
    return [Line(x, np.array([at, at]), series=series, dashed=place != 1, ink=ink) for place, at in enumerate(three)]


def plane_of(cell: PlaneCell, ends: tuple[float, float], *, measure: Text = ()) -> Tiles:
    """The counts of a plane as tiles, those below the least count left white."""
    shown = np.where(cell.counts >= max(1, cell.minimum), cell.counts, np.nan).astype(float)
    return Tiles(cell.x_edges, cell.y_edges, shown, _tile_items(cell), ends, measure=measure)


def _tile_items(cell: PlaneCell) -> tuple[Item, ...]:
    made, bins = [], cell.counts.shape
    for i in range(bins[0]):
        for j in range(bins[1]):
            count = int(cell.counts[i, j])
            if count <= 0:
                made.append(Item())
                continue
            sides = (
                (cell.a, float(cell.x_edges[i]), float(cell.x_edges[i + 1]), "both" if i == bins[0] - 1 else "left"),
                (cell.b, float(cell.y_edges[j]), float(cell.y_edges[j + 1]), "both" if j == bins[1] - 1 else "left"),
            )
            says = say("one_case", n=count) if count == 1 else say("n_cases", n=count)
            behind = Behind(pair_key(cell), cell.group.named, within=sides)
            made.append(Item(says, behind, (tile_cell(cell, (i, j), count, behind),)))
    return tuple(made)


def _planes(drawings: tuple[PlaneCell, ...], plan: Plan) -> tuple[Panel, ...]:
    x_log, y_log = _logs(plan)
    top = float(max(cell.counts.max() for cell in drawings)) or 1.0
    x_ends = min(c.x_edges[0] for c in drawings), max(c.x_edges[-1] for c in drawings)
    y_ends = min(c.y_edges[0] for c in drawings), max(c.y_edges[-1] for c in drawings)
    panels = []
    for cell in drawings:
        x = axis_of(cell.a, plan, *map(float, x_ends), shared="x", log=x_log)
        y = axis_of(cell.b, plan, *map(float, y_ends), shared="y", log=y_log)
        marks: list[Mark] = [plane_of(cell, (0.0, top), measure=say("scale_cases"))]
        if cell.x is not None and cell.y is not None:
            marks.append(Dots(cell.x, cell.y, series=0, small=True, ink="curve"))
        marks += line_of(cell, 0, (float(y_ends[0]), float(y_ends[1])), alone=True, log=x_log or y_log)
        label = panel_label(cell.group, plan, several=len(drawings) > 1)
        panels.append(Panel(x, y, tuple(marks), label, n_cell(cell.n, pair_key(cell), cell.group)))
    return tuple(panels)


def _own_notes(drawings: tuple[ScatterCell | PlaneCell, ...], plan: Plan) -> list[Text]:
    said, texts = plan.request.settings, []
    if isinstance(drawings[0], PlaneCell):
        texts.append(say("cases_are_counted_in_tiles"))
        if said["minimum"] > 1:
            texts.append(say("tiles_of_fewer_than_cases", n=said["minimum"]))
    if said["agreement"]:
        texts.append(say("lines_of_agreement"))
    lines = [(cell, cell.fit) for cell in drawings if cell.fit is not None]
    if lines:
        several, log = has_groups(plan.groupings), any(_logs(plan))
        parts = [_line_words(cell, fit, several=several, log=log) for cell, fit in lines]
        straight = "lines_are_least_squares_fits_parts"
        smooth = "lines_are_smooth_fits_of"
        texts.append(say(straight if said["fit"] == "straight" else smooth, parts=in_a_row(parts)))
    return texts


def _line_words(cell: ScatterCell | PlaneCell, fit: Fit, *, several: bool, log: bool) -> Text:
    """The formula of a straight line, and r."""
    row = key_of(pair_key(cell), cell.group)
    r = Cell(fit.r, Kind.COEFFICIENT, row=row, column="r")
    text = say("r_equals", r=r)
    if fit.kind == "straight" and not log:
        numbers = {
            "intercept": Cell(float(f"{fit.intercept:.4g}"), Kind.EDGE),
            "slope": Cell(float(f"{abs(fit.slope):.4g}"), Kind.EDGE),
        }
        up, down = "line_rising", "line_falling"
        text = say(up if fit.slope >= 0 else down, r=r, **numbers)
    return say("group_line", group=group_label(cell.group, several=True), line=text) if several else text


def methods(plan: Plan, drawings: tuple[ScatterCell | PlaneCell, ...]) -> Text:
    """The classes, and how lines were found."""
    texts = []
    if drawings and isinstance(drawings[0], PlaneCell):
        texts.append(say("cases_are_counted_in_classes", n=plan.request.settings["bins"] or BINS))
    if plan.request.settings["fit"] == "smooth":
        texts.append(say("smooth_lines_are_local_linear"))
    return sentences(texts)


def _alt(drawings: tuple[ScatterCell | PlaneCell, ...], plan: Plan) -> Text:
    parts = []
    for cell in drawings:
        a, b = (titled_with_unit(plan.data.variable(name)) for name in (cell.a, cell.b))
        n = n_cell(cell.n, pair_key(cell), cell.group)
        dense = isinstance(cell, PlaneCell)
        template = "plane_of_counts_of_and" if dense else "scatter_of_and_n"
        parts.append(say(template, a=a, b=b, where=in_group(cell.group, plan.data), n=n))
    return sentences(parts)


def _scatter_values(cell: ScatterCell) -> Json:
    each = np.ones(cell.x.size, np.int64) if cell.times is None else np.minimum(cell.times, MOST_LISTED)
    kept = np.repeat(np.arange(cell.x.size), each)[:MOST_LISTED]
    points = {"x": cell.x[kept].tolist(), "y": cell.y[kept].tolist(), "rows": cell.rows[kept].tolist()}
    return {
        "variables": [cell.a, cell.b],
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        **points,
        **_fit_values(cell.fit),
        **cut(cell.x.size if cell.times is None else int(cell.times.sum())),
    }


def _plane_values(cell: PlaneCell) -> Json:
    counts = np.where(cell.counts < 0, 0, cell.counts).astype(object)
    counts[cell.counts < 0] = None
    edges = {"x_edges": cell.x_edges.tolist(), "y_edges": cell.y_edges.tolist()}
    return {
        "variables": [cell.a, cell.b],
        "groups": groups(cell.group.named),
        **edges,
        "counts": counts.tolist(),
        "minimum": cell.minimum,
        **_fit_values(cell.fit),
    }


def values(cell: ScatterCell | PlaneCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    return _scatter_values(cell) if isinstance(cell, ScatterCell) else _plane_values(cell)


def explain_pair(plan: Plan, drawings: tuple[ScatterCell | PlaneCell, ...], cell: Cell) -> Working | None:
    """The working of a tile, or of a line through dots."""
    found = drawing_of(drawings, cell)
    if found is None:
        return None
    if found.fit is None or cell.column not in ("slope", "intercept", "r"):
        return explain_tile(found, cell, plan)
    x, y = (titled(plan.data.variable(name)) for name in (found.a, found.b))
    return explain_fit(found.fit, x, y, cell)


def _fit_values(fit: Fit | None) -> Json:
    if fit is None:
        return {}
    return {"fit": {"kind": fit.kind, "slope": fit.slope, "intercept": fit.intercept, "r": fit.r}}


def _hidden(ledger: Ledger, place: int, cell: ScatterCell | PlaneCell) -> ScatterCell | PlaneCell | None:
    """Tiles of few cases are not drawn, nor those from which they could be worked out; the line ends where tiles do."""
    del place
    if isinstance(cell, ScatterCell) or number_of(cell.n) < ledger.below:
        return None
    found = one_sum(cell.counts, ledger.below)
    if found is None:
        below = ledger.below
        raise Problem(
            english(
                "With counts below {below} hidden nothing of this plane is left to draw; set it as table.", below=below
            )
        )
    n = Hidden() if ledger.untold else cell.n
    counts = np.where(found > 0, -1, cell.counts)
    return replace(cell, n=n, counts=counts, fit=cell.fit and _over_tiles(cell.fit, cell.x_edges, counts))


def _over_tiles(fit: Fit, edges: Array, counts: NDArray[np.int64]) -> Fit | None:
    """The part of a line between the limits of the tiles that are shown: its own ends are single cases."""
    filled = np.flatnonzero((counts > 0).any(axis=1))
    inner = edges[(edges > fit.x[0]) & (edges < fit.x[-1])]
    inner = inner[(inner >= edges[filled[0]]) & (inner <= edges[filled[-1] + 1])] if filled.size else inner[:0]
    return replace(fit, x=inner, y=np.interp(inner, fit.x, fit.y)) if inner.size > 1 else None


FORM: Form[Plan, ScatterCell | PlaneCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(_hidden),
    explain=explain_pair,
    draw=draw,
)
