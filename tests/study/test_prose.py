"""Prose whose numbers stay alive: edited words keep their numbers, claims are remembered, references follow."""

from __future__ import annotations

import re
from dataclasses import fields
from functools import reduce
from pathlib import Path

import pytest

from istrel.data.dataset import Dataset
from istrel.demo import LEARNERS
from istrel.exhibits.printing import plain_text
from istrel.exhibits.quoting import keyed, quotable
from istrel.exhibits.text import cells_in
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.changes.manuscript import (
    Accept,
    AcceptEach,
    AcceptNumbers,
    Drop,
    Duplicate,
    Insert,
    Keep,
    LetStand,
    Move,
    Retitle,
    SetStyle,
    Write,
)
from istrel.study.file import StudyFile, read_back, readable
from istrel.study.history import History
from istrel.study.manuscript import Entry, Written, compose, manuscript, numbers_of, quoted_numbers
from istrel.study.opening import open_source
from istrel.study.parts import Accepted, Kept, Number, Passage, Reference, Words
from istrel.study.prose import prose_of, value_in
from istrel.study.record import kinds
from istrel.study.remake import made
from istrel.study.study import Study, study_of
from istrel.style.house import HouseStyle, load_style
from made import make_exhibit

SENTENCES = [
    "describe practice_min, receptive_post across format",
    "describe age, site, education, completed across format with total",
    "describe practice_min across format with difference, test",
    "count education against format with percent = column",
    "count site, age",
    "check spelling_speed, receptive_post across format",
    "relate practice_min, absences, receptive_post, confidence",
    "describe receptive_post across site as boxes",
    "relate receptive_pre, receptive_post as scatter",
]


@pytest.fixture
def history(learners: Dataset) -> History:
    history = History(study_of(learners))
    for sentence in SENTENCES[:1] + SENTENCES[7:8]:
        exhibit = make_exhibit(sentence, learners)
        history = history.do(Keep(Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)))
    return history


def reading(history: History, style: HouseStyle, place: int = 0) -> str:
    part = manuscript(history.study, style)[place]
    assert isinstance(part, Written)
    return plain_text(part.reading.text, style)


@pytest.mark.parametrize("sentence", SENTENCES)
def test_an_exhibits_words_as_prose_read_as_they_did_and_all_numbers_are_alive(
    sentence: str, learners: Dataset, style: HouseStyle
) -> None:
    exhibit = make_exhibit(sentence, learners)
    known = quotable(exhibit)
    for text in (exhibit.text, exhibit.methods):
        for cell in cells_in(keyed(text)):
            assert value_in(known[cell.row, cell.column]) == value_in(cell), (cell.row, cell.column)
    letters = [piece.text for piece in prose_of(exhibit.text, "k9", style) if isinstance(piece, Words)]
    assert not [words for words in letters if re.search("[0-9]", words)]
    history = History(study_of(learners)).do(Keep(Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)))
    (kept,) = history.study.kept
    edited = history.do(Write(kept.id, "text", prose_of(exhibit.text, kept.id, style)))
    (entry,) = compose(edited.study, style)
    assert plain_text(entry.reading("text").text, style) == plain_text(exhibit.text, style)
    assert entry.status == "as kept"


def test_what_is_typed_stands_upright() -> None:
    assert not Words("typed").italic


def test_manuscripts_survive_their_record(history: History, tmp_path: Path) -> None:
    read = History(Study((open_source(str(LEARNERS)),)))
    history = reduce(History.do, (step.change for step in history.past), read)
    table = history.study.kept[0]
    number = Number(table.id, "x", "mean", "p with sign", 0.5)
    prose = (Words("a\nb", italic=True, claim="c", of=table.id), number, Reference(table.id))
    history = history.do(Insert(Passage("heading", prose, supplement=True), 1)).do(Write(table.id, "methods", prose))
    history = history.do(Write(table.id, "notes", None)).do(SetStyle("medical")).do(Move(table.id, 5, supplement=True))
    path = tmp_path / "a.istrel"
    StudyFile.create(path, history).close()
    with StudyFile(path) as file:
        assert file.history.study.parts == history.study.parts
        assert file.history.study.style == "medical"
        assert file.history.undo().undo().study.style == "apa7"
        folder = tmp_path
        text = readable(file.history.study, folder)
    again = read_back(text, "a.json", folder)
    assert (again.parts, again.style) == (history.study.parts, "medical")
    assert not [noun for noun in kinds().values() if "kind" in {f.name for f in fields(noun)}]


