"""Where studies are that nobody has named, and which were open lately: kept in the user's state folder."""

from __future__ import annotations

import contextlib
import json
import os
from pathlib import Path

from istrel.english import english
from istrel.problem import Problem

ENDING = ".istrel"
MOST_RECENT = 12


def is_study(path: Path) -> bool:
    """Whether a name is that of a study."""
    return path.suffix.lower() == ENDING


def state_folder() -> Path:
    """Istrel's own folder for what it remembers between runs (XDG base directories)."""
    named = os.environ.get("XDG_STATE_HOME", "")
    return (Path(named) if named.startswith("/") else Path.home() / ".local" / "state") / "istrel"


def private_folder(*parts: str) -> Path:
    """A folder in Istrel's own, which nobody else may read: it holds data, and the names of studies.

    Raises
    ------
    OSError
        Where it cannot be made.
    """
    folder = state_folder()
    for path in (folder, *(folder.joinpath(*parts[: k + 1]) for k in range(len(parts)))):
        path.mkdir(mode=0o700, parents=True, exist_ok=True)
        if path.stat().st_mode & 0o077:
            path.chmod(0o700)
    return path


def unnamed_path(source: str) -> Path:
    """A new name for a study that begins with a source; its folder is there afterwards.

    Raises
    ------
    Problem
        Where the folder cannot be made.
    """
    from datetime import datetime

    try:
        folder = private_folder("unnamed")
    except OSError as error:
        raise Problem(
            english(
                "{place}: cannot be made ({why}).", place=state_folder(), why=(error.strerror or "no access").lower()
            )
        ) from None
    stem = "".join(letter for letter in Path(source).stem if letter.isalnum() or letter in "-_ ")[:60] or "study"
    return folder / f"{stem} {datetime.now():%Y-%m-%d %H.%M.%S.%f}{ENDING}"


def is_unnamed(path: Path) -> bool:
    return path.parent == state_folder() / "unnamed"


def called(path: Path) -> str:
    """What a study is called on screen: its file's name, or what an unnamed one began with and when."""
    if not is_unnamed(path):
        return path.stem
    name, day, time = [*path.stem.rsplit(" ", 2), "", ""][:3]
    return f"{name}, not named yet ({day}, {time[:5].replace('.', ':')})"


def recent() -> tuple[Path, ...]:
    """Studies that were open, the latest first, as far as they are still there."""
    try:
        names = json.loads((state_folder() / "recent.json").read_bytes())
    except (OSError, ValueError, RecursionError):
        return ()
    paths = (Path(name) for name in names if isinstance(name, str)) if isinstance(names, list) else ()
    with contextlib.suppress(OSError, ValueError):
        return tuple(path for path in paths if path.is_file())[:MOST_RECENT]
    return ()


def others(shown: tuple[Path, ...]) -> tuple[Path, ...]:
    """All studies that Istrel knows of but those shown: open lately, then those that nobody named, the latest first."""
    folder, waiting = state_folder() / "unnamed", list[Path]()
    with contextlib.suppress(OSError):
        named = (path for path in folder.glob(f"*{ENDING}") if not path.name.startswith("."))
        waiting = sorted(named, key=lambda path: path.stat().st_mtime, reverse=True)
    return tuple(path for path in dict.fromkeys((*recent(), *waiting)) if path not in shown)


def remember(path: Path) -> None:
    """A study that is open now; where it cannot be noted, nothing is lost but the note."""
    from istrel.files import write_whole  # the start page waits for this module

    others = [str(other) for other in recent() if other != path]
    with contextlib.suppress(OSError, Problem):
        write_whole(private_folder() / "recent.json", json.dumps([str(path), *others][:MOST_RECENT]).encode())
