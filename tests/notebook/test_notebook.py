"""Istrel from Python: the page of the docs holds, all data in memory are the same data, numbers are those of the exchange form."""

from __future__ import annotations

import doctest
from collections import Counter
from collections.abc import Callable
from datetime import date
from pathlib import Path
from typing import Any

import numpy as np
import pyarrow as pa
import pyarrow.csv
import pytest
from lxml import html

import istrel
from istrel.demo import LEARNERS

PAGE = Path(__file__).parents[2] / "docs" / "python.md"
COLUMNS: dict[str, list[Any]] = {
    "group": ["a", "b"] * 6,
    "x": [1.5, None, 3.0, 4.25, 2.0, 8.0] * 2,
    "day": [date(2026, 1, 1 + k) for k in range(12)],
    "k": list(range(12)),
}


class Stream:
    """Data of somebody's own that speak Arrow and nothing else."""

    def __init__(self, table: pa.Table) -> None:
        self._table = table

    def __arrow_c_stream__(self, requested_schema: object | None = None) -> object:
        return self._table.__arrow_c_stream__(requested_schema)


def as_numpy(columns: dict[str, list[Any]]) -> dict[str, Any]:
    return {**columns, "x": np.array([np.nan if v is None else v for v in columns["x"]]), "k": np.arange(12)}


FORMS: dict[str, Callable[[Path], Any]] = {
    "columns": lambda _: COLUMNS,
    "arrays": lambda _: as_numpy(COLUMNS),
    "mixed": lambda _: {
        **COLUMNS,
        "x": [v if k % 2 else None if v is None else str(v) for k, v in enumerate(COLUMNS["x"])],
    },
    "records": lambda _: [dict(zip(COLUMNS, row, strict=True)) for row in zip(*COLUMNS.values(), strict=True)],
    "stream": lambda _: Stream(pa.table(COLUMNS)),
    "batches": lambda _: pa.table(COLUMNS).to_reader(),
    "path": lambda folder: written(folder / "d.csv"),
    "a study": lambda _: istrel.read(COLUMNS),
}


def written(path: Path) -> Path:
    pyarrow.csv.write_csv(pa.table(COLUMNS), path)
    return path


def test_the_page_of_the_docs_holds(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.chdir(tmp_path)
    found = doctest.testfile(str(PAGE), module_relative=False, optionflags=doctest.NORMALIZE_WHITESPACE)
    assert found.attempted > 20
    assert found.failed == 0
    for path, start in (
        ("table.docx", b"PK"),
        ("figure.svg", b"<?xml"),
        ("codebook.xml", b"<?xml"),
        ("results.html", b"<!DOC"),
    ):
        assert (tmp_path / path).read_bytes().startswith(start)


@pytest.mark.parametrize("form", FORMS)
def test_whatever_holds_the_data_the_numbers_are_the_same(form: str, tmp_path: Path) -> None:
    study, other = istrel.read(FORMS[form](tmp_path)), istrel.read(COLUMNS)
    for sentence in ("describe x, k across group", "count group", "describe day"):
        made, same = study.make(sentence), other.make(sentence)
        assert made.numbers == same.numbers
        assert repr(made) == repr(same)
    back = study.arrow()
    assert back.column("x").to_pylist() == COLUMNS["x"]
    assert back.column("day").to_pylist() == COLUMNS["day"]


BAD: dict[str, tuple[Any, str]] = {
    "no type of ours": (42, "data of the type int are not read"),
    "uneven": ({"a": [1], "b": [1, 2]}, "different lengths: a 1, b 2"),
    "no column": ({"a": 1}, "“a” is no column of values"),
    "no columns": ({}, "there are no columns in it"),
    "no rows": ({"a": []}, "no rows of data"),
    "no file": ("nowhere.csv", "there is no such file"),
    "nothing": ([], "data of the type list are not read"),
}


@pytest.mark.parametrize("case", BAD)
def test_what_cannot_be_read_is_one_plain_line(case: str) -> None:
    data, says = BAD[case]
    with pytest.raises(istrel.Problem, match=says):
        istrel.read(data)


def test_flat_tables_hold_the_numbers_of_every_verb(everything: tuple[tuple[str, Any], ...]) -> None:
    """One row for each result, entry or cell, with the same numbers; every sentence there is."""
    from istrel.notebook.tidy import tidy
    from istrel.render.document import numbered
    from istrel.render.json import content
    from istrel.style.house import load_style

    style, seen = load_style(), Counter[str]()
    for sentence, exhibit in everything:
        results = content(numbered((exhibit,))[0], style)["results"]
        flat = tidy(results)
        assert flat.num_rows >= len(results), sentence
        for name in ("mean", "sd", "median"):
            wanted = [r["statistics"][name] for r in results if r.get("statistics", {}).get(name) is not None]
            seen[name] += len(wanted)
            if wanted:
                assert [v for v in flat.column(name).to_pylist() if v is not None] == wanted, sentence
        for name, entries in (("count", "levels"), ("coefficient", "pairs")):
            wanted = [e[name] for r in results for e in r.get(entries) or () if e[name] is not None]
            seen[name] += len(wanted)
            if wanted and "counts" not in results[0]:
                assert [v for v in flat.column(name).to_pylist() if v is not None] == wanted, sentence
    assert min(seen.values()) > 20


def test_in_a_page_of_somebody_else_s_an_exhibit_keeps_its_rules_and_ids_to_itself() -> None:
    study = istrel.read(LEARNERS)
    table, figure = study.make("describe age across format"), study.make("describe age as histogram")
    parts = [html.fromstring(one._repr_html_()) for one in (table, figure, study.make("describe age as histogram"))]
    rules = "".join(part.findtext("style") or "" for part in parts)
    heads = [one.strip() for line in rules.split("}") for one in line.split("{")[0].split(",") if one.strip()]
    assert heads
    assert all(one.startswith(".istrel") for one in heads)
    ids = [node.get("id") for part in parts for node in part.iter() if node.get("id")]
    assert len(ids) == len(set(ids)) > 3
    cells = [cell.text_content().strip("\u2007\u2008") for cell in parts[0].iter("td")]
    assert cells[:2] == ["216", "40.4"]


def test_a_study_is_changed_saved_and_opened_again(tmp_path: Path) -> None:
    study = istrel.read(COLUMNS, missing="8").say("group", values={"b": "Second", "a": "First"}, personal=True)
    study.say("k", level="count", missing={3: "refused"}).only("k > 0").keep("describe x across group")
    study.save(tmp_path / "s.istrel")
    again = istrel.read(tmp_path / "s.istrel")
    assert [repr(one) for one in again.kept] == [repr(one) for one in study.kept]
    assert "Second" in repr(again.kept[0]).split("First")[0]
    again.keep("count group").save()
    assert len(istrel.read(tmp_path / "s.istrel").kept) == 2
    with pytest.raises(istrel.Problem, match="is there already"):
        study.use("data in memory").lay_over(codebook(tmp_path)).save(copy(tmp_path))
    assert study.make("describe x across group").title.startswith("Descriptive Statistics of Extent")
    for wrong in (lambda: study.say("nope"), lambda: study.say("x", level="often"), lambda: study.use("other")):
        with pytest.raises(istrel.Problem):
            wrong()


def codebook(folder: Path) -> Path:
    (folder / "book.csv").write_text("name,label\nx,Extent\n")
    return folder / "book.csv"


def copy(folder: Path) -> Path:
    (folder / "t.istrel").write_bytes((folder / "s.istrel").read_bytes())
    return folder / "t.istrel"
