"""What is to be looked at in the manuscript: told in the bar, gone to one by one, accepted in one step."""

from __future__ import annotations

from typing import TYPE_CHECKING

from istrel.app.stations.manuscript.beside import accept_all
from istrel.app.stations.manuscript.leaf import Leaf
from istrel.app.widgets.simple import ElidedLabel, button
from istrel.app.words import tr
from istrel.study.changes.manuscript import AcceptEach, Reword, Write
from istrel.study.manuscript import AS_KEPT, Entry, Written, quoted_numbers

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.app.stations.manuscript.parts import Parts


class Review:
    """The words and links of the bar that tell what moved since it was kept."""

    def __init__(self, model: StudyModel, parts: Parts) -> None:
        self._model, self._parts = model, parts
        self.status = ElidedLabel("error")
        self.next_button = button(tr("review"), "link", self.next, tip=tr("Go to the next number that moved"))
        self.accept_button = button(
            tr("accept all"), "link", self.accept_all, tip=tr("Accept every number as it is now")
        )
        self.reword_button = button(
            tr("say anew"), "link", self.reword, tip=tr("Words that no longer hold, as the exhibits say them now")
        )
        for control in (self.next_button, self.accept_button, self.reword_button):
            control.hide()

    def tell(self) -> None:
        """What moved, in the bar and at the rail."""
        leaves = self._parts.leaves()
        entries = [leaf.now for leaf in leaves if isinstance(leaf.now, Entry)]
        moved = sum(len(entry.moved) for entry in entries if not entry.kept.is_figure)
        drawn = sum(bool(entry.moved) for entry in entries if entry.kept.is_figure)
        told = [tr("{n:,} [number|numbers] moved", n=moved)] if moved else []
        told += [tr("{n:,} [figure|figures] redrawn", n=drawn)] if drawn else []
        untrue = sum(_many_untrue(leaf) for leaf in leaves)
        told += [tr("{n:,} [statement no longer holds|statements no longer hold]", n=untrue)] if untrue else []
        self.reword_button.setVisible(untrue > 0)
        self.status.setText(", ".join(told))
        unsound = sum(_is_unsound(leaf) for leaf in leaves)
        self.next_button.setVisible(unsound > 0)
        self.accept_button.setVisible(moved + drawn > 0)
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

    def reword(self) -> None:
        """What no longer holds is said anew where an exhibit says it, in one step; the rest stays marked."""
        from istrel.study.reword import reworded, writes_between

        study, style = self._model.study, self._model.style

        def told(writes: tuple[Write, ...]) -> None:
            if self._model.study is not study:
                return  # it was written on meanwhile
            if writes:
                self._model.do(Reword(writes))
            else:
                self._parts.said.emit(tr("its exhibits do not say that any more"))

        self._model.background.submit("reword", lambda: writes_between(study, reworded(study, style)[0]), told)

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


def _many_untrue(leaf: Leaf) -> int:
    readings = [leaf.now.reading] if isinstance(leaf.now, Written) else [reading for _, reading in leaf.now.readings]
    return sum(len(reading.untrue) for reading in readings)


def _is_unsound(leaf: Leaf) -> bool:
    return leaf.now.status not in ("", AS_KEPT)
