"""Which encoding makes words of bytes that are not UTF-8: candidates are decoded, and the text most like a language is taken.

Between 8-bit encodings the alphabets of languages decide, capitals within words, and signs that no word holds; between those of two
bytes the ranges in which frequent characters lie.
"""

from __future__ import annotations

import re
from dataclasses import dataclass
from itertools import pairwise

WESTERN = ("cp1252", "iso8859_15", "mac_roman", "cp850")
SINGLE = (*WESTERN, "cp1250", "cp1254", "cp1257", "cp1251", "koi8_r", "cp866", "cp1253", "iso8859_2")
LOWER = (
    "äöüß",
    "àâæçéèêëîïôœùûüÿ",
    "áéíñóúü",
    "àèéìòù",
    "ãõáâàçéêíóôú",
    "åäöæø",
    "áðéíóúýþæö",
    "éëïóöü",
    "ąćęłńóśźż",
    "áčďéěíňóřšťúůýžľĺŕôä",
    "áéíóöőúüű",
    "ăâîșțşţ",
    "čćđšž",
    "çğıöşüâîû",
    "āčēģīķļņšūž",
    "ąčęėįšųūž",
    "абвгдежзийклмнопрстуфхцчшщъыьэюяёіїєґў",
    "αβγδεζηθικλμνξοπρσςτυφχψωάέήίόύώϊϋΐΰ",
)
ALPHABETS = (*(frozenset(letters + letters.upper()) for letters in LOWER), frozenset("çğıöşüâîûÇĞİÖŞÜIı"))
SIGNS = frozenset("€£§°¹²³µ·†‡‰–—‘’“”„«»…•©®™±×÷¿¡ªº½¼¾")
WORD = re.compile(r"[^\W\d_]+")
BODY = 64 * 1024
NEAR = 0.05


@dataclass(frozen=True)
class Encoding:
    """The encoding taken, and another that reads nearly as well; empty where none does."""

    name: str
    other: str = ""


def encoding_of(sample: bytes) -> Encoding:
    """The encoding under which bytes read most like words; cp1252 where nothing tells."""
    odd = _lines_with_odd_bytes(sample)
    if wide := _of_two_bytes(odd):
        return Encoding(wide)
    scores: dict[str, float] = {}
    texts: dict[str, str] = {}
    for name in SINGLE:
        try:
            texts[name] = odd.decode(name)
        except UnicodeDecodeError:
            continue
        scores[name] = _likeness(texts[name])
    if not scores:
        return Encoding(_asked(sample))
    best = max(scores, key=lambda name: scores[name])  # the first of equals, and these come in the order of their use
    rival = max((n for n in scores if texts[n] != texts[best]), key=lambda name: scores[name], default="")
    return Encoding(best, rival if rival and scores[best] - scores[rival] < NEAR else "")


def _asked(sample: bytes) -> str:
    """What a library for all encodings finds; cp1252 where it finds none."""
    from charset_normalizer import from_bytes

    best = from_bytes(sample[:BODY]).best()
    return best.encoding if best is not None else "cp1252"


def _lines_with_odd_bytes(sample: bytes) -> bytes:
    """The whole lines that hold a byte beyond ASCII: the others say nothing, and one that was cut may end within a letter."""
    whole = sample.splitlines(keepends=True)
    if len(whole) > 1 and not whole[-1].endswith((b"\n", b"\r")):
        whole.pop()
    lines = (line for line in whole if not line.isascii())
    found = b""
    for line in lines:
        found += line
        if len(found) > BODY:
            break
    return found


def _of_two_bytes(odd: bytes) -> str:
    """An encoding of Chinese, Japanese or Korean under which nearly all odd bytes are frequent characters; empty for none."""
    for name, fits in TWO_BYTES:
        try:
            text = odd.decode(name)
        except UnicodeDecodeError:
            continue
        wide = [letter for letter in text if ord(letter) > 127]
        if len(wide) >= 4 and fits(wide):
            return name
    return ""


def _share(letters: list[str], low: int, high: int) -> float:
    return sum(low <= ord(letter) <= high for letter in letters) / len(letters)


def _is_japanese(letters: list[str]) -> bool:
    return _share(letters, 0x3040, 0x30FF) > 0.1 and _share(letters, 0x3000, 0x9FFF) > 0.9


def _is_korean(letters: list[str]) -> bool:
    return _share(letters, 0xAC00, 0xD7A3) > 0.9


def _is_simplified(letters: list[str]) -> bool:
    """Characters of the first level of GB 2312, in which four of five are."""
    frequent = [b"\xb0" <= letter.encode("gb18030")[:1] <= b"\xd7" for letter in letters if ord(letter) > 0x2E7F]
    whole = [len(letter.encode("gb18030")) == 2 and letter.encode("gb18030")[1] > 0xA0 for letter in letters]
    return len(frequent) > 0.7 * len(letters) and sum(frequent) > 0.8 * len(frequent) and all(whole)


def _is_traditional(letters: list[str]) -> bool:
    """Characters of the first level of Big5."""
    frequent = [b"\xa4" <= letter.encode("big5")[:1] <= b"\xc6" for letter in letters if ord(letter) > 0x2E7F]
    return len(frequent) > 0.8 * len(letters) and sum(frequent) > 0.9 * len(frequent)


TWO_BYTES = (
    ("cp932", _is_japanese),
    ("euc_jp", _is_japanese),
    ("euc_kr", _is_korean),
    ("gb18030", _is_simplified),
    ("big5", _is_traditional),
)


def _likeness(text: str) -> float:
    """How much a text looks like words of one language: 1 at best, over its letters and signs beyond ASCII."""
    odd = [letter for letter in text if ord(letter) > 127]
    if not odd:
        return 0.0
    letters = [letter for letter in odd if letter.isalpha()]
    cover = max(sum(letter in alphabet for letter in letters) for alphabet in ALPHABETS)
    signs = sum(1.0 if letter in SIGNS else -1.0 for letter in odd if not letter.isalpha())
    within = sum(_breaks(word) for word in WORD.findall(text) if not word.isascii())
    glued = len(re.findall(r"(?<=[^\W\d_])[^\w\s\x00-\x7f](?=[^\W\d_])", text))  # a sign in the middle of a word
    controls = sum(0x80 <= ord(letter) < 0xA0 for letter in odd)
    return (cover + signs - within - 2 * glued - 3 * controls) / len(odd)


def _breaks(word: str) -> int:
    """Capitals beyond ASCII behind small letters, and letters of two scripts side by side."""
    other = sum("\u0370" <= letter <= "\u04ff" for letter in word)
    mixed = min(other, sum(letter.isascii() for letter in word))
    return 2 * mixed + sum(ord(b) > 127 and b.isupper() and a.islower() for a, b in pairwise(word))
