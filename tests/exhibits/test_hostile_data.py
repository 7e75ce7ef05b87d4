"""All verbs on columns that break statistics programs: a reason, never a crash, never a NaN; and what must not change."""

from __future__ import annotations

import json
from collections.abc import Callable
from typing import Any

import numpy as np
import pytest

from depth import some
from istrel.data.codebook import Codebook
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.style.house import HouseStyle
from made import make_exhibit

Maker = Callable[..., Dataset]
COLUMNS = {
    "plain": [1.5, 2.5, 4.0, 8.0, 16.0, 3.0, 9.5, 7.0],
    "constant": [3.25] * 8,
    "tied": [1.5, 1.5, 2.5, 2.5, 2.5, 1.5, 2.5, 1.5],
    "single": [5.5, *[""] * 7],
    "pair": [5.5, 6.5, *[""] * 6],
    "infinite": ["inf", 1.5, 2.5, "-inf", 3.5, 4.5, 5.5, 6.5],
    "huge": [1e300, -1e300, 5e299, 2e300, 1.5, 2.5, 3e300, -2e300],
    "tiny": ["5e-324", "1e-310", "2e-310", "3e-310", "0.5e-310", "1.5e-310", "9e-311", "4e-310"],
    "copy": [3.0, 5.0, 8.0, 16.0, 32.0, 6.0, 19.0, 14.0],
}
GROUPS = ["α β", "名前", "α β", "<b>", "名前", "α β", "<b>", "x" * 300]


@pytest.fixture
def hostile(data_of: Maker) -> Dataset:
    head = ",".join([*COLUMNS, "g"])
    rows = [",".join([*(str(cells[r]) for cells in COLUMNS.values()), f'"{GROUPS[r]}"']) for r in range(8)]
    data = data_of(head + "\n" + "\n".join(rows) + "\n")
    lines = data.codebook.variables
    from dataclasses import replace

    measured = tuple(
        replace(v, level=Level.CONTINUOUS) if v.name != "g" else replace(v, level=Level.NOMINAL) for v in lines
    )
    return Dataset(data.table, Codebook(measured))


def content(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, Any]:
    """The JSON, read strictly: NaN or Infinity would be an error."""
    document = Document(numbered([make_exhibit(sentence, data)]), style)
    for ending in ("docx", "odt", "tex", "html", "md", "xlsx", "ods", "csv"):
        assert render(document, ending)

    def refuse(word: str) -> None:
        raise AssertionError(word)

    made: dict[str, Any] = json.loads(render(document, "json"), parse_constant=refuse)
    return made


NAMES = ", ".join(COLUMNS)


@pytest.mark.parametrize(
    "sentence",
    some(
        [
            f"describe {NAMES}",
            f"describe {NAMES} across g with total = yes",
            f"count {NAMES} across g",
            f"count {NAMES.replace(', tiny', '')} with bins = 3",  # of denormals classes are refused in words
            "count g against tied",
            f"check {NAMES}",
            f"check {NAMES} across g with total = yes",
            f"relate {NAMES}",
            f"relate {NAMES} across g",
            f"relate {NAMES} with method = spearman",
            f"relate {NAMES} with method = kendall, adjust = bh",
            f"relate {NAMES}, g with deletion = listwise",
            f"relate {NAMES}, g against plain",
        ],
        7,
    ),
)
def test_every_verb_survives_hostile_columns_and_repeats_itself(
    sentence: str, hostile: Dataset, style: HouseStyle
) -> None:
    first = content(sentence, hostile, style)
    assert first["results"]
    assert content(sentence, Dataset(hostile.table, hostile.codebook), style) == first


def test_what_is_absent_has_its_reason(hostile: Dataset, style: HouseStyle) -> None:
    described = {r["variable"]: r for r in content(f"describe {NAMES}", hostile, style)["results"]}
    for result in described.values():
        absent = {key for key, value in result["statistics"].items() if value is None}
        assert absent == {key for key in result["undefined"] if result["statistics"][key] is None}
    assert described["constant"]["undefined"]["skewness"] == "all values are equal"
    assert described["infinite"]["missing"] == 2
    assert described["huge"]["undefined"]["variance"] == "too large for a double"
    assert described["huge"]["statistics"]["sd"] == pytest.approx(
        float(np.std(np.array(COLUMNS["huge"]) / 1e300, ddof=1)) * 1e300
    )
    assert described["tiny"]["statistics"]["mean"] > 0
    pairs = content(f"relate {NAMES}", hostile, style)["results"][0]["pairs"]
    assert all(("undefined" in pair) == (pair["coefficient"] is None) for pair in pairs)
    by_pair = {(pair["a"], pair["b"]): pair for pair in pairs}
    assert by_pair["plain", "copy"]["coefficient"] == 1.0
    assert by_pair["plain", "single"]["undefined"] == "fewer than 2 complete cases"


def repeated(data: Dataset, times: int, data_of: Maker) -> Dataset:
    """Every case of the data so many times."""
    names = data.table.names
    rows = [",".join(f'"{data.table.column(n).text_at(r)}"' for n in names) for r in range(data.n_rows)]
    return data_of(",".join(names) + "\n" + "\n".join(rows * times) + "\n", name="again.csv")


def test_cases_doubled_leave_what_is_invariant(learners: Dataset, data_of: Maker, style: HouseStyle) -> None:
    twice = repeated(learners, 2, data_of)
    twice = Dataset(twice.table, learners.codebook)
    before, after = (
        content("describe practice_min, reaction_ms across format", d, style)["results"] for d in (learners, twice)
    )
    for a, b in zip(before, after, strict=True):
        assert b["n"] == 2 * a["n"]
        for key in ("mean", "min", "max", "mode", "mean_abs_dev", "geometric_mean"):
            assert (
                b["statistics"][key] == pytest.approx(a["statistics"][key], rel=1e-13)
                if a["statistics"][key] is not None
                else True
            )
    for sentence in ("relate age, practice_min, absences", "relate age, practice_min with method = spearman"):
        a, b = (content(sentence, d, style)["results"][0]["pairs"] for d in (learners, twice))
        assert [p["coefficient"] for p in b] == pytest.approx([p["coefficient"] for p in a], rel=1e-12)
    a, b = (content("count site against format", d, style)["results"][0] for d in (learners, twice))
    assert b["association"]["cramers_v"] == pytest.approx(a["association"]["cramers_v"])
    assert b["row_percent"] == a["row_percent"]


def test_cases_in_another_order_change_nothing(learners: Dataset, data_of: Maker, style: HouseStyle) -> None:
    names = learners.table.names
    rows = [",".join(f'"{learners.table.column(n).text_at(r)}"' for n in names) for r in range(learners.n_rows)]
    order = np.random.default_rng(6).permutation(learners.n_rows)
    other = data_of(",".join(names) + "\n" + "\n".join(rows[r] for r in order) + "\n", name="order.csv")
    other = Dataset(other.table, learners.codebook)
    for sentence in (
        "describe age, practice_min across site",
        "check reaction_ms",
        "relate age, absences, receptive_post",
    ):
        a, b = (content(sentence, d, style)["sheet"]["rows"] for d in (learners, other))
        assert a == b
