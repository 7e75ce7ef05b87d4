"""The numbers of a question with several answers: who gave each, of the cases and of all answers."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace

import numpy as np
from numpy.typing import NDArray

from istrel.data.dataset import Dataset
from istrel.data.sets import AnswerSet, Given, given
from istrel.exhibits.behind import Behind
from istrel.exhibits.cases import Group, Grouping
from istrel.exhibits.text import Count, Text, value_label
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level, Share, share_of
from istrel.exhibits.weights import Weighed, sample_in, shares_of
from istrel.stats.estimates import Undefined
from istrel.stats.frequency import counted, wilson_intervals

NO_INTERVAL = Undefined("no_interval_is_given")
MOST_ROWS = 5_000  # that a number remembers one by one


@dataclass(frozen=True)
class Answer:
    """One answer of a set.

    Attributes
    ----------
    count
        How many cases gave it.
    of_cases, of_answers
        In %: of the cases with any answer known, and of all answers given; `low` and `high` are limits of the first.
    """

    name: str
    label: Text
    count: int
    of_cases: Share
    of_answers: Share
    low: Share
    high: Share
    behind: Behind | None = None
    weighed: Weighed | None = None


@dataclass(frozen=True)
class SetCell:
    """The answers of one group.

    Attributes
    ----------
    n, missing
        Cases with any answer known, and the others.
    none
        Cases that gave no answer though they were asked; `none_percent` of n.
    given
        All answers of all cases together.
    """

    variable: str
    group: Group
    n: int
    missing: int
    none: int
    none_percent: Share
    given: int
    answers: tuple[Answer, ...]
    weighted_n: float | None = None

    @property
    def names(self) -> tuple[str, ...]:
        return (self.variable,)

    @property
    def frequencies(self) -> tuple[FrequencyCell, ...]:
        """What bars are drawn from: the share of the cases that gave each answer."""
        levels = tuple(
            Level((), a.name, a.label, a.count, a.of_cases, a.of_cases, None, a.low, a.high, None, a.weighed)
            for a in self.answers
        )
        total: Count = self.n + self.missing
        cell = FrequencyCell((self.variable,), self.group, self.n, self.missing, total, levels, ())
        return (replace(cell, weighted_n=self.weighted_n),)


def count_answers(plan: CountPlan, wanted: AnswerSet) -> tuple[SetCell, ...]:
    """A cell for every group: against another variable its values are the groups."""
    made = given(wanted, plan.data)
    order = _order(wanted, made, plan)
    return tuple(cell for grouping in plan.groupings for cell in _cells(wanted, made, order, grouping, plan))


def _order(wanted: AnswerSet, made: Given, plan: CountPlan) -> list[int]:
    said = plan.request.settings
    used = np.logical_or.reduce([grouping.used for grouping in plan.groupings])
    sizes = [plan.data.cases_in(row & used) for row in made.chosen]
    order = list(range(len(sizes)))
    if said["order"] == "frequency" or (said["order"] is None and said["top"]):
        order.sort(key=lambda k: -sizes[k])
    elif said["order"] == "label":
        order.sort(key=lambda k: wanted.answers[k].casefold())
    return order[: said["top"]] if said["top"] else order


def _cells(wanted: AnswerSet, made: Given, order: list[int], grouping: Grouping, plan: CountPlan) -> list[SetCell]:
    codes = np.where(made.known, grouping.codes, -1)
    size = grouping.n_groups
    counts = np.array([_counted(row, codes, grouping) for row in made.chosen]).reshape(-1, size)
    n, none = (_counted(rows, codes, grouping) for rows in (made.known, ~np.logical_or.reduce(made.chosen)))
    all_given = counts.sum(axis=0)
    confidence = plan.request.settings["confidence"]
    low, high = wilson_intervals(counts, np.broadcast_to(n, counts.shape), confidence=confidence)
    weighed = _weighed(made, codes, grouping, plan) if plan.cases.weighted else None
    cells = []
    for i, group in enumerate(grouping.groups):
        answers = []
        for k in order:
            count, label = int(counts[k, i]), value_label(wanted.answers[k])
            ends: tuple[Share, Share] = (
                (100.0 * float(low[k, i]), 100.0 * float(high[k, i])) if n[i] else (NO_INTERVAL,) * 2
            )
            answer = Answer(
                wanted.answers[k],
                label,
                count,
                share_of(count, int(n[i])),
                share_of(count, int(all_given[i])),
                *ends,
                _behind(wanted, made, k, group, plan.data, codes == i),
            )
            answers.append(answer if weighed is None else weighed.of(answer, k, i))
        cells.append(
            SetCell(
                wanted.name,
                group,
                int(n[i]),
                int(grouping.sizes[i] - n[i]),
                int(none[i]),
                share_of(int(none[i]), int(n[i])) if weighed is None else weighed.none(i),
                int(all_given[i]),
                tuple(answers),
                None if weighed is None else float(weighed.sums[i]),
            )
        )
    return cells


def _counted(rows: NDArray[np.bool_], codes: NDArray[np.integer], grouping: Grouping) -> NDArray[np.int64]:
    """How many cases of each group stand in some rows."""
    return counted(np.where(rows, codes, -1), grouping.n_groups, grouping.times)


def _behind(
    wanted: AnswerSet, made: Given, place: int, group: Group, data: Dataset, inside: NDArray[np.bool_]
) -> Behind | None:
    """The cases that gave an answer, where they are few enough to be remembered."""
    rows = np.flatnonzero(made.chosen[place] & inside)
    if rows.size > MOST_ROWS:
        return None
    words = " · ".join((f"{wanted.name}: {wanted.answers[place]}", *group.labels))
    return Behind(words, group.named, rows=tuple(data.named(rows).tolist()))


@dataclass(frozen=True, eq=False)
class _Weighed:
    """Shares of the population: arrays of shape (answers, groups)."""

    share: NDArray[np.float64]
    error: NDArray[np.float64]
    effect: NDArray[np.float64]
    low: NDArray[np.float64]
    high: NDArray[np.float64]
    sums: NDArray[np.float64]
    df: float
    of_none: NDArray[np.float64]

    def of(self, answer: Answer, k: int, i: int) -> Answer:
        """An answer with its share of the population."""
        whole = self.share[:, i].sum()
        weighed = Weighed(
            float(self.share[k, i] * self.sums[i]), 100.0 * float(self.error[k, i]), self.df, float(self.effect[k, i])
        )
        low, high = (
            100.0 * float(end[k, i]) if np.isfinite(end[k, i]) else NO_INTERVAL for end in (self.low, self.high)
        )
        if not self.sums[i]:
            return answer
        of_answers = 100.0 * float(self.share[k, i] / whole) if whole else answer.of_answers
        return Answer(
            answer.name,
            answer.label,
            answer.count,
            100.0 * float(self.share[k, i]),
            of_answers,
            low,
            high,
            answer.behind,
            weighed,
        )

    def none(self, i: int) -> Share:
        """The share of those who gave none, in %."""
        return 100.0 * float(self.of_none[i]) if self.sums[i] else NO_INTERVAL


def _weighed(made: Given, codes: NDArray[np.integer], grouping: Grouping, plan: CountPlan) -> _Weighed:
    sample, confidence = sample_in(plan.data), plan.request.settings["confidence"]
    rows = [*made.chosen, ~made.chosen.any(axis=0)]
    found = [shares_of(np.where(codes >= 0, row, -1).astype(np.int64), 2, grouping, plan.data) for row in rows]
    ends = [one.limits(sample.df, confidence) for one in found]
    by: Callable[[int], list[NDArray[np.float64]]] = lambda side: [end[side][:, 1] for end in ends]  # noqa: E731
    return _Weighed(
        np.array([one.share[:, 1] for one in found[:-1]]),
        np.array([one.error[:, 1] for one in found[:-1]]),
        np.array([one.design_effect[:, 1] for one in found[:-1]]),
        np.array(by(0)),
        np.array(by(1)),
        found[0].sums.sum(axis=1),
        sample.df,
        found[-1].share[:, 1],
    )
