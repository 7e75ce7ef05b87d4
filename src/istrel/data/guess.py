"""The first codebook of a file: a level of measurement guessed for every column, to be corrected by a person."""

from __future__ import annotations

import re
from dataclasses import replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.codebook import Codebook, MissingCode, ValueLabel, Variable
from istrel.data.column import Column, Kind
from istrel.data.glance import glance_of, look_over
from istrel.data.guess_answers import with_answers
from istrel.data.guess_rows import PEOPLE, PERSON, guess_rows
from istrel.data.levels import Level
from istrel.data.markers import CODE_LIKE, is_marker, no_and_yes, shared_markers
from istrel.data.naming import said_by_name
from istrel.data.rows import Rows
from istrel.data.table import Table
from istrel.data.units import known_unit
from istrel.stats.distinct import distinct_values
from istrel.stats.threads import each

NEAR_ZERO, WIDE = -3, 30  # −1 to −3 are codes below values that go far: beside small ones they may be values
IDENTIFIER_NAME = re.compile(r"(^|_|\b)(id|nr|no|number|code|key|case|uuid|index)(\b|_|$)|Id$|ID$", re.IGNORECASE)
LONG_KEY = 1e9  # from ten digits on, all as long and nearly all different, numbers are those of things
KEY_NAME = re.compile(
    r"^(?:lfd[_.-]?)?(?:nr|no|num|nummer|numéro|número|number|key|uuid|index|code)\.?$", re.IGNORECASE
)
SEVERAL = 5  # rows of one person
REPEATED = 0.8  # of the values of a key differ at least, where its name says what it is
RATING_NAME = re.compile(
    r"(?:^|[_\W])(?:nps|rating|rate|stress|pain|mood|trust|liking|like|satisf\w*|agree\w*|likert|vas|nrs|scale|importan\w*|difficult\w*|"
    r"fatigue|anxiety|effort|enjoy\w*|zufrieden\w*|wichtig\w*|schmerz\w*|bewertung|stimmung|vertrauen|note|douleur|humeur|confiance|"
    r"dolor|confianza|valoraci[óo]n|q\d+[a-z]?|item_?\d+)(?:$|[_\W\d])",
    re.IGNORECASE,
)
QUESTION_NAME = re.compile(r"(?i)(?:^|_)(?:q|item_?)\d+[a-z]?$")  # from 0 it may as well ask how many
COUNT_NAME = re.compile(
    r"^n_|_n$|(?:^|[_\W])(?:count|counts|number|num|anzahl|anz|nombre|nb|n[úu]mero|visits?|items?|children|kids|siblings|persons?|people|"
    r"passengers?|doses?|pieces|leaves|eggs?|errors?|falls|calls|bikes|cars|birds|stock|besuche|kinder|fehler|fehltage|hijos|enfants|"
    r"erreurs|lifts|rooms|beds|deaths|cases|episodes|admissions)(?:$|[_\W])",
    re.IGNORECASE,
)
QUANTITY_NAME = re.compile(  # of what begins at 1 and is no rating
    r"(?i)(?:^|[_\W])(?:qty|quantity|menge|st[üu]ck|quantit[ée]|cantidad|persons|people|passengers|children|kids|siblings|visits|doses|"
    r"pieces|rooms|beds|cars|bikes|birds|eggs|calls|(?:hh|household|family|fam|group|litter|clutch|party|herd)[_ ]?size|zimmer|"
    r"personen|kinder|enfants|pi[èe]ces|hijos|habitaciones)(?:$|[_\W])"
)
MEASURE_NAME = re.compile(
    r"rate|share|percent|pct|ratio|mean|avg|_per_|index|score|cost|price|min$|hours?|years?|days?$", re.IGNORECASE
)
PAIR = re.compile(r"\d+(?:[.,]\d+)? ?(?:/|±|\+/-) ?\d+(?:[.,]\d+)?$")
OF_A_BODY = re.compile(
    r"(?i)(?:^|[_\W])(?:age|alter|edad|weight|gewicht|poids|peso|height|gr[öo](?:ß|ss)e|taille|talla|estatura|mass|size|length|width|temp\w*)(?:$|[_\W])"
)
MOST_RATING = 10
MOST_SCALE_STEPS = 11
MOST_COUNT = 60
FEWEST_ANSWERS = 15
FEWEST_ROWS = 8  # in which a column that counts on is one of row numbers
RUNNING_NAME = re.compile(
    r"(?i)^(t|time|zeit|day|week|month|quarter|year|wave|period|trial|round|rank|order|dose|step|age|x)s?(?![a-z])"
)
RANK_NAME = re.compile(r"(?i)^(rank|rang|place|platz|position|standing|day|tag|jour|d[ií]a|trial|t|time)(_?no)?\W*$")
MOST_CATEGORIES = 40
A_LOOK = 10_000  # rows that may decide alone
LONG = 200_000  # rows, from which columns are looked at two at a time


