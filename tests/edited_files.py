"""Documents as somebody edited them."""

from __future__ import annotations

import zipfile
from pathlib import Path


def edit_letters(path: Path, part: str, old: str, new: str) -> None:
    """Other letters in a part of a document."""
    with zipfile.ZipFile(path) as archive:
        parts = {name: archive.read(name) for name in archive.namelist()}
    assert old.encode() in parts[part]
    parts[part] = parts[part].replace(old.encode(), new.encode(), 1)
    with zipfile.ZipFile(path, "w") as archive:
        for name, content in parts.items():
            archive.writestr(name, content)
