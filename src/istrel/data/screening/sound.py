"""What was looked at and found sound: every kind of finding has its words, which are said where none of them was made."""

from __future__ import annotations

from collections.abc import Iterable

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.screening import copies, shape
from istrel.data.screening.finding import Finding
from istrel.english import english
from istrel.stats import remote

LOOKED_AT = {
    english("rows that are no cases"): ("counted_rows", "weighted_rows", "summary_rows"),
    english("codes for “no answer”"): ("suspected_missing_code",),
    english("text among numbers"): ("text_in_numbers", "two_numbers"),
    english("spellings"): ("spelling_variants", "stray_spaces"),
    english("remote values"): ("remote_value", "other_unit"),
    english("repeated rows and identifiers"): ("repeated_rows", "repeated_key", "identifier"),
    english("dates out of order"): ("date_future", "date_order", "date_gap"),
    english("missing values"): ("high_missing", "missing_together"),
    english("variables that hardly vary"): ("constant", "near_constant", "coded_category"),
    english("copies"): ("near_copy",),
    english("mail addresses and telephone numbers"): ("personal",),
    english("shapes"): ("many_zeros", "skewed", "humps"),
}

NEEDS = {"date_future": Kind.DATE, "personal": Kind.TEXT}  # what must be there to be looked at
SMALLEST = {"remote_value": remote.FEWEST, "near_copy": copies.FEWEST, "many_zeros": shape.ENOUGH}  # and how many cases


def found_sound(findings: Iterable[Finding], data: Dataset) -> tuple[str, ...]:
    """What was looked at without a finding, in the order of its weight; nothing that could not have been found in it."""
    found = {finding.kind for finding in findings}
    there = {Kind.NUMBER, *(column.kind for column in data.table.columns)}
    return tuple(
        words
        for words, kinds in LOOKED_AT.items()
        if not found & {*kinds}
        and NEEDS.get(kinds[0], Kind.NUMBER) in there
        and data.n_rows >= SMALLEST.get(kinds[0], 0)
    )
