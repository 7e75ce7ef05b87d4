"""Answers of usual scales in several languages: which words are steps of one scale, and in which order they come."""

from __future__ import annotations

import re
from collections.abc import Iterable
from dataclasses import dataclass
from functools import cache
from pathlib import Path

import msgspec

ANSWERS = Path(__file__).parent / "words" / "answers.toml"
MOST_WORDS = 12
NUMBERED = re.compile(r"^\s*\(?(\d{1,2})\s*[-=:.)–]\s*[^\W\d]")
FEWEST_BANDS, MOST_BANDS, FEWEST_SIGNED = 3, 15, 3
AMOUNT = r"[€$£]?\d[\d ’']*(?:[.,]\d+)?"
UNIT = (
    r"(?: ?(?:%|€|[$]|£|k|km|kg|cm|m|years?|yrs?|months?|weeks?|days?|hours?|h|minutes?|min|jahre?|monate?|tage|stunden|"
    r"ans|años|anni|anos|times|mal))?"
)
BELOW = (
    r"under|below|less than|up to|at most|max\.?|<|<=|≤|bis(?: zu)?|unter|weniger als|höchstens|"
    r"moins de|jusqu'à|menos de|hasta|fino a|até"
)
ABOVE = r"over|above|more than|at least|from|>|>=|≥|über|mehr als|mindestens|ab|plus de|más de|più di|mais de|oltre"
FROM = (
    r"\+|(?: (?:and|or) (?:more|over|older|above|up)| (?:und|oder) (?:mehr|älter)| (?:et|ou) plus| (?:y|o) más|"
    r" (?:e|o) (?:più|mais))"
)
BAND = re.compile(
    rf"^(?:(?:age |aged |alter )?(?:(?P<below>{BELOW}) ?{AMOUNT}{UNIT}|(?P<above>{ABOVE}) ?{AMOUNT}{UNIT}"
    rf"|{AMOUNT}{UNIT} ?(?:-|–|—|to|bis|à|a|\.\.|up to|to under|bis unter) ?<?{AMOUNT}{UNIT}|{AMOUNT}{UNIT}(?:{FROM}){UNIT}))$"
)
SINGLE = re.compile(rf"^{AMOUNT}{UNIT}$")
NUMBERS = re.compile(r"\d[\d ’']*(?:[.,]\d+)?")
NOTHING = (
    "none",
    "no",
    "never",
    "zero",
    "keine",
    "kein",
    "keiner",
    "nie",
    "aucun",
    "aucune",
    "ninguno",
    "ninguna",
    "nessuno",
    "nessuna",
)
BESIDE = (
    *(
        "don't know",
        "dont know",
        "do not know",
        "dk",
        "not sure",
        "no opinion",
        "no answer",
        "not applicable",
        "n/a",
        "na",
    ),
    *(
        "refused",
        "other",
        "prefer not to say",
        "prefer not to answer",
        "weiß nicht",
        "weiss nicht",
        "keine angabe",
        "k.a.",
    ),
    *("ne sait pas", "sans réponse", "no sabe", "no contesta", "ns/nc", "non so", "não sei"),
)


@dataclass(frozen=True)
class AnswerScale:
    """A usual scale in one language: {word in lower case: its step from 0}.

    Attributes
    ----------
    holding
        Signs of which one must stand in one of three words or more; empty where words alone tell it.
    """

    of: str
    language: str
    steps: dict[str, int]
    holding: str = ""

    def is_that_of(self, words: list[str]) -> bool:
        """Whether these words, each a step, are told to be of this scale: no two are the same step, and a sign stands in one."""
        if len({self.steps[word] for word in words}) < len(words):
            return False
        signed = any(sign in word for sign in self.holding for word in words)
        return not self.holding or (signed and len(words) >= FEWEST_SIGNED)


@cache
def answer_scales() -> tuple[AnswerScale, ...]:
    """All scales that are known."""
    found = []
    for scale in msgspec.toml.decode(ANSWERS.read_bytes())["scale"]:
        of, holding = scale.pop("of"), scale.pop("holding", "")
        for language, steps in scale.items():
            words = {plain(word): place for place, step in enumerate(steps) for word in step.split("|")}
            found.append(AnswerScale(of, language, words, holding))
    return tuple(found)


