"""The verb `describe`: descriptive statistics of measured variables, counts of categories, histograms."""

from istrel.exhibits.verbs.describe.compute import compute
from istrel.exhibits.verbs.describe.resolve import resolve
from istrel.exhibits.verbs.describe.typeset import typeset

__all__ = ["compute", "resolve", "typeset"]
