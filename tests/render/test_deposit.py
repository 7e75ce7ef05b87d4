"""A study as an archive takes it: it opens again with the same numbers, gives nobody away, and is the same bytes each time."""

from __future__ import annotations

import hashlib
import json
from dataclasses import replace
from pathlib import Path

import pytest

from istrel import cli
from istrel.data.corrections import Aside
from istrel.problem import Problem
from istrel.render.deposit import deposit, write_deposit
from istrel.study.changes.cases import SetAside
from istrel.study.changes.codebook import MarkPersonal, TreatAsMissing
from istrel.study.changes.manuscript import Keep
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.opening import open_data, open_source
from istrel.study.study import Study
from istrel.style.house import HouseStyle
from made import kept_as, make_exhibit

ROWS = [
    f"{n},p{n}@example.org,{'=cmd' if n == 3 else 'a b'},{20 + n % 7}.5,{n % 3},{'<1' if n == 5 else n}"
    for n in range(30)
]
FILE = "\n".join(["id,mail,word,age,code,dose", *ROWS]) + "\n"
SENTENCES = ("describe age across code", "count code", "describe age as histogram")


@pytest.fixture
def history(tmp_path: Path) -> History:
    (tmp_path / "trial.csv").write_text(FILE)
    history = History(Study((open_source(tmp_path / "trial.csv"),)))
    changes = [MarkPersonal(("mail",)), TreatAsMissing(("code",), (2.0,)), SetAside(Aside((1, 2), "trial run"))]
    for change in [*changes, *(Keep(kept_as(s, is_figure="histogram" in s)) for s in SENTENCES)]:
        history = history.do(change)
    return history


@pytest.mark.parametrize("form", ["csv", "parquet"])
def test_it_opens_again_with_the_same_numbers(form: str, history: History, style: HouseStyle, tmp_path: Path) -> None:
    StudyFile.create(tmp_path / "s.istrel", history).close()
    for out in ("deposit", "deposit.zip"):
        assert cli.main(["package", str(tmp_path / "s.istrel"), "-o", str(tmp_path / out), "--data", form]) == 0
    folder = tmp_path / "deposit"
    for place in (folder / "datapackage.json", folder / "data" / f"trial.{form}", tmp_path / "deposit.zip"):
        data = open_data(place)
        assert data.n_rows == 28
        if place.suffix == ".csv":
            continue  # alone it says nothing of its codes
        for sentence in SENTENCES:
            (one, other) = make_exhibit(sentence, data), make_exhibit(sentence, history.study.data)
            assert one.sheet.title == other.sheet.title
            assert one.result.cells == other.result.cells
    said = json.loads((folder / "datapackage.json").read_text())
    for resource in said["resources"]:
        content = (folder / resource["path"]).read_bytes()
        assert resource["hash"] == f"sha256:{hashlib.sha256(content).hexdigest()}"
    assert {path.suffix for path in folder.rglob("exhibits/*")} == {".csv", ".html", ".json", ".svg", ".png"}
    assert "2 rows: trial run" in (folder / "README.md").read_text()
    assert "not in this package" not in (folder / "README.md").read_text()
    assert (folder / "data" / "trial.csv").exists() == (form == "csv")


def test_nothing_personal_is_in_any_file_and_formulas_are_harmless(
    history: History, style: HouseStyle, tmp_path: Path
) -> None:
    for form in ("csv", "parquet"):
        files = deposit(history.study, style, form)  # type: ignore[arg-type]
        assert [path for path, content in files.items() if b"example.org" in content or b"mail" in content] == []
        assert files == deposit(history.study, style, form)  # type: ignore[arg-type]
        if form == "csv":
            assert b"\n3,'=cmd,23.5,0,3\n" in files["data/trial.csv"]
            assert b",26.5,2,<1\n" in files["data/trial.csv"].replace(b"25.5", b"26.5")


@pytest.mark.parametrize(
    "sentence",
    [
        "count mail",
        "count all categories",
        "describe age across mail",
        'describe age among mail != "p1@example.org"',
        "count mail .. word",
        "describe age across code with median",
    ],
)
def test_an_exhibit_of_what_is_personal_is_kept_back(sentence: str, history: History, style: HouseStyle) -> None:
    kept = history.do(Keep(kept_as(sentence)))
    files = deposit(kept.study, style, "csv")
    assert [path for path, content in files.items() if b"example.org" in content or b"mail" in content] == []
    assert (b"Left out, because they show" in files["README.md"]) == ("mail" in sentence or "all" in sentence)


def test_a_folder_that_holds_something_is_left_alone(history: History, style: HouseStyle, tmp_path: Path) -> None:
    (tmp_path / "README.md").write_text("mine")
    with pytest.raises(Problem, match="is not empty"):
        write_deposit(deposit(history.study, style), tmp_path, ())
    assert (tmp_path / "README.md").read_text() == "mine"


def test_where_small_counts_are_hidden_the_rows_are_too(
    history: History, style: HouseStyle, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    history = history.do(Keep(kept_as("count code with hide_below = 5")))
    StudyFile.create(tmp_path / "s.istrel", history).close()
    assert cli.main(["package", str(tmp_path / "s.istrel"), "-o", str(tmp_path / "out")]) == 0
    assert "the data were left out" in capsys.readouterr().err
    assert not (tmp_path / "out" / "data").exists()
    assert cli.main(["package", str(tmp_path / "s.istrel"), "-o", str(tmp_path / "trial.csv")]) == 2
    assert "datapackage.json" in deposit(replace(history.study), style, "none")
