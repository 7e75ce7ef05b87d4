"""The manuscript poured into an author's own template: its pages, heads and feet, and its named styles stay.

It stands where a paragraph of the template says “[manuscript]”, or after all that is there. Styles are taken by their names; those
that the template does not have come along.
"""

from __future__ import annotations

from pathlib import Path

from istrel.english import english
from istrel.files import refuse_unreadable
from istrel.problem import Problem
from istrel.render.document import Document


def poured(document: Document, path: Path) -> bytes:
    """The document in a template, a .docx or an .odt.

    Raises
    ------
    Problem
        Where it is no such file.
    """
    refuse_unreadable(path)
    match path.suffix.lower():
        case ".docx":
            from istrel.render.template.word import poured as made
        case ".odt":
            from istrel.render.template.opendocument import poured as made
        case _:
            raise Problem(english("{file}: a template is a .docx or an .odt.", file=path.name))
    return made(document, path)
