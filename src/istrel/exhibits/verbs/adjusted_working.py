"""How a p that is adjusted for several tests comes about: from the p of all of them in their order."""

from __future__ import annotations

from collections.abc import Sequence

from istrel.exhibits.text import Cell, count_cell, say
from istrel.exhibits.working import Line, Working, shown

FORMULAS = {"holm": "(m − k + 1) × p(k)", "bh": "m ÷ k × p(k)"}
MOST_LISTED = 24  # p that are listed one by one


def explain_adjusted(cell: Cell, own: float, family: Sequence[float], method: str) -> Working:
    """The working of an adjusted p.

    Parameters
    ----------
    own, family
        The p as it was found, and those of all tests that were adjusted together.
    method
        holm or bh.
    """
    ordered, m = sorted(family), len(family)
    place = ordered.index(own) + 1
    if method == "holm":  # no smaller than that of any smaller p
        k = max(range(1, place + 1), key=lambda k: (m - k + 1) * ordered[k - 1])
        filled, value = f"({m} − {k} + 1) × {_part(ordered[k - 1])}", (m - k + 1) * ordered[k - 1]
    else:  # no larger than that of any larger p
        k = min(range(place, m + 1), key=lambda k: m / k * ordered[k - 1])
        filled, value = f"{m} ÷ {k} × {_part(ordered[k - 1])}", m / k * ordered[k - 1]
    steps: list[Line] = [f"m = {m}", f"k = {k}"]
    listed = enumerate(ordered, start=1) if m <= MOST_LISTED else ((k, ordered[k - 1]),)
    steps += [f"p({at}) = {_part(p)}" for at, p in listed]
    said = say("means_p_adjusted", value=cell, n=count_cell(m))
    if value > 1:
        return Working(said, say("formula_at_most_1", formula=FORMULAS[method]), "1", tuple(steps))
    return Working(said, FORMULAS[method], filled, tuple(steps))


def _part(p: float) -> str:
    return shown(p, times=1e4)
