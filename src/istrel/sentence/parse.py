"""Text to Request by the grammar in sentence.lark; mistakes are answered in plain words under the word that is wrong."""

from __future__ import annotations

from functools import cache
from pathlib import Path
from typing import Any, cast

from lark import Lark, Token, Transformer
from lark.exceptions import UnexpectedInput, VisitError

from istrel.data.conditions import And, Between, Comparison, Condition, IsMissing, Literal, Name, Not, OneOf, Or
from istrel.data.problem import Problem
from istrel.sentence.mistakes import explain
from istrel.sentence.request import AllOf, Crossed, Request, Settings, Span, Subject
from istrel.sentence.settings import Said, read_settings

OPERATOR_WORDS = {"≤": "<=", "≥": ">=", "≠": "!=", "<>": "!=", "==": "="}


def parse(text: str) -> Request:
    """The request that a sentence means.

    Raises
    ------
    Problem
        With the place and length of the wrong word.
    """
    return cast(Request, _parsed(text, "sentence"))


def parse_condition(text: str) -> Condition:
    """A condition alone, as it stands after `among`.

    Raises
    ------
    Problem
        With the place and length of the wrong word.
    """
    return cast(Condition, _parsed(text, "condition"))


def _parsed(text: str, start: str) -> Any:
    try:
        return Build().transform(grammar().parse(text, start=start))
    except UnexpectedInput as error:
        raise explain(text, error) from None
    except VisitError as error:
        if isinstance(error.orig_exc, Problem):
            raise error.orig_exc from None
        raise


@cache
def grammar() -> Lark:
    """The grammar, built once."""
    text = Path(__file__).with_name("sentence.lark").read_text(encoding="utf-8")
    return Lark(text, parser="lalr", start=["sentence", "condition"], lexer="contextual", keep_all_tokens=False)


def _literal(token: Token) -> Literal:
    text = str(token)
    at = token.start_pos or 0
    if token.type == "NUMBER":
        return Literal(float(text.replace("−", "-")), at)
    if token.type == "DATE":
        return Literal(text, at)
    if token.type == "QUOTED_NAME":
        return Literal(text[1:-1], at, bare=True)
    return Literal(text, at, bare=True) if token.type == "NAME" else Literal(text[1:-1], at + 1)


class Build(Transformer[Token, Any]):
    """One method per rule of the grammar; each returns the piece of the Request that the rule means."""

    def name(self, parts: list[Token]) -> Name:
        token = parts[0]
        quoted = token.type == "QUOTED_NAME"
        return Name(str(token)[1:-1] if quoted else str(token), (token.start_pos or 0) + quoted)

    def crossed(self, parts: list[Any]) -> Crossed:
        return Crossed(tuple(part for part in parts if isinstance(part, Name)))

    def all_measured(self, parts: list[Token]) -> AllOf:
        return AllOf("measured", parts[0].start_pos or 0)

    def all_categories(self, parts: list[Token]) -> AllOf:
        return AllOf("categories", parts[0].start_pos or 0)

    def span(self, parts: list[Name]) -> Span:
        return Span(*parts)

    def subjects(self, parts: list[Subject]) -> tuple[str, tuple[Subject, ...]]:
        return "subjects", tuple(parts)

    def against(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "against", tuple(parts[1:])

    def across(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "across", tuple(parts[1:])

    def among(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "among", parts[1]

    def as_form(self, parts: list[Token]) -> tuple[Token, str, Any]:
        return parts[0], "form", parts[1]

    def with_settings(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "settings", read_settings(parts[1:])

    def sentence(self, parts: list[Any]) -> Request:
        verb, (_, subjects), *clauses = parts
        said: dict[str, Any] = {}
        for word, clause, content in clauses:
            if clause in said:
                raise Problem(f"“{word}” stands twice; say each part once.", at=word.start_pos, length=len(word))
            said[clause] = content
        form = said.pop("form", None)
        return Request(
            verb=str(verb).casefold(),
            subjects=subjects,
            form=" ".join(str(form).casefold().split()) if form is not None else None,
            form_at=form.start_pos if form is not None else -1,
            **{"settings": Settings(), **said},
        )

    # Settings.
    def words(self, parts: list[Token]) -> tuple[str, int]:
        return " ".join(str(part) for part in parts), parts[0].start_pos or 0

    def number(self, parts: list[Token]) -> tuple[str, int]:
        return str(parts[0]).replace("−", "-"), parts[0].start_pos or 0

    def string(self, parts: list[Token]) -> tuple[str, int]:
        return str(parts[0])[1:-1], (parts[0].start_pos or 0) + 1

    def braces(self, parts: list[tuple[str, int]]) -> list[tuple[str, int]]:
        return parts

    def named_setting(self, parts: list[Any]) -> Said:
        name, value = parts
        return Said(str(name), name.start_pos, tuple(value) if isinstance(value, list) else (value,))

    def statistic(self, parts: list[Token]) -> Said:
        return Said("", parts[0].start_pos or 0, ((str(parts[0]), parts[0].start_pos or 0),))

    # Conditions.
    def number_literal(self, parts: list[Token]) -> Literal:
        return _literal(parts[0])

    string_literal = date_literal = bare_literal = number_literal

    def comparison(self, parts: list[Any]) -> Comparison:
        left, operator, right = parts
        return Comparison(left, OPERATOR_WORDS.get(str(operator), str(operator)), right)

    def between(self, parts: list[Any]) -> Between:
        name, _, low, _, high = parts
        return Between(name, low, high)

    def one_of(self, parts: list[Any]) -> OneOf:
        return OneOf(parts[0], tuple(part for part in parts[1:] if isinstance(part, Literal)))

    def none_of(self, parts: list[Any]) -> Not:
        return Not(self.one_of(parts))

    def is_missing(self, parts: list[Any]) -> IsMissing:
        return IsMissing(parts[0])

    def is_valid(self, parts: list[Any]) -> Not:
        return Not(IsMissing(parts[0]))

    def negated(self, parts: list[Any]) -> Not:
        return Not(parts[1])

    def both(self, parts: list[Any]) -> Condition:
        kept = tuple(part for part in parts if not isinstance(part, Token))
        return And(kept) if len(kept) > 1 else cast(Condition, kept[0])

    def either(self, parts: list[Any]) -> Condition:
        kept = tuple(part for part in parts if not isinstance(part, Token))
        return Or(kept) if len(kept) > 1 else cast(Condition, kept[0])
