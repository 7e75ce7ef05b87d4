"""How statistics are headed in a table, and which kind of number each is."""

from __future__ import annotations

from istrel.exhibits.describe.result import MeasuredCell
from istrel.exhibits.sheet import Cell, Head, Run, Text, italic, plain
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.style.numbers import Kind

HEADS: dict[str, Text] = {
    "n": italic("n"),
    "missing": plain("Missing"),
    "sum": plain("Sum"),
    "mean": italic("M"),
    "sd": italic("SD"),
    "variance": (Run("s", italic=True), Run("²")),
    "se": italic("SE"),
    "ci_low": italic("LL"),
    "ci_high": italic("UL"),
    "trimmed_mean": (Run("M", italic=True), Run(" trimmed")),
    "median": italic("Mdn"),
    "mode": plain("Mode"),
    "mode_count": plain("Mode count"),
    "q1": (Run("Q", italic=True), Run("1")),
    "q3": (Run("Q", italic=True), Run("3")),
    "iqr": italic("IQR"),
    "min": plain("Min"),
    "max": plain("Max"),
    "range": plain("Range"),
    "mad": italic("MAD"),
    "mean_abs_dev": plain("Mean abs. dev."),
    "cv": (Run("CV", italic=True), Run(", %")),
    "skewness": plain("Skewness"),
    "skewness_se": (Run("SE", italic=True), Run(" skew.")),
    "kurtosis": plain("Kurtosis"),
    "kurtosis_se": (Run("SE", italic=True), Run(" kurt.")),
    "geometric_mean": plain("Geom. mean"),
    "harmonic_mean": plain("Harm. mean"),
    "lowest": plain("Lowest (case)"),
    "highest": plain("Highest (case)"),
    "outliers": plain("Outliers"),
}
MOST_MODES = 3
COUNTS = {"n", "missing", "mode_count"}
SHAPES = {"skewness", "skewness_se", "kurtosis", "kurtosis_se"}
AS_RECORDED = {"min", "max", "range", "mode", "sum"}
BETWEEN_RECORDED = {"median", "q1", "q3", "iqr", "mad"}


def cell_of(key: str, cell: MeasuredCell, decimals: int | None) -> Cell:
    """The table cell of one statistic.

    Whole-number data keep whole minimum, maximum, range and mode, and at most one decimal of the median: more decimals
    would claim a precision that the data do not have.
    """
    value = cell.statistics[key]
    if key == "outliers":
        return Cell(float(len(value)), Kind.COUNT) if isinstance(value, tuple) else Cell(value, Kind.COUNT)
    if isinstance(value, tuple) and value and isinstance(value[0], CaseValue):
        return Cell("; ".join(f"{v.value:g} ({v.row})" for v in value if isinstance(v, CaseValue)))
    plain_value = tuple(v for v in value if isinstance(v, float)) if isinstance(value, tuple) else value
    if key == "mode" and isinstance(plain_value, tuple) and len(plain_value) > MOST_MODES:
        return Cell(f"{len(plain_value)} modes")
    if key in COUNTS:
        return Cell(plain_value, Kind.COUNT)
    if key in SHAPES:
        return Cell(plain_value, Kind.STATISTIC)
    if key == "cv":
        return Cell(plain_value, Kind.PERCENT)
    if cell.whole and key in AS_RECORDED:
        return Cell(plain_value, Kind.MEASURE, 0)
    if cell.whole and key in BETWEEN_RECORDED:
        return Cell(plain_value, Kind.MEASURE, min(1, 1 if decimals is None else decimals))
    return Cell(plain_value, Kind.MEASURE, decimals)


def paired_heads(shown: tuple[str, ...], confidence: float) -> tuple[list[Head], list[Head]]:
    """(spanners, heads) of the statistics; the two limits of an interval, side by side, stand under one spanner."""
    spanners: list[Head] = []
    place = 0
    while place < len(shown):
        if shown[place : place + 2] == ("ci_low", "ci_high"):
            spanners.append(Head(plain(f"{100 * confidence:g}% CI"), span=2))
            place += 2
        else:
            spanners.append(Head(()))
            place += 1
    return spanners, [Head(HEADS[key]) for key in shown]


def reasons(cells: list[MeasuredCell], shown: tuple[str, ...]) -> list[str]:
    """Why dashes stand in the table, each reason once."""
    found = {c.statistics[k].reason for c in cells for k in shown if isinstance(c.statistics.get(k), Undefined)}  # type: ignore[union-attr]
    return sorted(found)
