"""Measures Istrel against floors taken in the same run, turn by turn, and prints ratios of medians.

`make bench` prints the table; `make bench ARGUMENTS=--write` also writes it into docs/performance.md.
"""

from __future__ import annotations

import argparse
import os
import platform
import re
import statistics
import subprocess
import sys
import time
import tracemalloc
from collections.abc import Callable
from dataclasses import dataclass
from functools import partial
from pathlib import Path
from typing import Any

import numpy as np

from istrel.stats import correlation, density, moments, normality, quantiles
from istrel.stats.frequency import frequencies
from istrel.stats.grouping import Arranged, arrange
from istrel.stats.kendall import kendall

ROOT = Path(__file__).parents[1]
LEARNERS = ROOT / "src" / "istrel" / "demo" / "learners.csv"
PAGE = ROOT / "docs" / "performance.md"
SIZES = (612, 100_000, 4_000_000)
EMPTY_WINDOW = """
import time
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QMainWindow
app = QApplication([]); window = QMainWindow(); window.resize(1280, 800); window.show()
QTimer.singleShot(0, lambda: (print(time.time()), app.quit())); app.exec()
"""
Work = Callable[[], object]


TIME_TO_KEEP = re.compile(r"[\d.,]+ m?s|direct sum / 400|SQL engine")


@dataclass(frozen=True)
class Row:
    """One measurement: what, the floor, ratio to it, the mark to reach, and peak memory over the input (0: not measured)."""

    what: str
    floor: str
    seconds: float
    ratio: float
    mark: float
    memory: float = 0.0

    @property
    def measures_nothing(self) -> bool:
        """Whether the work was done faster than its floor, so that something remembered it; times to keep are no floors."""
        return TIME_TO_KEEP.fullmatch(self.floor) is None and self.ratio < 0.9

    @property
    def line(self) -> str:
        held = "" if not self.mark else "yes" if self.ratio <= self.mark else "**no**"
        held = "**faster than its floor**" if self.measures_nothing else held
        mark = f"{self.mark:g}" if self.mark else ""
        memory = f"{self.memory:.1f}" if self.memory else ""
        return f"| {self.what} | {self.floor} | {1000 * self.seconds:,.1f} | {self.ratio:.2f} | {mark} | {held} | {memory} |"


def against(
    what: str, work: Work, floor_name: str, floor: Work, mark: float = 0.0, *, runs: int = 7, size: int = 0
) -> Row:
    """The median ratio of work to floor, taken in turn; `size` is the input in bytes, for the memory."""
    floor(), work()
    pairs = [(_seconds(floor), _seconds(work)) for _ in range(runs)]
    ratio = statistics.median(b for _, b in pairs) / statistics.median(a for a, _ in pairs)
    memory = 0.0
    if size:
        tracemalloc.start()
        work()
        memory = tracemalloc.get_traced_memory()[1] / size
        tracemalloc.stop()
    return Row(what, floor_name, statistics.median(b for _, b in pairs), ratio, mark, memory)


def _seconds(work: Work) -> float:
    started = time.perf_counter()
    work()
    return time.perf_counter() - started


def everything(cells: Arranged) -> None:
    """All that one sort serves: moments, five quantiles, extremes and modes."""
    shape = moments.moments(cells)
    for statistic in (moments.mean, moments.sd, moments.skewness, moments.kurtosis):
        statistic(shape)
    for p in (0.05, 0.25, 0.5, 0.75, 0.95):
        quantiles.quantile(cells, p)
    quantiles.minimum(cells), quantiles.maximum(cells), quantiles.modes(cells)


def one_column(n: int, *, marks: bool) -> list[Row]:
    """Descriptives of one float column, alone and in groups, and the counts of a coded one."""
    rng = np.random.default_rng(1)
    x, use, nobody = rng.lognormal(size=n), np.ones(n, bool), np.zeros(n, np.int32)
    bounds = np.array([0, n])

    def plain() -> None:
        cells = Arranged(x, bounds, x, nobody, None, ordered=False)
        shape = moments.moments(cells)
        moments.sd(shape), moments.skewness(shape), moments.kurtosis(shape), cells.limits

    def grouped(codes: Any, groups: int) -> None:
        everything(arrange(x, codes, use, groups))

    name = f"{n:,} cases"
    rows = [
        against(
            f"{name}: n, M, SD, skewness, kurtosis, min, max",
            plain,
            "np.sum",
            lambda: np.sum(x),
            6.0 * marks,
            size=x.nbytes,
        ),
        against(
            f"{name}: and quantiles, mode, extremes",
            lambda: everything(arrange(x, nobody, use, 1)),
            "np.sort",
            lambda: np.sort(x),
            1.4 * marks,
            size=x.nbytes,
        ),
    ]
    for groups, mark in ((30, 2.5), (1000, 4.0)):
        codes = rng.integers(0, groups, n).astype(np.int32)
        rows.append(
            against(
                f"{name}: the same across {groups:,} groups",
                partial(grouped, codes, groups),
                "np.sort",
                lambda: np.sort(x),
                mark * marks,
                size=x.nbytes + codes.nbytes,
            )
        )
    coded = rng.integers(0, 20, n).astype(np.int32)
    rows.append(
        against(
            f"{name}: frequencies of a coded column",
            lambda: frequencies(coded, nobody, use, n_categories=20, n_groups=1),
            "np.bincount",
            lambda: np.bincount(coded),
            2.0 * marks,
            size=coded.nbytes,
        )
    )
    return rows


