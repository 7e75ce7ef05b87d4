"""What can be done with a part of the manuscript: words and what they do."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from istrel.app.stations.manuscript.parts import Parts
from istrel.app.words import tr
from istrel.english import english
from istrel.study.changes.manuscript import Drop, Duplicate, Move, Retitle, Write
from istrel.study.parts import Kept, Part

Tool = tuple[str, Callable[[], object]]
END = 10**6
TEXTS = {"text": english("results text"), "methods": english("methods text")}


def tools_of(part: Part, parts: Parts) -> list[Tool]:
    """The tools of a part, those of its texts last."""
    other = tr("to the main text") if part.supplement else tr("to the supplement")
    tools: list[Tool] = []
    if isinstance(part, Kept):
        tools.append((tr("at the Bench"), partial(parts.take_to_bench, part)))
    tools += [
        (tr("duplicate"), partial(parts.do, Duplicate(part.id))),
        (tr("take out"), partial(parts.do, Drop(part.id))),
        (other, partial(parts.do, Move(part.id, END, not part.supplement))),
    ]
    if isinstance(part, Kept):
        tools += _of_texts(part, parts)
    return tools


def _of_texts(kept: Kept, parts: Parts) -> list[Tool]:
    """Texts shown or left out; what was edited given back its own words."""
    tools: list[Tool] = []
    for name, words in TEXTS.items():
        prose = getattr(kept, name)
        if prose == ():
            tools.append((f"+ {tr(words)}", partial(parts.do, Write(kept.id, name, None))))  # type: ignore[arg-type]
        else:
            tools.append((tr("no {words}", words=tr(words)), partial(parts.do, Write(kept.id, name, ()))))  # type: ignore[arg-type]
        if prose:
            tools.append((tr("own {words} again", words=tr(words)), partial(parts.do, Write(kept.id, name, None))))  # type: ignore[arg-type]
    if kept.title:
        tools.append((tr("own title again"), partial(parts.do, Retitle(kept.id, ""))))
    if kept.notes is not None:
        tools.append((tr("own notes again"), partial(parts.do, Write(kept.id, "notes", None))))
    return tools
