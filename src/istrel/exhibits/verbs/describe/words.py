"""The words of `describe`: title, notes, methods and the results paragraph, all from the result alone."""

from __future__ import annotations

from collections.abc import Iterator

import numpy as np

from istrel.data.dataset import Dataset
from istrel.data.limits import SIGNIFICANT
from istrel.exhibits.cases import Grouping
from istrel.exhibits.claims import claim, unless_alike
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Hidden, Run, Text, cells_in, in_a_row, joined, listed, say, sentences, verbatim
from istrel.exhibits.verbs.describe.cells import cell_of, lines_of, n_of
from istrel.exhibits.verbs.describe.columns import words_of_columns
from istrel.exhibits.verbs.describe.difference_words import (
    difference_methods,
    difference_notes,
    difference_reasons,
    difference_texts,
)
from istrel.exhibits.verbs.describe.resolve import DescribePlan
from istrel.exhibits.verbs.describe.result import DescribeResult, MeasuredCell, ResultCell
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.verbs.frequency_words import hidden_note, level_cells, most_frequent, percent_notes
from istrel.exhibits.within_persons import followed
from istrel.exhibits.wording import (
    cases_note,
    dashes_note,
    few_names,
    groups_words,
    in_group,
    in_grouping,
    is_without_value,
    named_group,
    of_group,
    person_title,
    places_note,
    titled,
    ungrouped_notes,
)
from istrel.sentence.vocabulary import FORMS, STATISTICS, statistic
from istrel.sentence.vocabulary.entries import DISTRIBUTION, Statistic
from istrel.stats.quantiles import median_level
from istrel.style.numbers import Kind
from istrel.style.phrases import phrases_in, slots

WEIGHTED_PHRASES = {
    "defined_sd": "defined_sd_weighted",
    "quantiles_are_of_type_hyndman": "quantiles_are_weighted",
    "defined_mean_interval": "defined_mean_interval_weighted",
    "defined_median_interval": "defined_median_interval_weighted",
    "skewness_and_kurtosis_are_the": "weighted_shape",
}


def title_of(plan: DescribePlan) -> Text:
    """A title from labels: the variables (or how many), and the groupings."""
    names = [titled(plan.data.variable(name)) for name in plan.names]
    if plan.form == "missing map":
        what = say("missing_values_of", what=few_names(names))
    elif len(names) > 3 and plan.form != "table" and FORMS[plan.form].title != DISTRIBUTION:
        what = say(FORMS[plan.form].title, what=few_names(names))
    elif len(names) > 3 and plan.form != "table":
        what = say("distributions_of_variables", n=len(names))
    elif len(names) > 3:
        what = say("descriptive_statistics_of_variables", n=len(names))
    elif plan.form == "table":
        what = say("descriptive_statistics_of", name=listed(names))
    else:
        what = say(FORMS[plan.form].title, what=listed(names))
    by = groups_words(plan.groupings, plan.data)
    return say("what_by_groups", what=what, groups=by) if by else what


