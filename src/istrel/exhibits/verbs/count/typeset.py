"""A `count` result as a table: frequencies in columns per group, or cross-tables with margins and their tests in the note."""

from __future__ import annotations

from dataclasses import replace
from typing import NamedTuple

import numpy as np

from istrel.data.reason import Reason
from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.forms.limits import figure_of
from istrel.exhibits.setting import MarginNote, Remedy, Setting
from istrel.exhibits.table import About, Head, Row, TableSheet
from istrel.exhibits.text import Cell, Count, Hidden, Text, count_cell, say, sentences, value_label
from istrel.exhibits.verbs.count.answers import answers_table, wants_answers
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult, CrossCell, FrequencyCell
from istrel.exhibits.verbs.count.set_words import set_notes, set_table, set_text, set_title
from istrel.exhibits.verbs.count.sets import SetCell
from istrel.exhibits.verbs.count.words import cross_notes, figure_notes, frequency_notes, methods_of, text_of, title_of
from istrel.exhibits.verbs.frequency_result import Level, behind_level, level_key, share_of
from istrel.exhibits.wording import crossed_title, group_label, has_groups, reason_label, titled, titled_with_unit
from istrel.sentence.edit import with_setting
from istrel.stats.association import SMALL_SHARE
from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind


def typeset(plan: CountPlan, result: CountResult) -> Setting:
    """The exhibit as a table or figure of values, with its words."""
    if plan.form == "flow":
        form = form_of("flow")
        flow = figure_of(plan, result.drawings, say("from_rows_to_analysed"), ())
        return Setting(flow, form.methods(plan, result.drawings), (), ())
    if plan.answers is not None:
        return _of_answers(plan, result)
    if plan.form != "table":
        form = form_of(plan.form)
        figure = figure_of(plan, result.drawings, title_of(plan), figure_notes(plan, result))
        methods = sentences([form.methods(plan, result.drawings), methods_of(plan, result)])
        crossed = [cell for cell in result.cells if isinstance(cell, CrossCell)]
        return Setting(figure, methods, text_of(plan, result), _margin(plan, crossed))
    crossed = [cell for cell in result.cells if isinstance(cell, CrossCell)]
    sheet = _cross_table(plan, result, crossed) if crossed else _frequency_table(plan, result)
    return Setting(sheet, methods_of(plan, result), text_of(plan, result), _margin(plan, crossed))


def _of_answers(plan: CountPlan, result: CountResult) -> Setting:
    """A question with several answers."""
    cells = tuple(cell for cell in result.cells if isinstance(cell, SetCell))
    text = set_text(plan, cells)
    if plan.form == "table":
        return Setting(set_table(plan, result, cells), methods_of(plan, result), text, ())
    figure = figure_of(plan, result.drawings, set_title(plan), set_notes(plan, result, cells))
    return Setting(figure, methods_of(plan, result), text, ())


class Column(NamedTuple):
    """A column of a frequency table: which part of a level it shows, and its head."""

    key: str
    head: str


def _columns(plan: CountPlan, cells: list[FrequencyCell], *, missing: bool, grouped: bool) -> list[Column]:
    said = plan.request.settings
    columns = [Column("count", "head_n"), Column("percent" if missing else "valid_percent", "head_percent")]
    if missing and not grouped:
        columns.append(Column("valid_percent", "head_valid_percent"))
    ranked = any(level.cumulative_percent is not None for cell in cells for level in cell.levels)
    if ranked and (not grouped or said["cumulative"]):
        columns.append(Column("cumulative_percent", "head_cumulative_percent"))
    if said["intervals"]:
        columns.append(Column("low", "head_interval"))
    if plan.request.expected:
        columns.append(Column("expected", "head_expected"))
    return columns


