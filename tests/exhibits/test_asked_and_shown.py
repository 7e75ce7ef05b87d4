"""Whatever a sentence asks for is seen on paper, or refused by name: every setting in every place where it belongs."""

from __future__ import annotations

import pickle
from collections.abc import Iterator
from functools import cache

import pytest

from depth import some
from every_sentence import subjects_of, values
from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.render.scene import make_scene
from istrel.sentence.settings import Place, fitting_settings, show_setting
from istrel.sentence.vocabulary import SETTINGS, SHORT, STATISTICS, VERBS, Setting
from istrel.style.house import load_style
from made import make_exhibit

MANY = 5  # places of one setting, from all of them evenly
GROUPED = {setting.name for setting in SETTINGS.values() if setting.needs_groups}
OWN = {
    "order": "g",
    "top": "g",
    "total": "o",
    "cumulative": "k",
    "layout": "p, q",
    "closed": "z",
    "missing": "g",
    "sort": "p, q",
}
ALWAYS = {
    ("cumulative", "count", False),
    ("points", "relate", False),
    ("points", "relate", True),
}  # shown unasked as well


def places(setting: Setting) -> Iterator[Place]:
    """Every kind of sentence that a setting belongs to."""
    for verb in VERBS.values():
        for form in verb.forms:
            for against in (False, True) if verb.name == "count" else (False,):
                for groups in (False,) if form != "table" and setting.name not in GROUPED else (False, True):
                    place = Place(verb.name, form, against, groups)
                    if setting in fitting_settings(place):
                        yield place


@cache
def on_paper(sentence: str, data: Dataset) -> bytes:
    """The words as they print, with the shapes of a figure."""
    exhibit, style = make_exhibit(sentence, data), load_style()
    page = render(Document(numbered([exhibit], with_text=True), style), "md")
    return page + (pickle.dumps(make_scene(exhibit.sheet, style)) if isinstance(exhibit.sheet, FigureSheet) else b"")


@pytest.mark.parametrize("name", some(sorted(SETTINGS.keys() - {"hide_below", "size"}), 40))
def test_a_setting_is_seen_wherever_it_belongs(name: str, rich: Dataset) -> None:
    setting, tried = SETTINGS[name], 0
    found = list(places(setting))
    for place in found[:: -(-len(found) // MANY)]:
        subjects = subjects_of(place.verb, place.form)
        if place.verb == "count" or name in ("closed", "sort"):
            subjects = OWN.get(name, subjects)
        needs = [show_setting(need.setting, need.values[-1]) for need in setting.needs if place.within(need.place)]
        plain = f"{place.verb} {subjects}{' against h' * place.against}{' across g' * place.groups} as {place.form}"
        plain += f" with {', '.join(needs)}" if needs else ""
        try:
            before = on_paper(plain, rich)
        except Problem:
            continue
        glue, tried = ", " if needs else " with ", tried + 1
        told = (seen_or_refused(f"{plain}{glue}{value}", rich) for value in values(setting, place))
        assert (name, place.verb, place.groups) in ALWAYS or any(after != before for after in told), plain
    assert tried


def seen_or_refused(sentence: str, data: Dataset) -> object:
    """What is on paper, or the words of a refusal."""
    try:
        return on_paper(sentence, data)
    except Problem as problem:
        return problem.message


@pytest.mark.parametrize("statistic", [*STATISTICS, *SHORT, "percentiles = 10"])
def test_no_statistic_is_dropped_where_nothing_is_measured(statistic: str, rich: Dataset) -> None:
    """Of categories alone only n and % stand in the table: what else is asked for is refused by the word that was typed."""
    for subjects in ("g", "g, h"):
        told = seen_or_refused(f"describe {subjects} with {statistic}", rich)
        word = statistic.partition(" ")[0]
        refused = "missing = show" if word == "missing" else f"“{word}”"
        assert isinstance(told, bytes) if statistic == "n" else refused in str(told)
