"""The verb `check`: tests of normality per variable and group, of sets of variables, and quantile plots."""

from istrel.exhibits.check.compute import compute
from istrel.exhibits.check.resolve import resolve
from istrel.exhibits.check.typeset import typeset

__all__ = ["compute", "resolve", "typeset"]
