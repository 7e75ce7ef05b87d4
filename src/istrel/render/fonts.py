"""Fonts: text shaped and measured by HarfBuzz from the font files themselves, never from a device.

Scripts that the shipped fonts lack come from the machine's fonts, found through fontconfig; what no font has is told.
"""

from __future__ import annotations

import shutil
import subprocess
from dataclasses import dataclass
from functools import cache, lru_cache
from typing import Any, NamedTuple

from istrel.style.fonts_folder import FONTS

MM_PER_PT = 25.4 / 72
REMEMBERED = 20_000  # texts whose widths are kept
FAMILIES = {"Istrel Serif": "IstrelSerif", "Istrel Sans": "IstrelSans"}


class Face(NamedTuple):
    """A font file, and which of its faces."""

    path: str
    number: int = 0


@dataclass(frozen=True)
class Stretch:
    """A part of a text in one font, with its width in millimetres."""

    text: str
    face: Face
    width: float


@cache
def shipped(family: str, *, italic: bool = False, bold: bool = False) -> Face:
    """The file of a shipped family; the serif stands in for one that does not ship."""
    stem = FAMILIES.get(family, "IstrelSerif")
    slant = {(False, False): "Regular", (True, False): "Italic", (False, True): "Bold", (True, True): "BoldItalic"}
    path = FONTS / f"{stem}-{slant[italic, bold]}.ttf"
    return Face(str(path if path.is_file() else FONTS / f"{stem}-Regular.ttf"))


@cache
def _font(face: Face) -> Any:
    import uharfbuzz

    blob = uharfbuzz.Blob.from_file_path(face.path)
    return uharfbuzz.Font(uharfbuzz.Face(blob, face.number))


@cache
def _covered(face: Face) -> frozenset[int]:
    return frozenset(_font(face).face.unicodes)


@cache
def _units(face: Face) -> int:
    return int(_font(face).face.upem)


@cache
def ascent(face: Face) -> float:
    """The height of letters above the baseline, as a share of the size."""
    return float(_font(face).get_font_extents("ltr").ascender) / _units(face)


@lru_cache(REMEMBERED)
def _advance(text: str, face: Face) -> float:
    """The width of a text in units of the size."""
    import uharfbuzz

    buffer = uharfbuzz.Buffer()
    buffer.add_str(text)
    buffer.guess_segment_properties()
    uharfbuzz.shape(_font(face), buffer)
    return float(sum(place.x_advance for place in buffer.glyph_positions)) / _units(face)


@lru_cache(REMEMBERED)
def stretches(text: str, size_pt: float, family: str, *, italic: bool = False) -> tuple[Stretch, ...]:
    """A text cut where its font changes, each part with its width in mm."""
    home = shipped(family, italic=italic)
    parts: list[tuple[str, Face]] = []
    for character in text:
        known = ord(character) in _covered(home) or character.isspace()
        face = home if known else _fallback(ord(character)) or home
        if parts and parts[-1][1] == face:
            parts[-1] = parts[-1][0] + character, face
        else:
            parts.append((character, face))
    return tuple(Stretch(part, face, _advance(part, face) * size_pt * MM_PER_PT) for part, face in parts)


def width_mm(text: str, size_pt: float, family: str, *, italic: bool = False) -> float:
    """The width of a text in mm."""
    return sum(part.width for part in stretches(text, size_pt, family, italic=italic))


def lacking(text: str, family: str) -> str:
    """The characters of a text for which no font has a shape, each once."""
    home = _covered(shipped(family))
    gone = (c for c in text if ord(c) not in home and not c.isspace() and _fallback(ord(c)) is None)
    return "".join(dict.fromkeys(gone))


@cache
def _fallback(code: int) -> Face | None:
    """A font of the machine that has a character; None where none has."""
    if shutil.which("fc-match") is None:
        return None
    try:
        wanted = [f":charset={code:x}:scalable=true", "--format=%{file}\n%{index}"]
        found = subprocess.run(["fc-match", *wanted], capture_output=True, text=True, timeout=5, check=False).stdout
    except (OSError, subprocess.SubprocessError):
        return None
    path, _, index = found.partition("\n")
    if not path.lower().endswith((".ttf", ".otf", ".ttc")):
        return None
    face = Face(path, int(index) & 0xFFFF if index.strip().isdigit() else 0)
    return face if code in _covered(face) else None
