"""Groups side by side: statistics under the groups, or the mixed sample table; differences between the groups at the end."""

from __future__ import annotations

from typing import NamedTuple

from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.table import About, Head, Row, TableSheet
from istrel.exhibits.text import Cell, Text, count_cell, say
from istrel.exhibits.verbs.describe.cells import SLOTS, Line, cell_of, head_of, lines_of, paired_heads
from istrel.exhibits.verbs.describe.difference_words import Marks, difference_cells, difference_heads, pair_rows
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.verbs.describe.words import notes_of, title_of
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.wording import crossed_title, group_label, titled_with_unit
from istrel.style.numbers import Kind


class Block(NamedTuple):
    """A grouping with the columns that belong to it: those of its groups, then those of the differences between `compared`."""

    grouping: Grouping
    groups: tuple[Group, ...]
    compared: tuple[str, ...]
    after: tuple[Head, ...]


def _blocks(plan: DescribePlan, result: DescribeResult) -> list[Block]:
    """The groupings; the differences of a single one stand at the end, after the total."""
    heads, groupings = difference_heads(plan, result), plan.groupings
    if len(groupings) == 2 and not groupings[1].names:
        first, total = groupings
        return [Block(first, first.groups, (), ()), Block(total, total.groups, first.names, heads)]
    return [Block(g, g.groups, g.names, heads if g.names else ()) for g in groupings]


