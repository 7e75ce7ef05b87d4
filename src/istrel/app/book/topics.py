"""What is under the hand, as a topic of the handbook."""

from __future__ import annotations

from PySide6.QtWidgets import QApplication, QWidget

from istrel.app.stations.stations import Stations
from istrel.handbook import PAGES
from istrel.problem import Problem
from istrel.sentence import parse
from istrel.sentence.vocabulary import FORMS


def chapter_of(stations: Stations, shown: QWidget | None) -> int:
    """The chapter on the station that is shown; at the Bench on what the sentence asks for."""
    if shown is stations.codebook.made and stations.codebook.made is not None:
        focus = QApplication.focusWidget()
        rows = stations.codebook.made.rows
        return PAGES["rows" if focus is not None and rows.isAncestorOf(focus) else "codebook"]
    if shown is stations.bench.made and stations.bench.made is not None:
        return PAGES[_of_sentence(stations.bench.made.writing.typed().text)]
    if shown is stations.manuscript.made and stations.manuscript.made is not None:
        return PAGES["manuscript"]
    return PAGES["intake"]


def _of_sentence(text: str) -> str:
    try:
        request = parse(text)
    except Problem:
        return "sentence"
    return "figure" if FORMS[request.shape].drawn else request.verb
