"""Figures as scenes: nothing touches or leaves the paper, and what is painted is what is printed."""

from __future__ import annotations

from functools import cache
from itertools import combinations, pairwise

import numpy as np
import pytest
from numpy.typing import NDArray
from PySide6.QtGui import QColor, QImage, QPainter
from scipy.ndimage import maximum_filter

from depth import some
from figures import FIGURES, assert_sound
from istrel.app.proof.scene_painter import paint_scene
from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.render.print import draw
from istrel.render.scene import Rectangle, make_scene
from istrel.render.scene.marks import dash_of, kind_of
from istrel.render.scene.shapes import Cloud
from istrel.style.house import HouseStyle, load_style
from made import make_exhibit

STYLES = ("apa7", "medical", "thesis")
DOTS = 200


@cache
def sheet_of(sentence: str, data: Dataset) -> FigureSheet:
    sheet = make_exhibit(sentence, data).sheet
    assert isinstance(sheet, FigureSheet)
    return sheet


@pytest.mark.parametrize("sentence", FIGURES)
def test_no_letters_touch_and_nothing_leaves_the_paper(sentence: str, learners: Dataset) -> None:
    for name in STYLES:
        assert_sound(make_scene(sheet_of(sentence, learners), load_style(name)))


def ink(image: QImage) -> NDArray[np.float64]:
    """Darkness from 0 to 1 of every pixel."""
    grey = image.convertToFormat(QImage.Format.Format_Grayscale8)
    pixels = np.frombuffer(grey.constBits(), np.uint8).reshape(grey.height(), grey.bytesPerLine())
    return 1.0 - pixels[:, : grey.width()] / 255.0


def uncovered(one: NDArray[np.float64], other: NDArray[np.float64]) -> float:
    """The share of the ink of one that has none of the other within a quarter of a millimetre (2 pixels)."""
    inked = one > 0.35
    near = maximum_filter(other, size=5) > 0.2
    return float((inked & ~near).sum() / inked.sum())


@pytest.mark.parametrize("sentence", some(FIGURES, 11))
def test_what_is_painted_is_what_is_printed(sentence: str, learners: Dataset, style: HouseStyle, qapp: object) -> None:
    """At DOTS per inch: lines and letters stand within a quarter of a millimetre, and hold as much ink."""
    sheet = sheet_of(sentence, learners)
    printed = QImage.fromData(draw(sheet, style, "png", dpi=DOTS))
    painted = QImage(printed.size(), QImage.Format.Format_RGB32)
    painted.fill(QColor("white"))
    painter = QPainter(painted)
    paint_scene(painter, make_scene(sheet, style), DOTS / 25.4)
    painter.end()
    paper, screen = ink(printed), ink(painted)
    assert float(paper.mean()) == pytest.approx(float(screen.mean()), rel=0.06)
    assert uncovered(paper, screen) < 0.002
    assert uncovered(screen, paper) < 0.002


# How eyes that lack one kind of cone see colours (Machado, Oliveira & Fernandes, 2009).
EYES = {
    "protan": [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]],
    "deutan": [[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.011820, 0.042940, 0.968881]],
    "tritan": [[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.303900]],
}


def patches(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, NDArray[np.float64]]:
    """{fill: the pixels of the largest rectangle of that fill}, painted at ten pixels a millimetre."""
    scene = make_scene(sheet_of(sentence, data), style)
    image = QImage(round(10 * scene.width), round(10 * scene.height), QImage.Format.Format_RGB32)
    image.fill(QColor("white"))
    painter = QPainter(image)
    paint_scene(painter, scene, 10.0)
    painter.end()
    pixels = np.frombuffer(image.constBits(), np.uint8).reshape(image.height(), image.width(), 4)[:, :, 2::-1] / 255.0
    largest: dict[str, Rectangle] = {}
    for shape in scene.shapes:
        if isinstance(shape, Rectangle) and shape.part.item >= 0:
            known = largest.get(shape.fill)
            if known is None or shape.width * shape.height > known.width * known.height:
                largest[shape.fill] = shape
    return {
        fill: pixels[
            round(10 * r.top) + 3 : round(10 * (r.top + r.height)) - 3,
            round(10 * r.left) + 3 : round(10 * (r.left + r.width)) - 3,
        ]
        for fill, r in largest.items()
    }


@pytest.mark.parametrize("name", STYLES)
@pytest.mark.parametrize(
    "sentence",
    [
        "describe receptive_post across format as histogram with arrange = stacked",
        "count education across format as bars",
        "count format as shares",
        "count satisfaction as shares",
    ],
)
def test_fills_are_told_apart_in_grey_and_by_every_eye(
    sentence: str, name: str, learners: Dataset, qapp: object
) -> None:
    """By how dark they are or by their hatch in grey, and by colour under each kind of colour blindness."""
    found = [p for p in patches(sentence, learners, load_style(name)).values() if min(p.shape[:2]) > 4]
    assert len(found) >= 3
    grey = [p @ (0.2126, 0.7152, 0.0722) for p in found]
    for a, b in pairwise(grey):
        assert abs(a.mean() - b.mean()) + abs(a.std() - b.std()) > 0.04
    for eye in EYES.values():
        seen = [np.clip(p.reshape(-1, 3).mean(axis=0) @ np.array(eye).T, 0, 1) for p in found]
        for a, b in pairwise(seen):
            assert np.abs(a - b).max() > 0.04


def test_lines_and_dots_have_a_second_cue_beside_their_colour() -> None:
    for k, j in combinations(range(12), 2):
        same_colour = k % 6 == j % 6
        assert dash_of(k) != dash_of(j) or not same_colour
        assert kind_of(k) != kind_of(j) or not same_colour
    assert len({dash_of(k) for k in range(6)}) == len({kind_of(k) for k in range(6)}) == 6


def test_the_pointer_finds_the_dot_it_is_at_and_no_other() -> None:
    cloud = Cloud(np.array([[10.0, 10.0], [20.0, 20.0]]), radius=0.5, fill="#000000")
    assert [cloud.nearest(*at) for at in ((10.3, 10.2), (20.0, 19.6), (15.0, 15.0), (-5.0, 10.0))] == [0, 1, -1, -1]
    assert Cloud(np.empty((0, 2)), radius=0.5, fill="#000000").nearest(0.0, 0.0) == -1
