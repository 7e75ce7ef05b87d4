"""The statistics of `describe` and the tests of `check`. To add one: an entry here, and its function where the verb computes."""

from __future__ import annotations

import re

from istrel.sentence.vocabulary.entries import Statistic, Test
from istrel.style.numbers import Kind

_BY_N_MINUS_1 = "Standard deviations use *n* − 1."
_OF_A_TYPE = "Quantiles are of type {kind} (Hyndman & Fan, 1996)."
_ADJUSTED = "Skewness and kurtosis are the adjusted coefficients G1 and G2 (Joanes & Gill, 1998)."
_BY_T = "Confidence intervals of means are based on Student’s *t* distribution."
_TRIMMED = "Trimmed means leave out {share}% of the values at each end."

_ENTRIES = (
    Statistic("n", "*n*", "number of valid values", "n", Kind.COUNT, dates=True),
    Statistic("missing", "Missing", "number of missing values", "missing", Kind.COUNT, dates=True),
    Statistic("sum", "Sum", "sum", "sum", recorded="values"),
    Statistic("mean", "*M*", "arithmetic mean", "M"),
    Statistic("sd", "*SD*", "standard deviation, n − 1", "SD", defined=_BY_N_MINUS_1),
    Statistic("variance", "*s*²", "variance, n − 1", defined=_BY_N_MINUS_1),
    Statistic("se", "*SE*", "standard error of the mean", "SE", defined=_BY_N_MINUS_1),
    Statistic(
        "ci_low",
        "*LL*",
        "lower limit of the confidence interval of the mean",
        short="CI = confidence interval",
        defined=_BY_T,
    ),
    Statistic(
        "ci_high",
        "*UL*",
        "upper limit of the confidence interval of the mean",
        short="LL and UL = its lower and upper limits",
        defined=_BY_T,
    ),
    Statistic("ci", "", "confidence interval of the mean", "CI", of=("ci_low", "ci_high")),
    Statistic(
        "trimmed_mean", "*M* trimmed", "mean without the outer values at each end", "trimmed M", defined=_TRIMMED
    ),
    Statistic(
        "median", "*Mdn*", "median", "Mdn", recorded="between", dates=True, short="Mdn = median", defined=_OF_A_TYPE
    ),
    Statistic("mode", "Mode", "most frequent value", "mode", recorded="values"),
    Statistic("mode_count", "Mode count", "how often the mode occurs", kind=Kind.COUNT),
    Statistic("q1", "*Q*1", "first quartile", recorded="between", dates=True, defined=_OF_A_TYPE),
    Statistic("q3", "*Q*3", "third quartile", recorded="between", dates=True, defined=_OF_A_TYPE),
    Statistic("quartiles", "", "first and third quartile", "quartiles", of=("q1", "q3")),
    Statistic(
        "iqr",
        "*IQR*",
        "interquartile range",
        "IQR",
        recorded="between",
        short="IQR = interquartile range",
        defined=_OF_A_TYPE,
    ),
    Statistic("min", "Min", "smallest value", "min", recorded="values", dates=True),
    Statistic("max", "Max", "largest value", "max", recorded="values", dates=True),
    Statistic("range", "Range", "largest minus smallest value", "range", recorded="values"),
    Statistic(
        "mad", "*MAD*", "median absolute deviation", "MAD", recorded="between", short="MAD = median absolute deviation"
    ),
    Statistic(
        "mad_normal", "1.4826 *MAD*", "median absolute deviation times 1.4826, which estimates the SD of normal data"
    ),
    Statistic("mean_abs_dev", "Mean abs. dev.", "mean absolute deviation from the mean"),
    Statistic(
        "cv", "*CV*, %", "coefficient of variation, %", "CV", Kind.PERCENT, short="CV = coefficient of variation"
    ),
    Statistic(
        "skewness", "Skewness", "adjusted Fisher–Pearson skewness G1", "skewness", Kind.STATISTIC, defined=_ADJUSTED
    ),
    Statistic("skewness_se", "*SE* skew.", "standard error of the skewness", kind=Kind.STATISTIC),
    Statistic("skewness_z", "G1/*SE*", "skewness over its standard error", kind=Kind.STATISTIC, defined=_ADJUSTED),
    Statistic("kurtosis", "Kurtosis", "adjusted excess kurtosis G2", "kurtosis", Kind.STATISTIC, defined=_ADJUSTED),
    Statistic("kurtosis_se", "*SE* kurt.", "standard error of the kurtosis", kind=Kind.STATISTIC),
    Statistic("kurtosis_z", "G2/*SE*", "kurtosis over its standard error", kind=Kind.STATISTIC, defined=_ADJUSTED),
    Statistic("geometric_mean", "Geom. mean", "geometric mean"),
    Statistic("harmonic_mean", "Harm. mean", "harmonic mean"),
    Statistic("lowest", "Lowest (case)", "lowest values and their cases", recorded="values", cases=True),
    Statistic("highest", "Highest (case)", "highest values and their cases", recorded="values", cases=True),
    Statistic("outliers", "Outliers", "values beyond the fences and their cases", "outliers", Kind.COUNT, cases=True),
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
        Test("shapiro_wilk", "*W*", "Shapiro–Wilk", "Shapiro and Wilk’s W", "Royston, 1995"),
        Test(
            "anderson_darling", "*A*²*", "Anderson–Darling", "Anderson and Darling’s A²*", "D’Agostino & Stephens, 1986"
        ),
        Test("lilliefors", "*D*", "Lilliefors", "Lilliefors’ D", "Dallal & Wilkinson, 1986"),
        Test(
            "dagostino_pearson",
            "*K*²",
            "D’Agostino–Pearson",
            "D’Agostino and Pearson’s K²",
            "D’Agostino, 1970; Anscombe & Glynn, 1983",
        ),
        Test("jarque_bera", "*JB*", "Jarque–Bera", "Jarque and Bera’s test", "Jarque & Bera, 1987"),
    )
}
USUAL_TESTS = ("shapiro_wilk", "anderson_darling", "lilliefors")


def statistic(key: str) -> Statistic:
    """The entry of a statistic, percentiles of any share ("p2.5") included."""
    found = PERCENTILE.match(key)
    if found is None:
        return STATISTICS[key]
    meaning = f"the value below which {found[1]} % of the values lie"
    return Statistic(key, f"*P*{found[1]}", meaning, recorded="between", short="P = percentile", defined=_OF_A_TYPE)


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
