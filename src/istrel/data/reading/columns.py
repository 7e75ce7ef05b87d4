"""From Arrow's columns to ours: numbers, dates and texts, with what could not be read kept aside. Every reader ends here."""

from __future__ import annotations

import re
from collections import Counter
from typing import Any, NamedTuple

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, Unread
from istrel.data.markers import stands_for_nothing

MOSTLY = 0.8
MOST_WORDS = 10_000  # among more, marks for "no value" are not looked for
THOUSANDS = (" ", "'", "’", "\u00a0", "\u202f")  # besides the comma or the point
SIGNS = r"%|‰|[€$£¥]|EUR|USD|GBP|CHF|JPY"
SIGNED = rf"^\s*[+\-−]?\s*(?P<before>{SIGNS})?\s*[+\-−]?[0-9][0-9.,'’\x{{a0}}\x{{202f}} ]*?\s*(?P<after>{SIGNS})?\s*$"
CURRENCIES = {"EUR": "€", "USD": "$", "GBP": "£", "JPY": "¥"}
EXACT_IN_FLOAT = 2**53
SAMPLE = 200
TIME = r"([T ][0-9]{2}:[0-9]{2}(:[0-9]{2})?)?"
DAY_FIRST, DAY_SECOND = r"^(?P<day>[0-9]{1,2})-", r"^[0-9]{1,2}-(?P<day>[0-9]{1,2})-"
DAY_LAST = r"^[0-9]{4}-[0-9]{1,2}-(?P<day>[0-9]{1,2})"


class Written(NamedTuple):
    """A way of writing dates.

    Attributes
    ----------
    pattern
        What its words look like.
    orders
        (format once every sign between the parts is a hyphen, where the day then stands).
    mixed
        The orders may stand side by side; otherwise the one that reads most words is that of the column.
    usual
        The first order holds where both read as many; otherwise the column is none of dates.
    """

    pattern: str
    orders: tuple[tuple[str, str], ...]
    mixed: bool = False
    usual: bool = True


def _either(year: str) -> tuple[tuple[str, str], ...]:
    """Day before month, and month before day."""
    return (f"%d-%m-{year}", DAY_FIRST), (f"%m-%d-{year}", DAY_SECOND)


DATES = (
    Written(
        rf"^\s*[0-9]{{4}}(-[0-9]{{1,2}}-|/[0-9]{{1,2}}/|\.[0-9]{{1,2}}\.)[0-9]{{1,2}}{TIME}\s*$",
        tuple((form, DAY_LAST) for form in ("%Y-%m-%d %H:%M:%S", "%Y-%m-%d %H:%M", "%Y-%m-%d")),
        mixed=True,
    ),
    Written(r"^\s*[0-9]{1,2}\.[0-9]{1,2}\.[0-9]{4}\s*$", _either("%Y")),
    Written(r"^\s*[0-9]{1,2}(/[0-9]{1,2}/|-[0-9]{1,2}-)[0-9]{4}\s*$", _either("%Y"), usual=False),
    Written(r"^\s*[0-9]{1,2}/[0-9]{1,2}/[0-9]{2}\s*$", _either("%y"), usual=False),
    Written(
        r"^\s*[0-9]{1,2}[- ][A-Za-z]{3,9}[- ]([0-9]{2}|[0-9]{4})\s*$",
        tuple((form, DAY_FIRST) for form in ("%d-%b-%y", "%d-%b-%Y", "%d-%B-%Y")),
    ),
)


def column_of(name: str, chunked: pa.ChunkedArray, decimal: str = ".") -> Column:
    """A column as Istrel keeps it; texts that are numbers or dates are read as such, the others among them set aside."""
    kind = chunked.type
    if pa.types.is_dictionary(kind) and any(chunk.dictionary.null_count for chunk in chunked.chunks):
        return column_of(name, chunked.cast(kind.value_type), decimal)  # a missing value among the words themselves
    if pa.types.is_dictionary(kind) or pa.types.is_string(kind):
        return _of_texts(name, chunked, decimal)
    if pa.types.is_null(kind):
        return Column(name, Kind.TEXT, np.zeros(len(chunked), np.int32), np.zeros(len(chunked), bool))
    valid = np.asarray(chunked.is_valid()) if chunked.null_count else np.ones(len(chunked), bool)
    if pa.types.is_integer(kind) or pa.types.is_floating(kind):
        return _of_numbers(name, chunked, valid, decimal)
    if pa.types.is_date(kind) or pa.types.is_timestamp(kind):
        if pa.types.is_timestamp(kind) and kind.tz:
            chunked = chunked.cast(pa.timestamp("s"))
        stamps = _filled(chunked.cast(pa.timestamp("s"), safe=False), 0).to_numpy().astype("datetime64[s]", copy=False)
        return Column(name, Kind.DATE, stamps, valid)
    if pa.types.is_decimal(kind):
        return _of_numbers(name, chunked.cast(pa.float64()), valid, decimal)
    if pa.types.is_nested(kind):
        return _of_texts(
            name, pa.chunked_array([pa.array(list(map(_as_json, chunked.to_pylist())), pa.string())]), decimal
        )
    return _of_texts(name, chunked.cast(pa.string()), decimal)


