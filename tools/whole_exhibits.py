"""Measures whole exhibits as a user waits for them, beside an SQL engine that answers the same question in the same run."""

from __future__ import annotations

import statistics
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from typing import Any, NamedTuple

import numpy as np

CASES = 4_000_000
STORED, BLOCK = 10_000_000, 1_000_000  # rows of a file, written by blocks
ROOT = Path(__file__).parents[1]
LEARNERS = ROOT / "src" / "istrel" / "demo" / "learners.csv"
MEASURED = ("score", "time", "age", "visits")
Work = Callable[[], object]


class Waited(NamedTuple):
    """What a user waits for: seconds, what they are held against, its seconds, and the most times of it that is allowed."""

    what: str
    seconds: float
    beside: str
    floor: float
    mark: float


def median_seconds(*works: Work, runs: int = 5) -> list[float]:
    """Medians of the works' times, taken turn by turn after one round that does not count."""
    times: list[list[float]] = [[] for _ in works]
    for turn in range(runs + 1):
        for work, mine in zip(works, times, strict=True):
            started = time.perf_counter()
            work()
            if turn:
                mine.append(time.perf_counter() - started)
    return [statistics.median(mine) for mine in times]


def long_table() -> Any:
    """4,000,000 cases of 8 variables: two categories, one of them with 40 values, and four measured ones."""
    import pyarrow as pa

    rng = np.random.default_rng(1)
    words = np.array(["Harbour", "Mill Lane", "Old Town", "Riverside", "Hill End"])
    centres = np.array([f"centre {k:02}" for k in range(40)])
    return pa.table(
        {
            "learner": np.arange(CASES),
            "site": pa.array(words[rng.integers(0, 5, CASES)]),
            "centre": pa.array(centres[rng.integers(0, 40, CASES)]),
            "arm": pa.array(np.array(["a", "b", "c"])[rng.integers(0, 3, CASES)]),
            "age": rng.integers(18, 80, CASES),
            "score": np.round(rng.normal(50, 10, CASES), 2),
            "time": np.round(rng.lognormal(3, 0.5, CASES), 3),
            "visits": rng.poisson(2, CASES),
        }
    )


class Long:
    """The long table in Istrel and in the engine, loaded in both."""

    def __init__(self, folder: Path) -> None:
        import duckdb
        from pyarrow import csv

        from istrel.data.dataset import Dataset
        from istrel.data.guess import guess_codebook
        from istrel.data.reading import read

        given = long_table()
        csv.write_csv(given, folder / "long.csv")
        table = read(folder / "long.csv")
        self._data = Dataset(table, guess_codebook(table))
        self._engine = duckdb.connect(config={"threads": 2})
        self._engine.register("given", given)
        self._engine.execute("create table t as select * from given")

    def fresh(self) -> Any:
        """The data, loaded, with nothing made for any exhibit yet: another version."""
        return replace(self._data)

    def ask(self, query: str) -> Work:
        return lambda: self._engine.execute(query).fetchall()

    def beside(self, what: str, sentence: str, query: str, mark: float) -> Waited:
        """The sentence from new each time, beside the query, turn by turn."""
        ours, engine = median_seconds(lambda: make(sentence, self.fresh()), self.ask(query))
        return Waited(what, ours, "SQL engine", engine, mark)

    def by(self, what: str, sentence: str, mark: float, after: str = "") -> Waited:
        """The sentence from new each time, or on data where another was made before, in seconds."""
        if not after:
            (ours,) = median_seconds(lambda: make(sentence, self.fresh()), runs=3)
            return Waited(what, ours, "1 s", 1.0, mark)
        times = []
        for _ in range(3):
            data = self.fresh()
            make(after, data)
            started = time.perf_counter()
            make(sentence, data)
            times.append(time.perf_counter() - started)
        return Waited(what, statistics.median(times), "1 s", 1.0, mark)


def make(sentence: str, data: Any) -> object:
    from istrel.exhibits.make import make_exhibit
    from istrel.sentence import request_of

    return make_exhibit(request_of(sentence, data.codebook), data)


