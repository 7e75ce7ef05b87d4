"""The house style as a form: what is changed is a copy of the study's own, and the pages beside it follow at once."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING, Any, NamedTuple

from PySide6.QtWidgets import QCheckBox, QComboBox, QFileDialog, QLineEdit, QWidget

from istrel.app.stations.manuscript.side_panel import SidePanel
from istrel.app.widgets.simple import button, clear, column, label
from istrel.app.words import retold, tr
from istrel.english import english
from istrel.files import read_small, write_whole
from istrel.problem import Problem
from istrel.study.changes.manuscript import SetStyle
from istrel.style.house import SHIPPED, read_style, style_text
from istrel.style.phrases import LANGUAGES

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel


class Field(NamedTuple):
    """A line of the form: where it stands in the file, its words, and what may be chosen (nothing: it is typed)."""

    path: str
    words: str
    choices: tuple[tuple[Any, str], ...] = ()


YES = ((True, "yes"), (False, "no"))
FORM: dict[str, tuple[Field, ...]] = {
    "": (
        Field("name", english("Name")),
        Field("language", english("Language"), tuple(LANGUAGES.items())),
        Field("by_chapter", english("Numbered by chapter"), YES),
    ),
    english("Numbers"): (
        Field("numbers.decimal_mark", english("Decimal mark"), ((".", english("point")), (",", english("comma")))),
        Field(
            "numbers.thousands",
            english("Thousands"),
            (
                (",", english("comma")),
                (".", english("point")),
                ("\u2009", english("thin space")),
                ("\u202f", english("narrow space")),
                ("", english("nothing")),
            ),
        ),
        Field("numbers.leading_zero", english("Zero before r and p"), YES),
        Field("numbers.measure_decimals", english("Decimals of measures")),
        Field("numbers.percent_decimals", english("Decimals of percentages")),
        Field("numbers.coefficient_decimals", english("Decimals of coefficients")),
        Field("numbers.statistic_decimals", english("Decimals of test statistics")),
        Field("numbers.p_decimals", english("Decimals of p")),
    ),
    english("Tables"): (
        Field("table.label", english("Label")),
        Field("table.label_bold", english("Label in bold"), YES),
        Field("table.title_italic", english("Title in italics"), YES),
        Field("table.title_case", english("Title in title case"), YES),
        Field("table.note", english("Word before notes")),
        Field("table.width_mm", english("Width, mm")),
        Field("table.rule_pt", english("Rules, pt")),
    ),
    english("Figures"): (
        Field("figure.label", english("Label")),
        Field("figure.width_mm", english("Width, mm")),
        Field("figure.height_mm", english("Height, mm")),
        Field("figure.dpi", english("Dots per inch")),
    ),
    english("Page and fonts"): (
        Field("page.size", english("Paper"), (("A4", "A4"), ("letter", english("Letter")))),
        Field("page.margin_mm", english("Margins above and below, mm")),
        Field("fonts.document", english("Font of documents")),
        Field("fonts.text_pt", english("Text, pt")),
        Field("fonts.table_pt", english("Tables, pt")),
        Field("fonts.figure_pt", english("Figures, pt")),
    ),
}
OF_LANGUAGE = {  # what a language brings along: labels, the word before notes, marks in numbers, capitals in titles
    "en": ("Table {number}", "Figure {number}", "Note.", ".", ",", True),
    "de": ("Tabelle {number}", "Abbildung {number}", "Anmerkung.", ",", ".", False),
    "fr": ("Tabl. {number}", "Fig. {number}", "Note.", ",", "\u202f", False),
    "es": ("Tabla {number}", "Figura {number}", "Nota.", ",", ".", False),
}
BROUGHT = (
    *("table.label", "figure.label", "table.note"),
    *("numbers.decimal_mark", "numbers.thousands", "table.title_case"),
)


class StylePanel(SidePanel):
    """Edits the style of the study. A style that ships is copied with the first change."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__(tr("House style"))
        self._model = model
        self._shown = ""
        self.fields: dict[str, QWidget] = {}
        self.foot.addWidget(button(tr("Load…"), "chip", self.choose_load))
        self.foot.addWidget(button(tr("Save as…"), "chip", self.choose_save))
        self.foot.addStretch()
        model.changed.connect(self.refresh)

    def open(self) -> None:
        """Show it as the style is."""
        self.show()
        self._shown = ""
        self.refresh()

    @property
    def text(self) -> str:
        """The style as it stands in a file."""
        said = self._model.study.style
        return style_text(said) if said in SHIPPED else said

    def refresh(self) -> None:
        """The form as the style is now."""
        if self.isHidden() or not self._model.is_open or self.text == self._shown:
            return
        self._shown = self.text
        self.says.setText(
            tr("Ships with Istrel; the first change makes a copy that belongs to the study.")
            if self._model.study.style in SHIPPED
            else tr("Belongs to this study; Save as… makes a file for others.")
        )
        clear(self.body)
        self.fields.clear()
        for section, fields in FORM.items():
            if section:
                head = label(tr(section), "heading")
                head.setContentsMargins(0, 10, 0, 0)
                self.body.addWidget(head)
            for field in fields:
                self._add(field)
        self.body.addStretch()

    def _value(self, path: str) -> Any:
        value: Any = self._model.style
        for name in path.split("."):
            value = getattr(value, name)
        return value

    def _add(self, field: Field) -> None:
        holder = QWidget()
        inside = column(holder, spacing=1)
        inside.addWidget(label(tr(field.words), "small"))
        value = self._value(field.path)
        made: QWidget
        if field.choices == YES:
            made = QCheckBox(tr("yes"))
            made.setChecked(value)
            made.toggled.connect(partial(self.change, field.path))
        elif field.choices:
            made = QComboBox()
            for choice, words in field.choices:
                made.addItem(tr(words), choice)
            made.setCurrentIndex(max(0, made.findData(value)))
            made.activated.connect(partial(self._chosen, field.path, made))
        else:
            made = QLineEdit(f"{value:g}" if isinstance(value, float) else str(value))
            made.editingFinished.connect(partial(self._typed, field.path, made, value))
        made.setAccessibleName(tr(field.words))
        inside.addWidget(made)
        self.fields[field.path] = made
        self.body.addWidget(holder)

    def _chosen(self, path: str, box: QComboBox, place: int) -> None:
        self.change(path, box.itemData(place))

    def _typed(self, path: str, line: QLineEdit, old: Any) -> None:
        text = line.text().strip()
        value: Any = text
        if isinstance(old, int | float) and not isinstance(old, bool):
            try:
                value = type(old)(text.replace(",", "."))
            except ValueError:
                self.says.setText(
                    tr("“{text}” is no whole number.", text=text)
                    if isinstance(old, int)
                    else tr("“{text}” is no number.", text=text)
                )
                return
        if value != self._value(path):
            self.change(path, value)

    def change(self, path: str, value: Any) -> None:
        """One setting changed; what cannot be is told, and the last good style stays."""
        import tomlkit

        document: Any = tomlkit.parse(self.text)
        if self._model.study.style in SHIPPED:
            document["name"] = f"{self._model.style.name}, own"
        self._set(document, path, value)
        if path == "language":
            for name, brought in zip(BROUGHT, OF_LANGUAGE[value], strict=True):
                self._set(document, name, brought)
        self.take(tomlkit.dumps(document), "the style")

    @staticmethod
    def _set(document: Any, path: str, value: Any) -> None:
        import tomlkit

        section, _, name = path.rpartition(".")
        if section and section not in document:
            document[section] = tomlkit.table()
        (document[section] if section else document)[name] = value

    def take(self, text: str, name: str) -> None:
        """The study has this style from now on, if it is one."""
        try:
            read_style(text, name)
        except Problem as problem:
            self.says.setText(retold(problem.message))
            return
        self._model.do(SetStyle(text))

    def choose_load(self) -> None:
        name, _ = QFileDialog.getOpenFileName(self, tr("Load a house style"), "", "House styles (*.toml)")
        if name:
            self.load(Path(name))

    def load(self, path: Path) -> None:
        """A style from a file; a bad one is refused with its line or key."""
        self._tried(lambda: self.take(read_small(path, english("the house style")), path.name))

    def choose_save(self) -> None:
        name, _ = QFileDialog.getSaveFileName(self, tr("Save the house style"), "style.toml", "House styles (*.toml)")
        if name:
            self.save(Path(name))

    def save(self, path: Path) -> None:
        """The style as a file that others can use."""
        self._tried(lambda: write_whole(path, self.text.encode(), sources=self._model.study.files))

    def _tried(self, act: Callable[[], object]) -> None:
        try:
            act()
        except Problem as problem:
            self.says.setText(retold(problem.message))
