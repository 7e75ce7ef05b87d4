"""Words that files write where there is no answer ("NA", ".", "-", "null"), and in which columns one stands for that."""

from __future__ import annotations

from collections import defaultdict

from istrel.data.column import Kind
from istrel.data.table import Table

NO_ANSWER = frozenset(
    ". - -- ? n/a na n.a. #n/a nan null none nil missing unknown refused k.a. s/d".split()  # noqa: SIM905 — read as a list
) | frozenset(("no answer", "not available", "not applicable", "no data", "keine angabe", "don't know", "not stated"))
MOST_WORDS = 10_000  # a column of more different texts holds free text or keys


def is_marker(word: str) -> bool:
    """Whether a word, of whatever case, usually stands for "no answer"."""
    return word.strip().casefold() in NO_ANSWER


def shared_markers(table: Table) -> dict[str, tuple[str, ...]]:
    """{column: the markers in it} for markers that stand among the numbers or dates of one column, and in another one too."""
    among: dict[str, list[str]] = defaultdict(list)
    apart: set[str] = set()
    for column in table.columns:
        words = column.words if column.kind is Kind.TEXT else tuple(dict.fromkeys(column.unread.texts))
        for word in words if len(words) <= MOST_WORDS else ():
            if is_marker(word):
                among[word].append(column.name)
                if column.kind is not Kind.TEXT:
                    apart.add(word)
    found: dict[str, tuple[str, ...]] = {}
    for word, names in among.items():
        if word in apart and len(names) > 1:
            for name in names:
                found[name] = (*found.get(name, ()), word)
    return found
