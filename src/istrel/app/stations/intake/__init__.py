"""Intake: what is in the file, what looks wrong with it, and how it was read."""

from istrel.app.stations.intake.intake import Intake

__all__ = ["Intake"]
