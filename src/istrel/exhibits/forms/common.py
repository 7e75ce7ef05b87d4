"""What forms share: the groups of a variable, its axis, the panels that fit a page, densities, and plain refusals."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import replace
from functools import partial
from typing import Protocol, TypeVar

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind as Stored
from istrel.english import either, english
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.contracts import Drawing, Plan
from istrel.exhibits.figure import Axis, Item
from istrel.exhibits.ledger import Ledger
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, Count, Hidden, Text, count_cell, say
from istrel.exhibits.wording import group_label, has_groups, in_group, summary_cell, titled_with_unit
from istrel.problem import Problem
from istrel.sentence.quoting import show_name
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import Arranged
from istrel.stats.moderate import moderate
from istrel.stats.survey.distribution import Distribution

Array = NDArray[np.float64]
Drawn = TypeVar("Drawn", bound=Drawing)
MOST_PANELS = 24
LARGEST = 4e307


class WithMean(Drawing, Protocol):
    """What has a mean."""

    @property
    def mean(self) -> float | None: ...


def groups_of(plan: Plan) -> Iterator[tuple[str, Grouping, Arranged]]:
    """(variable, grouping, its values in order) for every subject and grouping of a plan, in drawing order."""
    for name in plan.names:
        for grouping in plan.groupings:
            yield name, grouping, arranged(name, grouping, plan.data)


def values_of_group(cells: Arranged, which: int, spread: Distribution | None) -> tuple[Array, Array | None]:
    """(ascending values of a group, what each weighs: its cases where rows are counted; None where each is one)."""
    if spread is not None:
        return spread.group(which)
    part = cells.only(which)
    return part.values, None if part.times is None else part.times.astype(np.float64)


def by_variable(drawings: Sequence[Drawn]) -> Iterator[tuple[str, list[Drawn]]]:
    """(variable, its drawings) in drawing order."""
    for name in dict.fromkeys(cell.variable for cell in drawings):
        yield name, [cell for cell in drawings if cell.variable == name]


def by_panel(drawings: Sequence[Drawn]) -> Iterator[tuple[str, list[Drawn]]]:
    """(variable, its drawings of one grouping), where groups share a panel; the total stands with the groups of the first."""
    for name, mine in by_variable(drawings):
        groupings = list(dict.fromkeys(_names(cell) for cell in mine if _names(cell)))
        for place, names in enumerate(groupings or [()]):
            yield name, [cell for cell in mine if _names(cell) == names or (place == 0 and not _names(cell))]


def _names(cell: Drawing) -> tuple[str, ...]:
    return tuple(name for name, _ in cell.group.named)


def axis_of(name: str, plan: Plan, low: float, high: float, *, shared: str = "", log: bool = False) -> Axis:
    """The axis of a variable between two values; what it shows is its title."""
    variable = plan.data.variable(name)
    title, years = titled_with_unit(variable), plan.data.is_years(name)
    meaning = say("the_values_of", name=title)
    dates = plan.data.table.column(name).kind is Stored.DATE
    return Axis(title, low, high, shared=shared, years=years and not log, log=log, meaning=meaning, dates=dates)


def is_log(plan: Plan) -> bool:
    """Whether the values of one variable lie on a logarithmic axis."""
    return bool(plan.request.settings["log"] != "no")


def room_beside(low: float, high: float, share: float, *, log: bool = False) -> tuple[float, float]:
    """Ends of an axis a little beyond its values."""
    if log:
        factor = (high / low) ** share if high > low else 2.0
        return low / factor, high * factor
    beside = share * (high - low) or 0.5
    return low - beside, high + beside


def one_of(unit: str) -> str:
    """A unit in the singular, as far as its letters tell: "point" of "points"."""
    return unit[:-1] if unit.isascii() and unit.isalpha() and len(unit) > 3 and unit.endswith("s") else unit


def key_of(variable: str, group: Group) -> str:
    """The row key of a variable in a group."""
    return f"{variable} @ {group.key}" if group.key else variable


def behind_group(cell: Drawing) -> Behind:
    """The cases of a group that have a value."""
    return Behind(" · ".join((cell.variable, *cell.group.labels)), cell.group.named, valid=(cell.variable,))


def group_item(cell: Drawing, says: Text, numbers: tuple[Cell, ...] = ()) -> Item:
    """What a mark of a whole group says, its cases, and what can be opened in it."""
    return Item(says, behind_group(cell), numbers)


# Numbers of marks that can be opened.
def statistic_cell(key: str, value: float, cell: Drawing, plan: Plan) -> Cell:
    """A statistic of the values that are drawn, with the keys by which a table knows it."""
    made = summary_cell(value, cell.variable, plan.data)
    return replace(made, row=_table_row(cell, plan), column=key, statistic=key, behind=behind_group(cell))


def mean_items(cells: Sequence[WithMean], plan: Plan) -> tuple[Item, ...]:
    """What marks of means say, each with its number."""
    made = []
    for cell in cells:
        numbers = () if cell.mean is None else (statistic_cell("mean", cell.mean, cell, plan),)
        words = say("symbol_value", symbol=say("symbol_mean"), value=numbers[0]) if numbers else ()
        made.append(group_item(cell, words, numbers))
    return tuple(made)


def n_of_mark(cell: Drawing, plan: Plan) -> Cell:
    """How many values are drawn, likewise."""
    return replace(count_cell(cell.n, row=_table_row(cell, plan), column="n", statistic="n"), behind=behind_group(cell))


def own_cell(key: str, value: float, cell: Drawing, plan: Plan, behind: Behind | None = None) -> Cell:
    """A number in the unit of the variable that the form itself explains."""
    made = summary_cell(value, cell.variable, plan.data)
    return replace(made, row=key_of(cell.variable, cell.group), column=key, behind=behind or behind_group(cell))


def drawing_of(drawings: Sequence[Drawn], cell: Cell) -> Drawn | None:
    """The drawing that a number with a key of its own belongs to."""
    return next((one for one in drawings if key_of(one.variable, one.group) == cell.row), None)


def _table_row(cell: Drawing, plan: Plan) -> str:
    """The row of a table; a column that is drawn as a group is a variable there."""
    return str(cell.group.named[0][1]) if plan.of_columns else key_of(cell.variable, cell.group)


def named_with_n(cell: Drawing) -> Text:
    """A group's name with how many cases it has, for a legend or a line."""
    n = n_cell(cell.n, cell.variable, cell.group)
    return say("group_with_n", group=group_label(cell.group, several=True), n=n)


