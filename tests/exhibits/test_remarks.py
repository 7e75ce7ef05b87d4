"""Margin notes: each remark where it is true, none where it is not, with its cases and remedies."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
import pytest

from istrel.data.dataset import Dataset, rows_of
from istrel.exhibits.behind import mask_of
from istrel.exhibits.make import Exhibit
from istrel.exhibits.remarks.pairs import _without_each
from istrel.sentence.request import show
from made import make_exhibit
from prints import plain

Maker = Callable[..., Dataset]
N = 240


def study(data_of: Maker, **changes: list[object]) -> Dataset:
    """Well-behaved variables, some of them exchanged."""
    rng = np.random.default_rng(12)
    columns: dict[str, list[object]] = {
        "id": list(range(1001, 1001 + N)),
        "x": [f"{v:.3f}" for v in rng.normal(50, 10, N)],
        "y": [f"{v:.3f}" for v in rng.normal(50, 10, N)],
        "g": [("low", "high")[k % 2] for k in range(N)],
        "h": [("a", "b", "c")[k % 3] for k in range(N)],
    }
    columns |= changes
    rows = "\n".join(",".join(str(columns[name][k]) for name in columns) for k in range(N))
    return data_of(",".join(columns) + "\n" + rows + "\n")


def remarks(sentence: str, data: Dataset) -> list[str]:
    return [plain(note.says) for note in make_exhibit(sentence, data).margin]


def humps() -> list[object]:
    rng = np.random.default_rng(3)
    return [f"{v:.3f}" for v in (rng.normal(30 if k % 2 else 70, 5) for k in range(N))]


def piled() -> list[object]:
    rng = np.random.default_rng(4)
    return [f"{min(v, 60):.1f}" for v in rng.normal(55, 10, N)]


def with_zeros() -> list[object]:
    rng = np.random.default_rng(5)
    return [0 if k % 3 == 0 else f"{v:.3f}" for k, v in enumerate(rng.normal(40, 5, N))]


def with_far() -> list[object]:
    return [*(f"{v:.3f}" for v in np.random.default_rng(6).normal(50, 10, N - 1)), "4000"]


CASES = [
    ("describe x as density", {"x": humps()}, "2 humps, at", "they part by g"),
    ("check x", {"x": humps()}, "2 humps, at", "they part by g"),
    ("describe x", {"x": piled()}, "% of cases stand at the highest value, 60: a ceiling?", ""),
    (
        "describe x as histogram",
        {"x": [f"-{v}" for v in piled()]},
        "% of cases stand at the lowest value, −60: a floor?",
        "",
    ),
    ("describe x", {"x": with_zeros()}, "33% are 0: one mean mixes how many have none", ""),
    ("describe x as boxes", {"x": with_far()}, "4000 lies far above the rest: without it M is", "instead of"),
    (
        "describe x across g as means",
        {"x": [f"{50 + (k % 7 - 3) * (9 if k % 2 else 2)}" for k in range(N)]},
        "its SD is 4.5 times that of another group",
        "",
    ),
    (
        "describe x across g",
        {"x": ["" if k % 2 and k % 5 < 2 else k for k in range(N)]},
        "missing differs by group: from 0% to 40%",
        "",
    ),
    (
        "relate x, y",
        {"y": [(k - 120) ** 2 / 50 for k in range(N)], "x": [k + 0.25 for k in range(N)]},
        "the relation follows a curve",
        "",
    ),
    (
        "relate x, y as scatter",
        {
            "x": [*np.random.default_rng(1).normal(0, 1, N - 1).round(3).tolist(), 60],
            "y": [*np.random.default_rng(2).normal(0, 1, N - 1).round(3).tolist(), 70],
        },
        "x and y: without 1240 r is",
        "instead of .9",
    ),
]


@pytest.mark.parametrize(("sentence", "changes", "words", "more"), CASES)
def test_a_remark_is_made_where_it_is_true(
    sentence: str, changes: dict[str, list[object]], words: str, more: str, data_of: Maker
) -> None:
    found = [remark for remark in remarks(sentence, study(data_of, **changes)) if words in remark]
    assert len(found) == 1
    assert more in found[0]
    assert not [remark for remark in remarks(sentence, study(data_of)) if words.rsplit(":", maxsplit=1)[-1] in remark]


def test_well_behaved_data_get_no_remark(data_of: Maker) -> None:
    data = study(data_of)
    for sentence in (
        "describe x, y",
        "describe x across g as violins",
        "relate x, y",
        "count g against h",
        "describe x as histogram",
    ):
        assert remarks(sentence, data) == []


def noted(exhibit: Exhibit, words: str) -> list[int]:
    """The rows of the cases behind the note that says so."""
    (note,) = [note for note in exhibit.margin if words in plain(note.says)]
    assert note.cases is not None
    return list(rows_of(mask_of(note.cases, exhibit.plan.data)))


def test_remarks_show_their_cases_and_their_remedies_lead_on(data_of: Maker) -> None:
    data = study(data_of, x=with_zeros())
    exhibit = make_exhibit("describe x", data)
    assert noted(exhibit, "are 0") == [k + 1 for k in range(N) if k % 3 == 0]
    (remedy,) = [r for note in exhibit.margin for r in note.remedies if r.words == "only those above 0"]
    above = make_exhibit(show(remedy.request), data)
    assert above.cases.used == N - len(range(0, N, 3))
    assert not any("are 0" in plain(note.says) for note in above.margin)
    parted = make_exhibit("describe x as density", study(data_of, x=humps(), id=list(range(1001, 1001 + N))))
    (split,) = [r for note in parted.margin for r in note.remedies]
    assert show(split.request) == "describe x across g as density"
    carried = make_exhibit("relate x, y", study(data_of, **CASES[-1][1]))  # type: ignore[arg-type]
    assert noted(carried, "without 1240") == [N]


def test_correlations_without_each_case_are_those_computed_anew() -> None:
    rng = np.random.default_rng(8)
    x, y = rng.normal(size=(2, 25))
    whole, without = _without_each(x, y)
    assert whole == pytest.approx(np.corrcoef(x, y)[0, 1])
    anew = [np.corrcoef(np.delete(x, k), np.delete(y, k))[0, 1] for k in range(25)]
    assert without == pytest.approx(anew)


def test_remarks_stay_few(learners: Dataset) -> None:
    for sentence in ("describe all measured", "relate all measured", "describe all measured across format"):
        assert len(make_exhibit(sentence, learners).margin) <= 8
