"""Pearson, Spearman and Kendall correlations of many variables, with their p-values and intervals.

Matrices with pairwise deletion come from products of masks and values. Only ranks under pairwise deletion are taken pair by
pair: each pair has its own complete cases, and ranking a column once would be wrong there.
"""

from __future__ import annotations

import os
from concurrent.futures import ThreadPoolExecutor
from dataclasses import dataclass, replace
from functools import cache
from itertools import permutations
from typing import Literal

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import TOO_LARGE, Undefined, undefined
from istrel.stats.moderate import moderate
from istrel.stats.threads import each

Array = NDArray[np.float64]
Mask = NDArray[np.bool_]
Method = Literal["pearson", "spearman", "kendall"]
BLOCK = 4096
WORTH_TWO = 500_000  # cases from which two threads pay
BLOCK_SIZE = 131_072  # values of a block: it stays in the processor's cache
NO_SPREAD = 1e-13
PERFECT = 1e-15  # nearer to 1 than this is 1: the rest is rounding
DOUBTFUL = 1e-6  # of a sum of squares: what is left has lost six digits
NOTHING_LEFT, LEAST_DIRECTION = 1e-12, 1e-10  # of a sum of squares; of the strongest direction of covariates
EXACT_RHO = 9
MOST_WORKERS, WORTH_SHARING = 4, 50_000_000
EXTREME = 1e70


@dataclass(frozen=True, eq=False)
class Correlations:
    """Coefficients of all pairs.

    Attributes
    ----------
    coefficient
        float64 (p, p), symmetric, NaN where undefined; the diagonal is 1 where a variable has spread.
    n
        int64 (p, p): cases that both have.
    constant
        bool (p, p): True where the row's variable has no spread among the pair's cases.
    """

    coefficient: Array
    n: NDArray[np.int64]
    constant: Mask

    def reason(self, a: int, b: int, names: tuple[str, ...]) -> Undefined | None:
        """Why a pair has no coefficient; None where it has one."""
        if np.isfinite(self.coefficient[a, b]):
            return None
        if self.n[a, b] < 2:
            return undefined("fewer_than_complete_cases", n=2)
        flat = [names[k] for k, other in ((a, b), (b, a)) if self.constant[k, other]]
        return undefined("names_constant", names=" and ".join(flat)) if flat else Undefined(TOO_LARGE)


def complete_rows(valid: Mask) -> Mask:
    """Rows with every variable present."""
    return np.asarray(valid.all(axis=1))


