"""A `relate` result in journal form: numbered variables, M and SD in front, the lower triangle with stars; or a ranked list."""

from __future__ import annotations

import math
from collections.abc import Iterator

from istrel.data.column import Kind as Column
from istrel.data.levels import Level
from istrel.data.limits import FEW_FOR_TESTS, NEAR_COPY, SIGNIFICANT
from istrel.exhibits.behind import Behind
from istrel.exhibits.claims import claim
from istrel.exhibits.forms.catalogue import form_of
from istrel.exhibits.forms.limits import figure_of
from istrel.exhibits.remarks import pairs
from istrel.exhibits.setting import MarginNote, Setting, Sheet
from istrel.exhibits.table import About, Head, Note, Row, TableSheet
from istrel.exhibits.text import Cell, Hidden, Run, Text, cells_in, count_cell, in_a_row, listed, say, sentences
from istrel.exhibits.verbs.relate.agreement_words import (
    agreement_numbers,
    agreement_table,
    agreement_text,
)
from istrel.exhibits.verbs.relate.notes import COEFFICIENTS, compared_notes, methods_of, notes_of, stars
from istrel.exhibits.verbs.relate.resolve import RelatePlan
from istrel.exhibits.verbs.relate.result import Pair, RelateCell, RelateResult
from istrel.exhibits.wording import (
    few_names,
    group_label,
    groups_words,
    has_groups,
    named_group,
    p_words,
    titled,
)
from istrel.stats.estimates import Undefined
from istrel.style.numbers import Kind, Precision

MOST_NAMED, MOST_NOTES = 3, 6
SEEN = 2  # decimals by which coefficients are told apart in words


def typeset(plan: RelatePlan, result: RelateResult) -> Setting:
    """The exhibit as a table of values or a figure, with its words."""
    notes = notes_of(plan, result)
    sheet: Sheet
    if plan.form != "table":
        sheet = figure_of(plan, result.drawings, _title(plan), notes)
        if not result.cells:  # no coefficient goes with it
            return Setting(sheet, form_of(plan.form).methods(plan, result.drawings), (), ())
        return _drawn(sheet, plan, result)
    if plan.request.settings["agreement"]:
        sheet = agreement_table(plan, result, _title(plan), notes)
    elif plan.columns:
        sheet = _rectangle(plan, result, notes)
    else:
        sheet = _ranked(plan, result, notes) if plan.against else _matrix(plan, result, notes)
    return Setting(sheet, methods_of(plan, result), _text(plan, result), _margin(plan, result))


def _drawn(sheet: Sheet, plan: RelatePlan, result: RelateResult) -> Setting:
    """A figure with its words. A grid shows Pearson's r whatever the levels: words on other coefficients are not its own."""
    form, own = form_of(plan.form).methods(plan, result.drawings), plan.form == "grid"
    others = own and any(pair.method != "pearson" for cell in result.cells for pair in cell.pairs)
    text = () if others else _text(plan, result)
    methods = form if own or not text else sentences([form, methods_of(plan, result)])
    return Setting(sheet, methods, text, _margin(plan, result))


def _title(plan: RelatePlan) -> Text:
    names = [titled(plan.data.variable(name)) for name in plan.subjects]
    if plan.form == "line":
        title = say("what_over_time", what=few_names(names[1:]), time=names[0])
    elif plan.request.settings["agreement"]:
        title = say("agreement_of", names=listed(names))
    elif plan.columns:
        others = [titled(plan.data.variable(name)) for name in plan.columns]
        title = say("relations_of_with", names=few_names(names), others=few_names(others))
    elif plan.against:
        title = say("relations_with", name=titled(plan.data.variable(plan.against)))
    elif plan.form != "table":
        title = say("relation_between" if len(plan.names) == 2 else "relations_among", names=few_names(names))
    elif not any(_has_mean(name, plan) for name in plan.names):
        title = say("associations_of", names=listed(names)) if len(names) <= 3 else say("associations_among")
    elif len(names) <= 3:
        title = say("means_standard_deviations_and_correlations", names=listed(names))
    else:
        title = say("means_standard_deviations_and_correlations_among")
    if plan.given:
        given = listed([titled(plan.data.variable(name)) for name in plan.given])
        title = say("title_given", what=title, names=given)
    by = groups_words(plan.groupings, plan.data)
    return say("what_set_by_groups", what=title, groups=by) if by else title


