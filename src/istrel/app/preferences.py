"""What a person chose for every study: the look of the desk, the size of its text, the language of its words."""

from __future__ import annotations

import os
import sys
from collections.abc import Sequence

from PySide6.QtCore import QSettings

from istrel.english import english

LOOKS = {
    "": english("as the system"),
    "light": english("light"),
    "dark": english("dark"),
    "contrast": english("high contrast"),
}
SIZES = (100, 125, 150, 200, 250, 300)
SCALE = "QT_SCALE_FACTOR"


def settings() -> QSettings:
    return QSettings(QSettings.Format.IniFormat, QSettings.Scope.UserScope, "istrel", "desk")


def look() -> str:
    """The look that was chosen; empty for the system's own."""
    found = str(settings().value("look", ""))
    return found if found in LOOKS else ""


def size() -> int:
    """The size of all that is shown, in percent."""
    found = str(settings().value("size", "100"))
    return int(found) if found.isdecimal() and int(found) in SIZES else 100


def language() -> str:
    """The language that was chosen for the window; empty for the system's own."""
    return str(settings().value("language", ""))


def choose(name: str, value: object) -> None:
    """Keep a choice."""
    kept = settings()
    kept.setValue(name, value)
    kept.sync()


def scale() -> None:
    """Tell Qt how large everything is, before there is an application; what the system says of the screen comes besides."""
    if size() != 100:
        os.environ[SCALE] = str(size() / 100)


def begin_again(path: str) -> None:
    """Start Istrel anew in its own place, with a study: colours, sizes and words are made once, when it starts."""
    words: Sequence[str] = sys.orig_argv[: len(sys.orig_argv) - len(sys.argv[1:])]
    os.environ.pop(SCALE, None)
    os.execv(sys.executable, [*words, path] if path else list(words))
