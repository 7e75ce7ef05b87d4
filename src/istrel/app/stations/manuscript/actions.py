"""What can be done at the Manuscript from anywhere in the window."""

from __future__ import annotations

from istrel.app.actions import Action
from istrel.app.bridge import StudyModel
from istrel.app.stations.stations import Stations
from istrel.app.words import tr


def actions(stations: Stations, model: StudyModel) -> tuple[Action, ...]:
    """The station's actions."""
    return (*_of_writing(stations, model), *_of_reading(stations, model), *_of_leaving(stations, model))


def _of_writing(stations: Stations, model: StudyModel) -> tuple[Action, ...]:
    station, able, kept = stations.manuscript, model.has_study, model.has_kept
    return (
        Action("manuscript", tr("Go to the Manuscript"), ("Ctrl+4",), station.go, able),
        Action(
            "cite",
            tr("Cite the number under the pointer"),
            ("Ctrl+Shift+N",),
            station.at(lambda it: it.citing.cite_pointed()),
            able,
        ),
        Action(
            "paragraph",
            tr("Add a paragraph to the manuscript"),
            (),
            station.at(lambda it: it.writing.add_paragraph()),
            able,
        ),
        Action(
            "heading", tr("Add a heading to the manuscript"), (), station.at(lambda it: it.writing.add_heading()), able
        ),
        Action(
            "appendix",
            tr("Add the reproducibility appendix"),
            (),
            station.at(lambda it: it.writing.add_appendix()),
            kept,
        ),
    )


def _of_reading(stations: Stations, model: StudyModel) -> tuple[Action, ...]:
    station, able, kept = stations.manuscript, model.has_study, model.has_kept
    return (
        Action(
            "reading",
            tr("Read the manuscript as a reviewer would"),
            (),
            station.at(lambda it: it.open_beside(it.reading)),
            kept,
        ),
        Action(
            "style", tr("Copy and edit the house style"), (), station.at(lambda it: it.open_beside(it.styling)), able
        ),
        Action("review", tr("Go to the next number that moved"), (), station.at(lambda it: it.review.next()), kept),
        Action(
            "accept", tr("Accept every number as it is now"), (), station.at(lambda it: it.review.accept_all()), kept
        ),
    )


def _of_leaving(stations: Stations, model: StudyModel) -> tuple[Action, ...]:
    station, able, kept = stations.manuscript, model.has_study, model.has_kept
    return (
        Action(
            "export", tr("Export the manuscript…"), ("Ctrl+E",), station.at(lambda it: it.leaving.choose_file()), kept
        ),
        Action(
            "print", tr("Print the manuscript…"), ("Ctrl+P",), station.at(lambda it: it.leaving.choose_printer()), kept
        ),
        Action(
            "refresh",
            tr("Refresh a document that was edited since…"),
            (),
            station.at(lambda it: it.leaving.choose_document()),
            kept,
        ),
        Action(
            "package",
            tr("Write a package for an archive: data, codebook, exhibits…"),
            (),
            station.at(lambda it: it.leaving.choose_package()),
            able,
        ),
        Action(
            "folder",
            tr("Export a folder with a file for each exhibit…"),
            (),
            station.at(lambda it: it.leaving.choose_folder()),
            kept,
        ),
    )
