"""Words of the author that results do not bear, and results without what belongs to them."""

from __future__ import annotations

import re
from collections.abc import Iterator

from istrel.english import english
from istrel.study.review.arithmetic import NUMBER
from istrel.study.review.point import Point, Script
from istrel.study.review.reporting import SPREADS
from istrel.study.review.said import Sentence

P = re.compile(r"\bp ?[=<>≤] ?[.,\d]")
STATISTIC = re.compile(r"(?:\b(?:[tFzUHWQrVdD]|OR|rho|tau)|χ²|χ2|η²|ω²|[ρτωφ])\s*(?:\([^)]*\))?\s*[=<>]")
THRESHOLD = re.compile(
    r"level|alpha|α|threshold|criterion|considered|regarded|was set|were set|Niveau|niveau|nivel", re.IGNORECASE
)
SIGNIFICANT = re.compile(r"\b(?:in)?significan(?:t|tly|ce)\b|\bsignifikan\w+|\bsignificati\w+", re.IGNORECASE)
NOT_OF_TESTS = re.compile(
    r"clinical|practical|level of|no test|not tested|without a test|tests? of|tested for|digits?", re.IGNORECASE
)
CAUSAL = re.compile(
    r"\b(?:caus(?:es|ed|ing)|leads? to|led to|brought about|resulted in|results in|thanks to|"
    r"made (?:the )?\w+ (?:better|worse|faster))\b",
    re.IGNORECASE,
)
SHARE = re.compile(rf"(?P<value>{NUMBER}) ?%")
GROWTH = re.compile(
    r"increas|rose|grew|more than|times|baseline|coefficient of variation|\bCV\b|confidence|of the (?:mean|first)",
    re.IGNORECASE,
)
FEW_FOR_SHARES = 10
OF_FEW = re.compile(
    rf"{NUMBER} ?%,? ?[(\[]? ?\d+ ?(?:/|of|von|sur|de) ?(?P<of>\d+)\b|\b\d+ ?(?:/|of|von|sur|de) ?(?P<of2>\d+) ?[(\[,] ?{NUMBER} ?%"
)
MEAN, SPREAD = (
    re.compile(r"\bM ?= ?-?[.,\d]"),
    re.compile(r"\bSDs?\b|±|\bSE\b|\bCI\b|\bKI\b|\bIC\b|standard deviation|range"),
)
MEDIAN, QUARTILES = (
    re.compile(r"\bMdn ?= ?-?[.,\d]"),
    re.compile(r"IQR|quartil|half of|range|MAD|percentile|\[", re.IGNORECASE),
)
MARKS = {
    ".": re.compile(r"(?:[=<>] ?|± ?)-?\d+,\d{1,2}(?![\d,])|\b\d+,\d ?%"),
    ",": re.compile(r"(?:[=<>] ?|± ?)-?\d*\.\d+\b"),
}


def points(script: Script) -> Iterator[Point]:
    for sentence in script.sentences:
        if not sentence.is_of_others:
            yield from _words(sentence, script)
            yield from _numbers(sentence, script)


def _words(sentence: Sentence, script: Script) -> Iterator[Point]:
    text = sentence.text
    untested = not P.search(sentence.passage) and not any(_is_tested(identity, script) for identity in sentence.cited)
    if SIGNIFICANT.search(text) and not NOT_OF_TESTS.search(text) and untested:
        yield Point(
            english("significance"), english("A text speaks of significance; no test stands by it."), sentence.part
        )
    found = CAUSAL.search(text)
    if found:
        says = english("“{text}” claims a cause; descriptive results do not bear that.", text=found.group())
        yield Point(english("causal words"), says, sentence.part)
    if P.search(text) and not STATISTIC.search(text) and not THRESHOLD.search(text) and _all_typed(P, sentence):
        yield Point(
            english("p alone"), english("A text gives p without the statistic that it belongs to."), sentence.part
        )


def _all_typed(pattern: re.Pattern[str], sentence: Sentence) -> bool:
    return all(sentence.is_typed(found.start(), found.end() + 1) for found in pattern.finditer(sentence.text))


def _is_tested(identity: str, script: Script) -> bool:
    entry = next((entry for entry in script.entries if entry.kept.id == identity), None)
    if entry is None or entry.exhibit is None:
        return False
    request = entry.exhibit.request
    return request.verb in ("check", "relate", "count") or bool(request.settings["test"])


def _numbers(sentence: Sentence, script: Script) -> Iterator[Point]:
    text, mark = sentence.text, script.style.numbers.decimal_mark
    for found in SHARE.finditer(text) if not GROWTH.search(text) else ():
        digits = found["value"].replace(",", "." if mark == "," else "")
        if float(digits) > 100:
            yield Point(english("percentage"), english("{text} is more than all.", text=found.group()), sentence.part)
    for found in OF_FEW.finditer(text):
        base = int(found["of"] or found["of2"])
        if base < FEW_FOR_SHARES:
            yield Point(
                english("percentage"),
                english(
                    "“{text}” is a percentage of {base} cases; the count says it all.", text=found.group(), base=base
                ),
                sentence.part,
            )
    for found in MARKS[mark].finditer(text) if mark in MARKS else ():
        if sentence.is_typed(*found.span()):
            says = english("“{text}” has another decimal mark than the exhibits.", text=found.group().strip())
            yield Point(english("decimal mark"), says, sentence.part)
    for value, spread, name in ((MEAN, SPREAD, "mean"), (MEDIAN, QUARTILES, "median")):
        if value.search(text) and not spread.search(sentence.passage) and not _has_spread(sentence, script):
            yield Point(
                english("no spread"),
                english("A text gives a {name} without saying how far the values spread.", name=name),
                sentence.part,
            )


def _has_spread(sentence: Sentence, script: Script) -> bool:
    """Whether an exhibit that the passage cites shows it."""
    cited = (entry.exhibit for entry in script.entries if entry.kept.id in sentence.cited)
    return any(exhibit is not None and (not exhibit.shown or SPREADS & set(exhibit.shown)) for exhibit in cited)
