"""Histograms of a `describe` result as a figure sheet: a panel per variable and group."""

from __future__ import annotations

from istrel.exhibits.describe.notes import general_notes
from istrel.exhibits.describe.resolve import DescribePlan
from istrel.exhibits.describe.result import DescribeResult, HistogramCell
from istrel.exhibits.describe.title import title_of
from istrel.exhibits.sheet import FigureSheet, HistogramPanel, Note, plain
from istrel.problem import Problem

MOST_PANELS = 24
Y_TITLES = {"count": "Cases", "percent": "Cases, %", "proportion": "Proportion of cases", "density": "Density"}


def figure_sheet(plan: DescribePlan, result: DescribeResult) -> FigureSheet:
    """The figure of a sentence.

    Raises
    ------
    Problem
        When no case has a value, or there are more panels than a page holds.
    """
    if not any(cell.n for cell in result.drawings):
        raise Problem(f"“{plan.subjects[0].name}” has no number in any case in use, so there is nothing to draw.")
    if plan.form != "histogram":
        return FigureSheet(
            title_of(plan), (), "", plan.form, False, False, tuple(general_notes(plan, result)), title_of(plan)
        )
    drawn = [cell for cell in result.drawings if isinstance(cell, HistogramCell) and cell.n]
    if len(drawn) > MOST_PANELS:
        raise Problem(
            f"This makes {len(drawn)} histograms; a figure holds {MOST_PANELS}. Name fewer variables or groups."
        )
    word = drawn[0].stat
    cumulative = bool(plan.request.settings.cumulative)
    notes = [*general_notes(plan, result), *_own_notes(drawn)]
    return FigureSheet(
        title=title_of(plan),
        panels=tuple(_panel(cell, plan, several=len(drawn) > 1) for cell in drawn),
        y_title=("Cumulative " + Y_TITLES[word][0].lower() + Y_TITLES[word][1:]) if cumulative else Y_TITLES[word],
        height_word=word,
        cumulative=cumulative,
        shared_y=len(plan.subjects) == 1,
        notes=tuple(notes),
        alt=_alt(drawn, plan),
    )


def _panel(cell: HistogramCell, plan: DescribePlan, *, several: bool) -> HistogramPanel:
    variable = plan.data.variable(cell.variable)
    label = " · ".join(cell.group.labels) or ("Total" if several and any(g.names for g in plan.groupings) else "")
    return HistogramPanel(
        variable=cell.variable,
        groups=cell.group.named,
        label=label,
        x_title=variable.title_with_unit,
        n=cell.n,
        edges=cell.edges,
        counts=cell.counts,
        heights=cell.heights,
        curve=cell.curve,
        density=cell.density,
        closed=plan.request.settings.closed or "left",
    )


def _own_notes(drawn: list[HistogramCell]) -> list[Note]:
    notes = []
    if any(cell.curve for cell in drawn):
        notes.append(
            Note(
                "general",
                plain("The dashed line is the normal curve with the mean and standard deviation of the cases shown."),
            )
        )
    if any(cell.density for cell in drawn):
        notes.append(
            Note("general", plain("The solid line is a Gaussian kernel density with Silverman’s (1986) bandwidth."))
        )
    outside = sum(cell.outside for cell in drawn)
    if outside:
        notes.append(
            Note("general", plain(f"{outside:,} value{'s lie' if outside > 1 else ' lies'} outside the class limits."))
        )
    return notes


def _alt(drawn: list[HistogramCell], plan: DescribePlan) -> str:
    """Where the fullest class lies in each panel: what an eye takes from a histogram first."""
    parts = []
    for cell in drawn:
        top = int(cell.counts.argmax())
        where = f" in {' · '.join(cell.group.labels)}" if cell.group.labels else ""
        title = plan.data.variable(cell.variable).title_with_unit
        parts.append(
            f"Histogram of {title}{where}, n = {cell.n:,}: values from {cell.edges[0]:g} to {cell.edges[-1]:g}, "
            f"most often from {cell.edges[top]:g} to {cell.edges[top + 1]:g} ({int(cell.counts[top]):,} cases)."
        )
    return " ".join(parts)
