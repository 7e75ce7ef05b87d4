"""Differences between the groups of a `describe` plan: the measure and the test that fit each variable and what is asked of it."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping, shown_categories
from istrel.exhibits.persons import Persons, persons_of
from istrel.exhibits.shared import arranged, moments_of
from istrel.exhibits.verbs.describe.norms import against_norm
from istrel.exhibits.verbs.describe.of_samples import difference_of_sample
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject, by_ranks
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.describe.within import difference_of_persons
from istrel.stats.correlation import adjust
from istrel.stats.differences import categories, means, ranks
from istrel.stats.differences.common import Effect, GroupTest
from istrel.stats.differences.ratios import ratio_effect
from istrel.stats.estimates import Undefined
from istrel.stats.frequency import counted
from istrel.stats.grouping import Arranged

Counts = NDArray[np.int64]
OF_TWO_SHARES = ("risk_difference", "risk_ratio", "odds_ratio")


def differences_of(plan: DescribePlan) -> tuple[Difference, ...]:
    """One per variable and grouping, adjusted together."""
    said = plan.request.settings
    if plan.request.norm is not None:
        return tuple(against_norm(plan))
    if not (said["difference"] or said["test"]):
        return ()
    named = [grouping for grouping in plan.groupings if grouping.names]
    found = [d for s in plan.subjects for g in named if (d := _difference(s, g, plan)) is not None]
    if not said["test"] or said["adjust"] == "none":
        return tuple(found)
    p = [d.test.p if d.test is not None else np.nan for d in found]
    adjusted = adjust(np.array([np.nan if isinstance(x, Undefined) else x for x in p]), said["adjust"])
    return tuple(
        replace(d, p_adjusted=x if isinstance(x, Undefined) else float(mended))
        for d, x, mended in zip(found, p, adjusted, strict=True)
    )


def _difference(subject: Subject, grouping: Grouping, plan: DescribePlan) -> Difference | None:
    if subject.treated not in ("numbers", "categories"):
        return None
    persons = persons_of(plan.data, plan.cases)
    if plan.cases.weighted and (persons is None or persons.declared):
        return difference_of_sample(subject, grouping, true_groups(grouping), plan)
    if persons is not None:
        return _of_persons(subject, grouping, persons, plan)
    level, said = plan.data.variable(subject.name).level, plan.request.settings
    meant = ""
    if level.categorical and level is not Level.ORDINAL:
        effect, test, meant = _of_categories(subject.name, grouping, plan)
    elif level is Level.ORDINAL and plan.request.settings["test"] != "means":
        effect, test = _of_order(subject.name, grouping, plan)
    elif by_ranks(plan.request.settings):
        effect, test = _of_ranks(subject.name, grouping, plan)
    elif subject.treated == "numbers":
        effect, test = _of_means(subject.name, grouping, plan)
    else:
        return None
    if effect is not None and said["measure"] == "d_z":
        effect = Effect("", ONLY_WITHIN)
    elif effect is not None and said["measure"] != "difference" and effect.measure not in OF_TWO_SHARES:
        effect = Effect("", ONLY_SHARES)  # a ratio of shares is asked for
    pair = effect.between if effect is not None else None
    between = (grouping.groups[pair[0]], grouping.groups[pair[1]]) if pair else None
    of_means = test is not None and test.name in ("welch_t", "welch_f")
    spread = _spread(subject.name, grouping, plan) if of_means else None
    return Difference(subject.name, grouping.names, between, meant, effect, test, spread=spread)


def _of_persons(subject: Subject, grouping: Grouping, persons: Persons, plan: DescribePlan) -> Difference:
    found = difference_of_persons(subject, grouping, true_groups(grouping), persons, plan)
    pair = found.effect.between if found.effect is not None else None
    between = (grouping.groups[pair[0]], grouping.groups[pair[1]]) if pair else None
    made = Difference(subject.name, grouping.names, between, found.meant if pair else "", found.effect, found.test)
    return replace(made, besides=found.besides, persons=found.persons, paired=found.paired, averaged=found.averaged)


ONLY_SHARES = Undefined("only_for_a_2_2")
ONLY_WITHIN = Undefined("only_within_persons")


def _spread(name: str, grouping: Grouping, plan: DescribePlan) -> GroupTest:
    """Whether the groups spread alike."""
    return means.brown_forsythe(arranged(name, grouping, plan.data), true_groups(grouping))


Found = tuple[Effect | None, GroupTest | None]


def _of_categories(name: str, grouping: Grouping, plan: DescribePlan) -> tuple[Effect | None, GroupTest | None, str]:
    said = plan.request.settings
    counts, labels = counts_in(name, grouping, plan)
    effect = Effect("", ONLY_WITHIN) if said["difference"] else None
    if said["difference"] and said["measure"] == "difference":
        effect = categories.categories_effect(counts, confidence=said["confidence"])
    elif said["difference"] and said["measure"] != "d_z":
        effect = ratio_effect(counts, said["measure"].replace(" ", "_"), confidence=said["confidence"])
    tables = len(plan.subjects) * len(plan.groupings)
    test = categories.categories_test(counts, tables=tables) if said["test"] else None
    meant = effect is not None and effect.measure in OF_TWO_SHARES and len(labels) > 1
    return effect, test, labels[1] if meant else ""


def _of_order(name: str, grouping: Grouping, plan: DescribePlan) -> Found:
    said = plan.request.settings
    counts, _ = counts_in(name, grouping, plan)
    effect = ranks.ordered_effect(counts, confidence=said["confidence"]) if said["difference"] else None
    return effect, ranks.rank_test(counts) if said["test"] else None


def _of_means(name: str, grouping: Grouping, plan: DescribePlan) -> Found:
    said = plan.request.settings
    moments = moments_of(name, grouping, plan.data).of(slice(0, true_groups(grouping)))
    effect = means.measured_effect(moments, confidence=said["confidence"]) if said["difference"] else None
    return effect, means.welch(moments) if said["test"] else None


def _of_ranks(name: str, grouping: Grouping, plan: DescribePlan) -> Found:
    said = plan.request.settings
    cells = arranged(name, grouping, plan.data)
    counts = value_counts(cells, true_groups(grouping))
    filled = np.flatnonzero(counts.sum(axis=0) > 0)
    test = ranks.rank_test(counts) if said["test"] else None
    if not said["difference"]:
        return None, test
    if filled.size != 2:
        return ranks.epsilon_squared(counts), test
    pair = (int(filled[0]), int(filled[1]))
    found = ranks.shift(cells.only(pair[0]), cells.only(pair[1]), confidence=said["confidence"])
    return replace(found, between=pair), test


def value_counts(cells: Arranged, groups: int) -> Counts:
    """(different values in their order) by groups, for values in order within their groups."""
    held = int(cells.bounds[groups])
    values, place = np.unique(cells.values[:held], return_inverse=True)
    group = np.repeat(np.arange(groups), cells.held[:groups])
    times = None if cells.times is None else cells.times[:held]
    return counted(place.ravel() * groups + group, values.size * groups, times).reshape(values.size, groups)


def true_groups(grouping: Grouping) -> int:
    """How many groups there are besides that of cases without a group value, which stands last."""
    return grouping.n_groups - sum(values == ("",) for values in grouping.values)


def counts_in(name: str, grouping: Grouping, plan: DescribePlan) -> tuple[Counts, list[str]]:
    """(values by groups, the values in print)."""
    found = plan.data.categories(name)
    places = shown_categories(name, plan.data, plan.groupings)
    groups, used = grouping.n_groups, (found.codes >= 0) & (grouping.codes >= 0)
    flat = found.codes[used].astype(np.int64) * groups + grouping.codes[used]
    times = None if grouping.times is None else grouping.times[used]
    counts = counted(flat, len(found.values) * groups, times).reshape(-1, groups)
    return counts[places][:, : true_groups(grouping)], [found.labels[place] for place in places]
