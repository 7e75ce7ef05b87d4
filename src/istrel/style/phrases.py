"""Words on paper: every phrase by its id, in every language beside each other, with the same slots. English is one of them."""

from __future__ import annotations

import contextlib
import re
from functools import cache
from pathlib import Path

import msgspec

from istrel.english import english
from istrel.files import write_whole
from istrel.kept import kept_at, let_go_of_earlier
from istrel.problem import Problem

LANGUAGES = {"en": english("English"), "de": english("German"), "fr": english("French"), "es": english("Spanish")}
FOLDER = Path(__file__).parent / "phrases"
VERSION_1 = Path(__file__).parent / "phrases_of_version_1.toml"
SLOT = re.compile(r"\{(\w+)\}")


class Phrase(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    """One phrase: in each language, or `all` where every language says the same."""

    all: str = ""
    en: str = ""
    de: str = ""
    fr: str = ""
    es: str = ""

    def said(self, language: str) -> str:
        """The phrase in a language."""
        return self.all or {"en": self.en, "de": self.de, "fr": self.fr, "es": self.es}[language]


@cache
def phrases() -> dict[str, Phrase]:
    """Every phrase there is, by its id: as it was kept at an earlier start, for reading the files takes a tenth of a second."""
    written = [path.read_bytes() for path in sorted(FOLDER.glob("*.toml"))]
    try:
        place = kept_at("phrases", *written)
    except OSError:
        return _read(written)
    with contextlib.suppress(OSError, msgspec.DecodeError):
        return msgspec.msgpack.decode(place.read_bytes(), type=dict[str, Phrase])
    found = _read(written)
    with contextlib.suppress(Problem):
        write_whole(place, msgspec.msgpack.encode(found))
        let_go_of_earlier(place)
    return found


def _read(written: list[bytes]) -> dict[str, Phrase]:
    found: dict[str, Phrase] = {}
    for content in written:
        found |= msgspec.toml.decode(content, type=dict[str, Phrase])
    return found


@cache
def phrases_in(language: str) -> dict[str, str]:
    """{id: the phrase} in a language.

    Raises
    ------
    Problem
        For a language that does not ship.
    """
    if language not in LANGUAGES:
        raise Problem(
            english(
                'There are no words in “{language}” yet; name them in the style file, with language = "en".',
                language=language,
            )
        )
    return {name: phrase.said(language) for name, phrase in phrases().items()}


def slots(template: str) -> frozenset[str]:
    """The slots of a phrase."""
    return frozenset(SLOT.findall(template))


@cache
def _of_version_1() -> dict[str, str]:
    return msgspec.toml.decode(VERSION_1.read_bytes(), type=dict[str, str])


def id_of(words: str) -> str:
    """The id of a phrase that is named by it, or as version 1 wrote it; empty where there is none."""
    return words if words in phrases() else _of_version_1().get(words, "")


def key_today(column: str) -> str:
    """The key of a number in words whose phrase version 1 wrote out: "phrase | names … {slot}"."""
    phrase, mark, rest = column.partition(" | ")
    if not mark:
        phrase, mark, rest = column.rpartition(" {")
    known = _of_version_1().get(phrase)
    return column if known is None else known + mark + rest
