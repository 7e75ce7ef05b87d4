"""Changes, undo and redo; the manuscript that is made again and counts what moved; opening files."""

from __future__ import annotations

import json
from collections.abc import Callable
from pathlib import Path

import pytest

from istrel.data.codebook import MissingCode, ValueLabel
from istrel.data.corrections import Aside, Correction
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.data.reading import ReadingSettings
from istrel.demo import CODEBOOK, LEARNERS
from istrel.problem import Problem
from istrel.sentence import parse, parse_condition, parse_expression
from istrel.study.changes import Change
from istrel.study.changes.cases import BringBack, Correct, SetAside, SetCondition, TakeBack
from istrel.study.changes.codebook import (
    Derive,
    KeepNames,
    LeaveOut,
    RemoveDerived,
    SetDecimals,
    SetFormula,
    SetLevel,
    SetMissing,
    SetText,
    SetValueLabels,
    TreatAsMissing,
)
from istrel.study.changes.manuscript import Accept, Drop, Keep, Move
from istrel.study.changes.sources import AddSource, ReadAgain, UseSource
from istrel.study.combining import joined, made_long, stacked
from istrel.study.fresh import gone, refreshed
from istrel.study.history import History
from istrel.study.manuscript import Moved, compose, moved_between, numbers_of
from istrel.study.opening import Opening, open_data, open_source, paste_source, reread
from istrel.study.parts import Accepted, Kept
from istrel.study.record import Record, change_of, record_of
from istrel.study.remake import made
from istrel.study.study import Study, study_of
from istrel.style.house import HouseStyle
from made import make_exhibit

TABLE = "describe receptive_post across format"
FIGURE = "describe receptive_post as histogram"


@pytest.fixture
def history(learners: Dataset) -> History:
    return History(study_of(learners))


def kept(sentence: str, study: Study) -> Kept:
    exhibit = make_exhibit(sentence, study.data, study.standing)
    return Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)


CHANGES: list[Change] = [
    SetLevel("age", Level.COUNT),
    SetText("age", "label", "Age at enrolment"),
    SetText("age", "unit", "yr"),
    SetValueLabels("completed", (ValueLabel(0.0, "dropped out"), ValueLabel(1.0, "stayed"))),
    SetMissing("satisfaction", (MissingCode(99.0, "refused"),)),
    TreatAsMissing(("receptive_post", "confidence"), (-9.0,)),
    SetDecimals("age", 0),
    KeepNames(("term", "distance_km")),
    LeaveOut(("term", "comment")),
    Derive("age_band", parse_expression("bands(age, 30, 60)"), "Age in bands"),
    SetFormula("age_band", parse_expression("bands(age, 30, 45)")),
    Derive("older", parse_expression("age_band = 3")),
    RemoveDerived("older"),
    Correct((Correction("age", 199.0, None, 318, "cannot be"), Correction("site", "Harbor", "Harbour"))),
    TakeBack(1),
    SetAside(Aside((120, 240), "repeats")),
    BringBack(),
    SetCondition(parse_condition("age >= 30")),
    Keep(Kept(parse("describe age"), (Accepted("age", "n", 1.0),))),
]


@pytest.mark.parametrize("change", CHANGES, ids=lambda change: type(change).__name__)
def test_every_change_can_be_undone_and_done_again(change: Change, history: History) -> None:
    for earlier in CHANGES[: CHANGES.index(change)]:
        history = history.do(earlier)
    before = history.study
    done = history.do(change)
    assert done.study is not before
    assert done.undo_words == change.words != ""
    undone = done.undo()
    assert undone.study is before
    assert undone.redo_words == change.words
    assert undone.redo().study is done.study
    assert undone.do(change).future == ()


