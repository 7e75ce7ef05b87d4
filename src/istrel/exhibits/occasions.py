"""A sentence that names a measure which stands in several columns is asked of rows, one for each occasion."""

from __future__ import annotations

from istrel.data.dataset import Dataset
from istrel.data.series import OCCASION, as_long, series_in
from istrel.english import english
from istrel.exhibits.store import made_of
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request


def with_occasions(request: Request, data: Dataset) -> Dataset:
    """The data with a row for each occasion, where the sentence names a measure that they have in several columns.

    Raises
    ------
    Problem
        Where what has no occasions is asked for beside it.
    """
    subjects = [name for subject in request.subjects if isinstance(subject, Crossed) for name in subject.names]
    said = [*subjects, *request.against, *request.given]
    unknown = {name.text for name in said if name.text not in data.table}
    wanted = tuple(one for one in (series_in(data.codebook, data.table) if unknown else ()) if one.name in unknown)
    if not wanted:
        return data
    if request.settings["hide_below"] is not None:
        raise Problem(
            english(
                "Small counts are not hidden where “{name}” stands in several columns; describe these one by one.",
                name=wanted[0].name,
            )
        )
    if any(not isinstance(subject, Crossed) for subject in request.subjects):
        raise Problem(
            english(
                "“{name}” has occasions, which others have not; name it alone, without all or a stretch of others.",
                name=wanted[0].name,
            )
        )
    other = next((name for name in subjects if name.text in data.table), None)
    if other is not None:  # each case would count once for every occasion
        message = english(
            "“{text}” has no occasions as “{name}” has; put it in a sentence of its own.",
            text=other.text,
            name=wanted[0].name,
        )
        raise Problem(message, at=other.at, length=len(other.text))
    if OCCASION in data.table:
        raise Problem(
            english(
                "The data have a variable “{occasion}” already; rename it, so that “{name}” can have occasions.",
                occasion=OCCASION,
                name=wanted[0].name,
            )
        )
    return made_of(data, wanted, lambda: as_long(data, wanted))
