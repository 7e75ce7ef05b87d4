"""What a file is, by its first bytes rather than its name; of what is no table it is said what it is and what to save instead."""

from __future__ import annotations

import re
import zipfile
from pathlib import Path

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
MAGIC = (
    (b"PAR1", "parquet"),
    (b"ARROW1", "arrow"),
    (b"SQLite format 3\0", "sqlite"),
    (b"\x1f\x8b", "packed"),
    (b"BZh", "packed"),
    (b"\x28\xb5\x2f\xfd", "packed"),
    (b"\x04\x22\x4d\x18", "packed"),
)
AS_TEXT = "save its table as delimited text (.csv) or as a workbook (.xlsx, .ods)"
NO_TABLES = (
    (b"%PDF", "a PDF document; copy its table and paste it here, or ask for the data it was made from"),
    (b"\x89PNG", "a picture; type its numbers into a workbook"),
    (b"\xff\xd8\xff", "a picture; type its numbers into a workbook"),
    (b"GIF8", "a picture; type its numbers into a workbook"),
    (b"II*\0", "a picture; type its numbers into a workbook"),
    (b"{\\rtf", f"a text document; {AS_TEXT}"),
    (b"\xd0\xcf\x11\xe0", f"a workbook or document of an old format; {AS_TEXT}"),
    (b"$FL2", f"a data file of a statistics program; in it, {AS_TEXT}"),
    (b"$FL3", f"a data file of a statistics program; in it, {AS_TEXT}"),
    (b"<stata_dta>", f"a data file of a statistics program; in it, {AS_TEXT}"),
    (b"HEADER RECORD*******", f"a transport file of a statistics program; in it, {AS_TEXT}"),
    (b"\0\0\0\0\0\0\0\0\0\0\0\0\xc2\xea\x81\x60", f"a data file of a statistics program; in it, {AS_TEXT}"),
    (b"\x89HDF", f"a file of scientific arrays (HDF5); {AS_TEXT}"),
    (b"CDF\x01", f"a file of scientific arrays (NetCDF); {AS_TEXT}"),
    (b"\x93NUMPY", f"an array of a programming library; {AS_TEXT}"),
    (b"RDX", f"a file of objects of a programming language; in it, {AS_TEXT}"),
    (b"Obj\x01", f"an Avro file; {AS_TEXT}"),
    (b"ORC", f"an ORC file; {AS_TEXT}"),
    (b"7z\xbc\xaf\x27\x1c", "a 7z archive; unpack it, and open the file in it"),
    (b"Rar!", "a RAR archive; unpack it, and open the file in it"),
    (b"\xfd7zXZ", "an xz archive; unpack it, and open the file in it"),
    (b"\x7fELF", "a program, not data"),
    (b"MZ\x90", "a program, not data"),
)
MARKUP = re.compile(rb"\s*<(!doctype html|html|\?xml|svg|table)", re.IGNORECASE)
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
    for magic, words in NO_TABLES:
        if head.startswith(magic):
            raise Problem(f"{path.name}: this is {words}.")
    if path.suffix.lower() in ENDINGS:
        return ENDINGS[path.suffix.lower()]
    if MARKUP.match(head):
        raise Problem(f"{path.name}: this is a page or document in markup (HTML, XML); {AS_TEXT}.")
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
        raise Problem(f"{path.name}: this is a text document; {AS_TEXT}.")
    if "ppt/presentation.xml" in names:
        raise Problem(f"{path.name}: this is a presentation; {AS_TEXT}.")
    if {"xl/workbook.xml", "xl/workbook.bin"} & names or ("mimetype" in names and "content.xml" in names):
        return "spreadsheet"
    return "spreadsheet" if path.suffix.lower() in (".xlsx", ".xlsm", ".ods") else "archive"
