"""Counts of an exhibit entered as sums of atoms, so that what must be hidden besides the small ones can be worked out.

An atom is a part of what is counted (a value, a reason, "valid") in one column of the joint table of all groupings. A verb or
form enters every count it shows; what is said of counts that were not entered is refused.
"""

from __future__ import annotations

from collections.abc import Hashable, Sequence
from dataclasses import dataclass, field, replace
from itertools import product

import numpy as np

from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.text import Count, Hidden
from istrel.stats.disclosure import COMPANION, MOST_ATOMS, SHOWN, SMALL, Counts, states

Column = tuple[int, ...]
MOST_COLUMNS = 400


@dataclass
class Ledger:
    """Counts entered as sums of atoms; `shown` says afterwards what may be shown of each.

    Attributes
    ----------
    untold
        True where all counts of the exhibit are hidden, because they tell each other.
    """

    groupings: Sequence[Grouping]
    below: int
    untold: bool = False
    _atoms: dict[Hashable, int] = field(default_factory=dict)
    _entries: dict[Hashable, tuple[list[int], int]] = field(default_factory=dict)
    _parts: dict[Hashable, dict[Hashable, None]] = field(default_factory=dict)
    _states: dict[Hashable, int] | None = None

    def __post_init__(self) -> None:
        self._named = [grouping for grouping in self.groupings if grouping.names]
        choices = [range(-1, grouping.n_groups) for grouping in self._named]
        size = int(np.prod([len(choice) for choice in choices], dtype=float))
        self.boundless = size > MOST_COLUMNS
        self._columns: list[Column] = [] if self.boundless else list(product(*choices))

    def columns(self, group: Group) -> list[Column]:
        """The columns of the joint table that make up a group."""
        names = tuple(name for name, _ in group.named)
        for place, grouping in enumerate(self._named):
            if grouping.names == names:
                number = grouping.groups.index(group)
                return [column for column in self._columns if column[place] == number]
        return self._columns

    def enter(self, key: Hashable, what: Hashable, parts: Sequence[Hashable], group: Group | None, count: int) -> None:
        """One count: of these parts of something that is counted, in a group (None: of all cases in use)."""
        known = self._parts.setdefault(what, {})
        known.update(dict.fromkeys(parts))
        columns = self._columns if group is None else self.columns(group)
        self._enter(key, [(what, part, column) for part in parts for column in columns], count)

    def enter_used(self, what: Hashable, count: Count) -> None:
        """How many cases are in use: all parts of something that is counted."""
        self.enter("used", what, list(self._parts[what]), None, number_of(count))

    def enter_ungrouped(self, what: Hashable) -> None:
        """How many cases are in no group of each grouping."""
        for place, grouping in enumerate(self._named):
            columns = [column for column in self._columns if column[place] == -1]
            atoms = [(what, part, column) for part in self._parts[what] for column in columns]
            self._enter(("ungrouped", grouping.names), atoms, number_of(grouping.missing))

    def _enter(self, key: Hashable, atoms: Sequence[Hashable], count: int) -> None:
        self._entries[key] = [self._atoms.setdefault(atom, len(self._atoms)) for atom in atoms], count

    def _links(self) -> list[dict[int, float]]:
        """A column holds as many cases whatever is counted in it."""
        links = []
        first, *others = self._parts
        for other in others:
            for column in self._columns:
                sides = [(first, 1.0), (other, -1.0)]
                atoms = {self._atom(what, part, column): sign for what, sign in sides for part in self._parts[what]}
                links.append(atoms)
        return links

    def _atom(self, what: Hashable, part: Hashable, column: Column) -> int:
        return self._atoms.setdefault((what, part, column), len(self._atoms))

    def _solved(self) -> dict[Hashable, int]:
        from scipy.sparse import csr_array

        keys = list(self._entries)
        values = np.array([self._entries[key][1] for key in keys], np.int64)
        small = (values > 0) & (values < self.below)
        if not small.any():
            return dict.fromkeys(keys, SHOWN)
        if self.boundless or len(self._atoms) > MOST_ATOMS:  # too many to prove anything: every other count is hidden
            return dict(zip(keys, np.where(small, SMALL, COMPANION).tolist(), strict=True))
        links = self._links() if len(self._parts) > 1 else []
        width = len(self._atoms)
        rows = [(row, atom) for row, key in enumerate(keys) for atom in self._entries[key][0]]
        tied = [(row, atom, sign) for row, atoms in enumerate(links) for atom, sign in atoms.items()]
        members = csr_array((np.ones(len(rows)), tuple(np.array(rows).T)), shape=(len(keys), width))
        across = np.array(tied).reshape(-1, 3).T
        equal = csr_array((across[2], across[:2].astype(int)), shape=(len(links), width))
        found = states(Counts(members, values, equal), self.below)
        return dict(zip(keys, found.tolist(), strict=True))

    def is_hidden(self, key: Hashable) -> bool:
        """Whether a count that was entered must not be shown; one that nobody entered is a fault of ours."""
        if self._states is None:
            self._states = self._solved()
        return self._states[key] != SHOWN

    def shown(self, key: Hashable, count: Count) -> Count:
        """The count, or that it is hidden."""
        return Hidden() if self.is_hidden(key) else count


def number_of(count: Count) -> int:
    """A count as a number; 0 where it is hidden."""
    return count if isinstance(count, int) else 0


def hidden_cases(cases: Cases, ledger: Ledger) -> Cases:
    """How many cases are used, and of how many: a small rest would be told by the two together."""
    used = ledger.shown("used", cases.used)
    rest = number_of(cases.total) - number_of(cases.used)
    tells = 0 < rest < ledger.below or isinstance(used, Hidden)
    return replace(cases, used=used, total=Hidden() if tells else cases.total)


def hidden_groupings(groupings: tuple[Grouping, ...], ledger: Ledger) -> tuple[Grouping, ...]:
    """How many cases are in no group, as far as it may be shown."""
    return tuple(
        replace(g, missing=ledger.shown(("ungrouped", g.names), g.missing)) if g.names else g for g in groupings
    )


# Where counts and tests tell each other, one small count hides all counts of the exhibit.
def any_small(counts: Sequence[int], below: int) -> bool:
    """Whether a count is from 1 to below − 1."""
    return any(0 < count < below for count in counts)


def without_counts(cases: Cases) -> Cases:
    """The cases without how many they are."""
    return replace(cases, used=Hidden(), total=Hidden())


def without_missing(groupings: tuple[Grouping, ...]) -> tuple[Grouping, ...]:
    """Groupings without how many cases are in none of their groups; that there are none may be known."""
    return tuple(replace(g, missing=Hidden() if g.missing else 0) for g in groupings)
