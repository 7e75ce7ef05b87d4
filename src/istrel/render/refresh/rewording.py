"""Words that were edited in the study since: exchanged in the paragraphs that their authors left alone, else named."""

from __future__ import annotations

from collections.abc import Mapping
from itertools import groupby

from istrel.english import english
from istrel.render.marks.edits import Edit, edits
from istrel.render.marks.memory import Memory
from istrel.render.marks.passages import Passage
from istrel.render.marks.said import Said, bare, read_in
from istrel.render.refresh.living import Living
from istrel.render.refresh.report import WHAT, Line, Refreshed
from istrel.study.prose import LOST, Shelf

LONG = 60  # letters of a paragraph in a line
OTHER = english("the paragraph reads otherwise in the document, or its numbers are others now")
OF_NOTHING = english("refers to an exhibit that is not in the study any more")


def reword(living: Living, passages: list[Passage], shelf: Shelf, done: Refreshed) -> bool:
    """Whether words of any paragraph were exchanged."""
    memory, fresh = living.memory, living.fresh.said
    there: dict[Said, list[Passage]] = {}
    for passage in passages:
        said = read_in(passage) if passage.letters else None
        if said is not None:
            there.setdefault(bare(said), []).append(passage)
    _remember_new(memory, fresh, there)
    any_done = False
    for key, old in memory.said.items():
        new = fresh.get(key)
        if new is None or bare(new) == bare(old):
            continue
        line = Line(_where(key, shelf), *_differing(old, new))
        if any(LOST in part for part in new):
            done.say(line._replace(new="", done=False, why=OF_NOTHING))
            continue
        found = there.get(bare(old), ())
        parts = [_edits(passage, new) for passage in found]
        if not found or any(part is None for part in parts):
            if bare(new) not in there:
                done.say(line._replace(done=False, why=OTHER))
            continue
        for passage, part in zip(found, parts, strict=True):
            living.reword(passage, part or [])
        memory.said[key], any_done = new, True
        done.say(line)
    return any_done


def _remember_new(memory: Memory, fresh: Mapping[str, Said], there: Mapping[Said, object]) -> None:
    """What the document does not remember, and says as the study does now."""
    for key, new in fresh.items():
        if bare(new) in there:
            memory.said[key] = new


def _edits(passage: Passage, new: Said) -> list[Edit] | None:
    """What is exchanged in a paragraph, between its numbers; None where that cannot be."""
    said = read_in(passage)
    if said is None or said[1::2] != new[1::2]:
        return None
    found, place = [], 0
    numbers = [len(list(letters)) for owner, letters in groupby(passage.owners) if owner is not None]
    for old, other, number in zip(said[::2], new[::2], [*numbers, 0], strict=True):
        if not old and other.strip():
            return None
        if "".join(old.split()) != "".join(other.split()):
            found += [Edit(place + one.start, place + one.end, one.letters) for one in edits(old, other)]
        place += len(old) + number
    return found


def _where(key: str, shelf: Shelf) -> str:
    identity, _, what = key.partition(":")
    label = shelf.labels.get(identity, "")
    if not label:
        return english("A paragraph")
    return english("{label}, {what}", label=label, what=WHAT.get(what) or english("text"))


def _differing(old: Said, new: Said) -> tuple[str, str]:
    """Where two paragraphs begin to differ, in a few words of each; numbers stand as dots."""
    one, other = ("…".join(said[::2]) for said in (old, new))
    same = next((k for k, (a, b) in enumerate(zip(one, other, strict=False)) if a != b), min(len(one), len(other)))
    start = max(one.rfind(" ", 0, same) + 1, 0)
    return _short(one[start:]), _short(other[start:])


def _short(words: str) -> str:
    cut = words if len(words) <= LONG else f"{words[:LONG].rpartition(' ')[0]} …"
    return f"“{cut}”"
