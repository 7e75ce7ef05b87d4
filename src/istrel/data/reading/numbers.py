"""Numbers as people write them: the column decides between decimal point and comma.

Limits (“<0.01”, “65+”) and numbers with the other decimal mark stay texts among the numbers: what they count as is asked. What
stands beside numbers is in `beside`.
"""

from __future__ import annotations

import re
import unicodedata
from dataclasses import dataclass
from typing import Any, NamedTuple

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.reading.notes import Notes
from istrel.english import English, english, numeral

Mask = NDArray[np.bool_]
SPACES = "\u00a0\u202f\u2009"
GROUPS = (" ", "'", "’")  # thousands, besides the comma or the point
SAMPLE = 1_000
LAKHS = ("[0-9]{1,2}(,[0-9]{2})+,[0-9]{3}",)  # thousands in threes, then in twos: 12,34,567
FEW_LISTS = 0.05  # a stray one among numbers is a slip
OVERRULES = 0.2  # of different numbers with the other mark, in a file whose mark is known
LIMIT = (
    r"^(?:[<>≤≥]|<=|>=|under |over |less than |more than |unter |über |moins de |plus de |menos de |más de ) ?"
    r"[0-9]+(?:[.,][0-9]+)?$"
    r"|^[0-9]+(?:[.,][0-9]+)? ?(?:\+|or more|or less|and over|and more|und mehr|oder mehr|et plus|ou plus|y más|o más)$"
)
BETWEEN = r"±|\+/-|\+-|°|º|['’′]|h|hrs?|hours?|m|min|ft|lb|st|y|yrs?|years?|Jahre?|Std\.?|ans?|años?"
PLACE = "[+-]?[0-9]{{1,3}}{mark}[0-9]+ ?°?"  # a latitude or longitude, as of a place
TWO = (  # with what stands between two, in feet and inches, degrees, hours and minutes; blood pressure, points of points
    rf"^[+-]?[0-9]+(?:[.,][0-9]+)? ?(?:{BETWEEN}),? ?[0-9]+(?:[.,][0-9]+)?[^0-9]{{0,12}}(?:[0-9]+(?:[.,][0-9]+)?[^0-9]{{0,4}})?$"
    r"|^[0-9]{1,3} ?(?:/|:|to|of|out of|von|sur|de) ?[0-9]{1,3}$"
    r"|^[+-]?[0-9]+(?:[.,][0-9]+)? ?[(\[] ?[+-]?[0-9]+(?:[.,][0-9]+)? ?"
    r"(?:%|(?:[,;–-]|to|bis) ?[+-]?[0-9]+(?:[.,][0-9]+)?)?[)\]]$"
    rf"|^(?:POINT ?)?[(\[]?{PLACE.format(mark='[.]')}(?:[,;] ?| ){PLACE.format(mark='[.]')}[)\]]?$"
    rf"|^[(\[]?{PLACE.format(mark=',')}(?:; ?| ){PLACE.format(mark=',')}[)\]]?$"
)
IN_PARTS = (
    r"[¼½¾⅐-⅞]|^[+-]?[0-9]+ [0-9]{1,2}/[0-9]{1,2}$|^[0-9]+ ?[€$£] ?[0-9]{2}$"  # of two parts that make one number
)
POWER = r"^([+-]?[0-9]+(?:[.,][0-9]+)?) ?[×xX·*] ?10\^?\(?([+-]?[0-9]{1,3})\)?$"
OTHER_DIGITS = r"[٠-٩۰-۹०-९০-৯๐-๙０-９⁰¹²³⁴-⁹]"
OF_POWER = re.compile(r"([×xX·*] ?10\^?)([⁺⁻]?[⁰¹²³⁴-⁹]+)")
RAISED = str.maketrans("⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻", "0123456789+-")
LIST = r"^[0-9]{1,3}(?:(?:[,;] ?[0-9]{1,2}){2,}|(?:\.[0-9]{1,2}){2,}(?:\.[0-9]+)?)$"  # answers side by side, versions, addresses


class Marks(NamedTuple):
    """The decimal mark of a file; `known` where the file or the person says so; `given` where the person does."""

    decimal: str = "."
    known: bool = True
    given: bool = False


