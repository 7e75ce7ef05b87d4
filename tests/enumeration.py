"""Every table that agrees with what is shown of it: the oracle for hidden counts, used by their tests and measured by the bench."""

from __future__ import annotations

from itertools import combinations, product

import numpy as np
from scipy.optimize import LinearConstraint, milp
from scipy.sparse import csr_array

from istrel.stats.disclosure import COMPANION, SHOWN, SMALL, Counts, states

BELOW = 5


def with_margins(shape: tuple[int, int]) -> np.ndarray:
    """Which cells each printed count is the sum of: cells, row totals, column totals, the whole."""
    cells = np.arange(shape[0] * shape[1]).reshape(shape)
    sums = [[k] for k in cells.ravel()] + cells.tolist() + cells.T.tolist() + [cells.ravel().tolist()]
    return np.array([np.isin(cells.ravel(), part) for part in sums], float)


def fillings(members: np.ndarray, values: np.ndarray, found: np.ndarray) -> np.ndarray:
    """Every table of whole numbers that agrees with what is shown, as the values of all counts."""
    total = int(values[-1]) if found[-1] == SHOWN else int(values[-1]) + BELOW
    tables = np.array([t for t in product(range(total + 1), repeat=members.shape[1]) if sum(t) <= total])
    sums = tables @ members.T
    return np.asarray(sums[(sums[:, found == SHOWN] == values[found == SHOWN]).all(axis=1)])


def safe_by_trying(members: np.ndarray, values: np.ndarray, found: np.ndarray) -> bool:
    sums = fillings(members, values, found)
    small = all(set(range(1, BELOW)) <= set(sums[:, k].tolist()) for k in np.flatnonzero(found == SMALL))
    return small and all(len(set(sums[:, k].tolist())) > 1 for k in np.flatnonzero(found == COMPANION))


def hidden_and_least(cells: np.ndarray) -> tuple[int, int]:
    """(how many counts of a table with all margins are hidden, the least that keeps its secret, found by trying every choice)."""
    members = with_margins(cells.shape)
    values = (members @ cells.ravel()).astype(np.int64)
    found = states(Counts(csr_array(members), values, csr_array((0, members.shape[1]))), BELOW)
    assert safe_by_trying(members, values, found), (cells, found)
    small = np.where((values > 0) & (values < BELOW), SMALL, SHOWN)
    hidden = int((found != SHOWN).sum())
    for size in range(int((found == COMPANION).sum())):
        chosen = (
            np.isin(np.arange(values.size), c) for c in combinations(np.flatnonzero(small == SHOWN).tolist(), size)
        )
        if any(safe_by_trying(members, values, np.where(choice, COMPANION, small)) for choice in chosen):
            return hidden, int((small == SMALL).sum()) + size
    return hidden, hidden


def possible(place: int, low: float, high: float, members: np.ndarray, values: np.ndarray, found: np.ndarray) -> bool:
    """Whether a count can be a whole number from low to high for whoever sees what is shown, and nothing of the marks."""
    shown = found == SHOWN
    rows = np.vstack([members[shown], members[[place]]])
    limits = [np.append(values[shown], low), np.append(values[shown], high)]
    solved = milp(
        np.zeros(members.shape[1]), integrality=np.ones(members.shape[1]), constraints=LinearConstraint(rows, *limits)
    )
    return bool(solved.status == 0)


def assert_safe(members: np.ndarray, values: np.ndarray, found: np.ndarray) -> None:
    assert ((found == SMALL) == ((values > 0) & (values < BELOW))).all()
    for place in np.flatnonzero(found != SHOWN).tolist():
        told = members, values, found
        if found[place] == SMALL:
            assert all(possible(place, v, v, *told) for v in range(1, BELOW)), (place, values, found)
        else:
            less, more = (0.0, values[place] - 1.0), (values[place] + 1.0, np.inf)
            assert possible(place, *more, *told) or (values[place] and possible(place, *less, *told)), (place, *told)
