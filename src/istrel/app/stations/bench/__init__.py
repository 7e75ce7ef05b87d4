"""The Bench: variables, the sentence, the proof, and the settings of its form."""

from istrel.app.stations.bench.bench import Bench

__all__ = ["Bench"]
