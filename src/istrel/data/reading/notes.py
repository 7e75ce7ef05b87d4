"""What was decided while a file was read and a person should know: said as remarks; where two readings were possible, as unsure."""

from __future__ import annotations

from dataclasses import dataclass, field


@dataclass
class Notes:
    """Filled while the columns of a file are read.

    Attributes
    ----------
    remarks
        One sentence each.
    unsure
        Of these the sentences that tell of two readings.
    """

    remarks: list[str] = field(default_factory=list)
    unsure: list[str] = field(default_factory=list)

    def take(self, others: Notes) -> None:
        """What others were told as well."""
        self.remarks += others.remarks
        self.unsure += others.unsure

    def say(self, name: str, words: str, *, unsure: bool = False) -> None:
        """A sentence about a column."""
        sentence = f"{name}: {words}"
        self.remarks.append(sentence)
        if unsure:
            self.unsure.append(sentence)
