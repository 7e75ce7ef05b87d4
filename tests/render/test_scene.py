"""Figures as scenes: nothing touches or leaves the paper, and what is painted is what is printed."""

from __future__ import annotations

import numpy as np
import pytest
from numpy.typing import NDArray
from PySide6.QtGui import QColor, QImage, QPainter
from scipy.ndimage import maximum_filter

from figures import FIGURES, assert_sound
from istrel.app.proof.scene_painter import paint_scene
from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import make_exhibit
from istrel.render.print import draw
from istrel.render.scene import make_scene
from istrel.style.house import HouseStyle, load_style

STYLES = ("apa7", "medical", "thesis")


def sheet_of(sentence: str, data: Dataset) -> FigureSheet:
    sheet = make_exhibit(sentence, data).sheet
    assert isinstance(sheet, FigureSheet)
    return sheet


@pytest.mark.parametrize("name", STYLES)
@pytest.mark.parametrize("sentence", FIGURES)
def test_no_letters_touch_and_nothing_leaves_the_paper(sentence: str, name: str, learners: Dataset) -> None:
    assert_sound(make_scene(sheet_of(sentence, learners), load_style(name)))


def ink(image: QImage) -> NDArray[np.float64]:
    """Darkness from 0 to 1 of every pixel."""
    grey = image.convertToFormat(QImage.Format.Format_Grayscale8)
    pixels = np.frombuffer(grey.constBits(), np.uint8).reshape(grey.height(), grey.bytesPerLine())
    return 1.0 - pixels[:, : grey.width()] / 255.0


def uncovered(one: NDArray[np.float64], other: NDArray[np.float64]) -> float:
    """The share of the ink of one that has none of the other within a quarter of a millimetre (3 pixels)."""
    inked = one > 0.35
    near = maximum_filter(other, size=7) > 0.2
    return float((inked & ~near).sum() / inked.sum())


@pytest.mark.parametrize("sentence", FIGURES)
def test_what_is_painted_is_what_is_printed(sentence: str, learners: Dataset, style: HouseStyle, qapp: object) -> None:
    """At 300 dots per inch: lines and letters stand within a quarter of a millimetre, and hold as much ink."""
    sheet = sheet_of(sentence, learners)
    printed = QImage.fromData(draw(sheet, style, "png", dpi=300))
    painted = QImage(printed.size(), QImage.Format.Format_RGB32)
    painted.fill(QColor("white"))
    painter = QPainter(painted)
    paint_scene(painter, make_scene(sheet, style), 300 / 25.4)
    painter.end()
    paper, screen = ink(printed), ink(painted)
    assert float(paper.mean()) == pytest.approx(float(screen.mean()), rel=0.04)
    assert uncovered(paper, screen) < 0.002
    assert uncovered(screen, paper) < 0.002
