"""Questions with several answers: in columns and in cells alike, their shares of cases and answers, what is refused."""

from __future__ import annotations

import json
from collections.abc import Callable
from dataclasses import replace
from typing import Any

import numpy as np
import pytest

from istrel.data.dataset import Dataset
from istrel.data.rows import Rows
from istrel.data.screening import screen
from istrel.data.sets import given, sets_in
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.style.house import HouseStyle
from made import make_exhibit

Maker = Callable[[str], Dataset]
ANSWERS = ("bus", "train", "bike", "car")


def ways(seed: int, *, as_cells: bool, n: int = 60, sign: str = "; ") -> tuple[str, np.ndarray, np.ndarray]:
    """(a file, who chose which answer, who answered at all)."""
    rng = np.random.default_rng(seed)
    chosen, known = rng.random((n, 4)) < 0.45, rng.random(n) > 0.1
    lines = ["w,site,way" if as_cells else "w,site," + ",".join(f"way_{a}" for a in ANSWERS)]
    for k in range(n):
        start = f"{rng.uniform(0.5, 2):.2f},{'xy'[k % 2]}"
        if as_cells:
            names = sign.join(np.array(ANSWERS)[chosen[k]])
            lines.append(f'{start},"{names}"' if known[k] else f"{start},")
        else:
            lines.append(f"{start},{','.join(str(int(c)) for c in chosen[k])}" if known[k] else f"{start},,,,")
    if as_cells:
        known = known & chosen.any(axis=1)  # an empty cell tells nothing
    return "\n".join(lines) + "\n", chosen & known[:, None], known


def told(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, Any]:
    exhibit = make_exhibit(sentence, data)
    made: dict[str, Any] = json.loads(render(Document(numbered([exhibit]), style), "json"))
    return made


@pytest.mark.parametrize("as_cells", [False, True])
@pytest.mark.parametrize("seed", range(4))
def test_shares_of_cases_and_of_answers(seed: int, as_cells: bool, data_of: Maker, style: HouseStyle) -> None:
    text, chosen, known = ways(seed, as_cells=as_cells, sign=("; ", ",", " | ", "/")[seed])
    data = data_of(text)
    (result,) = told("count way", data, style)["results"]
    assert (result["set"], result["n"], result["missing"]) == ("way", int(known.sum()), int((~known).sum()))
    assert result["none"] == int((known & ~chosen.any(axis=1)).sum())
    for level in result["levels"]:
        count = int(chosen[:, ANSWERS.index(level["values"][0])].sum())
        assert level["count"] == count
        assert level["percent_of_cases"] == pytest.approx(100 * count / known.sum())
        assert level["percent_of_answers"] == pytest.approx(100 * count / chosen.sum())
    site = np.arange(known.size) % 2
    for group, part in zip(told("count way against site", data, style)["results"], (0, 1, None), strict=True):
        inside = known & ((site == part) if part is not None else True)
        for level in group["levels"]:
            count = int(chosen[inside, ANSWERS.index(level["values"][0])].sum())
            assert level["percent_of_cases"] == pytest.approx(100 * count / inside.sum())
    weighted = Dataset(data.table, replace(data.codebook, rows=Rows(weight="w")))
    w = data.numbers("w").values
    for level in told("count way", weighted, style)["results"][0]["levels"]:
        mine = chosen[:, ANSWERS.index(level["values"][0])]
        assert level["percent_of_cases"] == pytest.approx(100 * w[mine].sum() / w[known].sum())
        assert level["percent_of_answers"] == pytest.approx(100 * w[mine].sum() / (w[:, None] * chosen).sum())
    together = told("count way with combinations", data, style)["results"][0]["levels"]
    printed = told("count way with combinations", data, style)["sheet"]["rows"]
    assert ("None named" in {row[0].strip() for row in printed}) == (not as_cells)
    assert sum(level["count"] for level in together) == int(known.sum())


