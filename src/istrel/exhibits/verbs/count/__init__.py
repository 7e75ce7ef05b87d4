"""The verb `count`: frequency tables with class intervals and combinations, and cross-tables with their tests."""

from istrel.exhibits.verbs.count.compute import compute
from istrel.exhibits.verbs.count.resolve import resolve
from istrel.exhibits.verbs.count.typeset import typeset
from istrel.exhibits.verbs.count.words import numbers

__all__ = ["compute", "numbers", "resolve", "typeset"]
