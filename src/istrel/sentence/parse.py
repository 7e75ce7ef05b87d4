"""Text to Request by the grammar in sentence.lark; mistakes are answered in plain words under the word that is wrong."""

from __future__ import annotations

import pickle
from dataclasses import replace
from functools import cache
from pathlib import Path
from typing import Any, cast

from lark import Lark, Token, Transformer, Tree
from lark import __version__ as lark_version
from lark.exceptions import UnexpectedInput, VisitError

from istrel.data.column import show_value
from istrel.data.formula.tree import (
    And,
    Arithmetic,
    Between,
    Call,
    Comparison,
    Computed,
    Condition,
    Expression,
    Formula,
    IsMissing,
    Literal,
    Name,
    Negative,
    Not,
    OneOf,
    Or,
    Span,
    is_condition,
)
from istrel.english import english
from istrel.kept import kept_at
from istrel.problem import Problem
from istrel.sentence.calls import build_call
from istrel.sentence.mistakes import explain
from istrel.sentence.quoting import unquoted
from istrel.sentence.request import AllOf, Crossed, Request, Subject
from istrel.sentence.settings import Said, read_settings, refuse_strangers, without_strangers
from istrel.sentence.show_formula import show_expression
from istrel.sentence.vocabulary import CLAUSES_OF, FORMS, VERBS

SIGNS = {"×": "*", "−": "-"}
DEEPEST = 200
OPERATOR_WORDS = {"≤": "<=", "≥": ">=", "≠": "!=", "<>": "!=", "==": "="}


def parse(text: str) -> Request:
    """The request that a sentence means.

    Raises
    ------
    Problem
        With the place and length of the wrong word.
    """
    request = cast(Request, _parsed(text, "sentence"))
    refuse_strangers(request.settings, request.place)
    return request


def parse_kept(text: str) -> Request:
    """The request that a sentence of a study or a document means: a setting that means nothing there is left out.

    Raises
    ------
    Problem
        As `parse`.
    """
    request = cast(Request, _parsed(text, "sentence"))
    return replace(request, settings=without_strangers(request.settings, request.place))


def parse_condition(text: str) -> Condition:
    """A condition alone, as it stands after `among`.

    Raises
    ------
    Problem
        With the place and length of the wrong word.
    """
    return cast(Condition, _parsed(text, "condition"))


def parse_expression(text: str) -> Formula:
    """What a derived variable is made from: an expression, or a condition (which gives 1 and 0).

    Raises
    ------
    Problem
        With the place and length of the wrong word.
    """
    return cast(Formula, _parsed(text, "expression"))


def _parsed(text: str, start: str) -> Any:
    try:
        tree = grammar().parse(text, start=start)
        _refuse_deep(tree, text)
        return Build().transform(tree)
    except UnexpectedInput as error:
        raise explain(text, error) from None
    except VisitError as error:
        if isinstance(error.orig_exc, Problem):
            raise error.orig_exc from None
        raise


def _refuse_deep(tree: Tree[Token], text: str) -> None:
    """Raises a Problem for what is nested deeper than a person writes: brackets in brackets, sums of hundreds of terms."""
    level = [tree]
    for _ in range(DEEPEST):
        level = [child for node in level for child in node.children if isinstance(child, Tree)]
        if not level:
            return
    raise Problem(
        english("This is nested more than {deepest} deep; make parts of it variables of their own.", deepest=DEEPEST),
        length=len(text),
    )


@cache
def grammar() -> Lark:
    """The grammar, built once; what was built is kept in the user's cache folder where that can be written to."""
    text = Path(__file__).with_name("sentence.lark").read_text(encoding="utf-8")
    text = text.replace("@VERBS@", "|".join(VERBS)).replace("@FORMS@", "|".join(FORMS).replace(" ", r"\s+"))
    try:
        return _built(text, str(kept_at("grammar", text, lark_version)))
    except (OSError, pickle.PickleError, EOFError):
        return _built(text, "")


def _built(text: str, kept: str) -> Lark:
    starts = ["sentence", "condition", "expression"]
    return Lark(text, parser="lalr", start=starts, lexer="contextual", keep_all_tokens=False, cache=kept or False)


def _literal(token: Token, *, negative: bool = False) -> Literal:
    text = str(token)
    at = token.start_pos or 0
    if token.type in ("NUMBER", "UNSIGNED"):
        value = float(text.replace("−", "-"))
        return Literal(-value if negative else value, at)
    if token.type == "DATE":
        return Literal(text, at)
    if token.type == "QUOTED_NAME":
        return Literal(unquoted(text), at, bare=True)
    return Literal(text, at, bare=True) if token.type == "NAME" else Literal(text[1:-1], at + 1)


