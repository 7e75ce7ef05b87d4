"""The numbers of a `relate` plan: matrices where a whole method serves all pairs, single pairs where levels are mixed."""

from __future__ import annotations

from dataclasses import dataclass, replace
from functools import partial
from itertools import combinations
from typing import Any, cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind
from istrel.data.levels import Level
from istrel.exhibits.cases import Group
from istrel.exhibits.forms.catalogue import drawn
from istrel.exhibits.persons import person_codes, persons_of
from istrel.exhibits.scales import items_of
from istrel.exhibits.shared import shared_out
from istrel.exhibits.text import Count
from istrel.exhibits.verbs.relate.compared import compared, with_agreement
from istrel.exhibits.verbs.relate.resolve import RelatePlan, is_numeric
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult, Value
from istrel.exhibits.weights import sample_in
from istrel.stats import association, correlation, counted_correlation, moments
from istrel.stats.estimates import Undefined, undefined
from istrel.stats.frequency import counted
from istrel.stats.grouping import alone
from istrel.stats.kendall import kendall
from istrel.stats.moments import few_values
from istrel.stats.quantiles import EMPTY
from istrel.stats.reliability import cronbach_alpha
from istrel.stats.survey.correlation import weighted_pearson
from istrel.stats.survey.differences import NOT_WEIGHTED
from istrel.stats.survey.means import weighted_moments
from istrel.stats.survey.tables import rao_scott

Array = NDArray[np.float64]
MATRIX = ("pearson", "spearman")
ORDERED = ("pearson", "spearman", "kendall")
DASH = Undefined("too_few_complete_cases")


@dataclass(frozen=True, eq=False)
class Part:
    """The cases of one group: their rows, the values of numeric variables, and who has a value of which variable.

    `times` says how many cases each row stands for; None where each is one.
    """

    rows: NDArray[np.int64] | slice
    size: int
    values: dict[str, Array]
    valid: dict[str, NDArray[np.bool_]]
    times: NDArray[np.int64] | None = None

    def cases(self, used: NDArray[np.bool_]) -> int:
        """How many cases stand in some of the rows."""
        return int(used.sum() if self.times is None else self.times[used].sum())

    def both(self, *names: str) -> NDArray[np.bool_]:
        return np.asarray(np.logical_and.reduce([self.valid[name] for name in names]))


def compute(plan: RelatePlan) -> RelateResult:
    """Every pair in every group."""
    if plan.form == "line" or plan.dated:
        return RelateResult(plan.cases, (), drawn(plan), plan.groupings)
    cells = [
        _related(part_of(grouping.codes, i, plan), group, plan)
        for grouping in plan.groupings
        for i, group in enumerate(grouping.groups)
    ]
    if plan.request.settings["agreement"]:
        places = [(grouping, i) for grouping in plan.groupings for i in range(grouping.n_groups)]
        cells = [with_agreement(cell, *place, plan) for cell, place in zip(cells, places, strict=True)]
    spreads: dict[str, float] = {}
    for cell in cells:
        for name, sd in cell.deviations.items():
            if isinstance(sd, float) and sd > 0:
                spreads[name] = min(sd, spreads.get(name, sd))
    drawings = drawn(plan)
    made = tuple(replace(cell, spreads=spreads) for cell in cells)
    return RelateResult(plan.cases, made, drawings, plan.groupings, compared(made, plan))


def numbers_of(name: str, plan: RelatePlan) -> Array:
    """A variable as numbers; words in an order count as their places in it."""
    if plan.data.table.column(name).kind is Kind.NUMBER:
        return plan.data.numbers(name).values
    return plan.data.categories(name).codes.astype(np.float64)


def part_of(codes: NDArray[np.int64], place: int, plan: RelatePlan) -> Part:
    """What is related in one group: its rows, or the means of each person."""
    return _looked_at(_part(codes, place, plan), plan)


def _part(codes: NDArray[np.int64], place: int, plan: RelatePlan) -> Part:
    inside = codes == place
    rows: NDArray[np.int64] | slice = slice(None) if bool(inside.all()) else np.flatnonzero(inside)
    names = (*plan.names, *plan.given)
    valid = {name: plan.data.present(name)[rows] for name in names}
    values = {name: numbers_of(name, plan)[rows] for name in names if is_numeric(name, plan.data)}
    times = None if plan.data.times is None else plan.data.times[rows]
    part = Part(rows, int(inside.sum()) if times is None else int(times.sum()), values, valid, times)
    if plan.deletion == "pairwise":
        return part
    complete = part.both(*names)
    kept = np.flatnonzero(inside)[complete]
    whole = {name: np.ones(kept.size, bool) for name in names}
    times = None if times is None else times[complete]
    return Part(kept, part.size, {name: v[complete] for name, v in values.items()}, whole, times)


