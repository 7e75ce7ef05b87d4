"""A sentence changed by a click: each function takes a Request and gives the changed one."""

from __future__ import annotations

from dataclasses import replace
from typing import Any

from istrel.data.formula.tree import Name
from istrel.sentence.request import Crossed, Request
from istrel.sentence.settings import without_strangers


def names_of(request: Request) -> tuple[str, ...]:
    """The subjects that are named one by one."""
    return tuple(s.names[0].text for s in request.subjects if isinstance(s, Crossed) and len(s.names) == 1)


def groups_of(request: Request) -> tuple[str, ...]:
    """All names that make groups."""
    return tuple(name.text for grouping in request.across for name in grouping.names)


def toggle_subject(request: Request | None, name: str) -> Request | None:
    """Add the variable at the end of the subjects, or take it out; None when no subject is left."""
    if request is None:
        return Request("describe", (Crossed((Name(name),)),))
    wanted = Crossed((Name(name),))
    if wanted in request.subjects:
        kept = tuple(subject for subject in request.subjects if subject != wanted)
        return replace(request, subjects=kept) if kept else None
    return replace(request, subjects=(*request.subjects, wanted))


def toggle_group(request: Request, name: str) -> Request:
    """Cross the first grouping with the variable, or take it out of all groupings."""
    if name in groups_of(request):
        kept = (Crossed(tuple(n for n in grouping.names if n.text != name)) for grouping in request.across)
        return with_form(replace(request, across=tuple(g for g in kept if g.names)), request.form)
    if not request.across:
        return replace(request, across=(Crossed((Name(name),)),))
    first, *rest = request.across
    return replace(request, across=(Crossed((*first.names, Name(name))), *rest))


def with_form(request: Request, form: str | None) -> Request:
    """The same subjects in another form (None for the usual one); settings that do not belong to it go."""
    return _sound(replace(request, form=form))


def with_setting(request: Request, name: str, value: Any) -> Request:
    """One setting changed (None takes it out of the sentence); those that meant something only beside it go."""
    return _sound(replace(request, settings=request.settings.with_value(name, value)))


def _sound(request: Request) -> Request:
    return replace(request, settings=without_strangers(request.settings, request.place))
