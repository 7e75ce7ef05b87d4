"""The flow of cases: from all rows to those analysed, a box for each step, and beside it who left and why."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass, field
from math import ceil

import numpy as np

from istrel.data.formula.evaluate import holds
from istrel.exhibits.behind import Behind, Mask
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.contracts import Form, Json, Plan
from istrel.exhibits.exchange import number
from istrel.exhibits.figure import Array, Arrows, Axis, FigureSheet, Frames, Item, Panel
from istrel.exhibits.persons import person_codes
from istrel.exhibits.printing import plain_text
from istrel.exhibits.table import Note
from istrel.exhibits.text import Cell, Text, count_cell, listed, say, sentences, verbatim
from istrel.exhibits.wording import named_group, person_title, reason_label, titled
from istrel.exhibits.working import Working, shown
from istrel.sentence.show_formula import print_condition
from istrel.style.house import load_style
from istrel.style.numbers import Kind

Reason = tuple[Text, Mask]  # why cases left, and which
MOST_REASONS = 6
REASONS = {"blank": "flow_blank", "text": "flow_no_number", "infinite": "flow_infinite"}
ROWS_OF_GROUPS = ("group", "missing", "analysed")
MAIN, BESIDE = (0.0, 0.46), (0.54, 1.0)  # where boxes stand across the figure
ALONE = (0.27, 0.73)  # where nobody left beside them
LETTERS_ACROSS = 92  # of a figure as wide as a page
GAP, PAD = 1.1, 0.9  # lines between boxes, and within them
LONGER = 1.2  # times as many letters as English, that other languages may need


@dataclass(frozen=True)
class Box:
    """A step of the way, or those who left it.

    Attributes
    ----------
    key
        What tells it from the others in any version of the data.
    says
        Its words, paragraph by paragraph.
    n
        How many cases are in it.
    left
        Whether they left the way here.
    column
        Which of the groups it belongs to; None where they are still together.
    """

    key: str
    says: tuple[Text, ...]
    n: int
    left: bool = False
    column: int | None = None
    behind: Behind | None = None


@dataclass(frozen=True)
class FlowCell:
    """The whole way: boxes in the order of their steps, and which leads to which."""

    variable: str
    group: Group
    n: int
    boxes: tuple[Box, ...]
    arrows: tuple[tuple[str, str], ...]


@dataclass
class _Way:
    """Boxes as they come."""

    boxes: list[Box] = field(default_factory=list)
    arrows: list[tuple[str, str]] = field(default_factory=list)

    def add(self, box: Box, after: str) -> None:
        self.boxes.append(box)
        if after:
            self.arrows.append((after, box.key))


def draw(plan: Plan) -> tuple[FlowCell, ...]:
    """Every step with its cases."""
    data, way = plan.data, _Way()
    everyone = np.ones(data.n_rows, bool)
    read = "flow_cases_read" if data.codebook.rows.counted else "flow_rows_read"
    way.add(_box("read", say(read), everyone, plan), "")
    last = _set_aside(plan, way)
    mask = data.kept
    for place, condition in enumerate(plan.cases.conditions, start=1):
        met = holds(condition, data) & mask
        words = say("flow_not_meeting", condition=verbatim(print_condition(condition)))
        way.add(_box(f"left {place}", words, mask & ~met, plan, left=True), last)
        way.add(_box(f"condition {place}", say("flow_meeting"), met, plan), last)
        mask, last = met, f"condition {place}"
    grouping = next((one for one in plan.groupings if one.names), plan.groupings[0])
    if grouping.names:
        _groups(grouping, mask, plan, way, last)
    else:
        _analysed(plan, way, mask, last, Group((), ()), None)
    n = data.cases_in(mask)
    return (FlowCell("", plan.cases.everyone.groups[0], n, tuple(way.boxes), tuple(way.arrows)),)


def _box(
    key: str,
    words: Text,
    mask: Mask,
    plan: Plan,
    more: tuple[Text, ...] = (),
    *,
    left: bool = False,
    column: int | None = None,
    behind: Behind | None = None,
) -> Box:
    n = plan.data.cases_in(mask)
    counted = say("flow_n", n=count_cell(n, row=key, column="n"))
    if plan.data.codebook.rows.person:
        codes = person_codes(plan.data)[mask]
        persons = Cell(float(np.unique(codes[codes >= 0]).size), Kind.COUNT, row=key, column="persons")
        counted = say(
            "flow_n_of_persons", n=count_cell(n, row=key, column="n"), persons=persons, name=person_title(plan.data)
        )
    return Box(key, (words, counted, *more), n, left, column, behind)


def _set_aside(plan: Plan, way: _Way) -> str:
    """Who was set aside, and why; the key of the box that goes on."""
    data = plan.data
    gone = ~data.kept
    if not data.cases_in(gone):
        return "read"
    named = np.arange(data.n_rows) if data.origin is None else data.origin
    reasons = []
    for aside in data.asides:
        mine = np.isin(named + 1, np.array(aside.rows, np.int64)) & gone
        reasons.append((verbatim(aside.reason) if aside.reason else say("flow_no_reason"), mine))
    way.add(_box("aside", say("flow_set_aside"), gone, plan, _few(reasons, plan), left=True), "read")
    way.add(_box("kept", say("flow_in_use"), data.kept, plan), "read")
    return "kept"


def _groups(grouping: Grouping, mask: Mask, plan: Plan, way: _Way, last: str) -> None:
    names = listed([titled(plan.data.variable(name)) for name in grouping.names])
    none, data = mask & (grouping.codes < 0), plan.data
    if data.cases_in(none):
        behind = Behind(" · ".join(grouping.names), missing=grouping.names[:1]) if len(grouping.names) == 1 else None
        way.add(_box("no group", say("flow_no_value", names=names), none, plan, left=True, behind=behind), last)
    for column, group in enumerate(grouping.groups):
        inside = mask & (grouping.codes == column)
        key = f"group {group.key}"
        behind = Behind(" · ".join(group.labels), group.named)
        way.add(_box(key, named_group(group, plan.data), inside, plan, column=column, behind=behind), last)
        _analysed(plan, way, inside, key, group, column)


def _analysed(plan: Plan, way: _Way, mask: Mask, last: str, group: Group, column: int | None) -> None:
    """Those who have a value in every variable named, and why the others have none."""
    names = plan.names
    if not names:
        return
    data = plan.data
    known = np.logical_and.reduce([data.present(name) for name in names])
    gone = mask & ~known
    end = f" {group.key}" if group.key else ""
    title = listed([titled(data.variable(name)) for name in names])
    if gone.any():
        more = _few(list(_reasons(gone, plan) if len(names) == 1 else _by_variable(gone, plan)), plan)
        behind = Behind(" · ".join((names[0], *group.labels)), group.named, missing=names) if len(names) == 1 else None
        way.add(
            _box(
                f"missing{end}",
                say("flow_no_value" if len(names) == 1 else "flow_incomplete", names=title),
                gone,
                plan,
                more,
                left=True,
                column=column,
                behind=behind,
            ),
            last,
        )
    behind = Behind(" · ".join((*names, *group.labels)), group.named, valid=names)
    way.add(
        _box(f"analysed{end}", say("flow_analysed", names=title), mask & known, plan, column=column, behind=behind),
        last,
    )


def _few(reasons: list[Reason], plan: Plan) -> tuple[Text, ...]:
    """A line for each reason; the rarest share one where they are many, so that nobody is left out."""
    if len(reasons) > MOST_REASONS:
        ranked = sorted(reasons, key=lambda one: -plan.data.cases_in(one[1]))
        shown, others = ranked[: MOST_REASONS - 1], ranked[MOST_REASONS - 1 :]
        reasons = [
            *shown,
            (say("flow_other_reasons", k=len(others)), np.logical_or.reduce([mask for _, mask in others])),
        ]
    return tuple(say("flow_reason", reason=words, n=plan.data.cases_in(mask)) for words, mask in reasons)


def _reasons(gone: Mask, plan: Plan) -> Iterator[Reason]:
    """Why a variable has no value, and of which cases."""
    (name,) = plan.names
    for reason, mask in plan.data.numbers(name).missing.reasons.items():
        if (mask & gone).any():
            own = say(REASONS[reason.kind]) if reason.kind in REASONS else reason_label(reason)
            words = verbatim(reason.words) if reason.kind == "code" and reason.words else own
            yield words, mask & gone


def _by_variable(gone: Mask, plan: Plan) -> Iterator[Reason]:
    """How many lack each of several variables; one case may lack more than one."""
    for name in plan.names:
        lacking = gone & ~plan.data.present(name)
        if lacking.any():
            yield titled(plan.data.variable(name)), lacking


# On paper.
@dataclass(frozen=True)
class _Placed:
    box: Box
    left: float
    right: float
    top: float
    low: float

    @property
    def middle(self) -> float:
        return (self.left + self.right) / 2


def figure(plan: Plan, drawings: tuple[FlowCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """One panel without axes; the steps one under the other, groups side by side."""
    (cell,) = drawings
    placed = {one.box.key: one for one in _places(cell)}
    deep = max(one.low for one in placed.values())
    boxes = list(placed.values())
    frames = Frames(
        np.array([one.left for one in boxes]),
        np.array([one.right for one in boxes]),
        np.array([deep - one.low for one in boxes]),
        np.array([deep - one.top for one in boxes]),
        tuple(one.box.says for one in boxes),
        tuple(one.box.left for one in boxes),
        tuple(Item(sentences(list(one.box.says)), one.box.behind, (_number(one.box),)) for one in boxes),
    )
    ways = tuple(_way(placed[a], placed[b], deep) for a, b in cell.arrows)
    panel = Panel(Axis((), 0.0, 1.0, bare=True), Axis((), 0.0, deep, bare=True), (Arrows(ways), frames))
    size = plan.request.settings["size"] or "page"
    return FigureSheet(title, (panel,), notes, _alt(cell), tuple(flow_numbers(cell)), size=size, tall=deep)


def _places(cell: FlowCell) -> Iterator[_Placed]:
    """Boxes from the top down; who left stands beside the way. Groups stand side by side, each kind of box in one row."""
    columns = len({box.column for box in cell.boxes if box.column is not None}) or 1
    y = 0.0
    shared = [box for box in cell.boxes if box.column is None]
    main = MAIN if any(box.left for box in shared) else ALONE
    for box in shared:
        left, right = BESIDE if box.left else main
        deep = _depth(box, right - left)
        yield _Placed(box, left, right, y, y + deep)
        y += deep + GAP
    for kind in ROWS_OF_GROUPS:
        row = [box for box in cell.boxes if box.column is not None and box.key.startswith(kind)]
        sides = [_column(box.column or 0, columns) for box in row]
        deep = max((_depth(box, right - left) for box, (left, right) in zip(row, sides, strict=True)), default=0.0)
        yield from (_Placed(box, left, right, y, y + deep) for box, (left, right) in zip(row, sides, strict=True))
        y += deep + GAP if row else 0.0


def _column(place: int, columns: int) -> tuple[float, float]:
    if columns == 1:
        return MAIN
    width, gap = 1.0 / columns, 0.03 if columns < 5 else 0.015
    return place * width + gap / 2, (place + 1) * width - gap / 2


def _depth(box: Box, width: float) -> float:
    """Lines that the words of a box are likely to need, and room above and below them."""
    across = max(8, int(LETTERS_ACROSS * width) - 3)
    return sum(max(1, ceil(LONGER * len(_in_english(text)) / across)) for text in box.says) + PAD


def _in_english(text: Text) -> str:
    return plain_text(text, load_style())


def _way(start: _Placed, end: _Placed, deep: float) -> Array:
    """Straight down to what lies below, sideways to those who left, down and across to the groups."""
    top = deep - start.low
    if end.box.left and end.box.column is None:
        level = deep - (end.top + end.low) / 2
        return np.array([[start.middle, level], [end.left, level]])
    if abs(start.middle - end.middle) < 1e-9:
        return np.array([[start.middle, top], [end.middle, deep - end.top]])
    level = deep - end.top + GAP / 2
    return np.array([[start.middle, top], [start.middle, level], [end.middle, level], [end.middle, deep - end.top]])


def flow_numbers(cell: FlowCell) -> Iterator[Cell]:
    """How many cases are in each box."""
    for box in cell.boxes:
        yield _number(box)


def _number(box: Box) -> Cell:
    return count_cell(box.n, row=box.key, column="n", behind=box.behind)


def _explain(plan: Plan, drawings: tuple[FlowCell, ...], cell: Cell) -> Working | None:
    """A box: those of the box before it without who left there; who left, and groups, as part of those before."""
    del plan
    (flow,) = drawings
    boxes = {box.key: box for box in flow.boxes}
    box, came = boxes.get(cell.row), {end: start for start, end in flow.arrows}
    if box is None or cell.column != "n":
        return None
    before = boxes.get(came.get(box.key, ""))
    if before is None:
        return Working(say("means_box", value=cell, words=box.says[0]), "n", shown(box.n))
    left = [boxes[end].n for start, end in flow.arrows if start == before.key and boxes[end].left]
    means = say("means_box_of", value=cell, words=box.says[0], n=before.n)
    if not box.left and before.n - sum(left) == box.n:
        filled = " − ".join(map(shown, (before.n, *left))) if left else shown(before.n)
        return Working(means, say("formula_box"), filled)
    return Working(means, "n", shown(box.n))


def methods(plan: Plan, drawings: tuple[FlowCell, ...]) -> Text:
    """Nothing is computed."""
    del plan, drawings
    return ()


def _alt(cell: FlowCell) -> Text:
    return sentences([say("flow_step", words=box.says[0], n=count_cell(box.n)) for box in cell.boxes])


def values(cell: FlowCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    return {
        "boxes": [
            {
                "key": box.key,
                "says": "; ".join(map(_in_english, box.says)),
                "n": number(box.n),
                "left": box.left,
            }
            for box in cell.boxes
        ],
        "arrows": [list(pair) for pair in cell.arrows],
    }


FORM: Form[Plan, FlowCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=None,
    explain=_explain,
    draw=draw,
    most_groups=6,
    weighted=True,
)
