"""What a file is, by its first bytes rather than its name; of what is no table it is said what it is and what to save instead."""

from __future__ import annotations

import re
import zipfile
from pathlib import Path

from istrel.english import English, english
from istrel.problem import Problem

ENDINGS = {
    ".xlsx": "spreadsheet",
    ".xlsm": "spreadsheet",
    ".ods": "spreadsheet",
    ".parquet": "parquet",
    ".arrow": "arrow",
    ".feather": "arrow",
    ".ipc": "arrow",
    ".jsonl": "json_lines",
    ".ndjson": "json_lines",
}
TABLES = (
    *(".csv", ".tsv", ".tab", ".txt", ".dat", ".psv", ".json", ".geojson"),
    *ENDINGS,
    *(".sqlite", ".db"),
)
PACKED = (".gz", ".gzip", ".bz2", ".zst", ".zstd", ".lz4")
ARCHIVES = (".zip",)
MAGIC = (
    (b"PAR1", "parquet"),
    (b"ARROW1", "arrow"),
    (b"SQLite format 3\0", "sqlite"),
    (b"\x1f\x8b", "packed"),
    (b"BZh", "packed"),
    (b"\x28\xb5\x2f\xfd", "packed"),
    (b"\x04\x22\x4d\x18", "packed"),
)
AS_TEXT = english("save its table as delimited text (.csv) or as a workbook (.xlsx, .ods)")
PICTURE = english("a picture; type its numbers into a workbook")
STATISTICS = english("a data file of a statistics program; in it, {as_text}", as_text=AS_TEXT)
ARRAYS = english("a file of scientific arrays; {as_text}", as_text=AS_TEXT)
PROGRAM = english("a program, not data")
UNPACK = english("an archive that is not unpacked here; unpack it, and open the file in it")
PDF = english("a PDF document; copy its table and paste it here, or ask for the data it was made from")
OLD_FORMAT = english("a workbook or document of an old format; {as_text}", as_text=AS_TEXT)
ROW_STORE = english("a file of a row store (Avro, ORC); {as_text}", as_text=AS_TEXT)
NO_TABLES: dict[English, tuple[bytes, ...]] = {
    PDF: (b"%PDF",),
    PICTURE: (b"\x89PNG", b"\xff\xd8\xff", b"GIF8", b"II*\0"),
    english("a text document; {as_text}", as_text=AS_TEXT): (b"{\\rtf",),
    OLD_FORMAT: (b"\xd0\xcf\x11\xe0",),
    STATISTICS: (b"$FL2", b"$FL3", b"HEADER RECORD*******", bytes(12) + b"\xc2\xea\x81\x60", b"RDX"),
    ARRAYS: (b"\x89HDF", b"CDF\x01", b"\x93NUMPY"),
    ROW_STORE: (b"Obj\x01", b"ORC"),
    UNPACK: (b"7z\xbc\xaf\x27\x1c", b"Rar!", b"\xfd7zXZ"),
    PROGRAM: (b"\x7fELF", b"MZ\x90"),
}
MARKUP = re.compile(rb"\s*<[!?]?[a-z_]+[\s>]", re.IGNORECASE)
HEAD = 512


def kind_of(path: Path) -> str:
    """Which reader a file needs.

    Raises
    ------
    Problem
        For what is no table, naming what it is and what to save instead.
    """
    with path.open("rb") as file:
        head = file.read(HEAD)
    if head.startswith(b"PK\x03\x04"):
        return _of_archive(path)
    found = next((kind for magic, kind in MAGIC if head.startswith(magic)), "")
    if found:
        return found
    for words, beginnings in NO_TABLES.items():
        if head.startswith(beginnings):
            raise Problem(english("{file}: this is {words}.", file=path.name, words=words))
    if path.suffix.lower() in ENDINGS:
        return ENDINGS[path.suffix.lower()]
    if MARKUP.match(head):
        raise Problem(
            english(
                "{file}: this is a page or document in markup, or a file of another program; {as_text}.",
                file=path.name,
                as_text=AS_TEXT,
            )
        )
    start = head.lstrip(b"\xef\xbb\xbf \t\r\n")
    if path.suffix.lower() in (".json", ".geojson") or re.match(rb'(\[\s*[\[{"]|\{\s*")', start):
        return "json"
    return "delimited"


def _of_archive(path: Path) -> str:
    """A workbook, or an archive with files in it."""
    try:
        with zipfile.ZipFile(path) as archive:
            names = set(archive.namelist())
    except (zipfile.BadZipFile, OSError, ValueError, NotImplementedError):
        return "spreadsheet"  # whose reader says that it is broken
    if "word/document.xml" in names:
        raise Problem(english("{file}: this is a text document; {as_text}.", file=path.name, as_text=AS_TEXT))
    if "ppt/presentation.xml" in names:
        raise Problem(english("{file}: this is a presentation; {as_text}.", file=path.name, as_text=AS_TEXT))
    if {"xl/workbook.xml", "xl/workbook.bin"} & names or ("mimetype" in names and "content.xml" in names):
        return "spreadsheet"
    return "spreadsheet" if path.suffix.lower() in (".xlsx", ".xlsm", ".ods") else "archive"
