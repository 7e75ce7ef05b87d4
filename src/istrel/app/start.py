"""Starts the application: Qt and the frame first, everything slow afterwards."""

from __future__ import annotations

import os
import sys
import time

from istrel.data.problem import Problem


def run(path: str = "", *, demo: bool = False) -> int:
    """Show the window, with a file if one is named; returns when it is closed."""
    if not _has_display():
        raise Problem("there is no display to open a window on; “istrel make” works without one.")
    from PySide6.QtCore import QTimer
    from PySide6.QtWidgets import QApplication

    from istrel.app import theme
    from istrel.app.window import Window

    app = QApplication.instance() or QApplication(sys.argv[:1])
    assert isinstance(app, QApplication)
    app.setApplicationName("Istrel")
    app.setDesktopFileName("istrel")
    theme.apply(app)
    window = Window()
    window.show()
    if path:
        QTimer.singleShot(0, lambda: window.open_path(path, sentence=_demo_sentence() if demo else ""))
    if os.environ.get("ISTREL_QUIT_WHEN_SHOWN"):  # for measuring the cold start, from outside
        QTimer.singleShot(0, lambda: (sys.stdout.write(f"{time.time()}\n"), app.quit()))
    code = app.exec()
    window.background.wait()
    return int(code)


def _demo_sentence() -> str:
    from istrel.demo import SENTENCE

    return SENTENCE


def _has_display() -> bool:
    if os.environ.get("QT_QPA_PLATFORM") in ("offscreen", "minimal", "vnc", "linuxfb", "eglfs"):
        return True
    return bool(os.environ.get("DISPLAY") or os.environ.get("WAYLAND_DISPLAY"))
