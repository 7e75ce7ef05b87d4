"""What a point of the reading is, and the manuscript as a reader sees it."""

from __future__ import annotations

import re
from collections.abc import Iterator
from dataclasses import dataclass
from functools import cached_property

from istrel.exhibits.printing import plain_text, print_text
from istrel.exhibits.quoting import Key
from istrel.exhibits.text import Cell, phrases_in
from istrel.exhibits.verbs.catalogue import verb_of
from istrel.study.manuscript import Entry, Written, shelf_of
from istrel.study.parts import Prose, Reference, Words, proses_of
from istrel.study.review.said import Sentence, sentences
from istrel.study.study import Study
from istrel.style.house import HouseStyle

# A label of another paper: "Smith, 2020, Table 4", "Table 9 of Smith".
OF_ANOTHER_BEFORE = re.compile(r"(?:\b\d{4}[a-z]?,? |et al\.,? )(?:their |see )?$")
OF_ANOTHER_AFTER = re.compile(r"\s+(?:of|in)\s+[A-Z]")


@dataclass(frozen=True)
class Point:
    """One remark.

    Attributes
    ----------
    kind
        In a word or two, by which points are gathered.
    part
        The id of the part that it is about; empty for the manuscript as a whole.
    """

    kind: str
    says: str
    part: str = ""


@dataclass(frozen=True, eq=False)
class Script:
    """The manuscript that is read."""

    study: Study
    style: HouseStyle
    parts: tuple[Entry | Written, ...]

    @cached_property
    def entries(self) -> tuple[Entry, ...]:
        """The exhibits that can be made."""
        return tuple(part for part in self.parts if isinstance(part, Entry) and part.exhibit is not None)

    @cached_property
    def proses(self) -> tuple[tuple[str, Prose], ...]:
        """(id of the part, an edited text) of all there are."""
        return tuple((part.id, prose) for part in self.study.parts for prose in proses_of(part))

    @cached_property
    def mentioned(self) -> frozenset[str]:
        """The exhibits that the text refers to."""
        return frozenset(piece.exhibit for _, prose in self.proses for piece in prose if isinstance(piece, Reference))

    @cached_property
    def labels(self) -> dict[str, str]:
        """{label in print: the exhibit that has it}."""
        return {entry.label.rstrip(" .:"): entry.kept.id for entry in self.entries}

    @cached_property
    def sentences(self) -> tuple[Sentence, ...]:
        """What the author wrote or edited, sentence by sentence."""
        return tuple(sentences(self.study, shelf_of(self.study, self.style), self.labels))

    @cached_property
    def typed(self) -> tuple[tuple[str, str], ...]:
        """(id of the part, a label such as "Table 2") of all that are letters alone, in full; those of other papers left out."""
        words = ((part, piece.text) for part, prose in self.proses for piece in prose if isinstance(piece, Words))
        return tuple((part, found) for part, text in words for found in self._labels_in(text))

    def _labels_in(self, text: str) -> Iterator[str]:
        """Labels in letters: "Table 2", and of "Fig. 3" or "Tables 4 and 5" what they stand for."""
        for kind, short in ((self.style.table, "Tab"), (self.style.figure, "Fig")):
            word, _, after = kind.label.rstrip(" .:").partition("{number}")
            stem = re.escape(word.strip().rstrip("."))
            number = r"[A-Z]?\d+(?:\.\d+)*"
            pattern = (
                rf"\b(?:{stem}|{short})(?:s|n|en|eaux)?\.? ?({number}(?:(?:, | and | und | et | y | & |[–-]){number})*)"
            )
            for found in re.finditer(pattern, text):
                if OF_ANOTHER_BEFORE.search(text[: found.start()]) or OF_ANOTHER_AFTER.match(text[found.end() :]):
                    continue
                for one in re.findall(number, found[1]):
                    yield f"{word}{one}{after}".strip()

    @cached_property
    def words(self) -> str:
        """All that the reader reads outside tables, in lower case."""
        notes = (note.text for entry in self.entries for note in entry.exhibit.sheet.notes)  # type: ignore[union-attr]
        texts = [text for _, text in self.texts] + [plain_text(note, self.style) for note in notes]
        return " ".join(texts).casefold()

    @cached_property
    def texts(self) -> tuple[tuple[str, str], ...]:
        """(id of the part, its letters) of every text outside tables, as it reads now."""
        found = []
        for part in self.parts:
            if isinstance(part, Written):
                found.append((part.passage.id, part.reading.text))
            else:
                found += [(part.kept.id, reading.text) for name, reading in part.readings if name != "notes"]
        return tuple((identity, plain_text(text, self.style)) for identity, text in found)

    def numbers(self, entry: Entry) -> Iterator[tuple[Key, Cell]]:
        """The quantities that an exhibit shows, by the same keys in every layout."""
        assert entry.exhibit is not None
        exhibit = entry.exhibit
        verb = verb_of(exhibit.request.verb)
        shown = set(exhibit.shown) | {"n"}
        for cell in verb.numbers(exhibit.plan, exhibit.result):
            if cell.row and (not exhibit.shown or cell.column in shown or " " in cell.column):
                yield (cell.row, cell.column), cell

    def notes_left_out(self, entry: Entry) -> list[str]:
        """The notes of an exhibit's own, by the ids of their phrases, that its edited notes do not say any more."""
        from istrel.study.remake import made

        if entry.kept.notes is None:
            return []
        own = made(entry.kept, self.study).sheet.notes
        edited = plain_text(entry.reading("notes").text, self.style)
        lost = []
        for note in own:
            for phrase in phrases_in(note.text):
                letters = "".join(run.text for run in print_text((phrase,), self.style))
                if letters and letters not in edited:
                    lost.append(phrase.id)
        return lost
