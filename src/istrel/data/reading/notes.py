"""What was decided while a file was read and a person should know: said as remarks; where two readings were possible, as unsure."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field

from istrel.english import english, together

MOST_NAMED = 12


def first_of(names: Sequence[str]) -> str:
    """The first of several names, and how many more there are."""
    shown = together([name if len(name) <= 60 else name[:60] for name in names[:MOST_NAMED]], ", ")
    more = len(names) - MOST_NAMED
    return english("{names} and {n:,} more", names=shown, n=more) if more > 0 else shown


@dataclass
class Notes:
    """Filled while the columns of a file are read.

    Attributes
    ----------
    remarks
        One sentence each.
    unsure
        Of these the sentences that tell of two readings.
    day_first
        Whether the day comes first in dates that can be read either way; None where nothing says so.
    orders
        What the columns decided that could: {day first}.
    open
        The columns whose dates can be read either way.
    """

    remarks: list[str] = field(default_factory=list)
    unsure: list[str] = field(default_factory=list)
    day_first: bool | None = None
    orders: set[bool] = field(default_factory=set)
    open: set[str] = field(default_factory=set)

    def take(self, others: Notes) -> None:
        """What others were told as well."""
        self.remarks += others.remarks
        self.unsure += others.unsure
        self.orders |= others.orders
        self.open |= others.open

    def forget(self, name: str) -> None:
        """What was said of a column, which is read again."""
        for said in (self.remarks, self.unsure):
            said[:] = [sentence for sentence in said if not sentence.startswith(f"{name}: ")]

    def say(self, name: str, words: str, *, unsure: bool = False) -> None:
        """A sentence about a column."""
        sentence = english("{name}: {words}", name=name, words=words)
        self.remarks.append(sentence)
        if unsure:
            self.unsure.append(sentence)
