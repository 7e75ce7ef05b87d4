"""The forms of a verb as small live pictures, drawn from the exhibit's own numbers; those that do not fit say why."""

from __future__ import annotations

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QPainter, QPaintEvent, QWheelEvent
from PySide6.QtWidgets import QAbstractButton, QScrollArea, QWidget

from istrel.app import theme
from istrel.app.proof.scene_painter import paint_scene
from istrel.app.widgets.simple import row
from istrel.app.words import tr
from istrel.render.scene import Scene
from istrel.sentence.vocabulary import FORMS, VERBS

SHEET = QSize(96, 68)
ROWS_OF_TABLE = 4


class FormPicture(QAbstractButton):
    """A sheet in miniature; the form that is shown large is framed."""

    def __init__(self, form: str) -> None:
        super().__init__()
        self.form = form
        self.scene: Scene | None = None
        self.setCheckable(True)
        self.setAccessibleName(f"as {form}")
        self.setCursor(Qt.CursorShape.PointingHandCursor)

    def sizeHint(self) -> QSize:
        return QSize(SHEET.width(), SHEET.height() + 20)

    def show_scene(self, scene: Scene | None) -> None:
        """What it looks like; None while that is not known."""
        self.scene = scene
        self.update()

    def offer(self, reason: str, *, current: bool) -> None:
        """A reason greys the form."""
        self.setEnabled(not reason)
        self.setToolTip(tr(reason) or f"as {self.form}: {tr(FORMS[self.form].meaning)}")
        self.setChecked(current)
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setOpacity(1.0 if self.isEnabled() else 0.4)
        sheet = QRectF(1, 1, SHEET.width() - 2, SHEET.height() - 2)
        painter.fillRect(sheet, theme.colour(theme.SHEET))
        if self.isChecked() or self.hasFocus():
            painter.setPen(theme.colour(theme.ACCENT))
            painter.drawRect(sheet)
        if not FORMS[self.form].drawn:
            self._table(painter, sheet.adjusted(12, 10, -12, -10))
        elif self.scene is not None and self.isEnabled():
            self._picture(painter, sheet.adjusted(5, 5, -5, -5), self.scene)
        painter.setFont(theme.sans(theme.SMALL_PX))
        painter.setPen(theme.colour(theme.INK if self.isChecked() else theme.QUIET))
        painter.drawText(QRectF(0, SHEET.height() + 2, SHEET.width(), 18), Qt.AlignmentFlag.AlignCenter, self.form)
        painter.end()

    def _picture(self, painter: QPainter, rect: QRectF, scene: Scene) -> None:
        """The figure without its letters, in the middle of the sheet."""
        scale = min(rect.width() / scene.width, rect.height() / scene.height)
        painter.save()
        painter.translate(rect.center() - QPointF(scale * scene.width / 2, scale * scene.height / 2))
        paint_scene(painter, scene, scale, letters=False)
        painter.restore()

    def _table(self, painter: QPainter, rect: QRectF) -> None:
        """Three rules, and a grey line for each row of values."""
        painter.setPen(theme.colour(theme.SHEET_INK))
        for y in (rect.top(), rect.top() + 9, rect.bottom()):
            painter.drawLine(QPointF(rect.left(), y), QPointF(rect.right(), y))
        for place in range(ROWS_OF_TABLE):
            y = rect.top() + 16 + place * 8
            painter.fillRect(QRectF(rect.left(), y, rect.width() * 0.4, 2), theme.colour(theme.DRAWING_SOFT))
            for column in range(3):
                x = rect.left() + rect.width() * (0.52 + 0.17 * column)
                painter.fillRect(QRectF(x, y, rect.width() * 0.1, 2), theme.colour(theme.DRAWING_SOFT))


class FormsRow(QScrollArea):
    """Pictures of the forms of a verb, left to right; the wheel moves on where they are many."""

    chosen = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        inside = QWidget()
        inside.setObjectName("deep")
        inside.setAttribute(Qt.WidgetAttribute.WA_StyledBackground)
        self._layout = row(inside, margins=(24, 8, 24, 8), spacing=12)
        self.pictures = {form: FormPicture(form) for verb in VERBS.values() for form in verb.forms}
        for form, picture in self.pictures.items():
            picture.clicked.connect(lambda _=False, f=form: self.chosen.emit(f))
            self._layout.addWidget(picture)
        self._layout.addStretch()
        self.setWidget(inside)
        self.setWidgetResizable(True)
        self.setFrameShape(QScrollArea.Shape.NoFrame)
        self.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAsNeeded)
        self.setFixedHeight(SHEET.height() + 36 + 8)
        self.setObjectName("deep")
        self._verb = ""
        self.show_forms_of("describe")

    def show_forms_of(self, verb: str) -> None:
        """Only forms that the verb can take are offered, in the order of the vocabulary."""
        if verb == self._verb:
            return
        self._verb = verb
        forms = VERBS[verb].forms
        for form, picture in self.pictures.items():
            picture.setVisible(form in forms)
        for place, form in enumerate(forms):
            self._layout.removeWidget(self.pictures[form])
            self._layout.insertWidget(place, self.pictures[form])

    def show_current(self) -> None:
        """Bring the form that is shown large into sight."""
        current = next((picture for picture in self.pictures.values() if picture.isChecked()), None)
        if current is not None:
            self.ensureWidgetVisible(current, 40, 0)

    def wheelEvent(self, event: QWheelEvent) -> None:
        bar = self.horizontalScrollBar()
        delta = event.angleDelta()
        bar.setValue(bar.value() - (delta.y() or delta.x()) // 2)
        event.accept()
