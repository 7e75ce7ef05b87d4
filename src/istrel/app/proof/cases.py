"""From a click on a number, a bar or a margin note to its cases in the drawer."""

from __future__ import annotations

from collections.abc import Callable

from istrel.app.bridge import StudyModel
from istrel.app.proof.paper import Paper
from istrel.exhibits.behind import Found, cases_of_bar, cases_of_cell, cases_of_note


def link_cases(paper: Paper, model: StudyModel, source: Callable[[], int]) -> None:
    """A click on this paper shows cases of the source that its exhibit was made from."""

    def show(find: Callable[..., Found | None], *place: object) -> None:
        if paper.proof is None:
            return
        found = find(paper.proof.exhibit, *place, model.study.sources[source()].data)
        if found is None:
            return
        if source() != model.study.current:
            from istrel.study.changes.sources import UseSource

            model.do(UseSource(source()))
        model.cases_wanted.emit(*found)

    paper.cell_clicked.connect(lambda row, column: show(cases_of_cell, row, column))
    paper.bar_clicked.connect(lambda panel, bar: show(cases_of_bar, panel, bar))
    paper.note_clicked.connect(lambda note: show(cases_of_note, note))
