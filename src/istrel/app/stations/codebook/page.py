"""The page of the chosen variable: its level, its drawing with cuts, values, corrections, what is derived from it."""

from __future__ import annotations

from functools import partial

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QFrame, QGridLayout, QLabel, QScrollArea, QVBoxLayout

from istrel.app.bridge import StudyModel
from istrel.app.stations.codebook.bands import Bands
from istrel.app.stations.codebook.level_tags import LevelTags
from istrel.app.stations.codebook.values_editor import ValuesEditor
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import box, button, clear, column, label, row, serif_label
from istrel.app.words import local, retold, tr
from istrel.data.codebook import ValueLabel, Variable
from istrel.data.derive import children_of
from istrel.data.facts import value_counts
from istrel.data.formula.tree import Call
from istrel.data.levels import Level
from istrel.data.naming import is_from_name
from istrel.english import english
from istrel.sentence.quoting import show_name
from istrel.sentence.show_formula import PRINTED, show_expression
from istrel.stats.reliability import Alpha
from istrel.study.changes.cases import TakeBack
from istrel.study.changes.codebook import (
    KeepNames,
    LeaveOut,
    MarkPersonal,
    RemoveDerived,
    SetLevel,
    SetValueLabels,
)
from istrel.study.composites import scale_of, show_alpha

PAGE = 384
MOST_CORRECTIONS = 8


