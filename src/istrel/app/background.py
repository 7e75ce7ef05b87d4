"""All background work. A pure function goes in with its inputs; its result or its problem comes back by signal.

No other module starts a thread. Of several requests under one key only the latest answers.
"""

from __future__ import annotations

from collections.abc import Callable
from functools import partial
from typing import TYPE_CHECKING, Any

from PySide6.QtCore import QObject, QThreadPool, Signal

from istrel.problem import Problem

if TYPE_CHECKING:
    from istrel.data.reading.watch import Watch


class Token:
    """Says whether a job is still wanted."""

    def __init__(self) -> None:
        self.cancelled = False


class Background(QObject):
    """Runs jobs on threads of its own and answers on the window's thread; `failed` tells the problems of jobs that nobody hears."""

    busy_changed = Signal(str)
    progress = Signal(float)
    failed = Signal(object)
    _finished = Signal(object)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._pool = QThreadPool(self)
        self._pool.setMaxThreadCount(2)
        self._latest: dict[str, Token] = {}
        self._running: dict[int, tuple[str, str]] = {}  # the key and the words of each job
        self._closed = False
        self._finished.connect(self._answer)

    def submit(
        self,
        key: str,
        work: Callable[..., Any],
        done: Callable[[Any], None],
        failed: Callable[[Problem], None] | None = None,
        *,
        words: str = "",
        watched: bool = False,
    ) -> None:
        """Run `work()` on a thread; `done(result)` or `failed(problem)` is called on the window's thread.

        Parameters
        ----------
        key
            A newer job under the same key silences an older one.
        words
            What is being done, for the cases line; empty work is not shown.
        watched
            `work` takes a Watch, tells how far it got, and ends early when it is cancelled.
        """
        if self._closed:
            return
        self.cancel(key)
        token = Token()
        self._latest[key] = token
        run = partial(work, self._watch(token)) if watched else work
        job = Job(key, run, done, failed, token)
        self._running[id(job)] = key, words
        self._pool.start(partial(_carry, job, self._finished))
        self._tell()

    def _watch(self, token: Token) -> Watch:
        from istrel.data.reading.watch import Watch

        return Watch(self.progress.emit, lambda: not token.cancelled)

    def cancel(self, key: str) -> None:
        """The answer to this key is no longer wanted."""
        if key in self._latest:
            self._latest.pop(key).cancelled = True

    def cancel_all(self, family: str) -> bool:
        """No answer to a key that begins so is wanted any more; False where there was none."""
        keys = [key for key in self._latest if key.startswith(family)]
        for key in keys:
            self.cancel(key)
        return bool(keys)

    def wait(self) -> None:
        """Let running jobs end, silence their answers and take no new ones: for closing."""
        self._closed = True
        for key in list(self._latest):
            self.cancel(key)
        self._pool.clear()
        self._pool.waitForDone()

    def runs(self, family: str) -> bool:
        """Whether a job whose key begins so is running and its answer wanted."""
        return any(key.startswith(family) and key in self._latest for key, _ in self._running.values())

    @property
    def idle(self) -> bool:
        return not self._running

    def _answer(self, job: Job) -> None:
        self._running.pop(id(job), None)
        self._tell()
        if job.token.cancelled:
            return
        if self._latest.get(job.key) is job.token:
            del self._latest[job.key]
        if isinstance(job.outcome, Problem):
            (job.failed or self.failed.emit)(job.outcome)
        else:
            job.done(job.outcome)

    def _tell(self) -> None:
        self.busy_changed.emit(next((words for _, words in self._running.values() if words), ""))


class Job:
    """One piece of work and who wants to know; the outcome is a result or a Problem."""

    def __init__(
        self,
        key: str,
        work: Callable[[], Any],
        done: Callable[[Any], None],
        failed: Callable[[Problem], None] | None,
        token: Token,
    ) -> None:
        self.key, self.work, self.done, self.failed, self.token = key, work, done, failed, token
        self.outcome: Any = None


def _carry(job: Job, finished: Any) -> None:
    """Do a job, on a thread of the pool, and tell that it is done."""
    if not job.token.cancelled:
        try:
            job.outcome = job.work()
        except Problem as problem:
            job.outcome = problem
        except Exception as fault:
            from istrel.fault import told

            job.outcome = Problem(told(fault))
    finished.emit(job)
