"""The notes, methods and results words of `count`."""

from __future__ import annotations

from istrel.exhibits.count.resolve import CountPlan
from istrel.exhibits.count.result import CountResult, CrossCell, FrequencyCell
from istrel.exhibits.printing import print_cell
from istrel.exhibits.sheet import Cell, Note, Run, Text, plain
from istrel.exhibits.words import group_label, listed, p_words
from istrel.stats.association import SMALL_SHARE
from istrel.stats.estimates import Undefined
from istrel.style.house import HouseStyle
from istrel.style.numbers import Kind, format_number


def frequency_notes(plan: CountPlan, cells: list[FrequencyCell]) -> list[Note]:
    """What a reader must know: classes, what lies outside them, what is hidden, rounding."""
    texts: list[str] = []
    outside = sum(cell.outside for cell in cells)
    if outside:
        texts.append(f"{outside:,} value{'s lie' if outside > 1 else ' lies'} outside the class limits.")
    if plan.request.settings.missing == "hide" and any(cell.missing for cell in cells):
        texts.append(f"Missing: {sum(cell.missing for cell in cells):,}.")
    if any(level.count is None for cell in cells for level in cell.levels):
        texts.append(
            f"Counts below {plan.request.settings.hide_below}, and those from which they could be worked out, are not shown."
        )
    if any(_does_not_add_up(cell) for cell in cells):
        texts.append("Percentages may not add to 100 because of rounding.")
    return [Note("general", plain(text)) for text in texts]


def _does_not_add_up(cell: FrequencyCell) -> bool:
    shares = [level.valid_percent for level in cell.levels if isinstance(level.valid_percent, float)]
    whole = cell.n > 0 and cell.outside == 0 and len(shares) == len(cell.levels)
    return whole and abs(sum(round(share, 1) for share in shares) - 100) > 0.05


def test_notes(cell: CrossCell, plan: CountPlan, style: HouseStyle, *, named: bool) -> list[Note]:
    """Chi-square, Fisher's exact test and association, as they are reported."""
    runs: list[Run] = []
    if named:
        about = " · ".join([plan.data.variable(cell.row).title, *cell.group.labels])
        runs.append(Run(f"{about}: "))
    runs += test_words(cell, style)
    if plan.request.settings.percent:
        of = {"row": "row", "column": "column", "total": "all cases"}[plan.request.settings.percent]
        runs.append(Run(f" Percentages are of the {of}."))
    if cell.missing:
        runs.append(Run(f" {cell.missing:,} case{'s' if cell.missing > 1 else ''} without both values left out."))
    if cell.chi_square.small > SMALL_SHARE:
        runs.append(Run(f" {100 * cell.chi_square.small:.0f}% of expected counts are below 5."))
    if cell.hidden.any():
        runs.append(Run(f" Counts below {plan.request.settings.hide_below} and what would reveal them are not shown."))
    return [Note("general", tuple(runs))]


def test_words(cell: CrossCell, style: HouseStyle) -> list[Run]:
    """ "χ²(2, N = 604) = 3.21, p = .201, V = .07." and Fisher's p for a 2 × 2 table."""
    chi = cell.chi_square
    if isinstance(chi.statistic, Undefined) or isinstance(chi.p, Undefined):
        reason = chi.statistic.reason if isinstance(chi.statistic, Undefined) else ""
        return [Run(f"No test: {reason}.")]
    runs = [Run(f"χ²({chi.df}, "), Run("N", italic=True)]
    runs += [Run(f" = {cell.n:,}) = {format_number(chi.statistic, Kind.STATISTIC, style)}, "), *p_words(chi.p, style)]
    if isinstance(cell.fisher, float):
        runs += [Run("; Fisher’s exact "), *p_words(cell.fisher, style)]
    v = cell.association.cramers_v_corrected
    if isinstance(v, float):
        runs += [
            Run("; Cramér’s "),
            Run("V", italic=True),
            Run(f" = {print_cell(Cell(v, Kind.COEFFICIENT), style)} (bias-corrected)"),
        ]
    if isinstance(cell.association.gamma, float):
        runs.append(Run(f"; γ = {print_cell(Cell(cell.association.gamma, Kind.COEFFICIENT), style)}"))
    return [*runs, Run(".")]


def methods(plan: CountPlan, result: CountResult) -> str:
    """Sentences that name each definition used."""
    said = []
    if plan.against:
        said.append("Independence was tested by Pearson’s chi-square; adjusted residuals follow Haberman (1973).")
        said.append("Association is Cramér’s V, corrected for bias (Bergsma, 2013).")
        if any(isinstance(cell, CrossCell) and isinstance(cell.fisher, float) for cell in result.cells):
            said.append("Fisher’s exact test is two-sided.")
    else:
        said.append("Percentages of valid cases have Wilson (1927) intervals.")
    closed = next((cell.closed for cell in result.cells if isinstance(cell, FrequencyCell) and cell.closed), "")
    if closed:
        said.append(f"Class intervals are closed on the {closed}.")
    return " ".join(said)


def results_text(plan: CountPlan, result: CountResult, style: HouseStyle) -> Text:
    """The most frequent values, or what goes with what, in plain words."""
    runs: list[Run] = []
    for cell in result.cells:
        runs += (
            _frequency_words(cell, plan, style) if isinstance(cell, FrequencyCell) else _cross_words(cell, plan, style)
        )
    return tuple(runs[:-1] if runs and runs[-1].text == " " else runs)


def _frequency_words(cell: FrequencyCell, plan: CountPlan, style: HouseStyle) -> list[Run]:
    shown = [level for level in cell.levels if level.count is not None and level.values]
    if not cell.n or not shown:
        return []
    title = " × ".join(plan.data.variable(name).title for name in cell.variables)
    where = f" in {group_label(cell.group.labels, several=True)}" if cell.group.labels else ""
    ranked = sorted(shown, key=lambda level: -(level.count or 0))[:2]
    parts = []
    for level in ranked:
        share = print_cell(Cell(level.valid_percent, Kind.PERCENT), style)
        parts.append(f"{level.label} ({share}%, n = {format_number(level.count or 0, Kind.COUNT, style)})")
    return [Run(f"Most frequent for {title}{where}: {listed(parts)}."), Run(" ")]


def _cross_words(cell: CrossCell, plan: CountPlan, style: HouseStyle) -> list[Run]:
    row, column = (plan.data.variable(name).title for name in (cell.row, cell.column))
    where = f" in {group_label(cell.group.labels, several=True)}" if cell.group.labels else ""
    chi = cell.chi_square
    if isinstance(chi.p, Undefined):
        return []
    related = "was related to" if chi.p < 0.05 else "was not clearly related to"
    return [Run(f"{row} {related} {column}{where}, "), *test_words(cell, style), Run(" ")]
