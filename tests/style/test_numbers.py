"""How numbers and titles print, and house styles that are refused with their key."""

from __future__ import annotations

from decimal import ROUND_HALF_EVEN, Decimal
from pathlib import Path

import msgspec
import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.problem import Problem
from istrel.style.house import FOLDER, HouseStyle, load_style
from istrel.style.numbers import Kind, format_number
from istrel.style.titles import title_case


@pytest.mark.parametrize(
    ("value", "kind", "decimals", "text"),
    [
        (92.4190476, Kind.MEASURE, None, "92.42"),
        (-9.0, Kind.MEASURE, 1, "−9.0"),
        (-0.001, Kind.MEASURE, 2, "0.00"),
        (2.5, Kind.MEASURE, 0, "2"),
        (3.5, Kind.MEASURE, 0, "4"),
        (2.675, Kind.MEASURE, 2, "2.67"),  # the double lies below 2.675
        (1234567.891, Kind.MEASURE, 1, "1,234,567.9"),
        (999, Kind.COUNT, None, "999"),
        (1000, Kind.COUNT, None, "1,000"),
        (12.345, Kind.PERCENT, None, "12.3"),
        (0.456, Kind.COEFFICIENT, None, ".46"),
        (-0.456, Kind.COEFFICIENT, None, "−.46"),
        (1.0, Kind.COEFFICIENT, None, "1.00"),
        (1.226, Kind.STATISTIC, None, "1.23"),
        (0.0312, Kind.P, None, ".031"),
        (0.0004, Kind.P, None, "< .001"),
        (0.9997, Kind.P, None, "> .999"),
        (0.0, Kind.P, None, "< .001"),
        (1e18, Kind.MEASURE, 2, "1.00 × 10¹⁸"),
        (1.5e-9, Kind.MEASURE, 2, "1.50 × 10⁻⁹"),
        (0.0, Kind.MEASURE, 2, "0.00"),
    ],
)
def test_a_number_prints_like_this(
    value: float, kind: Kind, decimals: int | None, text: str, style: HouseStyle
) -> None:
    assert format_number(value, kind, style, decimals) == text


@given(st.floats(-1e12, 1e12, allow_nan=False), st.integers(0, 6))
def test_rounding_is_half_to_even_on_the_exact_decimal_value(value: float, decimals: int) -> None:
    style = load_style()
    text = format_number(value, Kind.MEASURE, style, decimals)
    if "×" in text:
        assert value != 0
        assert abs(value) < 1e-6
        return
    wanted = Decimal(value).quantize(Decimal(1).scaleb(-decimals), ROUND_HALF_EVEN)
    assert Decimal(text.replace("−", "-").replace(",", "")) == wanted


def test_a_style_decides_marks_and_zeros(style: HouseStyle) -> None:
    numbers = msgspec.structs.replace(style.numbers, decimal_mark=",", thousands=".", leading_zero=True)
    other = msgspec.structs.replace(style, numbers=numbers)
    assert format_number(-1234.5, Kind.MEASURE, other) == "−1.234,50"
    assert format_number(0.5, Kind.COEFFICIENT, other) == "0,50"
    assert format_number(0.0001, Kind.P, other) == "< 0,001"


@pytest.mark.parametrize(
    ("text", "title"),
    [
        ("weekly practice by course format", "Weekly Practice by Course Format"),
        ("a mean of the scores", "A Mean of the Scores"),
        ("reaction time in ms and eGFR", "Reaction Time in Ms and eGFR"),
        ("self-study of item_1", "Self-Study of item_1"),
        ("scores: the second wave", "Scores: The Second Wave"),
    ],
)
def test_titles_get_capitals_where_manuals_want_them(text: str, title: str) -> None:
    assert title_case(text) == title


@pytest.mark.parametrize(
    ("change", "says"),
    [
        (("p_decimals = 3", 'p_decimals = "three"'), "key numbers.p_decimals"),
        (("p_decimals = 3", "p_decimals = 99"), "key numbers.p_decimals"),
        (("p_decimals = 3", ""), "p_decimals"),
        (("[table]", "[table]\ncolour = 3"), "key table"),
        (("width_mm = 120.0", "width_mm = 1"), "key figure.width_mm"),
        (('"#1F6F6B"', '"green"'), "key figure.palette"),
        (("[numbers]", "[numbers"), "line 12"),
    ],
)
def test_a_bad_style_is_refused_with_its_line_or_key(change: tuple[str, str], says: str, tmp_path: Path) -> None:
    good = (FOLDER / "apa7.toml").read_text()
    path = tmp_path / "mine.toml"
    path.write_text(good.replace(*change, 1))
    with pytest.raises(Problem) as caught:
        load_style(str(path))
    assert caught.value.message.startswith("mine.toml, ")
    assert says in caught.value.message


def test_a_copied_style_works_and_an_unknown_one_is_told(tmp_path: Path) -> None:
    path = tmp_path / "mine.toml"
    path.write_text((FOLDER / "apa7.toml").read_text().replace('name = "APA 7"', 'name = "Mine"'))
    assert load_style(str(path)).name == "Mine"
    with pytest.raises(Problem, match="no house style “apa8”"):
        load_style("apa8")
