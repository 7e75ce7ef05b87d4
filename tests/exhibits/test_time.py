"""Lines over time and axes of dates: means against slow ones, gaps left open, ticks that a calendar has."""

from __future__ import annotations

from collections.abc import Callable
from datetime import date, timedelta

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.exhibits.figure import Axis, Dots, FigureSheet, Line
from istrel.problem import Problem
from istrel.render.scene.axes import date_words, ticks
from istrel.stats.periods import PERIODS, period_starts
from made import make_exhibit

Maker = Callable[[str], Dataset]
START = date(2024, 2, 25)


def days(n: int = 90, *, seed: int = 1, gap: range = range(30, 38)) -> tuple[str, list[tuple[date, str, float]]]:
    rng = np.random.default_rng(seed)
    rows = [(START + timedelta(k), "ab"[k % 2], round(float(rng.normal(50, 5)), 1)) for k in range(n) if k not in gap]
    text = "day,g,x\n" + "".join(f"{day},{group},{value}\n" for day, group, value in rows)
    return text, rows


@pytest.mark.parametrize("per", PERIODS)
def test_a_line_is_of_the_means_of_each_period(per: str, data_of: Maker) -> None:
    text, rows = days()
    keys = {
        "day": lambda d: d,
        "week": lambda d: d - timedelta(d.weekday()),
        "month": lambda d: d.replace(day=1),
        "quarter": lambda d: date(d.year, 3 * ((d.month - 1) // 3) + 1, 1),
        "year": lambda d: date(d.year, 1, 1),
    }
    for cell in make_exhibit(f"relate day, x across g as line with per = {per}", data_of(text)).result.drawings:
        mine = [(day, value) for day, group, value in rows if group == cell.group.labels[0]]
        wanted: dict[date, list[float]] = {}
        for day, value in mine:
            wanted.setdefault(keys[per](day), []).append(value)
        there = np.isfinite(cell.y)
        assert [date(1970, 1, 1) + timedelta(int(at)) for at in cell.x[there]] == sorted(wanted)
        assert cell.y[there] == pytest.approx([np.mean(wanted[day]) for day in sorted(wanted)], rel=1e-12)
        assert cell.counts[there].tolist() == [len(wanted[day]) for day in sorted(wanted)]


def test_gaps_are_open_and_moving_means_do_not_reach_over_them(data_of: Maker) -> None:
    data = data_of(days()[0])
    (cell,) = make_exhibit("relate day, x as line", data).result.drawings
    assert cell.per == ""
    assert int(np.isnan(cell.y).sum()) == 1
    sheet = make_exhibit("relate day, x as line with moving = 7", data).sheet
    assert isinstance(sheet, FigureSheet)
    lines = [mark for mark in sheet.panels[0].marks if isinstance(mark, Line)]
    assert [line.x.size for line in lines] == [30 - 6, 52 - 6]
    assert lines[0].y[0] == pytest.approx(np.mean([value for _, _, value in days()[1][:7]]))
    assert not any(isinstance(mark, Dots) for mark in sheet.panels[0].marks)


def test_means_over_groups_in_their_order(data_of: Maker) -> None:
    text, rows = days()
    (first, second) = make_exhibit("describe x across month(day) × g as line", data_of(text)).result.drawings
    for cell, group in ((first, "a"), (second, "b")):
        for place, month in enumerate(cell.places):
            mine = [value for day, g, value in rows if g == group and day.month == int(month)]
            assert cell.y[place] == pytest.approx(np.mean(mine), rel=1e-12)


def test_years_are_time_and_what_has_no_time_is_refused(data_of: Maker) -> None:
    text = "year,x,w\n" + "".join(f"{1990 + k},{k * k},{'uv'[k % 2]}\n" for k in range(20) if k != 7)
    (cell,) = make_exhibit("relate year, x as line", data_of(text)).result.drawings
    assert (cell.x[0], int(np.isnan(cell.y).sum())) == (1990.0, 1)
    for sentence, part in {
        "relate w, x as line": "no dates or numbers",
        "relate year, w as line": "no numbers",
        "relate x, year as line with per = month": "holds no dates",
        "describe x as line": "across",
        "relate year, x as line with hide_below = 3": "hidden",
    }.items():
        with pytest.raises(Problem, match=part):
            make_exhibit(sentence, data_of(text))


@pytest.mark.parametrize("span", [5, 12, 40, 100, 400, 1_500, 9_000, 40_000])
def test_ticks_of_dates_begin_what_a_calendar_has(span: int) -> None:
    low = (START - date(1970, 1, 1)).days
    found = ticks(Axis((), low, low + span, dates=True))
    words = date_words(found)
    assert 2 <= len(found) <= 7
    assert all(low <= at <= low + span for at in found)
    assert len(set(words)) == len(words)
    if span >= 100:
        assert all(period_starts(np.array(found), "month", dated=True) == found)


def test_histograms_of_dates_have_classes_of_the_calendar(data_of: Maker) -> None:
    (cell,) = make_exhibit("describe day as histogram", data_of(days(400)[0])).result.drawings
    steps = set(np.diff(cell.edges).tolist())
    assert steps <= {28.0, 29.0, 30.0, 31.0} or len(steps) == 1
    assert sum(cell.counts) == 392
    sheet = make_exhibit("relate day, x as scatter", data_of(days()[0])).sheet
    assert isinstance(sheet, FigureSheet)
    assert sheet.panels[0].x.dates
