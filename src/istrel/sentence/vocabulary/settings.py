"""The settings: every word after `with` that takes a value. To add one: an entry here, and its use where the verb reads it."""

from __future__ import annotations

from istrel.sentence.vocabulary import statistics
from istrel.sentence.vocabulary.entries import AGAINST, GROUPS, LIST, Belongs, Setting
from istrel.sentence.vocabulary.takes import Choice, Names, Number, Numbers, YesNo

_TABLE = Belongs("describe", ("table",))
_GROUPED_TABLE = Belongs("describe", ("table",), only=GROUPS)
_BARS = Belongs("describe", ("histogram",))
_CATEGORY_BARS = (Belongs("describe", ("bars",)), Belongs("count", ("bars",)))
_SPREADS = ("boxes", "violins", "points")
_CURVES = ("histogram", "density", "cumulative")
_PLANES = Belongs("relate", ("scatter", "grid"))
_FREQUENCIES = Belongs("count", ("table", "bars", "shares"), only=LIST)
_CROSS = Belongs("count", only=AGAINST)
_CLASSES = (_BARS, _FREQUENCIES, _CROSS)
_GROUPS = tuple(Belongs(verb, only=GROUPS) for verb in ("describe", "count", "check", "relate"))
_EVERYWHERE = tuple(Belongs(verb) for verb in ("describe", "count", "check", "relate"))
_ADJUSTMENTS = Choice((("none", "no"), ("holm", "Holm"), ("bh", "Benjamini–Hochberg")))
_POSITIVE = Number(0, above=True)

