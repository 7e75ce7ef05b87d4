"""Differences between the groups of a `describe` plan: the measure and the test that fit each variable."""

from __future__ import annotations

from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.exhibits.cases import Grouping, shown_categories
from istrel.exhibits.shared import moments_of
from istrel.exhibits.verbs.describe.resolve import DescribePlan, Subject
from istrel.exhibits.verbs.describe.result import Difference
from istrel.stats import differences as stats
from istrel.stats.correlation import adjust
from istrel.stats.estimates import Undefined


def differences_of(plan: DescribePlan) -> tuple[Difference, ...]:
    """One per variable and grouping, adjusted together."""
    said = plan.request.settings
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
    level = plan.data.variable(subject.name).level
    said = plan.request.settings
    effect: stats.Effect | None = None
    test: stats.GroupTest | None = None
    meant = ""
    if level.categorical and subject.treated in ("numbers", "categories"):
        counts, labels = _counts(subject.name, grouping, plan)
        ordered = level is Level.ORDINAL
        if said["difference"]:
            measure = stats.ordered_effect if ordered else stats.categories_effect
            effect = measure(counts, confidence=said["confidence"])
            meant = labels[1] if effect.measure == "risk_difference" else ""
        if said["test"]:
            tables = len(plan.subjects) * len(plan.groupings)
            test = stats.rank_test(counts) if ordered else stats.categories_test(counts, tables=tables)
    elif subject.treated == "numbers":
        moments = moments_of(subject.name, grouping, plan.data).of(slice(0, _true_groups(grouping)))
        effect = stats.measured_effect(moments, confidence=said["confidence"]) if said["difference"] else None
        test = stats.welch(moments) if said["test"] else None
    else:
        return None
    pair = effect.between if effect is not None else None
    between = (grouping.groups[pair[0]], grouping.groups[pair[1]]) if pair else None
    return Difference(subject.name, grouping.names, between, meant, effect, test)


def _true_groups(grouping: Grouping) -> int:
    """How many groups there are besides that of cases without a group value."""
    return grouping.n_groups - sum(values == ("",) for values in grouping.values)


def _counts(name: str, grouping: Grouping, plan: DescribePlan) -> tuple[NDArray[np.int64], list[str]]:
    """(values by groups, the values in print)."""
    categories = plan.data.categories(name)
    places = shown_categories(name, plan.data, plan.groupings)
    groups, used = grouping.n_groups, (categories.codes >= 0) & (grouping.codes >= 0)
    flat = categories.codes[used].astype(np.int64) * groups + grouping.codes[used]
    counts = np.bincount(flat, minlength=len(categories.values) * groups).reshape(-1, groups)
    return counts[places][:, : _true_groups(grouping)], [categories.labels[place] for place in places]
