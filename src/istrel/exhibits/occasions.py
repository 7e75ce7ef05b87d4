"""A sentence that names a measure which stands in several columns is asked of rows, one for each occasion."""

from __future__ import annotations

from weakref import WeakKeyDictionary

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Name
from istrel.data.series import OCCASION, Series, as_long, series_in
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request

_LONG: WeakKeyDictionary[Dataset, dict[tuple[Series, ...], Dataset]] = WeakKeyDictionary()


def with_occasions(request: Request, data: Dataset) -> Dataset:
    """The data with a row for each occasion, where the sentence names a measure that they have in several columns.

    Raises
    ------
    Problem
        Where what has no occasions is asked for beside it.
    """
    said = [*_names(request.subjects), *request.against, *request.given]
    unknown = {name.text for name in said if name.text not in data.table}
    wanted = tuple(one for one in (series_in(data.codebook, data.table) if unknown else ()) if one.name in unknown)
    if not wanted:
        return data
    measures = {one.name for one in wanted}
    other = next((name for name in said if name.text not in measures), None)
    if other is not None and other.text in data.table:
        message = f"“{other.text}” has no occasions as “{wanted[0].name}” has; put it in a sentence of its own."
        raise Problem(message, at=other.at, length=len(other.text))
    if OCCASION in data.table:
        raise Problem(
            f"The data have a variable “{OCCASION}” already; rename it, so that “{wanted[0].name}” can have occasions."
        )
    made = _LONG.setdefault(data, {})
    if wanted not in made:
        made[wanted] = as_long(data, wanted)
    return made[wanted]


def _names(subjects: tuple[object, ...]) -> list[Name]:
    return [name for subject in subjects if isinstance(subject, Crossed) for name in subject.names]
