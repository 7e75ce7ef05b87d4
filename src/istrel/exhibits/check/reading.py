"""What tests, skewness and kurtosis together say about a shape, in plain words."""

from __future__ import annotations

from istrel.stats.estimates import Undefined

Value = float | Undefined
LEVEL = 0.05
SLIGHT = 1.0
FEW, MANY = 20, 300
CONSISTENT, MILD, CLEAR = "consistent with normality", "mild departure from normality", "clear departure from normality"


def chosen_test(tests: dict[str, tuple[Value, Value, Value]]) -> str:
    """The test that the reading goes by: Shapiro–Wilk where it has a p, else Anderson–Darling; empty where neither has."""
    for test in ("shapiro_wilk", "anderson_darling"):
        if isinstance(tests[test][2], float):
            return test
    return ""


def read_shape(tests: dict[str, tuple[Value, Value, Value]], skewness: Value, kurtosis: Value) -> str:
    """A reading from the chosen test (p adjusted if so) with |G1| and |G2|; empty where there is no test.

    Notes
    -----
    A test that rejects with |G1| or |G2| beyond 1 sees a clear departure, with both within 1 a mild one; a test that does
    not reject with one beyond 1 leaves it at mild.
    """
    test = chosen_test(tests)
    if not test:
        return ""
    p = tests[test][2]
    sizes = [abs(value) for value in (skewness, kurtosis) if isinstance(value, float)]
    largest = max(sizes, default=0.0)
    if isinstance(p, float) and p >= LEVEL:
        return CONSISTENT if largest <= SLIGHT else MILD
    return MILD if largest <= SLIGHT else CLEAR


def shape_words(skewness: Value, kurtosis: Value) -> str:
    """Skewness and kurtosis in the trade's words: within 1 of 0 a shape counts as roughly symmetric and mesokurtic."""
    words = []
    if isinstance(skewness, float):
        side = "right" if skewness > 0 else "left"
        words.append("roughly symmetric" if abs(skewness) <= SLIGHT else f"skewed to the {side}")
    if isinstance(kurtosis, float):
        words.append("mesokurtic" if abs(kurtosis) <= SLIGHT else "leptokurtic" if kurtosis > 0 else "platykurtic")
    return ", ".join(words)


def remarks(n: int) -> tuple[str, ...]:
    """What the number of cases does to the tests."""
    if n < FEW:
        return ("so few cases that the tests see little",)
    if n > MANY:
        return ("so many cases that the tests see trifles",)
    return ()