def _frequency_table(plan: CountPlan, result: CountResult) -> TableSheet:
    cells = [cell for cell in result.cells if isinstance(cell, FrequencyCell)]
    by_subject = {subject.names: [c for c in cells if c.variables == subject.names] for subject in plan.subjects}
    if (answers := wants_answers(plan, cells)) is not None:
        return answers_table(plan, result, cells, answers)
    grouped, one = has_groups(plan.groupings), len(plan.subjects) == 1
    missing = plan.request.settings["missing"] != "hide" and any(cell.missing for cell in cells)
    columns = _columns(plan, cells, missing=missing, grouped=grouped)
    rows: list[Row] = []
    for names, found in by_subject.items():
        if not one:
            rows.append(Row(_title_with_unit(names, plan), about=About(names[0])))
        summed = plan.request.settings["total"] and not grouped
        made = _frequency_rows(found, columns, indent=0 if one else 1, missing=missing, summed=summed)
        rows += _under_headings(made, found[0], plan) if len(names) > 1 else made
    groups = next(iter(by_subject.values()))
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    heads = [Head(say(column.head, level=level)) for _ in groups for column in columns]
    stub = _title_with_unit(plan.subjects[0].names, plan) if one else say("head_variable")
    spanners = [Head(group_label(cell.group, several=len(groups) > 1), len(columns)) for cell in groups]
    top = ((Head(()), *spanners),) if grouped else ()
    notes = frequency_notes(plan, result, cells, columns={column.key for column in columns})
    return TableSheet(title_of(plan), (*top, (Head(stub), *heads)), tuple(rows), notes)


def _title_with_unit(names: tuple[str, ...], plan: CountPlan) -> Text:
    return titled_with_unit(plan.data.variable(names[0])) if len(names) == 1 else crossed_title(names, plan.data)


def _frequency_rows(
    cells: list[FrequencyCell], columns: list[Column], *, indent: int, missing: bool, summed: bool
) -> list[Row]:
    """A row per level, then the missing by reason, then the total where cases are missing or it is asked for."""
    rows = []
    about = About(cells[0].variables[0])
    levels = [{(level.values, level.name): level for level in cell.levels} for cell in cells]
    for level in cells[0].levels:
        values: list[Text] = []
        for cell, known in zip(cells, levels, strict=True):
            here = known[level.values, level.name]
            values += [_level_cell(here, cell, column.key) for column in columns]
        rows.append(Row(level.label, tuple(values), indent=indent, about=about))
    if not missing and summed:
        valid: list[Count] = [cell.n for cell in cells]
        shares = [_plain([cell], [n], "total", len(columns), base=n) for cell, n in zip(cells, valid, strict=True)]
        return [*rows, Row(say("total"), tuple(t for part in shares for t in part), indent=indent, about=about)]
    if not missing:
        return rows
    reasons = list(dict.fromkeys(reason for cell in cells for reason, _ in cell.reasons))
    for reason in reasons:
        counts: list[Count] = [dict(cell.reasons).get(reason, 0) for cell in cells]
        rows.append(Row(reason_label(reason), _plain(cells, counts, reason, len(columns)), indent=indent, about=about))
    if not reasons:
        counts = [cell.missing for cell in cells]
        rows.append(Row(say("missing"), _plain(cells, counts, None, len(columns)), indent=indent, about=about))
    totals = [cell.total for cell in cells]
    rows.append(Row(say("total"), _plain(cells, totals, "total", len(columns)), indent=indent, about=about))
    return rows


def _under_headings(rows: list[Row], cell: FrequencyCell, plan: CountPlan) -> list[Row]:
    """Combinations under headings of their first values, where they stand in the order of the codebook."""
    said = plan.request.settings
    if said["order"] not in (None, "codebook") or said["top"] is not None:
        return rows
    labels = [dict(zip(c.values, c.labels, strict=True)) for c in map(plan.data.categories, cell.variables)]
    made: list[Row] = []
    before: tuple[float | str, ...] = ()
    for level, row in zip(cell.levels, rows, strict=False):
        above = level.values[:-1]
        for depth, value in enumerate(above):
            if above[: depth + 1] != before[: depth + 1]:
                made.append(Row(value_label(labels[depth][value]), indent=row.indent + depth, about=row.about))
        before = above
        last = value_label(labels[-1][level.values[-1]])
        made.append(replace(row, stub=last, indent=row.indent + len(above)))
    return [*made, *rows[len(cell.levels) :]]