def _looked_at(part: Part, plan: RelatePlan) -> Part:
    """The rows; or the means of each person, where those are related."""
    if not plan.request.settings["between"]:
        return part
    codes = person_codes(plan.data)[part.rows]
    known = codes >= 0
    persons, place = np.unique(codes[known], return_inverse=True)
    values, valid = {}, {}
    for name, found in part.values.items():
        use = part.valid[name][known]
        counts = np.bincount(place.ravel()[use], minlength=persons.size)
        sums = np.bincount(place.ravel()[use], found[known][use], minlength=persons.size)
        values[name], valid[name] = sums / np.maximum(counts, 1), counts > 0
    return Part(np.arange(persons.size), persons.size, values, valid)


def _within(a: str, b: str, part: Part, plan: RelatePlan) -> Pair:
    """How far two variables move together in the rows of one person (Bland & Altman 1995)."""
    codes = person_codes(plan.data)[part.rows]
    both = part.both(a, b) & (codes >= 0)
    persons, place = np.unique(codes[both], return_inverse=True)
    n, free = int(both.sum()), int(both.sum()) - persons.size - 1
    counts = np.maximum(np.bincount(place.ravel(), minlength=persons.size), 1)
    x, y = (
        values - (np.bincount(place.ravel(), values, minlength=persons.size) / counts)[place.ravel()]
        for values in (part.values[name][both] for name in (a, b))
    )
    spread = float((x**2).sum()) * float((y**2).sum())
    if free < 1 or not spread > 0:
        why = DASH if free < 1 else Undefined("values_of_each_person_are_equal")
        return _pair(a, b, "pearson", [np.nan] * 4, n, why)
    r = float(np.clip((x * y).sum() / np.sqrt(spread), -1.0, 1.0))
    effective = np.array(free + 2)  # cases that leave so many degrees of freedom
    low, high = _limits(np.array(r), effective, "pearson", plan)
    p = float(correlation.t_p_values(np.array(r), effective))
    return replace(_pair(a, b, "pearson", [r, p, float(low), float(high)], n, None), df=free)


def _related(part: Part, group: Group, plan: RelatePlan) -> RelateCell:
    pairs = _all_pairs(part, plan)
    means: dict[str, Value] = {}
    deviations: dict[str, Value] = {}
    measured = [name for name in plan.names if plan.data.table.column(name).kind is Kind.NUMBER]
    for name in measured:
        if plan.cases.weighted:
            means[name], deviations[name] = _weighted_moments(name, part, plan)
            continue
        shape = moments_of(name, part)
        means[name], deviations[name] = moments.mean(shape).at(0), moments.sd(shape).at(0)
    counts: dict[str, Count] = {name: part.cases(part.valid[name]) for name in plan.names}
    n = part.size if plan.deletion == "pairwise" else part.cases(next(iter(part.valid.values())))
    smallest = _smallest_eigenvalue(pairs, plan)
    made = RelateCell(plan.names, group, plan.deletion, n, part.size - n, pairs, counts, means, deviations, smallest)
    return replace(made, alphas=_alphas(part, plan)) if plan.request.settings["alpha"] else made


def _alphas(part: Part, plan: RelatePlan) -> dict[str, Value]:
    """Cronbach's alpha of each composite among the cases of a group."""
    found: dict[str, Value] = {}
    for name in plan.names:
        items = alpha_items(name, part, plan)
        if items is not None:
            alpha = cronbach_alpha(*items, part.times).value
            found[name] = alpha if np.isfinite(alpha) else Undefined("all_values_are_equal")
    return found


def alpha_items(name: str, part: Part, plan: RelatePlan) -> tuple[Array, NDArray[np.bool_]] | None:
    """(values, which are usable) of the items of a composite, shape (cases, items); None where it is none."""
    items = items_of(plan.data.variable(name).formula, plan.data)
    if items is None:
        return None
    kept = plan.data.kept[part.rows]
    values = np.column_stack([column.values[part.rows] for _, column in items]).astype(np.float64)
    valid = np.column_stack([_answered(item, column, plan)[part.rows] & kept for item, column in items])
    return values, valid


