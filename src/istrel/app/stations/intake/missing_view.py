"""Where values are missing: the map of the file, and the patterns of what is missing together."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import QEvent, QPoint, QRectF, Qt
from PySide6.QtGui import QHelpEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QGridLayout, QToolTip, QWidget

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.widgets.simple import button, clear, column, label, serif_label
from istrel.app.words import tr
from istrel.data.patterns import MissingMap, MissingPattern

NAMES_TALL = 96
MOST_PATTERNS = 12


class MapPicture(QWidget):
    """One column per variable with gaps, cases from top to bottom; the stronger the mark, the more is missing."""

    def __init__(self) -> None:
        super().__init__()
        self.found: MissingMap | None = None
        self.setMinimumHeight(320)
        self.setAccessibleName(tr("Map of missing values"))
        self.setMouseTracking(True)

    def show_map(self, found: MissingMap) -> None:
        self.found = found
        self.setAccessibleDescription(tr("{n} [variable has|variables have] missing values", n=len(found.names)))
        self.update()

    def _wide(self) -> float:
        return min(28.0, self.width() / max(1, len(self.found.names) if self.found else 1))

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        if self.found is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        shares, wide = self.found.shares, self._wide()
        tall = (self.height() - NAMES_TALL) / max(1, shares.shape[0])
        painter.fillRect(
            QRectF(0, NAMES_TALL, wide * len(self.found.names), self.height() - NAMES_TALL), theme.colour(theme.SURFACE)
        )
        painter.setFont(theme.sans(theme.SMALL_PX))
        for place, name in enumerate(self.found.names):
            if wide >= 11:
                painter.save()
                painter.setPen(theme.colour(theme.INK))
                painter.translate(place * wide + wide / 2 + 4, NAMES_TALL - 6)
                painter.rotate(-60)
                shown = painter.fontMetrics().elidedText(name, Qt.TextElideMode.ElideRight, NAMES_TALL)
                painter.drawText(0, 0, shown)
                painter.restore()
            for row in shares[:, place].nonzero()[0].tolist():
                mark = theme.colour(theme.VERMILION, int(70 + 185 * shares[row, place]))
                painter.fillRect(QRectF(place * wide + 1, NAMES_TALL + row * tall, wide - 2, max(1.0, tall)), mark)
        painter.end()

    def event(self, event: QEvent) -> bool:
        if isinstance(event, QHelpEvent) and self.found is not None:
            place = int(event.pos().x() // self._wide())
            if 0 <= place < len(self.found.names):
                share = float(self.found.shares[:, place].mean())
                QToolTip.showText(
                    event.globalPos() + QPoint(8, 8), f"{self.found.names[place]}: {100 * share:.1f} % missing"
                )
            return True
        return super().event(event)


class MissingView(QWidget):
    """The map above, the patterns below; a click shows the cases of a pattern."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("clear")
        self._model = model
        layout = column(self, margins=(24, 16, 24, 16), spacing=10)
        self.empty = label(tr("No value is missing."), "small")
        layout.addWidget(self.empty)
        self.map = MapPicture()
        layout.addWidget(self.map, 1)
        self._head = serif_label(tr("Missing together"), 16, bold=True)
        layout.addWidget(self._head)
        self._patterns = QGridLayout()
        self._patterns.setHorizontalSpacing(16)
        self._patterns.setColumnStretch(1, 1)
        layout.addLayout(self._patterns)

    def refresh(self) -> None:
        clear(self._patterns)
        found = self._model.found.missing
        any_missing = found is not None and bool(found[0].names)
        self.empty.setVisible(not any_missing)
        self.map.setVisible(any_missing)
        self._head.setVisible(any_missing)
        if found is None or not any_missing:
            return
        self.map.show_map(found[0])
        for place, pattern in enumerate(found[1][:MOST_PATTERNS]):
            count = label(f"{pattern.count:,}", "heading")
            self._patterns.addWidget(count, place, 0, Qt.AlignmentFlag.AlignRight)
            if pattern.variables:
                names = ", ".join(pattern.variables[:5]) + (" …" if len(pattern.variables) > 5 else "")
                link = button(names, "link", partial(self._show, pattern))
                self._patterns.addWidget(link, place, 1, Qt.AlignmentFlag.AlignLeft)
            else:
                self._patterns.addWidget(label(tr("nothing missing: complete cases")), place, 1)

    def _show(self, pattern: MissingPattern) -> None:
        from istrel.data.patterns import rows_with

        rows = rows_with(self._model.study.data, pattern.variables)
        self._model.cases_wanted.emit(
            rows, tr("missing in {names}", names=", ".join(pattern.variables)), pattern.variables[0]
        )
