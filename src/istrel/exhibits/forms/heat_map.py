"""Heat maps: the lower triangle of a matrix of coefficients, or the cells of a cross-table, as tiles with their numbers."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np

from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Result, no_own
from istrel.exhibits.exchange import finite, groups
from istrel.exhibits.figure import Array, Axis, FigureSheet, Item, Panel, Tiles, Words
from istrel.exhibits.forms.common import as_they_are, panel_label
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Hidden, Text, as_letters, say, sentences
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CrossCell
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import RelateCell
from istrel.exhibits.wording import in_group, titled, titled_with_unit
from istrel.problem import Problem
from istrel.style.numbers import Kind

MOST_VARIABLES, MOST_TILES, MOST_NUMBERED = 120, 20_000, 34
PAGE_FROM = 9  # variables from which a matrix takes the page
DARK = 0.6
TABLE_ENDS = {"coefficient": "", "count": "/n", "percent": "/%", "residual": "/residual"}  # of a column in a table
MEASURES = {
    "pearson": "symbol_r",
    "spearman": "symbol_rho",
    "kendall": "symbol_tau",
    "fitting": "scale_coefficient",
}


@dataclass(frozen=True, eq=False)
class HeatCell:
    """A matrix of one group, shape (rows, columns), the first row on top; NaN where nothing stands.

    Attributes
    ----------
    keys
        (row, column) keys as stored.
    measure
        "coefficient", "count", "percent" or "residual".
    behind
        Of each tile of a cross-table; empty for coefficients.
    hides
        Whether tiles are hidden, so that none can be called the strongest.
    """

    group: Group
    n: Count
    keys: tuple[tuple[str, ...], tuple[str, ...]]
    rows: tuple[Text, ...]
    columns: tuple[Text, ...]
    values: Array
    measure: str
    about: tuple[str, str] = ("", "")
    behind: tuple[Behind | None, ...] = ()
    hides: bool = False

    @property
    def variable(self) -> str:
        return " × ".join(filter(None, self.about)) or "coefficients"


def of_numbers(plan: CountPlan | RelatePlan, result: Result) -> tuple[HeatCell, ...]:
    """The matrix of every group, or every cross-table."""
    if isinstance(plan, RelatePlan):
        return tuple(_coefficients(cell, plan) for cell in result.cells if isinstance(cell, RelateCell))
    if not plan.against:
        at = plan.request.form_at
        raise Problem(
            english("A heat map of counts needs two variables; name the other one after “against”."), at=at, length=8
        )
    return tuple(_crossed(cell, plan) for cell in result.cells if isinstance(cell, CrossCell))


# Coefficients.
def _coefficients(cell: RelateCell, plan: RelatePlan) -> HeatCell:
    names = cell.variables
    if len(names) > MOST_VARIABLES:
        raise Problem(
            english(
                "This makes a heat map of {n} variables; one holds {most_variables}. Name fewer.",
                n=len(names),
                most_variables=MOST_VARIABLES,
            )
        )
    matrix = np.full((len(names), len(names)), np.nan)
    for i, a in enumerate(names):
        for j, b in enumerate(names[:i]):
            if not plan.against or plan.against in (a, b):
                value = cell.pair(a, b).coefficient
                matrix[i, j] = value if isinstance(value, float) else np.nan
    order = _alike(matrix) if plan.request.settings["order"] == "similar" else np.arange(len(names))
    both = np.where(np.isnan(matrix), matrix.T, matrix)[np.ix_(order, order)]
    lower = np.where(np.tri(len(names), k=-1, dtype=bool), both, np.nan)
    named = tuple(names[k] for k in order)
    labels = tuple(titled(plan.data.variable(name)) for name in named)
    rows, columns = slice(1, None), slice(None, -1)
    keys = (named[rows], named[columns])
    hides = any(isinstance(pair.coefficient, Hidden) or isinstance(pair.n, Hidden) for pair in cell.pairs)
    lower = lower[rows, columns]
    return HeatCell(cell.group, cell.n, keys, labels[rows], labels[columns], lower, "coefficient", hides=hides)


def _alike(matrix: Array) -> Array:
    """An order in which variables that relate to others alike stand together: by the angle of the first two eigenvectors."""
    full = np.where(np.isnan(matrix), matrix.T, matrix)
    np.fill_diagonal(full, 1.0)
    _, vectors = np.linalg.eigh(np.nan_to_num(full))
    angles = np.arctan2(vectors[:, -2], vectors[:, -1])
    order = np.argsort(angles, kind="stable")
    gaps = np.diff(np.append(angles[order], angles[order[0]] + 2 * np.pi))
    start = (int(gaps.argmax()) + 1) % len(order)  # the circle is cut where neighbours are least alike
    return np.asarray(np.roll(order, -start))


# Cross-tables.
def _crossed(cell: CrossCell, plan: CountPlan) -> HeatCell:
    said = plan.request.settings
    if cell.counts.size > MOST_TILES:
        raise Problem(
            english(
                "This makes {size:,} tiles; a heat map holds {most_tiles:,}. Name fewer values.",
                size=cell.counts.size,
                most_tiles=MOST_TILES,
            )
        )
    hidden = np.zeros(cell.counts.shape, bool) if cell.hidden is None else cell.hidden[:-1, :-1]
    if said["residuals"]:
        measure, values = "residual", cell.residuals
    elif said["percent"]:
        measure, values = "percent", cell.percents(said["percent"])[:-1, :-1]
    else:
        measure, values = "count", cell.counts.astype(float)
    if hidden.any() and measure != "count":
        raise Problem(
            english("With small counts hidden only counts can be drawn; leave the percentages or residuals out.")
        )
    values = np.where(hidden, np.nan, values)
    places = () if cell.row_limits or cell.column_limits else np.ndindex(values.shape)
    behind = tuple(None if hidden[i, j] else Behind(_words(cell, i, j), _equal(cell, i, j)) for i, j in places)
    keys = tuple(map(str, cell.row_values)), tuple(map(str, cell.column_values))
    about = (cell.row, cell.column)
    labels = cell.row_labels, cell.column_labels
    return HeatCell(cell.group, cell.n, keys, *labels, values, measure, about, behind, bool(hidden.any()))


def _equal(cell: CrossCell, row: int, column: int) -> tuple[tuple[str, float | str], ...]:
    return (*cell.group.named, (cell.row, cell.row_values[row]), (cell.column, cell.column_values[column]))


def _words(cell: CrossCell, row: int, column: int) -> str:
    parts = (*cell.group.labels, as_letters(cell.row_labels[row]), as_letters(cell.column_labels[column]))
    return " · ".join(parts)


# The figure.
def figure(
    plan: CountPlan | RelatePlan, drawings: tuple[HeatCell, ...], title: Text, notes: tuple[Note, ...]
) -> FigureSheet:
    """A panel for each group or table; all share the scale of their tiles."""
    if all(not np.isfinite(cell.values).any() for cell in drawings):
        raise Problem(english("Nothing in this matrix has a value, so there is nothing to draw; set it as table."))
    ends = _ends(drawings)
    panels = tuple(_panel(cell, plan, ends, several=len(drawings) > 1) for cell in drawings)
    numbers = tuple(
        Cell(float(cell.values[i, j]), _kind(cell), row=_key(cell, cell.keys[0][i]), column=cell.keys[1][j])
        for cell in drawings
        for i, j in zip(*np.nonzero(np.isfinite(cell.values)), strict=True)
    )
    shape = drawings[0].values.shape
    size = plan.request.settings["size"] or ("page" if max(shape) > PAGE_FROM or len(drawings) > 1 else "")
    columns = 1 if len(drawings) == 1 or max(shape) > 6 else 2
    ratio = min(1.6, shape[0] / shape[1]) if shape[1] > 3 else 0.6
    own = general(_own_notes(drawings, plan))
    return FigureSheet(title, panels, (*notes, *own), _alt(drawings, plan), numbers, columns, size, ratio)


def _key(cell: HeatCell, row: str) -> str:
    return f"{row} @ {cell.group.key}" if cell.group.key else row


def _ends(drawings: tuple[HeatCell, ...]) -> tuple[float, float]:
    """The values of the lightest and the darkest tile."""
    values = np.concatenate([cell.values.ravel() for cell in drawings])
    if drawings[0].measure == "coefficient":
        return -1.0, 1.0
    top = float(np.nanmax(np.abs(values))) or 1.0
    return (-top, top) if drawings[0].measure == "residual" else (0.0, top)


def _kind(cell: HeatCell) -> Kind:
    kinds = {"coefficient": Kind.COEFFICIENT, "count": Kind.COUNT, "percent": Kind.WHOLE_PERCENT}
    return kinds.get(cell.measure, Kind.STATISTIC)


def _panel(cell: HeatCell, plan: CountPlan | RelatePlan, ends: tuple[float, float], *, several: bool) -> Panel:
    rows, columns = cell.values.shape
    values = cell.values[::-1].T  # tiles count upwards, the table downwards
    two_sided = ends[0] < 0
    measure = _measure(cell, plan)
    tiles = Tiles(np.arange(columns + 1.0), np.arange(rows + 1.0), values, _items(cell, plan), ends, two_sided, measure)
    x = Axis(_side_title(cell, plan, 1), 0.0, float(columns), places=_places(cell.columns), meaning=measure)
    y = Axis(_side_title(cell, plan, 0), 0.0, float(rows), places=_places(cell.rows[::-1]), meaning=measure)
    marks = (tiles, _numbers(cell, values, ends)) if max(rows, columns) <= MOST_NUMBERED else (tiles,)
    return Panel(x, y, marks, panel_label(cell.group, plan, several=several))


def _places(labels: tuple[Text, ...]) -> tuple[tuple[float, Text], ...]:
    return tuple((k + 0.5, label) for k, label in enumerate(labels))


def _side_title(cell: HeatCell, plan: CountPlan | RelatePlan, side: int) -> Text:
    name = cell.about[side]
    return titled_with_unit(plan.data.variable(name)) if name else ()


def _measure(cell: HeatCell, plan: CountPlan | RelatePlan) -> Text:
    """What the tiles show, for the scale above the figure."""
    words = {"count": "scale_cases", "percent": "scale_percent", "residual": "scale_residuals"}
    return say(
        words.get(cell.measure)
        or MEASURES.get(plan.method if isinstance(plan, RelatePlan) else "", "scale_coefficient")
    )


def _numbers(cell: HeatCell, values: Array, ends: tuple[float, float]) -> Words:
    """The numbers in their tiles, where they fit."""
    i, j = np.nonzero(np.isfinite(values))
    shown = values[i, j]
    texts = tuple((Cell(float(value), _kind(cell)),) for value in shown)
    share = np.abs(shown) / max(abs(ends[0]), abs(ends[1]))
    x, y = (np.asarray(place + 0.5, np.float64) for place in (i, j))
    return Words(x, y, texts, 0.92, light=tuple((share > DARK).tolist()))


def _items(cell: HeatCell, plan: CountPlan | RelatePlan) -> tuple[Item, ...]:
    """What each tile says, column after column from the foot upwards."""
    rows, columns = cell.values.shape
    made = []
    for j in range(columns):
        for i in reversed(range(rows)):
            value = cell.values[i, j]
            if not np.isfinite(value):
                made.append(Item())
                continue
            keys = cell.keys[0][i], cell.keys[1][j]
            row, column = (f"{name}={key}" if name else key for name, key in zip(cell.about, keys, strict=True))
            number = Cell(float(value), _kind(cell), row=_key(cell, row), column=column + TABLE_ENDS[cell.measure])
            says = say("row_and_column_value", row=cell.rows[i], column=cell.columns[j], value=number)
            if cell.behind:
                behind = cell.behind[i * columns + j]
            else:
                pair = (cell.keys[0][i], cell.keys[1][j])
                named = cell.measure == "coefficient"
                behind = Behind(" and ".join(pair), cell.group.named, valid=pair) if named else None
            made.append(Item(says, behind, (replace(number, behind=behind),)))
    del plan
    return tuple(made)


def _own_notes(drawings: tuple[HeatCell, ...], plan: CountPlan | RelatePlan) -> list[Text]:
    texts = []
    if drawings[0].measure == "coefficient" and plan.request.settings["order"] == "similar":
        texts.append(say("variables_that_relate_to_others"))
    return texts


def methods(plan: CountPlan | RelatePlan, drawings: tuple[HeatCell, ...]) -> Text:
    """The order of the variables."""
    if drawings and drawings[0].measure == "coefficient" and plan.request.settings["order"] == "similar":
        return say("variables_were_ordered_by_the")
    return ()


def _alt(drawings: tuple[HeatCell, ...], plan: CountPlan | RelatePlan) -> Text:
    """The strongest tile of each matrix, where none is hidden."""
    parts = []
    for cell in drawings:
        if not np.isfinite(cell.values).any():
            continue
        where, n = in_group(cell.group, plan.data), int(np.isfinite(cell.values).sum())
        if cell.hides:
            parts.append(say("heat_map_of_tiles", where=where, n=n))
            continue
        i, j = np.unravel_index(int(np.nanargmax(np.abs(cell.values))), cell.values.shape)
        value = Cell(float(cell.values[i, j]), _kind(cell))
        text = say("share_alone", share=value) if value.kind is Kind.WHOLE_PERCENT else (value,)
        names = {"row": cell.rows[int(i)], "column": cell.columns[int(j)]}
        parts.append(say("heat_map_of_tiles_strongest", where=where, n=n, value=text, **names))
    del plan
    return sentences(parts)


def values(cell: HeatCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    rows, columns = cell.keys
    named = {"row": cell.about[0], "column": cell.about[1]} if cell.about[0] else {}
    matrix = {"rows": list(rows), "columns": list(columns), "values": finite(cell.values)}
    return {**named, "groups": groups(cell.group.named), **matrix, "measure": cell.measure}


FORM: Form[CountPlan | RelatePlan, HeatCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(as_they_are),
    explain=no_own,
    of_numbers=of_numbers,
)