class Build(Transformer[Token, Any]):
    """One method per rule of the grammar; each returns the piece of the Request that the rule means."""

    def name(self, parts: list[Token]) -> Name:
        token = parts[0]
        return Name(unquoted(str(token)), (token.start_pos or 0) + (token.type == "QUOTED_NAME"))

    def crossed(self, parts: list[Any]) -> Crossed:
        return Crossed(tuple(_variable(part) for part in parts if not isinstance(part, Token)))

    def all_measured(self, parts: list[Token]) -> AllOf:
        return AllOf("measured", parts[0].start_pos or 0)

    def all_categories(self, parts: list[Token]) -> AllOf:
        return AllOf("categories", parts[0].start_pos or 0)

    def span(self, parts: list[Name]) -> Span:
        return Span(*parts)

    def subjects(self, parts: list[Subject]) -> tuple[str, tuple[Subject, ...]]:
        return "subjects", tuple(parts)

    def against(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return (
            parts[0],
            "against",
            tuple(part if isinstance(part, Literal | tuple) else _variable(part) for part in parts[1:]),
        )

    def shares(self, parts: list[Any]) -> tuple[Any, ...]:
        return tuple(part for part in parts if not isinstance(part, Token))

    def expected(self, parts: list[Any]) -> tuple[float | str, float]:
        return parts[0].value, float(parts[1])

    def given(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "given", tuple(parts[1:])

    def across(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "across", tuple(parts[1:])

    def among(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "among", parts[1]

    def as_form(self, parts: list[Token]) -> tuple[Token, str, Any]:
        return parts[0], "form", parts[1]

    def with_settings(self, parts: list[Any]) -> tuple[Token, str, Any]:
        return parts[0], "settings", tuple(parts[1:])

    def sentence(self, parts: list[Any]) -> Request:
        verb, (_, subjects), *clauses = parts
        said: dict[str, Any] = {}
        settings: list[Any] = []  # a second “with” only adds
        for word, clause, content in clauses:
            if clause == "settings":
                settings += content
                continue
            if clause in said:
                raise Problem(
                    english("“{word}” stands twice; say each part once.", word=word),
                    at=word.start_pos,
                    length=len(word),
                )
            if verb.casefold() not in CLAUSES_OF.get(clause, VERBS) and not _is_norm(clause, content):
                owners = " and ".join(CLAUSES_OF[clause])
                raise Problem(
                    english("“{word}” belongs to {owners}.", word=word, owners=owners),
                    at=word.start_pos,
                    length=len(word),
                )
            said[clause] = content
        form = said.pop("form", None)
        said |= _against(str(verb).casefold(), said.pop("against", ()))
        request = Request(
            verb=str(verb).casefold(),
            subjects=subjects,
            form=" ".join(str(form).casefold().split()) if form is not None else None,
            form_at=form.start_pos if form is not None else -1,
            settings=read_settings(settings),
            **said,
        )
        if request.form is not None and request.form not in VERBS[request.verb].forms:
            raise _no_such_form(request)
        return request

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

    # Conditions and expressions.
    def number_literal(self, parts: list[Token]) -> Literal:
        return _literal(parts[-1], negative=len(parts) > 1)

    string_literal = date_literal = bare_literal = number_literal

    def variable(self, parts: list[Name]) -> Name:
        return parts[0]

    def compared(self, parts: list[Any]) -> Comparison:
        left, operator, right = parts
        if isinstance(right, Name) and isinstance(left, Name):  # a word on the right may be a value: the data decide
            right = Literal(right.text, right.at, bare=True)
        return Comparison(_value(left), OPERATOR_WORDS.get(str(operator), str(operator)), _value(right))

    def between(self, parts: list[Any]) -> Between:
        part, _, low, _, high = parts
        return Between(_value(part), _value(low), _value(high))

    def one_of(self, parts: list[Any]) -> OneOf:
        return OneOf(parts[0], tuple(part for part in parts[1:] if isinstance(part, Literal)))

    def none_of(self, parts: list[Any]) -> Not:
        return Not(self.one_of(parts))

    def is_missing(self, parts: list[Any]) -> IsMissing:
        return IsMissing(parts[0])

    def is_valid(self, parts: list[Any]) -> Not:
        return Not(IsMissing(parts[0]))

    def negated(self, parts: list[Any]) -> Not:
        return Not(_truth(parts[1]))

    def both(self, parts: list[Any]) -> Formula:
        return _joined(parts, And)

    def either(self, parts: list[Any]) -> Formula:
        return _joined(parts, Or)

    def arithmetic(self, parts: list[Any]) -> Arithmetic:
        left, operator, right = parts
        return Arithmetic(SIGNS.get(str(operator), str(operator)), _value(left), _value(right))

    def negative(self, parts: list[Any]) -> Negative | Literal:
        part = parts[1]
        if isinstance(part, Literal) and not isinstance(part.value, str):
            return Literal(-part.value, parts[0].start_pos or 0)
        return Negative(_value(part))

    def call(self, parts: list[Any]) -> Call:
        return build_call(parts[0], parts[1:])

    def condition(self, parts: list[Any]) -> Condition:
        return _truth(parts[0])

    def expression(self, parts: list[Any]) -> Formula:
        return cast(Formula, parts[0])


def _is_norm(clause: str, content: tuple[Any, ...]) -> bool:
    """Whether a number stands after “against”: whatever is measured can be compared with one."""
    return clause == "against" and all(isinstance(part, Literal) for part in content)


def _against(verb: str, parts: tuple[Any, ...]) -> dict[str, Any]:
    """What stands after “against”: variables, a norm, or shares that are expected.

    Raises
    ------
    Problem
        For a mixture, and for what the verb does not compare with.
    """
    names = tuple(part for part in parts if isinstance(part, Name))
    if len(names) == len(parts):
        return {"against": names} if names else {}
    (first, *more) = parts
    if more:
        raise Problem(
            english("After “against” come variables, or one number, or shares in braces."), **_place(parts[-1])
        )
    if isinstance(first, Literal):
        if verb != "describe" or isinstance(first.value, str):
            what = english("text") if isinstance(first.value, str) else english("number")
            said = english(
                "“{value}” is a {what}; “{verb}” takes variables after “against”.",
                value=show_value(first.value),
                what=what,
                verb=verb,
            )
            raise Problem(said, **_place(first))
        return {"norm": first.value}
    if verb != "count":
        raise Problem(english("Shares that are expected are for count; “{verb}” does not take them.", verb=verb))
    if len(dict(first)) < len(first) or not sum(share for _, share in first) > 0:
        raise Problem(english("Each value has one expected share, and their sum is above 0."))
    return {"expected": first}


def _variable(part: Any) -> Name:
    """A name, or what is computed under the name of its formula.

    Raises
    ------
    Problem
        For a value alone, which is no variable.
    """
    if isinstance(part, Name):
        return part
    if isinstance(part, Literal):
        if isinstance(part.value, str):
            says = english("Names stand in back quotes, texts in double ones: write `{value}`.", value=part.value)
            raise Problem(says, at=part.at - 1, length=len(part.value) + 2)
        raise Problem(
            english("“{value}” is a value; a variable or a formula stands here.", value=show_value(part.value)),
            **_place(part),
        )
    text = show_expression(part)
    return Computed(f"({text})" if _needs_brackets(part) else text, _begins(part), part)


def _needs_brackets(part: Any) -> bool:
    """Whether a formula would mean something else in a list of variables: × crosses there, and conditions end it."""
    match part:
        case Arithmetic(operator, left, right):
            return operator == "*" or _needs_brackets(left) or _needs_brackets(right)
        case Negative():
            return True
        case _:
            return is_condition(part)


def _begins(part: Any) -> int:
    """Where a formula begins, as far as its parts tell; −1 where none does."""
    if isinstance(part, tuple):
        return min((at for inner in part if (at := _begins(inner)) >= 0), default=-1)
    own = getattr(part, "at", -1)
    if own >= 0 or not hasattr(part, "__dataclass_fields__"):
        return int(own)
    return _begins(tuple(getattr(part, name) for name in part.__dataclass_fields__))


def _no_such_form(request: Request) -> Problem:
    form = request.form or ""
    known = " or ".join(VERBS[request.verb].forms)
    message = english(
        "“{verb}” cannot be set as “{form}”; it can as {known}.", verb=request.verb, form=form, known=known
    )
    return Problem(message, at=request.form_at, length=len(form))


def _joined(parts: list[Any], join: type[And] | type[Or]) -> Formula:
    kept = tuple(part for part in parts if not isinstance(part, Token))
    return join(tuple(_truth(part) for part in kept)) if len(kept) > 1 else cast(Formula, kept[0])


def _truth(part: Any) -> Condition:
    """A condition; a value alone is none."""
    if not is_condition(part):
        raise Problem(english("A condition needs a comparison, for example age >= 18."), **_place(part))
    return part


def _value(part: Any) -> Expression:
    """A value; a condition inside arithmetic or a comparison is none."""
    if is_condition(part):
        raise Problem(english("A condition cannot stand where a value is needed; join conditions with and, or."))
    return cast(Expression, part)


def _place(part: Any) -> dict[str, Any]:
    words = str(getattr(part, "text", getattr(part, "value", " ")))
    at = getattr(part, "at", -1)
    return {"at": at, "length": len(words) if at >= 0 else 0}
