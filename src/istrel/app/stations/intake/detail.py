"""The chosen variable in figures: its most frequent, lowest and highest values; a click shows their cases."""

from __future__ import annotations

from functools import partial

from PySide6.QtWidgets import QGridLayout, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import box, button, clear, column, label
from istrel.app.words import tr
from istrel.data.column import show_value
from istrel.data.facts import extremes


class Detail(QWidget):
    """A strip under the variables."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        surface = box("deep")
        column(self).addWidget(surface)
        layout = column(surface, margins=(16, 10, 16, 10), spacing=4)
        self.title = label("", "heading")
        layout.addWidget(self.title)
        self._lines = QGridLayout()
        self._lines.setHorizontalSpacing(12)
        self._lines.setColumnStretch(1, 1)
        layout.addLayout(self._lines)
        self.hide()

    def show_variable(self, name: str) -> None:
        """Show a variable's outermost and most frequent values."""
        facts = self._model.found.facts.get(name)
        clear(self._lines)
        if facts is None:
            self.hide()
            return
        zeros = tr(" · {n:,} [zero|zeros]", n=facts.zeros) if facts.zeros else ""
        self.title.setText(
            tr(
                "{name}: {valid:,} valid · {missing:,} missing · {distinct:,} distinct{zeros}",
                name=name,
                valid=facts.valid,
                missing=facts.missing,
                distinct=facts.distinct,
                zeros=zeros,
            )
        )
        lowest, highest = extremes(self._model.study.data, name)
        pairs = zip(facts.most_frequent, facts.frequent_values, strict=True)
        self._line(
            0, tr("most frequent"), [(f"{text} ({count:,})", value) for (text, count), (value, _) in pairs], name
        )
        for place, (words, ends) in enumerate(((tr("lowest"), lowest), (tr("highest"), highest)), start=1):
            if ends:
                self._rows(place, words, ends, name)
        self.show()

    def _line(self, place: int, words: str, values: list[tuple[str, float | str]], name: str) -> None:
        chips = FlowBox(spacing=10, most_lines=1)
        for text, value in values:
            chips.add(button(text[:40], "small", partial(self._show_value, name, value)))
        chips.setFixedHeight(22)
        self._lines.addWidget(label(words, "small"), place, 0)
        self._lines.addWidget(chips, place, 1)

    def _rows(self, place: int, words: str, ends: tuple[tuple[float | str, int], ...], name: str) -> None:
        chips = FlowBox(spacing=10, most_lines=1)
        for value, row in ends:
            text = show_value(value).replace("-", "−") if not isinstance(value, str) else value
            chips.add(
                button(
                    text,
                    "small",
                    partial(self._model.cases_wanted.emit, (row,), f"{name} {text}", name),
                    tip=tr("case {row}", row=row),
                )
            )
        chips.setFixedHeight(22)
        self._lines.addWidget(label(words, "small"), place, 0)
        self._lines.addWidget(chips, place, 1)

    def _show_value(self, name: str, value: float | str) -> None:
        from istrel.data.corrections import where
        from istrel.data.dataset import rows_of

        rows = rows_of(where(self._model.study.table.column(name), value))
        self._model.cases_wanted.emit(rows, f"{name} = {show_value(value)}", name)
