"""Numbers with something beside them: a unit, a currency, thousands or millions, brackets for a minus, a footnote's mark.

What is taken off is said. A word whose unit is not known, or not that of the column, is not read.
"""

from __future__ import annotations

import re
from collections import Counter
from dataclasses import dataclass
from functools import cache
from typing import NamedTuple

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.reading.numbers import SAMPLE, Marks, Mask, Read, decided, limits_in, tidied
from istrel.data.reading.patterns import LETTER, OF_A_UNIT
from istrel.data.units import known_units, unit_as_printed, without_unit
from istrel.english import English, english, numeral

MANY_OF_A_UNIT, MOSTLY_UNITS, FEWEST_STRANGE, FEWEST_BARE = 0.1, 0.5, 4, 3  # of different numbers
COIN = r"(?:[A-Z]{1,2})?[$]|[€£¥₹₽₺₪₩฿]|[A-Z]{3}|[Kk]r\.?|zł|Rs\.?"
SCALES = {"Tsd": 1e3, "Mio": 1e6, "mio": 1e6, "mn": 1e6, "Mrd": 1e9, "mrd": 1e9, "bn": 1e9}
CLOSE_SCALES = {"k": 1e3, "K": 1e3, "M": 1e6}  # with a space before they are units
COIN_SCALES = {"m": 1e6, "b": 1e9, "B": 1e9}  # after an amount of money alone
MOSTLY, MANY_KNOWN = 0.8, 0.3  # of the words begin with a number; are in a known unit
OF_MONEY = re.compile(r"(Tsd|Mio|mio|Mrd|mrd|mn|bn|k|T|M)\.? ?([€$£]|EUR)")
MOST_LIMITS = 10_000  # different words: more are not looked through one by one
OF_ORDER = frozenset(("st", "nd", "rd", "th", "er", "ème", "º"))  # “5th” names a class
DECORATED = (
    r"^(?P<about>[~≈]|(?:ca|approx|aprox|env|about|around|circa|etwa|ungefähr|rund|environ)\.? )? ?"
    r"(?P<open>\()? ?(?P<sign>[+-])? ?"
    rf"(?P<before>{COIN})? ?(?P<sign2>[+-])?(?P<number>(?:[0-9]|[.,][0-9])[0-9.,'’ ]*?(?:[eE][+-]?[0-9]+)?)"
    r"(?P<gap> )?(?P<unit>[%‰€$£¥₹₽₺₪₩฿°]|[A-Z]{1,2}[$]|(?:Tsd|Mio|mio|Mrd|mrd|mn|bn|k|T|M)\.? ?(?:[€$£]|EUR)|"
    rf"[°µμ]?{LETTER}{OF_A_UNIT}*\.?)? ?(?P<close>\))? ?(?P<mark>[*†‡§]+)?$"
)
FLAGGED = (
    r"^(?P<number>[<>≤≥]? ?[0-9][0-9.,]*) ?[(\[]?(?P<flag>HH?|LL?|\*)[)\]]?$"  # high and low, as laboratories say it
)
RAISED = "([0-9]) ?[ᵃᵇᶜᵈᵉᶠ¹²³⁴⁵]+$"  # marks of footnotes as well
TAKEN_OFF = (
    ("mark", english("footnote marks beside its numbers were left out.")),
    ("about", english("signs for “about” before its numbers were left out.")),
)


class Sign(NamedTuple):
    """What stands beside a number: the unit as it prints, "" for none and "?" for one not known; by what to multiply."""

    unit: str = ""
    factor: float = 1.0