def _has_mean(name: str, plan: RelatePlan) -> bool:
    """Whether a mean of the variable is shown."""
    return plan.data.table.column(name).kind is Column.NUMBER and plan.data.variable(name).level is not Level.NOMINAL


def _matrix(plan: RelatePlan, result: RelateResult, notes: tuple[Note, ...]) -> TableSheet:
    grouped = has_groups(plan.groupings)
    rows: list[Row] = []
    for cell in result.cells:
        if grouped:
            rows.append(Row(group_label(cell.group, several=True)))
        rows += _triangle(cell, plan, indent=int(grouped))
    numbers = [Head(say("variable_number", k=str(k + 1))) for k in range(len(plan.names))]
    heads = (
        Head(say("head_variable")),
        Head(say("head_n")),
        Head(say("symbol_mean")),
        Head(say("symbol_sd")),
        *numbers,
    )
    return TableSheet(_title(plan), (heads,), tuple(rows), notes)


def row_key(name: str, cell: RelateCell) -> str:
    return f"{name} @ {cell.group.key}" if cell.group.key else name


def _triangle(cell: RelateCell, plan: RelatePlan, *, indent: int) -> list[Row]:
    rows = []
    for place, name in enumerate(plan.names):
        row = row_key(name, cell)
        behind = Behind(" · ".join((name, *cell.group.labels)), cell.group.named, valid=(name,))
        values: list[Text] = [(count_cell(cell.valid[name], row=row, column="n", behind=behind, statistic="n"),)]
        values += [_measure(name, key, cell, plan) for key in ("mean", "sd")]
        values += [_coefficient(cell.pair(name, other), cell, plan) for other in plan.names[:place]]
        values.append(_diagonal(name, cell, row))
        values += [()] * (len(plan.names) - place - 1)
        stub = say("numbered_variable", k=str(place + 1), name=titled(plan.data.variable(name)))
        rows.append(Row(stub, tuple(values), indent=indent, about=About(name, cell.group.labels)))
        if plan.request.settings["intervals"] and place:
            rows.append(_interval_row(name, place, cell, plan, indent + 1))
    return rows


def _diagonal(name: str, cell: RelateCell, row: str) -> Text:
    """A dash; for a composite its alpha, where that is asked for."""
    alpha = cell.alphas.get(name)
    if alpha is None:
        return (Run("—"),)
    return say("in_round_brackets", value=Cell(alpha, Kind.COEFFICIENT, row=row, column="alpha"))


def _measure(name: str, key: str, cell: RelateCell, plan: RelatePlan) -> Text:
    """M or SD of a variable; nothing where a mean would mean nothing."""
    source = cell.means if key == "mean" else cell.deviations
    variable = plan.data.variable(name)
    if name not in source or variable.level is Level.NOMINAL:
        return ()
    asked = plan.request.settings["decimals"]
    decimals = variable.decimals if asked is None else asked
    precision = Precision(plan.data.measured_decimals(name), cell.spreads.get(name, math.nan))
    behind = Behind(" · ".join((name, *cell.group.labels)), cell.group.named, valid=(name,))
    row = row_key(name, cell)
    return (Cell(source[name], Kind.MEASURE, decimals, precision, row, key, statistic=key, behind=behind),)


def _coefficient(pair: Pair, cell: RelateCell, plan: RelatePlan) -> Text:
    first, second = sorted((pair.a, pair.b), key=plan.names.index)
    words = " · ".join((f"{first} and {second}", *cell.group.labels))
    behind = Behind(words, cell.group.named, valid=(first, second, *plan.given))
    made = Cell(pair.coefficient, Kind.COEFFICIENT, row=row_key(second, cell), column=first, behind=behind)
    mark = stars(pair.p_adjusted)
    return (made, Run(mark)) if mark else (made,)


def _rectangle(plan: RelatePlan, result: RelateResult, notes: tuple[Note, ...]) -> TableSheet:
    """The subjects in rows, the variables they are related to in columns."""
    grouped = has_groups(plan.groupings)
    rows: list[Row] = []
    for cell in result.cells:
        if grouped:
            rows.append(Row(group_label(cell.group, several=True)))
        for name in plan.subjects:
            values = [_coefficient(cell.pair(name, other), cell, plan) for other in plan.columns]
            title = titled(plan.data.variable(name))
            rows.append(Row(title, tuple(values), indent=int(grouped), about=About(name, cell.group.labels)))
            if plan.request.settings["intervals"]:
                level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
                ends = [_interval(cell.pair(name, o), row_key(o, cell), f"{name}/") for o in plan.columns]
                rows.append(Row(say("head_interval", level=level), tuple(ends), indent=int(grouped) + 1))
    heads = (Head(say("head_variable")), *(Head(titled(plan.data.variable(name))) for name in plan.columns))
    return TableSheet(_title(plan), (heads,), tuple(rows), notes)


