"""What can be done at the Intake from anywhere in the window."""

from __future__ import annotations

from istrel.app.actions import Action
from istrel.app.bridge import StudyModel
from istrel.app.stations.stations import Stations
from istrel.app.words import tr


def actions(stations: Stations, model: StudyModel) -> tuple[Action, ...]:
    """The station's actions; each leads to the station first."""
    intake = stations.intake
    return (
        Action("intake", tr("Go to Intake"), ("Ctrl+1",), intake.go, model.has_study),
        Action(
            "report",
            tr("Write the intake as a report…"),
            (),
            intake.there(lambda it: it.choose_report()),
            model.has_study,
        ),
        Action(
            "read", tr("Read the file differently"), (), intake.there(lambda it: it.read_differently()), model.has_study
        ),
    )
