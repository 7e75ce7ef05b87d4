"""The notes under relations, and what the methods section says of them."""

from __future__ import annotations

from collections.abc import Iterator
from typing import NamedTuple

from istrel.data.levels import Level
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Text, count_cell, in_a_row, listed, opened, say, sentences
from istrel.exhibits.verbs.frequency_words import hidden_note
from istrel.exhibits.verbs.relate.agreement_words import agreement_reasons
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateResult, Value
from istrel.exhibits.wording import (
    ADJUSTMENTS,
    cases_note,
    dashes_note,
    group_label,
    p_words,
    person_title,
    places_note,
    titled,
    ungrouped_notes,
    why,
)
from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind

STARS = ((0.001, "***"), (0.01, "**"), (0.05, "*"))


class Coefficient(NamedTuple):
    """How a coefficient is called: symbol, short name, and name with its definition."""

    symbol: str
    short: str
    full: str


COEFFICIENTS = {
    "pearson": Coefficient("symbol_r", "pearsons_r", "pearsons_r"),
    "spearman": Coefficient("symbol_rho", "spearmans_rho", "spearmans_rho_mid_ranks_within"),
    "kendall": Coefficient("symbol_tau", "kendalls_tau_b", "kendalls_tau_b"),
    "eta": Coefficient("symbol_eta", "eta", "the_correlation_ratio_eta"),
    "cramers_v": Coefficient("symbol_v", "cramers_v", "cramers_v_corrected_for_bias"),
}


