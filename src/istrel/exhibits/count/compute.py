"""The numbers of a `count` plan: one counting pass for each subject and grouping."""

from __future__ import annotations

from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Categories
from istrel.data.levels import Level as Measurement
from istrel.exhibits.cases import Grouping, shown_categories
from istrel.exhibits.count.hiding import hidden_cells, hidden_levels
from istrel.exhibits.count.resolve import Counted, CountPlan
from istrel.exhibits.count.result import CountResult, CrossCell, FrequencyCell, Level
from istrel.exhibits.describe.draw import class_settings
from istrel.stats import association, binning
from istrel.stats.estimates import Undefined
from istrel.stats.frequency import frequencies, wilson_interval
from istrel.stats.grouping import arrange

CONFIDENCE = 0.95


def compute(plan: CountPlan) -> CountResult:
    """Every table that the plan asks for, for every group."""
    cells: list[FrequencyCell | CrossCell] = []
    listed = (subject for subject in plan.subjects if not subject.classes and not plan.against)
    order_of = {subject: _ordered(subject, plan) for subject in listed}
    for subject in plan.subjects:
        for grouping in plan.groupings:
            if plan.against:
                for name in plan.against:
                    cells += _crossed(subject.names[0], name, grouping, plan)
            elif subject.classes:
                cells += _classes(subject.names[0], grouping, plan)
            else:
                cells += _values(subject, order_of[subject], grouping, plan)
    missing = tuple((g.names, g.missing) for g in plan.groupings if g.missing)
    return CountResult(plan.cases, tuple(cells), missing)


def _combined(names: tuple[str, ...], plan: CountPlan) -> Categories:
    """One variable's categories, or the combinations of several that occur, in the order of the first, then the next."""
    parts = [plan.data.categories(name) for name in names]
    if len(parts) == 1:
        return parts[0]
    present = np.logical_and.reduce([part.codes >= 0 for part in parts])
    shape = tuple(max(1, len(part.values)) for part in parts)
    flat = np.ravel_multi_index(tuple(np.where(present, part.codes, 0) for part in parts), shape)
    kept = np.unique(flat[present])
    places = np.stack(np.unravel_index(kept, shape), axis=1).tolist()
    return Categories(
        codes=np.where(present, np.searchsorted(kept, flat), -1).astype(np.int32),
        values=tuple(" × ".join(str(p.values[i]) for p, i in zip(parts, place, strict=True)) for place in places),
        labels=tuple(" × ".join(p.labels[i] for p, i in zip(parts, place, strict=True)) for place in places),
        missing=parts[0].missing,
    )


def _stored(names: tuple[str, ...], categories: Categories, plan: CountPlan) -> list[tuple[float | str, ...]]:
    """The stored values behind each category, one per variable."""
    if len(names) == 1:
        return [(value,) for value in categories.values]
    parts = [plan.data.categories(name) for name in names]
    first = np.full(len(categories.values), -1)
    rows = np.flatnonzero(categories.codes >= 0)[::-1]
    first[categories.codes[rows]] = rows
    return [tuple(part.values[int(part.codes[row])] for part in parts) for row in first.tolist()]


def _values(subject: Counted, order: list[int], grouping: Grouping, plan: CountPlan) -> list[FrequencyCell]:
    categories = _combined(subject.names, plan)
    counted = frequencies(
        categories.codes,
        grouping.codes,
        grouping.codes >= 0,
        n_categories=len(categories.values),
        n_groups=grouping.n_groups,
    )
    stored = _stored(subject.names, categories, plan)
    ranked = len(subject.names) == 1 and plan.data.variable(subject.names[0]).level in (
        Measurement.ORDINAL,
        Measurement.COUNT,
    )
    by_place = ranked and plan.request.settings.order in (None, "codebook") and plan.request.settings.top is None
    reasons = _reasons(subject, grouping, plan)
    made = []
    for i, group in enumerate(grouping.groups):
        counts = counted.counts[i][order]
        entries = [(stored[k], categories.labels[k]) for k in order]
        valid, missing = int(counted.valid[i]), int(counted.missing[i])
        levels = _levels(entries, counts, valid, valid + missing, plan, cumulate=by_place)
        made.append(FrequencyCell(subject.names, group, valid, missing, levels, reasons[i]))
    return made


def _ordered(subject: Counted, plan: CountPlan) -> list[int]:
    """The places of categories in the order wanted: those that occur in a case of any grouping, or are declared.

    One order for all groups and totals, so that a row means the same value in every column.
    """
    categories = _combined(subject.names, plan)
    used = np.logical_or.reduce([grouping.codes >= 0 for grouping in plan.groupings])
    codes = categories.codes[used]
    totals = np.bincount(codes[codes >= 0], minlength=len(categories.values))
    declared = (
        {entry.value for entry in plan.data.variable(subject.names[0]).value_labels}
        if len(subject.names) == 1
        else set()
    )
    shown = [k for k, value in enumerate(categories.values) if totals[k] or value in declared]
    wanted = plan.request.settings.order or ("frequency" if plan.request.settings.top else "codebook")
    if wanted == "frequency":
        shown.sort(key=lambda k: -int(totals[k]))
    elif wanted == "label":
        shown.sort(key=lambda k: categories.labels[k].casefold())
    return shown


def _reasons(subject: Counted, grouping: Grouping, plan: CountPlan) -> list[tuple[tuple[str, int], ...]]:
    """Why cases are missing, per group; of combinations only that they are."""
    if len(subject.names) > 1:
        return [()] * grouping.n_groups
    masks = plan.data.categories(subject.names[0]).missing.reasons
    per_reason = {
        reason: np.bincount(grouping.codes[mask & (grouping.codes >= 0)], minlength=grouping.n_groups)
        for reason, mask in masks.items()
    }
    return [
        tuple((reason, int(counts[i])) for reason, counts in per_reason.items() if counts[i])
        for i in range(grouping.n_groups)
    ]


