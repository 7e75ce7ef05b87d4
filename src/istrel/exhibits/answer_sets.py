"""A sentence that counts a question with several answers is asked of data that know the question."""

from __future__ import annotations

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Name
from istrel.data.sets import AnswerSet, given, set_in, with_set
from istrel.english import english
from istrel.exhibits.store import made_of
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request


def with_answer_sets(request: Request, data: Dataset) -> Dataset:
    """The data with a variable for a set of answers that is counted.

    Raises
    ------
    Problem
        Where something else stands beside the set, or it is to make groups.
    """
    if request.verb != "count":
        return data
    for name in (*request.against, *(n for crossed in request.across for n in crossed.names)):
        if name.text not in data.table and set_in(name.text, data) is not None:
            message = english(
                "Of “{text}” each case can have several answers, so it makes no groups; count it instead.",
                text=name.text,
            )
            raise Problem(message, at=name.at, length=len(name.text))
    subjects = [subject for subject in request.subjects if isinstance(subject, Crossed)]
    found = {name: one for s in subjects for name in s.names if (one := set_in(name.text, data)) is not None}
    if not found:
        return data
    first, wanted = next(iter(found.items()))
    _refuse_others(request, first)
    return made_of(data, wanted, lambda: _prepared(wanted, data))


def _refuse_others(request: Request, name: Name) -> None:
    alone = (
        len(request.subjects) == 1 and isinstance(request.subjects[0], Crossed) and len(request.subjects[0].names) == 1
    )
    if not alone:
        message = english(
            "“{text}” is a question with several answers; count it in a sentence of its own.", text=name.text
        )
        raise Problem(message, at=name.at, length=len(name.text))


def _prepared(wanted: AnswerSet, data: Dataset) -> Dataset:
    """The data with the combinations as a variable; they go on to know the set and who gave which answer."""
    made, answers = with_set(wanted, data), given(wanted, data)
    made.once("set", wanted.name, lambda: wanted)
    made.once("given", wanted.name, lambda: answers)
    return made
