"""The title of a `describe` exhibit."""

from __future__ import annotations

from istrel.exhibits.describe.resolve import DescribePlan
from istrel.exhibits.words import groups_words, listed


def title_of(plan: DescribePlan) -> str:
    """A title from labels: the variables (or how many), and the groupings."""
    names = [plan.data.variable(subject.name).title for subject in plan.subjects]
    what = listed(names) if len(names) <= 3 else f"Descriptive statistics of {len(names)} variables"
    if len(names) == 1 and plan.form == "table":
        what = f"Descriptive statistics of {names[0]}"
    by = groups_words(plan.groupings, plan.data)
    return f"{what} by {by}" if by else what
