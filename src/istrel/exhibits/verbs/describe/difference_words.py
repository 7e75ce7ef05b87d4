"""Differences between groups in print: columns at the end of a table, a note that names each measure and test, sentences."""

from __future__ import annotations

from typing import NamedTuple

from istrel.exhibits.cases import Group
from istrel.exhibits.table import Head, Note
from istrel.exhibits.text import Cell, Hidden, Run, Text, count_cell, in_a_row, joined, opened, say, verbatim
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, Difference
from istrel.exhibits.wording import ADJUSTMENTS, group_label, in_group, p_words, person_title, titled
from istrel.stats.differences.common import Effect
from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind

RATIOS = ("risk_ratio", "odds_ratio")
LETTERS = "ᵃᵇᶜᵈᵉᶠᵍʰⁱʲᵏˡ"


class Measure(NamedTuple):
    """How an effect is called: its symbol, its name in a note, how it is defined, and what kind of number it is."""

    symbol: str
    name: str
    defined: str
    kind: Kind = Kind.COEFFICIENT


MEASURES = {
    "g_average": Measure("symbol_g", "hedges_g", "hedges_g_is_the_difference", Kind.STATISTIC),
    "omega_squared": Measure("symbol_omega_squared", "omega_squared", "omega_squared_is_the_share"),
    "median_difference": Measure(
        "symbol_median_difference", "median_difference", "median_difference_is_the", Kind.MEASURE
    ),
    "cliffs_delta": Measure("symbol_delta", "cliffs_delta", "cliffs_delta_is_the_chance"),
    "epsilon_squared": Measure("symbol_epsilon_squared", "epsilon_squared", "epsilon_squared_is_the_share"),
    "cramers_v": Measure("symbol_v", "cramers_v", "association_is_cramers_v_corrected"),
    "mean_difference": Measure(
        "symbol_mean_difference", "mean_difference", "mean_difference_is_the_mean", Kind.MEASURE
    ),
    "median_change": Measure("symbol_median_difference", "median_change", "median_change_is_the", Kind.MEASURE),
    "difference_in_changes": Measure(
        "symbol_difference_in_changes", "difference_in_changes", "difference_in_changes_is_how", Kind.MEASURE
    ),
    "generalized_eta_squared": Measure(
        "symbol_generalized_eta", "generalized_eta_squared", "generalized_eta_squared_is_the"
    ),
    "interaction_eta_squared": Measure(
        "symbol_generalized_eta", "interaction_eta_squared", "interaction_eta_squared_is_the"
    ),
    "kendalls_w": Measure("symbol_w", "kendalls_w", "kendalls_w_is_the_agreement"),
    "risk_difference": Measure(
        "symbol_difference", "difference_of_percentages", "intervals_of_differences_of_percentages", Kind.PERCENT
    ),
    "d_z": Measure("symbol_d_z", "d_z", "d_z_is_the_mean", Kind.STATISTIC),
    "risk_ratio": Measure("symbol_risk_ratio", "risk_ratio", "risk_ratio_is_the_ratio", Kind.STATISTIC),
    "odds_ratio": Measure("symbol_odds_ratio", "odds_ratio", "odds_ratio_is_the_ratio", Kind.STATISTIC),
    "g_average_weighted": Measure("symbol_g", "hedges_g", "hedges_g_is_weighted", Kind.STATISTIC),
    "risk_difference_weighted": Measure(
        "symbol_difference", "difference_of_percentages", "differences_of_shares_are_weighted", Kind.PERCENT
    ),
    "cramers_v_weighted": Measure("symbol_v", "cramers_v", "cramers_v_is_weighted"),
}
TESTS = {
    "welch_t": ("welchs_t_test", "symbol_t"),
    "welch_f": ("welchs_f_test", "symbol_f"),
    "mann_whitney": ("mann_whitney_test", "symbol_u"),
    "kruskal_wallis": ("kruskal_wallis_test", "symbol_h"),
    "chi_square": ("chi_square_test", "symbol_chi_square"),
    "exact": ("exact_test", ""),
    "simulated": ("simulated_test", ""),
    "paired_t": ("paired_t_test", "symbol_t"),
    "signed_ranks": ("signed_ranks_test", "symbol_t_plus"),
    "mcnemar": ("mcnemar_test", ""),
    "repeated_f": ("repeated_f_test", "symbol_f"),
    "interaction_f": ("interaction_f_test", "symbol_f"),
    "friedman": ("friedman_test", "symbol_chi_square"),
    "cochran_q": ("cochran_q_test", "symbol_q"),
    "games_howell": ("games_howell_test", ""),
    "dunn": ("dunn_test", ""),
    "holm_shares": ("holm_shares_test", ""),
    "one_sample_t": ("one_sample_t_test", "symbol_t"),
    "design_t": ("design_t_test", "symbol_t"),
    "design_f": ("design_f_test", "symbol_f"),
    "rao_scott_f": ("rao_scott_f_test", "symbol_f"),
}


