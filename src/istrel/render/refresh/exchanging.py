"""One refresh: what is ours is found again, compared with what was put there, exchanged where it is still ours, and else named."""

from __future__ import annotations

from dataclasses import dataclass, field
from typing import Any

from istrel.english import english
from istrel.exhibits.printing import print_cell
from istrel.problem import Problem
from istrel.render.marks.memory import AROUND, Put, alike
from istrel.render.marks.passages import Held, Passage
from istrel.render.marks.tags import Key, Tag
from istrel.render.refresh.grids import At, Grid, Spans, matched, places_of
from istrel.render.refresh.living import Living
from istrel.render.refresh.report import EDITED, FORGOTTEN, GONE, Line, Refreshed, Wanted
from istrel.render.refresh.rewording import reword
from istrel.render.refresh.unmarked import Unmarked, cell_now, line_of, where_of
from istrel.study.prose import Shelf


def exchanged(living: Living, shelf: Shelf, wanted: Wanted, name: str) -> Refreshed:
    """What was done to a document; its bytes are not made yet.

    Raises
    ------
    Problem
        Where nothing in it is of this study.
    """
    work = _Work(living, shelf, wanted)
    held = living.held()
    if not work.put and not held:
        raise Problem(
            english("{name}: nothing in this document was put there by Istrel; export the manuscript first.", name=name)
        )
    work.exchange_all(held)
    return work.done


