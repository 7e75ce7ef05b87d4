"""What is made off the window's thread for the proof: the exhibit, and for a figure its scene."""

from __future__ import annotations

import time
from dataclasses import dataclass

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.render.scene import Scene, make_scene
from istrel.sentence.request import Request
from istrel.study.remake import exhibit_of
from istrel.study.study import StudySource
from istrel.style.house import HouseStyle


@dataclass(frozen=True, eq=False)
class Proof:
    """An exhibit ready to be shown; `scene` is a figure laid out."""

    exhibit: Exhibit
    scene: Scene | None = None
    seconds: float = 0.0


def make_proof(request: Request, source: StudySource, style: HouseStyle) -> Proof:
    """The proof of what is asked for.

    Raises
    ------
    Problem
        As `make_exhibit`.
    """
    started = time.perf_counter()
    exhibit = exhibit_of(request, source)
    return show_exhibit(exhibit, style, started)


def show_exhibit(exhibit: Exhibit, style: HouseStyle, started: float | None = None) -> Proof:
    """An exhibit that is already made, laid out if it is a figure."""
    sheet = exhibit.sheet
    scene = make_scene(sheet, style) if isinstance(sheet, FigureSheet) else None
    return Proof(exhibit, scene, time.perf_counter() - started if started is not None else 0.0)
