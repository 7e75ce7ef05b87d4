"""Starts the application: an empty frame is on the screen first, what stands in it follows at the next turn of the loop."""

from __future__ import annotations

import os
import sys
import time
from typing import TYPE_CHECKING

from istrel.machine import has_display
from istrel.problem import Problem

if TYPE_CHECKING:
    from types import TracebackType

    from PySide6.QtWidgets import QApplication, QMainWindow

    from istrel.app.window import Window

WIDTH, HEIGHT, TITLE_BAR = 1280, 800, 40  # the window is never larger than the free part of the screen
DESKS = {
    "light": "#E7ECE6",
    "dark": "#1B2523",
    "contrast": "#FFFFFF",
}  # importing the theme would keep the frame waiting


def run(path: str = "", *, demo: bool = False) -> int:
    """Show the window, with a file if one is named; returns when it is closed.

    Raises
    ------
    Problem
        When there is no display.
    """
    if not has_display():
        raise Problem("there is no display to open a window on; “istrel make” works without one.")
    from PySide6.QtCore import QTimer
    from PySide6.QtWidgets import QApplication, QMainWindow

    from istrel.app import preferences

    preferences.scale()
    app = QApplication(sys.argv[:1])
    app.setApplicationName("Istrel")
    app.setDesktopFileName("istrel")
    frame = QMainWindow()
    frame.setWindowTitle("Istrel")
    frame.setStyleSheet(f"QMainWindow {{ background: {DESKS[look_of(app)]}; }}")
    free = app.primaryScreen().availableGeometry()
    width, height = min(WIDTH, free.width() - 16), min(HEIGHT, free.height() - TITLE_BAR)
    frame.resize(width, height)
    frame.move(free.left() + (free.width() - width) // 2, free.top() + (free.height() - TITLE_BAR - height) // 2)
    frame.show()
    if os.environ.get("ISTREL_QUIT_WHEN_SHOWN"):  # for measuring the cold start, from outside
        QTimer.singleShot(0, lambda: sys.stdout.write(f"{time.time()}\n"))
    windows: list[Window] = []
    QTimer.singleShot(0, lambda: windows.append(furnish(app, frame, path, demo=demo)))
    code = app.exec()
    for window in windows:
        window.background.wait()
        window.keeping.finish()
    return int(code)


def look_of(app: QApplication) -> str:
    """The look that was chosen, else the one that fits the system."""
    from PySide6.QtCore import Qt

    from istrel.app import preferences

    dark = app.styleHints().colorScheme() is Qt.ColorScheme.Dark
    return preferences.look() or ("dark" if dark else "light")


def furnish(app: QApplication, frame: QMainWindow, path: str, *, demo: bool) -> Window:
    """Put the window's content into the frame, and begin to read the file if one is named."""
    from istrel.app import looks, preferences, theme
    from istrel.app.window import Window
    from istrel.app.words import LANGUAGES, language_of_the_system, speak

    chosen = preferences.language()
    speak(chosen if chosen in LANGUAGES else language_of_the_system())
    looks.wear(look_of(app))
    theme.apply(app)
    window = Window()
    frame.setMinimumSize(window.minimumSize().boundedTo(frame.size()))
    frame.setWindowIcon(window.windowIcon())
    frame.setCentralWidget(window)
    window.windowTitleChanged.connect(frame.setWindowTitle)
    tell_faults(window)
    if demo:
        window.arrivals.open_demo()
    elif path:
        window.arrivals.open_path(path)
    else:
        window.arrivals.wait()
    if os.environ.get("ISTREL_QUIT_WHEN_SHOWN"):
        from PySide6.QtCore import QTimer

        QTimer.singleShot(0, lambda: (sys.stdout.write(f"{time.time()}\n"), app.quit()))
    return window


def tell_faults(window: Window) -> None:
    """What a slot or an event of the window raises becomes a message and a log, once for each place; the window goes on."""
    from istrel.app.words import retold
    from istrel.fault import told

    seen: set[tuple[type, int]] = set()

    def tell(kind: type[BaseException], fault: BaseException, where: TracebackType | None) -> None:
        last = where
        while last is not None and last.tb_next is not None:
            last = last.tb_next
        place = kind, last.tb_frame.f_code.__hash__() if last is not None else 0
        if isinstance(fault, KeyboardInterrupt):
            sys.__excepthook__(kind, fault, where)
        elif isinstance(fault, Problem):
            window.model.trouble.emit(retold(fault.message))
        elif place not in seen:
            seen.add(place)
            window.model.trouble.emit(told(fault))

    sys.excepthook = tell
