"""Files of strangers: none is read wrongly without a word, and nearly all are simply right (docs/reading.md has both figures)."""

from __future__ import annotations

import tomllib
from pathlib import Path
from typing import Any

import pytest

from istrel.data.dataset import Dataset
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
    heard = " ".join([*data.table.source.remarks, *(finding.line for finding in take_in(data).findings)])
    assert said.get("says", "") in heard
    assert said.get("read") or said["says"]


def test_there_are_many_and_most_are_simply_right() -> None:
    """Right: all of it is read as it was meant, whatever is said besides."""
    cases = [said for cases in SETS.values() for said in cases.values()]
    assert len(cases) >= 160
    assert sum("read" in said for said in cases) >= SIMPLY_RIGHT * len(cases)
