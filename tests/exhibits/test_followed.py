"""Persons followed over occasions: paths, intervals within persons, d of changes, persons counted; each by hand."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace

import numpy as np
import pytest
from scipy import stats

from istrel.data.codebook import Codebook, ValueLabel
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.problem import Problem
from istrel.stats.agreement import kappa
from made import make_exhibit
from rows import visits

Maker = Callable[[str], Dataset]


def matrix(data: Dataset) -> np.ndarray:
    """(persons, occasions) of the score."""
    ids, times = data.numbers("id").values, data.categories("time")
    found = np.full((int(ids.max()), len(times.values)), np.nan)
    found[ids.astype(int) - 1, times.codes] = data.numbers("score").values
    return found


@pytest.mark.parametrize("form", ["paths", "means"])
def test_intervals_are_within_persons(form: str, data_of: Maker) -> None:
    data = data_of(visits(("t1", "t2", "t3")))
    x = matrix(data)
    x = x[~np.isnan(x).any(axis=1)]
    n, k = x.shape
    left = x - x.mean(axis=1, keepdims=True) + x.mean()
    reach = stats.t.ppf(0.975, n - 1) * left.std(axis=0, ddof=1) * np.sqrt(k / (k - 1) / n)
    drawn = make_exhibit(f"describe score across time as {form}", data).result.drawings
    means = drawn[0].means if form == "paths" else np.array([cell.mean for cell in drawn])
    low = drawn[0].low if form == "paths" else np.array([cell.low for cell in drawn])
    assert means == pytest.approx(x.mean(axis=0), rel=1e-12)
    assert low == pytest.approx(x.mean(axis=0) - reach, rel=1e-10)
    assert {cell.n for cell in drawn} == {n}


def test_d_of_changes_is_t_over_the_root_of_n_corrected(data_of: Maker) -> None:
    data = data_of(visits())
    x = matrix(data)
    x = x[~np.isnan(x).any(axis=1)]
    (found,) = make_exhibit("describe score across time with measure = d_z, test", data).result.differences
    t = stats.ttest_rel(x[:, 0], x[:, 1]).statistic
    assert found.effect.value == pytest.approx(t / np.sqrt(len(x)) * (1 - 3 / (4 * (len(x) - 1) - 1)), rel=1e-10)
    assert (found.effect.low > 0 or found.effect.high < 0) == (found.test.p < 0.05)


def test_persons_are_counted_once(data_of: Maker) -> None:
    data = data_of(visits(("t1", "t2", "t3")))
    (cell,) = make_exhibit("count group with persons", data).result.cells
    groups = {int(i): g for i, g in zip(data.numbers("id").values, data.categories("group").codes, strict=True)}
    assert [level.count for level in cell.levels] == np.bincount(list(groups.values())).tolist()
    (few,) = make_exhibit("count group among time = t2 with persons", data).result.cells
    assert few.n == int((~np.isnan(matrix(data)[:, 1])).sum())
    for sentence, part in {
        "count ok with persons": "differs between the rows of one id",
        "count group with persons, hide_below = 3": "leave one of both out",
        "describe score across group as paths": "follow persons over occasions",
    }.items():
        with pytest.raises(Problem, match=part):
            make_exhibit(sentence, data)


def test_persons_are_counted_by_the_combinations_of_their_answers(data_of: Maker) -> None:
    """Each person once; the answers one by one are refused by name, never told as something else."""
    chosen = np.random.default_rng(2).random((20, 3)) < 0.5
    rows = "".join(f"{p},{t},{','.join('01'[int(a)] for a in chosen[p])}\n" for p in range(20) for t in (1, 2))
    data = data_of("id,time,way_a,way_b,way_c\n" + rows)
    data = Dataset(data.table, replace(data.codebook, rows=Rows(person="id", occasion="time")))
    (cell,) = make_exhibit("count way with combinations, persons", data).result.cells
    assert sorted(level.count for level in cell.levels) == sorted(np.unique(chosen, axis=0, return_counts=True)[1])
    with pytest.raises(Problem, match="persons"):
        make_exhibit("count way with persons", data)
    other = data_of("id,time,way_a,way_b,way_c\n" + rows + "0,3," + ",".join("10"[int(a)] for a in chosen[0]) + "\n")
    other = Dataset(other.table, data.codebook)
    with pytest.raises(Problem, match="differs between the rows"):
        make_exhibit("count way with combinations, persons", other)


def test_pairs_of_occasions_are_tested_on_the_persons_who_have_both(data_of: Maker) -> None:
    data = data_of(visits(("t1", "t2", "t3")))
    x = matrix(data)
    found = make_exhibit("describe score across time with pairs", data).result.pairs
    raw = []
    for d, (a, b) in zip(found, ((0, 1), (0, 2), (1, 2)), strict=True):
        both = x[~np.isnan(x[:, [a, b]]).any(axis=1)]
        oracle = stats.ttest_rel(both[:, a], both[:, b])
        assert (d.test.name, d.test.statistic) == ("paired_t", pytest.approx(oracle.statistic, rel=1e-10))
        raw.append(oracle.pvalue)
    ranked = np.argsort(raw)
    holm = np.maximum.accumulate([min(1.0, (3 - k) * raw[place]) for k, place in enumerate(ranked)])
    assert [found[place].p_adjusted for place in ranked] == pytest.approx(holm.tolist(), rel=1e-9)


@pytest.mark.parametrize(
    ("sentence", "lost"),
    [
        ("relate x, y across g with difference", 3),
        ("relate x, y across g given z with difference", 4),
        ("relate x, y across g with difference, within", None),
    ],
)
@pytest.mark.parametrize("groups", [2, 3])
def test_coefficients_of_groups_are_compared_by_their_own_freedom(
    sentence: str, lost: int | None, groups: int, data_of: Maker
) -> None:
    """Fisher's z: 1/(n − 3) alone, less for each variable held constant, and of r within persons by its degrees of freedom."""
    numbers = np.random.default_rng(7).normal(size=(90, 3))
    rows = "".join(
        f"{k // 3 if lost is None else k},{k % 3},{'abc'[k // 3 % groups]},{','.join(f'{v:.6f}' for v in (a, a + b, b + c))}\n"
        for k, (a, b, c) in enumerate(numbers)
    )
    data = data_of("id,time,g,x,y,z\n" + rows)
    person = Rows(person="id", occasion="time") if lost is None else EACH_ITS_OWN
    data = Dataset(data.table, replace(data.codebook, rows=person))
    result = make_exhibit(sentence, data).result
    (found,) = result.differences
    pairs = [cell.pairs[0] for cell in result.cells if cell.group.named]
    z = np.arctanh([pair.coefficient for pair in pairs])
    free = np.array([pair.df - 1 if lost is None else pair.n - lost for pair in pairs])
    if groups == 2:
        wanted = (z[0] - z[1]) / np.sqrt((1 / free).sum())
        assert found.p == pytest.approx(2 * stats.norm.sf(abs(wanted)))
    else:
        wanted = (free * (z - (free * z).sum() / free.sum()) ** 2).sum()
        assert found.p == pytest.approx(stats.chi2.sf(wanted, 2))
    assert found.statistic == pytest.approx(wanted)


