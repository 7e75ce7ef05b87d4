"""Expressions and derived variables: what they give, how they follow their parents, and what is refused."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np
import pytest

from istrel.data.codebook import parse_missing
from istrel.data.column import Column
from istrel.data.corrections import Aside, Correction, check_value
from istrel.data.dataset import Dataset
from istrel.data.derive import free_name
from istrel.data.formula.evaluate import evaluate
from istrel.data.levels import Level
from istrel.data.table import Table
from istrel.problem import Problem
from istrel.sentence import parse_condition, parse_expression
from istrel.sentence.show_formula import show_condition, show_expression
from istrel.study.changes.cases import BringBack, Correct, SetAside, TakeBack
from istrel.study.changes.codebook import Derive, LeaveOut, RemoveDerived, SetFormula, SetMissing
from istrel.study.history import History
from istrel.study.study import study_of

TEXT = """id,age,site,a,b,c,day
1,17,North,1,2,3,2025-01-31
2,30,South,5,,3,2025-02-01
3,45,North,-9,4,5,2024-12-30
4,,West,2,2,2,
5,60,South,3,3,,2025-07-04
"""


@pytest.fixture
def data(data_of: Callable[..., Dataset]) -> Dataset:
    from istrel.study.opening import Opening

    return data_of(TEXT, Opening(missing=parse_missing("-9")))


def shown(column: Column) -> list[float | str | None]:
    return [column.value_at(row) if column.valid[row] else None for row in range(column.n_rows)]


# Worked by hand from TEXT; -9 and blanks are missing.
VALUES = {
    "age + 1": [18, 31, 46, None, 61],
    "age - 1": [16, 29, 44, None, 59],
    "age -1": [16, 29, 44, None, 59],
    "2 * age ^ 2 / 2": [289, 900, 2025, None, 3600],
    "2 ^ 3 ^ 2": [512] * 5,
    "-2 ^ 2": [-4] * 5,  # as in mathematics: the power first, then the sign
    "(-2) ^ 2": [4] * 5,
    "0 - -2": [2] * 5,
    "-a ^ 2": [-1, -25, None, -4, -9],
    "bands(age, 2 * 15, 45)": [1, 2, 3, None, 3],
    "recode(day, 2025-01-31 = 1, else = 0)": [1, 0, 0, None, 0],
    "recode(day, 2025-01-31 = missing)": [None, "2025-02-01", "2024-12-30", None, "2025-07-04"],
    "10 - 2 - 3": [5] * 5,
    "10 - (2 - 3)": [11] * 5,
    "a / (b - 2)": [None, None, None, None, 3],
    "log(a - 1)": [None, np.log(4), None, 0, np.log(2)],
    "mean(a, b, c)": [2, None, None, 2, None],
    "mean(a .. c, minimum = 2)": [2, 4, 4.5, 2, 3],
    "sum(a, b, minimum = 1)": [3, 5, 4, 4, 6],
    "largest(a .. c, minimum = 1)": [3, 5, 5, 2, 3],
    "smallest(a .. c, minimum = 1)": [1, 3, 4, 2, 3],
    "valid(a, b, c)": [3, 2, 2, 3, 2],
    "reverse(a, 1, 5)": [5, 1, None, 4, 3],
    "bands(age, 30, 45)": [1, 2, 3, None, 3],
    "bands(age, 30, 45, closed = right)": [1, 1, 2, None, 3],
    "recode(a, 1 = 10, 5 = missing)": [10, None, None, 2, 3],
    "recode(a, 1 = 10, else = 0)": [10, 0, None, 0, 0],
    "recode(site, North = upper, else = lower)": ["upper", "lower", "upper", "lower", "lower"],
    "if(age >= 45, 1, 0)": [0, 0, 1, None, 1],
    'if(site = North, "n", "other")': ["n", "other", "n", "other", "other"],
    "age >= 30 and site = South": [0, 1, 0, 0, 1],
    "rank(c)": [2.5, 2.5, 4, 1, None],
    "z(c)": [-0.25 / np.sqrt(19 / 12), -0.25 / np.sqrt(19 / 12), 1.75 / np.sqrt(19 / 12), -1.25 / np.sqrt(19 / 12), None],
    "centred(age)": [-21, -8, 7, None, 22],
    "round(age / 7)": [2, 4, 6, None, 9],
    "abs(a - 3)": [2, 2, None, 1, 0],
    "year(day)": [2025, 2025, 2024, None, 2025],
    "quarter(day)": [1, 1, 4, None, 3],
    "month(day)": [1, 2, 12, None, 7],
    "day(day)": [31, 1, 30, None, 4],
    "weekday(day)": [5, 6, 1, None, 5],
    "day - 2025-01-01": [30, 31, -2, None, 184],
}  # fmt: skip


@pytest.mark.parametrize("text", VALUES)
def test_an_expression_gives_these_values(text: str, data: Dataset) -> None:
    found = shown(evaluate(parse_expression(text), data))
    for value, wanted in zip(found, VALUES[text], strict=True):
        assert value == (pytest.approx(wanted) if isinstance(wanted, float) else wanted)


@pytest.mark.parametrize("text", [*VALUES, "-(a + b)", "(a + b) * c", "a - (b - c)", "(a ^ b) ^ c", "`my x` + 1"])
def test_an_expression_written_back_means_the_same(text: str) -> None:
    tree = parse_expression(text)
    assert parse_expression(show_expression(tree)) == tree


@pytest.mark.parametrize("text", ["age + 1 > a * 2", "age / 2 between a and 30", "log(age) >= 3 or a = 1"])
def test_conditions_know_expressions(text: str, data: Dataset) -> None:
    condition = parse_condition(text)
    assert parse_condition(show_condition(condition)) == condition
    assert evaluate(condition, data).valid.any()


MISTAKES = [
    ("agge + 1", "agge", "Did you mean “age”?"),
    ("meen(a, b)", "meen", "Did you mean “mean”?"),
    ("site + 1", "site", "holds words"),
    ("log(site)", "log", "holds words"),
    ("log(a, b)", "log", "is written log(x)"),
    ("bands(age, 45, 30)", "", "ascending"),
    ("mean(a, b, minimum = 3)", "", "from 1 to 2"),
    ("recode(site, Nord = x)", "recode", "Did you mean “North”?"),
    ("year(age)", "", "is no date"),
    ("a + (b > 1)", "", "join conditions with and, or"),
    ("a +", "+", ""),
    ("if(site, 1, 0)", "", "neither true nor false"),
    ("bands(age, a, 45)", "bands", "only the first part is a variable"),
    ("reverse(a, b, 5)", "reverse", "only the first part is a variable"),
    ("round(age, 1e400)", "", "whole number of decimals"),
    ("round(age, 99999999999)", "", "whole number of decimals"),
]


@pytest.mark.parametrize(("text", "word", "says"), MISTAKES)
def test_a_mistake_in_an_expression_is_told(text: str, word: str, says: str, data: Dataset) -> None:
    with pytest.raises(Problem) as caught:
        evaluate(parse_expression(text), data)
    assert says in caught.value.message
    if caught.value.at >= 0:
        assert text[caught.value.at : caught.value.at + caught.value.length] == word


def derived(history: History, name: str, text: str) -> History:
    return history.do(Derive(name, parse_expression(text)))


def test_derived_variables_follow_parents_codes_and_corrections(data: Dataset) -> None:
    history = derived(derived(History(study_of(data)), "total", "sum(a, b)"), "double", "total * 2")
    assert shown(history.study.table.column("double")) == [6, None, None, 8, 12]
    history = history.do(Correct((Correction("b", "", 1.0, row=2),)))
    assert shown(history.study.table.column("double")) == [6, 12, None, 8, 12]
    history = history.do(SetMissing("a", ()))  # -9 is a value again
    assert shown(history.study.table.column("double")) == [6, 12, -10, 8, 12]
    history = history.do(SetFormula("total", parse_expression("a + b + 1")))
    assert shown(history.study.table.column("double")) == [8, 14, -8, 10, 14]
    history = history.do(TakeBack(0))
    assert shown(history.study.table.column("double")) == [8, None, -8, 10, 14]
    for _ in range(4):
        history = history.undo()
    assert shown(history.study.table.column("double")) == [6, None, None, 8, 12]


def test_what_did_not_change_is_not_computed_again(data: Dataset) -> None:
    history = derived(derived(History(study_of(data)), "total", "sum(a, b)"), "older", "age + 1")
    before = history.study.table
    history = history.do(Correct((Correction("b", "", 1.0, row=2),)))
    assert history.study.table.column("older") is before.column("older")
    assert history.study.table.column("total") is not before.column("total")
    assert history.study.table.column("site") is before.column("site")


def test_circles_and_lost_parents_are_refused_with_the_path(data: Dataset) -> None:
    history = derived(derived(History(study_of(data)), "x", "a + 1"), "y", "x * 2")
    with pytest.raises(Problem, match="x from y, y from x"):
        history.do(SetFormula("x", parse_expression("y + 1")))
    with pytest.raises(Problem, match="needed by y"):
        history.do(RemoveDerived("x"))
    with pytest.raises(Problem, match="already a variable"):
        derived(history, "age", "a + 1")
    with pytest.raises(Problem, match="left out, not removed"):
        history.do(RemoveDerived("age"))
    assert "y" not in history.do(RemoveDerived("y")).study.table


def test_bands_are_ordinal_with_labels_that_follow_the_cuts(data: Dataset) -> None:
    history = derived(History(study_of(data)), "age_band", "bands(age, 30, 45)")
    line = history.study.codebook["age_band"]
    assert line.level is Level.ORDINAL
    assert [entry.label for entry in line.value_labels] == ["under 30", "30–44", "45 and over"]
    history = history.do(SetFormula("age_band", parse_expression("bands(age, 30, 50)")))
    labels = [entry.label for entry in history.study.codebook["age_band"].value_labels]
    assert labels == ["under 30", "30–49", "50 and over"]


def test_cases_set_aside_are_nowhere_and_come_back(data: Dataset) -> None:
    history = History(study_of(data)).do(SetAside(Aside((2, 5), "repeated")))
    assert history.study.data.n_cases == 3
    assert not history.study.data.present("age")[[1, 4]].any()
    assert history.study.n_used == 3
    assert history.do(BringBack()).study.n_used == 5


def test_a_correction_applies_only_where_its_old_value_stands(data: Dataset) -> None:
    study = study_of(data)
    changed = Correct((Correction("site", "North", "Northern"), Correction("age", 18.0, 81.0, row=1))).apply(study)
    assert shown(changed.table.column("site"))[:3] == ["Northern", "South", "Northern"]
    assert shown(changed.table.column("age"))[0] == 17
    assert shown(study.table.column("site"))[0] == "North"  # the source is as it was


def test_a_typed_value_is_checked_against_its_column(data: Dataset) -> None:
    assert check_value(data.table.column("age"), " −3 ") == -3
    assert check_value(data.table.column("age"), "  ") is None
    assert check_value(data.table.column("day"), "2025-01-01") == "2025-01-01"
    for name, text in (("age", "abc"), ("day", "soon")):
        with pytest.raises(Problem, match=text):
            check_value(data.table.column(name), text)


def test_variables_left_out_are_not_offered(data: Dataset) -> None:
    from made import make_exhibit

    study = LeaveOut(("b", "c")).apply(study_of(data))
    exhibit = make_exhibit("describe all measured", study.data)
    assert {cell.variable for cell in exhibit.result.cells} == {"a", "age"}


def test_a_name_that_is_taken_gets_the_next_number(data: Dataset) -> None:
    more = (replace(data.table.columns[0], name=name) for name in ("n", "n_2"))
    table = Table((*data.table.columns, *more), data.table.source)
    assert [free_name(name, table) for name in ("fresh", data.table.columns[0].name, "n")] == [
        "fresh",
        f"{data.table.columns[0].name}_2",
        "n_3",
    ]
