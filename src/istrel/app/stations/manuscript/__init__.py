"""The Manuscript: kept exhibits as they will print, their outline, and their export."""

from istrel.app.stations.manuscript.manuscript import Manuscript

__all__ = ["Manuscript"]
