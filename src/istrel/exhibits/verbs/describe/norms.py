"""Each group of a `describe` plan against a norm: the mean or the median less it, with the test that fits."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.exhibits.cases import Grouping
from istrel.exhibits.persons import persons_of
from istrel.exhibits.shared import arranged, moments_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject
from istrel.exhibits.verbs.describe.result import Difference
from istrel.exhibits.weights import weighted_moments_of
from istrel.stats import moments
from istrel.stats.differences.common import Effect, GroupTest
from istrel.stats.differences.norms import mean_against, median_against, standard_error
from istrel.stats.estimates import Undefined
from istrel.stats.survey.differences import NOT_WEIGHTED


def against_norm(plan: DescribePlan) -> Iterator[Difference]:
    """One per variable and group."""
    for subject in plan.subjects:
        for grouping in plan.groupings:
            yield from _groups(subject, grouping, plan)


def _groups(subject: Subject, grouping: Grouping, plan: DescribePlan) -> Iterator[Difference]:
    persons = persons_of(plan.data, plan.cases)
    designed = plan.cases.weighted and (persons is None or persons.declared)
    twice = None if persons is None or designed else persons.repeating(grouping.codes, grouping.n_groups)
    for place, group in enumerate(grouping.groups):
        effect, test = _compared(subject.name, grouping, place, plan)
        if persons is not None and twice is not None and twice[place]:
            why = persons.reason
            effect = Effect(effect.measure, effect.value, why, why)
            test = GroupTest(test.name, why, p=why)
        yield Difference(subject.name, grouping.names, None, "", effect, test, group=group, norm=plan.request.norm)


def _compared(name: str, grouping: Grouping, place: int, plan: DescribePlan) -> tuple[Effect, GroupTest]:
    norm, confidence = plan.request.norm or 0.0, plan.request.settings["confidence"]
    if plan.centre == "median":
        if plan.cases.weighted:
            return Effect("median_difference", NOT_WEIGHTED), GroupTest("signed_ranks", NOT_WEIGHTED, p=NOT_WEIGHTED)
        return median_against(arranged(name, grouping, plan.data).only(place), norm, confidence=confidence)
    if plan.cases.weighted:
        w = weighted_moments_of(name, grouping, plan.data)
        df = w.sample.df if w.n[place] > 1 else 0.0
        error = float(np.sqrt(w.variance_of_mean[place]))
        return mean_against(float(w.mean[place]), error, df, norm, confidence=confidence, name="design_t")
    shape = moments_of(name, grouping, plan.data)
    n = int(arranged(name, grouping, plan.data).sizes[place])
    mean, sd = moments.mean(shape).at(place), moments.sd(shape).at(place)
    if isinstance(mean, Undefined) or isinstance(sd, Undefined):
        mean, sd = float("nan"), float("nan")
    error = standard_error(sd, n)
    return mean_against(mean, error, n - 1, norm, confidence=confidence, name="one_sample_t")
