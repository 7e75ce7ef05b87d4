"""Small counts that stay hidden: which further numbers must be hidden so that what is shown narrows none of them.

Counts are sums of unknown atoms (cells of a table that nobody need have printed), all of them whole numbers from 0. What is
shown is an equation. Everything hidden bears one mark, so a reader knows no more of a small count than of any other.
Bounds are found by linear programs, and proven by programs in whole numbers.
"""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.stats.programs import Programs

SHOWN, SMALL, COMPANION = 0, 1, 2
SLACK = 1e-6
MOST_ATOMS = 3_000
MOST_WORK = 100_000  # atoms of all programs together: some seconds
MOST_FILLINGS = 60


@dataclass(frozen=True, eq=False)
class Counts:
    """What an exhibit would print.

    Attributes
    ----------
    members
        float64 (counts, atoms), sparse: 1 where an atom is part of a count.
    values
        int64 (counts,).
    links
        float64 (links, atoms), sparse: sums that are 0 by the make of the table.
    """

    members: Any
    values: NDArray[np.int64]
    links: Any


def states(counts: Counts, below: int) -> NDArray[np.int8]:
    """For every count: SHOWN, SMALL (from 1 to below − 1) or COMPANION (hidden so that no small one can be narrowed).

    Notes
    -----
    A small count must be able to be each of 1 to below − 1, a companion at least two values, in whole numbers, whatever is
    shown. Where it cannot, the smallest of the counts whose equations make it so is hidden too; in the end companions
    that turn out to be needless are shown again, the largest first. Where that would take too long, every count is hidden.
    """
    values = counts.values
    found = np.where((values > 0) & (values < below), SMALL, SHOWN).astype(np.int8)
    if not found.any():
        return found
    everything = np.where(found == SMALL, SMALL, COMPANION).astype(np.int8)
    if counts.members.shape[1] > MOST_ATOMS:
        return everything
    guard = _Guard(counts, below, found)
    for place in guard.hidden():
        while (binding := guard.binding(place)) is not None and binding >= 0:
            guard.state[binding] = COMPANION
        if guard.spent:
            return everything
    for place in guard.companions():
        if guard.spent:
            break
        guard.show_again(place)
    guard.prove_in_whole_numbers()
    return everything if guard.spent else guard.state


