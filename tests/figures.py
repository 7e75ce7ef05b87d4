"""Sentences for every form of figure in every arrangement that it has, on the demo study."""

from __future__ import annotations

from itertools import combinations

from istrel.render.scene import Letters, Scene
from istrel.render.scene.shapes import PT, Polygon, Polyline, Rectangle

FIGURES = (
    "describe age as histogram with mark = both, curve = both",
    "describe practice_min across format as histogram",
    "describe receptive_post across format as histogram with arrange = overlaid, curve = normal",
    "describe receptive_post across format as histogram with arrange = overlaid, outline = line, filled",
    "describe receptive_post across format as histogram with arrange = stacked, height = percent",
    "describe receptive_post across format as histogram with arrange = beside",
    "describe receptive_post across completed as histogram with arrange = mirrored, height = density",
    "describe reaction_ms as histogram with log = x",
    "describe absences, age across completed as histogram with cumulative",
    "describe age, practice_min, absences, receptive_pre across completed as density",
    "describe receptive_post as density with mark = humps, bounds = {-10, 100}",
    "describe receptive_post across format as density with arrange = ridges",
    "describe receptive_post across format as density with arrange = stacked, weight = size",
    "describe receptive_post across completed as density with arrange = panels, ends = data, mark = mean",
    "describe reaction_ms across completed as density with log = x, cumulative",
    "describe receptive_post across format as cumulative",
    "describe practice_min across format as cumulative with intervals, arrange = panels",
    "describe practice_min across completed as cumulative with intervals",
    "describe age, receptive_pre across format × completed as boxes with mark = mean, weight = size",
    "describe age across site × format as boxes",
    "describe practice_min across format, completed as boxes with points, whiskers = percentiles",
    "describe reaction_ms across format as boxes with log = y, whiskers = range, lying",
    "describe practice_min across format × completed as violins with mark = mean",
    "describe receptive_post across site as violins with points, weight = size",
    "describe receptive_post across format as points",
    "describe absences across education × completed as points with mark = median",
    "describe receptive_post across education × completed as means",
    "describe practice_min across format as means with interval = sd, points",
    "describe mot_01 .. mot_12 as means with interval = se",
    "describe receptive_pre, reaction_ms as means",
    "count site as bars",
    "count format, completed as bars with order = frequency",
    "count satisfaction across format as bars with intervals",
    "count education against format as bars with arrange = stacked",
    "describe employment across format as bars with arrange = panels, height = proportion",
    "count age as bars with width = 10",
    "describe mot_01 .. mot_12 as shares with sort",
    "count satisfaction across format as shares",
    "count site against format as shares",
    "count education against format as heat map",
    "count education against format across completed as heat map with residuals",
    "count site against format as heat map with percent = row",
    "relate all measured as heat map with order = similar",
    "relate age, absences, practice_min, receptive_pre across completed as heat map",
    "relate practice_min, receptive_post as scatter with fit = straight",
    "relate receptive_pre, receptive_post across format as scatter with fit = smooth",
    "relate practice_min, receptive_post across format × completed as scatter with bins = 20, minimum = 2",
    "relate reaction_ms, receptive_pre as scatter with bins = 25, points, log = x",
    "relate receptive_pre, receptive_post, spelling_speed, reaction_ms as grid",
    "relate receptive_pre, receptive_post, spelling_speed across completed as grid with fit = straight",
    "relate receptive_pre, receptive_post, spelling_speed as grid with bins = 15, fit = smooth",
    "check spelling_speed, receptive_post across format as quantile plot",
    "check receptive_post as quantile plot with band = simultaneous",
    "describe practice_min, receptive_pre, receptive_post, mot_01 .. mot_12, comment as missing map",
    "describe practice_min, receptive_pre, receptive_post as missing map with sort",
)


def box_of(text: Letters) -> tuple[float, float, float, float]:
    """(left, top, right, bottom) of the letters' bodies in mm."""
    tall = 0.62 * text.size_pt * PT
    if text.upright:
        return text.x - tall, text.y - text.width, text.x, text.y
    return text.x, text.y - tall, text.x + text.width, text.y


def assert_sound(scene: Scene) -> None:
    """No letters touch, nothing leaves the paper, no two panels stand on the same place."""
    texts = [shape for shape in scene.shapes if isinstance(shape, Letters)]
    boxes = [box_of(text) for text in texts]
    for text, (left, top, right, bottom) in zip(texts, boxes, strict=True):
        assert min(left, top, scene.width - right, scene.height - bottom) >= 0, text.text
    for (one, a), (other, b) in combinations(zip(texts, boxes, strict=True), 2):
        apart = a[2] <= b[0] + 0.05 or b[2] <= a[0] + 0.05 or a[3] <= b[1] + 0.05 or b[3] <= a[1] + 0.05
        assert apart, (one.text, other.text)
    for shape in scene.shapes:
        if isinstance(shape, Rectangle):
            assert min(shape.left, shape.top, scene.height - shape.top - shape.height) >= 0
        elif isinstance(shape, Polyline | Polygon):
            assert ((shape.points >= -0.01) & (shape.points <= (scene.width, scene.height))).all()
    fields = [(f.left, f.top, f.left + f.width, f.top + f.height) for f in scene.fields]
    for a, b in combinations(fields, 2):
        assert a[2] <= b[0] or b[2] <= a[0] or a[3] <= b[1] or b[3] <= a[1], "two panels stand on the same paper"