@pytest.mark.parametrize("labelled", [False, True])
def test_raters_who_use_other_values_agree_by_the_order_of_all(labelled: bool, data_of: Maker) -> None:
    """One says 1 and 3 alone, or words whose order the codebook of the other knows."""
    words = ("low", "middle", "high") if labelled else ("1st", "2nd", "3rd")
    first, second = [0, 2, 0, 2, 0, 2, 0, 2, 2, 0], [0, 2, 1, 2, 0, 1, 0, 2, 0, 1]
    rows = "".join(f"{words[a]},{words[b]}\n" for a, b in zip(first, second, strict=True))
    data = data_of("one,other\n" + rows)
    labels = {"one": words[::2], "other": words} if labelled else {"one": (), "other": ()}
    lines = [
        replace(v, level=Level.ORDINAL, value_labels=tuple(ValueLabel(w, w) for w in labels[v.name]))
        for v in data.codebook.variables
    ]
    (cell,) = make_exhibit("relate one, other with agreement", Dataset(data.table, Codebook(tuple(lines)))).result.cells
    table = np.zeros((3, 3), np.int64)
    np.add.at(table, (first, second), 1)
    assert cell.kappa.value == pytest.approx(kappa(table, ordered=True).value)


@pytest.mark.parametrize(("groups", "says"), [(2, "no more here"), (41, "40 groups at most")])
def test_pairs_are_of_more_than_two_groups_and_not_of_crowds(groups: int, says: str, data_of: Maker) -> None:
    data = data_of("g,x\n" + "".join(f"g{k % groups:02d},{k * 7 % 31}.5\n" for k in range(4 * groups)))
    with pytest.raises(Problem, match=says):
        make_exhibit("describe x across g with pairs", data)