class Marks:
    """Letters for the measures and tests of a table, in the order in which they come; none for one that stands alone."""

    def __init__(self, result: DescribeResult) -> None:
        effects = [d for d in result.differences if d.effect is not None and _is_known(d.effect.value)]
        tests = [d for d in result.differences if d.test is not None and _is_known(d.p)]
        self._alone: dict[tuple[str, ...], Text] = {}
        if len({_measure_key(d) for d in effects}) == 1 and len(_printed(result)) == 1:
            assert effects[0].effect is not None
            self._alone[_measure_key(effects[0])] = say(MEASURES[effects[0].effect.measure].symbol)
        by = {_test_key(d) for d in (*tests, *_tested_pairs(result))}
        if len(by) == 1:
            self._alone[by.pop()] = say("head_p")
        self._said: dict[tuple[str, ...], str] = {}

    def of(self, what: tuple[str, ...]) -> str:
        """The letter of a measure (with the groups it compares) or a test; nothing where its head says all."""
        if what in self._alone:
            return self._said.setdefault(what, "")
        again, place = divmod(sum(mark != "" for mark in self._said.values()), len(LETTERS))
        return self._said.setdefault(what, LETTERS[place] * (again + 1))  # after the last letter they are doubled

    def notes(self, result: DescribeResult) -> tuple[Note, ...]:
        """What each letter means, in one line."""
        said = {_measure_key(d): d for d in result.differences if d.effect is not None}
        parts = [
            say("mark_says", mark=mark, what=words)
            if mark
            else say("symbol_says", symbol=opened(self._alone[what]), what=words)
            for what, mark in self._said.items()
            for words in [opened(_measured(said[what]) if what in said else _tested(what))]
        ]
        return (Note("specific", joined(parts, " ")),) if parts else ()


def _printed(result: DescribeResult) -> set[tuple[str, float, bool]]:
    """(measure, level of its interval, whether it has one) of all that stands in the column of differences, pairs included."""
    effects = [d.effect for d in (*result.differences, *result.pairs) if d.effect is not None and d.effect.measure]
    return {(e.measure, e.level, isinstance(e.low, float)) for e in effects}


def _tested_pairs(result: DescribeResult) -> list[Difference]:
    return [d for d in result.pairs if d.test is not None and d.test.name and _is_known(d.p)]


def _is_known(value: object) -> bool:
    return not isinstance(value, Undefined | Hidden)


def _test_key(difference: Difference) -> tuple[str, ...]:
    """A test, and whether its p is exact."""
    assert difference.test is not None
    return (difference.test.name, *(("exact",) if _says_exact(difference) else ()))


def _measure_key(difference: Difference) -> tuple[str, ...]:
    """A measure with its interval's level and the groups it compares."""
    assert difference.effect is not None
    level = f"{difference.effect.level:g}" if isinstance(difference.effect.low, float) else ""
    return (difference.effect.measure, level, *_pair(difference))


