"""The handbook as a sheet at the right of the desk: the chapter on what is under the hand, each sentence a click away."""

from __future__ import annotations

from PySide6.QtCore import Qt, QUrl, Signal
from PySide6.QtGui import QKeyEvent, QTextCharFormat, QTextCursor, QTextDocument, QTextFrameFormat, QTextTable
from PySide6.QtWidgets import QComboBox, QFrame, QTextBrowser, QWidget

from istrel.app import theme
from istrel.app.widgets.simple import button, column, row
from istrel.app.words import spoken, tr
from istrel.handbook import CLICK, chapters, said

WIDTH, LEAD = 440, 1.35
PAGE, DEMO = "istrel:page/", "istrel:demo"


class Book(QFrame):
    """`sentence_wanted(sentence, source)` and `demo_wanted` tell what was clicked; Escape puts it away."""

    sentence_wanted = Signal(str, str)
    demo_wanted = Signal()

    def __init__(self, desk: QWidget) -> None:
        super().__init__(desk)
        self._desk = desk
        self.setObjectName("book")
        self.setAccessibleName(tr("Handbook"))
        self.setStyleSheet(f"#book {{ background: {theme.PAPER}; border-left: 1px solid {theme.LINE}; }}")
        layout = column(self, margins=(20, 12, 8, 8), spacing=6)
        head = row(spacing=6)
        self.chooser = QComboBox()
        self.chooser.setAccessibleName(tr("Chapter"))
        self.chooser.addItems([f"{chapter.number} · {chapter.title}" for chapter in chapters(spoken())])
        head.addWidget(self.chooser, 1)
        head.addWidget(button(tr("close"), "link", self.put_away, tip=tr("Close the handbook")))
        head.addSpacing(8)
        layout.addLayout(head)
        self.text = QTextBrowser()
        self.text.setAccessibleName(tr("Chapter of the handbook"))
        self.text.setOpenLinks(False)
        self.text.setFrameShape(QFrame.Shape.NoFrame)
        self.text.setStyleSheet(f"QTextBrowser {{ background: {theme.PAPER}; }}")
        layout.addWidget(self.text, 1)
        self.chooser.currentIndexChanged.connect(lambda place: self._show(place + 1))
        self.text.anchorClicked.connect(self._follow)
        self.hide()
        self._show(1)

    def open_at(self, chapter: int) -> None:
        """Lay the book beside what is being done, open at a chapter."""
        self.chooser.setCurrentIndex(chapter - 1)
        self.show()
        self.raise_()
        self.text.setFocus()
        self._to_the_top()

    def place(self, foot: int = theme.FOOT) -> None:
        """As high as the desk above its foot, at its right."""
        width = min(WIDTH, self._desk.width() // 2)
        self.setGeometry(self._desk.width() - width, 0, width, self._desk.height() - foot)

    def put_away(self) -> None:
        self.hide()
        self._desk.setFocus()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.put_away()
        else:
            super().keyPressEvent(event)

    def _show(self, chapter: int) -> None:
        document = self.text.document()
        document.setDefaultFont(theme.serif(theme.TEXT_PX + 1))
        document.setMarkdown(chapters(spoken())[chapter - 1].with_clicks)
        _dress(document)
        self._to_the_top()

    def _to_the_top(self) -> None:
        self.text.moveCursor(QTextCursor.MoveOperation.Start)
        self.text.verticalScrollBar().setValue(0)

    def _follow(self, url: QUrl) -> None:
        where = url.toString()
        if where.startswith(PAGE):
            self.chooser.setCurrentIndex(int(where.removeprefix(PAGE)) - 1)
        elif where == DEMO:
            self.demo_wanted.emit()
        elif where.startswith(CLICK):
            self.sentence_wanted.emit(*said()[int(where.removeprefix(CLICK))])


def _dress(document: QTextDocument) -> None:
    """Room between lines, headings in the house's sizes, quiet tables, links as what can be clicked."""
    block = document.begin()
    while block.isValid():
        cursor = QTextCursor(block)
        form = block.blockFormat()
        form.setLineHeight(100 * LEAD, 1)
        level = form.headingLevel()
        form.setTopMargin({0: 4.0, 1: 6.0}.get(level, 16.0))
        form.setBottomMargin(6.0)
        cursor.setBlockFormat(form)
        cursor.select(QTextCursor.SelectionType.BlockUnderCursor)
        if level:
            look = QTextCharFormat()
            look.setFont(theme.serif({1: 22}.get(level, 17), bold=True))
            cursor.mergeCharFormat(look)
        _dress_links(block.position(), block.length(), document)
        block = block.next()
    for frame in document.rootFrame().childFrames():
        if isinstance(frame, QTextTable):
            table = frame.format()
            table.setBorder(0)
            table.setCellPadding(3)
            table.setCellSpacing(0)
            table.setBorderStyle(QTextFrameFormat.BorderStyle.BorderStyle_None)
            frame.setFormat(table)


def _dress_links(start: int, length: int, document: QTextDocument) -> None:
    cursor = QTextCursor(document)
    for place in range(start, start + length - 1):
        cursor.setPosition(place)
        cursor.movePosition(QTextCursor.MoveOperation.NextCharacter, QTextCursor.MoveMode.KeepAnchor)
        anchor = cursor.charFormat().anchorHref()
        if anchor:
            look = QTextCharFormat()
            look.setForeground(theme.colour(theme.ACCENT))
            look.setFontUnderline(not anchor.startswith(CLICK))
            if anchor.startswith(CLICK):
                look.setBackground(theme.colour(theme.MINT))
            cursor.mergeCharFormat(look)