def _answered(item: str, column: Column, plan: RelatePlan) -> NDArray[np.bool_]:
    return plan.data.present(item) if item in plan.data.table else column.valid


def _weighted_moments(name: str, part: Part, plan: RelatePlan) -> tuple[Value, Value]:
    """(mean, SD) of the population."""
    values, use = in_all_rows(name, part, plan)
    m = weighted_moments(values, np.where(use, 0, -1), 1, sample_in(plan.data))
    mean: Value = float(m.mean[0]) if m.n[0] else Undefined(EMPTY)
    return mean, float(np.sqrt(m.variance[0])) if m.n[0] > 1 else few_values(2)


def in_all_rows(name: str, part: Part, plan: RelatePlan) -> tuple[Array, NDArray[np.bool_]]:
    """(a variable as numbers, which rows count), shape (rows of the data,): the design is that of all of them."""
    values, use = np.zeros(plan.data.n_rows), np.zeros(plan.data.n_rows, bool)
    use[part.rows] = part.valid[name]
    if name in part.values:
        values[part.rows] = np.where(part.valid[name], part.values[name], 0.0)
    return values, use


def _of_sample(method: str, a: str, b: str, part: Part, plan: RelatePlan) -> Pair:
    """r of the population by linearization, V with Rao and Scott's p; other coefficients are not defined under weights."""
    n, sample = int(part.both(a, b).sum()), sample_in(plan.data)
    (x, of_x), (y, of_y) = (in_all_rows(name, part, plan) for name in (a, b))
    if method == "cramers_v":
        first, second = plan.data.categories(a), plan.data.categories(b)
        shape = len(first.values), len(second.values)
        found = rao_scott(first.codes, second.codes, shape, of_x & of_y, sample)
        none = Undefined("no_interval_for_v")
        return Pair(a, b, method, found.v, n, found.p, found.p, none, none)
    if method != "pearson":
        return Pair(a, b, method, NOT_WEIGHTED, n, NOT_WEIGHTED, NOT_WEIGHTED, NOT_WEIGHTED, NOT_WEIGHTED)
    made = weighted_pearson(x, y, of_x & of_y, sample, confidence=plan.request.settings["confidence"])
    constant = undefined("fewer_than_complete_cases", n=2) if n < 2 else Undefined("a_variable_is_constant")
    pair = _pair(a, b, method, [made.r, made.p, made.low, made.high], n, None if np.isfinite(made.r) else constant)
    return replace(pair, df=int(made.df)) if made.df > 0 else pair


def moments_of(name: str, part: Part) -> moments.Moments:
    """The moments of a variable's usable values, in the order of the cases: nothing here needs them sorted."""
    values, valid = part.values[name], part.valid[name]
    used = values if bool(valid.all()) else values[valid]
    return moments.moments(alone(used, None if part.times is None else part.times[valid]))


def _smallest_eigenvalue(pairs: tuple[Pair, ...], plan: RelatePlan) -> float | None:
    """The smallest eigenvalue of the whole matrix of ordered coefficients; None where it is none."""
    if (
        plan.against
        or plan.columns
        or any(pair.method not in ORDERED or not isinstance(pair.coefficient, float) for pair in pairs)
    ):
        return None
    place = {name: k for k, name in enumerate(plan.names)}
    matrix = np.eye(len(place))
    for pair in pairs:
        matrix[place[pair.a], place[pair.b]] = matrix[place[pair.b], place[pair.a]] = cast(float, pair.coefficient)
    return float(np.linalg.eigvalsh(matrix)[0])


def fitting_method(a: str, b: str, plan: RelatePlan) -> str:
    """The coefficient that fits two levels: r, rho where one is ordered, eta for a category, V for two."""
    levels = [plan.data.variable(name).level for name in (a, b)]
    nominal = [
        level is Level.NOMINAL or not is_numeric(name, plan.data) for name, level in zip((a, b), levels, strict=True)
    ]
    if all(nominal):
        return "cramers_v"
    if any(nominal):
        return "cramers_v" if levels[nominal.index(False)] is Level.BINARY else "eta"
    return "spearman" if Level.ORDINAL in levels else "pearson"


