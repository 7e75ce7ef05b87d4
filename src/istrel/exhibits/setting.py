"""What a verb gives when it has typeset its result: the sheet, the words that go with it, and the margin notes."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Literal

from istrel.exhibits.behind import Behind
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import Text
from istrel.sentence.request import Request

Sheet = TableSheet | FigureSheet


@dataclass(frozen=True)
class Remedy:
    """What one click does: another exhibit, a value declared missing in the codebook, or whose rows these are."""

    words: str
    request: Request | None = None
    variable: str = ""
    code: float | None = None
    person: str = ""


RemarkKind = Literal[
    "code",
    "remote_value",
    "humps",
    "skewed",
    "end_of_scale",
    "many_zeros",
    "missing_differs",
    "unequal_spread",
    "small_group",
    "ordinal_mean",
    "groups_by_chance",
    "classes",
    "small_expected",
    "number_of_cases",
    "same_thing",
    "one_case",
    "bent",
    "turned_items",
    "repeated_persons",
    "few_by_weights",
    # counsel: what could be done next
    "by_medians",
    "logarithm",
    "by_ranks",
    "trifle",
    "not_shown_equal",
    "other_group",
    "missing_depends",
    "nothing_straight",
    "ranks_agree_more",
    "item_out",
]


@dataclass(frozen=True)
class MarginNote:
    """A remark on one variable (and group); short and in lower case. `cases` are those it means, if it means some."""

    kind: RemarkKind
    variable: str
    group: tuple[str, ...]
    says: Text
    remedies: tuple[Remedy, ...] = ()
    cases: Behind | None = None


@dataclass(frozen=True, eq=False)
class Setting:
    """An exhibit set.

    Attributes
    ----------
    methods
        Sentences that name each definition used.
    text
        A results paragraph.
    shown
        The statistic in each column, where columns are statistics.
    """

    sheet: Sheet
    methods: Text
    text: Text
    margin: tuple[MarginNote, ...] = ()
    shown: tuple[str, ...] = ()
