"""The way through the house: sentence, Request, plan, result, sheet. The window, the command line and scripts all come here."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import cached_property
from importlib import import_module
from typing import Any, Protocol

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.data.table import Source
from istrel.exhibits.cases import Cases, Grouping
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.forms import FROM_NUMBERS, form_of
from istrel.exhibits.hiding import hidden
from istrel.exhibits.setting import MarginNote, Sheet
from istrel.exhibits.text import Text
from istrel.problem import Problem
from istrel.sentence import Request, parse
from istrel.sentence.names import understood


class Result(Protocol):
    """What every verb's result has: cells in order, a drawing per cell of a figure, and the groups."""

    @property
    def cases(self) -> Cases: ...

    @property
    def cells(self) -> tuple[Any, ...]: ...

    @property
    def drawings(self) -> tuple[Any, ...]: ...

    @property
    def groupings(self) -> tuple[Grouping, ...]: ...


@dataclass(frozen=True, eq=False)
class Exhibit:
    """A finished table or figure with everything that was said and found on its way. It knows no house style.

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
    result: Result
    sheet: Sheet
    margin: tuple[MarginNote, ...]
    methods: Text
    text: Text
    plan: Any

    @property
    def cases(self) -> Cases:
        """The cases in use."""
        return self.result.cases

    @property
    def is_figure(self) -> bool:
        return isinstance(self.sheet, FigureSheet)

    @cached_property
    def whole(self) -> Result:
        """The result with every statistic there is, for programs that read all of it; computed when first asked for."""
        plan = self.plan.whole()
        if plan is self.plan or plan.computed == self.plan.computed:
            return self.result
        found: Result = hidden(plan, _verb(self.request.verb).compute(plan))
        return replace(found, drawings=self.result.drawings) if plan.form in FROM_NUMBERS else found  # type: ignore[type-var]


def make_exhibit(sentence: str, data: Dataset, standing: Condition | None = None) -> Exhibit:
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
    typed = understood(sentence, data.codebook)
    try:
        return _made(sentence, parse(typed.text), data, standing)
    except Problem as problem:
        raise typed.told(problem) from None


def _made(sentence: str, request: Request, data: Dataset, standing: Condition | None) -> Exhibit:
    verb = _verb(request.verb)
    plan = verb.resolve(request, data, standing)
    result = hidden(plan, verb.compute(plan))
    if plan.form in FROM_NUMBERS:
        result = replace(result, drawings=form_of(plan.form).of_numbers(plan, result))
    setting = verb.typeset(plan, result)
    return Exhibit(
        sentence=sentence,
        request=request,
        source=data.table.source,
        form=plan.form,
        shown=setting.shown,
        result=result,
        sheet=setting.sheet,
        margin=setting.margin,
        methods=setting.methods,
        text=setting.text,
        plan=plan,
    )


def _verb(name: str) -> Any:
    """The package of a verb: each has the same three names."""
    return import_module(f"istrel.exhibits.verbs.{name}")
