"""From a click on a number, a mark or a margin note to its cases in the drawer: each carries what stands behind it."""

from __future__ import annotations

from collections.abc import Callable

from istrel.app.bridge import StudyModel
from istrel.app.proof.paper import Paper
from istrel.data.dataset import rows_of
from istrel.exhibits.behind import Behind, mask_of


def link_cases(paper: Paper, model: StudyModel, source: Callable[[], str]) -> None:
    """A click on this paper shows cases of the source that its exhibit was made from."""

    def show(behind: Behind) -> None:
        if paper.proof is None:
            return
        plan = paper.proof.exhibit.drawn_plan
        rows = rows_of(plan.cases.mask & mask_of(behind, plan.data), plan.data.origin)
        if source() != model.study.source.id:
            from istrel.study.changes.sources import UseSource

            model.do(UseSource(source()))
        model.cases_wanted.emit(rows, behind.words, behind.variable)

    paper.behind_wanted.connect(show)
