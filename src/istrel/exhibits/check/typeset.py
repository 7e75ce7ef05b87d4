"""A `check` result as a table: n, tests, skewness, kurtosis and the reading; tests of the set in the note."""

from __future__ import annotations

from istrel.exhibits.check.reading import chosen_test, shape_words
from istrel.exhibits.check.resolve import CheckPlan
from istrel.exhibits.check.result import CheckCell, CheckResult, SetCell
from istrel.exhibits.setting import MarginNote, Setting
from istrel.exhibits.sheet import (
    About,
    Behind,
    Cell,
    FigureSheet,
    Head,
    Note,
    Row,
    Run,
    Sheet,
    TableSheet,
    Text,
    italic,
    plain,
)
from istrel.exhibits.words import cases_note, group_label, groups_words, has_groups, listed, p_words, ungrouped_note
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number

COLUMNS: tuple[tuple[str, Text], ...] = (
    ("shapiro_wilk", italic("W")),
    ("anderson_darling", (Run("A", italic=True), Run("²*"))),
    ("lilliefors", italic("D")),
)
NAMES = {
    "shapiro_wilk": "Shapiro–Wilk",
    "anderson_darling": "Anderson–Darling",
    "lilliefors": "Lilliefors",
    "mardia_skewness": "Mardia’s skewness",
    "mardia_kurtosis": "Mardia’s kurtosis",
    "henze_zirkler": "Henze–Zirkler",
}


def typeset(plan: CheckPlan, result: CheckResult, style: HouseStyle) -> Setting:
    """The exhibit as a table of values (or the figure's numbers), with its words."""
    cells = [cell for cell in result.cells if isinstance(cell, CheckCell)]
    sets = [cell for cell in result.cells if isinstance(cell, SetCell)]
    notes = tuple(Note("general", text) for text in _notes(plan, result, cells, sets, style))
    return Setting(_sheet(plan, cells, notes), _methods(plan, sets), _text(plan, cells, style), _margin(cells))


def _title(plan: CheckPlan) -> str:
    names = [plan.data.variable(name).title for name in plan.subjects]
    what = listed(names) if len(names) <= 3 else f"{len(names)} variables"
    by = groups_words(plan.groupings, plan.data)
    kind = "Quantile plot" if plan.form == "quantile plot" else "Normality"
    return f"{kind} of {what}" + (f" by {by}" if by else "")


def _sheet(plan: CheckPlan, cells: list[CheckCell], notes: tuple[Note, ...]) -> Sheet:
    title = _title(plan)
    if plan.form != "table":
        return FigureSheet(title, (), "", plan.form, cumulative=False, shared_y=False, notes=notes, alt=title)
    grouped = has_groups(plan.groupings)
    rows: list[Row] = []
    for name in plan.subjects:
        mine = [cell for cell in cells if cell.variable == name]
        label = plan.data.variable(name).title
        if not grouped:
            rows.append(Row(plain(label), _values(mine[0]), about=About(name), behind=Behind(valid=(name,))))
            continue
        if len(plan.subjects) > 1:
            rows.append(Row(plain(label), about=About(name)))
        for cell in mine:
            stub = plain(group_label(cell.group.labels, several=True))
            rows.append(
                Row(
                    stub,
                    _values(cell),
                    indent=int(len(plan.subjects) > 1),
                    about=About(name, cell.group.labels),
                    behind=Behind(cell.group.named, valid=(name,)),
                )
            )
    heads = [Head(plain("Variable")), Head(italic("n"))]
    for _, symbol in COLUMNS:
        heads += [Head(symbol), Head(italic("p"))]
    heads += [Head(plain("Skewness")), Head(plain("Kurtosis")), Head(plain("Reading"))]
    spanners = [Head(()), Head(()), *(Head(plain(NAMES[key]), 2) for key, _ in COLUMNS), Head(()), Head(()), Head(())]
    return TableSheet(title, (tuple(spanners), tuple(heads)), tuple(rows), notes)


def _values(cell: CheckCell) -> tuple[Cell, ...]:
    made = [Cell(float(cell.n), Kind.COUNT)]
    for key, _ in COLUMNS:
        statistic, _, p = cell.tests[key]
        made += [Cell(statistic, Kind.STATISTIC, 3), Cell(p, Kind.P)]
    made += [Cell(cell.skewness, Kind.STATISTIC), Cell(cell.kurtosis, Kind.STATISTIC)]
    made.append(Cell(cell.reading.split(" ")[0] if cell.reading else Undefined("too few values")))
    return tuple(made)


