"""How a file is read, to be chosen: delimiter, decimal mark, encoding, row of names, sheet; its first rows as they would be."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QComboBox, QLineEdit, QTableWidget, QTableWidgetItem, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.widgets.simple import box, button, column, label, row
from istrel.app.words import retold, tr
from istrel.data.reading import ReadingSettings
from istrel.data.reading.preview import Preview, is_workbook, preview, sheets_of
from istrel.english import english
from istrel.problem import Problem

CHOICES = {
    english("delimiter"): (
        (english("found out"), None),
        (english("comma"), ","),
        (english("semicolon"), ";"),
        (english("tab"), "\t"),
        (english("bar"), "|"),
        (english("space"), " "),
    ),
    english("decimal mark"): ((english("found out"), None), (english("point"), "."), (english("comma"), ",")),
    english("encoding"): (
        (english("found out"), None),
        ("UTF-8", "utf-8"),
        (english("Windows western"), "cp1252"),
        (english("Latin 9"), "iso8859-15"),
        ("UTF-16", "utf-16"),
    ),
    english("dates"): (
        (english("found out"), None),
        (english("day first"), "day-first"),
        (english("month first"), "month-first"),
    ),
}
SHOWN_ROWS = 5
SHOWN_COLUMNS = 12


class ReadingForm(QWidget):
    """Settings and a preview of a file; nothing is read before the button is pressed, which gives `wanted(path, settings)`."""

    wanted = Signal(str, object)

    def __init__(self, model: StudyModel, words: str) -> None:
        super().__init__()
        self._model = model
        self._path = Path()
        surface = box("deep")
        column(self).addWidget(surface)
        layout = column(surface, margins=(32, 12, 32, 12), spacing=8)
        fields = row(spacing=16)
        self.choices: dict[str, QComboBox] = {}
        for name, options in CHOICES.items():
            choice = QComboBox()
            choice.setAccessibleName(tr(name))
            for shown, value in options:
                choice.addItem(tr(shown), value)
            choice.currentIndexChanged.connect(self._preview)
            self.choices[name] = choice
            fields.addWidget(label(tr(name), "small"))
            fields.addWidget(choice)
        self.names_row = QLineEdit()
        self.names_row.setPlaceholderText(tr("found out"))
        self.names_row.setFixedWidth(88)
        self.names_row.setAccessibleName(tr("row of names"))
        self.sheet = QComboBox()
        self.sheet.setAccessibleName(tr("sheet"))
        self._sheet_label = label(tr("sheet"), "small")
        fields.addWidget(label(tr("row of names"), "small"))
        fields.addWidget(self.names_row)
        fields.addWidget(self._sheet_label)
        fields.addWidget(self.sheet)
        fields.addStretch()
        self.apply = button(words, "chip", self._read)
        fields.addWidget(self.apply)
        layout.addLayout(fields)
        self.first_rows = QTableWidget()
        self.first_rows.setAccessibleName(tr("First rows of the file"))
        self.first_rows.setFixedHeight(SHOWN_ROWS * 26 + 34)
        self.first_rows.verticalHeader().hide()
        self.first_rows.verticalHeader().setDefaultSectionSize(26)
        layout.addWidget(self.first_rows)
        self.trouble = label("", "error", wrap=True)
        layout.addWidget(self.trouble)
        self.names_row.textChanged.connect(self._preview)
        self.sheet.currentIndexChanged.connect(self._preview)

    def appear(self, path: str, setting: str = "") -> None:
        """Show a file's first rows, and how they can be read otherwise; the keyboard goes to one of the settings."""
        self._path = Path(path)
        self._show_sheets(())
        self.show()
        (self.choices.get(setting) or (self.names_row if setting == "row of names" else self.apply)).setFocus()
        if is_workbook(self._path):
            self._model.background.submit("sheets", lambda: sheets_of(self._path), self._show_sheets, self._tell)
        else:
            self._preview()

    def _show_sheets(self, sheets: tuple[str, ...]) -> None:
        """The sheets of a workbook; a text file has none, but a delimiter and an encoding."""
        self.sheet.blockSignals(True)
        self.sheet.clear()
        self.sheet.addItems(list(sheets))
        self.sheet.blockSignals(False)
        for widget in (self.sheet, self._sheet_label):
            widget.setVisible(bool(sheets))
        for name, choice in self.choices.items():
            choice.setEnabled(not sheets or name in ("decimal mark", "dates"))
        if sheets:
            self._preview()

    def _tell(self, problem: Problem) -> None:
        self.trouble.setText(retold(problem.message))

    def settings(self) -> ReadingSettings:
        """The settings as they are chosen.

        Raises
        ------
        Problem
            Where the row of names is no whole number.
        """
        text = self.names_row.text().strip()
        if text and not text.isdecimal():
            raise Problem(tr("The row of names is a whole number counted from 1; 0 where the file has no names."))
        delimiter, decimal, encoding, dates = (choice.currentData() for choice in self.choices.values())
        header_row = int(text) if text else None
        return ReadingSettings(delimiter, decimal, encoding, header_row, self.sheet.currentText() or None, dates)

    def _preview(self) -> None:
        if self.isHidden():
            return
        path = self._path
        try:
            settings = self.settings()
        except Problem as problem:
            self._tell(problem)
            return
        self.trouble.setText("")
        self._model.background.submit("preview", lambda: preview(path, settings), self._show_rows, self._tell)

    def _show_rows(self, found: Preview) -> None:
        names, rows = found[0][:SHOWN_COLUMNS], found[1][:SHOWN_ROWS]
        self.first_rows.setColumnCount(len(names))
        self.first_rows.setRowCount(len(rows))
        self.first_rows.setHorizontalHeaderLabels(list(names))
        for place, line in enumerate(rows):
            for which, text in enumerate(line[:SHOWN_COLUMNS]):
                self.first_rows.setItem(place, which, QTableWidgetItem(text))

    def _read(self) -> None:
        try:
            settings = self.settings()
        except Problem as problem:
            self.trouble.setText(retold(problem.message))
            return
        self.hide()
        self.wanted.emit(str(self._path), settings)
