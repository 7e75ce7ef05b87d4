"""What a finding is: the matter, the rows it means, and remedies as plain data that the study can carry out."""

from __future__ import annotations

from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.data.corrections import Correction
from istrel.data.formula.tree import Formula
from istrel.data.levels import Level
from istrel.data.rows import Rows
from istrel.english import english, together, written

Mask = NDArray[np.bool_]
MOST_NAMED = 4


@dataclass(frozen=True)
class MarkMissing:
    """Declare values missing in variables."""

    variables: tuple[str, ...]
    codes: tuple[float | str, ...]


@dataclass(frozen=True)
class CountAsValue:
    """Values that were declared missing in variables count as answers again."""

    variables: tuple[str, ...]
    codes: tuple[float | str, ...]


@dataclass(frozen=True)
class Replace:
    """Exchange values for others."""

    corrections: tuple[Correction, ...]


@dataclass(frozen=True)
class PutAside:
    """Set cases aside, in data rows from 1."""

    rows: tuple[int, ...]
    reason: str


@dataclass(frozen=True)
class ChangeLevel:
    variable: str
    level: Level


@dataclass(frozen=True)
class Omit:
    """Leave variables out of everything that is offered."""

    variables: tuple[str, ...]


@dataclass(frozen=True)
class TellsWho:
    """Mark variables as personal: they are in no data that are given away."""

    variables: tuple[str, ...]


@dataclass(frozen=True)
class NewVariable:
    """Derive a variable; the one it is made from stays as it is."""

    name: str
    formula: Formula


@dataclass(frozen=True)
class StandFor:
    """Say what each row is."""

    rows: Rows


Action = MarkMissing | CountAsValue | Replace | PutAside | ChangeLevel | Omit | TellsWho | NewVariable | StandFor


@dataclass(frozen=True)
class Remedy:
    """What one click does, and what it is called."""

    words: str
    action: Action


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
        Data rows it means, from 1, ascending; empty where it means the whole variable.
    remedies
        What clicks can do, the likeliest first; empty where only a person can decide.
    changes_numbers
        True where results are wrong until it is mended; False for what is only good to know.
    """

    kind: str
    variables: tuple[str, ...]
    lead: str
    says: str
    rows: tuple[int, ...] = ()
    remedies: tuple[Remedy, ...] = ()
    changes_numbers: bool = False

    @property
    def line(self) -> str:
        """The whole line."""
        return english("{lead} {says}", lead=self.lead, says=self.says) if self.lead else self.says


def listed(names: tuple[str, ...]) -> str:
    """Names in a line: "a, b and c"; many are cut short."""
    if len(names) > MOST_NAMED:
        return english("{names} and {more:,} more", names=", ".join(names[:3]), more=len(names) - 3)
    return (
        english("{names} and {last}", names=", ".join(names[:-1]), last=names[-1]) if len(names) > 1 else "".join(names)
    )


def times(count: int) -> str:
    return {1: english("once"), 2: english("twice")}.get(count) or english("{n:,} times", n=count)


def cases(count: int) -> str:
    return english("{n:,} [case|cases]", n=count)


def shown(value: float | str) -> str:
    """A value in running text, whole where it is whole, with a true minus; the window writes it with its own marks."""
    if isinstance(value, str):
        return value
    whole = float(value).is_integer() and abs(value) <= 2**53
    return written(int(value) if whole else float(value), "")


def quoted(words: list[tuple[str, int]]) -> str:
    """Texts with their counts: "“n/a” (7), “72,5” (3)"."""
    return together(
        [english("“{word}” ({count:,})", word=text, count=count) for text, count in words[:MOST_NAMED]], ", "
    )
