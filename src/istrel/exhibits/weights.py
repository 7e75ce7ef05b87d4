"""What the weights of a sample mean for an exhibit: its design, and what of a sentence has no meaning under weights."""

from __future__ import annotations

from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.english import english
from istrel.exhibits.cases import Cases, Grouping
from istrel.exhibits.persons import person_codes
from istrel.exhibits.store import store_of
from istrel.problem import Problem
from istrel.sentence.request import Request
from istrel.sentence.vocabulary import SETTINGS
from istrel.stats.survey.distribution import Distribution, distribution
from istrel.stats.survey.means import WeightedMoments, weighted_moments
from istrel.stats.survey.sample import Sample, sample_of
from istrel.stats.survey.selection import Spread, spread
from istrel.stats.survey.shares import Shares, shares


@dataclass(frozen=True)
class Weighed:
    """What weights add to a number of a group.

    Attributes
    ----------
    sum
        Σw of the cases behind it.
    error, df, design_effect
        Its standard error by the design, degrees of freedom, and the variance over that of a simple random sample.
    """

    sum: float
    error: float = float("nan")
    df: float = float("nan")
    design_effect: float = float("nan")


def refuse_unweighable(request: Request, data: Dataset, *, form_is_weighted: bool) -> None:
    """Raises for what is not defined where the rows are weighted, and for weights set aside that there are not."""
    said = request.settings
    if not data.codebook.rows.weight or said["unweighted"]:
        if said["unweighted"] and not data.codebook.rows.weight:
            at, length = said.place_of("unweighted")
            raise Problem(english("The rows have no weights here; leave unweighted out."), at=at, length=length)
        return
    if not form_is_weighted:
        message = english(
            "“{shape}” is not drawn under weights; set it as table, or add “with unweighted”.", shape=request.shape
        )
        raise Problem(message, at=request.form_at, length=len(request.form or ""))
    if request.given:
        first = request.given[0]
        message = english(
            "Partial coefficients are not defined under weights; leave “given” out, or add “with unweighted”."
        )
        raise Problem(message, at=first.at, length=len(first.text))
    for name in said:
        values = SETTINGS[name].not_weighted
        if values == (...,) or said[name] in values:
            at, length = said.place_of(name)
            shown = name if isinstance(said[name], bool) or values == (...,) else f"{name} = {said[name]}"
            raise Problem(
                english("“{shown}” is not defined under weights; leave it out, or add unweighted.", shown=shown),
                at=at,
                length=length,
            )


def sample_in(data: Dataset) -> Sample:
    """The design of the rows that are not set aside.

    Persons who stand in several rows are the clusters where none are named.

    Raises
    ------
    Problem
        Where a row in use has no weight above 0, no stratum or no cluster.
    """
    return store_of(data).once(("sample",), lambda: _sample(data), lambda made: 2 * made.weights.nbytes)


def _sample(data: Dataset) -> Sample:
    rows, kept = data.codebook.rows, data.kept
    numbers = data.numbers(rows.weight)
    _check(rows.weight, kept & ~(numbers.valid & (numbers.values > 0)), "no weight above 0")
    strata, clusters = (_codes(name, kept, data) for name in (rows.strata, rows.clusters))
    if clusters is None and rows.person:
        clusters = person_codes(data)
        _check(rows.person, kept & (clusters < 0), "no value")
    return sample_of(numbers.values, kept, strata, clusters)


def _codes(name: str, kept: NDArray[np.bool_], data: Dataset) -> NDArray[np.integer] | None:
    """The stratum or cluster of each row as a number from 0."""
    if not name:
        return None
    present = data.present(name)
    _check(name, kept & ~present, "no value")
    column = data.table.column(name)
    if column.kind is Kind.TEXT:
        return column.values
    codes = np.zeros(data.n_rows, np.int64)
    codes[present] = np.unique(column.values[present], return_inverse=True)[1].ravel()
    return codes


def _check(name: str, bad: NDArray[np.bool_], lack: str) -> None:
    rows = np.flatnonzero(bad)
    if rows.size:
        more = english(" and {n:,} more", n=int(rows.size) - 1) if rows.size > 1 else ""
        raise Problem(
            english(
                "“{name}” is part of how the rows are weighted, but row {row:,}{more} holds {lack}; mend or set aside what is "
                "wrong, or add “with unweighted”.",
                name=name,
                row=int(rows[0]) + 1,
                more=more,
                lack=lack,
            )
        )


def sample_behind(data: Dataset, cases: Cases) -> Sample | None:
    """The design where the exhibit is weighted; else None."""
    return sample_in(data) if cases.weighted else None


def weighted_moments_of(name: str, grouping: Grouping, data: Dataset) -> WeightedMoments:
    """The weighted moments of a variable in its groups, made once per version."""

    def make() -> WeightedMoments:
        numbers = data.numbers(name)
        return weighted_moments(numbers.values, _in_use(numbers.valid, grouping), grouping.n_groups, sample_in(data))

    return store_of(data).once(("weighted moments", name, grouping.key), make, lambda made: 4 * made.values.nbytes)


def distribution_of(name: str, grouping: Grouping, data: Dataset) -> Distribution:
    """The weighted values of a variable in order in its groups, made once per version."""

    def make() -> Distribution:
        numbers, weights = data.numbers(name), sample_in(data).weights
        return distribution(numbers.values, weights, _in_use(numbers.valid, grouping), grouping.n_groups)

    return store_of(data).once(("weighted rows", name, grouping.key), make, lambda made: 3 * made.values.nbytes)


def spread_of(name: str, grouping: Grouping, data: Dataset) -> Spread:
    """What tells weighted quantiles and shares of a variable in its groups, made once per version."""

    def make() -> Spread:
        numbers, weights = data.numbers(name), sample_in(data).weights
        return spread(numbers.values, weights, _in_use(numbers.valid, grouping), grouping.n_groups)

    return store_of(data).once(("weighted values", name, grouping.key), make, lambda made: 5 * made.values.nbytes)


def shares_of(levels: NDArray[np.integer], n_levels: int, grouping: Grouping, data: Dataset) -> Shares:
    """The weighted shares of levels in each group."""
    return shares(levels, grouping.codes, (grouping.n_groups, n_levels), sample_in(data))


def _in_use(valid: NDArray[np.bool_], grouping: Grouping) -> NDArray[np.int64]:
    return grouping.codes if valid.all() else np.where(valid, grouping.codes, -1)


def effective_n(data: Dataset, cases: Cases) -> tuple[float, float]:
    """(Σw, Kish's effective n) of the cases in use."""
    w = sample_in(data).weights
    w = w if cases.mask.all() else w[cases.mask]
    total = float(w.sum())
    return total, total**2 / float(w @ w) if w.size else 0.0


def without_weights(weighed: Weighed | None) -> Weighed | None:
    """What is left where counts are hidden: sums of weights would tell more than the ledger knows."""
    return None if weighed is None else replace(weighed, sum=float("nan"))
