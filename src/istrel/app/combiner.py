"""The panel that joins, stacks and turns sources. It says what would result before anything is done."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial

from PySide6.QtWidgets import QAbstractItemView, QComboBox, QListWidget, QStackedWidget, QWidget

from istrel.app.bridge import StudyModel
from istrel.app.panels import Panel
from istrel.app.widgets.simple import button, column, label, row, serif_label
from istrel.app.words import retold, tr
from istrel.data.combine.join import Keep
from istrel.english import english
from istrel.problem import Problem
from istrel.study.changes.sources import AddSource
from istrel.study.combining import Combined, gathered, joined, made_long, made_wide, stacked
from istrel.study.study import StudySource

WAYS = (english("Join by key"), english("Stack"), english("Wide to long"), english("Long to wide"), english("Gather"))
GATHERED = (
    (english("means"), "mean"),
    (english("sums"), "sum"),
    (english("how many have a value"), "count"),
    (english("first values"), "first"),
    (english("last values"), "last"),
)
KEEPS = (
    (english("all rows of the source in use"), "left"),
    (english("only rows with a partner"), "both"),
    (english("all rows of both"), "all"),
)
JOIN, STACK, LONG, WIDE, GATHER = range(5)
LIST_TALL = 168


class Combiner(Panel):
    """One way at a time; its choices above, what would result below."""

    def __init__(self, parent: QWidget, model: StudyModel) -> None:
        super().__init__(parent, 560)
        self._model = model
        self._made: Combined | None = None
        self._ready = False
        layout = column(self, margins=(32, 24, 32, 24), spacing=12)
        layout.addWidget(serif_label(tr("Put data together"), 22, bold=True))
        chips = row(spacing=8)
        self.ways = [button(tr(words), "chip", partial(self.choose, place)) for place, words in enumerate(WAYS)]
        for chip in self.ways:
            chip.setCheckable(True)
            chips.addWidget(chip)
        chips.addStretch()
        layout.addLayout(chips)
        self.report = label("", "", wrap=True)
        self.make = button(tr("make it"), "main", self._make)
        self.pages = QStackedWidget()
        for page in (self._join_page(), self._stack_page(), self._long_page(), self._wide_page(), self._gather_page()):
            self.pages.addWidget(page)
        layout.addWidget(self.pages)
        layout.addWidget(self.report)
        buttons = row(spacing=12)
        buttons.addWidget(self.make)
        buttons.addWidget(button(tr("close"), "link", self.hide))
        buttons.addStretch()
        layout.addLayout(buttons)
        model.opened.connect(self._leave)
        model.closed.connect(self._leave)

    def _leave(self) -> None:
        """Another source is in use, or none: what was chosen here no longer holds."""
        self._ready = False
        self._model.background.cancel("combine")
        self.hide()

    # The pages.
    def _page(self, *parts: tuple[str, QWidget]) -> QWidget:
        page = QWidget()
        layout = column(page, spacing=6)
        for words, widget in parts:
            layout.addWidget(label(words, "small"))
            widget.setAccessibleName(words)
            layout.addWidget(widget)
        layout.addStretch()
        return page

    def _list(self) -> QListWidget:
        made = QListWidget()
        made.setSelectionMode(QAbstractItemView.SelectionMode.MultiSelection)
        made.setFixedHeight(LIST_TALL)
        made.itemSelectionChanged.connect(self._look)
        return made

    def _combo(self) -> QComboBox:
        made = QComboBox()
        made.currentIndexChanged.connect(self._look)
        return made

    def _join_page(self) -> QWidget:
        self.other, self.keys, self.keep = self._combo(), self._list(), self._combo()
        self.other.currentIndexChanged.connect(self._fill_keys)
        for words, value in KEEPS:
            self.keep.addItem(tr(words), value)
        return self._page(
            (tr("with"), self.other), (tr("key: variables that both have"), self.keys), (tr("keep"), self.keep)
        )

    def _stack_page(self) -> QWidget:
        self.stacked = self._list()
        return self._page((tr("sources, one below the other"), self.stacked))

    def _long_page(self) -> QWidget:
        self.gathered = self._list()
        return self._page((tr("variables that become rows"), self.gathered))

    def _wide_page(self) -> QWidget:
        self.wide_keys, self.names_from, self.values_from = self._list(), self._combo(), self._list()
        for made in (self.wide_keys, self.values_from):
            made.setFixedHeight(LIST_TALL // 2 + 16)
        return self._page(
            (tr("key: what says which rows belong to one case"), self.wide_keys),
            (tr("what tells the rows of a case apart"), self.names_from),
            (tr("values to spread"), self.values_from),
        )

    def _gather_page(self) -> QWidget:
        self.gather_keys, self.measured, self.measures = self._list(), self._list(), self._list()
        for made in (self.gather_keys, self.measured):
            made.setFixedHeight(LIST_TALL // 2 + 16)
        self.measures.setFixedHeight(LIST_TALL // 2 + 32)
        self._quietly(self.measures, [tr(words) for words, _ in GATHERED])
        self.measures.item(0).setSelected(True)
        return self._page(
            (tr("key: what says which rows belong to one person or group"), self.gather_keys),
            (tr("what was measured"), self.measured),
            (tr("what of it"), self.measures),
        )

    # Showing.
    def appear(self) -> None:
        self._ready = False
        study = self._model.study
        names = list(study.table.names)
        self._quietly(self.other, [s.name for s in study.sources if s.id != study.current])
        self._quietly(self.stacked, [source.name for source in study.sources])
        for made in (self.gathered, self.wide_keys, self.values_from, self.names_from, self.gather_keys, self.measured):
            self._quietly(made, names)
        self._fill_keys()
        self._ready = True
        self.choose(JOIN if len(study.sources) > 1 else LONG)
        super().appear()
        self.setFocus()

    def _quietly(self, widget: QListWidget | QComboBox, texts: list[str]) -> None:
        widget.blockSignals(True)
        widget.clear()
        widget.addItems(texts)
        widget.blockSignals(False)

    def choose(self, place: int) -> None:
        """Choose a way."""
        self.pages.setCurrentIndex(place)
        for which, chip in enumerate(self.ways):
            chip.setChecked(which == place)
        self._look()
        self.adjustSize()

    def _others(self) -> list[int]:
        return [i for i, s in enumerate(self._model.study.sources) if s.id != self._model.study.current]

    def _fill_keys(self) -> None:
        """Variables that both sources have; identifiers among them are chosen to begin with."""
        if not self._model.is_open or self.other.currentIndex() < 0:
            self._quietly(self.keys, [])
            return
        study = self._model.study
        other = study.sources[self._others()[self.other.currentIndex()]]
        shared = [name for name in study.table.names if name in other.data.table]
        self._quietly(self.keys, shared)
        for place, name in enumerate(shared):
            if study.codebook[name].level.value == "identifier":
                self.keys.item(place).setSelected(True)

    def _work(self) -> Callable[[], Combined]:
        """What is to be done, with the choices as they stand."""
        study, way = self._model.study, self.pages.currentIndex()
        if way == JOIN:
            others = self._others()
            right = study.sources[others[self.other.currentIndex()]] if others else None
            keys, keep = _chosen(self.keys), self.keep.currentData()
            return partial(_join, study.source, right, keys, keep)
        if way == STACK:
            places = sorted(index.row() for index in self.stacked.selectedIndexes())
            return partial(stacked, tuple(study.sources[place] for place in places))
        if way == LONG:
            return partial(made_long, study.source, _chosen(self.gathered))
        if way == GATHER:
            wanted = [
                GATHERED[index.row()][1] for index in sorted(self.measures.selectedIndexes(), key=lambda i: i.row())
            ]
            pairs = [(name, measure) for name in _chosen(self.measured) for measure in wanted]
            variables, measures = tuple(name for name, _ in pairs), tuple(measure for _, measure in pairs)
            return partial(gathered, study.source, _chosen(self.gather_keys), variables, measures)
        names = (_chosen(self.wide_keys), self.names_from.currentText(), _chosen(self.values_from))
        return partial(made_wide, study.source, *names)

    def _look(self) -> None:
        """Say what would result; nothing is done yet."""
        if not self._ready:
            return
        self._made = None
        self.make.setEnabled(False)
        self._model.background.submit(
            "combine", self._work(), self._tell, lambda p: self.report.setText(retold(p.message))
        )

    def _tell(self, made: Combined) -> None:
        self._made = made
        self.report.setText(retold(made[1]))
        self.make.setEnabled(True)

    def _make(self) -> None:
        if self._made is not None and self._model.do(AddSource(self._made[0])):
            self.hide()


def _join(left: StudySource, right: StudySource | None, keys: tuple[str, ...], keep: Keep) -> Combined:
    if right is None:
        raise Problem(tr("Joining takes two sources: add the other one first."))
    return joined(left, right, keys, keep)


def _chosen(widget: QListWidget) -> tuple[str, ...]:
    return tuple(widget.item(index.row()).text() for index in sorted(widget.selectedIndexes(), key=lambda i: i.row()))
