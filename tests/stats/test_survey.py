"""Weighted samples: closed forms in exact fractions, every sample of a small population, simulation, and equal weights."""

from fractions import Fraction
from itertools import product

import numpy as np
import pytest
from numpy.random import default_rng as rng

from istrel.stats import quantiles
from istrel.stats.grouping import arrange
from istrel.stats.student import t_quantile
from istrel.stats.survey.correlation import weighted_pearson
from istrel.stats.survey.differences import design_test, share_difference, standardized
from istrel.stats.survey.distribution import Distribution, distribution
from istrel.stats.survey.means import weighted_moments
from istrel.stats.survey.sample import sample_of
from istrel.stats.survey.selection import Unsorted, spread
from istrel.stats.survey.shares import shares
from istrel.stats.survey.tables import rao_scott


def _survey(seed, *, rows=60, clusters=True, lonely=False):
    random = rng(seed)
    strata = random.integers(0, 3, rows)
    psu = random.integers(0, 4, rows) if clusters else None
    if lonely and psu is not None:
        psu[strata == 2] = 0
    return random, sample_of(random.uniform(0.3, 4.0, rows), np.ones(rows, bool), strata, psu), strata, psu


def _by_hand(scores, strata, psu):
    """The variance of a total in fractions: what clusters add up to, within strata."""
    rows = range(len(scores))
    names = [(int(strata[i]), int(psu[i]) if psu is not None else i) for i in rows]
    totals = {}
    for name, score in zip(names, scores, strict=True):
        totals[name] = totals.get(name, Fraction(0)) + score
    grand, found = sum(totals.values()) / len(totals), Fraction(0)
    for stratum in {name[0] for name in totals}:
        mine = [value for name, value in totals.items() if name[0] == stratum]
        n = len(mine)
        centre = sum(mine) / n if n > 1 else grand
        found += (Fraction(n, n - 1) if n > 1 else 1) * sum((value - centre) ** 2 for value in mine)
    return found


@pytest.mark.parametrize(("clusters", "lonely"), [(False, False), (True, False), (True, True)])
@pytest.mark.parametrize("seed", range(4))
def test_means_shares_and_correlations_of_domains_are_those_of_exact_fractions(seed, clusters, lonely):
    random, sample, strata, psu = _survey(seed, clusters=clusters, lonely=lonely)
    rows = sample.weights.size
    codes, levels = random.integers(-1, 2, rows), random.integers(-1, 3, rows)
    x, y = random.normal(10, 3, rows), random.normal(size=rows)
    w, fx, fy = ([Fraction(float(v)) for v in part] for part in (sample.weights, x, y))
    m = weighted_moments(x, codes, 2, sample)
    found = shares(levels, codes, (2, 3), sample)
    for group in range(2):
        mine = [i for i in range(rows) if codes[i] == group]
        whole = sum(w[i] for i in mine)
        mean = sum(w[i] * fx[i] for i in mine) / whole
        spread = sum(w[i] * (fx[i] - mean) ** 2 for i in mine) / whole
        scores = [w[i] * (fx[i] - mean) / whole if codes[i] == group else Fraction(0) for i in range(rows)]
        variance = _by_hand(scores, strata, psu)
        assert m.mean[group] == pytest.approx(float(mean), rel=1e-13)
        assert m.variance[group] == pytest.approx(float(spread * Fraction(len(mine), len(mine) - 1)), rel=1e-12)
        assert m.variance_of_mean[group] == pytest.approx(float(variance), rel=1e-11)
        squares = sum(w[i] ** 2 for i in mine)
        assert m.effective_n[group] == pytest.approx(float(whole**2 / squares), rel=1e-13)
        for level in range(3):
            known = [i for i in mine if levels[i] >= 0]
            base = sum(w[i] for i in known)
            p = sum(w[i] for i in known if levels[i] == level) / base
            of = [w[i] * ((levels[i] == level) - p) / base if i in known else Fraction(0) for i in range(rows)]
            assert found.share[group, level] == pytest.approx(float(p), rel=1e-13)
            assert found.error[group, level] ** 2 == pytest.approx(float(_by_hand(of, strata, psu)), rel=1e-10)
        use = codes == group
        got = weighted_pearson(x, y, use, sample, confidence=0.95)
        a, b = mean, sum(w[i] * fy[i] for i in mine) / whole
        sa = sum(w[i] * (fx[i] - a) ** 2 for i in mine) / whole
        sb = sum(w[i] * (fy[i] - b) ** 2 for i in mine) / whole
        sab = sum(w[i] * (fx[i] - a) * (fy[i] - b) for i in mine) / whole
        r = float(sab) / float(sa * sb) ** 0.5
        assert got.r == pytest.approx(r, rel=1e-12)
        # r squared is a ratio of moments; its linearization over 2r is that of r.
        of = [
            w[i] / whole * ((fx[i] - a) * (fy[i] - b) / sab - (fx[i] - a) ** 2 / (2 * sa) - (fy[i] - b) ** 2 / (2 * sb))
            if use[i]
            else Fraction(0)
            for i in range(rows)
        ]
        assert got.t == pytest.approx(r / (abs(r) * float(_by_hand(of, strata, psu)) ** 0.5), rel=1e-9)


