"""A `relate` result in journal form: numbered variables, M and SD in front, the lower triangle with stars; or a ranked list."""

from __future__ import annotations

from istrel.exhibits.relate.resolve import RelatePlan
from istrel.exhibits.relate.result import Pair, RelateCell, RelateResult, Value
from istrel.exhibits.setting import MarginNote, Setting
from istrel.exhibits.sheet import (
    About,
    Behind,
    Cell,
    Compound,
    FigureSheet,
    Head,
    Note,
    Row,
    Run,
    TableSheet,
    Text,
    italic,
    plain,
)
from istrel.exhibits.words import cases_note, group_label, groups_words, has_groups, listed, p_words, ungrouped_note
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number

STARS = ((0.001, "***"), (0.01, "**"), (0.05, "*"))
SYMBOLS: dict[str, Text] = {
    "pearson": italic("r"),
    "spearman": plain("ρ"),
    "kendall": plain("τ"),
    "eta": plain("η"),
    "cramers_v": italic("V"),
}
METHODS = {
    "pearson": "Pearson’s r",
    "spearman": "Spearman’s rho (mid-ranks within the cases of each pair)",
    "kendall": "Kendall’s tau-b",
    "eta": "the correlation ratio eta",
    "cramers_v": "Cramér’s V corrected for bias (Bergsma, 2013)",
}


def typeset(plan: RelatePlan, result: RelateResult, style: HouseStyle) -> Setting:
    """The exhibit as a table of values (or the figure's numbers), with its words."""
    notes = _notes(plan, result)
    if plan.form != "table":
        title = _title(plan)
        return Setting(
            FigureSheet(title, (), "", plan.form, cumulative=False, shared_y=False, notes=notes, alt=title),
            _methods(plan, result),
            (),
        )
    sheet = _ranked(plan, result, notes) if plan.against else _matrix(plan, result, notes)
    return Setting(sheet, _methods(plan, result), _text(plan, result, style), _margin(result))


def _title(plan: RelatePlan) -> str:
    by = groups_words(plan.groupings, plan.data)
    names = [plan.data.variable(name).title for name in plan.subjects]
    if plan.against:
        title = f"Relations with {plan.data.variable(plan.against).title}"
    elif len(names) <= 3:
        title = f"Means, standard deviations and correlations of {listed(names)}"
    else:
        title = "Means, standard deviations and correlations among study variables"
    return f"{title}, by {by}" if by else title


def stars(p: Value) -> str:
    """The stars of a p-value."""
    if isinstance(p, Undefined):
        return ""
    return next((mark for limit, mark in STARS if p < limit), "")


def _matrix(plan: RelatePlan, result: RelateResult, notes: tuple[Note, ...]) -> TableSheet:
    grouped = has_groups(plan.groupings)
    rows: list[Row] = []
    for cell in result.cells:
        if grouped:
            rows.append(Row(plain(group_label(cell.group.labels, several=True))))
        rows += _triangle(cell, plan, indent=int(grouped))
    numbers = [Head(plain(str(k + 1))) for k in range(len(plan.names))]
    heads = (Head(plain("Variable")), Head(italic("n")), Head(italic("M")), Head(italic("SD")), *numbers)
    behind = (*([Behind()] * 3), *(Behind(valid=(name,)) for name in plan.names))
    return TableSheet(_title(plan), (heads,), tuple(rows), notes, behind)


def _triangle(cell: RelateCell, plan: RelatePlan, *, indent: int) -> list[Row]:
    rows = []
    for place, name in enumerate(plan.names):
        variable = plan.data.variable(name)
        decimals = plan.request.settings.decimals if plan.request.settings.decimals is not None else variable.decimals
        values: list[Cell | Compound] = [Cell(float(cell.valid[name]), Kind.COUNT)]
        for source in (cell.means, cell.deviations):
            values.append(
                Cell(source[name], Kind.MEASURE, decimals)
                if name in source and variable.level.value != "nominal"
                else Cell(None)
            )
        values += [_coefficient(cell.pair(name, other)) for other in plan.names[:place]]
        values.append(Cell("—"))
        values += [Cell(None)] * (len(plan.names) - place - 1)
        stub = plain(f"{place + 1}. {variable.title}")
        behind = Behind(cell.group.named, valid=(name,))
        rows.append(Row(stub, tuple(values), indent=indent, about=About(name, cell.group.labels), behind=behind))
    return rows


