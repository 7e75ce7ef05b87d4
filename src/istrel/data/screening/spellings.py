"""One category under several spellings, and stray spaces."""

from __future__ import annotations

import re
import unicodedata
from collections import defaultdict
from collections.abc import Iterator

import numpy as np

from istrel.data.column import Kind
from istrel.data.corrections import Correction
from istrel.data.dataset import rows_of
from istrel.data.levels import Level
from istrel.data.screening.finding import MOST_NAMED, Finding, Remedy, Replace, cases, quoted
from istrel.data.screening.look import Look
from istrel.english import english, in_quotes

MOST_WORDS = 5_000
RARE = 0.2
OFTEN_CUT = frozenset(  # without accents: words whose first letter alone, beside them, means nothing else
    "male female mannlich weiblich homme femme hombre mujer yes no ja nein oui non si".split()  # noqa: SIM905 — read as a list
)
SLIP, SHORTEST_SLIP, LONGEST_SLIP = 0.05, 5, 60  # a slip is rare beside the word that is meant: once, or one in twenty
LESS = re.compile(r"^\w{1,2}([-−–]+)$")  # a grade or a class with a minus
DIGIT = re.compile(r"\d")
SPACES = re.compile(r"[^\S\n\r]+")


def find(look: Look) -> Iterator[Finding]:
    """spelling_variants and stray_spaces."""
    for name in look.of_kind(Kind.TEXT):
        level = look.level(name)
        distinct, counts = look.data.tally(name)
        if level is Level.TEXT or distinct.size > MOST_WORDS:
            continue
        words = [look.data.table.column(name).words[place] for place in distinct.tolist()]
        often = dict(zip(words, counts.tolist(), strict=True))
        families = _families(often, slips=level is not Level.IDENTIFIER)
        spaced: list[str] = []
        for family in families:
            if len({_spaceless(word) for word in family}) > 1:
                yield _variants(look, name, family, often)
            else:
                spaced += family[1:]
        alone = {word for family in families for word in family}
        spaced += [word for word in words if word not in alone and word != _spaceless(word)]
        if spaced:
            yield _stray(look, name, spaced, often)


def _families(often: dict[str, int], *, slips: bool) -> list[list[str]]:
    """Words that mean the same, the most frequent first."""
    by_key: dict[str, list[str]] = defaultdict(list)
    for word in often:
        by_key[plain_word(word) if slips else _spaceless(word)].append(word)
    weight = {key: sum(often[word] for word in words) for key, words in by_key.items()}
    into = {**_slips(weight), **_initials(weight)} if slips else {}
    joined: dict[str, list[str]] = defaultdict(list)
    for key, words in by_key.items():
        joined[into.get(key, key)] += words
    return [
        sorted(words, key=lambda w: (-often[w], w != _spaceless(w), w)) for words in joined.values() if len(words) > 1
    ]


def plain_word(word: str) -> str:
    """A word without case, accents, spaces at its ends, and signs between its parts; “A-” is no “A”."""
    bare = "".join(c for c in unicodedata.normalize("NFKD", word.casefold()) if not unicodedata.combining(c))
    less = LESS.search(bare.strip())
    plain = re.sub(r"[\s\-_./,;:]+", " ", bare).strip() or word
    return f"{plain}{less[1]}" if less else plain


def _spaceless(word: str) -> str:
    """Without spaces at its ends and doubled ones; a line break within is none."""
    return SPACES.sub(" ", word).strip()


def _slips(weight: dict[str, int]) -> dict[str, str]:
    """Rare words that differ from a frequent one by a single letter: {slip: the word meant}.

    Words that share what is left after taking one letter out are neighbours, so all are found without comparing pairs.
    Digits and single letters tell things apart ("group a", "site 2"); a difference in them is never a slip.
    """
    near: dict[str, list[str]] = defaultdict(list)
    for word in weight:
        if SHORTEST_SLIP <= len(word) <= LONGEST_SLIP:
            for cut in {word, *(word[:i] + word[i + 1 :] for i in range(len(word)))}:
                near[cut].append(word)
    into: dict[str, str] = {}
    for neighbours in near.values():
        if len(neighbours) < 2:
            continue
        meant = max(neighbours, key=lambda word: (weight[word], word))
        for word in neighbours:
            if word != meant and weight[word] <= max(1.0, SLIP * weight[meant]) and _same_parts(word, meant):
                into[word] = meant
    return {word: into.get(meant, meant) for word, meant in into.items()}


def _initials(weight: dict[str, int]) -> dict[str, str]:
    """A rare word beside its frequent first letter, or the other way round ("M" and "male"): {rare: frequent}; where each of two
    words or more stands beside its letter, or the word is one that is often cut, they need not be rare.
    """
    pairs: dict[str, str] = {}
    for letter in weight:
        words = (
            [word for word in weight if len(word) > 1 and word[0] == letter and not DIGIT.search(word)]
            if len(letter) == 1
            else []
        )
        if len(words) == 1 and letter.isalpha():
            pairs[letter] = words[0]
    all_have_one = len(pairs) > 1 and len(weight) == 2 * len(pairs)  # “ja, nein, J, N”, however often
    into: dict[str, str] = {}
    for letter, word in pairs.items():
        rare, often = sorted((letter, word), key=lambda one: weight[one])
        if all_have_one or word in OFTEN_CUT or weight[rare] <= RARE * weight[often]:
            into[rare] = often
    return into


def _same_parts(a: str, b: str) -> bool:
    """False where the words differ in their first letter, in a digit, or in a part of one or two letters."""
    if a[0] != b[0] or re.findall(r"\d", a) != re.findall(r"\d", b):
        return False  # “mother” is no slip of “other”
    short = [[part for part in word.split() if len(part) <= 2] for word in (a, b)]
    return short[0] == short[1]


def _variants(look: Look, name: str, family: list[str], often: dict[str, int]) -> Finding:
    meant = _spaceless(family[0])
    others = [word for word in family if word != meant]
    column, present = look.data.table.column(name), look.data.present(name)
    mask = present & np.isin(column.values, [column.words.index(word) for word in others])
    kinds = quoted([(word, often[word]) for word in family])
    return Finding(
        "spelling_variants",
        (name,),
        english("One value under {n} spellings", n=len(family)),
        english("in {name}: {kinds}.", name=name, kinds=kinds),
        rows_of(mask),
        (Remedy(english("make all “{meant}”", meant=meant), Replace(_corrections(name, others, meant, "spelling"))),),
        changes_numbers=True,
    )


def _corrections(name: str, words: list[str], meant: str, reason: str) -> tuple[Correction, ...]:
    return tuple(Correction(name, word, meant, reason=reason) for word in words)


def _stray(look: Look, name: str, words: list[str], often: dict[str, int]) -> Finding:
    column, present = look.data.table.column(name), look.data.present(name)
    mask = present & np.isin(column.values, [column.words.index(word) for word in words])
    count = sum(often[word] for word in words)
    corrections = tuple(Correction(name, word, _spaceless(word), reason="stray spaces") for word in words)
    return Finding(
        "stray_spaces",
        (name,),
        english("Stray spaces"),
        english(
            "in {name}, {cases}: {words}.",
            name=name,
            cases=cases(count),
            words=in_quotes(words[:MOST_NAMED]),
        ),
        rows_of(mask),
        (Remedy(english("take the spaces out"), Replace(corrections)),),
        changes_numbers=True,
    )
