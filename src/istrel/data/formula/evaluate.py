"""What a condition or an expression means for data: a mask, or a column."""

from __future__ import annotations

import numpy as np

from istrel.data.column import Column, Kind, as_date
from istrel.data.dataset import Dataset
from istrel.data.formula.compare import OPERATORS, Mask, compare_columns, compare_with, is_one_of, known, told
from istrel.data.formula.functions import FUNCTIONS, call, finite
from istrel.data.formula.tree import (
    And,
    Arithmetic,
    Between,
    Call,
    Comparison,
    Condition,
    Formula,
    IsMissing,
    Literal,
    Name,
    Negative,
    Not,
    OneOf,
    Or,
    Span,
    is_condition,
)
from istrel.data.levels import Level
from istrel.english import english
from istrel.problem import Problem

ARITHMETIC: dict[str, np.ufunc] = {
    "+": np.add,
    "-": np.subtract,
    "*": np.multiply,
    "/": np.divide,
    "^": np.power,
}


def holds(condition: Condition, data: Dataset) -> Mask:
    """The cases for which a condition is true, shape (rows,).

    A comparison with a missing value is neither true nor false: such a case is left out, and `not` does not bring it
    back (three-valued logic, as in the SQL standard).

    Raises
    ------
    Problem
        For an unknown variable or a value that the variable cannot have, with the place of the word.
    """
    return _truth(condition, data)[0]


def evaluate(formula: Formula, data: Dataset, name: str = "") -> Column:
    """The column that a formula gives: a value per case, missing where any part it needs is missing.

    Parameters
    ----------
    name
        What the column is called.

    Returns
    -------
    Numbers, dates or texts. A condition gives 1 and 0. Results that are no number (0 / 0, the logarithm of a negative
    value) are missing, never infinite.

    Raises
    ------
    Problem
        For an unknown variable or function, or a text where a number is needed, with the place of the word.
    """
    column = _value(formula, data)
    return Column(name, column.kind, column.values, column.valid, column.words)


def _value(formula: Formula | Span, data: Dataset) -> Column:
    if is_condition(formula):
        true, false = _truth(formula, data)
        return Column("", Kind.NUMBER, true.astype(np.float64), true | false)
    match formula:
        case Name():
            return _variable(formula, data)
        case Literal(value, bare=True) if value in data.table:
            return _variable(Name(str(value), formula.at), data)
        case Literal(value):
            return _constant(value, data.n_rows)
        case Negative(part):
            numbers = _numbers(part, data)
            return Column("", Kind.NUMBER, -numbers.values, numbers.valid)
        case Arithmetic(operator, left, right):
            a, b = _numbers(left, data), _numbers(right, data)
            with np.errstate(all="ignore"):
                return finite(ARITHMETIC[operator](a.values, b.values), a.valid & b.valid)
        case Call():
            return _call(formula, data)
    raise Problem(english("A range of variables stands only inside a function such as mean( )."))


def _variable(name: Name, data: Dataset) -> Column:
    known(name, data)
    column = data.table.column(name.text)
    return Column(name.text, column.kind, column.values, data.present(name.text), column.words)


def _constant(value: float | str, n_rows: int) -> Column:
    valid = np.ones(n_rows, bool)
    if isinstance(value, str):
        date = as_date(value)
        if date is not None:
            return Column("", Kind.DATE, np.full(n_rows, date), valid)
        return Column("", Kind.TEXT, np.zeros(n_rows, np.int32), valid, (value,))
    return Column("", Kind.NUMBER, np.full(n_rows, value), valid)


def _numbers(formula: Formula, data: Dataset) -> Column:
    """The value as numbers; dates count as days."""
    column = _placed(formula, _value(formula, data), data)
    if column.kind is Kind.TEXT:
        what = formula.text if isinstance(formula, Name) else str(getattr(formula, "value", "this"))
        at = getattr(formula, "at", -1)
        raise Problem(
            english("“{what}” holds words; arithmetic needs numbers.", what=what),
            at=at,
            length=len(what) if at >= 0 else 0,
        )
    if column.kind is Kind.DATE:
        days = column.values.astype("datetime64[s]").astype(np.float64) / 86400.0
        return Column(column.name, Kind.NUMBER, days, column.valid)
    return column


def as_numbers(formula: Formula, data: Dataset) -> Column:
    """The value of a formula, ordered answers in words as numbers from 1; words that are none stay words."""
    return _placed(formula, _value(formula, data), data)


def _placed(formula: Formula | Span, column: Column, data: Dataset) -> Column:
    """Ordered answers in words as the places of their steps, from 1; everything else as it is."""
    name = formula.text if isinstance(formula, Name) else str(formula.value) if isinstance(formula, Literal) else ""
    if column.kind is not Kind.TEXT or name not in data.table or not steps_in_words(name, data):
        return column
    codes = data.categories(name).codes
    return Column("", Kind.NUMBER, np.where(codes < 0, 0.0, codes + 1.0), codes >= 0)


def steps_in_words(name: str, data: Dataset) -> bool:
    """Whether a variable holds ordered answers in words that the codebook lists, which count by their places."""
    line, column = data.variable(name), data.table.column(name)
    if column.kind is not Kind.TEXT or line.level is not Level.ORDINAL:
        return False
    return {entry.value for entry in line.value_labels} >= {column.words[k] for k in data.tally(name)[0]}


def _call(formula: Call, data: Dataset) -> Column:
    function = FUNCTIONS.get(formula.function)
    of_numbers = function is not None and not function.texts
    parts: list[Column] = []
    for argument in formula.arguments:
        if isinstance(argument, Span):
            names = data.table.names
            first, last = names.index(known(argument.first, data)), names.index(known(argument.last, data))
            spanned: list[Formula | Span] = [Name(name) for name in names[first : last + 1]]
        else:
            spanned = [argument]
        values = [_value(part, data) for part in spanned]
        parts += [_placed(p, value, data) if of_numbers else value for p, value in zip(spanned, values, strict=True)]
    return call(formula, parts)


def _truth(condition: Condition, data: Dataset) -> tuple[Mask, Mask]:
    """(true, false); what is in neither is unknown."""
    match condition:
        case And(parts):
            truths = [_truth(part, data) for part in parts]
            return np.logical_and.reduce([t for t, _ in truths]), np.logical_or.reduce([f for _, f in truths])
        case Or(parts):
            truths = [_truth(part, data) for part in parts]
            return np.logical_or.reduce([t for t, _ in truths]), np.logical_and.reduce([f for _, f in truths])
        case Not(part):
            true, false = _truth(part, data)
            return false, true
        case IsMissing(name):
            valid = data.present(known(name, data))
            return ~valid, valid
        case OneOf(name, values):
            return is_one_of(name, values, data)
        case Between(part, low, high):
            return _truth(And((Comparison(part, ">=", low), Comparison(part, "<=", high))), data)
        case Comparison():
            return _compare(condition, data)


def _compare(condition: Comparison, data: Dataset) -> tuple[Mask, Mask]:
    left, right = condition.left, condition.right
    if isinstance(right, Literal) and right.bare and right.value in data.table:
        right = Name(str(right.value), right.at)
    if isinstance(left, Name) and isinstance(right, Literal):
        return compare_with(left, condition.operator, right, data)
    if isinstance(left, Name) and isinstance(right, Name):
        return compare_columns(left, condition.operator, right, data)
    a, b = _numbers(left, data), _numbers(right, data)
    return told(OPERATORS[condition.operator](a.values, b.values), a.valid & b.valid)
