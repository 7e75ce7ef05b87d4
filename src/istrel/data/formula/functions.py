"""The functions of expressions: each takes columns and gives a column. What every one needs stands in FUNCTIONS."""

from __future__ import annotations

import re
from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind, show_date, show_value
from istrel.data.formula.tree import Call, Condition, Expression, Span, names_in
from istrel.english import english
from istrel.problem import Problem, nearest

Mask = NDArray[np.bool_]
Options = dict[str, float | str]
MANY = 10_000
MOST_DIGITS, MOST_NUMBERS = 15, 9
PAIR = re.compile(r"(\d\.\d+),(?=[-+]?\d+\.\d)")  # as a place has it: 52.52,13.405
NUMBER = re.compile(r"(?<![\d.,])[-−+]?\d+(?:[.,]\d+)?")  # a dash between two numbers is no minus


@dataclass(frozen=True)
class Function:
    """A function of expressions.

    Attributes
    ----------
    make
        (columns of the arguments, options) to the column of the result.
    form, words
        How it is written, and what it gives, for help and completion.
    least, most
        How many arguments it takes.
    options
        What may stand behind the arguments as `name = value`.
    texts
        True where arguments may be texts; otherwise they must be numbers or dates.
    constant_from
        Arguments from this place on hold for all cases: numbers or sums of numbers, no variables.
    """

    make: Callable[[list[Column], Options], Column]
    form: str
    words: str
    least: int = 1
    most: int = 1
    options: tuple[str, ...] = ()
    texts: bool = False
    constant_from: int | None = None


def finite(values: NDArray[Any], valid: Mask) -> Column:
    """A column of numbers in which what is no number is missing."""
    fine = valid & np.isfinite(values)
    return Column("", Kind.NUMBER, np.where(fine, values, 0.0), fine)


def call(formula: Call, parts: list[Column]) -> Column:
    """The function called with the columns of its arguments.

    Raises
    ------
    Problem
        For an unknown function or option, too few or too many arguments, or texts where numbers are needed.
    """
    place: dict[str, Any] = {"at": formula.at, "length": len(formula.function)}
    if formula.function == "recode":
        return _recode(parts, formula)
    function = FUNCTIONS.get(formula.function)
    if function is None:
        raise Problem(
            english(
                "There is no function “{function}”.{hint}",
                function=formula.function,
                hint=nearest(formula.function, FUNCTIONS),
            ),
            **place,
        )
    _check(function, formula, parts)
    return function.make(parts, dict(formula.options))


def _check(function: Function, formula: Call, parts: list[Column]) -> None:
    """Raises where the brackets hold too little, too much, or what the function cannot take."""
    place: dict[str, Any] = {"at": formula.at, "length": len(formula.function)}
    if not function.least <= len(parts) <= function.most:
        raise Problem(
            english("“{function}” is written {form}.", function=formula.function, form=function.form), **place
        )
    for name, _ in formula.options:
        if name not in function.options:
            raise Problem(
                english(
                    "“{function}” knows no “{name}”; it is written {form}.",
                    function=formula.function,
                    name=name,
                    form=function.form,
                ),
                **place,
            )
    for position, argument in enumerate(formula.arguments):
        if function.constant_from is not None and position >= function.constant_from and _names(argument):
            raise Problem(
                english(
                    "“{function}” is written {form}: only the first part is a variable.",
                    function=formula.function,
                    form=function.form,
                ),
                **place,
            )
    if not function.texts:
        for part in parts:
            if part.kind is Kind.TEXT:
                raise Problem(
                    english(
                        "“{value}” holds words; {function}( ) needs numbers.",
                        value=part.name or part.words[0],
                        function=formula.function,
                    ),
                    **place,
                )


def _names(argument: Expression | Condition | Span) -> bool:
    return isinstance(argument, Span) or bool(names_in(argument, ()))


def as_numbers(column: Column) -> NDArray[np.float64]:
    """Values as numbers; dates as days since 1970-01-01."""
    if column.kind is Kind.DATE:
        days: NDArray[np.float64] = column.values.astype("datetime64[s]").astype(np.float64) / 86400.0
        return days
    return column.values


def _each(operation: Callable[[Any], Any]) -> Callable[[list[Column], Options], Column]:
    """A function of one value, case by case."""

    def make(parts: list[Column], options: Options) -> Column:
        del options
        with np.errstate(all="ignore"):
            return finite(operation(as_numbers(parts[0])), parts[0].valid)

    return make


