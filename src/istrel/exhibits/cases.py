"""What every verb resolves first: which cases are in use, which variables are meant, which groups they form."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, field
from functools import cached_property

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import show_value
from istrel.data.dataset import Dataset
from istrel.data.formula.compare import known
from istrel.data.formula.evaluate import holds
from istrel.data.formula.tree import And, Condition, Span
from istrel.data.levels import Level
from istrel.english import english
from istrel.exhibits.store import store_of
from istrel.exhibits.text import Hidden
from istrel.problem import Problem
from istrel.sentence.request import AllOf, Crossed, Request, Subject
from istrel.sentence.settings import Settings
from istrel.sentence.show_formula import show_condition
from istrel.sentence.vocabulary import SETTINGS
from istrel.stats.frequency import counted
from istrel.stats.grouping import Order, order_of


@dataclass(frozen=True, eq=False)
class Cases:
    """The cases of an exhibit: a mask over all rows, how many there are and are used, and the condition.

    Attributes
    ----------
    condition
        As it is typed; empty where all cases are used.
    asked
        The same as a formula.
    conditions
        The standing condition of the study and the sentence's own, as far as there are any.
    hides
        Whether small counts are hidden: then nothing is told of persons, who are not in the ledger.
    weighted
        Whether the rows count by their weights.
    """

    mask: NDArray[np.bool_]
    total: int | Hidden
    used: int | Hidden
    condition: str
    asked: Condition | None = None
    conditions: tuple[Condition, ...] = ()
    data: Dataset | None = field(default=None, repr=False)
    hides: bool = False
    weighted: bool = False

    @cached_property
    def everyone(self) -> Grouping:
        """All cases in use as one group without a name; the same for all exhibits of one version of the data."""
        if self.data is None:
            return self._everyone()
        key = ("everyone", self.condition)
        return store_of(self.data).once(key, self._everyone, lambda made: 2 * made.codes.nbytes)

    def _everyone(self) -> Grouping:
        codes = self.mask.astype(np.int64)
        codes -= 1
        times = None if self.data is None else self.data.times
        return Grouping((), codes, ((),), ((),), 0, ((), self.condition, False), times)


def resolve_cases(request: Request, data: Dataset, standing: Condition | None) -> Cases:
    """The standing condition and the sentence's own, together.

    Raises
    ------
    Problem
        For a condition that names what is not there, or that no case meets.
    """
    parts = tuple(part for part in (standing, request.among) if part is not None)
    kept, hides = data.kept, request.settings["hide_below"] is not None
    total = data.n_read
    weighted = bool(data.codebook.rows.weight) and not request.settings["unweighted"]
    if not parts:
        used = data.cases_in(kept) if data.occasions > 1 else data.n_cases
        return Cases(kept, total, used, "", data=data, hides=hides, weighted=weighted)
    condition = parts[0] if len(parts) == 1 else And(parts)
    mask = holds(condition, data) & kept
    used, text = data.cases_in(mask), show_condition(condition)
    if used == 0:
        raise Problem(
            english(
                "No case meets “{text}” ({total:,} cases read); there is nothing to work on.", text=text, total=total
            )
        )
    return Cases(mask, total, used, text, condition, parts, data, hides, weighted)


def resolve_subjects(request: Request, data: Dataset) -> tuple[str, ...]:
    """The names that the subjects mean, each once, in the order said.

    Raises
    ------
    Problem
        For unknown names, a range the wrong way round, an empty family, or crossed subjects (which only counting knows).
    """
    names: dict[str, None] = {}
    for subject in request.subjects:
        found = subject_names(subject, data)
        if isinstance(subject, Crossed) and found[0] in names:
            said = subject.names[0]
            raise Problem(
                english("“{found}” stands here twice; name it once.", found=found[0]), at=said.at, length=len(said.text)
            )
        names.update(dict.fromkeys(found))
    for grouping in request.across:
        for said in grouping.names:
            if known(said, data) in names:
                message = english(
                    "“{text}” cannot make groups of itself; take it out of one of the two places.", text=said.text
                )
                raise Problem(message, at=said.at, length=len(said.text))
    return tuple(names)


def refuse_two_ways(said: Settings) -> None:
    """Refuses two settings that decide the same thing in two ways.

    Raises
    ------
    Problem
        Names both; neither is taken and the other passed over.
    """
    for name in said:
        if name == "classes" and said[name]:
            continue  # classes, made in the way that another setting says
        other = next((o for o in SETTINGS[name].excludes if o in said and not (o == "classes" and said[o])), None)
        if other is not None:
            at, length = said.place_of(name)
            message = english(
                "“{name}” and “{other}” decide the same thing in two ways; leave one of them out.",
                name=name,
                other=other,
            )
            raise Problem(message, at=at, length=length)


def subject_names(subject: Subject, data: Dataset) -> tuple[str, ...]:
    """The names that one subject means.

    Raises
    ------
    Problem
        As `resolve_subjects`.
    """
    match subject:
        case AllOf(family):
            drawn = data.codebook.rows.of_the_sample
            lines = (line for line in data.codebook.variables if line.in_use and line.name not in drawn)
            found = tuple(line.name for line in lines if _in_family(line.level, family))
            if not found:
                raise Problem(
                    english("No variable is measured.")
                    if family == "measured"
                    else english("No variable is a category."),
                    at=subject.at,
                )
            return found
        case Span(first, last):
            order = data.table.names
            start, stop = order.index(known(first, data)), order.index(known(last, data))
            if start > stop:
                message = english(
                    "“{text}” stands before “{text_2}” in the file; turn the range round.",
                    text=last.text,
                    text_2=first.text,
                )
                raise Problem(message, at=last.at, length=len(last.text))
            return order[start : stop + 1]
        case Crossed(names):
            if len(names) > 1:
                message = english("Variables stand one by one here; combinations (×) are counted with “count”.")
                raise Problem(message, at=names[1].at, length=len(names[1].text))
            return (known(names[0], data),)


def _in_family(level: Level, family: str) -> bool:
    return level.measured if family == "measured" else level.categorical


MOST_GROUPS = 2_000
MOST_LOOKED_UP = 50_000_000
GroupKey = tuple[tuple[str, ...], str, bool]
GroupName = tuple[tuple[str, float | str], ...]


@dataclass(frozen=True)
class Group:
    """A group: (variable, value) pairs as stored, and the labels that print. Both empty for all cases together."""

    named: GroupName
    labels: tuple[str, ...]

    @cached_property
    def key(self) -> str:
        """What tells the group from others in any version of the data: "format=1 & site=Harbour"; empty for all cases."""
        return " & ".join(f"{name}={show_value(value)}" for name, value in self.named)


@dataclass(frozen=True, eq=False)
class Grouping:
    """Groups of cases.

    Attributes
    ----------
    names
        The variables that make the groups; none for a total.
    codes
        int64 (rows,): the group of each case, from 0; -1 for a case with a missing group value or out of use.
    values, labels
        For each group, per variable: the stored value, and what it is called in print.
    missing
        Cases in use that are in no group because a group value is missing.
    key
        What tells it from other groupings of the same data: names, the condition on cases, and whether cases without a
        value are a group.
    times
        int64 (rows,): how many cases each row stands for; None where each is one.
    """

    names: tuple[str, ...]
    codes: NDArray[np.int64]
    values: tuple[tuple[float | str, ...], ...]
    labels: tuple[tuple[str, ...], ...]
    missing: int | Hidden
    key: GroupKey
    times: NDArray[np.int64] | None = None

    @property
    def n_groups(self) -> int:
        return len(self.values)

    @cached_property
    def groups(self) -> tuple[Group, ...]:
        """Every group with its names, values and labels."""
        named = (tuple(zip(self.names, values, strict=True)) for values in self.values)
        return tuple(Group(pairs, labels) for pairs, labels in zip(named, self.labels, strict=True))

    @cached_property
    def sizes(self) -> NDArray[np.int64]:
        """Cases of each group."""
        if self.times is not None:
            return counted(self.codes, self.n_groups, self.times)
        return np.bincount(self.codes + 1, minlength=self.n_groups + 1)[1:]

    @cached_property
    def order(self) -> Order:
        """Its cases brought together by group: what all variables share."""
        return order_of(self.codes, self.n_groups)

    @cached_property
    def used(self) -> NDArray[np.bool_]:
        """The cases that are in a group, shape (rows,)."""
        return self.codes >= 0


def grouping_of(group: Group, groupings: Sequence[Grouping]) -> tuple[Grouping, int]:
    """The grouping that a group is of, and its place there."""
    grouping = next(one for one in groupings if group in one.groups)
    return grouping, grouping.groups.index(group)


def shown_categories(name: str, data: Dataset, groupings: Sequence[Grouping]) -> list[int]:
    """The places of a variable's categories that an exhibit shows: those declared, and those of a case in any grouping.

    One list for all groups and totals of the exhibit, so that a row means the same value in every column.
    """
    categories = data.categories(name)
    declared = {entry.value for entry in data.variable(name).value_labels}
    occurs = np.zeros(len(categories.values), bool)
    for grouping in groupings:
        codes = categories.codes[grouping.codes >= 0]
        occurs |= np.bincount(codes[codes >= 0], minlength=occurs.size) > 0
    return [place for place, value in enumerate(categories.values) if occurs[place] or value in declared]


def resolve_groupings(request: Request, data: Dataset, cases: Cases) -> tuple[Grouping, ...]:
    """The groupings of a sentence; all cases together where there is none, or where a total is wanted.

    Raises
    ------
    Problem
        As `resolve_grouping`.
    """
    show = request.settings["missing"] == "show"

    groupings = tuple(resolve_grouping(crossed, data, cases, show_missing=show) for crossed in request.across)
    if not groupings or request.settings["total"]:
        groupings = (*groupings, cases.everyone)
    return groupings


def resolve_grouping(crossed: Crossed, data: Dataset, cases: Cases, *, show_missing: bool = False) -> Grouping:
    """The groups of one or several crossed variables.

    Of one variable all values that are labelled in the codebook are groups, even where no case is in use; of several
    only combinations that occur. Cases without a group value are in no group, or (on request, for one variable) in a
    last one of their own.

    Raises
    ------
    Problem
        For unknown names, or when every case in use lacks a group value.
    """
    names = tuple(known(name, data) for name in crossed.names)
    key = (names, cases.condition, show_missing and len(names) == 1)
    return store_of(data).once(
        ("grouping", key), lambda: _grouped(key, crossed, data, cases), lambda g: 2 * g.codes.nbytes
    )


def _grouped(key: GroupKey, crossed: Crossed, data: Dataset, cases: Cases) -> Grouping:
    names, _, shown = key
    parts = [data.categories(name) for name in names]
    flat, places = combined_codes([part.codes for part in parts])
    present = cases.mask & (flat >= 0)
    counts = np.bincount(np.where(present, flat, -1) + 1, minlength=len(places) + 1)[1:]
    if not counts.any():
        which = crossed.names[0]
        raise Problem(
            english("“{text}” has no value in any case in use, so it makes no groups.", text=which.text),
            at=which.at,
            length=len(which.text),
        )
    kept = np.flatnonzero(counts)
    if len(names) == 1:
        listed = {e.value for e in data.variable(names[0]).value_labels}
        declared = [k for k, (place,) in enumerate(places) if parts[0].values[place] in listed]
        unseen = [(place,) for place, v in enumerate(parts[0].values) if v in listed and (place,) not in set(places)]
        kept = np.union1d(kept, np.array(declared, kept.dtype))
        order = sorted([*(places[k] for k in kept), *unseen])
    else:
        order = [places[k] for k in kept]
    if len(order) > MOST_GROUPS:
        which = crossed.names[0]
        raise Problem(
            english(
                "This makes {n:,} groups; a table holds {most_groups:,}. Cross fewer variables, or limit the cases.",
                n=len(order),
                most_groups=MOST_GROUPS,
            ),
            at=which.at,
            length=len(which.text),
        )
    position = {place: number for number, place in enumerate(order)}
    moved = np.array([*(position.get(place, -1) for place in places), -1], np.int64)
    codes = moved[flat]
    codes[~present] = -1
    values = [tuple(p.values[i] for p, i in zip(parts, place, strict=True)) for place in order]
    labels = [tuple(p.labels[i] for p, i in zip(parts, place, strict=True)) for place in order]
    without = cases.mask & ~present
    if shown and without.any():
        codes[without] = len(values)
        values.append(("",))
        labels.append(("",))
        without = np.zeros_like(without)
    lost = int(without.sum() if data.times is None else data.times[without].sum())
    return Grouping(names, codes, tuple(values), tuple(labels), lost, key, data.times)


def combined_codes(parts: Sequence[NDArray[np.integer]]) -> tuple[NDArray[np.int64], list[tuple[int, ...]]]:
    """Several categories as one: (which combination each case has, the combinations that occur in their order).

    Parameters
    ----------
    parts
        Integer (rows,) each: the category of every case, -1 where it has none. Any number of them.

    Returns
    -------
    int64 (rows,) positions in the list of combinations, -1 where a case lacks any part; combinations are places in each
    part, in the order of the first part, then the next.
    """
    width = int(parts[0].max(initial=-1)) + 1
    flat, seen = _closed_up(parts[0].astype(np.int64), width)
    places: list[tuple[int, ...]] = [(place,) for place in seen]
    for part in parts[1:]:
        width = int(part.max(initial=-1)) + 1
        both = flat * width + part
        both[(flat < 0) | (part < 0)] = -1
        flat, seen = _closed_up(both, len(places) * width)
        places = [(*places[place // width], place % width) for place in seen]
    return flat, places


def _closed_up(codes: NDArray[np.int64], size: int) -> tuple[NDArray[np.int64], list[int]]:
    """(codes as positions among those that occur, which those are), for codes below `size` and -1."""
    if size > MOST_LOOKED_UP:
        seen = np.unique(codes[codes >= 0])
        return np.where(codes >= 0, np.searchsorted(seen, codes), -1), seen.tolist()
    seen = np.flatnonzero(np.bincount(codes + 1, minlength=size + 1)[1:])
    if seen.size == size:
        return codes, seen.tolist()
    table = np.full(size + 1, -1, np.int64)  # -1 finds its place at the end
    table[seen] = np.arange(seen.size)
    return table[codes], seen.tolist()
