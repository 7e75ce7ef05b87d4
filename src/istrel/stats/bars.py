"""Heights of a few equal classes, of many columns at once; and whether they have a valley that chance seldom makes."""

from __future__ import annotations

import numpy as np
from numpy.typing import NDArray

Floats = NDArray[np.float64]
Mask = NDArray[np.bool_]
CLASSES = 18
NEARLY, DEEP = 0.9, 0.75
WEIGHTS = np.array((1.0, 2.0, 3.0, 2.0, 1.0)) / 9  # even out what one class has by chance
EVENED = float(np.sqrt(np.sum(WEIGHTS**2)))
ERRORS, ERRORS_OF_BARS = 1.5, 3.0  # fewer than a sure hump has
BLOCK = 1 << 16
BESIDE = 2  # classes of none at each end


def bars(values: Floats, inside: Mask, low: Floats, high: Floats) -> Floats:
    """How many values lie in each of 18 equal classes between two limits, shape (columns, 18).

    Parameters
    ----------
    values, inside
        Numbers, and which of them are to be counted; shape (columns, rows).
    low, high
        The limits of each column, which belong to the classes, shape (columns,). Where they are equal, all are in the first.
    """
    reach = high - low
    with np.errstate(divide="ignore", invalid="ignore", over="ignore"):
        scaled = (values - low[:, None]) * np.where(reach > 0, CLASSES / reach, 0.0)[:, None]
    counted = inside & (values >= low[:, None]) & (values <= high[:, None])
    places = np.minimum(np.where(counted, scaled, 0.0).astype(np.int64), CLASSES - 1)
    edges = np.arange(CLASSES + 1) * (reach / CLASSES)[:, None] + low[:, None]
    edges[:, -1] = high
    places -= values < np.take_along_axis(edges, places, axis=1)  # what rounding put beyond an edge
    places += (values >= np.take_along_axis(edges, places + 1, axis=1)) & (places < CLASSES - 1)
    places += CLASSES * np.arange(low.size)[:, None]
    return np.bincount(places[counted], minlength=CLASSES * low.size).reshape(low.size, CLASSES).astype(np.float64)


def bars_of(values: Floats, low: float, high: float) -> Floats:
    """The same of one column without a missing value, shape (18,); a block after the other where it is long."""
    first, last = np.array([low]), np.array([high])
    blocks = (values[None, start : start + BLOCK] for start in range(0, values.size, BLOCK))
    return sum((bars(block, np.ones(block.shape, bool), first, last)[0] for block in blocks), np.zeros(CLASSES))


def have_valley(heights: Floats) -> Mask:
    """Whether classes have a valley that chance seldom makes, as they are or evened out; shape (columns,)."""
    beside = np.pad(heights, ((0, 0), (2 * BESIDE, 2 * BESIDE)))
    wide = beside.shape[1] - 2 * BESIDE
    smooth = sum(weight * beside[:, k : k + wide] for k, weight in enumerate(WEIGHTS.tolist()))
    plain = beside[:, BESIDE:-BESIDE]
    return _deep(np.asarray(smooth), NEARLY, ERRORS * EVENED) | _deep(plain, DEEP, ERRORS_OF_BARS)


def _deep(heights: Floats, share: float, errors: float) -> Mask:
    """Whether any height lies below this share of the highest to its left and right, and so many roots of itself below them."""
    left = np.maximum.accumulate(heights, axis=1)
    right = np.maximum.accumulate(heights[:, ::-1], axis=1)[:, ::-1]
    lower = np.minimum(left, right)
    deep = lower - heights > errors * np.sqrt(np.maximum(heights, 0.5))
    return np.asarray((deep & (heights < share * lower)).any(axis=1))
