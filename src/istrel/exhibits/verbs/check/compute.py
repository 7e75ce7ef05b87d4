"""The numbers of a `check` plan. Every test is made for all groups of a variable at once."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from dataclasses import replace
from functools import partial
from itertools import product

import numpy as np
from numpy.typing import NDArray

from istrel.data.levels import Level
from istrel.data.limits import FEWEST_FOR_HUMPS, FINEST_FOR_HUMPS
from istrel.exhibits.cases import Group, Grouping, grouping_of
from istrel.exhibits.forms.catalogue import drawn
from istrel.exhibits.forms.common import values_of_group
from istrel.exhibits.persons import persons_of
from istrel.exhibits.shared import arranged_together, batches, shared_out
from istrel.exhibits.verbs.check.reading import read_shape
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import CheckCell, CheckResult, SetCell, Tested, Value
from istrel.exhibits.verbs.check.scale import scale_cells
from istrel.exhibits.weights import distribution_of, weighted_moments_of
from istrel.sentence.vocabulary import TESTS
from istrel.stats import correlation, density, moments, multivariate, normality
from istrel.stats.estimates import Undefined
from istrel.stats.moderate import moderate
from istrel.stats.quantiles import CaseValue, CaseValues
from istrel.stats.survey.differences import NOT_WEIGHTED

Array = NDArray[np.float64]
Times = NDArray[np.int64] | None
A_LOOK = 5_000
MAKERS = {
    "shapiro_wilk": lambda cells, _: normality.shapiro_wilk(cells),
    "anderson_darling": normality.anderson_darling,
    "lilliefors": normality.lilliefors,
    "dagostino_pearson": normality.dagostino_pearson,
    "jarque_bera": normality.jarque_bera,
}


def compute(plan: CheckPlan) -> CheckResult:
    """Every test for every variable and group; two variables or more are also tested as a set."""
    if plan.scale is not None:
        cells_of_scale = tuple(scale_cells(plan.scale, plan))
        return CheckResult(plan.cases, cells_of_scale, (), plan.groupings, {})
    as_set = len(plan.subjects) > 1 and plan.form == "table" and not plan.cases.weighted
    works: list[Callable[[], Sequence[CheckCell | SetCell]]] = [
        partial(_sets, grouping, plan) for grouping in plan.groupings if as_set
    ]
    works += [
        partial(_checked, lot, grouping, plan)
        for lot in batches(plan.subjects, plan.data)
        for grouping in plan.groupings
    ]
    made = [cell for part in shared_out(works, plan.data) for cell in part]
    sets = [cell for cell in made if isinstance(cell, SetCell)]
    cells = [cell for cell in made if isinstance(cell, CheckCell)]
    method = plan.request.settings["adjust"]
    adjusted, compared = (cells, {}) if method == "none" else _adjusted(cells, method, plan.shown)
    drawings = drawn(plan)
    return CheckResult(plan.cases, (*adjusted, *sets), drawings, plan.groupings, compared)


def _checked(names: tuple[str, ...], grouping: Grouping, plan: CheckPlan) -> list[CheckCell]:
    """Variable by variable, all their groups; every test is made for all of them at once."""
    if plan.cases.weighted:
        return _of_sample(names, grouping, plan)
    cells, shape = arranged_together(names, grouping, plan.data)
    skewness, kurtosis = moments.skewness(shape), moments.kurtosis(shape)
    found = {test: MAKERS[test](cells, shape) for test in TESTS}
    fine = {name: plan.data.variable(name).level is not Level.ORDINAL for name in names}
    sizes, untested = grouping.sizes.tolist(), _untested(grouping, plan)
    made = []
    for i, (name, (place, group)) in enumerate(product(names, enumerate(grouping.groups))):
        tests = {test: _of(made_.statistic.at(i), made_.p.at(i), untested[place]) for test, made_ in found.items()}
        n = int(cells.sizes[i])
        made.append(
            CheckCell(
                variable=name,
                group=group,
                n=n,
                missing=sizes[place] - n,
                tests=tests,
                skewness=skewness.at(i),
                kurtosis=kurtosis.at(i),
                humps=_humps(*values_of_group(cells, i, None), n) if fine[name] else None,
                reading=read_shape(n, tests, skewness.at(i), kurtosis.at(i), plan.shown),
            )
        )
    return made


def _of_sample(names: tuple[str, ...], grouping: Grouping, plan: CheckPlan) -> list[CheckCell]:
    """The shape of a weighted sample: skewness, kurtosis and humps; no test of normality is defined for it."""
    none, sizes, made = Tested(NOT_WEIGHTED, NOT_WEIGHTED, NOT_WEIGHTED), grouping.sizes, list[CheckCell]()
    for name in names:
        m, spread = weighted_moments_of(name, grouping, plan.data), distribution_of(name, grouping, plan.data)
        skewness, kurtosis = m.shape(3), m.shape(4)
        fine = plan.data.variable(name).level is not Level.ORDINAL
        for i, group in enumerate(grouping.groups):
            inside, n = spread.group(i), int(m.n[i])
            made.append(
                CheckCell(
                    variable=name,
                    group=group,
                    n=n,
                    missing=int(sizes[i]) - n,
                    tests=dict.fromkeys(TESTS, none),
                    skewness=skewness.at(i),
                    kurtosis=kurtosis.at(i),
                    humps=_humps(*inside, inside[0].size) if fine else None,
                    reading="",
                )
            )
    return made


def _untested(grouping: Grouping, plan: CheckPlan) -> list[Undefined | None]:
    """Why a group has no p: somebody stands in it twice, and tests take rows for independent; None where it has."""
    persons = persons_of(plan.data, plan.cases)
    if persons is None:
        return [None] * grouping.n_groups
    return [persons.reason if twice else None for twice in persons.repeating(grouping.codes, grouping.n_groups)]


def _of(statistic: Value, p: Value, untested: Undefined | None) -> Tested:
    p = untested if untested is not None and isinstance(p, float) else p
    return Tested(statistic, p, p)


def _humps(values: Array, weights: Array | None, n: int) -> tuple[float, ...] | None:
    """Where the density of n cases has its modes; None where few cases, or few different values, make none worth speaking of."""
    if n < FEWEST_FOR_HUMPS or np.unique(values[:: max(1, values.size // A_LOOK)]).size < FINEST_FOR_HUMPS:
        return None
    plain, exponent = moderate(values)
    curve = density.density(plain, weights=weights, cases=weights is not None and n > values.size)
    return tuple(np.ldexp(density.sure_humps(curve, n), exponent).tolist())


def _adjusted(cells: list[CheckCell], method: str, shown: tuple[str, ...]) -> tuple[list[CheckCell], dict[str, int]]:
    """p-values adjusted for the variables and groups that have one, test by test; the reading follows the adjusted ones."""
    by_test, compared = {}, {}
    for test in TESTS:
        raw = np.array([p if isinstance(p := cell.tests[test].p, float) else np.nan for cell in cells])
        by_test[test], compared[test] = correlation.adjust(raw, method), int(np.isfinite(raw).sum())
    made = []
    for place, cell in enumerate(cells):
        tests = {}
        for test, tested in cell.tests.items():
            value = float(by_test[test][place])
            tests[test] = replace(tested, p_adjusted=value if np.isfinite(value) else tested.p)
        n = cell.n if isinstance(cell.n, int) else 0
        reading = read_shape(n, tests, cell.skewness, cell.kurtosis, shown)
        made.append(replace(cell, tests=tests, reading=reading))
    return made, compared


def _complete(inside: NDArray[np.bool_], plan: CheckPlan) -> tuple[Array, Times, NDArray[np.int64]]:
    """(the complete cases of a group, (n, variables); for how many cases each stands; their rows)."""
    parts, counts = [plan.data.numbers(name) for name in plan.subjects], plan.data.times
    rows = np.flatnonzero(np.logical_and.reduce([inside, *(part.valid for part in parts)]))
    return np.stack([part.values[rows] for part in parts]).T, None if counts is None else counts[rows], rows


def complete_of(group: Group, plan: CheckPlan) -> tuple[Array, Times]:
    """(the complete cases of a group, for how many cases each stands)."""
    grouping, place = grouping_of(group, plan.groupings)
    x, times, _ = _complete(grouping.codes == place, plan)
    return x, times


def _sets(grouping: Grouping, plan: CheckPlan) -> list[SetCell]:
    """The subjects as a set in each group, over the cases complete in all of them."""
    made, untested = [], _untested(grouping, plan)
    for i in range(grouping.n_groups):
        inside = grouping.codes == i
        x, times, rows = _complete(inside, plan)
        shape = multivariate.set_shape(x, plan.subjects, times)
        far = shape.remote[np.argsort(-shape.distances[shape.remote], kind="stable")]
        made.append(
            SetCell(
                variables=plan.subjects,
                group=grouping.groups[i],
                n=shape.n,
                missing=int(grouping.sizes[i]) - shape.n,
                tests={
                    "mardia_skewness": _tested(shape.mardia_skewness, untested[i]),
                    "mardia_kurtosis": _tested(shape.mardia_kurtosis, untested[i]),
                    "henze_zirkler": _tested(shape.henze_zirkler, untested[i]),
                },
                remote=_remote(shape.distances[far], rows[far], plan),
            )
        )
    return made


def _remote(distances: Array, rows: NDArray[np.int64], plan: CheckPlan) -> CaseValues:
    counts = plan.data.times
    times = [1] * rows.size if counts is None else counts[rows].tolist()
    return tuple(map(CaseValue, distances.tolist(), plan.data.named(rows).tolist(), times))


def _tested(found: multivariate.SetTest, untested: Undefined | None) -> Tested:
    return _of(found.statistic, found.p, untested)
