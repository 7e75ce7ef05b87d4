"""How often levels and findings are right: the floors below which they never fall, and the table in docs/reading.md."""

from __future__ import annotations

import os
from pathlib import Path

import pytest
from studies import ASIDE, STUDIES, Score, made, measure, table

PAGE = Path(__file__).parents[2] / "docs" / "reading.md"
START, END = "<!-- measured -->\n", "\n<!-- /measured -->"
LEVELS, TRUE, FOUND, MOST_OF_SOUND = 0.95, 0.9, 0.9, 5


@pytest.fixture(scope="module")
def scores(tmp_path_factory: pytest.TempPathFactory) -> tuple[Score, Score]:
    folder = tmp_path_factory.mktemp("studies")
    return measure(tuple(name for name in STUDIES if name not in ASIDE), folder), measure(ASIDE, folder)


@pytest.mark.parametrize("which", [0, 1])
def test_levels_and_findings_are_right_nine_times_in_ten(which: int, scores: tuple[Score, Score]) -> None:
    score = scores[which]
    assert score.share("levels") >= LEVELS, score.wrong
    assert score.share("said") >= TRUE, score.wrong
    assert score.share("wanted") >= FOUND, score.wrong
    assert score.most_of_sound <= MOST_OF_SOUND


def test_the_docs_say_what_was_measured(scores: tuple[Score, Score]) -> None:
    text = PAGE.read_text(encoding="utf-8")
    before, rest = text.split(START)
    after = rest.split(END.strip("\n"))[1]
    said = f"{before}{START}{table(*scores)}{END}{after}"
    if os.environ.get("ISTREL_GOLDEN") == "write":
        PAGE.write_text(said, encoding="utf-8")
    assert PAGE.read_text(encoding="utf-8") == said


def test_studies_are_many_and_the_same_every_time() -> None:
    assert len(STUDIES) >= 60
    assert made("runners").text == made("runners").text
    assert all(
        fault.rpartition(" | ")[2].strip() or "empty" in fault for said in STUDIES.values() for fault in said["faults"]
    )
