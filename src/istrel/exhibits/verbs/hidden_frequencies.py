"""Frequency tables without their small counts: what `count` and `describe` enter into the ledger, and what is left to show."""

from __future__ import annotations

from collections.abc import Hashable, Iterable
from dataclasses import replace

from istrel.exhibits.contracts import Part
from istrel.exhibits.ledger import Ledger, number_of
from istrel.exhibits.text import Count, Hidden
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.weights import without_weights


def with_all_reasons(cells: Iterable[FrequencyCell]) -> list[FrequencyCell]:
    """Every group knows every reason of its variable, so that what is counted has the same parts in all groups."""
    cells = list(cells)
    known: dict[tuple[str, ...], dict[Hashable, None]] = {}
    for cell in cells:
        known.setdefault(cell.variables, {}).update(dict.fromkeys(reason for reason, _ in cell.reasons))
    made = []
    for cell in cells:
        counts: dict[Hashable, Count] = dict(cell.reasons)
        reasons = tuple((reason, counts.get(reason, 0)) for reason in known[cell.variables])
        made.append(replace(cell, reasons=reasons))  # type: ignore[arg-type]
    return made


def enter_frequencies(ledger: Ledger, place: int, cell: FrequencyCell) -> None:
    """Levels, reasons, n, missing and total of a frequency table."""
    valid: list[Hashable] = [("level", (level.values, level.name)) for level in cell.levels]
    for part, level in zip(valid, cell.levels, strict=True):
        ledger.enter((place, part), cell.variables, [part], cell.group, number_of(level.count))
    if cell.closed:
        valid.append("outside")
        ledger.enter((place, "outside"), cell.variables, ["outside"], cell.group, number_of(cell.outside))
    gone: list[Hashable] = [("reason", reason) for reason, _ in cell.reasons]
    for reason, count in cell.reasons:
        ledger.enter((place, reason), cell.variables, [("reason", reason)], cell.group, number_of(count))
    enter_sums(ledger, place, cell.variables, (valid, gone or ["gone"]), cell, cell.missing)


def enter_sums(
    ledger: Ledger, place: int, what: Hashable, parts: tuple[list[Hashable], list[Hashable]], cell: Part, missing: Count
) -> None:
    """How many cases of a group have a value, how many have none, and both together.

    Parameters
    ----------
    parts
        (what has a value, what has none) of the thing that is counted.
    """
    valid, gone = parts
    n, without = number_of(cell.n), number_of(missing)
    ledger.enter((place, "n"), what, valid, cell.group, n)
    ledger.enter((place, "missing"), what, gone, cell.group, without)
    ledger.enter((place, "total"), what, [*valid, *gone], cell.group, n + without)


def hidden_frequencies(ledger: Ledger, place: int, cell: FrequencyCell) -> FrequencyCell:
    """The table with what may be shown; percentages and limits go with their count or its base."""
    n, total = ledger.shown((place, "n"), cell.n), ledger.shown((place, "total"), cell.total)
    counts = [ledger.shown((place, ("level", (level.values, level.name))), level.count) for level in cell.levels]
    whole = not any(isinstance(count, Hidden) for count in (*counts, n))
    levels = []
    for level, count in zip(cell.levels, counts, strict=True):
        told = isinstance(count, int) and isinstance(n, int)
        levels.append(
            replace(
                level,
                count=count,
                percent=level.percent if isinstance(count, int) and isinstance(total, int) else Hidden(),
                valid_percent=level.valid_percent if told else Hidden(),
                cumulative_percent=level.cumulative_percent if whole or level.cumulative_percent is None else Hidden(),
                low=level.low if told else Hidden(),
                high=level.high if told else Hidden(),
                weighed=without_weights(level.weighed),
            )
        )
    return replace(
        cell,
        n=n,
        missing=ledger.shown((place, "missing"), cell.missing),
        total=total,
        levels=tuple(levels),
        reasons=tuple((reason, ledger.shown((place, reason), count)) for reason, count in cell.reasons),
        outside=ledger.shown((place, "outside"), cell.outside) if cell.closed else cell.outside,
        weighted_n=None if cell.weighted_n is None else float("nan"),
    )
