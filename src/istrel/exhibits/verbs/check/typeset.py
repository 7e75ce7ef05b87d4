"""A `check` result as a table: n, tests, skewness, kurtosis and the reading; a panel of its own for sets of variables."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.data.limits import SIGNIFICANT
from istrel.exhibits.behind import Behind
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.forms.limits import figure_of
from istrel.exhibits.remarks import values
from istrel.exhibits.setting import MarginNote, Setting, Sheet
from istrel.exhibits.table import About, Head, Note, Row, TableSheet, general
from istrel.exhibits.text import Cell, Hidden, Text, count_cell, joined, listed, say, sentences
from istrel.exhibits.verbs.check.reading import SHAPES, SHORT, chosen_test, remark, shape_words
from istrel.exhibits.verbs.check.resolve import CheckPlan
from istrel.exhibits.verbs.check.result import CheckCell, CheckResult, ScaleCell, SetCell
from istrel.exhibits.verbs.check.scale_words import item_numbers, scale_numbers, scale_setting
from istrel.exhibits.verbs.frequency_words import hidden_note
from istrel.exhibits.wording import (
    ADJUSTMENTS,
    cases_note,
    dashes_note,
    few_names,
    group_label,
    groups_words,
    has_groups,
    in_group,
    p_words,
    places_note,
    titled,
    ungrouped_notes,
    value_cell,
)
from istrel.sentence.vocabulary import TESTS
from istrel.stats.estimates import Undefined
from istrel.stats.multivariate import REMOTE_P
from istrel.stats.quantiles import n_cases
from istrel.style.numbers import Kind

SET_TESTS = {
    "mardia_skewness": "mardias_skewness",
    "mardia_kurtosis": "mardias_kurtosis_z",
    "henze_zirkler": "henze_zirkler_hz",
}
MOST_NOTES = 8


def typeset(plan: CheckPlan, result: CheckResult) -> Setting:
    """The exhibit as a table of values or a figure, with its words."""
    if plan.scale is not None:
        return scale_setting(plan, result)
    cells = [cell for cell in result.cells if isinstance(cell, CheckCell)]
    sets = [cell for cell in result.cells if isinstance(cell, SetCell)]
    return Setting(
        _sheet(plan, result, cells, sets), _methods(plan, result, sets), _text(plan, cells, sets), _margin(plan, cells)
    )


def _title(plan: CheckPlan) -> Text:
    names = [titled(plan.data.variable(name)) for name in plan.subjects]
    what = few_names(names)
    titled_ = say("quantile_plot_of", what=what) if plan.form == "quantile plot" else say("normality_of", what=what)
    by = groups_words(plan.groupings, plan.data)
    return say("what_by_groups", what=titled_, groups=by) if by else titled_


def _sheet(plan: CheckPlan, result: CheckResult, cells: list[CheckCell], sets: list[SetCell]) -> Sheet:
    notes = _notes(plan, result, cells, sets)
    if plan.form != "table":
        return figure_of(plan, result.drawings, _title(plan), notes)
    rows = _single_rows(plan, cells)
    for cell in sets:
        rows += _set_rows(cell, plan)
    heads = [Head(say("head_variable")), Head(say("head_n"))]
    spanners = [Head(()), Head(())]
    for test in plan.shown:
        heads += [Head(say(TESTS[test].symbol)), Head(say("head_p"))]
        spanners.append(Head(say(TESTS[test].title), 2))
    heads += [Head(say("head_skewness")), Head(say("head_kurtosis")), Head(say("head_reading"))]
    spanners += [Head(()), Head(()), Head(())]
    return TableSheet(_title(plan), (tuple(spanners), tuple(heads)), tuple(rows), notes)


def _single_rows(plan: CheckPlan, cells: list[CheckCell]) -> list[Row]:
    grouped, several = has_groups(plan.groupings), len(plan.subjects) > 1
    rows: list[Row] = []
    for name in plan.subjects:
        mine = [cell for cell in cells if cell.variable == name]
        label = titled(plan.data.variable(name))
        if not grouped:
            rows.append(Row(label, _values(mine[0], plan), about=About(name)))
            continue
        if several:
            rows.append(Row(label, about=About(name)))
        for cell in mine:
            stub = group_label(cell.group, several=True)
            rows.append(Row(stub, _values(cell, plan), indent=int(several), about=About(name, cell.group.labels)))
    return rows


def _key(cell: CheckCell | SetCell) -> str:
    name = cell.variable if isinstance(cell, CheckCell) else "set"
    return f"{name} @ {cell.group.key}" if cell.group.key else name


def _values(cell: CheckCell, plan: CheckPlan) -> tuple[Text, ...]:
    row = _key(cell)
    words = " · ".join((cell.variable, *cell.group.labels))
    behind = Behind(words, cell.group.named, valid=(cell.variable,))
    made: list[Text] = [(count_cell(cell.n, row=row, column="n", behind=behind, statistic="n"),)]
    for test in plan.shown:
        tested = cell.tests[test]
        made.append((Cell(tested.statistic, Kind.STATISTIC, 3, row=row, column=test),))
        made.append((Cell(tested.p_adjusted, Kind.P, row=row, column=f"{test} p"),))
    for key in ("skewness", "kurtosis"):
        made.append((Cell(getattr(cell, key), Kind.STATISTIC, row=row, column=key, statistic=key),))
    made.append(say(SHORT[cell.reading]) if cell.reading else (Cell(Undefined("too_few_values")),))
    return tuple(made)


def _set_rows(cell: SetCell, plan: CheckPlan) -> list[Row]:
    """A panel for the variables as a set, with heads of its own: a row per test."""
    label = say("the_variables_as_a_set", n=len(cell.variables))
    if has_groups(plan.groupings):
        label = say("what_group", what=label, group=group_label(cell.group, several=True))
    row, width = _key(cell), 2 * len(plan.shown) + 4
    heads = (say("head_n"), say("head_statistic"), say("head_p"))
    rows = [Row(label, (*heads, *[()] * (width - len(heads))))]
    words = " · ".join(("complete in all variables", *cell.group.labels))
    behind = Behind(words, cell.group.named, valid=cell.variables)
    for test, name in SET_TESTS.items():
        found = cell.tests[test]
        cells: list[Text] = [(count_cell(cell.n, row=f"{row} {test}", column="n", behind=behind),)]
        cells.append((Cell(found.statistic, Kind.STATISTIC, row=f"{row} {test}", column="statistic"),))
        cells.append((Cell(found.p, Kind.P, row=f"{row} {test}", column="p"),))
        cells += [()] * (width - len(cells))
        rows.append(Row(say(name), tuple(cells), indent=1))
    remote = Behind("far from the middle of all variables", rows=tuple(sorted(case.row for case in cell.remote)))
    shown = remote if isinstance(cell.n, int) and cell.remote else None
    many: int | Hidden = n_cases(cell.remote) if isinstance(cell.n, int) else Hidden()
    cells = [(count_cell(many, row=f"{row} remote", column="n", behind=shown),), *[()] * (width - 1)]
    rows.append(Row(say("remote_cases_p", limit=Cell(REMOTE_P, Kind.LIMIT)), tuple(cells), indent=1))
    return rows


def _notes(plan: CheckPlan, result: CheckResult, cells: list[CheckCell], sets: list[SetCell]) -> tuple[Note, ...]:
    texts = [
        *cases_note(result.cases),
        *places_note(plan.names, plan.data),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    values: list[object] = []
    if plan.form == "table":
        texts += _adjusted_notes(plan, result)
        tested = [cell.tests[test] for cell in cells for test in plan.shown]
        values = [v for test in tested for v in (test.statistic, test.p)]
        values += [v for cell in sets for test in cell.tests.values() for v in (test.statistic, test.p)]
        if sets:
            texts.append(say("mardias_skewness_is_given_as"))
    texts += dashes_note(values)
    texts += hidden_note(plan.request.settings["hide_below"], result.cells)
    return general(texts)


def _adjusted_notes(plan: CheckPlan, result: CheckResult) -> list[Text]:
    if not result.compared:
        return []
    source = ADJUSTMENTS[plan.request.settings["adjust"]]
    counts = {result.compared[test] for test in plan.shown}
    if len(counts) == 1:
        (n,) = counts
        template = "p_adjusted_for_comparisons_of" if n != 1 else "p_needs_no_adjustment_for"
        return [say(template, n=n, source=source)]
    parts = [say("n_of_test", n=result.compared[test], test=say(TESTS[test].title)) for test in plan.shown]
    return [say("p_adjusted_for_the_comparisons", list=joined(parts), source=source)]


def _methods(plan: CheckPlan, result: CheckResult, sets: list[SetCell]) -> Text:
    if plan.form != "table":
        return form_of(plan.form).methods(plan, result.drawings)
    if plan.cases.weighted:
        return say("weighted_shape")
    tests = listed(
        [say("test_with_source", test=say(TESTS[test].defined), source=TESTS[test].source) for test in plan.shown]
    )
    said = [
        say("normality_was_tested_by", tests=tests),
        say("skewness_and_kurtosis_are_the"),
    ]
    if sets:
        said.append(say("sets_of_variables_were_tested"))
    return sentences(said)


def _text(plan: CheckPlan, cells: list[CheckCell], sets: list[SetCell]) -> Text:
    said = []
    for cell in cells:
        test = chosen_test(cell.tests, plan.shown)
        if not test or not cell.reading:
            continue
        tested = cell.tests[test]
        if not isinstance(tested.statistic, float) or not isinstance(tested.p_adjusted, float):
            continue
        row = _key(cell)
        statistic = Cell(tested.statistic, Kind.STATISTIC, 3, row=row, column=test)
        p = p_words(tested.p_adjusted, row=row, column=f"{test} p")
        found = say("symbol_statistic_p", symbol=say(TESTS[test].symbol), statistic=statistic, p=p)
        name = titled(plan.data.variable(cell.variable))
        words = shape_words(cell.skewness, cell.kurtosis)
        said.append(
            say(SHAPES[cell.reading], name=name, where=in_group(cell.group, plan.data), words=words, test=found)
        )
    return sentences([*said, *_verdicts(plan, sets)])


def _verdicts(plan: CheckPlan, sets: list[SetCell]) -> list[Text]:
    """What the variables are as a set, in one sentence for each group."""
    said = []
    for cell in sets:
        tested = cell.tests["henze_zirkler"]
        if not isinstance(tested.statistic, float) or not isinstance(tested.p_adjusted, float):
            continue
        row = f"{_key(cell)} henze_zirkler"
        departed = tested.p_adjusted < SIGNIFICANT and round(tested.p_adjusted, 3) < SIGNIFICANT
        said.append(
            say(
                "the_set_departed_from_normality" if departed else "the_set_was_consistent_with_normality",
                n=len(cell.variables),
                where=in_group(cell.group, plan.data),
                statistic=Cell(tested.statistic, Kind.STATISTIC, row=row, column="statistic"),
                p=p_words(tested.p_adjusted, row=row, column="p"),
            )
        )
    return said


def _plain_humps(cell: CheckCell, plan: CheckPlan) -> list[MarginNote]:
    """Humps within a group."""
    humps = cell.humps or ()
    where = listed([(value_cell(hump, cell.variable, plan.data, figures=3),) for hump in humps])
    says = say("humps_hidden_by_mean", n=len(humps), where=where)
    return [MarginNote("humps", cell.variable, cell.group.labels, says)]


def _margin(plan: CheckPlan, cells: list[CheckCell]) -> tuple[MarginNote, ...]:
    """Few or many cases, once; and more humps than one, once for all variables that have them."""
    if plan.request.settings["hide_below"]:
        return ()
    notes = []
    for cell in cells:
        if cell.humps is not None and len(cell.humps) > 1:
            notes += values.humps(cell.variable, plan, cell.humps) or _plain_humps(cell, plan)
    remarks = [(cell, remark(cell.n)) for cell in cells if isinstance(cell.n, int)]
    for words in dict.fromkeys(said for _, said in remarks if said):
        first = next(cell for cell, said in remarks if said == words)
        many = sum(said == words for _, said in remarks)
        group = first.group.labels if many == 1 else ()
        notes.append(MarginNote("number_of_cases", first.variable, group, say(words)))
    return tuple(notes[:MOST_NOTES])


def numbers(plan: CheckPlan, result: CheckResult) -> Iterator[Cell]:
    """Every number that a text may quote, whether or not it is shown."""
    del plan
    for cell in result.cells:
        if isinstance(cell, ScaleCell):
            yield from (*scale_numbers(cell), *item_numbers(cell))
        elif isinstance(cell, CheckCell):
            row = _key(cell)
            yield count_cell(cell.n, row=row, column="n", statistic="n")
            for test, tested in cell.tests.items():
                yield Cell(tested.statistic, Kind.STATISTIC, 3, row=row, column=test)
                yield Cell(tested.p_adjusted, Kind.P, row=row, column=f"{test} p")
