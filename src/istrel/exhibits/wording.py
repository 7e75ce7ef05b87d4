"""Words that all verbs use: variables and groups by their labels, and the notes on cases. All of it is text, not letters."""

from __future__ import annotations

import math
import re
from collections.abc import Iterable, Sequence
from functools import partial

import numpy as np

from istrel.data.codebook import Variable
from istrel.data.column import Kind as Column
from istrel.data.dataset import Dataset, Numbers
from istrel.data.formula.evaluate import steps_in_words
from istrel.data.formula.tree import names_in
from istrel.data.reason import Reason
from istrel.exhibits.cases import Cases, Group, Grouping
from istrel.exhibits.persons import n_persons
from istrel.exhibits.text import Cell, Hidden, Run, Text, in_a_row, joined, listed, plain, say, value_label, verbatim
from istrel.exhibits.weights import effective_n, sample_in
from istrel.sentence.show_formula import print_condition
from istrel.stats.estimates import Undefined
from istrel.stats.moderate import moderate
from istrel.style.numbers import Kind, Precision

NUMBER_ALONE = re.compile(r"-?\d+([.,]\d+)?")


def titled(variable: Variable) -> Text:
    """A variable by its label, or by its name where it has none; one that a sentence makes by its phrase."""
    if variable.phrase:
        return say(variable.phrase)
    return plain(variable.label) if variable.label else verbatim(variable.name)


def titled_with_unit(variable: Variable) -> Text:
    """A variable with its unit: "Weekly practice, min"."""
    return (*titled(variable), Run(f", {variable.unit}", verbatim=True)) if variable.unit else titled(variable)


def crossed_title(names: Sequence[str], data: Dataset) -> Text:
    """Crossed variables by their labels: "Site × Course format"."""
    return joined([titled(data.variable(name)) for name in names], " × ")


def groups_words(groupings: Sequence[Grouping], data: Dataset) -> Text:
    """The groupings by their labels: "Site and Course format"."""
    named = [grouping for grouping in groupings if grouping.names]
    return listed([listed([titled(data.variable(name)) for name in grouping.names]) for grouping in named])


def group_label(group: Group, *, several: bool) -> Text:
    """A group's name in print; all cases together are the total where there are groups too."""
    if group.labels:
        return _labels(group)
    return say("total") if several else say("all_cases")


def few_names(names: list[Text]) -> Text:
    """Up to three names, or how many variables there are."""
    return listed(names) if len(names) <= 3 else say("n_variables", n=len(names))


def value_cell(value: float, name: str, data: Dataset, *, figures: int = 12) -> Cell:
    """A value of a variable, or one between its values, with so many significant figures at most; of years all whole ones."""
    if data.table.column(name).kind is Column.DATE:
        return Cell(float(math.floor(value + 0.5)), Kind.DATE)
    if data.is_years(name):
        return Cell(float(round(value)) if figures < 12 else value, Kind.YEAR_EDGE)
    return Cell(float(f"{value:.{figures}g}"), Kind.EDGE)


def summary_cell(value: float, name: str, data: Dataset) -> Cell:
    """A number made of the values of a variable, as a mean or a quantile: with the decimals that tables give it."""
    if data.table.column(name).kind is Column.DATE:
        return Cell(float(math.floor(value + 0.5)), Kind.DATE)
    if data.is_years(name):
        return Cell(float(round(value)), Kind.YEAR_EDGE)
    said = data.variable(name).decimals
    spread = data.once("spread", name, partial(_spread, data.numbers(name)))
    precision = Precision(data.measured_decimals(name), spread)
    return Cell(value, Kind.MEASURE, None if said is None else max(said, precision.decimals(said)), precision)


def _spread(numbers: Numbers) -> float:
    """The standard deviation of all values; NaN of fewer than two."""
    plain, exponent = moderate(numbers.values[numbers.valid])
    return float(np.ldexp(plain.std(ddof=1), exponent)) if plain.size > 1 else math.nan


