"""Sentences to Requests and back, and their mistakes under the word that is wrong."""

from __future__ import annotations

import contextlib

import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.data.formula.tree import And, Between, Comparison, IsMissing, Literal, Name, Not, OneOf, Or, Span
from istrel.problem import Problem
from istrel.sentence import parse
from istrel.sentence.request import AllOf, Crossed, Request, Settings, show
from istrel.sentence.words import FORMS, STATISTICS, VERBS


def crossed(*names: str) -> Crossed:
    return Crossed(tuple(Name(name) for name in names))


SENTENCES = {
    "describe age": Request("describe", (crossed("age"),)),
    "DESCRIBE age, vocab_gain ACROSS format": Request(
        "describe", (crossed("age"), crossed("vocab_gain")), across=(crossed("format"),)
    ),
    "describe all measured, all categories": Request("describe", (AllOf("measured"), AllOf("categories"))),
    "describe item_1 .. item_12": Request("describe", (Span(Name("item_1"), Name("item_12")),)),
    "describe item_1..item_12": Request("describe", (Span(Name("item_1"), Name("item_12")),)),
    "count a × b against `my c`, d": Request("count", (crossed("a", "b"),), against=(Name("my c"), Name("d"))),
    "count a*b": Request("count", (crossed("a", "b"),)),
    "describe x across a × b, c": Request("describe", (crossed("x"),), across=(crossed("a", "b"), crossed("c"))),
    "check x as quantile   plot": Request("check", (crossed("x"),), form="quantile plot"),
    "describe sepal.length": Request("describe", (crossed("sepal.length"),)),
    "describe table, density": Request("describe", (crossed("table"), crossed("density"))),
    "describe größe, 年齢": Request("describe", (crossed("größe"), crossed("年齢"))),
    "describe x with bins = 20, rule = square root, cumulative = yes": Request(
        "describe", (crossed("x"),), settings=Settings(bins=20, rule="square root", cumulative=True)
    ),
    "describe x with n, mean, total = no": Request(
        "describe", (crossed("x"),), settings=Settings(statistics=("n", "mean"), total=False)
    ),
    "describe x with statistics = {n, ci low}, edges = {0, 2.5, −1e3}": Request(
        "describe", (crossed("x"),), settings=Settings(statistics=("n", "ci_low"), edges=(0.0, 2.5, -1000.0))
    ),
    "describe x with quantiles = 6, confidence = 0.9 as table": Request(
        "describe", (crossed("x"),), form="table", settings=Settings(quantiles=6, confidence=0.9)
    ),
    "relate x among a >= 18 and not (b = 'two words' or c is missing)": Request(
        "relate",
        (crossed("x"),),
        among=And(
            (
                Comparison(Name("a"), ">=", Literal(18.0)),
                Not(Or((Comparison(Name("b"), "=", Literal("two words")), IsMissing(Name("c"))))),
            )
        ),
    ),
    "describe x among a between −1 and 2.5 or b in {1, two, 'th ree'}": Request(
        "describe",
        (crossed("x"),),
        among=Or(
            (
                Between(Name("a"), Literal(-1.0), Literal(2.5)),
                OneOf(Name("b"), (Literal(1.0), Literal("two", bare=True), Literal("th ree"))),
            )
        ),
    ),
}


@pytest.mark.parametrize("text", SENTENCES)
def test_a_sentence_means_this_request(text: str) -> None:
    assert parse(text) == SENTENCES[text]


@pytest.mark.parametrize("text", SENTENCES)
def test_a_request_written_back_means_the_same(text: str) -> None:
    assert parse(show(SENTENCES[text])) == SENTENCES[text]


NAMES = st.one_of(
    st.from_regex(r"[a-zäé_][a-z0-9_]{0,8}", fullmatch=True),
    st.text(
        st.characters(blacklist_characters="`", blacklist_categories=("Cc", "Cs", "Zl", "Zp")), min_size=1, max_size=9
    ).filter(lambda name: name.strip() == name),
)


@given(
    st.builds(
        Request,
        verb=st.sampled_from(VERBS),
        subjects=st.lists(NAMES.map(crossed), min_size=1, max_size=3).map(tuple),
        across=st.lists(st.lists(NAMES, min_size=1, max_size=3).map(lambda ns: crossed(*ns)), max_size=2).map(tuple),
        form=st.none() | st.sampled_from(FORMS),
        settings=st.builds(
            Settings,
            statistics=st.none() | st.lists(st.sampled_from(sorted(STATISTICS)), min_size=1, unique=True).map(tuple),
            bins=st.none() | st.integers(1, 999),
            closed=st.none() | st.sampled_from(["left", "right"]),
            edges=st.none() | st.lists(st.floats(-1e6, 1e6), min_size=1, max_size=4).map(tuple),
        ),
    )
)
def test_any_request_survives_being_written_and_read(request_: Request) -> None:
    assert parse(show(request_)) == request_


MISTAKES = [
    ("", "", "There is no sentence yet."),
    ("discribe x", "discribe", "“discribe” is no verb. Did you mean “describe”?"),
    ("describe", "e", "After “describe” come the variables"),
    ("describe across y", "across", "After “describe” come the variables"),
    ("describe x acros y", "acros", "Did you mean “across”?"),
    ("describe x y", "y", "Separate names by commas"),
    ("describe x,", ",", "After the comma comes another name."),
    ("describe x across", "s", "After “across” comes the variable that makes the groups."),
    ("describe x across y across z", "across", "“across” stands twice"),
    ("describe x as histogramm", "histogramm", "Did you mean “histogram”?"),
    ("describe x as", "s", "After “as” comes a form"),
    ('describe "my x"', '"my x"', "write `my x`"),
    ("describe x among age", "age", "A condition needs a comparison"),
    ("describe x with bens = 3", "bens", "There is no setting “bens”. Did you mean “bins”?"),
    ("describe x with meen", "meen", "Did you mean “mean”?"),
    ("describe x with bins = two", "two", "“bins” takes a whole number"),
    ("describe x with bins = 0", "0", "“bins” is 1 or more"),
    ("describe x with width = −2", "-2", "“width” is above 0"),
    ("describe x with total = perhaps", "perhaps", "“total” is yes or no"),
    ("describe x with confidence = 95", "95", "lies between 0 and 1"),
    ("describe x with quantiles = 9", "9", "“quantiles” is 6, 7 or 8"),
    ("describe x with rule = scot", "scot", "Did you mean “scott”?"),
    ("describe x with decimals = 40", "40", "goes up to 15"),
    ("describe x with bins = 2, bins = 3", "bins", "“bins” is set twice"),
    ("describe x with bins = {1, 2}", "bins", "“bins” takes one value"),
]


@pytest.mark.parametrize(("text", "word", "says"), MISTAKES)
def test_a_mistake_is_told_under_its_word(text: str, word: str, says: str) -> None:
    with pytest.raises(Problem) as caught:
        parse(text)
    problem = caught.value
    assert says in problem.message
    assert "\n" not in problem.message
    assert text[problem.at : problem.at + problem.length].replace("−", "-") == word


@given(st.text(max_size=40))
def test_no_text_whatsoever_breaks_the_parser(text: str) -> None:
    for sentence in (text, f"describe {text}", f"describe x among {text}", f"describe x with {text}"):
        with contextlib.suppress(Problem):
            parse(sentence)