def _coefficient(pair: Pair) -> Cell | Compound:
    value = Cell(pair.coefficient, Kind.COEFFICIENT)
    mark = stars(pair.p_adjusted)
    return Compound("{}" + mark, (value,)) if mark else value


def _ranked(plan: RelatePlan, result: RelateResult, notes: tuple[Note, ...]) -> TableSheet:
    """Strongest first; what has no coefficient comes last."""
    grouped = has_groups(plan.groupings)
    mixed = len({pair.method for cell in result.cells for pair in cell.pairs}) > 1
    rows: list[Row] = []
    for cell in result.cells:
        if grouped:
            rows.append(Row(plain(group_label(cell.group.labels, several=True))))
        for pair in sorted(cell.pairs, key=_strength, reverse=True):
            name = pair.b if pair.a == plan.against else pair.a
            values: list[Cell | Compound] = [Cell(float(pair.n), Kind.COUNT)]
            if mixed:
                values.append(Cell(METHODS[pair.method].split(" (")[0].split(" corrected")[0]))
            limits = Compound("[{}, {}]", (Cell(pair.low, Kind.COEFFICIENT), Cell(pair.high, Kind.COEFFICIENT)))
            values += [Cell(pair.coefficient, Kind.COEFFICIENT), limits, Cell(pair.p_adjusted, Kind.P)]
            rows.append(
                Row(
                    plain(plan.data.variable(name).title),
                    tuple(values),
                    indent=int(grouped),
                    about=About(name, cell.group.labels),
                    behind=Behind(cell.group.named, valid=(pair.a, pair.b)),
                )
            )
    symbol = plain("Coefficient") if mixed else SYMBOLS[result.cells[0].pairs[0].method]
    level = f"{100 * (plan.request.settings.confidence or 0.95):g}% CI"
    middle = (Head(plain("Method")),) if mixed else ()
    heads = (Head(plain("Variable")), Head(italic("n")), *middle, Head(symbol), Head(plain(level)), Head(italic("p")))
    return TableSheet(_title(plan), (heads,), tuple(rows), notes)


def _strength(pair: Pair) -> float:
    return abs(pair.coefficient) if isinstance(pair.coefficient, float) else -1.0


def _notes(plan: RelatePlan, result: RelateResult) -> tuple[Note, ...]:
    texts = cases_note(result.cases)
    texts += [
        ungrouped_note([plan.data.variable(n).title for n in names], missing) for names, missing in result.ungrouped
    ]
    pairs = [pair for cell in result.cells for pair in cell.pairs]
    counts = [pair.n for pair in pairs]
    low, high = min(counts), max(counts)
    span = f"{low:,}" if low == high else f"from {low:,} to {high:,}"
    deletion = "Cases complete in all variables" if plan.deletion == "listwise" else "Pairwise deletion"
    texts.append(
        (Run(f"{deletion}, "), Run("n", italic=True), Run(f" {'=' if low == high else ''} {span}.".replace("  ", " ")))
    )
    methods = list(dict.fromkeys(pair.method for pair in pairs))
    texts.append(plain(f"Coefficients: {listed([METHODS[m].split(' (')[0] for m in methods])}."))
    if len(methods) > 1 and not plan.against:
        texts += _which(plan, pairs, methods)
    if any(cell.indefinite for cell in result.cells):
        texts.append(
            plain("Pairwise deletion made a matrix that is not positive definite; listwise deletion avoids it.")
        )
    found = sorted({pair.coefficient.reason for pair in pairs if isinstance(pair.coefficient, Undefined)})
    if found:
        texts.append(plain(f"A dash stands where a coefficient is not defined: {'; '.join(found)}."))
    if plan.request.settings.adjust not in (None, "none"):
        name = {"holm": "Holm, 1979", "bh": "Benjamini & Hochberg, 1995"}[plan.request.settings.adjust or "holm"]
        texts.append(plain(f"p adjusted for {len(pairs)} pairs ({name})."))
    notes = [Note("general", text) for text in texts]
    if not plan.against and any(stars(pair.p_adjusted) for pair in pairs):
        notes.append(Note("probability", _star_note(pairs)))
    return tuple(notes)


