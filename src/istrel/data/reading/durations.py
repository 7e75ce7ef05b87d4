"""Times of day and durations as measures, with colons or units: hours, minutes, or seconds.

What can be two of them is said and left as text.
"""

from __future__ import annotations

import re
from dataclasses import dataclass

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.column import Column, Kind
from istrel.data.reading.notes import Notes
from istrel.english import english, numeral
from istrel.stats.distinct import distinct_values

SAMPLE = 1_000
THREE = r"^(?P<a>[0-9]{1,3}):(?P<b>[0-5][0-9]):(?P<c>[0-5][0-9](?:[.,][0-9]+)?)$"
TWO = r"^(?P<a>[0-9]{1,3}):(?P<b>[0-5][0-9](?:[.,][0-9]+)?)$"
HALVES = r"^(?P<a>1[0-2]|0?[1-9])(?::(?P<b>[0-5][0-9])(?::(?P<c>[0-5][0-9]))?)? ?(?P<half>[AaPp])\.?[Mm]\.?$"
ONE = r"^(?P<a>[0-9]{1,3}(?:[.,][0-9]+)?)$"
HOURS = (  # “2.50 h” is two hours and a half
    r"^(?P<a>[0-9]{1,3})(?: ?[hH] ?(?P<b>[0-5][0-9])(?: ?min)?|:(?P<c>[0-5][0-9]) ?(?:Uhr|[hH])|\.(?P<d>[0-5][0-9]) ?Uhr|"
    r" ?(?:Uhr|[hH]))$"
)
IN_LETTERS = (  # of ISO 8601; a year and a month, “P1M”, have no one length
    r"^P(?:(?P<w>[0-9]+)W)?(?:(?P<d>[0-9]+)D)?(?:T(?:(?P<a>[0-9]+(?:[.,][0-9]+)?)H)?(?:(?P<b>[0-9]+(?:[.,][0-9]+)?)M)?"
    r"(?:(?P<c>[0-9]+(?:[.,][0-9]+)?)S)?)?$"
)
AGES = r"^(?P<a>[0-9]{1,2});(?P<b>1[01]|0?[0-9])(?:\.(?P<c>[0-2]?[0-9]))?$"  # of children: years;months.days
MOSTLY, DAYS_OF_A_MONTH = 0.95, 30.4375
AND = r"(?:,| and| und| et| y)? ?"
IN_UNITS = (
    rf"^(?:(?P<d>[0-9]+(?:[.,][0-9]+)?) ?(?:d|days?|Tage?n?|jours?|días?){AND})?"
    rf"(?:(?P<a>[0-9]+(?:[.,][0-9]+)?) ?(?:h|hrs?|hours?|Std\.?|Stunden?|heures?|horas?){AND})?"
    rf"(?:(?P<b>[0-9]+(?:[.,][0-9]+)?) ?(?:m|min|mins|minutes?|Min\.?|Minuten?|minutos?){AND})?"
    r"(?:(?P<c>[0-9]+(?:[.,][0-9]+)?) ?(?:s|sec|secs|seconds?|Sek\.?|Sekunden?|secondes?|segundos?))?$"
)
PACE = r"^(?P<a>[0-9]{1,3}):(?P<b>[0-5][0-9](?:[.,][0-9]+)?) ?(?:min)? ?/ ?(?P<of>km|mi|mile|100 ?m|500 ?m)$"
SPLIT = re.compile(r"[0-9]:[0-5][0-9]")
NAMED = re.compile(r"[0-9] ?(?:[hms]|Std|Uhr|Min|Stund)")
CLOCK = re.compile(
    r"(?:^|[_\W])(?:clock|time[_ ]of[_ ]day|o.?clock|woke|wake|bed[_ ]?time|got[_ ]up|arriv\w*|depart\w*|start\w*|begin\w*|end|"
    r"ends|until|from|uhr|uhrzeit|beginn|ende|ankunft|abfahrt|heure|début|fin|hora|inicio|salida|llegada)(?:$|[_\W])|time$|zeit$",
    re.IGNORECASE,
)
DURATION = re.compile(
    r"(?:^|[_\W])(?:duration|elapsed|finish\w*|split|lap|race|swim|run|ride|dauer|laufzeit|durée|duración)(?:$|[_\W])",
    re.IGNORECASE,
)
YEARS_AND_MONTHS = re.compile(
    r"(?i)(?:^|[\W_])(?:j|y|a|jahre?|years?|yrs?|ans|años)\s?[,.;:/]\s?(?:m|monate?|months?|mo|mois|meses)(?:$|[\W_])"
)
FEWEST_OF_A_CLOCK = 8  # values
FEWEST_MINUTES = 3  # different ones: “.0” and “.5” are halves of an hour as well
MONTHS = (*range(12), *range(10, 100, 10))  # “8,1” may be ten months or one
HOURS_OF_A_DAY = 24


