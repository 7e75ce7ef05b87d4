"""Dates as people write them: in all usual orders, with names of months in six languages, clock times and zones.

The column decides: between day first and month first by the words that only one of them reads, and the century of two-digit
years by what would lie in the future.
"""

from __future__ import annotations

from dataclasses import dataclass
from datetime import date
from functools import cache
from pathlib import Path
from typing import Any

import msgspec
import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.reading.notes import Notes
from istrel.data.reading.patterns import LETTER
from istrel.english import english

SAMPLE = 200
FIRST_YEAR, LAST_YEAR = 1000, 2999
FARTHEST_YEARS = 15  # apart are years of two digits that may be something else
MONTHS = Path(__file__).parent.parent / "words" / "months.toml"
TIME = (
    r"(?:(?:T|:|,? +)(?P<hour>[0-9]{1,2}):(?P<minute>[0-9]{2})(?::(?P<second>[0-9]{2})(?:[.,][0-9]+)?)?"
    r" ?(?P<half>[AaPp]\.? ?[Mm]\.?|vorm\.|nachm\.)?(?: ?Uhr)? ?"
    r"(?P<zone>Z|(?:[A-Z]{3,4}|UT)(?:[+−-][0-9]{1,2}(?::?[0-9]{2})?)?|[+-][0-9]{2}:?[0-9]{2})?)?"
)
ONE, TWO = r"(?P<first>[0-9]{1,2})", r"(?P<second_part>[0-9]{1,2})"
DAY, LONG_YEAR, YEAR = r"(?P<day>[0-9]{1,2})", r"(?P<year>[0-9]{4})", r"(?P<year>[0-9]{4}|[0-9]{2})"
WORD, NAME = rf"{LETTER}{{2,}}", rf"(?P<name>{LETTER}{{3,}})"
OF = r"(?:[-/. ]|\. | de | of )"


@dataclass(frozen=True)
class Way:
    """A way of writing dates.

    Attributes
    ----------
    pattern
        Its words, spaces at their ends aside, with named parts: year, month, day; or first, second and year, whose order is open;
        name (of a month), quarter, semester; hour, minute, second, half (AM, PM) and zone.
    says
        What a person should know of how it was read; empty where that is plain.
    usual
        Of an open order: day first where both orders read as many words. Otherwise the column is none of dates, and that is said.
    """

    pattern: str
    says: str = ""
    usual: bool = False


