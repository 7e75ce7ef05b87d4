"""The note under a `describe` exhibit, its methods sentences and its results paragraph, from the result alone."""

from __future__ import annotations

from istrel.exhibits.describe.resolve import DescribePlan
from istrel.exhibits.describe.result import CategoryCell, DescribeResult, MeasuredCell
from istrel.exhibits.describe.symbols import cell_of, reasons
from istrel.exhibits.printing import print_cell
from istrel.exhibits.sheet import Cell, Note, Run, Text, plain
from istrel.exhibits.words import cases_note, ungrouped_note
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number


def general_notes(plan: DescribePlan, result: DescribeResult) -> tuple[Note, ...]:
    """What a reader must know to read the numbers: cases, missing values, definitions, dashes."""
    texts = [*_case_notes(plan, result), *_missing_notes(plan, result)]
    if any(isinstance(cell, CategoryCell) for cell in result.cells):
        texts += [plain("Percentages are of the valid cases.")]
    elif plan.form == "table":
        texts += _definitions(plan.shown)
        found = reasons([c for c in result.cells if isinstance(c, MeasuredCell)], plan.shown)
        if found:
            texts.append(plain(f"A dash stands where a value is not defined: {'; '.join(found)}."))
    return tuple(Note("general", text) for text in texts)