@dataclass(frozen=True, eq=False)
class Read:
    """Distinct words as measures: float64, whether each could be read, the unit, and what to say.

    Where nothing is read, `said` tells the two readings.
    """

    values: NDArray[np.float64]
    read: NDArray[np.bool_]
    unit: str
    said: str
    unsure: bool = False


def as_durations(name: str, words: pa.Array) -> Read | None:
    """The words of a column as hours, minutes or seconds; None where few of them have two numbers with a colon or units."""
    plain = pc.utf8_trim_whitespace(words)
    sample = plain.slice(0, SAMPLE)
    for pattern, read in ((NAMED.pattern, _in_units), ("^P[T0-9]", _in_letters), ("^[0-9]{1,2};", _ages)):
        if pc.any(pc.match_substring_regex(sample, pattern)).as_py() and (found := read(plain)) is not None:
            return found
    if not pc.any(pc.match_substring_regex(sample, SPLIT.pattern)).as_py():
        return None
    if (paces := _paces(plain, sample)) is not None:
        return paces
    halves = _halves(plain)
    if halves[1].any():
        return _read(plain, *halves, "h", english("times of day, read as hours"))
    three, two, one = (_parts(plain, pattern) for pattern in (THREE, TWO, ONE))
    n3, n2 = int(three[1].sum()), int(two[1].sum())
    if not n3 and not n2:
        return None
    padded = bool(pc.any(pc.match_substring_regex(plain, "^0[0-9]:")).as_py())
    first = np.where(three[1], three[0][0], np.where(two[1], two[0][0], 0.0))
    of_day = bool((first < HOURS_OF_A_DAY).all())
    fractions = bool(pc.any(pc.match_substring_regex(plain, ":[0-9]{2}[.,][0-9]")).as_py())
    a, b, c = three[0]
    if of_day and not fractions and not DURATION.search(name) and (padded or CLOCK.search(name)):
        values = np.where(three[1], a + b / 60 + c / 3600, two[0][0] + two[0][1] / 60)
        return _read(plain, values, three[1] | two[1], "h", english("times of day, read as hours"))
    if n3:
        values = np.where(three[1], 60 * a + b + c / 60, two[0][0] + two[0][1] / 60)
        return _read(plain, values, three[1] | two[1], "min", english("durations, read as minutes"))
    if fractions:
        values = np.where(two[1], 60 * two[0][0] + two[0][1], one[0][0])
        return _read(plain, values, two[1] | one[1], "s", english("durations, read as seconds"))
    at = int(np.flatnonzero(two[1])[0])
    says = english(
        "“{word}” may be hours and minutes, or minutes and seconds; it was left as text.", word=plain[at].as_py()
    )
    return Read(np.zeros(len(words)), two[1], "", says, unsure=True)


def _paces(plain: pa.Array, sample: pa.Array) -> Read | None:
    """“4:35 /km” as minutes for each of what most words name; None where few name it."""
    found = pc.extract_regex(plain, PACE)
    of = pc.value_counts(pc.drop_null(pc.struct_field(found, "of")))
    if not len(of) or not pc.any(pc.match_substring_regex(sample, PACE)).as_py():
        return None
    each = max(of.to_pylist(), key=lambda one: int(one["counts"]))["values"]
    (minutes, seconds), fits = numbers_in(found, ("a", "b"))
    fits &= np.asarray(pc.fill_null(pc.equal(pc.struct_field(found, "of"), each), False))
    if 2 * fits.sum() < len(plain):
        return None
    return _read(plain, minutes + seconds / 60, fits, f"min/{each}", english("minutes and seconds, read as minutes"))


def _in_units(plain: pa.Array) -> Read | None:
    """“12h30”, “9.15 Uhr”, “1 h 5 min” as hours, with “22m 44s” as minutes, where some words have two parts; else None."""
    (hour, *minutes_of), of_hours = _parts(plain, HOURS)
    minute = sum(minutes_of)
    (days, hours, minutes, seconds), fits = _parts(plain, IN_UNITS)
    if (of_hours & (minute > 0)).any() and of_hours.sum() >= fits.sum():
        return _read(plain, hour + minute / 60, of_hours, "h", english("hours and minutes, read as hours"))
    parts = sum((part > 0).astype(int) for part in (days, hours, minutes, seconds))
    if not (fits & (parts > 1)).any():
        return None
    values = 60 * (24 * days + hours) + minutes + seconds / 60
    if (hours[fits] + days[fits] > 0).all():
        return _read(plain, values / 60, fits, "h", english("durations, read as hours"))
    return _read(plain, values, fits, "min", english("durations, read as minutes"))


