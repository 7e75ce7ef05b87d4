"""Every sentence of `every_sentence` says what it said: its letters stand in a file to be read, all else is compared by digests.

Read the change of those in Markdown before it is kept.
"""

from __future__ import annotations

import json
from collections.abc import Iterator

import pytest

from every_sentence import broad
from golden_files import digest, fingerprint, same, same_values
from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.render.scene import make_scene
from istrel.study.manuscript import numbers_of, places_of
from istrel.style.house import HouseStyle, load_style
from made import make_exhibit


def letters(exhibit: Exhibit, style: HouseStyle) -> str:
    """What it prints, and what is remarked beside it."""
    printed = render(Document(numbered([exhibit], with_text=True), style), "md").decode()
    return "\n".join([printed.strip(), *(f"> {plain_text(note.says, style)}" for note in exhibit.margin)])


def unread(exhibit: Exhibit, style: HouseStyle, number: int) -> Iterator[tuple[str, str]]:
    """(what, its digest) of everything else that an exhibit gives away; what costs most, of each sixth."""
    document = Document(numbered([exhibit]), style)
    if number % 2 or isinstance(exhibit.sheet, FigureSheet):
        content = json.loads(render(document, "json"))
        del content["provenance"]
        yield "json", fingerprint(content)
    if number % 6 == 0:
        yield "tex", digest(render(document, "tex").decode())
    yield "numbers", fingerprint([(number.row, number.column, number.value) for number in numbers_of(exhibit)])
    yield "places", fingerprint(sorted(places_of(exhibit.sheet, style).items()))
    if not isinstance(exhibit.sheet, FigureSheet):
        if number % 6 == 3:
            yield "html", digest(render(document, "html").decode())
        return
    yield "scene", fingerprint(make_scene(exhibit.sheet, style))
    marks = [mark for panel in exhibit.sheet.panels for mark in panel.marks]
    items = [item for mark in marks for item in getattr(mark, "items", ())[:40]]
    yield "items", fingerprint([(plain_text(item.words, style), item.behind) for item in items])


def on_small_data(data: Dataset) -> Iterator[tuple[str, Exhibit | Problem]]:
    """The broad sentences on small data; many are refused, in words."""
    for sentence in broad():
        try:
            yield sentence, make_exhibit(sentence, data)
        except Problem as problem:
            yield sentence, problem


@pytest.mark.parametrize("name", ["sentences", "broad"])
def test_every_sentence_says_what_it_said(
    name: str, everything: tuple[tuple[str, Exhibit], ...], rich: Dataset
) -> None:
    said, told = {}, {}
    made = everything if name == "sentences" else on_small_data(rich)
    for number, (sentence, exhibit) in enumerate(made, 1):
        key = f"{number}. {sentence}"
        if isinstance(exhibit, Problem):
            said[key] = f"refused: {exhibit.message}"
            continue
        style = load_style("thesis" if number % 5 == 0 else "apa7")
        said[key] = letters(exhibit, style)
        if name == "sentences" or number % 3 == 0:
            told[key] = dict(unread(exhibit, style, number))
    page = "\n\n".join(f"## {sentence}\n\n{text}" for sentence, text in said.items()) + "\n"
    same(f"{name}.md", page)
    same_values(f"{name}.json", told)
