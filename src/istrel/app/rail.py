"""The rail: four stations in the order of the work, each with a small count of what needs attention."""

from __future__ import annotations

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QAbstractButton, QButtonGroup, QWidget

from istrel.app import theme
from istrel.app.widgets.simple import column
from istrel.app.words import tr
from istrel.english import english

STATIONS = (english("Intake"), english("Codebook"), english("Bench"), english("Manuscript"))


class StationButton(QAbstractButton):
    """A numeral, a word, and a count."""

    def __init__(self, number: int, words: str) -> None:
        super().__init__()
        self.number, self.words, self.count = number, words, 0
        self.setCheckable(True)
        self.setFixedSize(theme.RAIL, 73)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        self.setAccessibleName(words)
        self.setToolTip(f"{words}  Ctrl+{number}")

    def set_count(self, count: int) -> None:
        self.count = count
        self.setAccessibleDescription(tr("{n} to look at", n=count) if count else "")
        self.update()

    def sizeHint(self) -> QSize:
        return QSize(theme.RAIL, 73)

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setOpacity(1.0 if self.isEnabled() else 0.45)
        if self.isChecked():
            painter.fillRect(self.rect(), theme.colour(theme.DESK))
        elif self.underMouse() and self.isEnabled():
            painter.fillRect(self.rect(), theme.colour(theme.FRAME_FOOT))
        ink = theme.INK if self.isChecked() else theme.FRAME_TEXT
        painter.setPen(theme.colour(ink))
        painter.setFont(theme.serif(24))
        painter.drawText(QRectF(0, 10, self.width(), 34), Qt.AlignmentFlag.AlignCenter, str(self.number))
        painter.setFont(theme.sans(13, bold=self.isChecked()))
        painter.drawText(QRectF(0, 42, self.width(), 18), Qt.AlignmentFlag.AlignCenter, self.words)
        if self.count:
            painter.setPen(Qt.PenStyle.NoPen)
            painter.setBrush(theme.colour(theme.BADGE))
            badge = QRectF(self.width() - 30, 10, 16 if self.count < 10 else 22, 16)
            painter.drawRoundedRect(badge, 8, 8)
            painter.setPen(theme.colour(theme.FRAME_STRONG))
            painter.setFont(theme.sans(11, bold=True))
            painter.drawText(badge, Qt.AlignmentFlag.AlignCenter, str(self.count))
        if self.hasFocus():
            painter.setPen(theme.colour(theme.SAND_EDGE))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(2, 2, -3, -3))
        painter.end()


class Rail(QWidget):
    """The name of the house and the stations under it."""

    chosen = Signal(int)

    def __init__(self) -> None:
        super().__init__()
        self.setFixedWidth(theme.RAIL)
        layout = column(self, margins=(0, 64, 0, 0))
        group = QButtonGroup(self)
        self.stations: list[StationButton] = []
        for place, words in enumerate(STATIONS):
            station = StationButton(place + 1, tr(words))
            station.setEnabled(False)
            station.clicked.connect(lambda _=False, p=place: self.chosen.emit(p))
            group.addButton(station)
            self.stations.append(station)
            layout.addWidget(station)
        layout.addStretch()

    def open_up(self) -> None:
        """A study is open: all stations can be reached."""
        for station in self.stations:
            station.setEnabled(True)

    def close_up(self) -> None:
        """No study is open."""
        for station in self.stations:
            station.setEnabled(False)
            station.set_count(0)

    def tell(self, findings: int, kept: int) -> None:
        """What is to be looked at in the file, and how much is kept."""
        self.stations[0].set_count(findings)
        self.stations[3].setToolTip(tr("Manuscript: {kept} kept  Ctrl+4", kept=kept))

    def tell_moved(self, many: int) -> None:
        """How many parts of the manuscript are to be looked at."""
        self.stations[3].set_count(many)

    def show_station(self, place: int) -> None:
        self.stations[place].setChecked(True)

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.fillRect(self.rect(), theme.colour(theme.FRAME))
        painter.setPen(theme.colour(theme.FRAME_STRONG))
        painter.setFont(theme.serif(21, bold=True))
        painter.drawText(QRectF(0, 0, self.width(), 64), Qt.AlignmentFlag.AlignCenter, "Istrel")
        painter.end()