@pytest.mark.parametrize("seed", range(3))
def test_covariances_of_means_are_those_of_their_difference(seed):
    random, sample, _, _ = _survey(seed)
    codes = random.integers(0, 3, sample.weights.size)
    m = weighted_moments(random.normal(size=codes.size), codes, 3, sample)
    v = m.covariance_of_means
    for a, b in ((0, 1), (1, 2)):
        scores = np.where(codes == a, m.scores, 0) - np.where(codes == b, m.scores, 0)
        (plain,) = sample.variances(scores, np.zeros(codes.size, int), 1)
        assert v[a, a] + v[b, b] - 2 * v[a, b] == pytest.approx(plain, rel=1e-10)
    two = weighted_moments(m.values, np.where(codes < 2, codes, -1), 2, sample)
    assert design_test(two, 2).statistic ** 2 == pytest.approx(
        (m.mean[0] - m.mean[1]) ** 2 / (v[0, 0] + v[1, 1] - 2 * v[0, 1])
    )


def test_over_all_samples_of_a_population_totals_and_their_variances_are_unbiased():
    """Two strata, two draws with replacement from the clusters of each, with unequal chances: every sample, with its chance."""
    clusters = {0: [(0.2, [1.0, 4.0]), (0.5, [2.0]), (0.3, [7.0, 1.0, 3.0])], 1: [(0.6, [5.0]), (0.4, [0.0, 6.0])]}
    truth = sum(sum(values) for parts in clusters.values() for _, values in parts)
    estimate = squared = variance = 0.0
    for draws in product(*(range(len(clusters[s])) for s in (0, 0, 1, 1))):
        chance, weights, values, strata, names = 1.0, [], [], [], []
        for place, (stratum, which) in enumerate(zip((0, 0, 1, 1), draws, strict=True)):
            p, inside = clusters[stratum][which]
            chance *= p
            weights += [1 / (2 * p)] * len(inside)
            values += inside
            strata += [stratum] * len(inside)
            names += [place] * len(inside)
        w = np.array(weights)
        sample = sample_of(w, np.ones(w.size, bool), np.array(strata), np.array(names))
        total = float(w @ values)
        estimate += chance * total
        squared += chance * total**2
        variance += chance * float(sample.variances(w * values, np.zeros(w.size, int), 1)[0])
    assert estimate == pytest.approx(truth, rel=1e-12)
    assert variance == pytest.approx(squared - truth**2, rel=1e-12)


