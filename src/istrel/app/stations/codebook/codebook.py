"""Codebook put together: entries that read like a printed codebook; the page of the chosen one; the line that derives."""

from __future__ import annotations

import re
from dataclasses import replace
from functools import partial
from pathlib import Path

from PySide6.QtCore import QModelIndex, Qt
from PySide6.QtWidgets import QHBoxLayout, QLineEdit, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.stations.codebook.derive_line import DeriveLine
from istrel.app.stations.codebook.entries_view import EntriesModel, EntriesView, in_words
from istrel.app.stations.codebook.page import Page
from istrel.app.stations.codebook.rows_sentence import RowsSentence
from istrel.app.widgets.simple import ElidedLabel, box, button, column, label, row, say_in, serif_label
from istrel.app.words import retold, spoken, tr
from istrel.data.codebook import Codebook as Codebook_
from istrel.data.codebook import parse_missing
from istrel.problem import Problem
from istrel.sentence.quoting import show_name
from istrel.study.changes import Change
from istrel.study.changes.codebook import LayOver, SetDecimals, SetMissing, SetText, SetValueLabels
from istrel.study.codebooks.by_hand import text_of
from istrel.study.codebooks.reading import Matched, match_codebook
from istrel.study.entries import Before, Entry, Said, asked, entries_of
from istrel.study.study import Study

PRINTED = re.compile(r"^\s*[-−+]?[0-9][0-9,\u00a0 ]*(\.(?P<decimals>[0-9]*))?(?P<unit>.*)$")
MOST_DECIMALS = 15
CODEBOOKS = "Codebook (*.csv *.txt *.xlsx *.ods *.json *.xml);;All files (*)"
WRITTEN = (
    "Appendix (*.docx);;Appendix (*.odt);;Web page (*.html);;Codebook as CSV (*.csv);;Data Package (*.json);;"
    "CSV on the Web (*-metadata.json);;DDI-Codebook (*.xml)"
)


