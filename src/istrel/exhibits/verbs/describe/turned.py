"""Tables turned: the statistics one under the other, or a column for each variable."""

from __future__ import annotations

from istrel.exhibits.table import About, Head, Row, TableSheet
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.describe.cells import INTERVALS, cell_of, head_of, paired_heads
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.verbs.describe.words import notes_of, title_of
from istrel.exhibits.wording import crossed_title, group_label, has_groups, titled_with_unit
from istrel.style.numbers import Kind

HeadRow = tuple[Head, ...]


# Statistics in rows.
def statistics_in_rows(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    """A row for each statistic; a column for each group, or for each variable, or for each group under its variable."""
    cells = [cell for cell in result.cells if isinstance(cell, MeasuredCell)]
    rows, place = [], 0
    while place < len(plan.shown):
        keys = _taken_together(plan.shown[place:])
        about = About(plan.subjects[0].name) if len(plan.subjects) == 1 else None
        rows.append(Row(_stub(keys, plan), tuple(_statistics(keys, cell, plan) for cell in cells), about=about))
        place += len(keys)
    return TableSheet(title_of(plan), _group_heads(plan), tuple(rows), notes_of(plan, result))


def _taken_together(keys: tuple[str, ...]) -> tuple[str, ...]:
    """The two limits of an interval stand in one row."""
    return keys[:2] if keys[:2] in INTERVALS else keys[:1]


def _stub(keys: tuple[str, ...], plan: DescribePlan) -> Text:
    if len(keys) == 1:
        return head_of(keys[0])
    return say(INTERVALS[keys], level=Cell(100 * plan.request.settings["confidence"], Kind.EDGE))


def _statistics(keys: tuple[str, ...], cell: MeasuredCell, plan: DescribePlan) -> Text:
    column = f"{cell.variable}/{cell.group.key}"
    made = [cell_of(key, cell, plan, row=key, column=column) for key in keys]
    return made[0] if len(made) == 1 else say("interval", low=made[0], high=made[1])


def _group_heads(plan: DescribePlan) -> tuple[HeadRow, ...]:
    """Variables over their groups, the groups under the names of their groupings, as far as there are several."""
    variables = [titled_with_unit(plan.data.variable(subject.name)) for subject in plan.subjects]
    stub, groupings = Head(say("head_statistic")), plan.groupings
    if not has_groups(groupings):
        return ((stub, *(Head(title) for title in variables)),)
    width, several = sum(len(grouping.groups) for grouping in groupings), sum(len(g.groups) for g in groupings) > 1
    titles = [crossed_title(g.names, plan.data) if g.names else () for g in groupings]
    named = [Head(title, span=len(g.groups)) for title, g in zip(titles, groupings, strict=True)]
    labels = [Head(group_label(group, several=several)) for grouping in groupings for group in grouping.groups]
    heads = [(stub, *(labels * len(variables)))]
    if sum(map(bool, titles)) > 1:
        heads.insert(0, (Head(()), *(named * len(variables))))
    if len(variables) > 1:
        heads.insert(0, (Head(()), *(Head(title, span=width) for title in variables)))
    return tuple(heads)


# Variables in columns.
def variables_in_columns(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    """A row for each group; the statistics of each variable side by side."""
    cells = [cell for cell in result.cells if isinstance(cell, MeasuredCell)]
    titled = sum(bool(grouping.names) for grouping in plan.groupings) > 1
    rows: list[Row] = []
    for grouping in plan.groupings:
        if titled and grouping.names:
            rows.append(Row(crossed_title(grouping.names, plan.data)))
        for group in grouping.groups:
            mine = [cell for cell in cells if cell.group == group]
            values = tuple(_keyed(key, cell, plan) for cell in mine for key in plan.shown)
            about, indent = About("", group.labels), 1 if titled and grouping.names else 0
            rows.append(Row(group_label(group, several=has_groups(plan.groupings)), values, indent=indent, about=about))
    return TableSheet(title_of(plan), _variable_heads(plan), tuple(rows), notes_of(plan, result))


def _keyed(key: str, cell: MeasuredCell, plan: DescribePlan) -> Text:
    return cell_of(key, cell, plan, row=cell.group.key or "all", column=f"{cell.variable}/{key}")


def _variable_heads(plan: DescribePlan) -> tuple[HeadRow, ...]:
    """The statistic over all variables where there is one; else each variable over its statistics."""
    named = [grouping for grouping in plan.groupings if grouping.names]
    stub = Head(crossed_title(named[0].names, plan.data) if len(named) == 1 else say("head_group") if named else ())
    variables = [titled_with_unit(plan.data.variable(subject.name)) for subject in plan.subjects]
    pairs, statistics = paired_heads(plan.shown, plan.request.settings["confidence"])
    if len(statistics) == 1:
        over = (Head(()), Head(statistics[0].text, span=len(variables)))
        return (over, (stub, *(Head(title) for title in variables)))
    spanners = (Head(()), *(Head(title, span=len(statistics)) for title in variables))
    middle = ((Head(()), *(pairs * len(variables))),) if any(pair.text for pair in pairs) else ()
    return (spanners, *middle, (stub, *(statistics * len(variables))))