def _in_letters(plain: pa.Array) -> Read | None:
    """“PT1H30M” as minutes."""
    (weeks, days, hours, minutes, seconds), fits = _parts(plain, IN_LETTERS)
    fits &= np.asarray(pc.greater(pc.utf8_length(plain), 2))
    if not fits.any():
        return None
    values = 1440 * (7 * weeks + days) + 60 * hours + minutes + seconds / 60
    return _read(plain, values, fits, "min", english("durations, read as minutes"))


def _ages(plain: pa.Array) -> Read | None:
    """“3;11” as years, where nearly all words are such and some are no answers side by side, which ascend."""
    (years, months, days), fits = _parts(plain, AGES)
    if fits.sum() < MOSTLY * len(plain) or not (fits & (months <= years)).any():
        return None
    values = years + (months + days / DAYS_OF_A_MONTH) / 12
    return _read(plain, values, fits, "years", english("ages in years and months, read as years"))


def _halves(plain: pa.Array) -> tuple[NDArray[np.float64], NDArray[np.bool_]]:
    """(hours of the day, which words are such) of “1:05 pm”."""
    found = pc.extract_regex(plain, HALVES)
    half = pc.utf8_lower(pc.fill_null(pc.struct_field(found, "half"), ""))
    (a, b, c), fits = numbers_in(found, ("a", "b", "c"))
    return a % 12 + 12 * np.asarray(pc.equal(half, "p")) + b / 60 + c / 3600, fits


def _read(plain: pa.Array, values: NDArray[np.float64], read: NDArray[np.bool_], unit: str, what: str) -> Read:
    at = int(np.flatnonzero(read)[0])
    says = english("{what} ({number} for “{word}”).", what=what, number=numeral(values[at], 6), word=plain[at].as_py())
    return Read(np.where(read, values, 0.0), read, unit, says)


def _parts(plain: pa.Array, pattern: str) -> tuple[list[NDArray[np.float64]], NDArray[np.bool_]]:
    """(the numbers of each part, which words have this form)."""
    found = pc.extract_regex(plain, pattern)
    return numbers_in(found, tuple(field.name for field in found.type))


def numbers_in(found: pa.StructArray, names: tuple[str, ...]) -> tuple[list[NDArray[np.float64]], NDArray[np.bool_]]:
    """(the numbers of some parts of what a pattern found, which words have its form)."""
    fits = np.asarray(found.is_valid())
    numbers = []
    for name in names:
        text = pc.replace_substring(pc.fill_null(pc.struct_field(found, name), "0"), ",", ".")
        numbers.append(np.asarray(pc.if_else(pc.equal(text, ""), "0", text).cast(pa.float64())))
    return numbers, fits


def doubt_clock(column: Column, notes: Notes) -> None:
    """Says that times of day as “15.45” were read as decimals, where the name of a column tells that they are."""
    if column.kind is not Kind.NUMBER or column.unit or not CLOCK.search(column.name):
        return
    values = column.values[column.valid]
    minutes = np.rint(100 * (values - np.floor(values)))
    exact = np.isclose(100 * values, np.rint(100 * values), rtol=0, atol=1e-6)
    of_day = (
        values.size >= FEWEST_OF_A_CLOCK and (values >= 0).all() and (values < HOURS_OF_A_DAY).all() and exact.all()
    )
    if of_day and (minutes < 60).all() and distinct_values(minutes).size >= FEWEST_MINUTES:
        value = float(values[np.flatnonzero(minutes)[0]])
        hours, rest = divmod(round(100 * value), 100)
        words = english(
            "its name says times of day, and it was read as decimal numbers; if {value} is {clock}, write it with a colon.",
            value=numeral(value),
            clock=f"{hours}:{rest:02d}",
        )
        notes.say(column.name, words, unsure=True)


def doubt_ages(column: Column, notes: Notes) -> None:
    """Says that ages as “8,10” (eight years, ten months) were read as decimals, where the name of a column tells that they are."""
    if column.kind is not Kind.NUMBER or not YEARS_AND_MONTHS.search(column.name):
        return
    values = column.values[column.valid]
    months = np.rint(100 * (values - np.floor(values)))
    if values.size and (months > 0).any() and np.isin(months, MONTHS).all():
        words = english(
            "its name says years and months, and it was read as decimal numbers; write {example} for eight years and ten months.",
            example="8;10",
        )
        notes.say(column.name, words, unsure=True)
