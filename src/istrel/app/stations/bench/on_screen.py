"""A sentence as the line shows it: names that need back quotes stand between marks that take no room.

Places are the same on screen and in the sentence: every sign has one that stands for it.
"""

from __future__ import annotations

import re
from itertools import pairwise

from istrel.sentence.quoting import IN_BACK_QUOTES

MARK = "\u2063"  # invisible separator: where a name begins and ends
DOUBLED = "\u2064"  # invisible plus: the back quote before it stands twice in the sentence
BREAK = "\u2424"  # a line break within a name
SPACES = (" ", "\u00a0", "\u202f", "\u2007", "\ue0a7")  # within a name each stands as the next: a chip does not break
AS_NEXT = str.maketrans(dict(pairwise(SPACES)))
AS_BEFORE = str.maketrans({shown: meant for meant, shown in pairwise(SPACES)})
BETWEEN_MARKS = re.compile(f"{MARK}[^{MARK}]*{MARK}")
QUOTED = re.compile(IN_BACK_QUOTES)


def on_screen(sentence: str) -> str:
    """The sentence without a back quote."""
    return QUOTED.sub(lambda found: _marked(found.group()[1:-1]), sentence)


def _marked(name: str) -> str:
    shown = name.replace("``", f"`{DOUBLED}").replace("\n", BREAK).translate(AS_NEXT)
    return f"{MARK}{shown}{MARK}"


def as_typed(shown: str) -> str:
    """The sentence that stands on screen, with its back quotes."""
    return BETWEEN_MARKS.sub(lambda found: _quoted(found.group()[1:-1]), shown).replace(MARK, " ")


def _quoted(name: str) -> str:
    typed = name.translate(AS_BEFORE).replace(f"`{DOUBLED}", "``").replace(BREAK, "\n")
    return f"`{typed}`"


def units(text: str, place: int) -> int:
    """The place as the toolkit counts it, where letters beyond the basic plane (emoji) count as two."""
    return place + sum(letter > "\uffff" for letter in text[:place])


def letters(text: str, unit: int) -> int:
    """The place in letters of one that the toolkit counts."""
    place = 0
    while place < len(text) and units(text, place) < unit:
        place += 1
    return place
