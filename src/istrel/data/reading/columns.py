"""From Arrow's columns to ours: numbers, dates and texts, with what could not be read kept aside. Every reader ends here."""

from __future__ import annotations

import re
from collections.abc import Callable, Sequence
from dataclasses import dataclass
from functools import lru_cache
from typing import Any, Protocol

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, Unread
from istrel.data.markers import is_marker, stands_for_nothing
from istrel.data.reading import dates
from istrel.data.reading.angles import as_angles
from istrel.data.reading.beside import beside_signs
from istrel.data.reading.digits import of_digits
from istrel.data.reading.durations import as_durations, doubt_ages, doubt_clock
from istrel.data.reading.eras import as_years
from istrel.data.reading.labelled import with_labels
from istrel.data.reading.left import say_other_words, say_what_was_left
from istrel.data.reading.notes import Notes
from istrel.data.reading.numbers import Marks, Read, as_numbers, with_digits
from istrel.data.reading.numeric import EXACT_IN_FLOAT, SHORT, plain_columns
from istrel.english import english
from istrel.problem import Problem
from istrel.stats.distinct import distinct_values
from istrel.stats.threads import each

MOSTLY, AT_LEAST, A_FIFTH = 0.8, 0.5, 0.2
MOST_WORDS = 10_000  # among more, marks for "no value" are not looked for
A_LOOK = 200
FEW_WORDS = 100
DIGIT = re.compile(r"\d")
FEWEST_NUMBERS, MANY, MOST_OTHERS = 3, 10, 2  # different numbers, and words beside them
MAY_BE_MORE = re.compile(r'(?im)\d|^[+-]?inf$|^="|^\s*$')  # numbers, dates, what is to be unwrapped, or blank
ReadColumn = Callable[[str, pa.ChunkedArray, Marks, Notes], Column]
ORDERS = {"day-first": True, "month-first": False}


class Whole(Protocol):
    """A table of Arrow's, or what reads one column after the other."""

    @property
    def schema(self) -> pa.Schema: ...

    @property
    def column_names(self) -> list[str]: ...

    @property
    def num_rows(self) -> int: ...

    @property
    def num_columns(self) -> int: ...

    def column(self, place: int, /) -> pa.ChunkedArray: ...


@lru_cache(maxsize=1)
def all_there(n: int) -> NDArray[np.bool_]:
    """The mask of a column without a missing value; one for all columns of a file."""
    mask = np.ones(n, bool)
    mask.flags.writeable = False
    return mask


def columns_of(
    names: Sequence[str],
    whole: Whole,
    marks: Marks,
    notes: Notes,
    dates_wanted: str | None,
    read: ReadColumn | None = None,
) -> list[Column]:
    """All columns of a file. Dates that can be read either way are read as the person says, else as those of the other columns.

    Parameters
    ----------
    read
        `column_of`, or what does more with what it raises.

    Raises
    ------
    Problem
        For an order of dates that is none.
    """
    if dates_wanted not in (None, *ORDERS):
        raise Problem(
            english(
                "“{dates_wanted}” is no order of dates; say {names}.",
                dates_wanted=dates_wanted,
                names=" or ".join(ORDERS),
            )
        )
    notes.day_first = None if dates_wanted is None else ORDERS[dates_wanted]
    read = read or column_of
    columns = _each(names, whole, marks, notes, read)
    if not notes.open or len(notes.orders) != 1:
        return columns
    (notes.day_first,) = notes.orders
    for place, name in enumerate(names):
        if name in notes.open:
            notes.forget(name)
            columns[place] = read(name, whole.column(place), marks, notes)
            by_day = english("its dates can be read either way; the day comes first, as in the other columns.")
            by_month = english("its dates can be read either way; the month comes first, as in the other columns.")
            notes.say(name, by_day if notes.day_first else by_month)
    return columns


