"""From a figure and a house style to shapes in millimetres: laid out once, painted by the window and printed alike."""

from istrel.render.scene.scene import make_scene, size_of
from istrel.render.scene.shapes import Circle, Letters, Polygon, Polyline, Rectangle, Scene

__all__ = ["Circle", "Letters", "Polygon", "Polyline", "Rectangle", "Scene", "make_scene", "size_of"]
