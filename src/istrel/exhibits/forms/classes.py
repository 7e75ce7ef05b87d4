"""Class intervals that all groups of a variable share: which they are, and how that is said."""

from __future__ import annotations

from typing import cast

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind as Stored
from istrel.data.levels import Level
from istrel.exhibits.contracts import Plan
from istrel.exhibits.forms.common import is_log, values_in_use
from istrel.exhibits.shared import arranged
from istrel.exhibits.store import store_of
from istrel.exhibits.text import Cell, Text, say
from istrel.sentence.settings import Settings
from istrel.sentence.vocabulary import CLASS_SETTINGS
from istrel.stats import binning
from istrel.stats.periods import PERIODS, period_starts
from istrel.style.numbers import Kind

MOST_UNASKED = 25  # where the sentence says nothing about them
RULES = {
    "freedman-diaconis": "the_rule_of_freedman_and",
    "scott": "scotts_1979_rule",
    "sturges": "sturges_1926_rule",
    "doane": "doanes_1976_rule",
    "square root": "the_square_root_rule",
}
DECIDED = {"edges": "the_class_limits_given", "whole numbers": "a_class_for_each_whole", "one": "a_single_class"}


def class_settings(said: Settings, usual: str) -> binning.ClassSettings:
    """What the sentence says about classes; the usual rule where it names none. The smallest and the largest value are single
    cases, so where small counts are hidden no class ends at one.
    """
    rule = cast(binning.Rule, said["rule"] or usual)
    closed = cast(binning.Closed, said["closed"])
    most = None if said["rule"] else MOST_UNASKED
    anonymous = said["hide_below"] is not None
    return binning.ClassSettings(
        rule, said["bins"], said["width"], said["start"], said["edges"], closed, most, anonymous
    )


def height_of(said: Settings) -> binning.Height:
    """What the height of a bar of a class is."""
    return cast(binning.Height, said["height"] or "count")


def shared_edges(name: str, plan: Plan, usual: str = "freedman-diaconis") -> binning.ClassEdges | None:
    """One set of edges for all groups of a variable; None where no case has a value that can be drawn.

    On a logarithmic axis classes are formed on the logarithm.
    """
    cells, log = arranged(name, plan.cases.everyone, plan.data), is_log(plan)
    drawn = cells.values > 0 if log else slice(None)
    values, times = cells.values[drawn], None if cells.times is None else cells.times[drawn]
    if values.size == 0:
        return None
    settings = class_settings(plan.request.settings, usual)

    def make() -> binning.ClassEdges:
        if plan.data.table.column(name).kind is Stored.DATE and _by_rule(plan):
            return _calendar_edges(values, settings, times)
        if not log or settings.edges is not None:
            return binning.class_edges(values, settings, times)
        found = binning.class_edges(np.log10(values), settings, times)
        edges = 10.0**found.edges
        edges[0], edges[-1] = min(edges[0], values.min()), max(edges[-1], values.max())  # a power is not exact
        return found._replace(edges=edges)

    key = ("edges", name, plan.cases.everyone.key, settings, log)
    return store_of(plan.data).once(key, make, lambda _: 1024)


def _by_rule(plan: Plan) -> bool:
    """Whether nobody says what the classes are."""
    said = plan.request.settings
    return not any(said[name] for name in CLASS_SETTINGS if name != "rule")


def _calendar_edges(
    values: NDArray[np.float64], settings: binning.ClassSettings, times: NDArray[np.int64] | None
) -> binning.ClassEdges:
    """Days, weeks, months, quarters or years: the period that is nearest to the width that the rule gives."""
    found = binning.class_edges(values, settings, times)
    width = float(np.median(np.diff(found.edges)))
    per = min(PERIODS, key=lambda name: abs(np.log(PERIODS[name] / width)))
    first, last = period_starts(np.array([values.min(), values.max()]), per, dated=True)
    step = PERIODS[per] / 2  # from one period into the next, wherever one begins
    edges = np.unique(period_starts(np.arange(first, last + 2.2 * PERIODS[per], step), per, dated=True))
    return found._replace(edges=edges[: int(np.searchsorted(edges, last, side="right")) + 1])


def usual_rule(name: str, plan: Plan) -> str:
    """A class for each whole number where a count or a coded variable has few of them."""
    values = values_in_use(name, plan)
    level = plan.data.variable(name).level
    whole = level is Level.COUNT or level.categorical
    if values.size and whole and values[-1] - values[0] < MOST_UNASKED and not is_log(plan):
        return "whole numbers"
    return "freedman-diaconis"


def classes_words(decided_by: str, said: Settings) -> Text:
    """How class intervals were found."""
    if decided_by == "width":
        return say("classes_of_width", width=Cell(float(said["width"]), Kind.EDGE))
    if decided_by == "bins":
        return say("classes_of_equal_width", n=said["bins"])
    if decided_by == "most":
        return say("classes_at_most", n=MOST_UNASKED)
    if decided_by in RULES:
        return say("class_widths_by_rounded", rule=say(RULES[decided_by]))
    return say(DECIDED[decided_by])
