"""Istrel from Python and notebooks: a study read from a file or from data in memory, and the exhibits that it makes."""

from istrel.notebook.exhibit import Exhibit, save
from istrel.notebook.look import FirstLook
from istrel.notebook.study import Study, read

__all__ = ["Exhibit", "FirstLook", "Study", "read", "save"]
