"""Everything that can be said on paper is said once, in every language: by every form and statistic, by data at their limits."""

from __future__ import annotations

import tomllib
from collections.abc import Iterator
from dataclasses import fields, is_dataclass
from typing import Any

import msgspec

from istrel.exhibits.behind import Behind
from istrel.exhibits.between import between, panel_cells, words_of
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text
from istrel.exhibits.text import Phrase, Run, say
from istrel.stats.reasons import REASONS
from istrel.study.appendix import TITLE
from istrel.style.house import load_style
from istrel.style.phrases import FOLDER, LANGUAGES, phrases, phrases_in, slots

MANY = 40  # dots of one figure: all of them speak alike
ELSEWHERE = (  # the formulas and steps of opened numbers, the appendix, and comments in refreshed documents
    *(name for name in phrases() if name.startswith(("step_", "formula_", "letter_", "stand", "without_row"))),
    *(name for page in ("appendix", "refresh") for name in tomllib.loads((FOLDER / f"{page}.toml").read_text("utf-8"))),
)
OTHER_WORKINGS = tuple(name.removeprefix("means_") for name in phrases() if name.startswith("means_"))


def parts_of(name: str) -> dict[str, Any]:
    """Something for each slot of a phrase."""
    return {slot: 3 if slot == "n" else "x" for slot in slots(phrases_in("en")[name])}


class Heard(dict[str, str]):
    """Words that note which of them are said."""

    def __init__(self, language: str) -> None:
        super().__init__(phrases_in(language))
        self.said: set[str] = set()

    def __getitem__(self, name: str) -> str:
        self.said.add(name)
        return super().__getitem__(name)

    def get(self, name: str, otherwise: Any = None) -> Any:
        self.said.add(name)
        return super().get(name, otherwise)


def texts_of(part: Any) -> Iterator[tuple[Any, ...]]:
    """Every text of an exhibit, wherever it stands."""
    if isinstance(part, tuple) and any(isinstance(piece, Phrase | Run) for piece in part):
        yield part
    elif isinstance(part, tuple | list):
        for piece in part if isinstance(part, list) else part[:MANY]:
            yield from texts_of(piece)
    elif is_dataclass(part) and not isinstance(part, Behind):
        for entry in fields(part):
            yield from texts_of(getattr(part, entry.name))


def test_every_phrase_is_said_in_every_language(everything: tuple[tuple[str, Exhibit], ...]) -> None:
    exhibits = [exhibit for _, exhibit in everything]
    parts = [
        (e.sheet, e.text, e.methods, tuple(note.says for note in (*e.margin, *e.counsel)), *between_limits(e))
        for e in exhibits
    ]
    texts = dict.fromkeys(texts_of(parts))
    for language in LANGUAGES:
        heard = Heard(language)
        style = msgspec.structs.replace(load_style(), words=heard, language=language)
        for text in texts:
            assert "{" not in plain_text(text, style)
        for name in (
            TITLE,
            "supplement",
            "no_longer_holds",
            "may_no_longer_hold",
            "cannot_be_made_now",
            *REASONS,
            *(f"means_{key}" for key in OTHER_WORKINGS),
            *ELSEWHERE,
        ):  # what other pages say, and reasons of numbers that were not asked for
            assert "{" not in plain_text(say(name, **parts_of(name)), style)
        assert phrases().keys() - heard.said == set(), language


def between_limits(exhibit: Exhibit) -> Iterator[tuple[Any, ...]]:
    """What is said of the cases between two limits that are dragged over a figure."""
    if isinstance(exhibit.sheet, FigureSheet) and exhibit.form in ("histogram", "density", "cumulative"):
        for cells in panel_cells(exhibit):
            found = between(exhibit, cells, 20.0, 60.0)
            if found:
                yield words_of(exhibit, cells[0].variable, 20.0, 60.0, found)
