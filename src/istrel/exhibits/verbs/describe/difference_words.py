"""Differences between groups in print: columns at the end of a table, a note that names each measure and test, sentences."""

from __future__ import annotations

from typing import NamedTuple

from istrel.exhibits.table import Head, Note
from istrel.exhibits.text import Cell, Hidden, Run, Text, joined, say
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, Difference
from istrel.exhibits.wording import ADJUSTMENTS, group_label, p_words, titled
from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind

LETTERS = "ᵃᵇᶜᵈᵉᶠᵍʰⁱʲᵏˡ"


class Measure(NamedTuple):
    """How an effect is called: its symbol, its name in a note, how it is defined, and what kind of number it is."""

    symbol: str
    name: str
    defined: str
    kind: Kind = Kind.COEFFICIENT


MEASURES = {
    "hedges_g": Measure(
        "symbol_g",
        "hedges_g",
        "hedges_g_is_the_difference",
        Kind.STATISTIC,
    ),
    "eta_squared": Measure("symbol_eta_squared", "eta_squared", "eta_squared_is_the_share"),
    "cliffs_delta": Measure("symbol_delta", "cliffs_delta", "cliffs_delta_is_the_chance"),
    "cramers_v": Measure("symbol_v", "cramers_v", "cramers_v_is_the_root"),
    "risk_difference": Measure(
        "symbol_difference",
        "difference_of_percentages",
        "intervals_of_differences_of_percentages",
        Kind.PERCENT,
    ),
}
TESTS = {
    "welch_t": ("welchs_t_test", "symbol_t"),
    "welch_f": ("welchs_f_test", "symbol_f"),
    "mann_whitney": ("mann_whitney_test", "symbol_u"),
    "kruskal_wallis": ("kruskal_wallis_test", "symbol_h"),
    "chi_square": ("chi_square_test", "symbol_chi_square"),
    "exact": ("exact_test", ""),
}


class Marks:
    """Letters for the measures and tests of a table, in the order in which they come."""

    def __init__(self) -> None:
        self._said: dict[tuple[str, ...], str] = {}

    def of(self, *what: str) -> str:
        """The letter of a measure (with the groups it compares) or a test."""
        again, place = divmod(len(self._said), len(LETTERS))
        return self._said.setdefault(what, LETTERS[place] * (again + 1))  # after the last letter they are doubled

    def notes(self, result: DescribeResult) -> tuple[Note, ...]:
        """What each letter means, in one line."""
        said = {(d.effect.measure, *_pair(d)): d for d in result.differences if d.effect is not None}
        parts = [
            say("mark_says", mark=mark, what=_measured(said[what]) if what in said else _tested(what))
            for what, mark in self._said.items()
        ]
        return (Note("specific", joined(parts, " ")),) if parts else ()


def _pair(difference: Difference) -> tuple[str, ...]:
    pair = tuple(group.key for group in difference.between or ())
    return (*pair, difference.meant) if difference.meant else pair


def _measured(difference: Difference) -> Text:
    assert difference.effect is not None
    name = say(MEASURES[difference.effect.measure].name)
    if difference.between is None:
        return name
    first, second = (group_label(group, several=True) for group in difference.between)
    if difference.meant:
        return say("measure_of_value_first_minus_second", name=name, value=difference.meant, first=first, second=second)
    return say("measure_first_minus_second", name=name, first=first, second=second)


def _tested(what: tuple[str, ...]) -> Text:
    name = say(TESTS[what[0]][0])
    return say("test_exact", test=name) if len(what) > 1 else name


def difference_heads(plan: DescribePlan) -> tuple[Head, ...]:
    """The heads of the columns that were asked for."""
    said = plan.request.settings
    level = Cell(100 * said["confidence"], Kind.EDGE)
    effect = (Head(say("head_difference", level=level)),) if said["difference"] else ()
    return (*effect, *((Head(say("head_p")),) if said["test"] else ()))


def difference_cells(
    name: str, grouping: tuple[str, ...], plan: DescribePlan, result: DescribeResult, marks: Marks
) -> list[Text]:
    """The cells under those heads; empty for a variable that has no difference."""
    heads = len(difference_heads(plan)) if grouping else 0
    found = next((d for d in result.differences if (d.variable, d.grouping) == (name, grouping)), None)
    if found is None:
        return [()] * heads
    column = " × ".join(grouping)
    cells: list[Text] = []
    if found.effect is not None:
        known = not isinstance(found.effect.value, Undefined | Hidden)
        mark = marks.of(found.effect.measure, *_pair(found)) if known else ""
        cells.append((*_effect(found, row=name, column=f"{column}/difference"), *_raised(mark)))
    if found.test is not None:
        known = not isinstance(found.p, Undefined | Hidden)
        mark = marks.of(found.test.name, *(("exact",) if _says_exact(found) else ())) if known else ""
        cells.append((Cell(found.p, Kind.P, row=name, column=f"{column}/p"), *_raised(mark)))
    return cells


