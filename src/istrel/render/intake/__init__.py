"""The intake as an output: one module per format, each with `render(intake) -> bytes`."""

from __future__ import annotations

from collections.abc import Callable

from istrel.english import english
from istrel.problem import Problem, nearest
from istrel.study.discreet import without_personal
from istrel.study.intake import Intake


def _json(intake: Intake) -> bytes:
    from istrel.render.intake.json import render

    return render(intake)


def _text(intake: Intake) -> bytes:
    from istrel.render.intake.text import render

    return render(intake)


def _html(intake: Intake) -> bytes:
    from istrel.render.intake.html import render

    return render(intake)


def _odt(intake: Intake) -> bytes:
    from istrel.render.intake.odt import render

    return render(intake)


FORMATS: dict[str, Callable[[Intake], bytes]] = {"json": _json, "txt": _text, "html": _html, "odt": _odt}


def render_intake(intake: Intake, ending: str) -> bytes:
    """The intake in the format of an ending such as "html"; values of personal variables are in none of them.

    Raises
    ------
    Problem
        For an ending that is not known.
    """
    ending = ending.casefold().lstrip(".")
    if ending not in FORMATS:
        known = ", ".join(f".{name}" for name in FORMATS)
        raise Problem(
            english(
                "An intake cannot be written as “.{ending}”.{hint} It can be {known}.",
                ending=ending,
                hint=nearest(ending, FORMATS),
                known=known,
            )
        )
    return FORMATS[ending](without_personal(intake))
