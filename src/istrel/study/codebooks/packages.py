"""Data that are named by what describes them: a Data Package, or metadata of CSV on the Web, opened as a source."""

from __future__ import annotations

from dataclasses import replace
from pathlib import Path, PurePosixPath

from istrel.data.reading import ReadingSettings
from istrel.data.reading.descriptors import tables_named
from istrel.english import english
from istrel.files import read_small
from istrel.problem import Problem, nearest


def beside(path: Path, settings: ReadingSettings) -> tuple[Path, ReadingSettings, str]:
    """(the data file that a descriptor names, how it says that it is cut, what it says of the columns).

    Parameters
    ----------
    settings
        What a person says of the reading wins; `sheet` names the table where there are several.

    Raises
    ------
    Problem
        Where it names no table, or one that is not beside it.
    """
    text = read_small(path, english("the description of data"))
    tables = tables_named(text)
    if not tables:
        raise Problem(
            english("{file}: it names no table of data (“resources” with a “path”, or a “url”).", file=path.name)
        )
    wanted = settings.sheet if settings.sheet in tables else next(iter(tables))
    if settings.sheet is not None and wanted != settings.sheet and len(tables) > 1:
        names = ", ".join(tables)
        raise Problem(
            english(
                "{file}: there is no table “{sheet}” in it.{hint} Its tables are {names}.",
                file=path.name,
                sheet=settings.sheet,
                hint=nearest(settings.sheet, tables),
                names=names,
            )
        )
    place, dialect = tables[wanted]
    relative = PurePosixPath(place)
    if relative.is_absolute() or ".." in relative.parts or "://" in place:
        raise Problem(
            english(
                "{file}: its table “{place}” does not stand beside it, and nothing is fetched; open a copy of it.",
                file=path.name,
                place=place[:80],
            )
        )
    found = path.parent / relative
    if not found.exists():
        raise Problem(
            english(
                "{file}: its table “{place}” is not there; put it beside the description.",
                file=path.name,
                place=place[:80],
            )
        )
    kept = {key: value for key, value in dialect.items() if getattr(settings, key) is None}
    return found, replace(settings, sheet=None if wanted == settings.sheet else settings.sheet, **kept), text  # type: ignore[arg-type]
