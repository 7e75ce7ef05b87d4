"""The first look at a source in Python: what it holds, and what looks wrong with it."""

from __future__ import annotations

from functools import cached_property
from pathlib import Path
from typing import Any

from istrel.data.dataset import Dataset
from istrel.study.intake import Intake, take_in


class FirstLook:
    """Facts, variables, findings and what was found sound; in a notebook it is shown as the report of `istrel look`."""

    def __init__(self, data: Dataset, files: tuple[str, ...] = ()) -> None:
        self._data = data
        self._files = files

    @cached_property
    def _intake(self) -> Intake:
        return take_in(self._data)

    @property
    def findings(self) -> tuple[str, ...]:
        """What to look at, a line each, what changes numbers first."""
        return tuple(finding.line for finding in self._intake.findings)

    @property
    def sound(self) -> tuple[str, ...]:
        """What was looked at and found sound."""
        return self._intake.sound

    @property
    def content(self) -> dict[str, Any]:
        """All of it: the object of `istrel look --to json`."""
        import msgspec

        found: dict[str, Any] = msgspec.json.decode(self._rendered("json"))
        return found

    def json(self) -> str:
        """The object of `istrel look --to json` as text."""
        return self._rendered("json").decode()

    def save(self, path: str | Path) -> None:
        """Write it as .html, .odt, .json or .txt.

        Raises
        ------
        Problem
            Where the ending is none of these, or the place cannot be written to.
        """
        from istrel.files import write_whole

        write_whole(Path(path), self._rendered(Path(path).suffix), sources=self._files)

    def _rendered(self, ending: str) -> bytes:
        from istrel.render.intake import render_intake

        return render_intake(self._intake, ending)

    def __repr__(self) -> str:
        return self._rendered("txt").decode().strip()
