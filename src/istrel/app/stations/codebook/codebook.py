"""Codebook put together: one line per variable, edited in place; the page of the chosen one; the line that derives."""

from __future__ import annotations

from PySide6.QtCore import QModelIndex
from PySide6.QtWidgets import QAbstractItemView, QHBoxLayout, QLineEdit, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.stations.codebook.derive_line import DeriveLine
from istrel.app.stations.codebook.page import Page
from istrel.app.widgets.simple import box, button, column, label, row
from istrel.app.widgets.variable_table import TableColumn, VariableModel, variable_table
from istrel.data.codebook import Variable, parse_missing
from istrel.files import read_small
from istrel.problem import Problem
from istrel.sentence.quoting import show_name
from istrel.sentence.show_formula import show_expression
from istrel.study.changes import Change
from istrel.study.changes.codebook import LayOver, SetDecimals, SetMissing, SetText
from istrel.study.codebook_csv import match_codebook, show_missing, write_codebook

COLUMNS = (
    TableColumn("", 52, "tag"),
    TableColumn("Variable", 168, bold=True),
    TableColumn("Label", 0, editable=True),
    TableColumn("Unit", 72, editable=True),
    TableColumn("Decimals", 72, editable=True),
    TableColumn("Values", 96),
    TableColumn("Missing", 112, editable=True),
)
LABEL, UNIT, DECIMALS, MISSING = 2, 3, 4, 6
CODEBOOKS = "Codebook (*.csv);;All files (*)"