def _all_pairs(part: Part, plan: RelatePlan) -> tuple[Pair, ...]:
    wanted = [(a, b) for a, b in combinations(plan.names, 2) if not plan.against or plan.against in (a, b)]
    if plan.columns:
        wanted = [(a, b) for a in plan.subjects for b in plan.columns]
    methods = {pair: plan.method if plan.method != "fitting" else fitting_method(*pair, plan) for pair in wanted}
    found: dict[tuple[str, str], Pair] = {}
    for method in dict.fromkeys(methods.values()):
        mine = [pair for pair in wanted if methods[pair] == method]
        if plan.cases.weighted:
            made = [_of_sample(method, a, b, part, plan) for a, b in mine]
        elif plan.request.settings["within"]:
            made = [_within(a, b, part, plan) for a, b in mine]
        elif plan.given:
            made = [_partial(method, a, b, part, plan) for a, b in mine]
        elif method in MATRIX:
            made = _by_matrix(method, mine, part, plan)
        else:
            single = {"kendall": _by_tau, "eta": _by_eta, "cramers_v": _by_v}[method]
            made = [single(a, b, part, plan) for a, b in mine]
        found |= {(pair.a, pair.b): pair for pair in made}
    said = plan.request.settings
    persons = None if said["within"] or said["between"] else persons_of(plan.data, plan.cases)
    made = [found[pair] for pair in wanted]
    designed = plan.cases.weighted and persons is not None and persons.declared  # persons are clusters, or in one
    if persons is not None and not designed and persons.repeat_in(part.rows):
        made = [_untested(pair, persons.reason) for pair in made]
    return _adjusted(made, plan.request.settings["adjust"])


def _untested(pair: Pair, why: Undefined) -> Pair:
    """The coefficient alone: what is said of rows that are independent does not hold."""
    return pair if isinstance(pair.coefficient, Undefined) else replace(pair, p=why, p_adjusted=why, low=why, high=why)


def _by_matrix(method: str, wanted: list[tuple[str, str]], part: Part, plan: RelatePlan) -> list[Pair]:
    used = tuple(name for name in plan.names if any(name in pair for pair in wanted))
    x = _side_by_side([part.values[name] for name in used], plan)
    mask = _side_by_side([part.valid[name] for name in used], plan)
    matrix = _matrix(method, x, mask, part.times)
    p = correlation.t_p_values(matrix.coefficient, matrix.n)
    limits = _limits(matrix.coefficient, matrix.n, method, plan)
    place = {name: k for k, name in enumerate(used)}
    made = []
    for a, b in wanted:
        i, j = place[a], place[b]
        n = int(matrix.n[i, j])
        values = [float(m[i, j]) for m in (matrix.coefficient, p, *limits)]
        if method == "spearman" and n <= correlation.EXACT_RHO:
            both = mask[:, i] & mask[:, j]
            values[1] = correlation.exact_rho_p(x[both, i], x[both, j])
        made.append(_pair(a, b, method, values, n, matrix.reason(i, j, used)))
    return made


def _matrix(
    method: str, x: Array, mask: NDArray[np.bool_], times: NDArray[np.int64] | None
) -> correlation.Correlations:
    if times is not None:
        of_counted = counted_correlation.pearson if method == "pearson" else counted_correlation.spearman
        return of_counted(x, mask, times)
    return correlation.pearson(x, mask) if method == "pearson" else correlation.spearman(x, mask)


def _side_by_side(columns: list[NDArray[Any]], plan: RelatePlan) -> NDArray[Any]:
    """Columns as a matrix of shape (n, columns) in which each stays together in memory."""
    matrix = np.empty((len(columns), columns[0].size), columns[0].dtype)
    shared_out([partial(np.copyto, row, column) for row, column in zip(matrix, columns, strict=True)], plan.data)
    return matrix.T


def _limits(r: Array, n: NDArray[np.int64], method: str, plan: RelatePlan) -> tuple[Array, Array]:
    confidence = plan.request.settings["confidence"]
    return correlation.intervals(r, n, confidence=confidence, method=cast(correlation.Method, method))


def _pair(a: str, b: str, method: str, values: list[float], n: int, reason: Undefined | None) -> Pair:
    def known(value: float, why: Undefined) -> Value:
        if reason:
            return reason
        return value if np.isfinite(value) else why

    coefficient, p = known(values[0], DASH), known(values[1], DASH)
    perfect = np.isfinite(values[0]) and abs(values[0]) == 1
    low, high = (known(v, Undefined("no_interval_for_a_coefficient") if perfect else DASH) for v in values[2:])
    return Pair(a, b, method, coefficient, n, p, p, low, high)


