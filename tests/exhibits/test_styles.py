"""House styles are a matter of output: the same sheet in another print, nothing made again."""

from __future__ import annotations

import json
import re
from collections.abc import Callable
from dataclasses import replace
from functools import partial
from typing import Any

import pytest

from every_sentence import USUAL
from istrel.data.dataset import Dataset
from istrel.exhibits.text import Run
from istrel.exhibits.verbs import catalogue
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.sentence.vocabulary import VERBS
from istrel.style.house import SHIPPED, HouseStyle, load_style
from istrel.style.phrases import phrases_in
from made import make_exhibit
from prints import notes, printed


def noted(step: str, work: Callable[..., Any], calls: list[str]) -> Callable[..., Any]:
    def noting(*args: Any) -> Any:
        calls.append(step)
        return work(*args)

    return noting


def test_fifty_exhibits_in_another_style_make_nothing_again(learners: Dataset, monkeypatch: pytest.MonkeyPatch) -> None:
    calls: list[str] = []
    for verb in VERBS:
        known = catalogue.verb_of(verb)
        counted = {step: noted(step, getattr(known, step), calls) for step in ("resolve", "compute", "typeset")}
        monkeypatch.setitem(catalogue.VERBS, verb, partial(replace, known, **counted))
    exhibits = [make_exhibit(sentence, learners) for sentence in USUAL * 5]
    made = len(calls)
    assert made == 3 * 50
    documents = {name: Document(numbered(exhibits, with_text=True), load_style(name)) for name in SHIPPED}
    pages = {name: render(document, "html") for name, document in documents.items()}
    assert len(calls) == made
    assert len(set(pages.values())) == len(SHIPPED)
    sheets = [item.exhibit.sheet for document in documents.values() for item in document.items]
    assert len({id(sheet) for sheet in sheets}) == 50


@pytest.mark.parametrize("sentence", USUAL)
def test_a_decimal_comma_stands_everywhere(sentence: str, learners: Dataset) -> None:
    exhibit = make_exhibit(sentence, learners)
    document = Document(numbered([exhibit], with_text=True), load_style("thesis"))
    content = json.loads(render(document, "json"))
    lines = [*content["sheet"]["rows"], *content["sheet"]["heads"], content["notes"]]
    text = [content["sheet"]["title"], content["text"], *(part for line in lines for part in line)]
    points = [part for part in text if re.search(r"\d\.\d(?!\d\d\b)", part) or re.search(r"[^\w]\.\d", part)]
    assert not points
    plain = json.loads(render(Document(numbered([exhibit]), load_style("apa7")), "json"))
    assert content["results"] == plain["results"]  # programs read the same numbers in every style


def test_heads_speak_the_language_of_the_style(learners: Dataset) -> None:
    thesis = load_style("thesis")
    exhibit = make_exhibit("count education across format with total, missing = show", learners)
    assert "Gesamt" in printed(exhibit, thesis)[0]
    described = make_exhibit("describe practice_min with skewness, sd", learners)
    assert printed(described, thesis)[0] == "Variable | Schiefe | SD"
    assert "Fehlende Werte: Weekly practice 15." in notes(described, thesis)


def test_a_language_without_words_is_refused() -> None:
    with pytest.raises(Problem, match="no words in “xx”"):
        phrases_in("xx")


def test_names_and_values_print_as_they_are(learners: Dataset, style: HouseStyle) -> None:
    """Title case and minus signs are for words and numbers of our own."""
    from istrel.exhibits.printing import print_title
    from istrel.exhibits.table import TableSheet
    from istrel.exhibits.text import say, verbatim

    title = say("mean_of_cases", name=verbatim("a-b of x"), where=(), numbers=(Run("course format"),))
    assert print_title(TableSheet(title, (), ()), style) == "a-b of x Averaged Course Format"
    exhibit = make_exhibit('describe age among format = "Guided self-study" and age > -5', learners)
    assert 'those with format = "Guided self-study" and age > −5.' in notes(exhibit)