MONTH_AND_YEAR = Way(rf"{NAME}\.?[-/ ’'](?P<year>[0-9]{{2}})", says=english("months, read as their first days."))
YEAR_AND_MONTH = Way(r"(?P<year>[0-9]{4})/(?P<month>0[1-9]|1[0-2])", says=english("months, read as their first days."))
WAYS = (
    Way(
        rf"(?P<year>[0-9]{{4}})(?:-(?P<month>[0-9]{{1,2}})-(?P<day>[0-9]{{1,2}})|/(?P<month2>[0-9]{{1,2}})/(?P<day2>[0-9]{{1,2}})"
        rf"|\.(?P<month3>[0-9]{{1,2}})\.(?P<day3>[0-9]{{1,2}})){TIME}"
    ),
    Way(rf"{ONE}\.{TWO}\.{YEAR}{TIME}", usual=True),
    Way(rf"{ONE}/{TWO}/{YEAR}{TIME}"),
    Way(rf"{ONE}-{TWO}-{YEAR}{TIME}"),
    Way(rf"(?:{WORD},? )?{DAY}(?:st|nd|rd|th|er|º)?{OF}?{NAME}\.?{OF}? ?,? ?{YEAR}{TIME}"),
    Way(rf"(?:{WORD},? )?{NAME}\.?[- ]{DAY}(?:st|nd|rd|th)?(?:, ?|[- ]){LONG_YEAR}{TIME}"),
    Way(rf"{LONG_YEAR}[-/. ]{NAME}[-/. ]{DAY}{TIME}"),
    Way(
        rf"(?:{WORD},? )?{NAME}\.? +{DAY} (?P<hour>[0-9]{{1,2}}):(?P<minute>[0-9]{{2}})(?::(?P<second>[0-9]{{2}}))?"
        rf"(?: (?P<zone>[A-Z]{{3,4}}))? {LONG_YEAR}"
    ),
    Way(
        r"(?P<year>[0-9]{4})(?P<month>[0-9]{2})(?P<day>[0-9]{2})T(?P<hour>[0-9]{2})(?P<minute>[0-9]{2})(?P<second>[0-9]{2})?"
        r"(?P<zone>Z)?"
    ),
    Way(r"(?P<year>[0-9]{4})-(?P<month>0[1-9]|1[0-2])", says=english("months, read as their first days.")),
    YEAR_AND_MONTH,
    Way(
        r"(?P<year>[0-9]{4})-?W(?P<week>0[1-9]|[1-4][0-9]|5[0-3])",
        says=english("weeks, read as their first days (Mondays)."),
    ),
    Way(
        r"(?P<month>0[1-9]|1[0-2])[/.](?P<year>(?:1[89]|20)[0-9]{2})", says=english("months, read as their first days.")
    ),
    Way(r"(?P<year>[0-9]{4}) ?年 ?(?P<month>[0-9]{1,2}) ?月 ?(?P<day>[0-9]{1,2}) ?日"),
    Way(r"(?P<year>[0-9]{4})년 ?(?P<month>[0-9]{1,2})월 ?(?P<day>[0-9]{1,2})일"),
    Way(
        r"(?:KW|CW|[Ww]eek|Woche|[Ss]emaine|[Ss]emana) ?(?P<week>[1-9]|[0-4][0-9]|5[0-3]) ?[-/ ] ?(?P<year>[0-9]{4})",
        says=english("weeks, read as their first days (Mondays)."),
    ),
    Way(rf"{NAME}\.?[-/ ]{LONG_YEAR}", says=english("months, read as their first days.")),
    Way(rf"{LONG_YEAR}[-/ ]{NAME}\.?", says=english("months, read as their first days.")),
    MONTH_AND_YEAR,
    Way(r"(?P<year>[0-9]{4})[- ]?[Qq](?P<quarter>[1-4])", says=english("quarters, read as their first days.")),
    Way(r"(?P<year>[0-9]{4})[- ]?[Mm](?P<month>0[1-9]|1[0-2])", says=english("months, read as their first days.")),
    Way(r"[Qq](?P<quarter>[1-4])[-/ ]?(?P<year>[0-9]{4})", says=english("quarters, read as their first days.")),
    Way(
        r"(?P<quarter>[1-4])(?:\.|st|nd|rd|th|er|e|º)? ?(?:Quartal|[Qq]uarter|[Tt]rimestre|[Qq])[-/ ]?(?P<year>[0-9]{4})",
        says=english("quarters, read as their first days."),
    ),
    *(
        Way(pattern, says=english("half-years, read as their first days."))
        for pattern in (
            r"(?P<year>[0-9]{4})[-/ ]?[HhSs](?P<semester>[12])",
            r"[HhSs](?P<semester>[12])[-/ ]?(?P<year>[0-9]{4})",
            r"(?P<semester>[12])(?:\.|st|nd|er|e|º|o)? ?(?:HJ|Halbjahr|[Hh]alf|[Ss]emestre|[Ss]em\.?)[-/ ]?(?P<year>[0-9]{4})",
        )
    ),
)
LIKE_A_DATE = r"^.*[0-9][-/. ].*[0-9]|^.{0,24}[0-9]{4}|[0-9]{4}[-/ ]?[QqWHhSs][0-9]|^[^0-9]{3,14}[-/ ’'][0-9]{2}$"
Numbers = NDArray[np.int64]


@dataclass(frozen=True, eq=False)
class Read:
    """Distinct words read as dates: datetime64[s] and whether each could be, both of shape (words,)."""

    stamps: NDArray[Any]
    read: NDArray[np.bool_]