def test_a_history_written_as_json_and_done_again_gives_the_same_study(tmp_path: Path) -> None:
    first, more, third = (tmp_path / f"{name}.csv" for name in ("first", "more", "third"))
    first.write_text("id,score,kind\n" + "".join(f"{k},{k % 17},{'ab'[k % 2]}\n" for k in range(60)))
    more.write_text("id,place\n" + "".join(f"{k},{'xyz'[k % 3]}\n" for k in range(60)))
    third.write_text("id;score;kind\n61;3,5;a\n")
    history = History(Study((open_source(first),)))
    pasted = paste_source("a\tb\n1\t2\n3\t4\n")
    for change in (
        Correct((Correction("score", 16.0, None, reason="cannot be"),)),
        AddSource(open_source(more)),
        UseSource("s1"),
        AddSource(open_source(third, Opening(ReadingSettings(decimal=",")))),
        AddSource(pasted),
    ):
        history = history.do(change)
    left, right, below = (history.study.source_of(name) for name in ("s1", "s2", "s3"))
    history = history.do(AddSource(joined(left, right, ("id",), "both")[0]))
    history = history.do(Derive("high", parse_expression("score >= 8 and place != x")))
    history = history.do(SetAside(Aside((3, 4), "twice")))
    history = history.do(SetCondition(parse_condition("score between 1 and 15")))
    history = history.do(Keep(kept("describe score across place, high", history.study)))
    history = history.do(AddSource(stacked((left, below))[0]))
    history = history.do(AddSource(made_long(left, ("id", "score"))[0]))
    history = history.do(ReadAgain(reread(history.study.source, made_long(left, ("id", "score"))[0])))
    text = json.dumps([record_of(step.change) for step in history.past], allow_nan=False)
    again = History(Study((open_source(first),)))
    for record in json.loads(text):
        again = again.do(change_of(record, again.study))
    assert again.study.kept == history.study.kept
    assert again.undo_words == history.undo_words
    for old, new in zip(history.study.sources, again.study.sources, strict=True):
        assert (old.id, old.recipe, old.codebook, old.standing) == (new.id, new.recipe, new.codebook, new.standing)
        assert [c.values.tolist() for c in old.data.table.columns] == [
            c.values.tolist() for c in new.data.table.columns
        ]
    assert made(again.study.kept[0], again.study).sheet == made(history.study.kept[0], history.study).sheet


@pytest.mark.parametrize("change", CHANGES, ids=lambda change: type(change).__name__)
def test_every_change_comes_back_from_its_record(change: Change, history: History) -> None:
    assert change_of(json.loads(json.dumps(record_of(change))), history.study) == change


@pytest.mark.parametrize(
    "record",
    [
        {"kind": "Study"},
        {"kind": "ValueLabel", "value": 1, "label": "x"},
        {"kind": "SetLevel", "variable": "age", "level": {"kind": "Level", "value": "odd"}},
        {"kind": "SetCondition", "condition": {"kind": "Formula", "text": "age >"}},
        {"kind": "SetCondition", "condition": {"kind": "Formula", "text": [1]}},
        {"kind": "SetText", "variable": "age", "part": "name", "text": "x"},
        {"kind": "SetText", "variable": "age", "part": "label", "text": 1},
        {"kind": "SetAside", "aside": "3, 4"},
        {"kind": "AddSource", "source": {"kind": "StudySource", "recipe": None}},
        {"kind": "UseSource", "id": "s1", "more": 1},
        {},
    ],
)
def test_a_record_that_is_none_is_refused(record: Record, history: History) -> None:
    with pytest.raises(Problem):
        change_of(record, history.study)


def test_a_long_history_can_be_walked_to_its_ends(history: History) -> None:
    start = history.study
    for change in CHANGES:
        history = history.do(change)
    end = history.study
    for _ in range(len(CHANGES) + 3):
        history = history.undo()
    assert history.study is start
    for _ in range(len(CHANGES) + 3):
        history = history.redo()
    assert history.study is end


