"""How far reading has got, and whether it is still wanted."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.english import english
from istrel.problem import Problem

if TYPE_CHECKING:
    from istrel.data.reading.keys import Scan


class Watch:
    """Told by readers, asked by whoever waits.

    Parameters
    ----------
    tell
        Called with the share that is done, from 0 to 1.
    wanted
        False when the reading is no longer wanted.
    """

    def __init__(self, tell: Callable[[float], object] | None = None, wanted: Callable[[], bool] | None = None) -> None:
        self._tell = tell or (lambda _share: None)
        self._wanted = wanted or (lambda: True)

    def report(self, share: float) -> None:
        """Say how far it got.

        Raises
        ------
        Problem
            Where the reading is no longer wanted.
        """
        if not self._wanted():
            raise Problem(english("Reading was cancelled; nothing was changed."))
        self._tell(min(1.0, share))


class WatchedFile:
    """A file open for reading from its start to its end; it reports how much was read."""

    def __init__(self, path: Path, watch: Watch, scan: Scan | None = None) -> None:
        self._scan = scan
        self._file = path.open("rb")
        self._size = max(1, path.stat().st_size)
        self._watch = watch
        self.closed = False

    def read(self, size: int = -1) -> bytes:
        content = self._file.read(size)
        if self._scan is not None:
            self._scan.look(content)
        self._watch.report(self._file.tell() / self._size)
        return content

    def close(self) -> None:
        self._file.close()
        self.closed = True

    def __enter__(self) -> WatchedFile:
        return self

    def __exit__(self, *unused: Any) -> None:
        self.close()
