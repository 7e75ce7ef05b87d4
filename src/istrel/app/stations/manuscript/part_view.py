"""The widgets of one part of the manuscript: the exhibit, its texts, what stands beside it."""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import dataclass, field

from PySide6.QtWidgets import QLabel, QWidget

from istrel.app.stations.manuscript.beside import Beside
from istrel.app.stations.manuscript.exhibit_view import ExhibitView
from istrel.app.stations.manuscript.prose_edit import ProseEdit


@dataclass(eq=False)
class PartView:
    """All widgets of one part of the manuscript.

    Attributes
    ----------
    waiting
        Shown until the part is made, or where it cannot be made.
    """

    id: str
    beside: Beside
    waiting: QLabel
    exhibit: ExhibitView | None = None
    texts: dict[str, ProseEdit] = field(default_factory=dict)
    heading: bool = False
    supplement: bool = False
    top: float = 0.0

    @property
    def widgets(self) -> Iterable[QWidget]:
        return (self.beside, self.waiting, *((self.exhibit,) if self.exhibit else ()), *self.texts.values())

    def is_heading(self, name: str) -> bool:
        """Whether a text of it is a heading."""
        return self.heading or name == "head"

    def drop_exhibit(self) -> None:
        """The exhibit cannot be shown any more."""
        if self.exhibit is not None:
            self.exhibit.hide()
            self.exhibit.setParent(None)
            self.exhibit.deleteLater()
            self.exhibit = None

    def leave(self) -> None:
        """Take it off the pages."""
        for widget in self.widgets:
            widget.hide()
            widget.setParent(None)
            widget.deleteLater()


def heading_px(px: int) -> int:
    """The size of headings over prose of this size."""
    return round(1.35 * px)
