"""Findings: what looks wrong in a file, which rows it means, and how it can be mended. The first kinds."""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass

import numpy as np

from istrel.data.column import Kind, show_value
from istrel.data.dataset import Dataset
from istrel.data.guess import suspected_codes
from istrel.data.levels import Level


@dataclass(frozen=True)
class Finding:
    """One thing to look at.

    Attributes
    ----------
    kind
        A word of docs/exchange.md, for example suspected_missing_code.
    lead, says
        The first words, which name the matter, and the rest of the line.
    rows
        Data rows it means, counted from 1.
    remedy
        What a click does; empty where only a person can decide.
    code
        The value that the remedy declares missing in `variables`.
    """

    kind: str
    variables: tuple[str, ...]
    lead: str
    says: str
    rows: tuple[int, ...]
    remedy: str = ""
    code: float | str | None = None


def screen(data: Dataset) -> tuple[Finding, ...]:
    """All findings, those that change numbers first."""
    return (*_missing_codes(data), *_texts(data), *_constants(data))


def _missing_codes(data: Dataset) -> list[Finding]:
    """One finding per suspected code, over all variables in which it stands."""
    where: dict[float, list[tuple[str, np.ndarray[tuple[int], np.dtype[np.int64]]]]] = {}
    for column in data.table.columns:
        level = data.variable(column.name).level
        if column.kind is not Kind.NUMBER or level in (Level.IDENTIFIER, Level.NOMINAL):
            continue
        numbers = data.numbers(column.name)
        for code in suspected_codes(numbers.values[numbers.valid]):
            rows = np.flatnonzero(numbers.valid & (numbers.values == code)) + 1
            where.setdefault(code, []).append((column.name, rows))
    findings = []
    for code, places in sorted(where.items(), key=lambda item: -sum(rows.size for _, rows in item[1])):
        rows = np.unique(np.concatenate([rows for _, rows in places]))
        shown, times = show_value(code).replace("-", "−"), sum(r.size for _, r in places)
        names = tuple(name for name, _ in places)
        findings.append(
            Finding(
                "suspected_missing_code",
                names,
                shown,
                f"stands {times} time{'s' if times > 1 else ''} in {_listed(names)}, far from all other values.",
                tuple(rows.tolist()),
                f"treat {shown} as missing",
                code,
            )
        )
    return findings


def _texts(data: Dataset) -> list[Finding]:
    findings = []
    for column in data.table.columns:
        codes = {code.value for code in data.variable(column.name).missing_codes}
        odd = [(int(r) + 1, t) for r, t in zip(column.unread.rows, column.unread.texts, strict=True) if t not in codes]
        if odd:
            most = ", ".join(f"“{text}” ({count})" for text, count in Counter(t for _, t in odd).most_common(4))
            says = f"in {column.name}: {most}. These cases count as missing."
            rows = tuple(row for row, _ in odd)
            findings.append(Finding("text_in_numbers", (column.name,), "Text among numbers", says, rows))
    return findings


def _constants(data: Dataset) -> list[Finding]:
    findings = []
    for column in data.table.columns:
        found, _ = data.tally(column.name)
        if found.size == 1 and data.n_rows > 1:
            label = column.text_at(int(np.flatnonzero(data.present(column.name))[0]))
            says = f"is “{label}” in every case: it can show no difference."
            findings.append(Finding("constant", (column.name,), column.name, says, ()))
    return findings


def _listed(names: tuple[str, ...]) -> str:
    if len(names) > 4:
        return f"{', '.join(names[:3])} and {len(names) - 3} more"
    return " and ".join(names) if len(names) < 3 else f"{', '.join(names[:-1])} and {names[-1]}"
