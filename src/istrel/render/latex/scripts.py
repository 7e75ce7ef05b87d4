"""Letters that the font of a LaTeX document may not have: each stretch of a script in a font of its own, from right to left where
it reads so.

LuaLaTeX and XeLaTeX take the first font of a list that the machine has. pdfLaTeX sets Latin letters and single Greek ones alone: it
stops, says so and names the engines that can.
"""

from __future__ import annotations

from collections.abc import Iterator
from itertools import groupby
from typing import NamedTuple

from istrel.render.scripts import pieces


class Script(NamedTuple):
    """A script by its first and last letters, and fonts that have it, the best first; `spaced` where words have no blanks."""

    name: str
    ranges: tuple[tuple[int, int], ...]
    fonts: tuple[str, ...]
    rightward: bool = False
    spaced: bool = False


LATIN_TO = 0x17F  # the font of the document has these
SCRIPTS = (
    Script("Greek", ((0x370, 0x3FF), (0x1F00, 0x1FFF)), ("Noto Serif", "FreeSerif", "GFS Didot", "DejaVu Serif")),
    Script("Cyrillic", ((0x400, 0x52F),), ("Noto Serif", "FreeSerif", "DejaVu Serif")),
    Script(
        "Hebrew",
        ((0x590, 0x5FF), (0xFB1D, 0xFB4F)),
        ("Noto Serif Hebrew", "Noto Sans Hebrew", "FreeSerif", "DejaVu Sans"),
        rightward=True,
    ),
    Script(
        "Arabic",
        ((0x600, 0x8FF), (0xFB50, 0xFDFF), (0xFE70, 0xFEFC)),
        ("Noto Naskh Arabic", "Amiri", "FreeSerif", "DejaVu Sans"),
        rightward=True,
    ),
    Script(
        "Kana",
        ((0x3040, 0x30FF), (0x31F0, 0x31FF), (0xFF66, 0xFF9F)),
        ("Noto Serif CJK JP", "Noto Sans CJK JP", "IPAexMincho", "Droid Sans Fallback"),
        spaced=True,
    ),
    Script(
        "Hangul",
        ((0x1100, 0x11FF), (0x3130, 0x318F), (0xAC00, 0xD7AF)),
        ("Noto Serif CJK KR", "Noto Sans CJK KR", "Baekmuk Batang", "Droid Sans Fallback"),
    ),
    Script(
        "Han",
        ((0x2E80, 0x303F), (0x3400, 0x4DBF), (0x4E00, 0x9FFF), (0xF900, 0xFAFF), (0xFF00, 0xFF65), (0x20000, 0x3134F)),
        ("Noto Serif CJK SC", "Noto Sans CJK SC", "FandolSong", "Droid Sans Fallback"),
        spaced=True,
    ),
    Script("Thai", ((0xE00, 0xE7F),), ("Noto Serif Thai", "Noto Sans Thai", "FreeSerif")),
    Script("Devanagari", ((0x900, 0x97F),), ("Noto Serif Devanagari", "Noto Sans Devanagari", "FreeSerif", "FreeSans")),
)
OTHER = Script("Other", (), ("Noto Serif", "FreeSerif", "DejaVu Sans", "Noto Sans Symbols2"))
BY_NAME = {script.name: script for script in (*SCRIPTS, OTHER)}


def script_of(character: str) -> str:
    """The script of a letter; nothing for what the document's font has."""
    code = ord(character)
    if code <= LATIN_TO:
        return ""
    return next((one.name for one in SCRIPTS for low, high in one.ranges if low <= code <= high), OTHER.name)


def stretches(text: str, plain: frozenset[str]) -> Iterator[tuple[str, str]]:
    """(script, letters) one after the other; `plain` ones are of no script."""
    for part, rightward in pieces(text):
        if rightward:  # blanks and all, so that its words stand in their order
            yield script_of(part[0]), part
            continue
        for name, letters in groupby(part, lambda character: "" if character in plain else script_of(character)):
            yield name, "".join(letters)


def set_in(name: str, letters: str) -> str:
    """A stretch of a script as the document sets it; where words have no blanks, lines may end between any two letters."""
    inner = "\\istrelbreak ".join(letters) if BY_NAME[name].spaced else letters
    return f"\\istrelscript{{{name}}}{{{inner}}}"


def preamble(body: str) -> str:
    """What a document needs for the scripts that its body uses."""
    used = [script for script in BY_NAME.values() if f"\\istrelscript{{{script.name}}}" in body]
    if not used:
        return ""
    names = " and ".join("other" if script is OTHER else script.name for script in used)
    lines = [
        "\\newcommand{\\istrelbreak}{\\hspace{0pt plus .2pt}}",
        "\\ifPDFTeX",
        f"  \\PackageError{{istrel}}{{This document holds {names} letters, which pdfLaTeX does not set}}"
        "{Compile it with LuaLaTeX or XeLaTeX.}",
        "  \\newcommand{\\istrelscript}[2]{[#1]}",
        "\\else",
        "  \\ifXeTeX\\TeXXeTstate=1 \\fi",
        "  \\newcommand{\\istrelright}[1]{\\ifXeTeX\\beginR #1\\endR\\else{\\textdir TRT #1}\\fi}",
        "  \\newcommand{\\istrelscript}[2]{\\csname istrel#1\\endcsname{#2}}",
    ]
    for script in used:
        lines.append(_fonts(script))
        inner = "\\istrelright{#1}" if script.rightward else "#1"
        lines.append(f"  \\newcommand{{\\istrel{script.name}}}[1]{{{{\\istrelfont{script.name} {inner}}}}}")
    return "\n".join([*lines, "\\fi"]) + "\n"


def _fonts(script: Script) -> str:
    """The first font that the machine has."""
    name = "other" if script is OTHER else script.name
    options = f"[Script={script.name}]" if script.rightward else ""
    made = f"\\PackageError{{istrel}}{{No font with {name} letters was found}}{{Install {script.fonts[0]}.}}"
    for font in reversed(script.fonts):
        made = f"\\IfFontExistsTF{{{font}}}{{\\newfontfamily\\istrelfont{script.name}{{{font}}}{options}}}{{{made}}}"
    return f"  {made}"
