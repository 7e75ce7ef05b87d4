"""A table or figure in Python: how it prints, its numbers, its words."""

from __future__ import annotations

from collections.abc import Iterator
from functools import cached_property
from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.exhibits.make import Exhibit as Made
from istrel.exhibits.printing import as_plain, plain_text, print_notes, print_title
from istrel.notebook.tidy import tidy
from istrel.render.document import Document, Item, numbered
from istrel.style.house import HouseStyle

if TYPE_CHECKING:
    import pyarrow as pa


class Exhibit:
    """What a sentence made: shown in a notebook as it prints. It does not change when its study does."""

    def __init__(self, made: Made, style: HouseStyle, files: tuple[str, ...] = ()) -> None:
        self._made = made
        self._style = style
        self._files = files  # which are read, and never written over

    @property
    def sentence(self) -> str:
        """The sentence, tidied."""
        return self._made.sentence

    @property
    def title(self) -> str:
        return print_title(self._made.sheet, self._style)

    @property
    def text(self) -> str:
        """The results in words."""
        return plain_text(self._made.text, self._style)

    @property
    def methods(self) -> str:
        """How the numbers were found, in words."""
        return plain_text(self._made.methods, self._style)

    @property
    def notes(self) -> tuple[str, ...]:
        """What stands below it."""
        return tuple(as_plain(note) for note in print_notes(self._made.sheet.notes, self._style))

    @cached_property
    def _content(self) -> dict[str, Any]:
        from istrel.render.json import content

        return content(self._item, self._style)

    @property
    def numbers(self) -> list[dict[str, Any]]:
        """Every number in full precision: the `results` of docs/exchange.md."""
        found: list[dict[str, Any]] = self._content["results"]
        return found

    @property
    def content(self) -> dict[str, Any]:
        """All of it: the object of docs/exchange.md."""
        return self._content

    def json(self) -> str:
        """The object of docs/exchange.md as text."""
        return self._rendered("json").decode()

    def arrow(self) -> pa.Table:
        """The numbers as a table: a row for each variable and group, or for each value, or for each pair."""
        return tidy(self.numbers)

    def __arrow_c_stream__(self, requested_schema: object | None = None) -> object:
        """The table of `arrow`, for every library that speaks it."""
        return self.arrow().__arrow_c_stream__(requested_schema)

    def save(self, path: str | Path) -> None:
        """Write it: the ending chooses the output (.docx, .odt, .pdf, .tex, .html, .md, .csv, .xlsx, .svg, .png, …).

        Raises
        ------
        Problem
            Where the ending is none of ours, or the place cannot be written to.
        """
        save(path, self)

    @property
    def _item(self) -> Item:
        return numbered((self._made,))[0]

    def _rendered(self, ending: str) -> bytes:
        from istrel.render import render

        return render(Document((self._item,), self._style), ending)

    def __repr__(self) -> str:
        return self._rendered("md").decode().strip()

    def _repr_html_(self) -> str:
        from hashlib import sha256

        from istrel.render.html import fragment

        place = sha256(f"{self.sentence} {id(self)}".encode()).hexdigest()[:8]
        return fragment(Document((self._item,), self._style), place=f"x{place}")


def save(path: str | Path, *exhibits: Exhibit) -> None:
    """Write exhibits into one document, numbered in their order, each with its results in words where the output has words.

    Raises
    ------
    Problem
        Where the ending is none of ours, the output cannot hold them, or the place cannot be written to.
    """
    from istrel.files import write_whole
    from istrel.problem import Problem
    from istrel.render import render

    if not exhibits:
        raise Problem("name the exhibits that are to be saved.")
    path = Path(path)
    if not path.suffix:
        raise Problem(f"{path}: the ending of the file chooses the output; add one, for example .docx.")
    document = Document(numbered([exhibit._made for exhibit in exhibits]), exhibits[0]._style)
    write_whole(path, render(document, path.suffix), sources=tuple(_files(exhibits)))


def _files(exhibits: tuple[Exhibit, ...]) -> Iterator[str]:
    return (file for exhibit in exhibits for file in exhibit._files)
