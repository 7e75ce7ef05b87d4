"""A study's file among other programs: one writer beside any readers, files that a sync program writes over, the last good copy."""

from __future__ import annotations

import contextlib
import fcntl
import os
import shutil
import stat
import struct
from functools import reduce
from operator import and_
from pathlib import Path
from typing import BinaryIO, NamedTuple

from istrel.english import english
from istrel.files import beside
from istrel.problem import Problem

LARGEST_COPIED = 2**28  # bytes of a study of which a good copy is kept
JOURNAL = bytes.fromhex("d9d505f920a163d7")  # with which a journal begins, as the format of SQLite files has it
PAGE_HEAD, MOST_PAGES = 100, 4096
LEFT_BESIDE = ("-journal", "-wal", "-shm")  # what a crash leaves beside a database


class Stamp(NamedTuple):
    """By which a file that another program wrote is known: nothing of ours writes it between two saves."""

    inode: int
    size: int
    time: int

    @classmethod
    def of(cls, path: Path) -> Stamp:
        """The stamp of a file; of one that is gone, zeros."""
        try:
            found = path.stat()
        except OSError:
            return cls(0, 0, 0)
        return cls(found.st_ino, found.st_size, found.st_mtime_ns)


def hold(path: Path) -> int:
    """Take a file for this program's writing; others may read what was last saved. The handle lets go when it is closed.

    Raises
    ------
    Problem
        Where another program holds it.
    """
    try:
        handle = os.open(path, os.O_RDONLY | os.O_CLOEXEC)
    except OSError as error:
        raise Problem(
            english("{path}: cannot be read ({why}).", path=path, why=(error.strerror or "no access").lower())
        ) from None
    try:
        fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
    except BlockingIOError:
        os.close(handle)
        raise Problem(
            english("{file}: this study is open in another window or run; close it there first.", file=path.name)
        ) from None
    except OSError:
        pass  # a file system without such locks
    return handle


def clear_place(path: Path) -> None:
    """Take away what a crash left beside a study that stood here before: it would be undone into the next one."""
    for ending in LEFT_BESIDE:
        with contextlib.suppress(OSError):
            Path(f"{path}{ending}").unlink()


def private(path: Path) -> int:
    """What a new study is open to: nobody else, or those to whom the folder's other studies are."""
    modes = []
    with contextlib.suppress(OSError):
        for other in path.parent.glob(f"*{path.suffix}"):
            if other != path and not other.name.startswith("."):
                modes.append(stat.S_IMODE(other.stat().st_mode))
    return reduce(and_, modes) if modes else 0o600


def put_journal_aside(path: Path) -> None:
    """A journal that a crash left beside another study that once stood here: it would be undone into this one.

    The journal holds the first page as it was before the change in flight; this file's own is that one, or one change further.
    """
    journal = Path(f"{path}-journal")
    try:
        with journal.open("rb") as left, path.open("rb") as study:
            before, now = _count_in_journal(left), _count_in(study.read(PAGE_HEAD))
    except (OSError, ValueError, struct.error):
        return
    if before is not None and (now - before) % 2**32 not in (0, 1):
        with contextlib.suppress(OSError):
            journal.replace(f"{journal}.of-another")


def _count_in(page: bytes) -> int:
    """How often a database was changed, by its first page."""
    return int(struct.unpack(">I", page[24:28])[0])


def _count_in_journal(left: BinaryIO) -> int | None:
    """The same by the first page in a journal; None where that is not in it."""
    head = left.read(28)
    if head[:8] != JOURNAL:
        return None
    sector, size = struct.unpack(">II", head[20:28])
    if not 512 <= size <= 2**16 or not 28 <= sector <= 2**16:
        return None
    left.seek(sector)
    for _ in range(MOST_PAGES):
        record = left.read(size + 8)
        if len(record) < size + 8:
            return None
        if struct.unpack(">I", record[:4])[0] == 1:
            return _count_in(record[4:])
    return None


def good_copy(path: Path) -> Path:
    """Where the last good copy of a study is kept."""
    return path.with_name(f".{path.stem} last good{path.suffix}")


def keep_good(path: Path) -> None:
    """Keep a copy of a study that was found whole, unless it is large or the copy is of these bytes already."""
    copy, found = good_copy(path), Stamp.of(path)
    if found.size > LARGEST_COPIED or path.stem.startswith(".") or Stamp.of(copy)[1:] == found[1:]:
        return
    with contextlib.suppress(OSError):  # a place that takes no copy takes the study all the same
        with beside(copy.resolve()) as part:
            shutil.copyfile(path, part)
        shutil.copystat(path, copy)


def copy_to_open(path: Path) -> str:
    """What to do with a study that is damaged."""
    copy = good_copy(path)
    if not copy.exists():
        return english("open a copy made earlier")
    return english("its last good copy is “{copy}” beside it: open that", copy=copy.name)


def free_name(path: Path) -> Path:
    """A name for a study that cannot stand where it stood."""
    number, found = 1, path
    while found.exists():
        number += 1
        found = path.with_name(f"{path.stem} {number}{path.suffix}")
    return found