def _level_cell(level: Level, cell: FrequencyCell, key: str) -> Text:
    row, group = level_key(cell, level), cell.group.key
    behind = behind_level(cell, level, row)
    if key == "count":
        return (count_cell(level.count, row=row, column=f"{group}/n", behind=behind),)
    if key == "low":
        limits = {
            side: Cell(getattr(level, side), Kind.PERCENT, row=row, column=f"{group}/{side}")
            for side in ("low", "high")
        }
        return say("interval", **limits)
    if key == "expected":
        assert cell.fit is not None
        share = 100.0 * cell.fit.expected[cell.levels.index(level)]
        return (Cell(share, Kind.PERCENT, row=row, column=f"{group}/expected"),)
    value = getattr(level, key)
    behind = None if isinstance(value, Hidden) else behind
    return (Cell(value, Kind.PERCENT, row=row, column=f"{group}/{key}", behind=behind),)


def _plain(
    cells: list[FrequencyCell], counts: list[Count], what: Reason | str | None, width: int, base: Count | None = None
) -> tuple[Text, ...]:
    """Counts and their share of all cases (or of a base); the other columns stay empty."""
    made: list[Text] = []
    name = what.name if isinstance(what, Reason) else what or "missing"
    for cell, count in zip(cells, counts, strict=True):
        row, group = f"{' × '.join(cell.variables)} {name}", cell.group.key
        gone = what != "total" and (len(cell.reasons) < 2)
        behind = Behind(row, cell.group.named, missing=cell.variables if gone and len(cell.variables) == 1 else ())
        shown = behind if what == "total" or (gone and len(cell.variables) == 1) else None
        part = share_of(count, cell.total if base is None else base)
        if cell.parts and base is None and not isinstance(part, Hidden):
            part = dict(cell.parts)[name]
        share = Cell(part, Kind.PERCENT, row=row, column=f"{group}/percent")
        made += [(count_cell(count, row=row, column=f"{group}/n", behind=shown),), (share,)]
        made += [(Cell(None),)] * (width - 2)
    return tuple(made)


def _cross_table(plan: CountPlan, result: CountResult, cells: list[CrossCell]) -> TableSheet:
    """Cross-tables one under the other; a table against another variable begins with a row of its own heads."""
    several = len(cells) > 1
    first = cells[0]
    width = max(len(cell.column_values) for cell in cells)
    rows: list[Row] = []
    before = (first.column, first.column_labels)
    for cell in cells:
        if several:
            rows.append(Row(_heading(cell, plan)))
        if (cell.column, cell.column_labels) != before:
            rows.append(_inner_heads(cell, plan, width))
            before = (cell.column, cell.column_labels)
        rows += _cross_rows(cell, plan, width, indent=1 if several else 0)
    heads = _labels_of(first, width)
    stub = titled(plan.data.variable(first.row)) if len(plan.subjects) == 1 else say("head_variable")
    bottom = (Head(stub), *(Head(text) for text in heads), Head(say("total")))
    top = (Head(()), Head(titled(plan.data.variable(first.column)), width), Head(()))
    return TableSheet(title_of(plan), (top, bottom), tuple(rows), cross_notes(plan, result, cells, named=several))


def _labels_of(cell: CrossCell, width: int) -> list[Text]:
    return [*cell.column_labels] + [()] * (width - len(cell.column_labels))


def _heading(cell: CrossCell, plan: CountPlan) -> Text:
    grouped = has_groups(plan.groupings)
    title = titled(plan.data.variable(cell.row))
    if not grouped:
        return title
    label = group_label(cell.group, several=True)
    return say("name_group", name=title, group=label) if len(plan.subjects) > 1 else label


def _inner_heads(cell: CrossCell, plan: CountPlan, width: int) -> Row:
    """The values of another `against` variable, as a row within the table."""
    name = titled(plan.data.variable(cell.column))
    values = (*_labels_of(cell, width), say("total"))
    return Row(say("against_name", name=name), tuple(values), indent=1)


class Extra(NamedTuple):
    """What may stand under a count: its name, the numbers, and which kind they are."""

    words: str
    numbers: np.ndarray
    kind: Kind
    column: str