class Page(QScrollArea):
    """The right side of the Codebook."""

    derive_wanted = Signal(str, str)

    def __init__(self, model: StudyModel) -> None:
        super().__init__()
        self._model = model
        self._name = ""
        self.setFixedWidth(PAGE)
        self.setWidgetResizable(True)
        self.setFrameShape(QFrame.Shape.NoFrame)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inside = box("panel")
        self.setWidget(inside)
        layout = column(inside, margins=(24, 20, 24, 20), spacing=6)
        self._head(layout)
        self.bands = Bands(model)
        layout.addWidget(self.bands)
        self._values_head, self._values = self._part(layout, tr("Values"))
        self.values = ValuesEditor()
        self.values.changed_labels.connect(self._relabel)
        layout.addWidget(self.values)
        self._corrections_head, self._corrections = self._part(layout, tr("Corrections"))
        self._scale_head, self._scale = self._part(layout, tr("Scale"))
        self._used_head, self._used = self._part(layout, tr("Used in"))
        layout.addWidget(label(tr("Derive"), "heading"))
        self.derive_links = FlowBox(spacing=12)
        layout.addWidget(self.derive_links)
        layout.addStretch()

    def _head(self, layout: QVBoxLayout) -> None:
        self.title = serif_label("", 22, bold=True)
        self.title.setWordWrap(True)
        layout.addWidget(self.title)
        self.about = label("", "small", wrap=True)
        layout.addWidget(self.about)
        line = row(spacing=16)
        self.personal = button(tr("personal"), "link", self._toggle_personal)
        self.personal.setToolTip(tr("Tells who a person is: it stays out of data that are given away."))
        line.addWidget(self.personal)
        self.omit = button(tr("leave out"), "link", self._toggle_use)
        line.addWidget(self.omit)
        self.remove = button(tr("remove"), "link", lambda: self._model.do(RemoveDerived(self._name)))
        line.addWidget(self.remove)
        line.addStretch()
        layout.addLayout(line)
        self.guessed = FlowBox(spacing=12)
        layout.addWidget(self.guessed)
        self.levels = LevelTags()
        self.levels.chosen.connect(self._set_level)
        layout.addSpacing(4)
        layout.addWidget(self.levels)
        layout.addSpacing(4)

    def _part(self, layout: QVBoxLayout, words: str) -> tuple[QLabel, QGridLayout]:
        head = label(words, "heading")
        layout.addWidget(head)
        grid = QGridLayout()
        grid.setHorizontalSpacing(16)
        grid.setVerticalSpacing(4)
        layout.addLayout(grid)
        return head, grid

    # Showing.
    def show_variable(self, name: str) -> None:
        """Show the page of a variable as it stands."""
        self._name = name
        study = self._model.study
        variable = study.codebook[name]
        self.title.setText(variable.title)
        self.about.setText(f"{name} · {self._origin(variable)}" if variable.label else self._origin(variable))
        self._show_guess(variable)
        self.omit.setText(tr("leave out") if variable.in_use else tr("take in again"))
        self.personal.setText(tr("not personal") if variable.personal else tr("mark as personal"))
        self.remove.setVisible(variable.formula is not None)
        self.levels.show_level(variable.level)
        self.bands.show_variable(name)
        self._show_values(variable)
        self._show_corrections()
        self._show_used()
        self._show_links(variable)
        self._look_at_scale(variable)

    def _show_guess(self, variable: Variable) -> None:
        """Label and unit that were taken from the name, and how to be rid of them."""
        names = tuple(v.name for v in self._model.study.codebook.variables if is_from_name(v))
        mine = variable.name in names
        self.guessed.setVisible(mine)
        if not mine:
            return
        what = tr("Label and unit") if variable.unit else tr("Label")
        self.guessed.clear()
        self.guessed.add(label(tr("{what} taken from the name.", what=what), "small"))
        self.guessed.add(button(tr("keep the name"), "link", partial(self._model.do, KeepNames((variable.name,)))))
        if len(names) > 1:
            self.guessed.add(
                button(tr("keep all {n} names", n=len(names)), "link", partial(self._model.do, KeepNames(names)))
            )
        self.guessed.arrange()

    def _origin(self, variable: Variable) -> str:
        if variable.formula is not None:
            return show_expression(variable.formula, hand=PRINTED)
        study = self._model.study
        return tr(
            "column {place} of {name}", place=study.source.raw.names.index(variable.name) + 1, name=study.source.name
        )

    def _show_values(self, variable: Variable) -> None:
        clear(self._values)
        study, facts = self._model.study, self._model.found.facts.get(variable.name)
        counted = value_counts(study.data, variable.name, 40) if variable.level.categorical else ()
        self.values.setVisible(bool(counted))
        if counted:
            self.values.show_values(variable, counted)
        lines = []
        if facts is not None and not counted:
            lines = [
                (tr("at a glance"), retold(facts.glance)),
                (tr("valid"), local(f"{facts.valid:,}")),
                (tr("distinct"), local(f"{facts.distinct:,}")),
            ]
        missing = self._missing()
        lines += [(reason, local(f"{count:,}")) for reason, count in missing]
        for place, (left, right) in enumerate(lines):
            self._values.addWidget(label(left, "small" if place >= len(lines) - len(missing) else ""), place, 0)
            self._values.addWidget(label(right, "small"), place, 1, Qt.AlignmentFlag.AlignRight)

    def _missing(self) -> list[tuple[str, int]]:
        data = self._model.study.data
        prepared = (
            data.categories(self._name) if data.variable(self._name).level.categorical else data.numbers(self._name)
        )
        reasons = prepared.missing.reasons
        return [
            (tr("missing: {name}", name=reason.name), int((mask & data.kept).sum())) for reason, mask in reasons.items()
        ] or [(tr("missing"), 0)]

    def _show_corrections(self) -> None:
        clear(self._corrections)
        mine = [(i, c) for i, c in enumerate(self._model.study.source.corrections) if c.variable == self._name]
        self._corrections_head.setVisible(bool(mine))
        for line, (place, correction) in enumerate(mine[-MOST_CORRECTIONS:]):
            where = tr("case {row}", row=correction.row) if correction.row else tr("everywhere")
            self._corrections.addWidget(label(where), line, 0)
            self._corrections.addWidget(label(retold(correction.words)), line, 1)
            self._corrections.addWidget(label(correction.reason, "small"), line, 2)
            back = button(tr("take back"), "small", partial(self._model.do, TakeBack(place)))
            self._corrections.addWidget(back, line, 3, Qt.AlignmentFlag.AlignRight)

    def _show_used(self) -> None:
        clear(self._used)
        children = children_of(self._model.study.codebook, self._name)
        self._used_head.setVisible(bool(children))
        for place, child in enumerate(children):
            formula = self._model.study.codebook[child].formula
            assert formula is not None
            self._used.addWidget(label(child), place, 0)
            self._used.addWidget(label(show_expression(formula, hand=PRINTED), "small", wrap=True), place, 1)

    def _look_at_scale(self, variable: Variable) -> None:
        """For a composite: Cronbach's alpha, and what it would be without each item."""
        clear(self._scale)
        self._scale_head.hide()
        self._model.background.cancel("scale")  # of the variable before
        study, formula = self._model.study, variable.formula
        if isinstance(formula, Call) and formula.function in ("mean", "sum"):
            self._model.background.submit("scale", lambda: scale_of(formula, study), self._show_scale)

    def _show_scale(self, scale: tuple[tuple[str, ...], Alpha] | None) -> None:
        clear(self._scale)
        self._scale_head.setVisible(scale is not None)
        if scale is None:
            return
        names, alpha = scale
        heads = (
            tr("Cronbach’s α = {alpha}, n = {n:,}", alpha=show_alpha(alpha.value), n=alpha.n),
            tr("r with rest"),
            tr("α if left out"),
        )
        lines = [
            (name, show_alpha(r), show_alpha(left))
            for name, r, left in zip(names, alpha.with_rest, alpha.left_out, strict=True)
        ]
        for place, cells in enumerate((heads, *lines)):
            for which, text in enumerate(cells):
                side = Qt.AlignmentFlag.AlignRight if which else Qt.AlignmentFlag.AlignLeft
                self._scale.addWidget(label(text, "small" if which or not place else ""), place, which, side)

    def _show_links(self, variable: Variable) -> None:
        self.derive_links.clear()
        for words, stem, expression in proposals(variable, self._model.study.table.column(variable.name).kind.value):
            if words == "bands":
                self.derive_links.add(button(tr(words), "link", self.bands.begin))
            else:
                self.derive_links.add(button(tr(words), "link", partial(self.derive_wanted.emit, stem, expression)))
        if variable.formula is not None:
            text = show_expression(variable.formula)
            self.derive_links.add(
                button(tr("change its formula"), "link", partial(self.derive_wanted.emit, "=" + variable.name, text))
            )
        self.derive_links.arrange()

    # Changing.
    def _set_level(self, level: Level) -> None:
        if self._model.study.codebook[self._name].level is not level:
            self._model.do(SetLevel(self._name, level))

    def _toggle_use(self) -> None:
        self._model.do(LeaveOut((self._name,), in_use=not self._model.study.codebook[self._name].in_use))

    def _toggle_personal(self) -> None:
        personal = not self._model.study.codebook[self._name].personal
        self._model.do(MarkPersonal((self._name,), personal=personal))

    def _relabel(self, labels: tuple[ValueLabel, ...]) -> None:
        self._model.do(SetValueLabels(self._name, labels))


def proposals(variable: Variable, kind: str) -> list[tuple[str, str, str]]:
    """(words, name to begin with, expression) of what is often derived from a variable of this level."""
    name, shown = variable.name, show_name(variable.name)
    if kind == "date":
        units = map(english, ("year", "month", "weekday"))
        parts = [(part, f"{name}_{part}", f"{part}({shown})") for part in units]
        return [*parts, (english("expression…"), f"{name}_2", shown)]
    if kind == "text":
        return [(english("recode"), f"{name}_2", f"recode({shown}, ")]
    found = [(english("recode"), f"{name}_2", f"recode({shown}, ")]
    if variable.level.measured:
        found = [(english("bands"), "", ""), *found]
    if variable.level is Level.ORDINAL:
        found += [(english("reverse"), f"{name}_r", f"reverse({shown}, 1, 5)")]
    found += [
        (english("z-score"), f"{name}_z", f"z({shown})"),
        (english("rank"), f"{name}_rank", f"rank({shown})"),
        (english("logarithm"), f"{name}_log", f"log({shown})"),
    ]
    return [*found, (english("expression…"), f"{name}_2", shown)]
