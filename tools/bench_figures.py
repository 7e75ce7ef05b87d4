"""How long figures take: laid out and painted, dragged on large data, written to files."""

from __future__ import annotations

import statistics
import time
from collections.abc import Callable
from functools import partial

import numpy as np
from PySide6.QtCore import Qt
from PySide6.QtGui import QImage, QPainter

from istrel.app.proof.scene_painter import paint_scene
from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset
from istrel.data.guess import guess_codebook
from istrel.data.table import Source, Table
from istrel.demo import CODEBOOK, LEARNERS
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import make_exhibit
from istrel.render.print import draw
from istrel.render.scene import make_scene
from istrel.sentence import request_of
from istrel.study.opening import Opening, open_data
from istrel.style.house import load_style

FORMS = (
    "describe practice_min across format as histogram",
    "describe receptive_post across format as density",
    "describe practice_min across format as cumulative",
    "describe practice_min across format × completed as boxes",
    "describe practice_min across format × completed as violins",
    "describe receptive_post across format as points",
    "describe receptive_post across education × completed as means",
    "count education across completed as bars with intervals",
    "describe mot_01 .. mot_12 as shares",
    "check receptive_post, spelling_speed as quantile plot",
    "relate age, absences, practice_min, receptive_pre, receptive_post as heat map",
    "relate practice_min, receptive_post as scatter with fit = straight",
    "relate practice_min, receptive_pre, receptive_post, reaction_ms as grid",
    "describe practice_min, receptive_post, mot_01 .. mot_12 as missing map",
)
TURNS = 9
SCREEN = 96 / 25.4 * 1.15


def median(work: Callable[[], object], turns: int = TURNS) -> float:
    """Seconds, after one turn that warms up."""
    work()
    found = []
    for _ in range(turns):
        started = time.perf_counter()
        work()
        found.append(time.perf_counter() - started)
    return statistics.median(found)


def table_of(columns: dict[str, np.ndarray]) -> Table:
    """A table of numbers without gaps."""
    made = tuple(Column(name, Kind.NUMBER, v, np.ones(v.size, bool)) for name, v in columns.items())
    return Table(made, Source("made"))


def sheet_of(sentence: str, data: Dataset) -> FigureSheet:
    sheet = make_exhibit(request_of(sentence, data.codebook), data).sheet
    assert isinstance(sheet, FigureSheet)
    return sheet


def shown() -> list[tuple[str, float]]:
    """(form, seconds) for the scene and its painting on a screen, of the demo study."""
    data, style = open_data(LEARNERS, Opening(codebook=str(CODEBOOK))), load_style()
    found = []
    for sentence in FORMS:
        sheet = sheet_of(sentence, data)

        def frame(sheet: FigureSheet = sheet) -> None:
            scene = make_scene(sheet, style)
            image = QImage(900, 900, QImage.Format.Format_RGB32)
            image.fill(Qt.GlobalColor.white)
            painter = QPainter(image)
            paint_scene(painter, scene, SCREEN)
            painter.end()

        form = sentence.split(" as ")[1].split(" with ")[0]
        found.append((form, median(frame)))
    return found


def dragged(cases: int = 4_000_000) -> float:
    """Seconds for a histogram of so many cases with another width of its classes, to the scene."""
    rng, style = np.random.default_rng(1), load_style()
    table = table_of({"x": rng.normal(100, 15, cases)})
    data = Dataset(table, guess_codebook(table))
    widths = iter(np.linspace(2, 9, 60).round(3).tolist() * 4)

    def frame() -> None:
        make_scene(sheet_of(f"describe x as histogram with width = {next(widths)}", data), style)

    return median(frame, 15)


def written() -> float:
    """The slowest of all forms as PDF, SVG or PNG, seconds."""
    data, style = open_data(LEARNERS, Opening(codebook=str(CODEBOOK))), load_style()
    sheets = [sheet_of(sentence, data) for sentence in FORMS]
    endings = ("pdf", "svg", "png")
    for ending in endings:
        draw(sheets[0], style, ending)

    def file(sheet: FigureSheet, ending: str) -> bytes:
        draw.cache_clear()  # a remembered drawing is no drawing
        return draw(sheet, style, ending)

    return max(median(partial(file, sheet, ending), 2) for sheet in sheets for ending in endings)


def grid(cases: int = 100_000) -> float:
    """Seconds for a grid of six variables, to the scene."""
    rng, style = np.random.default_rng(2), load_style()
    table: Table = table_of({f"v{k}": rng.normal(size=cases) for k in range(6)})
    codebook = guess_codebook(table)
    names = ", ".join(f"v{k}" for k in range(6))

    def anew() -> object:  # of data that have no store of what was computed before
        return make_scene(sheet_of(f"relate {names} as grid", Dataset(table, codebook)), style)

    return median(anew, 3)