def _each(names: Sequence[str], whole: Whole, marks: Marks, notes: Notes, read: ReadColumn) -> list[Column]:
    """Every column by itself, two at a time where they are long; what is said of them stays in their order."""

    plain = plain_columns(names, whole, all_there(whole.num_rows)) if isinstance(whole, pa.Table) else {}

    def one(place: int) -> tuple[Column, Notes]:
        told = Notes(day_first=notes.day_first)
        column = plain.get(place) or read(names[place], whole.column(place), marks, told)
        doubt_ages(column, told)
        doubt_clock(column, told)
        return column, told

    places = range(len(names))
    made = each(one, places) if whole.num_rows > SHORT else [one(place) for place in places]
    for _, told in made:
        notes.take(told)
    return [column for column, _ in made]


def column_of(name: str, chunked: pa.ChunkedArray, marks: Marks | None = None, notes: Notes | None = None) -> Column:
    """A column as Istrel keeps it; texts that are numbers or dates are read as such, the others among them set aside.

    Parameters
    ----------
    marks
        The decimal mark of the file.
    notes
        Is told what a person should know of how the column was read.
    """
    return _column(name, chunked, marks or Marks(), Notes() if notes is None else notes)


def _column(name: str, chunked: pa.ChunkedArray, marks: Marks, notes: Notes) -> Column:
    kind = chunked.type
    if pa.types.is_dictionary(kind) and any(chunk.dictionary.null_count for chunk in chunked.chunks):
        return _column(name, chunked.cast(kind.value_type), marks, notes)  # a missing value among the words themselves
    if pa.types.is_dictionary(kind) or pa.types.is_string(kind):
        return _of_texts(name, chunked, marks, notes)
    if pa.types.is_null(kind):
        return Column(name, Kind.TEXT, np.zeros(len(chunked), np.int32), np.zeros(len(chunked), bool))
    valid = np.asarray(chunked.is_valid()) if chunked.null_count else all_there(len(chunked))
    if pa.types.is_integer(kind) or pa.types.is_floating(kind):
        return _of_numbers(name, chunked, valid, marks, notes)
    if pa.types.is_date(kind) or pa.types.is_timestamp(kind):
        if pa.types.is_timestamp(kind) and kind.tz:
            local = pc.local_timestamp(chunked)
            notes.say(name, english("times of day are those of {zone}.", zone=kind.tz))
            chunked = local
        stamps = _filled(chunked.cast(pa.timestamp("s"), safe=False), 0).to_numpy().astype("datetime64[s]", copy=False)
        return Column(name, Kind.DATE, stamps, valid)
    if pa.types.is_decimal(kind):
        return _of_numbers(name, chunked.cast(pa.float64()), valid, marks, notes)
    if pa.types.is_nested(kind):
        texts = pa.array(list(map(_as_json, chunked.to_pylist())), pa.string())
        return _of_texts(name, pa.chunked_array([texts]), marks, notes)
    return _of_texts(name, chunked.cast(pa.string()), marks, notes)


def _as_json(value: Any) -> str | None:
    """A list or record as text."""
    import json

    return None if value is None else json.dumps(value, ensure_ascii=False, default=str)


def _of_numbers(name: str, chunked: pa.ChunkedArray, valid: Any, marks: Marks, notes: Notes) -> Column:
    if pa.types.is_integer(chunked.type):
        limits = pc.min_max(chunked).as_py()
        if limits["max"] is not None and max(abs(limits["min"]), abs(limits["max"])) > EXACT_IN_FLOAT:
            return _of_texts(name, chunked.cast(pa.string()), marks, notes)  # a key too long for a double
    values = _filled(chunked.cast(pa.float64()), 0.0).to_numpy()
    none = np.isnan(values)
    if none.any():
        values, valid = np.where(none, 0.0, values), valid & ~none
    return _dated(name, values, valid, notes) or Column(name, Kind.NUMBER, values, valid)


def _dated(name: str, values: NDArray[np.float64], valid: NDArray[np.bool_], notes: Notes) -> Column | None:
    """The column as dates where all its numbers are written as digits of dates."""
    first, told = values[:A_LOOK][valid[:A_LOOK]], Notes()
    if not first.size or of_digits(name, distinct_values(first), told) is None:
        notes.take(told)
        return None
    distinct = distinct_values(values[valid])
    found = of_digits(name, distinct, notes)
    if found is None:
        return None
    stamps = np.where(valid, _stamps_of(found, distinct, values), np.datetime64(0, "s"))
    return Column(name, Kind.DATE, stamps, valid)


