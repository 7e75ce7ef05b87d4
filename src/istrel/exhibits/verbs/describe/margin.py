"""Margin notes: what a careful supervisor would write beside the exhibit, with a remedy where there is one."""

from __future__ import annotations

from dataclasses import replace

from istrel.data.levels import Level
from istrel.data.limits import SKEWED
from istrel.english import english
from istrel.exhibits.claims import claim
from istrel.exhibits.remarks import groups, values
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, Text, listed, say
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell
from istrel.exhibits.wording import titled
from istrel.style.numbers import Kind

MOST_NOTES, LEAST_EACH = 8, 2
MOST_NAMED, FEWEST_CHARACTERISTICS = 3, 3


def margin_notes(plan: DescribePlan, result: DescribeResult) -> tuple[MarginNote, ...]:
    """Remarks in the order of the subjects, at most one of each kind per variable."""
    if plan.request.settings["hide_below"]:
        return ()  # a remark would speak of what is hidden
    found: list[list[MarginNote]] = []
    for subject in plan.subjects:
        if subject.treated != "numbers":
            continue
        name = subject.name
        cells = [c for c in result.cells if isinstance(c, MeasuredCell) and c.variable == name]
        codes = values.codes(name, plan)
        shape = (
            [] if codes else [*values.humps(name, plan), *_skew(cells, plan)]
        )  # a code bends the shape: first things first
        found.append([*codes, *values.far(name, plan), *shape, *values.ends(name, plan), *values.zeros(name, plan)])
        found[-1] += [*groups.missing(cells), *groups.spread(cells), *groups.small(cells)]
    notes = [*_ordinal_means(plan), *_fewest(found)][:MOST_NOTES]
    tested = {
        difference.variable
        for difference in result.differences
        if difference.test is not None and not difference.paired
    }
    if len(tested) >= FEWEST_CHARACTERISTICS:  # a table of who was in which group
        says = say("where_chance_made_the_groups")
        notes.append(MarginNote("groups_by_chance", "", (), says))
    return tuple(_named(note, plan) for note in notes)


def _fewest(found: list[list[MarginNote]]) -> list[MarginNote]:
    """The first remarks on each variable, so many that they stay few; in the order of the variables."""
    each = max(LEAST_EACH, MOST_NOTES // max(1, len(found)))
    return [note for notes in found for note in notes[:each]][:MOST_NOTES]


def _named(note: MarginNote, plan: DescribePlan) -> MarginNote:
    """The note with its variable's name, where it cannot stand beside that."""
    apart = plan.together is not None or plan.layout in ("statistics", "variables")
    if not note.variable or not apart or len(plan.subjects) == 1:
        return note
    name = titled(plan.data.variable(note.variable))
    return replace(note, says=say("remark_of", name=name, remark=note.says))


def _ordinal_means(plan: DescribePlan) -> list[MarginNote]:
    """Means of ordinal variables, in one remark for all of them."""
    if "mean" not in plan.shown or plan.form != "table":
        return []
    names = [s.name for s in plan.subjects if s.treated == "numbers" and _is_ordinal(s.name, plan)]
    if len(names) < 2:
        return [
            MarginNote("ordinal_mean", name, (), say("mean_of_an_ordinal_variable"), _medians(plan)) for name in names
        ]
    said = listed([titled(plan.data.variable(name)) for name in names[:MOST_NAMED]])
    says = (
        say("means_of_ordinal_variables", names=said)
        if len(names) <= MOST_NAMED
        else say("means_of_n_ordinal_variables", n=len(names))
    )
    return [MarginNote("ordinal_mean", "", (), says, _medians(plan))]


def _is_ordinal(name: str, plan: DescribePlan) -> bool:
    return plan.data.variable(name).level is Level.ORDINAL


def _skew(cells: list[MeasuredCell], plan: DescribePlan) -> list[MarginNote]:
    if plan.form != "table" or "mean" not in plan.shown:
        return []
    skewed = [cell for cell in cells if abs(cell.number("skewness")) > SKEWED]
    if not skewed:
        return []
    worst = max(skewed, key=lambda cell: abs(cell.number("skewness")))
    right = worst.number("skewness") > 0
    plainly = say("right_skew") if right else say("left_skew")
    strong = "strong_right_skew" if right else "strong_left_skew"
    says = claim("strong skew", [worst.number("skewness")], strong, otherwise=plainly)
    return [MarginNote("skewed", worst.variable, worst.group.labels, (*says, *_apart(worst)), _medians(plan))]


def _apart(cell: MeasuredCell) -> Text:
    """How far the mean lies from the median."""
    middle = cell.number("median")
    if not middle > 0:
        return ()
    apart = 100 * (cell.number("mean") - middle) / middle
    if not abs(apart) >= 1:
        return ()
    share = Cell(abs(apart), Kind.COUNT)
    return say("mean_above_the_median" if apart > 0 else "mean_below_the_median", share=share)


def _medians(plan: DescribePlan) -> tuple[Remedy, ...]:
    """The same sentence with medians and quartile ranges in the place of means and SDs."""
    swap = {"mean": "median", "sd": "iqr"}
    wanted = tuple(dict.fromkeys(swap.get(key, key) for key in plan.shown))
    request = replace(plan.request, settings=plan.request.settings.with_value("statistics", wanted))
    return (Remedy(english("use medians"), request=request),)
