"""The window's language: every word on screen goes through `tr`, which looks it up in Qt's translation files.

A text is an English template (see `istrel.english`), or what the core said with one. The language is chosen once, when the
window is furnished; numbers are grouped as the language writes them.
"""

from __future__ import annotations

from collections.abc import Mapping
from pathlib import Path
from string import Formatter
from typing import Final, SupportsInt

from PySide6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from istrel.english import English, chosen, in_english

LANGUAGES: Final = {"en": "English", "de": "Deutsch", "fr": "Français", "es": "Español"}
CONTEXT: Final = "window"
FOLDER: Final = Path(__file__).parent / "languages"
MARKS: Final = {"de": (".", ","), "fr": ("\u202f", ","), "es": (".", ",")}  # between thousands, before decimals


class _Spoken:
    """The language in use and what translates into it."""

    language = "en"
    translators: tuple[QTranslator, ...] = ()


def speak(language: str) -> None:
    """From now on `tr` answers in this language, one of LANGUAGES."""
    app = QCoreApplication.instance()
    assert app is not None
    for old in _Spoken.translators:
        app.removeTranslator(old)
    _Spoken.language, _Spoken.translators = language, ()
    QLocale.setDefault(QLocale(language))
    if language == "en":
        return
    of_qt = QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
    for name, folder in ((f"qtbase_{language}", of_qt), (f"istrel_{language}", str(FOLDER))):
        translator = QTranslator(app)
        if translator.load(name, folder):
            app.installTranslator(translator)
            _Spoken.translators += (translator,)


def spoken() -> str:
    """The language that the window speaks."""
    return _Spoken.language


def language_of_the_system() -> str:
    """The first of the languages wanted by the system that the window speaks; English where it speaks none."""
    wanted = (name.partition("-")[0] for name in QLocale.system().uiLanguages())
    return next((name for name in wanted if name in LANGUAGES), "en")


def tr(text: str, /, **parts: object) -> str:
    """A text in the language of the window; `n` is the number that chooses its form.

    What the core said (`English`) is taken apart and said again; any other text without a translation stays as it is.
    """
    template, filled = (text.template, text.parts) if isinstance(text, English) else (text, parts)
    if _Spoken.language == "en":
        return in_english(template, filled)
    n = filled.get("n")
    counts = isinstance(n, SupportsInt) and "[" in template  # a text without forms has one translation alone
    found = QCoreApplication.translate(CONTEXT, template, None, int(n) if counts else -1)  # type: ignore[call-overload]
    if not filled:
        return found
    return _filled(chosen(template, n) if found == template else found, filled)


def retold(text: str) -> str:
    """What the core said, in the language of the window; names, labels and values of the data stay as they are."""
    return tr(text) if isinstance(text, English) else text


def _filled(template: str, parts: Mapping[str, object]) -> str:
    return _Local().vformat(
        template, (), {name: retold(part) if isinstance(part, str) else part for name, part in parts.items()}
    )


class _Local(Formatter):
    """Fills a template; numbers get the marks of the language."""

    def format_field(self, value: object, format_spec: str) -> str:
        made = str(super().format_field(value, format_spec))
        return local(made) if isinstance(value, int | float) and not isinstance(value, bool) else made


def local(number: str) -> str:
    """A number written the English way, with the marks of the language."""
    thousands, decimals = MARKS.get(_Spoken.language, (",", "."))
    return number.translate({ord(","): thousands, ord("."): decimals})
