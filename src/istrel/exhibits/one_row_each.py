"""Persons counted instead of their rows: the data with one row of each, for what is the same in all of them."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Dataset
from istrel.data.formula.evaluate import holds
from istrel.data.formula.tree import Condition
from istrel.data.sets import given, set_in
from istrel.english import english
from istrel.exhibits.cases import subject_names
from istrel.exhibits.persons import person_codes
from istrel.problem import Problem
from istrel.sentence.request import Crossed, Request


def with_one_row_each(request: Request, data: Dataset, standing: Condition | None) -> Dataset:
    """The data with all rows of a person set aside but one, where persons are to be counted: one that meets the conditions and has
    a value of everything that is counted, where there is any.

    Raises
    ------
    Problem
        Where nobody is said to have several rows, small counts are hidden, or something differs between the rows of a person.
    """
    if not request.settings["persons"]:
        return data
    at, length = request.settings.place_of("persons")
    if not data.codebook.rows.person:
        message = english(
            "“persons” needs to know whose rows these are; say so at the head of the Codebook, or with --person."
        )
        raise Problem(message, at=at, length=length)
    if request.settings["hide_below"] is not None:
        message = english("Small counts are not hidden where persons are counted; leave one of both out.")
        raise Problem(message, at=at, length=length)
    persons, mask = person_codes(data), data.kept
    for condition in (standing, request.among):
        if condition is not None:
            mask &= holds(condition, data)
    used = np.flatnonzero(mask & (persons >= 0))
    present = np.ones(data.n_rows, bool)
    for name, codes in _counted(request, data):
        _refuse_varying(name, codes[used], persons[used], data)
        present &= codes >= 0
    order = used[np.lexsort((used, ~present[used], persons[used]))]
    first = np.concatenate([[True], persons[order][1:] != persons[order][:-1]]) if order.size else np.zeros(0, bool)
    aside = np.ones(data.n_rows, bool)
    aside[order[first]] = False
    return replace(data, aside=aside, _prepared={})


def _counted(request: Request, data: Dataset) -> Iterator[tuple[str, NDArray[np.integer]]]:
    """Every variable that is counted, or makes groups, and every answer of a question that has several; -1 where it is missing."""
    names: list[str] = []
    for subject in request.subjects:
        names += [name.text for name in subject.names] if isinstance(subject, Crossed) else subject_names(subject, data)
    names += [name.text for name in (*request.against, *(n for crossed in request.across for n in crossed.names))]
    for name in dict.fromkeys(names):
        if (answers := set_in(name, data)) is not None:
            made = given(answers, data)
            yield from ((name, np.where(made.known, chosen, -1)) for chosen in made.chosen)
        elif name in data.table:
            yield name, data.categories(name).codes


def _refuse_varying(name: str, codes: NDArray[np.integer], persons: NDArray[np.integer], data: Dataset) -> None:
    known = codes >= 0
    pairs = np.unique(persons[known].astype(np.int64) * (int(codes.max(initial=0)) + 1) + codes[known])
    if pairs.size > np.unique(persons[known]).size:
        who = data.codebook.rows.person
        raise Problem(
            english(
                "“{name}” differs between the rows of one {who}, so persons cannot be counted by it; leave persons out.",
                name=name,
                who=who,
            )
        )
