"""The mark by which a source is known again."""

from __future__ import annotations

import hashlib
from pathlib import Path


def fingerprint(path: Path) -> str:
    """The file's SHA-256, in hexadecimal."""
    with path.open("rb") as file:
        return hashlib.file_digest(file, "sha256").hexdigest()
