"""The demo study: made again it is the committed file, every planted fault is in it, and it scales."""

from __future__ import annotations

import csv
from collections import Counter
from pathlib import Path

import numpy as np
import pytest

from istrel.demo import LEARNERS, SESSIONS
from istrel.demo.generate import PLANTED, learners, sessions, with_dirt, write


@pytest.fixture(scope="module")
def rows() -> list[dict[str, str]]:
    with LEARNERS.open(encoding="utf-8", newline="") as file:
        return list(csv.DictReader(file))


def test_the_committed_files_are_what_the_generator_makes(tmp_path: Path) -> None:
    clean = learners(612)
    write(with_dirt(clean), tmp_path / "learners.csv")
    write(sessions(clean), tmp_path / "sessions.csv")
    assert (tmp_path / "learners.csv").read_bytes() == LEARNERS.read_bytes()
    assert (tmp_path / "sessions.csv").read_bytes() == SESSIONS.read_bytes()


def test_all_planted_dirt_is_there(rows: list[dict[str, str]]) -> None:
    assert (len(rows), len(rows[0])) == (612, 34)
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
