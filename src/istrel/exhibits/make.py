"""The way through the house: Request, plan, result, sheet. The window, the command line and scripts all come here."""

from __future__ import annotations

from dataclasses import dataclass
from functools import cached_property
from itertools import islice

from istrel.data.dataset import Dataset
from istrel.data.formula.tree import Condition
from istrel.data.spread import as_cases, as_counted
from istrel.data.table import Source
from istrel.english import english
from istrel.exhibits.answer_sets import with_answer_sets
from istrel.exhibits.cases import Cases, refuse_two_ways
from istrel.exhibits.contracts import Plan, Result
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.formulas import with_formulas
from istrel.exhibits.occasions import with_occasions
from istrel.exhibits.one_row_each import with_one_row_each
from istrel.exhibits.remarks.rows import rows_remark
from istrel.exhibits.setting import MarginNote, Sheet
from istrel.exhibits.text import Text, sentences
from istrel.exhibits.verbs.catalogue import AnyVerb, verb_of
from istrel.exhibits.weights import refuse_unweighable
from istrel.exhibits.wording import weights_methods
from istrel.problem import Problem
from istrel.sentence.request import Request, show
from istrel.sentence.vocabulary import FORMS

MOST_COUNSEL = 3


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

    request: Request
    source: Source
    form: str
    shown: tuple[str, ...]
    result: Result
    sheet: Sheet
    margin: tuple[MarginNote, ...]
    methods: Text
    text: Text
    plan: Plan

    @property
    def sentence(self) -> str:
        """What it is, as a sentence."""
        return show(self.request)

    @cached_property
    def counsel(self) -> tuple[MarginNote, ...]:
        """What could be done next, at most three pieces; found when first asked for, so that no proof waits for it."""
        if self.request.settings["hide_below"] is not None:
            return ()
        return tuple(islice(verb_of(self.request.verb).advise(self.plan, self.result), MOST_COUNSEL))

    @property
    def cases(self) -> Cases:
        """The cases in use."""
        return self.result.cases

    @property
    def drawn_plan(self) -> Plan:
        """What its drawings were made from."""
        return self.plan.together or self.plan

    @property
    def is_figure(self) -> bool:
        return isinstance(self.sheet, FigureSheet)

    @cached_property
    def whole(self) -> Result:
        """The result with every statistic there is, for programs that read all of it; computed when first asked for."""
        plan = self.plan.whole()
        if plan is self.plan:
            return self.result
        verb = verb_of(self.request.verb)
        found = _hidden(verb, plan, verb.compute(plan))
        from_numbers = plan.form != "table" and form_of(plan.form).of_numbers is not None
        return verb.drawn(found, self.result.drawings) if from_numbers else found


def make_exhibit(request: Request, data: Dataset, standing: Condition | None = None) -> Exhibit:
    """The exhibit that a request means for these data.

    Parameters
    ----------
    standing
        The condition on cases that holds for the whole study, besides the request's own.

    Raises
    ------
    Problem
        For a request that cannot be met; `at` and `length` show the word, where it was typed.
    """
    refuse_two_ways(request.settings)
    verb, data = verb_of(request.verb), as_asked(request, data, standing)
    refuse_unweighable(request, data, form_is_weighted=_is_weighted(request.shape))
    plan: Plan = verb.resolve(request, data, standing)
    result = _hidden(verb, plan, verb.compute(plan))
    if plan.form != "table" and (of_numbers := form_of(plan.form).of_numbers) is not None:
        result = verb.drawn(result, of_numbers(plan, result))
    setting = verb.typeset(plan, result)
    return Exhibit(
        request=request,
        source=data.table.source,
        form=request.shape,
        shown=setting.shown,
        result=result,
        sheet=setting.sheet,
        margin=(*rows_remark(plan), *setting.margin),
        methods=sentences([setting.methods, *weights_methods(plan.cases)]),
        text=setting.text,
        plan=plan,
    )


def as_asked(request: Request, data: Dataset, standing: Condition | None) -> Dataset:
    """The data as a sentence takes them: cases for counted rows, occasions, formulas, one row of each person, sets of answers."""
    rows = data.codebook.rows
    if rows.counted and not rows.person and not rows.weight:
        counted = with_formulas(request, as_counted(data))
        whole = with_occasions(request, counted) is counted
        if whole and verb_of(request.verb).by_value(request, counted):
            return with_answer_sets(request, counted)
    data = with_formulas(request, with_occasions(request, as_cases(data)))
    return with_answer_sets(request, with_one_row_each(request, data, standing))


def _is_weighted(form: str) -> bool:
    """Whether a form gives numbers of the population; tables say of each what has none."""
    return form_of(form).weighted if FORMS[form].drawn else form == "table"


def _hidden(verb: AnyVerb, plan: Plan, result: Result) -> Result:
    """The result without its small counts, where the sentence asks for that, before anything is built from it."""
    below = plan.request.settings["hide_below"]
    if below is None:
        return result
    if plan.form != "table" and form_of(plan.form).counts is None:
        raise Problem(
            english(
                "“{form}” shows every case or accounts for it, so small counts cannot be hidden in it; set it as table.",
                form=plan.form,
            )
        )
    if plan.request.settings["points"]:
        raise Problem(english("Single cases cannot be shown where small counts are hidden; leave points out."))
    found: Result = verb.counts(plan, result, below)
    return found
