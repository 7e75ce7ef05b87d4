"""The reproducibility appendix: with what, from what, of whom, by which definitions and sentences the numbers were made.

In the language of the house style, like all that is printed.
"""

from __future__ import annotations

import re
from collections.abc import Iterator
from importlib.metadata import PackageNotFoundError, version

from istrel.data.codebook import Codebook
from istrel.data.column import show_value
from istrel.data.corrections import Correction
from istrel.exhibits.printing import plain_text
from istrel.exhibits.text import Text, joined, listed, say, verbatim
from istrel.problem import Problem
from istrel.sentence.show_formula import show_condition, show_expression
from istrel.study.codebooks.own import show_missing
from istrel.study.labels import numbers_and_labels
from istrel.study.parts import Prose, Words
from istrel.study.recipes import Gathered, Joined, Longer, Pasted, Read, Recipe, Stacked, Wider
from istrel.study.remake import made
from istrel.study.rows import called
from istrel.study.study import Study, StudySource
from istrel.style.house import HouseStyle
from istrel.version import VERSION

TITLE = "reproducibility"
SENTENCE = re.compile(r"\S.*?\.(?=\s+[A-ZÀ-Ü]|$)")
PACKAGES = ("numpy", "scipy", "pyarrow")
MOST_ROWS = 20  # that were set aside, by their numbers


def appendix(study: Study, style: HouseStyle) -> tuple[str, ...]:
    """Its paragraphs."""
    said = (_versions(), *(text for source in study.sources for text in _source(source, study)))
    return (*(plain_text(text, style) for text in said), *_exhibits(study, style))


def appendix_prose(study: Study, style: HouseStyle) -> Prose:
    """The same as prose, a line for each paragraph."""
    return (Words("\n".join(appendix(study, style))),)


def _versions() -> Text:
    found = []
    for name in PACKAGES:
        try:
            found.append(f"{name} {version(name)}")
        except PackageNotFoundError:
            continue
    return say("made_with", version=VERSION, packages=", ".join(found))


def _source(source: StudySource, study: Study) -> Iterator[Text]:
    rows, columns = source.raw.n_rows, len(source.raw.columns)
    one, several = ("of_one_row", "of_n_rows") if source.codebook.rows.said else ("of_one_case", "of_n_cases")
    yield say(
        "source_is",
        name=source.name,
        size=say(one) if rows == 1 else say(several, n=rows),
        columns=say("of_one_variable") if columns == 1 else say("n_variables", n=columns),
        origin=_origin(source.recipe, study),
    )
    if source.raw.source.sha256:
        yield say("checksum_of", name=source.name, sum=source.raw.source.sha256)
    yield from _said_of(source)


def _origin(recipe: Recipe | None, study: Study) -> Text:
    def names(*identities: str) -> Text:
        return listed([verbatim(next((s.name for s in study.sources if s.id == i), i)) for i in identities])

    match recipe:
        case Read(_, settings):
            said = {
                "read_delimiter": settings.delimiter,
                "read_decimal": settings.decimal,
                "read_encoding": settings.encoding,
                "read_header_row": settings.header_row,
                "read_sheet": settings.sheet,
                "read_dates": settings.dates,
            }
            given = [say(phrase, value=str(value)) for phrase, value in said.items() if value is not None]
            return say("read_with", settings=joined(given)) if given else say("read_as_found")
        case Pasted():
            return say("pasted_as_cells")
        case Joined(left, right, keys, _):
            return say("joined_by", names=names(left, right), keys=", ".join(keys))
        case Stacked(parts):
            return say("stacked_of", names=names(*parts))
        case Longer(parent, gathered):
            return say("turned_longer", names=names(parent), columns=", ".join(gathered))
        case Wider(parent, keys, names_from, _):
            return say("turned_wider", names=names(parent), keys=", ".join(keys), column=names_from)
        case Gathered(parent, keys, variables, measures):
            made_of = [say("measure_of", measure=m, name=v) for v, m in zip(variables, measures, strict=True)]
            return say("gathered_per", names=names(parent), keys=", ".join(keys), measures=joined(made_of))
        case None:
            return say("given_as_table")


def _said_of(source: StudySource) -> Iterator[Text]:
    """Rows, condition, corrections with their reasons, cases set aside, missing codes, definitions of derived variables."""
    yield from _rows(source.codebook)
    if source.standing is not None:
        used, rows = source.n_used, source.raw.n_rows
        yield say("cases_in_use_are", condition=show_condition(source.standing), used=used, all=rows)
    for correction in source.corrections:
        parts = {"name": verbatim(correction.variable), "words": _change(correction)}
        where = {} if correction.row is None else {"row": verbatim(str(correction.row))}
        phrase = "corrected_in_row" if where else "corrected_everywhere"
        yield _with_reason(say(phrase, **parts, **where), correction.reason)
    for aside in source.asides:
        rows_said = ", ".join(map(str, aside.rows[:MOST_ROWS])) + (" …" if len(aside.rows) > MOST_ROWS else "")
        yield _with_reason(say("set_aside_are", rows=rows_said), aside.reason)
    coded: dict[str, list[str]] = {}
    for variable in source.codebook.variables:
        if variable.missing_codes:
            coded.setdefault(show_missing(variable.missing_codes), []).append(variable.name)
    if coded:
        codes = [say("codes_of", codes=codes, names=", ".join(names)) for codes, names in coded.items()]
        yield say("missing_codes_are", codes=joined(codes, "; "))
    for variable in source.codebook.variables:
        if variable.formula is not None:
            yield say("derived_is", name=variable.name, formula=show_expression(variable.formula))


def _change(correction: Correction) -> Text:
    """What stood there, and what stands there now."""
    sides = [
        say("became_missing")
        if value is None
        else verbatim(show_value(value))
        if show_value(value)
        else say("flow_blank")
        for value in (correction.old, correction.new)
    ]
    return joined(sides, " → ")


def _with_reason(said: Text, reason: str) -> Text:
    return joined([said, say("for_this_reason", reason=reason.rstrip(". "))], " ") if reason else said


def _rows(codebook: Codebook) -> Iterator[Text]:
    """What a row is; nothing where each is a case of its own."""
    rows = codebook.rows
    names = {role: called(name, codebook) for role, name in rows.said.items()}
    if rows.counted:
        yield say("rows_stand_for", name=names["counted"])
    if rows.person and rows.occasion:
        yield say("rows_are_occasions", occasion=names["occasion"], person=names["person"])
    elif rows.person:
        yield say("rows_are_of_persons", person=names["person"])
    drawn = (("weight", "rows_weighted_by"), ("strata", "strata_are"), ("clusters", "clusters_are"))
    yield from (say(phrase, name=names[role]) for role, phrase in drawn if role in names)


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
