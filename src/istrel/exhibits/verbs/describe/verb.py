"""What `describe` is to everything that serves all verbs."""

from __future__ import annotations

from dataclasses import replace

from istrel.exhibits.contracts import Drawing, Verb
from istrel.exhibits.verbs.describe.advice import advise
from istrel.exhibits.verbs.describe.compute import compute
from istrel.exhibits.verbs.describe.hiding import counts
from istrel.exhibits.verbs.describe.resolve import DescribePlan, by_value, resolve
from istrel.exhibits.verbs.describe.result import DescribeResult
from istrel.exhibits.verbs.describe.typeset import typeset
from istrel.exhibits.verbs.describe.values import values
from istrel.exhibits.verbs.describe.words import numbers
from istrel.exhibits.verbs.describe.working import explain


def _drawn(result: DescribeResult, drawings: tuple[Drawing, ...]) -> DescribeResult:
    return replace(result, drawings=drawings)


VERB: Verb[DescribePlan, DescribeResult] = Verb(
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
