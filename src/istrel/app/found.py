"""What is found out about the source in use in the background: facts and tiny drawings first, then what is wrong with it."""

from __future__ import annotations

from functools import partial
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Signal

from istrel.app.background import Background
from istrel.app.words import tr
from istrel.english import english

if TYPE_CHECKING:
    from istrel.data.dataset import Dataset
    from istrel.data.facts import FileFacts, VariableFacts
    from istrel.data.patterns import MissingMap, MissingPattern
    from istrel.data.reading.watch import Watch
    from istrel.data.screening import Finding
    from istrel.sentence.complete import Beside
    from istrel.study.study import Study, StudySource

    Looked = tuple[FileFacts, dict[str, VariableFacts], tuple[Beside, ...]]
    Screened = tuple[tuple[Finding, ...], tuple[MissingMap, tuple[MissingPattern, ...]]]

MOST_VALUES = 40


class Found(QObject):
    """Empty until it is known. `facts_ready` tells when the facts are known, `findings_ready` when the file has been screened.

    Attributes
    ----------
    facts
        {variable: its facts}.
    beside
        What a sentence may name beside the variables.
    missing
        The map and the patterns of missing values; None until the file has been screened.
    """

    facts_ready = Signal()
    findings_ready = Signal()

    def __init__(self, background: Background, parent: QObject) -> None:
        super().__init__(parent)
        self._background = background
        self.forget()

    def forget(self) -> None:
        """What was found out belongs to another source."""
        self.facts: dict[str, VariableFacts] = {}
        self.file_facts: FileFacts | None = None
        self.beside: tuple[Beside, ...] = ()
        self.findings: tuple[Finding, ...] = ()
        self._screened: StudySource | None = None
        self.missing: tuple[MissingMap, tuple[MissingPattern, ...]] | None = None

    def few_values(self) -> dict[str, tuple[str, ...]]:
        """{variable of few values: these in print}, as far as they are known."""
        return {
            name: tuple(words for words, _ in facts.most_frequent)
            for name, facts in self.facts.items()
            if facts.distinct <= MOST_VALUES
        }

    @property
    def screened(self) -> bool:
        """Whether what is wrong is known."""
        return self._screened is not None

    def is_of(self, source: StudySource) -> bool:
        """Whether the findings are those of this source as it stands."""
        return self._screened is source

    def look(self, study: Study) -> None:
        """Look through the source in use of a study."""
        take = partial(self._take_facts, study)
        self._background.submit("facts", lambda: _look(study), take, words=tr("looking through the file"))

    def _take_facts(self, study: Study, found: Looked) -> None:
        self.file_facts, self.facts, self.beside = found
        self.facts_ready.emit()
        words = tr("looking for what is wrong")
        self._background.submit(
            "screening",
            lambda watch: _screen(study, watch),
            partial(self._take_findings, study.source),
            words=words,
            watched=True,
        )

    def _take_findings(self, source: StudySource, found: Screened) -> None:
        self.findings, self.missing = found
        self._screened = source
        self.findings_ready.emit()


def _look(study: Study) -> Looked:
    from istrel.data.facts import file_facts, variable_facts

    facts = {name: variable_facts(study.data, name) for name in study.table.names}
    return file_facts(study.data), facts, _beside(study.data)


def _beside(data: Dataset) -> tuple[Beside, ...]:
    """Measures in several columns, and questions with several answers."""
    from istrel.data.series import series_in
    from istrel.data.sets import sets_in
    from istrel.sentence.complete import Beside

    series = [
        Beside(
            one.name,
            english("in {n} columns: {names}", n=len(one.columns), names=", ".join(one.occasions)),
            ("describe", "relate"),
            one.occasions,
        )
        for one in series_in(data.codebook, data.table)
    ]
    sets = [
        Beside(one.name, english("a question with {n} answers", n=len(one.answers)), ("count",))
        for one in sets_in(data)
    ]
    return (*series, *sets)


def _screen(study: Study, watch: Watch) -> Screened:
    from istrel.data.patterns import missing_map, missing_patterns
    from istrel.data.screening import screen

    return screen(study.data, watch=watch), (missing_map(study.data), missing_patterns(study.data))
