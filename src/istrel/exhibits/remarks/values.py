"""Remarks on the values of one variable: codes, far values, humps, a ceiling or floor, many zeros."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.formula.tree import Comparison, Literal, Name
from istrel.data.guess import suspected_codes
from istrel.data.levels import Level
from istrel.data.limits import FEWEST_FOR_HUMPS, FINEST_FOR_HUMPS
from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.claims import unless_alike
from istrel.exhibits.contracts import Plan
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, Text, listed, say
from istrel.exhibits.wording import summary_cell, titled, value_cell
from istrel.sentence.edit import toggle_group
from istrel.stats import density
from istrel.stats.correlation import eta
from istrel.stats.moderate import moderate
from istrel.stats.remote import remote
from istrel.style.numbers import Kind

Array = NDArray[np.float64]
MOST_CASES = 200_000  # beyond, these are Intake's to find: here the paper would wait for them
A_LOOK = 5_000
ENOUGH = 50
MOST_GROUPS, PARTS = 8, 0.45  # values of a category that may part humps, and the least correlation ratio
AT_THE_END, PILED = 0.08, 3.0  # share of cases at an end, and how many times as many as at values beside it
MANY_ZEROS = 0.2
MOVES = 0.01  # a mean that moves by so much of its SD is worth saying

FAR = {
    (True, True): "lies_far_above_the_rest",
    (True, False): "lie_far_above_the_rest",
    (False, True): "lies_far_below_the_rest",
    (False, False): "lie_far_below_the_rest",
}


def _too_many(plan: Plan) -> bool:
    """Whether nobody looks at single cases: there are many, or rows stand for many."""
    return plan.data.times is not None or plan.data.n_rows > MOST_CASES


def used_values(name: str, plan: Plan) -> Array:
    """The usable values of the cases in use, in the order of the file."""
    numbers = plan.data.numbers(name)
    return np.asarray(numbers.values[numbers.valid & plan.cases.mask])


def codes(name: str, plan: Plan) -> list[MarginNote]:
    """Values that look as if they meant no answer."""
    if _too_many(plan):
        return []
    values = used_values(name, plan)
    notes = []
    for code in suspected_codes(values):
        times = int((values == code).sum())
        once = "stands_time_a_code_for"
        template = once if times == 1 else "stands_times_a_code_for"
        shown = f"{code:g}".replace("-", "−")
        remedy = Remedy(english("treat {shown} as missing", shown=shown), variable=name, code=code)
        behind = Behind(f"{name}: {shown}", values=(name, (code,)))
        says = say(template, code=Cell(code, Kind.CODE), n=times)
        notes.append(MarginNote("code", name, (), says, (remedy,), behind))
    return notes


def far(name: str, plan: Plan) -> list[MarginNote]:
    """Values so far out, by Intake's own rule, that they are more likely slips than people; and what they do to the mean."""
    if _too_many(plan):
        return []
    values = used_values(name, plan)
    values = values[~np.isin(values, suspected_codes(values))]
    out = remote(values)
    if not out.any():
        return []
    says = _far_words(values[out], float(np.median(values)))
    before, after = _mean_sd(values), _mean_sd(values[~out])
    if not plan.request.across and abs(before[0] - after[0]) > MOVES * after[1]:
        says = unless_alike(
            "without_it_m_is_instead" if out.sum() == 1 else "without_them_m_is_instead",
            differ=(("mean", "was"),),
            otherwise=says,
            far=says,
            mean=summary_cell(after[0], name, plan.data),
            was=summary_cell(before[0], name, plan.data),
        )
    behind = Behind(f"{name}: far from the rest", values=(name, tuple(np.unique(values[out]).tolist())))
    return [MarginNote("remote_value", name, (), says, cases=behind)]


def _far_words(out: Array, middle: float) -> Text:
    """Which values lie far out, on one side of the middle or on both."""
    low, high = float(out.min()), float(out.max())
    if low < middle < high:
        return say("lie_far_from_the_rest", n=out.size, low=Cell(low, Kind.CODE), high=Cell(high, Kind.CODE))
    above, one = high > middle, out.size == 1
    return say(FAR[above, one], n=out.size, value=Cell(high if above else low, Kind.CODE))


def _mean_sd(values: Array) -> tuple[float, float]:
    plain, exponent = moderate(values)
    return float(np.ldexp(plain.mean(), exponent)), float(
        np.ldexp(plain.std(ddof=1), exponent)
    ) if plain.size > 1 else 0.0


