"""What all outputs are made from: exhibits in order with their numbers, each from its own source, and the style."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass

from istrel.exhibits.make import Exhibit
from istrel.style.house import HouseStyle


@dataclass(frozen=True, eq=False)
class Item:
    """An exhibit with its number, counted apart for tables and figures, and the results text that goes with it if any."""

    exhibit: Exhibit
    number: str
    with_text: bool = False

    def label(self, style: HouseStyle) -> str:
        return (style.figure if self.exhibit.is_figure else style.table).label.format(number=self.number)


@dataclass(frozen=True, eq=False)
class Document:
    """Exhibits to be written out together."""

    items: tuple[Item, ...]
    style: HouseStyle
    title: str = ""


def numbered(exhibits: Sequence[Exhibit], *, with_text: bool = False) -> tuple[Item, ...]:
    """Exhibits with numbers in their order: Table 1, Table 2, Figure 1."""
    counts = {True: 0, False: 0}
    items = []
    for exhibit in exhibits:
        counts[exhibit.is_figure] += 1
        items.append(Item(exhibit, str(counts[exhibit.is_figure]), with_text=with_text))
    return tuple(items)