def none_of(words: pa.Array) -> Read:
    return Read(np.zeros(len(words), "datetime64[s]"), np.zeros(len(words), bool))


def as_dates(name: str, words: pa.Array, notes: Notes, today: date | None = None) -> Read:
    """The words of a column as dates, in the way in which most of the first ones are written.

    Parameters
    ----------
    words
        Distinct texts.
    notes
        Is told of zones, of what stands for its first day, of centuries that were decided, and of two readings.
    today
        The last day whose two-digit year belongs to this century; the day of the call unless given.
    """
    plain = pc.utf8_trim_whitespace(words)
    sample = plain.slice(0, SAMPLE)
    if not pc.any(pc.match_substring_regex(sample, LIKE_A_DATE)).as_py():
        return none_of(words)
    fits = [int(pc.sum(pc.match_substring_regex(sample, f"^(?:{way.pattern})$")).as_py() or 0) for way in WAYS]
    if not any(fits):
        return none_of(words)
    day = today or date.today()
    ways = sorted((way for way, n in zip(WAYS, fits, strict=True) if n), key=lambda way: -fits[WAYS.index(way)])
    for place, way in enumerate(ways):
        found = _written(name, plain, way, notes, day)
        if found.read.any():
            return _with_others(name, plain, found, ways[place + 1 :], notes, day)
        if "<name>" not in way.pattern:  # of those with a name it was that of no month
            break
    return none_of(words)


def _with_others(name: str, words: pa.Array, found: Read, others: list[Way], notes: Notes, today: date) -> Read:
    """With the words that are written in other ways, where these leave no order open."""
    stamps, read = found.stamps.copy(), found.read.copy()
    for way in others:
        if read.all():
            continue
        told = Notes(day_first=notes.day_first)
        more = _written(name, words, way, told, today)
        if name in told.open and not way.usual:
            continue
        new = more.read & ~read
        if new.any():
            notes.take(told)
        stamps[new], read = more.stamps[new], read | new
    if int(read.sum()) > int(found.read.sum()):
        notes.say(name, english("its dates are written in several ways; each was read in its own."), unsure=True)
    return Read(stamps, read)


def _written(name: str, words: pa.Array, way: Way, notes: Notes, today: date) -> Read:
    parts = pc.extract_regex(words, f"^(?:{way.pattern})$")
    there = {field.name for field in parts.type}
    year = _number(parts, "year")
    if not _are_years(way, year, parts):
        return none_of(words)
    short = (year >= 0) & (year < 100)
    if short.any():
        year = with_century(year, short, today)
    fits = np.asarray(parts.is_valid()) & (year >= FIRST_YEAR) & (year <= LAST_YEAR)
    open_order = "first" in there and notes.day_first is None and bool(short[np.asarray(parts.is_valid())].all())
    turned = _year_first(name, parts, short, words, notes, today) if open_order else None
    if turned is not None:
        days, read = turned
    elif "first" in there:
        found = _in_order(name, _number(parts, "first"), _number(parts, "second_part"), year, fits, way, words, notes)
        if found is None:
            return none_of(words)
        days, read = found
    else:
        days, read = days_of(year, _month(parts, there), _day(parts, there), fits)
        if "week" in there:
            days = _monday(days, _number(parts, "week"))
    stamps, clock = _with_time(days, parts, there)
    read &= clock
    if read.any():
        _say_zone(name, parts, there, notes)
        if way.says:
            notes.say(name, way.says)
    if turned is None and (read & short).any():
        _say_century(name, year[read & short], notes)
    return Read(stamps, read)


def _are_years(way: Way, year: Numbers, parts: pa.StructArray) -> bool:
    """“Oct-23” may be a day, where such numbers lie far apart; “2022/23” is a year of schools."""
    known = year[year >= 0]
    if way is MONTH_AND_YEAR:
        return bool(known.size) and int(known.max() - known.min()) <= FARTHEST_YEARS
    if way is YEAR_AND_MONTH:
        return not bool((_number(parts, "month") == (year + 1) % 100)[year >= 0].all())
    return True


