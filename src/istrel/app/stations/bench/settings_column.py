"""The settings that belong to the form of the exhibit, and only those. A click changes the sentence."""

from __future__ import annotations

import math
from collections.abc import Callable
from functools import partial
from typing import Any

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QHBoxLayout, QMenu, QPushButton, QScrollArea, QSlider, QWidget

from istrel.app import theme
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import box, button, clear, column, label, passing, row
from istrel.app.words import tr
from istrel.exhibits.make import Exhibit
from istrel.exhibits.verbs.count.resolve import ABOUT_CLASSES, CountPlan
from istrel.sentence.edit import with_setting
from istrel.sentence.request import Request
from istrel.sentence.settings import fitting_offers, fitting_settings
from istrel.sentence.vocabulary import ON_BUTTONS, SETTINGS, STATISTICS, Setting

Offer = Callable[[QPushButton], None]
SLIDER_STEPS, SLIDER_FACTOR = 50, 5.0  # from a fifth of the bandwidth to five times it


def _is_own(setting: Setting, verb: str, form: str) -> bool:
    """Whether a setting belongs to this form, and not to all that a verb makes."""
    return any(place.verb == verb and form in place.forms for place in setting.belongs)


ROOM = theme.SETTINGS - 2 * 16 - 10  # beside the bar that scrolls


