"""What was opened and made goes when it is left: long use gathers nothing."""

from __future__ import annotations

import gc
import weakref
from collections import Counter
from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, Qt
from pytestqt.qtbot import QtBot

from istrel.app.window import Window

Opened = Callable[..., Window]
Settle = Callable[[], None]


def a_file(folder: Path) -> Path:
    path = folder / "own.csv"
    path.write_text("id,score,kind\n" + "".join(f"{k},{k % 17}.5,{'ab'[k % 2]}\n" for k in range(60)))
    return path


def held(window: Window) -> Counter[str]:
    """What stands in the window, but for the start page, which lists the studies of before."""
    listed = set(window.start.findChildren(QObject))
    return Counter(type(one).__name__ for one in window.findChildren(QObject) if one not in listed)


def use(window: Window, settle: Settle, qtbot: QtBot) -> None:
    """Sentences, a menu that is left without a choice, every station, an exhibit kept."""
    bench = window.stations.bench.widget
    for sentence in ("describe score across kind", "describe score as histogram", "count kind"):
        window.stations.say(sentence)
        settle()
        for chip in ("height", "rule", "percent"):
            if chip in bench.settings.chips:
                qtbot.mouseClick(bench.settings.chips[chip], Qt.MouseButton.LeftButton)
                for menu in [one for one in bench.settings.children() if one.inherits("QMenu")]:
                    menu.close()  # type: ignore[attr-defined]
    window.does.do("keep")
    for place in range(4):
        window.stations.go(place)
        settle()
    window.stations.say("describe score")
    settle()


def test_what_was_opened_and_made_goes_when_it_is_left(
    opened: Opened, settle: Settle, qtbot: QtBot, tmp_path: Path
) -> None:
    path = a_file(tmp_path)
    window = opened(path)
    use(window, settle, qtbot)
    kinds = []
    for _ in range(3):
        proof = window.stations.bench.widget.draft.proof
        assert proof is not None
        left = [weakref.ref(one) for one in (window.model.study.data, window.model.study, proof.exhibit)]
        del proof
        window.does.do("new")
        settle()
        gc.collect()
        assert [one() is None for one in left] == [True, True, True]
        opened(path)
        use(window, settle, qtbot)
        kinds.append(held(window))
    assert not kinds[2] - kinds[1]