def notes_of(plan: RelatePlan, result: RelateResult) -> tuple[Note, ...]:
    texts = [
        *cases_note(result.cases),
        *places_note(plan.names, plan.data),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    pairs = [pair for cell in result.cells for pair in cell.pairs]
    if plan.form in ("table", "heat map"):
        texts += _counts_note(plan, pairs)
    if plan.request.settings["agreement"]:
        texts += _agreement_notes(plan, result)
    elif plan.form == "table":
        texts += _coefficient_notes(plan, result, pairs)
        texts += compared_notes(plan, result)
    untested = (pair.p for pair in pairs if isinstance(pair.p, Undefined) and pair.p.why == "rows_are_not_independent")
    texts += [say("no_test", reason=why(reason)) for reason in dict.fromkeys(untested)]
    texts += hidden_note(plan.request.settings["hide_below"], result.cells)
    notes = list(general(texts))
    used = {stars(pair.p_adjusted) for pair in pairs} - {""}
    if plan.form == "table" and not plan.against and not plan.request.settings["agreement"] and used:
        notes.append(Note("probability", _star_note(used)))
    return tuple(notes)


def stars(p: Value) -> str:
    """The stars of a p-value: those that are true of it as computed and as it prints."""
    if not isinstance(p, float):
        return ""
    return next((mark for limit, mark in STARS if p < limit and (limit == STARS[0][0] or round(p, 3) < limit)), "")


def _agreement_notes(plan: RelatePlan, result: RelateResult) -> list[Text]:
    """What the coefficients are, and the limits."""
    (first, second) = (titled(plan.data.variable(name)) for name in plan.subjects)
    kappas = [cell.kappa for cell in result.cells if cell.kappa is not None]
    if kappas:
        ordered = plan.data.variable(plan.subjects[0]).level is Level.ORDINAL
        texts = [say("kappa_is_weighted" if ordered else "kappa_is_cohens")]
    else:
        texts = [say("icc_and_limits", first=first, second=second)]
    return [*texts, *dashes_note(agreement_reasons(result.cells))]


def compared_notes(plan: RelatePlan, result: RelateResult) -> list[Text]:
    """The coefficients of groups compared."""
    texts: list[Text] = []
    for found in result.differences:
        a, b = (titled(plan.data.variable(name)) for name in (found.a, found.b))
        row = f"{found.a} × {found.b}"
        if not isinstance(found.p, float) or not isinstance(found.statistic, float):
            why_ = why(found.p) if isinstance(found.p, Undefined) else ()
            texts.append(say("coefficients_not_compared", a=a, b=b, reason=why_))
            continue
        p = p_words(found.p, row=row, column="difference p")
        statistic = Cell(found.statistic, Kind.STATISTIC, row=row, column="difference statistic")
        if found.between is not None:
            first, second = (group_label(group, several=True) for group in found.between)
            value = Cell(found.value, Kind.COEFFICIENT, row=row, column="difference")
            words: dict[str, Text | Cell] = {"first": first, "second": second, "value": value, "z": statistic, "p": p}
            texts.append(say("two_coefficients_compared", a=a, b=b, **words))
        else:
            df = count_cell(found.df or 0, row=row, column="difference df")
            texts.append(say("coefficients_compared", a=a, b=b, df=df, statistic=statistic, p=p))
    return texts


def _counts_note(plan: RelatePlan, pairs: list[Pair]) -> list[Text]:
    counts = [pair.n for pair in pairs if isinstance(pair.n, int)]
    deletion = say("cases_complete_in_all_variables") if plan.deletion == "listwise" else say("pairwise_deletion")
    if len(counts) < len(pairs):
        return [say("deletion_alone", deletion=deletion)]
    low, high = min(counts), max(counts)
    if low == high:
        return [say("deletion_with_n", deletion=deletion, n=low)]
    return [say("deletion_n_from_to", deletion=deletion, low=low, high=high)]


def _coefficient_notes(plan: RelatePlan, result: RelateResult, pairs: list[Pair]) -> list[Text]:
    methods = list(dict.fromkeys(pair.method for pair in pairs))
    texts = [say("coefficients", list=listed([say(COEFFICIENTS[m].short) for m in methods]))]
    if plan.given:
        given = listed([titled(plan.data.variable(name)) for name in plan.given])
        texts.append(say("coefficients_are_partial_taken_out", names=given))
    if plan.request.settings["alpha"]:
        texts.append(say("alpha_on_the_diagonal"))
    for asked, phrase in (("within", "coefficients_are_within"), ("between", "coefficients_are_between")):
        if plan.request.settings[asked]:
            texts.append(say(phrase, name=person_title(plan.data)))
    if len(methods) > 1 and not plan.against and not plan.columns:
        texts += _which(plan, pairs, methods)
    if any(cell.indefinite for cell in result.cells):
        if plan.deletion == "pairwise" and len(methods) == 1:
            texts.append(say("the_matrix_is_not_positive"))
        else:
            texts.append(say("the_matrix_is_not_positive_definite"))
    texts += dashes_note(value for pair in pairs for value in _shown_of(pair, plan))
    adjust = plan.request.settings["adjust"]
    if adjust != "none":
        tested = [sum(isinstance(pair.p, float) for pair in cell.pairs) for cell in result.cells]
        template = "p_adjusted_for_pairs"
        if len(tested) > 1:
            template = "p_adjusted_for_the_pairs"
        most = max(tested)
        template = template if len(set(tested)) == 1 else "p_adjusted_for_the_pairs_of"
        template = "p_needs_no_adjustment_for" if most <= 1 else template
        texts.append(say(template, n=most, source=ADJUSTMENTS[adjust]))
    return texts


def _shown_of(pair: Pair, plan: RelatePlan) -> Iterator[Value]:
    """What the table shows of a pair: its coefficient, and beside it or below it the interval."""
    yield pair.coefficient
    if isinstance(pair.coefficient, float) and (plan.against or plan.request.settings["intervals"]):
        yield pair.low


def _which(plan: RelatePlan, pairs: list[Pair], methods: list[str]) -> list[Text]:
    """Which pairs have which coefficient, by the numbers of the variables; the commonest is left unsaid."""
    common = max(methods, key=lambda m: sum(pair.method == m for pair in pairs))
    number = {name: k + 1 for k, name in enumerate(plan.names)}
    parts = []
    for method in methods:
        if method != common:
            places = dict.fromkeys(f"{number[p.b]}–{number[p.a]}" for p in pairs if p.method == method)
            parts.append(say("coefficient_for_pairs", name=say(COEFFICIENTS[method].short), list=", ".join(places)))
    rest = say(COEFFICIENTS[common].short)
    return [say("coefficient_for_all_others", some=opened(in_a_row(parts)), name=rest)]


def _star_note(used: set[str]) -> Text:
    parts = [
        say("star_says", mark=mark, limit=Cell(limit, Kind.LIMIT)) for limit, mark in reversed(STARS) if mark in used
    ]
    return sentences(parts)


def methods_of(plan: RelatePlan, result: RelateResult) -> Text:
    pairs = [pair for cell in result.cells for pair in cell.pairs]
    methods = list(dict.fromkeys(pair.method for pair in pairs))
    weighted = plan.cases.weighted
    names = listed([say(COEFFICIENTS[m].short if weighted else COEFFICIENTS[m].full) for m in methods])
    template = "relations_are_with_pairwise_deletion"
    if plan.deletion == "listwise":
        template = "relations_are_with_listwise_deletion"
    said = [say(template, names=names)]
    if plan.request.settings["agreement"]:
        return say("agreement_defined_kappa" if result.cells[0].kappa is not None else "agreement_defined")
    if result.differences:
        said.append(say("coefficients_compared_by_z"))
    if plan.against or plan.request.settings["intervals"]:
        if "pearson" in methods:
            said.append(say("intervals_of_r_are_linearized" if weighted else "intervals_of_r_use_fishers"))
        if {"spearman", "kendall"} & set(methods):
            said.append(say("intervals_of_rank_correlations_follow"))
    return sentences(said)
