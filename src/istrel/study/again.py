"""Sources made again by their recipes: from the files they were read from, and from the sources they were put together from."""

from __future__ import annotations

from istrel.english import english
from istrel.problem import Problem
from istrel.study import combining
from istrel.study.opening import Opening, open_source, paste_source
from istrel.study.recipes import Gathered, Joined, Longer, Pasted, Read, Recipe, Stacked, Wider
from istrel.study.study import Study, StudySource


def made_again(recipe: Recipe | None, study: Study) -> StudySource:
    """The source that a recipe gives, from the files and the study as they are now, with a codebook guessed anew.

    Raises
    ------
    Problem
        Where a file cannot be read, a parent is not in the study, or there is no recipe.
    """
    match recipe:
        case Read(path, settings):
            return open_source(path, Opening(settings))
        case Pasted(text):
            return paste_source(text)
        case Joined(left, right, keys, keep):
            return combining.joined(study.source_of(left), study.source_of(right), keys, keep)[0]
        case Stacked(sources):
            return combining.stacked(tuple(study.source_of(source) for source in sources))[0]
        case Longer(source, gathered):
            return combining.made_long(study.source_of(source), gathered)[0]
        case Wider(source, keys, names_from, values_from):
            return combining.made_wide(study.source_of(source), keys, names_from, values_from)[0]
        case Gathered(source, keys, variables, measures):
            return combining.gathered(study.source_of(source), keys, variables, measures)[0]
    raise Problem(english("How this source came to be is not known, so it cannot be made again."))
