"""What a part of the manuscript is on screen, made off the window's thread: laid out, its texts in pieces."""

from __future__ import annotations

from dataclasses import dataclass, field

from istrel.app.proof.jobs import Proof, show_exhibit
from istrel.app.words import tr
from istrel.exhibits.printing import label_in
from istrel.exhibits.quoting import quotable
from istrel.study.appendix import TITLE, appendix
from istrel.study.manuscript import Entry, Written, part_now, shelf_of
from istrel.study.parts import Kept, Part, Prose, Words
from istrel.study.prose import Shown, notes_prose, prose_of, shown
from istrel.study.remake import made
from istrel.study.study import Study
from istrel.style.house import HouseStyle


@dataclass(frozen=True, eq=False)
class Leaf:
    """A part made.

    Attributes
    ----------
    proof
        An exhibit with its figure laid out; None for a passage, or where it cannot be made.
    texts
        {"prose"; of the appendix "head" and its lines; of an exhibit "text", "methods" and "notes": the pieces as they read now}.
    """

    now: Entry | Written
    proof: Proof | None = None
    texts: dict[str, tuple[Shown, ...]] = field(default_factory=dict)
    style: HouseStyle | None = None


def make_leaf(part: Part, study: Study, style: HouseStyle) -> Leaf:
    """A part as it is now: work for a thread."""
    shelf = shelf_of(study, style)
    now = part_now(part, study, style, shelf)
    if isinstance(now, Written):
        if now.passage.role == "appendix":
            said = (label_in(TITLE, style), *appendix(study, style))
            names = ("head", *(tr("line {number}", number=number) for number in range(1, len(said))))
            return Leaf(now, None, {name: (Shown(Words(line), line),) for name, line in zip(names, said, strict=True)})
        return Leaf(now, None, {"prose": shown(now.passage.prose, shelf)})
    if now.exhibit is None:
        return Leaf(now)
    texts = {name: shown(_prose(now.kept, name, study, style), shelf) for name in ("text", "methods", "notes")}
    if now.moved:
        quotable(now.exhibit)  # what the margin will print is found here, not on the window's thread
    return Leaf(now, show_exhibit(now.exhibit, style), texts, style)


def _prose(kept: Kept, name: str, study: Study, style: HouseStyle) -> Prose:
    """What is edited, or the exhibit's own words as prose."""
    said: Prose | None = getattr(kept, name)
    if said is not None:
        return said
    exhibit = made(kept, study)
    if name == "notes":
        return notes_prose(exhibit.sheet, kept.id, style)
    return prose_of(exhibit.text if name == "text" else exhibit.methods, kept.id, style)