def _stamps_of(found: dates.Read, distinct: NDArray[np.float64], values: NDArray[np.float64]) -> NDArray[Any]:
    """The date of each number, by that of its distinct value."""
    return found.stamps[np.minimum(np.searchsorted(distinct, values), distinct.size - 1)]


def _filled(chunked: Any, value: Any) -> Any:
    return chunked.fill_null(value) if chunked.null_count else chunked


@dataclass(frozen=True, eq=False)
class _Texts:
    """A column of texts: its distinct words, which of them stands in each case, and where any does."""

    name: str
    words: pa.Array
    codes: NDArray[np.int32]
    valid: NDArray[np.bool_]

    def where(self, read: NDArray[np.bool_]) -> NDArray[np.bool_]:
        """Cases whose word can be read; nobody is looked at where no word can."""
        return read[self.codes] & self.valid if read.any() else np.zeros(1, bool)

    def numbers(self, values: NDArray[np.float64], readable: NDArray[np.bool_], **said: Any) -> Column:
        """The column as one of numbers; what could not be read stays as it is written."""
        return Column(
            self.name,
            Kind.NUMBER,
            np.where(readable, values[self.codes], 0.0),
            readable,
            unread=self.unread(readable),
            **said,
        )

    def unread(self, readable: NDArray[np.bool_]) -> Unread:
        rows = np.flatnonzero(self.valid & ~readable)
        return Unread(rows, tuple(self.words.take(pa.array(self.codes[rows])).to_pylist()))

    def as_they_stand(self) -> Column:
        return Column(self.name, Kind.TEXT, self.codes, self.valid, tuple(self.words.to_pylist()))


def _of_texts(name: str, chunked: pa.ChunkedArray, marks: Marks, notes: Notes) -> Column:
    """A column of words; or of numbers or dates, where nearly all that stands there reads as one."""
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
    valid = np.asarray(array.indices.is_valid()) if array.null_count else all_there(len(array))
    if len(words) <= FEW_WORDS and not MAY_BE_MORE.search("\n".join(few := words.to_pylist())):
        return Column(name, Kind.TEXT, codes, valid, tuple(few))
    words = unwrapped(words)
    blank = np.asarray(pc.equal(pc.utf8_length(pc.utf8_trim_whitespace(words)), 0)) if len(words) else np.zeros(0, bool)
    valid = valid & ~blank[codes] if blank.any() else valid
    texts = _Texts(name, words, codes, valid)
    if not valid.any() or not with_digits(words):
        return texts.as_they_stand()
    told = Notes(day_first=notes.day_first)
    dated = dates.as_dates(name, words, told)
    readable = texts.where(dated.read)
    if readable.sum() >= MOSTLY * valid.sum() or _few_others(texts, dated.read, int(valid.sum())):
        notes.take(told)
        stamps = np.where(readable, dated.stamps[codes], np.datetime64(0, "s")).astype("datetime64[s]")
        return Column(name, Kind.DATE, stamps, readable, unread=texts.unread(readable))
    n = int(valid.sum()) - _nothing(words, codes, valid)
    found = _measured(texts, n, notes) or _written_as_numbers(texts, n, marks, notes)
    if found is not None:
        return found
    notes.take(told)
    if readable.sum() >= AT_LEAST * valid.sum():
        say_other_words(name, words, dated.read, notes)
    else:
        say_what_was_left(name, words, notes)
    return texts.as_they_stand()


def _measured(texts: _Texts, n: int, notes: Notes) -> Column | None:
    """Times of day and durations, degrees with minutes, and ratings of which some numbers bear a label."""
    for found in (as_durations(texts.name, texts.words), as_angles(texts.words), as_years(texts.words)):
        if found is None or found.unsure:
            continue
        readable = texts.where(found.read)
        if readable.sum() >= MOSTLY * n:
            notes.say(texts.name, found.said)
            return texts.numbers(found.values, readable, unit=found.unit)
    labelled = with_labels(texts.words)
    if labelled is not None and not _keys(texts.words):
        readable = texts.where(labelled.read)
        if readable.sum() >= MOSTLY * n:
            notes.say(texts.name, labelled.said)
            return texts.numbers(labelled.values, readable, labels=labelled.labels)
    return None


