"""The codebook in words: what each entry says of its variable, batteries said once; and the whole as an appendix."""

from __future__ import annotations

import html
import io
import re
import zipfile
from collections.abc import Callable
from dataclasses import replace

import docx
import pytest

from istrel.data.codebook import MissingCode
from istrel.data.dataset import Dataset
from istrel.data.facts import variable_facts
from istrel.problem import Problem
from istrel.render.codebook import render_codebook
from istrel.study.entries import Before, Entry, asked, entries_of
from istrel.study.printed_codebook import print_codebook

Maker = Callable[..., Dataset]


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
    facts = {name: variable_facts(learners, name) for name in learners.table.names}
    for shown in (frozenset[str](), frozenset({"mot_01"})):
        battery = [entry.beside for entry in entries_of(learners, facts, opened=shown) if len(entry.names) == 12]
        assert battery == ["mot_01 to mot_12"]
    assert "mot_07" in entries(learners, wanted="mot_0")
    before: Before = {}
    first = entries(learners, before=before)
    again = entries(learners, before=before)
    assert all(first[name] is again[name] for name in first if name != "mot_01")


def test_the_appendix_counts_every_value_and_says_what_is_missing(learners: Dataset) -> None:
    refused = replace(learners.codebook["satisfaction"], missing_codes=(MissingCode(1.0, "refused"),))
    data = Dataset(learners.table, learners.codebook.with_variable(refused))
    printed = print_codebook(data)
    found = {entry.name: entry for entry in printed.entries}
    values, items = found["satisfaction"].grid, found["mot_01 to mot_12"].grid
    assert values is not None
    assert items is not None
    assert values.heads == ("Value", "Label", "n", "%")
    assert values.rows[-1] == ("missing: refused", "", "7", "")
    assert sum(int(row[2]) for row in values.rows) == data.n_cases
    assert sum(float(row[3] or 0) for row in values.rows) == pytest.approx(100, abs=0.2)
    assert items.heads == ("Item", "Label", "−9", "1", "2", "3", "4", "5", "Missing")
    assert [row[0] for row in items.rows] == [f"mot_{k:02d}" for k in range(1, 13)]
    assert "11 no number" in found["practice_min"].says
    left_out = replace(learners.codebook["age"], in_use=False)
    fewer = print_codebook(Dataset(learners.table, learners.codebook.with_variable(left_out)))
    assert "age" not in {entry.name for entry in fewer.entries}


@pytest.mark.parametrize("ending", ["docx", "odt", "html"])
def test_every_format_of_the_appendix_holds_all_of_its_words(ending: str, learners: Dataset) -> None:
    content = render_codebook(learners, f".{ending}")
    if ending == "docx":
        word = docx.Document(io.BytesIO(content))
        cells = [cell.text for table in word.tables for row in table.rows for cell in row.cells]
        words = " ".join([*(paragraph.text for paragraph in word.paragraphs), *cells])
    elif ending == "odt":
        words = re.sub("<[^>]+>", " ", zipfile.ZipFile(io.BytesIO(content)).read("content.xml").decode())
    else:
        words = re.sub("<[^>]+>", " ", content.decode())
    said = [part for entry in print_codebook(learners).entries for part in (entry.title, entry.name, entry.says)]
    grids = [entry.grid for entry in print_codebook(learners).entries if entry.grid is not None]
    said += [text for grid in grids for row in (grid.heads, *grid.rows) for text in row]
    plain = " ".join(html.unescape(words).split())
    assert [text for text in said if " ".join(text.split()) not in plain] == []
    assert content == render_codebook(learners, f".{ending}") or ending == "odt"


def test_a_codebook_has_no_other_formats(learners: Dataset) -> None:
    with pytest.raises(Problem, match=r"“.doc”. Did you mean “.docx”"):
        render_codebook(learners, ".doc")


def test_a_battery_of_many_answers_says_how_many_answered_and_how_many_did_not(data_of: Maker) -> None:
    """With more different answers than columns can hold, an item's n and missing cases make all cases."""
    rows = (f"{k % 10 + 1},{(k * 3) % 10 + 1},{k % 7 + 1 if k % 4 else ''}\n" for k in range(60))
    text = render_codebook(data_of("q1,q2,q3\n" + "".join(rows)), ".html").decode()
    items = [re.sub("<[^>]+>", " ", row).split() for row in re.findall(r"(?s)<tr>.*?</tr>", text)]
    assert [row for row in items if row[0].startswith("q")] == [
        ["q1", "60", "0"],
        ["q2", "60", "0"],
        ["q3", "45", "15"],
    ]