def _partial(method: str, a: str, b: str, part: Part, plan: RelatePlan) -> Pair:
    """A coefficient of what is left of both after the given variables are taken out of them."""
    both = part.both(a, b, *plan.given)
    x = np.column_stack([part.values[name][both] for name in (a, b, *plan.given)])
    times = None if part.times is None else part.times[both]
    n, taken = part.cases(both), len(plan.given)
    if n < taken + 3:
        return _pair(a, b, method, [np.nan] * 4, n, DASH)
    if times is None:
        ranked = correlation.mid_ranks(x) if method == "spearman" else x
        found = correlation.partial(ranked[:, :2], ranked[:, 2:])
    else:
        ranks = [counted_correlation.mid_ranks(column, times) for column in x.T] if method == "spearman" else list(x.T)
        found = counted_correlation.partial(np.column_stack(ranks[:2]), np.column_stack(ranks[2:]), times)
    r = float(found.coefficient[0, 1])
    if not np.isfinite(r):
        return _pair(a, b, method, [np.nan] * 4, n, Undefined("nothing_is_left_of_a"))
    free = np.array(n - taken)
    p = float(correlation.t_p_values(np.array(r), free))
    low, high = _limits(np.array(r), free, method, plan)
    return _pair(a, b, method, [r, p, float(low), float(high)], n, None)


def _by_tau(a: str, b: str, part: Part, plan: RelatePlan) -> Pair:
    both = part.both(a, b)
    x, y = (part.values[name][both] for name in (a, b))
    found = kendall(x, y) if part.times is None else counted_correlation.kendall(x, y, part.times[both])
    low, high = _limits(np.array(found.tau), np.array(found.n), "kendall", plan)
    few = undefined("fewer_than_complete_cases", n=2) if found.n < 2 else Undefined("a_variable_is_constant")
    reason = None if np.isfinite(found.tau) else few
    return _pair(a, b, "kendall", [found.tau, found.p, float(low), float(high)], found.n, reason)


def _by_eta(a: str, b: str, part: Part, plan: RelatePlan) -> Pair:
    """Eta of a number on a category, with the p of the one-way analysis of variance."""
    from istrel.stats.special import fdtrc

    words = a if plan.data.variable(a).level is Level.NOMINAL or not is_numeric(a, plan.data) else b
    both = part.both(a, b)
    values = part.values[b if words == a else a][both]
    categories = plan.data.categories(words)
    codes, n = categories.codes[part.rows][both], part.cases(both)
    groups = int(np.unique(codes).size)
    none = Undefined("no_interval_for_eta")
    if n < 2 or groups < 2:
        why = Undefined("fewer_than_2_groups_with")
        return Pair(a, b, "eta", why, n, why, why, why, why)
    value = (
        correlation.eta(values, codes, len(categories.values))
        if part.times is None
        else counted_correlation.eta(values, codes, len(categories.values), part.times[both])
    )
    if not np.isfinite(value):
        why = Undefined("all_values_are_equal")
        return Pair(a, b, "eta", why, n, why, why, why, why)
    p: Value = Undefined("no_cases_beyond_one_per")
    if n > groups:
        with np.errstate(divide="ignore"):
            f = (value**2 / (groups - 1)) / max((1 - value**2) / (n - groups), 1e-300)
        p = float(fdtrc(groups - 1, n - groups, f))
    return Pair(a, b, "eta", value, n, p, p, none, none)


def counts_of_both(a: str, b: str, part: Part, plan: RelatePlan) -> NDArray[np.int64]:
    """How many cases have each value of one and of the other, shape (values, values)."""
    first, second = plan.data.categories(a), plan.data.categories(b)
    both = part.both(a, b)
    r, c = len(first.values), len(second.values)
    flat = first.codes[part.rows][both].astype(np.int64) * c + second.codes[part.rows][both]
    return counted(flat, r * c, None if part.times is None else part.times[both]).reshape(r, c)


def _by_v(a: str, b: str, part: Part, plan: RelatePlan) -> Pair:
    both, counts = part.both(a, b), counts_of_both(a, b, part, plan)
    _, corrected = association.cramers_v(counts)
    none = Undefined("no_interval_for_v")
    p = association.chi_square(counts).p
    return Pair(a, b, "cramers_v", corrected, part.cases(both), p, p, none, none)


def _adjusted(pairs: list[Pair], method: str) -> tuple[Pair, ...]:
    p = np.array([pair.p if isinstance(pair.p, float) else np.nan for pair in pairs])
    adjusted = correlation.adjust(p, method).tolist()
    return tuple(
        replace(pair, p_adjusted=value if np.isfinite(value) else pair.p)
        for pair, value in zip(pairs, adjusted, strict=True)
    )
