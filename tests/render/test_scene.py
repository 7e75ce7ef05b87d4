"""Figures as scenes: nothing touches or leaves the paper, and what is painted is what is printed."""

from __future__ import annotations

from itertools import combinations

import numpy as np
import pytest
from numpy.typing import NDArray
from PySide6.QtGui import QColor, QImage, QPainter
from scipy.ndimage import maximum_filter

from figures import FIGURES
from istrel.app.proof.scene_painter import paint_scene
from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import make_exhibit
from istrel.render.print import draw
from istrel.render.scene import Letters, make_scene
from istrel.render.scene.shapes import PT, Polygon, Polyline, Rectangle
from istrel.style.house import HouseStyle, load_style

STYLES = ("apa7", "medical", "thesis")


def sheet_of(sentence: str, data: Dataset) -> FigureSheet:
    sheet = make_exhibit(sentence, data).sheet
    assert isinstance(sheet, FigureSheet)
    return sheet


def box_of(text: Letters) -> tuple[float, float, float, float]:
    """(left, top, right, bottom) of the letters' bodies in mm."""
    tall = 0.62 * text.size_pt * PT
    if text.upright:
        return text.x - tall, text.y - text.width, text.x, text.y
    return text.x, text.y - tall, text.x + text.width, text.y


@pytest.mark.parametrize("name", STYLES)
@pytest.mark.parametrize("sentence", FIGURES)
def test_no_letters_touch_and_nothing_leaves_the_paper(sentence: str, name: str, learners: Dataset) -> None:
    scene = make_scene(sheet_of(sentence, learners), load_style(name))
    texts = [shape for shape in scene.shapes if isinstance(shape, Letters)]
    assert len(texts) > 5
    boxes = [box_of(text) for text in texts]
    for text, (left, top, right, bottom) in zip(texts, boxes, strict=True):
        assert min(left, top, scene.width - right, scene.height - bottom) >= 0, text.text
    for (one, a), (other, b) in combinations(zip(texts, boxes, strict=True), 2):
        apart = a[2] <= b[0] + 0.05 or b[2] <= a[0] + 0.05 or a[3] <= b[1] + 0.05 or b[3] <= a[1] + 0.05
        assert apart, (one.text, other.text)
    for shape in scene.shapes:
        if isinstance(shape, Rectangle):
            assert min(shape.left, shape.top, scene.height - shape.top - shape.height) >= 0
        elif isinstance(shape, Polyline | Polygon):
            assert ((shape.points >= -0.01) & (shape.points <= (scene.width, scene.height))).all()
    fields = [(f.left, f.top, f.left + f.width, f.top + f.height) for f in scene.fields]
    for a, b in combinations(fields, 2):
        assert a[2] <= b[0] or b[2] <= a[0] or a[3] <= b[1] or b[3] <= a[1], "two panels stand on the same paper"


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
