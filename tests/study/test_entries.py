"""The codebook in words: what each entry says of its variable, batteries said once, nothing made again that has not changed."""

from __future__ import annotations

from dataclasses import replace

import pytest

from istrel.data.codebook import MissingCode
from istrel.data.dataset import Dataset
from istrel.data.facts import variable_facts
from istrel.study.entries import Before, Entry, asked, entries_of


def entries(data: Dataset, **said: object) -> dict[str, Entry]:
    facts = {name: variable_facts(data, name) for name in data.table.names}
    return {entry.names[0]: entry for entry in entries_of(data, facts, **said)}  # type: ignore[arg-type]


@pytest.mark.parametrize(
    ("name", "title", "line"),
    [
        ("learner", "Learner number", "606 different values · 6 stand more than once"),
        ("age", "Age", "prints as 41.2 years · from 19 to 199"),
        ("completed", "Completed the course", "0 No · 1 Yes"),
        ("format", "Course format", "Weekly evening · Weekend intensive · Guided self-study"),
        ("enrolled", "Enrolment date", "from 2025-01-12 to 2052-03-14"),
        ("site", "Site", "Harbour, Mill Lane, Old Town, Riverside, Station Road and 3 more"),
        ("practice_min", "Weekly practice", "prints as 92.1 min · from 0 to 438 · “n/a”, “72,5” and 1 more not read"),
        ("mot_01", "Mot items", "12 items · from −9 to 5 · open the 12"),
    ],
)
def test_an_entry_says_what_its_variable_is(name: str, title: str, line: str, learners: Dataset) -> None:
    entry = entries(learners)[name]
    assert (entry.title.text, entry.line) == (title, line)


def test_codes_are_said_and_asked_for(learners: Dataset) -> None:
    refused = replace(learners.codebook["age"], missing_codes=(MissingCode(199.0, "refused"), MissingCode("x")))
    entry = entries(Dataset(learners.table, learners.codebook.with_variable(refused)))["age"]
    assert entry.line.endswith("from 19 to 79 · 199 refused · “x” no answer")
    assert asked(entry) is entry
    assert [said.edited for said in entry.phrases if said.part == "missing"] == ["199 refused, x"] * 2
    assert asked(entries(learners)["age"]).says[-1].text == "what means no answer?"


def test_batteries_open_and_what_has_not_changed_is_not_made_again(learners: Dataset) -> None:
    folded, opened = entries(learners), entries(learners, opened=frozenset({"mot_01"}))
    assert len(opened) == len(folded) + 11  # the heading has the first item's name
    assert "mot_07" in entries(learners, wanted="mot_0")
    before: Before = {}
    first = entries(learners, before=before)
    again = entries(learners, before=before)
    assert all(first[name] is again[name] for name in first if name != "mot_01")