def _labels(group: Group) -> Text:
    """The labels of a group; the group of cases without a value is named in our own words."""
    pairs = zip(group.named, group.labels, strict=True)
    return joined([say("missing") if value == "" else value_label(label) for (_, value), label in pairs], " · ")


def named_group(group: Group, data: Dataset) -> Text:
    """A group within a sentence: "weekly evening", or "Wave 2" where its label alone would be a number."""
    if not group.labels:
        return say("total")
    parts = []
    for (name, value), label in zip(group.named, group.labels, strict=True):
        if value == "":
            parts.append(say("no_value_of_variable", name=titled(data.variable(name))))
        elif NUMBER_ALONE.fullmatch(label):
            parts.append(say("variable_value", name=titled(data.variable(name)), value=value_label(label)))
        else:
            parts.append(value_label(label))
    return joined(parts, " · ")


def is_without_value(group: Group) -> bool:
    """Whether it is the group of the cases that have no group value."""
    return any(value == "" for _, value in group.named)


def in_group(group: Group, data: Dataset) -> Text:
    """ " in weekly evening"; nothing for all cases together."""
    return say("in_group", group=named_group(group, data)) if group.labels else ()


def of_group(group: Group, data: Dataset) -> Text:
    """ " of weekly evening"; nothing for all cases together."""
    return say("of_group", group=named_group(group, data)) if group.labels else ()


def in_grouping(group: Group, grouping: Grouping) -> bool:
    """Whether the group is one of those that the variables of the grouping make."""
    return tuple(name for name, _ in group.named) == grouping.names


def has_groups(groupings: Sequence[Grouping]) -> bool:
    return any(grouping.names for grouping in groupings)


def cases_note(cases: Cases) -> list[Text]:
    """Which cases are used, where not all are; and what a row of the file is, where it is no case of its own."""
    return [*_of_condition(cases), *_of_rows(cases), *_of_weights(cases)]


def places_note(names: Iterable[str], data: Dataset) -> list[Text]:
    """What numbers stand for answers in words, where variables are made of such answers."""
    formulas = (data.variable(name).formula for name in names if name in data.table)
    return answers_note((part for f in formulas if f is not None for part in names_in(f, data.table.names)), data)


def answers_note(names: Iterable[str], data: Dataset) -> list[Text]:
    """What numbers stand for those variables that are answers in words."""
    of_words = dict.fromkeys(name for name in names if name in data.table)
    scales = {data.categories(name).labels: None for name in of_words if steps_in_words(name, data)}
    if not scales:
        return []
    if len(scales) > 1:
        return [say("answers_by_their_places")]
    labels = next(iter(scales))
    return [say("answers_from_to", first=value_label(labels[0]), last=value_label(labels[-1]), n=len(labels))]


def _of_weights(cases: Cases) -> list[Text]:
    """By what the rows are weighted, and Kish's effective n; of hidden counts nothing that is made of weights."""
    if cases.data is None or not cases.weighted:
        return []
    name = titled(cases.data.variable(cases.data.codebook.rows.weight))
    if cases.hides:
        return [say("weighted_by", name=name)]
    return [say("weighted_by_with_n", name=name, n=Cell(effective_n(cases.data, cases)[1], Kind.STATISTIC, 1))]


def weights_methods(cases: Cases) -> list[Text]:
    """How standard errors come from the design of a weighted sample."""
    if cases.data is None or not cases.weighted:
        return []
    rows, sample = cases.data.codebook.rows, sample_in(cases.data)
    drawn = ((rows.strata, "design_strata"), (rows.clusters or rows.person, "design_clusters"))
    parts = [say(phrase, name=titled(cases.data.variable(name))) for name, phrase in drawn if name]
    texts = [
        say("linearized_with", drawn=joined(parts), df=Cell(sample.df, Kind.COUNT))
        if parts
        else say("linearized_plain", df=Cell(sample.df, Kind.COUNT))
    ]
    if sample.lonely:
        texts.append(say("lonely_strata", n=sample.lonely))
    return texts


