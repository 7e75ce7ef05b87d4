"""Whether exhibits agree: the same quantity with two values or two precisions, n that differ without a word of why."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.english import english
from istrel.exhibits.printing import print_cell
from istrel.exhibits.quoting import Key
from istrel.exhibits.text import Cell
from istrel.sentence.vocabulary import STATISTICS
from istrel.study.manuscript import Entry
from istrel.study.prose import alike, value_in
from istrel.study.review.point import Point, Script


def points(script: Script) -> Iterator[Point]:
    """Quantities that stand in several exhibits of one source are compared."""
    found: dict[tuple[str, Key], list[tuple[Entry, Cell]]] = {}
    for entry in script.entries:
        for key, cell in script.numbers(entry):
            if isinstance(cell.value, float):
                found.setdefault((entry.kept.source, key), []).append((entry, cell))
    told: set[tuple[str, ...]] = set()
    for (_, key), cells in found.items():
        first, one = cells[0]
        for other, two in cells[1:]:
            pair = first.kept.id, other.kept.id
            kind = _kind(one, two, script)
            if kind and (kind, *pair) not in told and not (kind == "two values" and ("n differ", *pair) in told):
                point = _point(kind, key, (first, one), (other, two), script)
                if point is not None:
                    told.add((kind, *pair))
                    yield point


def _kind(one: Cell, two: Cell, script: Script) -> str:
    if not alike(value_in(one), value_in(two)):
        return "n differ" if one.column == two.column == "n" else "two values"
    if one.kind == two.kind and print_cell(one, script.style) != print_cell(two, script.style):
        return "two precisions"
    return ""


def _point(kind: str, key: Key, one: tuple[Entry, Cell], two: tuple[Entry, Cell], script: Script) -> Point | None:
    """The point, unless the exhibits say of which cases they are."""
    (first, a), (other, b) = one, two
    assert first.exhibit is not None
    assert other.exhibit is not None
    conditions = first.exhibit.cases.condition, other.exhibit.cases.condition
    if kind != "two precisions" and conditions[0] != conditions[1]:
        silent = [e for e in (first, other) if "cases_used_of_total" in script.notes_left_out(e)]
        if not silent:
            return None
    labels = [entry.label.rstrip(" .:") for entry in (first, other)]
    numbers = [print_cell(cell, script.style) for cell in (a, b)]
    what = _words(key, first)
    parts = {"number": numbers[0], "label": labels[0], "number_2": numbers[1], "label_2": labels[1]}
    if kind == "n differ":
        says = english("The {what} differs: {number} in {label}, {number_2} in {label_2}; say why.", what=what, **parts)
    elif kind == "two precisions":
        says = english(
            "Two precisions of the {what}: {number} in {label}, {number_2} in {label_2}.", what=what, **parts
        )
    else:
        says = english(
            "Two values of the {what}: {number} in {label} but {number_2} in {label_2}; say why.", what=what, **parts
        )
    return Point(kind, says, other.kept.id)


def _words(key: Key, entry: Entry) -> str:
    """A quantity in words: "mean of Weekly practice (Weekly evening)"."""
    row, column = key
    variable, _, group = row.partition(" @ ")
    assert entry.exhibit is not None
    data = entry.exhibit.plan.data
    label = data.variable(variable).label or variable if variable in data.table else variable
    statistic = STATISTICS[column].name if column in STATISTICS else column
    if not group:
        return english("{statistic} of {label}", statistic=statistic, label=label)
    where = ", ".join(part.partition("=")[2] for part in group.split(" & "))
    return english("{statistic} of {label} ({where})", statistic=statistic, label=label, where=where)