def _interval_row(name: str, place: int, cell: RelateCell, plan: RelatePlan, indent: int) -> Row:
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    values: list[Text] = [(), (), ()]
    for other in plan.names[:place]:
        values.append(_interval(cell.pair(name, other), row_key(name, cell), f"{other}/"))
    values += [()] * (len(plan.names) - place)
    return Row(say("head_interval", level=level), tuple(values), indent=indent)


def _interval(pair: Pair, row: str, column: str) -> Text:
    low, high = (
        Cell(value, Kind.COEFFICIENT, row=row, column=f"{column}{side}")
        for side, value in (("low", pair.low), ("high", pair.high))
    )
    return say("interval", low=low, high=high)


def _ranked(plan: RelatePlan, result: RelateResult, notes: tuple[Note, ...]) -> TableSheet:
    """Strongest first; what has no coefficient comes last."""
    grouped = has_groups(plan.groupings)
    mixed = len({pair.method for cell in result.cells for pair in cell.pairs}) > 1
    rows: list[Row] = []
    for cell in result.cells:
        if grouped:
            rows.append(Row(group_label(cell.group, several=True)))
        for pair in sorted(cell.pairs, key=_strength, reverse=True):
            rows.append(_ranked_row(pair, cell, plan, mixed=mixed, indent=int(grouped)))
    method = result.cells[0].pairs[0].method
    symbol = say("head_coefficient") if mixed else say(COEFFICIENTS[method].symbol)
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    middle = (Head(say("head_method")),) if mixed else ()
    interval = Head(say("head_interval", level=level))
    heads = (Head(say("head_variable")), Head(say("head_n")), *middle, Head(symbol), interval, Head(say("head_p")))
    return TableSheet(_title(plan), (heads,), tuple(rows), notes)


def _ranked_row(pair: Pair, cell: RelateCell, plan: RelatePlan, *, mixed: bool, indent: int) -> Row:
    name = pair.b if pair.a == plan.against else pair.a
    row = row_key(name, cell)
    words = " · ".join((f"{pair.a} and {pair.b}", *cell.group.labels))
    behind = Behind(words, cell.group.named, valid=(pair.a, pair.b, *plan.given))
    values: list[Text] = [(count_cell(pair.n, row=row, column="n", behind=behind, statistic="n"),)]
    if mixed:
        values.append(say(COEFFICIENTS[pair.method].short))
    values.append((Cell(pair.coefficient, Kind.COEFFICIENT, row=row, column="coefficient", behind=behind),))
    values.append(_interval(pair, row, ""))
    values.append((Cell(pair.p_adjusted, Kind.P, row=row, column="p"),))
    return Row(titled(plan.data.variable(name)), tuple(values), indent=indent, about=About(name, cell.group.labels))


def _strength(pair: Pair) -> float:
    return abs(pair.coefficient) if isinstance(pair.coefficient, float) else -1.0


def _text(plan: RelatePlan, result: RelateResult) -> Text:
    """The strongest relations in words, as far as they can be told apart.

    Only relations that the test beside them does not leave to chance are named, only some of several, only coefficients of
    one kind against each other, and none where one is hidden.
    """
    if plan.request.settings["agreement"]:
        return sentences(list(agreement_text(plan, result)))
    said = []
    for cell in result.cells:
        known = [pair for pair in cell.pairs if isinstance(pair.coefficient, float)]
        if len({pair.method for pair in known}) != 1 or any(isinstance(p.coefficient, Hidden) for p in cell.pairs):
            continue
        ranked = sorted(known, key=_strength, reverse=True)
        sizes = [round(_strength(pair), SEEN) for pair in ranked]
        certain = sum(_is_certain(pair) for pair in ranked)
        most = min(MOST_NAMED, len(sizes) - 1, certain)
        named = next((k for k in range(most, 0, -1) if sizes[k - 1] > sizes[k]), 0)
        if not named or not all(_is_certain(pair) for pair in ranked[:named]):
            if len(ranked) == 1 and cell.group.named == () and not isinstance(ranked[0].p_adjusted, Hidden):
                said.append(say("relation_alone", pair=_named(ranked[0], cell, plan)))
            continue
        if cell.group.labels:
            template = "in_the_closest_relation_was" if named == 1 else "in_the_closest_relations_were"
        else:
            template = "the_closest_relation_was_between" if named == 1 else "the_closest_relations_were_between"
        parts = in_a_row([_named(pair, cell, plan) for pair in ranked[:named]])
        group = named_group(cell.group, plan.data)
        said.append(claim("closest", [sizes[:named], sizes[named:]], template, list=parts, group=group))
    return sentences(said)