def _of_rows(cases: Cases) -> list[Text]:
    data = cases.data
    if data is None or cases.hides or isinstance(cases.used, Hidden):
        return []
    rows = data.codebook.rows
    if rows.counted and (data.origin is not None or data.times is not None):
        n = Cell(float(data.rows_in(cases.mask)), Kind.COUNT)
        return [say("rows_that_are_counted", rows=n, name=verbatim(rows.counted))]
    persons = n_persons(data, cases)
    if persons is None or persons == cases.used:
        return []
    name = titled(data.variable(rows.person))
    return [
        say(
            "rows_of_persons",
            name=name,
            persons=Cell(float(persons), Kind.COUNT),
            n=Cell(float(cases.used), Kind.COUNT),
        )
    ]


def person_title(data: Dataset) -> Text:
    """Who stands in several rows: the variable that says it, or the case whose columns were turned into rows."""
    name = data.codebook.rows.person
    return say("the_case") if data.occasions > 1 else titled(data.variable(name))


def _of_condition(cases: Cases) -> list[Text]:
    if not cases.condition:
        return []
    assert cases.asked is not None
    used, condition = Cell(_count(cases.used), Kind.COUNT), verbatim(print_condition(cases.asked))
    if isinstance(cases.total, Hidden):
        return [say("cases_used", used=used, condition=condition)]
    total = Cell(float(cases.total), Kind.COUNT)
    return [say("cases_used_of_total", used=used, total=total, condition=condition)]


def _count(count: int | Hidden) -> float | Hidden:
    return count if isinstance(count, Hidden) else float(count)


def ungrouped_notes(groupings: Sequence[Grouping], data: Dataset) -> list[Text]:
    """How many cases are in no group, and whether the total counts them."""
    totalled = any(not grouping.names for grouping in groupings)
    made = []
    for grouping in groupings:
        if grouping.missing == 0:
            continue
        names = listed([titled(data.variable(name)) for name in grouping.names])
        lack = "no_value_of" if len(grouping.names) == 1 else "no_value_of_one_of"
        one = grouping.missing == 1
        if totalled:
            template = "ungrouped_in_total_one" if one else "ungrouped_in_total"
        else:
            template = "ungrouped_left_out_one" if one else "ungrouped_left_out"
        n = Cell(_count(grouping.missing), Kind.COUNT)
        made.append(say(template, n=n, lack=say(lack, names=names)))
    return made


REASONS = {
    "blank": "missing_blank",
    "text": "missing_no_number",
    "infinite": "missing_infinite",
    "code": "missing_words",
}


def reason_label(reason: Reason) -> Text:
    """Why values are missing, as the stub of a row."""
    if reason.kind != "code":
        return say(REASONS[reason.kind])
    return say(REASONS["code"], words=verbatim(reason.words) if reason.words else _code(reason.code))


def _code(code: float | str | None) -> Text:
    return (Cell(code, Kind.CODE),) if isinstance(code, float) else verbatim(code or "")


def why(value: Undefined) -> Text:
    """Why there is no value."""
    return say(value.why, **dict(value.parts))


def dashes_note(values: Iterable[object]) -> list[Text]:
    """Why dashes stand in the table, each reason once."""
    found = sorted({value for value in values if isinstance(value, Undefined)}, key=lambda value: value.reason)
    if not found:
        return []
    template = "dash_not_defined"
    return [say(template, reasons=in_a_row([why(value) for value in found]))]


ADJUSTMENTS = {"holm": "Holm, 1979", "bh": "Benjamini & Hochberg, 1995"}  # of p-values, with their sources


def p_words(value: float | Undefined, *, row: str = "", column: str = "", adjusted: bool = False) -> Text:
    """ "p = .031", "adjusted p < .001", or that there is none."""
    if isinstance(value, Undefined):
        return say("no_p")
    return say("p_value_adjusted" if adjusted else "p_value", p=Cell(value, Kind.P_WITH_SIGN, row=row, column=column))