class _Guard:
    """Bounds of hidden counts under what is shown.

    For every hidden count two fillings of the atoms are kept that show how far it may be off: a small one at 1 or less and at
    below − 1 or more, a companion at two values. They stay witnesses while more is hidden; when something is shown again, only
    those that no longer fit are looked for anew.
    """

    def __init__(self, counts: Counts, below: int, state: NDArray[np.int8]) -> None:
        self.counts, self.below, self.state = counts, below, state
        self._rows, self._links = counts.members.tocsr(), counts.links.tocsr()
        self._members = counts.members.toarray()
        self._programs = Programs(self._rows, counts.values, self._links)
        self._witnesses: dict[int, NDArray[np.float64]] = {}
        self._fillings: list[NDArray[np.float64]] = []
        self._work = 0

    @property
    def spent(self) -> bool:
        """Whether so many programs were solved that an exhibit would wait for more."""
        return self._work > MOST_WORK

    def hidden(self) -> Iterator[int]:
        """Small counts first; companions as they come."""
        done: set[int] = set()
        while rest := [int(k) for k in np.flatnonzero(self.state != SHOWN) if int(k) not in done]:
            rest.sort(key=lambda k: self.state[k])
            done.add(rest[0])
            yield rest[0]

    def companions(self) -> list[int]:
        """Those that are hidden besides, the largest first."""
        places = np.flatnonzero(self.state == COMPANION).tolist()
        return sorted(places, key=lambda k: -int(self.counts.values[k]))

    def show_again(self, companion: int) -> None:
        """Show a companion after all, if no hidden count is narrowed by it."""
        self.state[companion] = SHOWN
        value, kept = self.counts.values[companion], dict(self._witnesses)
        for place in np.flatnonzero(self.state != SHOWN).tolist():
            known = self._witnesses.get(place)
            if known is not None and np.abs(known @ self._members[companion] - value).max() < SLACK:
                continue
            if self._look(place) is not None:
                self.state[companion], self._witnesses = COMPANION, kept
                return

    def binding(self, place: int) -> int | None:
        """The count to hide so that a hidden one is not narrowed; None where it is not; -1 where nothing is left to hide."""
        by = None if place in self._witnesses else self._look(place)
        if by is None:
            return None
        candidates = by if by.size else np.flatnonzero(self.state == SHOWN)
        if candidates.size == 0:
            return -1
        values, sizes = self.counts.values[candidates], self._members[candidates].sum(axis=1)
        return int(candidates[np.lexsort((sizes, values, values == 0))[0]])

    def _look(self, place: int) -> NDArray[np.int64] | None:
        """None where both witnesses are found, which are kept; else the shown counts whose equations are in the way."""
        small = self.state[place] == SMALL
        ends: list[NDArray[np.float64]] = []
        binding: list[NDArray[np.int64]] = []
        for lowest in (True, False):
            wanted = (1.0 if lowest else self.below - 1.0) if small else None
            known = self._known(place, wanted, lowest=lowest)
            if known is not None:
                ends.append(known)
                continue
            value, by, filling = self._solve(place, lowest=lowest)
            binding.append(by)
            if filling is None or (
                wanted is not None and (value > wanted + SLACK if lowest else value < wanted - SLACK)
            ):
                return by
            self._fillings.append(filling)
            ends.append(filling)
        pair = np.array(ends)
        if not small and abs(float((pair[1] - pair[0]) @ self._members[place])) < 1 - SLACK:
            return np.unique(np.concatenate(binding)).astype(np.int64) if binding else np.zeros(0, np.int64)
        self._witnesses[place] = pair
        return None

    def _known(self, place: int, wanted: float | None, *, lowest: bool) -> NDArray[np.float64] | None:
        """A filling found before that is far enough out and agrees with all that is shown."""
        true = float(self.counts.values[place])
        limit = wanted if wanted is not None else true - 1 if lowest else true + 1
        for filling in reversed(self._fillings[-MOST_FILLINGS:]):
            value = float(self._members[place] @ filling)
            if (value <= limit + SLACK if lowest else value >= limit - SLACK) and self._fits(filling):
                return filling
        return None

    def _fits(self, filling: NDArray[np.float64]) -> bool:
        """Whether a filling found earlier agrees with all that is shown now."""
        shown = self.state == SHOWN
        apart = (self._rows @ filling - self.counts.values)[shown]
        return bool(np.abs(apart).max(initial=0.0) < SLACK)

    def _solve(self, place: int, *, lowest: bool) -> tuple[float, NDArray[np.int64], NDArray[np.float64] | None]:
        """(the least or most that a count can be, the shown counts that bind it, a filling that shows it)."""
        self._work += self._members.shape[1]
        shown = self.state == SHOWN
        self._programs.hold(shown)
        goal = self._members[place] if lowest else -self._members[place]
        solved = self._programs.least(goal)
        if solved is None:
            return (np.inf if lowest else -np.inf), np.flatnonzero(shown), None
        binds, filling = solved
        return float(self._members[place] @ filling), np.flatnonzero(binds), filling

    # In whole numbers.
    def prove_in_whole_numbers(self) -> None:
        """Hides further counts until every hidden one can be each value that it must be able to be.

        One filling shows a value of every hidden count at once, so few programs serve many counts.
        """
        fillings: list[NDArray[np.int64]] = []
        while not self.spent:
            fillings = [filling for filling in fillings if self._fits(filling.astype(np.float64))]
            lacking = self._lacking(fillings)
            if lacking is None:
                return
            place, ranges = lacking
            found = next((f for low, high in ranges if (f := self._whole(place, low, high)) is not None), None)
            if found is not None:
                fillings.append(found)
            elif not self._hide_beside(place):
                return

    def _lacking(self, fillings: list[NDArray[np.int64]]) -> tuple[int, list[tuple[float, float]]] | None:
        """A hidden count, and in which ranges it must still be shown to lie; None where all is proven."""
        for place in np.flatnonzero(self.state != SHOWN).tolist():
            value = int(self.counts.values[place])
            seen = {value, *(int(self._members[place] @ filling) for filling in fillings)}
            if self.state[place] == SMALL:
                lacks = next((v for v in range(1, self.below) if v not in seen), None)
                if lacks is not None:
                    return place, [(lacks, lacks)]
            elif len(seen) == 1:
                return place, [(0, value - 1), (value + 1, np.inf)]
        return None

    def _hide_beside(self, place: int) -> bool:
        """Hides the smallest of the shown counts that share an atom with this one; False where nothing is left to hide."""
        shown = np.flatnonzero(self.state == SHOWN)
        touching = shown[self._members[shown] @ self._members[place] > 0]
        candidates = touching if touching.size else shown
        if not candidates.size:
            return False
        values = self.counts.values[candidates]
        self.state[candidates[np.lexsort((values, values == 0))[0]]] = COMPANION
        return True

    def _whole(self, place: int, low: float, high: float) -> NDArray[np.int64] | None:
        """A filling in whole numbers that agrees with all that is shown and gives this count a value from low to high."""
        self._work += self._members.shape[1]
        self._programs.hold(self.state == SHOWN)
        return self._programs.whole(place, low, high)


def one_sum(values: NDArray[np.int64], below: int) -> NDArray[np.int8] | None:
    """As `states`, for counts of which only the sum is known besides: without a program, however many they are.

    None where the sum narrows small counts even if all are hidden. Zeros are companions of last resort.
    """
    flat = values.ravel()
    found = np.where((flat > 0) & (flat < below), SMALL, SHOWN).astype(np.int8)
    ascending = [k for k in np.argsort(flat, kind="stable").tolist() if found[k] == SHOWN]
    zeros = [k for k in ascending if flat[k] == 0]
    order = [k for k in ascending if flat[k] > 0] + zeros[:1]  # one zero that may be anything serves as well as all
    while (found == SMALL).any():
        hidden = flat[found != SHOWN]
        if hidden.size > 1 and hidden.sum() >= below - 1:
            break
        if not order:
            return None
        found[order.pop(0)] = COMPANION
    return found.reshape(values.shape)
