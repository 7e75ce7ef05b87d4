"""From a figure and a house style to shapes in millimetres: laid out once, painted by the window and printed alike."""

from istrel.render.scene.layout import width_of
from istrel.render.scene.scene import make_scene, scales_of
from istrel.render.scene.shapes import CORNERS, Cloud, Letters, Polygon, Polyline, Raster, Rectangle, Scene, Strokes

__all__ = [
    "CORNERS",
    "Cloud",
    "Letters",
    "Polygon",
    "Polyline",
    "Raster",
    "Rectangle",
    "Scene",
    "Strokes",
    "make_scene",
    "scales_of",
    "width_of",
]