def _is_certain(pair: Pair) -> bool:
    """Whether the p that is printed is below .05, as computed and as printed."""
    p = pair.p_adjusted
    return isinstance(p, float) and p < SIGNIFICANT and round(p, 3) < SIGNIFICANT


def _named(pair: Pair, cell: RelateCell, plan: RelatePlan) -> Text:
    a, b = (titled(plan.data.variable(name)) for name in (pair.a, pair.b))
    first, second = sorted((pair.a, pair.b), key=plan.names.index)
    row = row_key(second, cell)
    value = Cell(pair.coefficient, Kind.COEFFICIENT, row=row, column=first)
    p = p_words(
        pair.p_adjusted if isinstance(pair.p_adjusted, float) else Undefined("p_missing"),
        row=row,
        column=f"{first}/p",
        adjusted=plan.request.settings["adjust"] != "none",
    )
    symbol = say(COEFFICIENTS[pair.method].symbol)
    if pair.method == "pearson" and isinstance(pair.n, int) and pair.n > 2 + len(plan.given):
        free = pair.n - 2 - len(plan.given) if pair.df is None else pair.df
        df = count_cell(free, row=row, column=f"{first}/df")
        return say("pair_with_coefficient_and_df", a=a, b=b, symbol=symbol, df=df, value=value, p=p)
    return say("pair_with_coefficient", a=a, b=b, symbol=symbol, value=value, p=p)


def _margin(plan: RelatePlan, result: RelateResult) -> tuple[MarginNote, ...]:
    if plan.request.settings["hide_below"]:
        return ()
    if plan.request.settings["agreement"]:
        return ()
    notes = []
    for cell in result.cells:
        small = [pair for pair in cell.pairs if isinstance(pair.n, int) and 0 < pair.n < FEW_FOR_TESTS]
        if small:
            says = say("n_a_coefficient_of_so", n=count_cell(small[0].n))
            notes.append(MarginNote("number_of_cases", small[0].b, cell.group.labels, says))
        same = [pair for pair in cell.pairs if pair.method == "pearson" and _strength(pair) >= NEAR_COPY]
        for pair in same[:2]:
            says = say("and_say_the_same_thing", a=pair.a, b=pair.b)
            notes.append(MarginNote("same_thing", pair.b, cell.group.labels, says))
    if plan.data.times is None and plan.data.n_rows <= pairs.MOST_CASES and not plan.given:
        notes += _of_pairs(plan, result)
    return tuple(notes[:MOST_NOTES])


def _of_pairs(plan: RelatePlan, result: RelateResult) -> list[MarginNote]:
    """What single cases and bent relations do to correlations, group by group."""
    notes: list[MarginNote] = []
    by_group = {cell.group: cell for cell in result.cells}
    for grouping in plan.groupings:
        for place, group in enumerate(grouping.groups[:MOST_NOTES]):
            cell = by_group[group]
            strong = [pair for pair in cell.pairs if _strength(pair) < NEAR_COPY]
            notes += pairs.carried(strong, grouping.codes, place, group.labels, plan)
            notes += pairs.bent(strong, grouping.codes, place, group.labels, plan)
    return notes


def numbers(plan: RelatePlan, result: RelateResult) -> Iterator[Cell]:
    """Every number that a text may quote, whether or not it is shown."""
    for cell in result.cells:
        if plan.request.settings["agreement"]:
            yield from agreement_numbers(cell, plan)
        for pair in cell.pairs:
            yield from cells_in(_named(pair, cell, plan))
    for text in compared_notes(plan, result):
        yield from cells_in(text)
