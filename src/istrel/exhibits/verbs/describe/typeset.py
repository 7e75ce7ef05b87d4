"""A `describe` result as a sheet: descriptives in rows by group, the mixed sample table, or a figure of its form."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.cases import Group
from istrel.exhibits.forms.limits import figure_of
from istrel.exhibits.setting import Setting, Sheet
from istrel.exhibits.table import About, Head, Row, TableSheet
from istrel.exhibits.text import Text, listed, say, value_label
from istrel.exhibits.verbs.describe.beside import side_by_side
from istrel.exhibits.verbs.describe.cells import cell_of, counts_of, paired_heads
from istrel.exhibits.verbs.describe.difference_words import (
    Marks,
    difference_cells,
    difference_heads,
    norm_cells,
    norm_heads,
    pair_rows,
)
from istrel.exhibits.verbs.describe.margin import margin_notes
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.verbs.describe.turned import statistics_in_rows, variables_in_columns
from istrel.exhibits.verbs.describe.words import methods_of, notes_of, text_of, title_of
from istrel.exhibits.wording import crossed_title, group_label, has_groups, titled_with_unit


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
        return figure_of(plan.together or plan, result.drawings, title_of(plan), notes_of(plan, result))
    made: TableSheet = LAYOUTS[plan.layout](plan, result)
    return made


def _in_rows(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    """Groups one under the other; the differences of a grouping stand in the line above its groups."""
    marks, compared = Marks(result), difference_heads(plan, result) if _compares_groups(plan) else ()
    normed = norm_heads(result)
    one = len(plan.subjects) == 1 and not compared
    rows: list[Row] = []
    for subject in plan.subjects:
        rows += _variable_rows(subject.name, plan, result, marks, one=one)
    spanners, heads = paired_heads(plan.shown, plan.request.settings["confidence"])
    table = (Head(_stub(plan, one=one and has_groups(plan.groupings))), *heads, *compared, *normed)
    top = ((Head(()), *spanners, *(Head(()) for _ in (*compared, *normed))),) if any(s.text for s in spanners) else ()
    notes = (*notes_of(plan, result), *(() if normed else marks.notes(result)))
    return TableSheet(title_of(plan), (*top, table), tuple(rows), notes)


def _compares_groups(plan: DescribePlan) -> bool:
    return has_groups(plan.groupings) and plan.request.norm is None


def _variable_rows(name: str, plan: DescribePlan, result: DescribeResult, marks: Marks, *, one: bool) -> list[Row]:
    title, about = titled_with_unit(plan.data.variable(name)), About(name)
    mine = [cell for cell in result.cells if isinstance(cell, MeasuredCell) and cell.variable == name]
    if not has_groups(plan.groupings):
        return [Row(title, _values(cell, plan, result), about=about, counts=counts_of(cell)) for cell in mine]
    several = sum(bool(grouping.names) for grouping in plan.groupings) > 1
    rows: list[Row] = [] if one else [Row(title, about=about)]
    for grouping in plan.groupings:
        cells = [cell for cell in mine if tuple(n for n, _ in cell.group.named) == grouping.names]
        indent = 0 if one else 1
        if grouping.names:
            differences = difference_cells(name, grouping.names, plan, result, marks)
            beside = (*((),) * len(plan.shown), *differences) if any(differences) else ()
            if several:
                rows.append(Row(crossed_title(grouping.names, plan.data), beside, indent=indent, about=about))
                indent += 1
            elif beside:
                rows[-1] = replace(rows[-1], cells=beside)
        rows += _group_rows(cells, plan, result, indent=indent)
        blank: tuple[Text, ...] = ((),) * len(plan.shown)
        for stub, compared in pair_rows(name, grouping.names, plan, result):
            rows.append(Row(stub, (*blank, *compared), indent=indent, about=about))
    return rows


def _stub(plan: DescribePlan, *, one: bool) -> Text:
    if not one:
        return say("head_variable")
    return listed([crossed_title(grouping.names, plan.data) for grouping in plan.groupings if grouping.names])


def _group_rows(cells: list[MeasuredCell], plan: DescribePlan, result: DescribeResult, indent: int) -> list[Row]:
    """A row per group; of crossed groupings the first variables become headings over the last."""
    rows: list[Row] = []
    before: tuple[str, ...] = ()
    for cell in cells:
        above = cell.group.labels[:-1]
        for depth, label in enumerate(above):
            if above[: depth + 1] != before[: depth + 1]:
                rows.append(Row(value_label(label), indent=indent + depth))
        before = above
        last = Group(cell.group.named[-1:], cell.group.labels[-1:])
        rows.append(
            Row(
                group_label(last, several=True),
                _values(cell, plan, result),
                indent=indent + len(above),
                about=About(cell.variable, cell.group.labels),
                counts=counts_of(cell),
            )
        )
    return rows


def _values(cell: MeasuredCell, plan: DescribePlan, result: DescribeResult) -> tuple[Text, ...]:
    shown = tuple(cell_of(key, cell, plan) for key in plan.shown)
    return (*shown, *norm_cells(cell.variable, cell.group, plan, result))


LAYOUTS = {
    "rows": _in_rows,
    "columns": side_by_side,
    "statistics": statistics_in_rows,
    "variables": variables_in_columns,
}
