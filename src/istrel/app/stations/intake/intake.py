"""Intake put together: the file's facts in large figures, the worklist of findings, and every variable with its drawing."""

from __future__ import annotations

from datetime import date
from functools import partial
from pathlib import Path

from PySide6.QtCore import QLocale, QModelIndex, Qt, QTimer
from PySide6.QtWidgets import (
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QScrollArea,
    QStackedWidget,
    QVBoxLayout,
    QWidget,
)

from istrel.app.bridge import StudyModel
from istrel.app.reading import read_differently
from istrel.app.stations.intake.detail import Detail
from istrel.app.stations.intake.finding_view import FindingView
from istrel.app.stations.intake.missing_view import MissingView
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.reading_form import ReadingForm
from istrel.app.widgets.simple import box, button, clear, column, label, row, serif_label
from istrel.app.widgets.variable_table import TableColumn, VariableModel, variable_table
from istrel.app.words import local, retold, spoken, tr
from istrel.data.facts import FileFacts, VariableFacts
from istrel.data.reading.line import line_of_reading
from istrel.data.screening import Finding
from istrel.data.screening.sound import found_sound
from istrel.data.table import Source
from istrel.english import english
from istrel.study.study import Study

NUMBERS = tuple(
    map(
        english,
        ("Nothing", "One", "Two", "Three", "Four", "Five", "Six", "Seven", "Eight", "Nine", "Ten", "Eleven", "Twelve"),
    )
)
COLUMNS = (
    TableColumn("", 52, "tag"),
    TableColumn(english("Variable"), 0, bold=True),
    TableColumn(english("Distribution"), 84, "shape", right=True),
    TableColumn(english("Valid"), 84, right=True),
    TableColumn(english("Missing"), 72, "missing"),
    TableColumn(english("At a glance"), 0),
)
MOST_LIKE, FEW_FINDINGS = 4, 6  # findings of one kind that stand one by one; findings that need no search
REPORTS = "Report (*.html);;OpenDocument text (*.odt);;JSON (*.json)"


