"""How the desk suits who sits at it: look, size, language. A choice takes hold at once: Istrel begins again in its place."""

from __future__ import annotations

from functools import partial
from pathlib import Path

from PySide6.QtCore import QObject
from PySide6.QtWidgets import QMenu, QPushButton

from istrel.app import preferences
from istrel.app.actions import Action
from istrel.app.background import Background
from istrel.app.bridge import StudyModel
from istrel.app.keeping import Keeping
from istrel.app.widgets.simple import passing
from istrel.app.words import LANGUAGES, tr

SPOKEN: dict[str, str] = {"": preferences.LOOKS[""], **LANGUAGES}


class Comfort(QObject):
    """Keeps what is chosen, and begins again with the study that is open."""

    def __init__(self, model: StudyModel, keeping: Keeping, background: Background) -> None:
        super().__init__(model)
        self._model, self._keeping, self._background = model, keeping, background

    def actions(self) -> tuple[Action, ...]:
        """Every look, size and language."""
        looks = (
            Action(
                f"look_{look or 'system'}",
                tr("Look of the desk: {words}", words=tr(words)),
                (),
                partial(self.choose, "look", look),
            )
            for look, words in preferences.LOOKS.items()
        )
        sizes = (
            Action(
                f"size_{size}", tr("Size of everything: {size} %", size=size), (), partial(self.choose, "size", size)
            )
            for size in preferences.SIZES
        )
        languages = (
            Action(
                f"language_{language or 'system'}",
                tr("Language of the window: {words}", words=tr(words)),
                (),
                partial(self.choose, "language", language),
            )
            for language, words in SPOKEN.items()
        )
        return (*looks, *sizes, *languages)

    def choose(self, name: str, value: object) -> None:
        """Keep a choice; where it is another one, begin again."""
        now = {"look": preferences.look(), "size": preferences.size(), "language": preferences.language()}[name]
        if value != now:
            preferences.choose(name, value)
            self._begin_again()

    def offer(self, under: QPushButton) -> None:
        """All choices in a menu under a button."""
        menu = passing(QMenu(under))
        for look, words in preferences.LOOKS.items():
            self._add(menu, tr("Look: {words}", words=tr(words)), "look", look, chosen=look == preferences.look())
        menu.addSeparator()
        for size in preferences.SIZES:
            self._add(menu, tr("Size: {size} %", size=size), "size", size, chosen=size == preferences.size())
        menu.addSeparator()
        for language, name in SPOKEN.items():
            chosen = language == preferences.language()
            self._add(menu, tr("Language: {words}", words=tr(name)), "language", language, chosen=chosen)
        menu.popup(under.mapToGlobal(under.rect().bottomLeft()))

    def _add(self, menu: QMenu, words: str, name: str, value: object, *, chosen: bool) -> None:
        entry = menu.addAction(words, partial(self.choose, name, value))
        entry.setCheckable(True)
        entry.setChecked(chosen)

    def _begin_again(self) -> None:
        if not self._keeping.settled():
            return  # what is not on disk would be lost; the choice holds from the next start on
        self._background.wait()
        data = self._data_path()
        path = self._keeping.finish() or data
        preferences.begin_again(str(path or ""))

    def _data_path(self) -> Path | None:
        """The file of a study that nothing was done to, so that it was never kept."""
        found = self._model.study.source.raw.source.path if self._model.is_open else ""
        return Path(found) if found else None
