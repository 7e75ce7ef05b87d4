"""What may follow in a sentence that is being typed, found from the grammar itself."""

from __future__ import annotations

import re
from collections.abc import Mapping, Sequence
from dataclasses import dataclass

from lark.exceptions import UnexpectedInput

from istrel.sentence.parse import grammar
from istrel.sentence.show_formula import show_name
from istrel.sentence.spans import spans
from istrel.sentence.words import FORMS, SETTINGS, STATISTICS, VERBS

PARTIAL = re.compile(r"(`[^`]*|[^\W\d][\w.]*)$")
KEYWORDS = {
    "AGAINST": "against",
    "ACROSS": "across",
    "AMONG": "among",
    "AS": "as",
    "WITH": "with",
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
CLAUSE_ORDER = ("AGAINST", "ACROSS", "AMONG", "AS", "WITH")


@dataclass(frozen=True)
class Suggestion:
    """A word that may stand at the cursor; `kind` is verb, variable, word, form, statistic, setting, value or sign."""

    text: str
    kind: str


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
        found += [Suggestion(verb, "verb") for verb in VERBS]
    if "FORM" in accepted:
        found += [Suggestion(form, "form") for form in FORMS]
    if "NAME" in accepted:
        found += _names(prefix, accepted, names, values)
    said = _said(prefix)
    found += [Suggestion(KEYWORDS[t], "word") for t in CLAUSE_ORDER if t in accepted and KEYWORDS[t] not in said]
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
    return said | {"against"} if words and words[0][0] in ("describe", "check") else said


def _names(
    prefix: str, accepted: set[str], names: Sequence[str], values: Mapping[str, Sequence[str]]
) -> list[Suggestion]:
    """Variables; or values after a comparison; or statistics and settings after `with`."""
    compared = re.search(r"(`[^`]+`|[^\W\d][\w.]*)\s*(?:[<>=≤≥≠]|!=|<=|>=|==|(?:not\s+)?in\s*\{[^}]*)\s*$", prefix)
    in_settings = re.search(r"(?<!\w)with\s[^`]*$", prefix, re.IGNORECASE)
    if in_settings and "QUOTED_NAME" not in accepted:
        setting = re.search(r"([\w]+)\s*=\s*$", prefix)
        if setting:
            choices = SETTINGS.get(setting.group(1).casefold(), ())
            return [
                Suggestion(c, "value")
                for c in (choices if isinstance(choices, tuple) else ("yes", "no") if choices == "yes or no" else ())
            ]
        return [Suggestion(s, "statistic") for s in STATISTICS] + [Suggestion(f"{s} =", "setting") for s in SETTINGS]
    if compared and compared.group(1).strip("`") in values:
        return [Suggestion(f'"{value}"', "value") for value in values[compared.group(1).strip("`")]]
    return [Suggestion(show_name(name), "variable") for name in names]
