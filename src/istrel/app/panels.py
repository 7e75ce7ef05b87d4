"""Two panels laid over the desk: the palette that reaches everything, and the list of keys. Keys come from `actions`."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import QModelIndex, QPersistentModelIndex, QSize, Qt
from PySide6.QtGui import QKeyEvent, QKeySequence, QPainter
from PySide6.QtWidgets import (
    QFrame,
    QGridLayout,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QStyle,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QWidget,
)

from istrel.app import theme
from istrel.app.actions import Actions
from istrel.app.reach import Choice
from istrel.app.widgets.simple import column, label, serif_label
from istrel.app.words import tr
from istrel.english import english

MORE_KEYS = (
    ("Tab", english("in the sentence: take the first offer")),
    ("↓", english("in the sentence: go to the offers")),
    ("↑", english("in an empty sentence: the sentences before")),
    ("Enter", english("on a variable: describe it, or leave it out")),
    ("Shift+Enter", english("on a variable: make groups with it")),
    ("Alt+↑ ↓", english("on a value in the Codebook: print it earlier or later")),
    ("Esc", english("close a panel")),
)


LINE, MOST_LINES = 28, 12  # of the palette


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
        room = self._desk.height() - self.height()
        self.move((self._desk.width() - self.width()) // 2, max(8, min(72, room - 8)))
        self.show()
        self.raise_()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.hide()
            self._desk.setFocus()
        else:
            super().keyPressEvent(event)


class Palette(Panel):
    """Type a few letters of what is wanted; Enter does it. `reach` gives the lines for a text."""

    def __init__(self, parent: QWidget, reach: Callable[[str], list[Choice]]) -> None:
        super().__init__(parent, 600)
        self._reach = reach
        self.choices: list[Choice] = []
        layout = column(self, margins=(8, 8, 8, 8), spacing=4)
        self.finder = QLineEdit()
        self.finder.setPlaceholderText(tr("An action, a variable, a value, a finding, or a whole sentence"))
        self.finder.setAccessibleName(tr("Find anything"))
        self.list = QListWidget()
        self.list.setAccessibleName(tr("What was found"))
        self.list.setItemDelegate(TwoSided(self.list))
        self.list.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
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
        self.choices = self._reach(text)
        for choice in self.choices:
            item = QListWidgetItem(choice.words)
            item.setData(Qt.ItemDataRole.UserRole, choice.beside)
            item.setToolTip(choice.words)
            if not choice.possible:
                item.setFlags(Qt.ItemFlag.NoItemFlags)
            self.list.addItem(item)
        if not self.choices:
            self.list.addItem(tr("Nothing is called so. Try other letters, or write a whole sentence."))
            self.list.item(0).setFlags(Qt.ItemFlag.NoItemFlags)
        self.list.setCurrentRow(next((place for place, choice in enumerate(self.choices) if choice.possible), -1))
        self.list.setFixedHeight(min(MOST_LINES, max(1, len(self.choices))) * LINE + 6)  # as high as what was found
        self.adjustSize()

    def _run(self) -> None:
        place = self.list.currentRow()
        if 0 <= place < len(self.choices):
            self.hide()
            self.choices[place].do()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Down, Qt.Key.Key_Up):
            step = 1 if event.key() == Qt.Key.Key_Down else -1
            self.list.setCurrentRow(max(0, min(self.list.count() - 1, self.list.currentRow() + step)))
        else:
            super().keyPressEvent(event)


def in_print(keys: tuple[str, ...]) -> str:
    """Keys as this desktop writes them."""
    return f" {tr('or')} ".join(QKeySequence(key).toString(QKeySequence.SequenceFormat.NativeText) for key in keys)


class TwoSided(QStyledItemDelegate):
    """Paints the words at the left, what stands beside them at the right."""

    def paint(
        self, painter: QPainter, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex
    ) -> None:
        rect, possible = option.rect, bool(index.flags() & Qt.ItemFlag.ItemIsEnabled)
        if option.state & QStyle.StateFlag.State_Selected:
            painter.fillRect(rect, theme.colour(theme.MINT))
        beside = str(index.data(Qt.ItemDataRole.UserRole) or "")
        painter.setFont(theme.sans())
        metrics = painter.fontMetrics()
        inside = rect.adjusted(10, 0, -10, 0)
        painter.setPen(theme.colour(theme.QUIET))
        painter.drawText(inside, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignRight, beside)
        painter.setPen(theme.colour(theme.INK if possible else theme.FAINT))
        room = inside.width() - metrics.horizontalAdvance(beside) - 16
        words = metrics.elidedText(str(index.data()).replace("\n", " "), Qt.TextElideMode.ElideRight, room)
        painter.drawText(inside, Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, words)

    def sizeHint(self, option: QStyleOptionViewItem, index: QModelIndex | QPersistentModelIndex) -> QSize:
        del option, index
        return QSize(100, LINE)


class Keys(Panel):
    """All keys."""

    def __init__(self, parent: QWidget, actions: Actions) -> None:
        super().__init__(parent, 760)
        layout = column(self, margins=(32, 20, 32, 20), spacing=10)
        layout.addWidget(serif_label(tr("Keys"), 22, bold=True))
        grid = QGridLayout()
        grid.setHorizontalSpacing(20)
        grid.setVerticalSpacing(5)
        lines = [(in_print(action.keys), action.words) for action in actions if action.keys]
        every = [*lines, *((key, tr(words)) for key, words in MORE_KEYS)]
        half = (len(every) + 1) // 2
        for place, (key, words) in enumerate(every):  # two columns, so that a small window holds them
            row, side = place % half, 2 * (place // half)
            grid.addWidget(label(key, "heading"), row, side, Qt.AlignmentFlag.AlignRight)
            grid.addWidget(label(words, wrap=True), row, side + 1)
        layout.addLayout(grid)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)

    def appear(self) -> None:
        super().appear()
        self.move(self.x(), max(8, (self._desk.height() - self.height()) // 2))  # a page of its own: in the middle
        self.setFocus()
