"""How the numbers of `count` come about: levels of frequency tables, answers of a set, and cross-tables with their sums."""

from __future__ import annotations

import numpy as np

from istrel.exhibits.text import Cell, Text, say
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult, CrossCell, with_sums
from istrel.exhibits.verbs.count.sets import SetCell
from istrel.exhibits.verbs.count.table_tests_working import explain_table
from istrel.exhibits.verbs.count.words import fit_row
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.exhibits.verbs.frequency_working import counted, explain_level, share, summed, wilson_limit
from istrel.exhibits.verbs.table_working import MOST_CELLS
from istrel.exhibits.wording import titled
from istrel.exhibits.working import Line, Working, shown
from istrel.style.numbers import Kind

LETTERS = {"row": "letter_row", "column": "letter_column", "total": "letter_total"}


def explain(plan: CountPlan, result: CountResult, cell: Cell) -> Working | None:
    """The working of a count, a percentage or what stands under it; None for what is hidden, and limits of weighted shares."""
    confidence = plan.request.settings["confidence"]
    for found in result.cells:
        match found:
            case FrequencyCell():
                made = explain_level([found], cell, confidence, plan.data) or _of_fit(found, cell)
            case SetCell():
                made = _of_answer(found, cell, confidence)
            case _:
                made = explain_table(found, cell, plan) or _crossed(found, cell, plan)
        if made is not None:
            return made
    return None


def _of_fit(found: FrequencyCell, cell: Cell) -> Working | None:
    """Chi-square against expected shares, and what stands beside it; None for an exact p."""
    fit = found.fit
    if fit is None or cell.row != fit_row(found) or not isinstance(found.n, int):
        return None
    counts = [level.count for level in found.levels if isinstance(level.count, int)]
    if cell.column == "N":
        return Working(say("means_n_of_table", value=cell), "N", " + ".join(map(str, counts)))
    if cell.column == "df":
        return Working(say("means_df", value=cell), "k − 1", f"{len(counts)} − 1", (f"k = {len(counts)}",))
    if not isinstance(fit.statistic, float) or len(counts) != len(fit.expected) or len(counts) > MOST_CELLS:
        return None
    expected = [share * found.n for share in fit.expected]
    steps: tuple[Line, ...] = tuple(
        f"E({k}) = {shown(share)} × {found.n} = {shown(e)}"
        for k, (share, e) in enumerate(zip(fit.expected, expected, strict=True), start=1)
    )
    terms = " + ".join(f"({count} − {shown(e)})^2 ÷ {shown(e)}" for count, e in zip(counts, expected, strict=True))
    if cell.column == "chi_square":
        return Working(say("means_chi_square_of_fit", value=cell), "Σ(count − E)² ÷ E", terms, steps)
    if cell.column != "p" or fit.exact:
        return None
    known = (*steps, f"χ² = {terms} = {shown(fit.statistic)}", f"df = {fit.df}", say("step_chi_square"))
    return Working(say("means_p_of_fit", value=cell), "Q(χ²; df)", f"Q({shown(fit.statistic)}; {fit.df})", known)


def _of_answer(found: SetCell, cell: Cell, confidence: float) -> Working | None:
    """The cases that gave an answer, of all cases with any known, and of all answers."""
    of, _, what = cell.column.rpartition("/")
    if of != found.group.key or not isinstance(cell.value, float | int):
        return None
    if cell.row == f"{found.variable}: none":
        count, name, weighed = found.none, say("none_named"), None
    else:
        answer = next((one for one in found.answers if cell.row == f"{found.variable}: {one.name}"), None)
        if answer is None:
            return None
        count, name, weighed = answer.count, answer.label, answer.weighed
    if what == "n":
        return counted(cell, name, count, found.n)
    if found.weighted_n is not None:
        return (
            None
            if weighed is None or what != "percent_of_cases"
            else _weighed(cell, name, weighed.sum, found.weighted_n)
        )
    if what in ("low", "high"):
        return wilson_limit(cell, name, count, found.n, confidence)
    of_what, letter = (found.n, "letter_cases") if what == "percent_of_cases" else (found.given, "letter_answers")
    return share(cell, name, count, of_what, say(letter))