@dataclass
class _Work:
    """One refresh while it is done."""

    living: Living
    shelf: Shelf
    wanted: Wanted
    done: Refreshed = field(default_factory=Refreshed)
    there: set[str] = field(default_factory=set)  # the tags that were found

    def __post_init__(self) -> None:
        self.put, self.fresh = self.living.memory.put, self.living.fresh
        self._remembered = frozenset(self.put)
        self._unsure = False  # whether what is looked at now is not remembered
        self._stale = False  # whether it holds something that is not what the study says

    def _say(self, line: Line) -> None:
        self._stale |= line.stands
        self.done.say(line)

    def exchange_all(self, held: list[Held]) -> None:
        """All that is ours, in the document's order; then what has lost its mark; then words that are not true any more."""
        unmarked = Unmarked(self.put, self.fresh.put, self.shelf, self.done)
        for one in held:
            self._held(one)
        passages = list(self.living.passages())
        unmarked.look_in(passages, self.living.loose_tables())
        unmarked.tell_missing(self.there)
        if reword(self.living, passages, self.shelf, self.done):
            passages = list(self.living.passages())
        self._comment_on_untrue(passages)

    def _held(self, held: Held) -> None:
        tag, content = held
        self.there.add(tag.text)
        if not self.living.stands(content):
            return
        self._unsure, self._stale = tag.text not in self._remembered, False
        put = self._unremembered(tag.key) if self._unsure else self.put[tag.text]
        self._compared(tag, put, content)
        if self._unsure and put is not None and not self._stale:  # from now on it is remembered
            self.put.setdefault(tag.text, put)

    def _compared(self, tag: Tag, put: Put | None, content: Any) -> None:
        """What stands there is compared with what was put there, and exchanged or told."""
        if put is None:
            old = self.living.letters(content) if tag.number else ""
            self._say(Line(where_of(tag, self.shelf), old, "", done=False, why=GONE))
        elif tag.number:
            self._number(put, content)
        elif tag.key not in self.fresh.contents:
            self._say(Line(where_of(tag, self.shelf), "", "", done=False, why=GONE))
        elif tag.what == "figure":
            self._figure(tag, put, content)
        else:
            self._part_of_exhibit(tag, put, content)

    def _unremembered(self, key: Key) -> Put | None:
        """What a mark must have held that is not remembered, by a document that lost its memory or because it was pasted from
        another document of the study: what the study prints now.
        """
        fresh = self.fresh.put.get(key)
        return None if fresh is None else Put(fresh.mark, list(fresh.texts), spans=list(fresh.spans))

    # Numbers in texts.
    def _number(self, put: Put, content: Any) -> None:
        """A single number in a text."""
        label, cell = cell_now(put, self.shelf)
        where, found = english("{label} in the text", label=label), self.living.letters(content)
        if cell is None:
            where = english("{label}, “{found}” in the text", label=label, found=found)
            self._say(Line(where, found, "", done=False, why=GONE, stands=True))
            return
        new = print_cell(cell, self.shelf.style)
        near = self._near(content, found) if not alike(found, new) else ""
        self._one(put, 0, content, Line(where, found, new, text=near))

    def _near(self, content: Any, found: str) -> str:
        """The words around a number, by which a reader finds it."""
        before, after = self.living.around(content)
        if len(before) == AROUND:
            before = f"… {before.partition(' ')[2]}"
        if len(after) == AROUND:
            after = f"{after.rpartition(' ')[0]} …"
        return f"{before}{found}{after}".strip()

    def _one(self, put: Put, place: int, element: Any, line: Line) -> None:
        """One place: exchanged where it holds what we printed there, else told."""
        old, new = line.old, line.new
        if put.knows(place, old) or (self.wanted.again and not alike(old, new)):
            if not alike(old, new):
                self.living.exchange(element, new)
                self._say(line)
            if new != put.texts[place]:
                put.set(place, new)
        elif alike(old, new):
            put.set(place, new)
        else:
            self._say(line._replace(done=False, why=self._of_another(), stands=True))

    def _of_another(self) -> str:
        """Why what is not ours stays: somebody edited it, or nobody can know."""
        return FORGOTTEN if self._unsure else EDITED

    # Parts of exhibits.
    def _part_of_exhibit(self, tag: Tag, put: Put, content: Any) -> None:
        """A table, title or the notes of an exhibit."""
        fresh = self.fresh.put[tag.key]
        mine, new = self.living.places(content), fresh.texts
        if tag.what == "table":
            seen = self.living.spans(content)
            shapes = seen, self._shape_of(put, fresh, seen), fresh.spans
        else:
            shapes = [[1]] * len(mine), [[1]] * len(put.texts), [[1]] * len(new)
        found = [self.living.letters(one) for one in mine]
        if _sizes(shapes[0]) == _sizes(shapes[1]) == _sizes(shapes[2]) and len(found) == len(put.texts) == len(new):
            grid = Grid(found, shapes[0])
            for place, at in enumerate(places_of(shapes[0])):
                self._one(put, place, mine[place], line_of(tag, self.shelf, grid, at, found[place], new[place]))
        elif _sizes(shapes[0]) == _sizes(shapes[1]) and self._is_all_known(put, found):
            if new != put.texts or _sizes(shapes[1]) != _sizes(shapes[2]):
                self._whole(tag, put, content, (mine, found, shapes))
        else:
            self._by_keys(tag, put, (mine, found, shapes))

    def _shape_of(self, put: Put, fresh: Put, seen: Spans) -> Spans:
        """The shape of a table that is remembered; documents from before do not say which of its cells are wide."""
        if not put.spans:
            return seen
        known = (one for one in (seen, fresh.spans) if _sizes(one) == _sizes(put.spans))
        return put.spans if any(span > 1 for row in put.spans for span in row) else next(known, put.spans)

    def _is_all_known(self, put: Put, found: list[str]) -> bool:
        """Whether nothing was edited."""
        if len(found) != len(put.texts):
            return False
        return all(put.knows(place, text) for place, text in enumerate(found))

    def _whole(self, tag: Tag, put: Put, content: Any, shape: _Shape) -> None:
        """All of a part, where new data gave it another shape and nobody changed it."""
        fresh = self.fresh.put[tag.key]
        was, now = (english("{n:,} [cell|cells]", n=len(one.texts)) for one in (put, fresh))
        line = Line(where_of(tag, self.shelf), was, now)
        why = self.living.exchange_whole(content, tag.key)
        if why:
            self._say(line._replace(done=False, why=why, stands=True))
            self._by_keys(tag, put, shape)
            return
        put.earlier, put.texts, put.spans = [[] for _ in fresh.texts], list(fresh.texts), list(fresh.spans)
        self._say(line)

    def _by_keys(self, tag: Tag, put: Put, shape: _Shape) -> None:
        """A table that its authors gave another shape: the cells that still stand are exchanged, the rest is named."""
        mine, found, shapes = shape
        texts = found, put.texts, self.fresh.put[tag.key].texts
        seen, was, will = (Grid(one, size) for one, size in zip(texts, shapes, strict=True))
        from_old, to_new = matched(seen, was), matched(was, will)
        flat = {at: place for place, at in enumerate(places_of(shapes[0]))}
        flat_old = {at: place for place, at in enumerate(places_of(shapes[1]))}
        for at, place in flat.items():
            old = from_old.get(at)
            if old is None:
                continue
            text = put.texts[flat_old[old]]
            line = line_of(tag, self.shelf, seen, at, found[place], "")
            if old not in to_new:
                if alike(found[place], text):
                    self._say(line._replace(done=False, why=english("it is not in the exhibit any more"), stands=True))
                continue
            self._one(put, flat_old[old], mine[place], line._replace(new=will.text(to_new[old])))
        lost = {old: put.known(flat_old[old]) for old in to_new if old not in set(from_old.values())}
        self._of_no_cell(tag, (seen, was, will), lost, to_new)

    def _of_no_cell(
        self, tag: Tag, grids: tuple[Grid, Grid, Grid], lost: dict[At, list[str]], to_new: dict[At, At]
    ) -> None:
        """Numbers that moved and stand in cells that nothing tells apart any more, and those that are new."""
        seen, was, will = grids
        words = [text for row in seen.rows for text in row]
        why = english("its cell cannot be told from others in the table as it is")
        for old, known in lost.items():
            new = will.text(to_new[old])
            for text in known:
                if not alike(text, new) and any(text and text in one for one in words):
                    line = line_of(tag, self.shelf, was, old, text, new)
                    self._say(line._replace(done=False, why=why, stands=True))
        kept = set(to_new.values())
        for row, cells in enumerate(will.rows):
            if any(At(row, cell) not in kept for cell in range(len(cells))):
                line = line_of(tag, self.shelf, will, At(row, 0), "", " | ".join(cells))
                self._say(line._replace(done=False, why=english("the table in the document has another shape")))

    # Pictures.
    def _figure(self, tag: Tag, put: Put, content: Any) -> None:
        """The pictures of a figure: those that no program makes anew decide whether it is still ours."""
        new, seen = self.fresh.put[tag.key].texts, self.living.pictures(content)
        ours = {*put.texts, *new, *(one for texts in put.earlier for one in texts)}
        if not seen or not set(seen) <= ours:
            where, now = where_of(tag, self.shelf), english("the figure as it is now")
            line = Line(where, english("another picture"), now, done=False, why=self._of_another())
            self._say(line._replace(stands=put.texts != new))
        elif set(seen) != set(new[: len(seen)]):
            self.living.exchange_pictures(content, tag.key)
            put.texts, put.earlier = list(new), [[*put.texts]]
            self._say(Line(where_of(tag, self.shelf), english("the figure"), english("drawn again")))

    def _comment_on_untrue(self, passages: list[Passage]) -> None:
        """A comment on every passage of the body that says what no longer holds; elsewhere it is named."""
        said = [(" ".join(passage.letters.split()), passage) for passage in passages if self.wanted.claims]
        for claim in self.wanted.claims:
            wanted = " ".join(claim.words.split())
            for letters, passage in said if wanted else ():
                if wanted in letters:
                    self._say(Line(claim.where, "", "", done=False, why=claim.says, stands=True))
                    self.living.comment(passage, claim.comment)


def _sizes(spans: Spans) -> list[int]:
    return [len(row) for row in spans]


_Shape = tuple[list[Any], list[str], tuple[Spans, Spans, Spans]]  # places, their letters, shapes: seen, was, will
