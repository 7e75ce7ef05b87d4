"""Every verb there is, each loaded when it is first wanted."""

from __future__ import annotations

from collections.abc import Callable
from typing import Any

from istrel.exhibits.contracts import Verb

AnyVerb = Verb[Any, Any]  # a plan and a result fit the verb that made them; no type of ours says so across the table


def _describe() -> AnyVerb:
    from istrel.exhibits.verbs.describe.verb import VERB

    return VERB


def _count() -> AnyVerb:
    from istrel.exhibits.verbs.count.verb import VERB

    return VERB


def _check() -> AnyVerb:
    from istrel.exhibits.verbs.check.verb import VERB

    return VERB


def _relate() -> AnyVerb:
    from istrel.exhibits.verbs.relate.verb import VERB

    return VERB


VERBS: dict[str, Callable[[], AnyVerb]] = {
    "describe": _describe,
    "count": _count,
    "check": _check,
    "relate": _relate,
}


def verb_of(name: str) -> AnyVerb:
    """The verb of this name."""
    return VERBS[name]()
