"""What people call a variable: its name or label in any case, the beginning of either, or a word from the middle."""

from __future__ import annotations

import re
from collections.abc import Sequence

SHORTEST = 2  # letters of a beginning or of a word from the middle
BETWEEN = re.compile(r"[\s_.]+")


class Callings:
    """The variables of a codebook by all that they may be called; built once per codebook."""

    def __init__(self, named: Sequence[tuple[str, str]]) -> None:
        """From (name, label) pairs."""
        self._spoken = [(name, spoken(name), spoken(label)) for name, label in named]

    def called(self, text: str) -> tuple[str, ...]:
        """The names of all variables that may be meant: those that fit best only, in the order of the codebook."""
        wanted = spoken(text)
        if not wanted or not any(letter.isalpha() for letter in wanted):
            return ()
        for found in (
            [name for name, *_ in self._spoken if name.casefold() == text.strip().casefold()],
            [name for name, *parts in self._spoken if wanted in parts],
        ):
            if found:
                return tuple(found)
        if len(wanted) < SHORTEST:
            return ()
        beginning = [name for name, *parts in self._spoken if any(part.startswith(wanted) for part in parts)]
        if beginning:
            return tuple(beginning)
        inside = re.compile(rf"(?<!\w){re.escape(wanted)}")
        return tuple(name for name, *parts in self._spoken if any(inside.search(part) for part in parts))

    def fit(self, text: str) -> dict[str, int]:
        """{name: how well it fits what is being typed}: 0 begins so, 1 the label does, 2 a word does, 3 it stands anywhere."""
        wanted = spoken(text)
        inside = re.compile(rf"(?<!\w){re.escape(wanted)}")
        found: dict[str, int] = {}
        for name, first, label in self._spoken:
            if first.startswith(wanted):
                found[name] = 0
            elif label.startswith(wanted):
                found[name] = 1
            elif inside.search(first) or inside.search(label):
                found[name] = 2
            elif wanted in first or wanted in label or wanted in name.casefold():
                found[name] = 3
        return found


def spoken(text: str) -> str:
    """A name as it is said: without capitals, with spaces for what stands between words."""
    return BETWEEN.sub(" ", text.casefold()).strip()
