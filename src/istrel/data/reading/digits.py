"""Numbers that are dates: digits of year, month and day side by side, and the serial numbers of spreadsheets."""

from __future__ import annotations

import re
from datetime import date
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.reading import dates
from istrel.data.reading.notes import Notes
from istrel.english import English, english, numeral

LARGEST = 1e15
FEWEST = 5  # different whole numbers that are all dates, before they are taken for dates
MONTHS, FULL, SHORT, TIMED = "YYYYMM", "YYYYMMDD", "YYMMDD", "YYYYMMDDhhmmss"
BETWEEN = {
    FULL: (18000101, 20991231),
    TIMED: (18000101000000, 20991231235959),
    MONTHS: (180001, 209912),
    SHORT: (10101, 991231),
}
SAYS = {
    FULL: english("dates written YYYYMMDD."),
    TIMED: english("dates and times written YYYYMMDDhhmmss."),
    MONTHS: english("months written YYYYMM, read as their first days."),
    SHORT: english("dates written YYMMDD."),
}
OF_DAYS = re.compile(  # six digits may as well be class, group and number
    r"date|datum|fecha|day|tag|jour|d[ií]a|geb|birth|born|dob|naiss|nacim|when|wann|quand|time|zeit|month|monat|mois|mes",
    re.IGNORECASE,
)
OF_KEYS = re.compile(r"(?:^|[_\W])(?:id|nr|no|code|key|num\w*|number|n[°º])(?:$|[_\W])|[a-z]I[dD]$", re.IGNORECASE)
SERIAL = re.compile(r"(?:^|[_\W])(?:date|datum|fecha|dob)(?:$|[_\W\d])|date$|datum$", re.IGNORECASE)
FIRST_SERIAL, LAST_SERIAL, DAY_0 = 18_264, 62_091, np.datetime64("1899-12-30")  # 1950 to 2069
EPOCH = re.compile(
    r"epoch|unix|time.?stamp|(?:^|[_\W])(?:ts|time|created|updated|modified|submitted|started|ended)(?:$|[_\W])|[_a-z]at$",
    re.IGNORECASE,
)
FIRST_SECOND, LAST_SECOND = 631_152_000, 2_208_988_800  # 1990 to 2039
LEAST_OF_DATES = min(FIRST_SERIAL, FIRST_SECOND, *(least for least, _ in BETWEEN.values()))
Numbers = NDArray[np.int64]


def of_digits(name: str, values: NDArray[np.float64], notes: Notes) -> dates.Read | None:
    """Numbers of which each is a date as digits, or a day since 1899-12-30 under the name of a date; None for any others.

    Parameters
    ----------
    values
        Distinct numbers of a column.
    """
    if values.size < FEWEST or not (np.abs(values) <= LARGEST).all():
        return None
    if not np.array_equal(values, np.floor(values)):
        return _since_1970(name, values, notes) or _serials(name, values, notes)
    whole = values.astype(np.int64)
    for form, (least, most) in BETWEEN.items():
        if whole.min() < least or whole.max() > most or not _may_be(name, form):
            continue
        if (stamps := _stamps(whole, form)) is None:
            continue
        notes.say(name, SAYS[form], unsure=form == SHORT or (form == MONTHS and _stamps(whole, SHORT) is not None))
        return _all(stamps)
    return _since_1970(name, values, notes) or _serials(name, values, notes)


def _since_1970(name: str, values: NDArray[np.float64], notes: Notes) -> dates.Read | None:
    """Seconds or thousandths since 1970, as computers count them; said and left as numbers where no name says that they are."""
    for unit, says in ((1, english("seconds")), (1000, english("thousandths of seconds"))):
        if values.min() < FIRST_SECOND * unit or values.max() > LAST_SECOND * unit:
            continue
        stamps = np.floor(values / unit).astype(np.int64).astype("datetime64[s]")
        parts = {"unit": says, "number": numeral(values[0], 15), "day": str(stamps[0])[:10]}
        if EPOCH.search(name):
            notes.say(name, english("{unit} since 1970, read as dates ({number} is {day}).", **parts))
            return _all(stamps)
        if not OF_KEYS.search(name):
            notes.say(
                name, english("its numbers may be {unit} since 1970 ({number} would be {day}).", **parts), unsure=True
            )
    return None


def _may_be(name: str, form: str) -> bool:
    """Whether a column of this name may hold dates in this form: of eight digits under any name."""
    if form == SHORT:
        return OF_DAYS.search(name) is not None
    return form != MONTHS or OF_KEYS.search(name) is None


def _stamps(whole: Numbers, form: str) -> NDArray[Any] | None:
    """datetime64[s] of digits in a form; None where one of them is no date."""
    day_of, clock = (whole // 10**6, whole % 10**6) if form == TIMED else (whole, np.zeros_like(whole))
    day_of = 100 * day_of + 1 if form == MONTHS else day_of
    year, month, day = day_of // 10_000, day_of // 100 % 100, day_of % 100
    if form == SHORT:
        year = dates.with_century(year, np.ones(year.size, bool), date.today())
    days, fits = dates.days_of(year, month, day, np.ones(year.size, bool))
    hour, minute, second = clock // 10_000, clock // 100 % 100, clock % 100
    fits &= (hour < 24) & (minute < 60) & (second < 60)
    return days.astype("datetime64[s]") + (3600 * hour + 60 * minute + second) if fits.all() else None


def _serials(name: str, values: NDArray[np.float64], notes: Notes) -> dates.Read | None:
    """Days as spreadsheets count them, where the name says that they are dates."""
    if not SERIAL.search(name) or values.min() < FIRST_SERIAL or values.max() > LAST_SERIAL:
        return None
    stamps = DAY_0.astype("datetime64[s]") + np.round(values * 86_400).astype(np.int64)
    notes.say(name, _serial_words(float(values[0]), str(stamps[0])[:10]), unsure=True)
    return _all(stamps)


def _serial_words(value: float, day: str) -> English:
    return english(
        "serial numbers of a spreadsheet, read as dates ({number} is {day}).", number=numeral(value, 6), day=day
    )


def _all(stamps: NDArray[Any]) -> dates.Read:
    return dates.Read(stamps, np.ones(stamps.size, bool))