@cache
def _of_word() -> dict[str, frozenset[int]]:
    """{word: the places of the scales that hold it}."""
    found: dict[str, set[int]] = {}
    for place, scale in enumerate(answer_scales()):
        for word in scale.steps:
            found.setdefault(word, set()).add(place)
    return {word: frozenset(places) for word, places in found.items()}


def plain(word: str) -> str:
    """A word as the scales hold it: lower case, one kind of apostrophe, no marks at its ends."""
    return " ".join(word.replace("’", "'").replace("_", " ").casefold().strip(" .!?*").split())


@cache
def _beside() -> frozenset[str]:
    """The words for no answer as `plain` has them."""
    return frozenset(map(plain, BESIDE))


def is_no_step(word: str) -> bool:
    """Whether a word stands beside a scale for no answer, as “don’t know” does."""
    return plain(word) in _beside()


def scale_of(words: Iterable[str]) -> AnswerScale | None:
    """The scale whose steps all of these words are, besides those for no answer: two steps at least, no step called in two ways."""
    said = [one for one in map(plain, words) if one not in _beside()]
    if not 2 <= len(said) <= MOST_WORDS:
        return None
    for place in sorted(frozenset.intersection(*(_of_word().get(one, frozenset()) for one in said))):
        scale = answer_scales()[place]
        if scale.is_that_of(said):
            return scale
    return None


def in_order(words: Iterable[str], scale: AnswerScale) -> tuple[str, ...]:
    """The words that are steps, from the lowest to the highest; then those for no answer."""
    known = [(scale.steps.get(plain(word), MOST_WORDS), word) for word in words]
    return tuple(word for _, word in sorted(known, key=lambda one: one[0]))


def by_amount(words: tuple[str, ...]) -> tuple[str, ...] | None:
    """Bands of an amount in their order (“none”, “under 18”, “18-29”, “60+”); None for words that are none."""
    if not FEWEST_BANDS <= len(words) <= MOST_BANDS:
        return None
    found = [_amount(plain(word)) for word in words]
    amounts = [amount for amount in found if amount is not None]
    spans = sum(BAND.match(plain(word)) is not None for word in words)
    if len(amounts) < len(words) or len(set(amounts)) < len(words) or 2 * spans < len(words):
        return None
    return tuple(word for _, word in sorted(zip(amounts, words, strict=True)))


def by_length(words: tuple[str, ...]) -> tuple[str, ...] | None:
    """Marks of one sign in their order (“★”, “★★”, “★★★”; “x”, “xx”); None for others: letters may be marks of their own."""
    signs = {sign for word in words for sign in word.strip()}
    lengths = {len(word.strip()) for word in words}
    if not FEWEST_BANDS <= len(words) <= MOST_BANDS or len(lengths) < len(words) or len(signs) != 1:
        return None
    sign = signs.pop()
    is_mark = not sign.isalnum() or sign in "xX"
    return tuple(sorted(words, key=len)) if is_mark and min(lengths) else None


def _amount(word: str) -> tuple[float, float] | None:
    """(where a band begins, where it ends); None for a word that is none."""
    if word in NOTHING:
        return -1.0, -1.0
    match = BAND.match(word) or SINGLE.match(word)
    if match is None:
        return None
    parts = match.groupdict()
    numbers = [
        float(n.replace(" ", "").replace("’", "").replace("'", "").replace(",", ".")) for n in NUMBERS.findall(word)
    ]
    if parts.get("below"):
        return -0.5, numbers[0]
    return numbers[0] + (0.25 if parts.get("above") else 0.0), numbers[-1] if len(numbers) > 1 else float("inf")


def by_number(words: tuple[str, ...]) -> tuple[str, ...] | None:
    """Words that begin with the number of their step (“1 - never”), in its order; None for others."""
    found = [NUMBERED.match(word) for word in words]
    numbers = [int(match[1]) for match in found if match]
    if not 3 <= len(words) <= MOST_WORDS or len(set(numbers)) != len(words):
        return None
    low, high = min(numbers), max(numbers)
    return tuple(word for _, word in sorted(zip(numbers, words, strict=True))) if high - low < 2 * len(words) else None
