"""The study on disk: what was done comes back with its undo; kills, damage, other programs and newer versions lose nothing."""

from __future__ import annotations

import contextlib
import json
import os
import random
import signal
import sqlite3
import stat
import subprocess
import sys
import time
import zipfile
from dataclasses import replace
from pathlib import Path

import numpy as np
import pytest
from hypothesis import given, settings
from hypothesis import strategies as st

from istrel.data.column import Column, Kind, Unread
from istrel.data.corrections import Aside, Correction
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.problem import Problem
from istrel.sentence import parse, parse_condition, parse_expression
from istrel.study import places
from istrel.study.changes.cases import Correct, SetAside, SetCondition
from istrel.study.changes.codebook import Derive, SetLevel, SetText, TreatAsMissing
from istrel.study.changes.manuscript import Keep
from istrel.study.changes.sources import AddSource, ReadAgain, RemoveSource, UseSource
from istrel.study.combining import made_long
from istrel.study.file import StudyFile, read_back, readable, schema, store
from istrel.study.file.holding import good_copy
from istrel.study.file.packing import pack, unpack
from istrel.study.history import History
from istrel.study.manuscript import manuscript, numbers_of
from istrel.study.opening import open_source, paste_source, reread
from istrel.study.parts import Kept
from istrel.study.remake import made
from istrel.study.study import Study, study_of
from istrel.style.house import style_from

FIXTURE = Path(__file__).parent / "study-1.istrel"
SENTENCE = "describe score across kind"
ROWS = "id,score,kind\n" + "".join(f"{k},{k % 17}.5,{'ab'[k % 2]}\n" for k in range(60)) + "60,about 3,b\n"


def begun(folder: Path) -> History:
    """A study of a small file with every sort of change."""
    path = folder / "first.csv"
    path.write_text(ROWS)
    history = History(Study((open_source(path),)))
    for change in (
        SetText("score", "label", "Score"),
        Correct((Correction("score", 16.5, None, reason="cannot be"),)),
        Derive("high", parse_expression("score >= 8")),
        SetAside(Aside((3, 4), "twice")),
        SetCondition(parse_condition("score between 1 and 15")),
        AddSource(paste_source("a\tb\n1\t2\n3\t4\n")),
        UseSource("s1"),
    ):
        history = history.do(change)
    exhibit = made(Kept(parse(SENTENCE), (), source="s1"), history.study)
    history = history.do(Keep(Kept(parse(SENTENCE), numbers_of(exhibit))))
    history = history.do(AddSource(made_long(history.study.source_of("s1"), ("id", "score"))[0]))
    history = history.do(UseSource("s1"))
    again = reread(history.study.source, open_source(path))
    return history.do(ReadAgain(again)).do(SetLevel("id", Level.IDENTIFIER))


def same(one: Study, other: Study, folder: Path) -> bool:
    """All that was said, all data, and the exhibits."""
    tables = [[(c.name, c.valid.tolist(), c.words) for c in s.data.table.columns] for s in one.sources]
    return (
        readable(one, folder) == readable(other, folder)
        and tables == [[(c.name, c.valid.tolist(), c.words) for c in s.data.table.columns] for s in other.sources]
        and [made(kept, one).sheet for kept in one.kept] == [made(kept, other).sheet for kept in other.kept]
    )


def test_a_study_comes_back_with_its_data_and_its_undo_at_every_step(tmp_path: Path) -> None:
    history, path = begun(tmp_path), tmp_path / "paper.istrel"
    versions = [step.study for step in history.past] + [history.study]
    StudyFile.create(path, history).close()
    (tmp_path / "first.csv").unlink()  # the study holds its data
    for place in range(len(versions) - 1, -1, -1):
        with StudyFile(path) as file:
            assert same(file.history.study, versions[place], tmp_path)
            assert len(file.history.past) == place
            assert len(file.history.future) == len(versions) - 1 - place
            if place:
                file.save(file.history.undo())
    with StudyFile(path) as file:
        file.save(file.history.redo().redo().do(SetText("score", "unit", "points")))
    with StudyFile(path) as file:
        assert file.history.future == ()
        assert file.history.undo_words == SetText("score", "unit", "points").words
        assert file.history.study.codebook["score"].unit == "points"