def test_numbers_follow_the_data_and_are_marked_until_accepted(history: History, style: HouseStyle) -> None:
    table = history.study.kept[0]
    row = "receptive_post @ format=Weekly evening"
    known = quotable(made(table, history.study))
    mean = Number(table.id, row, "mean", "", value_in(known[row, "mean"]))
    said = (Words("They scored "), mean, Words(" on average ("), Reference(table.id), Words(")."))
    history = history.do(Insert(Passage("paragraph", said), 0))
    assert reading(history, style) == "They scored 58.69 on average (Table 1)."
    moved = history.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    part = manuscript(moved.study, style)[0]
    assert isinstance(part, Written)
    ((exhibit, number, *printed),) = part.reading.moved
    assert printed[0] == "58.69"
    assert (exhibit, number.old) == (table.id, mean.accepted)
    assert number.new == pytest.approx(61.5, abs=1.5)
    assert "number moved in the text" in part.status
    now = made(table, moved.study)
    for change in (
        Accept(table.id, numbers_of(now), quoted_numbers(moved.study, table.id, now)),
        AcceptEach((Accept(table.id, numbers_of(now), quoted_numbers(moved.study, table.id, now)),)),
        AcceptNumbers(table.id, (Accepted(row, "mean", number.new),), (Accepted(row, "nothing", 1.0),)),
    ):
        assert manuscript(moved.do(change).study, style)[0].status == ""
    assert manuscript(moved.do(change).undo().study, style)[0].status == part.status


def test_a_claim_that_no_longer_holds_is_marked_until_it_is_let_stand(history: History, style: HouseStyle) -> None:
    table = history.study.kept[0]
    words = prose_of(made(table, history.study).text, table.id, style)
    history = history.do(Write(table.id, "text", words))
    assert compose(history.study, style)[0].reading("text").untrue == ()
    changed = history.do(TreatAsMissing(("receptive_post",), (-9.0,)))  # the highest and lowest group are others now
    entry = compose(changed.study, style)[0]
    (claim,) = [c for c in entry.reading("text").untrue if c.startswith("highest and lowest")]
    assert "Final receptive score" in claim
    left = changed.do(LetStand(table.id, claim))
    assert claim not in compose(left.study, style)[0].reading("text").untrue


def test_what_refers_to_an_exhibit_that_is_gone_says_so_and_keeps_its_last_number(
    history: History, style: HouseStyle
) -> None:
    figure = history.study.kept[1]
    said = (
        Words("See "),
        Reference(figure.id),
        Words(": "),
        Number(figure.id, "x", "mean", "measure", 12.5),
        Words("."),
    )
    history = history.do(Insert(Passage("paragraph", said), 0)).do(Drop(figure.id))
    part = manuscript(history.study, style)[0]
    assert isinstance(part, Written)
    assert part.reading.gone == (figure.id,)
    assert reading(history, style) == "See [?]: 12.50."


def test_the_supplement_and_chapters_number_for_themselves(history: History, style: HouseStyle) -> None:
    table, figure = history.study.kept
    history = history.do(Duplicate(table.id)).do(Move(table.id, 99, supplement=True))
    history = history.do(Insert(Passage("heading", (Words("Method"),)), 0)).do(
        Insert(Passage("heading", (Words("Results"),)), 2)
    )
    assert [e.label for e in compose(history.study, style)] == ["Table 1", "Figure 1", "Table A1"]
    assert [e.label for e in compose(history.study, load_style("thesis"))] == [
        "Tabelle 1.1",
        "Abbildung 2.1",
        "Tabelle A1",
    ]
    assert [p.supplement for p in history.study.parts] == [False, False, False, False, True]
    said = (Words("see "), Reference(figure.id))
    thesis = history.do(Insert(Passage("paragraph", said), 1))
    assert reading(thesis, load_style("thesis"), 1) == "see Abbildung 2.1"


def test_title_notes_and_texts_that_were_edited_stand_in_the_exhibit(history: History, style: HouseStyle) -> None:
    table = history.study.kept[0]
    note = (Words("Note.", italic=True), Words(" All of them.\nSecond paragraph."))
    history = history.do(Retitle(table.id, "Practice of Both")).do(Write(table.id, "notes", note))
    history = history.do(Write(table.id, "text", ())).do(Write(table.id, "methods", None))
    entry = compose(history.study, style)[0]
    assert isinstance(entry, Entry)
    assert entry.exhibit is not None
    assert plain_text(entry.exhibit.sheet.title, style) == "Practice of Both"
    assert [plain_text(n.text, style) for n in entry.exhibit.sheet.notes] == ["Note. All of them.", "Second paragraph."]
    assert "n − 1" in plain_text(entry.reading("methods").text, style)
    assert entry.moved == ()
