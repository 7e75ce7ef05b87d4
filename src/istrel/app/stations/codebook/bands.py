"""A variable drawn with cuts to drag, and the bands that they make: as a draft, or those that are there."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QGridLayout, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.stations.codebook.cuts import CutsDrawing
from istrel.app.widgets.simple import button, clear, column, label
from istrel.app.words import retold, tr
from istrel.data.codebook import Variable
from istrel.data.column import show_value
from istrel.data.derive import band_labels, children_of, free_name
from istrel.data.formula.evaluate import evaluate
from istrel.data.formula.tree import Call, Literal, Name
from istrel.problem import Problem
from istrel.study.changes.codebook import Derive, SetFormula


class Bands(QWidget):
    """Part of a variable's page."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self._name = ""
        self._draft: tuple[float, ...] = ()
        layout = column(self, spacing=6)
        self.drawing = CutsDrawing()
        self.drawing.moved.connect(self._moved)
        self.drawing.settled.connect(self._settled)
        self.trouble = label("", "error", wrap=True)
        self.heading = label("", "heading")
        self._grid = QGridLayout()
        self._grid.setHorizontalSpacing(16)
        self._grid.setVerticalSpacing(4)
        self.make = button("", "chip", self._make)
        layout.addWidget(self.drawing)
        layout.addWidget(self.trouble)
        layout.addWidget(self.heading)
        layout.addLayout(self._grid)
        layout.addWidget(self.make, 0, Qt.AlignmentFlag.AlignLeft)

    def show_variable(self, name: str) -> None:
        """Show the bands of a variable as they stand."""
        if name != self._name:
            self._draft = ()
            self.trouble.clear()
        self._name = name
        self.drawing.show_facts(self._model.found.facts.get(name), self._cuts())
        self._show()

    @property
    def _banded(self) -> Variable | None:
        """The bands that are made from this variable, or that it is itself."""
        codebook = self._model.study.codebook
        here = codebook[self._name]
        if isinstance(here.formula, Call) and here.formula.function == "bands":
            return here
        for child in children_of(codebook, self._name):
            formula = codebook[child].formula
            if isinstance(formula, Call) and formula.function == "bands" and formula.arguments[0] == Name(self._name):
                return codebook[child]
        return None

    def _cuts(self) -> tuple[float, ...]:
        if self._draft:
            return self._draft
        banded = self._banded
        if banded is None or banded.name == self._name or not isinstance(banded.formula, Call):
            return ()
        cuts = (cut.value for cut in banded.formula.arguments[1:] if isinstance(cut, Literal))
        return tuple(float(cut) for cut in cuts)

    def _formula(self, cuts: tuple[float, ...]) -> Call:
        banded = self._banded
        options = banded.formula.options if banded is not None and isinstance(banded.formula, Call) else ()
        return Call("bands", (Name(self._name), *(Literal(cut) for cut in cuts)), options)

    def _show(self) -> None:
        clear(self._grid)
        cuts = self.drawing.cuts
        banded = self._banded
        self.heading.setVisible(bool(cuts))
        self.make.setVisible(bool(self._draft))
        if not cuts:
            return
        target = banded.name if banded is not None else free_name(f"{self._name}_band", self._model.study.table)
        self.heading.setText(tr("Bands from these cuts → {target}", target=target))
        self.make.setText(tr("make {target}", target=target))
        formula = self._formula(cuts)
        bands = evaluate(formula, self._model.study.data)
        counts = [int((bands.values[bands.valid] == code).sum()) for code in range(1, len(cuts) + 2)]
        right = dict(formula.options).get("closed") == "right"
        given = (
            {entry.value: entry.label for entry in banded.value_labels}
            if banded is not None and not self._draft
            else {}
        )
        for place, entry in enumerate(band_labels(formula, self._model.study.data)):
            self._grid.addWidget(label(given.get(entry.value, entry.label)), place, 0)
            self._grid.addWidget(label(_condition(self._name, cuts, place, right=right), "small"), place, 1)
            self._grid.addWidget(label(f"{counts[place]:,}", "small"), place, 2, Qt.AlignmentFlag.AlignRight)

    def begin(self) -> None:
        """Three cuts to begin with, near the quartiles."""
        import numpy as np

        numbers = self._model.study.data.numbers(self._name)
        used = numbers.values[numbers.valid]
        if not used.size or self._cuts():
            return
        places = [self.drawing.value_at(self.drawing.x_of(float(q))) for q in np.quantile(used, [0.25, 0.5, 0.75])]
        self._draft = tuple(sorted(set(places)))
        self.drawing.show_facts(self._model.found.facts.get(self._name), self._draft)
        self._show()

    def _moved(self, cuts: tuple[float, ...]) -> None:
        if self._draft:
            self._draft = cuts
        self._show()

    def _settled(self, cuts: tuple[float, ...]) -> None:
        """A cut was let go: a draft goes on being one, bands that are there follow."""
        if self._draft:
            self._draft = cuts
            self._show()
        elif (banded := self._banded) is not None:
            self._model.do(SetFormula(banded.name, self._formula(cuts)))

    def _make(self) -> None:
        cuts, self._draft = self._draft, ()
        name = free_name(f"{self._name}_band", self._model.study.table)
        try:
            change = Derive(
                name, self._formula(cuts), tr("{title} in bands", title=self._model.study.codebook[self._name].title)
            )
            self._model.do(change)
        except Problem as problem:
            self.trouble.setText(retold(problem.message))


def _condition(name: str, cuts: tuple[float, ...], place: int, *, right: bool) -> str:
    """A band in signs: "30 ≤ age < 45", or "30 < age ≤ 45" where cuts belong to the band below."""
    low = show_value(cuts[place - 1]).replace("-", "−") if place else ""
    high = show_value(cuts[place]).replace("-", "−") if place < len(cuts) else ""
    above, below = ("<", "≤") if right else ("≤", "<")
    if low and high:
        return f"{low} {above} {name} {below} {high}"
    return f"{name} {'>' if right else '≥'} {low}" if low else f"{name} {below} {high}"
