"""What several kinds of findings need to know of a variable, found out once: its codes and what remains without them."""

from __future__ import annotations

from dataclasses import dataclass, field
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.derive import free_name
from istrel.data.formula.tree import Call, Formula
from istrel.data.guess import suspected_codes
from istrel.data.guess_rows import weighted_by
from istrel.data.levels import Level
from istrel.data.markers import holds_code_like
from istrel.data.row_marks import repeats
from istrel.data.rows import Rows
from istrel.data.screening.finding import NewVariable, Remedy
from istrel.stats.glance import Glance
from istrel.stats.remote import OtherUnit, may_be_in_other_unit, other_unit, remote

Mask = NDArray[np.bool_]
BY_CHANCE = 0.05
FEWEST_CODES = (
    2  # times that a positive code stands, over all variables, before it is suspected: one 99 among ages may be an age
)
OUT_OF_REACH = 5.0  # ranges of the other values beyond which one such code is enough: 999 among strides of 60 to 70 cm


@dataclass(frozen=True, eq=False)
class Look:
    """The data to be screened, with what was found out so far.

    Attributes
    ----------
    today
        The day after which a date lies in the future.
    only
        The variables to look at; None for all.
    copies
        Variables that were found to say what another one says: their shape is told once.
    """

    data: Dataset
    today: np.datetime64
    only: frozenset[str] | None = None
    copies: set[str] = field(default_factory=set)
    _of_kinds: dict[Kind, tuple[str, ...]] = field(default_factory=dict)
    _of_the_form: dict[str, tuple[float, ...]] = field(default_factory=dict)
    _plain: dict[str, Glance | None] = field(default_factory=dict)
    _far: dict[str, Mask] = field(default_factory=dict)
    _other_units: dict[str, OtherUnit | None] = field(default_factory=dict)

    @cached_property
    def names(self) -> tuple[str, ...]:
        """Variables of the source that are in use; what is derived follows its parents."""
        looked_at = (v for v in self.data.codebook.variables if self.only is None or v.name in self.only)
        return tuple(v.name for v in looked_at if v.in_use and v.formula is None)

    def of_kind(self, kind: Kind) -> tuple[str, ...]:
        if kind not in self._of_kinds:
            self._of_kinds[kind] = tuple(name for name in self.names if self.data.table.column(name).kind is kind)
        return self._of_kinds[kind]

    @cached_property
    def weighted(self) -> Rows:
        """How the rows are weighted, or may be where nothing is said of them."""
        rows = self.data.codebook.rows
        return rows if rows.said else weighted_by(self.data.table, self.data.codebook)

    @cached_property
    def measured(self) -> tuple[str, ...]:
        """Numbers whose size means something by itself: weights do not."""
        numbers = (name for name in self.of_kind(Kind.NUMBER) if name != self.weighted.weight)
        return tuple(name for name in numbers if self.data.variable(name).level.measured)

    def level(self, name: str) -> Level:
        return self.data.variable(name).level

    def codes(self, name: str) -> tuple[float, ...]:
        """Values of a variable of numbers that look like codes for "no answer"."""
        return tuple(
            code
            for code in self._like_codes(name)
            if code <= 0 or self._times[code] >= FEWEST_CODES or self._out_of_reach(name, code)
        )

    def _like_codes(self, name: str) -> tuple[float, ...]:
        """Values that have the form and the place of codes, be it once."""
        if name not in self._of_the_form:
            seen = self.data.glance(name)
            none = (
                not seen.marked
                if seen is not None
                else self.only is not None and not holds_code_like(self.data.numbers(name).values)
            )
            if none:
                self._of_the_form[name] = ()
                return ()
            level = self.level(name)
            coded = level not in (Level.IDENTIFIER, Level.NOMINAL, Level.BINARY) or self.data.tally(name)[0].size > 2
            distinct, _ = self.data.tally(name)
            self._of_the_form[name] = suspected_codes(distinct) if coded and level is not Level.IDENTIFIER else ()
        return self._of_the_form[name]

    @cached_property
    def _times(self) -> dict[float, int]:
        """{value of the form of a code: how often it stands, over all variables of numbers in which it could be one}."""
        times: dict[float, int] = {}
        for name in self.of_kind(Kind.NUMBER):
            distinct, counts = self.data.tally(name)
            for code in self._like_codes(name):
                times[code] = times.get(code, 0) + int(counts[np.searchsorted(distinct, code)])
        return times

    def _out_of_reach(self, name: str, code: float) -> bool:
        """Whether a code lies so far above all other values that it can be none of them."""
        distinct, _ = self.data.tally(name)
        rest = distinct[~np.isin(distinct, self._like_codes(name))]
        return bool(code - rest[-1] > OUT_OF_REACH * (rest[-1] - rest[0]))

    def without_codes(self, name: str) -> Mask:
        """Cases with a value that is no suspected code, shape (rows,)."""
        numbers = self.data.numbers(name)
        codes = self.codes(name)
        return numbers.valid & ~np.isin(numbers.values, codes) if codes else numbers.valid

    def plain(self, name: str) -> Glance | None:
        """What was seen of a variable of which no value is a code, far from the rest or of another unit; None of any other."""
        if name not in self._plain:
            seen = self.data.glance(name)
            odd = seen is None or seen.far or self.codes(name) or self.other_unit(name) is not None
            self._plain[name] = None if odd else seen
        return self._plain[name]

    def usable(self, name: str) -> Mask:
        """Cases with a value that is neither a suspected code nor far from all others, nor of another unit, shape (rows,)."""
        if self.plain(name) is not None:
            return self.data.numbers(name).valid
        usable = self.without_codes(name) & ~self.far(name)
        found = self.other_unit(name)
        return usable if found is None else usable & ~found.mask

    def other_unit(self, name: str) -> OtherUnit | None:
        """Cases with a value in another unit than the rest, mask of shape (rows,); None where none is."""
        if name not in self._other_units:
            seen = self.data.glance(name)
            if seen is not None and not may_be_in_other_unit(seen.n, seen.low, seen.high):
                self._other_units[name] = None
                return None
            candidates = self.without_codes(name)
            found = other_unit(self.data.numbers(name).values[candidates])
            if found is not None:
                mask = np.zeros(candidates.size, bool)
                mask[np.flatnonzero(candidates)[found.mask]] = True
                found = found._replace(mask=mask)
            self._other_units[name] = found
        return self._other_units[name]

    def far(self, name: str) -> Mask:
        """Cases with a value far from all others, shape (rows,): no codes, and no dates of the future."""
        if name not in self._far:
            candidates = self.candidates(name)
            mask = np.zeros(candidates.size, bool)
            mask[np.flatnonzero(candidates)[remote(self.data.numbers(name).values[candidates])]] = True
            self._far[name] = mask
        return self._far[name]

    def candidates(self, name: str) -> Mask:
        """Cases whose value could be remote."""
        column = self.data.table.column(name)
        if column.kind is not Kind.DATE:
            return self.without_codes(name)
        return np.asarray(self.data.present(name) & (column.values.astype("datetime64[D]") <= self.today))

    def values(self, name: str) -> NDArray[np.float64]:
        """The values of the usable cases."""
        return self.data.numbers(name).values[self.usable(name)]

    def offer(self, words: str, name: str, formula: Formula) -> tuple[Remedy, ...] | None:
        """A remedy that derives a variable; None where one of this kind is there already: the matter was seen to."""
        if any(_alike(known, formula) for known in self._derived):
            return None
        return (Remedy(words, NewVariable(free_name(name, self.data.table), formula)),)

    @cached_property
    def _derived(self) -> tuple[Formula, ...]:
        """The formulas of the variables that are derived."""
        return tuple(variable.formula for variable in self.data.codebook.variables if variable.formula is not None)

    @cached_property
    def repeated(self) -> Mask:
        """Cases that repeat an earlier one in every column, shape (rows,); none where so many agree by chance."""
        columns = [self.data.table.column(name) for name in self.names]
        found = repeats(columns, self.data.kept) if len(columns) > 1 else np.zeros(self.data.n_rows, bool)
        return np.zeros_like(found) if self._by_chance(int(found.sum())) else found

    def _by_chance(self, found: int) -> bool:
        """Whether so many rows are likely to agree by chance: a few categories repeat in every file.

        Pairs expected to agree if the variables were independent: n²/2 times the product of each one's chance.
        """
        n, agreement = self.data.n_cases, 1.0
        for name in self.names if found else ():
            _, counts = self.data.tally(name)
            agreement *= float(((counts / n) ** 2).sum() + (1 - counts.sum() / n) ** 2)
        return bool(n * n / 2 * agreement > BY_CHANCE * found)


def _alike(a: Formula, b: Formula) -> bool:
    """The same formula, or the same function of the same variable (bands with other cuts)."""
    if isinstance(a, Call) and isinstance(b, Call) and a.function == "bands":
        return a.function == b.function and a.arguments[:1] == b.arguments[:1]
    return a == b
