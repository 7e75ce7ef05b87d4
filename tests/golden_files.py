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
from pathlib import Path

GOLDEN = Path(__file__).parent / "golden"
NUMBER = re.compile(r"-?\d+\.\d+(?:e[-+]?\d+)?")
DIGITS, AWAY = 6, 0.3717  # a number is compared to so many digits, and rounded where no round number lies on the edge


def steady(text: str) -> str:
    """The text with its fractions rounded, so that the last digit of another processor does not matter."""

    def rounded(found: re.Match[str]) -> str:
        value = float(found.group())
        places = DIGITS - len(f"{abs(value):.0f}")
        return str(round(value * 10**places + AWAY)) if abs(value) > 10**-DIGITS else "0"

    return NUMBER.sub(rounded, text)


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
