"""Files and cells read in the background: they begin a study, or join the one that is open."""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import TYPE_CHECKING

from istrel.app.bridge import StudyModel
from istrel.app.words import tr

if TYPE_CHECKING:
    from istrel.data.reading import ReadingSettings
    from istrel.data.reading.watch import Watch
    from istrel.study.study import StudySource

READING = "open "  # how the keys of jobs begin that read data


def open_file(model: StudyModel, path: str, settings: ReadingSettings | None = None) -> None:
    """Read a file; it begins a study, or joins the one that is open."""
    _submit(model, path, settings, partial(_take, model))


def read_differently(model: StudyModel, settings: ReadingSettings) -> None:
    """Read the file of the source in use with other settings; what was said about it stays where it fits."""
    from istrel.study.changes.sources import ReadAgain
    from istrel.study.opening import reread

    old = model.study.source

    def take(new: StudySource) -> None:
        model.do(ReadAgain(reread(old, new)))

    _submit(model, old.raw.source.path, settings, take)


def paste(model: StudyModel, text: str) -> None:
    """Cells that were copied elsewhere become a source."""
    from istrel.study.opening import paste_source

    model.background.submit(
        f"{READING}cells", lambda: paste_source(text), partial(_take, model), model.tell, words=tr("reading the cells")
    )


def cancel(model: StudyModel) -> None:
    """Stop reading files; what is open stays as it is."""
    if model.background.cancel_all(READING):
        model.trouble.emit(tr("Reading was cancelled; nothing was changed."))


def _submit(
    model: StudyModel, path: str, settings: ReadingSettings | None, take: Callable[[StudySource], None]
) -> None:
    work = partial(_read, path, settings)
    words = tr("reading {name}", name=Path(path).name)
    model.background.submit(f"{READING}{path}", work, take, model.tell, words=words, watched=True)


def _take(model: StudyModel, source: StudySource) -> None:
    from istrel.study.changes.sources import AddSource
    from istrel.study.history import History
    from istrel.study.study import Study

    if model.is_open:
        model.do(AddSource(source))
    else:
        model.begin(History(Study((source,))))


def _read(path: str, settings: ReadingSettings | None, watch: Watch) -> StudySource:
    from istrel.data.reading import ReadingSettings
    from istrel.study.opening import Opening, open_source

    return open_source(path, Opening(settings or ReadingSettings()), watch)
