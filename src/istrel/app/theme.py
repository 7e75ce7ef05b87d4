"""The look of the desk in one place: colours, sizes, fonts, and the style sheet made from them."""

from __future__ import annotations

from pathlib import Path

from PySide6.QtGui import QColor, QFont, QFontDatabase
from PySide6.QtWidgets import QApplication

from istrel.style.fonts_folder import FONTS

# The colours of the desk, as the light look has them: ink-green frame, warm paper, one vermilion for marks and nothing else. The
# other looks stand in looks.py, which puts them on. Paper that is printed stays paper.
INK = "#1C2421"
ACCENT = "#17302D"
BUTTON = "#17302D"
FRAME = "#17302D"
FRAME_FOOT = "#1E403C"
FRAME_CHIP = "#2C5651"
FRAME_TEXT = "#B9CBC5"
FRAME_STRONG = "#FFFFFF"
FRAME_TROUBLE = "#FFC9BD"
DESK = "#E7ECE6"
DESK_DEEP = "#DCE4DC"
PANEL = "#F3F5F0"
SURFACE = "#FFFFFF"
PAPER = "#FFFDF7"
SHEET = "#FFFDF7"
SHEET_INK = "#1C2421"
LINE = "#D5DDD5"
EDGE = "#8FA49B"
HANDLE = "#B9C6BE"
QUIET = "#55635D"
FAINT = "#9DB0A9"
MINT = "#DBE8E0"
SAND = "#F1E7CC"
SAND_EDGE = "#B08A2E"
DRAWING = "#416F69"
DRAWING_SOFT = "#9DBAB0"
VERMILION = "#B93218"
BADGE = "#B93218"
GOLD = "#B08A2E"

TAGS = {
    "con": ("#D3E6EE", "#1F4B5C"),
    "cnt": ("#DCEACF", "#38561F"),
    "ord": ("#F3E3BF", "#6A4A0E"),
    "nom": ("#EEDCEB", "#6A2F62"),
    "bin": ("#E3DDF1", "#46367A"),
    "id": ("#E2E3E1", "#4A4F4C"),
    "dat": ("#DEE4F6", "#2F4283"),
    "txt": ("#EDE6DC", "#5E4C33"),
}

GRID = 8
RADIUS = 4
RAIL = 88
FOOT = 32
STRIP = 232
SETTINGS = 224

PICTURES = Path(__file__).parent.as_posix()
SANS, SERIF = "Istrel Sans", "Istrel Serif"
TEXT_PX, SMALL_PX, SENTENCE_PX = 14, 12, 21


def load_fonts() -> None:
    """Make the shipped fonts known to Qt."""
    for path in sorted(FONTS.glob("*.ttf")):
        QFontDatabase.addApplicationFont(str(path))


def sans(px: int = TEXT_PX, *, bold: bool = False) -> QFont:
    """The desk's font."""
    font = QFont(SANS)
    font.setPixelSize(px)
    font.setBold(bold)
    return font


def serif(px: int = TEXT_PX, *, bold: bool = False, italic: bool = False) -> QFont:
    """The paper's font."""
    font = QFont(SERIF)
    font.setPixelSize(px)
    font.setBold(bold)
    font.setItalic(italic)
    return font


def colour(value: str, alpha: int = 255) -> QColor:
    made = QColor(value)
    made.setAlpha(alpha)
    return made


def apply(app: QApplication) -> None:
    """Dress the application."""
    load_fonts()
    app.setFont(sans())
    app.setStyleSheet(style_sheet())


def style_sheet() -> str:
    """How Qt's own widgets look, in the colours of now."""
    return STYLE.format_map(globals())


