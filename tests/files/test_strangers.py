"""Files of strangers: none is read wrongly without a word, and nearly all are simply right (docs/reading.md has both figures)."""

from __future__ import annotations

import json
import tomllib
from collections.abc import Iterator
from pathlib import Path
from typing import Any

import pytest

from istrel.data.dataset import Dataset
from istrel.english import English, put_together, taken_apart
from istrel.problem import Problem
from istrel.study.intake import take_in
from istrel.study.opening import open_data

HERE = Path(__file__).parent
SETS = {name: tomllib.loads((HERE / f"{name}.toml").read_text("utf-8")) for name in ("strangers", "aside", "later")}
CASES = [(name, case) for name, cases in SETS.items() for case in cases]
SIMPLY_RIGHT = 0.85


def opened(name: str, case: str, folder: Path) -> Dataset:
    said = SETS[name][case]
    path = folder / said.get("name", f"{case}.csv")
    path.write_bytes(said["text"].removeprefix("\n").encode())
    return open_data(path)


def alike(one: Any, other: Any) -> bool:
    return one == other or (isinstance(one, float) and isinstance(other, float) and abs(one - other) < 1e-9)


def all_said(remarks: tuple[str, ...]) -> Iterator[object]:
    """The remarks, and what they say of a column."""
    for remark in remarks:
        yield remark
        if isinstance(remark, English) and remark.template == "{name}: {words}":
            words = remark.parts["words"]
            yield words
            yield getattr(words, "parts", {}).get("what", words)


@pytest.mark.parametrize(("name", "case"), CASES)
def test_a_stranger_s_file_is_read_right_or_said(name: str, case: str, tmp_path: Path) -> None:
    said = SETS[name][case]
    if "refused" in said:
        with pytest.raises(Problem, match=said["refused"]) as caught:
            opened(name, case, tmp_path)
        assert "\n" not in caught.value.message
        return
    data = opened(name, case, tmp_path)
    for called, values in said.get("read", {}).items():
        column = data.table.column(called)
        found = [column.value_at(row) if column.valid[row] else "∅" for row in range(len(values))]
        assert all(map(alike, found, values)), (called, found)
    for called, level in said.get("levels", {}).items():
        assert data.variable(called).level.value == level, called
    remarks = data.table.source.remarks
    assert all(isinstance(said, English) for said in all_said(remarks))  # so that the window says them in its language
    kept = [put_together(json.loads(json.dumps(taken_apart(remark)))) for remark in remarks]
    assert [(one, taken_apart(one)) for one in kept] == [(one, taken_apart(one)) for one in remarks]
    heard = " ".join([*remarks, *(finding.line for finding in take_in(data).findings)])
    assert said.get("says", "") in heard
    assert said.get("read") or said["says"]


def test_there_are_many_and_most_are_simply_right() -> None:
    """Right: all of it is read as it was meant, whatever is said besides."""
    cases = [said for cases in SETS.values() for said in cases.values()]
    assert len(cases) >= 160
    assert sum("read" in said for said in cases) >= SIMPLY_RIGHT * len(cases)


@pytest.mark.parametrize(
    "kept",
    [
        7,
        ["{name}"],
        ["{name}", {"name": None}],
        ["{name.__class__}", {"name": "x"}],
        ["{name!r}", {"name": "x"}],
        ["{name:>99999999}", {"name": "x"}],
        ["{0}", {"0": "x"}],
        ["{name", {"name": "x"}],
        ["{n:d}", {"n": "x"}],
    ],
)
def test_words_that_somebody_altered_are_none(kept: object) -> None:
    with pytest.raises(ValueError):  # noqa: PT011
        put_together(kept)
