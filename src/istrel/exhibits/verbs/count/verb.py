"""What `count` is to everything that serves all verbs."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.contracts import Drawing, Verb
from istrel.exhibits.verbs.count.advice import advise
from istrel.exhibits.verbs.count.compute import compute
from istrel.exhibits.verbs.count.hiding import counts
from istrel.exhibits.verbs.count.resolve import CountPlan, by_value, resolve
from istrel.exhibits.verbs.count.result import CountResult
from istrel.exhibits.verbs.count.typeset import typeset
from istrel.exhibits.verbs.count.values import values
from istrel.exhibits.verbs.count.words import numbers
from istrel.exhibits.verbs.count.working import explain


def _drawn(result: CountResult, drawings: tuple[Drawing, ...]) -> CountResult:
    return replace(result, drawings=drawings)


VERB: Verb[CountPlan, CountResult] = Verb(
    resolve=resolve,
    compute=compute,
    typeset=typeset,
    numbers=numbers,
    values=values,
    counts=counts,
    drawn=_drawn,
    advise=advise,
    explain=explain,
    by_value=by_value,
)