def test_intervals_of_simulated_stratified_cluster_samples_cover_at_their_level():
    """2,000 samples of 4 strata with 8 clusters of 5: mean, share on the logit scale, and difference of two domains."""
    random = rng(7)
    strata, clusters = np.repeat(np.arange(4), 40), np.repeat(np.arange(32), 5)
    weights = np.repeat([1.0, 2.0, 4.0, 8.0], 40)
    sample = sample_of(weights, np.ones(160, bool), strata, clusters)
    centres, times = np.array([0.0, 1.0, -1.0, 0.5]), 2_000
    truth = float(np.average(centres, weights=[1, 2, 4, 8]))
    hits = np.zeros(3)
    cut, p_above = 0.4, 0.0
    from scipy.special import ndtr

    spread = np.sqrt(0.5**2 + 1.0)
    p_above = float(np.average(1 - ndtr((cut - centres) / spread), weights=[1, 2, 4, 8]))
    codes, halves = np.zeros(160, int), np.tile([0, 1], 80)
    t = t_quantile(sample.df, 0.95)
    for _ in range(times):
        x = centres[strata] + random.normal(0, 0.5, 32)[clusters] + random.normal(size=160)
        m = weighted_moments(x, codes, 1, sample)
        hits[0] += abs(m.mean[0] - truth) <= t * np.sqrt(m.variance_of_mean[0])
        low, high = shares((x > cut).astype(int), codes, (1, 2), sample).limits(sample.df, 0.95)
        hits[1] += low[0, 1] <= p_above <= high[0, 1]
        test = design_test(weighted_moments(x, halves, 2, sample), 2)
        hits[2] += test.p > 0.05
    assert ((hits / times > 0.93) & (hits / times < 0.97)).all(), hits / times


@pytest.mark.parametrize("seed", range(5))
def test_with_equal_weights_and_no_design_all_is_as_without(seed):
    random = rng(seed)
    rows = int(random.integers(20, 60))
    x = random.integers(0, 9, rows).astype(float) if seed % 2 else random.normal(5, 2, rows)
    sample = sample_of(np.full(rows, 2.5), np.ones(rows, bool), None, None)
    zeros = np.zeros(rows, int)
    m = weighted_moments(x, zeros, 1, sample)
    n = rows
    assert m.mean[0] == pytest.approx(x.mean(), rel=1e-14)
    assert m.variance[0] == pytest.approx(x.var(ddof=1), rel=1e-13)
    assert m.variance_of_mean[0] == pytest.approx(x.var(ddof=1) / n, rel=1e-12)  # n/(n-1) times that of the moment
    assert m.design_effect[0] == pytest.approx(1.0, rel=1e-12)
    assert m.effective_n[0] == pytest.approx(n, rel=1e-13)
    spread = distribution(x, sample.weights, zeros, 1)
    plain = arrange(x, zeros, np.ones(n, bool), 1)
    assert spread.quantiles(np.array([0.5]))[0] == quantiles.quantile(plain, 0.5, kind=7).values[0]
    levels = random.integers(0, 3, n)
    found = shares(levels, zeros, (1, 3), sample)
    counts = np.bincount(levels, minlength=3)
    assert found.share[0] == pytest.approx(counts / n)
    assert found.error[0] ** 2 == pytest.approx(counts / n * (1 - counts / n) / (n - 1), rel=1e-11)
    assert found.design_effect[0][counts > 0] == pytest.approx(1.0, rel=1e-11)


@pytest.mark.parametrize("seed", range(5))
def test_rao_scott_of_a_simple_sample_is_chi_square_and_clusters_drawn_twice_count_once(seed):
    """Without a design δ is about 1, so F times its degrees of freedom is about X²; every row twice as a cluster gives the same."""
    random = rng(seed)
    rows, columns = random.integers(0, 3, 400), random.integers(0, 2, 400)
    ones = np.ones(400, bool)
    plain = rao_scott(rows, columns, (3, 2), ones, sample_of(np.ones(400), ones, None, None))
    counts = np.zeros((3, 2))
    np.add.at(counts, (rows, columns), 1)
    expected = np.outer(counts.sum(1), counts.sum(0)) / 400
    chi_square = ((counts - expected) ** 2 / expected).sum()
    assert plain.statistic * plain.df[0] == pytest.approx(chi_square, rel=0.08)
    assert plain.df[0] == pytest.approx(2, rel=0.02)
    assert plain.v == pytest.approx(np.sqrt(chi_square / 400), rel=1e-12)
    twice = np.ones(800, bool)
    again = sample_of(np.ones(800), twice, None, np.tile(np.arange(400), 2))
    doubled = rao_scott(np.tile(rows, 2), np.tile(columns, 2), (3, 2), twice, again)
    assert (doubled.statistic, doubled.p) == pytest.approx((plain.statistic, plain.p), rel=1e-9)


