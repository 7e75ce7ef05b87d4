"""The verb `describe`: descriptive statistics of measured variables, counts of categories, histograms."""

from istrel.exhibits.describe.compute import compute
from istrel.exhibits.describe.resolve import resolve
from istrel.exhibits.describe.typeset import typeset

__all__ = ["compute", "resolve", "typeset"]
