"""The statistics of `describe` and the tests of `check`. To add one: an entry here, and its function where the verb computes."""

from __future__ import annotations

import re

from istrel.sentence.vocabulary.entries import Statistic, Test
from istrel.style.numbers import Kind

_BY_N_MINUS_1 = "defined_sd"
_OF_A_TYPE = "quantiles_are_of_type_hyndman"
_ADJUSTED = "skewness_and_kurtosis_are_the"
_BY_T = "defined_mean_interval"
_BY_ORDER = "defined_median_interval"
_ONE_WAY = "defined_icc"
_TRIMMED = "defined_trimmed_mean"

_ENTRIES = (
    Statistic("n", "number of valid values", "n", Kind.COUNT, dates=True),
    Statistic("missing", "number of missing values", "missing", Kind.COUNT, dates=True),
    Statistic("sum", "sum", "sum", recorded="values"),
    Statistic("mean", "arithmetic mean", "M", means=True),
    Statistic("sd", "standard deviation, n − 1", "SD", means=True, defined=_BY_N_MINUS_1, spreads=True),
    Statistic("variance", "variance, n − 1", means=True, defined=_BY_N_MINUS_1, spreads=True),
    Statistic("se", "standard error of the mean", "SE", means=True, defined=_BY_N_MINUS_1, spreads=True),
    Statistic(
        "ci_low",
        "lower limit of the confidence interval of the mean",
        short="short_ci_low",
        defined=_BY_T,
        means=True,
        spreads=True,
    ),
    Statistic(
        "ci_high",
        "upper limit of the confidence interval of the mean",
        short="short_ci_high",
        defined=_BY_T,
        means=True,
        spreads=True,
    ),
    Statistic("ci", "confidence interval of the mean", "CI", of=("ci_low", "ci_high")),
    Statistic("trimmed_mean", "mean without the outer values at each end", "trimmed M", defined=_TRIMMED),
    Statistic("median", "median", "Mdn", recorded="between", dates=True, short="short_median", defined=_OF_A_TYPE),
    Statistic(
        "median_ci_low",
        "lower limit of the confidence interval of the median",
        recorded="values",
        short="short_ci_low",
        defined=_BY_ORDER,
        spreads=True,
        of_order=True,
    ),
    Statistic(
        "median_ci_high",
        "upper limit of the confidence interval of the median",
        recorded="values",
        short="short_ci_high",
        defined=_BY_ORDER,
        spreads=True,
        of_order=True,
    ),
    Statistic("median_ci", "confidence interval of the median", "CI of Mdn", of=("median_ci_low", "median_ci_high")),
    Statistic("mode", "most frequent value", "mode", recorded="values"),
    Statistic("mode_count", "how often the mode occurs", kind=Kind.COUNT),
    Statistic("q1", "first quartile", recorded="between", dates=True, defined=_OF_A_TYPE, spreads=True),
    Statistic("q3", "third quartile", recorded="between", dates=True, defined=_OF_A_TYPE, spreads=True),
    Statistic("quartiles", "first and third quartile", "quartiles", of=("q1", "q3")),
    Statistic(
        "iqr",
        "interquartile range",
        "IQR",
        recorded="between",
        short="short_iqr",
        defined=_OF_A_TYPE,
        spreads=True,
    ),
    Statistic("min", "smallest value", "min", recorded="values", dates=True, spreads=True),
    Statistic("max", "largest value", "max", recorded="values", dates=True, spreads=True),
    Statistic("range", "largest minus smallest value", "range", recorded="values", spreads=True),
    Statistic("mad", "median absolute deviation", "MAD", recorded="between", short="short_mad", spreads=True),
    Statistic(
        "mad_normal", "median absolute deviation times 1.4826, which estimates the SD of normal data", spreads=True
    ),
    Statistic("mean_abs_dev", "mean absolute deviation from the mean", spreads=True),
    Statistic("cv", "coefficient of variation, %", "CV", Kind.PERCENT, short="short_cv", spreads=True),
    Statistic("skewness", "adjusted Fisher–Pearson skewness G1", "skewness", Kind.STATISTIC, defined=_ADJUSTED),
    Statistic("skewness_se", "standard error of the skewness", kind=Kind.STATISTIC),
    Statistic("skewness_z", "skewness over its standard error", kind=Kind.STATISTIC, defined=_ADJUSTED),
    Statistic("kurtosis", "adjusted excess kurtosis G2", "kurtosis", Kind.STATISTIC, defined=_ADJUSTED),
    Statistic("kurtosis_se", "standard error of the kurtosis", kind=Kind.STATISTIC),
    Statistic("kurtosis_z", "kurtosis over its standard error", kind=Kind.STATISTIC, defined=_ADJUSTED),
    Statistic(
        "icc",
        "share of the variance that lies between persons",
        "ICC",
        Kind.COEFFICIENT,
        short="short_icc",
        defined=_ONE_WAY,
    ),
    Statistic("icc_low", "lower limit of the interval of the ICC", kind=Kind.COEFFICIENT, defined=_ONE_WAY),
    Statistic("icc_high", "upper limit of the interval of the ICC", kind=Kind.COEFFICIENT, defined=_ONE_WAY),
    Statistic("geometric_mean", "geometric mean"),
    Statistic("harmonic_mean", "harmonic mean"),
    Statistic("lowest", "lowest values and their cases", recorded="values", cases=True),
    Statistic("highest", "highest values and their cases", recorded="values", cases=True),
    Statistic("outliers", "values beyond the fences and their cases", "outliers", Kind.COUNT, cases=True),
)
STATISTICS = {entry.name: entry for entry in _ENTRIES if not entry.of}
SHORT = {entry.name: entry for entry in _ENTRIES if entry.of}
CASE_LISTS = tuple(name for name, entry in STATISTICS.items() if entry.cases)
ON_BUTTONS = tuple(entry for entry in _ENTRIES if entry.words)
USUAL = ("n", "mean", "sd", "median", "min", "max", "skewness")
PERCENTILE = re.compile(r"p(\d+(?:\.\d+)?)$")

