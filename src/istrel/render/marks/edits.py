"""What must be exchanged in letters so that they read as others, number by number and word by word."""

from __future__ import annotations

import re
from collections.abc import Callable
from difflib import SequenceMatcher
from itertools import accumulate
from typing import NamedTuple

TOKEN = re.compile(r"[−-]?\.?\d(?:[\d.,]*\d)?|\w+|\s+|.", re.DOTALL)


class Edit(NamedTuple):
    """Letters from `start` to `end` exchanged for others."""

    start: int
    end: int
    letters: str


def edits(old: str, new: str) -> list[Edit]:
    """The exchanges in their order; blanks count alike."""
    mine, theirs = TOKEN.findall(old), TOKEN.findall(new)
    one, other = ([" " if token.isspace() else token for token in tokens] for tokens in (mine, theirs))
    starts = [0]
    for token in mine:
        starts.append(starts[-1] + len(token))
    changes = SequenceMatcher(None, one, other, autojunk=False).get_opcodes()
    found = [Edit(starts[i], starts[j], "".join(theirs[k:n])) for what, i, j, k, n in changes if what != "equal"]
    if found and mine and found[0].end == 0:  # what comes first is put in together with the word that stands there
        found[0] = Edit(0, starts[1], found[0].letters + mine[0])
    return found


def reach(edit: Edit, sizes: list[int], holds: Callable[[int], bool] = lambda _: True) -> list[tuple[int, int, int]]:
    """(place, from, to) of all that an edit touches among places of so many letters; where it only adds, the place that it adds
    to, of those that can hold more.
    """
    starts = [0, *accumulate(sizes)]
    found = []
    for place, size in enumerate(sizes):
        low, high = max(edit.start - starts[place], 0), min(edit.end - starts[place], size)
        if low < high:
            found.append((place, low, high))
    if found:
        return found
    for place, size in enumerate(sizes):
        if starts[place] + size >= edit.start and holds(place):
            at = max(edit.start - starts[place], 0)
            return [(place, at, at)]
    return []