def test_changes_do_what_their_words_say(history: History) -> None:
    study = history.study
    for change in CHANGES:
        study = change.apply(study)
    age = study.codebook["age"]
    assert (age.level, age.label, age.unit) == (Level.COUNT, "Age at enrolment", "yr")
    assert study.data.categories("completed").labels == ("dropped out", "stayed")
    assert study.codebook["receptive_post"].missing_codes == (MissingCode(-9.0),)
    assert study.data.numbers("receptive_post").valid.sum() == 586
    ages = study.data.numbers("age")
    assert study.n_used == ((ages.values >= 30) & ages.valid).sum()
    assert not ages.valid[317]
    assert study.source.raw is history.study.source.raw  # the source is shared, never copied or written
    assert study.table.column("learner") is history.study.table.column("learner")
    assert [entry.label for entry in study.codebook["age_band"].value_labels] == ["under 30", "30–44", "45 and over"]


def test_a_guessed_level_follows_mended_values_and_a_chosen_one_stays(data_of: Callable[..., Dataset]) -> None:
    text = "sex,x\n" + "M,1.5\nF,2.5\n" * 40 + "male,3.5\nn/a,4.5\n"
    history = History(study_of(data_of(text)))
    assert history.study.codebook["sex"].level is Level.NOMINAL
    mended = history.do(Correct((Correction("sex", "male", "M"),))).do(TreatAsMissing(("sex",), ("n/a",)))
    assert mended.study.codebook["sex"].level is Level.BINARY
    assert mended.undo().undo().study.codebook["sex"].level is Level.NOMINAL
    chosen = history.do(SetLevel("sex", Level.TEXT)).do(Correct((Correction("sex", "male", "M"),)))
    assert chosen.study.codebook["sex"].level is Level.TEXT


def test_a_change_of_what_is_not_there_is_told(history: History) -> None:
    with pytest.raises(Problem, match="no variable “agee”"):
        history.do(SetLevel("agee", Level.COUNT))


def test_the_manuscript_numbers_tables_and_figures_apart(history: History, style: HouseStyle) -> None:
    for sentence in (TABLE, FIGURE, "describe age"):
        history = history.do(Keep(kept(sentence, history.study)))
    entries = compose(history.study, style)
    assert [(e.label, e.status) for e in entries] == [
        ("Table 1", "as kept"),
        ("Figure 1", "as kept"),
        ("Table 2", "as kept"),
    ]
    first, _, last = (kept.id for kept in history.study.kept)
    moved = compose(history.do(Move(last, 0)).study, style)
    assert [e.kept.sentence for e in moved] == ["describe age", TABLE, FIGURE]
    assert [e.label for e in compose(history.do(Drop(first)).study, style)] == ["Figure 1", "Table 1"]


def test_the_manuscript_says_how_many_numbers_moved(history: History, style: HouseStyle) -> None:
    for sentence in (TABLE, FIGURE, "describe age"):
        history = history.do(Keep(kept(sentence, history.study)))
    history = history.do(TreatAsMissing(("receptive_post",), (-9.0,)))
    table, figure, untouched = compose(history.study, style)
    # Per group: n, M, SD, median, minimum and skewness move; the maximum of 80 stays; Mdn moves in every group.
    assert table.status == f"{len(table.moved)} numbers moved"
    assert 15 <= len(table.moved) <= 18
    assert {number.column for number in table.moved} == {"n", "mean", "sd", "median", "min", "skewness"}
    assert (figure.status, untouched.status) == ("drawn again", "as kept")
    assert table.exhibit is not None
    accepted = history.do(Accept(table.kept.id, numbers_of(table.exhibit)))
    assert compose(accepted.study, style)[0].status == "as kept"


def test_an_exhibit_that_cannot_be_made_any_more_says_why(history: History, style: HouseStyle) -> None:
    history = history.do(Keep(kept("describe age among age > 100", history.study)))
    history = history.do(SetCondition(parse_condition("age < 50")))
    (entry,) = compose(history.study, style)
    assert entry.exhibit is None
    assert entry.status.startswith("cannot be made: No case meets")


