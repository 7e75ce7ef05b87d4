"""The verb `check`: tests of normality per variable and group, of sets of variables, and quantile plots."""

from istrel.exhibits.verbs.check.compute import compute
from istrel.exhibits.verbs.check.resolve import resolve
from istrel.exhibits.verbs.check.typeset import numbers, typeset

__all__ = ["compute", "numbers", "resolve", "typeset"]
