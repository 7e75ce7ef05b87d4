"""Random acts in the real window: clicks, keys, typing, actions, files and pasted cells, in an order that a seed decides.

Anything that raises is a finding, told with the acts that led to it.
"""

from __future__ import annotations

import os
import random
import sys
import tempfile
import time
import traceback
from collections.abc import Callable
from pathlib import Path
from types import TracebackType

os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
os.environ["XDG_STATE_HOME"] = tempfile.mkdtemp()  # its studies are nobody's

from PySide6.QtCore import QPoint, QSettings, Qt
from PySide6.QtGui import QGuiApplication
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QFileDialog, QLineEdit, QWidget

from istrel.app import theme
from istrel.app.stations.manuscript.prose_edit import ProseEdit
from istrel.app.window import Window

AWKWARD = {
    "small.csv": "id,age,site\n1,30,Harbour\n2,NA,Mill Lane\n3,,Harbour \n4,199,harbour\n",
    "odd.csv": "a b;`c`;=1+1\n1,5;x;\n2,5;\u202ey;é\n;;\n",
    "names.csv": "x,x,\n1,2,3\n",
    "empty.csv": "",
    "wide.csv": ",".join(f"v{k}" for k in range(60)) + "\n" + ",".join("1" for _ in range(60)) + "\n",
}
TEXTS = [
    "describe ",
    "age",
    " across site",
    "count `a b`",
    "id > 1",
    " with ",
    "describe id across site as histogram",
    "²",
    "x" * 300,
]
KEYS = [
    Qt.Key.Key_Return,
    Qt.Key.Key_Escape,
    Qt.Key.Key_Tab,
    Qt.Key.Key_Down,
    Qt.Key.Key_Up,
    Qt.Key.Key_Backspace,
    Qt.Key.Key_Delete,
]
EDITING = [*KEYS, Qt.Key.Key_Left, Qt.Key.Key_Right, Qt.Key.Key_Home, Qt.Key.Key_End, Qt.Key.Key_X, Qt.Key.Key_V]
HELD = (Qt.KeyboardModifier.NoModifier, Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier)
LEFT_OUT = {"quit", "print"}  # the window goes, and a dialog of the system waits for an answer
PAUSE = 15  # milliseconds after each act


class Walk:
    """One walk: the same seed does the same acts as long as the window answers in the same order."""

    def __init__(self, seed: int, folder: Path) -> None:
        self.random = random.Random(seed)
        self.folder = folder
        self.acts: list[str] = []
        self.faults: list[str] = []
        for name, text in AWKWARD.items():
            (folder / name).write_text(text, encoding="utf-8")
        self.window = Window()
        self.window.show()

    def act(self) -> None:
        """One act, and what follows from it."""
        doing: Callable[[], str] = self.random.choice(
            [
                *(
                    self.click,
                    self.click,
                    self.click,
                    self.write,
                    self.key,
                    self.edit,
                    self.action,
                    self.action,
                    self.open,
                ),
                self.paste,
            ]
        )
        self.acts.append(doing())
        QTest.qWait(PAUSE)

    def _visible(self, kind: type[QWidget] = QWidget) -> list[QWidget]:
        return [child for child in self.window.findChildren(kind) if child.isVisible() and child.isEnabled()]

    def click(self) -> str:
        child = self.random.choice(self._visible())
        at = QPoint(self.random.randrange(max(1, child.width())), self.random.randrange(max(1, child.height())))
        words = f"click {type(child).__name__} {child.accessibleName()!r} at {at.x()}, {at.y()}"
        (QTest.mouseDClick if self.random.random() < 0.1 else QTest.mouseClick)(
            child, Qt.MouseButton.LeftButton, pos=at
        )
        for menu in QApplication.topLevelWidgets():
            if menu is not self.window and menu.isVisible() and menu.inherits("QMenu"):
                QTest.keyClick(menu, self.random.choice([Qt.Key.Key_Escape, Qt.Key.Key_Down]))
                menu.close()
        return words

    def write(self) -> str:
        fields = [*self._visible(QLineEdit), *self._visible(ProseEdit)]
        if not fields:
            return "nothing to type in"
        text, field = self.random.choice(TEXTS), self.random.choice(fields)
        QTest.keyClicks(field, text)
        return f"type {text[:20]!r} in {type(field).__name__}"

    def edit(self) -> str:
        """Keys with and without others held, in a text of the manuscript."""
        fields = self._visible(ProseEdit)
        if not fields:
            return "nothing to edit"
        field = self.random.choice(fields)
        keys = [(self.random.choice(EDITING), self.random.choice(HELD)) for _ in range(8)]
        for key, modifier in keys:
            QTest.keyClick(field, key, modifier)
        return f"edit by {', '.join(f'{modifier.name} {key.name}' for key, modifier in keys)}"

    def key(self) -> str:
        target, key = QApplication.focusWidget() or self.window, self.random.choice(KEYS)
        QTest.keyClick(target, key)
        return f"press {key.name}"

    def action(self) -> str:
        action = self.random.choice([action for action in self.window.does if action.id not in LEFT_OUT])
        self.window.does.do(action.id)
        return f"do {action.id}"

    def open(self) -> str:
        name = self.random.choice([*AWKWARD, "none.csv"])
        self.window.arrivals.open_path(str(self.folder / name))
        QTest.qWait(6 * PAUSE)
        return f"open {name}"

    def paste(self) -> str:
        QGuiApplication.clipboard().setText(self.random.choice(["a\tb\n1\t2\n", "", "x", "\x00", "a\ta\n\n1"]))
        self.window.does.do("paste")
        return "paste"

    def note(self, kind: type[BaseException], fault: BaseException, where: TracebackType | None) -> None:
        """What sys.excepthook is told: the fault with the acts before it."""
        self.faults.append(
            "".join(traceback.format_exception(kind, fault, where)[-4:]) + "after: " + "; ".join(self.acts[-8:])
        )

    def choose(self, *_: object) -> tuple[str, str]:
        """Answers every file dialog."""
        return str(self.folder / self.random.choice([*AWKWARD, "out.docx", "out.csv", "out.html", ""])), ""


def walk(seed: int, acts: int, seconds: float) -> tuple[int, list[str]]:
    """(acts done, findings)."""
    application = QApplication.instance() or QApplication([])
    assert isinstance(application, QApplication)
    until, before = time.monotonic() + seconds, sys.excepthook
    dialogs = QFileDialog.getOpenFileName, QFileDialog.getSaveFileName, QFileDialog.getExistingDirectory
    with tempfile.TemporaryDirectory() as folder:
        QSettings.setPath(QSettings.Format.IniFormat, QSettings.Scope.UserScope, folder)
        QSettings.setDefaultFormat(QSettings.Format.IniFormat)
        theme.apply(application)
        going = Walk(seed, Path(folder))
        sys.excepthook = going.note
        QFileDialog.getOpenFileName = QFileDialog.getSaveFileName = going.choose  # type: ignore[method-assign, assignment]
        QFileDialog.getExistingDirectory = lambda *_: folder  # type: ignore[method-assign]
        try:
            while len(going.acts) < acts and time.monotonic() < until and not going.faults:
                try:
                    going.act()
                except Exception as fault:
                    going.note(type(fault), fault, fault.__traceback__)
        finally:
            sys.excepthook = before
            QFileDialog.getOpenFileName, QFileDialog.getSaveFileName, QFileDialog.getExistingDirectory = dialogs  # type: ignore[method-assign]
            going.window.background.wait()
            going.window.deleteLater()
            application.processEvents()
    return len(going.acts), [f"seed {seed}, act {len(going.acts)}: {fault}" for fault in going.faults]
