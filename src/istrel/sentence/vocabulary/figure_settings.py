"""The settings of figures alone: how groups share them, what is drawn besides, and how wide they are on paper."""

from __future__ import annotations

from istrel.sentence.vocabulary.entries import AGAINST, GROUPS, SHARED, Belongs, Setting
from istrel.sentence.vocabulary.takes import Choice, Ends, Number, YesNo

BARS = Belongs("describe", ("histogram",))
CATEGORY_BARS = (Belongs("describe", ("bars",)), Belongs("count", ("bars",)))
SPREADS = ("boxes", "violins", "points")
CURVES = ("histogram", "density", "cumulative")
PLANES = Belongs("relate", ("scatter", "grid"))

FIGURE_SETTINGS = (
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
            Belongs("describe", CURVES, only=SHARED),
            *(Belongs(verb, ("bars",), only=GROUPS) for verb in ("describe", "count")),
            Belongs("count", ("bars",), only=AGAINST),
        ),
        usually=(("histogram", "in panels"), ("", "over each other"), ("bars", "beside each other")),
    ),
    Setting(
        "outline",
        "Outline",
        "bars one by one, their outline in steps, or a line through the middles of their tops",
        Choice((("bars", "bars"), ("steps", "steps"), ("line", "line"))),
        (BARS,),
        usually=(("", "bars"),),
    ),
    Setting(
        "filled",
        "Filled",
        "areas filled, or outlines alone",
        YesNo(),
        (Belongs("describe", ("histogram", "density")),),
        usually=(("histogram", "yes"), ("", "as fits")),
    ),
    Setting(
        "log",
        "Logarithmic",
        "equal factors are equally far apart",
        Choice((("no", "no"), ("x", "across"), ("y", "upwards"), ("both", "both"))),
        (Belongs("describe", (*CURVES, *SPREADS)), Belongs("relate", ("scatter",))),
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
        (Belongs("describe", ("histogram", "density", *SPREADS)),),
        usually=(("points", "mean"), ("", "nothing")),
        options=(("humps", (Belongs("describe", ("histogram", "density")),)),),
    ),
    Setting(
        "ends",
        "Ends",
        "a curve runs on beyond the values, or ends at the smallest and largest; it ends where values cannot lie beyond",
        Choice((("open", "open"), ("data", "at the data"))),
        (Belongs("describe", ("density", "violins")),),
        usually=(("", "by what can be"),),
    ),
    Setting(
        "bounds",
        "Bounds",
        "two values beyond which nothing can lie; the curve is reflected there",
        Ends(Number()),
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
        (Belongs("describe", (*SPREADS, "means", "bars")), Belongs("count", ("bars",))),
        usually=(("", "by the names"),),
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
        (PLANES,),
        usual=1,
    ),
    Setting(
        "fit",
        "Line",
        "a line through the dots",
        Choice((("none", "none"), ("straight", "straight"), ("smooth", "smooth"))),
        (PLANES,),
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
    *(
        Setting(
            f"{letter}_limits",
            f"Ends {side}",
            f"two values at which the axis {side} ends; nothing that is drawn lies beyond",
            Ends(Number()),
            (
                Belongs("describe", (*CURVES, *SPREADS, "means", "bars")),
                Belongs("count", ("bars",)),
                Belongs("check", ("quantile plot",)),
                Belongs("relate", ("scatter",)),
            ),
            usually=(("", "by what is drawn"),),
        )
        for letter, side in (("x", "across"), ("y", "upwards"))
    ),
    Setting(
        "per",
        "Per",
        "the period whose means are the points of a line",
        Choice(
            (("day", "day"), ("week", "week"), ("month", "month"), ("quarter", "quarter"), ("year", "year")),
        ),
        (Belongs("relate", ("line",)),),
        usually=(("", "as fits"),),
    ),
    Setting(
        "moving",
        "Moving mean of",
        "so many neighbouring points of a line together",
        Number(2, 365, whole=True, suggested=((None, "none"), (3, "3"), (7, "7"), (12, "12"))),
        (Belongs("relate", ("line",)), Belongs("describe", ("line",))),
    ),
    Setting(
        "size",
        "Width",
        "how wide the figure is on paper",
        Choice((("column", "one column"), ("half", "one and a half"), ("page", "the page"))),
        (
            Belongs("describe", (*CURVES, *SPREADS, "means", "bars", "shares", "missing map")),
            Belongs("count", ("bars", "shares", "heat map")),
            Belongs("check", ("quantile plot",)),
            Belongs("relate", ("scatter", "grid", "heat map")),
        ),
        usually=(("", "by the form"),),
    ),
)
