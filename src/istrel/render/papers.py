"""The paragraphs of a paper that Istrel did not make: .docx, .odt, Markdown and plain text."""

from __future__ import annotations

import re
from pathlib import Path

from istrel.english import english
from istrel.files import read_small, refuse_unreadable
from istrel.problem import Problem

ENDINGS = (".docx", ".odt", ".md", ".txt")


def paragraphs_of(path: Path) -> tuple[str, ...]:
    """What a reader reads, paragraph by paragraph, cells of tables among them.

    Raises
    ------
    Problem
        Where it is no such document, or cannot be read.
    """
    ending = path.suffix.lower()
    if ending not in ENDINGS:
        raise Problem(
            english(
                "{file}: a paper that is read is a {names} or {endings}.",
                file=path.name,
                names=", ".join(ENDINGS[:-1]),
                endings=ENDINGS[-1],
            )
        )
    if ending in (".md", ".txt"):
        text = read_small(path, english("the paper"))
        return tuple(" ".join(part.split()) for part in re.split(r"\n\s*\n", text) if part.strip())
    refuse_unreadable(path)
    return _of_docx(path) if ending == ".docx" else _of_odt(path)


def _of_docx(path: Path) -> tuple[str, ...]:
    from docx.oxml.ns import qn

    from istrel.render.refresh.parts import Parts
    from istrel.render.refresh.word.archive import roots_of
    from istrel.render.word.letters import letters_of

    roots = roots_of(Parts(path), path.name)
    found = (letters_of(paragraph) for root in roots.values() for paragraph in root.iter(qn("w:p")))
    return tuple(text for text in found if text.strip())


def _of_odt(path: Path) -> tuple[str, ...]:
    from istrel.render.opendocument.letters import PARAGRAPHS, letters_of
    from istrel.render.opendocument.marks import is_seen
    from istrel.render.refresh.parts import Parts
    from istrel.render.refresh.report import parsed

    root = parsed(Parts(path).get("content.xml"), path.name)
    found = (letters_of(paragraph) for paragraph in root.iter(*PARAGRAPHS) if is_seen(paragraph))
    return tuple(text for text in found if text.strip())
