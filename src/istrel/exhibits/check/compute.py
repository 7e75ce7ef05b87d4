"""The numbers of a `check` plan. Every test is made for all groups of a variable at once."""

from __future__ import annotations

import numpy as np

from istrel.exhibits.cases import Grouping
from istrel.exhibits.check.reading import read_shape, remarks
from istrel.exhibits.check.resolve import CheckPlan
from istrel.exhibits.check.result import TESTS, CheckCell, CheckResult, QuantileCell, SetCell, Value
from istrel.stats import correlation, density, moments, multivariate, normality
from istrel.stats.estimates import Undefined
from istrel.stats.grouping import Arranged, arrange
from istrel.stats.quantiles import CaseValue

FEWEST_FOR_HUMPS = 20
MOST_POINTS = 5000


def compute(plan: CheckPlan) -> CheckResult:
    """Every test for every variable and group; two variables or more are also tested as a set."""
    cells: list[CheckCell] = []
    sets: list[SetCell] = []
    drawings: list[QuantileCell] = []
    for name in plan.subjects:
        for grouping in plan.groupings:
            arranged = _arranged(name, grouping, plan)
            cells += _checked(name, grouping, arranged)
            if plan.form == "quantile plot":
                drawings += _quantile_plots(name, grouping, arranged, plan)
    if len(plan.subjects) > 1:
        for grouping in plan.groupings:
            sets += _sets(grouping, plan)
    adjusted = _adjusted(cells, plan.request.settings.adjust or "none")
    missing = tuple((g.names, g.missing) for g in plan.groupings if g.missing)
    return CheckResult(plan.cases, (*adjusted, *sets), tuple(drawings), missing)


def _arranged(name: str, grouping: Grouping, plan: CheckPlan) -> Arranged:
    numbers = plan.data.numbers(name)
    return arrange(numbers.values, grouping.codes, numbers.valid & (grouping.codes >= 0), grouping.n_groups)


def _checked(name: str, grouping: Grouping, cells: Arranged) -> list[CheckCell]:
    shape = moments.moments(cells)
    skewness, kurtosis = moments.skewness(shape), moments.kurtosis(shape)
    found = {
        "shapiro_wilk": normality.shapiro_wilk(cells),
        "anderson_darling": normality.anderson_darling(cells, shape),
        "lilliefors": normality.lilliefors(cells, shape),
        "dagostino_pearson": normality.dagostino_pearson(cells, shape),
        "jarque_bera": normality.jarque_bera(cells, shape),
    }
    sizes = grouping.sizes
    made = []
    for i in range(grouping.n_groups):
        tests: dict[str, tuple[Value, Value, Value]] = {}
        for test, outcome in found.items():
            p = outcome.p.at(i)
            tests[test] = (outcome.statistic.at(i), p, p)
        n = int(cells.sizes[i])
        made.append(
            CheckCell(
                variable=name,
                group=grouping.groups[i],
                n=n,
                missing=int(sizes[i]) - n,
                tests=tests,
                skewness=skewness.at(i),
                kurtosis=kurtosis.at(i),
                humps=_humps(cells.group(i)),
                reading=read_shape(tests, skewness.at(i), kurtosis.at(i)),
                remarks=remarks(n),
            )
        )
    return made


def _humps(values: np.ndarray[tuple[int], np.dtype[np.float64]]) -> tuple[float, ...] | None:
    if values.size < FEWEST_FOR_HUMPS or values[0] == values[-1]:
        return None
    return tuple(density.humps(density.density(values)).tolist())


def _adjusted(cells: list[CheckCell], method: str) -> list[CheckCell]:
    """p-values adjusted for the number of variables and groups, test by test; the reading follows the adjusted ones."""
    if method == "none":
        return cells
    by_test = {}
    for test in TESTS:
        raw = np.array([v if isinstance(v := cell.tests[test][1], float) else np.nan for cell in cells])
        by_test[test] = correlation.adjust(raw, method)
    made = []
    for place, cell in enumerate(cells):
        tests: dict[str, tuple[Value, Value, Value]] = {}
        for test, (statistic, p, _) in cell.tests.items():
            value = float(by_test[test][place])
            tests[test] = (statistic, p, value if np.isfinite(value) else p)
        reading = read_shape(tests, cell.skewness, cell.kurtosis)
        made.append(
            CheckCell(
                cell.variable,
                cell.group,
                cell.n,
                cell.missing,
                tests,
                cell.skewness,
                cell.kurtosis,
                cell.humps,
                reading,
                cell.remarks,
            )
        )
    return made


def _sets(grouping: Grouping, plan: CheckPlan) -> list[SetCell]:
    """The subjects as a set in each group, over the cases complete in all of them."""
    parts = [plan.data.numbers(name) for name in plan.subjects]
    complete = np.logical_and.reduce([part.valid for part in parts])
    made = []
    for i in range(grouping.n_groups):
        inside = grouping.codes == i
        rows = np.flatnonzero(inside & complete)
        x = np.column_stack([part.values[rows] for part in parts])
        shape = multivariate.set_shape(x, plan.subjects)
        far = shape.remote[np.argsort(-shape.distances[shape.remote], kind="stable")]
        made.append(
            SetCell(
                variables=plan.subjects,
                group=grouping.groups[i],
                n=shape.n,
                missing=int(inside.sum()) - shape.n,
                tests={
                    "mardia_skewness": shape.mardia_skewness,
                    "mardia_kurtosis": shape.mardia_kurtosis,
                    "henze_zirkler": shape.henze_zirkler,
                },
                remote=tuple(CaseValue(float(shape.distances[k]), int(rows[k]) + 1) for k in far),
            )
        )
    return made


def _quantile_plots(name: str, grouping: Grouping, cells: Arranged, plan: CheckPlan) -> list[QuantileCell]:
    shape = moments.moments(cells)
    means, deviations = moments.mean(shape), moments.sd(shape)
    confidence = plan.request.settings.confidence or 0.95
    made = []
    for i in range(grouping.n_groups):
        mean, sd = means.at(i), deviations.at(i)
        if isinstance(mean, Undefined) or isinstance(sd, Undefined):
            continue
        y = cells.group(i)
        x, reach = normality.normal_positions(y.size), normality.quantile_band(y.size, confidence=confidence)
        kept = np.unique(np.linspace(0, y.size - 1, min(y.size, MOST_POINTS)).round().astype(int))
        line = mean + sd * x[kept]
        group = grouping.groups[i]
        band = sd * reach[kept]
        made.append(QuantileCell(name, group, int(y.size), x[kept], y[kept], mean, sd, line - band, line + band))
    return made