def _written_as_numbers(texts: _Texts, n: int, marks: Marks, notes: Notes) -> Column | None:
    """Numbers, or numbers beside signs; `n` cases say more than that there is no value."""
    ways = (as_numbers, beside_signs) if with_digits(texts.words, AT_LEAST) else (as_numbers,)
    for read_as in ways:
        found = read_as(texts.words, marks)
        readable = texts.where(found.read)
        nearly = int(texts.where(found.nearly).sum())
        enough = readable.sum() >= max(1.0, MOSTLY * (n - nearly), AT_LEAST * n)
        enough = (
            enough
            or _few_others(texts, found.read | found.nearly, n)  # limits are no other words
            or (readable.sum() >= AT_LEAST * n and _measured_beside(texts, found))
        )
        enough = enough or (
            readable.sum() + nearly >= n and int(found.read.sum()) >= FEWEST_NUMBERS
        )  # most below a limit
        if enough and not _keys(texts.words):
            if not found.unit and (dated := _dated_words(texts, found, readable, notes)) is not None:
                return dated
            found.tell(texts.name, notes)
            return texts.numbers(found.values, readable, unit=found.unit)
    return None


def _few_others(texts: _Texts, read: NDArray[np.bool_], n: int) -> bool:
    """Whether one or two words without a digit stand beside many different numbers or dates, be these in a fifth of the cases:
    “did not sit” beside marks, “open” beside the days on which something ended.
    """
    return (
        int(read.sum()) >= MANY
        and texts.where(read).sum() >= A_FIFTH * n
        and len(read) - int(read.sum()) <= MOST_OTHERS
        and not any(DIGIT.search(word) for word in texts.words.filter(pa.array(~read)).to_pylist())
    )


def _measured_beside(texts: _Texts, found: Read) -> bool:
    """Whether one or two words without a digit stand beside numbers that have fractions: no kinds have such names."""
    numbers = found.values[found.read]
    others = [word for word, read in zip(texts.words.to_pylist(), found.read.tolist(), strict=True) if not read]
    measured = numbers.size >= FEWEST_NUMBERS and bool((numbers != np.floor(numbers)).any())
    return measured and len(others) <= MOST_OTHERS and not any(DIGIT.search(word) for word in others)


def _dated_words(texts: _Texts, found: Read, readable: NDArray[np.bool_], notes: Notes) -> Column | None:
    """The column as dates where all its numbers are written as digits of dates, whatever words stand between them."""
    distinct = distinct_values(found.values[found.read])
    dated = of_digits(texts.name, distinct, notes)
    if dated is None:
        return None
    days = np.where(readable, _stamps_of(dated, distinct, found.values)[texts.codes], np.datetime64(0, "s"))
    return Column(texts.name, Kind.DATE, days, readable, unread=texts.unread(readable))


def unwrapped(words: pa.Array) -> pa.Array:
    """Words without the signs by which a workbook is made to keep their zeros: ="0012", '0012."""
    sample = words.slice(0, A_LOOK)
    if pc.any(pc.starts_with(sample, '="')).as_py():
        words = pc.replace_substring_regex(words, '^="(.*)"$', r"\1")
    apostrophes = pc.sum(pc.match_substring_regex(sample, "^'[0-9][^']*$")).as_py() or 0
    return pc.replace_substring_regex(words, "^'([0-9][^']*)$", r"\1") if 2 * apostrophes > len(sample) else words


def _nothing(words: pa.Array, codes: NDArray[np.int32], valid: NDArray[np.bool_]) -> int:
    """In how many cases a word stands that says that there is no value; or no answer, where these are the fewer."""
    if len(words) > MOST_WORDS:
        return 0
    texts = words.to_pylist()
    nothing, no_answer = (
        int((np.array([word is not None and says(word) for word in texts], bool)[codes] & valid).sum())
        for says in (stands_for_nothing, is_marker)
    )
    return no_answer if 2 * no_answer < valid.sum() else nothing


def _keys(words: pa.Array) -> bool:
    """Whether a word is a key rather than a number: with leading zeros, or too long for a double."""
    from istrel.data.reading.keys import holds_keys

    return holds_keys(words)
