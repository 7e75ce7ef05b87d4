"""What the palette finds for a few letters: a whole sentence, actions, variables, values, settings, findings, kept exhibits."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator
from functools import partial
from itertools import islice
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtGui import QKeySequence

from istrel.app.actions import Actions
from istrel.app.bridge import StudyModel
from istrel.app.stations.stations import Stations
from istrel.app.words import tr
from istrel.problem import Problem
from istrel.sentence.quoting import read_aloud, show_name

if TYPE_CHECKING:
    from istrel.app.stations.bench.bench import Bench
    from istrel.app.stations.intake.intake import Intake
    from istrel.app.stations.manuscript.manuscript import Manuscript
    from istrel.data.screening import Finding
    from istrel.study.parts import Kept

MOST_OF_A_KIND = 6
GOOD_ENOUGH = 2  # how well a variable has to fit: a word of its name or label begins so


class Choice(NamedTuple):
    """A line of the palette; `beside` stands at its right: a key, or what kind of thing it is."""

    words: str
    beside: str
    do: Callable[[], object]
    possible: bool = True


class Reach:
    """Everything that can be reached by its name."""

    def __init__(self, model: StudyModel, actions: Actions, stations: Stations) -> None:
        self._model, self._actions, self._stations = model, actions, stations

    def find(self, text: str) -> list[Choice]:
        """Everything that fits, the likeliest first; without a text all actions."""
        kinds = [self._fitting_actions]
        if self._model.is_open:
            kinds.insert(0, self._sentence)
            if text.strip():
                kinds += [self._variables, self._kept, self._values, self._settings, self._findings]
        return [choice for kind in kinds for choice in kind(text)]

    def _fitting_actions(self, text: str) -> Iterator[Choice]:
        for action in self._actions:
            if _fits(text, action.words) and action.id != "palette":
                key = QKeySequence(next(iter(action.keys), "")).toString(QKeySequence.SequenceFormat.NativeText)
                yield Choice(action.words, key, partial(self._actions.do, action.id), action.possible())

    def _sentence(self, text: str) -> Iterator[Choice]:
        from istrel.sentence import parse
        from istrel.sentence.names import understood
        from istrel.sentence.request import show

        try:
            sentence = show(parse(understood(text, self._model.study.codebook).text))
        except Problem:
            return
        yield Choice(read_aloud(sentence), tr("set it on paper"), lambda: self._stations.say(sentence))

    def _variables(self, text: str) -> Iterator[Choice]:
        codebook, bench = self._model.study.codebook, self._stations.bench
        fit = {name: rank for name, rank in codebook.callings.fit(text).items() if rank <= GOOD_ENOUGH}
        for name in sorted(fit, key=lambda name: fit[name])[:MOST_OF_A_KIND]:
            words = name if codebook[name].title == name else f"{name}   {codebook[name].title}"
            add = bench.there(partial(_toggle, name=name))
            yield Choice(words, tr(codebook[name].level.value), add, codebook[name].in_use)

    def _kept(self, text: str) -> Iterator[Choice]:
        for kept in self._model.study.kept:
            if _fits(text, f"kept {kept.sentence}"):
                show = self._stations.manuscript.there(partial(_go_to, kept=kept))
                yield Choice(read_aloud(kept.sentence), "kept", show)

    def _values(self, text: str) -> Iterator[Choice]:
        few = self._model.found.few_values()
        found = ((name, value) for name, values in few.items() for value in values if _fits(text, value))
        for name, value in islice(found, MOST_OF_A_KIND):
            yield Choice(
                tr("only {value}", value=value), tr("value of {name}", name=name), partial(self._limit_to, name, value)
            )

    def _limit_to(self, name: str, value: str) -> None:
        """Limit the sentence to the cases of a value; without a sentence count the variable among them."""
        condition, bench = f'{show_name(name)} = "{value}"', self._stations.bench.go()
        if not bench.clicks.limit(condition):
            bench.writing.say(f"count {show_name(name)} among {condition}")

    def _settings(self, text: str) -> Iterator[Choice]:
        from istrel.sentence.vocabulary import SETTINGS

        bench = self._stations.bench
        fitting = bench.made.draft.fitting_settings() if bench.made is not None else ()
        for setting in SETTINGS.values():
            words = setting.words.replace("*", "") or setting.name
            if _fits(text, f"{words} {setting.name}") and setting.name != "statistics":
                begin = bench.there(partial(_begin, name=setting.name))
                yield Choice(words, f"setting · {setting.name}", begin, setting in fitting)

    def _findings(self, text: str) -> Iterator[Choice]:
        found = (finding for finding in self._model.found.findings if _fits(text, finding.line))
        for finding in islice(found, MOST_OF_A_KIND):
            show = self._stations.intake.there(partial(_show, finding=finding))
            yield Choice(finding.line, "finding", show)


def _toggle(bench: Bench, name: str) -> None:
    bench.clicks.toggle_subjects((name,))


def _begin(bench: Bench, name: str) -> None:
    bench.clicks.begin_setting(name)


def _go_to(manuscript: Manuscript, kept: Kept) -> None:
    manuscript.parts.go_to(kept)


def _show(intake: Intake, finding: Finding) -> None:
    intake.show_finding(finding)


def _fits(text: str, words: str) -> bool:
    return all(re.search(rf"(?<!\w){re.escape(word)}", words.casefold()) for word in text.casefold().split())
