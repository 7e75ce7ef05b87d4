"""The words of `count`: title, notes, methods and the results paragraph, all from the result alone."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.data.limits import SIGNIFICANT
from istrel.exhibits.claims import claim
from istrel.exhibits.forms.classes import classes_words
from istrel.exhibits.forms.flow import FlowCell, flow_numbers
from istrel.exhibits.forms.histogram import outside_note, outside_total
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Hidden, Run, Text, cells_in, count_cell, in_a_row, joined, listed, say, sentences
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult, CrossCell, FrequencyCell
from istrel.exhibits.verbs.count.set_words import set_numbers
from istrel.exhibits.verbs.count.sets import SetCell
from istrel.exhibits.verbs.frequency_words import hidden_note, level_cells, most_frequent, percent_notes
from istrel.exhibits.wording import (
    cases_note,
    crossed_title,
    group_label,
    groups_words,
    in_group,
    in_grouping,
    p_words,
    person_title,
    places_note,
    titled,
    ungrouped_notes,
    why,
)
from istrel.stats.association import SMALL_SHARE
from istrel.stats.estimates import Undefined
from istrel.stats.exact import DRAWS
from istrel.stats.survey.tables import RaoScott
from istrel.style.numbers import Kind


def title_of(plan: CountPlan) -> Text:
    """What is counted, against what, in which groups."""
    titles = [crossed_title(subject.names, plan.data) for subject in plan.subjects]
    what = listed(titles) if len(titles) <= 3 else say("n_variables", n=len(titles))
    by = groups_words(plan.groupings, plan.data)
    if plan.against:
        other = listed([titled(plan.data.variable(name)) for name in plan.against])
        crossed = say("what_by_groups", what=what, groups=other)
        return say("for_each", what=crossed, groups=by) if by else crossed
    counted = say("frequencies_of", what=what)
    return say("what_by_groups", what=counted, groups=by) if by else counted


def frequency_notes(
    plan: CountPlan, result: CountResult, cells: list[FrequencyCell], *, columns: set[str]
) -> tuple[Note, ...]:
    """What a reader must know: cases, classes, what lies outside them, missing values, bases of percentages."""
    texts = [
        *cases_note(result.cases),
        *places_note(plan.names, plan.data),
        *_persons_note(plan),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    for subject in plan.subjects:
        mine = [cell for cell in cells if cell.variables == subject.names]
        texts += _outside(mine, plan) + _missing(mine, plan)
    both = {"percent", "valid_percent"} <= columns
    texts += percent_notes(cells, of_valid="percent" not in columns, both=both)
    if "low" in columns:
        level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
        weighted = result.cases.weighted
        texts.append(say("intervals_on_logits" if weighted else "intervals_are_wilson_intervals_of", level=level))
    texts += [fit_words(cell, several=len(cells) > 1) for cell in cells if cell.fit is not None]
    texts += hidden_note(plan.request.settings["hide_below"], result.cells)
    return general(texts)


def fit_row(cell: FrequencyCell) -> str:
    """The row of the numbers of the test against expected shares."""
    return f"{cell.variables[0]} @ {cell.group.key} against"


def fit_words(cell: FrequencyCell, *, several: bool) -> Text:
    """ "Against the expected shares: χ²(2, N = 604) = 3.21, p = .201."."""
    fit = cell.fit
    assert fit is not None
    row = fit_row(cell)
    if isinstance(fit.p, Undefined):
        said = say("no_test", reason=why(fit.p))
        return (*group_label(cell.group, several=True), Run(": "), *said) if several else said
    p, n = p_words(fit.p, row=row, column="p"), count_cell(cell.n, row=row, column="N")
    if fit.exact or isinstance(fit.statistic, Undefined):
        test = say("exact_fit", n=n, p=p)
    else:
        statistic = Cell(fit.statistic, Kind.STATISTIC, row=row, column="chi_square")
        test = say("chi_square_with_n", df=count_cell(fit.df, row=row, column="df"), n=n, statistic=statistic, p=p)
    if several:
        return say("fit_of_group", group=group_label(cell.group, several=True), test=test)
    return say("fit_against_expected", test=test)


def _persons_note(plan: CountPlan) -> list[Text]:
    """That persons are counted, where they are."""
    return [say("persons_are_counted", name=person_title(plan.data))] if plan.request.settings["persons"] else []


def figure_notes(plan: CountPlan, result: CountResult) -> tuple[Note, ...]:
    """What a reader of a figure must know: cases, classes, missing values; of a cross-table its tests."""
    crossed = [cell for cell in result.cells if isinstance(cell, CrossCell)]
    if crossed:
        return cross_notes(plan, result, crossed, named=len(crossed) > 1)
    texts = [
        *cases_note(result.cases),
        *places_note(plan.names, plan.data),
        *_persons_note(plan),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    for subject in plan.subjects:
        mine = [cell for cell in result.cells if isinstance(cell, FrequencyCell) and cell.variables == subject.names]
        texts += _outside(mine, plan) + _missing(mine, plan)
    texts += hidden_note(plan.request.settings["hide_below"], result.cells)
    return general(texts)


def _outside(cells: list[FrequencyCell], plan: CountPlan) -> list[Text]:
    outside = outside_total(cells)
    if outside and len(plan.subjects) > 1:
        return [say("values_of_outside", name=titled(plan.data.variable(cells[0].variables[0])), n=outside)]
    return [outside_note(outside)] if outside else []


def _missing(cells: list[FrequencyCell], plan: CountPlan) -> list[Text]:
    """How many cases have no value, where the table does not show them: of the total where there is one."""
    if plan.request.settings["missing"] != "hide" or not cells:
        return []
    total = [cell for cell in cells if not cell.group.named]
    first = tuple(name for name, _ in cells[0].group.named)
    counted = total or [cell for cell in cells if tuple(name for name, _ in cell.group.named) == first]
    missing = [cell.missing for cell in counted]
    if any(isinstance(count, Hidden) for count in missing):
        return []
    count = sum(count for count in missing if isinstance(count, int))
    name = crossed_title(cells[0].variables, plan.data)
    if not count:
        return []
    if len(plan.subjects) > 1:
        return [say("missing_count_of", name=name, n=count)]
    return [say("missing_count", n=count)]


def cross_notes(plan: CountPlan, result: CountResult, cells: list[CrossCell], *, named: bool) -> tuple[Note, ...]:
    """Tests and association of each table as they are reported, and what its numbers are."""
    texts = [
        *cases_note(result.cases),
        *places_note(plan.names, plan.data),
        *_persons_note(plan),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    of = {
        "row": "percentages_are_of_the_row",
        "column": "percentages_are_of_the_column",
        "total": "percentages_are_of_all_cases_in",
    }
    if plan.request.settings["percent"]:
        texts.append(say(of[plan.request.settings["percent"]]))
    texts += [text for cell in cells for text in _table_notes(cell, plan, named=named)]
    if any(_hides(cell) for cell in cells):
        texts += hidden_note(plan.request.settings["hide_below"], [Hidden()])
        texts.append(say("tests_percentages_and_coefficients_of"))
    return general(texts)


def _hides(cell: CrossCell) -> bool:
    return cell.hidden is not None and bool(cell.hidden.any())


def _table_notes(cell: CrossCell, plan: CountPlan, *, named: bool) -> list[Text]:
    said: list[Text] = []
    if not _hides(cell):
        said.append(test_words(cell))
        if cell.chi_square.small > SMALL_SHARE:
            share = Cell(100 * cell.chi_square.small, Kind.COUNT)
            said.append(say("of_expected_counts_are_below_5", share=share))
    if not isinstance(cell.missing, Hidden) and cell.missing:
        one = cell.missing == 1
        template = "case_without_both_values_left" if one else "cases_without_both_values_left"
        said.append(say(template, n=cell.missing))
    if not said:
        return []
    return [(*_about(cell, plan), Run(": "), *sentences(said))] if named else [sentences(said)]


def _about(cell: CrossCell, plan: CountPlan) -> Text:
    """Which table of several: the variables and the group."""
    parts = [titled(plan.data.variable(cell.row))]
    if len(plan.against) > 1:
        parts = [say("row_by_column", row=parts[0], column=titled(plan.data.variable(cell.column)))]
    several = any(grouping.names for grouping in plan.groupings)
    return joined([*parts, *([group_label(cell.group, several=True)] if several else [])], " · ")


WAYS = {"fisher": "fishers_exact", "enumeration": "exact", "simulation": "simulated_exact"}


def decides(cell: CrossCell) -> bool:
    """Whether the exact test decides: many expected counts are small, so chi-square is rough."""
    return isinstance(cell.exact.p, float) and cell.chi_square.small > SMALL_SHARE


def table_row(cell: CrossCell) -> str:
    """The row of the numbers of the test of a table."""
    return f"{cell.row} × {cell.column} @ {cell.group.key}"


def test_words(cell: CrossCell) -> Text:
    """ "χ²(2, N = 604) = 3.21, p = .201; V = .07.", or the exact test where that decides."""
    if cell.rao_scott is not None:
        return _rao_scott_words(cell, cell.rao_scott)
    chi = cell.chi_square
    if isinstance(chi.statistic, Undefined) or isinstance(chi.p, Undefined):
        return say("no_test", reason=why(chi.statistic) if isinstance(chi.statistic, Undefined) else ())
    row = table_row(cell)
    if decides(cell) and isinstance(cell.exact.p, float):
        error = Cell(cell.exact.error, Kind.P)
        n = count_cell(cell.n, row=row, column="N")
        draws = Cell(float(DRAWS), Kind.COUNT)
        parts = [
            say(WAYS[cell.exact.way], p=p_words(cell.exact.p, row=row, column="exact p"), error=error, n=n, draws=draws)
        ]
    else:
        parts = [
            say(
                "chi_square_with_n",
                df=count_cell(chi.df, row=row, column="df"),
                n=count_cell(cell.n, row=row, column="N"),
                statistic=Cell(chi.statistic, Kind.STATISTIC, row=row, column="chi_square"),
                p=p_words(chi.p, row=row, column="p"),
            )
        ]
    v, gamma = cell.association.cramers_v_corrected, cell.association.gamma
    if isinstance(v, float):
        parts.append(say("v_equals", v=Cell(v, Kind.COEFFICIENT, row=row, column="V")))
    if isinstance(gamma, float):
        parts.append(say("gamma_equals", gamma=Cell(gamma, Kind.COEFFICIENT, row=row, column="gamma")))
    return (*in_a_row(parts), Run("."))


def _rao_scott_words(cell: CrossCell, found: RaoScott) -> Text:
    """ "F(1.9, 57.3) = 2.10, p = .134; V = .12."."""
    if isinstance(found.statistic, Undefined) or isinstance(found.p, Undefined):
        return say("no_test", reason=why(found.statistic) if isinstance(found.statistic, Undefined) else ())
    row = table_row(cell)
    parts = [
        say(
            "rao_scott_f_of",
            df1=Cell(found.df[0], Kind.STATISTIC, row=row, column="df1"),
            df2=Cell(found.df[1], Kind.STATISTIC, row=row, column="df2"),
            statistic=Cell(found.statistic, Kind.STATISTIC, row=row, column="F"),
            p=p_words(found.p, row=row, column="p"),
        )
    ]
    if isinstance(found.v, float):
        parts.append(say("v_weighted_equals", v=Cell(found.v, Kind.COEFFICIENT, row=row, column="V")))
    return (*in_a_row(parts), Run("."))


def methods_of(plan: CountPlan, result: CountResult) -> Text:
    """Sentences that name each definition that was used."""
    said: list[Text] = []
    crossed = [cell for cell in result.cells if isinstance(cell, CrossCell) and not _hides(cell)]
    if any(isinstance(cell.chi_square.statistic, float) and not decides(cell) for cell in crossed):
        said.append(say("independence_was_tested_by_pearsons"))
    if any(cell.rao_scott is not None and isinstance(cell.rao_scott.p, float) for cell in crossed):
        said.append(say("independence_was_tested_by_rao"))
    if any(isinstance(cell.association.cramers_v_corrected, float) for cell in crossed):
        said.append(say("association_is_cramers_v_corrected"))
    ways = {cell.exact.way for cell in crossed if decides(cell)}
    if "fisher" in ways:
        said.append(say("fishers_exact_test_is_two"))
    if ways & {"enumeration", "simulation"}:
        said.append(say("exact_tests_beyond_2_2"))
    if crossed and plan.request.settings["residuals"]:
        said.append(say("adjusted_residuals_follow_haberman_1973"))
    fits = [cell.fit for cell in result.cells if isinstance(cell, FrequencyCell) and cell.fit is not None]
    if any(isinstance(fit.p, float) for fit in fits):
        said.append(say("exact_fit_defined" if any(fit.exact for fit in fits) else "fit_defined"))
    if plan.request.settings["intervals"] and not plan.against:
        said.append(say("shares_have_logit_intervals" if plan.cases.weighted else "percentages_of_valid_cases_have"))
    for decided_by in dict.fromkeys(result.decided_by.values()):
        closed = plan.request.settings["closed"]
        how = classes_words(decided_by, plan.request.settings)
        template = "class_intervals_use_and_are" if closed == "left" else "class_intervals_use_and_are_closed"
        said.append(say(template, how=how))
    return sentences(said)


def text_of(plan: CountPlan, result: CountResult) -> Text:
    """The most frequent values, or what goes with what, in plain words."""
    said: list[Text] = []
    for subject in plan.subjects:
        for grouping in result.groupings:
            mine = [
                cell
                for cell in result.cells
                if isinstance(cell, FrequencyCell)
                and cell.variables == subject.names
                and in_grouping(cell.group, grouping)
            ]
            said += most_frequent(mine, plan.data, overall=not grouping.names and len(result.groupings) > 1)
    said += [_cross_words(cell, plan) for cell in result.cells if isinstance(cell, CrossCell) and not _hides(cell)]
    return sentences(said)


def _cross_words(cell: CrossCell, plan: CountPlan) -> Text:
    """Related or not by the exact test where one is printed, else by chi-square."""
    p = cell.exact.p if decides(cell) else cell.chi_square.p
    if cell.rao_scott is not None:
        p = cell.rao_scott.p
    if isinstance(p, Undefined):
        return ()
    name, template = "not related", "was_not_clearly_related_to"
    if p < SIGNIFICANT:
        name, template = "related", "was_related_to"
    row, column = (titled(plan.data.variable(variable)) for variable in (cell.row, cell.column))
    return claim(
        name, [p], template, row=row, column=column, where=in_group(cell.group, plan.data), test=test_words(cell)
    )


def numbers(plan: CountPlan, result: CountResult) -> Iterator[Cell]:
    """Every number that a text may quote, whether or not it is shown."""
    del plan
    for drawing in result.drawings:
        if isinstance(drawing, FlowCell):
            yield from flow_numbers(drawing)
    for cell in result.cells:
        match cell:
            case FrequencyCell():
                yield from level_cells(cell)
                if cell.fit is not None:
                    yield from cells_in(fit_words(cell, several=False))
            case SetCell():
                yield from set_numbers(cell)
            case _:
                yield from cells_in(test_words(cell))
