"""What `check` is to everything that serves all verbs."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.contracts import Drawing, Verb
from istrel.exhibits.verbs.check.advice import advise
from istrel.exhibits.verbs.check.compute import compute
from istrel.exhibits.verbs.check.hiding import counts
from istrel.exhibits.verbs.check.resolve import CheckPlan, by_value, resolve
from istrel.exhibits.verbs.check.result import CheckResult
from istrel.exhibits.verbs.check.typeset import numbers, typeset
from istrel.exhibits.verbs.check.values import values
from istrel.exhibits.verbs.check.working import explain


def _drawn(result: CheckResult, drawings: tuple[Drawing, ...]) -> CheckResult:
    return replace(result, drawings=drawings)


VERB: Verb[CheckPlan, CheckResult] = Verb(
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
