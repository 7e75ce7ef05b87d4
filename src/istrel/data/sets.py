"""Questions with several answers: yes/no columns that share a beginning, or cells that hold answers parted by a sign."""

from __future__ import annotations

import re
from collections import Counter
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.codebook import Codebook, Variable
from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.data.markers import no_and_yes
from istrel.data.naming import shared_beginning
from istrel.data.natural import in_natural_order
from istrel.data.series import AT_BEGINNING, AT_END
from istrel.data.table import Table

FEWEST, MOST = 3, 60  # answers of a set
NONE_GIVEN = "–"  # the combination of no answer
BEGINNING = re.compile(r"^(?P<stem>.+?)[_ .-]+(?P<answer>[^_ .-].*)$")
SIGNS = (";", "|", "/", ",")
MOST_WORDS, LONGEST = 20_000, 40
SEVERAL = 0.1  # of the cells hold more than one answer
AGAIN = 0.8  # of the answers in cells with several stand in other combinations, or alone, too

LISTED = re.compile(r"""\s*\[(["'].*["'])?\]\s*""")
PAIR_OF_NUMBERS = re.compile(r"\s*[0-9]+(?:[.,][0-9]+)?\s*[^\w\s]\s*[0-9]+(?:[.,][0-9]+)?\s*$")


@dataclass(frozen=True)
class AnswerSet:
    """A question and its answers.

    Attributes
    ----------
    name
        The beginning that its columns share, or the column that holds all answers.
    answers
        What they are called, in print.
    columns
        The yes/no column of each answer; none where one column holds all.
    sign
        What parts the answers in a cell of that column; empty where there are columns.
    label
        How the question is called in print: what the labels of its columns share.
    """

    name: str
    answers: tuple[str, ...]
    columns: tuple[str, ...] = ()
    sign: str = ""
    label: str = ""


@dataclass(frozen=True, eq=False)
class Given:
    """Who gave which answer: `chosen` bool (answers, rows); `known` bool (rows,) where any answer is known."""

    chosen: NDArray[np.bool_]
    known: NDArray[np.bool_]


def sets_in(data: Dataset) -> tuple[AnswerSet, ...]:
    """All sets of the data."""
    names = (*stems(data.codebook, data.table), *data.table.names)
    return tuple(found for name in names if (found := set_in(name, data)) is not None)


def stems(codebook: Codebook, table: Table) -> dict[str, list[str]]:
    """{beginning: columns} of those in use that share one, and are no series; beginnings that are variables are none."""
    found: dict[str, list[str]] = {}
    for variable in codebook.variables:
        match = BEGINNING.match(variable.name)
        series = AT_END.match(variable.name) or AT_BEGINNING.match(variable.name)
        apart = series is None or _holds_one_word(variable, table)
        if match is not None and apart and variable.in_use and variable.name in table:
            found.setdefault(match["stem"], []).append(variable.name)
    return {stem: names for stem, names in found.items() if len(names) >= FEWEST and stem not in codebook}


def _holds_one_word(variable: Variable, table: Table) -> bool:
    """Whether a column holds one word or nothing: an answer that was ticked, and no measure of an occasion."""
    column = table.column(variable.name) if variable.name in table else None
    return column is not None and column.kind is Kind.TEXT and len(column.words) == 1


def set_in(name: str, data: Dataset) -> AnswerSet | None:
    """The set of this name; None where there is none."""
    return data.once("set", name, lambda: _of_cells(name, data) if name in data.table else _of_columns(name, data))


def _of_columns(name: str, data: Dataset) -> AnswerSet | None:
    columns = stems(data.codebook, data.table).get(name, [])
    if not FEWEST <= len(columns) <= MOST or any(_yes(one, data) is None for one in columns):
        return None
    labels = [data.codebook[one].label or _called(one, data) for one in columns]
    shared = shared_beginning(labels)
    shared = shared[: max(shared.rfind(sign) for sign in " :–-") + 1]
    answers = [label[len(shared) :].strip() for label in labels]
    if not all(answers) or len(set(answers)) < len(answers):
        answers, shared = labels, ""
    return AnswerSet(name, tuple(answers), tuple(columns), label=shared.rstrip(" :–-"))


def _called(name: str, data: Dataset) -> str:
    """What an answer is called where nobody labelled it: the word in its column, where that says more than yes."""
    words = data.table.column(name).words
    return (
        words[0]
        if len(words) == 1 and len(words[0]) > 1 and no_and_yes((words[0], "no")) is None
        else name.replace("_", " ")
    )


def _yes(name: str, data: Dataset) -> float | str | None:
    """The value that means that an answer was given; None where a column holds something else than yes and no."""
    column, variable = data.table.column(name), data.codebook[name]
    if variable.level not in (Level.BINARY, Level.NOMINAL) or column.kind is Kind.DATE:
        return None
    values = data.categories(name).values
    if column.kind is Kind.NUMBER:
        labels = {entry.value: entry.label for entry in variable.value_labels}
        called = no_and_yes(tuple(labels.values())) if len(labels) == 2 else None
        if called is not None:
            return next(value for value, label in labels.items() if label == called[1])
        return 1.0 if set(values) <= {0.0, 1.0} else None
    words = tuple(str(value) for value in values)
    found = no_and_yes(words)
    return found[1] if found is not None else words[0] if len(words) == 1 else None


