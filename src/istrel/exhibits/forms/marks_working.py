"""How the numbers of marks come about that no table has: whiskers, bandwidths, expected quantiles, lines through dots."""

from __future__ import annotations

import math
from typing import Protocol

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import grouping_of
from istrel.exhibits.contracts import Drawing, Plan
from istrel.exhibits.forms.common import drawing_of, is_log, key_of, own_cell, values_of_group
from istrel.exhibits.forms.fit import Fit
from istrel.exhibits.shared import arranged
from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown, signed
from istrel.stats import density
from istrel.stats.moderate import moderate
from istrel.style.numbers import Kind

Array = NDArray[np.float64]


def _name(variable: str, plan: Plan) -> Text:
    return titled(plan.data.variable(variable))


# Whiskers.
class Boxed(Drawing, Protocol):
    """Quartiles, and where whiskers end."""

    @property
    def q1(self) -> float: ...

    @property
    def q3(self) -> float: ...

    @property
    def whisker_low(self) -> float: ...

    @property
    def whisker_high(self) -> float: ...


def whisker_cells(cell: Boxed, plan: Plan) -> tuple[Cell, ...]:
    """The ends of the whiskers, to be opened; none where they are quantiles."""
    if plan.request.settings["whiskers"] == "percentiles":
        return ()
    return tuple(own_cell(key, getattr(cell, key), cell, plan) for key in ("whisker_low", "whisker_high"))


def explain_whisker(plan: Plan, drawings: tuple[Boxed, ...], cell: Cell) -> Working | None:
    """The last value within the fence, or of all."""
    found = drawing_of(drawings, cell)
    if found is None or cell.column not in ("whisker_low", "whisker_high"):
        return None
    grouping, place = grouping_of(found.group, plan.groupings)
    values = arranged(found.variable, grouping, plan.data).only(place).values
    high, reach = cell.column == "whisker_high", shown(float(plan.request.settings["fences"]))
    side, steps = ("high" if high else "low"), list[Line]()
    means = say(f"means_whisker_{side}", value=cell, name=_name(found.variable, plan))
    if plan.request.settings["whiskers"] == "tukey":
        start, sign = (found.q3, "+") if high else (found.q1, "−")
        fence = start + (1 if high else -1) * float(plan.request.settings["fences"]) * (found.q3 - found.q1)
        values = values[values <= fence] if high else values[values >= fence]
        filled = f"{signed(start)} {sign} {reach} × ({signed(found.q3)} − {signed(found.q1)})"
        steps += [
            f"Q1 = {shown(found.q1)}",
            f"Q3 = {shown(found.q3)}",
            say("step_fence", value=f"{filled} = {shown(fence)}"),
        ]
        formula = say(f"formula_whisker_{side}", fence=f"{'Q3 +' if high else 'Q1 −'} {reach} × (Q3 − Q1)")
    else:
        formula = say("formula_largest" if high else "formula_smallest")
    return Working(means, formula, shown(float(values[-1 if high else 0])), tuple(steps))


# Curves.
class Curved(Drawing, Protocol):
    """A kernel density; `bandwidth` is the kernel's SD."""

    @property
    def bandwidth(self) -> float: ...


def bandwidth_cell(cell: Curved, plan: Plan) -> Cell:
    """The bandwidth of a curve, to be opened; on a logarithmic axis it is one of logarithms, which have no unit."""
    made = own_cell("bandwidth", cell.bandwidth, cell, plan)
    return Cell(cell.bandwidth, Kind.STATISTIC, row=made.row, column="bandwidth", behind=made.behind)


def explain_bandwidth(plan: Plan, drawings: tuple[Curved, ...], cell: Cell) -> Working | None:
    """The bandwidth by the rule that was used; None for one that is found step by step, and for weighted values."""
    found, rule = drawing_of(drawings, cell), plan.request.settings["bandwidth_rule"]
    if found is None or cell.column != "bandwidth" or plan.cases.weighted or rule not in ("silverman", "scott"):
        return None
    grouping, place = grouping_of(found.group, plan.groupings)
    values, times = values_of_group(arranged(found.variable, grouping, plan.data), place, None)
    if is_log(plan):
        values, times = np.log10(values[values > 0]), None if times is None else times[values > 0]
    plain, exponent = moderate(values)
    parts = density.parts_of(plain, times)
    sd, iqr = (math.ldexp(part, exponent) for part in (parts.sd, parts.iqr))
    factor = float(plan.request.settings["bandwidth"])
    formula, filled = _by_rule(rule, sd, iqr, shown(parts.n))
    if factor != 1.0:
        formula, filled = f"{shown(factor)} × {formula}", f"{shown(factor)} × {filled}"
    means = say("means_bandwidth", value=cell, name=_name(found.variable, plan))
    return Working(means, formula, filled, (f"n = {shown(parts.n)}", f"SD = {shown(sd)}", f"IQR = {shown(iqr)}"))


