"""Each claim that is printed is held against the numbers: random data, and an eye that reads the words alone."""

from __future__ import annotations

import tempfile
from collections import Counter
from pathlib import Path
from statistics import fmean, quantiles

import numpy as np
import pytest
from hypothesis import assume, given
from hypothesis import strategies as st
from scipy import stats as oracle

from istrel.data.codebook import Codebook
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.exhibits.claims import CLAIMS
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text
from istrel.exhibits.text import Phrase, phrases_in
from istrel.problem import Problem
from istrel.style.house import HouseStyle, load_style
from made import make_exhibit
from prints import plain

GROUPS = ("a", "b", "c")
STYLES = [load_style(name) for name in ("apa7", "medical", "thesis")]
Rows = list[tuple[str, float, str, str]]
rows = st.lists(
    st.tuples(
        st.sampled_from(GROUPS),
        st.sampled_from([0.0, 1.004, 1.005, 1.006, 2.0, 2.5, 20.0, 40.0]),
        st.sampled_from(["x", "y", "z"]),
        st.sampled_from(["u", "v"]),
    ),
    min_size=3,
    max_size=25,
)


def data_from(found: Rows) -> Dataset:
    from istrel.study.opening import open_data

    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "t.csv"
        path.write_text("g,x,c,d\n" + "".join(f"{g},{x},{c},{d}\n" for g, x, c, d in found))
        data = open_data(path)
    from dataclasses import replace

    levels = {"g": Level.NOMINAL, "x": Level.CONTINUOUS, "c": Level.NOMINAL, "d": Level.BINARY}
    return Dataset(data.table, Codebook(tuple(replace(v, level=levels[v.name]) for v in data.codebook.variables)))


def claims_of(exhibit: Exhibit, style: HouseStyle) -> list[Phrase]:
    """The claims that a style really prints."""
    said = plain_text(exhibit.text, style)
    made = [phrase for phrase in phrases_in(exhibit.text) if phrase.claim]
    return [phrase for phrase in made if plain_text((phrase,), style) and plain_text((phrase,), style) in said]


@pytest.mark.parametrize("style", STYLES, ids=lambda style: style.name)
@given(found=rows)
def test_claims_about_means_and_halves_are_true_as_computed_and_as_printed(style: HouseStyle, found: Rows) -> None:
    exhibit = make_exhibit("describe x across g", data_from(found))
    values = {g: [x for group, x, _, _ in found if group == g] for g in {row[0] for row in found}}
    printed = {cell.group.labels[0]: plain_text((number,), style) for cell, number in _means(exhibit)}
    for phrase in claims_of(exhibit, style):
        if phrase.claim == "highest and lowest" and "{high}" in style.words[phrase.id]:
            if plain_text((phrase,), style) == plain_text(phrase.otherwise, style):
                continue
            means = {g: fmean(x) for g, x in values.items()}
            high, low = plain(phrase.part("high"), style), plain(phrase.part("low"), style)
            assert means[high] == max(means.values())
            assert means[low] == min(means.values())
            assert sum(text == printed[high] for text in printed.values()) == 1
            assert sum(text == printed[low] for text in printed.values()) == 1
        elif phrase.claim == "half between":
            where = plain(phrase.part("where"), style)
            mine = next(x for g, x in values.items() if len(values) == 1 or where.endswith(f" {g}"))
            first, _, third = quantiles(mine, n=4, method="inclusive")
            share = sum(first <= x <= third for x in mine) / len(mine)
            assert abs(share - 0.5) <= 0.05
            assert plain(phrase.part("low"), style) != plain(phrase.part("high"), style)


def _means(exhibit: Exhibit) -> list[tuple[object, object]]:
    cells = [cell for cell in exhibit.sheet.cells if cell.statistic == "mean"]  # type: ignore[union-attr]
    return list(zip(exhibit.result.cells, cells, strict=True))  # type: ignore[return-value]


