"""What can be done with a part of the manuscript: words and what they do."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING

from istrel.study.changes.manuscript import Drop, Duplicate, Move, Retitle, Write
from istrel.study.parts import Kept, Part

if TYPE_CHECKING:
    from istrel.app.stations.manuscript.manuscript import Manuscript

Tool = tuple[str, Callable[[], object]]
END = 10**6
TEXTS = {"text": "results text", "methods": "methods text"}


def tools_of(part: Part, station: Manuscript) -> list[Tool]:
    """The tools of a part, those of its texts last."""
    other = "to the main text" if part.supplement else "to the supplement"
    tools: list[Tool] = []
    if isinstance(part, Kept):
        tools.append(("at the Bench", partial(station.take_to_bench, part)))
    tools += [
        ("duplicate", partial(station.do, Duplicate(part.id))),
        ("take out", partial(station.do, Drop(part.id))),
        (other, partial(station.do, Move(part.id, END, not part.supplement))),
    ]
    if isinstance(part, Kept):
        tools += _of_texts(part, station)
    return tools


def _of_texts(kept: Kept, station: Manuscript) -> list[Tool]:
    """Texts shown or left out; what was edited given back its own words."""
    tools: list[Tool] = []
    for name, words in TEXTS.items():
        prose = getattr(kept, name)
        if prose == ():
            tools.append((f"+ {words}", partial(station.do, Write(kept.id, name, None))))  # type: ignore[arg-type]
        else:
            tools.append((f"no {words}", partial(station.do, Write(kept.id, name, ()))))  # type: ignore[arg-type]
        if prose:
            tools.append((f"own {words} again", partial(station.do, Write(kept.id, name, None))))  # type: ignore[arg-type]
    if kept.title:
        tools.append(("own title again", partial(station.do, Retitle(kept.id, ""))))
    if kept.notes is not None:
        tools.append(("own notes again", partial(station.do, Write(kept.id, "notes", None))))
    return tools
