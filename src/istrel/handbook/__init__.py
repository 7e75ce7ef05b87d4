"""The handbook: ten chapters for the window, the web and print, in Markdown, in a folder for each language of the window.

Its sentences run in the demo study and are the same in all languages: those of a sentence are English.
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from functools import cache
from pathlib import Path

FOLDER = Path(__file__).parent
BLOCK = re.compile(r"^```(?P<kind>sentence|shell)(?: of (?P<source>\S+))?\n(?P<lines>.*?)^```$", re.M | re.S)
CLICK = "istrel:say/"
PAGES = {  # what is under the hand: its chapter
    "intake": 1,
    "rows": 2,
    "codebook": 3,
    "sentence": 4,
    "describe": 5,
    "count": 6,
    "check": 7,
    "relate": 8,
    "figure": 9,
    "manuscript": 10,
}


@dataclass(frozen=True)
class Example:
    """Lines that can be run: sentences in a source of the demo study, or commands."""

    kind: str
    source: str
    lines: tuple[str, ...]


@dataclass(frozen=True)
class Chapter:
    """A chapter; `text` is its Markdown."""

    number: int
    title: str
    text: str

    @property
    def examples(self) -> tuple[Example, ...]:
        """What it shows to be run."""
        return tuple(
            Example(found["kind"], found["source"] or "", tuple(found["lines"].splitlines()))
            for found in BLOCK.finditer(self.text)
        )

    @property
    def with_clicks(self) -> str:
        """Its Markdown with a link on each sentence, by which it is set."""
        return BLOCK.sub(_linked, self.text)


@cache
def chapters(language: str = "en") -> tuple[Chapter, ...]:
    """All chapters in their order; in English where there is no book in the language."""
    made = []
    folder = FOLDER / language
    for number, path in enumerate(sorted((folder if folder.is_dir() else FOLDER / "en").glob("*.md")), 1):
        text = path.read_text("utf-8")
        made.append(Chapter(number, text.splitlines()[0].partition(" · ")[2], text))
    return tuple(made)


def _linked(found: re.Match[str]) -> str:
    lines = found["lines"].splitlines()
    if found["kind"] == "shell":
        return "\n".join(f"    {line}" for line in lines)
    source = found["source"] or ""
    return "\n\n".join(f"[{line}]({CLICK}{number(line, source)})" for line in lines)


def number(line: str, source: str) -> int:
    """By which number a link names a sentence: a link cannot hold every sign of one."""
    return said().index((line, source))


@cache
def said() -> tuple[tuple[str, str], ...]:
    """(sentence, the source it is of; empty for the first) of the whole book."""
    examples = (example for chapter in chapters() for example in chapter.examples if example.kind == "sentence")
    return tuple(dict.fromkeys((line, example.source) for example in examples for line in example.lines))
