"""From a file to a Table. One module per format; `read` chooses by the file's ending."""

from istrel.data.reading.read import read
from istrel.data.reading.settings import ReadingSettings

__all__ = ["ReadingSettings", "read"]