@dataclass(frozen=True, eq=False)
class Read:
    """Distinct words read as numbers: float64, whether each could be, whether it is nearly one; all of shape (words,).

    Nearly: it names a limit, or has the other decimal mark than most.
    """

    values: NDArray[np.float64]
    read: Mask
    nearly: Mask
    unit: str = ""
    said: tuple[tuple[str, bool], ...] = ()

    def tell(self, name: str, notes: Notes) -> None:
        """Say of a column what a person should know of its numbers."""
        for words, unsure in self.said:
            notes.say(name, words, unsure=unsure)


def with_digits(words: pa.Array, share: float = 0.0) -> bool:
    """Whether more than a share of the first words hold a digit, or say that a number is infinite."""
    sample = words.slice(0, SAMPLE)
    found = pc.match_substring_regex(sample, r"\p{Nd}|^[+-]?[iI][nN][fF]$")
    return int(pc.sum(found).as_py() or 0) > share * len(sample)


def tidied(words: pa.Array) -> pa.Array:
    """Words without spaces at their ends, with one kind of space and of minus."""
    plain = pc.replace_substring_regex(words, f"[{SPACES}]", " ")
    if pc.any(pc.match_substring_regex(plain, OTHER_DIGITS)).as_py():
        plain = pa.array([None if word is None else _in_our_digits(word) for word in plain.to_pylist()], pa.string())
    plain = pc.replace_substring_regex(pc.utf8_trim_whitespace(plain), "^[−–－-] ?([0-9])|[−–－]([0-9])", r"-\1\2")
    plain = pc.replace_substring_regex(plain, r"^([0-9][0-9.' ]*)[,.][-–—]+$", r"\1")  # “50,-” of a price
    plain = _with_minus_in_front(plain)
    if pc.any(pc.match_substring_regex(plain, IN_PARTS)).as_py():
        plain = pa.array([None if word is None else _in_one(word) for word in plain.to_pylist()], pa.string())
    return pc.replace_substring_regex(plain, POWER, r"\1e\2")


def _with_minus_in_front(plain: pa.Array) -> pa.Array:
    """Words whose minus stands behind; that of one digit only beside others, for “2-” may be a mark of a school."""
    moved = pc.replace_substring_regex(plain, r"^([0-9][0-9.,' ]*[0-9])-$", r"-\1")
    if moved.equals(plain) or pc.any(pc.match_substring_regex(plain, r"[0-9]\+$")).as_py():
        return moved
    return pc.replace_substring_regex(moved, r"^([0-9])-$", r"-\1")


def _in_one(word: str) -> str:
    """“2½”, “2 3/4” and “5€50” as one number, in a way that needs no decimal mark; any other word as it is."""
    found = re.fullmatch(
        r"([+-]?[0-9]*) ?([¼½¾⅐-⅞])([^0-9].*|)|([+-]?[0-9]+) ([0-9]{1,2})/([0-9]{1,2})|([0-9]+) ?([€$£]) ?([0-9]{2})",
        word,
    )
    if found is None:
        return word
    whole, sign, rest, of_two, above, below, units, coin, hundredths = found.groups()
    if coin:
        return f"{units}{hundredths}e-2 {coin}"
    part = unicodedata.numeric(sign) if sign else int(above) / max(1, int(below))
    if not 0 < part < 1:
        return word
    number = whole if sign else of_two
    value = int(number.strip("+-") or 0) + part
    return f"{'-' if number.startswith('-') else ''}{round(value * 10**12)}e-12{rest or ''}"


def _in_our_digits(word: str) -> str:
    """A word with digits of other scripts, or wide ones, as ours; raised ones in a power of ten: elsewhere they are marks."""
    plain = "".join(str(unicodedata.decimal(c)) if c.isdecimal() and not c.isascii() else c for c in word)
    return OF_POWER.sub(lambda found: found[1] + found[2].translate(RAISED), plain)


def as_numbers(words: pa.Array, marks: Marks) -> Read:
    """Words that are numbers and nothing else."""
    plain = tidied(words)
    limits = limits_in(plain)
    values, read, other, said = decided(plain, marks)
    return Read(values, read, limits | other, "", said)


