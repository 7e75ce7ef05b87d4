"""A study on disk: one SQLite database that is never half written. The format is described in docs/study-format.md."""

from istrel.study.file.state import read_back, readable
from istrel.study.file.store import ENDING, StudyFile, is_study

__all__ = ["ENDING", "StudyFile", "is_study", "read_back", "readable"]