def told_of(cell: Drawing, plan: Plan) -> dict[str, Text]:
    """{"name", "where"}: the variable and the group that an alternative text tells of; a column that stands for a group is one."""
    if plan.of_columns:
        return {"name": group_label(cell.group, several=True), "where": ()}
    return {"name": titled_with_unit(plan.data.variable(cell.variable)), "where": in_group(cell.group, plan.data)}


def arrangement(plan: Plan, usual: str, fitting: tuple[str, ...]) -> str:
    """How groups share the figure: as said, or as is usual for the form.

    Raises
    ------
    Problem
        For an arrangement that the form does not have.
    """
    said = plan.request.settings["arrange"]
    if said is not None and said not in fitting:
        at, length = plan.request.settings.place_of("arrange")
        message = english(
            "A figure as {form} can be arranged {listed_words}; “{said}” is for others.",
            form=plan.form,
            listed_words=either(fitting),
            said=said,
        )
        raise Problem(message, at=at, length=length, instead=fitting)
    return said or usual


def refuse_crowds(plan: Plan, most: int | None) -> None:
    """Raises a Problem where more groups are drawn than a figure can hold."""
    groups = sum(grouping.n_groups for grouping in plan.groupings)
    if most is not None and groups > most:
        at, length = plan.request.form_at, len(plan.request.form or "")
        message = english(
            "This draws {groups:,} groups; a figure as {form} holds {most}. ", groups=groups, form=plan.form, most=most
        )
        raise Problem(
            english("{message}Limit the cases after “among”, or set it as table.", message=message),
            at=at,
            length=length,
        )


def refuse_not_above_0(plan: Plan) -> None:
    """Raises a Problem for values that a logarithmic axis cannot show, where the form shows what is made of all of them."""
    for name in plan.names if is_log(plan) else ():
        values = values_in_use(name, plan)
        if values.size and values[0] <= 0:
            at, length = plan.request.settings.place_of("log")
            message = english(
                "“{name}” has values that are not above 0, which a logarithmic axis cannot show; ", name=name
            )
            raise Problem(
                english("{message}limit the cases after “among”, or leave log out.", message=message),
                at=at,
                length=length,
            )