def guess_codebook(table: Table) -> Codebook:
    """A Variable for every column: level, label and unit guessed from its name, kind and values; and what a row is."""
    look_over(table.columns)
    markers = shared_markers(table)

    def guessed(column: Column) -> Variable:
        return _guessed(column, markers.get(column.name, ()))

    lines = each(guessed, table.columns) if table.n_rows >= LONG else map(guessed, table.columns)
    codebook = Codebook(tuple(lines))
    return with_rows_guessed(with_answers(codebook, table), table)


def with_rows_guessed(codebook: Codebook, table: Table) -> Codebook:
    """With what a row is likely to be; the number of a person who has several rows is an identifier all the same."""
    rows = guess_rows(table, codebook)
    return with_roles(codebook, rows, table)


def with_roles(codebook: Codebook, rows: Rows, table: Table) -> Codebook:
    """With what a row is: a person's number is an identifier, and occasions in words print in the order in which they come."""
    if rows.person and table.column(rows.person).kind is Kind.NUMBER:
        codebook = codebook.with_variable(replace(codebook[rows.person], level=Level.IDENTIFIER))
    if rows.occasion and rows.occasion in table and not codebook[rows.occasion].value_labels:
        words = table.column(rows.occasion).words
        labels = tuple(ValueLabel(word, word) for word in words if len(words) <= MOST_CATEGORIES)
        codebook = codebook.with_variable(replace(codebook[rows.occasion], value_labels=labels))
    return replace(codebook, rows=rows)


def _guessed(column: Column, markers: tuple[str, ...]) -> Variable:
    """The line of a column; what marks missing values in other columns too is no answer in this one, nor beside yes and no."""
    answers = column
    if column.kind is Kind.TEXT and not markers and len(column.words) <= MOST_SCALE_STEPS:
        own = tuple(word for word in column.words if is_marker(word))
        markers = own if no_and_yes(tuple(word for word in _words_in_use(column) if word not in own)) else ()
    if markers and column.kind is Kind.TEXT and any(set(word) == {"+"} for word in column.words):
        markers = tuple(word for word in markers if not set(word) <= {"-"})  # signs among signs
    if markers and column.kind is Kind.TEXT:
        marked = np.isin(column.values, [column.words.index(word) for word in markers])
        answers = replace(column, valid=column.valid & ~marked)
    level = guess_level(answers)
    said = said_by_name(column.name, number=column.kind is Kind.NUMBER and level.measured)
    missing = tuple(MissingCode(word) for word in markers)
    known = no_and_yes(_words_in_use(answers)) if level is Level.BINARY and column.kind is Kind.TEXT else None
    labels = tuple(ValueLabel(word, word) for word in known or ())  # so that no comes before yes
    labels += tuple(ValueLabel(value, words) for value, words in column.labels)
    below = known_unit(column.said)
    unit = below or said.unit or (column.unit if level.measured else "")
    label = column.said if column.said and not below else said.label
    return Variable(column.name, level, label, unit, value_labels=labels, missing_codes=missing)


def _words_in_use(column: Column) -> tuple[str, ...]:
    counts = np.bincount(column.values[column.valid], minlength=len(column.words))
    return tuple(word for word, count in zip(column.words, counts, strict=True) if count)


def guess_level(column: Column) -> Level:
    """The likely level of a column. A column without a valid value is text."""
    if column.kind is Kind.DATE:
        return Level.DATE
    if not column.valid.any():
        return Level.TEXT
    if column.kind is Kind.TEXT:
        return _of_texts(column)
    return Level.CONTINUOUS if _begins_with_fractions(column) else _of_numbers(column)


