"""Counsel speaks where it is right, and is silent where chance alone would make it speak."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
import pytest

from counsel import CASES, log_normal
from depth import DEEP
from istrel.data.dataset import Dataset
from istrel.exhibits.make import make_exhibit as made
from istrel.exhibits.printing import plain_text
from istrel.exhibits.text import cells_in
from istrel.style.house import load_style
from made import make_exhibit

Maker = Callable[..., Dataset]
DRAWS = 20 if DEEP else 10


@pytest.mark.parametrize("kind", CASES)
def test_counsel_speaks_where_it_is_right_and_is_silent_by_chance(kind: str, data_of: Maker) -> None:
    sentence, right, null = CASES[kind]
    style = load_style()
    heard = []
    for make in (right, null):
        said = 0
        for seed in range(DRAWS):
            data = data_of(make(np.random.default_rng(seed)))
            exhibit = make_exhibit(sentence, data)
            assert len(exhibit.counsel) <= 3
            for note in exhibit.counsel:
                assert "{" not in plain_text(note.says, style)
                for remedy in note.remedies:
                    assert remedy.request is not None
                    made(remedy.request, data)
            said += any(note.kind == kind.strip() for note in exhibit.counsel)
        heard.append(said)
    assert heard[0] >= 0.9 * DRAWS, heard
    assert heard[1] <= 0.05 * DRAWS, heard


def test_counsel_is_silent_where_counts_are_hidden(data_of: Maker) -> None:
    data = data_of(log_normal(np.random.default_rng(1)))
    assert make_exhibit("check x", data).counsel
    assert not make_exhibit("check x with hide_below = 5", data).counsel


@pytest.mark.parametrize("deletion", ["pairwise", "listwise"])
def test_ranks_that_agree_more_are_those_of_the_click(deletion: str, data_of: Maker) -> None:
    """Also where cases without a third value are left out: the coefficient that is said is the one that the click shows."""
    rng = np.random.default_rng(4)
    x = rng.normal(0, 1, 300)
    y = np.exp(3 * x + rng.normal(0, 0.3, 300))
    z = np.where(rng.random(300) < 0.4, "", np.round(rng.normal(0, 1, 300), 2).astype(str))
    data = data_of("x,y,z\n" + "\n".join(f"{a:.3f},{b:.3f},{c}" for a, b, c in zip(x, y, z, strict=True)) + "\n")
    exhibit = make_exhibit(f"relate x, y, z with deletion = {deletion}", data)
    (note,) = [note for note in exhibit.counsel if note.kind == "ranks_agree_more"]
    request = note.remedies[0].request
    assert request is not None
    (pair,) = [p for cell in made(request, data).result.cells for p in cell.pairs if {p.a, p.b} == {"x", "y"}]
    assert pair.coefficient in [pytest.approx(cell.value, abs=1e-12) for cell in cells_in(note.says)]