@pytest.mark.parametrize("seed", range(3))
def test_standardized_differences_have_the_linearized_error_of_a_derivative(seed):
    """The standard error of g is that of its change with each weight, found by small changes of the weights."""
    random, sample, _, _ = _survey(seed)
    codes = random.integers(0, 2, sample.weights.size)
    x = random.normal(size=codes.size) + codes
    found = standardized(weighted_moments(x, codes, 2, sample), 2, confidence=0.95)

    def g(weights):
        changed = type(sample)(weights, sample.clusters, sample.strata, sample.each)
        return standardized(weighted_moments(x, codes, 2, changed), 2, confidence=0.95).value

    step = 1e-5
    scores = np.zeros(codes.size)
    for i in range(codes.size):
        up, down = sample.weights.copy(), sample.weights.copy()
        up[i] += step
        down[i] -= step
        scores[i] = sample.weights[i] * (g(up) - g(down)) / (2 * step)
    error = np.sqrt(sample.variances(scores, np.zeros(codes.size, int), 1)[0])
    assert (found.high - found.low) / 2 == pytest.approx(t_quantile(sample.df, 0.95) * error, rel=1e-5)
    share = (x > 0.5).astype(float)
    two = weighted_moments(share, codes, 2, sample)
    effect, test = share_difference(two, 2, confidence=0.95), design_test(two, 2)
    assert (effect.low > 0 or effect.high < 0) == (test.p < 0.05)


SHAPES = {
    "fine": lambda random, n: random.normal(0, 1, n),
    "few values": lambda random, n: random.integers(0, 4, n).astype(float),
    "one value": lambda _, n: np.full(n, 7.5),
    "far away": lambda random, n: np.where(random.random(n) < 0.1, 1e300, random.normal(0, 1, n)),
    "from end to end": lambda random, n: np.where(random.random(n) < 0.5, -1.7e308, 1.7e308),
    "gaps": lambda random, n: np.exp(random.normal(0, 9, n)),
}


@pytest.mark.parametrize("shape", SHAPES)
@pytest.mark.parametrize("seed", range(12))
def test_quantiles_without_sorting_are_those_of_sorted_values(seed, shape):
    random = rng(seed)
    n, n_groups = int(random.integers(1, 400)), int(random.integers(1, 6))
    values = SHAPES[shape](random, n)
    weights = np.ones(n) if seed % 2 else np.round(random.uniform(0.1, 3, n), int(random.integers(0, 3))) + 0.5
    codes = random.integers(-1, n_groups, n)
    used = codes >= 0
    told = distribution(values, weights, codes, n_groups)
    for found in (
        Unsorted(values[used], weights[used], codes[used], n_groups),
        spread(values, weights, codes, n_groups),
    ):
        for share in (-0.1, 0.0, 1e-9, 0.1, 0.25, 1 / 3, 0.5, 0.75, 1 - 1e-9, 1.0, np.nan):
            wanted = np.full(n_groups, share)
            np.testing.assert_array_equal(found.quantiles(wanted), told.quantiles(wanted))
        for one, other in zip(found.extremes, told.extremes, strict=True):
            np.testing.assert_array_equal(one, other)
        ends = told.quantiles(np.full(n_groups, 0.25)), told.quantiles(np.full(n_groups, 0.75))
        np.testing.assert_allclose(found.share_between(*ends), told.share_between(*ends))
        np.testing.assert_allclose(found.share_at_most(ends[0]), told.share_at_most(ends[0]))
        for group in range(n_groups):
            assert sum(found.members(group)[1]) == pytest.approx(sum(told.group(group)[1]))
            assert found.mode(group) == told.mode(group)


def test_many_groups_of_few_rows_take_no_room_for_classes() -> None:
    random = rng(3)
    n, n_groups = 3_000, 1_000
    values, codes = random.normal(size=n), random.integers(0, n_groups, n)
    found = spread(values, np.ones(n), codes, n_groups)
    assert isinstance(found, Distribution)
    halves = np.array([np.median(values[codes == k]) if (codes == k).any() else np.nan for k in range(n_groups)])
    np.testing.assert_allclose(found.quantiles(np.full(n_groups, 0.5)), halves)
