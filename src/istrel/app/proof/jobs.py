"""What is made off the window's thread for the proof: the exhibit, and for a figure its picture."""

from __future__ import annotations

import time
from dataclasses import dataclass

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.exhibits.make import Exhibit, make_exhibit
from istrel.exhibits.sheet import FigureSheet
from istrel.render.figure_layout import Panel
from istrel.style.house import HouseStyle

SCREEN_DPI = 192.0


@dataclass(frozen=True, eq=False)
class Proof:
    """An exhibit ready to be shown; `picture` is a PNG of a figure, `millimetres` its size, `panels` where they stand."""

    exhibit: Exhibit
    picture: bytes = b""
    millimetres: tuple[float, float] = (0.0, 0.0)
    panels: tuple[Panel, ...] = ()
    seconds: float = 0.0


def make_proof(sentence: str, data: Dataset, style: HouseStyle, standing: Condition | None) -> Proof:
    """The proof of a sentence.

    Raises
    ------
    Problem
        As `make_exhibit`.
    """
    started = time.perf_counter()
    exhibit = make_exhibit(sentence, data, style, standing)
    return show_exhibit(exhibit, style, started)


def show_exhibit(exhibit: Exhibit, style: HouseStyle, started: float | None = None) -> Proof:
    """An exhibit that is already made, with its picture if it is a figure."""
    picture, size = b"", (0.0, 0.0)
    panels: tuple[Panel, ...] = ()
    if isinstance(exhibit.sheet, FigureSheet):
        from istrel.render.figure import draw
        from istrel.render.figure_layout import panels_of, size_mm

        picture, size = draw(exhibit.sheet, style, "png", dpi=SCREEN_DPI, clear=True), size_mm(exhibit.sheet, style)
        panels = panels_of(exhibit.sheet, style)
    return Proof(exhibit, picture, size, panels, time.perf_counter() - started if started is not None else 0.0)


def warm_up() -> None:
    """Import what is slow to import before it is first wanted."""
    import scipy.special

    import istrel.render.figure

    del scipy, istrel