@dataclass(frozen=True, eq=False)
class _Parted:
    """Distinct words parted into numbers and what stands beside them; `sign` says which of `signs` each has."""

    parts: pa.StructArray
    signs: tuple[Sign, ...]
    sign: NDArray[np.int64]

    def text(self, name: str) -> pa.Array:
        return pc.fill_null(pc.struct_field(self.parts, name), "")

    def has(self, name: str, text: str | None = None) -> Mask:
        """Which words have this part: any text, or this one."""
        found = pc.not_equal(self.text(name), "") if text is None else pc.equal(self.text(name), text)
        return np.asarray(found)

    def units(self) -> Counter[str]:
        """How many of the words have each known unit."""
        counts = np.bincount(self.sign, minlength=len(self.signs)).tolist()
        found: Counter[str] = Counter()
        for sign, n in zip(self.signs, counts, strict=True):
            found[sign.unit] += n if sign.unit not in ("", "?") else 0
        return +found

    def each(self, of: list[float] | list[bool]) -> NDArray[np.float64]:
        """What holds of its sign, for each word."""
        return np.asarray(of, float)[self.sign]


def parted(words: pa.Array) -> _Parted:
    """Words, tidied, as numbers with what stands beside them."""
    parts = pc.extract_regex(words, DECORATED)
    beside = [pc.fill_null(pc.struct_field(parts, name), "") for name in ("before", "gap", "unit")]
    joined = pc.dictionary_encode(pc.binary_join_element_wise(*beside, "\n"))
    signs = tuple(_sign(*text.split("\n")) for text in joined.dictionary.to_pylist())
    return _Parted(parts, signs, joined.indices.to_numpy(zero_copy_only=False).astype(np.int64))


def _sign(before: str, gap: str, behind: str) -> Sign:
    """What a currency before a number and a unit behind it say; "?" where they do not go together."""
    unit, coin = behind.rstrip("."), before
    scaled = OF_MONEY.fullmatch(unit) if not before else None  # “k€”, “Mio. €”, “TEUR”; “R$” is one sign
    if scaled is not None:
        return Sign(_known(scaled[2]), (SCALES | CLOSE_SCALES | {"T": 1e3})[scaled[1]])
    scales = SCALES | CLOSE_SCALES | COIN_SCALES if coin else SCALES if gap else SCALES | CLOSE_SCALES
    if unit in scales:
        return Sign(_known(coin), scales[unit])
    return Sign("?") if unit and coin else Sign(_known(coin or unit))


def _known(unit: str) -> str:
    printed = unit_as_printed(unit)
    return "?" if printed is None else printed


@cache
def _coins() -> frozenset[str]:
    """Currencies, as they print."""
    return frozenset(unit for unit in known_units()[0].values() if re.fullmatch(COIN, unit))


def beside_signs(words: pa.Array, marks: Marks) -> Read:
    """Words that are numbers with something beside them.

    Parameters
    ----------
    words
        Distinct texts, as they stand.

    Returns
    -------
    Read
        In one unit, that of most words; words without one are in it. None is read where nothing known stands beside any.
    """
    plain = pc.replace_substring_regex(tidied(words), RAISED, r"\1†")
    plain, flagged = _without_flags(plain)
    limits = limits_in(plain)
    found = parted(plain)
    unit = next((name for name, _ in found.units().most_common(1)), "")
    fits = _fits(found, unit)
    if unit and not fits.all() and len(words) <= MOST_LIMITS:  # “<5 min” is a limit as “<5” is
        limits = limits | (~fits & limits_in(pa.array([without_unit(str(word), unit) for word in plain.to_pylist()])))
    if not fits.any():
        return Read(np.zeros(len(words)), np.zeros(len(words), bool), limits)
    brackets = found.has("open") & found.has("close")
    fits &= found.has("open") == found.has("close")
    values, read, other, said = decided(pc.utf8_trim_whitespace(found.text("number")), marks)
    read = read & fits
    negative = brackets | found.has("sign", "-") | found.has("sign2", "-")
    values = np.where(negative, -values, values) * found.each([sign.factor for sign in found.signs])
    told = [*said, *_told(words, found, values, read, unit)]
    if flagged:
        told.append((english("flags beside its numbers ({flags}) were left out.", flags=flagged), False))
    return Read(values, read, limits | (other & fits), unit, tuple(told))


