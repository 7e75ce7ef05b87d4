"""Every pair of more than two groups of a `describe` plan: independent ones together, occasions of persons one by one."""

from __future__ import annotations

from collections.abc import Iterator
from dataclasses import replace
from itertools import combinations

import numpy as np

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping
from istrel.exhibits.persons import Persons, persons_of, varies_within
from istrel.exhibits.shared import arranged, moments_of
from istrel.exhibits.verbs.describe.differences import OF_TWO_SHARES, counts_in, true_groups, value_counts
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject, by_ranks
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.verbs.describe.within import seen_on
from istrel.stats.correlation import adjust
from istrel.stats.differences import paired
from istrel.stats.differences.common import Effect, GroupTest
from istrel.stats.differences.pairs import dunn, games_howell, shares

Found = list[tuple[Effect, GroupTest]]


def pairs_of(plan: DescribePlan) -> tuple[Difference, ...]:
    """One per variable, grouping and pair of its groups; p of all pairs of a variable together."""
    if not plan.request.settings["pairs"]:
        return ()
    named = [grouping for grouping in plan.groupings if grouping.names]
    return tuple(d for subject in plan.subjects for grouping in named for d in _pairs(subject, grouping, plan))


def _pairs(subject: Subject, grouping: Grouping, plan: DescribePlan) -> Iterator[Difference]:
    groups, persons = true_groups(grouping), persons_of(plan.data, plan.cases)
    if groups < 3 or subject.treated not in ("numbers", "categories"):
        return
    within = False
    if persons is None:
        found = _independent(subject, grouping, groups, plan)
    else:
        within, found = _of_persons(subject, grouping, groups, persons, plan)
    p = np.array([test.p if isinstance(test.p, float) else np.nan for _, test in found])
    together = found and found[0][1].name == "games_howell"  # its p is that of all pairs already
    shares_of = any(effect.measure in OF_TWO_SHARES for effect, _ in found)
    meant = counts_in(subject.name, grouping, plan)[1][1] if shares_of else ""
    adjusted = p if together else adjust(p, "holm")
    for (effect, test), mended in zip(found, adjusted.tolist(), strict=True):
        assert effect.between is not None
        between = grouping.groups[effect.between[0]], grouping.groups[effect.between[1]]
        made = Difference(subject.name, grouping.names, between, meant, effect, test, paired=within)
        yield made if together or not np.isfinite(mended) else replace(made, p_adjusted=float(mended))


def _independent(subject: Subject, grouping: Grouping, groups: int, plan: DescribePlan) -> Found:
    level, said = plan.data.variable(subject.name).level, plan.request.settings
    if level.categorical and level is not Level.ORDINAL:
        return list(shares(counts_in(subject.name, grouping, plan)[0]))
    if level is Level.ORDINAL and said["test"] != "means":
        return list(dunn(counts_in(subject.name, grouping, plan)[0]))
    if by_ranks(said):
        return list(dunn(value_counts(arranged(subject.name, grouping, plan.data), groups)))
    if subject.treated != "numbers":
        return []
    moments = moments_of(subject.name, grouping, plan.data).of(slice(0, groups))
    return list(games_howell(moments, confidence=said["confidence"]))


def _of_persons(
    subject: Subject, grouping: Grouping, groups: int, persons: Persons, plan: DescribePlan
) -> tuple[bool, Found]:
    """Pairs of occasions, on the persons who have both; of groups between persons none is given."""
    why = persons.reason
    none: Found = [
        (Effect("", why, why, why, pair), GroupTest("", why, p=why)) for pair in combinations(range(groups), 2)
    ]
    varies = [varies_within(plan.data.categories(name).codes, persons) for name in grouping.names]
    if not persons.declared or not all(varies):
        return False, none
    seen, ranked = seen_on(subject, grouping, groups, persons, plan)
    if seen is None or seen.doubled:
        return True, none
    found: Found = []
    for pair in combinations(range(groups), 2):
        x = seen.complete(np.array(pair, np.intp))
        confidence = plan.request.settings["confidence"]
        made = (paired.signed_ranks if ranked else paired.mean_change)(x, confidence=confidence)
        found.append((replace(made.effect, between=pair), made.test))
    return True, found
