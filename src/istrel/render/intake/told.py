"""What reports of a first look say alike, and in which language."""

from __future__ import annotations

from collections.abc import Callable

from istrel.data.screening.finding import listed
from istrel.english import english
from istrel.study.intake import Intake

Told = Callable[[str], str]  # says a text of ours in the language of the report; others stay as they are


def key_said(intake: Intake) -> str:
    """By what the rows are told apart."""
    return english("Rows are told apart by {names}.", names=listed(intake.key))
