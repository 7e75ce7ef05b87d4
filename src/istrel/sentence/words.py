"""The vocabulary: verbs, forms, statistics and settings, each with the one name it has everywhere."""

from __future__ import annotations

VERBS = ("describe", "count", "check", "relate")

FORMS = (
    "table",
    "histogram",
    "density",
    "cumulative",
    "boxes",
    "violins",
    "points",
    "bars",
    "shares",
    "means",
    "quantile plot",
    "heat map",
    "scatter",
    "grid",
)

CLAUSES = ("against", "across", "among", "as", "with")

STATISTICS: dict[str, str] = {
    "n": "number of valid values",
    "missing": "number of missing values",
    "sum": "sum",
    "mean": "arithmetic mean",
    "sd": "standard deviation, n − 1",
    "variance": "variance, n − 1",
    "se": "standard error of the mean",
    "ci_low": "lower limit of the confidence interval of the mean",
    "ci_high": "upper limit of the confidence interval of the mean",
    "trimmed_mean": "mean without the outer 5 % at each end",
    "median": "median",
    "mode": "most frequent value",
    "mode_count": "how often the mode occurs",
    "q1": "first quartile",
    "q3": "third quartile",
    "iqr": "interquartile range",
    "min": "smallest value",
    "max": "largest value",
    "range": "largest minus smallest value",
    "mad": "median absolute deviation",
    "mean_abs_dev": "mean absolute deviation",
    "cv": "coefficient of variation, %",
    "skewness": "adjusted Fisher–Pearson skewness",
    "skewness_se": "standard error of the skewness",
    "kurtosis": "adjusted excess kurtosis",
    "kurtosis_se": "standard error of the kurtosis",
    "geometric_mean": "geometric mean",
    "harmonic_mean": "harmonic mean",
    "lowest": "lowest values and their cases",
    "highest": "highest values and their cases",
    "outliers": "values beyond Tukey's fences and their cases",
}

# What the settings take: words to choose from, or a kind of value.
SETTINGS: dict[str, tuple[str, ...] | str] = {
    "statistics": "statistics",
    "quantiles": ("6", "7", "8"),
    "confidence": "share",
    "total": "yes or no",
    "order": ("codebook", "frequency", "label"),
    "bins": "whole number",
    "width": "number",
    "start": "number",
    "edges": "numbers",
    "closed": ("left", "right"),
    "rule": ("freedman-diaconis", "scott", "sturges", "doane", "square root", "whole numbers"),
    "height": ("count", "percent", "proportion", "density"),
    "cumulative": "yes or no",
    "curve": ("normal", "density", "both", "none"),
    "bandwidth": "number",
    "method": ("pearson", "spearman", "kendall", "fitting"),
    "deletion": ("pairwise", "listwise"),
    "adjust": ("none", "holm", "bh"),
    "decimals": "whole number",
    "top": "whole number",
    "hide_below": "whole number",
    "percent": ("row", "column", "total"),
    "missing": ("show", "hide"),
}
