"""The intake as an output: one module per format, each with `render(intake) -> bytes`."""

from __future__ import annotations

from importlib import import_module

from istrel.problem import Problem, nearest
from istrel.study.intake import Intake

FORMATS = {"json": "json", "txt": "text", "html": "html", "odt": "odt"}


def render_intake(intake: Intake, ending: str) -> bytes:
    """The intake in the format of an ending such as "html".

    Raises
    ------
    Problem
        For an ending that is not known.
    """
    ending = ending.casefold().lstrip(".")
    if ending not in FORMATS:
        known = ", ".join(f".{name}" for name in FORMATS)
        raise Problem(f"An intake cannot be written as “.{ending}”.{nearest(ending, FORMATS)} It can be {known}.")
    made: bytes = import_module(f"istrel.render.intake.{FORMATS[ending]}").render(intake)
    return made
