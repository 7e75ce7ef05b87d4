"""Asking for a file: data or a study to open, a name for the study."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from istrel.app.words import tr
from istrel.english import english
from istrel.study.places import ENDING

if TYPE_CHECKING:
    from PySide6.QtWidgets import QWidget

EVERYTHING = english("All files (*)")


def _readable() -> str:
    """The endings of all that is read, as a file dialog wants them."""
    from istrel.data.reading.kinds import ARCHIVES, PACKED, TABLES

    return " ".join(f"*{ending}" for ending in (*TABLES, *PACKED, *ARCHIVES))


def data_or_study(parent: QWidget) -> str:
    """The file to open; empty where nobody chose one."""
    from PySide6.QtWidgets import QFileDialog

    return QFileDialog.getOpenFileName(
        parent, tr("Open data or a study"), "", f"{tr('Data and studies')} ({_readable()} *{ENDING});;{tr(EVERYTHING)}"
    )[0]


def data(parent: QWidget) -> str:
    """The data file to look at; empty where nobody chose one."""
    from PySide6.QtWidgets import QFileDialog

    return QFileDialog.getOpenFileName(
        parent, tr("Look at data"), "", f"{tr('Data')} ({_readable()});;{tr(EVERYTHING)}"
    )[0]


def name_for_study(parent: QWidget, source: str) -> Path | None:
    """Where the study shall be; None where nobody said."""
    from PySide6.QtWidgets import QFileDialog

    first = str(Path(source).with_suffix(ENDING))
    name, _ = QFileDialog.getSaveFileName(parent, tr("Name the study"), first, f"{tr('Studies')} (*{ENDING})")
    return Path(name).with_suffix(ENDING) if name else None
