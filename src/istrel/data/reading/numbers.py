"""Numbers as people write them: the column decides between decimal point and comma; what stands beside them is taken off.

What is taken off is said. Limits (“<0.01”, “65+”) and numbers with the other decimal mark stay texts among the numbers: what they
count as is asked.
"""

from __future__ import annotations

from collections import Counter
from dataclasses import dataclass
from typing import Any, NamedTuple

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.reading.notes import Notes
from istrel.data.units import known_units

Mask = NDArray[np.bool_]
SPACES = "\u00a0\u202f\u2009"
GROUPS = (" ", "'", "’")  # thousands, besides the comma or the point
SAMPLE = 1_000
FEW_LISTS = 0.05  # a stray one among numbers is a slip
OVERRULES = 0.2  # of different numbers with the other mark, in a file whose mark is known
LIMIT = (
    r"^(?:[<>≤≥]|<=|>=|under |over |less than |more than |unter |über |moins de |plus de |menos de |más de ) ?"
    r"[0-9]+(?:[.,][0-9]+)?$"
    r"|^[0-9]+(?:[.,][0-9]+)? ?(?:\+|or more|or less|and over|and more|und mehr|oder mehr|et plus|ou plus|y más|o más)$"
)
TWO = r"^[+-]?[0-9]+(?:[.,][0-9]+)? ?(?:±|\+/-|\+-) ?[0-9]+(?:[.,][0-9]+)?$"
LIST = r"^[0-9]{1,3}(?:(?:[,;] ?[0-9]{1,2}){2,}|(?:\.[0-9]{1,2}){2,}(?:\.[0-9]+)?)$"  # answers side by side, versions, addresses
DECORATED = (
    r"^(?P<about>[~≈]|ca\.? |approx\.? )? ?(?P<open>\()? ?(?P<sign>[+-])? ?(?P<before>[€$£¥]|EUR|USD|GBP|CHF|JPY)?"
    r" ?(?P<sign2>[+-])?(?P<number>(?:[0-9]|[.,][0-9])[0-9.,'’ ]*?(?:[eE][+-]?[0-9]+)?)"
    r" ?(?P<unit>[%‰€$£¥°]|[°µμ]?\pL[\pL²³/0-9]{0,8}\.?)? ?(?P<close>\))? ?(?P<mark>[*†‡§]{1,4})?$"
)


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
    found = pc.match_substring_regex(sample, "[0-9]|^[+-]?[iI][nN][fF]$")
    return int(pc.sum(found).as_py() or 0) > share * len(sample)


def tidied(words: pa.Array) -> pa.Array:
    """Words without spaces at their ends, with one kind of space and of minus."""
    plain = pc.replace_substring_regex(words, f"[{SPACES}]", " ")
    return pc.replace_substring_regex(pc.utf8_trim_whitespace(plain), "[−–]([0-9])", r"-\1")


def as_numbers(words: pa.Array, marks: Marks) -> Read:
    """Words that are numbers and nothing else."""
    plain = tidied(words)
    limits = np.asarray(pc.match_substring_regex(plain, LIMIT))
    values, read, other, said = _decided(plain, marks)
    return Read(values, read, limits | other, "", said)


def beside_signs(words: pa.Array, marks: Marks) -> Read:
    """Words that are numbers with a unit, a currency, brackets for a minus, or a footnote's mark."""
    plain = tidied(words)
    limits = np.asarray(pc.match_substring_regex(plain, LIMIT))
    parts = pc.extract_regex(plain, DECORATED)
    units = _units(parts)
    if units is None:
        return Read(np.zeros(len(words)), np.zeros(len(words), bool), limits)
    unit, fits = units
    brackets = _there(parts, "open") & _there(parts, "close")
    fits &= _there(parts, "open") == _there(parts, "close")
    number = pc.fill_null(pc.struct_field(parts, "number"), "")
    values, read, other, said = _decided(pc.utf8_trim_whitespace(number), marks)
    negative = brackets | _is(parts, "sign", "-") | _is(parts, "sign2", "-")
    read &= fits
    told = list(said)
    if (read & brackets).any():
        told.append(("numbers in brackets were read as negative.", False))
    for part, what in (
        ("mark", "footnote marks beside its numbers were left out."),
        ("about", "signs for “about” before its numbers were left out."),
    ):
        if (read & _there(parts, part)).any():
            told.append((what, False))
    without = int((read & ~_there(parts, "unit") & ~_there(parts, "before")).sum())
    if unit and without and not brackets.any():
        lacking = "one of them names no unit" if without == 1 else f"{without:,} different ones name no unit"
        told.append((f"its numbers are read in {unit}; {lacking}.", True))
    return Read(np.where(negative, -values, values), read, limits | (other & fits), unit, tuple(told))


