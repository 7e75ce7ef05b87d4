"""What a sentence asks for, as immutable data; and a Request written back as a sentence."""

from __future__ import annotations

from dataclasses import dataclass, field

from istrel.data.column import show_value
from istrel.data.formula.tree import Computed, Condition, Name, Span
from istrel.sentence.quoting import PLAIN_NAME, RESERVED, show_name
from istrel.sentence.settings import Place, Settings, show_setting
from istrel.sentence.show_formula import show_condition
from istrel.sentence.vocabulary import usual_form


@dataclass(frozen=True)
class AllOf:
    """`all measured` or `all categories`."""

    family: str
    at: int = field(default=-1, compare=False)


EVERY_CASE = "cases"  # where nothing is named but all that there are


@dataclass(frozen=True)
class Crossed:
    """One name, or several crossed by ×."""

    names: tuple[Name, ...]


Subject = AllOf | Span | Crossed


@dataclass(frozen=True)
class Request:
    """A sentence understood.

    Attributes
    ----------
    verb
        describe, count, check or relate.
    given
        Variables that are taken out of both sides of a relation.
    across
        Groupings, each one name or several crossed.
    norm
        The value after “against” that each group is compared with; None where there is none.
    expected
        (value, share) pairs after “against”, which frequencies are compared with.
    form
        None where the sentence does not say `as`: it follows from the levels of measurement.
    form_at
        Where the form's word stands, for messages.
    """

    verb: str
    subjects: tuple[Subject, ...]
    against: tuple[Name, ...] = ()
    given: tuple[Name, ...] = ()
    across: tuple[Crossed, ...] = ()
    among: Condition | None = None
    norm: float | None = None
    expected: tuple[tuple[float | str, float], ...] = ()
    form: str | None = None
    settings: Settings = field(default_factory=Settings)
    form_at: int = field(default=-1, compare=False)

    @property
    def place(self) -> Place:
        """What the sentence is, as far as its settings depend on it."""
        several = len(self.subjects) > 1 or not all(isinstance(subject, Crossed) for subject in self.subjects)
        return Place(self.verb, self.shape, bool(self.against), bool(self.across), several, self.norm is not None)

    @property
    def shape(self) -> str:
        """The form, or the usual one of the verb where the sentence does not say it."""
        return self.form or usual_form(self.verb)


def show(request: Request) -> str:
    """The request as a sentence, in the order of the clauses; parsing it gives the same request."""
    parts = [request.verb, ", ".join(_subject(subject) for subject in request.subjects)]
    if request.against:
        parts += ["against", ", ".join(_name(name) for name in request.against)]
    if request.norm is not None:
        parts += ["against", show_value(request.norm)]
    if request.expected:
        parts += ["against", _shares(request.expected)]
    if request.given:
        parts += ["given", ", ".join(show_name(name.text) for name in request.given)]
    if request.across:
        parts += ["across", ", ".join(_subject(grouping) for grouping in request.across)]
    if request.among is not None:
        parts += ["among", show_condition(request.among)]
    if request.form:
        parts += ["as", request.form]
    if request.settings.said:
        parts += ["with", ", ".join(show_setting(name, value) for name, value in request.settings.said)]
    return " ".join(parts)


def _subject(subject: Subject) -> str:
    match subject:
        case AllOf(family):
            return f"all {family}"
        case Span(first, last):
            return f"{show_name(first.text)} .. {show_name(last.text)}"
        case Crossed(names):
            return " × ".join(_name(name) for name in names)


def _shares(expected: tuple[tuple[float | str, float], ...]) -> str:
    """Values with their shares, in braces."""
    pairs = (f"{_value(value)} {show_value(share)}" for value, share in expected)
    return f"{{{', '.join(pairs)}}}"


def _value(value: float | str) -> str:
    if isinstance(value, float):
        return show_value(value)
    return value if PLAIN_NAME.match(value) and value.casefold() not in RESERVED else f'"{value}"'


def _name(name: Name) -> str:
    """As it is typed: a formula needs no back quotes."""
    return name.text if isinstance(name, Computed) else show_name(name.text)
