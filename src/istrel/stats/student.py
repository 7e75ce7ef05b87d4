"""Student's t."""

from __future__ import annotations


def t_quantile(df: float, confidence: float) -> float:
    """The t that leaves out half of the rest on either side; NaN without degrees of freedom."""
    from istrel.stats.special import stdtrit

    return float(stdtrit(df, 0.5 + confidence / 2)) if df > 0 else float("nan")
