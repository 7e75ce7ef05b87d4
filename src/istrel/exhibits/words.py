"""Small words that all verbs use."""

from __future__ import annotations

from collections.abc import Sequence

from istrel.data.dataset import Dataset
from istrel.exhibits.cases import Cases, Grouping
from istrel.exhibits.sheet import Run, Text, plain
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number

PRETTY = {">=": "≥", "<=": "≤", "!=": "≠", "-": "−"}


def listed(words: Sequence[str]) -> str:
    """ "a", "a and b", "a, b and c"."""
    return " and ".join(words) if len(words) < 3 else f"{', '.join(words[:-1])} and {words[-1]}"


def cases_note(cases: Cases) -> list[Text]:
    """Which cases are used, where not all are."""
    if not cases.condition:
        return []
    words = cases.condition
    for typed, printed in PRETTY.items():
        words = words.replace(typed, printed)
    return [(Run("N", italic=True), Run(f" = {cases.used:,} of {cases.total:,} cases, those with {words}."))]


def ungrouped_note(names: Sequence[str], missing: int) -> Text:
    """How many cases are in no group; `names` are labels."""
    stand = "1 case has" if missing == 1 else f"{missing:,} cases have"
    return plain(f"{stand} no value of {' and '.join(names)} and {'is' if missing == 1 else 'are'} left out.")


def group_label(labels: Sequence[str], *, several: bool) -> str:
    """A group's name in print; all cases together are the total where there are groups too."""
    return " · ".join(labels) or ("Total" if several else "All cases")


def has_groups(groupings: Sequence[Grouping]) -> bool:
    return any(grouping.names for grouping in groupings)


def p_words(value: float | Undefined, style: HouseStyle) -> list[Run]:
    """ "p = .031", "p < .001", or that there is none."""
    if isinstance(value, Undefined):
        return [Run("no p")]
    text = format_number(value, Kind.P, style)
    return [Run("p", italic=True), Run(f" {text}" if text[0] in "<>" else f" = {text}")]


def groups_words(groupings: Sequence[Grouping], data: Dataset) -> str:
    """The groupings by their labels: "Site and Course format"."""
    return listed([" and ".join(data.variable(name).title for name in g.names) for g in groupings if g.names])
