"""Takes one picture of each main view from the demo study into docs/screenshots, at 1280 x 800."""

from __future__ import annotations

import sys
import time
from pathlib import Path

from PySide6.QtCore import QEventLoop, QTimer
from PySide6.QtWidgets import QApplication

from istrel.app import theme
from istrel.app.window import Window
from istrel.study.changes.codebook import TreatAsMissing

FOLDER = Path(__file__).parents[1] / "docs" / "screenshots"
PATIENCE = 60.0


def spin(milliseconds: int) -> None:
    """Let the window work for a while."""
    loop = QEventLoop()
    QTimer.singleShot(milliseconds, loop.quit)
    loop.exec()


def settle(window: Window) -> None:
    """Wait until nothing is being made any more."""
    until = time.monotonic() + PATIENCE
    spin(60)
    while not window.background.idle and time.monotonic() < until:
        spin(40)
    spin(120)


def main() -> int:
    app = QApplication([])
    theme.apply(app)
    window = Window()
    window.show()

    def picture(name: str) -> None:
        settle(window)
        window.grab().save(str(FOLDER / f"{name}.png"))

    picture("start")
    window.open_demo()
    settle(window)
    spin(500)
    window.go_intake()
    picture("intake")
    window.go_codebook()
    window.codebook.table.selectRow(5)
    picture("codebook")
    window.go_bench()
    window.bench.line.setFocus()
    picture("bench-table")
    window.model.do(TreatAsMissing(("receptive_post", "confidence", "mot_03"), (-9.0,)))
    window.model.do(TreatAsMissing(("education", "satisfaction"), (99.0,)))
    settle(window)
    window.keep_exhibit()
    settle(window)
    window.bench.say("describe age, site, completed across format with total = yes")
    picture("bench-sample")
    window.keep_exhibit()
    settle(window)
    window.bench.say("describe receptive_post across format as histogram")
    picture("bench-histogram")
    window.keep_exhibit()
    settle(window)
    window.bench.say("count education against format with percent = column")
    picture("bench-cross-table")
    window.bench.say("check spelling_speed, receptive_post across format")
    picture("bench-check")
    window.bench.say("relate practice_min, absences, receptive_pre, receptive_post, spelling_speed")
    picture("bench-relate")
    window.keep_exhibit()
    settle(window)
    window.go_manuscript()
    picture("manuscript")
    window.close()
    return 0


if __name__ == "__main__":
    sys.exit(main())