_ENTRIES = (
    Setting(
        "statistics",
        "Statistics, in this order",
        "which statistics the table shows, and in which order",
        Names("statistic", statistics.meant, statistics.known),
        (_TABLE,),
    ),
    Setting(
        "tests",
        "Tests",
        "which tests of normality the table shows",
        Names(
            "test of normality",
            lambda word: (word,) if word in statistics.TESTS else (),
            lambda: tuple(statistics.TESTS),
        ),
        (Belongs("check", ("table",)),),
        usual=statistics.USUAL_TESTS,
    ),
    Setting("total", "Total across groups", "all groups together, after the groups", YesNo(), _GROUPS, usual=False),
    Setting(
        "layout",
        "Layout",
        "groups in rows or side by side; or the statistics one under the other; or a column for each variable",
        Choice(
            (
                ("rows", "groups in rows"),
                ("columns", "groups side by side"),
                ("statistics", "statistics in rows"),
                ("variables", "variables in columns"),
            )
        ),
        (_TABLE,),
    ),
    Setting(
        "difference",
        "Differences",
        "how much the groups differ: a standardized difference with its interval",
        YesNo(),
        (_GROUPED_TABLE,),
        usual=False,
    ),
    Setting(
        "test",
        "Tests of differences",
        "whether chance explains the difference between the groups",
        YesNo(),
        (_GROUPED_TABLE,),
        usual=False,
    ),
    Setting(
        "percent",
        "Percentages",
        "what the percentages of a cross-table are of",
        Choice((("row", "of the row"), ("column", "of the column"), ("total", "of all"))),
        (_CROSS,),
    ),
    Setting("expected", "Expected counts", "the counts that independence would give", YesNo(), (_CROSS,), usual=False),
    Setting(
        "residuals",
        "Adjusted residuals",
        "how far each count lies from the expected one, in standard errors",
        YesNo(),
        (_CROSS,),
        usual=False,
    ),
    Setting(
        "order",
        "Order",
        "the order of the values; of a heat map, its variables as they are alike",
        Choice(
            (
                ("codebook", "codebook"),
                ("frequency", "frequency"),
                ("label", "label"),
                ("similar", "alike ones together"),
            )
        ),
        (_FREQUENCIES, Belongs("describe", ("bars", "shares")), Belongs("relate", ("heat map",))),
    ),
    Setting(
        "top",
        "Most frequent",
        "so many of the most frequent values, and the rest together",
        Number(1, 10_000, whole=True, suggested=((None, "all"), (5, "5"), (10, "10"), (20, "20"))),
        (_FREQUENCIES, Belongs("describe", ("bars",))),
    ),
    Setting(
        "missing",
        "Missing",
        "missing values in the table, or in its note",
        Choice((("show", "in the table"), ("hide", "in the note"))),
        (_FREQUENCIES, *_GROUPS),
    ),
    Setting(
        "intervals",
        "Intervals",
        "confidence intervals of percentages or coefficients; the band of a cumulative curve",
        YesNo(),
        (_FREQUENCIES, *_CATEGORY_BARS, Belongs("relate", ("table",)), Belongs("describe", ("cumulative",))),
        usual=False,
    ),
    Setting(
        "hide_below",
        "Hide counts",
        "counts below this are hidden, and what would give them away",
        Number(1, 1_000, whole=True, suggested=((None, "none"), (3, "below 3"), (5, "below 5"), (10, "below 10"))),
        _EVERYWHERE,
    ),
    Setting(
        "classes",
        "In classes",
        "values of a measured variable in classes (yes), or one by one (no)",
        YesNo(),
        (_FREQUENCIES, _CROSS),
        excludes=("rule", "bins", "width", "start", "edges"),
    ),
    Setting(
        "rule",
        "Classes by",
        "how the width of the classes is found",
        Choice(
            (
                ("freedman-diaconis", "Freedman–Diaconis"),
                ("scott", "Scott"),
                ("sturges", "Sturges"),
                ("doane", "Doane"),
                ("square root", "square root"),
                ("whole numbers", "whole numbers"),
            )
        ),
        _CLASSES,
        excludes=("bins", "width", "edges"),
    ),
    Setting(
        "bins",
        "Number of classes",
        "so many classes of equal width",
        Number(1, 1_000, whole=True),
        (*_CLASSES, _PLANES),
    ),
    Setting("width", "Class width", "the width of the classes", _POSITIVE, _CLASSES),
    Setting("start", "First edge", "where the first class begins", Number(), _CLASSES),
    Setting("edges", "Edges", "the limits of the classes, all of them", Numbers(Number()), _CLASSES),
    Setting(
        "closed",
        "Classes closed",
        "on which side a value on an edge belongs to the class",
        Choice((("left", "left"), ("right", "right"))),
        _CLASSES,
        usual="left",
    ),
    Setting(
        "height",
        "Heights",
        "what the height of a bar is",
        Choice((("count", "count"), ("percent", "percent"), ("proportion", "proportion"), ("density", "density"))),
        (_BARS, *_CATEGORY_BARS),
    ),
    Setting(
        "cumulative",
        "Cumulative",
        "each class or value with all below it",
        YesNo(),
        (Belongs("describe", ("histogram", "density")), Belongs("count", ("table",), only=LIST)),
        usual=False,
    ),
    Setting(
        "curve",
        "Curve",
        "the curve over the bars",
        Choice((("normal", "normal"), ("density", "density"), ("both", "both"), ("none", "none"))),
        (_BARS,),
        usual="normal",
    ),
    Setting(
        "bandwidth",
        "Bandwidth ×",
        "a factor: above 1 the curve is smoother, below 1 it is rougher",
        Number(0.01, 100.0),
        (Belongs("describe", ("histogram", "density", "violins")),),
        usual=1.0,
    ),
    Setting(
        "bandwidth_rule",
        "Bandwidth by",
        "how the bandwidth of a density is found",
        Choice((("silverman", "Silverman"), ("scott", "Scott"), ("sheather-jones", "Sheather–Jones"))),
        (Belongs("describe", ("histogram", "density", "violins")),),
        usual="silverman",
    ),
    Setting(
        "quantiles",
        "Quantiles",
        "the type of quantile, after Hyndman and Fan",
        Choice(((6, "type 6"), (7, "type 7"), (8, "type 8"))),
        (Belongs("describe", ("table", "boxes", "violins", "points")),),
        usual=7,
    ),
    Setting(
        "percentiles",
        "Percentiles",
        "percentiles of any share, as columns of their own",
        Numbers(Number(0, 99.9999, above=True)),
        (_TABLE,),
    ),
    Setting(
        "trim",
        "Trimmed at each end",
        "the share of values that a trimmed mean leaves out at each end",
        Number(0, 0.4999),
        (_TABLE,),
        usual=0.05,
    ),
    Setting(
        "fences",
        "Fences",
        "how many interquartile ranges beyond the quartiles a value is an outlier",
        Number(0, 100, above=True, suggested=((1.5, "1.5 IQR"), (3.0, "3 IQR"))),
        (Belongs("describe", ("table", "boxes")),),
        usual=1.5,
    ),
    Setting(
        "outliers_by",
        "Outliers by",
        "Tukey’s fences, or a robust z beyond 3.5",
        Choice((("fences", "fences"), ("robust", "robust z"))),
        (_TABLE,),
        usual="fences",
    ),
    Setting(
        "method",
        "Coefficient",
        "which coefficient of correlation",
        Choice(
            (
                ("pearson", "Pearson"),
                ("spearman", "Spearman"),
                ("kendall", "Kendall"),
                ("fitting", "fitting the levels"),
            )
        ),
        (Belongs("relate", ("table", "heat map", "grid")),),
    ),
    Setting(
        "deletion",
        "Deletion",
        "cases without one of two values, or without any of all values, are left out",
        Choice((("pairwise", "pairwise"), ("listwise", "listwise"))),
        (Belongs("relate"),),
        usual="pairwise",
    ),
    Setting(
        "adjust",
        "*p* adjusted",
        "p-values adjusted for the number of tests",
        _ADJUSTMENTS,
        (Belongs("relate", ("table",)), Belongs("check", ("table",)), _GROUPED_TABLE),
        usual="none",
    ),
    Setting(
        "confidence",
        "Confidence",
        "the level of confidence intervals and bands",
        Number(0, 0.9999, above=True, suggested=((0.9, "90 %"), (0.95, "95 %"), (0.99, "99 %"))),
        (
            Belongs("describe", ("table", "cumulative", "points", "means", "bars")),
            _FREQUENCIES,
            Belongs("count", ("bars",)),
            Belongs("relate", ("table",)),
            Belongs("check", ("quantile plot",)),
        ),
        usual=0.95,
    ),
    Setting(
        "decimals",
        "Decimals",
        "decimals of measures in print",
        Number(0, 15, whole=True, suggested=((None, "by codebook"), (0, "0"), (1, "1"), (2, "2"), (3, "3"))),
        (_TABLE, Belongs("relate", ("table",))),
    ),
    Setting(
        "arrange",
        "Arranged",
        "how groups share the figure",
        Choice(
            (
                ("overlaid", "over each other"),
                ("stacked", "stacked"),
                ("beside", "beside each other"),
                ("panels", "in panels"),
                ("ridges", "in rows that overlap"),
                ("mirrored", "back to back"),
            )
        ),
        (
            Belongs("describe", _CURVES, only=GROUPS),
            *(Belongs(verb, ("bars",), only=GROUPS) for verb in ("describe", "count")),
            Belongs("count", ("bars",), only=AGAINST),
        ),
    ),
    Setting(
        "outline",
        "Outline",
        "bars one by one, their outline in steps, or a line through the middles of their tops",
        Choice((("bars", "bars"), ("steps", "steps"), ("line", "line"))),
        (_BARS,),
    ),
    Setting(
        "filled", "Filled", "areas filled, or outlines alone", YesNo(), (Belongs("describe", ("histogram", "density")),)
    ),
    Setting(
        "log",
        "Logarithmic",
        "equal factors are equally far apart",
        Choice((("no", "no"), ("x", "across"), ("y", "upwards"), ("both", "both"))),
        (Belongs("describe", (*_CURVES, *_SPREADS)), Belongs("relate", ("scatter",))),
        usual="no",
    ),
    Setting(
        "mark",
        "Marked",
        "what is marked and named",
        Choice(
            (
                ("nothing", "nothing"),
                ("mean", "mean"),
                ("median", "median"),
                ("both", "mean and median"),
                ("humps", "humps"),
            )
        ),
        (Belongs("describe", ("histogram", "density", *_SPREADS)),),
    ),
    Setting(
        "ends",
        "Ends",
        "a curve runs on beyond the values, or ends at the smallest and largest",
        Choice((("open", "open"), ("data", "at the data"))),
        (Belongs("describe", ("density", "violins")),),
    ),
    Setting(
        "bounds",
        "Bounds",
        "two values beyond which nothing can lie; the curve is reflected there",
        Numbers(Number()),
        (Belongs("describe", ("density", "violins")),),
    ),
    Setting(
        "weight",
        "Sizes",
        "all groups alike, or by how many cases they have",
        Choice((("equal", "alike"), ("size", "by cases"))),
        (
            Belongs("describe", ("density",), only=GROUPS),
            Belongs("describe", ("boxes", "violins"), only=GROUPS),
        ),
        usual="equal",
    ),
    Setting(
        "whiskers",
        "Whiskers",
        "where whiskers end",
        Choice(
            (
                ("tukey", "within the fences"),
                ("range", "smallest and largest"),
                ("percentiles", "5th and 95th percentile"),
            )
        ),
        (Belongs("describe", ("boxes",)),),
        usual="tukey",
    ),
    Setting(
        "points",
        "Single cases",
        "every case as a dot besides",
        YesNo(),
        (Belongs("describe", ("boxes", "violins", "means")), Belongs("relate", ("scatter",))),
        usual=False,
    ),
    Setting(
        "interval",
        "Interval",
        "what the interval around a mean is",
        Choice((("ci", "confidence interval"), ("sd", "standard deviation"), ("se", "standard error"))),
        (Belongs("describe", ("means", "points")),),
        usual="ci",
    ),
    Setting(
        "lying",
        "Lying",
        "places one under the other, values to the right",
        YesNo(),
        (Belongs("describe", (*_SPREADS, "means", "bars")), Belongs("count", ("bars",))),
    ),
    Setting(
        "sort",
        "Sorted",
        "bars, or cases of a missing map, sorted by what they show",
        YesNo(),
        (Belongs("describe", ("shares", "missing map")), Belongs("count", ("shares",))),
        usual=False,
    ),
    Setting(
        "minimum",
        "Least count",
        "tiles of fewer cases are left white",
        Number(1, 1_000_000, whole=True),
        (_PLANES,),
        usual=1,
    ),
    Setting(
        "fit",
        "Line",
        "a line through the dots",
        Choice((("none", "none"), ("straight", "straight"), ("smooth", "smooth"))),
        (_PLANES,),
        usual="none",
    ),
    Setting(
        "band",
        "Band",
        "for each point by itself, or for all points at once",
        Choice((("pointwise", "point by point"), ("simultaneous", "all at once"))),
        (Belongs("check", ("quantile plot",)),),
        usual="pointwise",
    ),
    Setting(
        "size",
        "Width",
        "how wide the figure is on paper",
        Choice((("column", "one column"), ("half", "one and a half"), ("page", "the page"))),
        (
            Belongs("describe", (*_CURVES, *_SPREADS, "means", "bars", "shares", "missing map")),
            Belongs("count", ("bars", "shares", "heat map")),
            Belongs("check", ("quantile plot",)),
            Belongs("relate", ("scatter", "grid", "heat map")),
        ),
    ),
)
SETTINGS = {setting.name: setting for setting in _ENTRIES}
CLASS_SETTINGS = tuple(s.name for s in _ENTRIES if set(_CLASSES) <= set(s.belongs) and s.usual is None)
