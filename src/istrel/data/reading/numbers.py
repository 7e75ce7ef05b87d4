"""Numbers as people write them: the column decides between decimal point and comma; what stands beside them is taken off.

What is taken off is said. Limits (“<0.01”, “65+”) and numbers with the other decimal mark stay texts among the numbers: what they
count as is asked.
"""

from __future__ import annotations

import unicodedata
from collections import Counter
from dataclasses import dataclass
from typing import Any, NamedTuple

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.reading.notes import Notes
from istrel.data.units import known_units
from istrel.english import English, english

Mask = NDArray[np.bool_]
SPACES = "\u00a0\u202f\u2009"
GROUPS = (" ", "'", "’")  # thousands, besides the comma or the point
SAMPLE = 1_000
LAKHS = ("[0-9]{1,2}(,[0-9]{2})+,[0-9]{3}",)  # thousands in threes, then in twos: 12,34,567
MANY_OF_A_UNIT, MOSTLY_UNITS = 0.1, 0.7  # of different numbers
FEW_LISTS = 0.05  # a stray one among numbers is a slip
OVERRULES = 0.2  # of different numbers with the other mark, in a file whose mark is known
LIMIT = (
    r"^(?:[<>≤≥]|<=|>=|under |over |less than |more than |unter |über |moins de |plus de |menos de |más de ) ?"
    r"[0-9]+(?:[.,][0-9]+)?$"
    r"|^[0-9]+(?:[.,][0-9]+)? ?(?:\+|or more|or less|and over|and more|und mehr|oder mehr|et plus|ou plus|y más|o más)$"
)
BETWEEN = r"±|\+/-|\+-|°|º|['’′]|h|hrs?|hours?|m|min|ft|lb|st|y|yrs?|years?|Jahre?|Std\.?|ans?|años?"
TWO = (  # two numbers in a cell: with what stands between two, in feet and inches, degrees, hours and minutes; blood pressure
    rf"^[+-]?[0-9]+(?:[.,][0-9]+)? ?(?:{BETWEEN}),? ?[0-9]+(?:[.,][0-9]+)?[^0-9]{{0,12}}(?:[0-9]+(?:[.,][0-9]+)?[^0-9]{{0,4}})?$"
    r"|^[0-9]{2,3} ?/ ?[0-9]{2,3}$"
    r"|^[+-]?[0-9]+(?:[.,][0-9]+)? ?[(\[] ?[+-]?[0-9]+(?:[.,][0-9]+)? ?"
    r"(?:%|(?:[,;–-]|to|bis) ?[+-]?[0-9]+(?:[.,][0-9]+)?)?[)\]]$"
)
POWER = r"^([+-]?[0-9]+(?:[.,][0-9]+)?) ?[×xX·*] ?10\^?\(?([+-]?[0-9]{1,3})\)?$"
OTHER_DIGITS = r"[٠-٩۰-۹०-९০-৯๐-๙０-９⁰¹²³⁴-⁹]"
SCALES = {"k": 1e3, "K": 1e3, "Tsd": 1e3, "M": 1e6, "Mio": 1e6, "mio": 1e6, "mn": 1e6, "Mrd": 1e9, "bn": 1e9}
LIST = r"^[0-9]{1,3}(?:(?:[,;] ?[0-9]{1,2}){2,}|(?:\.[0-9]{1,2}){2,}(?:\.[0-9]+)?)$"  # answers side by side, versions, addresses
DECORATED = (
    r"^(?P<about>[~≈]|ca\.? |approx\.? )? ?(?P<open>\()? ?(?P<sign>[+-])? ?"
    r"(?P<before>(?:[A-Z]{1,2})?[$]|[€£¥₹₽₺₪₩฿]|[A-Z]{3}|kr\.?|zł|Rs\.?)?"
    r" ?(?P<sign2>[+-])?(?P<number>(?:[0-9]|[.,][0-9])[0-9.,'’ ]*?(?:[eE][+-]?[0-9]+)?)"
    r" ?(?P<unit>[%‰€$£¥₹₽₺₪₩฿°]|R[$]|(?:Tsd|Mio|mio|Mrd|mn|bn|k|M)\.? ?[€$£]|"
    r"[°µμ]?\pL[\pL²³/0-9]{0,8}\.?)? ?(?P<close>\))? ?(?P<mark>[*†‡§]{1,4})?$"
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
    found = pc.match_substring_regex(sample, r"\p{Nd}|^[+-]?[iI][nN][fF]$")
    return int(pc.sum(found).as_py() or 0) > share * len(sample)


def tidied(words: pa.Array) -> pa.Array:
    """Words without spaces at their ends, with one kind of space and of minus."""
    plain = pc.replace_substring_regex(words, f"[{SPACES}]", " ")
    if pc.any(pc.match_substring_regex(plain, OTHER_DIGITS)).as_py():
        plain = pa.array([None if word is None else _in_our_digits(word) for word in plain.to_pylist()], pa.string())
    plain = pc.replace_substring_regex(pc.utf8_trim_whitespace(plain), "[−–－]([0-9])", r"-\1")
    plain = pc.replace_substring_regex(plain, r"^([0-9][0-9.' ]*)[,.][-–—]+$", r"\1")  # “50,-” of a price
    plain = pc.replace_substring_regex(plain, r"^([0-9][0-9.,' ]*[0-9])-$", r"-\1")  # a minus behind
    return pc.replace_substring_regex(plain, POWER, r"\1e\2")


def _in_our_digits(word: str) -> str:
    """A word with the digits of other scripts, wide or raised, as ours."""
    return "".join(str(unicodedata.digit(c)) if c.isdigit() and not c.isascii() else c for c in word)


def as_numbers(words: pa.Array, marks: Marks) -> Read:
    """Words that are numbers and nothing else."""
    plain = tidied(words)
    limits = limits_in(plain)
    values, read, other, said = _decided(plain, marks)
    return Read(values, read, limits | other, "", said)


def limits_in(plain: pa.Array) -> Mask:
    """Which words name a limit; “2+” beside “2-” is a mark of a school and names none."""
    marks = pc.any(pc.match_substring_regex(plain, "^[0-9][-–−]$")).as_py()
    found = np.asarray(pc.match_substring_regex(plain, LIMIT))
    return found & ~np.asarray(pc.match_substring_regex(plain, r"^[0-9]\+$")) if marks else found


def beside_signs(words: pa.Array, marks: Marks) -> Read:
    """Words that are numbers with a unit, a currency, brackets for a minus, or a footnote's mark."""
    plain = tidied(words)
    limits = limits_in(plain)
    parts = pc.extract_regex(plain, DECORATED)
    units = _units(parts)
    if units is None:
        return Read(np.zeros(len(words)), np.zeros(len(words), bool), limits)
    unit, fits = units
    brackets = _there(parts, "open") & _there(parts, "close")
    fits &= _there(parts, "open") == _there(parts, "close")
    number = pc.fill_null(pc.struct_field(parts, "number"), "")
    values, read, other, said = _decided(pc.utf8_trim_whitespace(number), marks)
    if unit in SCALES:
        values = values * _scaled(parts)
        at = int(np.flatnonzero(read & _there(parts, "unit"))[0])
        read_as = english("“{word}” was read as {number}.", word=words[at].as_py(), number=f"{values[at]:.12g}")
        said = ((read_as, False),)
        coin = next((sign for sign in "€$£" if sign in str(words[at].as_py())), "")
        return Read(values, read, limits, coin, said)
    negative = brackets | _is(parts, "sign", "-") | _is(parts, "sign2", "-")
    read &= fits
    told = list(said)
    if (read & brackets).any():
        told.append((english("numbers in brackets were read as negative."), False))
    for part, what in (
        ("mark", english("footnote marks beside its numbers were left out.")),
        ("about", english("signs for “about” before its numbers were left out.")),
    ):
        if (read & _there(parts, part)).any():
            told.append((what, False))
    without = int((read & ~_there(parts, "unit") & ~_there(parts, "before")).sum())
    if unit and without and not brackets.any():
        lacking = english(
            "its numbers are read in {unit}; [one of them names|{n:,} different ones name] no unit.",
            unit=unit,
            n=without,
        )
        told.append((lacking, True))
    return Read(np.where(negative, -values, values), read, limits | (other & fits), unit, tuple(told))


def _scaled(parts: pa.StructArray) -> NDArray[np.float64]:
    """By what each number is to be multiplied: 1,000 for “k”."""
    units = pc.fill_null(pc.struct_field(parts, "unit"), "").to_pylist()
    return np.array([SCALES.get(_scale(unit), 1.0) for unit in units])


def _scale(unit: str) -> str:
    """What stands for thousands or millions in a unit: “Mio” of “Mio. €”."""
    return unit.rstrip(" €$£").rstrip(".")


def several_units(words: pa.Array) -> tuple[str, ...]:
    """The units beside numbers, where more than one stands beside many; empty else."""
    parts = pc.extract_regex(tidied(words.slice(0, SAMPLE)), DECORATED)
    found = Counter(unit for unit in _called(parts) if unit not in ("", "?"))
    many = [unit for unit, n in found.items() if n >= MANY_OF_A_UNIT * len(parts)]
    return tuple(many) if len(many) > 1 and found.total() >= MOSTLY_UNITS * len(parts) else ()


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
    called = _called(parts)
    written = {unit for unit in _written(parts) if unit}
    scales = {_scale(unit) for unit in written}
    if scales and scales <= SCALES.keys() and len({unit[-1] for unit in written} & set("€$£")) < 2:
        return next(iter(sorted(scales))), np.asarray(parts.is_valid())
    found = Counter(unit for unit in called if unit not in ("", "?"))
    unit = found.most_common(1)[0][0] if found else ""
    fits = np.array([one in (unit, "") for one in called], bool) & np.asarray(parts.is_valid())
    return (unit, fits) if fits.any() else None


def _called(parts: pa.StructArray) -> list[str]:
    """The unit beside each number as we call it, "?" for one that is not known."""
    known = known_units()
    return [known.get(unit, known.get(unit.casefold(), "?")) for unit in _written(parts)]


def _written(parts: pa.StructArray) -> list[str]:
    """What stands before or behind each number, as it stands."""
    texts = [pc.fill_null(pc.struct_field(parts, name), "").to_pylist() for name in ("before", "unit")]
    return [a or b.rstrip(".") for a, b in zip(*texts, strict=True)]


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
        unlike = english(
            "“{word}” was read as {number}, unlike the rest of the file.",
            word=plain[at].as_py(),
            number=f"{values[at]:.12g}",
        )
        return values, read, other, ((unlike, True),)
    differ = point & comma & (by_point != by_comma)
    if not differ.any() or marks.known or only_point or only_comma:
        return values, read, other, ()
    at = int(np.flatnonzero(differ)[0])
    shown = [f"{value[at]:.12g}" for value in ((by_point, by_comma) if decimal == "." else (by_comma, by_point))]
    return values, read, other, ((may_be(plain[at].as_py(), *shown), True),)


def may_be(word: str, number: str, other: str) -> English:
    """That a number can be read in two ways."""
    return english("“{word}” was read as {number}; it may be {other}.", word=word, number=number, other=other)


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
    read = np.asarray(pc.match_substring_regex(plain, f"^{number}$"))
    bare = pc.replace_substring_regex(plain, f"[{group}{''.join(GROUPS)}]", "")
    bare = pc.replace_substring(bare, decimal, ".") if decimal != "." else bare
    bare = pc.if_else(pa.array(read), pc.replace_substring_regex(bare, r"^\+", ""), "0")
    values: Any = np.asarray(bare.cast(pa.float64()))
    return values, read