def _says_exact(difference: Difference) -> bool:
    return difference.test is not None and difference.test.exact and difference.test.name != "exact"


def _raised(mark: str) -> Text:
    return (Run(mark, verbatim=True),) if mark else ()


def _effect_cells(difference: Difference, *, row: str = "", column: str = "") -> tuple[Cell, Cell, Cell]:
    """The value and the limits of its interval."""
    effect = difference.effect
    assert effect is not None
    kind = MEASURES[effect.measure].kind
    factor = 100.0 if kind is Kind.PERCENT else 1.0

    def cell(value: float | Undefined | Hidden, key: str) -> Cell:
        shown = value * factor if isinstance(value, float) else value
        return Cell(shown, kind, row=row, column=f"{column}{key}" if column else "")

    return cell(effect.value, ""), cell(effect.low, "/low"), cell(effect.high, "/high")


def _effect(difference: Difference, *, row: str, column: str) -> Text:
    """ "0.42 [0.20, 0.64]", without what there is no value of."""
    value, low, high = _effect_cells(difference, row=row, column=column)
    if not isinstance(low.value, float) or not isinstance(high.value, float):
        return (value,)
    return say("value_with_interval", value=value, low=low, high=high)


def difference_texts(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """A sentence per variable: how large the difference is, and the test."""
    said: list[Text] = []
    for difference in result.differences:
        parts = [part for part in (_effect_words(difference, plan), _test_words(difference)) if part]
        if parts:
            name = titled(plan.data.variable(difference.variable))
            said.append(say("difference_of", name=name, difference=joined(parts, "; ")))
    return said


def _effect_words(difference: Difference, plan: DescribePlan) -> Text:
    effect = difference.effect
    if effect is None or not isinstance(effect.value, float):
        return ()
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    symbol = say(MEASURES[effect.measure].symbol)
    value, low, high = _effect_cells(difference, row=_row(difference), column="difference")
    words = say("symbol_value", symbol=symbol, value=value)
    if isinstance(effect.low, float) and isinstance(effect.high, float):
        words = say("effect_with_interval", effect=words, level=level, low=low, high=high)
    if difference.between is None:
        return words
    first, second = (group_label(group, several=True) for group in difference.between)
    return say("effect_first_minus_second", effect=words, first=first, second=second)


def _test_words(difference: Difference) -> Text:
    test = difference.test
    if test is None or not isinstance(difference.p, float):
        return ()
    name, symbol = TESTS[test.name]
    row = _row(difference)
    p = p_words(difference.p, row=row, column="difference p")
    if not isinstance(test.statistic, float):
        return say("test_with_p", test=say(name), p=p)
    counted = test.name == "mann_whitney" and test.statistic.is_integer()
    value = Cell(test.statistic, Kind.COUNT if counted else Kind.STATISTIC, row=row, column="difference statistic")
    if not test.df:
        return say("test_with_statistic", test=say(name), symbol=say(symbol), value=value, p=p)
    df = joined([(_degrees(x, row, place),) for place, x in enumerate(test.df, start=1)])
    return say("test_with_df", test=say(name), symbol=say(symbol), df=df, value=value, p=p)


def _row(difference: Difference) -> str:
    return f"{difference.variable} @ {' × '.join(difference.grouping)}"


def _degrees(value: float, row: str, place: int) -> Cell:
    kind = Kind.COUNT if value.is_integer() else Kind.STATISTIC
    return Cell(value, kind, row=row, column=f"difference df {place}")


def difference_notes(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """Which p-values are adjusted."""
    said = plan.request.settings
    if not any(d.test is not None for d in result.differences) or said["adjust"] == "none":
        return []
    return [say("p_is_adjusted", source=ADJUSTMENTS[said["adjust"]])]


def difference_methods(result: DescribeResult) -> list[Text]:
    """Sentences that name each measure and each test."""
    measures = dict.fromkeys(
        d.effect.measure for d in result.differences if d.effect and isinstance(d.effect.value, float)
    )
    tests = dict.fromkeys(d.test.name for d in result.differences if d.test and isinstance(d.p, float))
    said = [say(MEASURES[measure].defined) for measure in measures]
    if tests:
        said.append(say("groups_were_compared_by_these", tests=joined([say(TESTS[name][0]) for name in tests])))
    return said
