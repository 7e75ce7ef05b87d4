"""Istrel: descriptive tables and figures, said in one sentence and set on paper.

From Python and notebooks: `istrel.read("learners.csv").make("describe age across format")`; see docs/python.md.
"""

from typing import TYPE_CHECKING

from istrel.version import VERSION

if TYPE_CHECKING:
    from istrel.notebook import Exhibit, FirstLook, Study, read, save
    from istrel.problem import Problem

__version__ = VERSION
__all__ = ["Exhibit", "FirstLook", "Problem", "Study", "__version__", "read", "save"]


def __dir__() -> list[str]:
    return __all__


def __getattr__(name: str) -> object:
    """The parts for Python are loaded when they are first wanted: the window and the command line do without."""
    if name == "Problem":
        from istrel.problem import Problem

        return Problem
    if name in __all__:
        from istrel import notebook

        found: object = getattr(notebook, name)
        return found
    raise AttributeError(f"istrel has no “{name}”")