def matrices() -> list[Row]:
    """Correlations of 100,000 cases of 120 variables with 3 % missing."""
    rng = np.random.default_rng(2)
    x = rng.normal(size=(100_000, 120))
    valid = rng.random(x.shape) > 0.03

    def floor() -> Any:
        return x.T @ x

    def floor_of_complete() -> Any:
        complete = x[valid.all(axis=1)]
        return complete.T @ complete

    def listwise() -> None:
        rows = correlation.complete_rows(valid)
        correlation.pearson(x[rows], valid[rows])

    def listwise_ranks() -> None:
        rows = correlation.complete_rows(valid)
        correlation.spearman(x[rows], valid[rows])

    size = x.nbytes + valid.nbytes
    name = "100,000 × 120, 3 % missing"
    a, b = np.ascontiguousarray(x[:, 0]), np.ascontiguousarray(x[:, 1])
    return [
        against(f"{name}: Pearson, pairwise", lambda: correlation.pearson(x, valid), "X.T @ X", floor, 8.0, size=size),
        against(f"{name}: Pearson, listwise", listwise, "the same of complete rows", floor_of_complete, 2.0, size=size),
        against(
            f"{name}: Spearman, pairwise, exact",
            lambda: correlation.spearman(x, valid),
            "X.T @ X",
            floor,
            150.0,
            runs=2,
            size=size,
        ),
        against(f"{name}: Spearman, listwise", listwise_ranks, "the same of complete rows", floor_of_complete),
        against(
            "Kendall's tau-b, 100,000 pairs",
            lambda: kendall(a, b),
            "np.argsort",
            lambda: np.argsort(a),
            15.0,
            size=2 * a.nbytes,
        ),
    ]


def shapes() -> list[Row]:
    """Densities and many small Shapiro–Wilk tests; the direct sum is taken at every 32nd point and multiplied."""
    rng = np.random.default_rng(3)
    x = np.sort(rng.lognormal(size=1_000_000))
    curve = density.density(x)

    def direct() -> float:
        points = curve.x[::32]
        y = np.array([np.exp(-0.5 * ((p - x) / curve.bandwidth) ** 2).sum() for p in points])
        wanted = y / (x.size * curve.bandwidth * np.sqrt(2 * np.pi))
        return float(np.abs(wanted - curve.y[::32]).max() / curve.y.max())

    direct_seconds = 32 * _seconds(direct)
    times = statistics.median(_seconds(lambda: density.density(x)) for _ in range(7))
    many = rng.normal(size=(1000, 50))
    cells = arrange(many.ravel(), np.repeat(np.arange(1000), 50), np.ones(50_000, bool), 1000)
    speed = direct_seconds / times
    return [
        Row(
            f"density of 1,000,000 ordered cases: {speed:.0f} times faster, error {direct():.0e} of its peak",
            "direct sum / 400",
            times,
            400 / speed,
            1.0,
        ),
        against(
            "Shapiro–Wilk, 1,000 groups of 50",
            lambda: normality.shapiro_wilk(cells),
            "np.sort(axis=1)",
            lambda: np.sort(many, axis=1),
            8.0,
            runs=15,
        ),
    ]


def processes() -> list[Row]:
    """Cold start of the window, and a table as JSON on the command line."""
    python = sys.executable
    istrel = [python, "-m", "istrel"]
    (empty, *_), (frame, filled, *_) = _paired([python, "-c", EMPTY_WINDOW], istrel, ISTREL_QUIT_WHEN_SHOWN="1")
    make = [*istrel, "make", str(LEARNERS), "describe practice_min, receptive_post across format", "--to", "json"]
    (bare, *_), (exhibit, *_) = _paired([python, "-c", "pass"], make)
    return [
        Row("cold start: the window appears", "empty Qt window", frame, frame / empty, 1.5),
        Row("cold start: its start page stands in it", "empty Qt window", filled, filled / empty, 0.0),
        Row(
            "`istrel make` to JSON, seconds over a bare interpreter, by 0.8",
            "0.8 s",
            exhibit - bare,
            (exhibit - bare) / 0.8,
            1.0,
        ),
    ]