def long_exhibits() -> list[Waited]:
    """The rows of 4,000,000 × 8."""
    names = ", ".join(MEASURED)
    shown = "with n, mean, sd, median, min, max, skewness"
    columns = ", ".join(
        f"count({v}), avg({v}), stddev_samp({v}), quantile_cont({v}, 0.5), min({v}), max({v}), skewness({v})"
        for v in MEASURED
    )
    pairs = ", ".join(f"corr({a}, {b})" for k, a in enumerate(MEASURED) for b in MEASURED[k + 1 :])
    spreads = ", ".join(f"avg({v}), stddev_samp({v})" for v in MEASURED)
    sized = f"{CASES:,} × 8"
    by_site = "describe score across site as histogram with curve = normal"
    with tempfile.TemporaryDirectory() as folder:
        long = Long(Path(folder))
        return [
            long.beside(
                f"{sized}: describe 4 variables across 40 groups",
                f"describe {names} across centre {shown}",
                f"select centre, {columns} from t group by centre",
                0.6,
            ),
            long.beside(
                f"{sized}: count two categories crossed",
                "count arm against site",
                "select arm, site, count(*) from t group by arm, site",
                1.0,
            ),
            long.beside(
                f"{sized}: correlations of 4 variables, M, SD",
                f"relate {names}",
                f"select {pairs}, {spreads} from t",
                1.0,
            ),
            long.by(f"{sized}: histogram across 5 groups with normal curves", by_site, 0.5),
            long.by(f"{sized}: the same with other classes", f"{by_site}, bins = 17", 0.05, by_site),
            long.by(f"{sized}: check 2 variables as a set", "check score, time", 1.5),
            long.by(
                f"{sized}: describe again with other statistics",
                f"describe {names} across centre with mean, sd, q1, q3, kurtosis",
                0.1,
                f"describe {names} across centre {shown}",
            ),
            long.by(
                f"{sized}: describe again as a figure",
                "describe score across centre as boxes",
                0.1,
                f"describe {names} across centre {shown}",
            ),
        ]


