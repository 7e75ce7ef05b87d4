"""From a click to what stands behind it: a number is opened beside it, a mark or a margin note shows its cases in the drawer."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import QObject, QPoint

from istrel.app.bridge import StudyModel
from istrel.app.proof.as_spoken import as_spoken
from istrel.app.proof.jobs import Proof
from istrel.app.proof.paper import Paper
from istrel.app.proof.slip import NumberSlip, Others
from istrel.app.words import tr
from istrel.data.dataset import rows_of
from istrel.exhibits.behind import Behind, mask_of
from istrel.exhibits.printing import print_cell
from istrel.exhibits.text import Cell
from istrel.problem import Problem
from istrel.study.explaining import Explained, opened_cell


class Opener(QObject):
    """Opens what is clicked on a paper: numbers on a slip, cases of `source()`, which its exhibit was made from."""

    def __init__(self, paper: Paper, model: StudyModel, source: Callable[[], str]) -> None:
        super().__init__(paper)
        self._paper, self._model, self._source = paper, model, source
        self._behind: Behind | None = None
        self.slip = NumberSlip(paper, self._show_rows)
        paper.behind_wanted.connect(self.show)
        paper.number_wanted.connect(self.open)

    def open(self, cells: tuple[Cell, ...], at: QPoint) -> None:
        """Unfold the working of the first of some numbers, and offer the others; where it has none, show its cases."""
        proof, cell = self._paper.proof, cells[0]
        if proof is None:
            return
        self._behind = cell.behind
        style = as_spoken(self._model.style)
        others = tuple(
            (print_cell(other, style), partial(self.open, (other, *(one for one in cells if one is not other)), at))
            for other in cells[1:]
            if isinstance(other.value, float | int)
        )
        work = partial(opened_cell, proof.exhibit, cell, style)
        self._model.background.submit("slip", work, partial(self._unfold, proof, at, others), self._show_instead)

    def _unfold(self, proof: Proof, at: QPoint, others: Others, found: Explained) -> None:
        if self._paper.proof is proof:  # else another one was set meanwhile
            self.slip.unfold(found, self._paper, at, others)

    def _show_instead(self, problem: Problem) -> None:
        """A number without a working: its cases say more than nothing."""
        if self._behind is not None:
            self.show(self._behind)
        else:
            self._model.tell(problem)

    def _show_rows(self, rows: tuple[int, ...] | None) -> None:
        if self._behind is not None:
            self.show(self._behind if rows is None else Behind(tr("row {case}", case=rows[0]), rows=rows))

    def show(self, behind: Behind) -> None:
        """Show cases in the drawer, of the source that this paper's exhibit was made from."""
        if self._paper.proof is None:
            return
        plan = self._paper.proof.exhibit.drawn_plan
        rows = rows_of(plan.cases.mask & mask_of(behind, plan.data), plan.data.origin)
        if self._source() != self._model.study.source.id:
            from istrel.study.changes.sources import UseSource

            self._model.do(UseSource(self._source()))
        self._model.cases_wanted.emit(rows, behind.words, behind.variable)
