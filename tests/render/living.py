"""A paper that lives on: a study with a manuscript, and the same with three rounds of new data."""

from __future__ import annotations

import tempfile
from dataclasses import replace
from pathlib import Path

import numpy as np

from istrel.render import render
from istrel.render.manuscript import manuscript_document
from istrel.study.changes.manuscript import Insert, Keep
from istrel.study.history import History
from istrel.study.manuscript import numbers_of
from istrel.study.opening import open_data
from istrel.study.parts import Kept, Passage
from istrel.study.prose import prose_of
from istrel.study.study import Study, study_of
from istrel.style.house import load_style
from made import make_exhibit


def data_text(version: int) -> str:
    """120 cases; the numbers of every version are others, the fourth has one more group."""
    rng = np.random.default_rng(40 + version)
    groups = "abcd"[: 3 + (version == 3)]
    rows = (f"{rng.gamma(4, 6):.2f},{rng.normal(50, 9):.1f},{groups[k % len(groups)]}" for k in range(120))
    return "x,y,g\n" + "\n".join(rows) + "\n"


def versions_in(folder: Path) -> tuple[Study, ...]:
    """A study, and the same with three rounds of new data."""
    tables = []
    for version in range(4):
        (folder / "data.csv").write_text(data_text(version))
        tables.append(open_data(folder / "data.csv"))
    history = History(replace(study_of(tables[0]), identity="0a1b2c3d"))
    for sentence in ("describe x, y across g with mean, sd", "relate x, y"):
        exhibit = make_exhibit(sentence, tables[0])
        history = history.do(Keep(Kept(exhibit.request, numbers_of(exhibit), text=())))
    for kept in history.study.kept:
        words = prose_of(make_exhibit(kept.sentence, tables[0]).text, kept.id, load_style())
        for _ in range(2):
            history = history.do(Insert(Passage("paragraph", words), 0))
    return tuple(replace(history.study, sources=study_of(table).sources) for table in tables)


def papers() -> dict[str, bytes]:
    """The first of them as documents."""
    with tempfile.TemporaryDirectory() as folder:
        document = manuscript_document(versions_in(Path(folder))[0], load_style())
        return {f"paper.{ending}": render(document, ending) for ending in ("docx", "odt")}
