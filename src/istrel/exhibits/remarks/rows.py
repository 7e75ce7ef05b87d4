"""A remark on rows that are no cases of their own, where something is asked that takes them for independent."""

from __future__ import annotations

from istrel.exhibits.contracts import Plan
from istrel.exhibits.persons import Persons, persons_of
from istrel.exhibits.setting import MarginNote
from istrel.exhibits.text import say
from istrel.exhibits.wording import titled


def rows_remark(plan: Plan) -> tuple[MarginNote, ...]:
    """That somebody stands in several rows, where a test is asked for that cannot be given for it."""
    persons = persons_of(plan.data, plan.cases) if _takes_rows_for_independent(plan) else None
    if persons is None or (plan.request.verb != "describe" and not _anyone_repeats(persons, plan)):
        return ()
    name = titled(plan.data.variable(persons.name))
    phrase = "rows_of_one_are_no_cases" if persons.declared else "rows_of_one_stand_apart"
    return (MarginNote("", (), say(phrase, name=name)),)


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