def _case_notes(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    left_out = [([plan.data.variable(name).title for name in names], missing) for names, missing in result.ungrouped]
    return [*cases_note(result.cases), *(ungrouped_note(names, missing) for names, missing in left_out)]


def _missing_notes(plan: DescribePlan, result: DescribeResult) -> list[Text]:
    """Values missing per variable, over the groups of its first grouping, with the reasons that are not blanks."""
    parts = []
    first = plan.groupings[0].names
    for subject in plan.subjects:
        if any(isinstance(c, CategoryCell) for c in result.cells if c.variable == subject.name):
            continue
        cells = [c for c in result.cells if c.variable == subject.name and tuple(n for n, _ in c.group.named) == first]
        count = sum(cell.missing for cell in cells)
        if count:
            parts.append(f"{plan.data.variable(subject.name).title} {count:,}{_why(subject.name, plan)}")
    return [plain(f"Values missing: {'; '.join(parts)}.")] if parts else []


def _why(name: str, plan: DescribePlan) -> str:
    missing = plan.data.numbers(name).missing.reasons
    found = {reason: int((mask & plan.cases.mask).sum()) for reason, mask in missing.items()}
    words = {"text": "text among numbers", "blank": "blank", "infinite": "infinite"}
    said = [f"{count:,} {words.get(reason, f'coded {reason}')}" for reason, count in found.items() if count]
    return f" ({', '.join(said)})" if said and set(found) - {"blank"} else ""


def _definitions(shown: tuple[str, ...]) -> list[Text]:
    texts: list[Text] = []
    if "skewness" in shown or "kurtosis" in shown:
        which = [name for name in ("skewness", "kurtosis") if name in shown]
        verb = "are the adjusted coefficients" if len(which) == 2 else "is the adjusted coefficient"
        names = {"skewness": "G1", "kurtosis": "G2, excess"}
        symbols = "; ".join(names[name] for name in which)
        texts.append(plain(f"{' and '.join(which).capitalize()} {verb} ({symbols})."))
    short = {
        "ci_low": "CI = confidence interval; LL and UL = its lower and upper limits",
        "median": "Mdn = median",
        "iqr": "IQR = interquartile range",
        "mad": "MAD = median absolute deviation",
        "cv": "CV = coefficient of variation",
    }
    said = [text for key, text in short.items() if key in shown]
    if said:
        texts.append(plain(f"{'; '.join(said)}."))
    return texts


def methods(plan: DescribePlan) -> str:
    """Sentences that name each definition used, for the methods section."""
    shown = set(plan.shown) if plan.form == "table" else set()
    said = []
    measured = any(subject.treated == "numbers" for subject in plan.subjects)
    if measured and plan.form == "histogram":
        said.append(f"Histograms use {_classes(plan)}.")
    if measured and shown & {"sd", "variance", "se"}:
        said.append("Standard deviations use n − 1.")
    if shown & {"median", "q1", "q3", "iqr"} and measured:
        kind = plan.request.settings.quantiles or 7
        said.append(f"Quantiles are of type {kind} (Hyndman & Fan, 1996).")
    if shown & {"skewness", "kurtosis"} and measured:
        said.append("Skewness and kurtosis are the adjusted coefficients G1 and G2 (Joanes & Gill, 1998).")
    if shown & {"ci_low", "ci_high"} and measured:
        said.append("Confidence intervals of means are based on Student’s t distribution.")
    if any(subject.treated == "categories" for subject in plan.subjects):
        said.append("Percentages are of the valid cases.")
    return " ".join(said)


def _classes(plan: DescribePlan) -> str:
    said = plan.request.settings
    if said.edges:
        return "the class limits given"
    if said.width:
        return f"classes of width {said.width:g}"
    if said.bins:
        return f"{said.bins} classes of equal width"
    sources = {
        "scott": "Scott’s (1979) rule",
        "sturges": "Sturges' (1926) rule",
        "doane": "Doane’s (1976) rule",
        "square root": "the square-root rule",
        "whole numbers": "a class for each whole number",
    }
    rule = sources.get(said.rule or "", "the rule of Freedman and Diaconis (1981)")
    return rule if said.rule == "whole numbers" else f"class widths by {rule}, rounded"


def results_text(plan: DescribePlan, result: DescribeResult, style: HouseStyle) -> Text:
    """A results paragraph: groups compared in plain words, and what half of the cases do."""
    runs: list[Run] = []
    for subject in plan.subjects:
        for grouping in plan.groupings:
            cells = [
                cell
                for cell in result.cells
                if cell.variable == subject.name and tuple(n for n, _ in cell.group.named) == grouping.names
            ]
            measured = [c for c in cells if isinstance(c, MeasuredCell) and isinstance(c.statistics.get("mean"), float)]
            if measured:
                runs += _measured_words(measured, plan, style)
            runs += _counted_words([c for c in cells if isinstance(c, CategoryCell)], plan, style)
    return tuple(runs[:-1] if runs and runs[-1].text == " " else runs)


def _measured_words(cells: list[MeasuredCell], plan: DescribePlan, style: HouseStyle) -> list[Run]:
    title = plan.data.variable(cells[0].variable).title
    ranked = sorted(cells, key=_mean, reverse=True)
    high, low = ranked[0], ranked[-1]
    if len(cells) > 1:
        runs = [Run(f"{title} was highest on average in {_place(high)}, "), *_mean_words(high, plan, style)]
        runs += [Run(f", and lowest in {_place(low)}, "), *_mean_words(low, plan, style)]
    else:
        where = f" in {_place(high)}" if high.group.labels else ""
        runs = [Run(f"{title}{where} averaged "), *_mean_words(high, plan, style)]
    return [*runs, *_half_words(high, plan, style), Run("."), Run(" ")]


def _mean(cell: MeasuredCell) -> float:
    value = cell.statistics["mean"]
    return value if isinstance(value, float) else float("-inf")


def _place(cell: MeasuredCell) -> str:
    return " · ".join(cell.group.labels)


def _mean_words(cell: MeasuredCell, plan: DescribePlan, style: HouseStyle) -> list[Run]:
    decimals = plan.data.variable(cell.variable).decimals
    runs = [Run("M", italic=True), Run(f" = {print_cell(cell_of('mean', cell, decimals), style)}")]
    if isinstance(cell.statistics.get("sd"), float):
        runs += [Run(", "), Run("SD", italic=True), Run(f" = {print_cell(cell_of('sd', cell, decimals), style)}")]
    return [*runs, Run(", "), Run("n", italic=True), Run(f" = {format_number(cell.n, Kind.COUNT, style)}")]


def _half_words(cell: MeasuredCell, plan: DescribePlan, style: HouseStyle) -> list[Run]:
    low, high = cell.statistics.get("q1"), cell.statistics.get("q3")
    if not isinstance(low, float) or not isinstance(high, float):
        return []
    decimals = plan.data.variable(cell.variable).decimals
    limits = [print_cell(cell_of(key, cell, decimals), style) for key in ("q1", "q3")]
    where = f" of {_place(cell)}" if cell.group.labels else ""
    return [Run(f"; half of the cases{where} lay between {limits[0]} and {limits[1]}")]


def _counted_words(cells: list[CategoryCell], plan: DescribePlan, style: HouseStyle) -> list[Run]:
    runs: list[Run] = []
    for cell in cells:
        if not cell.n:
            continue
        most = max(cell.levels, key=lambda level: level.count)
        share = (
            ""
            if isinstance(most.valid_percent, Undefined)
            else print_cell(Cell(most.valid_percent, Kind.PERCENT), style)
        )
        where = f" in {' · '.join(cell.group.labels)}" if cell.group.labels else ""
        title = plan.data.variable(cell.variable).title
        runs += [Run(f"The most frequent value of {title}{where} was {most.label} ({share}%, ")]
        runs += [Run("n", italic=True), Run(f" = {format_number(most.count, Kind.COUNT, style)})."), Run(" ")]
    return runs
