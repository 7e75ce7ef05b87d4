"""Whole or refused: each verb, form, output, change and phrase is there with all its parts, in every place that asks for it."""

from __future__ import annotations

import ast
import re
import tomllib
from collections.abc import Iterator
from inspect import getmembers, isclass

import pytest

from istrel.app.stations.manuscript.style_panel import OF_LANGUAGE
from istrel.exhibits.forms.catalogue import FORMS as DRAWN
from istrel.exhibits.verbs.catalogue import VERBS as DONE
from istrel.render import OUTPUTS
from istrel.sentence.vocabulary import FORMS, STATISTICS, TESTS, VERBS
from istrel.stats.reasons import REASONS
from istrel.study.changes import cases, codebook, manuscript, sources
from istrel.study.changes.catalogue import CHANGES
from istrel.style import phrases as words
from trees import SOURCES, nodes

SAID_FIRST = {"say": 0, "label_in": 0, "claim": 2, "unless_alike": 0, "Undefined": 0, "undefined": 0}


def test_vocabulary_and_catalogues_name_the_same_verbs_and_forms() -> None:
    assert DONE.keys() == VERBS.keys()
    assert DRAWN.keys() == {name for name, form in FORMS.items() if form.drawn}
    assert {form for verb in VERBS.values() for form in verb.forms} == FORMS.keys()


def test_every_language_brings_its_labels_and_every_output_stands_in_the_manual() -> None:
    assert OF_LANGUAGE.keys() == words.LANGUAGES.keys()
    manual = (SOURCES.parent / "README.md").read_text(encoding="utf-8")
    assert [ending for ending in OUTPUTS if f".{ending}" not in manual] == []


@pytest.mark.parametrize("name", DRAWN)
def test_a_form_that_shows_every_case_hides_nothing_and_says_so(name: str) -> None:
    assert (DRAWN[name]().counts is None) == FORMS[name].case_by_case


def test_every_change_has_its_id() -> None:
    made = {
        noun
        for module in (cases, codebook, manuscript, sources)
        for _, noun in getmembers(module, isclass)
        if noun.__module__ == module.__name__ and hasattr(noun, "apply")
    }
    assert made == set(CHANGES.values())


def test_every_output_says_what_it_holds() -> None:
    assert {output.holds for output in OUTPUTS.values()} == {"document", "figure"}
    assert all(ending == output.ending and output.words for ending, output in OUTPUTS.items())


def ids_in_code() -> Iterator[tuple[str, str]]:
    """(place, id) of every phrase and reason that is named where it is said."""
    for path, written in nodes().items():
        for node in written:
            if isinstance(node, ast.Call) and isinstance(node.func, ast.Name) and node.func.id in SAID_FIRST:
                place = SAID_FIRST[node.func.id]
                for part in _branches(node.args[place]) if len(node.args) > place else ():
                    if isinstance(part, ast.Constant):
                        yield f"{path.relative_to(SOURCES)}:{node.lineno}", str(part.value)


def _branches(node: ast.expr) -> Iterator[ast.expr]:
    if isinstance(node, ast.IfExp):
        yield from _branches(node.body)
        yield from _branches(node.orelse)
    else:
        yield node


def test_every_phrase_that_is_said_is_known() -> None:
    known = words.phrases().keys() | REASONS.keys()
    assert [found for found in ids_in_code() if found[1] not in known] == []
    heads = [entry.head for entry in STATISTICS.values()]
    tests = [part for test in TESTS.values() for part in (test.symbol, test.title, test.defined)]
    said = [part for entry in STATISTICS.values() for part in (entry.short, entry.defined) if part]
    assert {*heads, *tests, *said} <= known


def test_no_phrase_is_written_twice() -> None:
    pages = [tomllib.loads(page.read_text("utf-8")) for page in words.FOLDER.glob("*.toml")]
    assert sum(map(len, pages)) == len(words.phrases())


@pytest.mark.parametrize("language", words.LANGUAGES)
def test_every_phrase_has_the_same_slots_and_slants_in_every_language(language: str) -> None:
    for name, phrase in words.phrases().items():
        said, english = phrase.said(language), phrase.said("en")
        assert said.strip(), name
        assert words.slots(said) == words.slots(english), name
        assert said.count("*") == english.count("*"), name


SIGNS = re.compile(r"\{\w+\}|minus|\*[^*]+\*|\b[A-Z]\S*")  # slots, symbols and names
COGNATES = {
    "de": {"line_normal"},
    "fr": {
        *("exact", "test_exact", "head_mode", "scale_coefficient", "n_variables", "n_modes", "row_and_column_value"),
        *("of_one_variable", "read_dates"),
    },
    "es": {"line_normal", "eta", "n_variables", "of_one_variable"},
}


@pytest.mark.parametrize("language", ["de", "fr", "es"])
def test_no_phrase_is_left_in_english(language: str) -> None:
    same = {name: phrase for name, phrase in words.phrases().items() if phrase.said(language) == phrase.said("en")}
    left = {name for name, phrase in same.items() if re.search(r"[a-z]{3,}", SIGNS.sub("", phrase.said("en")))}
    assert left <= COGNATES[language]


def test_reasons_are_said_alike_to_programs_and_on_paper() -> None:
    assert {name: words.phrases()[name].said("en") for name in REASONS} == REASONS


def test_every_refusal_can_be_said_in_the_language_of_the_window() -> None:
    """A problem is told by an English text with parts, but on the command line and in notebooks, which speak English."""
    plain = [
        f"{path.relative_to(SOURCES)}:{node.lineno}"
        for path, written in nodes().items()
        if not {"commands", "notebook", "start.py"} & set(path.parts)
        for node in written
        if isinstance(node, ast.Call) and isinstance(node.func, ast.Name) and node.func.id == "Problem" and node.args
        if isinstance(node.args[0], ast.JoinedStr | ast.Constant | ast.BinOp)
    ]
    assert plain == []


def test_french_sets_its_marks_off_by_blanks_that_do_not_break() -> None:
    for name, phrase in words.phrases().items():
        assert not re.search(r"[^\u00a0][;:?!»]|\d %|} %|« ", phrase.fr.replace("://", "")), name


def test_what_version_1_called_phrases_is_understood() -> None:
    assert words.id_of("{n} cases have {lack} and are left out.") == words.id_of("ungrouped_left_out")
    key = words.key_today("{name} was most often {values}. | Site {values}")
    assert key == "was_most_often | Site {values}"
    assert words.key_today("*p* adjusted for {n} pairs ({source}). {n}") == "p_adjusted_for_pairs {n}"
    assert words.key_today("was_most_often | Site {values}") == key
