"""A `describe` result as a sheet: descriptives in rows by group, the mixed sample table, or a figure of its form."""

from __future__ import annotations

from typing import NamedTuple

from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group
from istrel.exhibits.forms import form_of
from istrel.exhibits.setting import Setting, Sheet
from istrel.exhibits.table import About, Head, Row, TableSheet
from istrel.exhibits.text import Cell, Text, count_cell, listed, say, verbatim
from istrel.exhibits.verbs.describe.cells import cell_of, counts_of, paired_heads
from istrel.exhibits.verbs.describe.margin import margin_notes
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.verbs.describe.words import methods_of, notes_of, text_of, title_of
from istrel.exhibits.verbs.frequencies import FrequencyCell
from istrel.exhibits.wording import crossed_title, group_label, has_groups, titled_with_unit
from istrel.style.numbers import Kind


def typeset(plan: DescribePlan, result: DescribeResult) -> Setting:
    """The exhibit as a table or figure of values, with its words; the house style decides at output how numbers print."""
    return Setting(
        sheet=_sheet(plan, result),
        methods=methods_of(plan, result),
        text=text_of(plan, result),
        margin=margin_notes(plan, result),
        shown=plan.shown if plan.tabular else (),
    )


def _sheet(plan: DescribePlan, result: DescribeResult) -> Sheet:
    if plan.form != "table":
        return form_of(plan.form).figure(plan, result.drawings, title_of(plan), notes_of(plan, result))
    if any(isinstance(cell, FrequencyCell) for cell in result.cells):
        return _sample_table(plan, result)
    return _descriptives(plan, result)


