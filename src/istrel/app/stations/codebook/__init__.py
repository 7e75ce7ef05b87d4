"""Codebook: what each variable is, and what is derived from it."""

from istrel.app.stations.codebook.codebook import Codebook
from istrel.app.stations.codebook.level_tags import LevelTag

__all__ = ["Codebook", "LevelTag"]
