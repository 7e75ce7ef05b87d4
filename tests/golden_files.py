"""What was printed before, to compare with: files that are read by people, and digests of what nobody reads.

ISTREL_GOLDEN=write writes them anew on purpose.
"""

from __future__ import annotations

import hashlib
import io
import json
import os
import re
import zipfile
from dataclasses import fields, is_dataclass
from pathlib import Path

import numpy as np
from numpy.typing import NDArray

GOLDEN = Path(__file__).parent / "golden"
MANY = 40
FONTS = (".ttf", ".otf")  # lie in another folder elsewhere
NUMBER = re.compile(r"-?\d+\.\d+(?:e[-+]?\d+)?")
DIGITS, AWAY = 6, 0.3717  # a number is compared to so many digits, and rounded where no round number lies on the edge


def steady(text: str) -> str:
    """The text with its fractions rounded, so that the last digit of another processor does not matter."""

    def rounded(found: re.Match[str]) -> str:
        return _six(float(found.group()))

    return NUMBER.sub(rounded, text)


def _six(value: float) -> str:
    places = DIGITS - len(f"{abs(value):.0f}")
    if not np.isfinite(value):
        return repr(value)
    return str(round(value * 10**places + AWAY)) if abs(value) > 10**-DIGITS else "0"


def fingerprint(part: object) -> str:
    """The digest of a tree of our own classes with its arrays, every number to six digits."""
    return hashlib.sha256(written(part).encode()).hexdigest()[:12]


def written(part: object) -> str:
    """A tree of our own classes as letters."""
    if isinstance(part, np.ndarray):
        numbers = part.astype(float).ravel() if part.dtype.kind in "fiub" else None
        return written(part.tolist()) if numbers is None else f"{part.shape}{_six_digits(numbers)}"
    if isinstance(part, float):
        return _six(part)
    if isinstance(part, dict):
        return written(tuple(part.items()))
    if isinstance(part, list | tuple):
        if len(part) > MANY and set(map(type, part)) == {float}:
            return _six_digits(np.array(part))
        return f"({','.join(map(written, part))})"
    if is_dataclass(part):
        return f"{type(part).__name__}{written([getattr(part, field.name) for field in fields(part)])}"
    return Path(part).name if isinstance(part, str) and part.endswith(FONTS) else repr(part)


def _six_digits(numbers: NDArray[np.float64]) -> str:
    """As `_six` does, of many at once."""
    with np.errstate(divide="ignore", invalid="ignore", over="ignore"):
        places = DIGITS - np.maximum(np.floor(np.log10(np.maximum(np.abs(numbers), 1.0))) + 1, 1)
        rounded = np.floor(numbers * 10.0**places + AWAY + 0.5)
    return (np.where(np.isfinite(rounded), rounded, numbers) + 0.0).tobytes().hex()


def digest(text: str) -> str:
    return hashlib.sha256(steady(text).encode()).hexdigest()[:12]


def digests(content: bytes) -> dict[str, str]:
    """{part: its digest} of the texts in a packed document; pictures are left out."""
    with zipfile.ZipFile(io.BytesIO(content)) as archive:
        names = sorted(name for name in archive.namelist() if name.endswith((".xml", ".rels")))
        return {name: digest(archive.read(name).decode()) for name in names}


def same(name: str, text: str) -> None:
    """Asserts that a text is what the golden file holds."""
    path = GOLDEN / name
    if os.environ.get("ISTREL_GOLDEN") == "write":
        path.write_bytes(text.encode())
    assert text == path.read_bytes().decode()


def same_values(name: str, values: dict[str, dict[str, str]]) -> None:
    """Asserts that digests are those that the golden file holds."""
    path = GOLDEN / name
    if os.environ.get("ISTREL_GOLDEN") == "write":
        path.write_text(json.dumps(values, indent=0, ensure_ascii=False) + "\n", encoding="utf-8")
    assert values == json.loads(path.read_text(encoding="utf-8"))
