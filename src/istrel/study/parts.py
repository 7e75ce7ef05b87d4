"""What a manuscript is made of: kept exhibits, headings and paragraphs, in one order; and prose whose numbers stay numbers."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from istrel.sentence.request import Request, show

Value = float | str | tuple[float, ...]


@dataclass(frozen=True)
class Accepted:
    """A number as it was kept or last accepted: known again by its row and column; a text is why there was none."""

    row: str
    column: str
    value: Value


@dataclass(frozen=True)
class Words:
    """Letters as the author wants them; "\\n" begins a new paragraph.

    Attributes
    ----------
    claim, of
        What the words claim and of which exhibit, where they came from its results text; empty where they claim nothing that
        numbers decide.
    """

    text: str
    italic: bool = False
    claim: str = ""
    of: str = ""


@dataclass(frozen=True)
class Number:
    """A number bound to an exhibit: it prints as that exhibit has it now.

    Attributes
    ----------
    prints
        How it prints (a `Kind`); empty for as the exhibit prints it.
    accepted
        Its value when it was cited or last accepted.
    """

    exhibit: str
    row: str
    column: str
    prints: str
    accepted: Value


@dataclass(frozen=True)
class Reference:
    """The label of an exhibit ("Table 2"), which follows its number."""

    exhibit: str


Prose = tuple[Words | Number | Reference, ...]


@dataclass(frozen=True)
class Kept:
    """An exhibit that was kept: what it is, its numbers when it was kept or last accepted, and what was edited in it.

    Attributes
    ----------
    title
        As edited; empty for the exhibit's own.
    id, source
        Its own id, and that of the source it is made from; given by the study when it is kept.
    notes, text, methods
        As edited; None for the exhibit's own, nothing for none.
    supplement
        Whether it stands in the supplement.
    """

    request: Request
    accepted: tuple[Accepted, ...]
    is_figure: bool = False
    title: str = ""
    source: str = ""
    id: str = ""
    notes: tuple[Words | Number | Reference, ...] | None = None
    text: tuple[Words | Number | Reference, ...] | None = None
    methods: tuple[Words | Number | Reference, ...] | None = ()
    supplement: bool = False

    @property
    def sentence(self) -> str:
        """What it is, as a sentence."""
        return show(self.request)


@dataclass(frozen=True)
class Passage:
    """A heading or a paragraph of the manuscript; or the reproducibility appendix, which writes itself."""

    role: Literal["heading", "paragraph", "appendix"]
    prose: tuple[Words | Number | Reference, ...]
    id: str = ""
    supplement: bool = False


Part = Kept | Passage
PROSE_OF_EXHIBIT = ("notes", "text", "methods")


def proses_of(part: Part) -> tuple[Prose, ...]:
    """Every edited text of a part."""
    if isinstance(part, Passage):
        return (part.prose,)
    return tuple(prose for name in PROSE_OF_EXHIBIT if (prose := getattr(part, name)) is not None)
