"""How long a manuscript takes: set in another style, read by a reviewer, written to every output, refreshed in a document."""

from __future__ import annotations

import tempfile
from pathlib import Path

from bench_figures import median

from istrel.data.corrections import Correction
from istrel.demo import STUDY
from istrel.exhibits.printing import print_table
from istrel.exhibits.table import TableSheet
from istrel.render import OUTPUTS, render
from istrel.render.manuscript import manuscript_document
from istrel.render.print import draw
from istrel.render.refresh import refresh
from istrel.render.scene import make_scene
from istrel.render.word.tables import laid_out
from istrel.study.changes.cases import Correct
from istrel.study.changes.manuscript import Duplicate
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.manuscript import Entry, manuscript
from istrel.study.review import review
from istrel.study.study import Study
from istrel.style.house import HouseStyle, load_style

DOCUMENTS = [output.ending for output in OUTPUTS.values() if output.holds == "document"]


def demo() -> History:
    """The finished study of ten exhibits."""
    with StudyFile(STUDY, writing=False) as file:
        return History(file.history.study)


def fifty(history: History) -> Study:
    """The same exhibits five times over."""
    for _ in range(4):
        for kept in history.study.kept[:10]:
            history = history.do(Duplicate(kept.id))
    return history.study


def set_all(study: Study, style: HouseStyle) -> None:
    """Every part made and laid out in a style."""
    for part in manuscript(study, style):
        if isinstance(part, Entry) and part.exhibit is not None:
            sheet = part.exhibit.sheet
            if isinstance(sheet, TableSheet):
                laid_out(print_table(sheet, style, part.number), style)
            else:
                make_scene(sheet, style)


def measured() -> list[tuple[str, float, float]]:
    """(what, mark in seconds, seconds taken)."""
    history, style = demo(), load_style()
    study, many = history.study, fifty(history)
    moved = history.do(Correct((Correction("practice_min", 255.0, 20.0, 1),))).study

    def write_all() -> None:
        draw.cache_clear()
        document = manuscript_document(study, style)
        for ending in DOCUMENTS:
            render(document, ending)

    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "paper.docx"
        path.write_bytes(render(manuscript_document(study, style), "docx"))
        again = median(lambda: refresh(path, moved, style), 3)
    return [
        ("50 exhibits set in another house style", 1.0, median(lambda: set_all(many, load_style("medical")), 3)),
        ("50 exhibits read by a reviewer", 1.0, median(lambda: review(many, style), 3)),
        (f"ten exhibits and two pages in all {len(DOCUMENTS)} outputs", 10.0, median(write_all, 2)),
        ("a document of ten exhibits refreshed", 5.0, again),
    ]
