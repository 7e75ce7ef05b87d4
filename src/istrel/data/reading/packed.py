"""Packed files: gzip, bzip2, zstd and lz4, and archives (zip) with one table or several in them; unpacked beside, within bounds."""

from __future__ import annotations

import lzma
import shutil
import tempfile
import zipfile
import zlib
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path, PurePosixPath
from typing import Any, BinaryIO

import pyarrow as pa

from istrel.data.reading.descriptors import describes, tables_named
from istrel.data.reading.kinds import PACKED, TABLES
from istrel.data.reading.notes import first_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table, stamp_of
from istrel.english import english
from istrel.problem import Problem, nearest

Read = Callable[[Path, ReadingSettings, Watch], Table]
WAYS = ((b"\x1f\x8b", "gzip"), (b"BZh", "bz2"), (b"\x28\xb5\x2f\xfd", "zstd"), (b"\x04\x22\x4d\x18", "lz4"))
PIECE = 2**20
MOST_BYTES = 8 * 2**30
MOST_FOLD, FROM = 400, 64 * 2**20  # no table shrinks to a four-hundredth; small ones may, and do no harm
MOST_SAID = 8 * 2**20
BROKEN = (zipfile.BadZipFile, zlib.error, lzma.LZMAError, OSError, EOFError, NotImplementedError, RuntimeError)


def read_packed(path: Path, settings: ReadingSettings, watch: Watch, read: Read) -> Table:
    """The table in a packed file.

    Raises
    ------
    Problem
        Where it is broken, or would unpack to more than a table holds.
    """
    with path.open("rb") as file:
        head = file.read(4)
    way = next(way for magic, way in WAYS if head.startswith(magic))
    inner = path.name.removesuffix(path.suffix) if path.suffix.lower() in PACKED else f"{path.name}.csv"
    with tempfile.TemporaryDirectory(prefix="istrel-") as folder:
        target = Path(folder) / (inner or "table")
        try:
            with pa.CompressedInputStream(pa.OSFile(str(path)), way) as stream, target.open("wb") as out:
                _copy(path, stream, out, path.stat().st_size, watch)
        except (pa.ArrowException, OSError, EOFError) as error:
            raise Problem(
                english("{file}: it cannot be unpacked; it is broken or was cut off.", file=path.name)
            ) from error
        return _as_of(path, read(target, settings, watch), way)


def read_archive(path: Path, settings: ReadingSettings, watch: Watch, read: Read) -> Table:
    """The table in an archive: the largest, unless one is named as `sheet`.

    Raises
    ------
    Problem
        Where there is none, it is locked, broken, or would unpack to more than a table holds.
    """
    try:
        with zipfile.ZipFile(path) as archive, tempfile.TemporaryDirectory(prefix="istrel-") as folder:
            described, first = _described(archive)
            entry, others = _chosen(path, archive.infolist(), settings.sheet or first)
            if entry.flag_bits & 1:
                raise Problem(
                    english(
                        "{file}: the archive is locked with a password; unpack it, and open the file in it.",
                        file=path.name,
                    )
                )
            target = Path(folder) / Path(entry.filename).name
            with archive.open(entry) as stream, target.open("wb") as out:
                _copy(path, stream, out, entry.compress_size, watch)
            inner = replace(settings, sheet=None) if settings.sheet == entry.filename else settings
            table = _as_of(path, read(target, inner, watch), target.name, described)
    except BROKEN as error:
        raise Problem(english("{file}: it cannot be unpacked; it is broken or was cut off.", file=path.name)) from error
    if not others:
        return table
    remark = english(
        "Only “{name}” was read; in the archive there are also {others}.", name=entry.filename, others=first_of(others)
    )
    return replace(table, source=replace(table.source, remarks=(remark, *table.source.remarks)))


def _chosen(path: Path, entries: list[zipfile.ZipInfo], wanted: str | None) -> tuple[zipfile.ZipInfo, list[str]]:
    """(the file that is wanted, the other tables)."""
    files = [e for e in entries if not e.is_dir() and not e.filename.startswith("__MACOSX") and e.file_size]
    tables = [e for e in files if _is_table(e.filename)]
    if wanted is not None:
        found = next((e for e in tables if wanted in (e.filename, Path(e.filename).name)), None)
        if found is None and len(tables) > 1:
            names = [e.filename for e in tables]
            raise Problem(
                english(
                    "{file}: there is no “{wanted}” in it.{hint} Its tables are {names}.",
                    file=path.name,
                    wanted=wanted,
                    hint=nearest(wanted, names),
                    names=first_of(names),
                )
            )
    if not tables:
        inside = first_of([e.filename for e in files]) if files else english("nothing")
        raise Problem(
            english("{file}: there is no table in this archive, but {inside}.", file=path.name, inside=inside)
        )
    chosen = next((e for e in tables if wanted in (e.filename, Path(e.filename).name)), None)
    chosen = chosen or max(tables, key=lambda e: e.file_size)
    return chosen, [e.filename for e in tables if e is not chosen]


def _is_table(name: str) -> bool:
    return Path(name.removesuffix(".gz")).suffix.lower() in TABLES and not describes(name)


def _copy(path: Path, stream: Any, out: BinaryIO, packed: int, watch: Watch) -> None:
    """Unpack piece by piece, and stop at what no table shrinks to or no disk holds."""
    done, room = 0, shutil.disk_usage(Path(out.name).parent).free
    while piece := stream.read(PIECE):
        done += len(piece)
        if done > min(MOST_BYTES, room // 2) or (done > FROM and done > MOST_FOLD * max(1, packed)):
            raise Problem(
                english(
                    "{file}: it unpacks to more than {size:.1f} GB, which is more than a packed table may.",
                    file=path.name,
                    size=done / 2**30,
                )
            )
        out.write(piece)
        watch.report(0.0)


def _described(archive: zipfile.ZipFile) -> tuple[str, str | None]:
    """(what the archive says of its tables, the first that is named and there): by its descriptor, or by metadata of the web."""
    entries = [
        e for e in archive.infolist() if describes(e.filename) and e.file_size <= MOST_SAID and not e.flag_bits & 1
    ]
    if not entries:
        return "", None
    entry = min(entries, key=lambda e: "metadata" in e.filename)
    text, folder = archive.read(entry).decode("utf-8", "replace"), PurePosixPath(entry.filename).parent
    paths = [str(folder / one.path) for one in tables_named(text).values()]
    return text, next((path for path in paths if path in archive.namelist()), None)


def _as_of(path: Path, table: Table, way: str, described: str = "") -> Table:
    """The table as one of the packed file."""
    source = table.source
    said = replace(
        source,
        name=path.name,
        path=str(path.resolve()),
        stamp=stamp_of(path),
        reading=f"{way} · {source.reading}",
        described=described or source.described,
    )
    return replace(table, source=said)
