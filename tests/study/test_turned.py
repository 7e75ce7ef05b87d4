"""Words among numbers that changed sides are doubted, in the study and in every document; others are not."""

from __future__ import annotations

import shutil
from pathlib import Path

import pytest

from depth import some
from istrel import cli
from istrel.demo import LEARNERS, STUDY
from istrel.study.parts import Number, Words
from istrel.study.turned import Seen, turned, unclaimed


def seen(place: int, row: str, column: str, old: float, new: float) -> Seen:
    return Seen(place, Number("k1", row, column, "", old), old, new, f"{old:g}", f"{new:g}")


A, B, C = "x @ g=a", "x @ g=b", "y @ g=a"


@pytest.mark.parametrize(
    ("numbers", "said"),
    [
        ([(A, "mean", 5.0, 3.0), (B, "mean", 4.0, 4.0)], ["5 was above 4; they are 3 and 4 now"]),
        ([(A, "mean", 4.0, 4.0), (B, "mean", 5.0, 3.0)], ["5 was above 4; they are 3 and 4 now"]),
        ([(A, "mean", 5.0, 6.0), (B, "mean", 4.0, 2.0)], []),
        ([(A, "mean", 5.0, 3.0), (C, "mean", 4.0, 4.0)], []),  # of another variable
        ([(A, "mean", 5.0, 3.0), (B, "sd", 4.0, 4.0)], []),
        ([(A, "mean", 5.0, 3.0), ("x", "mean", 4.0, 4.0)], []),  # of all cases
        ([(A, "mean", 50.1, 50.2), (B, "mean", 50.2, 50.1)], []),  # nobody says that one is above the other
        ([("v=1", "g=a/%", 40.0, 20.0), ("v=1", "g=b/%", 30.0, 30.0)], ["40 was above 30; they are 20 and 30 now"]),
        ([("v=1", "g=a/%", 40.0, 20.0), ("v=1", "g=b/n", 30.0, 30.0)], []),
        ([("x", "y/p", 0.04, 0.051)], ["p was 0.04 and is 0.051, now not below .05"]),
        ([("x @ g", "difference p", 0.2, 0.01)], ["p was 0.2 and is 0.01, now below .05"]),
        ([("x", "y/p", 0.2, 0.9)], []),
        ([("x", "y", 0.2, -0.1)], ["0.2 is now -0.1: another sign"]),
        ([("x", "y", 0.0, -0.1)], []),
    ],
)
def test_numbers_that_changed_sides_are_told(numbers: list[tuple[str, str, float, float]], said: list[str]) -> None:
    assert [one.says for one in turned([seen(k, *number) for k, number in enumerate(numbers)])] == said


def test_numbers_of_sentences_that_claim_are_held_by_their_claim() -> None:
    number = Number("k1", A, "mean", "", 1.0)
    prose = (
        Words("So "),
        number,
        Words(". It was highest, ", claim="highest: x", of="k1"),
        number,
        Words("; "),
        number,
    )
    assert list(unclaimed((*prose, Words(". Then "), number))) == [1, 7]


@pytest.mark.parametrize("ending", some(["docx", "odt"], 1))
def test_the_demo_paper_with_its_words_made_false_says_so(
    ending: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    study, paper = tmp_path / "courses.istrel", tmp_path / f"paper.{ending}"
    for path in (STUDY, *LEARNERS.parent.glob("*.csv")):
        shutil.copy(path, tmp_path)
    assert cli.main(["build", str(study), "-o", str(paper)]) == 0
    one, other = "Guided self-study", "Weekly evening"
    rows = LEARNERS.read_text(encoding="utf-8").replace(one, "@").replace(other, one).replace("@", other)
    (tmp_path / LEARNERS.name).write_text(rows, encoding="utf-8")
    capsys.readouterr()
    says = "words may no longer hold: 111.7 was above 86.7; they are 86.7 and 111.7 now"
    for command in (
        ["build", str(study), "--check"],
        ["build", str(study), "-o", str(tmp_path / "new.md")],
        ["refresh", str(paper), str(study)],
    ):
        assert cli.main(command) == 1, command
        assert says in "".join(capsys.readouterr()), command
    assert (tmp_path / "new.md").read_text(encoding="utf-8").count("may no longer hold") == 1