def _number(parts: pa.StructArray, *names: str) -> Numbers:
    """The first of these parts that is there, -1 where none is."""
    found = np.full(len(parts), -1, np.int64)
    for name in names:
        text = pc.struct_field(parts, name)
        digits = pc.if_else(pc.equal(pc.fill_null(text, ""), ""), "-1", text)
        number = pc.cast(digits, pa.int64()).to_numpy(zero_copy_only=False)
        found = np.where(found < 0, number, found)
    return found


def _month(parts: pa.StructArray, there: set[str]) -> Numbers:
    if "week" in there:
        return np.ones(len(parts), np.int64)
    if "quarter" in there:
        return 3 * _number(parts, "quarter") - 2
    if "semester" in there:
        return 6 * _number(parts, "semester") - 5
    if "name" in there:
        names = months()
        called = pc.utf8_lower(pc.fill_null(pc.struct_field(parts, "name"), ""))
        place = pc.fill_null(pc.index_in(called, pa.array(list(names))), len(names)).to_numpy(zero_copy_only=False)
        return np.array([*names.values(), -1], np.int64)[place]
    return _number(parts, *(name for name in ("month", "month2", "month3") if name in there))


def _monday(new_year: NDArray[Any], week: Numbers) -> NDArray[Any]:
    """The first day of a week of ISO 8601: the first week is that of 4 January."""
    fourth = new_year + 3
    since = (fourth.astype(np.int64) + 3) % 7  # days since Monday; 1970-01-01 was a Thursday
    return fourth - since + 7 * (np.maximum(week, 1) - 1)


def _day(parts: pa.StructArray, there: set[str]) -> Numbers:
    names = [name for name in ("day", "day2", "day3") if name in there]
    return _number(parts, *names) if names else np.ones(len(parts), np.int64)


@cache
def months() -> dict[str, int]:
    """{name of a month in lower case: its number}."""
    found: dict[str, int] = {}
    for language in msgspec.toml.decode(MONTHS.read_bytes()).values():
        for names in (language["whole"], language["short"]):
            found |= {name: place for place, name in enumerate(names, start=1)}
        found |= language["also"]
    return found


def days_of(
    year: Numbers, month: Numbers, day: Numbers, fits: NDArray[np.bool_]
) -> tuple[NDArray[Any], NDArray[np.bool_]]:
    """(datetime64[D], which of them a calendar has)."""
    fits = fits & (month >= 1) & (month <= 12) & (day >= 1) & (day <= 31)
    first = (np.where(fits, year, 1970) - 1970).astype("datetime64[Y]").astype("datetime64[M]")
    first = first + np.where(fits, month - 1, 0)
    days = first.astype("datetime64[D]") + np.where(fits, day - 1, 0)
    return days, fits & (days.astype("datetime64[M]") == first)


def _in_order(
    name: str,
    one: Numbers,
    two: Numbers,
    year: Numbers,
    fits: NDArray[np.bool_],
    way: Way,
    words: pa.Array,
    notes: Notes,
) -> tuple[NDArray[Any], NDArray[np.bool_]] | None:
    """Day and month in the order that reads most words; None where both read as many and neither is usual."""
    day_first, month_first = days_of(year, two, one, fits), days_of(year, one, two, fits)
    by_day, by_month = int(day_first[1].sum()), int(month_first[1].sum())
    if by_day == by_month and by_day and notes.day_first is not None:
        return day_first if notes.day_first else month_first
    if by_day == by_month and by_day:
        differ = np.flatnonzero(day_first[1] & (one != two))
        if not differ.size:
            return day_first
        at = int(differ[0])
        readings = {"word": words[at].as_py(), "one": str(day_first[0][at]), "other": str(month_first[0][at])}
        notes.open.add(name)
        if not way.usual:
            left = english("“{word}” may be {one} or {other}; it was left as text.", **readings)
            notes.say(name, left, unsure=True)
            return None
        taken = english("“{word}” may be {one} or {other}; the day was taken for the first.", **readings)
        notes.say(name, taken, unsure=True)
        return day_first
    notes.orders.add(by_day >= by_month)
    found = day_first if by_day >= by_month else month_first
    lost = int(np.count_nonzero(~found[1] & (day_first[1] | month_first[1])))
    if lost:
        turned = english(
            "{n:,} of its dates [has|have] day and month the other way round, and [was|were] left unread.", n=lost
        )
        notes.say(name, turned, unsure=True)
    return found


