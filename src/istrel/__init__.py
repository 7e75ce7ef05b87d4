"""Istrel: descriptive tables and figures, said in one sentence and set on paper."""

__version__ = "0.1.0"
