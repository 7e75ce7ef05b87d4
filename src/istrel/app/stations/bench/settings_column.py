"""The settings that belong to the form of the exhibit, and only those. A click changes the sentence."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from functools import partial
from typing import Any

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QHBoxLayout, QMenu, QPushButton, QScrollArea, QWidget

from istrel.app import theme
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import box, button, clear, column, label, row
from istrel.exhibits.make import Exhibit
from istrel.sentence.edit import with_setting
from istrel.sentence.request import Request

STATISTIC_CHIPS = {
    "n": "n",
    "missing": "missing",
    "mean": "M",
    "sd": "SD",
    "se": "SE",
    "ci": "95 % CI",
    "median": "Mdn",
    "iqr": "IQR",
    "quartiles": "quartiles",
    "min": "min",
    "max": "max",
    "range": "range",
    "mode": "mode",
    "trimmed_mean": "trimmed M",
    "mad": "MAD",
    "skewness": "skewness",
    "kurtosis": "kurtosis",
    "cv": "CV",
}
PAIRS = {"ci": ("ci_low", "ci_high"), "quartiles": ("q1", "q3")}
# For each verb but describe: setting, its words, and what can be chosen (value: shown), the usual one first.
VERBS: dict[str, dict[str, tuple[str, dict[Any, str]]]] = {
    "count": {
        "percent": ("Percentages", {None: "none", "row": "of the row", "column": "of the column", "total": "of all"}),
        "order": ("Order", {"codebook": "codebook", "frequency": "frequency", "label": "label"}),
        "missing": ("Missing", {"show": "in the table", "hide": "in the note"}),
        "hide_below": ("Hide counts", {None: "none", 3: "below 3", 5: "below 5", 10: "below 10"}),
        "top": ("Most frequent", {None: "all", 5: "5", 10: "10", 20: "20"}),
    },
    "check": {"adjust": ("p adjusted", {"none": "no", "holm": "Holm", "bh": "Benjamini–Hochberg"})},
    "relate": {
        "method": (
            "Coefficient",
            {
                None: "by levels",
                "pearson": "Pearson",
                "spearman": "Spearman",
                "kendall": "Kendall",
                "fitting": "fitting",
            },
        ),
        "deletion": ("Deletion", {"pairwise": "pairwise", "listwise": "listwise"}),
        "adjust": ("p adjusted", {"none": "no", "holm": "Holm", "bh": "Benjamini–Hochberg"}),
    },
}
CROSS_ONLY, LIST_ONLY = {"percent"}, {"order", "top", "missing"}
HISTOGRAM = {
    "rule": ("Classes by", ("freedman-diaconis", "scott", "sturges", "doane", "square root", "whole numbers")),
    "height": ("Heights", ("count", "percent", "proportion", "density")),
    "curve": ("Curve", ("normal", "density", "both", "none")),
    "closed": ("Classes closed", ("left", "right")),
}
SHORT = {"freedman-diaconis": "Freedman–Diaconis", "scott": "Scott", "sturges": "Sturges", "doane": "Doane"}


class SettingsColumn(QWidget):
    """Rebuilt for each exhibit from its request."""

    request_changed = Signal(object)
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
        self.keep_button = button("Keep", "main", self.keep.emit)
        self.keep_button.setEnabled(False)
        outer.addWidget(self.keep_button)
        self._shown: tuple[Any, ...] = ()
        self.chips: dict[str, QPushButton] = {}

    def show_exhibit(self, exhibit: Exhibit, label_when_kept: str, style_name: str) -> None:
        """The settings of this exhibit's form."""
        self.keep_button.setText(f"Keep as {label_when_kept}   Ctrl ↵")
        self.keep_button.setEnabled(True)
        fingerprint = (exhibit.request, exhibit.form, exhibit.shown, style_name)
        if fingerprint == self._shown:
            return
        self._shown = fingerprint
        clear(self._body)
        self.chips = {}
        if exhibit.form == "histogram":
            self._histogram(exhibit.request)
        elif exhibit.request.verb == "describe":
            self._table(exhibit)
        else:
            self._verb(exhibit.request)
        self._heading("Setting")
        self._line("House style", style_name, None)
        self._body.addStretch()

    def forget(self) -> None:
        """No proof: nothing to set, nothing to keep."""
        self.keep_button.setEnabled(False)

    def _heading(self, text: str) -> None:
        if self._body.count():
            self._body.addSpacing(12)
        self._body.addWidget(label(text, "heading"))

    def _table(self, exhibit: Exhibit) -> None:
        request = exhibit.request
        if exhibit.shown:
            self._heading("Statistics, in this order")
            flow = FlowBox(spacing=6)
            for key, text in STATISTIC_CHIPS.items():
                keys = PAIRS.get(key, (key,))
                chip = button(text, "chip", partial(self._toggle, exhibit, keys))
                chip.setCheckable(True)
                chip.setChecked(all(k in exhibit.shown for k in keys))
                self.chips[key] = chip
                flow.add(chip)
            self._body.addWidget(flow)
            flow.arrange()
        self._heading("Layout")
        if request.across:
            self._choice(
                "Total across groups", "total", request, {True: "yes", False: "no"}, bool(request.settings.total)
            )
        if exhibit.shown:
            kinds = {7: "type 7", 6: "type 6", 8: "type 8"}
            self._choice("Quantiles", "quantiles", request, kinds, request.settings.quantiles or 7)
            decimals = {None: "by codebook", 0: "0", 1: "1", 2: "2", 3: "3"}
            self._choice("Decimals", "decimals", request, decimals, request.settings.decimals)

    def _verb(self, request: Request) -> None:
        """The settings of count, check and relate that mean something for this sentence."""
        self._heading("Layout")
        if request.across:
            self._choice(
                "Total across groups", "total", request, {True: "yes", False: "no"}, bool(request.settings.total)
            )
        unfit = LIST_ONLY if request.against else CROSS_ONLY
        for name, (words, options) in VERBS[request.verb].items():
            if request.verb != "count" or name not in unfit:
                said = getattr(request.settings, name)
                self._choice(words, name, request, options, next(iter(options)) if said is None else said)

    def _toggle(self, exhibit: Exhibit, keys: tuple[str, ...]) -> None:
        """A statistic added at the end or taken out; the last one stays."""
        shown = exhibit.shown
        wanted = tuple(k for k in shown if k not in keys) if keys[0] in shown else (*shown, *keys)
        if wanted:
            self._shown = ()
            self.request_changed.emit(with_setting(exhibit.request, "statistics", wanted))

    def _histogram(self, request: Request) -> None:
        self._heading("Histogram")
        for name, (words, choices) in HISTOGRAM.items():
            options = {choice: SHORT.get(choice, choice) for choice in choices}
            now = getattr(request.settings, name)
            self._choice(words, name, request, options, now or choices[0])
        self._choice("Cumulative", "cumulative", request, {True: "yes", False: "no"}, bool(request.settings.cumulative))

    def _choice(self, words: str, name: str, request: Request, options: dict[Any, str], now: Any) -> None:
        def choose(value: Any) -> None:
            cleared = value if value not in (None, False) else None
            changed = with_setting(request, name, cleared)
            if name == "rule":
                changed = replace(changed, settings=replace(changed.settings, bins=None, width=None, edges=None))
            self._shown = ()
            self.request_changed.emit(changed)

        menu = QMenu(self)
        for value, text in options.items():
            action = QAction(text, menu)
            action.triggered.connect(lambda _=False, v=value: choose(v))
            menu.addAction(action)
        self._line(words, options.get(now, str(now)), menu, name)

    def _line(self, words: str, value: str, menu: QMenu | None, name: str = "") -> None:
        line: QHBoxLayout = row(spacing=4)
        line.addWidget(label(words))
        line.addStretch()
        show: Callable[[], object] = (
            (lambda: menu.popup(chooser.mapToGlobal(chooser.rect().bottomLeft()))) if menu else (lambda: None)
        )
        chooser = button(f"{value} ▾" if menu else value, "choice", show, tip=f"{words}: {value}")
        chooser.setStyleSheet("font-weight: bold; padding: 2px 0;")
        chooser.setEnabled(menu is not None)
        if name:
            self.chips[name] = chooser
        line.addWidget(chooser)
        self._body.addLayout(line)