def _by_rule(rule: str, sd: float, iqr: float, n: str) -> tuple[str, str]:
    if rule == "scott":
        return "1.06 × SD ÷ n^(1 ÷ 5)", f"1.06 × {shown(sd)} ÷ {n}^(1 ÷ 5)"
    if 0 < iqr / 1.34 < sd:
        return "0.9 × IQR ÷ 1.34 ÷ n^(1 ÷ 5)", f"0.9 × {shown(iqr)} ÷ 1.34 ÷ {n}^(1 ÷ 5)"
    return "0.9 × SD ÷ n^(1 ÷ 5)", f"0.9 × {shown(sd)} ÷ {n}^(1 ÷ 5)"


# What a normal distribution expects.
class Expected(Drawing, Protocol):
    """Expected normal quantiles, and the line through them."""

    @property
    def x(self) -> Array: ...

    @property
    def mean(self) -> float: ...

    @property
    def sd(self) -> float: ...


def explain_expected(plan: Plan, drawings: tuple[Expected, ...], cell: Cell) -> Working | None:
    """What a normal distribution expects at a place: mean and SD with the quantile of the place (Blom 1958)."""
    found = drawing_of(drawings, cell)
    if found is None or not cell.column.startswith("expected ") or not isinstance(found.n, int):
        return None
    from istrel.stats.special import ndtr

    z = float(found.x[int(cell.column.removeprefix("expected ")) - 1])
    share = float(ndtr(z))
    place = share * (found.n + 0.25) + 0.375
    steps = (
        f"i = {shown(round(place, 6))}",
        f"p = ({shown(round(place, 6))} − 0.375) ÷ ({found.n} + 0.25) = {shown(share)}",
        f"p = Φ({shown(z)}) = {shown(share)}",
        f"M = {shown(found.mean)}",
        f"SD = {shown(found.sd)}",
    )
    means = say("means_expected_quantile", value=cell, name=_name(found.variable, plan))
    return Working(means, "M + SD × z", f"{signed(found.mean)} + {shown(found.sd)} × {signed(z)}", steps)


# Lines through dots.
def fit_cells(drawing: Drawing, fit: Fit, behind: Behind, *, log: bool) -> tuple[Cell, ...]:
    """Slope and intercept of a straight line, and r, to be opened."""
    row = key_of(drawing.variable, drawing.group)
    numbers = {"slope": fit.slope, "intercept": fit.intercept} if fit.kind == "straight" and not log else {}
    made = [Cell(value, Kind.STATISTIC, row=row, column=key, behind=behind) for key, value in numbers.items()]
    return (*made, Cell(fit.r, Kind.COEFFICIENT, row=row, column="r", behind=behind))


def explain_fit(fit: Fit, x: Text, y: Text, cell: Cell) -> Working | None:
    """The numbers of a line of least squares, from the sums of which it was made."""
    sums = fit.sums
    steps: tuple[Line, ...] = (
        f"n = {sums.n}",
        f"Σ(x − Mx)(y − My) = {shown(sums.xy)}",
        f"Σ(x − Mx)² = {shown(sums.xx)}",
    )
    slope = f"{signed(sums.xy)} ÷ {shown(sums.xx)}"
    if cell.column == "slope":
        return Working(say("means_slope", value=cell, x=x, y=y), "Σ(x − Mx)(y − My) ÷ Σ(x − Mx)²", slope, steps)
    if cell.column == "intercept":
        filled = f"{signed(sums.mean_y)} − {signed(fit.slope)} × {signed(sums.mean_x)}"
        more = (f"b = {slope} = {shown(fit.slope)}", f"Mx = {shown(sums.mean_x)}", f"My = {shown(sums.mean_y)}")
        return Working(say("means_intercept", value=cell, x=x), "My − b × Mx", filled, (*steps, *more))
    if cell.column == "r":
        filled = f"{signed(sums.xy)} ÷ √({shown(sums.xx)} × {shown(sums.yy)})"
        formula = "Σ(x − Mx)(y − My) ÷ √(Σ(x − Mx)² × Σ(y − My)²)"
        return Working(
            say("means_correlation", value=cell), formula, filled, (*steps, f"Σ(y − My)² = {shown(sums.yy)}")
        )
    return None
