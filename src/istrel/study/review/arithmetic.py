"""The arithmetic that a careful reviewer does on results in a text, whoever typed them.

p from its statistic and degrees of freedom, percentages from their counts, means that whole numbers of that n can have,
intervals that hold their estimate, coefficients within 1, degrees of freedom that n allows. Every number stands for all that it may
be rounded from: what is told is wrong whatever the digits behind it were.
"""

from __future__ import annotations

import math
import re
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from typing import NamedTuple

from istrel.english import english
from istrel.study.review.point import Point, Script

NUMBER = r"-?(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d*[.,]\d+|\d+)"
P = rf"\bp\s*(?P<sign>=|<|>|≤|≥)\s*(?P<p>{NUMBER})"
DF = r"\d+(?:\.\d+)?"
BETWEEN = r"(?:(?!\bp\s*[=<>≤≥]|\b(?:t|F|r|z|χ²|χ2)\s*[(=])[^()]){0,60}?"
STATISTIC = re.compile(
    rf"\b(?P<name>t|F|r|z|χ²|χ2|χ\^2|chi-square|chi2)\s*(?:\(\s*(?P<df>{DF})\s*(?:[,;]\s*(?P<df2>{DF}|N\s*=\s*\d[\d,]*))?\s*\))?"
    rf"\s*=\s*(?P<value>{NUMBER})\s*{BETWEEN}\s*{P}"
)
COEFFICIENT = re.compile(rf"\b(?:r|rho|ρ|tau|τ)\s*(?:\(\s*(?P<df>{DF})\s*\))?\s*=\s*(?P<value>{NUMBER})(?!\s*%)")
P_NEXT = re.compile(rf"\s*,?\s*{P}")
N_AFTER = re.compile(r"^[^;()]{0,40}?\b[nN]\s*=\s*(?P<n>\d[\d,]*)\b")
OF = r"(?:/|of|out of|von|sur|de)"
SHARES = (
    re.compile(rf"\b(?P<n>\d[\d,]*)\s*{OF}\s*(?P<of>\d[\d,]*)\s*[(\[,]\s*(?P<share>{NUMBER})\s*%\s*[)\]]?"),
    re.compile(rf"(?P<share>{NUMBER})\s*%\s*[(\[]\s*(?P<n>\d[\d,]*)\s*{OF}\s*(?P<of>\d[\d,]*)\s*[)\]]"),
)
INTERVAL = re.compile(
    rf"(?P<name>[^\s=()]+)\s*(?:\([^()]*\))?\s*=\s*(?P<value>{NUMBER})\s*%?\s*[,;(]?\s*\d+\s*%\s*(?:CI|KI|IC)\s*[:=,]?\s*"
    rf"[\[(]\s*(?P<low>{NUMBER})\s*%?\s*(?:,|;|to|–|bis|à|a)\s*(?P<high>{NUMBER})\s*%?\s*[\])]"
)
MEAN = re.compile(
    rf"\bM\s*=\s*(?P<mean>{NUMBER})(?:\s*[,;]\s*SD\s*=\s*(?P<sd>{NUMBER}))?[^.;]{{0,12}}?\b[nN]\s*=\s*(?P<n>\d[\d,]*)\b"
)
WHOLE = re.compile(
    r"\b(?:number of|counts? of|\w+-point|Likert|whole numbers?|Anzahl|nombre de|número de)\b", re.IGNORECASE
)
MONTH = re.compile(r"(?:0?[1-9]|1[0-2])/(?:19|20)\d\d\b")
ONE_SIDED = re.compile(r"one-(?:sided|tailed)|einseitig|unilat[ée]ral", re.IGNORECASE)
ADJUSTED = re.compile(r"adjust|correct|Holm|Bonferroni|Tukey|angepasst|korrigiert|ajust|corrig", re.IGNORECASE)
EXACT = re.compile(
    r"\b(?:exact|simulat|bootstrap|permutation|Monte Carlo|Fisher|Greenhouse|Huynh|Spearman|Kendall|ranks?\b|Rang|rangs?\b)",
    re.IGNORECASE,
)
SENTENCE = re.compile(r"(?<=[.!?])\s+(?=[^\W\d_a-zß-ÿ])")
PLAIN = str.maketrans({"−": "-", "–": "–", "\u00a0": " ", "\u202f": " ", "\u2009": " ", "*": None, "_": None})
SLACK = 1e-9
NO_ESTIMATES = {"t", "F", "z", "χ²", "χ2", "χ^2", "p", "U", "W", "H"}


