"""The settings: every word after `with` that takes a value. To add one: an entry here, and its use where the verb reads it."""

from __future__ import annotations

from istrel.english import english
from istrel.sentence.vocabulary import statistics
from istrel.sentence.vocabulary.entries import AGAINST, GROUPS, LIST, Belongs, Need, Setting
from istrel.sentence.vocabulary.figure_settings import BARS, CATEGORY_BARS, FIGURE_SETTINGS, PLANES
from istrel.sentence.vocabulary.takes import Choice, Names, Number, Numbers, YesNo, YesNoOr
from istrel.sentence.vocabulary.verbs import VERBS

_TABLE = Belongs("describe", ("table",))
_GROUPED_TABLE = Belongs("describe", ("table",), only=GROUPS)
_FREQUENCIES = Belongs("count", ("table", "bars", "shares"), only=LIST)
_LISTED_FREQUENCIES = Belongs("count", ("table", "bars"), only=LIST)
_CROSS = Belongs("count", only=AGAINST)
_CROSS_TABLE = Belongs("count", ("table",), only=AGAINST)
_CLASSES = (BARS, _FREQUENCIES, _CROSS)
_GROUPS = tuple(Belongs(verb, only=GROUPS) for verb in VERBS)
_EVERYWHERE = tuple(Belongs(verb) for verb in VERBS)
_LISTED, _ALIKE = (_FREQUENCIES, Belongs("describe", ("bars", "shares"))), (Belongs("relate", ("heat map",)),)
_SMOOTH = (Need(BARS, "curve", ("density", "both")),)
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
    Setting(
        "total",
        "Total",
        "all groups together, after the groups; of frequencies without groups a row of their sum",
        YesNo(),
        (*_GROUPS, Belongs("count", ("table",), only=LIST)),
        usual=False,
    ),
    Setting(
        "layout",
        "Layout",
        "groups in rows or side by side; the statistics one under the other; a column for each variable; or for each answer",
        Choice(
            (
                ("rows", "groups in rows"),
                ("columns", "groups side by side"),
                ("statistics", "statistics in rows"),
                ("variables", "variables in columns"),
                ("answers", "answers in columns"),
            )
        ),
        (_TABLE, Belongs("count", ("table",), only=LIST)),
        usually=(("", "what fits"),),
        of_values=True,
    ),
    Setting(
        "difference",
        "Differences",
        "how much the groups differ: a standardized difference with its interval; of correlations by Fisher’s z",
        YesNo(),
        (_GROUPED_TABLE, Belongs("relate", ("table",), only=GROUPS)),
        usual=False,
    ),
    Setting(
        "test",
        "Tests of differences",
        "whether chance explains the difference between the groups; yes follows the statistics asked for",
        YesNoOr((("means", "of means"), ("ranks", "by ranks"))),
        (_GROUPED_TABLE,),
        usual=False,
        not_weighted=("ranks",),
        unasked=((_CROSS, english("the note says the test unasked")),),
    ),
    Setting(
        "measure",
        "Measure",
        "how two shares in two groups are compared; d_z standardizes changes within persons by their own spread",
        Choice(
            (
                ("difference", "difference"),
                ("risk ratio", "risk ratio"),
                ("odds ratio", "odds ratio"),
                ("d_z", "*d* of changes"),
            )
        ),
        (_GROUPED_TABLE,),
        usual="difference",
        not_weighted=("risk ratio", "odds ratio", "d_z"),
    ),
    Setting(
        "pairs",
        "Pairs",
        "every pair of more than two groups, with p for all of them together",
        YesNo(),
        (_GROUPED_TABLE,),
        usual=False,
        not_weighted=(True,),
    ),
    Setting(
        "percent",
        "Percentages",
        "what the percentages of a cross-table are of",
        Choice((("row", "of the row"), ("column", "of the column"), ("total", "of all"))),
        (_CROSS,),
        usually=(("", "none"),),
        of_values=True,
    ),
    Setting(
        "expected",
        "Expected counts",
        "the counts that independence would give",
        YesNo(),
        (_CROSS_TABLE,),
        usual=False,
        not_weighted=(True,),
        of_values=True,
    ),
    Setting(
        "persons",
        "Persons",
        "persons are counted, not their rows",
        YesNo(),
        (_FREQUENCIES, _CROSS),
        usual=False,
        of_values=True,
    ),
    Setting(
        "combinations",
        "Combinations",
        "of a question with several answers: which of them were given together",
        YesNo(),
        (_LISTED_FREQUENCIES,),
        usual=False,
    ),
    Setting(
        "residuals",
        "Adjusted residuals",
        "how far each count lies from the expected one, in standard errors",
        YesNo(),
        (Belongs("count", ("table", "heat map"), only=AGAINST),),
        usual=False,
        not_weighted=(True,),
        of_values=True,
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
        (*_LISTED, *_ALIKE),
        usually=(("", "codebook"),),
        options=(("frequency", _LISTED), ("label", _LISTED), ("similar", _ALIKE)),
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
        usually=(("", "as fits"),),
        of_values=True,
    ),
    Setting(
        "intervals",
        "Intervals",
        "confidence intervals of percentages or coefficients; the band of a cumulative curve",
        YesNo(),
        (_LISTED_FREQUENCIES, *CATEGORY_BARS, Belongs("relate", ("table",)), Belongs("describe", ("cumulative",))),
        usual=False,
    ),
    Setting(
        "hide_below",
        "Hide counts",
        "counts below this are hidden, and what would give them away",
        Number(1, 1_000, whole=True, suggested=((None, "none"), (3, "below 3"), (5, "below 5"), (10, "below 10"))),
        _EVERYWHERE,
        of_values=True,
    ),
    Setting(
        "classes",
        "In classes",
        "values of a measured variable in classes (yes), or one by one (no)",
        YesNo(),
        (_FREQUENCIES, _CROSS),
        excludes=("rule", "bins", "width", "start", "edges"),
        of_values=True,
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
        usually=(("", "by the data"),),
        of_values=True,
    ),
    Setting(
        "bins",
        "Number of classes",
        "so many classes of equal width",
        Number(1, 1_000, whole=True),
        (*_CLASSES, PLANES),
        excludes=("rule", "width", "edges"),
        of_values=True,
    ),
    Setting(
        "width",
        "Class width",
        "the width of the classes",
        _POSITIVE,
        _CLASSES,
        excludes=("rule", "bins", "edges"),
        of_values=True,
    ),
    Setting("start", "First edge", "where the first class begins", Number(), _CLASSES, excludes=("edges",)),
    Setting(
        "edges",
        "Edges",
        "the limits of the classes, all of them",
        Numbers(Number(), open_ends=True),
        _CLASSES,
        excludes=("rule", "bins", "width", "start"),
        of_values=True,
    ),
    Setting(
        "closed",
        "Classes closed",
        "on which side a value on an edge belongs to the class",
        Choice((("left", "left"), ("right", "right"))),
        _CLASSES,
        usual="left",
        of_values=True,
    ),
    Setting(
        "height",
        "Heights",
        "what the height of a bar is",
        Choice((("count", "count"), ("percent", "percent"), ("proportion", "proportion"), ("density", "density"))),
        (BARS, *CATEGORY_BARS),
        usually=(("histogram", "count"), ("", "by the groups")),
        of_values=True,
    ),
    Setting(
        "cumulative",
        "Cumulative",
        "each class or value with all below it",
        YesNo(),
        (Belongs("describe", ("histogram", "density")), Belongs("count", ("table",), only=LIST)),
        usual=False,
        of_values=True,
    ),
    Setting(
        "curve",
        "Curve",
        "the curve over the bars",
        Choice((("normal", "normal"), ("density", "density"), ("both", "both"), ("none", "none"))),
        (BARS,),
        usual="normal",
    ),
    Setting(
        "bandwidth",
        "Bandwidth ×",
        "a factor: above 1 the curve is smoother, below 1 it is rougher",
        Number(0.01, 100.0),
        (Belongs("describe", ("histogram", "density", "violins")),),
        usual=1.0,
        needs=_SMOOTH,
    ),
    Setting(
        "bandwidth_rule",
        "Bandwidth by",
        "how the bandwidth of a density is found",
        Choice((("silverman", "Silverman"), ("scott", "Scott"), ("sheather-jones", "Sheather–Jones"))),
        (Belongs("describe", ("histogram", "density", "violins")),),
        usual="silverman",
        not_weighted=("sheather-jones",),
        needs=_SMOOTH,
    ),
    Setting(
        "quantiles",
        "Quantiles",
        "the type of quantile, after Hyndman and Fan",
        Choice(((6, "type 6"), (7, "type 7"), (8, "type 8"))),
        (Belongs("describe", ("table", "boxes", "violins", "points")),),
        usual=7,
        not_weighted=(...,),
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
        not_weighted=(...,),
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
        (Belongs("relate", ("table", "heat map")),),
        usually=(("", "fitting the levels"),),
        not_weighted=("spearman", "kendall"),
    ),
    Setting(
        "deletion",
        "Deletion",
        "cases without one of two values, or without any of all values, are left out",
        Choice((("pairwise", "pairwise"), ("listwise", "listwise"))),
        (Belongs("relate", ("table", "heat map", "grid")),),
        usual="pairwise",
    ),
    Setting(
        "within",
        "Within persons",
        "how values move together in the rows of one person",
        YesNo(),
        (Belongs("relate", ("table",)),),
        usual=False,
        not_weighted=(True,),
        excludes=("between",),
    ),
    Setting(
        "between",
        "Between persons",
        "how the means of persons who have several rows go together",
        YesNo(),
        (Belongs("relate", ("table",)),),
        usual=False,
        not_weighted=(True,),
        excludes=("within",),
    ),
    Setting(
        "unweighted",
        "Without weights",
        "each row counts as one, though the rows of the study are weighted",
        YesNo(),
        _EVERYWHERE,
        usual=False,
    ),
    Setting(
        "agreement",
        "Agreement",
        "how far two raters or methods agree: kappa, intraclass correlations, limits of agreement",
        YesNo(),
        (Belongs("relate", ("table", "scatter")),),
        usual=False,
        excludes=("within", "between", "alpha"),
        not_weighted=(True,),
    ),
    Setting(
        "alpha",
        "Alpha",
        "Cronbach’s alpha of composites on the diagonal of the matrix",
        YesNo(),
        (Belongs("relate", ("table",)),),
        usual=False,
        not_weighted=(True,),
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
            Belongs("describe", ("table", "cumulative", "points", "means", "bars", "paths")),
            _LISTED_FREQUENCIES,
            Belongs("count", ("bars",)),
            Belongs("relate", ("table",)),
            Belongs("check", ("quantile plot", "scale")),
        ),
        usual=0.95,
        needs=(
            *(
                Need(place, "intervals", (True,))
                for place in (
                    Belongs("describe", ("cumulative", "bars")),
                    Belongs("count", ("table", "bars")),
                    Belongs("relate", ("table",)),
                )
            ),
            Need(Belongs("describe", ("points", "means")), "interval", ("ci",)),
        ),
    ),
    Setting(
        "decimals",
        "Decimals",
        "decimals of measures in print",
        Number(0, 15, whole=True, suggested=((None, "by codebook"), (0, "0"), (1, "1"), (2, "2"), (3, "3"))),
        (_TABLE, Belongs("relate", ("table",)), Belongs("check", ("scale",))),
    ),
    *FIGURE_SETTINGS,
)
SETTINGS = {setting.name: setting for setting in _ENTRIES}
CLASS_SETTINGS = tuple(s.name for s in _ENTRIES if set(_CLASSES) <= set(s.belongs) and s.usual is None)