def test_what_is_said_and_what_is_refused(data_of: Maker, style: HouseStyle) -> None:
    data = data_of(ways(1, as_cells=False)[0])
    found = told("count way against site", data, style)
    assert "No test is made" in found["notes"][0]
    assert "Several answers were possible" in found["notes"][0]
    assert make_exhibit("count way as bars with order = frequency", data).is_figure
    for sentence, part in {
        "count way with hide_below = 3": "hide_below",
        "count way with cumulative": "cumulative",
        "count way as shares": "shares",
        "count way × site": "sentence of its own",
        "count site across way": "makes no groups",
        "count site with combinations": "there is none in this sentence",
    }.items():
        with pytest.raises(Problem) as refused:
            make_exhibit(sentence, data)
        assert part in refused.value.message, sentence


@pytest.mark.parametrize(
    ("head", "cells"),
    [
        ("name", ["Smith, John", "Miller, Ann", "Jones, Tim", "Brown, Eve"]),
        ("note", ["came late, left early", "was ill; called", "n/a", "no, never"]),
        ("path", ["a/b.csv", "a/c.csv", "d/e.csv", "f/g.csv"]),
        ("x", ["1,5", "2,5", "3,0", "1,0"]),
        ("says", ["Parking, as always.", "More time, please.", "Parking, as always.", "More time, please."]),
        ("pressure", ["120/80", "120/85", "130/80", "130/85", "125/85"]),
        ("place", ["Kiel, Germany", "Graz, Austria", "Kiel, Germany", "Bonn, France"]),
    ],
)
def test_what_only_looks_like_several_answers_is_none(head: str, cells: list[str], data_of: Maker) -> None:
    text = f"id,{head}\n" + "".join(f'{k},"{cell}"\n' for k, cell in enumerate(cells * 1))
    assert sets_in(data_of(text)) == ()


def test_lists_of_texts_are_answers_without_their_brackets(data_of: Maker) -> None:
    lists = ('["radio", "web"]', '["web"]', '["paper","radio"]', "['paper']", "[]")
    text = "id,news\n" + "".join(f'{k},"{lists[k % 5].replace(chr(34), chr(34) * 2)}"\n' for k in range(20))
    data = data_of(text)
    (found,) = sets_in(data)
    assert found.answers == ("paper", "radio", "web")
    assert given(found, data).chosen.sum(axis=1).tolist() == [8, 8, 8]


def test_ticks_beside_blanks_and_words_are_answers(data_of: Maker) -> None:
    text = "a_tv,a_radio,a_web\n" + "".join(
        f"{'TV' if k % 2 else ''},{'Radio' if k % 3 else ''},{'Web' if k % 5 else ''}\n" for k in range(12)
    )
    (found,) = sets_in(data_of(text))
    assert (found.name, found.answers) == ("a", ("TV", "Radio", "Web"))
    pre = "ok_pre,ok_mid,ok_post\n1,0,1\n0,1,1\n1,1,0\n"
    assert sets_in(data_of(pre)) == ()  # one measure on three occasions


def test_numbered_boxes_that_were_ticked_or_left_blank_are_a_set(data_of: Maker, style: HouseStyle) -> None:
    rng = np.random.default_rng(2)
    ticked = rng.random((40, 3)) < 0.5
    rows = (
        "".join(f",{word if there else ''}" for word, there in zip(("Bus", "Bike", "Car"), row, strict=True))
        for row in ticked
    )
    data = data_of("id,Q2_1,Q2_2,Q2_3\n" + "".join(f"{k}{row}\n" for k, row in enumerate(rows)))
    (found,) = sets_in(data)
    assert (found.name, found.answers) == ("Q2", ("Bus", "Bike", "Car"))
    (result,) = told("count Q2", data, style)["results"]
    assert [level["count"] for level in result["levels"]] == ticked.sum(axis=0).tolist()
    assert not any(finding.kind in ("high_missing", "constant") for finding in screen(data))
