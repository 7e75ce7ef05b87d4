"""How the bars of classes and the tiles of planes come about: how many cases lie in each, how wide it is, how high it is drawn."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.exhibits.behind import Behind, mask_of
from istrel.exhibits.contracts import Drawing, Plan
from istrel.exhibits.forms.common import drawing_of, is_log, key_of, values_in_use
from istrel.exhibits.forms.histogram_cells import HistogramCell, labels_of
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, count_cell, say
from istrel.exhibits.verbs.sums_working import PI
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown
from istrel.stats import binning
from istrel.style.numbers import Kind


def class_cell(cell: HistogramCell, place: int, behind: Behind) -> Cell:
    """How many cases are in a class, to be opened."""
    return count_cell(
        cell.counts[place], row=key_of(cell.variable, cell.group), column=_column(cell, place), behind=behind
    )


def _column(cell: HistogramCell, place: int) -> str:
    low, high = cell.edges[place : place + 2].tolist()
    return f"n {low!r} to {high!r}"


def explain_class(plan: Plan, drawings: tuple[HistogramCell, ...], cell: Cell) -> Working | None:
    """The count of a class, from the counts up to its limits, with its width and the height of its bar."""
    found = drawing_of(drawings, cell)
    columns = [] if found is None else [_column(found, k) for k in range(len(found.counts))]
    if found is None or cell.column not in columns:
        return None
    place = columns.index(cell.column)
    counts = [count for count in found.counts if isinstance(count, int)]
    before, upto = sum(counts[:place]), sum(counts[: place + 1])
    means = say(
        "means_class",
        value=cell,
        n=Cell(float(found.base), Kind.COUNT) if found.sum is None else count_cell(found.n),
        name=titled(plan.data.variable(found.variable)),
        class_=labels_of(found, plan)[place],
    )
    summed = f"{' + '.join(map(str, counts[: place + 1]))} = {upto}" if place else str(upto)
    steps: tuple[Line, ...] = (
        say("step_upto_class", value=summed),
        say("step_before_class", value=str(before)),
        *_height(found, place, plan),
        *_width(found, plan),
    )
    return Working(means, say("formula_class"), f"{upto} − {before}", steps)


def _height(found: HistogramCell, place: int, plan: Plan) -> Iterator[Line]:
    """What the bar's height is, where it is not the count itself."""
    if found.sum is not None or is_log(plan) or found.cumulative or found.stat == "count" or not found.base:
        return
    count, n, height = found.counts[place], shown(found.base), shown(float(found.heights[place]))
    wide = shown(float(found.edges[place + 1] - found.edges[place]))
    filled = {
        "percent": f"100 × {count} ÷ {n}",
        "proportion": f"{count} ÷ {n}",
        "density": f"{count} ÷ ({n} × {wide})",
    }[found.stat]
    yield say("step_height", value=f"{filled} = {height}")


def _width(found: HistogramCell, plan: Plan) -> Iterator[Line]:
    """The width that a rule gives, before it is rounded to one that a reader can count in."""
    if is_log(plan):
        return
    cells = arranged(found.variable, plan.cases.everyone, plan.data)
    values = values_in_use(found.variable, plan)
    parts = binning.rule_parts(values, cells.times)
    n, range_ = parts.n, f"({shown(parts.high)} − {shown(parts.low).replace('−', '(−') + ')' * (parts.low < 0)})"
    filled = {
        "freedman-diaconis": f"2 × {shown(parts.iqr)} ÷ {n}^(1 ÷ 3)",
        "scott": f"(24 × √({PI}))^(1 ÷ 3) × {shown(parts.sd)} ÷ {n}^(1 ÷ 3)",
        "sturges": f"{range_} ÷ (ln({n}) ÷ ln(2) + 1)",
    }.get(found.decided_by)
    if filled is None:
        return
    rule = found.decided_by
    raw = binning.rule_width(values, rule, cells.times)  # type: ignore[arg-type]
    yield say("step_class_width", value=f"{filled} = {shown(raw)}")
    yield say("step_class_rounded", value=shown(float(found.edges[1] - found.edges[0])))


# Tiles.
def tile_cell(drawing: Drawing, place: tuple[int, int], count: int, behind: Behind) -> Cell:
    """How many cases are in a tile, to be opened; places count from the lower left corner."""
    column = f"n {place[0] + 1} × {place[1] + 1}"
    return count_cell(count, row=key_of(drawing.variable, drawing.group), column=column, behind=behind)


def explain_tile(found: Drawing, cell: Cell, plan: Plan) -> Working | None:
    """The count of a tile, from the cases that lie in it."""
    if not cell.column.startswith("n ") or not isinstance(found.n, int) or cell.behind is None:
        return None
    means = say("means_tile", value=cell, n=Cell(float(found.n), Kind.COUNT))
    here = mask_of(cell.behind, plan.data) & plan.cases.mask
    n = int(here.sum()) if plan.data.times is None else int(plan.data.times[here].sum())
    return Working(means, say("letter_count"), str(n), (f"n = {found.n}",))
