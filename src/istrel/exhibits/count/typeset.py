"""A `count` result as a table: frequencies in columns per group, or a cross-table with margins and its tests in the note."""

from __future__ import annotations

import math

from istrel.exhibits.count.notes import frequency_notes, methods, results_text, test_notes
from istrel.exhibits.count.resolve import CountPlan
from istrel.exhibits.count.result import CountResult, CrossCell, FrequencyCell, Level
from istrel.exhibits.setting import MarginNote, Setting
from istrel.exhibits.sheet import About, Behind, Cell, Compound, Head, Note, Row, TableSheet, Text, italic, plain
from istrel.exhibits.words import cases_note, group_label, has_groups, listed, ungrouped_note
from istrel.stats.association import SMALL_SHARE
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind


def typeset(plan: CountPlan, result: CountResult, style: HouseStyle) -> Setting:
    """The exhibit as a table of values, with its words."""
    crossed = [cell for cell in result.cells if isinstance(cell, CrossCell)]
    sheet = _cross_table(plan, result, crossed, style) if crossed else _frequency_table(plan, result)
    return Setting(sheet, methods(plan, result), results_text(plan, result, style), _margin(plan, crossed))


def _title(plan: CountPlan) -> str:
    titles = [" × ".join(plan.data.variable(name).title for name in subject.names) for subject in plan.subjects]
    what = listed(titles) if len(titles) <= 3 else f"{len(titles)} variables"
    by = [" and ".join(plan.data.variable(n).title for n in g.names) for g in plan.groupings if g.names]
    if plan.against:
        against = listed([plan.data.variable(name).title for name in plan.against])
        return f"{what} by {against}" + (f", for each {listed(by)}" if by else "")
    return f"Frequencies of {what}" + (f" by {listed(by)}" if by else "")


def _case_notes(plan: CountPlan, result: CountResult) -> list[Note]:
    texts = cases_note(result.cases)
    texts += [
        ungrouped_note([plan.data.variable(n).title for n in names], missing) for names, missing in result.ungrouped
    ]
    return [Note("general", text) for text in texts]


def _frequency_table(plan: CountPlan, result: CountResult) -> TableSheet:
    cells = [cell for cell in result.cells if isinstance(cell, FrequencyCell)]
    by_subject = {subject.names: [c for c in cells if c.variables == subject.names] for subject in plan.subjects}
    grouped = has_groups(plan.groupings)
    missing = plan.request.settings.missing != "hide" and any(cell.missing for cell in cells)
    cumulative = any(level.cumulative_percent is not None for cell in cells for level in cell.levels) and not grouped
    columns: list[tuple[str, Text]] = [("count", italic("n")), ("percent" if missing else "valid_percent", plain("%"))]
    if missing and not grouped:
        columns.append(("valid_percent", plain("Valid %")))
    if cumulative:
        columns.append(("cumulative_percent", plain("Cumulative %")))
    rows: list[Row] = []
    one = len(plan.subjects) == 1
    for names, found in by_subject.items():
        if not one:
            rows.append(
                Row(plain(" × ".join(plan.data.variable(n).title_with_unit for n in names)), about=About(names[0]))
            )
        rows += _frequency_rows(found, columns, plan, indent=0 if one else 1, missing=missing)
    groups = next(iter(by_subject.values()))
    stub = " × ".join(plan.data.variable(n).title_with_unit for n in plan.subjects[0].names) if one else "Variable"
    heads = (Head(plain(stub)), *(Head(text) for _ in groups for _, text in columns))
    spanners = [Head(plain(group_label(cell.group.labels, several=len(groups) > 1)), len(columns)) for cell in groups]
    top = ((Head(()), *spanners),) if grouped else ()
    notes = (*_case_notes(plan, result), *frequency_notes(plan, cells))
    behind = tuple(Behind(cell.group.named) for cell in groups for _ in columns)
    return TableSheet(_title(plan), (*top, heads), tuple(rows), notes, behind)


def _frequency_rows(
    cells: list[FrequencyCell], columns: list[tuple[str, Text]], plan: CountPlan, *, indent: int, missing: bool
) -> list[Row]:
    """A row per level, then the missing by reason, then the total where cases are missing."""
    hide = plan.request.settings.hide_below
    rows = []
    for place, level in enumerate(cells[0].levels):
        values = [_level_cell(cell.levels[place], key, hide) for cell in cells for key, _ in columns]
        rows.append(Row(plain(level.label), tuple(values), indent=indent, behind=_behind_level(cells[0], level)))
    if not missing:
        return rows
    reasons = list(dict.fromkeys(reason for cell in cells for reason, _ in cell.reasons))
    for reason in reasons or [""]:
        counts = [dict(cell.reasons).get(reason, 0) if reason else cell.missing for cell in cells]
        totals = [cell.n + cell.missing for cell in cells]
        behind = Behind(missing=cells[0].variables) if len(reasons) < 2 else None
        printed = _plain_counts(counts, totals, len(columns))
        rows.append(Row(plain(_missing_label(reason)), printed, indent=indent, behind=behind))
    totals = [cell.n + cell.missing for cell in cells]
    rows.append(Row(plain("Total"), _plain_counts(totals, totals, len(columns)), indent=indent, behind=Behind()))
    return rows