def pearson(x: Array, valid: Mask) -> Correlations:
    """Pearson's r of every pair over the cases that both have (pairwise deletion).

    Parameters
    ----------
    x
        (n, p); anything where not valid.
    valid
        (n, p).

    Notes
    -----
    Values are centred on their column's mean and scaled, so that nothing cancels; then for each pair
    Σx, Σx², Σxy and n over common cases are products of the filled values, their squares and the masks.
    """
    n_rows = x.shape[0]
    centre, scale = _centre_and_scale(x, valid)
    halves = [(0, n_rows // 2), (n_rows // 2, n_rows)] if n_rows > WORTH_TWO else [(0, n_rows)]
    parts = each(lambda rows: _sums_of(x, valid, centre, scale, rows), halves)
    n, cross, sums, squares = (np.sum(kind, axis=0) for kind in zip(*parts, strict=True))
    found, doubtful = from_sums(n, cross, sums, squares)
    return _mended(found, doubtful, x, valid) if doubtful.any() else found


def _sums_of(x: Array, valid: Mask, centre: Array, scale: Array | None, rows: tuple[int, int]) -> list[Array]:
    """[n, Σxy, Σx, Σx²] over the common cases of every pair in a range of rows, each (p, p)."""
    p = x.shape[1]
    n, cross, sums, squares = (np.zeros((p, p)) for _ in range(4))
    many = max(BLOCK, BLOCK_SIZE // p)
    order: Literal["F", "C"] = "F" if x.flags.f_contiguous else "C"
    both = np.empty((min(many, max(rows[1] - rows[0], 1)), 2 * p), order=order)
    for start in range(*rows, many):
        here = slice(start, min(start + many, rows[1]))
        mask = valid[here]
        stacked = both[: mask.shape[0]]
        filled = stacked[:, :p]
        np.subtract(x[here] if scale is None else x[here] * scale, centre, out=filled)
        if bool(mask.all()):  # complete cases: one product serves all pairs
            product = filled.T @ filled
            cross += product
            sums += filled.sum(axis=0)[:, None]
            squares += np.diag(product)[:, None]
            n += mask.shape[0]
            continue
        np.copyto(filled, 0.0, where=~mask)
        np.multiply(filled, filled, out=stacked[:, p:])
        few = mask.astype(np.float32)  # counts up to a block's size are exact in single precision
        n += few.T @ few
        cross += filled.T @ filled
        with_other = stacked.T @ mask.astype(np.float64)
        sums += with_other[:p]
        squares += with_other[p:]
    return [n, cross, sums, squares]


def _mended(found: Correlations, doubtful: Mask, x: Array, valid: Mask) -> Correlations:
    """Pairs whose common cases vary so little beside the whole column that sums about its mean lose digits, made anew.

    They are few: a far value stands where the other variable is missing.
    """
    r, constant = found.coefficient.copy(), found.constant.copy()
    for i, j in zip(*np.nonzero(np.triu(doubtful | doubtful.T, 1)), strict=True):
        both = valid[:, i] & valid[:, j]
        a, b = (_about_mean(x[both, k]) for k in (i, j))
        room = float(np.sqrt(a @ a) * np.sqrt(b @ b))
        constant[i, j], constant[j, i] = not a.any(), not b.any()
        value = float(np.clip((a @ b) / room, -1.0, 1.0)) if room > 0 else np.nan
        r[i, j] = r[j, i] = np.sign(value) if abs(value) > 1 - PERFECT else value
    return Correlations(r, found.n, constant)


def _about_mean(values: Array) -> Array:
    """Distances from the mean, at moderate size; all 0 where the values do not vary."""
    if values.size == 0 or values.min() == values.max():
        return np.zeros(values.size)
    plain, _ = moderate(values)
    return plain - plain.mean()


def _centre_and_scale(x: Array, valid: Mask) -> tuple[Array, Array | None]:
    """A shift near each column's mean, from rows spread over the whole; and factors where values are of extreme size."""
    step = max(1, x.shape[0] // BLOCK)
    sample, known = x[::step], valid[::step]
    with np.errstate(over="ignore", invalid="ignore", under="ignore"):
        largest = np.nanmax(np.where(known, np.abs(sample), 0.0), axis=0, initial=0.0)
        extreme = (largest > EXTREME) | ((largest < 1 / EXTREME) & (largest > 0))
        scale = (
            np.ldexp(1.0, np.minimum(-np.frexp(np.where(extreme, largest, 1.0))[1], 1000)) if extreme.any() else None
        )
        scaled = sample if scale is None else sample * scale
        centre = np.where(known, scaled, 0.0).sum(axis=0) / np.maximum(known.sum(axis=0), 1)
    return centre, scale


def from_sums(n: Array, cross: Array, sums: Array, squares: Array) -> tuple[Correlations, Mask]:
    """(coefficients, which of them lost digits) from sums over common cases; [i, j] of `sums` is Σ of i over the cases of j."""
    count = np.maximum(n, 1.0)
    variance = squares - sums**2 / count
    constant = variance <= NO_SPREAD * np.maximum(squares, 1e-300)
    product = np.sqrt(np.where(constant, np.nan, variance)) * np.sqrt(np.where(constant, np.nan, variance)).T
    with np.errstate(invalid="ignore", divide="ignore"):
        r = (cross - sums * sums.T / count) / product
    r = np.where(np.abs(r) > 1 - PERFECT, np.sign(r), r)
    np.fill_diagonal(r, np.where(np.isfinite(np.diag(r)), 1.0, np.nan))
    r[n < 2] = np.nan
    doubtful = (variance <= DOUBTFUL * squares) & (n >= 2)
    return Correlations(r, np.rint(n).astype(np.int64), constant & (n >= 1)), doubtful


def mid_ranks(x: Array) -> Array:
    """Ranks from 1 down each column; equal values share the mean of their ranks. Shape (n, p)."""
    order = np.argsort(x, axis=0, kind="stable")
    ordered = np.take_along_axis(x, order, axis=0)
    n = x.shape[0]
    new = np.ones(x.shape, bool)
    new[1:] = ordered[1:] != ordered[:-1]
    place = np.arange(n)[:, None]
    first = np.maximum.accumulate(np.where(new, place, 0), axis=0)
    last = np.ones(x.shape, bool)
    last[:-1] = new[1:]
    final = np.minimum.accumulate(np.where(last, place, n)[::-1], axis=0)[::-1]
    ranks = np.empty_like(x)
    np.put_along_axis(ranks, order, (first + final) / 2 + 1.0, axis=0)
    return ranks


def spearman(x: Array, valid: Mask) -> Correlations:
    """Spearman's rho of every pair, ranks taken within the cases that the pair has in common."""
    if bool(valid.all()):
        return pearson(mid_ranks(x), valid)
    p = x.shape[1]
    workers = min(MOST_WORKERS, os.cpu_count() or 1) if x.size * p > WORTH_SHARING else 1
    columns: list[_Ranked] = []
    r, n, constant = np.full((p, p), np.nan), np.zeros((p, p), np.int64), np.zeros((p, p), bool)

    def fill(first: int, step: int) -> None:
        """Every step-th row of the upper triangle, mirrored; no two calls write the same place."""
        room = _Room(x.shape[0])
        for a in range(first, p, step):
            n[a, a], constant[a, a] = columns[a].n, columns[a].counts.size < 2
            r[a, a] = np.nan if constant[a, a] else 1.0
            for b in range(a + 1, p):
                r[a, b], n[a, b], constant[a, b], constant[b, a] = _pair_rho(columns[a], columns[b], room)
                r[b, a], n[b, a] = r[a, b], n[a, b]

    with ThreadPoolExecutor(workers) as pool:
        columns += pool.map(_Ranked, (x[:, k] for k in range(p)), (valid[:, k] for k in range(p)))
        list(pool.map(fill, range(workers), [workers] * workers))
    return Correlations(r, n, constant)


class _Room:
    """Arrays that all pairs share: fresh memory would cost more than the sums."""

    def __init__(self, n: int) -> None:
        self.places = np.arange(n + 1.0)
        self.by_code, self.ranks_a, self.ranks_b = np.empty(n + 1), np.empty(n), np.empty(n)


class _Ranked:
    """One column, sorted once; its ranks within a pair follow from the few rows that the other column lacks.

    `code` holds for every row the place of its value among the distinct ones, from 1; 0 where the row has none.
    `counts` says how often each distinct value occurs.
    """

    def __init__(self, x: Array, valid: Mask) -> None:
        rows = np.flatnonzero(valid)
        self.missing = np.flatnonzero(~valid)
        order = rows[np.argsort(x[rows])]
        ordered = x[order]
        new = np.ones(ordered.size, bool)
        new[1:] = ordered[1:] != ordered[:-1]
        self.n = ordered.size
        self.counts = np.diff(np.append(np.flatnonzero(new), ordered.size))
        self.tied = self.counts.size < ordered.size
        self.code = np.zeros(x.size, np.int64)
        self.code[order] = np.cumsum(new)

    def ranks(self, other: _Ranked, room: _Room, out: Array) -> tuple[int, float]:
        """Mid-ranks by row within the cases that the other column has too; 0 where this column has none.

        Returns
        -------
        (number of common cases, sum of squared distances from the mean rank)
        """
        lost = self.code[other.missing]
        lost = lost[lost > 0]
        n = self.n - lost.size
        by_code = room.by_code[: self.counts.size + 1]
        if self.tied:
            counts = self.counts - np.bincount(lost, minlength=self.counts.size + 1)[1:]
            by_code[0], by_code[1:] = 0.0, np.cumsum(counts) - (counts - 1) / 2
            spread = float((counts * (by_code[1:] - (n + 1) / 2) ** 2).sum())
        else:  # each code, less the number of lost ones below it
            lost.sort()
            lengths = np.diff(np.concatenate([[0], lost, [by_code.size]]))
            np.subtract(room.places[: by_code.size], np.repeat(room.places[: lost.size + 1], lengths), out=by_code)
            spread = n * (float(n) * n - 1) / 12
        by_code.take(self.code, out=out, mode="clip")
        return n, spread


def _pair_rho(a: _Ranked, b: _Ranked, room: _Room) -> tuple[float, int, bool, bool]:
    """(rho, n, whether a is constant among the common cases, whether b is).

    A row that one of the two lacks has rank 0 there, so its product vanishes.
    """
    n, spread_a = a.ranks(b, room, room.ranks_a)
    _, spread_b = b.ranks(a, room, room.ranks_b)
    if n < 2 or spread_a <= 0 or spread_b <= 0:
        return float("nan"), n, n > 0 and spread_a <= 0, n > 0 and spread_b <= 0
    product = float(np.einsum("i,i->", room.ranks_a, room.ranks_b)) - n * ((n + 1) / 2) ** 2
    return float(np.clip(product / np.sqrt(spread_a * spread_b), -1.0, 1.0)), n, False, False


def t_p_values(r: Array, n: NDArray[np.int64]) -> Array:
    """Two-sided p of r or rho by Student's t with n - 2 df; NaN for fewer than 3 cases."""
    from istrel.stats.special import stdtr

    df = np.maximum(n - 2.0, 1.0)
    with np.errstate(divide="ignore", invalid="ignore"):
        t = np.abs(r) * np.sqrt(df / ((1 - r) * (1 + r)))
        p = 2 * stdtr(df, -t)
    p = np.where(np.abs(r) == 1.0, 0.0, p)
    return np.where((n < 3) | ~np.isfinite(r), np.nan, p)


def intervals(
    r: Array, n: NDArray[np.int64], *, confidence: float = 0.95, method: Method = "pearson"
) -> tuple[Array, Array]:
    """Limits by Fisher's z; for rho with the variance (1 + rho²/2)/(n - 3), for tau 0.437/(n - 4) (Bonett & Wright 2000)."""
    from istrel.stats.special import ndtri

    lost = 4.0 if method == "kendall" else 3.0
    with np.errstate(divide="ignore", invalid="ignore"):
        top = {"pearson": np.ones_like(r), "spearman": 1 + r**2 / 2, "kendall": np.full_like(r, 0.437)}[method]
        reach = ndtri(0.5 + confidence / 2) * np.sqrt(top / (n - lost))
        z = np.arctanh(r)
        low, high = np.tanh(z - reach), np.tanh(z + reach)
    few = (n <= lost) | ~np.isfinite(r) | (np.abs(r) == 1)  # no interval for a coefficient of 1
    return np.where(few, np.nan, low), np.where(few, np.nan, high)


@cache
def _permutations(n: int) -> NDArray[np.int8]:
    """All orders of n things, shape (n!, n)."""
    return np.array(list(permutations(range(n))), np.int8)


def exact_rho_p(x: Array, y: Array) -> float:
    """Two-sided p of Spearman's rho for at most 9 cases: the share of all orders of y that are at least as far from 0.

    NaN for fewer than 3 cases, or where a variable does not vary.
    """
    if x.size < 3 or x.size > EXACT_RHO:
        return float("nan")
    a, b = (ranks - ranks.mean() for ranks in mid_ranks(np.column_stack([x, y])).T)
    if not a.any() or not b.any():
        return float("nan")
    everywhere = np.abs(b[_permutations(x.size)] @ a)
    return float((everywhere >= abs(float(a @ b)) - 1e-9).mean())


def adjust(p: Array, method: str) -> Array:
    """p-values adjusted for their number: "holm" (1979), "bh" (Benjamini & Hochberg 1995) or "none"; NaN stay NaN."""
    adjusted = p.astype(np.float64).copy()
    known = np.flatnonzero(np.isfinite(p))
    if method == "none" or known.size == 0:
        return adjusted
    order = known[np.argsort(p[known], kind="stable")]
    m = order.size
    if method == "holm":
        stepped = np.maximum.accumulate(p[order] * np.arange(m, 0, -1))
    else:
        stepped = np.minimum.accumulate((p[order] * m / np.arange(1, m + 1))[::-1])[::-1]
    adjusted[order] = np.minimum(stepped, 1.0)
    return adjusted


def partial(x: Array, covariates: Array) -> Correlations:
    """Pearson's r of what is left of complete columns after regression on covariates (with a constant).

    Notes
    -----
    Where the residuals of a column hold less than 1e-12 of its own sum of squares about the mean, the covariates determine
    it: nothing is left, and its coefficients are NaN. What rounding leaves of such a column is noise.
    """
    left, nothing = left_over(x, covariates, np.ones(x.shape[0]))
    found = pearson(left, np.ones(x.shape, bool))
    return without_leftovers(found, nothing)


def without_leftovers(found: Correlations, nothing: NDArray[np.bool_]) -> Correlations:
    """The same with NaN where nothing is left of a column."""
    coefficient = np.where(nothing[:, None] | nothing[None, :], np.nan, found.coefficient)
    return replace(found, coefficient=coefficient)


def left_over(x: Array, covariates: Array, cases: Array) -> tuple[Array, NDArray[np.bool_]]:
    """(what is left of complete columns after regression on covariates, of which of them nothing is left).

    Parameters
    ----------
    cases
        (rows,): how many cases each row stands for, above 0.
    """
    roots = np.sqrt(cases)[:, None]
    own, given = _unit_columns(x, cases) * roots, _unit_columns(covariates, cases) * roots
    basis, strength, _ = np.linalg.svd(given[:, np.abs(given).any(axis=0)], full_matrices=False)
    directions = basis[:, strength > LEAST_DIRECTION * strength.max(initial=0.0)]
    left = own
    for _ in range(2):  # the second pass takes out what rounding left of the first
        left = left - directions @ (directions.T @ left)
    sums, whole = (np.einsum("ij,ij->j", part, part) for part in (left, own))
    return left / roots, sums <= NOTHING_LEFT * whole


def _unit_columns(x: Array, cases: Array) -> Array:
    """Columns about the means of all cases, each of length 1; 0 where a column is constant."""
    plain = np.column_stack([moderate(column)[0] for column in x.T])
    away = plain - np.average(plain, axis=0, weights=cases)
    length = np.sqrt(np.einsum("i,ij,ij->j", cases, away, away))
    constant = length <= NO_SPREAD * np.abs(plain).max(axis=0, initial=0.0) * np.sqrt(cases.sum())
    return np.where(constant, 0.0, away / np.where(constant, 1.0, length))


def eta(values: Array, codes: NDArray[np.integer], n_groups: int) -> float:
    """Correlation ratio: root of the share of variance that lies between groups; NaN without spread."""
    centred = values - values.mean()
    total = float(np.einsum("i,i->", centred, centred))
    if total <= 0:
        return float("nan")
    sizes = np.bincount(codes, minlength=n_groups)
    sums = np.bincount(codes, weights=centred, minlength=n_groups)
    between = float((sums[sizes > 0] ** 2 / sizes[sizes > 0]).sum())
    return float(np.sqrt(min(1.0, between / total)))
