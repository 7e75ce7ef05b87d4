"""Scenes printed by matplotlib as PDF, SVG and PNG at their true size: artists straight on the sheet, no automatic layout."""

from __future__ import annotations

import io
from functools import cache, lru_cache, singledispatch
from importlib import import_module
from pathlib import Path
from typing import Any

import matplotlib as mpl
import numpy as np
from matplotlib import font_manager
from matplotlib.artist import Artist
from matplotlib.figure import Figure
from matplotlib.font_manager import FontProperties
from matplotlib.image import AxesImage
from matplotlib.lines import Line2D
from matplotlib.patches import PathPatch
from matplotlib.patches import Polygon as PolygonPatch
from matplotlib.patches import Rectangle as RectanglePatch
from matplotlib.path import Path as MarkerPath
from matplotlib.transforms import Affine2D

from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import plain_text, print_title
from istrel.render.fonts import Face
from istrel.render.scene import (
    CORNERS,
    Cloud,
    Letters,
    Polygon,
    Polyline,
    Raster,
    Rectangle,
    Scene,
    Strokes,
    make_scene,
)
from istrel.render.scene.shapes import PT, RING
from istrel.style.fonts_folder import FONTS
from istrel.style.house import HouseStyle

BACKENDS = {
    "png": ("agg", "FigureCanvasAgg"),
    "tif": ("agg", "FigureCanvasAgg"),
    "pdf": ("pdf", "FigureCanvasPdf"),
    "svg": ("svg", "FigureCanvasSVG"),
}
MM = 1 / 25.4
QUICK = 3  # of nine: half the time, a few hundredths larger

for _font in sorted(Path(FONTS).glob("*.ttf")):
    font_manager.fontManager.addfont(str(_font))
# Text stays text in SVG and PDF; nothing random or dated goes into a file, so the same figure is the same bytes.
mpl.rcParams.update(
    {
        "svg.fonttype": "none",
        "pdf.fonttype": 42,
        "svg.hashsalt": "istrel",
        "path.simplify": False,
        "text.hinting": "no_hinting",
    }
)


def _canvas(ending: str, figure: Figure) -> Any:
    """What writes a figure; each is imported when it is first wanted, for that of PDF is slow to import."""
    module, name = BACKENDS[ending]
    return getattr(import_module(f"matplotlib.backends.backend_{module}"), name)(figure)


@lru_cache(maxsize=32)
def draw(
    sheet: FigureSheet, style: HouseStyle, ending: str, *, dpi: float | None = None, outlines: bool = False
) -> bytes:
    """The figure as a file: "png", "tif", "pdf" or "svg", at its true size; the latest are remembered.

    Parameters
    ----------
    dpi
        Of a PNG or TIF; the style's by default.
    outlines
        True draws the letters of an SVG as shapes: for documents on machines without the font.
    """
    scene = make_scene(sheet, style)
    figure = _figure(scene)
    canvas = _canvas(ending, figure)
    title = print_title(sheet, style)
    out = io.BytesIO()
    said: dict[str, dict[str, Any]] = {
        "pdf": {"CreationDate": None, "ModDate": None, "Title": title, "Subject": plain_text(sheet.alt, style)},
        "svg": {"Date": None, "Title": title},
        "png": {"Software": "Istrel"},
    }
    options: dict[str, Any] = {"metadata": said[ending]} if ending in said else {}
    if ending in ("png", "tif"):
        figure.set_dpi(dpi or style.figure.dpi)
    if ending == "tif":
        options["pil_kwargs"] = {"compression": "tiff_lzw", "dpi": (figure.dpi, figure.dpi)}
    if ending == "png":
        options["pil_kwargs"] = {"compress_level": QUICK}
    with mpl.rc_context({"svg.fonttype": "path" if outlines else "none"}):
        getattr(canvas, f"print_{ending}")(out, **options)
    return out.getvalue()


