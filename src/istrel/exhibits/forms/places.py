"""Where groups stand along an axis of places: one after the other, or those of a second factor side by side within the first."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.contracts import Drawing, Plan
from istrel.exhibits.figure import Array, Axis, Line, Mark, Place
from istrel.exhibits.forms.common import n_cell
from istrel.exhibits.text import Cell, Hidden, Text, joined, say, value_label
from istrel.exhibits.wording import crossed_title, group_label, groups_words

HALF, INNER_HALF = 0.3, 0.4  # of a place; of the room that the groups of a second factor share
BETWEEN_GROUPINGS = 0.6
FIELD_MM, LETTER_MM = 98.0, 1.72  # of a usual figure: its field, and a letter under it
MOST_LINES = 4
MOST_WITH_N = 6  # places that each say their n, where all have the same


@dataclass(frozen=True)
class Stand:
    """Where a group stands: its middle, half the room it may take, and its series."""

    middle: float
    half: float
    series: int


@dataclass(frozen=True)
class Stands:
    """All groups of a variable along an axis.

    Attributes
    ----------
    stands
        In the order of the cells they were made for.
    names
        Places with their names; of two factors those of the first.
    series
        The names of the second factor's values; one empty name where there is none.
    each
        How many cases stand in every place, where that is one number and said once because places are many.
    """

    stands: tuple[Stand, ...]
    names: tuple[Place, ...]
    series: tuple[Text, ...]
    ends: tuple[float, float]
    each: Cell | None = None

    def of(self, series: int) -> Array:
        """The places of the cells of one series in the order of `stands`, as a mask."""
        return np.array([stand.series == series for stand in self.stands], bool)

    @property
    def middles(self) -> Array:
        return np.array([stand.middle for stand in self.stands])

    @property
    def halves(self) -> Array:
        return np.array([stand.half for stand in self.stands])


def two_factors(grouping: Grouping) -> bool:
    return len(grouping.names) == 2


def stands_of(cells: Sequence[Drawing], groupings: Sequence[Grouping]) -> Stands:
    """The places of the cells of one variable; each has a group and n."""
    made: list[Stand | None] = [None] * len(cells)
    names: list[Place] = []
    series: dict[str, Text] = {}
    at, several, each = 0.0, any(grouping.names for grouping in groupings), _of_each(cells)
    for grouping in groupings:
        mine = [k for k, cell in enumerate(cells) if tuple(n for n, _ in cell.group.named) == grouping.names]
        if not mine:
            continue
        if names:
            at += BETWEEN_GROUPINGS
        if two_factors(grouping):
            at = _crossed(cells, mine, at, made, names, series)
        else:
            for k in mine:
                made[k] = Stand(at, HALF, 0)
                label = group_label(cells[k].group, several=True) if several else ()
                names.append((at, _named(label, [cells[k]]) if each is None else label))
                at += 1.0
    stands = tuple(stand for stand in made if stand is not None)
    return Stands(stands, tuple(names), tuple(series.values()) or ((),), (-0.6, at - 0.4), each)


def _of_each(cells: Sequence[Drawing]) -> Cell | None:
    """The n of every place, where it is the same in more than stand easily beside each other."""
    one_factor = all(len(cell.group.named) == 1 for cell in cells)
    alike = {cell.n for cell in cells if isinstance(cell.n, int)}
    if not one_factor or len(cells) <= MOST_WITH_N or len(alike) != 1 or any(isinstance(c.n, Hidden) for c in cells):
        return None
    return n_cell(cells[0].n, cells[0].variable, cells[0].group)


def _crossed(
    cells: Sequence[Drawing],
    mine: list[int],
    at: float,
    made: list[Stand | None],
    names: list[Place],
    series: dict[str, Text],
) -> float:
    """The groups of two factors: those of the second side by side in the place of the first."""
    outer = list(dict.fromkeys(_outer(cells[k].group) for k in mine))
    for k in mine:
        series.setdefault(cells[k].group.labels[-1], value_label(cells[k].group.labels[-1]))
    order = list(series)
    each = 2 * INNER_HALF / len(order)
    for label in outer:
        here = [k for k in mine if _outer(cells[k].group) == label]
        for k in here:
            number = order.index(cells[k].group.labels[-1])
            made[k] = Stand(at - INNER_HALF + each * (number + 0.5), 0.42 * each, number)
        names.append((at, _named(value_label(label), [cells[k] for k in here])))
        at += 1.0
    return at


def _outer(group: Group) -> str:
    return group.labels[0]


def _named(label: Text, cells: Sequence[Drawing]) -> Text:
    """A place with how many cases stand there, group by group."""
    counts = joined([(n_cell(cell.n, cell.variable, cell.group),) for cell in cells], ", ")
    return say("group_over_n", group=label, n=counts) if label else say("n_equals", n=counts)


def places_axis(stands: Stands, plan: Plan, *, shared: str = "") -> Axis:
    """The axis of the groups; its title names the factors that stand along it."""
    outer = [g for g in plan.groupings if g.names]
    if len(outer) == 1 and two_factors(outer[0]):
        title = crossed_title(outer[0].names[:1], plan.data)
    else:  # columns say what they are
        title = () if plan.of_columns else groups_words(plan.groupings, plan.data)
    if stands.each is not None:
        title = say("title_with_n_each", title=title, n=stands.each) if title else say("n_each", n=stands.each)
    return Axis(title, *stands.ends, places=stands.names, shared=shared)


def lying(plan: Plan, stands: Stands, plain: Sequence[str]) -> bool:
    """Whether places stand one under the other: as said; else where their names would have to stand upright."""
    said = plan.request.settings["lying"]
    return bool(said) if said is not None else names_are_long(plain, len(stands.names))


def names_are_long(names: Sequence[str], places: int) -> bool:
    """Whether a word of a name is wider than its place, about, or a name takes many lines."""
    room = FIELD_MM / max(1, places) - 1.0
    words = [len(word) for name in names for word in name.split()]
    return max(words, default=0) * LETTER_MM > room or max(map(len, names), default=0) * LETTER_MM > MOST_LINES * room


def with_norm(marks: list[Mark], x: Axis, ends: tuple[float, float], plan: Plan) -> tuple[list[Mark], float, float]:
    """(marks behind which lies a line at the norm of a sentence, the lowest and the highest value), norm included."""
    norm = plan.request.norm
    if norm is None:
        return marks, *ends
    line = Line(np.array([x.low, x.high]), np.array([norm, norm]), ink="quiet", dashed=True)
    return [line, *marks], min(ends[0], norm), max(ends[1], norm)
