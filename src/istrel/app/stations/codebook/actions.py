"""What can be done at the Codebook from anywhere in the window."""

from __future__ import annotations

from istrel.app.actions import Action
from istrel.app.bridge import StudyModel
from istrel.app.stations.stations import Stations
from istrel.app.words import tr


def actions(stations: Stations, model: StudyModel) -> tuple[Action, ...]:
    """The station's actions; each leads to the station first."""
    book, able = stations.codebook, model.has_study
    return (
        Action("codebook", tr("Go to the Codebook"), ("Ctrl+2",), book.go, able),
        Action("derive", tr("Derive a variable"), ("Ctrl+Shift+D",), book.there(lambda it: it.begin_derive()), able),
        Action("codebook_out", tr("Export the codebook…"), (), book.there(lambda it: it.choose_export()), able),
        Action(
            "codebook_in",
            tr("Lay a codebook file over the variables…"),
            (),
            book.there(lambda it: it.choose_import()),
            able,
        ),
    )
