"""What `relate` is to everything that serves all verbs."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.contracts import Drawing, Verb
from istrel.exhibits.verbs.relate.advice import advise
from istrel.exhibits.verbs.relate.compute import compute
from istrel.exhibits.verbs.relate.hiding import counts
from istrel.exhibits.verbs.relate.resolve import RelatePlan, by_value, resolve
from istrel.exhibits.verbs.relate.result import RelateResult
from istrel.exhibits.verbs.relate.typeset import numbers, typeset
from istrel.exhibits.verbs.relate.values import values
from istrel.exhibits.verbs.relate.working import explain


def _drawn(result: RelateResult, drawings: tuple[Drawing, ...]) -> RelateResult:
    return replace(result, drawings=drawings)


VERB: Verb[RelatePlan, RelateResult] = Verb(
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