def _as_json(value: Any) -> str | None:
    """A list or record as text."""
    import json

    return None if value is None else json.dumps(value, ensure_ascii=False, default=str)


def _of_numbers(name: str, chunked: pa.ChunkedArray, valid: Any, decimal: str) -> Column:
    if pa.types.is_integer(chunked.type):
        limits = pc.min_max(chunked).as_py()
        if limits["max"] is not None and max(abs(limits["min"]), abs(limits["max"])) > EXACT_IN_FLOAT:
            return _of_texts(name, chunked.cast(pa.string()), decimal)  # a key too long for a double
    values = _filled(chunked.cast(pa.float64()), 0.0).to_numpy()
    none = np.isnan(values)
    if none.any():
        values, valid = np.where(none, 0.0, values), valid & ~none
    return Column(name, Kind.NUMBER, values, valid)


def _filled(chunked: Any, value: Any) -> Any:
    return chunked.fill_null(value) if chunked.null_count else chunked


def _of_texts(name: str, chunked: pa.ChunkedArray, decimal: str) -> Column:
    """A column of words; or of numbers, where nearly all that stands there reads as one."""
    array = (
        chunked.combine_chunks()
        if pa.types.is_dictionary(chunked.type)
        else chunked.combine_chunks().dictionary_encode()
    )
    if isinstance(array, pa.ChunkedArray):
        array = array.unify_dictionaries().combine_chunks()
    if pa.types.is_binary(array.dictionary.type):
        raise UnicodeError("texts that are not UTF-8")
    words = array.dictionary.cast(pa.string())
    codes = _filled(array.indices, 0).to_numpy(zero_copy_only=False).astype(np.int32, copy=False)
    valid = np.asarray(array.indices.is_valid()) if array.null_count else np.ones(len(array), bool)
    blank = np.asarray(pc.equal(pc.utf8_length(pc.utf8_trim_whitespace(words)), 0)) if len(words) else np.zeros(0, bool)
    valid = valid & ~blank[codes] if blank.any() else valid
    if not valid.any():
        return Column(name, Kind.TEXT, codes, valid, tuple(words.to_pylist()))
    dates, read = _as_dates(words)
    readable = _readable(read, codes, valid)
    if readable.sum() >= MOSTLY * valid.sum():
        stamps = np.where(readable, dates[codes], np.datetime64(0, "s")).astype("datetime64[s]")
        return Column(name, Kind.DATE, stamps, readable, unread=_unread(words, codes, valid & ~readable))
    wanted = max(1.0, MOSTLY * (valid.sum() - _nothing(words, codes, valid)))
    numbers, read = _as_numbers(words, decimal)
    readable, unit = _readable(read, codes, valid), ""
    if readable.sum() < wanted:
        unit, (numbers, read) = _with_signs(words, decimal)
        readable = _readable(read, codes, valid)
    if readable.sum() >= wanted and not _keys(words):
        values = np.where(readable, numbers[codes], 0.0)
        return Column(name, Kind.NUMBER, values, readable, unread=_unread(words, codes, valid & ~readable), unit=unit)
    return Column(name, Kind.TEXT, codes, valid, tuple(words.to_pylist()))


def _readable(read: NDArray[np.bool_], codes: NDArray[np.int32], valid: NDArray[np.bool_]) -> NDArray[np.bool_]:
    """Cases whose word can be read; nobody is looked at where no word can."""
    return read[codes] & valid if read.any() else np.zeros(1, bool)


def _nothing(words: pa.Array, codes: NDArray[np.int32], valid: NDArray[np.bool_]) -> int:
    """In how many cases a word stands that says that there is no value."""
    if len(words) > MOST_WORDS:
        return 0
    marks = np.array([word is not None and stands_for_nothing(word) for word in words.to_pylist()], bool)
    return int((marks[codes] & valid).sum()) if marks.any() else 0


