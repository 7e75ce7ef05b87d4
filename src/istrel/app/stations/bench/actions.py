"""What can be done at the Bench from anywhere in the window."""

from __future__ import annotations

from PySide6.QtGui import QGuiApplication

from istrel.app.actions import Action
from istrel.app.bridge import StudyModel
from istrel.app.stations.stations import Stations
from istrel.app.words import tr


def actions(stations: Stations, model: StudyModel) -> tuple[Action, ...]:
    """The station's actions."""
    bench = stations.bench

    def has_proof() -> bool:
        return model.is_open and bench.made is not None and bench.made.draft.proof is not None

    def copy() -> None:
        from istrel.app.stations.manuscript.export import clipboard_data
        from istrel.render.document import Item

        if (proof := bench.widget.draft.proof) is not None:
            data = clipboard_data(Item(proof.exhibit, bench.widget.draft.number()), model.style)
            QGuiApplication.clipboard().setMimeData(data)

    return (
        Action(
            "bench", tr("Go to the Bench and write the sentence"), ("Ctrl+3", "Ctrl+L"), stations.write, model.has_study
        ),
        Action(
            "find", tr("Find a variable"), ("/",), bench.there(lambda it: it.strip.finder.setFocus()), model.has_study
        ),
        Action(
            "walk",
            tr("Walk over the table on the paper"),
            ("F6",),
            bench.there(lambda it: it.desk.paper.walk.setFocus()),
            has_proof,
        ),
        Action("keep", tr("Keep the exhibit"), ("Ctrl+Return",), bench.at(lambda it: it.keep()), has_proof),
        Action("copy", tr("Copy the exhibit"), ("Ctrl+Shift+C",), copy, has_proof),
        Action("zoom_in", tr("Enlarge the proof"), ("Ctrl++",), bench.at(lambda it: it.desk.zoom(1)), has_proof),
        Action("zoom_out", tr("Reduce the proof"), ("Ctrl+-",), bench.at(lambda it: it.desk.zoom(-1)), has_proof),
        Action(
            "zoom_fit", tr("The proof as large as fits"), ("Ctrl+0",), bench.at(lambda it: it.desk.zoom(0)), has_proof
        ),
    )