def _cross_rows(cell: CrossCell, plan: CountPlan, width: int, *, indent: int) -> list[Row]:
    said = plan.request.settings
    shares = cell.percents(said["percent"]) if said["percent"] else None
    full = cell.with_margins
    hides = cell.hidden is not None and bool(cell.hidden.any())
    rows = []
    about = About(cell.row, cell.group.labels)
    for i, label in enumerate((*cell.row_labels, None)):
        values: list[Text] = []
        for j in range(full.shape[1]):
            share = None if shares is None or hides else float(shares[i, j])
            values.append(_cross_cell(cell, i, j, int(full[i, j]), share))
            if j == full.shape[1] - 2:
                values += [()] * (width - len(cell.column_values))
        stub = say("total") if label is None else label
        rows.append(Row(stub, tuple(values), indent=indent, about=about))
        if label is not None and not hides:
            rows += [_extra_row(cell, i, extra, width, indent + 1) for extra in _extras(cell, plan)]
    return rows


def _extras(cell: CrossCell, plan: CountPlan) -> list[Extra]:
    said = plan.request.settings
    made = []
    if said["expected"]:
        made.append(Extra("row_expected", cell.expected, Kind.MEASURE, "expected"))
    if said["residuals"]:
        made.append(Extra("row_residual", cell.residuals, Kind.STATISTIC, "residual"))
    return made


def _extra_row(cell: CrossCell, place: int, extra: Extra, width: int, indent: int) -> Row:
    row = f"{cell.row}={cell.row_values[place]} @ {cell.group.key}"
    values = []
    for value, column in zip(extra.numbers[place].tolist(), cell.column_values, strict=True):
        shown = value if np.isfinite(value) else Undefined("nothing_is_expected")
        values.append(
            (
                Cell(
                    shown,
                    extra.kind,
                    1 if extra.kind is Kind.MEASURE else None,
                    row=row,
                    column=f"{cell.column}={column}/{extra.column}",
                ),
            )
        )
    return Row(say(extra.words), (*values, *[()] * (width - len(values)), ()), indent=indent)


def _cross_cell(cell: CrossCell, i: int, j: int, count: int, share: float | None) -> Text:
    """A count with its percentage, or hidden; the last row and column are margins."""
    row, column = cell.key_of(i, j)
    if cell.hidden is not None and cell.hidden[i, j]:
        return (Cell(Hidden(), Kind.COUNT, row=row, column=f"{column}/n"),)
    behind = _behind_cross(cell, i, j)
    number = count_cell(count, row=row, column=f"{column}/n", behind=behind)
    if share is None:
        return (number,)
    value = Undefined("nothing_to_take_a_share") if np.isnan(share) else share
    return say(
        "count_with_share", n=number, share=Cell(value, Kind.PERCENT, row=row, column=f"{column}/%", behind=behind)
    )


def _behind_cross(cell: CrossCell, i: int, j: int) -> Behind:
    """The cases of a value or class of each side; a margin is all of them."""
    behind = Behind(" · ".join(cell.group.labels), cell.group.named, valid=(cell.row, cell.column))
    sides = ((cell.row, i, cell.row_values, cell.row_limits), (cell.column, j, cell.column_values, cell.column_limits))
    for name, place, values, limits in sides:
        if place >= len(values):
            continue
        if limits:
            low, high, _ = limits[place]
            behind = behind.and_(Behind(f"{name} {low:g} to {high:g}", within=((name, *limits[place]),)))
        else:
            behind = behind.and_(Behind(f"{name} = {values[place]}", ((name, values[place]),)))
    return behind if behind.words else replace(behind, words="all cases")


def _margin(plan: CountPlan, crossed: list[CrossCell]) -> tuple[MarginNote, ...]:
    """Where chi-square is on thin ground, and that values were brought together."""
    if plan.request.settings["hide_below"]:
        return ()
    made = []
    for name in sorted(plan.classed) if plan.request.settings["classes"] is None else ():
        one_by_one = with_setting(plan.request, "classes", False)
        says = say("many_values_so_they_are")
        made.append(
            MarginNote("classes", name, (), says, (Remedy(english("count them one by one"), request=one_by_one),))
        )
    for cell in crossed:
        if cell.chi_square.small > SMALL_SHARE:
            share = Cell(100 * cell.chi_square.small, Kind.COUNT)
            says = say("of_expected_counts_are_below", share=share)
            made.append(MarginNote("small_expected", cell.row, cell.group.labels, says))
    return tuple(made)
