"""What may follow in a sentence that is being typed, found from the grammar itself."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from typing import NamedTuple

from lark.exceptions import UnexpectedInput

from istrel.sentence.parse import grammar
from istrel.sentence.settings import fitting_settings
from istrel.sentence.show_formula import show_name
from istrel.sentence.spans import spans
from istrel.sentence.vocabulary import CLAUSES, CLAUSES_OF, FORMS, SETTINGS, STATISTICS, VERBS, usual_form

PARTIAL = re.compile(r"(`[^`]*|[^\W\d][\w.]*)$")
KEYWORDS = {
    **{clause.upper(): clause for clause in CLAUSES},
    "AND": "and",
    "OR": "or",
    "NOT": "not",
    "IN": "in {",
    "BETWEEN": "between",
    "IS": "is",
    "MISSING": "missing",
    "ALL_MEASURED": "all measured",
    "ALL_CATEGORIES": "all categories",
    "TIMES": "×",
    "COMMA": ",",
}
CLAUSE_ORDER = tuple(clause.upper() for clause in CLAUSES)


@dataclass(frozen=True)
class Suggestion:
    """A word that may stand at the cursor; `kind` is verb, variable, word, form, statistic, setting, value or sign.

    `meaning` says it in plain words where the vocabulary does.
    """

    text: str
    kind: str
    meaning: str = ""


@dataclass(frozen=True)
class Completion:
    """What may stand at a place of the text.

    Attributes
    ----------
    start
        Where the word that is being typed begins; a suggestion taken replaces the text from here to the cursor.
    suggestions
        Best first.
    """

    start: int
    suggestions: tuple[Suggestion, ...]


def complete(
    text: str, cursor: int, names: Sequence[str], values: Mapping[str, Sequence[str]] | None = None
) -> Completion:
    """Suggestions at the cursor.

    Parameters
    ----------
    names
        The variables' names in the order of the file.
    values
        For conditions: {variable: its values in print}.

    Returns
    -------
    Completion; without suggestions where the text before the cursor is already wrong.
    """
    before = text[:cursor]
    closed = before.endswith("`") and before.count("`") % 2 == 0  # a name in back quotes is whole
    partial = None if closed else PARTIAL.search(before)
    start = partial.start() if partial else cursor
    typed = before[start:].lstrip("`").casefold()
    found = _candidates(before[:start], _accepted(before[:start]), names, values or {})
    if typed and any(s.text.strip("`").casefold() == typed for s in found):  # a whole word: what comes after it?
        start, typed = cursor, ""
        found = _candidates(before + " ", _accepted(before), names, values or {})
    matching = [s for s in found if _fits(typed, s.text) and s.text.casefold() != typed]
    matching.sort(key=lambda s: not s.text.strip("`").casefold().startswith(typed))
    return Completion(start, tuple(dict.fromkeys(matching)))


def _fits(typed: str, candidate: str) -> bool:
    return typed in candidate.strip("`").casefold()


def _accepted(prefix: str) -> set[str]:
    parser = grammar().parse_interactive(prefix, start="sentence")
    try:
        parser.exhaust_lexer()
        return set(parser.accepts())  # type: ignore[no-untyped-call]
    except UnexpectedInput:
        return set()


def _candidates(
    prefix: str, accepted: set[str], names: Sequence[str], values: Mapping[str, Sequence[str]]
) -> list[Suggestion]:
    if "COMPARE" in accepted:  # a value alone is no condition yet: nothing can follow but what compares it
        accepted = accepted - {*CLAUSE_ORDER, "AND", "OR", "TIMES", "COMMA"}
    found: list[Suggestion] = []
    if "VERB" in accepted:
        found += [Suggestion(verb.name, "verb", verb.meaning) for verb in VERBS.values()]
    if "FORM" in accepted:
        forms = (FORMS[name] for name in VERBS[_context(prefix).verb].forms)
        found += [Suggestion(form.name, "form", form.meaning) for form in forms]
    if "NAME" in accepted:
        found += _names(prefix, accepted, names, values)
    said = _said(prefix)
    clauses = [KEYWORDS[t] for t in CLAUSE_ORDER if t in accepted and KEYWORDS[t] not in said]
    found += [Suggestion(clause, "word", CLAUSES[clause]) for clause in clauses]
    found += [
        Suggestion(w, "word") for t, w in KEYWORDS.items() if t in accepted and t not in CLAUSE_ORDER and t != "COMMA"
    ]
    if "COMPARE" in accepted:
        found += [Suggestion(sign, "sign") for sign in ("=", ">=", "<=", "!=")]
    if "COMMA" in accepted:
        found.append(Suggestion(",", "sign"))
    return found


def _said(prefix: str) -> set[str]:
    """Clauses that stand in the sentence already, and those that its verb does not know."""
    words = [(prefix[span.start : span.start + span.length].casefold(), span.role) for span in spans(prefix)]
    said = {word for word, role in words if role == "keyword"}
    verb = words[0][0] if words else ""
    return said | {clause for clause, verbs in CLAUSES_OF.items() if verb in VERBS and verb not in verbs}


class Context(NamedTuple):
    """What the sentence up to the cursor says: verb, form, and which clauses stand in it."""

    verb: str
    form: str
    against: bool
    groups: bool


def _context(prefix: str) -> Context:
    words = [(prefix[span.start : span.start + span.length].casefold(), span.role) for span in spans(prefix)]
    verb = words[0][0] if words and words[0][0] in VERBS else "describe"
    form = next((" ".join(word.split()) for word, role in words if role == "form"), usual_form(verb))
    clauses = {word for word, role in words if role == "keyword"}
    return Context(verb, form, "against" in clauses, "across" in clauses)


def _after_with(prefix: str) -> list[Suggestion]:
    """Statistics and settings that fit, or the values of the setting that stands before the cursor."""
    setting = re.search(r"(\w+)\s*=\s*$", prefix)
    if setting:
        known = SETTINGS.get(setting.group(1).casefold())
        values = known.takes.offers if known else {}
        return [Suggestion(_typed(v), "value", words) for v, words in values.items() if v is not None]
    verb, form, against, groups = _context(prefix)
    fitting = fitting_settings(verb, form, against=against, groups=groups)
    statistics = STATISTICS.values() if any(s.name == "statistics" for s in fitting) else ()
    named = [Suggestion(f"{s.name} =", "setting", s.meaning) for s in fitting if s.name != "statistics"]
    return [Suggestion(s.name, "statistic", s.meaning) for s in statistics] + named


def _typed(value: object) -> str:
    return ("yes" if value else "no") if isinstance(value, bool) else str(value)


def _names(
    prefix: str, accepted: set[str], names: Sequence[str], values: Mapping[str, Sequence[str]]
) -> list[Suggestion]:
    """Variables; or values after a comparison; or what may stand after `with`."""
    compared = re.search(r"(`[^`]+`|[^\W\d][\w.]*)\s*(?:[<>=≤≥≠]|!=|<=|>=|==|(?:not\s+)?in\s*\{[^}]*)\s*$", prefix)
    in_settings = re.search(r"(?<!\w)with\s[^`]*$", prefix, re.IGNORECASE)
    if in_settings and "QUOTED_NAME" not in accepted:
        return _after_with(prefix)
    if compared and compared.group(1).strip("`") in values:
        return [Suggestion(f'"{value}"', "value") for value in values[compared.group(1).strip("`")]]
    return [Suggestion(show_name(name), "variable") for name in names]