class Codebook(QWidget):
    """The second station."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self._chosen = ""
        self._shown: list[str] = []
        layout = row(self)
        surface = box("surface")
        left = column(surface)
        left.addLayout(self._make_bar())
        self.derive_line = DeriveLine(model)
        left.addWidget(self.derive_line)
        self.message = label("", "small", wrap=True)
        self.message.setContentsMargins(16, 4, 16, 4)
        self.message.hide()
        left.addWidget(self.message)
        self.table_model = VariableModel(COLUMNS)
        self.table_model.edited = self._edited
        self.table = variable_table(self.table_model, "Codebook")
        self.table.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        left.addWidget(self.table, 1)
        layout.addWidget(surface, 1)
        self.page = Page(model)
        layout.addWidget(self.page)
        self.page.derive_wanted.connect(self._derive)
        self.table.selectionModel().currentRowChanged.connect(self._choose)
        self.table.selectionModel().selectionChanged.connect(self._offer_composite)
        model.opened.connect(self._reset)
        model.changed.connect(self.refresh)
        model.facts_ready.connect(self.refresh)
        model.trouble.connect(self._say)
        self.refresh()

    def _make_bar(self) -> QHBoxLayout:
        bar = row(margins=(16, 8, 16, 8), spacing=16)
        self.finder = QLineEdit()
        self.finder.setPlaceholderText("Find a variable")
        self.finder.setAccessibleName("Find a variable")
        self.finder.setFixedWidth(200)
        self.finder.textChanged.connect(self.refresh)
        bar.addWidget(self.finder)
        self.derive = button("derive…", "link", self.begin_derive)
        self.composite = button("composite of the chosen", "link", self._begin_composite)
        self.composite.hide()
        bar.addWidget(self.derive)
        bar.addWidget(self.composite)
        bar.addStretch()
        bar.addWidget(button("import…", "link", self.choose_import, tip="lay a codebook file over the variables"))
        bar.addWidget(button("export…", "link", self.choose_export, tip="write the codebook as CSV"))
        return bar

    @property
    def title(self) -> QWidget:
        return self.page.title

    @property
    def levels(self) -> object:
        return self.page.levels

    # Showing.
    def _reset(self) -> None:
        """Another source is in use."""
        self._chosen = ""
        self._say("")
        self.derive_line.hide()
        self.finder.clear()
        self.refresh()

    def refresh(self) -> None:
        """Show the codebook as it stands."""
        if not self._model.is_open:
            return
        codebook = self._model.study.codebook
        wanted = self.finder.text().casefold()
        lines = [v for v in codebook.variables if wanted in v.name.casefold() or wanted in v.label.casefold()]
        self._shown = [variable.name for variable in lines]
        self.table_model.fill([_line(variable) for variable in lines])
        if self._chosen not in codebook:
            self._chosen = codebook.names[0]
            self.table.selectRow(0)
        self.page.show_variable(self._chosen)

    def _choose(self, current: QModelIndex, previous: QModelIndex) -> None:
        del previous
        if current.isValid() and current.row() < len(self._shown):
            self._chosen = self._shown[current.row()]
            self.page.show_variable(self._chosen)

    def show_variable(self, name: str) -> None:
        """Choose a variable."""
        self.finder.clear()
        self.table.selectRow(self._shown.index(name))

    def _say(self, text: str) -> None:
        self.message.setText(text)
        self.message.setVisible(bool(text))

    # Editing.
    def _edited(self, place: int, which: int, text: str) -> None:
        name = self._shown[place]
        change: Change
        self._say("")
        try:
            if which == MISSING:
                change = SetMissing(name, parse_missing(text))
            elif which == DECIMALS:
                change = SetDecimals(name, _decimals(text))
            else:
                change = SetText(name, "label" if which == LABEL else "unit", text.strip())
        except Problem as problem:
            self._say(problem.message)
            return
        self._model.do(change)

    # Deriving.
    def begin_derive(self) -> None:
        """An empty line to derive with."""
        self.derive_line.begin()

    def _derive(self, stem: str, expression: str) -> None:
        if stem.startswith("="):
            self.derive_line.begin(f"{show_name(stem[1:])} = {expression}")
        else:
            self.derive_line.propose(stem, expression)

    def chosen_names(self) -> tuple[str, ...]:
        """The variables whose lines are chosen, in the order of the codebook."""
        rows = sorted(index.row() for index in self.table.selectionModel().selectedRows())
        return tuple(self._shown[place] for place in rows if place < len(self._shown))

    def _offer_composite(self) -> None:
        self.composite.setVisible(len(self.chosen_names()) > 1)

    def _begin_composite(self) -> None:
        """The mean of the chosen items; two thirds of them must be valid."""
        names = self.chosen_names()
        stem = names[0].rstrip("0123456789_") or names[0]
        least = max(1, round(2 / 3 * len(names)))
        items = ", ".join(show_name(name) for name in names)
        self.derive_line.propose(f"{stem}_mean", f"mean({items}, minimum = {least})")

    # Files.
    def choose_export(self) -> None:
        from PySide6.QtWidgets import QFileDialog

        name, _ = QFileDialog.getSaveFileName(self, "Write the codebook", "codebook.csv", CODEBOOKS)
        if name:
            self.export_codebook(name)

    def export_codebook(self, path: str) -> None:
        """Write the codebook as CSV."""
        from pathlib import Path

        from istrel.files import write_whole

        study = self._model.study
        try:
            write_whole(Path(path), write_codebook(study.codebook).encode(), sources=study.files)
        except Problem as problem:
            self._say(problem.message)
            return
        self._say(f"The codebook stands in {path}.")

    def choose_import(self) -> None:
        from PySide6.QtWidgets import QFileDialog

        name, _ = QFileDialog.getOpenFileName(self, "Lay a codebook over the variables", "", CODEBOOKS)
        if name:
            self.import_codebook(name)

    def import_codebook(self, path: str) -> None:
        """Lay a codebook file over the variables; what did not match is told."""
        from pathlib import Path

        try:
            text = read_small(Path(path), "codebook")
            matched = match_codebook(text, Path(path).name, self._model.study.codebook, self._model.study.source.raw)
        except Problem as problem:
            self._say(problem.message)
            return
        if self._model.do(LayOver(matched.codebook, Path(path).name)):
            self._say(matched.report)


def _decimals(text: str) -> int | None:
    plain = text.strip()
    if not plain:
        return None
    if not plain.isdecimal() or len(plain) > 2 or int(plain) > 15:
        raise Problem(f"Decimals are a whole number from 0 to 15; “{plain}” is none.")
    return int(plain)


def _line(variable: Variable) -> tuple[str, ...]:
    labelled = len(variable.value_labels)
    name = variable.name if variable.in_use else f"{variable.name}  (left out)"
    return (
        variable.level.tag,
        name,
        variable.label or ("" if variable.formula is None else show_expression(variable.formula)),
        variable.unit,
        "" if variable.decimals is None else str(variable.decimals),
        f"{labelled} labelled" if labelled else "",
        show_missing(variable.missing_codes),
    )