def _without_flags(plain: pa.Array) -> tuple[pa.Array, str]:
    """(words without the flags of a laboratory, which these were): where some numbers are bare and some are called high."""
    sample = plain.slice(0, SAMPLE)
    found = pc.drop_null(pc.struct_field(pc.extract_regex(sample, FLAGGED), "flag"))
    flags = set(found.to_pylist())
    bare = int(pc.sum(pc.match_substring_regex(sample, "^[<>≤≥]? ?[0-9.,]+$")).as_py() or 0)
    if not flags & {"H", "HH"} or bare < FEWEST_BARE or bare + len(found) < len(sample):
        return plain, ""
    return pc.replace_substring_regex(plain, FLAGGED, r"\1"), ", ".join(sorted(flags))


def _fits(found: _Parted, unit: str) -> Mask:
    """Which words are in this unit or in none; thousands and millions are of money, or of nothing that is named."""
    plain = unit == "" or unit in _coins()
    fitting = [sign.unit in (unit, "") and (plain or sign.factor == 1) for sign in found.signs]
    return np.asarray(fitting, bool)[found.sign] & np.asarray(found.parts.is_valid())


def _told(
    words: pa.Array, found: _Parted, values: NDArray[np.float64], read: Mask, unit: str
) -> list[tuple[English, bool]]:
    """What a person should know of what was taken off, and whether it is unsure."""
    told: list[tuple[English, bool]] = []
    scaled = read & (found.each([sign.factor for sign in found.signs]) != 1)
    if scaled.any():
        at = int(np.flatnonzero(scaled)[0])
        read_as = english("“{word}” was read as {number}.", word=words[at].as_py(), number=numeral(values[at]))
        told.append((read_as, False))
    brackets = found.has("open")
    if (read & brackets).any():
        told.append((english("numbers in brackets were read as negative."), False))
    told += [(what, False) for part, what in TAKEN_OFF if (read & found.has(part)).any()]
    without = int((read & (found.each([sign.unit == "" for sign in found.signs]) > 0)).sum())
    if unit and without and not brackets.any():
        lacking = english(
            "its numbers are read in {unit}; [one of them names|{n:,} different ones name] no unit.",
            unit=unit,
            n=without,
        )
        told.append((lacking, True))
    return told


def several_units(words: pa.Array) -> tuple[str, ...]:
    """The units beside numbers, where more than one stands beside many; empty else."""
    parts = parted(tidied(words.slice(0, SAMPLE)))
    found = parts.units()
    many = [unit for unit, n in found.items() if n >= MANY_OF_A_UNIT * len(parts.sign)]
    return tuple(many) if len(many) > 1 and found.total() >= MOSTLY_UNITS * len(parts.sign) else ()


def unlike_units(words: pa.Array) -> tuple[str, ...]:
    """Two words of numbers with something beside them: one in a known unit, as many are, and one in none; empty else."""
    sample = words.slice(0, SAMPLE)
    begins = np.asarray(
        pc.fill_null(pc.match_substring_regex(tidied(sample), rf"^[~<>]?[0-9][0-9.,]* ?{LETTER}"), False)
    )
    parts = parted(tidied(sample))
    known = parts.each([sign.unit not in ("", "?") for sign in parts.signs]) > 0
    if begins.sum() < MOSTLY * len(sample) or known.sum() < MANY_KNOWN * len(sample) or not (begins & ~known).any():
        return ()
    return tuple(str(sample[int(np.flatnonzero(which)[0])].as_py()) for which in (known, begins & ~known))


def strange_unit(words: pa.Array) -> str:
    """A word of a number and what is no known unit, where that stands beside most numbers; empty else."""
    parts = parted(tidied(words.slice(0, SAMPLE)))
    behind = Counter(parts.text("unit").to_pylist())
    del behind[""]
    unit, n = next(iter(behind.most_common(1)), ("", 0))
    if len(unit) == 1 or unit in OF_ORDER or n < max(FEWEST_STRANGE, MOSTLY_UNITS * len(words)):
        return ""
    strange = parts.has("unit", unit) & (parts.each([sign.unit == "?" for sign in parts.signs]) > 0)
    return str(words[int(np.flatnonzero(strange)[0])].as_py()) if strange.any() else ""
