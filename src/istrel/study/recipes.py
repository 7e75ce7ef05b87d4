"""How a source came to be, so that it can be made again from the files: read, pasted, joined, stacked, turned."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.combine.join import Keep
from istrel.data.reading.settings import ReadingSettings


@dataclass(frozen=True)
class Read:
    """From a file, with these settings."""

    path: str
    settings: ReadingSettings


@dataclass(frozen=True)
class Pasted:
    """From cells that were copied elsewhere, as they were pasted."""

    text: str


@dataclass(frozen=True)
class Joined:
    """Two sources by their keys."""

    left: str
    right: str
    keys: tuple[str, ...]
    keep: Keep


@dataclass(frozen=True)
class Stacked:
    """Several sources, one under the other."""

    sources: tuple[str, ...]


@dataclass(frozen=True)
class Longer:
    """One row per case and variable."""

    source: str
    gathered: tuple[str, ...]


@dataclass(frozen=True)
class Wider:
    """One row per key."""

    source: str
    keys: tuple[str, ...]
    names_from: str
    values_from: tuple[str, ...]


@dataclass(frozen=True)
class Gathered:
    """One row per key: each measure of its variable."""

    source: str
    keys: tuple[str, ...]
    variables: tuple[str, ...]
    measures: tuple[str, ...]


Recipe = Read | Pasted | Joined | Stacked | Longer | Wider | Gathered


def parents_of(recipe: Recipe | None) -> tuple[str, ...]:
    """The sources that a source is made from, by their ids."""
    match recipe:
        case Joined(left, right):
            return left, right
        case Stacked(sources):
            return sources
        case Longer(source) | Wider(source) | Gathered(source):
            return (source,)
    return ()
