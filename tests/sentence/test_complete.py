"""What may follow in a sentence, sentences changed by clicks, and the roles of words while typing."""

from __future__ import annotations

import pytest

from istrel.data.codebook import Codebook, ValueLabel, Variable
from istrel.data.levels import Level
from istrel.sentence import parse
from istrel.sentence.complete import Beside, complete
from istrel.sentence.edit import groups_of, names_of, toggle_group, toggle_subject, with_form, with_setting
from istrel.sentence.request import show
from istrel.sentence.spans import spans

LEVELS = {
    "id": Level.IDENTIFIER,
    "age": Level.CONTINUOUS,
    "site": Level.NOMINAL,
    "my var": Level.CONTINUOUS,
    "Body mass (g)": Level.CONTINUOUS,
    "Body mass, wet": Level.CONTINUOUS,
    "practice_min": Level.CONTINUOUS,
    "format": Level.NOMINAL,
    "across": Level.NOMINAL,
    "rating": Level.ORDINAL,
}
LABELS = {"practice_min": "Time with the tutor", "site": "Study site"}
ENDS = (ValueLabel(1.0, "low"), ValueLabel(5.0, "high"))
CODEBOOK = Codebook(
    tuple(
        Variable(name, level, LABELS.get(name, ""), value_labels=ENDS if name == "rating" else ())
        for name, level in LEVELS.items()
    )
)
VALUES = {"site": ("Harbour", "Mill Lane")}


@pytest.mark.parametrize(
    ("text", "first", "among"),
    [
        ("", "describe", ("count", "check", "relate")),
        ("des", "describe", ()),
        ("describe ", "age", ("site", "my var", "all measured")),
        ("describe pr", "practice_min", ()),
        ("describe my", "my var", ()),
        ("describe tutor", "practice_min", ()),
        ("describe time w", "practice_min", ()),
        ("describe body", "Body mass (g)", ("Body mass, wet",)),
        ("describe body ", "Body mass (g)", ("Body mass, wet",)),
        ("describe body mass,", "Body mass, wet", ()),
        ("describe Body mass (g)", "across", ("among", ",")),
        ("describe Body mass (g) acr", "across", ()),
        ("describe Body mass (g) across ", "site", ("format", "across", "age")),
        ("describe body mass (g), tim", "practice_min", ()),
        ("describe time ", "across", ("among", ",")),
        ("describe age, ", "my var", ("site", "id")),
        ("count ", "site", ("age",)),
        ("count study ", "against", ("across",)),
        ("describe age among study site = ", "Harbour", ()),
        ("describe age among site = h", "Harbour", ()),
        ('describe age among site = "Mi', "Mill Lane", ()),
        ("describe age ", "across", ("among", "as", "with", ",", "×")),
        ("describe age", "across", ("among",)),
        ("describe age ac", "across", ()),
        ("count site ", "against", ("across",)),
        ("describe age against ", "0", ()),
        ("describe rating against ", "3", ("0",)),
        ("count site against {", "Harbour", ("Mill Lane",)),
        ("count site against ", "format", ()),
        ("count site across format ", "against", ("among", "with")),
        ("describe `my var`", "across", ("among", "with")),
        ("describe `my v", "my var", ()),
        ("describe log1", "log10(", ()),
        ("describe age across ban", "bands(", ()),
        ("describe log(", "age", ()),
        ("describe age as ", "table", ("histogram", "boxes")),
        ("check age as ", "table", ("quantile plot",)),
        ("describe age as hist", "histogram", ()),
        ("describe age among ", "id", ("not", "age")),
        ("describe age among age ", "not", (">=", "between", "is")),
        ("describe age among site = ", "Harbour", ("Mill Lane",)),
        ("describe age with ", "n", ("mean", "quantiles =")),
        ("count site with ", "total", ("order =", "missing =")),
        ("count site against b with ", "percent =", ("expected",)),
        ("describe age with rule = ", "freedman-diaconis", ("scott",)),
        ("describe age across site with total = ", "yes", ("no",)),
    ],
)
def test_offers_are_what_the_grammar_allows(text: str, first: str, among: tuple[str, ...]) -> None:
    texts = [s.text for s in complete(text, len(text), CODEBOOK, VALUES).suggestions]
    assert texts[0] == first
    assert set(among) <= set(texts)


