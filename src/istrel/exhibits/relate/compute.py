"""The numbers of a `relate` plan: matrices where a whole method serves all pairs, single pairs where levels are mixed."""

from __future__ import annotations

from itertools import combinations
from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.levels import Level
from istrel.exhibits.cases import Group
from istrel.exhibits.relate.resolve import RelatePlan
from istrel.exhibits.relate.result import Pair, PlaneCell, RelateCell, RelateResult, Value
from istrel.stats import association, correlation, density, moments
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import arrange

Array = NDArray[np.float64]
BINS = 30


def compute(plan: RelatePlan) -> RelateResult:
    """Every pair in every group."""
    cells, drawings = [], []
    for grouping in plan.groupings:
        for i in range(grouping.n_groups):
            rows = np.flatnonzero(grouping.codes == i)
            group = grouping.groups[i]
            cells.append(_related(rows, group, plan))
            if plan.form == "scatter":
                drawings.append(_plane(rows, group, plan))
    missing = tuple((g.names, g.missing) for g in plan.groupings if g.missing)
    return RelateResult(plan.cases, tuple(cells), tuple(drawings), missing)


def _valid(name: str, plan: RelatePlan) -> NDArray[np.bool_]:
    return plan.data.present(name)


def _related(rows: NDArray[np.int64], group: Group, plan: RelatePlan) -> RelateCell:
    names = plan.names
    valid = np.column_stack([_valid(name, plan)[rows] for name in names])
    size = rows.size
    if plan.deletion == "listwise":
        complete = correlation.complete_rows(valid)
        rows, valid = rows[complete], valid[complete]
    numeric = [name for name in names if plan.data.table.column(name).kind is Kind.NUMBER]
    pairs, indefinite = _all_pairs(rows, valid, plan)
    means, deviations = _means(numeric, rows, valid, plan)
    counts = dict(zip(names, valid.sum(axis=0).tolist(), strict=True))
    return RelateCell(
        names, group, plan.deletion, int(rows.size), size - int(rows.size), pairs, counts, means, deviations, indefinite
    )


def _means(
    numeric: list[str], rows: NDArray[np.int64], valid: NDArray[np.bool_], plan: RelatePlan
) -> tuple[dict[str, Value], dict[str, Value]]:
    means: dict[str, Value] = {}
    deviations: dict[str, Value] = {}
    for name in numeric:
        use = valid[:, plan.names.index(name)]
        shape = moments.moments(arrange(plan.data.numbers(name).values[rows], np.zeros(rows.size, np.int64), use, 1))
        means[name], deviations[name] = moments.mean(shape).at(0), moments.sd(shape).at(0)
    return means, deviations


def fitting_method(a: str, b: str, plan: RelatePlan) -> str:
    """The coefficient that fits two levels: r, rho where one is ordered, eta for a category, V for two."""
    levels = [plan.data.variable(name).level for name in (a, b)]
    nominal = [
        level is Level.NOMINAL or plan.data.table.column(name).kind is not Kind.NUMBER
        for name, level in zip((a, b), levels, strict=True)
    ]
    if all(nominal):
        return "cramers_v"
    if any(nominal):
        other = levels[nominal.index(False)]
        return "cramers_v" if other is Level.BINARY else "eta"
    return "spearman" if Level.ORDINAL in levels else "pearson"


def _all_pairs(rows: NDArray[np.int64], valid: NDArray[np.bool_], plan: RelatePlan) -> tuple[tuple[Pair, ...], bool]:
    names = plan.names
    wanted = [(a, b) for a, b in combinations(names, 2) if not plan.against or plan.against in (a, b)]
    methods = {pair: plan.method if plan.method != "fitting" else fitting_method(*pair, plan) for pair in wanted}
    found: dict[tuple[str, str], Pair] = {}
    indefinite = False
    for method in dict.fromkeys(methods.values()):
        mine = [pair for pair in wanted if methods[pair] == method]
        if method in ("pearson", "spearman"):
            made, bad = _by_matrix(method, mine, rows, valid, plan)
            indefinite |= bad and plan.method == method
        else:
            single = {"kendall": _by_tau, "eta": _by_eta, "cramers_v": _by_v}[method]
            made = [single(a, b, rows, valid, plan) for a, b in mine]
        found |= {(pair.a, pair.b): pair for pair in made}
    return tuple(_adjusted([found[pair] for pair in wanted], plan.request.settings.adjust or "none")), indefinite


