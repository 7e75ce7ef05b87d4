"""Frequencies of values, combinations or class intervals, per group: what `count` is about and `describe` needs for categories."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Dataset
from istrel.data.levels import Level as Measurement
from istrel.data.reason import Reason
from istrel.data.sets import NONE_GIVEN, set_in
from istrel.exhibits.cases import Grouping, combined_codes
from istrel.exhibits.class_labels import class_labels, class_signs
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, Count, Text, joined, say, value_label
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level, share_of
from istrel.exhibits.verbs.weighted_frequencies import weighted_cells
from istrel.sentence.settings import Settings
from istrel.stats import binning
from istrel.stats.estimates import Undefined
from istrel.stats.frequency import counted, frequencies, wilson_intervals
from istrel.stats.quantiles import EMPTY

Entry = tuple[tuple[float | str, ...], Text]


@dataclass(frozen=True, eq=False)
class Values:
    """What is counted: a category per case (-1 where missing), and what each category is; `plain` are its labels as letters."""

    codes: NDArray[np.integer]
    values: tuple[tuple[float | str, ...], ...]
    labels: tuple[Text, ...]
    plain: tuple[str, ...]


def values_of(names: tuple[str, ...], data: Dataset) -> Values:
    """The categories of a variable, or the combinations of several that occur."""
    parts = [data.categories(name) for name in names]
    if len(parts) == 1:
        part = parts[0]
        labels = tuple(_label(label, names[0], data) for label in part.labels)
        return Values(part.codes, tuple((value,) for value in part.values), labels, part.labels)
    codes, places = combined_codes([part.codes for part in parts])
    values = tuple(tuple(p.values[i] for p, i in zip(parts, place, strict=True)) for place in places)
    named = [[p.labels[i] for p, i in zip(parts, place, strict=True)] for place in places]
    labels = tuple(joined([value_label(label) for label in part], " × ") for part in named)
    return Values(codes, values, labels, tuple(" × ".join(part) for part in named))


def _label(label: str, name: str, data: Dataset) -> Text:
    """What a value is called; of a question with several answers, that no answer was given."""
    return say("none_named") if label == NONE_GIVEN and set_in(name, data) is not None else value_label(label)


def shown_places(names: tuple[str, ...], values: Values, data: Dataset, groupings: Sequence[Grouping]) -> list[int]:
    """The places of the categories that an exhibit shows: those declared, and those of a case in any grouping.

    One list for all groups and totals of the exhibit, so that a row means the same value in every column.
    """
    totals = _totals(values, groupings)
    declared = {entry.value for entry in data.variable(names[0]).value_labels} if len(names) == 1 else set()
    return [k for k, value in enumerate(values.values) if totals[k] or value[0] in declared]


def _totals(values: Values, groupings: Sequence[Grouping]) -> NDArray[np.int64]:
    """How often each category occurs among the cases of any grouping."""
    used = np.logical_or.reduce([grouping.used for grouping in groupings])
    codes = values.codes if bool(used.all()) else np.where(used, values.codes, -1)
    return counted(codes, len(values.values), groupings[0].times)


def ordered_places(
    names: tuple[str, ...], values: Values, data: Dataset, groupings: Sequence[Grouping], said: Settings
) -> list[int]:
    """The places of categories in the order wanted: of the codebook, by frequency, or by label."""
    shown = shown_places(names, values, data, groupings)
    wanted = said["order"] or ("frequency" if said["top"] else "codebook")
    if wanted == "frequency":
        totals = _totals(values, groupings)
        shown.sort(key=lambda k: -int(totals[k]))
    elif wanted == "label":
        shown.sort(key=lambda k: values.plain[k].casefold())
    return shown


def count_values(
    names: tuple[str, ...],
    grouping: Grouping,
    data: Dataset,
    order: list[int],
    said: Settings,
    values: Values | None = None,
    *,
    weighted: bool = False,
) -> list[FrequencyCell]:
    """A frequency table for every group, its levels in one order.

    Parameters
    ----------
    weighted
        Whether the rows count by their weights.
    """
    values = values or values_of(names, data)
    found = frequencies(
        values.codes,
        grouping.codes,
        grouping.used,
        n_categories=len(values.values),
        n_groups=grouping.n_groups,
        times=grouping.times,
    )
    ranked = len(names) == 1 and data.variable(names[0]).level in (Measurement.ORDINAL, Measurement.COUNT)
    by_place = ranked and said["order"] in (None, "codebook") and said["top"] is None
    entries = [(values.values[k], values.labels[k]) for k in order]
    counts, entries = _most_frequent(found.counts[:, order], entries, said["top"])
    made = _cells(names, grouping, data, _Counted(entries, counts, found.valid, by_place), said)
    if not weighted:
        return made
    places = np.full(len(values.values) + 1, -1)
    places[order] = np.minimum(np.arange(len(order)), len(entries) - 1)  # the rest behind the most frequent is one
    reasons = data.categories(names[0]).missing.reasons if len(names) == 1 else {}
    return weighted_cells(made, places[values.codes], values.codes >= 0, reasons, grouping, data, said)


def count_classes(
    name: str, grouping: Grouping, data: Dataset, edges: NDArray[np.float64], said: Settings, *, weighted: bool = False
) -> list[FrequencyCell]:
    """Class intervals, the same for all groups."""
    closed = cast(binning.Closed, said["closed"])
    cells = arranged(name, grouping, data)
    limits = list(zip(edges[:-1].tolist(), edges[1:].tolist(), strict=True))
    labels = class_labels(limits, closed, name, data)
    entries: list[Entry] = [((low,), label) for (low, _), label in zip(limits, labels, strict=True)]
    inside, below, above = binning.count_groups(cells, edges, closed=closed)
    counted = _Counted(
        entries, inside, cells.sizes, by_place=not below.any(), limits=limits, closed=closed, outside=below + above
    )
    made = _cells((name,), grouping, data, counted, said)
    if not weighted:
        return made
    numbers = data.numbers(name)
    places = np.where(numbers.valid, binning.class_codes(numbers.values, edges, closed=closed), -1)
    return weighted_cells(made, places, numbers.valid, numbers.missing.reasons, grouping, data, said)


@dataclass(frozen=True, eq=False)
class _Counted:
    """Counts of shape (groups, entries) with their entries."""

    entries: list[Entry]
    counts: NDArray[np.int64]
    valid: NDArray[np.int64]
    by_place: bool
    limits: list[tuple[float, float]] | None = None
    closed: str = ""
    outside: NDArray[np.int64] | None = None


def _most_frequent(
    counts: NDArray[np.int64], entries: list[Entry], top: int | None
) -> tuple[NDArray[np.int64], list[Entry]]:
    """The most frequent values, and the rest as one."""
    if top is None or len(entries) <= top + 1:
        return counts, entries
    rest = counts[:, top:].sum(axis=1, keepdims=True)
    other = say("other_values", n=len(entries) - top)
    return np.hstack([counts[:, :top], rest]), [*entries[:top], ((), other)]


def _cells(
    names: tuple[str, ...], grouping: Grouping, data: Dataset, counted: _Counted, said: Settings
) -> list[FrequencyCell]:
    sizes = grouping.sizes
    reasons = _reasons(names, grouping, data)
    limits = wilson_intervals(counted.counts, counted.valid[:, None], confidence=said["confidence"])
    running = np.cumsum(counted.counts, axis=1)
    made = []
    for i, group in enumerate(grouping.groups):
        n, total = int(counted.valid[i]), int(sizes[i])
        levels = []
        for k, (values, label) in enumerate(counted.entries):
            count = int(counted.counts[i, k])
            levels.append(
                Level(
                    values=values,
                    name=_name(values, label, counted, k),
                    label=label,
                    count=count,
                    percent=share_of(count, total),
                    valid_percent=share_of(count, n),
                    cumulative_percent=share_of(int(running[i, k]), n) if counted.by_place else None,
                    low=100.0 * float(limits[0][i, k]) if n else Undefined(EMPTY),
                    high=100.0 * float(limits[1][i, k]) if n else Undefined(EMPTY),
                    limits=counted.limits[k] if counted.limits else None,
                )
            )
        outside = 0 if counted.outside is None else int(counted.outside[i])
        cell = FrequencyCell(names, group, n, total - n, total, tuple(levels), reasons[i], counted.closed, outside)
        made.append(cell)
    return made


def _name(values: tuple[float | str, ...], label: Text, counted: _Counted, place: int) -> str:
    """A level on one line, for programs: the class, or the rest; empty where its values say it."""
    if counted.limits is not None:
        low, high = counted.limits[place]
        signs = class_signs(counted.closed, first=place == 0, last=place == len(counted.limits) - 1)
        from_ = f"{low:.12g} {signs[0]} " if np.isfinite(low) else ""
        return (
            f"{from_}x {signs[1]} {high:.12g}"
            if np.isfinite(high)
            else f"x {'≥' if signs[0] == '≤' else '>'} {low:.12g}"
        )
    if values:
        return ""
    (n,) = (cell.value for cell in label[0].part("n") if isinstance(cell, Cell))  # type: ignore[union-attr]
    return f"Other ({n:g} values)"


def _reasons(names: tuple[str, ...], grouping: Grouping, data: Dataset) -> list[tuple[tuple[Reason, Count], ...]]:
    """Why cases are missing, per group; of combinations only that they are."""
    if len(names) > 1:
        return [()] * grouping.n_groups
    column = data.categories(names[0]).missing.reasons
    counts = {
        reason: counted(np.where(mask, grouping.codes, -1), grouping.n_groups, grouping.times)
        for reason, mask in column.items()
    }
    return [
        tuple((reason, int(found[i])) for reason, found in counts.items() if found[i]) for i in range(grouping.n_groups)
    ]
