"""What the palette finds for a few letters: a whole sentence, actions, variables, values, settings, findings, kept exhibits."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterator
from functools import partial
from itertools import islice
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtGui import QKeySequence

from istrel.app.actions import ACTIONS
from istrel.sentence.quoting import read_aloud

if TYPE_CHECKING:
    from istrel.app.window import Window

MOST_OF_A_KIND = 6
GOOD_ENOUGH = 2  # how well a variable has to fit: a word of its name or label begins so


class Choice(NamedTuple):
    """A line of the palette; `beside` stands at its right: a key, or what kind of thing it is."""

    words: str
    beside: str
    do: Callable[[], object]
    possible: bool = True


def reach(text: str, window: Window) -> list[Choice]:
    """Everything that fits, the likeliest first; without a text all actions."""
    kinds = [_actions] if not window.model.is_open else [_sentence, _actions, *(OF_A_STUDY if text.strip() else ())]
    return [choice for kind in kinds for choice in kind(text, window)]


def _fits(text: str, words: str) -> bool:
    return all(re.search(rf"(?<!\w){re.escape(word)}", words.casefold()) for word in text.casefold().split())


def _actions(text: str, window: Window) -> Iterator[Choice]:
    for action in ACTIONS:
        if _fits(text, action.words) and action.id != "palette":
            key = QKeySequence(action.key).toString(QKeySequence.SequenceFormat.NativeText)
            yield Choice(action.words, key, partial(window.do, action), window.possible(action))


def _sentence(text: str, window: Window) -> Iterator[Choice]:
    from istrel.problem import Problem
    from istrel.sentence import parse
    from istrel.sentence.names import understood
    from istrel.sentence.request import show

    try:
        sentence = show(parse(understood(text, window.model.study.codebook).text))
    except Problem:
        return
    yield Choice(read_aloud(sentence), "set it on paper", partial(window.write, sentence))


def _variables(text: str, window: Window) -> Iterator[Choice]:
    codebook = window.model.study.codebook
    fit = {name: rank for name, rank in codebook.callings.fit(text).items() if rank <= GOOD_ENOUGH}
    for name in sorted(fit, key=lambda name: fit[name])[:MOST_OF_A_KIND]:
        words = name if codebook[name].title == name else f"{name}   {codebook[name].title}"
        yield Choice(words, codebook[name].level.value, partial(window.add_to_sentence, name), codebook[name].in_use)


def _values(text: str, window: Window) -> Iterator[Choice]:
    from istrel.sentence.quoting import show_name

    found = (
        (name, value) for name, values in window.model.few_values().items() for value in values if _fits(text, value)
    )
    for name, value in islice(found, MOST_OF_A_KIND):
        condition = f'{show_name(name)} = "{value}"'
        yield Choice(f"only {value}", f"value of {name}", partial(window.limit_to, condition, name))


def _settings(text: str, window: Window) -> Iterator[Choice]:
    from istrel.sentence.vocabulary import SETTINGS

    fitting = window.fitting_settings()
    for setting in SETTINGS.values():
        words = setting.words.replace("*", "") or setting.name
        if _fits(text, f"{words} {setting.name}") and setting.name != "statistics":
            yield Choice(
                words, f"setting · {setting.name}", partial(window.begin_setting, setting.name), setting in fitting
            )


def _findings(text: str, window: Window) -> Iterator[Choice]:
    found = (finding for finding in window.model.findings if _fits(text, finding.line))
    for finding in islice(found, MOST_OF_A_KIND):
        yield Choice(finding.line, "finding", partial(window.show_finding, finding))


def _kept(text: str, window: Window) -> Iterator[Choice]:

    for place, kept in enumerate(window.model.study.kept):
        if _fits(text, f"kept {kept.sentence}"):
            yield Choice(read_aloud(kept.sentence), "kept", partial(window.show_kept, place))


OF_A_STUDY = (_variables, _kept, _values, _settings, _findings)
