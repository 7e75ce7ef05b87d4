"""Sources that are made from others follow them: when a parent changes, its children are made again by their recipes."""

from __future__ import annotations

from dataclasses import replace

from istrel.problem import Problem
from istrel.study.again import made_again
from istrel.study.opening import reread
from istrel.study.recipes import parents_of
from istrel.study.study import Study, StudySource

MOST_AT_ONCE = 100_000  # rows that are put together while a window waits


def follow(before: Study, after: Study) -> Study:
    """The study with every source made again whose parents hold other data than before; what was said of it stays.

    A source that can no longer be made (a key is gone) stays as it was.
    """
    if not any(parents_of(source.recipe) for source in after.sources):
        return after
    changed = {source.id for source in after.sources if _differs(source, before)}
    for source in after.sources:  # a child stands after its parents
        if not changed.isdisjoint(parents_of(source.recipe)) and source.id not in changed:
            try:
                new = reread(source, made_again(source.recipe, after))
            except Problem:
                continue
            after = after.with_source(replace(new, id=source.id, recipe=source.recipe))
            changed.add(source.id)
    return after


def takes_long(before: Study, after: Study) -> bool:
    """Whether large sources will be made again."""
    changed = {source.id for source in after.sources if _differs(source, before)}
    made = [source for source in after.sources if source.recipe is not None]
    return any(s.raw.n_rows > MOST_AT_ONCE for s in made) and any(
        not changed.isdisjoint(parents_of(s.recipe)) for s in made
    )


def _differs(source: StudySource, before: Study) -> bool:
    """Whether a source holds other values than it did: by its rows, corrections, missing codes or formulas."""
    old = next((one for one in before.sources if one.id == source.id), None)
    return old is not None and old is not source and _essence(old) != _essence(source)


def _essence(source: StudySource) -> tuple[object, ...]:
    lines = tuple((v.name, v.missing_codes, v.formula) for v in source.codebook.variables)
    return id(source.raw), source.corrections, source.asides, lines