def from_files() -> list[Waited]:
    """A long Parquet file described by one run of the command line, beside the engine asked the same of the same file."""
    import pyarrow as pa
    import pyarrow.parquet as pq

    measured, groups = ("a", "b", "c", "d"), [f"group {k}" for k in range(40)]
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "stored.parquet"
        writer = None
        for block in range(STORED // BLOCK):
            rng = np.random.default_rng(block)
            columns = {
                "a": rng.normal(50, 10, BLOCK).round(2),
                "b": rng.integers(0, 100, BLOCK),
                "c": rng.exponential(3, BLOCK).round(3),
                "d": rng.normal(0, 1, BLOCK),
                "g": pa.DictionaryArray.from_arrays(rng.integers(0, 40, BLOCK).astype(np.int32), groups),
                "s": pa.DictionaryArray.from_arrays(rng.integers(0, 5, BLOCK).astype(np.int32), groups[:5]),
                "id": np.arange(block * BLOCK, (block + 1) * BLOCK),
                "t": (np.datetime64("2020-01-01", "s") + rng.integers(0, 10**8, BLOCK)).astype("datetime64[s]"),
            }
            table = pa.table(columns)
            writer = writer or pq.ParquetWriter(path, table.schema)
            writer.write_table(table)
        assert writer is not None
        writer.close()
        found = ", ".join(
            f"count({v}), avg({v}), stddev_samp({v}), quantile_cont({v}, 0.5), min({v}), max({v}), skewness({v})"
            for v in measured
        )
        query = f"select g, {found} from '{path}' group by g"
        engine = f"import duckdb; duckdb.connect(config={{'threads': 2}}).execute({query!r}).fetchall()"
        sentence = f"describe {', '.join(measured)} across g"
        ours = [sys.executable, "-m", "istrel", "make", str(path), sentence, "--to", "md"]
        runs = [
            lambda words=words: subprocess.run(words, check=True, capture_output=True)
            for words in (ours, [sys.executable, "-c", engine])
        ]
        times = median_seconds(*runs, runs=3)
    return [
        Waited(f"{STORED:,} × 8 Parquet: describe 4 across 40, from the file", times[0], "SQL engine", times[1], 1.0)
    ]


def proofs() -> list[Waited]:
    """A sheet on the demo study, from the sentence to painted paper; and the scene and painting of a figure alone."""
    from PySide6.QtGui import QImage
    from PySide6.QtWidgets import QApplication

    from istrel.app import theme
    from istrel.app.proof.jobs import make_proof, show_exhibit
    from istrel.app.proof.paper import Paper
    from istrel.app.stations.warming import warm_up
    from istrel.sentence import parse
    from istrel.study.opening import open_source
    from istrel.style.house import load_style

    application = QApplication.instance() or QApplication([])
    assert isinstance(application, QApplication)
    theme.apply(application)
    warm_up()
    source, style, paper = open_source(LEARNERS), load_style(), Paper()
    picture = QImage(1400, 1400, QImage.Format.Format_ARGB32_Premultiplied)

    def paint(proof: Any) -> None:
        paper.show_proof(proof, style, "1")
        paper.render(picture)

    def proof(sentence: str) -> Work:
        return lambda: paint(make_proof(parse(sentence), another(source), style))

    figure = "describe age across format as histogram with curve = normal"
    ready = make_proof(parse(figure), source, style).exhibit
    edited = kept_study(source)
    works = {
        "a table": (proof("describe age, practice_min, receptive_pre, receptive_post across format"), 0.030),
        "check of 12 items": (proof("check mot_01 .. mot_12"), 0.080),
        "a histogram of 3 panels": (proof(figure), 0.060),
        "its scene and painting alone": (lambda: paint(show_exhibit(ready, style)), 0.016),
        "a table after a change of the codebook, 32 exhibits kept": (lambda: paint(edited(style)), 0.1),
    }
    times = median_seconds(*(work for work, _ in works.values()), runs=15)
    return [
        Waited(f"demo study, proof: {what}", taken, "1 s", 1.0, mark)
        for (what, (_, mark)), taken in zip(works.items(), times, strict=True)
    ]


def another(source: Any) -> Any:
    """The same source as another version: nothing made for an exhibit is known."""
    made = source.data
    version = replace(source)
    version.__dict__["data"] = replace(made)
    return version


def kept_study(source: Any) -> Callable[[Any], Any]:
    """A study that keeps 32 exhibits; each call changes its codebook and makes the proof that is on the Bench."""
    from istrel.app.proof.jobs import make_proof
    from istrel.sentence import parse
    from istrel.study.changes.codebook import SetText
    from istrel.study.changes.manuscript import Keep
    from istrel.study.history import History
    from istrel.study.manuscript import numbers_of
    from istrel.study.parts import Kept
    from istrel.study.remake import exhibit_of
    from istrel.study.study import Study

    history = History(Study((source,)))
    for k in range(32):
        sentence = f"describe mot_01 .. mot_12 across format with decimals = {k % 4}"
        history = history.do(Keep(Kept(request := parse(sentence), numbers_of(exhibit_of(request, source)))))
    state = [history]

    def change(style: Any) -> Any:
        state[0] = state[0].do(SetText("age", "label", f"Age {len(state[0].past)}"))
        return make_proof(parse("describe age, absences across format"), state[0].study.source, style)

    return change


def runs() -> list[Waited]:
    """Whole runs of the command line."""
    istrel = [sys.executable, "-m", "istrel", "make", str(LEARNERS)]
    with tempfile.TemporaryDirectory() as folder:

        def run(*words: str) -> Work:
            return lambda: subprocess.run([*istrel, *words], check=True, capture_output=True)

        table = run("describe practice_min, receptive_post across format", "--to", "json")
        figure = run("describe age across format as histogram", "-o", str(Path(folder) / "age.svg"))
        times = median_seconds(table, figure)
    return [
        Waited("`istrel make` one table to JSON", times[0], "1 s", 1.0, 0.6),
        Waited("`istrel make` one figure to SVG", times[1], "1 s", 1.0, 1.0),
    ]