BESIDE = (
    Beside("reading", "in 2 columns: before, after", ("describe", "relate"), ("before", "after")),
    Beside("heard", "a question with 4 answers", ("count",)),
)


@pytest.mark.parametrize(
    ("text", "there", "not_there"),
    [
        ("describe ", ("reading",), ("heard", "cases", "occasion")),
        ("describe rea", ("reading",), ("age",)),
        ("describe reading across ", ("occasion", "site"), ("reading",)),
        ("describe age across ", ("site",), ("occasion",)),
        ("count ", ("heard", "cases"), ("reading",)),
        ("count site, ", ("heard",), ("cases",)),
        ("count ca", ("cases",), ()),
        ("describe age, Body mass (g) as density with ", ("arrange =",), ("total",)),
    ],
)
def test_what_is_no_variable_is_offered_where_it_can_stand(
    text: str, there: tuple[str, ...], not_there: tuple[str, ...]
) -> None:
    texts = {s.text for s in complete(text, len(text), CODEBOOK, VALUES, BESIDE).suggestions}
    assert set(there) <= texts
    assert not set(not_there) & texts


def test_a_clause_is_offered_once() -> None:
    text = "describe age across site as table "
    assert [s.text for s in complete(text, len(text), CODEBOOK).suggestions] == ["among", "with"]


def test_nothing_is_offered_after_a_mistake() -> None:
    text = "describe across "
    assert complete(text, len(text), CODEBOOK).suggestions == ()


@pytest.mark.parametrize("text", ["describe ag", "describe age, si", "describe age across sit", "desc"])
def test_an_offer_taken_leads_on(text: str) -> None:
    found = complete(text, len(text), CODEBOOK)
    taken = text[: found.start] + found.suggestions[0].written + " "
    assert complete(taken, len(taken), CODEBOOK).suggestions


def test_clicks_build_a_sentence_and_take_it_apart() -> None:
    request = toggle_subject(None, "age")
    assert request is not None
    request = toggle_subject(request, "my var")
    assert request is not None
    request = toggle_group(toggle_group(request, "site"), "format")
    assert show(request) == "describe age, `my var` across site × format"
    assert (names_of(request), groups_of(request)) == (("age", "my var"), ("site", "format"))
    request = with_setting(with_form(toggle_group(request, "site"), "histogram"), "bins", 12)
    assert show(request) == "describe age, `my var` across format as histogram with bins = 12"
    request = with_setting(toggle_group(request, "format"), "bins", None)
    assert show(request) == "describe age, `my var` as histogram"
    request = toggle_subject(request, "age")
    assert request is not None
    assert toggle_subject(request, "my var") is None


def test_clicks_keep_what_they_do_not_touch() -> None:
    text = "describe age, site .. practice_min across site among age >= 18 as table with n, mean"
    request = toggle_subject(parse(text), "vocab")
    assert request is not None
    assert show(request) == text.replace(" across", ", vocab across")


def test_words_have_their_roles_while_they_are_typed() -> None:
    text = "describe age, `my var` across site × format among age >= 18 and x in {1} as histogram with bins = 3"
    roles = [(text[s.start : s.start + s.length], s.role) for s in spans(text)]
    assert roles == [
        ("describe", "verb"),
        ("age", "subject"),
        (",", "sign"),
        ("`my var`", "subject"),
        ("across", "keyword"),
        ("site", "group"),
        ("×", "sign"),
        ("format", "group"),
        ("among", "keyword"),
        ("age >= 18 and x in {1}", "condition"),
        ("as", "keyword"),
        ("histogram", "form"),
        ("with", "keyword"),
        ("bins = 3", "setting"),
    ]
    settings = "describe x with n, shares = {a, b}, bins = 3"
    shown = [settings[s.start : s.start + s.length] for s in spans(settings) if s.role == "setting"]
    assert shown == ["n", "shares = {a, b}", "bins = 3"]
    assert spans("") == ()
    assert [s.role for s in spans("discribe x as nothing")] == ["sign", "subject", "keyword", "sign"]
