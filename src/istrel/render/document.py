"""What all outputs are made from: exhibits and passages in order, each exhibit from its own source, and the style."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from istrel.exhibits.make import Exhibit
from istrel.exhibits.text import Text
from istrel.style.house import HouseStyle


@dataclass(frozen=True, eq=False)
class Item:
    """An exhibit with its number, counted apart for tables and figures.

    Attributes
    ----------
    with_text, with_methods
        Whether its results text and its methods text follow it.
    id
        By which it is known again in a document that was edited since; empty for an exhibit that nobody kept.
    """

    exhibit: Exhibit
    number: str
    with_text: bool = False
    with_methods: bool = False
    id: str = ""

    def label(self, style: HouseStyle) -> str:
        return style.label_of(self.number, is_figure=self.exhibit.is_figure)

    @property
    def named_texts(self) -> tuple[tuple[str, Text], ...]:
        """(name, paragraph) of those that follow it."""
        wanted = (("text", self.exhibit.text, self.with_text), ("methods", self.exhibit.methods, self.with_methods))
        return tuple((name, text) for name, text, shown in wanted if shown and text)

    @property
    def texts(self) -> tuple[Text, ...]:
        """The paragraphs that follow it."""
        return tuple(text for _, text in self.named_texts)


@dataclass(frozen=True, eq=False)
class Block:
    """A paragraph (level 0) or a heading; `new_page` begins a page, `id` is that of a passage that the study keeps."""

    text: Text
    level: int = 0
    new_page: bool = False
    id: str = ""


@dataclass(frozen=True, eq=False)
class Document:
    """Exhibits and passages to be written out together, in their order."""

    parts: tuple[Item | Block, ...]
    style: HouseStyle
    title: str = ""
    study: str = ""  # the identity of the study that it is of

    @property
    def items(self) -> tuple[Item, ...]:
        """The exhibits."""
        return tuple(part for part in self.parts if isinstance(part, Item))


def numbered(exhibits: Sequence[Exhibit], *, with_text: bool = False) -> tuple[Item, ...]:
    """Exhibits with numbers in their order: Table 1, Table 2, Figure 1."""
    counts = {True: 0, False: 0}
    items = []
    for exhibit in exhibits:
        counts[exhibit.is_figure] += 1
        items.append(Item(exhibit, str(counts[exhibit.is_figure]), with_text=with_text))
    return tuple(items)
