"""Two panels laid over the desk: the palette that reaches everything, and the list of keys. Both come from `actions`."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeyEvent, QKeySequence
from PySide6.QtWidgets import QFrame, QGridLayout, QLineEdit, QListWidget, QListWidgetItem, QWidget

from istrel.app import theme
from istrel.app.actions import ACTIONS, Action
from istrel.app.widgets.simple import column, label, serif_label

MORE_KEYS = (
    ("Tab", "in the sentence: take the first offer"),
    ("↓", "in the sentence: go to the offers"),
    ("Enter", "on a variable: describe it, or leave it out"),
    ("Shift+Enter", "on a variable: make groups with it"),
    ("Alt+↑ ↓", "on a value in the Codebook: print it earlier or later"),
    ("Esc", "close a panel"),
)


class Panel(QFrame):
    """A sheet over the desk that Escape closes."""

    def __init__(self, parent: QWidget, width: int) -> None:
        super().__init__(parent)
        self._desk = parent
        self.setStyleSheet(
            f"Panel {{ background: {theme.SURFACE}; border: 1px solid {theme.LINE}; border-radius: {theme.RADIUS}px; }}"
        )
        self.setFixedWidth(width)
        self.hide()

    def appear(self) -> None:
        self.adjustSize()
        self.move((self._desk.width() - self.width()) // 2, 72)
        self.show()
        self.raise_()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.hide()
            self._desk.setFocus()
        else:
            super().keyPressEvent(event)


class Palette(Panel):
    """Type a few letters of what is wanted; Enter does it."""

    def __init__(self, parent: QWidget, possible: Callable[[Action], bool], do: Callable[[Action], object]) -> None:
        super().__init__(parent, 480)
        self._possible, self._do = possible, do
        layout = column(self, margins=(8, 8, 8, 8), spacing=4)
        self.finder = QLineEdit()
        self.finder.setPlaceholderText("What would you like to do?")
        self.finder.setAccessibleName("Find an action")
        self.list = QListWidget()
        self.list.setFixedHeight(320)
        self.list.setAccessibleName("Actions")
        layout.addWidget(self.finder)
        layout.addWidget(self.list)
        self.finder.textChanged.connect(self._fill)
        self.finder.returnPressed.connect(self._run)
        self.list.itemActivated.connect(lambda _: self._run())

    def appear(self) -> None:
        self.finder.clear()
        self._fill("")
        super().appear()
        self.finder.setFocus()

    def _fill(self, text: str) -> None:
        self.list.clear()
        words = text.casefold().split()
        for action in ACTIONS:
            if all(word in action.words.casefold() for word in words) and action.id != "palette":
                item = QListWidgetItem(f"{action.words}    {action.key}".rstrip())
                item.setData(Qt.ItemDataRole.UserRole, action.id)
                if not self._possible(action):
                    item.setFlags(Qt.ItemFlag.NoItemFlags)
                self.list.addItem(item)
        rows = (
            place for place in range(self.list.count()) if self.list.item(place).flags() & Qt.ItemFlag.ItemIsEnabled
        )
        self.list.setCurrentRow(next(rows, -1))

    def _run(self) -> None:
        item = self.list.currentItem()
        if item is None:
            return
        self.hide()
        chosen = item.data(Qt.ItemDataRole.UserRole)
        self._do(next(action for action in ACTIONS if action.id == chosen))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Down, Qt.Key.Key_Up):
            step = 1 if event.key() == Qt.Key.Key_Down else -1
            self.list.setCurrentRow(max(0, min(self.list.count() - 1, self.list.currentRow() + step)))
        else:
            super().keyPressEvent(event)


class Keys(Panel):
    """All keys."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent, 520)
        layout = column(self, margins=(32, 24, 32, 24), spacing=12)
        layout.addWidget(serif_label("Keys", 22, bold=True))
        grid = QGridLayout()
        grid.setHorizontalSpacing(24)
        lines = [
            (QKeySequence(a.key).toString(QKeySequence.SequenceFormat.NativeText), a.words) for a in ACTIONS if a.key
        ]
        for place, (key, words) in enumerate([*lines, *MORE_KEYS]):
            grid.addWidget(label(key, "heading"), place, 0)
            grid.addWidget(label(words), place, 1)
        layout.addLayout(grid)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def appear(self) -> None:
        super().appear()
        self.setFocus()
