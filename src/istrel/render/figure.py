"""Figures drawn by matplotlib at the size they print, from numbers that are already reduced."""

from __future__ import annotations

import io
from pathlib import Path
from typing import Any

import matplotlib as mpl
import numpy as np
from matplotlib import font_manager
from matplotlib.backends.backend_agg import FigureCanvasAgg
from matplotlib.backends.backend_pdf import FigureCanvasPdf
from matplotlib.backends.backend_svg import FigureCanvasSVG
from matplotlib.figure import Figure
from matplotlib.ticker import MaxNLocator

from istrel.exhibits.sheet import FigureSheet, HistogramPanel
from istrel.problem import Problem
from istrel.render.figure_layout import grid, panels_of, size_mm
from istrel.stats.binning import normal_curve
from istrel.style.fonts_folder import FONTS
from istrel.style.house import HouseStyle

CANVAS = {"png": FigureCanvasAgg, "pdf": FigureCanvasPdf, "svg": FigureCanvasSVG}
MM = 1 / 25.4
INK = "#1B1B1B"
CURVE_POINTS = 241

for _font in sorted(Path(FONTS).glob("*.ttf")):
    font_manager.fontManager.addfont(str(_font))
# Text stays text in SVG and PDF; nothing random or dated goes into a file, so the same figure is the same bytes.
mpl.rcParams.update({"svg.fonttype": "none", "pdf.fonttype": 42, "svg.hashsalt": "istrel", "path.simplify": False})
_MATH: dict[Any, Any] = {f"mathtext.{slant}": "Istrel Serif" for slant in ("rm", "sf", "tt", "cal", "bf", "bfit")}
mpl.rcParams.update({"mathtext.fontset": "custom", "mathtext.it": "Istrel Serif:italic", **_MATH})


def draw(sheet: FigureSheet, style: HouseStyle, ending: str, *, dpi: float | None = None, clear: bool = False) -> bytes:
    """The figure as a file: "png", "pdf" or "svg", at its true size.

    Parameters
    ----------
    dpi
        Dots per inch of a PNG; the style's by default.
    clear
        Without a background, for laying it on paper of another colour.
    """
    if not sheet.panels:
        raise Problem(f"“as {sheet.height_word}” is not drawn yet; its numbers can be had as .json.")
    figure = build(sheet, style)
    if clear:
        figure.patch.set_alpha(0.0)
    canvas = CANVAS[ending](figure)
    out = io.BytesIO()
    dated: dict[str, dict[str, Any]] = {
        "pdf": {"CreationDate": None, "ModDate": None, "Title": sheet.title},
        "svg": {"Date": None, "Title": sheet.title},
        "png": {"Software": "Istrel"},
    }
    options: dict[str, Any] = {"metadata": dated[ending]}
    if ending == "png":
        figure.set_dpi(dpi or style.figure.dpi)
    getattr(canvas, f"print_{ending}")(out, **options)
    return out.getvalue()


def build(sheet: FigureSheet, style: HouseStyle) -> Figure:
    """The matplotlib figure, laid out by hand: one pass, no automatic layout."""
    width, height = size_mm(sheet, style)
    columns, _ = grid(len(sheet.panels))
    places = panels_of(sheet, style)
    point = style.fonts.figure_pt
    with mpl.rc_context({"font.family": [style.fonts.proof, "DejaVu Serif"], "font.size": point}):
        figure = Figure(figsize=(width * MM, height * MM))
        top_height = max((_top(p) for p in sheet.panels), default=1.0)
        same_x = len({panel.variable for panel in sheet.panels}) == 1
        for place, panel in enumerate(sheet.panels):
            left, top, wide, tall, low, high = places[place]
            box = (left / width, 1 - (top + tall) / height, wide / width, tall / height)
            axes = figure.add_axes(box, facecolor="none")
            axes.set_xlim(low, high)
            last = place + columns >= len(sheet.panels)
            _histogram(axes, panel, sheet, style, ceiling=top_height if sheet.shared_y else _top(panel))
            _dress(axes, panel, sheet, point, x_title=last or not same_x, y_title=place % columns == 0)
    return figure


def _top(panel: HistogramPanel) -> float:
    """The highest point of bars and curve."""
    peak = float(panel.heights.max(initial=0.0))
    if panel.curve:
        peak = max(peak, panel.curve.scale / (panel.curve.sd * float(np.sqrt(2 * np.pi))))
    if panel.density:
        peak = max(peak, float(panel.density.y.max()))
    return peak or 1.0


def _histogram(axes: Any, panel: HistogramPanel, sheet: FigureSheet, style: HouseStyle, ceiling: float) -> None:
    edges = panel.edges
    colour = style.figure.palette[0]
    axes.stairs(panel.heights, edges, fill=True, facecolor=_tint(colour), edgecolor="none")
    axes.vlines(edges[1:-1], 0, np.minimum(panel.heights[:-1], panel.heights[1:]), color="white", linewidth=0.5)
    axes.stairs(panel.heights, edges, color=colour, linewidth=0.7)
    if panel.curve:
        x = np.linspace(edges[0], edges[-1], CURVE_POINTS)
        y = normal_curve(x, panel.curve.mean, panel.curve.sd, scale=panel.curve.scale, cumulative=sheet.cumulative)
        axes.plot(x, y, color=INK, linewidth=1.0, dashes=(4, 1.6))
    if panel.density:
        inside = (panel.density.x >= edges[0]) & (panel.density.x <= edges[-1])
        axes.plot(panel.density.x[inside], panel.density.y[inside], color=style.figure.palette[1], linewidth=1.2)
    peak = float(panel.heights.max(initial=0.0)) if sheet.cumulative else ceiling
    axes.set_ylim(0, 1.06 * (peak or 1.0))


def _tint(colour: str) -> tuple[float, float, float]:
    """The colour at 55 % over white paper: prints lighter than the curve in greyscale."""
    r, g, b = (int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5))
    return (0.45 + 0.55 * r, 0.45 + 0.55 * g, 0.45 + 0.55 * b)


def _dress(axes: Any, panel: HistogramPanel, sheet: FigureSheet, point: float, *, x_title: bool, y_title: bool) -> None:
    """Axis lines, ticks and titles."""
    for side in ("top", "right"):
        axes.spines[side].set_visible(False)
    for side in ("left", "bottom"):
        axes.spines[side].set_linewidth(0.6)
        axes.spines[side].set_color(INK)
    axes.tick_params(width=0.6, length=2.5, color=INK, labelcolor=INK, pad=2)
    axes.yaxis.set_major_locator(MaxNLocator(5, integer=sheet.height_word == "count"))
    for axis in (axes.xaxis, axes.yaxis):
        axis.set_major_formatter(lambda value, _: f"{value:,.10g}".replace("-", "−"))
    if x_title:
        axes.set_xlabel(panel.x_title, fontsize=point, color=INK, labelpad=3, parse_math=False)
    if y_title:
        axes.set_ylabel(sheet.y_title, fontsize=point, color=INK, labelpad=4, parse_math=False)
    if panel.label:
        axes.set_title(panel.label, loc="left", fontsize=point, fontstyle="italic", color=INK, pad=4, parse_math=False)
    axes.text(
        1.0,
        1.02,
        f"$n$ = {panel.n:,}",
        transform=axes.transAxes,
        ha="right",
        va="bottom",
        fontsize=point - 0.5,
        color=INK,
    )
