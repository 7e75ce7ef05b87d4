"""The size of a difference before its p: trifles that many cases make significant, and large p that show no likeness."""

from __future__ import annotations

from istrel.data.limits import SIGNIFICANT
from istrel.exhibits.setting import MarginNote, RemarkKind
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.describe.difference_words import MEASURES
from istrel.exhibits.wording import p_words
from istrel.stats.differences.common import Effect
from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind

SIZES = {  # by measure: up to where a difference is a trifle, and from where it is one to speak of (Cohen 1988)
    "g_average": (0.2, 0.5),
    "cliffs_delta": (0.11, 0.28),
    "omega_squared": (0.01, 0.06),
    "epsilon_squared": (0.01, 0.06),
    "cramers_v": (0.1, 0.3),
    "risk_difference": (0.05, 0.2),
}
CERTAIN = 0.01
PHRASES: dict[RemarkKind, str] = {
    "trifle": "p_is_small_but_so_is_the_difference",
    "not_shown_equal": "a_large_p_shows_no_likeness",
}


def size_note(
    effect: Effect, p: float | Undefined, variable: str, name: Text, group: tuple[str, ...] = ()
) -> MarginNote | None:
    """What its interval says that its p does not; None where both say the same."""
    low, high = effect.low, effect.high
    if effect.measure not in SIZES or not (isinstance(p, float) and isinstance(low, float) and isinstance(high, float)):
        return None
    trifle, much = SIZES[effect.measure]
    farthest = max(abs(low), abs(high))
    if p < CERTAIN and farthest < trifle:
        return _note("trifle", effect.measure, farthest, p, variable, name, group)
    if p >= SIGNIFICANT and farthest >= much:
        return _note("not_shown_equal", effect.measure, farthest, p, variable, name, group)
    return None


def _note(
    kind: RemarkKind, measure: str, farthest: float, p: float, variable: str, name: Text, group: tuple[str, ...]
) -> MarginNote:
    entry = MEASURES[measure]
    percent = entry.kind is Kind.PERCENT
    value = Cell(100 * farthest if percent else farthest, entry.kind)
    says = say(
        PHRASES[kind],
        name=name,
        symbol=say(entry.symbol),
        limit=say("percentage_points", points=value) if percent else (value,),
        p=p_words(p),
    )
    return MarginNote(kind, variable, group, says)
