"""Every form there is, each loaded when it is first wanted: a figure must not wait for the modules of all others."""

from __future__ import annotations

from collections.abc import Callable, Iterable
from typing import Any, TypeVar

from istrel.exhibits.contracts import Drawing, Form, Plan
from istrel.exhibits.ledger import Ledger

AnyForm = Form[Any, Any]  # a plan and drawings fit the form that made them; no type of ours says so across the table
D = TypeVar("D", bound=Drawing)


def _bars() -> AnyForm:
    from istrel.exhibits.forms.bars import FORM

    return FORM


def _boxes() -> AnyForm:
    from istrel.exhibits.forms.boxes import FORM

    return FORM


def _cumulative() -> AnyForm:
    from istrel.exhibits.forms.cumulative import FORM

    return FORM


def _density() -> AnyForm:
    from istrel.exhibits.forms.density import FORM

    return FORM


def _flow() -> AnyForm:
    from istrel.exhibits.forms.flow import FORM

    return FORM


def _grid() -> AnyForm:
    from istrel.exhibits.forms.grid import FORM

    return FORM


def _heat_map() -> AnyForm:
    from istrel.exhibits.forms.heat_map import FORM

    return FORM


def _histogram() -> AnyForm:
    from istrel.exhibits.forms.histogram import FORM

    return FORM


def _line() -> AnyForm:
    from istrel.exhibits.forms.line import FORM

    return FORM


def _means() -> AnyForm:
    from istrel.exhibits.forms.means import FORM

    return FORM


def _missing_map() -> AnyForm:
    from istrel.exhibits.forms.missing_map import FORM

    return FORM


def _paths() -> AnyForm:
    from istrel.exhibits.forms.paths import FORM

    return FORM


def _points() -> AnyForm:
    from istrel.exhibits.forms.points import FORM

    return FORM


def _quantile_plot() -> AnyForm:
    from istrel.exhibits.forms.quantile_plot import FORM

    return FORM


def _scatter() -> AnyForm:
    from istrel.exhibits.forms.scatter import FORM

    return FORM


def _shares() -> AnyForm:
    from istrel.exhibits.forms.shares import FORM

    return FORM


def _violins() -> AnyForm:
    from istrel.exhibits.forms.violins import FORM

    return FORM


FORMS: dict[str, Callable[[], AnyForm]] = {
    "bars": _bars,
    "boxes": _boxes,
    "cumulative": _cumulative,
    "density": _density,
    "flow": _flow,
    "grid": _grid,
    "heat map": _heat_map,
    "histogram": _histogram,
    "line": _line,
    "means": _means,
    "missing map": _missing_map,
    "paths": _paths,
    "points": _points,
    "quantile plot": _quantile_plot,
    "scatter": _scatter,
    "shares": _shares,
    "violins": _violins,
}


def form_of(name: str) -> AnyForm:
    """The form of this name."""
    return FORMS[name]()


def drawn(plan: Plan) -> tuple[Any, ...]:
    """The numbers of a figure that are made from the data; none for a table, or where the exhibit's own numbers are drawn."""
    if plan.form == "table":
        return ()
    from istrel.exhibits.forms.common import refuse_crowds, refuse_extremes

    form = form_of(plan.form)
    refuse_crowds(plan, form.most_groups)
    refuse_extremes(plan)
    draw = form.draw
    return draw(plan) if draw is not None else ()


def without_small(form: str, ledger: Ledger, drawings: Iterable[D]) -> tuple[D, ...]:
    """Drawings that show n alone, without what would tell a small count."""
    counts = form_of(form).counts if form != "table" else None
    if counts is None:
        return ()
    kept = (counts.hidden(ledger, place, drawing) for place, drawing in enumerate(drawings))
    return tuple(drawing for drawing in kept if drawing is not None)
