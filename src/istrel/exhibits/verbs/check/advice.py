"""What a good supervisor would say after a check of shapes: by medians, in logarithms; after items: which one to leave out."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.english import english
from istrel.exhibits.setting import MarginNote, Remedy
from istrel.exhibits.text import Cell, say
from istrel.exhibits.verbs.check.compute import MAKERS
from istrel.exhibits.verbs.check.reading import chosen_test, read_shape
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import CheckCell, CheckResult, ScaleCell, Tested
from istrel.exhibits.wording import few_names, p_words, titled
from istrel.sentence import parse
from istrel.sentence.quoting import show_name
from istrel.sentence.show_formula import show_condition
from istrel.sentence.vocabulary import TESTS
from istrel.stats.grouping import arrange
from istrel.stats.moments import kurtosis, moments, skewness
from istrel.style.numbers import Kind

MOST_CASES = 200_000
ITEMS, BETTER, LOOSE = (
    4,
    0.02,
    0.2,
)  # items at least; alpha without one above alpha; its correlation with the rest below


def advise(plan: CheckPlan, result: CheckResult) -> Iterator[MarginNote]:
    """In the order of the variables."""
    if plan.form != "table" or plan.cases.weighted or plan.data.times is not None or plan.data.n_rows > MOST_CASES:
        return
    yield from _items(plan, result)
    departed: list[CheckCell] = []
    for name in dict.fromkeys(c.variable for c in result.cells if isinstance(c, CheckCell) and c.reading == "clear"):
        mine = [cell for cell in result.cells if isinstance(cell, CheckCell) and cell.variable == name]
        found = list(_in_logarithms(name, mine, plan))
        yield from found
        if not found:
            departed.append(max((c for c in mine if c.reading == "clear"), key=_skew))
    if departed:
        yield _by_medians(departed, plan)


def _skew(cell: CheckCell) -> float:
    return abs(cell.skewness) if isinstance(cell.skewness, float) else 0.0


def _by_medians(worst: list[CheckCell], plan: CheckPlan) -> MarginNote:
    """Clear departures: what to look at, and what describes such variables. Of each its most skewed group."""
    tail, grouped = _tail(plan), bool(plan.request.across)
    numbers = "n, median, iqr, test = ranks" if grouped else "n, median, iqr"
    names = ", ".join(show_name(cell.variable) for cell in worst)
    remedies = (
        Remedy(english("describe by medians"), request=parse(f"describe {names}{tail} with {numbers}")),
        Remedy(english("quantile plot"), request=parse(f"check {names}{tail} as quantile plot")),
    )
    most = max(worst, key=_skew)
    says = say(
        "not_normal_so_by_medians" if len(worst) == 1 else "not_normal_so_by_medians_of_several",
        name=few_names([titled(plan.data.variable(cell.variable)) for cell in worst]),
        skewness=Cell(most.skewness, Kind.STATISTIC),
        kurtosis=Cell(most.kurtosis, Kind.STATISTIC),
    )
    return MarginNote("by_medians", most.variable, most.group.labels if len(worst) == 1 else (), says, remedies)


def _in_logarithms(name: str, cells: list[CheckCell], plan: CheckPlan) -> Iterator[MarginNote]:
    """Where the logarithms of a variable have a shape consistent with normality in all groups that departed clearly."""
    numbers = plan.data.numbers(name)
    if name not in plan.data.table or not bool((numbers.values[numbers.valid & plan.cases.mask] > 0).all()):
        return
    logs = np.log(np.where(numbers.valid & (numbers.values > 0), numbers.values, 1.0))
    departed = {cell.group for cell in cells if cell.reading == "clear"}
    worst: Tested | None = None
    symbol = ""
    for grouping in plan.groupings:
        places = [k for k, group in enumerate(grouping.groups) if group in departed]
        if not places:
            continue
        lot = arrange(logs, grouping.codes, numbers.valid & grouping.used, grouping.n_groups)
        m = moments(lot)
        found = {test: MAKERS[test](lot, m) for test in TESTS}
        for k in places:
            tests = {t: Tested(f.statistic.at(k), f.p.at(k), f.p.at(k)) for t, f in found.items()}
            if read_shape(int(lot.sizes[k]), tests, skewness(m).at(k), kurtosis(m).at(k), plan.shown) != "consistent":
                return
            test = chosen_test(tests, plan.shown)
            if worst is None or _p(tests[test]) < _p(worst):
                worst, symbol = tests[test], TESTS[test].symbol
    if worst is None:
        return
    says = say(
        "normal_in_logarithms",
        name=titled(plan.data.variable(name)),
        symbol=say(symbol),
        statistic=Cell(worst.statistic, Kind.STATISTIC, 3),
        p=p_words(_p(worst)),
    )
    sentence = f"check log({show_name(name)}){_tail(plan)}"
    yield MarginNote("logarithm", name, (), says, (Remedy(english("check the logarithm"), request=parse(sentence)),))


def _p(tested: Tested) -> float:
    return tested.p if isinstance(tested.p, float) else 1.0


def _tail(plan: CheckPlan) -> str:
    """The groups and the cases of the sentence."""
    groups = ", ".join(" × ".join(show_name(n.text) for n in grouping.names) for grouping in plan.request.across)
    among = plan.request.among
    return (f" across {groups}" if groups else "") + (f" among {show_condition(among)}" if among is not None else "")


def _items(plan: CheckPlan, result: CheckResult) -> Iterator[MarginNote]:
    """The item without which a scale hangs together better."""
    for cell in result.cells:
        if not isinstance(cell, ScaleCell) or len(cell.items) < ITEMS or not isinstance(cell.alpha, float):
            continue
        loose = [
            (item.alpha_without, item)
            for item in cell.items
            if isinstance(item.alpha_without, float)
            and isinstance(item.item_rest, float)
            and abs(item.item_rest) < LOOSE
            and item.alpha_without >= cell.alpha + BETTER
        ]
        if not loose:
            continue
        without, item = max(loose, key=lambda pair: pair[0])
        rest = ", ".join(show_name(one.name) for one in cell.items if one is not item)
        says = say(
            "alpha_is_higher_without",
            item=item.name,
            without=Cell(without, Kind.COEFFICIENT),
            alpha=Cell(cell.alpha, Kind.COEFFICIENT),
            rest=Cell(item.item_rest, Kind.COEFFICIENT),
        )
        known = all(one.name in plan.data.table for one in cell.items)  # and no formula
        remedies = (Remedy(english("look without it"), request=parse(f"check {rest} as scale")),) if known else ()
        yield MarginNote("item_out", item.name, cell.group.labels, says, remedies)
        return
