"""Every printed cell is held against plain counting, by value: random tables with levels that are missing in some groups."""

from __future__ import annotations

from collections.abc import Callable, Sequence

import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.data.dataset import Dataset
from istrel.exhibits.make import Exhibit
from istrel.render.document import Document, numbered
from istrel.render.json import render
from istrel.style.house import load_style
from made import make_exhibit

Row = tuple[str, str, str]
WORDS = ["one", "two", "drei", "four"]
rows = st.lists(
    st.tuples(st.sampled_from(["a", "b", "c", ""]), st.sampled_from(["x", "y", ""]), st.sampled_from([*WORDS, ""])),
    min_size=4,
    max_size=30,
).filter(lambda found: {g for g, _, _ in found} - {""} and {c for _, _, c in found} - {""})
SENTENCES = {
    "count c across g with total = yes": ("g",),
    "count c across g, h with total = yes": ("g", "h"),
    "count c across g × h with total = yes": ("gh",),
    "describe c across g with total = yes": ("g",),
    "count c across g with total = yes, order = frequency, top = 2": ("g",),
}


@pytest.mark.parametrize("sentence", SENTENCES)
@given(found=rows)
def test_every_printed_count_is_that_of_its_own_level_and_group(sentence: str, found: list[Row]) -> None:
    usable = [row for row in found if all(row["gh".index(name)] for name in "".join(SENTENCES[sentence]))]
    if not usable or any(not any(row["gh".index(n)] for row in found) for n in "".join(SENTENCES[sentence])):
        return
    exhibit = make_exhibit(sentence, data_from(found))
    columns = counted_columns(exhibit)
    for stub, cells in printed(exhibit).items():
        if stub in WORDS:
            assert cells == [sum(c == stub and belongs(row) for row in found for c in row[2:]) for belongs in columns]


def data_from(found: Sequence[Row]) -> Dataset:
    import tempfile
    from pathlib import Path

    from istrel.study.opening import open_data

    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "t.csv"
        path.write_text("g,h,c\n" + "".join(f"{g},{h},{c}\n" for g, h, c in found))
        return open_data(path)


def printed(exhibit: Exhibit) -> dict[str, list[int]]:
    """{row: the counts printed in it}, read back from what JSON prints."""
    import json

    document = Document(numbered([exhibit]), load_style())
    sheet = json.loads(render(document))["sheet"]
    found = {}
    for stub, *cells in sheet["rows"]:
        counts = [int(cell.split(" ")[0]) for cell in cells if cell.split(" ")[0].isdigit()]
        found[stub] = counts
    return found


def counted_columns(exhibit: Exhibit) -> list[Callable[[Row], bool]]:
    """For each group in print, which rows of the file belong to it."""

    def of(named: Sequence[tuple[str, float | str]]) -> Callable[[Row], bool]:
        return lambda row: all(row["gh".index(name)] == value for name, value in named)

    return [of(cell.group.named) for cell in exhibit.result.cells]
