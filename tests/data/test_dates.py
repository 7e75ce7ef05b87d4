"""Random days in all usual ways of writing are those days; what looks like days and is none stays what it is."""

from __future__ import annotations

from collections.abc import Callable
from datetime import date, datetime, timedelta

import numpy as np
import pytest

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.reading import ReadingSettings
from istrel.study.opening import Opening

Maker = Callable[..., Dataset]
MONTHS = [
    "janvier",
    "février",
    "mars",
    "avril",
    "mai",
    "juin",
    "juillet",
    "août",
    "septembre",
    "octobre",
    "novembre",
    "décembre",
]
MONATE = [
    "Januar",
    "Februar",
    "März",
    "April",
    "Mai",
    "Juni",
    "Juli",
    "August",
    "September",
    "Oktober",
    "November",
    "Dezember",
]
DAY_0 = date(1899, 12, 30)
# name: (how a moment is written, what is kept of it, what is said); dates are drawn from 2021 to 2024
WAYS: dict[str, tuple[Callable[[datetime], str], str, str]] = {
    "day first": (lambda t: f"{t:%d.%m.%Y}", "day", ""),
    "month first": (lambda t: f"{t.month}/{t.day}/{t:%Y}", "day", ""),
    "two digits": (lambda t: f"{t:%d.%m.%y}", "day", "2021 to 2024"),
    "two digits, year first": (lambda t: f"{t:%y-%m-%d}", "day", "the year first"),
    "weekday": (lambda t: f"{t:%A, %d %B %Y}", "day", ""),
    "German": (lambda t: f"{t.day}. {MONATE[t.month - 1]} {t.year}", "day", ""),
    "French": (lambda t: f"{t.day} {MONTHS[t.month - 1]} {t.year}", "day", ""),
    "letters between": (lambda t: f"{t:%d%b%Y}", "day", ""),
    "digits": (lambda t: f"{t:%Y%m%d}", "day", "YYYYMMDD"),
    "few digits": (lambda t: f"{t:%y%m%d}", "day", "YYMMDD"),
    "serial": (lambda t: str((t.date() - DAY_0).days), "day", "serial numbers"),
    "ISO": (lambda t: f"{t:%Y-%m-%dT%H:%M:%S}", "second", ""),
    "digits with a clock": (lambda t: f"{t:%Y%m%d%H%M%S}", "second", "YYYYMMDDhhmmss"),
    "digits and T": (lambda t: f"{t:%Y%m%dT%H%M%S}", "second", ""),
    "half days": (lambda t: f"{t:%d/%m/%Y %I:%M:%S %p}", "second", ""),
    "of a log": (lambda t: f"{t:%d/%b/%Y:%H:%M:%S} +0000", "second", "zone"),
    "of a clock": (lambda t: f"{t:%a %b} {t.day} {t:%H:%M:%S %Y}", "second", ""),
    "Uhr": (lambda t: f"{t:%d.%m.%Y, %H:%M} Uhr", "minute", ""),
    "month": (lambda t: f"{t:%b %Y}", "month", "first days"),
    "short month": (lambda t: f"{t:%b-%y}", "month", "first days"),
    "year and month": (lambda t: f"{t:%Y/%m}", "month", "first days"),
    "months in digits": (lambda t: f"{t:%Y%m}", "month", "YYYYMM"),
    "two ways": (lambda t: f"{t:%Y-%m-%d}" if t.day % 2 else f"{t:%d.%m.%Y}", "day", "several ways"),
}
KEPT = {"day": "datetime64[D]", "month": "datetime64[M]", "minute": "datetime64[m]", "second": "datetime64[s]"}


@pytest.mark.parametrize("stray", ["", "n/a;0\nsoon;0\n"])
@pytest.mark.parametrize("name", WAYS)
def test_days_in_any_way_of_writing_are_those_days(name: str, stray: str, data_of: Maker) -> None:
    written, kept, said = WAYS[name]
    rng = np.random.default_rng(11)
    moments = [datetime(2021, 1, 1) + timedelta(seconds=int(s)) for s in rng.integers(0, 1_400 * 86_400, 80)]
    rows = "".join(f"{written(moment)};{k % 7}\n" for k, moment in enumerate(moments))
    data = data_of(f"date;y\n{rows}{stray}")
    column = data.table.column("date")
    assert column.kind is Kind.DATE
    assert bool(column.valid[: len(moments)].all())
    wanted = np.array(moments, "datetime64[s]").astype(KEPT[kept])
    assert (column.values[: len(moments)].astype("datetime64[s]") == wanted.astype("datetime64[s]")).all()
    assert said in " ".join(map(str, data.table.source.remarks))


def test_one_month_alone_is_a_month(data_of: Maker) -> None:
    data = data_of("x;z;y\n" + "".join(f"2004-05;05/2004;{k}\n" for k in range(5)))
    assert [data.table.column(name).kind for name in "xz"] == [Kind.DATE, Kind.DATE]


@pytest.mark.parametrize(
    "words",
    [
        [f"{year}/{(year + 1) % 100:02d}" for year in range(2001, 2024)],  # years of schools
        [f"May-{day:02d}" for day in range(1, 32)],  # days, not years
        ["201299", "201301", "201302", "201303", "201304"],
        ["45308", "45019", "44936", "45200", "45011"],  # under the name of a number
        ["110101", "110102", "110103", "110201", "110202"],  # class, group and number
        ["1. Preis 2023", "2. Preis 2023", "3. Preis 2023"],
    ],
)
def test_what_looks_like_days_and_is_none_stays(words: list[str], data_of: Maker) -> None:
    data = data_of("x;y\n" + "".join(f"{word};{k}\n" for k, word in enumerate(words)))
    assert data.table.column("x").kind is not Kind.DATE


def test_what_a_person_says_of_the_order_goes_before_what_looks_likely(data_of: Maker) -> None:
    text = "x;y\n" + "".join(f"{k % 3 + 21:02d}-03-{k + 1:02d};{k}\n" for k in range(28))
    years = [
        data_of(text, opening).table.column("x").values[0]
        for opening in (None, Opening(ReadingSettings(dates="day-first")))
    ]
    assert [str(year)[:10] for year in years] == ["2021-03-01", "2001-03-21"]


def test_what_the_second_way_leaves_open_is_said(data_of: Maker) -> None:
    """Its two-digit years and its zone, too."""
    words = [f"2024-01-{k + 1:02d}" if k % 3 else f"{k + 13}.01.23" for k in range(15)]
    told = " ".join(data_of("x;y\n" + "".join(f"{word};1\n" for word in words)).table.source.remarks)
    assert "several ways" in told
    assert "two-digit years were read as 2023" in told
