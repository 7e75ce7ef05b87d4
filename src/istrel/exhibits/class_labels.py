"""Classes of a measured variable in words: by the whole numbers that are inside, or by which limit belongs to them."""

from __future__ import annotations

import numpy as np

from istrel.data.dataset import Dataset
from istrel.exhibits.text import Text, opened, say
from istrel.exhibits.wording import value_cell


def class_signs(closed: str, *, first: bool, last: bool) -> tuple[str, str]:
    """Which limits belong to a class; the class at the end has both of its limits."""
    return "≤" if closed == "left" or first else "<", "<" if closed == "left" and not last else "≤"


LIMITED = {
    ("≤", "<"): "class_left_closed",
    ("<", "≤"): "class_right_closed",
    ("≤", "≤"): "class_closed",
}


def class_labels(limits: list[tuple[float, float]], closed: str, name: str, data: Dataset) -> list[Text]:
    """Classes in words: "30–44" of whole numbers, else which limit belongs to them, "30 ≤ x < 45"."""
    if data.is_whole(name):
        return _whole_classes(limits, closed, name, data)
    made = []
    for place, (low, high) in enumerate(limits):
        left, right = class_signs(closed, first=place == 0, last=place == len(limits) - 1)
        made.append(_end_class(low, high, left, right, name, data) or _between(low, high, left, right, name, data))
    return made


def _between(low: float, high: float, left: str, right: str, name: str, data: Dataset) -> Text:
    return say(LIMITED[left, right], low=value_cell(low, name, data), high=value_cell(high, name, data))


def _end_class(low: float, high: float, left: str, right: str, name: str, data: Dataset) -> Text:
    """A class that has no limit on one side; nothing for one that has both."""
    if not np.isfinite(low) and not np.isfinite(high):
        return opened(say("class_of_any"))
    if not np.isfinite(low):
        return opened(say("class_below" if right == "<" else "class_up_to", high=value_cell(high, name, data)))
    if not np.isfinite(high):
        return opened(say("class_or_more" if left == "≤" else "class_above", low=value_cell(low, name, data)))
    return ()


def _first_whole(limit: float, sign: str) -> float:
    """The first whole number from a limit on that lies in the class."""
    return float(np.ceil(limit)) + (sign == "<" and limit == np.ceil(limit))


def _whole_classes(limits: list[tuple[float, float]], closed: str, name: str, data: Dataset) -> list[Text]:
    """Classes of whole numbers by the first and last number in them; an outer edge at which no value lies is left out."""
    numbers = data.numbers(name)
    values = numbers.values[numbers.valid]
    outermost = (bool((values == limits[0][0]).any()), bool((values == limits[-1][1]).any()))
    made, negative = [], min((limit for limit in limits[0] if np.isfinite(limit)), default=0.0) < 0
    for place, (low, high) in enumerate(limits):
        ends = place == 0 and outermost[0], place == len(limits) - 1 and outermost[1]
        left, right = class_signs(closed, first=ends[0], last=ends[1])
        first, last = _first_whole(low, left), -_first_whole(-high, right)
        if end := _end_class(first, last, "≤", "≤", name, data):
            made.append(end)
            continue
        cells = {"low": value_cell(first, name, data), "high": value_cell(last, name, data)}
        template = "class_single" if first == last else "class_whole_signed" if negative else "class_whole"
        made.append(say(template, **cells))
    return made
