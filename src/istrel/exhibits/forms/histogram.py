"""Histograms: bars over class intervals that all groups of a variable share, with the normal curve and the density over them."""

from __future__ import annotations

from collections.abc import Hashable, Sequence
from dataclasses import replace
from typing import Protocol

import numpy as np
from numpy.typing import NDArray

from istrel.english import english
from istrel.exhibits.cases import Group
from istrel.exhibits.contracts import Counts, Form, Json, Plan
from istrel.exhibits.exchange import finite, groups, number
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.forms.class_working import explain_class
from istrel.exhibits.forms.classes import classes_words
from istrel.exhibits.forms.common import arrangement, check_drawn, is_log, key_of, n_cell, told_of
from istrel.exhibits.forms.curves import bandwidth_words
from istrel.exhibits.forms.histogram_cells import ARRANGED, HistogramCell, draw, labels_of, seen_edges
from istrel.exhibits.forms.histogram_panels import panels_of
from istrel.exhibits.ledger import Ledger, number_of
from istrel.exhibits.table import Note, general
from istrel.exhibits.text import Cell, Count, Hidden, Text, joined, say, sentences
from istrel.exhibits.wording import has_groups, value_cell
from istrel.problem import Problem
from istrel.sentence.settings import Settings
from istrel.style.numbers import Kind

Array = NDArray[np.float64]


class Outside(Protocol):
    """What may have values outside its classes."""

    @property
    def group(self) -> Group: ...

    @property
    def outside(self) -> Count: ...


def figure(plan: Plan, drawings: tuple[HistogramCell, ...], title: Text, notes: tuple[Note, ...]) -> FigureSheet:
    """The figure in its arrangement.

    Raises
    ------
    Problem
        When there is nothing to draw, more panels than a page holds, or an arrangement that does not fit.
    """
    arranged = arrangement(plan, "panels", ARRANGED) if has_groups(plan.groupings) else "panels"
    check_drawn(drawings if arranged == "panels" else drawings[:1], plan, "histogram")
    if arranged == "mirrored" and any(len(g.groups) != 2 for g in plan.groupings):
        at, length = plan.request.settings.place_of("arrange")
        raise Problem(english("Back to back stand two groups; there are others here."), at=at, length=length)
    if arranged == "stacked" and plan.request.settings["cumulative"]:
        raise Problem(english("Cumulative bars cannot be stacked; leave cumulative or the arrangement out."))
    said = plan.request.settings
    numbers = tuple(number for cell in drawings for number in _numbers(cell))
    return FigureSheet(
        title,
        panels_of(plan, drawings, arranged),
        (*notes, *general(_own_notes(drawings, said, plan, arranged))),
        _alt(drawings, plan),
        numbers,
        size=said["size"] or "",
        beside=arranged == "overlaid",
    )


def _numbers(cell: HistogramCell) -> list[Cell]:
    """The bars as keyed numbers, to be compared when the figure is made again."""
    row, edges = key_of(cell.variable, cell.group), cell.edges.tolist()
    return [
        Cell(float(height), Kind.MEASURE, row=row, column=f"{low!r} to {high!r}")
        for low, high, height in zip(edges, edges[1:], cell.heights.tolist(), strict=False)
        if np.isfinite(height)
    ]


def _own_notes(drawings: tuple[HistogramCell, ...], said: Settings, plan: Plan, arranged: str) -> list[Text]:
    texts: list[Text] = []
    if any(cell.curve for cell in drawings):
        texts.append(say("normal_curve_of_logarithms" if is_log(plan) else "the_dashed_line_is_the"))
    curve = next((cell.density for cell in drawings if cell.density is not None), None)
    if curve is not None:
        how = bandwidth_words(said)
        texts.append(say("the_solid_line_is_a", how=how))
    if arranged == "mirrored":
        texts.append(say("bars_of_one_group_run"))
    if is_log(plan):
        texts.append(say("the_axis_is_logarithmic_classes"))
    outside = outside_total(drawings)
    if outside:
        texts.append(outside_note(outside, log=is_log(plan) and said["edges"] is None))
    return texts


def outside_note(outside: int, *, log: bool = False) -> Text:
    """How many values are in no class, and why."""
    if log:
        return say("value_is_not_above_0" if outside == 1 else "values_are_not_above_0", n=outside)
    one = "value_lies_outside_the_class"
    return say(one if outside == 1 else "values_lie_outside_the_class", n=outside)


def outside_total(cells: Sequence[Outside]) -> int:
    """Values outside the class limits, each once: of the total where there is one, else over the groups of the first grouping."""
    total = [cell for cell in cells if not cell.group.named]
    first = tuple(name for name, _ in cells[0].group.named) if cells else ()
    counted = total or [cell for cell in cells if tuple(name for name, _ in cell.group.named) == first]
    return sum(cell.outside for cell in counted if isinstance(cell.outside, int))