STYLE = """
QWidget {{ color: {INK}; }}
#desk {{ background: {DESK}; }}
QToolTip {{ background: {FRAME}; color: {FRAME_STRONG}; border: 0; padding: 6px 8px; }}
QScrollBar:vertical {{ background: transparent; width: 10px; margin: 0; }}
QScrollBar:horizontal {{ background: transparent; height: 10px; margin: 0; }}
QScrollBar::handle {{ background: {HANDLE}; border-radius: 3px; margin: 2px; min-height: 32px; min-width: 32px; }}
QScrollBar::add-line, QScrollBar::sub-line, QScrollBar::add-page, QScrollBar::sub-page {{ background: none; border: 0; height: 0; width: 0; }}
QSlider::groove:horizontal {{ background: {DRAWING_SOFT}; height: 3px; border-radius: 1px; }}
QSlider::handle:horizontal {{ background: {ACCENT}; width: 14px; height: 14px; margin: -6px 0; border-radius: 7px; }}
QScrollArea, QScrollArea > QWidget > QWidget#clear {{ background: transparent; border: 0; }}
QLineEdit {{ background: {SURFACE}; border: 1px solid {LINE}; border-radius: {RADIUS}px; padding: 4px 8px; selection-background-color: {FRAME_CHIP}; }}
QLineEdit {{ placeholder-text-color: {QUIET}; }}
QLineEdit:focus {{ border-color: {ACCENT}; }}
QLineEdit#find {{ background: transparent; border: 0; border-bottom: 1px solid {LINE}; border-radius: 0; padding: 14px 16px; }}
QTableView, QListView {{ background: transparent; border: 0; outline: 0; gridline-color: {LINE}; selection-background-color: {MINT}; selection-color: {INK}; }}
QTableCornerButton::section, QAbstractScrollArea::corner {{ background: transparent; border: 0; }}
QHeaderView {{ background: transparent; }}
QHeaderView::section {{ background: transparent; border: 0; border-bottom: 1px solid {LINE}; color: {QUIET}; font-size: {SMALL_PX}px; font-weight: bold; padding: 6px 8px; }}
QPushButton, QToolButton {{ border: 0; background: transparent; padding: 4px 8px; border-radius: {RADIUS}px; }}
QPushButton:focus, QToolButton:focus {{ outline: 0; border: 1px solid {SAND_EDGE}; }}
QPushButton#main {{ background: {BUTTON}; color: {FRAME_STRONG}; font-weight: bold; padding: 10px 16px; }}
QPushButton#main:hover {{ background: {FRAME_CHIP}; }}
QPushButton#main:disabled {{ background: {FAINT}; }}
QPushButton#link, QToolButton#link {{ color: {INK}; padding: 0 0 1px 0; border-radius: 0; border-bottom: 1px solid {EDGE}; text-align: left; }}
QPushButton#link:hover {{ border-bottom-color: {INK}; }}
QPushButton#decided, QPushButton#undecided {{ color: {QUIET}; font-size: {SMALL_PX}px; padding: 0 0 1px 0; border-radius: 0; border-bottom: 1px dotted {EDGE}; }}
QPushButton#undecided {{ color: {INK}; border-bottom: 2px solid {GOLD}; }}
QPushButton#decided:hover, QPushButton#undecided:hover {{ color: {INK}; border-bottom-style: solid; }}
QPushButton#chip {{ background: {SURFACE}; border: 1px solid {LINE}; padding: 2px 8px; }}
QPushButton#chip:hover {{ border-color: {ACCENT}; }}
QPushButton#chip:checked {{ background: {BUTTON}; border-color: {BUTTON}; color: {FRAME_STRONG}; }}
QPushButton#word {{ background: transparent; color: {QUIET}; font-family: "{SERIF}"; font-style: italic; font-size: 15px; padding: 1px 6px; }}
QPushButton#word:hover, QPushButton#offer:hover {{ background: {MINT}; color: {INK}; }}
QPushButton#offer {{ background: transparent; border: 1px dashed {EDGE}; font-family: "{SERIF}"; font-size: 15px; padding: 1px 8px; color: {INK}; }}
QPushButton#correction {{ background: {SURFACE}; border: 1px solid {VERMILION}; font-family: "{SERIF}"; font-size: 15px; padding: 1px 8px; color: {INK}; }}
QPushButton#correction:hover {{ background: {MINT}; }}
QPushButton#sentence {{ background: {SURFACE}; border: 1px solid {LINE}; font-family: "{SERIF}"; font-size: 16px; padding: 6px 14px; color: {INK}; text-align: left; }}
QPushButton#sentence:hover {{ border-color: {ACCENT}; }}
QLabel#small, QPushButton#small {{ color: {QUIET}; font-size: {SMALL_PX}px; }}
QLabel#heading {{ color: {QUIET}; font-size: {SMALL_PX}px; font-weight: bold; }}
QLabel#error {{ color: {VERMILION}; }}
QComboBox {{ background: {SURFACE}; border: 1px solid {LINE}; border-radius: {RADIUS}px; padding: 3px 8px; }}
QComboBox::drop-down {{ border: 0; width: 20px; }}
QComboBox::down-arrow {{ image: url("{PICTURES}/arrow.svg"); width: 10px; height: 6px; }}
QListView::indicator {{ width: 12px; height: 12px; border: 1px solid {EDGE}; border-radius: 2px; background: {SURFACE}; }}
QListView::indicator:checked {{ background: {BUTTON}; border-color: {BUTTON}; image: url("{PICTURES}/tick.svg"); }}
QComboBox QAbstractItemView {{ background: {SURFACE}; border: 1px solid {LINE}; }}
QMenu {{ background: {SURFACE}; border: 1px solid {LINE}; padding: 4px; }}
QMenu::item {{ padding: 6px 16px; border-radius: {RADIUS}px; }}
QMenu::item:selected {{ background: {MINT}; color: {INK}; }}
QMenu::item:disabled {{ color: {FAINT}; }}
#panel {{ background: {PANEL}; }}
#surface {{ background: {SURFACE}; }}
#paper, #paper QListView {{ background: {PAPER}; }}
#deep {{ background: {DESK_DEEP}; }}
#foot {{ background: {FRAME_FOOT}; }}
#foot QLabel, #foot QPushButton {{ color: {FRAME_TEXT}; font-size: 13px; }}
#foot QLabel#strong, #foot QPushButton#strong {{ color: {FRAME_STRONG}; font-weight: bold; }}
#foot QPushButton#condition {{ background: {FRAME_CHIP}; color: {FRAME_STRONG}; padding: 3px 10px; }}
#foot QPushButton:hover {{ color: {FRAME_STRONG}; }}
#foot QLineEdit {{ background: {FRAME}; color: {FRAME_STRONG}; border-color: {FRAME_CHIP}; padding: 2px 8px; }}
"""