def _weighed(cell: Cell, name: Text, part: float, whole: float) -> Working:
    """A share of the sum of weights."""
    steps = say("step_weight"), say("step_weight_of_those", value=shown(part)), f"Σw = {shown(whole)}"
    return Working(
        say("means_share", value=cell, name=name),
        say("formula_weighted_share"),
        f"100 × {shown(part)} ÷ {shown(whole)}",
        steps,
    )


def _crossed(table: CrossCell, cell: Cell, plan: CountPlan) -> Working | None:
    """The working of a cell of a cross-table, its margins included: its count, its share, what is expected, and the residual."""
    place = table.place_of(cell.row, cell.column.rpartition("/")[0])
    if table.hidden is not None or not isinstance(cell.value, float | int) or place is None:
        return None
    i, j = place
    what = cell.column.rpartition("/")[2]
    if what == "n":
        return _count(table, cell, i, j, plan)
    if what == "%":
        return _share(table, cell, i, j, plan)
    if (
        what not in ("expected", "residual")
        or table.weighted is not None
        or i == len(table.row_values)
        or j == len(table.column_values)
    ):
        return None
    return _beside_chance(table, cell, i, j, what)


def _name(table: CrossCell, i: int, j: int) -> Text | None:
    """What the cases of a cell are called: by their row, or by their column where the row is the margin; None of all cases."""
    if i < len(table.row_values):
        return table.row_labels[i]
    return table.column_labels[j] if j < len(table.column_values) else None


def _count(table: CrossCell, cell: Cell, i: int, j: int, plan: CountPlan) -> Working:
    full, name = table.with_margins, _name(table, i, j)
    if i < len(table.row_values) and j < len(table.column_values):
        return counted(cell, table.row_labels[i], int(full[i, j]), int(full[-1, j]))
    parts = table.counts[i].tolist() if i < len(table.row_values) else full[:-1, j].tolist()
    if name is None:
        return summed(cell, titled(plan.data.variable(table.row)), parts)
    return Working(
        say("means_count", value=cell, n=Cell(float(full[-1, -1]), Kind.COUNT), name=name),
        say("letter_count"),
        " + ".join(map(str, parts)),
        (f"n = {int(full[-1, -1])}",),
    )


def _share(table: CrossCell, cell: Cell, i: int, j: int, plan: CountPlan) -> Working | None:
    percent = plan.request.settings["percent"] or "column"
    at = {"row": (i, -1), "column": (-1, j), "total": (-1, -1)}[percent]
    name = _name(table, i, j) or titled(plan.data.variable(table.row))
    if table.weighted is not None:
        sums = with_sums(table.weighted)
        return _weighed(cell, name, float(sums[i, j]), float(sums[at])) if sums[at] else None
    full = table.with_margins
    return share(cell, name, int(full[i, j]), int(full[at]), say(LETTERS[percent]))


def _beside_chance(table: CrossCell, cell: Cell, i: int, j: int, what: str) -> Working | None:
    """How many cases were to be expected of two variables that have nothing to do with each other, and how far the count is off."""
    full = table.with_margins
    count, row, column, n = (int(full[at]) for at in ((i, j), (i, -1), (-1, j), (-1, -1)))
    if not n or not np.isfinite(cell.value if isinstance(cell.value, float | int) else np.nan):
        return None
    named: dict[str, Text | Cell] = {"value": cell, "row": table.row_labels[i], "column": table.column_labels[j]}
    sums: tuple[Line, ...] = (
        say("step_letter", letter=say("letter_row"), n=str(row)),
        say("step_letter", letter=say("letter_column"), n=str(column)),
        f"N = {n}",
    )
    if what == "expected":
        return Working(say("means_expected", **named), say("formula_expected"), f"{row} × {column} ÷ {n}", sums)
    expected = f"{row} × {column} ÷ {n}"
    worth = shown(float(table.expected[i, j]))
    spread = f"√({worth} × (1 − {row} ÷ {n}) × (1 − {column} ÷ {n}))"
    steps = (say("step_count", n=str(count)), *sums, f"E = {expected} = {worth}")
    return Working(say("means_residual", **named), say("formula_residual"), f"({count} − {worth}) ÷ {spread}", steps)
