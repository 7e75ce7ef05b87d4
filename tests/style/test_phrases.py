"""Every phrase exists in every language, with the same places, in words of its own, as that language is typeset."""

from __future__ import annotations

import re

import pytest

from istrel.style.phrases import LANGUAGES, phrases, phrases_in, slots

WORD = re.compile(r"[^\W\d_]{4,}")
ALIKE = {  # words that these languages share with English, looked at one by one
    "de": {
        "head_kurtosis",
        "measure_first_minus_second",
        "effect_first_minus_second",
        "hedges_g",
        "line_normal",
        "head_item",
    },
    "fr": {
        "n_variables",
        "total",
        "n_modes",
        "test_exact",
        "head_coefficient",
        "scale_coefficient",
        "head_mode",
        "head_item",
        "of_one_variable",
        "read_dates",
    },
    "es": {"n_variables", "of_one_variable", "total", "line_normal"},
}
EVERYWHERE = {"head_variable", "test_lilliefors"}


def bare(template: str) -> str:
    return re.sub(r"\{\w+\}", "", template)


@pytest.mark.parametrize("language", LANGUAGES)
def test_every_phrase_has_its_places_and_its_own_words(language: str) -> None:
    english, theirs = phrases_in("en"), phrases_in(language)
    assert english.keys() == theirs.keys() == phrases().keys()
    assert [name for name in theirs if slots(theirs[name]) != slots(english[name])] == []
    if language != "en":
        same = {n for n in theirs if theirs[n] == english[n] and WORD.search(bare(english[n]))}
        assert same == ALIKE[language] | EVERYWHERE


def test_french_puts_no_break_spaces_where_its_typography_wants_them() -> None:
    broken = re.compile(r"(?<=[\w}])[:;!?](?= |$)| [:;!?»%](?= |$)|« ")
    assert [(name, said) for name, said in phrases_in("fr").items() if broken.search(said)] == []


@pytest.mark.parametrize("language", LANGUAGES)
def test_no_phrase_says_a_number_that_should_be_its_place(language: str) -> None:
    """A thousands separator belongs to the house style."""
    assert [said for said in phrases_in(language).values() if re.search(r"\d[.,\u202f\u00a0 ]\d{3}(?!\d)", said)] == []
