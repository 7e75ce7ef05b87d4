"""Labels, buttons and boxes as the theme wants them, made in one line."""

from __future__ import annotations

from collections.abc import Callable

from PySide6.QtCore import Qt
from PySide6.QtGui import QFontMetricsF, QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QLabel, QLayout, QMenu, QPushButton, QVBoxLayout, QWidget

from istrel.app import theme


def label(text: str = "", name: str = "", *, wrap: bool = False) -> QLabel:
    made = QLabel(text)
    made.setObjectName(name)
    made.setTextFormat(Qt.TextFormat.PlainText)
    made.setWordWrap(wrap)
    return made


class ElidedLabel(QLabel):
    """A line of text that ends in "…" where it has no room, and is told whole when it is pointed at."""

    def __init__(self, name: str = "") -> None:
        super().__init__()
        self.setObjectName(name)
        self.setMinimumWidth(24)

    def setText(self, text: str) -> None:
        super().setText(text)
        self.setToolTip(text)

    def paintEvent(self, event: QPaintEvent) -> None:
        if self.sizeHint().width() <= self.width():
            super().paintEvent(event)
            return
        painter = QPainter(self)
        text = self.fontMetrics().elidedText(self.text(), Qt.TextElideMode.ElideRight, self.width())
        painter.setPen(self.palette().color(self.foregroundRole()))
        painter.drawText(self.rect(), Qt.AlignmentFlag.AlignVCenter | Qt.AlignmentFlag.AlignLeft, text)
        painter.end()


def serif_label(text: str, px: int, *, bold: bool = False) -> QLabel:
    made = label(text)
    made.setFont(theme.serif(px, bold=bold))
    made.setStyleSheet(f'font-family: "{theme.SERIF}"; font-size: {px}px; font-weight: {"bold" if bold else "normal"};')
    return made


def button(text: str, name: str, call: Callable[[], object], *, tip: str = "") -> QPushButton:
    made = QPushButton(text)
    made.setObjectName(name)
    made.setCursor(Qt.CursorShape.PointingHandCursor)
    made.setAccessibleName(tip or text)
    made.setToolTip(tip)
    made.clicked.connect(lambda _checked=False: call())
    return made


def passing(menu: QMenu) -> QMenu:
    """A menu that is made anew each time it is wanted: it goes when it is left, so that long use gathers none."""
    menu.aboutToHide.connect(menu.deleteLater)
    return menu


def box(name: str = "") -> QFrame:
    made = QFrame()
    made.setObjectName(name)
    return made


def column(
    parent: QWidget | None = None, *, margins: tuple[int, int, int, int] = (0, 0, 0, 0), spacing: int = 0
) -> QVBoxLayout:
    layout = QVBoxLayout(parent) if parent is not None else QVBoxLayout()
    layout.setContentsMargins(*margins)
    layout.setSpacing(spacing)
    return layout


def row(
    parent: QWidget | None = None, *, margins: tuple[int, int, int, int] = (0, 0, 0, 0), spacing: int = 0
) -> QHBoxLayout:
    layout = QHBoxLayout(parent) if parent is not None else QHBoxLayout()
    layout.setContentsMargins(*margins)
    layout.setSpacing(spacing)
    return layout


def clear(layout: QLayout) -> None:
    """Take everything out of a layout; widgets go at once."""
    while layout.count():
        item = layout.takeAt(0)
        if item is None:
            return
        widget, inner = item.widget(), item.layout()
        if widget is not None:
            widget.hide()
            widget.setParent(None)
            widget.deleteLater()
        elif inner is not None:
            clear(inner)


def say_in(line: QLabel, text: str) -> None:
    """A line of words that takes no room while it says nothing."""
    line.setText(text)
    line.setVisible(bool(text))


def in_lines(text: str, width: float) -> str:
    """A text in lines of small print that fit the width; a button does not break them itself."""
    metrics, lines = QFontMetricsF(theme.sans(13)), [""]
    for word in text.split():
        longer = f"{lines[-1]} {word}".strip()
        if lines[-1] and metrics.horizontalAdvance(longer) > width:
            lines.append(word)
        else:
            lines[-1] = longer
    return "\n".join(lines)
