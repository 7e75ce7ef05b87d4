"""What is made anew from the same letters every time: the folder of the user's own where it is kept for the next start."""

from __future__ import annotations

import contextlib
import sys
from hashlib import sha256
from pathlib import Path

import platformdirs


def kept_at(name: str, *made_of: str | bytes) -> Path:
    """The file for what was made of these letters and versions: other letters, another file.

    Raises
    ------
    OSError
        Where there is no folder that can be written to.
    """
    mark = sha256(sys.version.encode())
    for part in made_of:
        mark.update(part.encode() if isinstance(part, str) else part)
    folder = Path(platformdirs.user_cache_dir("istrel"))
    folder.mkdir(parents=True, exist_ok=True)
    return folder / f"{name}-{mark.hexdigest()[:16]}"


def let_go_of_earlier(place: Path) -> None:
    """Removes what was kept under this name of other letters: of an earlier version."""
    for other in place.parent.glob(f"{place.name.rpartition('-')[0]}-*"):
        if other != place:
            with contextlib.suppress(OSError):
                other.unlink()
