"""A parser's refusal as a plain message: what is wrong, at which word, and what may stand there."""

from __future__ import annotations

import re

from lark.exceptions import UnexpectedCharacters, UnexpectedInput, UnexpectedToken

from istrel.problem import Problem, close, question
from istrel.sentence.vocabulary import CLAUSES, FORMS, VERBS
from istrel.sentence.vocabulary.elsewhere import MEANT_FORMS, MEANT_VERBS, meant_by

WORD = re.compile(r"\w[\w.]*|\S")
QUOTED = re.compile(r"\"[^\"]+\"|'[^']+'|“[^”]+”")
NEEDED_AFTER = {
    "across": "After “across” comes the variable that makes the groups.",
    "against": "After “against” comes a variable.",
    "given": "After “given” come the variables that are taken out.",
    "among": "After “among” comes a condition, for example age >= 18.",
    "with": "After “with” comes a statistic or a setting, for example mean, sd or bins = 20.",
    "as": f"After “as” comes a form: {', '.join(FORMS)}.",
    ",": "After the comma comes another name.",
    "=": "After the equals sign comes a value.",
}

GROUPS_AFTER = "Groups come after “across”: describe age across site."


def explain(text: str, error: UnexpectedInput) -> Problem:
    """The problem to show for a sentence that does not parse."""
    expected = _expected(error)
    at = error.pos_in_stream if isinstance(error.pos_in_stream, int) else len(text)
    if isinstance(error, UnexpectedToken) and error.token.type == "$END":
        at = len(text)
    before, found = text[:at].rstrip(), WORD.match(text, at)
    if not before and "VERB" in expected:
        return _at_start(text, found)
    if found is None:
        return Problem(f"{_wanted(before, expected)}", at=max(0, len(before) - 1), length=1)
    word = found.group()
    quoted = QUOTED.match(text, at)
    if quoted is not None and "NAME" in expected and "STRING" not in expected:
        plain = quoted.group()[1:-1]
        says = f"Names stand in back quotes, texts in double ones: write `{plain}`."
        return Problem(says, at=at, length=len(quoted.group()))
    return _wrong(word, found.start(), before, expected)


def _expected(error: UnexpectedInput) -> set[str]:
    if isinstance(error, UnexpectedToken):
        return set(error.accepts or error.expected)
    return set(error.allowed or ()) if isinstance(error, UnexpectedCharacters) else set()


def _at_start(text: str, found: re.Match[str] | None) -> Problem:
    begins = f"A sentence begins with {', '.join(list(VERBS)[:-1])} or {list(VERBS)[-1]}."
    if found is None:
        return Problem(f"There is no sentence yet. {begins}", at=0, length=len(text))
    word = found.group()
    if meant := meant_by(word, MEANT_VERBS):
        instead = (meant,) if meant in VERBS else (meant.split()[0],)
        return Problem(f"“{word}” is no verb; write “{meant}”.", at=found.start(), length=len(word), instead=instead)
    near = close(word, VERBS)
    message = f"“{word}” is no verb.{question(near[:1])} {begins}"
    return Problem(message, at=found.start(), length=len(word), instead=near or tuple(VERBS))


def _wanted(before: str, expected: set[str]) -> str:
    last = before.rsplit(maxsplit=1)[-1].casefold() if before.split() else ""
    last = before[-1] if before[-1:] in NEEDED_AFTER else last
    if last in NEEDED_AFTER:
        return NEEDED_AFTER[last]
    if last in VERBS:
        return f"After “{last}” come the variables, separated by commas."
    if "COMPARE" in expected:
        return "A condition needs a comparison, for example age >= 18."
    return "Something is missing at the end of the sentence."


def _wrong(word: str, at: int, before: str, expected: set[str]) -> Problem:
    last = before.rsplit(maxsplit=1)[-1].casefold() if before.split() else ""
    if last == "as" and "FORM" in expected:
        meant = meant_by(word, MEANT_FORMS)
        near = (meant,) if meant else close(word, FORMS)
        hint = question(near[:1]) or f" Forms are {', '.join(FORMS)}."
        return Problem(f"“{word}” is no form.{hint}", at=at, length=len(word), instead=near)
    if word.casefold() in ("by", "per") and "ACROSS" in expected:
        message = f"“{word}” cannot stand here. {GROUPS_AFTER}"
        return Problem(message, at=at, length=len(word), instead=("across",))
    if word.casefold() in CLAUSES or not expected & {"ACROSS", "AMONG"}:
        if last in NEEDED_AFTER or last in VERBS or before[-1:] in NEEDED_AFTER:
            return Problem(_wanted(before, expected), at=at, length=len(word))
        wanted = _wanted(before, expected) if "COMPARE" in expected else ""
        return Problem(f"“{word}” cannot stand here. {wanted}".rstrip(), at=at, length=len(word))
    near = close(word, CLAUSES)
    hint = question(near[:1]) or " Separate names by commas, or go on with across, among, as or with."
    return Problem(f"“{word}” cannot stand here.{hint}", at=at, length=len(word), instead=near)
