"""A formula in the sentence, and the name that a click gives it in the codebook."""

from __future__ import annotations

from istrel.app.bridge import StudyModel
from istrel.data.derive import called_after, free_name
from istrel.data.formula.tree import Computed
from istrel.exhibits.formulas import computed_in, in_print
from istrel.problem import Problem
from istrel.sentence import parse
from istrel.sentence.names import Typed
from istrel.sentence.quoting import show_name
from istrel.study.changes.codebook import Derive


def formula_at(typed: Typed, place: int) -> Computed | None:
    """The formula whose chip begins at a place of what was typed."""
    try:
        found = computed_in(parse(typed.text))
    except Problem:
        return None
    return next((one for one in found if one.at == typed.inner(place)), None)


def named(typed: Typed, start: int, end: int, model: StudyModel) -> str:
    """The formula becomes a derived variable, called after its words; the sentence with its name in its place, or as it was where
    the codebook does not take it.
    """
    wanted = formula_at(typed, start)
    if wanted is None or wanted.formula is None:
        return typed.text
    study = model.study
    name = free_name(called_after(wanted.text), study.table)
    if not model.do(Derive(name, wanted.formula, in_print(wanted.formula, study.codebook))):
        return typed.text
    return f"{typed.text[: typed.inner(start)]}{show_name(name)}{typed.text[typed.inner(end) :]}"
