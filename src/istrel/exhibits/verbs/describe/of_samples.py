"""Differences between groups of a weighted sample: means and shares by the design; what has no such comparison is refused."""

from __future__ import annotations

import numpy as np

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping, shown_categories
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject, by_ranks
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.weights import sample_in, weighted_moments_of
from istrel.stats.differences.common import FEW_GROUPS, Effect, GroupTest
from istrel.stats.survey.differences import NOT_WEIGHTED, design_test, share_difference, standardized
from istrel.stats.survey.means import WeightedMoments, weighted_moments
from istrel.stats.survey.tables import rao_scott


def difference_of_sample(subject: Subject, grouping: Grouping, groups: int, plan: DescribePlan) -> Difference:
    """The measure and the test that fit the variable, as far as the sentence asks for them."""
    said, level = plan.request.settings, plan.data.variable(subject.name).level
    meant = ""
    if subject.treated == "numbers" and level is not Level.BINARY and not by_ranks(said):
        m = weighted_moments_of(subject.name, grouping, plan.data)
        effect, test = standardized(m, groups, confidence=said["confidence"]), design_test(m, groups)
    elif subject.treated == "categories" and level is not Level.ORDINAL:
        effect, test, meant = _of_categories(subject.name, grouping, groups, plan)
    else:
        effect, test = Effect("", NOT_WEIGHTED), GroupTest("", NOT_WEIGHTED, p=NOT_WEIGHTED)
    pair = effect.between
    between = (grouping.groups[pair[0]], grouping.groups[pair[1]]) if pair else None
    return Difference(
        subject.name,
        grouping.names,
        between,
        meant if between else "",
        effect if said["difference"] else None,
        test if said["test"] else None,
    )


def _of_categories(name: str, grouping: Grouping, groups: int, plan: DescribePlan) -> tuple[Effect, GroupTest, str]:
    """Of two values the share of the second; of more Rao and Scott's F, with V of the weighted shares."""
    found, confidence = plan.data.categories(name), plan.request.settings["confidence"]
    places = shown_categories(name, plan.data, plan.groupings)
    if len(places) == 2:
        m = _share_of(name, places[1], grouping, plan)
        return share_difference(m, groups, confidence=confidence), design_test(m, groups), found.labels[places[1]]
    if groups < 2:
        return Effect("cramers_v_weighted", FEW_GROUPS), GroupTest("rao_scott_f", FEW_GROUPS), ""
    use = (grouping.codes >= 0) & (grouping.codes < groups)
    made = rao_scott(found.codes, grouping.codes, (len(found.values), groups), use, sample_in(plan.data))
    return Effect("cramers_v_weighted", made.v), GroupTest("rao_scott_f", made.statistic, made.df, made.p), ""


def _share_of(name: str, place: int, grouping: Grouping, plan: DescribePlan) -> WeightedMoments:
    """The moments of a variable that is 1 where a value holds and 0 where another does."""
    codes = plan.data.categories(name).codes
    known = np.where(codes >= 0, grouping.codes, -1)
    return weighted_moments((codes == place).astype(np.float64), known, grouping.n_groups, sample_in(plan.data))


def share_of(name: str, grouping: Grouping, plan: DescribePlan) -> WeightedMoments:
    """The same of the value whose share is compared, the second of two."""
    return _share_of(name, shown_categories(name, plan.data, plan.groupings)[1], grouping, plan)
