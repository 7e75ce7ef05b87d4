"""Exhibits and kept parts from sentences, for tests: the text is parsed where it is typed, everything else takes Requests."""

from __future__ import annotations

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.exhibits import make
from istrel.exhibits.make import Exhibit
from istrel.problem import Problem
from istrel.sentence import parse, request_of
from istrel.sentence.names import understood
from istrel.study import remake
from istrel.study.parts import Accepted, Kept
from istrel.study.study import StudySource


def make_exhibit(sentence: str, data: Dataset, standing: Condition | None = None) -> Exhibit:
    request, typed = request_of(sentence, data.codebook), understood(sentence, data.codebook)
    try:
        return make.make_exhibit(request, data, standing)
    except Problem as problem:
        raise typed.told(problem) from None


def exhibit_of(sentence: str, source: StudySource) -> Exhibit:
    return remake.exhibit_of(request_of(sentence, source.data.codebook), source)


def kept_as(sentence: str, accepted: tuple[Accepted, ...] = (), *, is_figure: bool = False, source: str = "") -> Kept:
    return Kept(parse(sentence), accepted, is_figure, source=source)
