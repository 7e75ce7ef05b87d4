"""The one writer of files: whole or not at all, never over what a run or a study reads; and cells that are harmless."""

from __future__ import annotations

import contextlib
import glob
import os
import re
import stat
import tempfile
import time
from collections.abc import Iterable, Iterator
from pathlib import Path

from istrel.english import english, plain
from istrel.problem import Problem

# What a spreadsheet takes for a formula: a sign at the beginning, wide or narrow; a number with its minus is none.
FORMULA = re.compile(r"\s*[=+@＝＋－＠]|\s*-(?!\d+([.,]\d+)?(\s|,|$))|[\t\r\n]")

DECLARED = re.compile(rb"""(?:\xef\xbb\xbf)?\s*<\?xml\s[^>]*?encoding=["'](?P<encoding>[\w.:-]+)["'][^>]*\?>""")
MOST_BYTES = 32 * 2**20
OLD_PART = 3600.0  # seconds after which nobody writes a temporary file any more


def harmless(cell: str) -> str:
    """A CSV cell with an apostrophe before it if a spreadsheet could take it for a formula; reading takes it away again."""
    return f"'{cell}" if FORMULA.match(cell) else cell


def unharmed(cell: str) -> str:
    """The cell as it was before `harmless`."""
    return cell[1:] if cell.startswith("'") and FORMULA.match(cell[1:]) else cell


def refuse_unreadable(path: Path) -> None:
    """Raises a Problem unless a path is a regular file that can be opened: a pipe, a device or a terminal has no end."""
    try:
        mode = path.stat().st_mode
        if stat.S_ISDIR(mode):
            raise Problem(english("{file}: this is a folder; name a file in it.", file=str(path)))
        if not stat.S_ISREG(mode):
            raise Problem(
                english("{file}: this is no regular file; write what it gives to a file first.", file=str(path))
            )
        with path.open("rb"):
            pass
    except (FileNotFoundError, NotADirectoryError):
        raise Problem(english("{file}: there is no such file.", file=str(path))) from None
    except (OSError, ValueError) as error:
        reason = getattr(error, "strerror", None) or "no access"
        raise Problem(english("{path}: cannot be read ({why}).", path=path, why=reason.lower())) from None


def read_small(path: Path, what: str, *, marked_up: bool = False) -> str:
    """The text of a file that people write by hand, such as a codebook or a style.

    Parameters
    ----------
    marked_up
        For XML, which names its encoding in its first line; the text comes without that line.

    Raises
    ------
    Problem
        For what is no regular file, is no UTF-8 text, or is larger than 32 MB.
    """
    refuse_unreadable(path)
    with path.open("rb") as file:
        content = file.read(MOST_BYTES + 1)
    if len(content) > MOST_BYTES:
        raise Problem(
            english(
                "{file}: {what} of more than {size} MB is not read.",
                file=path.name,
                what=what,
                size=MOST_BYTES // 2**20,
            )
        )
    said = DECLARED.match(content) if marked_up else None
    try:
        if said is not None:
            return content[said.end() :].decode(said["encoding"].decode())
        return content.decode("utf-8-sig")
    except (UnicodeDecodeError, LookupError):
        raise Problem(english("{file}: {what} is not UTF-8 text.", file=path.name, what=what)) from None


def write_whole(path: Path, content: bytes, *, sources: Iterable[str | Path] = ()) -> Path:
    """Write a file: it appears whole under its name, or stays as it was.

    A link is followed, an existing file keeps its mode, a new one gets what the umask allows. A device or a pipe is
    written into, never replaced.

    Parameters
    ----------
    sources
        Files that are read: nothing is written over them, by whatever path, link or case of the name.

    Raises
    ------
    Problem
        Where the place is a source, a folder, or cannot be written to.
    """
    refuse_sources(path, sources)
    try:
        target = path.resolve()
        if target.is_dir():
            raise Problem(english("{file}: this is a folder; name a file in it.", file=str(path)))
        if target.exists() and not target.is_file():
            with target.open("wb") as device:
                device.write(content)
        else:
            _exchange(target, content)
    except OSError as error:
        raise Problem(
            english("{path}: cannot be written ({why}).", path=path, why=(error.strerror or "no access").lower())
        ) from None
    return path


def refuse_sources(path: Path, sources: Iterable[str | Path]) -> None:
    """Raises a Problem where writing to a path would write over one of the sources."""
    for source in sources:
        if source and _same(path, Path(source)):
            raise Problem(
                english(
                    "{file}: this file is read here and is never written over; choose another name.", file=str(path)
                )
            )


def _same(path: Path, source: Path) -> bool:
    """The same file: by path, by link, or by a name that differs in case alone (one file, on some disks)."""
    with contextlib.suppress(OSError):
        if path.samefile(source):
            return True
    with contextlib.suppress(OSError, RuntimeError):
        return str(path.resolve()).casefold() == str(source.resolve()).casefold()
    return False


def _exchange(target: Path, content: bytes) -> None:
    with beside(target) as part, part.open("wb") as file:
        file.write(content)
        file.flush()
        os.fsync(file.fileno())


@contextlib.contextmanager
def beside(target: Path, guarded_as: Iterable[Path] = (), most: int = 0o666) -> Iterator[Path]:
    """A temporary file beside a target: at the end of the block it takes the target's name and mode; it goes where that fails.

    Parameters
    ----------
    guarded_as
        What it holds something of: a new file is open to nobody who could not read these.
    most
        What a new file is open to at most.
    """
    _tidy(target)
    handle, name = tempfile.mkstemp(dir=target.parent, prefix=f".{target.name[:60]}.", suffix=".part")
    os.close(handle)
    part = Path(name)
    try:
        yield part
        part.chmod(mode_for(target, guarded_as, most))
        part.replace(target)
    except BaseException:
        with contextlib.suppress(OSError):
            part.unlink()
        raise


def _tidy(target: Path) -> None:
    """Temporary files that killed programs left beside this target go when they are old."""
    with contextlib.suppress(OSError):
        for left in target.parent.glob(f"{glob.escape(f'.{target.name[:60]}.')}*.part"):
            if time.time() - left.stat().st_mtime > OLD_PART:
                left.unlink()


def mode_for(target: Path, guarded_as: Iterable[Path] = (), most: int = 0o666) -> int:
    """The mode of the file that is there, or what the umask and the guarded leave of read and write for all."""
    try:
        return stat.S_IMODE(target.stat().st_mode)
    except OSError:
        mask = os.umask(0)
        os.umask(mask)
        mode = most & ~mask
        for path in guarded_as:
            with contextlib.suppress(OSError, ValueError):
                mode &= stat.S_IMODE(path.stat().st_mode)
        return mode | 0o600


def as_json(content: object, indent: int = 1) -> bytes:
    """Content as JSON text that ends its last line; what the core said goes out in English. UTF-8."""
    import msgspec

    return msgspec.json.format(msgspec.json.encode(content, enc_hook=plain), indent=indent) + b"\n"
