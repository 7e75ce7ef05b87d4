"""How far two raters or methods agree: kappa of categories, intraclass correlations and limits of agreement of numbers."""

from __future__ import annotations

from dataclasses import dataclass
from math import sqrt

import numpy as np
from numpy.typing import NDArray

from istrel.stats.estimates import Undefined, undefined

Array = NDArray[np.float64]
Limit = float | Undefined
FEW = undefined("fewer_than_complete_cases", n=2)
NO_SPREAD = Undefined("all_values_are_equal")


@dataclass(frozen=True)
class Kappa:
    """Kappa with its interval; `observed` is the (weighted) share of agreement."""

    value: Limit
    low: Limit
    high: Limit
    observed: Limit


def kappa(table: NDArray[np.int64], *, ordered: bool, confidence: float = 0.95) -> Kappa:
    """Cohen's kappa (1960); of ordered values weighted by the squared distance of their places (1968).

    Parameters
    ----------
    table
        int64 (k, k): the values of one rater in rows, of the other in columns, in one order.

    Notes
    -----
    The interval is that of the normal distribution with the error of Fleiss, Cohen and Everitt (1969).
    """
    from istrel.stats.special import ndtri

    if table.sum() < 2:
        return Kappa(FEW, FEW, FEW, FEW)
    p, weights = _agreeing(table, ordered=ordered)
    rows, columns = p.sum(axis=1), p.sum(axis=0)
    observed, chance = float((weights * p).sum()), float((weights * np.outer(rows, columns)).sum())
    if chance >= 1:
        return Kappa(NO_SPREAD, NO_SPREAD, NO_SPREAD, observed)
    value, error = kappa_error(table, ordered=ordered)
    reach = float(ndtri(0.5 + confidence / 2)) * error
    return Kappa(value, max(-1.0, value - reach), min(1.0, value + reach), observed)


def _agreeing(table: NDArray[np.int64], *, ordered: bool) -> tuple[Array, Array]:
    """(shares of the table, how far each cell agrees)."""
    k = table.shape[0]
    apart = np.abs(np.subtract.outer(np.arange(k), np.arange(k)))
    weights = 1 - (apart / max(k - 1, 1)) ** 2 if ordered else (apart == 0).astype(float)
    return table / table.sum(), weights


def kappa_error(table: NDArray[np.int64], *, ordered: bool) -> tuple[float, float]:
    """(kappa, its standard error) of two cases or more that do not all agree by chance."""
    p, weights = _agreeing(table, ordered=ordered)
    rows, columns = p.sum(axis=1), p.sum(axis=0)
    observed, chance = float((weights * p).sum()), float((weights * np.outer(rows, columns)).sum())
    value = (observed - chance) / (1 - chance)
    of_row, of_column = weights @ columns, weights.T @ rows
    inner = weights - (of_row[:, None] + of_column[None, :]) * (1 - value)
    variance = float((p * inner**2).sum()) - (value - chance * (1 - value)) ** 2
    return value, sqrt(max(0.0, variance / (int(table.sum()) * (1 - chance) ** 2)))


@dataclass(frozen=True)
class Agreement:
    """ICC(A,1) and ICC(C,1) with their intervals; the mean difference and the limits of agreement, first less second."""

    absolute: tuple[Limit, Limit, Limit]
    consistent: tuple[Limit, Limit, Limit]
    bias: Limit
    limits: tuple[Limit, Limit]


def agreement(x: Array, y: Array, times: NDArray[np.int64] | None = None, *, confidence: float = 0.95) -> Agreement:
    """Of two complete columns: single ratings, both raters random for A (McGraw & Wong 1996); limits of Bland & Altman (1986).

    Parameters
    ----------
    times
        int64, shape as `x`: how many cases each row stands for; None where each is one.

    Notes
    -----
    The limits hold the middle 95 % of differences where these are normal: their mean and 1.96 standard deviations.
    """
    n = x.size if times is None else int(times.sum())
    if n < 2:
        return Agreement((FEW,) * 3, (FEW,) * 3, FEW, (FEW, FEW))
    away, means = x - y, (x + y) / 2
    (bias, squares), (_, between) = _mean_and_squares(away, times), _mean_and_squares(means, times)
    spread = sqrt(squares / (n - 1))
    limits = bias - REACH * spread, bias + REACH * spread
    rows, columns = 2 * between / (n - 1), n * bias**2 / 2
    error = spread**2 / 2
    if not rows > 0 and not error > 0:
        return Agreement((NO_SPREAD,) * 3, (NO_SPREAD,) * 3, bias, limits)
    return Agreement(
        _absolute(rows, columns, error, n, confidence), _consistent(rows, error, n, confidence), bias, limits
    )


def _mean_and_squares(values: Array, times: NDArray[np.int64] | None) -> tuple[float, float]:
    """(mean, sum of squares about it) of all cases."""
    mean = float(np.average(values, weights=times))
    squares = (values - mean) ** 2
    return mean, float(squares.sum() if times is None else (squares * times).sum())


REACH = 1.959963984540054  # standard deviations that hold the middle 95 % of a normal distribution


def _consistent(rows: float, error: float, n: int, confidence: float) -> tuple[Limit, Limit, Limit]:
    from istrel.stats.special import fdtri

    value = (rows - error) / (rows + error)
    if not error > 0:
        return value, value, value
    top, f = 0.5 + confidence / 2, rows / error
    low, high = f / float(fdtri(n - 1, n - 1, top)), f * float(fdtri(n - 1, n - 1, top))
    return value, (low - 1) / (low + 1), (high - 1) / (high + 1)


def absolute_df(rows: float, columns: float, error: float, n: int) -> tuple[float, float]:
    """(ICC(A,1), the degrees of freedom of its interval after Satterthwaite) from the mean squares; NaN for those of 1."""
    value = (rows - error) / (rows + error + 2 / n * (columns - error))
    if value >= 1:
        return value, float("nan")
    a = 2 * value / (n * (1 - value))
    b = 1 + 2 * value * (n - 1) / (n * (1 - value))
    return value, (a * columns + b * error) ** 2 / ((a * columns) ** 2 + (b * error) ** 2 / (n - 1))


def _absolute(rows: float, columns: float, error: float, n: int, confidence: float) -> tuple[Limit, Limit, Limit]:
    from istrel.stats.special import fdtri

    value = (rows - error) / (rows + error + 2 / n * (columns - error))
    if not (error > 0 or columns > 0) or value >= 1:
        return value, value, value
    _, free = absolute_df(rows, columns, error, n)
    top = 0.5 + confidence / 2
    f_low, f_high = float(fdtri(n - 1, free, top)), float(fdtri(free, n - 1, top))
    rest = 2 * columns + (n - 2) * error  # k MSC + (kn − k − n) MSE of two raters
    low = n * (rows - f_low * error) / (f_low * rest + n * rows)
    high = n * (f_high * rows - error) / (rest + n * f_high * rows)
    return value, low, high
