"""What tests, skewness and kurtosis together say about a shape, in plain words."""

from __future__ import annotations

from istrel.data.limits import FEW_FOR_TESTS, FEWEST_FOR_CLEAR, MANY_FOR_TESTS, SIGNIFICANT, SKEWED
from istrel.exhibits.text import Text, joined, say
from istrel.exhibits.verbs.check.result import Tested, Value

READINGS = {
    "consistent": "consistent with normality",
    "mild": "mild departure from normality",
    "clear": "clear departure from normality",
    "open": "too few cases to tell",
}
SHORT = {"consistent": "reading_consistent", "mild": "reading_mild", "clear": "reading_clear", "open": "reading_open"}
SHAPES = {
    "consistent": "showed_a_shape_consistent_with",
    "mild": "showed_a_mild_departure_from",
    "clear": "showed_a_clear_departure_from",
    "open": "shape_cannot_be_told",
}


USUAL = ("shapiro_wilk", "anderson_darling")


def chosen_test(tests: dict[str, Tested], shown: tuple[str, ...] = USUAL) -> str:
    """The test that the reading goes by, the first that has a p; empty where none has.

    Of the tests shown Shapiro–Wilk and Anderson–Darling come first; where none shown has a p, these two as well.
    """
    order = (*(test for test in USUAL if test in shown), *shown, *USUAL)
    return next((test for test in order if isinstance(tests[test].p_adjusted, float)), "")


def read_shape(
    n: int, tests: dict[str, Tested], skewness: Value, kurtosis: Value, shown: tuple[str, ...] = USUAL
) -> str:
    """A reading from the chosen test (p adjusted if so) with |G1| and |G2|; empty where there is no test.

    Notes
    -----
    A test that does not reject leaves it at "consistent", of fewer than 10 cases at "open": so few tell nothing. One that
    rejects (as it prints, too) sees a mild departure where |G1| and |G2| are within 1 as printed, a clear one beyond; fewer
    than 10 cases never make a departure clear.
    """
    test = chosen_test(tests, shown)
    if not test:
        return ""
    p = tests[test].p_adjusted
    sizes = [round(abs(value), 2) for value in (skewness, kurtosis) if isinstance(value, float)]
    if not isinstance(p, float) or p >= SIGNIFICANT or round(p, 3) >= SIGNIFICANT:
        return "consistent" if n >= FEWEST_FOR_CLEAR else "open"
    return "clear" if max(sizes, default=0.0) > SKEWED and n >= FEWEST_FOR_CLEAR else "mild"


def shape_words(skewness: Value, kurtosis: Value) -> Text:
    """Skewness and kurtosis in the trade's words: within 1 of 0 a shape counts as roughly symmetric and mesokurtic."""
    words: list[Text] = []
    if isinstance(skewness, float):
        skewed = say("skewed_to_the_right") if skewness > 0 else say("skewed_to_the_left")
        words.append(say("roughly_symmetric") if round(abs(skewness), 2) <= SKEWED else skewed)
    if isinstance(kurtosis, float):
        tails = say("leptokurtic") if kurtosis > 0 else say("platykurtic")
        words.append(say("mesokurtic") if round(abs(kurtosis), 2) <= SKEWED else tails)
    return joined(words)


def remark(n: int) -> str:
    """The phrase for what the number of cases does to the tests; empty where it is neither small nor large."""
    if n < FEW_FOR_TESTS:
        return "so_few_cases_that_the"
    if n > MANY_FOR_TESTS:
        return "so_many_cases_that_the"
    return ""