def _notes(
    plan: CheckPlan, result: CheckResult, cells: list[CheckCell], sets: list[SetCell], style: HouseStyle
) -> list[Text]:
    texts = cases_note(result.cases)
    texts += [
        ungrouped_note([plan.data.variable(n).title for n in names], missing) for names, missing in result.ungrouped
    ]
    for cell in sets:
        texts.append(_set_words(cell, style))
    if plan.request.settings.adjust not in (None, "none"):
        many = f"{len(cells)} comparisons" if len(cells) > 1 else "one comparison"
        texts.append(plain(f"p adjusted for {many} ({_adjustment(plan)})."))
    found = sorted(
        {v.reason for cell in cells for key, _ in COLUMNS for v in cell.tests[key] if isinstance(v, Undefined)}
    )
    if found:
        texts.append(plain(f"A dash stands where a value is not defined: {'; '.join(found)}."))
    return texts


def _adjustment(plan: CheckPlan) -> str:
    return {"holm": "Holm, 1979", "bh": "Benjamini & Hochberg, 1995"}[plan.request.settings.adjust or "holm"]


def _set_words(cell: SetCell, style: HouseStyle) -> Text:
    where = f" in {' · '.join(cell.group.labels)}" if cell.group.labels else ""
    runs = [
        Run(f"The {len(cell.variables)} variables as a set{where} ("),
        Run("n", italic=True),
        Run(f" = {cell.n:,}): "),
    ]
    for key, test in cell.tests.items():
        if isinstance(test.statistic, Undefined) or isinstance(test.p, Undefined):
            reason = test.statistic.reason if isinstance(test.statistic, Undefined) else ""
            if len({str(other.statistic) for other in cell.tests.values()}) == 1:
                return (*runs, Run(f"not tested, {reason}."))
            runs.append(Run(f"{NAMES[key]} {reason}; "))
            continue
        runs += [
            Run(f"{NAMES[key]} {format_number(test.statistic, Kind.STATISTIC, style)}, "),
            *p_words(test.p, style),
            Run("; "),
        ]
    many = len(cell.remote)
    runs.append(Run(f"{many} remote case{'' if many == 1 else 's'} (p < .001)."))
    return tuple(runs)


def _methods(plan: CheckPlan, sets: list[SetCell]) -> str:
    said = [
        "Normality was tested by Shapiro and Wilk’s W (Royston, 1995), Anderson and Darling’s A²* (D’Agostino & Stephens, 1986) "
        "and Lilliefors' D (Dallal & Wilkinson, 1986).",
        "Skewness and kurtosis are the adjusted coefficients G1 and G2 (Joanes & Gill, 1998).",
    ]
    if sets:
        said.append(
            "Sets of variables were tested by Mardia’s (1970) skewness and kurtosis and by Henze and Zirkler (1990)."
        )
    if plan.form != "table":
        said.append("Quantile plots use Blom’s positions.")
    return " ".join(said)


def _text(plan: CheckPlan, cells: list[CheckCell], style: HouseStyle) -> Text:
    runs: list[Run] = []
    for cell in cells:
        test = chosen_test(cell.tests)
        if not test:
            continue
        title = plan.data.variable(cell.variable).title
        where = f" in {' · '.join(cell.group.labels)}" if cell.group.labels else ""
        words = shape_words(cell.skewness, cell.kurtosis)
        statistic, _, p = cell.tests[test]
        symbol = "W" if test == "shapiro_wilk" else "A²*"
        shown = format_number(statistic, Kind.STATISTIC, style, 3) if isinstance(statistic, float) else ""
        runs += [
            Run(f"{title}{where} showed a shape {_shape(cell.reading)} ({words}), "),
            Run(symbol, italic=True),
            Run(f" = {shown}, "),
        ]
        runs += [*p_words(p, style), Run("."), Run(" ")]
    return tuple(runs[:-1])


def _shape(reading: str) -> str:
    return reading if reading.startswith("consistent") else f"with a {reading}"


def _margin(cells: list[CheckCell]) -> tuple[MarginNote, ...]:
    """Few or many cases, and more humps than one."""
    notes = []
    for cell in cells:
        if cell.humps is not None and len(cell.humps) > 1:
            where = " and ".join(f"{hump:,.3g}" for hump in cell.humps)
            notes.append(
                MarginNote(
                    cell.variable, cell.group.labels, f"{len(cell.humps)} humps, at {where}: one mean hides them"
                )
            )
        notes += [MarginNote(cell.variable, cell.group.labels, remark) for remark in cell.remarks]
    return tuple(notes[:8])
