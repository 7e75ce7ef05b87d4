"""A `describe` result as a sheet: descriptives in rows by group, the mixed sample table, or histograms in panels."""

from __future__ import annotations

from istrel.exhibits.cases import Group
from istrel.exhibits.describe.margin import margin_notes
from istrel.exhibits.describe.notes import general_notes, methods, results_text
from istrel.exhibits.describe.resolve import DescribePlan, Subject
from istrel.exhibits.describe.result import CategoryCell, DescribeResult, MeasuredCell
from istrel.exhibits.describe.symbols import cell_of, paired_heads
from istrel.exhibits.describe.title import title_of
from istrel.exhibits.describe.typeset_figure import figure_sheet
from istrel.exhibits.setting import Setting
from istrel.exhibits.sheet import About, Behind, Cell, Compound, Head, Row, Run, Sheet, TableSheet, Text, italic, plain
from istrel.exhibits.words import listed
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind


def typeset(plan: DescribePlan, result: DescribeResult, style: HouseStyle) -> Setting:
    """The exhibit as a table or figure of values, with its words; the house style decides at output how numbers print."""
    return Setting(
        sheet=_sheet(plan, result),
        methods=methods(plan),
        text=results_text(plan, result, style),
        margin=margin_notes(plan, result),
        shown=plan.shown if plan.tabular else (),
    )


def _sheet(plan: DescribePlan, result: DescribeResult) -> Sheet:
    if plan.form != "table":
        return figure_sheet(plan, result)
    if any(isinstance(cell, CategoryCell) for cell in result.cells):
        return _sample_table(plan, result)
    return _descriptives(plan, result)