def _begins_with_fractions(column: Column) -> bool:
    """Whether one of the first numbers is no whole one; no code is a fraction, so nothing else can make it a category."""
    first = column.values[:A_LOOK][column.valid[:A_LOOK]]
    first = first[np.isfinite(first)]
    return bool((first != np.floor(first)).any())


def finite(column: Column) -> NDArray[np.float64]:
    """The finite numbers of a column; its own values where it lacks none."""
    values: NDArray[np.float64] = column.values if column.valid.all() else column.values[column.valid]
    known = np.isfinite(values)
    return values if known.all() else values[known]


def suspected_codes(values: NDArray[np.float64]) -> tuple[float, ...]:
    """Values that look like codes for "no answer": of the usual form (-9, 99, -999, ...) and far from all others.

    Parameters
    ----------
    values
        Valid numbers, shape (n,).

    Returns
    -------
    Ascending codes; empty where no value is of that form, or nothing else would be left.

    Notes
    -----
    A code stands outside the range of the others by more than a quarter of that range (at least 2), or is the one
    negative value among values from zero up; −1 to −3 only where these go far. It counts as found only where the others
    have at least 3 distinct values or are 0 and 1.
    """
    return _codes_among(distinct_values(values[np.isfinite(values)]))


def _codes_among(distinct: NDArray[np.float64]) -> tuple[float, ...]:
    """The codes among values that are distinct and ascending."""
    places = np.searchsorted(distinct, CODE_LIKE)
    inside = places < distinct.size
    places = places[inside]
    coded = places[distinct[places] == CODE_LIKE[inside]]  # few, whatever the size of the column
    while coded.size:
        if distinct.size - coded.size < 2:
            return ()
        low, high = _ends_without(coded, distinct)
        values, margin = distinct[coded], max(2.0, 0.25 * (high - low))
        near = (values < 0) & (values >= NEAR_ZERO) & (high - low < WIDE)
        lone = (values < 0) & (low >= 0)
        outside = ((values < low - margin) | (values > high + margin) | lone) & ~near
        if outside.all():
            return tuple(values.tolist())
        coded = coded[outside]
    return ()


def _ends_without(places: NDArray[np.intp], distinct: NDArray[np.float64]) -> tuple[float, float]:
    """The smallest and the largest of ascending values but for those at these places, ascending too."""
    last = distinct.size - 1
    first = int(np.append(np.flatnonzero(places != np.arange(places.size)), places.size)[0])
    back = int(np.append(np.flatnonzero(places[::-1] != last - np.arange(places.size)), places.size)[0])
    return float(distinct[first]), float(distinct[last - back])


def _of_numbers(column: Column) -> Level:
    seen = glance_of(column)
    values = finite(column)
    if not values.size:
        return Level.TEXT
    distinct = distinct_values(values) if seen is None else seen.distinct
    codes = _codes_among(distinct) if seen is None or seen.marked else ()
    if codes:
        values, distinct = values[~np.isin(values, codes)], distinct[~np.isin(distinct, codes)]
    if not np.array_equal(distinct, np.floor(distinct)):
        return Level.CONTINUOUS
    if distinct.size == 1:
        return Level.NOMINAL
    if distinct.size == 2 and values.size > 2:  # two whole numbers, repeated: a question with two answers
        return Level.BINARY
    if (not column.unit and _is_no_amount(column, distinct, values.size)) or _numbers_people(
        column.name, distinct, values.size
    ):
        return Level.IDENTIFIER
    low, high = distinct[0], distinct[-1]
    # A rating scale starts at 1; counting starts at 0. Years, ages and scores do neither.
    repeated = values.size >= max(FEWEST_ANSWERS, 2 * distinct.size)
    named = RATING_NAME.search(column.name) is not None and low >= 0 and high <= MOST_RATING
    how_many = QUANTITY_NAME.search(column.name) is not None
    rated = (low == 1 and not how_many) or (
        named and (low > 0 or high == MOST_RATING or QUESTION_NAME.search(column.name) is None)
    )
    if repeated and rated and 3 <= distinct.size <= MOST_SCALE_STEPS and high - low < MOST_SCALE_STEPS:
        return Level.ORDINAL
    if low == 0 and high <= MOST_COUNT and values.size > 2 * distinct.size and not _in_units(column):
        return Level.COUNT
    if low >= 0 and (how_many or COUNT_NAME.search(column.name)) and not MEASURE_NAME.search(column.name):
        return Level.COUNT
    return Level.CONTINUOUS


