"""One of a thing is one thing, wherever a count is told."""

from __future__ import annotations

from pathlib import Path

import pytest

from istrel import cli
from istrel.counting import counted


@pytest.mark.parametrize(("count", "says"), [(0, "0 cases"), (1, "1 case"), (2_000, "2,000 cases")])
def test_a_count_has_its_noun(count: int, says: str) -> None:
    assert counted(count, "case") == says


def test_a_file_of_one_case_and_one_variable_is_told_so(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    (tmp_path / "one.csv").write_text("x\n1\n")
    assert cli.main(["look", str(tmp_path / "one.csv"), "--to", "txt"]) == 0
    said = capsys.readouterr().out
    assert "1 case · 1 variable" in said
    assert not [word for word in ("1 cases", "1 variables", "1 complete cases") if word in said]