class Range(NamedTuple):
    """All that a number may have been before it was rounded."""

    low: float
    high: float

    @classmethod
    def of(cls, text: str) -> Range:
        value, unit = value_of(text), 10.0 ** -decimals_of(text)
        return cls(value - unit / 2 - SLACK, value + unit / 2 + SLACK)

    def meets(self, other: Range) -> bool:
        return self.low <= other.high and other.low <= self.high


@dataclass(frozen=True)
class Wrong:
    """A result that cannot be: in which words, and why."""

    kind: str
    words: str
    why: str

    @property
    def says(self) -> str:
        return english("“{words}”: {why}.", words=self.words, why=self.why)


def value_of(text: str) -> float:
    """A number as it is typed, with a mark for thousands, or a decimal comma."""
    if re.fullmatch(r"-?\d{1,3}(,\d{3})+(\.\d+)?", text):
        return float(text.replace(",", ""))
    return float(text.replace(",", "."))


def decimals_of(text: str) -> int:
    if re.fullmatch(r"-?\d{1,3}(,\d{3})+", text):
        return 0
    return len(re.split(r"[.,]", text)[-1]) if re.search(r"[.,]", text) else 0


def wrong_in(text: str) -> Iterator[Wrong]:
    """What cannot be in a passage, in its order."""
    for sentence in SENTENCE.split(text.translate(PLAIN)):
        for check in CHECKS:
            yield from check(sentence)


def points(script: Script) -> Iterator[Point]:
    """The results in the texts of a manuscript."""
    for part, text in script.texts:
        for found in wrong_in(text):
            yield Point(english("arithmetic"), found.says, part)


# p.
def _p_range(name: str, df: float, df2: float, value: Range) -> Range | None:
    """The p, two-sided, that a statistic within its rounding can have."""
    tail = _tail(name, df, df2)
    if tail is None:
        return None
    least = 0.0 if value.low <= 0 <= value.high else min(abs(value.low), abs(value.high))
    return Range(tail(max(abs(value.low), abs(value.high))), tail(least))


def _tail(name: str, df: float, df2: float) -> Callable[[float], float] | None:
    """p of a statistic, falling with its size."""
    from istrel.stats import special

    if name == "z":
        return lambda z: float(2 * special.ndtr(-z))
    if not df > 0:
        return None
    if name == "t":
        return lambda t: float(2 * special.stdtr(df, -t))
    if name == "r":
        return lambda r: float(2 * special.stdtr(df, -r * math.sqrt(df / max(1 - r * r, 1e-12)))) if r < 1 else 0.0
    if name == "F":
        return (lambda f: float(special.fdtrc(df, df2, f))) if df2 > 0 else None
    return lambda x: float(special.chdtrc(df, x))


def _statistics(sentence: str) -> Iterator[Wrong]:
    """A p that its statistic and degrees of freedom cannot have."""
    for found in STATISTIC.finditer(sentence):
        name = found["name"] if found["name"] in ("t", "F", "r", "z") else "χ²"
        df2 = found["df2"] or ""
        if (name != "z" and found["df"] is None) or (name == "F" and not df2):
            continue
        sizes = float(found["df"] or 0), value_of(df2) if name == "F" else 0.0
        possible = _p_range(name, *sizes, Range.of(found["value"]))
        if possible is None or _can_be(found["sign"], found["p"], possible, sentence):
            continue
        digits = max(3, decimals_of(found["p"]))
        low, high = (f"{p:.{digits}f}".removeprefix("0") for p in possible)
        between = english("its p is between {low} and {high}", low=low, high=high)
        yield Wrong("p", found.group(), english("its p is {low}", low=low) if low == high else between)