def refuse_extremes(plan: Plan) -> None:
    """Raises a Problem for values so large, or on a logarithmic axis so small, that no axis or class can hold them."""
    for name in plan.names:
        numbers = plan.data.numbers(name)
        found = plan.data.once("sizes", name, partial(_sizes, numbers.values, numbers.valid))
        if _drawable(*found, log=is_log(plan)):
            continue
        largest, least = _sizes(numbers.values, numbers.valid & plan.cases.mask)
        if not _drawable(largest, least, log=is_log(plan)):
            raise Problem(
                english(
                    "{name} holds {value:g}, which is beyond what an axis or classes can hold; correct it, "
                    "or limit the cases after “among”.",
                    name=show_name(name),
                    value=largest if largest > LARGEST else least,
                )
            )


def _sizes(values: Array, mask: NDArray[np.bool_]) -> tuple[float, float]:
    """The largest and the smallest size of values but 0."""
    sizes = np.abs(values[mask])
    return float(sizes.max(initial=0.0)), float(sizes.min(initial=1.0, where=sizes > 0))


def _drawable(largest: float, least: float, *, log: bool) -> bool:
    return largest <= LARGEST and not (log and least < 1 / LARGEST)


def values_in_use(name: str, plan: Plan) -> Array:
    """All values of a variable among the cases in use, ascending; of counted rows each once."""
    return arranged(name, plan.cases.everyone, plan.data).values


def panel_label(group: Group, plan: Plan, *, several: bool) -> Text:
    """The label of a panel; none for a figure of one panel without groups."""
    if group.labels or (several and has_groups(plan.groupings)):
        return group_label(group, several=True)
    return ()


def n_cell(n: Count, variable: str, group: Group) -> Cell:
    return count_cell(n, row=key_of(variable, group), column="n")


def check_drawn(drawings: Sequence[object], plan: Plan, form: str) -> None:
    """Raises where there is nothing to draw, or more than a page holds."""
    name = plan.names[0]
    if not drawings:
        values = values_in_use(name, plan)
        if not values.size:
            raise Problem(english("“{name}” has no number in any case in use, so there is nothing to draw.", name=name))
        if values[0] == values[-1]:
            raise Problem(
                english(
                    "All values of “{name}” are equal ({values:g}), so there is no {form} to draw.",
                    name=name,
                    values=values[0],
                    form=form,
                )
            )
        if plan.form != "table" and "log" in plan.request.settings and values[-1] <= 0:
            raise Problem(
                english("No value of “{name}” is above 0, so it has no logarithmic axis; leave log out.", name=name)
            )
        below = plan.request.settings["hide_below"]
        if below is not None:
            raise Problem(
                english(
                    "With counts below {below} hidden, nothing of “{name}” is left to draw: its figure would tell groups of "
                    "fewer cases, or fewer missing values. Set it as table.",
                    below=below,
                    name=name,
                )
            )
        raise Problem(
            english(
                "The values of “{name}” cannot be drawn as {form}: they are too large, too small or too few.",
                name=name,
                form=form,
            )
        )
    if len(drawings) > MOST_PANELS:
        raise Problem(
            english(
                "This makes {n} panels; a figure holds {most_panels}. Name fewer variables or groups.",
                n=len(drawings),
                most_panels=MOST_PANELS,
            )
        )


class Curve(Protocol):
    """A curve over ascending values."""

    @property
    def x(self) -> Array: ...

    @property
    def y(self) -> Array: ...

    @property
    def n(self) -> Count: ...


def inner(cell: Curve, below: int) -> slice | None:
    """The points of a density between which all but the outermost cases lie, `below` of them on each side; None where few are left.

    The ends of a curve tell the smallest and the largest value.
    """
    if isinstance(cell.n, Hidden) or cell.n < 4 * below:
        return None
    x, _ = moderate(cell.x)
    mass = np.concatenate([[0.0], np.cumsum(np.diff(x) * (cell.y[1:] + cell.y[:-1]) / 2)])
    share = below / cell.n * mass[-1]
    first, last = np.searchsorted(mass, [share, mass[-1] - share])
    return slice(int(first), int(last) + 1)


def as_they_are(ledger: Ledger, place: int, drawing: Drawn) -> Drawn:
    """What is drawn from finished numbers: what must be hidden is hidden already."""
    del ledger, place
    return drawing


def known(value: float | Undefined) -> float | None:
    return None if isinstance(value, Undefined) else value
