"""Any desk: in every look what is written can be read, by measurement of what is rendered; choices are kept and take hold."""

from __future__ import annotations

import sys
from collections.abc import Callable, Iterator
from pathlib import Path

import numpy as np
import pytest
from PySide6.QtGui import QColor, QImage
from PySide6.QtWidgets import QApplication, QLabel, QPushButton, QWidget
from pytestqt.qtbot import QtBot

from istrel.app import looks, preferences, theme
from istrel.app.window import Window
from istrel.demo import LEARNERS

LEAST = 4.5
Opened = Callable[..., Window]


@pytest.fixture(autouse=True)
def own_settings(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setenv("XDG_CONFIG_HOME", str(tmp_path / "config"))
    preferences.QSettings.setPath(
        preferences.QSettings.Format.IniFormat, preferences.QSettings.Scope.UserScope, str(tmp_path / "config")
    )


@pytest.fixture(params=list(looks.LOOKS))
def look(request: pytest.FixtureRequest, dressed: QApplication) -> Iterator[str]:
    looks.wear(request.param)
    theme.apply(dressed)
    yield request.param
    looks.wear("light")
    theme.apply(dressed)


def light(colour: QColor) -> float:
    """Relative luminance (WCAG 2.2)."""
    parts = [
        channel / 12.92 if channel <= 0.04045 else ((channel + 0.055) / 1.055) ** 2.4
        for channel in colour.getRgbF()[:3]
    ]
    return 0.2126 * parts[0] + 0.7152 * parts[1] + 0.0722 * parts[2]


def contrast(one: QColor, other: QColor) -> float:
    high, low = sorted((light(one), light(other)), reverse=True)
    return (high + 0.05) / (low + 0.05)


def written_on(widget: QWidget) -> float:
    """The contrast of what is written on a widget: of its ground, and of what lies farthest from it."""
    image = (
        widget.window().grab(widget.rect().translated(widget.mapTo(widget.window(), widget.rect().topLeft()))).toImage()
    )
    image = image.convertToFormat(QImage.Format.Format_RGB32)
    pixels = np.frombuffer(image.constBits(), np.uint32).reshape(image.height(), image.width())
    seen, times = np.unique(pixels[2:-3, 3:-3], return_counts=True)
    ground = QColor(int(seen[times.argmax()]))
    return max(contrast(QColor(int(pixel)), ground) for pixel in seen)


def words_in(window: QWidget) -> list[QWidget]:
    found = [*window.findChildren(QLabel), *window.findChildren(QPushButton)]
    return [
        w
        for w in found
        if min(w.width(), w.height()) > 8
        and w.isVisible()
        and w.isEnabled()
        and w.text().strip()
        and w.visibleRegion().boundingRect() == w.rect()
    ]


def test_what_is_written_can_be_read_in_every_look(look: str, opened: Opened, qtbot: QtBot) -> None:
    window = opened(sentence="describe age, practice_min across format with difference, test")
    low = {}
    for place in range(4):
        window.stations.go(place)
        qtbot.wait(50)
        words = words_in(window)
        assert len(words) > 3
        for widget in words:
            found = written_on(widget)
            if found < LEAST:
                low[place, widget.text(), widget.objectName()] = round(found, 2)
    assert not low, (look, low)


@pytest.mark.parametrize("name", list(looks.LOOKS))
def test_the_colours_of_a_look_part_from_each_other(name: str) -> None:
    colours = looks.LOOKS[name]
    grounds = ("DESK", "DESK_DEEP", "PANEL", "SURFACE", "PAPER")
    pairs = [(ink, ground) for ground in grounds for ink in ("INK", "QUIET", "ACCENT", "VERMILION")]
    pairs += [("INK", ground) for ground in ("MINT", "SAND")]
    pairs += [(ink, ground) for ink in ("FRAME_TEXT", "FRAME_STRONG") for ground in ("FRAME", "FRAME_FOOT")]
    pairs += [("FRAME_STRONG", "BUTTON"), ("FRAME_STRONG", "FRAME_CHIP"), ("FRAME_TROUBLE", "FRAME_FOOT")]
    pairs += [("SHEET_INK", "SHEET")]
    low = {pair: c for pair in pairs if (c := contrast(*(QColor(str(colours[name])) for name in pair))) < LEAST}
    tags = colours["TAGS"]
    assert isinstance(tags, dict)
    low |= {tag: c for tag, (back, ink) in tags.items() if (c := contrast(QColor(back), QColor(ink))) < LEAST}
    assert not low


def test_a_choice_is_kept_and_istrel_begins_again_with_its_study(
    opened: Opened, monkeypatch: pytest.MonkeyPatch
) -> None:
    window, begun = opened(), []
    monkeypatch.setattr(preferences.os, "execv", lambda program, words: begun.append((program, words)))
    monkeypatch.setattr(sys, "orig_argv", ["python", "-m", "istrel", "some.csv"])
    monkeypatch.setattr(sys, "argv", ["istrel", "some.csv"])
    window.does.do("look_dark")
    window.does.do("look_dark")
    window.does.do("size_150")
    assert (preferences.look(), preferences.size()) == ("dark", 150)
    assert begun == [(sys.executable, ["python", "-m", "istrel", str(LEARNERS)])] * 2
    monkeypatch.setenv(preferences.SCALE, "")
    preferences.scale()
    assert preferences.os.environ[preferences.SCALE] == "1.5"
    preferences.choose("size", "7")
    preferences.choose("look", "pink")
    assert (preferences.look(), preferences.size()) == ("", 100)