def _levels(
    entries: list[tuple[tuple[float | str, ...], str]],
    counts: NDArray[np.int64],
    valid: int,
    total: int,
    plan: CountPlan,
    *,
    cumulate: bool,
    limits: list[tuple[float, float]] | None = None,
) -> tuple[Level, ...]:
    """Levels with their shares; the most frequent and the rest; small counts hidden."""
    said = plan.request.settings
    numbers = counts.tolist()
    if said.top is not None and len(entries) > said.top + 1:
        rest = len(entries) - said.top
        numbers = [*numbers[: said.top], sum(numbers[said.top :])]
        entries = [*entries[: said.top], ((), f"Other ({rest:,} values)")]
    hidden = hidden_levels(numbers, said.hide_below)
    running = np.cumsum(numbers)
    confidence = said.confidence or CONFIDENCE
    empty = Undefined("no values")
    made = []
    for place, ((values, label), count) in enumerate(zip(entries, numbers, strict=True)):
        if hidden[place]:
            made.append(Level(values, label, None, None, None, None, None, None, limits[place] if limits else None))
            continue
        low, high = wilson_interval(count, valid, confidence=confidence)
        made.append(
            Level(
                values=values,
                label=label,
                count=count,
                percent=100 * count / total if total else empty,
                valid_percent=100 * count / valid if valid else empty,
                cumulative_percent=(100 * int(running[place]) / valid if valid else empty)
                if cumulate and not any(hidden)
                else None,
                low=100 * low if valid else empty,
                high=100 * high if valid else empty,
                limits=limits[place] if limits else None,
            )
        )
    return tuple(made)


def _classes(name: str, grouping: Grouping, plan: CountPlan) -> list[FrequencyCell]:
    """Class intervals, the same for all groups."""
    numbers, said = plan.data.numbers(name), plan.request.settings
    values = numbers.values[numbers.valid & plan.cases.mask]
    closed = cast(binning.Closed, said.closed or "left")
    edges = (
        binning.class_edges(values, class_settings(said, "freedman-diaconis")) if values.size else np.array([0.0, 1.0])
    )
    cells = arrange(numbers.values, grouping.codes, numbers.valid & (grouping.codes >= 0), grouping.n_groups)
    sizes = grouping.sizes
    limits = list(zip(edges[:-1].tolist(), edges[1:].tolist(), strict=True))
    entries = [
        ((low,), class_label(low, high, closed, first=k == 0, last=k == len(limits) - 1))
        for k, (low, high) in enumerate(limits)
    ]
    reasons = _reasons(Counted((name,)), grouping, plan)
    made = []
    for i, group in enumerate(grouping.groups):
        found = binning.count_classes(cells.group(i), edges, closed=closed)
        valid = int(cells.sizes[i])
        levels = _levels(
            list(entries), found.counts, valid, int(sizes[i]), plan, cumulate=found.below == 0, limits=limits
        )
        outside = found.below + found.above
        made.append(FrequencyCell((name,), group, valid, int(sizes[i]) - valid, levels, reasons[i], closed, outside))
    return made


def class_label(low: float, high: float, closed: str, *, first: bool, last: bool) -> str:
    """A class in words that say which limit belongs to it: "30 ≤ x < 45"; the class at the end has both its limits."""
    left = "≤" if closed == "left" or first else "<"
    right = "<" if closed == "left" and not last else "≤"
    return f"{_limit(low)} {left} x {right} {_limit(high)}"


def _limit(value: float) -> str:
    return f"{value:,.12g}".replace("-", "−")


def _crossed(row: str, column: str, grouping: Grouping, plan: CountPlan) -> list[CrossCell]:
    rows, columns = plan.data.categories(row), plan.data.categories(column)
    both = (rows.codes >= 0) & (columns.codes >= 0)
    used = grouping.codes >= 0
    r, c, g = max(1, len(rows.values)), max(1, len(columns.values)), grouping.n_groups
    flat = (grouping.codes[used & both] * r + rows.codes[used & both]) * c + columns.codes[used & both]
    table = np.bincount(flat, minlength=g * r * c).reshape(g, r, c)
    sizes = np.bincount(grouping.codes[used], minlength=g)
    keep_rows = shown_categories(row, plan.data, plan.groupings)
    keep_columns = shown_categories(column, plan.data, plan.groupings)
    ordered = all(plan.data.variable(name).level is Measurement.ORDINAL or _two(name, plan) for name in (row, column))
    made = []
    for i, group in enumerate(grouping.groups):
        counts = table[i][np.ix_(keep_rows, keep_columns)]
        n = int(counts.sum())
        made.append(
            CrossCell(
                row=row,
                column=column,
                group=group,
                n=n,
                missing=int(sizes[i]) - n,
                row_values=tuple(rows.values[k] for k in keep_rows),
                row_labels=tuple(rows.labels[k] for k in keep_rows),
                column_values=tuple(columns.values[k] for k in keep_columns),
                column_labels=tuple(columns.labels[k] for k in keep_columns),
                counts=counts,
                hidden=hidden_cells(counts, plan.request.settings.hide_below),
                expected=association.expected_counts(counts),
                residuals=association.adjusted_residuals(counts),
                chi_square=association.chi_square(counts),
                fisher=association.fisher_exact(counts),
                association=association.association(counts, ordered=ordered),
            )
        )
    return made


def _two(name: str, plan: CountPlan) -> bool:
    return plan.data.variable(name).level is Measurement.BINARY
