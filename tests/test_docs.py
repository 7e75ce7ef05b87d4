"""What is said once stays said once: the page of the sentence follows the vocabulary, and no list of it stands elsewhere."""

from __future__ import annotations

import ast
import importlib.util
from collections.abc import Iterator
from pathlib import Path

from istrel.sentence.vocabulary import FORMS, SETTINGS, STATISTICS, TESTS, VERBS
from trees import nodes

ROOT = Path(__file__).parents[1]
MANY = 4  # words of one kind that make a list


def test_the_page_of_the_sentence_is_as_the_vocabulary_has_it() -> None:
    spec = importlib.util.spec_from_file_location("vocabulary_page", ROOT / "tools" / "vocabulary_page.py")
    assert spec is not None
    assert spec.loader is not None
    page = importlib.util.module_from_spec(spec)
    spec.loader.exec_module(page)
    text = page.PAGE.read_text(encoding="utf-8")
    assert page.written(text) == text, "run `make page`"
    for name in (*VERBS, *SETTINGS, *STATISTICS, *TESTS):
        assert f"`{name}`" in text


def lists() -> Iterator[tuple[str, set[str]]]:
    """(place, its words) of every collection of words in the code; a table of functions is the use of words, not a list."""
    for path, written in nodes().items():
        if "vocabulary" in path.parts:
            continue
        for node in written:
            if isinstance(node, ast.Tuple | ast.List | ast.Set):
                parts = node.elts
            elif isinstance(node, ast.Dict) and all(isinstance(value, ast.Constant) for value in node.values):
                parts = [key for key in node.keys if key is not None]
            else:
                continue
            words = {part.value for part in parts if isinstance(part, ast.Constant) and isinstance(part.value, str)}
            yield f"{path.relative_to(ROOT)}:{node.lineno}", words


def test_no_list_of_the_vocabulary_stands_a_second_time() -> None:
    everything = list(lists())
    for kind in (SETTINGS, STATISTICS, FORMS, TESTS):
        found = [(place, words) for place, words in everything if len(words & kind.keys()) >= MANY]
        assert found == []


def test_every_statistic_and_test_has_its_use() -> None:
    from importlib import import_module

    compute = import_module("istrel.exhibits.verbs.describe.compute")
    assert compute.ESTIMATES.keys() | compute.LISTS.keys() == STATISTICS.keys()
    assert import_module("istrel.exhibits.verbs.check.compute").MAKERS.keys() == TESTS.keys()