def _round(parts: list[Column], options: Options) -> Column:
    del options
    wanted = float(as_numbers(parts[1])[0]) if len(parts) > 1 and parts[1].n_rows else 0.0
    if not (wanted.is_integer() and abs(wanted) <= MOST_DIGITS):
        raise Problem(
            english(
                "round( ) takes a whole number of decimals from −{most_digits} to {most_digits}.",
                most_digits=MOST_DIGITS,
            )
        )
    with np.errstate(all="ignore"):
        return finite(np.round(as_numbers(parts[0]), int(wanted)), parts[0].valid)


def _number(parts: list[Column], options: Options) -> Column:
    """The first, second, … number that stands in a text; missing where there are fewer."""
    del options
    wanted = float(as_numbers(parts[1])[0]) if len(parts) > 1 and parts[1].n_rows else 1.0
    if not (wanted.is_integer() and 1 <= wanted <= MOST_NUMBERS):
        raise Problem(
            english("number( ) takes 1 for the first number in a text, 2 for the second, to {most}.", most=MOST_NUMBERS)
        )
    source = parts[0]
    distinct = _distinct(source)
    found = [NUMBER.findall(PAIR.sub(r"\1, ", str(value))) for value in distinct]
    each = np.array([_read(numbers[int(wanted) - 1]) if len(numbers) >= wanted else np.nan for numbers in found])
    if not each.size:
        return finite(np.zeros(source.n_rows), np.zeros(source.n_rows, bool))
    return finite(each[_codes(source, distinct)], source.valid)


def _read(number: str) -> float:
    return float(number.replace("−", "-").replace(",", "."))


def _z(parts: list[Column], options: Options) -> Column:
    """Distance from the mean in standard deviations (n − 1) of all valid cases; missing where there is no spread."""
    del options
    values, valid = as_numbers(parts[0]), parts[0].valid
    used = values[valid]
    spread = float(used.std(ddof=1)) if used.size > 1 else 0.0
    if spread == 0.0:
        return finite(values, np.zeros_like(valid))
    return finite((values - used.mean()) / spread, valid)


def _centred(parts: list[Column], options: Options) -> Column:
    del options
    values, valid = as_numbers(parts[0]), parts[0].valid
    return finite(values - (values[valid].mean() if valid.any() else 0.0), valid)


def _rank(parts: list[Column], options: Options) -> Column:
    """1 for the smallest; ties get the mean of their ranks."""
    from istrel.stats.correlation import mid_ranks

    del options
    valid = parts[0].valid
    ranks = np.zeros(valid.size)
    ranks[valid] = mid_ranks(as_numbers(parts[0])[valid][:, None])[:, 0]
    return finite(ranks, valid)


def _across(reduce: Callable[[Any, Any], Any]) -> Callable[[list[Column], Options], Column]:
    """A function over several variables of the same case; `minimum` says how many of them must be valid."""

    def make(parts: list[Column], options: Options) -> Column:
        least = options.get("minimum", float(len(parts)))
        if isinstance(least, str) or not 1 <= least <= len(parts):
            raise Problem(english("minimum is a whole number from 1 to {n}, the number of variables.", n=len(parts)))
        values = np.stack([as_numbers(part) for part in parts])
        valid = np.stack([part.valid for part in parts])
        with np.errstate(all="ignore"):
            return finite(reduce(values, valid), valid.sum(axis=0) >= least)

    return make


def _valid(parts: list[Column], options: Options) -> Column:
    del options
    count = np.sum([part.valid for part in parts], axis=0, dtype=float)
    return Column("", Kind.NUMBER, count, np.ones(count.size, bool))


def _reverse(parts: list[Column], options: Options) -> Column:
    del options
    values, low, high = (as_numbers(part) for part in parts)
    inside = parts[0].valid & (values >= low) & (values <= high)
    return finite(low + high - values, inside)


def _bands(parts: list[Column], options: Options) -> Column:
    """1 below the first cut, 2 from the first to the second, and so on; a value on a cut belongs above it."""
    side = options.get("closed", "left")
    if side not in ("left", "right"):
        raise Problem(english("closed is left (a cut belongs to the band above it) or right."))
    values = as_numbers(parts[0])
    cuts = np.array([float(as_numbers(cut)[0]) for cut in parts[1:]]) if values.size else np.zeros(0)
    if np.any(np.diff(cuts) <= 0):
        raise Problem(english("the cuts of bands( ) stand in ascending order, each once."))
    codes = np.searchsorted(cuts, values, side="right" if side == "left" else "left") + 1
    return finite(codes.astype(np.float64), parts[0].valid)