def files() -> list[Row]:
    """Reading delimited text, and looking through what was read. Screening has marks in seconds: the ratio is to the mark."""
    import tempfile

    from pyarrow import csv

    from istrel.data.guess import guess_codebook
    from istrel.data.reading import read

    rows = []
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "long.csv"
        csv.write_csv(_long_table(4_000_000), path)
        bare = csv.ConvertOptions(auto_dict_encode=True)
        rows.append(
            against(
                "4,000,000 × 8 delimited text: read",
                lambda: read(path),
                "bare Arrow reader",
                lambda: csv.read_csv(path, convert_options=bare),
                1.5,
                runs=5,
            )
        )
        for name, table, mark in (("4,000,000 × 8", None, 15.0), ("100,000 × 20", _wide_table(100_000), 2.0)):
            if table is not None:
                csv.write_csv(table, path)
            whole = read(path)
            codebook = guess_codebook(whole)
            times = [_seconds(partial(_screen_anew, whole, codebook)) for _ in range(3)]
            middle = statistics.median(times)
            rows.append(Row(f"{name}: screened whole, by {mark:g} s", f"{mark:g} s", middle, middle / mark, 1.0))
        for columns, mark in ((5_000, 2.0), (30_000, 10.0)):
            csv.write_csv(_many_columns(columns), path)
            looked = statistics.median(_seconds(partial(_look, path)) for _ in range(3))
            rows.append(
                Row(
                    f"{columns:,} columns × 100: the first look, by {mark:g} s",
                    f"{mark:g} s",
                    looked,
                    looked / mark,
                    1.0,
                )
            )
    return rows


def _look(path: Path) -> None:
    from istrel.render.intake import render_intake
    from istrel.study.intake import take_in
    from istrel.study.opening import open_data

    render_intake(take_in(open_data(path)), "json")


def _many_columns(columns: int) -> Any:
    """Measures, skewed ones, answers, counts and words in turn, a few of each missing."""
    import pyarrow as pa

    rng, n = np.random.default_rng(4), 100
    kinds = (
        lambda: np.round(rng.normal(50, 10, n), 2),
        lambda: np.round(np.exp(rng.normal(0, 1, n)), 4),
        lambda: rng.integers(1, 6, n).astype(float),
        lambda: rng.poisson(3, n).astype(float),
    )
    table: dict[str, Any] = {}
    for k in range(columns):
        gone = rng.random(n) < 0.02
        values = rng.choice(["yes", "no"], n) if k % 5 == 4 else kinds[k % 5]()
        table[f"q{k}"] = pa.array(values, mask=gone)
    return pa.table(table)


def whole_exhibits() -> list[Row]:
    """What a user waits for: exhibits from the sentence on, beside an SQL engine or the second."""
    import whole_exhibits as whole

    waited = (*whole.long_exhibits(), *whole.from_files(), *whole.proofs(), *whole.runs())
    return [Row(w.what, w.beside, w.seconds, w.seconds / w.floor, w.mark) for w in waited]


def figures() -> list[Row]:
    """What the desk and the printer wait for; the mark is a time, and the ratio is to it."""
    import bench_figures as drawn
    from PySide6.QtWidgets import QApplication

    app = QApplication.instance() or QApplication([])
    rows = [_by(f"demo study, {form}: scene and painting", seconds, 0.016) for form, seconds in drawn.shown()]
    rows.append(_by("4,000,000 cases: the class width dragged, one frame", drawn.dragged(), 0.05))
    rows.append(_by("a file of a figure after the first, the slowest of all forms", drawn.written(), 0.5))
    rows.append(_by("a grid of 6 × 6 of 100,000 cases", drawn.grid(), 1.5))
    del app
    return rows


def manuscripts() -> list[Row]:
    """What an author waits for; the mark is a time."""
    import bench_manuscript

    return [_by(what, seconds, mark) for what, mark, seconds in bench_manuscript.measured()]


def _by(what: str, seconds: float, mark: float) -> Row:
    """A measurement against a time that it must not exceed."""
    return Row(what, f"{1000 * mark:g} ms", seconds, seconds / mark, 1.0)


def rows_of_persons() -> list[Row]:
    """What a row is costs at most half as much again."""
    from bench_rows import works

    return [against(what, work, floor_name, floor, 1.5, runs=5) for what, work, floor_name, floor in works()]


