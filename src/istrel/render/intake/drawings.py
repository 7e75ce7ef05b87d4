"""The drawings of a first look as SVG: tiny shapes, histograms with an axis, the map of missing values."""

from __future__ import annotations

import numpy as np
from markupsafe import Markup

from istrel.data.patterns import MissingMap
from istrel.english import english
from istrel.exhibits.figure import Axis
from istrel.render.scene.axes import Scale, ticks
from istrel.study.report import Drawn

WIDE, TALL, BELOW, SIDE = 380.0, 120.0, 22.0, 26.0
TALL_PAGE = TALL + BELOW
MOST_TICKS = 6


def shape(heights: tuple[float, ...]) -> Markup:
    """A line of bars without an axis."""
    if not heights:
        return Markup("")
    width = 100 / len(heights)
    bars = "".join(
        f'<rect x="{place * width:.1f}" y="{20 - 19 * height:.1f}" width="{max(0.5, width - 1):.1f}" height="{19 * height:.1f}"/>'
        for place, height in enumerate(heights)
    )
    return Markup(f'<svg width="100" height="20" fill="#416f69" aria-hidden="true">{bars}</svg>')


def histogram(drawn: Drawn, name: str) -> Markup:
    """Classes over an axis with round values; pointing at a bar tells its limits and its count."""
    low, high, most = float(drawn.edges[0]), float(drawn.edges[-1]), int(drawn.counts.max())
    scale = Scale(low, high, SIDE, WIDE - SIDE)
    at = scale(drawn.edges)
    marks = ticks(Axis((), low, high, dates=drawn.dated), most=MOST_TICKS)
    bars = [
        _bar(
            float(left), float(right), count / most, f"{_tick(a, drawn, marks)} to {_tick(b, drawn, marks)}: {count:,}"
        )
        for left, right, a, b, count in zip(
            at, at[1:], drawn.edges, drawn.edges[1:], drawn.counts.tolist(), strict=False
        )
    ]
    labels = [
        Markup('<text x="{:.1f}" y="{:.1f}" text-anchor="middle">{}</text>').format(
            x, TALL + 16, _tick(value, drawn, marks)
        )
        for value, x in zip(marks, scale(np.array(marks)), strict=True)
    ]
    lines = "".join(f'<path d="M{x:.1f} {TALL:.1f}v4"/>' for x in scale(np.array(marks)))
    says = f"Histogram of {name}: {int(drawn.counts.sum()):,} values in {drawn.counts.size} classes; the fullest holds {most:,}."
    return Markup(
        '<svg xmlns="http://www.w3.org/2000/svg" class="drawing" viewBox="0 0 {w:.0f} {h:.0f}" role="img" aria-label="{says}">'
        '<g fill="#416f69">{bars}</g><g stroke="#8a9690" fill="none"><path d="M{a:.1f} {t:.1f}H{b:.1f}"/>{lines}</g>'
        '<g font-family="sans-serif" font-size="11" fill="#586660">{labels}</g></svg>'
    ).format(
        w=WIDE,
        h=TALL_PAGE,
        says=says,
        bars=Markup("").join(bars),
        a=SIDE,
        b=WIDE - SIDE,
        t=TALL,
        lines=Markup(lines),
        labels=Markup("").join(labels),
    )


def _bar(left: float, right: float, height: float, says: str) -> Markup:
    tall = height * (TALL - 6)
    return Markup('<rect x="{:.2f}" y="{:.2f}" width="{:.2f}" height="{:.2f}"><title>{}</title></rect>').format(
        left + 0.5, TALL - tall, max(0.6, right - left - 1), tall, says
    )


def _tick(value: float, drawn: Drawn, marks: list[float]) -> str:
    """A value of an axis: a day, month or year, or a number with the decimals that the steps need."""
    if drawn.dated:
        apart = marks[1] - marks[0] if len(marks) > 1 else 1
        return str(np.datetime64(round(value), "D"))[: 10 if apart < 28 else 7 if apart < 360 else 4]
    step = abs(marks[1] - marks[0]) if len(marks) > 1 else abs(value) or 1.0
    if abs(value) >= 1e6 or step < 1e-4:
        return f"{value:.3g}".replace("-", "−")
    places = max(0, *(len(f"{mark:.6f}".rstrip("0").split(".")[1]) for mark in marks), 0)
    return f"{value:,.{places}f}".replace("-", "−")


def missing_map(found: MissingMap) -> Markup:
    """Names over columns of stretches; runs of the same shade are one rectangle."""
    if not found.names:
        return Markup("")
    wide = max(6.0, min(24.0, 900 / len(found.names)))
    tall = 240 / found.shares.shape[0]
    marks = []
    for place in range(len(found.names)):
        shade = np.round(found.shares[:, place] * 8) / 8
        starts = np.flatnonzero(np.diff(shade, prepend=-1.0))
        for start, stop in zip(starts, [*starts[1:], shade.size], strict=True):
            if shade[start] > 0:
                marks.append(
                    f'<rect x="{place * wide:.1f}" y="{start * tall:.1f}" width="{wide - 1:.1f}" '
                    f'height="{(stop - start) * tall:.1f}" fill-opacity="{0.25 + 0.75 * shade[start]:.2f}"><title>'
                    + Markup("{}").format(found.names[place])
                    + "</title></rect>"
                )
    size = f'width="{wide * len(found.names):.0f}" height="240"'
    return Markup(f'<svg {size} fill="#c8391f" style="background:#f3f5f0" role="img">{"".join(marks)}</svg>')


def beyond(drawn: Drawn) -> str:
    """What is not drawn, in words."""
    if drawn.below and drawn.above:
        return english("Not drawn: {below:,} below, {above:,} above.", below=drawn.below, above=drawn.above)
    if drawn.below:
        return english("Not drawn: {below:,} below.", below=drawn.below)
    return english("Not drawn: {above:,} above.", above=drawn.above) if drawn.above else ""