def side_by_side(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    """A variable in each row, the groups in columns."""
    counted = any(isinstance(cell, FrequencyCell) for cell in result.cells)
    marks = Marks(result)
    blocks = _blocks(plan, result)
    rows: list[Row] = []
    for subject in plan.subjects:
        rows += (
            _sample_rows(subject, blocks, plan, result, marks)
            if counted
            else [_row(subject, blocks, plan, result, marks)]
        )
        rows += _pair_rows(subject.name, blocks, plan, result, width=1 if counted else len(plan.shown))
    heads = _sample_heads(blocks, plan, result) if counted else _statistic_heads(blocks, plan)
    return TableSheet(title_of(plan), heads, tuple(rows), (*notes_of(plan, result), *marks.notes(result)))


def _pair_rows(name: str, blocks: list[Block], plan: DescribePlan, result: DescribeResult, *, width: int) -> list[Row]:
    """A row for each pair of groups, under the difference of all of them."""
    rows = []
    for block in blocks:
        for stub, cells in pair_rows(name, block.compared, plan, result):
            values: list[Text] = []
            for other in blocks:
                values += [()] * (len(other.groups) * width)
                values += cells if other is block else [()] * len(other.after)
            rows.append(Row(stub, tuple(values), indent=1, about=About(name)))
    return rows


# Heads.
def _above(blocks: list[Block], plan: DescribePlan, width: int) -> tuple[tuple[Head, ...], ...]:
    """A row that names the groupings, where there are several."""
    if sum(bool(block.grouping.names) for block in blocks) < 2:
        return ()
    titles = (
        Head(
            crossed_title(b.grouping.names, plan.data) if b.grouping.names else (), len(b.groups) * width + len(b.after)
        )
        for b in blocks
    )
    return ((Head(()), *titles),)


def _statistic_heads(blocks: list[Block], plan: DescribePlan) -> tuple[tuple[Head, ...], ...]:
    """Groups as spanners over the statistics."""
    pairs, statistics = paired_heads(plan.shown, plan.request.settings["confidence"])
    several = sum(len(block.groups) for block in blocks) > 1
    groups, middle, last = [Head(())], [Head(())], [Head(say("head_variable"))]
    for block in blocks:
        for group in block.groups:
            groups.append(Head(group_label(group, several=several), span=len(plan.shown)))
            middle += pairs
            last += statistics
        groups += [Head(()) for _ in block.after]
        middle += [Head(()) for _ in block.after]
        last += block.after
    inner = (tuple(middle),) if any(head.text for head in middle) else ()
    return (*_above(blocks, plan, len(plan.shown)), tuple(groups), *inner, tuple(last))


def _sample_heads(blocks: list[Block], plan: DescribePlan, result: DescribeResult) -> tuple[tuple[Head, ...], ...]:
    """Groups with how many cases they have."""
    several = sum(len(block.groups) for block in blocks) > 1
    last = [Head(say("head_characteristic"))]
    for block in blocks:
        last += [Head(_group_head(group, result, several=several)) for group in block.groups]
        last += block.after
    return (*_above(blocks, plan, 1), tuple(last))


def _group_head(group: Group, result: DescribeResult, *, several: bool) -> Text:
    """The group's label and how many cases it has."""
    cell = next(cell for cell in result.cells if cell.group == group)
    size = cell.total if isinstance(cell, FrequencyCell) else _size(cell)
    n = count_cell(size, row="n", column=group.key)
    return say("group_over_fixed_n", group=group_label(group, several=several), n=n)


def _size(cell: MeasuredCell) -> object:
    return cell.n + cell.missing if isinstance(cell.n, int) and isinstance(cell.missing, int) else cell.n


# Rows of measured variables.
def _keyed(key: str, cell: MeasuredCell, plan: DescribePlan) -> Text:
    """A statistic in a table whose columns are groups: the column's key names the group and the statistic."""
    return cell_of(key, cell, plan, column=f"{cell.group.key}/{key}")


def _row(subject: Subject, blocks: list[Block], plan: DescribePlan, result: DescribeResult, marks: Marks) -> Row:
    """All statistics of a variable, group by group."""
    mine = {c.group: c for c in result.cells if isinstance(c, MeasuredCell) and c.variable == subject.name}
    values: list[Text] = []
    for block in blocks:
        values += [_keyed(key, mine[group], plan) for group in block.groups for key in plan.shown]
        values += difference_cells(subject.name, block.compared, plan, result, marks)
    return Row(titled_with_unit(plan.data.variable(subject.name)), tuple(values), about=About(subject.name))


# Rows of the sample table.
def _sample_rows(
    subject: Subject, blocks: list[Block], plan: DescribePlan, result: DescribeResult, marks: Marks
) -> list[Row]:
    title = titled_with_unit(plan.data.variable(subject.name))
    mine = {c.group: c for c in result.cells if isinstance(c, MeasuredCell) and c.variable == subject.name}
    if not mine:
        counted = {c.group: c for c in result.cells if isinstance(c, FrequencyCell) and c.variables == (subject.name,)}
        heading = _with_differences(subject.name, blocks, [], plan, result, marks)
        about = About(subject.name)
        return [
            Row(say("row_n_percent", name=title), heading, about=about),
            *_level_rows(subject.name, blocks, counted),
        ]
    lines = lines_of(plan) if subject.treated in ("numbers", "dates") else ()
    groups = [group for block in blocks for group in block.groups]
    about = About(subject.name)
    if not lines:
        values = [_only_n(mine[group]) for group in groups]
        told = _with_differences(subject.name, blocks, values, plan, result, marks)
        return [Row(say("row_n", name=title), told, about=about)]
    if len(lines) == 1:
        values = [_together(lines[0], mine[group], plan) for group in groups]
        told = _with_differences(subject.name, blocks, values, plan, result, marks)
        stub = (
            say(lines[0].symbol, name=title)
            if lines[0].symbol
            else say("row_statistic", name=title, statistic=head_of(lines[0].keys[0]))
        )
        return [Row(stub, told, about=about)]
    rows = [Row(title, _with_differences(subject.name, blocks, [], plan, result, marks), about=about)]
    for line in lines:
        values = [_together(line, mine[group], plan) for group in groups]
        stub = say(line.alone) if line.alone else head_of(line.keys[0])
        rows.append(Row(stub, _across(blocks, values), indent=1, about=about))
    return rows


def _with_differences(
    name: str, blocks: list[Block], values: list[Text], plan: DescribePlan, result: DescribeResult, marks: Marks
) -> tuple[Text, ...]:
    """The cells of all groups (none in a heading) with the differences behind them; nothing where all are empty."""
    made: list[Text] = []
    for block in blocks:
        made += values[: len(block.groups)] or [()] * len(block.groups)
        values = values[len(block.groups) :]
        made += difference_cells(name, block.compared, plan, result, marks)
    return tuple(made) if any(made) else ()


def _together(line: Line, cell: MeasuredCell, plan: DescribePlan) -> Text:
    """The numbers of a line; what is not defined of dates or names has its dash."""
    numbers = [_keyed(key, cell, plan) for key in line.keys]
    return say(line.pattern, **dict(zip(SLOTS, numbers, strict=False))) if line.pattern else numbers[0]


def _only_n(cell: MeasuredCell) -> Text:
    behind = Behind(cell.variable, cell.group.named, valid=(cell.variable,))
    return (count_cell(cell.n, row=cell.variable, column=f"{cell.group.key}/n", behind=behind, statistic="n"),)


def _level_rows(name: str, blocks: list[Block], counted: dict[Group, FrequencyCell]) -> list[Row]:
    first = next(iter(counted.values()))
    rows = []
    for place, level in enumerate(first.levels):
        key = f"{name}={level.values[0]}"
        cells = _across(blocks, [_level_cell(counted[g], place, key) for b in blocks for g in b.groups])
        rows.append(Row(level.label, cells, indent=1, about=About(name)))
    if any(cell.missing for cell in counted.values()):
        missing = [_missing_cell(counted[g], name) for b in blocks for g in b.groups]
        rows.append(Row(say("missing"), _across(blocks, missing), indent=1, about=About(name)))
    return rows


def _across(blocks: list[Block], cells: list[Text]) -> tuple[Text, ...]:
    """The cells of all groups, with nothing under the heads of differences."""
    values: list[Text] = []
    for block in blocks:
        values += [*cells[: len(block.groups)], *((),) * len(block.after)]
        cells = cells[len(block.groups) :]
    return tuple(values)


def _level_cell(cell: FrequencyCell, place: int, key: str) -> Text:
    level = cell.levels[place]
    behind = Behind(key, (*cell.group.named, (cell.variables[0], level.values[0])))
    count = count_cell(level.count, row=key, column=f"{cell.group.key}/n", behind=behind)
    share = Cell(level.valid_percent, Kind.PERCENT, row=key, column=f"{cell.group.key}/%", behind=count.behind)
    return say("count_with_share", n=count, share=share)


def _missing_cell(cell: FrequencyCell, name: str) -> Text:
    key = f"{name} missing"
    behind = Behind(key, cell.group.named, missing=(name,))
    return (count_cell(cell.missing, row=key, column=f"{cell.group.key}/n", behind=behind),)