def _descriptives(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    grouped = any(g.names for g in plan.groupings)
    one = len(plan.subjects) == 1
    rows: list[Row] = []
    for subject in plan.subjects:
        cells = [cell for cell in result.cells if cell.variable == subject.name and isinstance(cell, MeasuredCell)]
        variable = plan.data.variable(subject.name)
        if not grouped:
            rows += [
                Row(
                    plain(variable.title_with_unit),
                    _values(cell, plan),
                    about=About(subject.name),
                    behind=Behind(valid=(subject.name,)),
                )
                for cell in cells
            ]
            continue
        if not one:
            rows.append(Row(plain(variable.title_with_unit), about=About(subject.name)))
        rows += _group_rows(cells, plan, indent=0 if one else 1)
    spanners, heads = paired_heads(plan.shown, plan.request.settings.confidence or 0.95)
    stub = _stub(plan, one=one and grouped)
    table = (Head(stub), *heads)
    top = ((Head(()), *spanners),) if any(s.text for s in spanners) else ()
    return TableSheet(title_of(plan), (*top, table), tuple(rows), general_notes(plan, result))


def _stub(plan: DescribePlan, *, one: bool) -> Text:
    if not one:
        return plain("Variable")
    return plain(listed([" × ".join(plan.data.variable(n).title for n in g.names) for g in plan.groupings if g.names]))


def _group_rows(cells: list[MeasuredCell], plan: DescribePlan, indent: int) -> list[Row]:
    """A row per group; of crossed groupings the first variables become headings over the last."""
    rows: list[Row] = []
    before: tuple[str, ...] = ()
    for cell in cells:
        *above, last = cell.group.labels or ("Total",)
        for depth, label in enumerate(above):
            if tuple(above[: depth + 1]) != before[: depth + 1]:
                rows.append(Row(plain(label), indent=indent + depth))
        before = tuple(above)
        about = About(cell.variable, cell.group.labels)
        behind = Behind(cell.group.named, valid=(cell.variable,))
        rows.append(Row(plain(last), _values(cell, plan), indent=indent + len(above), about=about, behind=behind))
    return rows


def _values(cell: MeasuredCell, plan: DescribePlan) -> tuple[Cell, ...]:
    decimals = plan.request.settings.decimals
    if decimals is None:
        decimals = plan.data.variable(cell.variable).decimals
    return tuple(cell_of(key, cell, decimals) for key in plan.shown)


def _sample_table(plan: DescribePlan, result: DescribeResult) -> TableSheet:
    """Variables in rows, groups in columns: M (SD) for measured variables, n (%) for categories."""
    groups = [group for g in plan.groupings for group in g.groups]
    rows: list[Row] = []
    for subject in plan.subjects:
        by_group = {cell.group: cell for cell in result.cells if cell.variable == subject.name}
        cells = [by_group[group] for group in groups]
        title = plan.data.variable(subject.name).title_with_unit
        if isinstance(cells[0], MeasuredCell):
            rows.append(_measured_row(subject, [c for c in cells if isinstance(c, MeasuredCell)], plan))
        else:
            counted = [c for c in cells if isinstance(c, CategoryCell)]
            rows.append(Row((Run(f"{title}, "), Run("n", italic=True), Run(" (%)")), about=About(subject.name)))
            rows += _level_rows(counted, subject.name)
    heads = tuple(Head(_group_head(group, result, several=len(groups) > 1)) for group in groups)
    behind = tuple(Behind(group.named) for group in groups)
    top = (Head(plain("Characteristic")), *heads)
    return TableSheet(title_of(plan), (top,), tuple(rows), general_notes(plan, result), behind)


def _group_head(group: Group, result: DescribeResult, *, several: bool) -> Text:
    """The group's label and how many cases it has."""
    size = next(cell.n + cell.missing for cell in result.cells if cell.group == group)
    label = " · ".join(group.labels) or ("Total" if several else "All cases")
    return (Run(label), Run("\n"), Run("("), Run("n", italic=True), Run(f"\u00a0=\u00a0{size:,})"))


# What a measured variable shows in a sample table: two statistics, how they are put together, and their symbols.
PAIRS: tuple[tuple[str, str, str, Text], ...] = (
    ("mean", "sd", "{} ({})", (Run("M", italic=True), Run(" ("), Run("SD", italic=True), Run(")"))),
    ("median", "iqr", "{} [{}]", (Run("Mdn", italic=True), Run(" ["), Run("IQR", italic=True), Run("]"))),
)


def _measured_row(subject: Subject, cells: list[MeasuredCell], plan: DescribePlan) -> Row:
    """Mean and SD, or median and IQR where those were asked for, or the number of cases."""
    variable = plan.data.variable(subject.name)
    decimals = plan.request.settings.decimals
    decimals = variable.decimals if decimals is None else decimals
    title, about = Run(f"{variable.title_with_unit}, "), About(subject.name)
    pair = next((p for p in PAIRS if {p[0], p[1]} <= set(plan.computed)), None)
    if subject.treated != "numbers" or pair is None:
        counts = tuple(Cell(float(c.n), Kind.COUNT) for c in cells)
        return Row((title, *italic("n")), counts, about=about, behind=Behind(valid=(subject.name,)))
    first, second, pattern, symbol = pair
    values = (Compound(pattern, (cell_of(first, c, decimals), cell_of(second, c, decimals))) for c in cells)
    return Row((title, *symbol), tuple(values), about=about, behind=Behind(valid=(subject.name,)))


def _level_rows(cells: list[CategoryCell], name: str) -> list[Row]:
    rows = []
    for place, level in enumerate(cells[0].levels):
        values = []
        for cell in cells:
            here = cell.levels[place]
            values.append(
                Compound("{} ({})", (Cell(float(here.count), Kind.COUNT), Cell(here.valid_percent, Kind.PERCENT)))
            )
        rows.append(Row(plain(level.label), tuple(values), indent=1, behind=Behind(((name, level.value),))))
    if any(cell.missing for cell in cells):
        counts = tuple(Cell(float(cell.missing), Kind.COUNT) for cell in cells)
        rows.append(Row(plain("Missing"), counts, indent=1, behind=Behind(missing=(name,))))
    return rows