def _by_matrix(
    method: str, wanted: list[tuple[str, str]], rows: NDArray[np.int64], valid: NDArray[np.bool_], plan: RelatePlan
) -> tuple[list[Pair], bool]:
    used = [name for name in plan.names if any(name in pair for pair in wanted)]
    places = [plan.names.index(name) for name in used]
    x = np.column_stack([plan.data.numbers(name).values[rows] for name in used])
    mask = valid[:, places]
    matrix = correlation.pearson(x, mask) if method == "pearson" else correlation.spearman(x, mask)
    p = correlation.t_p_values(matrix.coefficient, matrix.n)
    limits = correlation.intervals(
        matrix.coefficient,
        matrix.n,
        confidence=plan.request.settings.confidence or 0.95,
        method=cast(correlation.Method, method),
    )
    place = {name: k for k, name in enumerate(used)}
    made = []
    for a, b in wanted:
        i, j = place[a], place[b]
        reason = matrix.reason(i, j, tuple(used))
        values = [float(m[i, j]) for m in (matrix.coefficient, p, *limits)]
        made.append(_pair(a, b, method, values, int(matrix.n[i, j]), reason))
    known = np.isfinite(matrix.coefficient).all()
    smallest = float(np.linalg.eigvalsh(matrix.coefficient)[0]) if known and len(used) > 1 else 0.0
    return made, smallest < -1e-10


def _pair(a: str, b: str, method: str, values: list[float], n: int, reason: str | None) -> Pair:
    def known(value: float) -> Value:
        if reason:
            return Undefined(reason)
        return value if np.isfinite(value) else Undefined("too few complete cases")

    coefficient, p, low, high = (known(value) for value in values)
    return Pair(a, b, method, coefficient, n, p, p, low, high)


def _by_tau(a: str, b: str, rows: NDArray[np.int64], valid: NDArray[np.bool_], plan: RelatePlan) -> Pair:
    both = _both(a, b, valid, plan)
    found = correlation.kendall(plan.data.numbers(a).values[rows][both], plan.data.numbers(b).values[rows][both])
    confidence = plan.request.settings.confidence or 0.95
    low, high = correlation.intervals(np.array(found.tau), np.array(found.n), confidence=confidence, method="kendall")
    reason = (
        None if np.isfinite(found.tau) else "fewer than 2 complete cases" if found.n < 2 else "a variable is constant"
    )
    return _pair(a, b, "kendall", [found.tau, found.p, float(low), float(high)], found.n, reason)


def _both(a: str, b: str, valid: NDArray[np.bool_], plan: RelatePlan) -> NDArray[np.bool_]:
    return np.asarray(valid[:, plan.names.index(a)] & valid[:, plan.names.index(b)])


def _by_eta(a: str, b: str, rows: NDArray[np.int64], valid: NDArray[np.bool_], plan: RelatePlan) -> Pair:
    """Eta of a number on a category, with the p of the one-way analysis of variance."""
    from scipy.special import fdtrc

    words = (
        a if plan.data.variable(a).level is Level.NOMINAL or plan.data.table.column(a).kind is not Kind.NUMBER else b
    )
    numbers, categories = plan.data.numbers(b if words == a else a), plan.data.categories(words)
    both = rows[_both(a, b, valid, plan)]
    codes, n = categories.codes[both], int(both.size)
    groups = int(np.unique(codes).size)
    none = Undefined("no interval for eta")
    if n < 2 or groups < 2:
        why = Undefined("fewer than 2 groups with cases")
        return Pair(a, b, "eta", why, n, why, why, why, why)
    value = correlation.eta(numbers.values[both], codes, len(categories.values))
    if not np.isfinite(value):
        why = Undefined("all values are equal")
        return Pair(a, b, "eta", why, n, why, why, why, why)
    p: Value = Undefined("no cases beyond one per group")
    if n > groups:
        with np.errstate(divide="ignore"):
            f = (value**2 / (groups - 1)) / max((1 - value**2) / (n - groups), 1e-300)
        p = float(fdtrc(groups - 1, n - groups, f))
    return Pair(a, b, "eta", value, n, p, p, none, none)


def _by_v(a: str, b: str, rows: NDArray[np.int64], valid: NDArray[np.bool_], plan: RelatePlan) -> Pair:
    first, second = plan.data.categories(a), plan.data.categories(b)
    both = rows[_both(a, b, valid, plan)]
    r, c = len(first.values), len(second.values)
    counts = np.bincount(first.codes[both].astype(np.int64) * c + second.codes[both], minlength=r * c).reshape(r, c)
    _, corrected = association.cramers_v(counts)
    none = Undefined("no interval for V")
    p = association.chi_square(counts).p
    return Pair(a, b, "cramers_v", corrected, int(both.size), p, p, none, none)


def _adjusted(pairs: list[Pair], method: str) -> list[Pair]:
    p = np.array([pair.p if isinstance(pair.p, float) else np.nan for pair in pairs])
    adjusted = correlation.adjust(p, method)
    made = []
    for pair, value in zip(pairs, adjusted.tolist(), strict=True):
        now = value if np.isfinite(value) else pair.p
        made.append(Pair(pair.a, pair.b, pair.method, pair.coefficient, pair.n, pair.p, now, pair.low, pair.high))
    return made


def _plane(rows: NDArray[np.int64], group: Group, plan: RelatePlan) -> PlaneCell:
    a, b = plan.names
    both = rows[_valid(a, plan)[rows] & _valid(b, plan)[rows]]
    bins = plan.request.settings.bins or BINS
    edges = density.count_plane(plan.data.numbers(a).values[both], plan.data.numbers(b).values[both], bins=bins)
    return PlaneCell(a, b, group, int(both.size), *edges)
