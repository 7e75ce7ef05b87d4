"""The way through the house: sentence, Request, plan, result, sheet. The window, the command line and scripts all come here."""

from __future__ import annotations

from dataclasses import dataclass
from importlib import import_module
from typing import Any, Protocol

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.data.table import Source
from istrel.exhibits.cases import Cases
from istrel.exhibits.setting import MarginNote
from istrel.exhibits.sheet import FigureSheet, Sheet, Text
from istrel.sentence import Request, parse
from istrel.style.house import HouseStyle


class Result(Protocol):
    """What every verb's result has: cells in order, and for figures a drawing per cell."""

    @property
    def cells(self) -> tuple[Any, ...]: ...

    @property
    def drawings(self) -> tuple[Any, ...]: ...


@dataclass(frozen=True, eq=False)
class Exhibit:
    """A finished table or figure with everything that was said and found on its way.

    Attributes
    ----------
    source
        Where the data came from.
    shown
        The statistic in each column, where columns are statistics.
    margin
        What a supervisor would write beside it.
    """

    sentence: str
    request: Request
    source: Source
    form: str
    shown: tuple[str, ...]
    cases: Cases
    result: Result
    sheet: Sheet
    margin: tuple[MarginNote, ...]
    methods: str
    text: Text

    @property
    def is_figure(self) -> bool:
        return isinstance(self.sheet, FigureSheet)


def make_exhibit(sentence: str, data: Dataset, style: HouseStyle, standing: Condition | None = None) -> Exhibit:
    """The exhibit that a sentence means for these data.

    Parameters
    ----------
    standing
        The condition on cases that holds for the whole study, besides the sentence's own.

    Raises
    ------
    Problem
        For a sentence that cannot be understood or met; `at` and `length` show the word.
    """
    request = parse(sentence)
    verb = import_module(f"istrel.exhibits.{request.verb}")  # one package per verb, each with the same three names
    plan = verb.resolve(request, data, standing)
    result = verb.compute(plan)
    setting = verb.typeset(plan, result, style)
    return Exhibit(
        sentence=sentence,
        request=request,
        source=data.table.source,
        form=plan.form,
        shown=setting.shown,
        cases=plan.cases,
        result=result,
        sheet=setting.sheet,
        margin=setting.margin,
        methods=setting.methods,
        text=setting.text,
    )