def test_a_study_moved_with_its_files_finds_them(tmp_path: Path) -> None:
    here, there = tmp_path / "here", tmp_path / "there"
    here.mkdir()
    StudyFile.create(here / "paper.istrel", begun(here)).close()
    here.rename(there)
    with StudyFile(there / "paper.istrel") as file:
        study = file.history.study
        assert study.sources[0].raw.source.path == str(there / "first.csv")
        text = readable(study, there)
        assert str(tmp_path) not in text
        again = read_back(text, "paper.json", there)
        assert readable(again, there) == text
        assert same(again, study, there)


def test_a_long_history_is_folded_and_stays_whole(tmp_path: Path, learners: Dataset) -> None:
    history, path = History(study_of(learners)), tmp_path / "long.istrel"
    for k in range(700):
        history = history.do(SetText("age", "label", f"Age {k}"))
    StudyFile.create(path, history).close()
    with StudyFile(path) as file:
        assert (len(file.history.past), file.history.study.codebook["age"].label) == (300, "Age 699")
        file.save(file.history.undo().undo().do(SetText("age", "unit", "yr")))
    with StudyFile(path) as file:
        assert len(file.history.past) == 299
        assert file.history.study.codebook["age"].label == "Age 697"


@pytest.mark.parametrize("seed", range(4))
def test_whatever_is_done_and_undone_the_file_holds_the_study_and_few_changes(
    seed: int, tmp_path: Path, learners: Dataset, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setattr(store, "MOST_CHANGES", 6)
    monkeypatch.setattr(store, "KEPT_CHANGES", 3)
    rng, history, path = (
        random.Random(seed),
        History(replace(study_of(learners), identity="0a1b2c3d")),
        tmp_path / "a.istrel",
    )
    with StudyFile.create(path, history) as file:
        for number in range(120):
            for _ in range(rng.randint(1, 9)):
                match rng.choice(["do", "do", "do", "undo", "redo"]):
                    case "do":
                        history = history.do(SetText("age", "label", f"Age {number} {rng.random()}"))
                    case "undo":
                        history = history.undo()
                    case "redo":
                        history = history.redo()
            file.save(history)
            assert file.number == len(history.past)
            if number % 10 == 0:
                with StudyFile(path, writing=False) as found:
                    assert found.history.study.codebook["age"].label == history.study.codebook["age"].label
                    assert (found.number, found.history.study.identity) == (file.number, "0a1b2c3d")
                    steps = [*found.history.past, *found.history.future]
                    assert len(steps) <= 6 + 9
                    back, mine = found.history.undo().undo(), history.undo().undo()
                    if len(found.history.past) >= 2:
                        assert back.study.codebook["age"].label == mine.study.codebook["age"].label


@settings(max_examples=60, deadline=None)
@given(st.lists(st.one_of(st.none(), st.text(max_size=5)), max_size=8), st.lists(st.floats(width=64), max_size=8))
def test_every_column_comes_back_to_the_bit(texts: list[str | None], numbers: list[float]) -> None:
    words = tuple(dict.fromkeys(t for t in texts if t is not None and t.isprintable()))
    valid = np.array([t in words for t in texts], bool)
    codes = np.array([words.index(t) if t in words else 0 for t in texts], np.int32)
    values = np.array(numbers, np.float64)
    some = np.arange(values.size) % 3 != 1
    days = np.array(["2020-01-01", "1583-12-31"], "datetime64[s]")
    rows = np.flatnonzero(~some).astype(np.int64)
    for column in (
        Column("täxt", Kind.TEXT, codes, valid, words),
        Column("n", Kind.NUMBER, values, some, unread=Unread(rows, ("ab3 \n",) * rows.size), unit="%"),
        Column("d", Kind.DATE, days, np.array([True, False])),
    ):
        again = unpack(*pack(column))
        assert (again.name, again.kind, again.words, again.unit) == (
            column.name,
            column.kind,
            column.words,
            column.unit,
        )
        assert again.valid.tolist() == column.valid.tolist()
        assert again.values[again.valid].tobytes() == column.values[column.valid].tobytes()
        assert (again.unread.rows.tolist(), again.unread.texts) == (column.unread.rows.tolist(), column.unread.texts)


EDITING = """
import sys
import istrel.study.file.store as store
store.MOST_CHANGES, store.KEPT_CHANGES = 9, 4  # it folds all the time
from pathlib import Path
from istrel.study.changes.codebook import SetText
from istrel.study.changes.sources import AddSource, UseSource
from istrel.study.file import StudyFile
from istrel.study.opening import paste_source
with StudyFile(Path(sys.argv[1])) as file:
    history, k = file.history, file.number
    print("open", flush=True)
    while True:
        k += 1
        change = SetText("score", "label", f"change {k}")
        if k % 5 < 2:
            change = UseSource("s1") if k % 5 else AddSource(paste_source("a,b\\n" + "1,2\\n" * 2000))
        history = history.do(change)
        print("begins", k, flush=True)
        file.save(history)
        print("saved", k, flush=True)
"""


def killed(path: Path, times: int, seed: int = 1) -> None:
    """Kill a program that saves, again and again: at most the change in flight is missing."""
    rng = random.Random(seed)
    for _ in range(times):
        with subprocess.Popen([sys.executable, "-c", EDITING, str(path)], stdout=subprocess.PIPE, text=True) as run:
            assert run.stdout is not None
            assert run.stdout.readline() == "open\n"
            time.sleep(rng.uniform(0, 0.12))
            run.send_signal(signal.SIGKILL)
            said = [line.split() for line in run.stdout.read().splitlines() if " " in line]
        saved = max((int(number) for word, number in said if word == "saved"), default=0)
        started = max((int(number) for word, number in said if word == "begins"), default=0)
        StudyFile(path, writing=False).close()
        with StudyFile(path) as file:
            if started:
                assert saved <= file.number <= started
            assert file.history.undo_words


def test_a_journal_of_another_study_is_put_aside(tmp_path: Path) -> None:
    path, other = tmp_path / "paper.istrel", tmp_path / "other.istrel"
    for place in (path, other):
        StudyFile.create(place, begun(tmp_path)).close()
    with StudyFile(other) as file:
        for k in range(5):
            file.save(file.history.do(SetText("score", "label", f"other {k}")))
    connection = sqlite3.connect(other, isolation_level=None)
    connection.execute("PRAGMA cache_size = 1")  # so that pages are written before the end
    connection.execute("BEGIN IMMEDIATE")
    connection.executemany("INSERT INTO data VALUES (?, ?)", ((f"x{k}", "x" * 4000) for k in range(200)))
    journal, crashed = Path(f"{other}-journal").read_bytes(), other.read_bytes()
    connection.close()
    whole = path.read_bytes()
    Path(f"{path}-journal").write_bytes(journal)
    with StudyFile(path, writing=False) as file:
        assert file.history.study.codebook["score"].label == "Score"
    assert path.read_bytes() == whole
    other.write_bytes(crashed)
    Path(f"{other}-journal").write_bytes(journal)
    with StudyFile(other) as file:  # its own journal is undone
        assert file.history.study.codebook["score"].label == "other 4"


def test_a_new_study_is_its_owners_alone_or_as_the_others_there_are(tmp_path: Path) -> None:
    paths = [tmp_path / f"{name}.istrel" for name in "abc"]
    left = tmp_path / ".a.istrel.xyz.part"
    left.write_bytes(b"what a killed program left")
    os.utime(left, (0, 0))
    modes = []
    for path in paths:
        StudyFile.create(path, History(Study(()))).close()
        modes.append(stat.S_IMODE(path.stat().st_mode))
        path.chmod(0o640)
    assert (modes, left.exists()) == ([0o600, 0o640, 0o640], False)


def test_a_killed_program_loses_at_most_the_change_in_flight(tmp_path: Path) -> None:
    path = tmp_path / "paper.istrel"
    StudyFile.create(path, begun(tmp_path)).close()
    killed(path, 5)
    with StudyFile(path) as file:
        file.save(file.history.do(UseSource("s1")))
    assert {p.name for p in tmp_path.iterdir()} == {"first.csv", "paper.istrel", good_copy(path).name}


EXPORTING = """
import sys
from pathlib import Path
from istrel.render.manuscript import write_folder, write_manuscript
from istrel.study.file import StudyFile
from istrel.style.house import load_style
study, folder = StudyFile(Path(sys.argv[1]), writing=False).history.study, Path(sys.argv[2])
print("open", flush=True)
while True:
    for ending in ("html", "docx", "odt", "xlsx", "md"):
        write_manuscript(study, load_style(), folder / f"paper.{ending}")
    write_folder(study, load_style(), folder / "exhibits")
"""


def exported_and_killed(path: Path, folder: Path, times: int, seed: int = 2) -> None:
    """Kill a program that exports: what stands under its final name is whole."""
    rng = random.Random(seed)
    for _ in range(times):
        command = [sys.executable, "-c", EXPORTING, str(path), str(folder)]
        with subprocess.Popen(command, stdout=subprocess.PIPE, text=True) as run:
            assert run.stdout is not None
            assert run.stdout.readline() == "open\n"
            time.sleep(rng.uniform(0.05, 0.9))
            run.send_signal(signal.SIGKILL)
        for made_file in folder.rglob("*"):
            if made_file.name.startswith("."):
                continue
            if made_file.suffix in (".docx", ".odt", ".xlsx"):
                with zipfile.ZipFile(made_file) as archive:
                    assert archive.testzip() is None
            elif made_file.suffix == ".html":
                assert made_file.read_text().rstrip().endswith("</html>")
            elif made_file.suffix == ".json":
                json.loads(made_file.read_text())


def test_a_killed_export_leaves_nothing_half_written(tmp_path: Path) -> None:
    path, folder = tmp_path / "paper.istrel", tmp_path / "out"
    folder.mkdir()
    StudyFile.create(path, begun(tmp_path)).close()
    exported_and_killed(path, folder, 2)


def test_a_damaged_study_is_refused_plainly_or_opened_soundly(tmp_path: Path) -> None:
    path, bad = tmp_path / "paper.istrel", tmp_path / "bad.istrel"
    StudyFile.create(path, begun(tmp_path)).close()
    whole, rng, opened = path.read_bytes(), random.Random(7), 0
    said: list[str] = []
    for _ in range(150):
        damaged = bytearray(whole)
        match rng.randrange(3):
            case 0:
                for _ in range(rng.choice((1, 4, 200))):
                    damaged[rng.randrange(len(damaged))] = rng.randrange(256)
            case 1:
                del damaged[rng.randrange(len(damaged)) :]
            case _:
                place = rng.randrange(len(damaged))
                damaged[place : place + 300] = bytes(rng.randrange(256) for _ in range(300))
        bad.write_bytes(damaged)
        try:
            with StudyFile(bad) as file:
                opened += all(source.data.n_rows >= 0 for source in file.history.study.sources)
        except Problem as problem:
            said.append(problem.message)
    assert opened + len(said) == 150
    assert len(said) > 50
    assert all("bad.istrel" in words and "\n" not in words for words in said)


ALTERED = [
    ("PRAGMA user_version = 3", "newer Istrel"),
    ("PRAGMA application_id = 7", "is no study"),
    ("CREATE VIEW v AS SELECT 1", "other tables"),
    ("CREATE TRIGGER t AFTER INSERT ON changes BEGIN DELETE FROM data; END", "other tables"),
    ("CREATE INDEX i ON changes (what)", "other tables"),
    ("DROP TABLE data", "other tables"),
    ("DELETE FROM study WHERE key = 'base'", "cannot be understood"),
    ("UPDATE study SET value = '99' WHERE key = 'position'", "cannot be understood"),
    ("UPDATE study SET value = '[]' WHERE key = 'base'", "cannot be understood"),
    ("UPDATE study SET value = replace(value, '\"s1\"', '\"s9\"') WHERE key = 'base'", "cannot be"),
    ("DELETE FROM changes WHERE number = 2", "cannot be understood"),
    ('UPDATE changes SET what = \'{"kind": "Study"}\' WHERE number = 3', "change 4 of this study"),
    ("UPDATE changes SET what = replace('[', '[', printf('%.100000c', '[')) WHERE number = 3", "cannot be understood"),
    ("DELETE FROM pieces", "damaged"),
    ("UPDATE data SET described = replace(described, '\"rows\":61', '\"rows\":62')", "cannot be understood"),
    ("DELETE FROM data WHERE id = 'd1'", "are missing"),
]


@pytest.mark.parametrize(("statement", "says"), ALTERED)
def test_an_altered_study_is_refused_by_name(statement: str, says: str, tmp_path: Path) -> None:
    path = tmp_path / "paper.istrel"
    StudyFile.create(path, begun(tmp_path)).close()
    with sqlite3.connect(path) as other:
        other.execute(statement)
    other.close()
    with pytest.raises(Problem, match=says):
        StudyFile(path)


def test_a_study_open_elsewhere_read_only_or_nowhere_is_told(tmp_path: Path) -> None:
    path = tmp_path / "paper.istrel"
    history = begun(tmp_path)
    with StudyFile.create(path, history):
        with pytest.raises(Problem, match="open in another window"):
            StudyFile(path)
        with StudyFile(path, writing=False) as reader:  # what was last saved
            assert same(reader.history.study, history.study, tmp_path)
    with pytest.raises(Problem, match="no such"):
        StudyFile.create(tmp_path / "none" / "paper.istrel", history)
    (tmp_path / "text.istrel").write_text("not a study")
    with pytest.raises(Problem, match="none"):
        StudyFile(tmp_path / "text.istrel")
    if os.geteuid():
        path.chmod(0o400)
        with pytest.raises(Problem, match=r"read-only|no access|denied"):
            StudyFile(path)


@pytest.mark.parametrize("how", ["written over", "exchanged", "taken away"])
def test_a_file_that_another_program_changed_is_not_written_into(how: str, tmp_path: Path) -> None:
    """As a sync program does it: both studies are whole afterwards, and a line says which is which."""
    path, other = tmp_path / "paper.istrel", tmp_path / "other.istrel"
    StudyFile.create(other, History(Study((paste_source("a,b\n9,9\n"),)))).close()
    file = StudyFile.create(path, begun(tmp_path))
    after = file.history.do(AddSource(paste_source("c\n5\n")))
    if how == "written over":
        path.write_bytes(other.read_bytes())
    elif how == "exchanged":
        other.replace(path)
    else:
        path.unlink()
    told = file.save(after)
    with file:
        assert file.path.name == ("paper.istrel" if how == "taken away" else "paper 2.istrel")
        assert f"“{file.path.name}”" in told or how == "taken away"
        assert file.save(after.undo()) == ""  # it goes on there
    with StudyFile(file.path) as mine:
        assert same(mine.history.study, after.undo().study, tmp_path)
    with StudyFile(path) as theirs:
        assert theirs.history.study.sources[0].raw.n_rows == (
            1 if how != "taken away" else after.undo().study.source.raw.n_rows
        )


def test_what_a_crash_left_of_an_earlier_study_does_not_reach_the_next(tmp_path: Path) -> None:
    path, history = tmp_path / "paper.istrel", begun(tmp_path)
    with StudyFile.create(path, history) as file:
        file._connection.execute("BEGIN IMMEDIATE")
        file._connection.execute("PRAGMA cache_spill = 1")
        file._connection.execute("UPDATE study SET value = 'x'")
        journal = Path(f"{path}-journal")
        left = journal.read_bytes() if journal.exists() else b"\xd9\xd5\x05\xf9 \xa1c\xd7" + bytes(504)
        file._connection.execute("ROLLBACK")
    path.unlink()
    journal.write_bytes(left)
    StudyFile.create(path, history).close()
    assert not journal.exists()
    with StudyFile(path) as again:
        assert same(again.history.study, history.study, tmp_path)


def test_the_last_good_copy_is_offered_when_a_study_is_damaged(tmp_path: Path) -> None:
    path, history = tmp_path / "paper.istrel", begun(tmp_path)
    StudyFile.create(path, history).close()
    path.chmod(0o600)
    StudyFile(path).close()
    copy = good_copy(path)
    assert stat.S_IMODE(copy.stat().st_mode) == 0o600
    path.write_bytes(path.read_bytes()[:3000])
    with pytest.raises(Problem, match=r"its last good copy is “\.paper last good\.istrel”"):
        StudyFile(path)
    with StudyFile(copy) as found:
        assert same(found.history.study, history.study, tmp_path)


def test_a_full_disk_is_told_and_nothing_is_lost(tmp_path: Path) -> None:
    path = tmp_path / "paper.istrel"
    with StudyFile.create(path, begun(tmp_path)) as file:
        before = file.history
        file._connection.execute("PRAGMA max_page_count = 1")  # as large as it is, and no page more
        large = paste_source("a,b\n" + "".join(f"{k},{k % 7}\n" for k in range(20_000)))
        after = before.do(AddSource(paste_source("a,b\n1,2\n"))).do(AddSource(large))  # the first would still have room
        with pytest.raises(Problem, match="the disk is full"):
            file.save(after)
        assert file.history is before
        file._connection.execute("PRAGMA max_page_count = 100000")
        file.save(after)  # nothing that was rolled back counts as written
    with StudyFile(path) as file:
        assert same(file.history.study, after.study, tmp_path)


def test_the_study_of_the_first_version_opens_for_ever(tmp_path: Path, learners: Dataset) -> None:
    """The fixture was written once, by the first version of the format; never write it anew."""
    path = tmp_path / "fixture.istrel"
    path.write_bytes(FIXTURE.read_bytes())
    with StudyFile(path) as file:
        study = file.history.study
        assert [kept.sentence for kept in study.kept] == [SENTENCE]
        exhibit = made(study.kept[0], study)
        assert numbers_of(exhibit) == study.kept[0].accepted
        assert file.history.undo_words == "id is identifier"
        file.save(file.history.do(TreatAsMissing(("score",), (3.5,))))
    assert version_of(path) == 2  # it was brought up, on a copy
    assert version_of(FIXTURE) == 1


def version_of(path: Path) -> int:
    with contextlib.closing(sqlite3.connect(f"file:{path}?mode=ro", uri=True)) as file:
        return int(file.execute("PRAGMA user_version").fetchone()[0])


def test_bringing_up_an_older_study_fails_whole(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    path = tmp_path / "old.istrel"
    path.write_bytes(FIXTURE.read_bytes())
    with StudyFile(path, writing=False) as file:  # reading leaves it as it is
        assert file.history.study.kept
    assert path.read_bytes() == FIXTURE.read_bytes()
    monkeypatch.setitem(schema.STEPS, 1, ("CREATE VIEW v AS SELECT 1",))  # a step that leaves what must not be there
    with pytest.raises(Problem, match="other tables"):
        StudyFile(path)
    assert path.read_bytes() == FIXTURE.read_bytes()
    assert {p.name for p in tmp_path.iterdir()} <= {"old.istrel", ".old last good.istrel"}


def test_the_study_of_the_second_version_opens_for_ever() -> None:
    """With headings, paragraphs, edited texts and a style of its own; never write it anew."""
    with StudyFile(FIXTURE.with_name("study-2.istrel"), writing=False) as file:
        study = file.history.study
        assert [type(part).__name__ for part in study.parts] == ["Passage", "Passage", "Kept", "Passage"]
        written = manuscript(study, style_from(study.style))
        assert [part.status for part in written] == ["", "", "as kept", ""]
        assert style_from(study.style).name == "APA 7, own"
        assert file.history.undo_words == "set the house style"


def test_data_that_nothing_needs_any_more_leave_the_file(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    first, second = (open_source(_csv(tmp_path / f"{n}.csv", n)) for n in (1, 2))
    history = History(Study((first,))).do(AddSource(second)).do(RemoveSource("s2"))
    for place in range(5):
        history = history.do(SetText("x", "label", f"label {place}"))
    path = tmp_path / "a.istrel"
    StudyFile.create(path, history).close()

    def count(table: str) -> int:
        with contextlib.closing(sqlite3.connect(path)) as file:
            return int(file.execute(f"SELECT count(*) FROM {table}").fetchone()[0])

    assert (count("data"), count("pieces")) == (2, 2)
    monkeypatch.setattr(store, "MOST_CHANGES", 4)
    monkeypatch.setattr(store, "KEPT_CHANGES", 1)
    with StudyFile(path) as file:
        assert file.history.study.codebook["x"].label == "label 4"
    assert (count("data"), count("pieces")) == (1, 1)
    with StudyFile(path) as file:
        file.save(file.history.do(AddSource(open_source(_csv(tmp_path / "3.csv", 3)))))
    with StudyFile(path) as file:
        assert len(file.history.study.sources) == 2


def _csv(path: Path, start: int) -> str:
    path.write_text("x\n" + "".join(f"{start + k}.5\n" for k in range(5)))
    return str(path)


@pytest.mark.parametrize(
    ("content", "found"),
    [
        ("no json", False),
        ('{{"{here}": 1}}', False),
        ('"{here}"', False),
        ('["gone.istrel", 3, null, "{here}"]', True),
        ("[" * 5_000, False),
    ],
)
def test_the_list_of_studies_that_were_open_may_hold_anything(
    content: str, found: bool, tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    here = tmp_path / "paper.istrel"
    here.touch()
    monkeypatch.setattr(places, "state_folder", lambda: tmp_path)
    (tmp_path / "recent.json").write_text(content.format(here=here) if "{here}" in content else content)
    assert places.recent() == ((here,) if found else ())