def disclosure() -> list[Row]:
    """How much more is hidden than the least that keeps small counts secret, over tables of 2 × 2 with all their margins."""
    sys.path.append(str(ROOT / "tests"))
    from enumeration import hidden_and_least

    rng = np.random.default_rng(5)
    tables = [cells for cells in (rng.choice([0, 1, 2, 3, 5, 6], (2, 2)) for _ in range(60)) if 5 <= cells.sum() <= 13]
    started = time.perf_counter()
    hidden, least = np.array([hidden_and_least(cells) for cells in tables]).sum(axis=0).tolist()
    taken = time.perf_counter() - started
    return [
        Row(f"counts hidden in {len(tables)} small tables: {hidden}", f"{least} at least", taken, hidden / least, 1.5)
    ]


def _screen_anew(table: Any, codebook: Any) -> object:
    """With nothing prepared from before."""
    from istrel.data.dataset import Dataset
    from istrel.data.screening import screen

    return screen(Dataset(table, codebook))


def _long_table(n: int) -> Any:
    import pyarrow as pa

    rng = np.random.default_rng(1)
    words = np.array(["Harbour", "Mill Lane", "Old Town", "Riverside"])
    return pa.table(
        {
            "learner": np.arange(n),
            "site": pa.array(words[rng.integers(0, 4, n)]),
            "day": pa.array((np.datetime64("2020-01-01") + rng.integers(0, 1500, n)).astype("datetime64[D]")),
            "age": rng.integers(18, 80, n),
            "score": np.round(rng.normal(50, 10, n), 2),
            "time": np.round(rng.lognormal(3, 0.5, n), 3),
            "visits": rng.poisson(2, n),
            "arm": pa.array(np.array(["a", "b", "c"])[rng.integers(0, 3, n)]),
        }
    )


def _wide_table(n: int) -> Any:
    import pyarrow as pa

    rng = np.random.default_rng(2)
    columns: dict[str, Any] = {f"v{i}": np.round(rng.normal(50, 10, n), 2) for i in range(12)}
    columns |= {f"item_{i}": rng.integers(1, 6, n) for i in range(6)}
    return pa.table({"id": np.arange(n), **columns, "site": pa.array(np.array(["a", "b"])[rng.integers(0, 2, n)])})


def _times(command: list[str], **environment: str) -> list[float]:
    """Seconds from the start of a process to each time that it prints, and to its end."""
    started = time.time()
    done = subprocess.run(command, check=True, env={**os.environ, **environment}, capture_output=True, text=True)
    ended = time.time()
    printed = [float(line) for line in done.stdout.splitlines() if line.replace(".", "").isdigit()]
    return [moment - started for moment in (*printed, ended)]


def _paired(floor: list[str], work: list[str], **environment: str) -> tuple[list[float], list[float]]:
    pairs = [(_times(floor), _times(work, **environment)) for _ in range(8)][1:]
    floors, works = (list(zip(*side, strict=True)) for side in zip(*pairs, strict=True))
    return [statistics.median(x) for x in floors], [statistics.median(x) for x in works]


HEAD = """# Measurements

Ratios of medians to a floor taken in the same run, turn by turn (`make bench`). Absolute times drift with the machine; the
ratios are what counts. Memory is the peak of what a call allocates, over the size of its input.

{machine}

| work | floor | ms | ratio | mark | held | memory |
|---|---|--:|--:|--:|---|--:|
"""

WHY = "\n## Why it is so\n"  # from here on the page is written by hand


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__.splitlines()[0])
    parser.add_argument("--write", action="store_true", help="write the table into docs/performance.md")
    options = parser.parse_args()
    machine = (
        f"{os.cpu_count()} cores, {platform.machine()}, Python {platform.python_version()}, NumPy {np.__version__}"
    )
    lines, idle = [], 0
    for section in (
        processes,
        *(lambda n=n: one_column(n, marks=n == SIZES[-1]) for n in SIZES),
        matrices,
        shapes,
        files,
        whole_exhibits,
        figures,
        manuscripts,
        rows_of_persons,
        disclosure,
    ):
        for row in section():
            print(row.line, flush=True)
            lines.append(row.line)
            idle += row.measures_nothing
    if options.write:
        _, told, why = PAGE.read_text().partition(WHY)
        PAGE.write_text(HEAD.format(machine=machine) + "\n".join(lines) + "\n" + told + why)
    if idle:
        print(f"{idle} rows are faster than their floors: they measure nothing")
    return bool(idle)


if __name__ == "__main__":
    sys.exit(main())