def _which(plan: RelatePlan, pairs: list[Pair], methods: list[str]) -> list[Text]:
    """Which pairs have which coefficient, by the numbers of the variables; the commonest is left unsaid."""
    common = max(methods, key=lambda m: sum(pair.method == m for pair in pairs))
    number = {name: k + 1 for k, name in enumerate(plan.names)}
    parts = []
    for method in methods:
        if method != common:
            places = dict.fromkeys(f"{number[p.b]}–{number[p.a]}" for p in pairs if p.method == method)
            parts.append(f"{_short(method)} for {', '.join(places)}")
    return [plain(f"{'; '.join(parts)}; {_short(common)} for all others.")]


def _short(method: str) -> str:
    return METHODS[method].split(" (")[0].removeprefix("the correlation ratio ").split(" corrected")[0].capitalize()


def _star_note(pairs: list[Pair]) -> Text:
    used = {stars(pair.p_adjusted) for pair in pairs}
    runs: list[Run] = []
    for limit, mark in reversed(STARS):
        if mark in used:
            runs += [Run(f"{mark}"), Run("p", italic=True), Run(f" < {f'{limit:g}'.lstrip('0')}. ")]
    runs[-1] = Run(runs[-1].text.rstrip())
    return tuple(runs)


def _methods(plan: RelatePlan, result: RelateResult) -> str:
    methods = list(dict.fromkeys(pair.method for cell in result.cells for pair in cell.pairs))
    said = [f"Relations are {listed([METHODS[m] for m in methods])}, with {plan.deletion} deletion of missing values."]
    if "pearson" in methods:
        said.append("Intervals of r use Fisher’s z.")
    if {"spearman", "kendall"} & set(methods):
        said.append("Intervals of rank correlations follow Bonett and Wright (2000).")
    return " ".join(said)


def _text(plan: RelatePlan, result: RelateResult, style: HouseStyle) -> Text:
    """The strongest relations in words."""
    runs: list[Run] = []
    for cell in result.cells:
        ranked = [p for p in sorted(cell.pairs, key=_strength, reverse=True) if isinstance(p.coefficient, float)][:3]
        if not ranked:
            continue
        where = f"In {' · '.join(cell.group.labels)}, the" if cell.group.labels else "The"
        runs.append(Run(f"{where} closest relation{'s were' if len(ranked) > 1 else ' was'} between "))
        for place, pair in enumerate(ranked):
            runs += (
                [Run(("; and between " if place == len(ranked) - 1 else "; between ") if place else "")]
                if place
                else []
            )
            a, b = (plan.data.variable(name).title for name in (pair.a, pair.b))
            assert isinstance(pair.coefficient, float)
            value = format_number(pair.coefficient, Kind.COEFFICIENT, style)
            runs += [
                Run(f"{a} and {b}, "),
                *SYMBOLS[pair.method],
                Run(f"({pair.n - 2:,})" if pair.method == "pearson" else ""),
            ]
            runs += [Run(f" = {value}, "), *p_words(pair.p_adjusted, style)]
        runs += [Run("."), Run(" ")]
    return tuple(run for run in runs[:-1] if run.text)


def _margin(result: RelateResult) -> tuple[MarginNote, ...]:
    notes = []
    for cell in result.cells:
        small = [pair for pair in cell.pairs if 0 < pair.n < 20]
        if small:
            notes.append(
                MarginNote(small[0].b, cell.group.labels, f"n = {small[0].n}: a coefficient of so few says little")
            )
        same = [
            p
            for p in cell.pairs
            if isinstance(p.coefficient, float) and abs(p.coefficient) > 0.99 and p.method == "pearson"
        ]
        notes += [
            MarginNote(pair.b, cell.group.labels, f"{pair.a} and {pair.b} say the same thing") for pair in same[:2]
        ]
    return tuple(notes)
