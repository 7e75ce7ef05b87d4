"""The intake as an output: one module per format, each with `render(intake) -> bytes`."""

from __future__ import annotations

from collections.abc import Callable

from istrel.english import english
from istrel.problem import Problem, nearest
from istrel.render.intake.told import Told
from istrel.study.discreet import without_personal
from istrel.study.intake import Intake


def _json(intake: Intake) -> bytes:
    from istrel.render.intake.json import render

    return render(intake)


def _text(intake: Intake) -> bytes:
    from istrel.render.intake.text import render

    return render(intake)


def _html(intake: Intake, told: Told, language: str) -> bytes:
    from istrel.render.intake.html import render

    return render(intake, told, language)


def _odt(intake: Intake, told: Told, language: str) -> bytes:
    from istrel.render.intake.odt import render

    return render(intake, told, language)


FORMATS: dict[str, Callable[[Intake], bytes]] = {"json": _json, "txt": _text}
REPORTS: dict[str, Callable[[Intake, Told, str], bytes]] = {"html": _html, "odt": _odt}


def render_intake(intake: Intake, ending: str, told: Told = str, language: str = "en") -> bytes:
    """The intake in the format of an ending such as "html"; values of personal variables are in none of them.

    Parameters
    ----------
    told, language
        Says a text of ours in the language in which a report is written.

    Raises
    ------
    Problem
        For an ending that is not known.
    """
    ending = ending.casefold().lstrip(".")
    if ending in REPORTS:
        return REPORTS[ending](without_personal(intake), told, language)
    if ending not in FORMATS:
        known = ", ".join(f".{name}" for name in (*FORMATS, *REPORTS))
        raise Problem(
            english(
                "An intake cannot be written as “.{ending}”.{hint} It can be {known}.",
                ending=ending,
                hint=nearest(ending, (*FORMATS, *REPORTS)),
                known=known,
            )
        )
    return FORMATS[ending](without_personal(intake))
