"""The way through the house: sentence, Request, plan, result, sheet. The window, the command line and scripts all come here."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.conditions import Condition
from istrel.data.dataset import Dataset
from istrel.data.problem import Problem
from istrel.exhibits import describe
from istrel.exhibits.cases import Cases
from istrel.exhibits.describe.notes import methods, results_text
from istrel.exhibits.describe.result import DescribeResult
from istrel.exhibits.margin import MarginNote, margin_notes
from istrel.exhibits.sheet import FigureSheet, Sheet, Text
from istrel.sentence import Request, parse
from istrel.style.house import HouseStyle

VERBS = {"describe": describe}


@dataclass(frozen=True, eq=False)
class Exhibit:
    """A finished table or figure with everything that was said and found on its way.

    Attributes
    ----------
    shown
        The statistic in each column, where columns are statistics.
    margin
        What a supervisor would write beside it.
    """

    sentence: str
    request: Request
    form: str
    shown: tuple[str, ...]
    cases: Cases
    result: DescribeResult
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
    if request.verb not in VERBS:
        at = len(sentence) - len(sentence.lstrip())
        message = f"“{request.verb}” is not carried out yet; “describe” is."
        raise Problem(message, at=at, length=len(request.verb))
    verb = VERBS[request.verb]
    plan = verb.resolve(request, data, standing)
    result = verb.compute(plan)
    return Exhibit(
        sentence=sentence,
        request=request,
        form=plan.form,
        shown=plan.shown if plan.tabular else (),
        cases=plan.cases,
        result=result,
        sheet=verb.typeset(plan, result),
        margin=margin_notes(plan, result),
        methods=methods(plan),
        text=results_text(plan, result, style),
    )
