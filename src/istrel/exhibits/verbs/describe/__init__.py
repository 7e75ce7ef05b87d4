"""The verb `describe`: descriptive statistics of measured variables, counts of categories, histograms."""

from istrel.exhibits.verbs.describe.compute import compute
from istrel.exhibits.verbs.describe.resolve import resolve
from istrel.exhibits.verbs.describe.typeset import typeset
from istrel.exhibits.verbs.describe.words import numbers

__all__ = ["compute", "numbers", "resolve", "typeset"]