def methods(plan: Plan, drawings: tuple[HistogramCell, ...]) -> Text:
    """How the classes were found, as it was really done."""
    said = plan.request.settings
    ways = list(dict.fromkeys(cell.decided_by for cell in drawings))
    texts = [say("histograms_use", how=joined([classes_words(way, said) for way in ways]))] if ways else []
    curve = next((cell.density for cell in drawings if cell.density is not None), None)
    if curve is not None:
        texts.append(say("densities_use_a_gaussian_kernel", how=bandwidth_words(said)))
    return sentences(texts)


def _alt(drawings: tuple[HistogramCell, ...], plan: Plan) -> Text:
    """Where the fullest class lies in each panel, unless some are hidden: what an eye takes from a histogram first."""
    parts: list[Text] = []
    labels: dict[tuple[str, bytes], list[Text]] = {}
    for cell in drawings:
        edges = seen_edges(cell, plan)
        said: dict[str, Text | Cell | int] = {
            **told_of(cell, plan),
            "n": n_cell(cell.n, cell.variable, cell.group),
            "from_": value_cell(edges[0], cell.variable, plan.data),
            "to": value_cell(edges[-1], cell.variable, plan.data),
        }
        shown = [count for count in cell.counts if not isinstance(count, Hidden)]
        if len(shown) < len(cell.counts):
            parts.append(say("histogram_of_n", **said))
            continue
        top = int(np.argmax(shown if cell.sum is None else np.nan_to_num(cell.heights, nan=-1.0)))
        key = (cell.variable, cell.edges.tobytes())  # groups share their classes
        if key not in labels:
            labels[key] = labels_of(cell, plan)
        parts.append(say("histogram_of_n_values_from", most=shown[top], class_=labels[key][top], **said))
    return sentences(parts)


def values(cell: HistogramCell) -> Json:
    """A drawing in the form of docs/exchange.md."""
    curve, over = cell.curve, cell.density
    entry = {
        "variable": cell.variable,
        "groups": groups(cell.group.named),
        "edges": cell.edges.tolist(),
        "counts": [number(count) for count in cell.counts],
        "heights": finite(cell.heights),
        "stat": cell.stat,
        **({} if cell.sum is None else {"weighted_n": number(cell.sum)}),
        "normal_curve": None if curve is None else {"mean": curve.mean, "sd": curve.sd, "scale": curve.scale},
    }
    if over is not None:
        entry["density_curve"] = {"x": over.x.tolist(), "y": over.y.tolist(), "bandwidth": over.bandwidth}
    return entry


def _enter(ledger: Ledger, place: int, cell: HistogramCell) -> None:
    """The counts of the bars, and of the values outside."""
    what = (cell.variable, "classes")
    bars: list[Hashable] = [("bar", k) for k in range(len(cell.counts))]
    for bar, count in zip(bars, cell.counts, strict=True):
        ledger.enter(("drawing", place, bar), what, [bar], cell.group, number_of(count))
    ledger.enter(("drawing", place, "outside"), what, ["outside"], cell.group, number_of(cell.outside))
    ledger.enter(("drawing", place, "n"), what, [*bars, "outside"], cell.group, number_of(cell.n))
    ledger.enter(("drawing", place, "missing"), what, ["gone"], cell.group, number_of(cell.missing))


def _hidden(ledger: Ledger, place: int, cell: HistogramCell) -> HistogramCell | None:
    """Bars that must not be shown have no height; nothing is left of a group whose n is hidden."""
    if ledger.is_hidden(("drawing", place, "n")):
        return None
    counts = tuple(ledger.shown(("drawing", place, ("bar", k)), count) for k, count in enumerate(cell.counts))
    gone = np.array([isinstance(count, Hidden) for count in counts])
    if cell.cumulative and gone.any():  # a sum up to each class would give the hidden ones away
        gone = np.logical_or(gone, np.append(gone[1:], False))
    return replace(
        cell,
        counts=counts,
        heights=np.where(gone, np.nan, cell.heights),
        missing=ledger.shown(("drawing", place, "missing"), cell.missing),
        outside=ledger.shown(("drawing", place, "outside"), cell.outside),
        median=cell.median if number_of(cell.n) >= 2 * ledger.below else None,
    )


FORM: Form[Plan, HistogramCell] = Form(
    figure=figure,
    methods=methods,
    values=values,
    counts=Counts(_hidden, _enter),
    explain=explain_class,
    draw=draw,
    weighted=True,
)