def _unread(words: pa.Array, codes: NDArray[np.int32], where: NDArray[np.bool_]) -> Unread:
    rows = np.flatnonzero(where)
    return Unread(rows, tuple(words.take(pa.array(codes[rows])).to_pylist()))


def _keys(words: pa.Array) -> bool:
    """Whether a word is a key rather than a number: with leading zeros, or too long for a double."""
    from istrel.data.reading.keys import holds_keys

    return holds_keys(words)


def _as_numbers(words: pa.Array, decimal: str) -> tuple[Any, Any]:
    """(numbers, which words read as one) for distinct words, spaces at their ends aside."""
    stripped = pc.replace_substring(pc.utf8_trim_whitespace(words), "−", "-")
    point, group = (r"\.", ",") if decimal == "." else (",", r"\.")
    whole = "|".join(("[0-9]+", *(rf"[0-9]{{1,3}}({sign}[0-9]{{3}})+" for sign in (group, *THOUSANDS))))
    whole = f"({whole})"
    number = rf"[+-]?(({whole}({point}[0-9]*)?|{point}[0-9]+)([eE][+-]?[0-9]+)?|(?i:inf))"
    read = np.asarray(pc.match_substring_regex(stripped, f"^{number}$"))
    plain = pc.replace_substring_regex(stripped, f"[{group}{''.join(THOUSANDS)}]", "")
    plain = pc.replace_substring(plain, decimal, ".") if decimal != "." else plain
    plain = pc.if_else(pa.array(read), pc.replace_substring_regex(plain, r"^\+", ""), "0")
    return np.asarray(plain.cast(pa.float64())), read


def _with_signs(words: pa.Array, decimal: str) -> tuple[str, tuple[Any, Any]]:
    """(sign, as `_as_numbers`) of words with one percent sign or currency before or after their numbers."""
    signs = pc.extract_regex(words.slice(0, SAMPLE), SIGNED)
    found = Counter(sign for side in ("before", "after") for sign in pc.struct_field(signs, side).to_pylist() if sign)
    if not found:
        return "", (np.zeros(len(words)), np.zeros(len(words), bool))
    (sign, _), *_ = found.most_common(1)
    escaped = re.escape(sign)
    bare = pc.replace_substring_regex(words, rf"^\s*([+\-−]?)\s*{escaped}\s*", r"\1")
    return CURRENCIES.get(sign, sign), _as_numbers(pc.replace_substring_regex(bare, rf"\s*{escaped}\s*$", ""), decimal)


def _as_dates(words: pa.Array) -> tuple[Any, Any]:
    """(dates as datetime64[s], which words read as one); the column itself decides between day first and month first."""
    for way in DATES:
        if pc.any(pc.match_substring_regex(words.slice(0, SAMPLE), way.pattern)).as_py():
            return _written(words, way)
    return np.zeros(len(words), "datetime64[s]"), np.zeros(len(words), bool)


def _written(words: pa.Array, way: Written) -> tuple[Any, Any]:
    """The dates of one way of writing them."""
    fits = pc.match_substring_regex(words, way.pattern)
    plain = (
        pc.replace_substring(pc.utf8_trim_whitespace(words), "T", " ") if way.mixed else pc.utf8_trim_whitespace(words)
    )
    plain = pc.replace_substring_regex(plain, r"[./]" if way.mixed else r"[./ ]", "-")
    plain = pc.if_else(fits, plain, "")
    found = [pc.strptime(plain, format=form, unit="s", error_is_null=True) for form, _ in way.orders]
    chosen = min(range(len(found)), key=lambda place: found[place].null_count)
    stamps = pc.coalesce(*found) if way.mixed else found[chosen]
    dates = stamps.fill_null(0).to_numpy(zero_copy_only=False).astype("datetime64[s]")
    tie = len(found) > 1 and found[0].null_count == found[1].null_count
    if tie and not way.usual:
        return dates, np.zeros(len(words), bool)
    return dates, np.asarray(stamps.is_valid()) & _real_days(plain, dates, way.orders[chosen][1])


def _real_days(words: pa.Array, dates: Any, part: str) -> Any:
    """False for days that no calendar has: a lenient reader makes March 1st of February 30th."""
    days = dates.astype("datetime64[D]")
    of_month = (days - days.astype("datetime64[M]").astype("datetime64[D]")).astype(np.int64) + 1
    named = pc.struct_field(pc.extract_regex(words, part), "day").cast(pa.int64()).fill_null(-1)
    return of_month == np.asarray(named)