def _if(parts: list[Column], options: Options) -> Column:
    del options
    test, yes, no = parts
    if test.kind is Kind.TEXT:
        what = test.name or " ".join(test.words[:1])
        raise Problem(
            english(
                '“{what}” holds words, which are neither true nor false: compare it, as in if(x = "a", 1, 0).',
                what=what,
            )
        )
    if (yes.kind is Kind.TEXT) != (no.kind is Kind.TEXT):
        raise Problem(english("both values of if( ) are texts, or none is."))
    true = test.valid & (as_numbers(test) != 0)
    valid = test.valid & np.where(true, yes.valid, no.valid)
    if yes.kind is not Kind.TEXT:
        kind = Kind.DATE if yes.kind is no.kind is Kind.DATE else Kind.NUMBER
        sides = (yes.values, no.values) if kind is Kind.DATE else (as_numbers(yes), as_numbers(no))
        return Column("", kind, np.where(true, *sides), valid)
    words = tuple(dict.fromkeys((*yes.words, *no.words)))
    place = {word: code for code, word in enumerate(words)}
    first, second = (np.array([place[word] for word in side.words] or [0], np.int32) for side in (yes, no))
    return Column("", Kind.TEXT, np.where(true, first[yes.values], second[no.values]).astype(np.int32), valid, words)


def _part_of_date(part: Callable[[Any], Any]) -> Callable[[list[Column], Options], Column]:
    def make(parts: list[Column], options: Options) -> Column:
        del options
        if parts[0].kind is not Kind.DATE:
            raise Problem(english("“{value}” is no date.", value=parts[0].name or "this"))
        return finite(part(parts[0].values).astype(np.float64), parts[0].valid)

    return make


def _month(dates: Any) -> Any:
    return dates.astype("datetime64[M]").astype(np.int64) % 12 + 1


def _recode(parts: list[Column], formula: Call) -> Column:
    """Old values become new ones; what is not named stays, unless `else` says otherwise."""
    if len(parts) != 1 or not (formula.pairs or formula.options):
        raise Problem(english("“recode” is written recode(x, 1 = 2, 3 = missing, else = 0)."), at=formula.at, length=6)
    source, otherwise = parts[0], dict(formula.options).get("else")
    old = _distinct(source)
    mapping = {_plain(a.value): b.value for a, b in formula.pairs}
    unknown = [value for value in mapping if value not in {_plain(v) for v in old}]
    if unknown and len(old) < MANY and source.valid.any() and source.kind is Kind.TEXT:
        hint = nearest(str(unknown[0]), [str(v) for v in old])
        raise Problem(
            english("“{name}” never has the value “{unknown}”.{hint}", name=source.name, unknown=unknown[0], hint=hint),
            at=formula.at,
            length=6,
        )
    new = [mapping.get(_plain(value), value if otherwise is None else otherwise) for value in old]
    codes = _codes(source, old)
    gone = np.array([_is_missing(value) for value in new], bool)
    valid = source.valid & ~gone[codes] if gone.size else source.valid
    kept = [value for value in new if not _is_missing(value)]
    if source.kind is Kind.DATE and all(value in old for value in kept):
        return Column("", Kind.DATE, source.values, valid)
    if all(not isinstance(value, str) for value in kept):
        numbers = np.array([0.0 if isinstance(value, str) else value for value in new])
        return finite(numbers[codes] if numbers.size else np.zeros(source.n_rows), valid)
    words = tuple(dict.fromkeys(show_value(value) for value in kept))
    place = {word: code for code, word in enumerate(words)}
    target = np.array([place.get(show_value(value), 0) for value in new], np.int32)
    return Column("", Kind.TEXT, target[codes], valid, words)


def _plain(value: float | str) -> str:
    return show_value(value)


def _is_missing(value: float | str) -> bool:
    return isinstance(value, str) and value.casefold() == "missing"


def _distinct(column: Column) -> list[float | str]:
    if column.kind is Kind.TEXT:
        return list(column.words)
    if column.kind is Kind.DATE:
        return [show_date(value) for value in np.unique(column.values[column.valid])]
    return [float(v) for v in np.unique(as_numbers(column)[column.valid])]


