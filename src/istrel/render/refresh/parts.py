"""The archive that a document is: a part is read when it is wanted; what nobody exchanges goes from file to file piece by piece."""

from __future__ import annotations

import io
import shutil
import zipfile
import zlib
from collections.abc import Iterator
from copy import copy
from pathlib import Path

from istrel.english import english
from istrel.problem import Problem

MOST_READ, MOST_UNPACKED = 2**28, 2**32  # bytes of a part that is read; of all parts
# What an archive that is damaged raises while it is read.
UNREADABLE = (
    *(zipfile.BadZipFile, zipfile.LargeZipFile, zlib.error, EOFError, OSError),
    *(RuntimeError, NotImplementedError, ValueError),
)


class Parts:
    """The parts of a document by their names, in their order; those that were exchanged are held in memory."""

    def __init__(self, path: Path) -> None:
        """Look at a file.

        Raises
        ------
        Problem
            For what is no archive, is damaged, or grows out of all bounds.
        """
        self._path = path
        self._exchanged: dict[str, bytes] = {}
        try:
            with zipfile.ZipFile(path) as archive:
                self._sizes = {entry.filename: entry.file_size for entry in archive.infolist()}
                if sum(self._sizes.values()) > MOST_UNPACKED:
                    raise Problem(english("{file}: this document is too large to be read.", file=path.name))
                if archive.testzip() is not None:
                    raise self._damaged()
        except UNREADABLE:
            raise self._damaged() from None

    def _damaged(self) -> Problem:
        return Problem(english("{file}: this is no document, or it is damaged.", file=self._path.name))

    def __iter__(self) -> Iterator[str]:
        return iter(dict.fromkeys((*self._sizes, *self._exchanged)))

    def __contains__(self, name: object) -> bool:
        return name in self._sizes or name in self._exchanged

    def __getitem__(self, name: str) -> bytes:
        if name in self._exchanged:
            return self._exchanged[name]
        if self._sizes[name] > MOST_READ:
            raise Problem(english("{file}: its part {name} is too large to be read.", file=self._path.name, name=name))
        try:
            with zipfile.ZipFile(self._path) as archive:
                return archive.read(name)
        except UNREADABLE:
            raise self._damaged() from None

    def get(self, name: str, otherwise: bytes = b"") -> bytes:
        if name not in self:
            return otherwise
        return self[name]

    def __setitem__(self, name: str, content: bytes) -> None:
        self._exchanged[name] = content

    def packed(self) -> bytes:
        """The archive with the exchanged parts: names, order, dates and compression as they were; new parts come last."""
        out = io.BytesIO()
        with zipfile.ZipFile(self._path) as old, zipfile.ZipFile(out, "w") as new:
            for entry in old.infolist():
                if entry.filename in self._exchanged:
                    new.writestr(entry, self._exchanged[entry.filename], entry.compress_type)
                    continue
                with (
                    old.open(entry) as source,
                    new.open(copy(entry), "w", force_zip64=entry.file_size > 2**31) as target,
                ):
                    shutil.copyfileobj(source, target, 2**20)
            for name, content in self._exchanged.items():
                if name not in self._sizes:
                    new.writestr(name, content, zipfile.ZIP_DEFLATED)
        return out.getvalue()