def _figure(scene: Scene) -> Figure:
    """Every shape straight on the sheet, in millimetres from its upper left corner."""
    figure = Figure(figsize=(scene.width * MM, scene.height * MM))
    millimetres = Affine2D().scale(1 / scene.width, -1 / scene.height).translate(0, 1) + figure.transFigure
    for order, shape in enumerate(scene.shapes):
        artist = _artist(shape)
        artist.set_zorder(order)
        artist.set_transform(millimetres)
        artist.set_clip_box(figure.bbox)
        figure.add_artist(artist)
    return figure


@singledispatch
def _artist(shape: object) -> Any:
    raise TypeError(type(shape).__name__)


@_artist.register
def _(shape: Rectangle) -> Any:
    patch = RectanglePatch((shape.left, shape.top), shape.width, shape.height, facecolor=shape.fill or "none")
    patch.set_edgecolor(shape.edge or "none")
    patch.set_linewidth(shape.line / PT if shape.edge else 0.0)
    return patch


@_artist.register
def _(shape: Polyline) -> Any:
    line = Line2D(shape.points[:, 0], shape.points[:, 1], color=shape.colour, linewidth=shape.line / PT)
    line.set_solid_capstyle("butt")
    line.set_dash_capstyle("butt")
    line.set_solid_joinstyle("miter")
    if shape.dash:
        line.set_linestyle((0, tuple(length / shape.line for length in shape.dash)))
    return line


@_artist.register
def _(shape: Strokes) -> Any:
    # One path for all of them: some readers draw path by path.
    codes = np.tile((MarkerPath.MOVETO, MarkerPath.LINETO), len(shape.ends))
    path = MarkerPath(np.reshape(shape.ends, (-1, 2)), codes)
    made = PathPatch(path, facecolor="none", edgecolor=shape.colour, linewidth=shape.line / PT)
    made.set_capstyle("butt")
    return made


@_artist.register
def _(shape: Polygon) -> Any:
    return PolygonPatch(shape.points, closed=True, facecolor=shape.fill, edgecolor="none", linewidth=0)


@_artist.register
def _(shape: Cloud) -> Any:
    made = Line2D(shape.points[:, 0], shape.points[:, 1], linestyle="none")
    reach, radius = 1.0, shape.radius / PT
    if shape.kind in ("circle", "ring"):
        made.set_marker("o")
    else:
        corners = CORNERS[shape.kind] * (1, -1)  # markers are drawn upwards
        reach = float(abs(corners).max())
        made.set_marker(MarkerPath(corners, closed=False))
    made.set_markersize(2 * radius * reach)
    made.set_markerfacecolor("none" if shape.kind == "ring" else shape.fill)
    made.set_markeredgecolor(shape.fill if shape.kind == "ring" else "none")
    made.set_markeredgewidth(RING * radius if shape.kind == "ring" else 0.0)
    return made


@_artist.register
def _(shape: Raster) -> Any:
    ends = (shape.left, shape.left + shape.width, shape.top + shape.height, shape.top)
    made = AxesImage(None, extent=ends, origin="upper", interpolation="nearest")  # type: ignore[arg-type]
    made.set_data(shape.pixels)
    return made


class Words(Artist):
    """Letters at their place: where each run stands is known already, so nothing is laid out again."""

    def __init__(self, shape: Letters) -> None:
        super().__init__()
        self._shape = shape

    def draw(self, renderer: Any) -> None:
        shape = self._shape
        x, y = self.get_transform().transform((shape.x, shape.y))
        if renderer.flipy():
            y = renderer.get_canvas_width_height()[1] - y
        pen = renderer.new_gc()
        pen.set_foreground(shape.colour)
        font = _font_properties(shape.face, shape.size_pt)
        renderer.draw_text(pen, x, y, shape.text, font, 90 if shape.upright else 0, ismath=False, mtext=None)
        pen.restore()


@_artist.register
def _(shape: Letters) -> Any:
    return Words(shape)


@cache
def _font_properties(face: Face, size_pt: float) -> FontProperties:
    known = next((entry for entry in font_manager.fontManager.ttflist if entry.fname == face.path), None)
    if known is None:
        return FontProperties(fname=face.path, size=size_pt)
    made = FontProperties(family=known.name, weight=known.weight, size=size_pt)
    made.set_style(known.style)  # type: ignore[arg-type]  # a word from the font file itself
    return made
