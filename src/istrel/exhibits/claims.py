"""Claims in words: each with the test that the numbers must pass before it is said, and what must be seen to differ in print.

A claim is said through `claim`, which gives nothing where its test fails; printing says something weaker where the
numbers that must differ look alike in a style. A property test draws random data and holds each against the numbers.
"""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import dataclass, replace

from istrel.data.limits import SIGNIFICANT, STRONGLY_SKEWED
from istrel.exhibits.text import Cell, Phrase, Text, say

HALF, NEARLY = 0.5, 0.05


@dataclass(frozen=True)
class Claim:
    """A claim: the test of the numbers behind it, in the order in which they are given.

    Attributes
    ----------
    meaning
        What must be true, in words.
    """

    name: str
    meaning: str
    holds: Callable[..., bool]


def _ranked(values: Sequence[float]) -> bool:
    """Highest first: the first is above all others, the last below all others."""
    return len(values) > 1 and values[0] > max(values[1:]) and values[-1] < min(values[:-1])


def _alone(counts: Sequence[int], named: int) -> bool:
    """The named counts, which stand first, are above all others."""
    return (
        0 < named <= len(counts)
        and (named == len(counts) or min(counts[:named]) > max(counts[named:]))
        and min(counts[:named]) > 0
    )


CLAIMS = {
    claim.name: claim
    for claim in (
        Claim("highest and lowest", "one mean is above, one below all others", _ranked),
        Claim(
            "highest", "one mean is above all others", lambda values: len(values) > 1 and values[0] > max(values[1:])
        ),
        Claim("lowest", "one mean is below all others", lambda values: len(values) > 1 and values[0] < min(values[1:])),
        Claim("half between", "half of the cases lie between the quartiles", lambda share: abs(share - HALF) <= NEARLY),
        Claim("most frequent", "the values named are more frequent than all others", _alone),
        Claim(
            "most frequent in each",
            "the value named is more frequent than all others in each group named",
            lambda groups: all(_alone(counts, 1) for counts in groups),
        ),
        Claim(
            "related", "the test printed rejects independence", lambda p: p < SIGNIFICANT and round(p, 3) < SIGNIFICANT
        ),
        Claim("not related", "the test printed does not reject independence", lambda p: p >= SIGNIFICANT),
        Claim(
            "closest",
            "the relations named are closer than all others",
            lambda named, rest: not rest or min(named) > max(rest),
        ),
        Claim("strong skew", "abs(G1) is beyond the limit", lambda skewness: abs(skewness) >= STRONGLY_SKEWED),
    )
}


def claim(
    name: str,
    numbers: Sequence[object],
    template: str,
    /,
    differ: tuple[tuple[str, str], ...] = (),
    otherwise: Text = (),
    **parts: Text | Cell | str | int,
) -> Text:
    """The words of a claim, if its test passes; `otherwise` where it does not.

    Parameters
    ----------
    numbers
        What the test is given.
    differ
        Pairs of slots whose numbers must look different in print; where they do not, printing says `otherwise`.
    """
    if not CLAIMS[name].holds(*numbers):
        return otherwise
    (phrase,) = unless_alike(template, differ=differ, otherwise=otherwise, **parts)
    assert isinstance(phrase, Phrase)
    return (replace(phrase, claim=name),)


def unless_alike(
    template: str, /, differ: tuple[tuple[str, str], ...], otherwise: Text, **parts: Text | Cell | str | int
) -> Text:
    """Words that hold only where some numbers look different in print; else `otherwise` is printed."""
    (phrase,) = say(template, **parts)
    assert isinstance(phrase, Phrase)
    return (replace(phrase, differ=differ, otherwise=otherwise),)
