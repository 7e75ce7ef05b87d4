"""Sentences to Requests and back, and their mistakes under the word that is wrong."""

from __future__ import annotations

import contextlib

import pytest
from hypothesis import given
from hypothesis import strategies as st

from depth import some
from istrel.data.formula.tree import And, Between, Comparison, IsMissing, Literal, Name, Not, OneOf, Or, Span
from istrel.problem import Problem
from istrel.sentence import parse, parse_kept
from istrel.sentence.parse import parse_condition
from istrel.sentence.request import AllOf, Crossed, Request, show
from istrel.sentence.settings import Place, Settings, fitting_offers, fitting_settings, show_setting, without_strangers
from istrel.sentence.vocabulary import SETTINGS, STATISTICS, VERBS, usual_form


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
    "describe x as histogram with bins = 20, rule = square root, cumulative": Request(
        "describe",
        (crossed("x"),),
        form="histogram",
        settings=Settings((("bins", 20), ("rule", "square root"), ("cumulative", True))),
    ),
    "describe x across g with n, mean, total = no": Request(
        "describe",
        (crossed("x"),),
        across=(crossed("g"),),
        settings=Settings((("statistics", ("n", "mean")), ("total", False))),
    ),
    "describe x with statistics = {n, ci, p2.5}, percentiles = {5, 97.5}": Request(
        "describe",
        (crossed("x"),),
        settings=Settings((("statistics", ("n", "ci_low", "ci_high", "p2.5")), ("percentiles", (5.0, 97.5)))),
    ),
    "count x with edges = {0, 2.5, −1e3}": Request(
        "count", (crossed("x"),), settings=Settings((("edges", (0.0, 2.5, -1000.0)),))
    ),
    "describe x with quantiles = 6, confidence = 0.9 as table": Request(
        "describe", (crossed("x"),), form="table", settings=Settings((("quantiles", 6), ("confidence", 0.9)))
    ),
    "relate a, b given c, `my d` across g": Request(
        "relate", (crossed("a"), crossed("b")), given=(Name("c"), Name("my d")), across=(crossed("g"),)
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


WRITTEN = (
    "describe log(a), b - c across bands(x, 1, 2) × g",
    "count (a * 2) × b",
    "describe (a * b + c), a / b, a ^ 2, a - (b + c)",
    "count (a > 3), (a is not missing), (-a)",
    "relate a - b against c + d",
    "describe `x y` + 1, f.g against -2.5",
    'count a against {x 50, "y z" 30, 3 20}',
)


@pytest.mark.parametrize("text", WRITTEN)
def test_formulas_norms_and_shares_are_written_as_they_are_typed(text: str) -> None:
    request = parse(text)
    assert show(request) == text
    assert parse(show(request)) == request


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


@st.composite
def requests(draw: st.DrawFn) -> Request:
    """Any sentence with settings that belong to it."""
    verb = draw(st.sampled_from(sorted(VERBS)))
    form = draw(st.none() | st.sampled_from(VERBS[verb].forms))
    groups = st.lists(st.lists(NAMES, min_size=1, max_size=3).map(lambda ns: crossed(*ns)), max_size=2).map(tuple)
    across = draw(groups)
    place = Place(verb, form or usual_form(verb), against=False, groups=bool(across))
    fitting = fitting_settings(place)
    values = {
        "statistics": st.lists(st.sampled_from(sorted(STATISTICS)), min_size=1, unique=True).map(tuple),
        "tests": st.just(("lilliefors",)),
        "edges": st.lists(st.floats(-1e6, 1e6), min_size=1, max_size=4, unique=True).map(tuple),
        **dict.fromkeys(("x_limits", "y_limits", "bounds"), st.tuples(st.floats(-1e6, 0), st.floats(1, 1e6))),
        "percentiles": st.lists(st.integers(1, 99).map(float), min_size=1, unique=True).map(tuple),
    }
    names = draw(st.lists(st.sampled_from([setting.name for setting in fitting]), max_size=4, unique=True))
    said = [(name, draw(values[name] if name in values else _some(name))) for name in names]
    subjects = draw(st.lists(NAMES.map(crossed), min_size=1, max_size=3).map(tuple))
    said.sort(key=lambda pair: pair[0] != "statistics")  # bare words are read first
    settings = without_strangers(Settings(tuple(said)), place)
    return Request(verb, subjects, across=across, form=form, settings=settings)


def _some(name: str) -> st.SearchStrategy[object]:
    """A value that a setting takes."""
    offers = [value for value in SETTINGS[name].takes.offers if value is not None]
    return st.sampled_from(offers) if offers else st.just({"trim": 0.1, "bandwidth": 0.5, "bins": 20}.get(name, 2.5))


@given(requests())
def test_any_request_survives_being_written_and_read(request_: Request) -> None:
    assert parse(show(request_)) == request_


@pytest.mark.parametrize("name", some(sorted(SETTINGS), 30))
def test_a_setting_is_refused_by_name_wherever_it_does_not_belong(name: str) -> None:
    values = {
        "statistics": "{n}",
        "tests": "{lilliefors}",
        "edges": "{1, 2}",
        "x_limits": "{1, 2}",
        "y_limits": "{1, 2}",
        "bounds": "{1, 2}",
        "percentiles": "{5}",
        "trim": "0.1",
    }
    setting, belongs = SETTINGS[name], 0
    for verb in VERBS.values():
        for form in verb.forms:
            for clauses in ("", " against b", " across g", " against b across g"):
                if " against" in clauses and "against" not in verb.clauses:
                    continue
                place = Place(verb.name, form, "against" in clauses, "across" in clauses)
                offers = [v for v in fitting_offers(setting, place) if v is not None]
                typed = values.get(name) or (
                    "yes" if any(v is True for v in offers) else str(offers[-1]) if offers else "2"
                )
                sentence = f"{verb.name} a{clauses} as {form} with {name} = {typed}"
                needs = [need for need in setting.needs if place.within(need.place)]
                if any(place.within(where) for where, _ in setting.unasked):
                    assert_refused(sentence, f"“{name}” need not be asked for here", name)
                    continue
                if setting not in fitting_settings(place):
                    word = typed.strip("{}") if name == "statistics" else name
                    why = assert_refused(sentence, f"“{word}” belongs to ", name)
                    assert not (place.groups and "a sentence with groups" in why)  # it has them
                    continue
                if unmet := [need for need in needs if SETTINGS[need.setting].usual not in need.values]:
                    assert_refused(sentence, f"“{name}” means nothing here without “{unmet[0].setting}", name)
                beside = "".join(f", {show_setting(need.setting, need.values[-1])}" for need in needs)
                assert name in parse(f"{sentence}{beside}").settings
                belongs += 1
                for wrong in setting.takes.offers.keys() - fitting_offers(setting, place).keys():
                    sentence = f"{verb.name} a{clauses} as {form} with {name} = {wrong}"
                    assert_refused(sentence, f"“{name} = {wrong}” belongs to ", name)
    assert belongs


def assert_refused(sentence: str, words: str, name: str) -> str:
    """Why the sentence is refused at this setting; one that was kept in a study goes without it."""
    with pytest.raises(Problem, match=words) as caught:
        parse(sentence)
    assert sentence[caught.value.at :].startswith(name)
    assert name not in parse_kept(sentence).settings
    return caught.value.message


MISTAKES = [
    ("", "", "There is no sentence yet."),
    ("discribe x", "discribe", "“discribe” is no verb. Did you mean “describe”?"),
    ("boxplot of x", "boxplot", "“boxplot” is no verb; write “describe … as boxes”."),
    ("frequencies of x", "frequencies", "“frequencies” is no verb; write “count”."),
    ("describe x as box plot", "box", "“box” is no form. Did you mean “boxes”?"),
    (
        "describe x where g = 1",
        "where",
        "“where” cannot stand here. Cases are chosen after “among”: describe age among age >= 18.",
    ),
    (
        "count x vs g",
        "vs",
        "“vs” cannot stand here. What stands in the columns comes after “against”: count site against format.",
    ),
    ("describe x by g", "by", "“by” cannot stand here. Groups come after “across”: describe age across site."),
    ("describe x with p", "p", "“p” is no statistic; a p comes with “test”."),
    ("describe", "e", "After “describe” come the variables"),
    ("describe across y", "across", "After “describe” come the variables"),
    ("describe x acros y", "acros", "Did you mean “across”?"),
    ("describe x y", "y", "Separate names by commas"),
    ("describe x,", ",", "After the comma comes another name."),
    ("describe x across", "s", "After “across” comes the variable that makes the groups."),
    ("describe x across y across z", "across", "“across” stands twice"),
    ("describe x as histogramm", "histogramm", "Did you mean “histogram”?"),
    (
        "relate x, y as histogram",
        "histogram",
        "“relate” cannot be set as “histogram”; it can as table or scatter",
    ),
    (
        "count x against y with test",
        "test",
        "“test” need not be asked for here: the note says the test unasked.",
    ),
    ("describe x given y", "given", "“given” belongs to relate."),
    ("check x with bins", "bins", "“bins” takes a value"),
    ("describe x as", "s", "After “as” comes a form"),
    ('describe "my x"', '"my x"', "write `my x`"),
    ("describe x among age", "age", "A condition needs a comparison"),
    ("describe x with bens = 3", "bens", "There is no setting “bens”. Did you mean “bins”?"),
    ("describe x with meen", "meen", "Did you mean “mean”?"),
    ("describe x with bins = two", "two", "“bins” takes a whole number"),
    ("describe x with bins = 0", "0", "“bins” is a whole number between 1 and 1000"),
    ("describe x with width = −2", "-2", "“width” is a number above 0"),
    ("describe x with total = perhaps", "perhaps", "“total” is yes or no"),
    ("describe x with confidence = 95", "95", "“confidence” is a number between 0 and 0.9999"),
    ("describe x with quantiles = 9", "9", "“quantiles” is one of 6, 7, 8"),
    ("describe x with rule = scot", "scot", "Did you mean “scott”?"),
    ("describe x with decimals = 40", "40", "“decimals” is a whole number between 0 and 15"),
    ("describe x with bins = 2, bins = 3", "bins", "“bins” is set twice"),
    ("describe x with bins = {1, 2}", "2", "“bins” takes one value"),
    ("describe x with bandwidth = 1e400", "1e400", "“bandwidth” takes a number"),
    ("describe x with decimals = 1e-320", "1e-320", "“decimals” takes a whole number"),
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


@pytest.mark.parametrize(
    "text",
    [
        "(" * 1000 + "age > 3" + ")" * 1000,
        "not " * 1000 + "age > 3",
        "log(" * 800 + "age" + ")" * 800 + " > 1",
        "age + " * 900 + "1 > 2",
    ],
)
def test_what_is_nested_without_end_is_refused_in_a_plain_line(text: str) -> None:
    with pytest.raises(Problem, match="nested more than 200 deep"):
        parse_condition(text)
