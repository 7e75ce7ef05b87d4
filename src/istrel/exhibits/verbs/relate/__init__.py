"""The verb `relate`: correlation matrices in journal form, a ranked list against one variable, mixed levels."""

from istrel.exhibits.verbs.relate.compute import compute
from istrel.exhibits.verbs.relate.resolve import resolve
from istrel.exhibits.verbs.relate.typeset import numbers, typeset

__all__ = ["compute", "numbers", "resolve", "typeset"]
