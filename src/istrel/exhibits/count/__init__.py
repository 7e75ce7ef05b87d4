"""The verb `count`: frequency tables with class intervals and combinations, and cross-tables with their tests."""

from istrel.exhibits.count.compute import compute
from istrel.exhibits.count.resolve import resolve
from istrel.exhibits.count.typeset import typeset

__all__ = ["compute", "resolve", "typeset"]