class Intake(QWidget):
    """The first station."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("desk")
        self._model = model
        self._sort: tuple[int, bool] | None = None
        self._by_variable = False
        self._unfolded: frozenset[str] = frozenset()
        outer = column(self)
        self._facts = box("surface")
        self._facts.setFixedHeight(104)
        self._facts_row = row(self._facts, margins=(32, 18, 32, 14), spacing=36)
        outer.addWidget(self._facts)
        self.reading = ReadingForm(model, tr("read again"))
        self.reading.wanted.connect(lambda _path, settings: read_differently(model, settings))
        self.reading.hide()
        outer.addWidget(self.reading)
        body = row()
        body.addWidget(self._worklist(), 46)
        body.addWidget(self._variables(), 54)
        outer.addLayout(body, 1)
        model.found.facts_ready.connect(self.refresh)
        model.found.findings_ready.connect(self._show_findings)
        model.found.findings_ready.connect(self.missing.refresh)
        model.opened.connect(self._reset)
        model.changed.connect(self._show_facts)
        self.refresh()

    def _worklist(self) -> QWidget:
        self._work = area = QScrollArea()
        area.setWidgetResizable(True)
        area.setFrameShape(QFrame.Shape.NoFrame)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inside = QWidget()
        inside.setObjectName("clear")
        self._findings = column(inside, margins=(32, 12, 24, 24), spacing=10)
        area.setWidget(inside)
        side = QWidget()
        rows = column(side)
        bar = row(margins=(32, 16, 24, 0), spacing=12)
        self.title = serif_label("", 19, bold=True)
        self.finding_finder = QLineEdit()
        self.finding_finder.setPlaceholderText(tr("Find"))
        self.finding_finder.setAccessibleName(tr("Find a finding"))
        self.finding_finder.setFixedWidth(110)
        self.finding_finder.textChanged.connect(self._show_findings)
        self.order = button(
            tr("by variable"), "link", self._turn_order, tip=tr("the gravest first, or in the order of the variables")
        )
        bar.addWidget(self.title, 1)
        bar.addWidget(self.order)
        bar.addWidget(self.finding_finder)
        rows.addLayout(bar)
        rows.addWidget(area, 1)
        return side

    def _turn_order(self) -> None:
        self._by_variable = not self._by_variable
        self.order.setText(tr("gravest first") if self._by_variable else tr("by variable"))
        self._show_findings()

    def _unfold(self, kind: str) -> None:
        """Show all findings of a kind."""
        self._unfolded |= {kind}
        self._show_findings()

    def _variables(self) -> QWidget:
        panel = box("panel")
        layout = column(panel)
        bar = row(margins=(12, 6, 16, 0), spacing=8)
        self.finder = QLineEdit()
        self.finder.setPlaceholderText(tr("Find a variable"))
        self.finder.setAccessibleName(tr("Find a variable"))
        self.finder.textChanged.connect(self._fill)
        self.views = [self._view_chip(tr("Variables"), 0), self._view_chip(tr("Missing values"), 1)]
        for chip in self.views:
            bar.addWidget(chip)
        bar.addStretch()
        bar.addWidget(self.finder)
        layout.addLayout(bar)
        self.right = QStackedWidget()
        self.table_model = VariableModel(COLUMNS)
        self.table = variable_table(self.table_model, tr("Variables of the file"))
        header = self.table.horizontalHeader()
        header.setSectionsClickable(True)
        header.sectionClicked.connect(self._sort_by)
        self.table.selectionModel().currentRowChanged.connect(self._choose)
        self.detail = Detail(self._model)
        variables = QWidget()
        inside = column(variables)
        inside.addWidget(self.table, 1)
        inside.addWidget(self.detail)
        self.missing = MissingView(self._model)
        self.right.addWidget(variables)
        scrolled = QScrollArea()
        scrolled.setWidgetResizable(True)
        scrolled.setFrameShape(QFrame.Shape.NoFrame)
        scrolled.setWidget(self.missing)
        self.right.addWidget(scrolled)
        layout.addWidget(self.right, 1)
        return panel

    def _view_chip(self, words: str, place: int) -> QPushButton:
        chip = button(words, "chip", lambda: self.show_view(place))
        chip.setCheckable(True)
        chip.setChecked(place == 0)
        return chip

    def show_view(self, place: int) -> None:
        """The variables, or where values are missing."""
        self.right.setCurrentIndex(place)
        for which, chip in enumerate(self.views):
            chip.setChecked(which == place)

    def _reset(self) -> None:
        self.reading.hide()
        self.detail.hide()
        self._sort = None
        self.finder.clear()
        self.refresh()

    def refresh(self) -> None:
        """Show what has been found out so far."""
        self._show_facts()
        self._show_findings()
        self.missing.refresh()
        self._fill()

    def _fill(self) -> None:
        wanted = self.finder.text().casefold()
        facts = [f for f in self._model.found.facts.values() if wanted in f.name.casefold()]
        if self._sort is not None:
            place, backwards = self._sort
            facts.sort(key=SORT_KEYS[place], reverse=backwards)
        self.table_model.fill([_line(f) for f in facts])

    def _sort_by(self, place: int) -> None:
        """Ascending, then descending, then as in the file."""
        if self._sort == (place, True):
            self._sort = None
        else:
            self._sort = (place, self._sort == (place, False))
        self._fill()

    def _choose(self, current: QModelIndex, previous: QModelIndex) -> None:
        del previous
        if current.isValid():
            self.detail.show_variable(self.table_model.rows[current.row()][1])

    def _show_facts(self) -> None:
        clear(self._facts_row)
        if not self._model.is_open:
            return
        table, found = self._model.study.table, self._model.found.file_facts
        rows, columns = table.n_rows, len(table.columns)
        figures = [
            (local(f"{rows:,}"), tr("[case|cases]", n=rows)),
            (local(f"{columns:,}"), tr("[variable|variables]", n=columns)),
        ]
        if found is not None:
            figures += [
                (local(f"{100 * found.missing_share:.1f} %"), tr("of values missing")),
                (local(f"{found.complete:,}"), tr("[complete case|complete cases]", n=found.complete)),
            ]
            figures += _more_figures(found)
        shown = FlowBox(spacing=36, most_lines=1)  # the last ones go where the window is narrow
        for figure, words in figures:
            shown.add(_figure(figure, words))
        self._facts_row.addWidget(shown, 1)
        source = QVBoxLayout()
        source.setSpacing(4)
        source.addStretch()
        source.addLayout(self._line_of_reading(table.source))
        self.whole = label(tr("all cases are looked at here, whatever the condition"), "small")
        self.whole.setVisible(self._model.study.standing is not None)
        source.addWidget(self.whole, 0, Qt.AlignmentFlag.AlignRight)
        links = row(spacing=16)
        links.addStretch()
        self.differently = button(tr("read differently"), "link", partial(self.read_differently, ""))
        self.differently.setEnabled(bool(table.source.path))
        self.report = button(tr("report…"), "link", self.choose_report)
        links.addWidget(self.differently)
        links.addWidget(self.report)
        source.addLayout(links)
        source.addStretch()
        self._facts_row.addLayout(source)

    def _line_of_reading(self, source: Source) -> QHBoxLayout:
        """The name of the file, and what was decided while it was read: a click on a word shows how it is decided otherwise."""
        line = row(spacing=4)
        line.addStretch()
        line.addWidget(label(source.name, "small"))
        for word in line_of_reading(source):
            line.addWidget(label("·", "small"))
            if not word.setting or not source.path:
                line.addWidget(label(retold(word.text), "small"))
                continue
            look = "undecided" if word.unsure else "decided"
            made = button(retold(word.text), look, partial(self.read_differently, word.setting))
            made.setToolTip(
                tr("can be read in two ways; choose which")
                if word.unsure
                else tr("read with another {setting}", setting=tr(word.setting))
            )
            line.addWidget(made)
        return line

    def _show_findings(self) -> None:
        clear(self._findings)
        findings = self._model.found.findings
        remarks = self._model.study.table.source.remarks if self._model.is_open else ()
        count = len(findings) + len(remarks)
        self.title.setText(_to_look_at(count) if self._model.found.screened else tr("Looking through the file…"))
        self.finding_finder.setVisible(len(findings) > FEW_FINDINGS)
        self.order.setVisible(len(findings) > 1)
        for kind, mine in self._in_order(findings):
            folded = len(mine) > MOST_LIKE and kind not in self._unfolded and not self.finding_finder.text()
            for finding in mine[: MOST_LIKE - 1] if folded else mine:
                self._findings.addWidget(FindingView(finding, self._model))
            if folded:
                more = button(
                    tr("{n} more like these", n=len(mine) - MOST_LIKE + 1), "link", partial(self._unfold, kind)
                )
                self._findings.addWidget(more, 0, Qt.AlignmentFlag.AlignLeft)
        unsure = self._model.study.table.source.unsure if self._model.is_open else ()
        for remark in remarks:
            view = FindingView(Finding("reading", (), "", remark), self._model)
            if remark in unsure:
                view.offer(tr("read differently"), self.read_differently)
            self._findings.addWidget(view)
        if self._model.found.screened and (sound := found_sound(findings, self._model.study.data)):
            self._findings.addWidget(
                label(tr("Found sound: {parts}.", parts=", ".join(map(tr, sound))), "small", wrap=True)
            )
        if self._model.found.screened and not count:
            self._findings.addWidget(label(tr("Go on to the Codebook, or straight to the Bench."), "small", wrap=True))
        self._findings.addStretch()

    def _in_order(self, findings: tuple[Finding, ...]) -> list[tuple[str, list[Finding]]]:
        """(kind, its findings): likes together, or in the order of the variables; those that are looked for."""
        wanted = self.finding_finder.text().casefold()
        fitting = [finding for finding in findings if wanted in finding.line.casefold()]
        if self._by_variable:
            places = {name: place for place, name in enumerate(self._model.study.codebook.names)}
            fitting.sort(key=lambda finding: min((places.get(name, 0) for name in finding.variables), default=-1))
            return [(f"{place}", [finding]) for place, finding in enumerate(fitting)]
        kinds: dict[str, list[Finding]] = {}
        for finding in fitting:
            kinds.setdefault(finding.kind, []).append(finding)
        return list(kinds.items())

    def show_finding(self, finding: Finding) -> None:
        """Bring a finding into view."""
        self.finding_finder.clear()
        self._unfold(finding.kind)
        views = self._work.findChildren(FindingView)
        view = next((view for view in views if view.finding == finding), None)
        if view is not None:
            QTimer.singleShot(0, self, lambda: self._work.ensureWidgetVisible(view))

    def read_differently(self, setting: str = "") -> None:
        """Show how the file in use is read, to be changed; the keyboard goes to this setting."""
        self.reading.appear(self._model.study.source.raw.source.path, setting)

    def choose_report(self) -> None:
        """Ask where the report goes."""
        from PySide6.QtWidgets import QFileDialog

        name, _ = QFileDialog.getSaveFileName(self, tr("Write the intake as a report"), "intake.html", REPORTS)
        if name:
            self.write_report(name)

    def write_report(self, path: str) -> None:
        """The intake as a file; its ending chooses the format."""
        study = self._model.study
        self._model.background.submit(
            "report",
            lambda: _write_report(study, path),
            lambda _: self._model.trouble.emit(tr("The report stands in {path}.", path=path)),
            lambda problem: self._model.trouble.emit(retold(problem.message)),
            words=tr("writing the report"),
        )


def _write_report(study: Study, path: str) -> None:
    from istrel.files import write_whole
    from istrel.render.intake import render_intake
    from istrel.study.intake import take_in

    write_whole(
        Path(path), render_intake(take_in(study.data), Path(path).suffix, retold, spoken()), sources=study.files
    )


SORT_KEYS = (
    lambda f: f.level.tag,
    lambda f: f.name.casefold(),
    lambda f: f.distinct,
    lambda f: f.valid,
    lambda f: f.missing,
    lambda f: f.glance,
)


def _line(f: VariableFacts) -> tuple[object, ...]:
    missing = f.missing / max(1, f.valid + f.missing)
    return f.level.tag, f.name, (f.shape, f.stepped), local(f"{f.valid:,}"), missing, retold(f.glance)


def _more_figures(found: FileFacts) -> list[tuple[str, str]]:
    """The span of dates, and what the data take in memory."""
    figures = []
    if found.dated:
        first, last = date.fromisoformat(found.first_day), date.fromisoformat(found.last_day)
        if first.year == last.year:
            months = (QLocale().monthName(day.month, QLocale.FormatType.ShortFormat) for day in (first, last))
            figures.append(("–".join(months), f"{found.dated}, {first.year}"))
        else:
            figures.append((f"{first.year}–{last.year}", found.dated))
    figures.append((_size(found.memory), tr("in memory")))
    return figures


def _size(memory: int) -> str:
    """Bytes in the unit that reads best."""
    for unit, size in (("GB", 1e9), ("MB", 1e6)):
        if memory >= size / 10:
            return local(f"{memory / size:,.1f} {unit}")
    return local(f"{max(1, memory / 1000):,.0f} kB")


def _to_look_at(count: int) -> str:
    if count >= len(NUMBERS):
        return tr("{n} things to look at", n=count)
    return (
        tr("{number} [thing|things] to look at", number=tr(NUMBERS[count]), n=count)
        if count
        else tr("Nothing to look at")
    )


def _figure(figure: str, words: str) -> QWidget:
    made = QWidget()
    made.setObjectName("clear")
    layout = column(made)
    layout.addWidget(serif_label(figure, 30))
    layout.addWidget(label(words, "small"))
    return made
