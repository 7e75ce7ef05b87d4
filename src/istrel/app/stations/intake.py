"""Intake: what is in the file? Its facts in large figures, what to look at, and every variable with its drawing."""

from __future__ import annotations

from PySide6.QtCore import Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QScrollArea, QVBoxLayout, QWidget

from istrel.app import theme
from istrel.app.bridge import StudyModel
from istrel.app.widgets.simple import box, button, clear, column, label, row, serif_label
from istrel.app.widgets.variable_table import TableColumn, VariableModel, variable_table
from istrel.data.screening import Finding

NUMBERS = (
    "Nothing",
    "One thing",
    "Two things",
    "Three things",
    "Four things",
    "Five things",
    "Six things",
    "Seven things",
)
COLUMNS = (
    TableColumn("", 52, "tag"),
    TableColumn("Variable", 0, bold=True),
    TableColumn("Shape", 104, "shape", right=True),
    TableColumn("Valid", 64, right=True),
    TableColumn("Missing", 88, "missing"),
    TableColumn("At a glance", 184),
)


class FindingView(QFrame):
    """One finding: what it is, how it can be mended."""

    def __init__(self, finding: Finding, model: StudyModel) -> None:
        super().__init__()
        self.finding = finding
        layout = column(self, margins=(18, 12, 16, 12), spacing=6)
        text = label("", "", wrap=True)
        text.setTextFormat(Qt.TextFormat.RichText)
        text.setText(f"<b>{_escaped(finding.lead)}</b> {_escaped(finding.says)}")
        layout.addWidget(text)
        if finding.remedy and finding.code is not None:
            from istrel.study.changes.codebook import TreatAsMissing

            change = TreatAsMissing(finding.variables, (finding.code,))
            links = row(spacing=16)
            self.remedy = button(finding.remedy, "link", lambda: model.do(change))
            links.addWidget(self.remedy)
            links.addStretch()
            layout.addLayout(links)

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        painter = QPainter(self)
        painter.fillRect(self.rect(), theme.colour(theme.SURFACE))
        painter.setPen(theme.colour(theme.LINE))
        painter.drawRect(self.rect().adjusted(0, 0, -1, -1))
        edge = theme.VERMILION if self.finding.remedy else theme.GOLD
        painter.fillRect(0, 0, 4, self.height(), theme.colour(edge))
        painter.end()


def _escaped(text: str) -> str:
    return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;")


class Intake(QWidget):
    """The first station."""

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self.setObjectName("desk")
        self._model = model
        outer = column(self)
        self._facts = box("surface")
        self._facts.setFixedHeight(104)
        self._facts_row = row(self._facts, margins=(32, 18, 32, 14), spacing=40)
        outer.addWidget(self._facts)
        body = row()
        body.addWidget(self._worklist(), 46)
        body.addWidget(self._variables(), 54)
        outer.addLayout(body, 1)
        model.facts_ready.connect(self.refresh)
        self.refresh()

    def _worklist(self) -> QWidget:
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.setFrameShape(QFrame.Shape.NoFrame)
        inside = QWidget()
        inside.setObjectName("clear")
        self._findings = column(inside, margins=(32, 20, 24, 24), spacing=10)
        area.setWidget(inside)
        return area

    def _variables(self) -> QWidget:
        panel = box("panel")
        self.table_model = VariableModel(COLUMNS)
        self.table = variable_table(self.table_model, "Variables of the file")
        column(panel).addWidget(self.table)
        return panel

    def refresh(self) -> None:
        """Show what has been found out so far."""
        facts = self._model.facts
        self._show_facts()
        self._show_findings()
        self.table_model.fill(
            [
                (
                    f.level.tag,
                    f.name,
                    (f.shape, f.stepped),
                    f"{f.valid:,}",
                    f.missing / max(1, f.valid + f.missing),
                    f.glance,
                )
                for f in facts.values()
            ]
        )

    def _show_facts(self) -> None:
        clear(self._facts_row)
        if not self._model.is_open:
            return
        table, found = self._model.study.table, self._model.file_facts
        figures = [(f"{table.n_rows:,}", "cases"), (f"{len(table.columns):,}", "variables")]
        if found is not None:
            figures += [
                (f"{100 * found.missing_share:.1f} %", "of values missing"),
                (f"{found.complete:,}", "complete cases"),
            ]
        for figure, words in figures:
            self._facts_row.addLayout(_figure(figure, words))
        self._facts_row.addStretch()
        source = QVBoxLayout()
        source.addStretch()
        source.addWidget(label(table.source.name), 0, Qt.AlignmentFlag.AlignRight)
        source.addWidget(label(table.source.reading, "small"), 0, Qt.AlignmentFlag.AlignRight)
        source.addStretch()
        self._facts_row.addLayout(source)

    def _show_findings(self) -> None:
        clear(self._findings)
        findings = self._model.findings
        remarks = self._model.study.source.raw.source.remarks if self._model.is_open else ()
        count = len(findings) + len(remarks)
        words = NUMBERS[count] if count < len(NUMBERS) else f"{count} things"
        ready = self._model.file_facts is not None
        title = f"{words} to look at" if ready else "Looking through the file…"
        self._findings.addWidget(serif_label(title, 19, bold=True))
        for finding in findings:
            self._findings.addWidget(FindingView(finding, self._model))
        for remark in remarks:
            self._findings.addWidget(FindingView(Finding("reading", (), "", remark, ()), self._model))
        if ready and not count:
            self._findings.addWidget(label("Go on to the Codebook, or straight to the Bench.", "small", wrap=True))
        self._findings.addStretch()


def _figure(figure: str, words: str) -> QHBoxLayout | QVBoxLayout:
    layout = QVBoxLayout()
    layout.setSpacing(0)
    layout.addWidget(serif_label(figure, 32))
    layout.addWidget(label(words, "small"))
    return layout