TESTS = {
    test.name: test
    for test in (
        Test("shapiro_wilk", "Shapiro–Wilk", "Shapiro and Wilk’s W", "Royston, 1995"),
        Test("anderson_darling", "Anderson–Darling", "Anderson and Darling’s A²*", "D’Agostino & Stephens, 1986"),
        Test("lilliefors", "Lilliefors", "Lilliefors’ D", "Dallal & Wilkinson, 1986"),
        Test(
            "dagostino_pearson",
            "D’Agostino–Pearson",
            "D’Agostino and Pearson’s K²",
            "D’Agostino, 1970; Anscombe & Glynn, 1983",
        ),
        Test("jarque_bera", "Jarque–Bera", "Jarque and Bera’s test", "Jarque & Bera, 1987"),
    )
}
USUAL_TESTS = ("shapiro_wilk", "anderson_darling", "lilliefors")


def statistic(key: str) -> Statistic:
    """The entry of a statistic, percentiles of any share ("p2.5") included."""
    found = PERCENTILE.match(key)
    if found is None:
        return STATISTICS[key]
    meaning = f"the value below which {found[1]} % of the values lie"
    return Statistic(key, meaning, recorded="between", short="short_percentile", defined=_OF_A_TYPE)


def percentile_of(key: str) -> float | None:
    """The share, in %, that a percentile's name says; None for any other statistic."""
    found = PERCENTILE.match(key)
    return float(found[1]) if found else None


def meant(word: str) -> tuple[str, ...]:
    """The statistics that a typed word means; none where it is unknown."""
    if word in SHORT:
        return SHORT[word].of
    return (word,) if word in STATISTICS or _is_percentile(word) else ()


def _is_percentile(word: str) -> bool:
    share = percentile_of(word) if word.isascii() and len(word) < 12 else None
    return share is not None and 0 < share < 100


def known() -> tuple[str, ...]:
    """All words that `with` takes for statistics."""
    return tuple(entry.name for entry in _ENTRIES)