def humps_of(values: Array) -> tuple[float, ...]:
    """Where the density has its modes; none where there are too few values, or too few different ones."""
    if values.size < FEWEST_FOR_HUMPS or np.unique(values[:: max(1, values.size // A_LOOK)]).size < FINEST_FOR_HUMPS:
        return ()
    plain, exponent = moderate(np.sort(values))
    return tuple(np.ldexp(density.sure_humps(density.density(plain), plain.size), exponent).tolist())


def humps(name: str, plan: Plan, modes: tuple[float, ...] | None = None) -> list[MarginNote]:
    """Two humps or more: where, and the category that parts them, with a click to split by it."""
    if plan.request.across or _too_many(plan):
        return []
    if modes is None:
        if plan.data.variable(name).level is not Level.CONTINUOUS:
            return []
        values = used_values(name, plan)
        modes = humps_of(values[~np.isin(values, suspected_codes(values))])
    if len(modes) < 2:
        return []
    where = listed([(value_cell(mode, name, plan.data, figures=3),) for mode in modes])
    category = parting(name, plan)
    if not category:
        return [MarginNote("humps", name, (), say("humps_hidden_by_mean", n=len(modes), where=where))]
    label = titled(plan.data.variable(category))
    says = say("humps_part_by", n=len(modes), where=where, category=label)
    remedy = Remedy(english("split by {category}", category=category), request=toggle_group(plan.request, category))
    return [MarginNote("humps", name, (), says, (remedy,))]


def parting(name: str, plan: Plan) -> str:
    """The category whose groups differ most in a variable, where that is much; empty where none does."""
    numbers = plan.data.numbers(name)
    best, strength = "", PARTS
    for variable in plan.data.codebook.variables:
        if (
            not variable.level.categorical
            or not variable.in_use
            or variable.name == name
            or variable.formula is not None
        ):
            continue
        categories = plan.data.categories(variable.name)
        if not 2 <= len(categories.values) <= MOST_GROUPS:
            continue
        both = numbers.valid & plan.cases.mask & (categories.codes >= 0)
        found = (
            eta(moderate(numbers.values[both])[0], categories.codes[both], len(categories.values)) if both.any() else 0
        )
        if found > strength:
            best, strength = variable.name, found
    return best


def ends(name: str, plan: Plan) -> list[MarginNote]:
    """Many cases at the highest or lowest value: the measure could not go further."""
    if _too_many(plan) or not plan.data.variable(name).level.measured:
        return []
    values = used_values(name, plan)
    values = values[~np.isin(values, suspected_codes(values))]
    distinct, counts = np.unique(values, return_counts=True)
    if values.size < ENOUGH or distinct.size < 8:
        return []
    notes = []
    ceiling = "of_cases_stand_at_the"
    floor = "of_cases_stand_at_the_lowest"
    sides = ((-1, slice(-4, -1), "highest", ceiling), (0, slice(1, 4), "lowest", floor))
    for place, neighbours, which, template in sides:
        share = counts[place] / values.size
        piled = counts[place] >= PILED * counts[neighbours].mean()
        if share < AT_THE_END or not piled or (place == 0 and distinct[0] == 0):
            continue
        value = value_cell(float(distinct[place]), name, plan.data)
        behind = Behind(f"{name} at its {which} value", values=(name, (float(distinct[place]),)))
        says = say(template, share=Cell(100 * share, Kind.WHOLE_PERCENT), value=value)
        notes.append(MarginNote("end_of_scale", name, (), says, cases=behind))
    return notes


def zeros(name: str, plan: Plan) -> list[MarginNote]:
    """Many zeros among values that are not negative: who has none, and how much the others have, are two questions."""
    variable = plan.data.variable(name)
    if _too_many(plan) or not variable.level.measured:
        return []
    values = used_values(name, plan)
    if values.size < ENOUGH or values.min() < 0 or values.max() <= 1:
        return []
    share = float((values == 0).mean())
    expected = float(np.exp(-values.mean())) if variable.level is Level.COUNT else 0.0  # of a Poisson count
    if share < MANY_ZEROS or share < 1.5 * expected:
        return []
    says = say("are_0_a_mean_mixes", share=Cell(100 * share, Kind.WHOLE_PERCENT))
    remedies: tuple[Remedy, ...] = ()
    if plan.request.among is None:
        above = replace(plan.request, among=Comparison(Name(name), ">", Literal(0.0)))
        remedies = (Remedy(english("only those above 0"), request=above),)
    return [MarginNote("many_zeros", name, (), says, remedies, Behind(f"{name} = 0", values=(name, (0.0,))))]