def _behind_level(cell: FrequencyCell, level: Level) -> Behind | None:
    """The cases of a value, a combination or a class; the rest behind the most frequent ones is none of them."""
    if level.count is None:
        return None  # a hidden count hides its cases, too
    if level.limits is not None:
        classes = [other for other in cell.levels if other.limits is not None]
        outermost = level is (classes[0] if cell.closed == "right" else classes[-1])
        return Behind(within=(cell.variables[0], *level.limits, "both" if outermost else cell.closed))
    return Behind(tuple(zip(cell.variables, level.values, strict=True))) if level.values else None


def _missing_label(reason: str) -> str:
    named = {
        "": "Missing",
        "blank": "Missing: blank",
        "text": "Missing: text among numbers",
        "infinite": "Missing: infinite",
    }
    return named.get(reason, f"Missing: {reason}")


def _plain_counts(counts: list[int], totals: list[int], width: int) -> tuple[Cell, ...]:
    made: list[Cell] = []
    for count, total in zip(counts, totals, strict=True):
        made += [Cell(float(count), Kind.COUNT), Cell(100 * count / total if total else None, Kind.PERCENT)]
        made += [Cell(None)] * (width - 2)
    return tuple(made)


def _level_cell(level: Level, key: str, hide: int | None) -> Cell:
    if level.count is None:
        return Cell(f"< {hide}" if key == "count" else Undefined("hidden"))
    if key == "count":
        return Cell(float(level.count), Kind.COUNT)
    value = getattr(level, key)
    return Cell(value, Kind.PERCENT)


def _cross_table(plan: CountPlan, result: CountResult, cells: list[CrossCell], style: HouseStyle) -> TableSheet:
    """Cross-tables one under the other; all share the columns of the first `against` variable's levels."""
    columns = cells[0].column_labels
    rows: list[Row] = []
    notes = _case_notes(plan, result)
    several = len(cells) > 1
    same = [cell for cell in cells if cell.column_labels == columns]
    for cell in same:
        if several:
            about = [] if not cell.group.labels else [group_label(cell.group.labels, several=True)]
            title = plan.data.variable(cell.row).title if len(plan.subjects) > 1 or not about else ""
            rows.append(Row(plain(" · ".join(part for part in (title, *about) if part))))
        rows += _cross_rows(
            cell, plan.request.settings.percent, plan.request.settings.hide_below, indent=1 if several else 0
        )
        notes += test_notes(cell, plan, style, named=several)
    if len(same) < len(cells):
        left = listed([plan.data.variable(name).title for name in plan.against[1:]])
        notes.append(Note("general", plain(f"The tables against {left} are in a sentence of their own.")))
    column = plan.data.variable(cells[0].column).title
    stub = plan.data.variable(cells[0].row).title if len(plan.subjects) == 1 else "Variable"
    heads = (Head(plain(stub)), *(Head(plain(label)) for label in columns), Head(plain("Total")))
    top = (Head(()), Head(plain(column), len(columns)), Head(()))
    behind = (
        *(Behind(((cells[0].column, value),)) for value in cells[0].column_values),
        Behind(valid=(cells[0].column,)),
    )
    return TableSheet(_title(plan), (top, heads), tuple(rows), tuple(notes), behind)


def _cross_rows(cell: CrossCell, percent: str | None, hide: int | None, *, indent: int) -> list[Row]:
    rows = []
    shares = cell.percents(percent) if percent else None
    for i, label in enumerate(cell.row_labels):
        values: list[Cell | Compound] = []
        for j in range(len(cell.column_labels)):
            share = None if shares is None else float(shares[i, j])
            values.append(_cross_cell(int(cell.counts[i, j]), bool(cell.hidden[i, j]), share, hide))
        total = int(cell.counts[i].sum())
        margin = None if percent is None else 100.0 if percent == "row" else 100 * total / cell.n if cell.n else None
        values.append(_cross_cell(total, hidden=False, share=margin, hide=hide))
        hidden = bool(cell.hidden[i].any())
        behind = None if hidden else Behind((*cell.group.named, (cell.row, cell.row_values[i])))
        about = About(cell.row, cell.group.labels)
        rows.append(Row(plain(label), tuple(values), indent=indent, about=about, behind=behind))
    sums = cell.counts.sum(axis=0).tolist()
    bottom = [_cross_cell(s, hidden=False, share=_bottom(percent, s, cell.n), hide=hide) for s in sums]
    rows.append(
        Row(
            plain("Total"),
            (*bottom, _cross_cell(cell.n, hidden=False, share=100.0 if percent else None, hide=hide)),
            indent=indent,
            behind=None if cell.hidden.any() else Behind(cell.group.named, valid=(cell.row,)),
        )
    )
    return rows


def _bottom(percent: str | None, total: int, n: int) -> float | None:
    if percent is None:
        return None
    return 100.0 if percent == "column" else 100 * total / n if n else None


def _cross_cell(count: int, hidden: bool, share: float | None, hide: int | None) -> Cell | Compound:
    if hidden:
        return Cell(f"< {hide}" if hide is not None and count < hide else "hidden")
    number = Cell(float(count), Kind.COUNT)
    if share is None:
        return number
    value = Undefined("nothing to take a share of") if math.isnan(share) else share
    return Compound("{} ({})", (number, Cell(value, Kind.PERCENT)))


def _margin(plan: CountPlan, crossed: list[CrossCell]) -> tuple[MarginNote, ...]:
    """Where chi-square is on thin ground."""
    del plan
    return tuple(
        MarginNote(
            cell.row,
            cell.group.labels,
            f"{100 * cell.chi_square.small:.0f} % of expected counts are below 5: chi-square is rough",
        )
        for cell in crossed
        if cell.chi_square.small > SMALL_SHARE
    )
