"""Why a value is absent, as a type: never a word on screen that is used as a key."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from istrel.data.column import show_value


@dataclass(frozen=True)
class Reason:
    """Why a case has no usable value.

    Attributes
    ----------
    kind
        "blank": nothing stands there; "text": a text among numbers; "infinite": no finite number; "code": a value that
        the codebook declares to mean no answer.
    code
        The stored value of a code; None for the other kinds.
    words
        What the codebook calls it; empty where it says nothing.
    """

    kind: Literal["blank", "text", "infinite", "code"]
    code: float | str | None = None
    words: str = ""

    @property
    def name(self) -> str:
        """One word or two for lists and programs, distinct within a variable."""
        if self.kind != "code":
            return self.kind
        value = show_value(self.code) if self.code is not None else ""
        if not self.words:
            return value
        return f"{self.words} ({value})" if self.words in (BLANK.kind, TEXT.kind, INFINITE.kind) else self.words


BLANK, TEXT, INFINITE = Reason("blank"), Reason("text"), Reason("infinite")
