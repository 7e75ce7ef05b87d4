"""The demo study: made again it is the committed file, every planted fault is in it, and it scales."""

from __future__ import annotations

import csv
import re
from collections import Counter
from pathlib import Path
from zipfile import ZipFile

import numpy as np
import pytest

from depth import some
from istrel import cli
from istrel.data.corrections import Correction
from istrel.demo import FOLLOW_UP, LEARNERS, SESSIONS, STUDY
from istrel.demo.generate import PLANTED, follow_up, learners, sessions, with_dirt, write
from istrel.exhibits.printing import plain_text
from istrel.study.changes.cases import Correct
from istrel.study.changes.manuscript import AcceptQuoted
from istrel.study.file import StudyFile, readable
from istrel.study.manuscript import Entry, Written, compose, manuscript, numbers_of
from istrel.study.parts import Number, Words, proses_of
from istrel.study.remake import made
from istrel.study.review import review
from istrel.style.house import load_style


@pytest.fixture(scope="module")
def rows() -> list[dict[str, str]]:
    with LEARNERS.open(encoding="utf-8", newline="") as file:
        return list(csv.DictReader(file))


def test_the_committed_files_are_what_the_generator_makes(tmp_path: Path) -> None:
    clean = learners(612)
    write(with_dirt(clean), tmp_path / "learners.csv")
    write(sessions(clean), tmp_path / "sessions.csv")
    write(follow_up(clean), tmp_path / "followup.csv")
    for path in (LEARNERS, SESSIONS, FOLLOW_UP):
        assert (tmp_path / path.name).read_bytes() == path.read_bytes()


def test_all_planted_dirt_is_there(rows: list[dict[str, str]]) -> None:
    assert (len(rows), len(rows[0])) == (612, 39)
    count = {name: Counter(row[name] for row in rows) for name in rows[0]}
    assert (count["receptive_post"]["-9"], count["education"]["99"], count["satisfaction"]["99"]) == (14, 4, 6)
    assert (count["site"]["harbour "], count["site"]["Harbor"]) == (6, 3)
    assert count["employment"]["retired "] >= 7
    assert (count["practice_min"]["n/a"], count["practice_min"]["approx 40"], count["practice_min"]["72,5"]) == (
        7,
        1,
        3,
    )
    assert rows[317]["age"] == "199"
    assert rows[76]["enrolled"] == "2052-03-14"
    assert set(count["term"]) == {"2025"}
    assert all(abs(float(row["fee_tenths"]) - 10 * float(row["fee_paid"])) < 0.51 for row in rows)
    together = [{row[f"mot_{k:02d}"] == "" for k in (5, 6, 7)} for row in rows]
    assert together.count({True}) == 22
    assert together.count({True, False}) == 0
    repeated = sum(n - 1 for n in Counter(tuple(row.values()) for row in rows).values())
    keys = sum(n - 1 for n in count["learner"].values())
    assert (repeated, keys) == (4, 6)
    assert len(PLANTED) == 14


def test_the_study_grows_with_its_dirt(tmp_path: Path) -> None:
    big = with_dirt(learners(2000))
    assert len(big["learner"]) == 2000
    assert np.count_nonzero(big["receptive_post"] == "-9") == 14
    assert big["age"][317] == "199"


@pytest.mark.parametrize("suffix", some([".odt", ".docx", ".html", ".md", ".tex"], 3))
def test_every_word_that_was_written_stands_in_every_document(suffix: str, tmp_path: Path) -> None:
    path = tmp_path / f"paper{suffix}"
    assert cli.main(["build", str(STUDY), "-o", str(path)]) == 0
    content = path.read_bytes()
    if suffix in (".docx", ".odt"):
        with ZipFile(path) as archive:
            content = archive.read("word/document.xml" if suffix == ".docx" else "content.xml")

    def letters(text: str) -> str:
        """Lower case letters and figures alone: what no format writes in its own way."""
        return re.sub(r"[^a-z0-9]", "", re.sub(r"<[^>]*>|\\[a-zA-Z]+", "", text).casefold())

    found = letters(content.decode())
    with StudyFile(STUDY, writing=False) as file:
        parts = file.history.study.parts
    written = [p.text for part in parts for prose in proses_of(part) for p in prose if isinstance(p, Words)]
    assert max(map(len, written)) > 400
    assert [words for words in written if letters(words) not in found] == []


def test_the_committed_study_is_what_the_tool_makes_and_no_reviewer_objects(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.syspath_prepend(str(Path(__file__).parents[1] / "tools"))
    made = tmp_path / "courses.istrel"
    monkeypatch.setattr("istrel.demo.STUDY", made)
    import demo_study

    monkeypatch.setattr(demo_study, "STUDY", made)
    demo_study.main()
    with StudyFile(made, writing=False) as one, StudyFile(STUDY, writing=False) as other:
        study = other.history.study
        assert readable(one.history.study, LEARNERS.parent) == readable(study, LEARNERS.parent)
    style = load_style()
    assert review(study, style) == ()
    parts = manuscript(study, style)
    assert all(part.status in ("", "as kept") for part in parts)
    assert len(study.kept) == 15
    numbers = [
        piece for part in study.parts for prose in proses_of(part) for piece in prose if isinstance(piece, Number)
    ]
    assert len(numbers) >= 25
    words = [len(plain_text(part.reading.text, style).split()) for part in parts if isinstance(part, Written)]
    assert sum(words) >= 750  # two pages


def test_one_value_changed_in_the_source_moves_exactly_the_cells_that_it_touches() -> None:
    """The change report held against a comparison of every cell of every exhibit, before and after."""
    with StudyFile(STUDY, writing=False) as file:
        before = file.history
    style = load_style()
    after = before.do(Correct((Correction("practice_min", 255.0, 200.0, 1),)))
    found = {
        (entry.kept.id, number.row, number.column) for entry in compose(after.study, style) for number in entry.moved
    }
    wanted = set()
    for kept in before.study.kept:
        old, new = (
            {(n.row, n.column): n.value for n in numbers_of(made(kept, study))} for study in (before.study, after.study)
        )
        wanted |= {(kept.id, *key) for key in old.keys() ^ new.keys()}
        wanted |= {
            (kept.id, *key) for key in old.keys() & new.keys() if old[key] != pytest.approx(new[key], rel=1e-12, abs=0)
        }
    assert found == wanted
    assert found
    quoted = [q for part in manuscript(after.study, style) if isinstance(part, Written) for q in part.reading.moved]
    assert {q.moved.row.split(" @")[0] for q in quoted} == {"practice_min"}
    assert all(q.old != q.new for q in quoted)  # what prints as before does not move in a text
    # Accepting what the texts quote leaves nothing to be accepted in them, and adds nothing to what tables hold.
    accepted = AcceptQuoted(tuple(Number(q.exhibit, q.moved.row, q.moved.column, "", q.moved.new) for q in quoted))
    parts = manuscript(after.do(accepted).study, style)
    assert not [part for part in parts if isinstance(part, Written) and part.status]
    left = {(part.kept.id, n.row, n.column) for part in parts if isinstance(part, Entry) for n in part.moved}
    assert left <= wanted