def _measure(difference: Difference) -> Measure:
    """What the measure of a difference is called: one within persons has a definition of its own."""
    assert difference.effect is not None
    within = difference.paired and difference.effect.measure == "median_difference"
    return MEASURES["median_change" if within else difference.effect.measure]


def _pair(difference: Difference) -> tuple[str, ...]:
    pair = tuple(group.key for group in difference.between or ())
    return (*pair, difference.meant) if difference.meant else pair


def _measured(difference: Difference) -> Text:
    effect = difference.effect
    assert effect is not None
    name = say(_measure(difference).name)
    if difference.between is not None:
        first, second = (group_label(group, several=True) for group in difference.between)
        if difference.meant:
            value = verbatim(difference.meant)
            over = effect.measure in RATIOS
            phrase = "measure_of_value_first_over_second" if over else "measure_of_value_first_minus_second"
            name = say(phrase, name=name, value=value, first=first, second=second)
        else:
            name = say("measure_first_minus_second", name=name, first=first, second=second)
    return _with_level(name, effect.level if isinstance(effect.low, float) else 0.0)


def _of_value(name: Text, meant: str) -> Text:
    """The name of a measure with the value whose shares it compares; empty for none."""
    return say("measure_of_value", name=name, value=verbatim(meant)) if meant else name


def _with_level(name: Text, level: float) -> Text:
    """The name of a measure with the level of its interval; 0 for none."""
    return say("measure_with_level", name=name, level=Cell(100 * level, Kind.EDGE)) if level else name


def _tested(what: tuple[str, ...]) -> Text:
    name = say(TESTS[what[0]][0])
    return say("test_exact", test=name) if len(what) > 1 else name


def difference_heads(plan: DescribePlan, result: DescribeResult) -> tuple[Head, ...]:
    """The heads of the columns that were asked for: the measure, where all variables have the same one."""
    said = plan.request.settings
    kinds = _printed(result)
    head = say("head_difference" if any(has_interval for _, _, has_interval in kinds) else "head_difference_alone")
    if len(kinds) == 1:
        ((measure, level, has_interval),) = kinds
        symbol = opened(say(MEASURES[measure].symbol))
        head = say("head_measure", symbol=symbol, level=Cell(100 * level, Kind.EDGE)) if has_interval else symbol
    effect = (Head(head),) if said["difference"] else ()
    p = say("head_p_adjusted") if said["adjust"] != "none" else say("head_p")
    return (*effect, *((Head(p),) if said["test"] else ()))


def norm_heads(result: DescribeResult) -> tuple[Head, ...]:
    """The heads of the columns that compare with a norm."""
    found = next((d for d in result.differences if d.norm is not None), None)
    if found is None or found.effect is None:
        return ()
    effects = [d.effect for d in result.differences if d.effect is not None]
    symbol = opened(say(_measure(found).symbol))
    has_interval = any(isinstance(effect.low, float) for effect in effects)
    level = Cell(100 * next((e.level for e in effects if isinstance(e.low, float)), 0.95), Kind.EDGE)
    return (Head(say("head_measure", symbol=symbol, level=level) if has_interval else symbol), Head(say("head_p")))


def norm_cells(name: str, group: Group, plan: DescribePlan, result: DescribeResult) -> tuple[Text, ...]:
    """The cells under those heads."""
    found = next((d for d in result.differences if d.variable == name and d.group == group), None)
    if found is None or found.effect is None or found.test is None:
        return ()
    row = f"{name} @ {group.key}" if group.key else name
    effect = _effect(found, plan, row=row, column="against")
    return effect, (Cell(found.p, Kind.P, row=row, column="against p"),)