def _in_units(column: Column) -> bool:
    """Whether whole numbers are a measure in a unit, by their cells or their name."""
    return bool(column.unit or said_by_name(column.name, number=True).unit)


def _numbers_rows(column: Column) -> bool:
    """Whether a column counts the rows of the file: 1, 2, 3, … (or from 0) without a gap, and nothing calls it a time or rank."""
    values = column.values
    return (
        values.size >= FEWEST_ROWS
        and bool(column.valid.all())
        and float(values[0]) in (0.0, 1.0)
        and bool((np.diff(values) == 1).all())
        and not RUNNING_NAME.search(column.name)
    )


def _is_no_amount(column: Column, distinct: NDArray[np.float64], n: int) -> bool:
    """Whether numbers without a unit are keys, count the rows, or are long and all different."""
    return _is_key(column.name, distinct, n) or _numbers_rows(column) or _are_long(distinct, n)


def _are_long(distinct: NDArray[np.float64], n: int) -> bool:
    """Whether numbers of ten digits or more are all as long, and nearly all different: those of things, not of amounts."""
    low, high = float(distinct[0]), float(distinct[-1])
    return low >= LONG_KEY and len(f"{low:.0f}") == len(f"{high:.0f}") and distinct.size >= REPEATED * n > SEVERAL


def _numbers_people(name: str, distinct: NDArray[np.float64], n: int) -> bool:
    """Whether few numbers are those of people with many rows each: 1 to 8 of “subject”."""
    return (
        PEOPLE.match(name) is not None
        and distinct.size > 2
        and n >= SEVERAL * distinct.size
        and float(distinct[0]) in (0.0, 1.0)
        and float(distinct[-1] - distinct[0]) < 1.2 * distinct.size
    )


def _is_key(name: str, distinct: NDArray[np.float64], n: int) -> bool:
    if PERSON.match(name) and distinct.size > MOST_SCALE_STEPS and distinct[0] >= 0:
        return True  # in a file with several rows per person, too
    if RANK_NAME.match(name):
        return False  # ranks and days count up, and are what they are
    called = KEY_NAME.match(name) or PERSON.match(name)
    if n >= 3 and called and distinct.size >= max(REPEATED * n, 3) and distinct[0] >= 0:
        return True
    nearly_unique = n >= 3 and distinct.size >= 0.98 * n
    gapless = distinct.size >= 20 and distinct[-1] - distinct[0] <= 1.2 * distinct.size
    return nearly_unique and (bool(IDENTIFIER_NAME.search(name)) or (gapless and not OF_A_BODY.search(name)))


def _of_texts(column: Column) -> Level:
    counts = np.bincount(column.values[column.valid], minlength=len(column.words))
    words = [word.strip() for word, count in zip(column.words, counts, strict=True) if count]
    n, distinct = int(counts.sum()), len({word.casefold() for word in words})
    if distinct == 2:
        return Level.BINARY
    if distinct > MOST_SCALE_STEPS and all(PAIR.match(word) for word in words):
        return Level.TEXT  # two numbers in a cell: neither keys nor categories
    called = PERSON.match(column.name) or KEY_NAME.match(column.name)
    if n >= 3 and distinct >= (REPEATED if called else 0.95) * n and not any(" " in word for word in words):
        return Level.IDENTIFIER
    if PEOPLE.match(column.name) and distinct > MOST_SCALE_STEPS:
        return Level.IDENTIFIER  # of people with several rows each
    many = distinct > MOST_CATEGORIES or distinct > 0.5 * n
    wordy = float(np.mean([len(word) for word in words])) > 40
    if distinct <= 0.5 * n and bool(IDENTIFIER_NAME.search(column.name)) and distinct > MOST_CATEGORIES:
        return Level.IDENTIFIER
    return Level.TEXT if n > 3 and (many or wordy) else Level.NOMINAL
