"""What a document must be able to do so that it is refreshed: each format is read and written in its own way behind this."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any, Protocol

from istrel.render.marks.edits import Edit
from istrel.render.marks.memory import Memory, Put
from istrel.render.marks.passages import Held, Passage
from istrel.render.marks.said import Said
from istrel.render.marks.tags import Key


@dataclass(frozen=True)
class Fresh:
    """The manuscript as it would be exported now: what stands at each key, and what it would remember."""

    contents: dict[Key, Any]
    put: dict[Key, Put]
    said: dict[str, Said]


class Living(Protocol):
    """A document that went on living.

    Attributes
    ----------
    memory
        What it remembers of the study that is refreshed; empty where that is gone.
    fresh
        The manuscript as it is now, in the same format.
    """

    memory: Memory

    @property
    def fresh(self) -> Fresh: ...

    def held(self) -> list[Held]:
        """All that is ours and stands in the document, in its order; marks that programs dropped are put back where they can be."""
        ...

    def stands(self, content: Any) -> bool:
        """Whether it is still in the document: what it stood in may have been exchanged whole."""
        ...

    def letters(self, content: Any) -> str:
        """What a reader reads of a number or place."""
        ...

    def places(self, content: Any) -> list[Any]:
        """The places whose texts are known one by one: the cells of tables, else paragraphs."""
        ...

    def spans(self, content: Any) -> list[list[int]]:
        """Over how many columns each cell of each row of its tables stands."""
        ...

    def exchange(self, content: Any, new: str) -> None:
        """The letters of a number or place exchanged; as tracked changes where these are wanted."""
        ...

    def reword(self, passage: Passage, found: list[Edit]) -> None:
        """Words of a paragraph exchanged, none of them ours in a mark; as tracked changes where these are wanted."""
        ...

    def exchange_whole(self, content: Any, key: Key) -> str:
        """A part of an exhibit exchanged for the fresh one of another shape; why not, where it cannot be."""
        ...

    def pictures(self, content: Any) -> list[str]:
        """The digests of the pictures of a figure; nothing where they cannot be known."""
        ...

    def exchange_pictures(self, content: Any, key: Key) -> None:
        """The pictures of a figure, and what they show in words, exchanged for the fresh ones."""
        ...

    def around(self, content: Any) -> tuple[str, str]:
        """The letters before and after a number in its paragraph, as far as a place is known by them."""
        ...

    def passages(self) -> Iterator[Passage]:
        """Every paragraph that is seen, of all parts."""
        ...

    def loose_tables(self) -> Iterator[set[str]]:
        """The texts of the cells of every table that no mark of a remembered table holds."""
        ...

    def comment(self, passage: Passage, words: str) -> None:
        """A comment on a paragraph of the body, once."""
        ...

    def saved(self) -> bytes:
        """The document with what was exchanged, and what it remembers now."""
        ...
