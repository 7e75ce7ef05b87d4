"""A study on disk: one SQLite database that is never half written. The format is described in docs/study-format.md."""

from istrel.study.file.state import read_back, readable
from istrel.study.file.store import StudyFile

__all__ = ["StudyFile", "read_back", "readable"]