def _codes(column: Column, old: list[float | str]) -> NDArray[np.integer]:
    if column.kind is Kind.TEXT:
        return column.values
    values = column.values if column.kind is Kind.DATE else as_numbers(column)
    places = np.searchsorted(np.unique(values[column.valid]), values)
    return np.minimum(places, max(0, len(old) - 1))


FUNCTIONS: dict[str, Function] = {
    "mean": Function(
        _across(lambda v, ok: np.where(ok, v, 0.0).sum(axis=0) / ok.sum(axis=0)),
        "mean(a, b, c, minimum = 2)",
        "mean over variables; minimum says how many must be valid (all, unless said)",
        most=MANY,
        options=("minimum",),
    ),
    "sum": Function(
        _across(lambda v, ok: np.where(ok, v, 0.0).sum(axis=0)),
        "sum(a, b, c, minimum = 3)",
        "sum over variables of the same case",
        most=MANY,
        options=("minimum",),
    ),
    "smallest": Function(
        _across(lambda v, ok: np.where(ok, v, np.inf).min(axis=0)),
        "smallest(a, b, minimum = 1)",
        "smallest value over variables of the same case",
        most=MANY,
        options=("minimum",),
    ),
    "largest": Function(
        _across(lambda v, ok: np.where(ok, v, -np.inf).max(axis=0)),
        "largest(a, b, minimum = 1)",
        "largest value over variables of the same case",
        most=MANY,
        options=("minimum",),
    ),
    "valid": Function(_valid, "valid(a, b, c)", "how many of the variables have a value", most=MANY, texts=True),
    "reverse": Function(
        _reverse, "reverse(x, 1, 5)", "item turned round on its scale", least=3, most=3, constant_from=1
    ),
    "bands": Function(
        _bands,
        "bands(x, 30, 45, 60)",
        "class bands between cuts",
        least=2,
        most=MANY,
        options=("closed",),
        constant_from=1,
    ),
    "recode": Function(_if, "recode(x, 1 = 2, 3 = missing, else = 0)", "values exchanged for others", most=MANY),
    "if": Function(_if, "if(age >= 60, 1, 0)", "one value or another", least=3, most=3, texts=True),
    "z": Function(_z, "z(x)", "z-score: distance from the mean in standard deviations"),
    "centred": Function(_centred, "centred(x)", "distance from the mean"),
    "rank": Function(_rank, "rank(x)", "rank among all cases; ties share their mean rank"),
    "log": Function(_each(np.log), "log(x)", "natural logarithm"),
    "log10": Function(_each(np.log10), "log10(x)", "logarithm to base 10"),
    "log2": Function(_each(np.log2), "log2(x)", "logarithm to base 2"),
    "exp": Function(_each(np.exp), "exp(x)", "exponential"),
    "sqrt": Function(_each(np.sqrt), "sqrt(x)", "square root"),
    "abs": Function(_each(np.abs), "abs(x)", "absolute value"),
    "floor": Function(_each(np.floor), "floor(x)", "next whole number below"),
    "ceiling": Function(_each(np.ceil), "ceiling(x)", "next whole number above"),
    "number": Function(
        _number, "number(x, 2)", "first, second, … number in a text such as 136/80", most=2, texts=True, constant_from=1
    ),
    "round": Function(_round, "round(x, 1)", "rounded, halves to the even digit", most=2, constant_from=1),
    "year": Function(
        _part_of_date(lambda d: d.astype("datetime64[Y]").astype(np.int64) + 1970), "year(date)", "year of a date"
    ),
    "quarter": Function(_part_of_date(lambda d: (_month(d) - 1) // 3 + 1), "quarter(date)", "quarter of the year"),
    "month": Function(_part_of_date(_month), "month(date)", "month, 1 to 12"),
    "day": Function(
        _part_of_date(
            lambda d: (
                (d.astype("datetime64[D]") - d.astype("datetime64[M]").astype("datetime64[D]")).astype(np.int64) + 1
            )
        ),
        "day(date)",
        "day of the month",
    ),
    "weekday": Function(
        _part_of_date(lambda d: (d.astype("datetime64[D]").astype(np.int64) + 3) % 7 + 1),
        "weekday(date)",
        "day of the week, 1 for Monday",
    ),
}