def notes_of(plan: DescribePlan, result: DescribeResult) -> tuple[Note, ...]:
    """What a reader must know to read the numbers: cases, missing values, definitions, dashes."""
    texts = [
        *cases_note(result.cases),
        *places_note(plan.names, plan.data),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    texts += _missing_note(plan, result)
    counted = [cell for cell in result.cells if isinstance(cell, FrequencyCell)]
    measured = [cell for cell in result.cells if isinstance(cell, MeasuredCell)]
    if counted:
        texts += percent_notes(counted, of_valid=True)
    if plan.form == "table":
        shown = plan.shown if not counted else _paired(plan)
        texts += _median_levels(measured, plan)
        keys = tuple(key for key in shown if plan.layout != "statistics" or key != "ci_high")
        texts += _definitions(keys, weighted=plan.cases.weighted)
        texts += _design_effects(measured, shown, plan)
        reasons = [cell.statistics[key] for cell in measured for key in shown if key in cell.statistics]
        texts += dashes_note([*reasons, *difference_reasons(result)])
    texts += _persons_note(plan)
    texts += difference_notes(plan, result)
    texts += hidden_note(plan.request.settings["hide_below"], result.cells)
    return general(texts)


def _persons_note(plan: DescribePlan) -> list[Text]:
    """How many persons a figure shows on every occasion, where its groups are occasions; means and paths say it themselves."""
    form = FORMS[plan.form]
    if form.title != DISTRIBUTION or not (form.drawn and form.counted) or plan.cases.hides:
        return []
    said = []
    for name in plan.names:
        for found in (followed(name, grouping, plan) for grouping in plan.groupings):
            if found:
                n, k = sum(one.complete.shape[0] for one in found), max(len(one.places) for one in found)
                text = say("seen_on_every_occasion", n=n, name=person_title(plan.data), k=k)
                said.append(text if len(plan.names) == 1 else (*titled(plan.data.variable(name)), Run(": "), *text))
    return said


def _paired(plan: DescribePlan) -> tuple[str, ...]:
    """What a measured variable shows in a sample table."""
    measured = any(subject.treated in ("numbers", "dates") for subject in plan.subjects)
    return tuple(key for line in lines_of(plan) for key in line.keys) if measured else ()


def _missing_note(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """Values missing per variable among the cases that the exhibit shows, with the reasons where they are not only blank."""
    parts = []
    shown = _shown_grouping(result)
    for subject in plan.subjects:
        cells = [
            c
            for c in result.cells
            if isinstance(c, MeasuredCell) and c.variable == subject.name and in_grouping(c.group, shown)
        ]
        counts = [cell.missing for cell in cells]
        if not cells or any(isinstance(count, Hidden) for count in counts):
            continue
        count = sum(count for count in counts if isinstance(count, int))
        if count:
            why = () if plan.request.settings["hide_below"] else _why(subject.name, shown, plan.data)
            title = titled(plan.data.variable(subject.name))
            parts.append(say("missing_in_list", name=title, n=count, why=why))
    return [say("values_missing", list=in_a_row(parts))] if parts else []


def _shown_grouping(result: DescribeResult) -> Grouping:
    """The grouping over which missing values are summed: the total where there is one, else the first."""
    return next((grouping for grouping in result.groupings if not grouping.names), result.groupings[0])


def _why(name: str, grouping: Grouping, data: Dataset) -> Text:
    reasons = data.numbers(name).missing.reasons
    found = [(reason, data.cases_in(mask & grouping.used)) for reason, mask in reasons.items()]
    found = [
        (reason, count) for reason, count in found if count and reason.words
    ]  # how a file spells it is not the reader's
    if not found:
        return ()
    parts = [say("n_for_reason", n=count, reason=verbatim(reason.words)) for reason, count in found]
    return say("in_brackets", list=joined(parts))


def _median_levels(cells: list[MeasuredCell], plan: DescribePlan) -> list[Text]:
    """The levels that intervals of medians truly have: order statistics come in steps."""
    if "median_ci_low" not in plan.shown or plan.cases.weighted:
        return []
    confidence = plan.request.settings["confidence"]
    ns = {
        cell.n for cell in cells if isinstance(cell.n, int) and isinstance(cell.statistics.get("median_ci_low"), float)
    }
    levels = sorted(round(100 * median_level(n, confidence=confidence), 1) for n in ns)
    if not levels:
        return []
    low, high = (Cell(level, Kind.EDGE) for level in (levels[0], levels[-1]))
    return [say("median_level", level=low) if levels[0] == levels[-1] else say("median_levels", low=low, high=high)]


def _design_effects(cells: list[MeasuredCell], shown: tuple[str, ...], plan: DescribePlan) -> list[Text]:
    """How much the design adds to the variance of each mean that is shown."""
    if not any(statistic(key).means for key in shown):
        return []
    parts = []
    for name in dict.fromkeys(cell.variable for cell in cells):
        found = [c.weighed.design_effect for c in cells if c.variable == name and c.weighed is not None]
        effects = sorted(effect for effect in found if np.isfinite(effect))
        if effects:
            low, high = (Cell(effect, Kind.STATISTIC) for effect in (effects[0], effects[-1]))
            title = titled(plan.data.variable(name))
            one = len(effects) == 1
            parts.append(
                say("design_effect_of", name=title, effect=low)
                if one
                else say("design_effects_of", name=title, low=low, high=high)
            )
    return [say("design_effects", list=in_a_row(parts))] if parts else []


def _definitions(shown: tuple[str, ...], *, weighted: bool) -> list[Text]:
    texts: list[Text] = []
    if weighted and {"skewness", "kurtosis"} & set(shown):
        texts.append(say("weighted_shape"))
    elif "skewness" in shown and "kurtosis" in shown:
        texts.append(say("skewness_and_kurtosis_are_the_adjusted"))
    elif "skewness" in shown:
        texts.append(say("skewness_is_the_adjusted_coefficient"))
    elif "kurtosis" in shown:
        texts.append(say("kurtosis_is_the_adjusted_coefficient"))
    said = [say(words) for words in dict.fromkeys(statistic(key).short for key in shown) if words]
    if said:
        texts.append((*in_a_row(said), Run(".")))
    return texts


def methods_of(plan: DescribePlan, result: DescribeResult) -> Text:
    """Sentences that name each definition that was used."""
    settings = plan.request.settings
    measured = any(subject.treated in ("numbers", "dates") for subject in plan.subjects)
    if plan.form != "table":
        return form_of(plan.form).methods(plan.together or plan, result.drawings)
    shown = set(plan.shown if plan.tabular else _paired(plan)) if measured else set()
    values = {"kind": Cell(settings["quantiles"], Kind.COUNT), "share": Cell(100 * settings["trim"], Kind.EDGE)}
    templates = dict.fromkeys(_defined(entry, plan) for entry in map(statistic, _in_order(shown)) if entry.defined)
    said = [
        say(template, **{slot: values[slot] for slot in slots(phrases_in("en")[template])}) for template in templates
    ]
    if "outliers" in shown:
        said.append(_outliers(plan))
    if any(subject.treated == "categories" for subject in plan.subjects):
        said.append(say("percentages_are_of_the_valid"))
    return sentences([*said, *difference_methods(result)])


def _defined(entry: Statistic, plan: DescribePlan) -> str:
    """The phrase that defines a statistic: under weights another one, where that is another statistic."""
    return WEIGHTED_PHRASES.get(entry.defined, entry.defined) if plan.cases.weighted else entry.defined


def _in_order(shown: set[str]) -> list[str]:
    """Statistics in the order of the vocabulary, percentiles last."""
    order = {name: place for place, name in enumerate(STATISTICS)}
    return sorted(shown, key=lambda key: (order.get(key, len(order)), key))


def _outliers(plan: DescribePlan) -> Text:
    settings = plan.request.settings
    if settings["outliers_by"] == "robust":
        return say("outliers_have_a_robust_z")
    reach = Cell(float(settings["fences"]), Kind.EDGE)
    return say("outliers_lie_more_than_interquartile", reach=reach)


def text_of(plan: DescribePlan, result: DescribeResult) -> Text:
    """A results paragraph: groups compared in plain words, and what half of the cases do."""
    measured = [cell for cell in result.cells if isinstance(cell, MeasuredCell) and not cell.date]
    compared = words_of_columns(result.columns, measured, plan)
    if plan.together is not None:
        return sentences([*_of_columns(plan, measured), *compared])
    said: list[Text] = []
    for subject in plan.subjects:
        for grouping in result.groupings:
            cells = [
                cell for cell in result.cells if _about(cell) == subject.name and in_grouping(cell.group, grouping)
            ]
            overall = not grouping.names and len(result.groupings) > 1
            counted = [cell for cell in cells if isinstance(cell, FrequencyCell)]
            mine = [cell for cell in cells if isinstance(cell, MeasuredCell) and not cell.date]
            said += _of_measured(mine, plan, result, overall=overall) if mine else []
            said += most_frequent(counted, plan.data, overall=overall)
    return sentences([*said, *compared, *difference_texts(plan, result)])


def _of_measured(cells: list[MeasuredCell], plan: DescribePlan, result: DescribeResult, *, overall: bool) -> list[Text]:
    """Nothing is ranked where a group is hidden, nor is the group of cases without a value one of the ranked."""
    known = [c for c in cells if isinstance(c.statistics.get(plan.centre), float) and not is_without_value(c.group)]
    hides = any(isinstance(cell.n, Hidden) or isinstance(cell.statistics.get(plan.centre), Hidden) for cell in cells)
    if not known or (hides and len(cells) > 1):
        return []
    if len(known) > 1 and not _tells_apart(known, result):
        return _spans(known, plan)
    return _measured_words(known, plan, overall=overall)


def _of_columns(plan: DescribePlan, cells: list[MeasuredCell]) -> list[Text]:
    """Columns on one axis compared by their means as they print, without a claim beyond these cases."""
    known = [cell for cell in cells if all(isinstance(cell.statistics.get(key), float) for key in ("mean", "sd"))]
    ranked = sorted(known, key=lambda cell: -cell.number("mean"))
    names = [titled(plan.data.variable(cell.variable)) for cell in ranked]
    if len(ranked) < 2:
        return []
    high, low = ranked[0], ranked[-1]
    said = claim(
        "highest and lowest",
        [[cell.number("mean") for cell in ranked]],
        "columns_compared" if len(ranked) == 2 else "columns_ranked",
        differ=(("first", "second"), ("last_but_one", "last")),
        otherwise=_columns_spanned(names, ranked, plan),
        high=names[0],
        high_numbers=_middle_words(high, plan),
        low=names[-1],
        low_numbers=_middle_words(low, plan),
        first=cell_of("mean", high, plan),
        second=cell_of("mean", ranked[1], plan),
        last_but_one=cell_of("mean", ranked[-2], plan),
        last=cell_of("mean", low, plan),
    )
    return [said]


def _columns_spanned(names: list[Text], ranked: list[MeasuredCell], plan: DescribePlan) -> Text:
    """Between which means columns lie, or that they are about the same."""
    named, high = listed(names), ranked[0]
    alike = say("columns_alike", names=named, numbers=_middle_words(high, plan), place=names[0])
    ends = {"low": cell_of("mean", ranked[-1], plan), "high": cell_of("mean", high, plan)}
    return unless_alike("columns_span", differ=(("low", "high"),), otherwise=alike, names=named, **ends)


def _spans(cells: list[MeasuredCell], plan: DescribePlan) -> list[Text]:
    """How far the means or medians span, where the test printed does not tell the groups apart."""
    ranked = sorted(cells, key=lambda cell: -cell.number(plan.centre))
    return [(*_spanned(titled(plan.data.variable(cells[0].variable)), ranked, plan), Run("."))]


def _spanned(name: Text, ranked: list[MeasuredCell], plan: DescribePlan) -> Text:
    """How far the means or medians span, where they look different in print; else that they are about the same."""
    medians, high = plan.centre == "median", ranked[0]
    similar = say(
        "medians_alike" if medians else "means_alike",
        name=name,
        numbers=_middle_words(high, plan),
        place=_place(high, plan),
    )
    return unless_alike(
        "medians_span" if medians else "means_span",
        differ=(("low", "high"),),
        otherwise=similar,
        name=name,
        low=cell_of(plan.centre, ranked[-1], plan),
        high=cell_of(plan.centre, high, plan),
        n=len(ranked),
    )


def _about(cell: ResultCell) -> str:
    return cell.variable if isinstance(cell, MeasuredCell) else cell.variables[0]


def _measured_words(cells: list[MeasuredCell], plan: DescribePlan, *, overall: bool) -> list[Text]:
    """One sentence on a variable: its groups compared as far as that holds in print, or its mean or median."""
    name = titled(plan.data.variable(cells[0].variable))
    ranked = sorted(cells, key=lambda cell: -cell.number(plan.centre))
    if len(cells) == 1:
        (cell,) = cells
        numbers = _middle_words(cell, plan)
        said = say(
            "mean_overall" if overall else "mean_of_cases",
            name=name,
            where=in_group(cell.group, plan.data),
            numbers=numbers,
        )
        if plan.centre == "median":
            said = say(
                "median_overall" if overall else "median_of_cases",
                name=name,
                where=in_group(cell.group, plan.data),
                numbers=numbers,
            )
    else:
        said = _compared(name, ranked, plan)
    return [(*said, *_half_words(ranked[0], plan), Run("."))] if said else []


def _tells_apart(ranked: list[MeasuredCell], result: DescribeResult) -> bool:
    """Whether one group may be called the highest: nothing is hidden, and the test that is printed rejects."""
    grouping = tuple(name for name, _ in ranked[0].group.named)
    mine = [d for d in result.differences if (d.variable, d.grouping) == (ranked[0].variable, grouping)]
    tested = [d.p for d in mine if d.test is not None]
    return all(isinstance(p, float) and p < SIGNIFICANT and round(p, 3) < SIGNIFICANT for p in tested)


def _compared(name: Text, ranked: list[MeasuredCell], plan: DescribePlan) -> Text:
    """Highest and lowest group, as far as they can be told apart in print; else how far the means or medians span."""
    key, high, low = plan.centre, ranked[0], ranked[-1]
    medians = key == "median"
    return claim(
        "highest and lowest",
        [[cell.number(key) for cell in ranked]],
        "highest_and_lowest_median" if medians else "highest_and_lowest_mean",
        differ=(("first", "second"), ("last_but_one", "last")),
        otherwise=_spanned(name, ranked, plan),
        name=name,
        high=_place(high, plan),
        high_numbers=_middle_words(high, plan),
        low=_place(low, plan),
        low_numbers=_middle_words(low, plan),
        first=cell_of(key, ranked[0], plan),
        second=cell_of(key, ranked[1], plan),
        last_but_one=cell_of(key, ranked[-2], plan),
        last=cell_of(key, ranked[-1], plan),
    )


def _place(cell: MeasuredCell, plan: DescribePlan) -> Text:
    return named_group(cell.group, plan.data)


def _middle_words(cell: MeasuredCell, plan: DescribePlan) -> Text:
    """ "M = 3.2, SD = 1.0, n = 40", or "Mdn = 3 [2, 4], n = 40"."""
    n = n_of(cell)
    if plan.centre == "median":
        ends = {key: cell_of(key, cell, plan) for key in ("median", "q1", "q3")}
        return say("median_quartiles_n", n=n, **ends)
    mean = cell_of("mean", cell, plan)
    if isinstance(cell.statistics.get("sd"), float):
        return say("mean_sd_and_n", mean=mean, sd=cell_of("sd", cell, plan), n=n)
    return say("mean_and_n", mean=mean, n=n)


def _half_words(cell: MeasuredCell, plan: DescribePlan) -> Text:
    if not cell.number("q1") < cell.number("q3") or plan.centre == "median":
        return ()
    return claim(
        "half between",
        [cell.inside],
        "half_between",
        differ=(("low", "high"),),
        where=of_group(cell.group, plan.data),
        low=cell_of("q1", cell, plan),
        high=cell_of("q3", cell, plan),
    )


def numbers(plan: DescribePlan, result: DescribeResult) -> Iterator[Cell]:
    """Every number that a text may quote, whether or not it is shown."""
    for cell in result.cells:
        if isinstance(cell, FrequencyCell):
            yield from level_cells(cell)
            continue
        yield n_of(cell)
        for key in cell.statistics:
            yield from cells_in(cell_of(key, cell, plan))
    measured = [cell for cell in result.cells if isinstance(cell, MeasuredCell)]
    for text in (*difference_texts(plan, result), *words_of_columns(result.columns, measured, plan)):
        yield from cells_in(text)