def _year_first(
    name: str,
    parts: pa.StructArray,
    short: NDArray[np.bool_],
    words: pa.Array,
    notes: Notes,
    today: date,
) -> tuple[NDArray[Any], NDArray[np.bool_]] | None:
    """“24-03-21” with the year first, where the first numbers are few years and the last are days of a month; None else."""
    valid = np.asarray(parts.is_valid())
    first, month = _number(parts, "first"), _number(parts, "second_part")
    written = _number(parts, "year")
    if not valid.any() or written[valid].max() > 31 or written[valid].max() - written[valid].min() <= FARTHEST_YEARS:
        return None
    if first[valid].max() - first[valid].min() > FARTHEST_YEARS // 3:
        return None
    days, read = days_of(with_century(first, short, today), month, written, valid)
    if not read[valid].all():
        return None
    at = int(np.flatnonzero(read)[0])
    taken = english("“{word}” was read as {day}, the year first.", word=words[at].as_py(), day=str(days[at]))
    notes.say(name, taken, unsure=True)
    return days, read


def with_century(year: Numbers, short: NDArray[np.bool_], today: date) -> Numbers:
    """Two-digit years in the last hundred years, for data seldom lie ahead of us."""
    whole = np.where(short, year + 2000, year)
    return np.where(short & (whole > today.year), whole - 100, whole)


def _say_century(name: str, years: Numbers, notes: Notes) -> None:
    first, last = int(years.min()), int(years.max())
    span = english("{first} to {last}", first=str(first), last=str(last)) if first < last else f"{first}"
    unsure = first < 1970 and last >= 2000  # a birth may as well lie a hundred years before
    notes.say(name, english("its two-digit years were read as {span}.", span=span), unsure=unsure)


def _with_time(days: NDArray[Any], parts: pa.StructArray, there: set[str]) -> tuple[NDArray[Any], NDArray[np.bool_]]:
    """(datetime64[s], False where the clock has no such time)."""
    stamps = days.astype("datetime64[s]")
    if "hour" not in there or not pc.any(pc.not_equal(pc.struct_field(parts, "hour"), "")).as_py():
        return stamps, np.ones(len(parts), bool)
    hour, minute, second = (_number(parts, part) for part in ("hour", "minute", "second"))
    said = pc.fill_null(pc.struct_field(parts, "half"), "") if "half" in there else pa.array([""] * len(parts))
    half = pc.utf8_lower(pc.utf8_slice_codeunits(said, 0, 1))
    signs = (pa.array(["a", "v"]), pa.array(["p", "n"]))  # am and vorm., pm and nachm.
    morning, evening = (np.asarray(pc.is_in(half, each)) for each in signs)
    halves = morning | evening
    fine = (hour < 24) & (minute < 60) & (second < 61) & (~halves | ((hour >= 1) & (hour <= 12)))
    hour = np.where(halves, hour % 12 + 12 * evening, hour)
    seconds = 3600 * np.maximum(hour, 0) + 60 * np.maximum(minute, 0) + np.maximum(second, 0)
    return stamps + np.where(fine, seconds, 0), fine


def _say_zone(name: str, parts: pa.StructArray, there: set[str], notes: Notes) -> None:
    """Local time is kept; which zones stood there is said."""
    if "zone" not in there:
        return
    zones = sorted(zone for zone in pc.unique(pc.struct_field(parts, "zone")).to_pylist() if zone)
    if zones:
        named = ", ".join((*zones[:4], *("…",) * (len(zones) > 4)))
        kept = english("times of day are kept as they stand; their zone ({zones}) is not.", zones=named)
        notes.say(name, kept, unsure=len(zones) > 1)