def difference_cells(
    name: str, grouping: tuple[str, ...], plan: DescribePlan, result: DescribeResult, marks: Marks
) -> list[Text]:
    """The cells under those heads; empty for a variable that has no difference."""
    if plan.request.norm is not None:
        return []
    heads = len(difference_heads(plan, result)) if grouping else 0
    found = next((d for d in result.differences if (d.variable, d.grouping) == (name, grouping)), None)
    if found is None:
        return [()] * heads
    column = " × ".join(grouping)
    cells: list[Text] = []
    if found.effect is not None:
        mark = marks.of(_measure_key(found)) if _is_known(found.effect.value) else ""
        cells.append((*_effect(found, plan, row=name, column=f"{column}/difference"), *_raised(mark)))
    if found.test is not None:
        mark = marks.of(_test_key(found)) if _is_known(found.p) else ""
        cells.append((Cell(found.p, Kind.P, row=name, column=f"{column}/p"), *_raised(mark)))
    return cells


def _says_exact(difference: Difference) -> bool:
    return (
        difference.test is not None
        and difference.test.exact
        and difference.test.name in ("mann_whitney", "kruskal_wallis", "signed_ranks")
    )


def _raised(mark: str) -> Text:
    return (Run(mark, verbatim=True),) if mark else ()


def _effect_cells(
    difference: Difference, plan: DescribePlan, *, row: str = "", column: str = ""
) -> tuple[Cell, Cell, Cell]:
    """The value and the limits of its interval."""
    effect = difference.effect
    assert effect is not None
    kind = MEASURES[effect.measure].kind if effect.measure else Kind.COEFFICIENT
    factor = 100.0 if kind is Kind.PERCENT else 1.0
    measure = kind is Kind.MEASURE
    asked = plan.request.settings["decimals"] if measure else None
    decimals = plan.data.variable(difference.variable).decimals if measure and asked is None else asked

    def cell(value: float | Undefined | Hidden, key: str) -> Cell:
        shown = value * factor if isinstance(value, float) else value
        precision = difference.precision if measure else None
        return Cell(shown, kind, decimals, precision, row=row, column=f"{column}{key}" if column else "")

    return cell(effect.value, ""), cell(effect.low, "/low"), cell(effect.high, "/high")


def _effect(difference: Difference, plan: DescribePlan, *, row: str, column: str) -> Text:
    """ "0.42 [0.20, 0.64]", without what there is no value of."""
    value, low, high = _effect_cells(difference, plan, row=row, column=column)
    if not isinstance(low.value, float) or not isinstance(high.value, float):
        return (value,)
    return say("value_with_interval", value=value, low=low, high=high)