def _of_cells(name: str, data: Dataset) -> AnswerSet | None:
    column, variable = data.table.column(name), data.codebook[name]
    if column.kind is not Kind.TEXT or variable.formula is not None or not 1 < len(column.words) <= MOST_WORDS:
        return None
    counts = np.bincount(column.values[data.present(name)], minlength=len(column.words))
    cells = [(word, int(count)) for word, count in zip(column.words, counts.tolist(), strict=True) if count]
    if all(PAIR_OF_NUMBERS.match(word) for word, _ in cells):  # as of blood pressure: two measures, no answers
        return None
    total = sum(count for _, count in cells)
    for sign in SIGNS:
        several = sum(count for word, count in cells if len(_parts(word, sign)) > 1)
        if several < max(2, SEVERAL * total) or any(_holds_one_twice(word, sign) for word, _ in cells):
            continue
        where = Counter(
            part for word, _ in cells for part in set(_parts(word, sign))
        )  # how many different cells hold it
        mentioned = [part for word, _ in cells if len(parts := _parts(word, sign)) > 1 for part in parts]
        again = sum(where[part] > 1 for part in mentioned)
        short = all(len(part) <= LONGEST for part in where) and not _are_compounds(
            [_parts(word, sign) for word, _ in cells]
        )
        if 1 < len(where) <= MOST and short and again >= AGAIN * len(mentioned):
            return AnswerSet(name, tuple(map(str, in_natural_order(list(where)))), sign=sign)
    return None


def _are_compounds(cells: list[list[str]]) -> bool:
    """Whether every cell has equally many parts, and what stands first nowhere stands second: “10YR 3/1” is one colour."""
    if len({len(parts) for parts in cells}) > 1:
        return False
    places = [set(place) for place in zip(*cells, strict=True)]
    return sum(map(len, places)) == len(set().union(*places))


def _holds_one_twice(word: str, sign: str) -> bool:
    """Whether a cell names the same thing twice, as “A/A” of two genes does: those are no answers."""
    parts = _parts(word, sign)
    return len(set(parts)) < len(parts)


def _parts(word: str, sign: str) -> list[str]:
    """The answers in a cell; one that is written as a list of texts (["a", "b"]) is taken without its brackets and quotes."""
    listed = LISTED.fullmatch(word)
    pieces = (listed[1] or "").split(sign) if listed else word.split(sign)
    return [part for piece in pieces if (part := piece.strip().strip("\"'") if listed else piece.strip())]


def given(wanted: AnswerSet, data: Dataset) -> Given:
    """Who gave which answer.

    Where an answer that was not given is left blank in all columns, nothing tells those who named none from those who did
    not answer: they are not known.
    """
    return data.once("given", wanted.name, lambda: _given(wanted, data))


def _given(wanted: AnswerSet, data: Dataset) -> Given:
    if wanted.columns:
        chosen = np.array([_said_yes(name, data) for name in wanted.columns])
        known = np.logical_or.reduce([data.present(name) for name in wanted.columns])
        return Given(chosen, known)
    column, known = data.table.column(wanted.name), data.present(wanted.name)
    place = {answer: k for k, answer in enumerate(wanted.answers)}
    of_words = np.zeros((len(wanted.answers), len(column.words)), bool)
    for k, word in enumerate(column.words):
        for part in _parts(word, wanted.sign):
            if part in place:
                of_words[place[part], k] = True
    return Given(of_words[:, column.values] & known, known)


def _said_yes(name: str, data: Dataset) -> NDArray[np.bool_]:
    found, yes = data.categories(name), _yes(name, data)
    return found.codes == found.values.index(yes) if yes in found.values else np.zeros(data.n_rows, bool)


def with_set(wanted: AnswerSet, data: Dataset) -> Dataset:
    """The data with a column of the set's name that holds each case's combination of answers."""
    made = given(wanted, data)
    packed, place = _patterns(made.chosen[:, made.known])
    words = tuple(
        " + ".join(a for a, there in zip(wanted.answers, p, strict=True) if there) or NONE_GIVEN for p in packed
    )
    codes = np.zeros(data.n_rows, np.int32)
    codes[made.known] = place
    column = Column(wanted.name, Kind.TEXT, codes, made.known, words)
    new = Variable(wanted.name, Level.NOMINAL, "" if wanted.label == wanted.name else wanted.label)
    codebook = data.codebook if wanted.name in data.codebook else data.codebook.adding(new)
    line = replace(codebook[wanted.name], level=Level.NOMINAL, value_labels=(), missing_codes=(), in_use=True)
    codebook = codebook.with_variable(line)
    return replace(data, table=data.table.with_column(column), codebook=codebook, _prepared={})


def _patterns(chosen: NDArray[np.bool_]) -> tuple[NDArray[np.bool_], NDArray[np.int32]]:
    """(different combinations, shape (combinations, answers); which of them each case has)."""
    keys = np.zeros(chosen.shape[1], np.int64)
    for row in chosen:
        keys = 2 * keys + row
    _, first, place = np.unique(keys, return_index=True, return_inverse=True)
    return chosen[:, first].T, place.ravel().astype(np.int32)
