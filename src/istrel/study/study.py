"""The study as one immutable value. Nothing changes it but the changes of `changes`, through `history`."""

from __future__ import annotations

import secrets
from dataclasses import dataclass, field, replace
from functools import cached_property
from typing import Any

from istrel.data.codebook import Codebook
from istrel.data.corrections import Aside, Correction, aside_mask, corrected
from istrel.data.dataset import Dataset, Mask
from istrel.data.derive import Workings, with_derived
from istrel.data.formula.evaluate import holds
from istrel.data.formula.tree import Condition
from istrel.data.spread import counts_of
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem
from istrel.sentence.request import Request
from istrel.stats.distinct import distinct_values
from istrel.study.parts import Kept, Part
from istrel.study.recipes import Recipe
from istrel.study.remembered import Remembered

FIRST = "s1"


@dataclass(eq=False)
class Made:
    """What was computed for the last version of a source, so that the next computes only what changed."""

    derived: Workings = field(default_factory=dict)
    corrected: tuple[Any, Table] | None = None
    aside: tuple[Any, Any] | None = None
    data: Dataset | None = None
    exhibits: Remembered = field(default_factory=Remembered)


@dataclass(frozen=True, eq=False)
class StudySource:
    """One table of data in a study, and everything that was said about it.

    Attributes
    ----------
    raw
        As it was read; never changed.
    id
        Given by the study when the source joins it; it never changes.
    recipe
        How it came to be.
    asides
        Cases set aside: they are in no exhibit.
    standing
        The condition on cases that holds for every exhibit.
    """

    raw: Table
    codebook: Codebook
    corrections: tuple[Correction, ...] = ()
    asides: tuple[Aside, ...] = ()
    standing: Condition | None = None
    id: str = FIRST
    recipe: Recipe | None = None
    made: Made = field(default_factory=Made, repr=False)

    @property
    def name(self) -> str:
        return self.raw.source.name

    @cached_property
    def data(self) -> Dataset:
        """The table with its corrections and derived variables, seen through the codebook; made once per version.

        Raises
        ------
        Problem
            Where a derived variable cannot be made.
        """
        made, earlier = self.made, self.made.data
        table, aside = made.corrected, made.aside  # taken once: another version may be made on another thread
        if table is None or table[0] != self.corrections:
            table = made.corrected = self.corrections, corrected(self.raw, self.corrections)
        if aside is None or aside[0] != self.asides:
            aside = made.aside = self.asides, aside_mask(self.asides, self.raw.n_rows)
        data = Dataset(table[1], self.codebook, aside[1], asides=self.asides)
        if earlier is not None:
            data.taking_over(earlier)
        data = with_derived(data, made.derived)
        if earlier is not None:
            data.taking_over(earlier)
        made.data = data
        return data

    @cached_property
    def n_used(self) -> int:
        """Cases that are not set aside and meet the standing condition."""
        return self.data.n_cases if self.standing is None else int(self._used.sum())

    @cached_property
    def _used(self) -> Mask:
        return self.data.kept if self.standing is None else holds(self.standing, self.data) & self.data.kept

    @cached_property
    def in_use(self) -> tuple[int, int]:
        """(cases, rows) that are not set aside and meet the standing condition; more cases than rows where these were counted.

        Raises
        ------
        Problem
            Where a row in use does not say how many cases it stands for.
        """
        if not self.codebook.rows.counted:
            return self.n_used, self.n_used
        return int(counts_of(self.data)[self._used].sum()), self.n_used

    @cached_property
    def n_persons(self) -> int | None:
        """Who stand in the rows in use, where these are occasions of persons: work for a thread."""
        name = self.codebook.rows.person
        if not name:
            return None
        return int(distinct_values(self.data.table.column(name).values[self._used & self.data.present(name)]).size)

    def forget(self) -> None:
        """Let go of what can be computed again: for versions that are kept only for undo."""
        for made in ("data", "_used"):
            self.__dict__.pop(made, None)


@dataclass(frozen=True, eq=False)
class Study:
    """Sources with all that was said about them, the one in use (by its id), and the manuscript.

    Attributes
    ----------
    parts
        The manuscript in its order, the supplement last.
    style
        The house style: the name of one that ships, or its whole text.
    given
        How many ids were given so far: none is given twice.
    identity
        By which documents know the study that they were exported from; given once, when the study begins.
    """

    sources: tuple[StudySource, ...]
    current: str = FIRST
    parts: tuple[Part, ...] = ()
    given: int = 1
    style: str = "apa7"
    identity: str = field(default_factory=lambda: secrets.token_hex(4))

    @property
    def kept(self) -> tuple[Kept, ...]:
        """The kept exhibits in their order."""
        return tuple(part for part in self.parts if isinstance(part, Kept))

    def kept_already(self, request: Request) -> Kept | None:
        """The exhibit that is kept of this request and the current source, if there is one."""
        return next((k for k in self.kept if k.request == request and k.source == self.current), None)

    def part(self, identity: str) -> Part:
        """The part of the manuscript with an id.

        Raises
        ------
        Problem
            Where the manuscript has none.
        """
        found = next((part for part in self.parts if part.id == identity), None)
        if found is None:
            raise Problem(english("This is not in the manuscript any more."))
        return found

    def source_of(self, identity: str) -> StudySource:
        """The source with an id.

        Raises
        ------
        Problem
            Where the study has none.
        """
        found = next((source for source in self.sources if source.id == identity), None)
        if found is None:
            raise Problem(english("The source of this is not in the study any more."))
        return found

    def next_id(self, kind: str) -> tuple[str, Study]:
        """(an id that was never given, the study that remembers it)."""
        return f"{kind}{self.given + 1}", replace(self, given=self.given + 1)

    @property
    def files(self) -> tuple[str, ...]:
        """The files that the study reads; nothing is ever written over them."""
        return tuple(source.raw.source.path for source in self.sources if source.raw.source.path)

    @property
    def source(self) -> StudySource:
        """The source in use."""
        return self.source_of(self.current)

    @property
    def data(self) -> Dataset:
        """The data in use."""
        return self.source.data

    @property
    def table(self) -> Table:
        """The data in use as a table: corrected, derived variables at its end."""
        return self.source.data.table

    @property
    def codebook(self) -> Codebook:
        return self.source.codebook

    @property
    def standing(self) -> Condition | None:
        return self.source.standing

    @property
    def n_used(self) -> int:
        return self.source.n_used

    def with_source(self, source: StudySource) -> Study:
        """The same study with the source in use exchanged."""
        return replace(self, sources=tuple(source if old.id == source.id else old for old in self.sources))

    def with_codebook(self, codebook: Codebook) -> Study:
        """The same study with another codebook for the source in use."""
        return self.with_source(replace(self.source, codebook=codebook))


def study_of(data: Dataset) -> Study:
    """A study of one source."""
    return Study((StudySource(data.table, data.codebook),))
