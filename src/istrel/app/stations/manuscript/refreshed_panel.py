"""What refreshing a document did, line by line, beside the pages; what somebody edited there can be taken again."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from istrel.app.stations.manuscript.side_panel import SidePanel
from istrel.app.widgets.simple import button, clear, label
from istrel.app.words import retold, tr

if TYPE_CHECKING:
    from istrel.render.refresh.report import Line, Refreshed

MOST_LINES = 200  # of each kind


class RefreshedPanel(SidePanel):
    """Holds the last document that was refreshed.

    Parameters
    ----------
    again
        Refreshes a document once more, with what was edited by hand in it; whether with tracked changes.
    """

    def __init__(self, again: Callable[[Path, bool], object]) -> None:
        super().__init__(tr("Refreshed"))
        self._path, self._tracked, self._again = Path(), False, again
        self.again_button = button(
            tr("Take these numbers again"), "chip", lambda: self._again(self._path, self._tracked)
        )
        self.foot.addWidget(self.again_button)
        self.foot.addStretch()

    def tell(self, path: Path, made: Refreshed, copy: Path | None, *, tracked: bool = False) -> None:
        """What was done to a document, and where it is kept as it was."""
        from istrel.render.refresh.report import TAKEN_AGAIN

        self._path, self._tracked = path, tracked
        clear(self.body)
        self.title.setText(path.name)
        kept = tr(" It is kept as it was in {name}.", name=copy.name) if copy is not None else ""
        self.says.setText((_counted(made) or tr("Nothing moved.")) + kept)
        left = [line for line in made.found if not line.done]
        for head, lines in ((tr("Left as it is"), left), (tr("Exchanged"), [line for line in made.found if line.done])):
            if lines:
                self._gather(head, lines)
        self.body.addStretch()
        self.again_button.setVisible(any(line.why in TAKEN_AGAIN for line in left))
        self.open()

    def _gather(self, head: str, lines: list[Line]) -> None:
        title = label(head, "small")
        title.setContentsMargins(0, 8, 0, 0)
        self.body.addWidget(title)
        for line in lines[:MOST_LINES]:
            self.body.addWidget(label(retold(line.words), wrap=True))
        if len(lines) > MOST_LINES:
            self.body.addWidget(label(tr("and {n:,} more", n=len(lines) - MOST_LINES), "small"))


def _counted(made: Refreshed) -> str:
    done = sum(line.done for line in made.found)
    left = len(made.found) - done
    told = [tr("{n} exchanged", n=done)] if done else []
    return ", ".join([*told, *([tr("{n} to look at", n=left)] if left else [])]) + ("." if made.found else "")