def _descriptives(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    grouped = has_groups(plan.groupings)
    one = len(plan.subjects) == 1
    rows: list[Row] = []
    for subject in plan.subjects:
        cells = [cell for cell in result.cells if isinstance(cell, MeasuredCell) and cell.variable == subject.name]
        title = titled_with_unit(plan.data.variable(subject.name))
        if not grouped:
            rows += [Row(title, _values(c, plan), about=About(subject.name), counts=counts_of(c)) for c in cells]
            continue
        if not one:
            rows.append(Row(title, about=About(subject.name)))
        rows += _group_rows(cells, plan, indent=0 if one else 1)
    spanners, heads = paired_heads(plan.shown, plan.request.settings["confidence"])
    table = (Head(_stub(plan, one=one and grouped)), *heads)
    top = ((Head(()), *spanners),) if any(s.text for s in spanners) else ()
    return TableSheet(title_of(plan), (*top, table), tuple(rows), notes_of(plan, result))


def _stub(plan: DescribePlan, *, one: bool) -> Text:
    if not one:
        return say("Variable")
    return listed([crossed_title(grouping.names, plan.data) for grouping in plan.groupings if grouping.names])


def _group_rows(cells: list[MeasuredCell], plan: DescribePlan, indent: int) -> list[Row]:
    """A row per group; of crossed groupings the first variables become headings over the last."""
    rows: list[Row] = []
    before: tuple[str, ...] = ()
    for cell in cells:
        above = cell.group.labels[:-1]
        for depth, label in enumerate(above):
            if above[: depth + 1] != before[: depth + 1]:
                rows.append(Row(verbatim(label), indent=indent + depth))
        before = above
        last = Group(cell.group.named[-1:], cell.group.labels[-1:])
        rows.append(
            Row(
                group_label(last, several=True),
                _values(cell, plan),
                indent=indent + len(above),
                about=About(cell.variable, cell.group.labels),
                counts=counts_of(cell),
            )
        )
    return rows


def _values(cell: MeasuredCell, plan: DescribePlan) -> tuple[Text, ...]:
    return tuple(cell_of(key, cell, plan) for key in plan.shown)


def _sample_table(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    """Variables in rows, groups in columns: M (SD) for measured variables, n (%) for categories."""
    groups = [group for grouping in plan.groupings for group in grouping.groups]
    rows: list[Row] = []
    for subject in plan.subjects:
        mine = {c.group: c for c in result.cells if isinstance(c, MeasuredCell) and c.variable == subject.name}
        if mine:
            rows.append(_measured_row(subject, [mine[group] for group in groups], plan))
            continue
        counted = {c.group: c for c in result.cells if isinstance(c, FrequencyCell) and c.variables == (subject.name,)}
        title = titled_with_unit(plan.data.variable(subject.name))
        rows.append(Row(say("{name}, *n* (%)", name=title), about=About(subject.name)))
        rows += _level_rows([counted[group] for group in groups], subject.name)
    several = len(groups) > 1
    heads = tuple(Head(_group_head(group, result, several=several)) for group in groups)
    return TableSheet(title_of(plan), ((Head(say("Characteristic")), *heads),), tuple(rows), notes_of(plan, result))


def _group_head(group: Group, result: DescribeResult, *, several: bool) -> Text:
    """The group's label and how many cases it has."""
    cell = next(cell for cell in result.cells if cell.group == group)
    size = cell.total if isinstance(cell, FrequencyCell) else _size(cell)
    n = count_cell(size, row="n", column=group.key)
    return say("{group}\n(*n*\u00a0=\u00a0{n})", group=group_label(group, several=several), n=n)


def _size(cell: MeasuredCell) -> object:
    return cell.n + cell.missing if isinstance(cell.n, int) and isinstance(cell.missing, int) else cell.n


class PairOf(NamedTuple):
    """What a measured variable shows in a sample table: two statistics, how they are put together, and their symbols."""

    first: str
    second: str
    pattern: str
    symbol: str


PAIRS = (
    PairOf("mean", "sd", "{first} ({second})", "{name}, *M* (*SD*)"),
    PairOf("median", "iqr", "{first} [{second}]", "{name}, *Mdn* [*IQR*]"),
)


def pair_of(plan: DescribePlan) -> PairOf | None:
    """Mean and SD, or median and IQR where those were asked for; None where neither pair was."""
    wanted = set(plan.shown)
    return next((pair for pair in PAIRS if {pair.first, pair.second} <= wanted), None)


def _measured_row(subject: Subject, cells: list[MeasuredCell], plan: DescribePlan) -> Row:
    """The pair of statistics, or the number of cases."""
    title, about = titled_with_unit(plan.data.variable(subject.name)), About(subject.name)
    pair = pair_of(plan)
    if subject.treated != "numbers" or pair is None:
        counts = tuple(_only_n(cell) for cell in cells)
        return Row(say("{name}, *n*", name=title), counts, about=about)
    values = [
        say(
            pair.pattern,
            first=_keyed(pair.first, cell, plan),
            second=_keyed(pair.second, cell, plan),
        )
        for cell in cells
    ]
    return Row(say(pair.symbol, name=title), tuple(values), about=about)


def _keyed(key: str, cell: MeasuredCell, plan: DescribePlan) -> Text:
    """A statistic in a table whose columns are groups: the column's key names the group and the statistic."""
    return cell_of(key, cell, plan, column=f"{cell.group.key}/{key}")


def _only_n(cell: MeasuredCell) -> Text:
    behind = Behind(cell.variable, cell.group.named, valid=(cell.variable,))
    return (count_cell(cell.n, row=cell.variable, column=f"{cell.group.key}/n", behind=behind, statistic="n"),)


def _level_rows(cells: list[FrequencyCell], name: str) -> list[Row]:
    rows = []
    for place, level in enumerate(cells[0].levels):
        values = []
        for cell in cells:
            here = next(other for other in cell.levels if other.values == level.values)
            key = f"{name}={level.values[0]}"
            behind = Behind(key, (*cell.group.named, (name, level.values[0])))
            count = count_cell(here.count, row=key, column=f"{cell.group.key}/n", behind=behind)
            share = Cell(here.valid_percent, Kind.PERCENT, row=key, column=f"{cell.group.key}/%", behind=count.behind)
            values.append(say("{n} ({share})", n=count, share=share))
        rows.append(Row(cells[0].levels[place].label, tuple(values), indent=1, about=About(name)))
    if any(cell.missing for cell in cells):
        key = f"{name} missing"
        counts = tuple(
            (
                count_cell(
                    c.missing, row=key, column=f"{c.group.key}/n", behind=Behind(key, c.group.named, missing=(name,))
                ),
            )
            for c in cells
        )
        rows.append(Row(say("Missing"), counts, indent=1, about=About(name)))
    return rows