def limits_in(plain: pa.Array) -> Mask:
    """Which words name a limit; “2+” beside “2-” is a mark of a school and names none."""
    marks = pc.any(pc.match_substring_regex(plain, "^[0-9][-–−]$")).as_py()
    found = np.asarray(pc.match_substring_regex(plain, LIMIT))
    return found & ~np.asarray(pc.match_substring_regex(plain, r"^[0-9]\+$")) if marks else found


def two_in_a_cell(words: pa.Array) -> str:
    """A word of two numbers with ± between them, among words that mostly are such; empty where there is none."""
    if not with_digits(words, 0.5):
        return ""
    found = pc.match_substring_regex(tidied(words.slice(0, SAMPLE)), TWO)
    places = np.flatnonzero(np.asarray(found))
    return str(words[int(places[0])].as_py()) if places.size * 2 > len(found) else ""


def decided(plain: pa.Array, marks: Marks) -> tuple[NDArray[np.float64], Mask, Mask, tuple[tuple[str, bool], ...]]:
    """(values, read, numbers with the other mark, what to say) under the decimal mark that the column shows, else the file's."""
    none = np.zeros(len(plain), bool)
    if int(pc.sum(pc.match_substring_regex(plain, LIST)).as_py() or 0) > FEW_LISTS * len(plain):
        return np.zeros(len(plain)), none, none, ()
    if marks.given:
        return (*_under(plain, marks.decimal), none, ())
    (by_point, point), (by_comma, comma) = _under(plain, "."), _under(plain, ",")
    only_point, only_comma = int((point & ~comma).sum()), int((comma & ~point).sum())
    here = "." if only_point > only_comma else ","
    shown_here = max(only_point, only_comma) >= (OVERRULES * int((point | comma).sum()) if marks.known else 1)
    decimal = here if only_point != only_comma and shown_here else marks.decimal
    values, read, other = (by_point, point, comma & ~point) if decimal == "." else (by_comma, comma, point & ~comma)
    if marks.known and decimal != marks.decimal and not _are_sure(plain, read):
        at = int(np.flatnonzero(read & ~(comma if decimal == "." else point))[0])
        unlike = english(
            "“{word}” was read as {number}, unlike the rest of the file.",
            word=plain[at].as_py(),
            number=numeral(values[at]),
        )
        return values, read, other, ((unlike, True),)
    differ = point & comma & (by_point != by_comma)
    if not differ.any() or marks.known or only_point or only_comma:
        return values, read, other, ()
    at = int(np.flatnonzero(differ)[0])
    shown = [numeral(value[at]) for value in ((by_point, by_comma) if decimal == "." else (by_comma, by_point))]
    return values, read, other, ((may_be(plain[at].as_py(), *shown), True),)


def may_be(word: str, read: str, other: str) -> English:
    """That a number can be read in two ways."""
    return english("“{word}” was read as {number}; it may be {other}.", word=word, number=read, other=other)


def _are_sure(plain: pa.Array, read: Mask) -> bool:
    """Whether any number has both marks, or more than one digit behind its mark: answers side by side (“1,2”) have neither."""
    sure = np.asarray(pc.match_substring_regex(plain, r"[.,][0-9]{3}[.,]|[.,][0-9]{2,}$|^0[.,]"))
    return bool((sure & read).any())


def _under(plain: pa.Array, decimal: str) -> tuple[NDArray[np.float64], Mask]:
    """(numbers, which words read as one) with this decimal mark."""
    point, group = (r"\.", ",") if decimal == "." else (",", r"\.")
    ways = (*(rf"[1-9][0-9]{{0,2}}({sign}[0-9]{{3}})+" for sign in (group, *GROUPS)), *(LAKHS if group == "," else ()))
    whole = "|".join(("[0-9]+", *ways))
    number = rf"[+-]?((({whole})({point}[0-9]*)?|{point}[0-9]+)([eE][+-]?[0-9]+)?|(?i:inf))"
    reads = pc.match_substring_regex(plain, f"^{number}$")
    bare = pc.replace_substring_regex(plain, f"[{group}{''.join(GROUPS)}]", "")
    bare = pc.replace_substring(bare, decimal, ".") if decimal != "." else bare
    bare = pc.if_else(reads, pc.replace_substring_regex(bare, r"^\+", ""), "0")
    values: Any = np.asarray(bare.cast(pa.float64()))
    return values, np.asarray(reads)
