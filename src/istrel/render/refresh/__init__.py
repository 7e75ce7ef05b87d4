"""A document that went on living: what Istrel put into a .docx or .odt is exchanged for what it is now, and nothing else is."""

from __future__ import annotations

from collections.abc import Callable, Iterator, Sequence
from pathlib import Path

from istrel.english import english
from istrel.exhibits.printing import plain_text
from istrel.exhibits.text import say
from istrel.files import MOST_BYTES, refuse_sources, refuse_unreadable, write_whole
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.manuscript import manuscript_document
from istrel.render.refresh.report import Refreshed, Untrue, Wanted
from istrel.study.manuscript import Entry, Written, manuscript, shelf_of
from istrel.study.prose import Shelf
from istrel.study.review.truth import doubtful_words, untrue_words
from istrel.study.study import Study
from istrel.style.house import HouseStyle

Refresher = Callable[[Path, Document, Shelf, Wanted], Refreshed]


def _word(path: Path, document: Document, shelf: Shelf, wanted: Wanted) -> Refreshed:
    from istrel.render.refresh.word import refreshed

    return refreshed(path, document, shelf, wanted)


def _opendocument(path: Path, document: Document, shelf: Shelf, wanted: Wanted) -> Refreshed:
    from istrel.render.refresh.opendocument import refreshed

    return refreshed(path, document, shelf, wanted)


KINDS: dict[str, Refresher] = {".docx": _word, ".odt": _opendocument}


def refresh(path: Path, study: Study, style: HouseStyle, *, tracked: bool = False, again: bool = False) -> Refreshed:
    """The document as it is with the study's numbers as they are now; nothing is written.

    Parameters
    ----------
    tracked
        Write the exchanges as tracked changes, which co-authors see and can refuse.
    again
        Exchange also what was edited by hand.

    Raises
    ------
    Problem
        Where the file is no such document, or holds nothing that Istrel put there.
    """
    kind = KINDS.get(path.suffix.lower())
    if kind is None:
        raise Problem(english("{file}: a document that is refreshed is a .docx or an .odt.", file=path.name))
    refuse_unreadable(path)
    if path.stat().st_size > 8 * MOST_BYTES:
        raise Problem(
            english(
                "{file}: a document of more than {size} MB is not read.", file=path.name, size=8 * MOST_BYTES // 2**20
            )
        )
    claims = tuple(_claims(manuscript(study, style), style))
    return kind(path, manuscript_document(study, style), shelf_of(study, style), Wanted(claims, tracked, again))


def _claims(parts: Sequence[Entry | Written], style: HouseStyle) -> Iterator[Untrue]:
    """What no longer holds, or may not."""
    for where, words, claim in untrue_words(parts, style):
        comment = say("claim_no_longer_holds", claim=claim)
        yield Untrue(where, words, english("“{claim}” no longer holds", claim=claim), plain_text(comment, style))
    for where, words, one in doubtful_words(parts):
        comment = say("words_may_not_hold", says=one.text)
        says = english("words may no longer hold: {says}", says=one.says)
        yield Untrue(where, words, says, plain_text(comment, style))


def write_refreshed(path: Path, made: Refreshed, study: Study, out: Path | None = None) -> tuple[Path, Path | None]:
    """(what was written, the copy of the document as it was): to a new file, or in place with a copy kept beside it.

    Raises
    ------
    Problem
        Where the place cannot be written to; the document stays as it was.
    """
    if out is not None and out.suffix.lower() != path.suffix.lower():
        raise Problem(
            english("{file}: the refreshed document stays a {ending} file.", file=out.name, ending=path.suffix.lower())
        )
    refuse_sources(out or path, study.files)
    if out is not None and not (out.exists() and out.samefile(path)):
        return write_whole(out, made.content, sources=study.files), None
    if not made.changed:
        return path, None
    copy = _free(path)
    write_whole(copy, path.read_bytes(), sources=study.files)
    return write_whole(path, made.content, sources=study.files), copy


def _free(path: Path) -> Path:
    """A name for a copy that no file has."""
    number = 1
    while True:
        copy = path.with_name(f"{path.stem} before refresh{f' {number}' if number > 1 else ''}{path.suffix}")
        if not copy.exists():
            return copy
        number += 1


__all__ = ["Refreshed", "refresh", "write_refreshed"]