def two_in_a_cell(words: pa.Array) -> str:
    """A word of two numbers with ± between them, among words that mostly are such; empty where there is none."""
    found = pc.match_substring_regex(tidied(words.slice(0, SAMPLE)), TWO)
    places = np.flatnonzero(np.asarray(found))
    return str(words[int(places[0])].as_py()) if places.size * 2 > len(found) else ""


def _there(parts: pa.StructArray, name: str) -> Mask:
    return np.asarray(pc.not_equal(pc.fill_null(pc.struct_field(parts, name), ""), ""))


def _is(parts: pa.StructArray, name: str, text: str) -> Mask:
    return np.asarray(pc.equal(pc.fill_null(pc.struct_field(parts, name), ""), text))


def _units(parts: pa.StructArray) -> tuple[str, Mask] | None:
    """(the unit beside most numbers, which words have it or none); None where nothing known stands beside any."""
    known = known_units()
    texts = [pc.fill_null(pc.struct_field(parts, name), "").to_pylist() for name in ("before", "unit")]
    called = [
        known.get(a or b.rstrip("."), known.get((a or b.rstrip(".")).casefold(), "?"))
        for a, b in zip(*texts, strict=True)
    ]
    found = Counter(unit for unit in called if unit not in ("", "?"))
    unit = found.most_common(1)[0][0] if found else ""
    fits = np.array([one in (unit, "") for one in called], bool) & np.asarray(parts.is_valid())
    return (unit, fits) if fits.any() else None


def _decided(plain: pa.Array, marks: Marks) -> tuple[NDArray[np.float64], Mask, Mask, tuple[tuple[str, bool], ...]]:
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
        words = f"“{plain[at].as_py()}” was read as {values[at]:.12g}, unlike the rest of the file."
        return values, read, other, ((words, True),)
    differ = point & comma & (by_point != by_comma)
    if not differ.any() or marks.known or only_point or only_comma:
        return values, read, other, ()
    at = int(np.flatnonzero(differ)[0])
    shown = [f"{value[at]:.12g}" for value in ((by_point, by_comma) if decimal == "." else (by_comma, by_point))]
    return values, read, other, ((f"“{plain[at].as_py()}” was read as {shown[0]}; it may be {shown[1]}.", True),)


def _are_sure(plain: pa.Array, read: Mask) -> bool:
    """Whether any number has both marks, or more than one digit behind its mark: answers side by side (“1,2”) have neither."""
    sure = np.asarray(pc.match_substring_regex(plain, r"[.,][0-9]{3}[.,]|[.,][0-9]{2,}$|^0[.,]"))
    return bool((sure & read).any())


def _under(plain: pa.Array, decimal: str) -> tuple[NDArray[np.float64], Mask]:
    """(numbers, which words read as one) with this decimal mark."""
    point, group = (r"\.", ",") if decimal == "." else (",", r"\.")
    whole = "|".join(("[0-9]+", *(rf"[0-9]{{1,3}}({sign}[0-9]{{3}})+" for sign in (group, *GROUPS))))
    number = rf"[+-]?((({whole})({point}[0-9]*)?|{point}[0-9]+)([eE][+-]?[0-9]+)?|(?i:inf))"
    read = np.asarray(pc.match_substring_regex(plain, f"^{number}$"))
    bare = pc.replace_substring_regex(plain, f"[{group}{''.join(GROUPS)}]", "")
    bare = pc.replace_substring(bare, decimal, ".") if decimal != "." else bare
    bare = pc.if_else(pa.array(read), pc.replace_substring_regex(bare, r"^\+", ""), "0")
    values: Any = np.asarray(bare.cast(pa.float64()))
    return values, read
