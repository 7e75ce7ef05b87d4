"""What is seen before anything is open: three things to begin with, and the promise in one line."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QMenu, QTableWidget, QTableWidgetItem, QWidget

from istrel.app import theme
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import button, column, label, passing, row, serif_label
from istrel.app.words import tr

MOST_ROWS, MOST_COLUMNS, MOST_STUDIES, MOST_OFFERED = 7, 10, 4, 40


class StartPage(QWidget):
    """Open data, explore the demo study, go on with a study, or drop a file."""

    file_wanted = Signal()
    demo_wanted = Signal()
    path_wanted = Signal(str)
    walk_wanted = Signal(int)
    handbook_wanted = Signal()
    comfort_wanted = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.setObjectName("desk")
        outer = column(self, margins=(96, 0, 96, 0), spacing=0)
        outer.addStretch(3)
        outer.addWidget(serif_label(tr("Say what you want in one sentence,"), 34))
        outer.addWidget(serif_label(tr("see it set on paper, keep it."), 34))
        outer.addSpacing(24)
        self.message = label(
            tr(
                "Drop a data file or a study here: delimited text, a workbook, Parquet, Arrow, JSON or SQLite; packed files, too."
            ),
            "",
            wrap=True,
        )
        self.message.setStyleSheet("font-size: 16px;")
        outer.addWidget(self.message)
        outer.addSpacing(24)
        buttons = row(spacing=12)
        self.open_button = button(tr("Open…"), "main", self.file_wanted.emit)
        self.demo_button = button(tr("Explore the demo study"), "chip", self.demo_wanted.emit)
        self.demo_button.setMinimumHeight(38)
        self.open_button.setMinimumHeight(38)
        buttons.addWidget(self.open_button)
        buttons.addWidget(self.demo_button)
        buttons.addStretch()
        outer.addLayout(buttons)
        self.first_rows = QTableWidget()
        self.first_rows.setAccessibleName(tr("First rows of the file"))
        self.first_rows.verticalHeader().hide()
        self.first_rows.setFixedHeight(232)
        self.first_rows.hide()
        outer.addWidget(self.first_rows)
        self._studies = column(spacing=2)
        outer.addSpacing(20)
        outer.addLayout(self._studies)
        self.show_recent()
        outer.addSpacing(20)
        outer.addWidget(self._first_steps())
        outer.addSpacing(28)
        example = serif_label("describe  practice_min, receptive_post  across  format", 18)
        example.setStyleSheet(example.styleSheet() + f"color: {theme.QUIET}; font-style: italic;")
        outer.addWidget(example, 0, Qt.AlignmentFlag.AlignLeft)
        outer.addStretch(4)

    def _first_steps(self) -> FlowBox:
        """Three walks, and the handbook."""
        from istrel.app.book.walks import WALKS

        line = FlowBox(spacing=16)
        line.add(label(tr("First walks"), "quiet"))
        for place, walk in enumerate(WALKS):
            line.add(button(tr(walk.title), "link", partial(self.walk_wanted.emit, place)))
        line.add(label(tr("or read the"), "quiet"))
        line.add(button(tr("Handbook"), "link", self.handbook_wanted.emit))
        self.comfort_button = button(tr("Look, size, language ▾"), "link", self.comfort_wanted.emit)
        line.add(self.comfort_button)
        return line

    def show_recent(self) -> None:
        """The studies that were open lately, the latest first."""
        from istrel.study.places import called, others, recent

        while (item := self._studies.takeAt(0)) is not None:
            if (old := item.widget()) is not None:
                old.deleteLater()
        found = recent()[:MOST_STUDIES]
        if found:
            self._studies.addWidget(label(tr("Go on with"), "quiet"))
        for path in found:
            offer = button(called(path), "link", partial(self.path_wanted.emit, str(path)))
            offer.setToolTip(str(path))
            self._studies.addWidget(offer, 0, Qt.AlignmentFlag.AlignLeft)
        if more := others(found):
            self.others_button = button(
                tr("{len} more ▾", len=len(more)), "link", partial(self._offer, more[:MOST_OFFERED])
            )
            self._studies.addWidget(self.others_button, 0, Qt.AlignmentFlag.AlignLeft)

    def _offer(self, paths: tuple[Path, ...]) -> None:
        """Studies of longer ago, those that nobody named among them."""
        from istrel.study.places import called

        menu = passing(QMenu(self))
        for path in paths:
            menu.addAction(called(path), partial(self.path_wanted.emit, str(path))).setToolTip(str(path))
        menu.popup(self.others_button.mapToGlobal(self.others_button.rect().bottomLeft()))

    def show_first_rows(self, names: tuple[str, ...], rows: list[tuple[str, ...]]) -> None:
        """The first rows of a file that is still being read."""
        names, rows = names[:MOST_COLUMNS], rows[:MOST_ROWS]
        self.first_rows.setColumnCount(len(names))
        self.first_rows.setRowCount(len(rows))
        self.first_rows.setHorizontalHeaderLabels(list(names))
        for place, line in enumerate(rows):
            for which, text in enumerate(line[:MOST_COLUMNS]):
                self.first_rows.setItem(place, which, QTableWidgetItem(text))
        self.first_rows.setVisible(bool(rows))

    def say(self, text: str, *, trouble: bool = False) -> None:
        """A line in place of the invitation: what is going on, or what went wrong."""
        self.message.setText(text)
        self.message.setObjectName("error" if trouble else "")
        self.message.style().unpolish(self.message)
        self.message.style().polish(self.message)
