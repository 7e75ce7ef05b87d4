"""The study as one immutable value. Nothing changes it but the changes of `changes`, through `history`."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property

from istrel.data.codebook import Codebook
from istrel.data.conditions import Condition, holds
from istrel.data.dataset import Dataset
from istrel.data.table import Table


@dataclass(frozen=True)
class Kept:
    """An exhibit that was kept: its sentence, its title if edited, and what it printed when it was kept or last accepted."""

    sentence: str
    printed: tuple[str, ...]
    is_figure: bool = False
    title: str = ""


@dataclass(frozen=True, eq=False)
class Study:
    """A source with its codebook, the cases in use, and the manuscript."""

    table: Table
    codebook: Codebook
    standing: Condition | None = None
    kept: tuple[Kept, ...] = ()

    @cached_property
    def data(self) -> Dataset:
        """The table seen through the codebook; made once per version of the study."""
        return Dataset(self.table, self.codebook)

    @cached_property
    def n_used(self) -> int:
        """Cases that meet the standing condition."""
        return self.table.n_rows if self.standing is None else int(holds(self.standing, self.data).sum())
