"""The other forms that fit the same subjects, as small live pictures painted by the window itself."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QAbstractButton, QWidget

from istrel.app import theme
from istrel.app.widgets.miniatures import DRAWN
from istrel.app.widgets.simple import row
from istrel.data.facts import VariableFacts
from istrel.sentence.vocabulary import VERBS

SHEET = QSize(96, 68)


class FormPicture(QAbstractButton):
    """A sheet in miniature; the form that is shown large is framed."""

    def __init__(self, form: str) -> None:
        super().__init__()
        self.form = form
        self.facts: tuple[VariableFacts, ...] = ()
        self.reason = ""
        self.setCheckable(True)
        self.setAccessibleName(f"as {form}")
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def sizeHint(self) -> QSize:
        return QSize(SHEET.width(), SHEET.height() + 20)

    def offer(self, facts: tuple[VariableFacts, ...], reason: str, *, current: bool) -> None:
        """Draw with these variables; a reason greys the form."""
        self.facts, self.reason = facts, reason
        self.setEnabled(not reason)
        self.setToolTip(reason or f"as {self.form}")
        self.setChecked(current)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setOpacity(1.0 if self.isEnabled() else 0.4)
        sheet = QRectF(1, 1, SHEET.width() - 2, SHEET.height() - 2)
        painter.fillRect(sheet, theme.colour(theme.PAPER))
        if self.isChecked() or self.hasFocus():
            painter.setPen(theme.colour(theme.FRAME))
            painter.drawRect(sheet)
        inner = sheet.adjusted(12, 10, -12, -10)
        if self.form == "table":
            self._table(painter, inner)
        else:
            self._shape(painter, inner)
        painter.setFont(theme.sans(theme.SMALL_PX))
        painter.setPen(theme.colour(theme.INK if self.isChecked() else theme.QUIET))
        painter.drawText(QRectF(0, SHEET.height() + 2, SHEET.width(), 18), Qt.AlignmentFlag.AlignCenter, self.form)
        painter.end()

    def _shape(self, painter: QPainter, rect: QRectF) -> None:
        """The distribution of the first variable as the form shows one."""
        facts = self.facts[0] if self.facts else None
        if facts and facts.shape:
            DRAWN[self.form](painter, rect, facts.shape)

    def _table(self, painter: QPainter, rect: QRectF) -> None:
        """Three rules, and a grey line for each row of values."""
        painter.setPen(theme.colour(theme.INK))
        for y in (rect.top(), rect.top() + 9, rect.bottom()):
            painter.drawLine(QPointF(rect.left(), y), QPointF(rect.right(), y))
        rows = max(1, min(4, len(self.facts) or 1))
        for place in range(rows):
            y = rect.top() + 16 + place * 8
            painter.fillRect(QRectF(rect.left(), y, rect.width() * 0.4, 2), theme.colour(theme.DRAWING_SOFT))
            for column in range(3):
                x = rect.left() + rect.width() * (0.52 + 0.17 * column)
                painter.fillRect(QRectF(x, y, rect.width() * 0.1, 2), theme.colour(theme.DRAWING_SOFT))


class FormsRow(QWidget):
    """Pictures of the forms of a verb, left to right."""

    chosen = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        layout = row(self, margins=(24, 8, 24, 8), spacing=12)
        self.pictures = {form: FormPicture(form) for verb in VERBS.values() for form in verb.forms}
        for form, picture in self.pictures.items():
            picture.clicked.connect(lambda _=False, f=form: self.chosen.emit(f))
            layout.addWidget(picture)
        layout.addStretch()
        self.setFixedHeight(SHEET.height() + 36)
        self.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self.setObjectName("deep")
        self.show_forms_of("describe")

    def show_forms_of(self, verb: str) -> None:
        """Only forms that the verb can take are offered."""
        for form, picture in self.pictures.items():
            picture.setVisible(form in VERBS[verb].forms)
