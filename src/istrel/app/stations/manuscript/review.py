"""What is to be looked at in the manuscript: told in the bar, gone to one by one, accepted in one step."""

from __future__ import annotations

from typing import TYPE_CHECKING

from istrel.app.stations.manuscript.beside import accept_all
from istrel.app.stations.manuscript.leaf import Leaf
from istrel.app.widgets.simple import ElidedLabel, button
from istrel.study.changes.manuscript import AcceptEach
from istrel.study.manuscript import Entry, quoted_numbers

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.app.stations.manuscript.parts import Parts


class Review:
    """The words and links of the bar that tell what moved since it was kept."""

    def __init__(self, model: StudyModel, parts: Parts) -> None:
        self._model, self._parts = model, parts
        self.status = ElidedLabel("error")
        self.next_button = button("review", "link", self.next, tip="Go to the next number that moved")
        self.accept_button = button("accept all", "link", self.accept_all, tip="Accept every number as it is now")
        for control in (self.next_button, self.accept_button):
            control.hide()

    def tell(self) -> None:
        """What moved, in the bar and at the rail."""
        leaves = self._parts.leaves()
        entries = [leaf.now for leaf in leaves if isinstance(leaf.now, Entry)]
        moved = sum(len(entry.moved) for entry in entries if not entry.kept.is_figure)
        drawn = sum(bool(entry.moved) for entry in entries if entry.kept.is_figure)
        told = [f"{moved} number{'s' if moved != 1 else ''} moved"] if moved else []
        told += [f"{drawn} figure{'s' if drawn != 1 else ''} redrawn"] if drawn else []
        self.status.setText(", ".join(told))
        unsound = sum(_is_unsound(leaf) for leaf in leaves)
        self.next_button.setVisible(unsound > 0)
        self.accept_button.setVisible(bool(told))
        self._parts.unsound.emit(unsound)

    def next(self) -> None:
        """Go to the next part in which something is to be looked at, the first after the last."""
        parts = self._parts
        parts.wanted.emit()
        order = [part.id for part in self._model.study.parts]
        unsound = [one for one in order if (leaf := parts.leaf(one)) is not None and _is_unsound(leaf)]
        if unsound:
            here = order.index(parts.chosen) if parts.chosen in order else -1
            after = next((one for one in unsound if order.index(one) > here), unsound[0])
            parts.choose(after)
            parts.sought.emit(after)

    def accept_all(self) -> None:
        """Every number as it is now is accepted, in one step."""
        self._parts.wanted.emit()
        if any(_is_unsound(leaf) for leaf in self._parts.leaves()):
            self.accept(*self._parts.entries)

    def accept(self, *entries: Entry) -> None:
        """All numbers of these exhibits, in one step."""
        study = self._model.study
        found = [
            accept_all(entry, quoted_numbers(study, entry.kept.id, entry.exhibit))
            for entry in entries
            if entry.exhibit is not None
        ]
        accepts = tuple(accept for accept in found if accept is not None)
        if accepts:
            self._model.do(AcceptEach(accepts))


def _is_unsound(leaf: Leaf) -> bool:
    return leaf.now.status not in ("", "as kept")