@given(found=rows)
def test_the_most_frequent_value_is(found: Rows) -> None:
    exhibit = make_exhibit("count c across g with total = yes", data_from(found))
    told = []
    for phrase in claims_of(exhibit, STYLES[0]):
        parts = {name: plain(part) for name, part in phrase.parts}
        for group in (*GROUPS, ""):
            said = parts.get("groups", "") if group else parts.get("value", "")
            shared = "list" in parts and parts["where"] == (f" in {group}" if group else "")
            counts = Counter(c for g, _, c, _ in found if group in (g, ""))
            named = {c for c in counts if f"{c} (" in parts["list"]} if shared else set()
            if group and f"{group} (" in said:
                named = {parts["label"]}
            elif not group and said:
                named = {c for c in counts if said.startswith(f"{c} (")}
            if named:
                best = max(counts.values())
                assert named == {c for c, count in counts.items() if count == best}
                told.append(group)
    several = len({c for _, _, c, _ in found}) > 1
    assert sorted(told) == (sorted({"", *(g for g, *_ in found)}) if several else [])


def printed_p(counts: np.ndarray) -> float:
    """Of the one test that decides: the exact one where more than a fifth of the expected counts are below 5."""
    found = oracle.chi2_contingency(counts, correction=False)
    rough = (found.expected_freq < 5).mean() > 0.2
    return float(oracle.fisher_exact(counts).pvalue if rough and counts.shape == (2, 2) else found.pvalue)


@given(found=rows)
def test_related_is_said_by_the_test_that_is_printed(found: Rows) -> None:
    tables = {(c, d) for _, _, c, d in found}
    assume(len({c for c, _ in tables}) > 1 and len({d for _, d in tables}) > 1)
    exhibit = make_exhibit("count c against d", data_from(found))
    counts = [[sum((c, d) == (a, b) for _, _, a, b in found) for d in "uv"] for c in sorted({c for c, _ in tables})]
    text = plain(exhibit.text)
    p = printed_p(np.array(counts))
    if len(counts) == 2 and abs(p - 0.05) > 1e-3:
        assert ("was related" in text) == (p < 0.05)
        assert ("no evidence" in text) == (p >= 0.05)
    for phrase in claims_of(exhibit, STYLES[0]):
        words = plain(phrase.part("test"))
        last = words.split("p ")[-1]
        number = float(last.lstrip("<>= ").split(";")[0].split(" ")[0].rstrip("."))
        small = not last.startswith(">") and number < 0.05
        assert (phrase.claim == "related") == small


@given(st.lists(st.tuples(*[st.sampled_from([0.0, 1.0, 2.0, 3.5])] * 3), min_size=4, max_size=12))
def test_the_closest_relations_are(cases: list[tuple[float, ...]]) -> None:
    data = data_from([(("a", "b")[k % 2], x, "x", "u") for k, (x, _, _) in enumerate(cases)])
    del data
    with tempfile.TemporaryDirectory() as folder:
        from istrel.study.opening import open_data

        path = Path(folder) / "r.csv"
        path.write_text("p,q,r\n" + "".join(",".join(map(str, case)) + "\n" for case in cases))
        found = open_data(path)
    try:
        exhibit = make_exhibit("relate p, q, r with method = pearson", found)
    except Problem:
        return
    pairs = {(p.a, p.b): abs(p.coefficient) for p in exhibit.result.cells[0].pairs if isinstance(p.coefficient, float)}
    for phrase in claims_of(exhibit, STYLES[0]):
        said = plain(phrase.part("list"))
        named = {pair for pair in pairs if f"{pair[0]} and {pair[1]}," in said}
        rest = [round(size, 2) for pair, size in pairs.items() if pair not in named]
        assert min(round(pairs[pair], 2) for pair in named) > max(rest, default=-1)


def test_every_claim_has_a_meaning_and_a_test() -> None:
    assert all(claim.meaning and callable(claim.holds) for claim in CLAIMS.values())
