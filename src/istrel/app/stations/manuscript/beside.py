"""What stands beside a part of the manuscript: numbers that moved, old and new, to be accepted; and what can be done with it."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from functools import partial
from typing import NamedTuple

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QWidget

from istrel.app import theme
from istrel.app.widgets.flow import FlowBox
from istrel.app.widgets.simple import button, clear, column, label
from istrel.app.words import retold, tr
from istrel.sentence.quoting import read_aloud
from istrel.study.changes import Change
from istrel.study.changes.manuscript import Accept, AcceptNumbers, AcceptQuoted, LetStand
from istrel.study.manuscript import Entry, Written, numbers_of, places_of, printed_sides
from istrel.study.parts import Accepted, Number
from istrel.study.prose import Moved, Reading
from istrel.style.house import HouseStyle

WIDTH = 172
MOST_SHOWN = 6


class Remark(NamedTuple):
    """Something to look at: what it is, the lines under it, and (words, change) that settles it."""

    head: str
    lines: tuple[str, ...] = ()
    settle: str = ""
    change: Callable[[], object] | None = None
    exact: object = None  # what the lines stand for: numbers may differ that print alike


Do = Callable[[Change], object]


def remarks_of(now: Entry | Written, style: HouseStyle, do: Do) -> list[Remark]:
    """What there is to look at in a part: numbers that moved, row by row, then what its texts say."""
    if isinstance(now, Written):
        return list(_of_text(now.passage.id, now.reading, do))
    made: list[Remark] = []
    if now.exhibit is not None and not now.kept.is_figure:
        places = places_of(now.exhibit.sheet, style)
        by_row: dict[str, list[tuple[str, Moved]]] = {}
        alike: list[Moved] = []
        for number in now.moved:
            row, head = places.get((number.row, number.column), (number.row, number.column))
            old, new = printed_sides(now, number, style)
            if old == new:
                alike.append(number)
            else:
                by_row.setdefault(row, []).append((f"{head} {old or tr('nothing')} → {new or tr('nothing')}", number))
        for row, numbers in by_row.items():
            moved = tuple(number for _, number in numbers)
            lines = tuple(line for line, _ in numbers)
            made.append(Remark(row, lines, tr("accept"), partial(do, accepting(now.kept.id, moved)), moved))
        if alike:
            made.append(_unseen(now.kept.id, tuple(alike), do))
    for _, reading in now.readings:
        made += _of_text(now.kept.id, reading, do)
    return made


def _unseen(exhibit: str, alike: tuple[Moved, ...], do: Do) -> Remark:
    """Numbers that moved and print as before."""
    return Remark(
        tr("{n} [number|numbers] moved beyond the digits in print", n=len(alike)),
        (),
        tr("accept"),
        partial(do, accepting(exhibit, alike)),
        alike,
    )


def accepting(exhibit: str, moved: Iterable[Moved]) -> AcceptNumbers:
    """The change that accepts these numbers of an exhibit."""
    found = list(moved)
    now = tuple(Accepted(n.row, n.column, n.new) for n in found if n.new is not None)
    gone = tuple(Accepted(n.row, n.column, n.old) for n in found if n.new is None and n.old is not None)
    return AcceptNumbers(exhibit, now, gone)


def _of_text(identity: str, reading: Reading, do: Do) -> Iterable[Remark]:
    if reading.moved:
        lines = dict.fromkeys(f"{quoted.old} → {quoted.new}" for quoted in reading.moved)
        yield Remark(
            tr("in the text"), tuple(lines), tr("accept"), partial(do, _accepting_quoted(reading)), reading.moved
        )
    for claim in reading.untrue:
        said = claim.partition(": ")[2].replace(" | ", ", ")
        yield Remark(tr("no longer holds"), (said,), tr("let it stand"), partial(do, LetStand(identity, claim)))
    for one in reading.turned:
        yield Remark(tr("do the words still hold?"), (retold(one.says),))
    if reading.gone:
        yield Remark(tr("refers to an exhibit that is gone"))


def _accepting_quoted(reading: Reading) -> AcceptQuoted:
    """The change that accepts what a text quotes."""
    moved = ((quoted.exhibit, quoted.moved) for quoted in reading.moved)
    return AcceptQuoted(tuple(Number(of, m.row, m.column, "", m.new) for of, m in moved if m.new is not None))


def accept_all(entry: Entry, quoted: tuple[Accepted, ...]) -> Accept | None:
    """The change that accepts all numbers of an exhibit; None where it cannot be made."""
    return None if entry.exhibit is None else Accept(entry.kept.id, numbers_of(entry.exhibit), quoted)


class Beside(QWidget):
    """The margin of one part. Remarks are always there, in proof-reader's red; tools while the part is the chosen one."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self._layout = column(self, margins=(12, 0, 0, 4), spacing=3)
        self.setFixedWidth(WIDTH)
        self._marked = self._tools = False
        self._said: object = None

    def show_remarks(
        self, remarks: list[Remark], accept: Callable[[], object] | None, more: Callable[[], object]
    ) -> None:
        """The first remarks, and all of them accepted at once."""
        said = [(remark.head, remark.lines, remark.exact) for remark in remarks], accept is not None
        if said == self._said and not self._tools:
            return
        self._said, self._tools = said, False
        clear(self._layout)
        self._marked = bool(remarks)
        for remark in remarks[:MOST_SHOWN]:
            self._add(remark)
        if len(remarks) > MOST_SHOWN:
            self._link(tr("{n} more", n=len(remarks) - MOST_SHOWN), more)
        if accept is not None and len(remarks) > 1:
            self._link(tr("accept all"), accept)
        self.setAccessibleName("; ".join(f"{r.head}: {', '.join(r.lines)}" for r in remarks))

    def _add(self, remark: Remark) -> None:
        text = "\n".join((remark.head, *remark.lines))
        says = label(text, "error", wrap=True)
        says.setStyleSheet(f"font-size: 12px; color: {theme.VERMILION};")
        self._layout.addWidget(says)
        says.show()
        if remark.change is not None:
            self._link(remark.settle, remark.change)

    def _link(self, words: str, call: Callable[[], object]) -> None:
        link = button(words, "link", call)
        link.setStyleSheet("font-size: 12px;")
        self._layout.addWidget(link, 0, Qt.AlignmentFlag.AlignLeft)
        link.show()

    def show_tools(self, sentence: str, tools: list[tuple[str, Callable[[], object]]]) -> None:
        """The sentence of the chosen part and what can be done with it."""
        self._tools = True
        if sentence:
            says = label(read_aloud(sentence), "small", wrap=True)
            self._layout.addWidget(says)
            says.show()
        links = FlowBox(spacing=8)
        for words, call in tools:
            link = button(words, "link", call)
            link.setStyleSheet("font-size: 12px;")
            links.add(link)
        links.setFixedWidth(WIDTH - 12)
        links.arrange()
        self._layout.addWidget(links)
        links.show()

    def fitted_height(self) -> int:
        self._layout.activate()
        return self.heightForWidth(WIDTH) if self.hasHeightForWidth() else self.sizeHint().height()

    def paintEvent(self, event: QPaintEvent) -> None:
        del event
        if self._marked:
            painter = QPainter(self)
            painter.fillRect(QRectF(0, 0, 2, self.height()), theme.colour(theme.VERMILION))
            painter.end()