class SettingsColumn(QWidget):
    """Rebuilt for each exhibit from its request."""

    request_changed = Signal(object)
    setting_dragged = Signal(str, float, bool)
    keep = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setFixedWidth(theme.SETTINGS)
        panel = box("panel")
        column(self).addWidget(panel)
        outer = column(panel, margins=(16, 16, 16, 16), spacing=8)
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.setFrameShape(QScrollArea.Shape.NoFrame)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inside = QWidget()
        inside.setObjectName("clear")
        self._body = column(inside, spacing=6)
        area.setWidget(inside)
        outer.addWidget(area, 1)
        self.keep_button = button(tr("Keep"), "main", self.keep.emit)
        self.keep_button.setEnabled(False)
        outer.addWidget(self.keep_button)
        self._shown: tuple[Any, ...] = ()
        self.chips: dict[str, QPushButton] = {}
        self.slider: QSlider | None = None

    def show_exhibit(self, exhibit: Exhibit, label_when_kept: str, style_name: str) -> None:
        """The settings of this exhibit's form."""
        self.keep_button.setText(tr("Keep as {label}   Ctrl ↵", label=label_when_kept))
        self.keep_button.setEnabled(True)
        fingerprint = (exhibit.request, exhibit.form, exhibit.shown, style_name)
        if fingerprint == self._shown:
            return
        self._empty()
        self._shown = fingerprint
        request = exhibit.request
        place = request.place._replace(form=exhibit.form)
        fitting = [s for s in fitting_settings(place, request.settings) if s.name not in _without_use(exhibit)]
        if exhibit.shown and any(setting.name == "statistics" for setting in fitting):
            self._statistics(exhibit)
        chosen = [setting for setting in fitting if setting.takes.offers]
        if chosen:
            self._heading(exhibit.form.capitalize() if exhibit.is_figure else tr("Layout"))
        if any(setting.name == "bandwidth" for setting in fitting):
            self._slider(request)
        for setting in sorted(chosen, key=lambda setting: not _is_own(setting, request.verb, exhibit.form)):
            self._choice(setting, request, exhibit.form)
        self._heading(tr("Setting"))
        self._line(tr("House style"), style_name, None)
        self._body.addStretch()

    def forget(self) -> None:
        """No proof: nothing to set, nothing to keep."""
        self.keep_button.setEnabled(False)
        self._empty()

    def _empty(self) -> None:
        clear(self._body)
        self.chips, self.slider, self._shown = {}, None, ()

    def _heading(self, text: str) -> None:
        if self._body.count():
            self._body.addSpacing(12)
        self._body.addWidget(label(text, "heading"))

    def _statistics(self, exhibit: Exhibit) -> None:
        """The statistics as buttons: pressed ones are shown in the order in which they were pressed."""
        self._heading(tr(SETTINGS["statistics"].words))
        flow = FlowBox(spacing=6)
        for entry in ON_BUTTONS:
            keys = entry.of or (entry.name,)
            chip = button(tr(entry.words), "chip", partial(self._toggle, exhibit, keys), tip=tr(entry.meaning))
            chip.setCheckable(True)
            chip.setChecked(all(key in exhibit.shown for key in keys))
            self.chips[entry.name] = chip
            flow.add(chip)
        self._body.addWidget(flow)
        flow.arrange()

    def _toggle(self, exhibit: Exhibit, keys: tuple[str, ...]) -> None:
        """A statistic added at the end or taken out; the last one stays."""
        shown = exhibit.shown
        wanted = tuple(k for k in shown if k not in keys) if keys[0] in shown else (*shown, *keys)
        wanted = tuple(key for key in wanted if key in STATISTICS)
        if wanted:
            self._shown = ()
            self.request_changed.emit(with_setting(exhibit.request, "statistics", wanted))

    def _choice(self, setting: Setting, request: Request, form: str) -> None:
        """A line with the value that holds; a click offers the others. The usual value is taken out of the sentence."""

        def choose(value: Any) -> None:
            changed = with_setting(request, setting.name, None if value == setting.usual else value)
            for other in setting.excludes:
                changed = with_setting(changed, other, None)
            self._shown = ()
            self.request_changed.emit(changed)

        options = fitting_offers(setting, request.place._replace(form=form))
        if setting.usual is None and None not in options:
            options = {None: setting.usual_words(form), **options}

        def offer(under: QPushButton) -> None:
            menu = passing(QMenu(self))
            for value, text in options.items():
                menu.addAction(tr(text), partial(choose, value))
            menu.popup(under.mapToGlobal(under.rect().bottomLeft()))

        now = request.settings[setting.name]
        self._line(tr(setting.words).replace("*", ""), tr(options.get(now, str(now))), offer, setting)

    def _slider(self, request: Request) -> None:
        """The bandwidth, dragged: in the middle the rule's own, to the left rougher, to the right smoother."""
        self._body.addWidget(label(tr("Smoothness")))
        slider = QSlider(Qt.Orientation.Horizontal)
        slider.setRange(-SLIDER_STEPS, SLIDER_STEPS)
        slider.setValue(round(SLIDER_STEPS * math.log(request.settings["bandwidth"]) / math.log(SLIDER_FACTOR)))
        slider.setAccessibleName(tr("Bandwidth"))
        slider.setToolTip(tr(SETTINGS["bandwidth"].meaning))
        words = tr("bandwidth × {factor:.3g}, drag to smooth", factor=request.settings["bandwidth"])
        says = label(words, "small", wrap=True)

        def moved(place: int, *, done: bool) -> None:
            factor = float(f"{SLIDER_FACTOR ** (place / SLIDER_STEPS):.3g}")
            says.setText(tr("bandwidth × {factor:.3g}, drag to smooth", factor=factor))
            self.setting_dragged.emit("bandwidth", factor, done)

        slider.sliderMoved.connect(lambda place: moved(place, done=False))
        slider.sliderReleased.connect(lambda: moved(slider.value(), done=True))
        self.slider = slider
        self._body.addWidget(slider)
        self._body.addWidget(says)

    def _line(self, words: str, value: str, offer: Offer | None, setting: Setting | None = None) -> None:
        name = label(words)
        chooser = button(
            f"{value} ▾" if offer else value,
            "choice",
            lambda: offer(chooser) if offer else None,
            tip=tr(setting.meaning) if setting else f"{words}: {value}",
        )
        chooser.setStyleSheet("font-weight: bold; padding: 2px 0;")
        chooser.setMaximumWidth(ROOM)
        chooser.setEnabled(offer is not None)
        if setting is not None:
            self.chips[setting.name] = chooser
        line: QHBoxLayout = row(spacing=4)
        if name.sizeHint().width() + chooser.sizeHint().width() + 4 > ROOM:  # long words have a line of their own
            self._body.addWidget(name)
        else:
            line.addWidget(name)
        line.addStretch()
        line.addWidget(chooser)
        self._body.addLayout(line)


def _without_use(exhibit: Exhibit) -> tuple[str, ...]:
    """Settings that the sentence could have and its variables could not: classes, where nothing is measured."""
    plan = exhibit.plan
    return ABOUT_CLASSES if isinstance(plan, CountPlan) and not plan.has_measures else ()