def _can_be(sign: str, p: str, possible: Range, sentence: str) -> bool:
    """Whether a p as it is typed is one of those that can be."""
    said = Range.of(p)
    sides = [possible, *([Range(possible.low / 2, possible.high / 2)] if ONE_SIDED.search(sentence) else [])]
    if EXACT.search(sentence):
        return True
    if ADJUSTED.search(sentence):  # only larger ones come of it
        return sign in ("<", "≤") or said.high >= possible.low
    if sign in ("<", "≤"):
        return any(side.low <= value_of(p) + SLACK for side in sides)
    if sign in (">", "≥"):
        return any(side.high >= value_of(p) - SLACK for side in sides)
    return any(said.meets(side) for side in sides)


# Other results.
def _coefficients(sentence: str) -> Iterator[Wrong]:
    """A coefficient beyond 1, degrees of freedom that n does not allow."""
    for found in COEFFICIENT.finditer(sentence):
        if not found["df"] and not P_NEXT.match(sentence[found.end() :]):
            continue  # r and τ are names of other things, too
        if Range.of(found["value"]).low > 1 or Range.of(found["value"]).high < -1:
            yield Wrong("coefficient", found.group(), english("it lies beyond 1"))
        after = N_AFTER.match(sentence[found.end() :])
        if found["df"] and after and float(found["df"]) > value_of(after["n"]) - 2:
            words = found.group() + after.group()
            yield Wrong(
                "degrees of freedom",
                words,
                english("n = {size} has {df:g} degrees of freedom", size=after["n"], df=value_of(after["n"]) - 2),
            )


def _shares(sentence: str) -> Iterator[Wrong]:
    """Percentages that their counts do not give."""
    for pattern in SHARES:
        for found in pattern.finditer(sentence):
            n, whole = value_of(found["n"]), value_of(found["of"])
            if whole <= 0 or n > whole or MONTH.match(found.group()):
                continue  # a score, a page, a date
            share = 100 * n / whole
            said = Range.of(found["share"])
            if not said.low - SLACK <= share <= said.high + SLACK:
                decimals = decimals_of(found["share"]) + 1
                yield Wrong(
                    "percentage",
                    found.group().strip(),
                    english("{part:g} of {whole:g} are {share} %", part=n, whole=whole, share=f"{share:.{decimals}f}"),
                )


def _intervals(sentence: str) -> Iterator[Wrong]:
    """Intervals that do not hold their estimate, or end before they begin."""
    for found in INTERVAL.finditer(sentence):
        if found["name"] in NO_ESTIMATES:  # the interval behind a test is of something else
            continue
        low, value, high = (Range.of(found[name]) for name in ("low", "value", "high"))
        if low.low > high.high:
            yield Wrong("interval", found.group(), english("its lower limit is above the upper one"))
        elif value.high < low.low or value.low > high.high:
            yield Wrong("interval", found.group(), english("it does not hold its estimate"))


def _means(sentence: str) -> Iterator[Wrong]:
    """Means and SDs that whole numbers of that n cannot have; only where the sentence says that they are whole."""
    for found in MEAN.finditer(sentence) if WHOLE.search(sentence) else ():
        n, mean = round(value_of(found["n"])), Range.of(found["mean"])
        if n < 2 or n > 10_000:
            continue
        sums = range(math.ceil(mean.low * n - SLACK), math.floor(mean.high * n + SLACK) + 1)
        if not sums:
            yield Wrong("mean", found.group(), english("{n} whole numbers cannot have this mean", n=n))
        elif found["sd"] and not any(_has_sd(total, n, Range.of(found["sd"])) for total in sums):
            yield Wrong("mean", found.group(), english("{n} whole numbers with this mean cannot have this SD", n=n))


def _has_sd(total: int, n: int, sd: Range) -> bool:
    """Whether whole numbers of this sum can have an SD: their sum of squares is whole, and even or odd as their sum is."""
    low, high = ((n - 1) * max(limit, 0.0) ** 2 + total * total / n for limit in sd)
    least = (total // n) ** 2 * (n - total % n) + (total // n + 1) ** 2 * (total % n)
    first = max(math.ceil(low - 1e-6), least)
    first += (first - total) % 2
    return first <= high + 1e-6


CHECKS: tuple[Callable[[str], Iterator[Wrong]], ...] = (_statistics, _coefficients, _shares, _intervals, _means)