def test_numbers_are_compared_by_row_and_column() -> None:
    before = (Accepted("a", "n", 1.0), Accepted("b", "n", 2.0), Accepted("c", "n", 3.0))
    now = (Accepted("c", "n", 3.0), Accepted("d", "n", 2.0), Accepted("a", "n", 1.5))
    assert moved_between(before, now) == (
        Moved("d", "n", None, 2.0),
        Moved("a", "n", 1.0, 1.5),
        Moved("b", "n", 2.0, None),
    )
    assert moved_between(before, tuple(reversed(before))) == ()


def test_the_standing_condition_and_the_sentences_own_hold_together(history: History, style: HouseStyle) -> None:
    study = history.do(SetCondition(parse_condition("age >= 30"))).study
    exhibit = make_exhibit("describe age among signers_home = 1", study.data, study.standing)
    assert exhibit.cases.condition == "age >= 30 and signers_home = 1"
    ages, home = study.data.numbers("age").values, study.data.numbers("signers_home").values
    assert exhibit.cases.used == ((ages >= 30) & (home == 1)).sum()


def test_a_codebook_file_is_laid_over_the_guess(tmp_path: Path) -> None:
    path = tmp_path / "data.csv"
    path.write_text("a,b\n1,x\n2,y\n9,x\n")
    book = tmp_path / "book.csv"
    book.write_text("name,level,label,missing\na,ordinal,A thing,9 refused\n")
    data = open_data(path, Opening(codebook=str(book)))
    assert (data.variable("a").title, data.variable("a").level) == ("A thing", Level.ORDINAL)
    assert data.categories("a").values == (1.0, 2.0)
    for name, says in ((tmp_path / "none.csv", "there is no such file"), (tmp_path / "latin.csv", "is not UTF-8")):
        (tmp_path / "latin.csv").write_bytes(b"name,label\na,caf\xe9\n")
        with pytest.raises(Problem, match=says):
            open_data(path, Opening(codebook=str(name)))


def test_only_the_demo_file_brings_its_codebook(tmp_path: Path) -> None:
    assert open_data(LEARNERS).variable("age").label == "Age"
    copy = tmp_path / "learners.csv"
    copy.write_bytes(LEARNERS.read_bytes())
    assert open_data(copy).variable("age").label == ""
    assert open_data(copy, Opening(codebook=str(CODEBOOK))).variable("age").label == "Age"


def test_what_was_said_of_a_source_outlives_its_new_reading_where_it_fits(tmp_path: Path) -> None:
    """Labels of variables of the same kind, and derived variables; not those of columns that are gone or hold other values."""
    path = tmp_path / "x.csv"
    path.write_text("x,y,z\n1.5,2,a\n2.5,3,b\n", encoding="utf-8")
    history = History(Study((open_source(path),)))
    for change in (
        *(SetText(name, "label", name.upper()) for name in "xyz"),
        Derive("twice", parse_expression("x * 2")),
    ):
        history = history.do(change)
    path.write_text("x,y,w\n1.5,u,a\n3.5,v,b\n", encoding="utf-8")
    after = refreshed(history)[0].study.source
    assert [(v.name, v.label) for v in after.codebook.variables] == [("x", "X"), ("y", ""), ("w", ""), ("twice", "")]
    assert after.data.numbers("twice").values.tolist() == [3.0, 7.0]


def test_a_file_that_changed_or_is_gone_is_told_once_and_read_again(tmp_path: Path) -> None:
    path = tmp_path / "x.csv"
    path.write_text("x\n1\n2\n", encoding="utf-8")
    history = History(Study((open_source(path),)))
    assert not gone(history.study.source)
    assert refreshed(history) == (history, ())
    path.write_text("x\n1\n2\n30\n", encoding="utf-8")
    after, lines = refreshed(history)
    assert after.study.source.raw.n_rows == 3
    assert len(lines) == 1
    path.unlink()
    assert gone(after.study.source)
    kept, lines = refreshed(after)
    assert kept.study.source.raw.n_rows == 3
    assert "is not where it was" in lines[0].says