def difference_texts(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """A sentence per variable: how large the difference is, and the test."""
    said: list[Text] = []
    for difference in result.differences:
        parts = [part for part in (_effect_words(difference, plan), _test_words(difference)) if part]
        if parts and difference.norm is not None and difference.group is not None:
            name = titled(plan.data.variable(difference.variable))
            where, norm = in_group(difference.group, plan.data), Cell(difference.norm, Kind.EDGE)
            said.append(say("compared_with_norm", name=name, where=where, norm=norm, difference=in_a_row(parts)))
        elif parts:
            name = titled(plan.data.variable(difference.variable))
            said.append(say("difference_of", name=name, difference=in_a_row(parts)))
    return said


def _effect_words(difference: Difference, plan: DescribePlan) -> Text:
    effect = difference.effect
    if effect is None or not isinstance(effect.value, float):
        return ()
    level = Cell(100 * effect.level, Kind.EDGE)
    symbol = say(_measure(difference).symbol)
    value, low, high = _effect_cells(difference, plan, row=_row(difference), column="difference")
    if difference.meant and effect.measure in RATIOS:
        words = say("ratio_of_value", symbol=symbol, value=value, meant=difference.meant)
    elif difference.meant:
        words = say("share_of_value_differs", value=difference.meant, points=value)
    else:
        words = say("symbol_value", symbol=symbol, value=value)
    if isinstance(effect.low, float) and isinstance(effect.high, float):
        words = say("effect_with_interval", effect=words, level=level, low=low, high=high)
    if difference.besides is not None and not isinstance(difference.besides.value, Undefined):
        words = in_a_row([words, _besides(difference.besides)])
    if difference.between is None:
        return words
    first, second = (group_label(group, several=True) for group in difference.between)
    phrase = "effect_first_over_second" if effect.measure in RATIOS else "effect_first_minus_second"
    return say(phrase, effect=words, first=first, second=second)


def _besides(effect: Effect) -> Text:
    """The same difference by another measure: it cannot be quoted alone."""
    said = MEASURES[effect.measure]
    words = say("symbol_value", symbol=say(said.symbol), value=Cell(effect.value, said.kind))
    if not (isinstance(effect.low, float) and isinstance(effect.high, float)):
        return words
    low, high = Cell(effect.low, said.kind), Cell(effect.high, said.kind)
    return say("effect_with_interval", effect=words, level=Cell(100 * effect.level, Kind.EDGE), low=low, high=high)


def _test_words(difference: Difference) -> Text:
    test = difference.test
    if test is None or not isinstance(difference.p, float):
        return ()
    name, symbol = TESTS[test.name]
    row = _row(difference)
    p = p_words(difference.p, row=row, column="difference p", adjusted=difference.p_adjusted is not None)
    said = say("test_exact", test=say(name)) if _says_exact(difference) else say(name)
    if not isinstance(test.statistic, float):
        return say("test_with_p", test=said, p=p)
    counted = test.name == "mann_whitney" and test.statistic.is_integer()
    value = Cell(test.statistic, Kind.COUNT if counted else Kind.STATISTIC, row=row, column="difference statistic")
    if not test.df or _says_exact(difference):
        return say("test_with_statistic", test=said, symbol=say(symbol), value=value, p=p)
    degrees = [_degrees(x, row, place) for place, x in enumerate(test.df, start=1)]
    df = (degrees[0],) if len(degrees) == 1 else say("two_degrees_of_freedom", first=degrees[0], second=degrees[1])
    if test.n:
        n = Cell(float(test.n), Kind.COUNT, row=row, column="difference N")
        return say("test_with_df_and_n", test=said, symbol=say(symbol), df=df, n=n, value=value, p=p)
    return say("test_with_df", test=said, symbol=say(symbol), df=df, value=value, p=p)


def _row(difference: Difference) -> str:
    if difference.group is not None:
        return f"{difference.variable} @ {difference.group.key} against {difference.norm:g}"
    return f"{difference.variable} @ {' × '.join(difference.grouping)}"


def _degrees(value: float, row: str, place: int) -> Cell:
    kind = Kind.COUNT if value.is_integer() else Kind.STATISTIC
    return Cell(value, kind, row=row, column=f"difference df {place}")


def difference_notes(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """Which p-values are adjusted, and over how many tests; why dashes stand."""
    said, texts = plan.request.settings, list[Text]()
    if result.differences and said["missing"] == "show" and any(("",) in g.values for g in plan.groupings):
        texts.append(say("compared_without_missing"))
    texts += _of_persons(plan, result)
    texts += _of_norm(result)
    texts += _of_spread(plan, result)
    texts += _of_pairs(result)
    tested = [d for d in result.differences if d.test is not None]
    if tested and said["adjust"] != "none":
        known = sum(isinstance(d.test.p, float) for d in tested if d.test is not None)
        texts.append(say("p_is_adjusted", n=known, source=ADJUSTMENTS[said["adjust"]]))
    texts += [
        say("simulated_error", error=Cell(d.test.error, Kind.P))
        for d in tested[:1]
        if d.test is not None and d.test.error
    ]
    return texts


def spread_row(found: Difference) -> str:
    """The row of the numbers of the test of spread."""
    return f"{_row(found)} spread"


def _of_spread(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """Whether the groups spread alike, beside tests of means."""
    parts: list[Text] = []
    for d in result.differences:
        if d.spread is None or not isinstance(d.spread.statistic, float) or not isinstance(d.spread.p, float):
            continue
        row = spread_row(d)
        df1, df2 = (count_cell(int(x), row=row, column=f"df{k}") for k, x in enumerate(d.spread.df, start=1))
        f = Cell(d.spread.statistic, Kind.STATISTIC, row=row, column="F")
        name = titled(plan.data.variable(d.variable))
        parts.append(say("spread_of", name=name, df1=df1, df2=df2, f=f, p=p_words(d.spread.p, row=row, column="p")))
    return [say("spread_tested", list=joined(parts, "; "))] if parts else []


def _of_pairs(result: DescribeResult) -> list[Text]:
    """How pairs were tested."""
    names = dict.fromkeys(
        (d.test.name, d.effect.measure, d.meant, d.effect.level if isinstance(d.effect.low, float) else 0.0)
        for d in _tested_pairs(result)
        if d.test is not None and d.effect is not None
    )
    parts = [
        say(
            "pairs_by" if test == "games_howell" else "pairs_by_with_holm",
            measure=_with_level(_of_value(say(MEASURES[measure].name), meant), level),
            test=say(TESTS[test][0]),
        )
        for test, measure, meant, level in names
    ]
    return [say("pairs_tested", list=joined(parts, "; "))] if parts else []


def pair_rows(
    name: str, grouping: tuple[str, ...], plan: DescribePlan, result: DescribeResult
) -> list[tuple[Text, list[Text]]]:
    """(what is compared, the cells under the heads of differences) for each pair of a variable."""
    made = []
    for d in result.pairs:
        if (d.variable, d.grouping) != (name, grouping) or d.between is None or d.effect is None:
            continue
        first, second = (group_label(group, several=True) for group in d.between)
        keys = " − ".join(group.key for group in d.between)
        cells: list[Text] = []
        if plan.request.settings["difference"]:
            cells.append(_effect(d, plan, row=name, column=f"{keys}/difference"))
        if plan.request.settings["test"]:
            cells.append((Cell(d.p, Kind.P, row=name, column=f"{keys}/p"),))
        made.append((say("pair_of_groups", first=first, second=second), cells))
    return made


def _of_norm(result: DescribeResult) -> list[Text]:
    """What is compared with a norm, and by which test."""
    found = next((d for d in result.differences if d.norm is not None), None)
    if found is None or found.effect is None or found.test is None:
        return []
    norm = Cell(found.norm, Kind.EDGE)
    named = "norm_median" if found.effect.measure == "median_difference" else "norm_mean"
    return [say(named, norm=norm, test=say(TESTS[found.test.name][0]))]


def _of_persons(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """Whose differences they are: within persons, or of their means; and on how many."""
    texts = []
    for within, phrase in ((True, "paired_within_persons"), (False, "means_of_persons_compared")):
        mine = [d for d in result.differences if d.persons and d.paired is within]
        if not mine:
            continue
        alike = len({d.persons for d in mine}) == 1
        counts = [
            say("n_equals", n=d.persons)
            if alike
            else say("n_of_name", name=titled(plan.data.variable(d.variable)), n=d.persons)
            for d in (mine[:1] if alike else mine)
        ]
        texts.append(say(phrase, name=person_title(plan.data), counts=joined(counts, "; ")))
        if any(d.averaged for d in mine):
            texts.append(say("rows_of_a_person_averaged", name=person_title(plan.data)))
    return texts


def difference_reasons(result: DescribeResult) -> list[object]:
    """Values and p of differences, among them why there are none."""
    values = [d.effect.value for d in result.differences if d.effect is not None]
    return [*values, *(d.p for d in result.differences if d.test is not None)]


def difference_methods(result: DescribeResult) -> list[Text]:
    """Sentences that name each measure and each test."""
    between = [d for d in result.differences if d.norm is None]  # the note says what is compared with a norm
    measures = dict.fromkeys(_measure(d).defined for d in between if d.effect and isinstance(d.effect.value, float))
    tests = dict.fromkeys(d.test.name for d in between if d.test and isinstance(d.p, float))
    said = [say(defined) for defined in measures]
    if tests:
        said.append(say("groups_were_compared_by_these", tests=joined([say(TESTS[name][0]) for name in tests])))
    return said
