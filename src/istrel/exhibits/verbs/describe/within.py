"""Differences where persons stand in several rows: paired within them, their means compared between them, or refused by name."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping
from istrel.exhibits.persons import Occasions, Persons, means_of_persons, occasions, varies_within
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject, by_ranks
from istrel.stats import moments
from istrel.stats.differences import means, paired, ranks
from istrel.stats.differences.common import FEW_GROUPS, Effect, GroupTest
from istrel.stats.estimates import Undefined, undefined
from istrel.stats.grouping import Arranged, arrange
from istrel.stats.student import t_quantile

Array = NDArray[np.float64]
ONLY_OF_MEANS = undefined("only_of_mean_changes")


@dataclass(frozen=True)
class Compared:
    """What was found of one variable: the measure, the test, a second measure of the same, and on how many persons."""

    effect: Effect | None
    test: GroupTest | None
    besides: Effect | None = None
    persons: int = 0
    paired: bool = False
    meant: str = ""
    averaged: bool = False


def refused(why: Undefined, plan: DescribePlan) -> Compared:
    """Nothing, and why."""
    said = plan.request.settings
    effect = Effect("", why, why, why) if said["difference"] else None
    return Compared(effect, GroupTest("", why, p=why) if said["test"] else None)


def difference_of_persons(
    subject: Subject, grouping: Grouping, groups: int, persons: Persons, plan: DescribePlan
) -> Compared:
    """The difference that fits how the groups lie to the persons."""
    if not persons.declared:
        return refused(persons.reason, plan)
    kinds = [varies_within(plan.data.categories(name).codes, persons) for name in grouping.names]
    if not any(kinds):
        return _asked(_between(subject, grouping, groups, persons, plan), plan)
    values, use, meant, two = _values(subject, plan)
    if values is None or plan.request.settings["measure"] not in ("difference", "d_z"):
        return refused(undefined("not_compared_within_persons", name=persons.name), plan)
    seen = occasions(values, use, grouping.codes, groups, persons)
    averaged = seen.doubled and _are_averaged(subject, grouping, plan)
    if seen.doubled and not averaged:
        return refused(undefined("a_person_has_two_rows", name=persons.name), plan)
    if all(kinds) or len(kinds) == 1:
        found = _within(seen, plan, subject, two=two, meant=meant)
    else:
        found = _changes(seen, grouping, kinds, plan, persons)
    return _asked(replace(found, averaged=averaged), plan)


def _are_averaged(subject: Subject, grouping: Grouping, plan: DescribePlan) -> bool:
    """Whether the rows of a person in a group are several measurements of one thing, as trials are: the occasion that tells them
    apart is no part of what is compared, or there is none. Places in an order and shares are not averaged.
    """
    occasion, level = plan.data.codebook.rows.occasion, plan.data.variable(subject.name).level
    measured = subject.treated == "numbers" and level not in (Level.BINARY, Level.ORDINAL)
    return occasion not in grouping.names and measured


def _asked(found: Compared, plan: DescribePlan) -> Compared:
    """What the sentence asks for alone."""
    said = plan.request.settings
    effect, besides = (found.effect, found.besides) if said["difference"] else (None, None)
    return replace(found, effect=effect, besides=besides, test=found.test if said["test"] else None)


def _values(subject: Subject, plan: DescribePlan) -> tuple[Array | None, NDArray[np.bool_], str, bool]:
    """(values, which count, the value whose share is compared, whether there are two alone); None for names without order."""
    level = plan.data.variable(subject.name).level
    if subject.treated == "numbers" and level is not Level.BINARY:
        numbers = plan.data.numbers(subject.name)
        return numbers.values, numbers.valid, "", False
    found = plan.data.categories(subject.name)
    two = len(found.values) == 2
    if level is Level.ORDINAL or two:
        meant = found.labels[1] if two and level is not Level.ORDINAL else ""
        return found.codes.astype(np.float64), found.codes >= 0, meant, bool(meant)
    return None, found.codes >= 0, "", False


def seen_on(
    subject: Subject, grouping: Grouping, groups: int, persons: Persons, plan: DescribePlan
) -> tuple[Occasions | None, bool]:
    """(the values of persons on each occasion, whether ranks compare them); None for names without order and for two values."""
    values, use, _, two = _values(subject, plan)
    if values is None or two:
        return None, False
    ordinal = plan.data.variable(subject.name).level is Level.ORDINAL and plan.request.settings["test"] != "means"
    seen = occasions(values, use, grouping.codes, groups, persons)
    if seen.doubled and _are_averaged(subject, grouping, plan):
        seen = replace(seen, doubled=False)
    return seen, ordinal or by_ranks(plan.request.settings)


def _within(seen: Occasions, plan: DescribePlan, subject: Subject, *, two: bool, meant: str) -> Compared:
    """Persons who have all occasions."""
    filled = np.flatnonzero(~np.isnan(seen.values).all(axis=0))
    if filled.size < 2:
        return refused(FEW_GROUPS, plan)
    x, confidence = seen.complete(filled), plan.request.settings["confidence"]
    ordinal = plan.data.variable(subject.name).level is Level.ORDINAL and plan.request.settings["test"] != "means"
    by_rank = ordinal or by_ranks(plan.request.settings)
    if filled.size > 2:
        effect, test = paired.friedman(x) if two or by_rank else paired.repeated_f(x)
        return Compared(effect, test, None, x.shape[0], paired=True)
    if two:
        made = paired.change_of_shares(np.where(np.isnan(x), 0.0, x), confidence=confidence)
    elif by_rank:
        made = paired.signed_ranks(x, confidence=confidence)
    else:
        of_changes = plan.request.settings["measure"] == "d_z"
        made = paired.mean_change(x, confidence=confidence, of_changes=of_changes)
    pair = (int(filled[0]), int(filled[1]))
    effect = replace(made.effect, between=pair)
    besides = None if made.standardized is None else replace(made.standardized, between=pair)
    if plan.request.settings["measure"] == "d_z":
        fits = besides is not None and besides.measure == "d_z"
        effect, besides = (besides, effect) if fits and besides is not None else (Effect("", ONLY_OF_MEANS), None)
    return Compared(effect, made.test, besides, x.shape[0], paired=True, meant=meant)


def _between(subject: Subject, grouping: Grouping, groups: int, persons: Persons, plan: DescribePlan) -> Compared:
    """The means of persons, compared as persons are."""
    if plan.request.settings["measure"] != "difference":
        return refused(
            undefined("only_within_persons" if plan.request.settings["measure"] == "d_z" else "only_for_a_2_2"), plan
        )
    if subject.treated != "numbers":
        return refused(persons.reason, plan)
    confidence = plan.request.settings["confidence"]
    cells = cells_between(subject.name, grouping, groups, persons, plan)
    n = int(cells.sizes.sum())
    if not by_ranks(plan.request.settings):
        made = moments.moments(cells)
        return Compared(means.measured_effect(made, confidence=confidence), means.welch(made), None, n)
    codes = np.repeat(np.arange(groups), cells.sizes)
    different, place = np.unique(cells.values, return_inverse=True)
    counts = np.bincount(place.ravel() * groups + codes, minlength=different.size * groups).reshape(-1, groups)
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    effect = ranks.epsilon_squared(counts)
    if filled.size == 2:
        pair = (int(filled[0]), int(filled[1]))
        effect = replace(ranks.shift(cells.only(pair[0]), cells.only(pair[1]), confidence=confidence), between=pair)
    return Compared(effect, ranks.rank_test(counts), None, n)


def cells_between(name: str, grouping: Grouping, groups: int, persons: Persons, plan: DescribePlan) -> Arranged:
    """The mean of each person, in the groups."""
    numbers = plan.data.numbers(name)
    values, codes = means_of_persons(numbers.values, numbers.valid, grouping, persons)
    return arrange(values, codes, codes < groups, groups)


def _changes(seen: Occasions, grouping: Grouping, kinds: list[bool], plan: DescribePlan, persons: Persons) -> Compared:
    """Groups of persons on occasions: how much more the first of two changed than the second, by Welch's t; else whether all change
    alike, by the F of the interaction.
    """
    none = undefined("not_compared_within_persons", name=persons.name)
    if len(kinds) != 2 or plan.request.settings["test"] == "ranks":
        return refused(none, plan)
    groups = _sides(seen, grouping, kinds)
    if groups is None:
        return refused(none, plan)
    if min(len(groups), groups[0].shape[1]) < 2:
        return refused(FEW_GROUPS, plan)
    if len(groups) == groups[0].shape[1] == 2:
        changes = [x[:, 1] - x[:, 0] for x in groups]
        return _difference_in_changes(changes, plan.request.settings["confidence"])
    effect, test = paired.interaction_f(groups)
    return Compared(effect, test, None, sum(x.shape[0] for x in groups), paired=True)


def _sides(seen: Occasions, grouping: Grouping, kinds: list[bool]) -> list[Array] | None:
    """Of each group of persons those who were seen on every occasion, (persons, occasions); None where a group lacks one."""
    place = kinds.index(True)
    times = list(dict.fromkeys(values[place] for values in grouping.values))
    groups: list[Array] = []
    for side in dict.fromkeys(values[1 - place] for values in grouping.values):
        at = [_place(grouping, place, time, side) for time in times]
        if None in at:
            return None
        groups.append(seen.complete(np.array(at, np.intp)))
    return groups


def courses_of(subject: Subject, grouping: Grouping, groups: int, persons: Persons, plan: DescribePlan) -> list[Array]:
    """The complete persons who were compared within themselves, (persons, occasions): of one group, or of each."""
    values, use, _, _ = _values(subject, plan)
    assert values is not None
    seen = occasions(values, use, grouping.codes, groups, persons)
    kinds = [varies_within(plan.data.categories(name).codes, persons) for name in grouping.names]
    if not all(kinds) and len(kinds) > 1:
        return _sides(seen, grouping, kinds) or []
    return [seen.complete(np.flatnonzero(~np.isnan(seen.values).all(axis=0)))]


def _place(grouping: Grouping, place: int, time: float | str, side: float | str) -> int | None:
    wanted = (time, side) if place == 0 else (side, time)
    return next((k for k, values in enumerate(grouping.values) if tuple(values) == wanted), None)


def _difference_in_changes(changes: list[Array], confidence: float) -> Compared:
    values, codes = np.concatenate(changes), np.repeat(np.arange(2), [one.size for one in changes])
    test = means.welch(moments.moments(arrange(values, codes, np.ones(values.size, bool), 2)))
    if isinstance(test.statistic, Undefined):
        return Compared(Effect("difference_in_changes", test.statistic), test, None, values.size, paired=True)
    value = float(changes[0].mean() - changes[1].mean())
    error = float(np.sqrt(sum(one.var(ddof=1) / one.size for one in changes)))
    reach = t_quantile(test.df[0], confidence) * error
    effect = Effect("difference_in_changes", value, value - reach, value + reach, None, confidence)
    return Compared(effect, test, None, values.size, paired=True)
