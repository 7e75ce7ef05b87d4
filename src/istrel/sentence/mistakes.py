"""A parser's refusal as a plain message: what is wrong, at which word, and what may stand there."""

from __future__ import annotations

import re

from lark.exceptions import UnexpectedCharacters, UnexpectedInput, UnexpectedToken

from istrel.english import english, together
from istrel.problem import Problem, close, question
from istrel.sentence.vocabulary import CLAUSES, FORMS, VERBS
from istrel.sentence.vocabulary.elsewhere import MEANT_CLAUSES, MEANT_FORMS, MEANT_VERBS, meant_by

WORD = re.compile(r"\w[\w.]*|\S")
QUOTED = re.compile(r"\"[^\"]+\"|'[^']+'|“[^”]+”")
NEEDED_AFTER = {
    "across": english("After “across” comes the variable that makes the groups."),
    "against": english("After “against” comes a variable."),
    "given": english("After “given” come the variables that are taken out."),
    "among": english("After “among” comes a condition, for example age >= 18."),
    "with": english("After “with” comes a statistic or a setting, for example mean, sd or bins = 20."),
    "as": english("After “as” comes a form: {names}.", names=", ".join(FORMS)),
    ",": english("After the comma comes another name."),
    "=": english("After the equals sign comes a value."),
}

SAID_BY = {
    "across": english("Groups come after “across”: describe age across site."),
    "among": english("Cases are chosen after “among”: describe age among age >= 18."),
    "against": english("What stands in the columns comes after “against”: count site against format."),
}


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
        return Problem(_wanted(before, expected), at=max(0, len(before) - 1), length=1)
    word = found.group()
    quoted = QUOTED.match(text, at)
    if quoted is not None and "NAME" in expected and "STRING" not in expected:
        plain = quoted.group()[1:-1]
        says = english("Names stand in back quotes, texts in double ones: write `{plain}`.", plain=plain)
        return Problem(says, at=at, length=len(quoted.group()))
    return _wrong(word, found.start(), before, expected)


def _expected(error: UnexpectedInput) -> set[str]:
    if isinstance(error, UnexpectedToken):
        return set(error.accepts or error.expected)
    return set(error.allowed or ()) if isinstance(error, UnexpectedCharacters) else set()


def _at_start(text: str, found: re.Match[str] | None) -> Problem:
    begins = english(
        "A sentence begins with {names} or {last}.", names=", ".join(list(VERBS)[:-1]), last=list(VERBS)[-1]
    )
    if found is None:
        return Problem(english("There is no sentence yet. {begins}", begins=begins), at=0, length=len(text))
    word = found.group()
    if meant := meant_by(word, MEANT_VERBS):
        instead = (meant,) if meant in VERBS else (meant.split()[0],)
        return Problem(
            english("“{word}” is no verb; write “{meant}”.", word=word, meant=meant),
            at=found.start(),
            length=len(word),
            instead=instead,
        )
    near = close(word, VERBS)
    message = english("“{word}” is no verb.{hint} {begins}", word=word, hint=question(near[:1]), begins=begins)
    return Problem(message, at=found.start(), length=len(word), instead=near or tuple(VERBS))


def _wanted(before: str, expected: set[str]) -> str:
    last = before.rsplit(maxsplit=1)[-1].casefold() if before.split() else ""
    last = before[-1] if before[-1:] in NEEDED_AFTER else last
    if last in NEEDED_AFTER:
        return NEEDED_AFTER[last]
    if last in VERBS:
        return english("After “{last}” come the variables, separated by commas.", last=last)
    if "COMPARE" in expected:
        return english("A condition needs a comparison, for example age >= 18.")
    return english("Something is missing at the end of the sentence.")


def _wrong(word: str, at: int, before: str, expected: set[str]) -> Problem:
    last = before.rsplit(maxsplit=1)[-1].casefold() if before.split() else ""
    if last == "as" and "FORM" in expected:
        meant = meant_by(word, MEANT_FORMS)
        near = (meant,) if meant else close(word, FORMS)
        hint = question(near[:1]) or english(" Forms are {names}.", names=", ".join(FORMS))
        return Problem(
            english("“{word}” is no form.{hint}", word=word, hint=hint), at=at, length=len(word), instead=near
        )
    clause = meant_by(word, MEANT_CLAUSES)
    if clause and clause.upper() in expected:
        message = together((english("“{word}” cannot stand here.", word=word), SAID_BY[clause]))
        return Problem(message, at=at, length=len(word), instead=(clause,))
    if word.casefold() in CLAUSES or not expected & {"ACROSS", "AMONG"}:
        if last in NEEDED_AFTER or last in VERBS or before[-1:] in NEEDED_AFTER:
            return Problem(_wanted(before, expected), at=at, length=len(word))
        message = english("“{word}” cannot stand here.", word=word)
        if word == "(" and last == "in":
            message = english("The values after “in” stand in braces: {example}.", example="in {a, b}")
            return Problem(message, at=at, length=len(word), instead=("{",))
        if "COMPARE" in expected:
            message = together((message, _wanted(before, expected)))
        return Problem(message, at=at, length=len(word))
    near = close(word, CLAUSES)
    hint = question(near[:1]) or english(" Separate names by commas, or go on with across, among, as or with.")
    return Problem(
        english("“{word}” cannot stand here.{hint}", word=word, hint=hint), at=at, length=len(word), instead=near
    )
