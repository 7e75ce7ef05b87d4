"""Paragraphs as they were said: words and numbers of ours, by which one that its author left alone is known."""

from __future__ import annotations

from itertools import groupby

from istrel.exhibits.printing import print_text
from istrel.exhibits.text import Text
from istrel.render.document import Block, Document, Item
from istrel.render.marks.passages import Passage
from istrel.render.marks.tags import number_tag
from istrel.study.prose import REFERENCE, UNTRUE

Said = tuple[str, ...]  # words, the tag of a number, words, …, words


def said_in(document: Document) -> dict[str, Said]:
    """{what says it: what it says} of every paragraph of the author's or of an exhibit's texts that the study knows by an id."""
    return {key: _said(text, document) for part in document.parts for key, text in _texts(part)}


def _texts(part: Item | Block) -> list[tuple[str, Text]]:
    if not part.id:
        return []
    if isinstance(part, Block):
        return [(part.id, part.text)]
    return [(f"{part.id}:{what}", text) for what, text in part.named_texts]


def _said(text: Text, document: Document) -> Said:
    said = [""]
    for run in print_text(text, document.style):
        if run.mark == UNTRUE:  # stands in a comment
            continue
        if run.mark and not run.mark.startswith(REFERENCE):
            said += [number_tag(document.study, run.mark).text, ""]
        else:
            said[-1] += run.text
    return tuple(said)


def read_in(passage: Passage) -> Said | None:
    """What a paragraph of a document says; None for one that is a part of an exhibit."""
    said, place = [""], 0
    for owner, letters in groupby(passage.owners):
        end = place + len(list(letters))
        if owner is None:
            said[-1] += passage.letters[place:end]
        elif owner.tag.number:
            said += [owner.tag.text, ""]
        else:
            return None
        place = end
    return tuple(said)


def bare(said: Said) -> Said:
    """Without blanks: programs that save a document are free with them."""
    return tuple("".join(part.split()) for part in said)
