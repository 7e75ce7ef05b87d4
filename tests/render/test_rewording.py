"""Words edited in the study since: exchanged in the paragraphs that were left alone, and named where they were not."""

from __future__ import annotations

import random
from dataclasses import replace
from pathlib import Path
from typing import Any

import pytest
from test_living_document import OPEN, WORD, Kind
from test_refresh import exported, load

from edited_files import edit_letters
from istrel.data.dataset import Dataset
from istrel.render import render
from istrel.render.manuscript import manuscript_document
from istrel.render.refresh import refresh
from istrel.render.refresh.rewording import OTHER
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.changes.manuscript import Insert, Keep, Write
from istrel.study.history import History
from istrel.study.manuscript import numbers_of
from istrel.study.parts import Kept, Passage, Prose, Words
from istrel.study.prose import prose_of
from istrel.study.study import study_of
from made import make_exhibit

SENTENCE = "describe practice_min, receptive_post across format"
WORDS = ("the", "of learners", "who practised", "much less", "(higher)", "then;", "we found", "again")


@pytest.fixture(scope="module")
def history(learners: Dataset) -> History:
    """A table with its results text, and a paragraph with numbers of it."""
    exhibit = make_exhibit(SENTENCE, learners)
    kept = Kept(exhibit.request, numbers_of(exhibit), text=None, methods=())
    history = History(replace(study_of(learners), identity="0a1b2c3d")).do(Keep(kept))
    words = prose_of(exhibit.text, history.study.kept[0].id, load())
    return history.do(Insert(Passage("paragraph", (Words("Before all: "), *words)), 0))


def said_otherwise(prose: Prose, script: random.Random) -> Prose:
    """Words exchanged, put in or taken out between the numbers; never all of them."""
    made: list[Any] = []
    for part in prose:
        if isinstance(part, Words) and len(part.text.split()) > 2 and script.random() < 0.7:
            words = part.text.split(" ")
            place = script.randrange(1, len(words) - 1)
            words[place : place + script.randint(0, 1)] = script.sample(WORDS, script.randint(0, 3))
            made.append(replace(part, text=" ".join(words), claim="", of=""))
        else:
            made.append(part)
    return tuple(made)


@pytest.mark.parametrize("script", range(3))
@pytest.mark.parametrize("kind", [WORD, OPEN], ids=lambda kind: kind.ending)
def test_words_edited_in_the_study_come_into_what_was_left_alone(
    kind: Kind, script: int, history: History, tmp_path: Path
) -> None:
    rng, style = random.Random(script), load()
    path = exported(history, tmp_path / f"paper.{kind.ending}")
    passage = next(part for part in history.study.parts if isinstance(part, Passage))
    now = history.do(Write(passage.id, "prose", said_otherwise(passage.prose, rng)))
    if script % 2:
        now = now.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    fresh = kind.paper(render(manuscript_document(now.study, style), kind.ending))
    author = kind.paper(path.read_bytes())
    made, tracked = (refresh(path, now.study, style, tracked=one) for one in (False, True))
    for one in (made, tracked):
        assert [line.where for line in one.found if "“" in line.old and line.done] == ["A paragraph"]
        assert kind.paper(one.content).accepted[0].split() == fresh.accepted[0].split()
    assert kind.paper(tracked.content).refused == author.refused
    path.write_bytes(made.content)
    assert not [line for line in refresh(path, now.study, style).found if line.done]


@pytest.mark.parametrize("kind", [WORD, OPEN], ids=lambda kind: kind.ending)
def test_a_paragraph_that_its_author_edited_keeps_its_words_and_gets_its_numbers(
    kind: Kind, history: History, tmp_path: Path
) -> None:
    path = exported(history, tmp_path / f"paper.{kind.ending}")
    text = {"docx": "word/document.xml", "odt": "content.xml"}[kind.ending]
    edit_letters(path, text, "Before all: ", "Now that all is said: ")
    passage = next(part for part in history.study.parts if isinstance(part, Passage))
    now = history.do(Write(passage.id, "prose", (Words("At first: "), *passage.prose[1:])))
    now = now.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    made = refresh(path, now.study, load())
    (line,) = (line for line in made.found if line.where == "A paragraph" and line.why == OTHER)
    assert (line.old.split()[0], line.new.split()[0]) == ("“Before", "“At")
    fresh = kind.paper(render(manuscript_document(now.study, load()), kind.ending)).accepted[0]
    assert kind.paper(made.content).accepted[0] == fresh.replace("At first: ", "Now that all is said: ")
