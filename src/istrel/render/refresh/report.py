"""What a refresh did, line by line, and the archives that documents are."""

from __future__ import annotations

import io
import zipfile
import zlib
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

from lxml import etree

from istrel.problem import Problem

MOST_UNPACKED = 2**30
# What an archive that is damaged raises while it is read.
UNREADABLE = (
    *(zipfile.BadZipFile, zipfile.LargeZipFile, zlib.error, EOFError, OSError),
    *(RuntimeError, NotImplementedError, ValueError),
)


@dataclass
class Refreshed:
    """A refreshed document.

    Attributes
    ----------
    exchanged
        (where, what stood there, what stands there now).
    edited
        (where, what someone wrote there, what it would be now): left as it was found.
    away
        What the authors took out; it stays away.
    gone
        What refers to an exhibit or number that the study does not have (any more).
    """

    content: bytes = b""
    exchanged: list[tuple[str, str, str]] = field(default_factory=list)
    edited: list[tuple[str, str, str]] = field(default_factory=list)
    away: list[str] = field(default_factory=list)
    gone: list[str] = field(default_factory=list)

    @property
    def changed(self) -> bool:
        return bool(self.exchanged)

    def lines(self) -> list[str]:
        """The report in words."""
        made = [f"{where}: {old or 'nothing'} → {new or 'nothing'}" for where, old, new in self.exchanged]
        made += [
            f"{where}: edited by hand to “{found}”, left as it is" + (f"; it would be “{new}”" if new != found else "")
            for where, found, new in self.edited
        ]
        made += [f"{where}: taken out of the document, stays away" for where in self.away]
        made += [f"{where}: is not in the study any more" for where in self.gone]
        return made or ["Nothing moved."]


def parsed(content: bytes, name: str) -> Any:
    """The root of a part of a document; nothing is fetched or unfolded.

    Raises
    ------
    Problem
        For what is no XML.
    """
    try:
        return etree.fromstring(content, etree.XMLParser(resolve_entities=False, no_network=True))
    except etree.XMLSyntaxError:
        raise Problem(f"{name}: this is no document, or it is damaged.") from None


def alike(one: str, other: str) -> bool:
    """Whether two texts read the same; programs that save a document are free with its blanks."""
    return one.split() == other.split()


def unpacked(path: Path) -> dict[str, bytes]:
    """The parts of a document in their order.

    Raises
    ------
    Problem
        For what is no archive, is damaged, or grows out of all bounds.
    """
    try:
        with zipfile.ZipFile(path) as archive:
            if sum(entry.file_size for entry in archive.infolist()) > MOST_UNPACKED:
                raise Problem(f"{path.name}: this document is too large to be read.")
            return {entry.filename: archive.read(entry) for entry in archive.infolist()}
    except UNREADABLE:
        raise Problem(f"{path.name}: this is no document, or it is damaged.") from None


def repacked(path: Path, parts: dict[str, bytes]) -> bytes:
    """The archive with some parts exchanged: names, order, dates and compression as they were; new parts come last."""
    out = io.BytesIO()
    with zipfile.ZipFile(path) as old, zipfile.ZipFile(out, "w") as new:
        for entry in old.infolist():
            new.writestr(entry, parts[entry.filename], entry.compress_type)
        known = set(old.namelist())
        for name, content in parts.items():
            if name not in known:
                new.writestr(name, content, zipfile.ZIP_DEFLATED)
    return out.getvalue()