class Codebook(QWidget):
    """The second station."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self._chosen = ""
        self._unfolded: frozenset[str] = frozenset()
        self._plain: tuple[Entry, ...] = ()
        self._before: Before = {}
        layout = row(self)
        surface = box("paper")
        left = column(surface)
        left.addLayout(self._make_bar())
        self.rows = RowsSentence(model)
        left.addWidget(self.rows)
        self.derive_line = DeriveLine(model)
        left.addWidget(self.derive_line)
        self.message = label("", "small", wrap=True)
        self.message.setContentsMargins(16, 4, 16, 4)
        self.message.hide()
        left.addWidget(self.message)
        self.entries_model = EntriesModel()
        self.entries = EntriesView(self.entries_model, self._changed)
        inner = column(margins=(22, 0, 0, 0))
        inner.addWidget(self.entries)
        left.addLayout(inner, 1)
        layout.addWidget(surface, 1)
        self.page = Page(model)
        layout.addWidget(self.page)
        self.page.derive_wanted.connect(self._derive)
        self.entries.opened.connect(self._open)
        self.entries.selectionModel().currentRowChanged.connect(self._choose)
        self.entries.selectionModel().selectionChanged.connect(self._offer_composite)
        model.opened.connect(self._reset)
        model.changed.connect(self.refresh)
        model.found.facts_ready.connect(self.refresh)
        model.trouble.connect(partial(say_in, self.message))
        self.refresh()

    def _make_bar(self) -> QHBoxLayout:
        bar = row(margins=(30, 20, 16, 8), spacing=12)
        heading = serif_label(tr("Codebook"), 23, bold=True)
        heading.setMinimumWidth(heading.sizeHint().width())
        bar.addWidget(heading)
        self.count = ElidedLabel("small")
        bar.addWidget(self.count, 0, Qt.AlignmentFlag.AlignBottom)
        bar.addStretch()
        self.finder = QLineEdit()
        self.finder.setPlaceholderText(tr("Find"))
        self.finder.setAccessibleName(tr("Find a variable"))
        self.finder.setMinimumWidth(56)
        self.finder.setMaximumWidth(140)
        self.finder.textChanged.connect(self.refresh)
        bar.addWidget(self.finder)
        self.derive = button(tr("make a variable"), "link", self.begin_derive)
        self.composite = button(tr("composite of the chosen"), "link", self._begin_composite)
        self.composite.hide()
        bar.addWidget(self.composite)
        bar.addWidget(self.derive)
        bar.addWidget(
            button(tr("bring in"), "link", self.choose_import, tip=tr("lay a codebook file over the variables"))
        )
        bar.addWidget(
            button(
                tr("write out"),
                "link",
                self.choose_export,
                tip=tr("write the codebook: as an appendix to print, or as CSV"),
            )
        )
        return bar

    # Showing.
    def _reset(self) -> None:
        """Another source is in use."""
        self._chosen, self._before = "", {}
        say_in(self.message, "")
        self.derive_line.hide()
        self.finder.clear()
        self.refresh()

    def refresh(self) -> None:
        """Show the codebook as it stands."""
        if not self._model.is_open:
            return
        codebook = self._model.study.codebook
        self.rows.refresh()
        derived = len(codebook.derived)
        made = tr(", {n:,} made here", n=derived) if derived else ""
        self.count.setText(tr("{n:,} [variable|variables]", n=len(codebook.variables)) + made)
        if self._chosen not in codebook:
            self._chosen = codebook.names[0]
        self._fill()
        if not self.entries.currentIndex().isValid():
            self._select(self._chosen)
        self.page.show_variable(self._chosen)

    def _fill(self) -> None:
        data, facts = self._model.study.data, self._model.found.facts
        self._plain = entries_of(data, facts, wanted=self.finder.text(), opened=self._unfolded, before=self._before)
        self._show_entries()

    def _show_entries(self) -> None:
        """All entries; that of the chosen variable asks for more."""
        place = next((k for k, e in enumerate(self._plain) if e.tag and e.names[0] == self._chosen), -1)
        shown = list(self._plain)
        if place >= 0:
            shown[place] = asked(shown[place])
        self.entries_model.fill(tuple(map(in_words, shown)), self._model.found.facts)

    def _choose(self, current: QModelIndex, previous: QModelIndex) -> None:
        del previous
        if current.isValid() and current.row() < len(self.entries_model.entries):
            self._chosen = self.entries_model.entries[current.row()].names[0]
            self._show_entries()
            self.page.show_variable(self._chosen)

    def show_variable(self, name: str) -> None:
        """Choose a variable; a battery that holds it is opened."""
        self.finder.clear()
        entry = next(e for e in self.entries_model.entries if name in e.names)
        if len(entry.names) > 1 and entry.tag:
            self._unfolded |= {entry.names[0]}
            self._fill()
        self._select(name)

    def _select(self, name: str) -> None:
        entries = self.entries_model.entries
        place = next((k for k, e in enumerate(entries) if e.names[0] == name and e.tag), -1)
        if place >= 0:
            self.entries.setCurrentIndex(self.entries_model.index(place))
            self.entries.scrollTo(self.entries_model.index(place))

    def _open(self, what: tuple[Entry, Said]) -> None:
        """Items one by one, or folded again; a formula in the line that derives."""
        entry, said = what
        if said.part == "formula":
            self.derive_line.begin(f"{show_name(entry.names[0])} = {said.edited}")
            return
        self._unfolded ^= {entry.names[0]}
        self._fill()
        place = next(k for k, other in enumerate(self.entries_model.entries) if other.names == entry.names)
        self.entries.setCurrentIndex(self.entries_model.index(place))

    # Changing.
    def _changed(self, entry: Entry, said: Said, text: str) -> bool:
        """A phrase was changed where it stands; False, with the reason said, where it cannot be so."""
        say_in(self.message, "")
        try:
            changes = _changes(entry, said, text, self._model.study.codebook)
        except Problem as problem:
            say_in(self.message, retold(problem.message))
            return False
        done = [self._model.do(change) for change in changes]
        return all(done)

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
        """The variables whose entries are chosen, in the order of the codebook."""
        entries = self.entries_model.entries
        rows = [place for place in self.entries.chosen_rows() if place < len(entries)]
        return tuple(name for place in rows for name in entries[place].names)

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

        name, _ = QFileDialog.getSaveFileName(self, tr("Write the codebook"), "codebook.docx", WRITTEN)
        if name:
            self.export_codebook(name)

    def export_codebook(self, path: str) -> None:
        """Write the codebook: its ending says whether as CSV or as an appendix."""
        study = self._model.study
        self._model.background.submit(
            "codebook",
            lambda: _write(study, path),
            lambda _: say_in(self.message, tr("The codebook stands in {path}.", path=path)),
            lambda problem: say_in(self.message, retold(problem.message)),
            words=tr("writing the codebook"),
        )

    def choose_import(self) -> None:
        from PySide6.QtWidgets import QFileDialog

        name, _ = QFileDialog.getOpenFileName(self, tr("Lay a codebook over the variables"), "", CODEBOOKS)
        if name:
            self.import_codebook(name)

    def import_codebook(self, path: str) -> None:
        """Lay a codebook file over the variables; what did not match is told."""
        study, name = self._model.study, Path(path).name

        def take(matched: Matched) -> None:
            if self._model.study is not study:
                say_in(
                    self.message,
                    tr("{name} was not laid over: the study changed meanwhile; lay it over again.", name=name),
                )
            elif self._model.do(LayOver(matched.codebook, name)):
                say_in(self.message, matched.report)

        self._model.background.submit(
            "codebook in",
            lambda: match_codebook(text_of(Path(path)), name, study.codebook, study.source.raw),
            take,
            lambda problem: say_in(self.message, retold(problem.message)),
            words=tr("reading {name}", name=name),
        )


def _write(study: Study, path: str) -> None:
    from istrel.files import write_whole
    from istrel.render.codebook import render_codebook

    content = render_codebook(study.data, Path(path).name if Path(path).suffix else ".csv", retold, spoken())
    write_whole(Path(path), content, sources=study.files)


def _changes(entry: Entry, said: Said, text: str, codebook: Codebook_) -> list[Change]:
    """What a changed phrase means.

    Raises
    ------
    Problem
        For a text that is none of its kind.
    """
    name, *others = entry.names
    variable, also = codebook[name], tuple(others)
    if said.part == "missing":
        return [SetMissing(name, parse_missing(text), also)]
    if said.part == "value":
        old = variable.value_labels
        labels = tuple(replace(one, label=text.strip()) if one.value == said.value else one for one in old)
        return [SetValueLabels(name, labels, also)]
    if said.part == "prints":
        decimals, unit = _printed_as(text)
        found: list[Change] = [SetDecimals(name, decimals)] if decimals != variable.decimals else []
        return [*found, SetText(name, "unit", unit)] if unit != variable.unit else found
    return [SetText(name, "label", text.strip())]


def _printed_as(text: str) -> tuple[int, str]:
    """Decimals and unit of a number as it shall print: "86.6 min"."""
    found = PRINTED.match(text)
    if found is None or len(found["decimals"] or "") > MOST_DECIMALS:
        example = tr("for example 86.6 min, with at most 15 decimals")
        raise Problem(
            tr(
                "Write a number as it shall print, and its unit: {example}. “{text}” is none.",
                example=example,
                text=text.strip(),
            )
        )
    return len(found["decimals"] or ""), found["unit"].strip()
