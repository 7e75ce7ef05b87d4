"""Many findings of one kind told as one: a file of thousands of columns has hundreds that are skewed."""

from __future__ import annotations

from collections import Counter
from collections.abc import Callable, Iterable
from dataclasses import dataclass

from istrel.data.screening.finding import Finding, Omit, Remedy, Replace, listed
from istrel.english import English, english, with_part

MANY = ""  # the names, which are put in
MOST_ALONE = 12  # findings of a kind that are told one by one


def _omitted(found: list[Finding]) -> tuple[Remedy, ...]:
    """Leaves out what each of them would leave out, with one click."""
    names = [action.variables for one in found for remedy in one.remedies if isinstance(action := remedy.action, Omit)]
    together = tuple(dict.fromkeys(name for group in names for name in group))
    return (Remedy(english("leave them out"), Omit(together)),) if together else ()


def _set_missing(found: list[Finding]) -> tuple[Remedy, ...]:
    actions = [remedy.action for one in found for remedy in one.remedies]
    corrections = tuple(c for action in actions if isinstance(action, Replace) for c in action.corrections)
    return (Remedy(english("set all of them missing"), Replace(corrections)),)


def _none(_found: list[Finding]) -> tuple[Remedy, ...]:
    return ()


@dataclass(frozen=True)
class _Kind:
    """What many findings of a kind say together, and what one click can do about all of them."""

    says: English
    remedies: Callable[[list[Finding]], tuple[Remedy, ...]] = _none
    by_lead: bool = False


TOGETHER = {
    "constant": _Kind(
        english("are the same in every case ({names}): they can show no difference.", names=MANY), _omitted
    ),
    "near_constant": _Kind(english("are the same in nearly every case ({names}).", names=MANY), _omitted),
    "coded_category": _Kind(
        english("hold only a few whole numbers ({names}): codes rather than measures?", names=MANY)
    ),
    "high_missing": _Kind(english("are missing in a fifth of the cases or more ({names}).", names=MANY), _omitted),
    "near_copy": _Kind(english("say the same as another, or almost ({names}).", names=MANY), _omitted),
    "remote_value": _Kind(english("have a value far from the rest ({names}).", names=MANY), _set_missing, by_lead=True),
    "many_zeros": _Kind(
        english("are often 0 ({names}): a mean mixes who has none with how much the others have.", names=MANY)
    ),
    "skewed": _Kind(
        english("are strongly skewed ({names}): the median describes them better than the mean.", names=MANY)
    ),
    "humps": _Kind(english("have two humps or more ({names}): one mean hides them.", names=MANY)),
}


def gathered(findings: Iterable[Finding]) -> tuple[Finding, ...]:
    """The findings in their order; those of a kind of which there are many stand as one where the first of them stood."""
    findings = tuple(findings)
    many = {kind for kind, n in Counter(found.kind for found in findings).items() if n > MOST_ALONE} & TOGETHER.keys()
    told: dict[str | int, Finding] = {}
    for place, found in enumerate(findings):
        if found.kind not in many:
            told[place] = found
        elif found.kind not in told:
            told[found.kind] = _one([other for other in findings if other.kind == found.kind], TOGETHER[found.kind])
    return tuple(told.values())


def _one(found: list[Finding], kind: _Kind) -> Finding:
    names = tuple(one.variables[-1] for one in found)  # of a copy, the other one
    shown = listed(tuple(one.lead for one in found) if kind.by_lead else names)
    return Finding(
        found[0].kind,
        names,
        english("{n:,} [variable|variables]", n=len(names)),
        with_part(kind.says, "names", shown),
        tuple(sorted({row for one in found for row in one.rows})) if kind.by_lead else (),
        kind.remedies(found),
        found[0].changes_numbers,
    )
