"""Years of an era beside them, as numbers: 300 BC, 44 v. Chr., AD 79. Those before our era are negative."""

from __future__ import annotations

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc

from istrel.data.reading.durations import Read, numbers_in
from istrel.english import english, numeral

SAMPLE = 1_000
BEFORE = r"BCE?|B\. ?C\.(?: ?E\.)?|v\. ?(?:Chr\.|u\. ?Z\.)|av\. ?J\.?-?C\.?|a\. ?(?:C\.|e\. ?c\.)"
AFTER = r"CE|AD|A\. ?D\.|n\. ?(?:Chr\.|u\. ?Z\.)|(?:apr|ap)\. ?J\.?-?C\.?|d\. ?(?:C\.|e\. ?c\.)"
YEAR = rf"^(?:(?P<first>AD|A\. ?D\.) ?)?(?P<a>[0-9]{{1,6}})(?: ?(?:(?P<before>{BEFORE})|(?P<after>{AFTER})))?$"
AT_LEAST = 0.5  # of the words name their era: a year alone is one of ours


def as_years(words: pa.Array) -> Read | None:
    """The words of a column as years, before our era below 0; None where few of them name an era."""
    plain = pc.utf8_trim_whitespace(words)
    if not pc.any(pc.match_substring_regex(plain.slice(0, SAMPLE), f"(?:{BEFORE}|{AFTER})$|^A\\.?D")).as_py():
        return None
    found = pc.extract_regex(plain, YEAR)
    (years,), fits = numbers_in(found, ("a",))
    named = [np.asarray(pc.not_equal(pc.fill_null(pc.struct_field(found, era), ""), "")) for era in ERAS]
    before, said = named[0], np.logical_or.reduce(named)
    if (fits & said).sum() < AT_LEAST * len(words):
        return None
    at = int(np.flatnonzero(fits & (before if (fits & before).any() else said))[0])
    values = np.where(before, -years, years)
    says = english(
        "years of an era, those before ours below 0 ({number} for “{word}”).",
        number=numeral(values[at]),
        word=plain[at].as_py(),
    )
    return Read(np.where(fits, values, 0.0), fits, "", says)


ERAS = ("before", "after", "first")
