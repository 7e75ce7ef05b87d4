"""The reproducibility appendix: with what, from what, of whom, by which definitions and sentences the numbers were made."""

from __future__ import annotations

import re
from collections.abc import Iterator
from importlib.metadata import PackageNotFoundError, version

from istrel.counting import counted
from istrel.exhibits.printing import plain_text
from istrel.problem import Problem
from istrel.sentence.show_formula import show_condition, show_expression
from istrel.study.codebooks.own import show_missing
from istrel.study.labels import numbers_and_labels
from istrel.study.parts import Prose, Words
from istrel.study.recipes import Gathered, Joined, Longer, Pasted, Read, Recipe, Stacked, Wider
from istrel.study.remake import made
from istrel.study.rows import in_words, unit
from istrel.study.study import Study, StudySource
from istrel.style.house import HouseStyle
from istrel.version import VERSION

TITLE = "reproducibility"
SENTENCE = re.compile(r"\S.*?\.(?=\s+[A-ZÀ-Ü]|$)")
PACKAGES = ("numpy", "scipy", "pyarrow")


def appendix(study: Study, style: HouseStyle) -> tuple[str, ...]:
    """Its paragraphs."""
    return tuple(line for part in (_versions(), _sources(study), _exhibits(study, style)) for line in part)


def appendix_prose(study: Study, style: HouseStyle) -> Prose:
    """The same as prose, a line for each paragraph."""
    return (Words("\n".join(appendix(study, style))),)


def _versions() -> Iterator[str]:
    found = []
    for name in PACKAGES:
        try:
            found.append(f"{name} {version(name)}")
        except PackageNotFoundError:
            continue
    yield f"All numbers were made with Istrel {VERSION} ({', '.join(found)})."


def _sources(study: Study) -> Iterator[str]:
    for source in study.sources:
        rows, columns = source.raw.n_rows, len(source.raw.columns)
        size = f"{counted(rows, unit(source.codebook))}, {counted(columns, 'variable')}"
        yield f"Source {source.name}: {size}; {_origin(source.recipe, study)}."
        if source.raw.source.sha256:
            yield f"SHA-256 of {source.name}: {source.raw.source.sha256}"
        yield from _said_of(source)


def _origin(recipe: Recipe | None, study: Study) -> str:
    def names(*identities: str) -> str:
        return " and ".join(next((s.name for s in study.sources if s.id == i), i) for i in identities)

    match recipe:
        case Read(_, settings):
            said = {"delimiter": settings.delimiter, "decimal mark": settings.decimal, "encoding": settings.encoding}
            said |= {"row of names": settings.header_row, "sheet": settings.sheet, "dates": settings.dates}  # type: ignore[dict-item]
            given = [f"{words} {value}" for words, value in said.items() if value is not None]
            return f"read with {', '.join(given)}" if given else "read as it was found"
        case Pasted():
            return "pasted as cells"
        case Joined(left, right, keys, _):
            return f"{names(left, right)} joined by {', '.join(keys)}"
        case Stacked(parts):
            return f"{names(*parts)} stacked"
        case Longer(parent, gathered):
            return f"{names(parent)} turned to one row per case and variable of {', '.join(gathered)}"
        case Wider(parent, keys, names_from, _):
            return f"{names(parent)} turned to one row per {', '.join(keys)}, named by {names_from}"
        case Gathered(parent, keys, variables, measures):
            made_of = ", ".join(f"{m} of {v}" for v, m in zip(variables, measures, strict=True))
            return f"{names(parent)} gathered per {', '.join(keys)}: {made_of}"
        case None:
            return "given as a table"


def _said_of(source: StudySource) -> Iterator[str]:
    """Condition, corrections with their reasons, cases set aside, missing codes, definitions of derived variables."""
    if said := in_words(source.codebook):
        yield said
    if source.standing is not None:
        yield f"Cases in use: those with {show_condition(source.standing)}, {source.n_used:,} of {source.raw.n_rows:,}."
    for correction in source.corrections:
        where = f"in row {correction.row}" if correction.row is not None else "wherever it stands"
        why = f" ({correction.reason})" if correction.reason else ""
        yield f"Corrected: {correction.variable}, {correction.words}, {where}{why}."
    for aside in source.asides:
        rows = ", ".join(map(str, aside.rows[:20])) + (" …" if len(aside.rows) > 20 else "")
        yield f"Set aside: rows {rows}{f' ({aside.reason})' if aside.reason else ''}."
    coded: dict[str, list[str]] = {}
    for variable in source.codebook.variables:
        if variable.missing_codes:
            coded.setdefault(show_missing(variable.missing_codes), []).append(variable.name)
    if coded:
        parts = (f"{codes} of {', '.join(names)}" for codes, names in coded.items())
        yield f"Missing codes: {'; '.join(parts)}."
    for variable in source.codebook.variables:
        if variable.formula is not None:
            yield f"Derived: {variable.name} = {show_expression(variable.formula)}"


def _exhibits(study: Study, style: HouseStyle) -> Iterator[str]:
    """The sentence of every exhibit, then each definition once."""
    labels = numbers_and_labels(study.parts, style)
    definitions: dict[str, None] = {}
    for kept in study.kept:
        name = f" ({study.source_of(kept.source).name})" if len(study.sources) > 1 else ""
        yield f"{labels[kept.id][1].rstrip(' .:')}{name}: {kept.sentence}"
        try:
            methods = made(kept, study).methods
        except Problem:
            continue
        definitions |= dict.fromkeys(SENTENCE.findall(plain_text(methods, style)))
    if definitions:
        yield " ".join(definitions)
