"""What counts of overlapping sets of cases tell about the count of another set."""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
from numpy.typing import NDArray

Mask = NDArray[np.bool_]
NEARLY = 1e-6


class Atoms(NamedTuple):
    """The parts into which sets divide the cases: which sets hold each part, shape (sets, parts), and how many cases it has."""

    inside: NDArray[np.bool_]
    sizes: NDArray[np.int64]


def atoms(sets: Sequence[Mask]) -> Atoms:
    """Parts of the cases that no set divides further.

    Parameters
    ----------
    sets
        Masks of shape (rows,), at least one.

    Notes
    -----
    Cases are told apart by the sum of a random number for each set that holds them (of 64 bits, from a fixed seed).
    """
    marks = np.random.default_rng(0).integers(1, 2**63, len(sets), dtype=np.uint64)
    code = np.zeros(sets[0].size, np.uint64)
    for mask, mark in zip(sets, marks, strict=True):
        code[mask] += mark
    _, first, sizes = np.unique(code, return_index=True, return_counts=True)
    return Atoms(np.array([mask[first] for mask in sets]), sizes)


def span(known: NDArray[np.bool_], counts: NDArray[np.int64], wanted: NDArray[np.bool_]) -> tuple[int, int]:
    """(least, most) cases that a union of parts can have, where some unions of parts have counts that are known.

    Parameters
    ----------
    known
        Which parts each known union holds, shape (unions, parts).
    counts
        What each has, shape (unions,).
    wanted
        Which parts the union in question holds, shape (parts,).

    Notes
    -----
    By linear programs over parts that are not negative; the limits of whole numbers lie within.
    """
    from scipy.optimize import linprog

    ends = []
    for sign in (1.0, -1.0):
        found = linprog(sign * wanted.astype(float), A_eq=known.astype(float), b_eq=counts, bounds=(0, None))
        ends.append(sign * found.fun if found.status == 0 else -sign * np.inf)
    low, high = ends
    most = int(np.floor(high + NEARLY)) if np.isfinite(high) else int(counts.max(initial=0)) + int(1e9)
    return max(0, int(np.ceil(low - NEARLY))) if np.isfinite(low) else 0, most
