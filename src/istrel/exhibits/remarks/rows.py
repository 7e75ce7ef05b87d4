"""Remarks on rows that are no cases of their own: where they are taken for independent, or few are left by their weights."""

from __future__ import annotations

from istrel.english import english
from istrel.exhibits.contracts import Plan
from istrel.exhibits.persons import Persons, persons_of
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, say
from istrel.exhibits.weights import effective_n
from istrel.exhibits.wording import titled
from istrel.style.numbers import Kind

FEW_BY_WEIGHTS = 30.0


def rows_remark(plan: Plan) -> tuple[MarginNote, ...]:
    """That somebody stands in several rows, where a test is asked for that cannot be given for it."""
    if plan.cases.weighted and (plan.data.codebook.rows.person or not _takes_rows_for_independent(plan)):
        return _few_by_weights(plan)
    persons = persons_of(plan.data, plan.cases) if _takes_rows_for_independent(plan) else None
    if persons is None or (plan.request.verb != "describe" and not _anyone_repeats(persons, plan)):
        return ()
    name = titled(plan.data.variable(persons.name))
    if persons.declared:
        return (MarginNote("repeated_persons", "", (), say("rows_of_one_are_no_cases", name=name)),)
    words = english("each {name} has several rows", name=persons.name)
    remedies = (Remedy(words, person=persons.name),)
    return (MarginNote("repeated_persons", "", (), say("rows_of_one_stand_apart", name=name), remedies),)


def _few_by_weights(plan: Plan) -> tuple[MarginNote, ...]:
    """That unequal weights leave the sample as good as a small one."""
    if plan.cases.hides:
        return ()
    _, n = effective_n(plan.data, plan.cases)
    return (
        (MarginNote("few_by_weights", "", (), say("few_by_weights", n=Cell(n, Kind.STATISTIC, 1))),)
        if n < FEW_BY_WEIGHTS
        else ()
    )


def _anyone_repeats(persons: Persons, plan: Plan) -> bool:
    """Whether anybody stands twice in one group."""
    return any(bool(persons.repeating(grouping.codes, grouping.n_groups).any()) for grouping in plan.groupings)


def _takes_rows_for_independent(plan: Plan) -> bool:
    request = plan.request
    match request.verb:
        case "describe":
            compared = bool(request.settings["difference"] or request.settings["test"])
            return compared and not plan.data.codebook.rows.person
        case "relate":
            return not (request.settings["within"] or request.settings["between"])
        case "count":
            return bool(request.against)
        case _:
            return True
