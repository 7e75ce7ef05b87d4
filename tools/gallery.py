"""One page with every form of figure, drawn from the demo study: docs/screenshots/gallery.png."""

from __future__ import annotations

import sys
from pathlib import Path

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QImage, QPainter
from PySide6.QtWidgets import QApplication

from istrel.app import theme
from istrel.app.proof.scene_painter import paint_scene
from istrel.demo import CODEBOOK, LEARNERS
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import make_exhibit
from istrel.exhibits.printing import print_title
from istrel.render.scene import Scene, make_scene
from istrel.sentence import request_of
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.history import History
from istrel.study.opening import Opening, open_source
from istrel.study.study import Study
from istrel.style.house import load_style

FILE = Path(__file__).parents[1] / "docs" / "screenshots" / "gallery.png"
SENTENCES = (
    "describe spelling_speed as histogram with mark = both",
    "describe receptive_post across format as density",
    "describe practice_min across format as cumulative",
    "describe practice_min across format × completed as boxes",
    "describe receptive_post across format × completed as violins",
    "describe receptive_post across format as points",
    "describe receptive_post across education × completed as means",
    "count education across completed as bars with intervals",
    "describe mot_01 .. mot_12 as shares with sort",
    "check spelling_speed as quantile plot with band = simultaneous",
    "relate age, absences, practice_min, receptive_pre, receptive_post, spelling_speed as heat map with order = similar",
    "relate receptive_pre, receptive_post across completed as scatter with fit = straight",
    "relate practice_min, receptive_pre, receptive_post, reaction_ms as grid",
    "describe practice_min, receptive_pre, receptive_post, mot_01 .. mot_12 as missing map with sort",
    "describe receptive_post across completed as histogram with arrange = mirrored",
    "describe receptive_post across site as density with arrange = ridges",
    "relate practice_min, receptive_post as scatter with bins = 22, points, minimum = 2",
    "count education against format as heat map with residuals",
    "describe receptive across occasion as paths",
    "relate enrolled, practice_min across completed among enrolled <= 2025-12-31 as line with per = week",
    "count receptive_post across format as flow",
)
COLUMNS, CELL_MM, GAP_MM, CAPTION_MM = 3, 128.0, 10.0, 16.0
PX_PER_MM = 4.0


def demo_study() -> Study:
    """The demo study with what means no answer said."""
    history = History(Study((open_source(str(LEARNERS), Opening(codebook=str(CODEBOOK))),)))
    table = history.study.table
    coded = tuple(name for name in table.names if name.startswith("mot_") or name in ("receptive_post", "confidence"))
    for change in (TreatAsMissing(coded, (-9.0,)), TreatAsMissing(("education", "satisfaction"), (99.0,))):
        history = history.do(change)
    return history.do(TreatAsMissing(("age",), (199.0,))).study


def pages() -> list[tuple[str, str, Scene]]:
    """(title, sentence, scene) of every figure."""
    style, data = load_style(), demo_study().data
    made = []
    for sentence in SENTENCES:
        sheet = make_exhibit(request_of(sentence, data.codebook), data).sheet
        assert isinstance(sheet, FigureSheet)
        made.append((print_title(sheet, style), sentence, make_scene(sheet, style)))
    return made


def main() -> int:
    application = QApplication([])
    theme.apply(application)
    figures = pages()
    rows = [figures[start : start + COLUMNS] for start in range(0, len(figures), COLUMNS)]
    scales = [[min(1.0, CELL_MM / scene.width) for *_, scene in row] for row in rows]
    heights = [
        max(scale * scene.height for scale, (*_, scene) in zip(line, row, strict=True)) + CAPTION_MM + GAP_MM
        for line, row in zip(scales, rows, strict=True)
    ]
    width, height = COLUMNS * (CELL_MM + GAP_MM) + GAP_MM, sum(heights) + GAP_MM
    image = QImage(round(width * PX_PER_MM), round(height * PX_PER_MM), QImage.Format.Format_RGB32)
    image.fill(QColor("white"))
    painter = QPainter(image)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    top = GAP_MM
    for row, line, tall in zip(rows, scales, heights, strict=True):
        for place, ((title, sentence, scene), scale) in enumerate(zip(row, line, strict=True)):
            left = GAP_MM + place * (CELL_MM + GAP_MM)
            _caption(painter, title, sentence, left, top)
            painter.save()
            painter.translate(QPointF(left, top + CAPTION_MM) * PX_PER_MM)
            paint_scene(painter, scene, scale * PX_PER_MM)
            painter.restore()
        top += tall
    painter.end()
    FILE.parent.mkdir(parents=True, exist_ok=True)
    image.save(str(FILE))
    return 0


def _caption(painter: QPainter, title: str, sentence: str, left: float, top: float) -> None:
    """The title in italics, and under it the sentence that makes the figure."""
    flags = Qt.AlignmentFlag.AlignLeft | Qt.TextFlag.TextWordWrap
    for text, font, down, tall in (
        (title, theme.serif(17, italic=True), 0.0, 5.5),
        (sentence, theme.sans(13), 5.2, 10.0),
    ):
        painter.setFont(font)
        shown = text
        if down == 0:
            shown = painter.fontMetrics().elidedText(text, Qt.TextElideMode.ElideRight, int(CELL_MM * PX_PER_MM))
        painter.setPen(theme.colour(theme.INK if down == 0 else theme.QUIET))
        box = QRectF(left * PX_PER_MM, (top + down) * PX_PER_MM, CELL_MM * PX_PER_MM, tall * PX_PER_MM)
        painter.drawText(box, flags, shown)


if __name__ == "__main__":
    sys.exit(main())
