"""What a sentence asks for, as immutable data; and a Request written back as a sentence."""

from __future__ import annotations

from dataclasses import dataclass, field, fields

from istrel.data.column import show_value
from istrel.data.formula.tree import Condition, Name, Span
from istrel.sentence.show_formula import show_condition, show_name


@dataclass(frozen=True)
class AllOf:
    """`all measured` or `all categories`."""

    family: str
    at: int = field(default=-1, compare=False)


@dataclass(frozen=True)
class Crossed:
    """One name, or several crossed by ×."""

    names: tuple[Name, ...]


Subject = AllOf | Span | Crossed


@dataclass(frozen=True)
class Settings:
    """What stands after `with`; None where the sentence does not say it and the house style decides."""

    statistics: tuple[str, ...] | None = None
    quantiles: int | None = None
    confidence: float | None = None
    total: bool | None = None
    order: str | None = None
    bins: int | None = None
    width: float | None = None
    start: float | None = None
    edges: tuple[float, ...] | None = None
    closed: str | None = None
    rule: str | None = None
    height: str | None = None
    cumulative: bool | None = None
    curve: str | None = None
    bandwidth: float | None = None
    method: str | None = None
    deletion: str | None = None
    adjust: str | None = None
    decimals: int | None = None
    top: int | None = None
    hide_below: int | None = None
    percent: str | None = None
    missing: str | None = None

    @property
    def given(self) -> tuple[str, ...]:
        """The names of the settings that were said."""
        return tuple(f.name for f in fields(self) if getattr(self, f.name) is not None)


@dataclass(frozen=True)
class Request:
    """A sentence understood.

    Attributes
    ----------
    verb
        describe, count, check or relate.
    across
        Groupings, each one name or several crossed.
    form
        None where the sentence does not say `as`: it follows from the levels of measurement.
    form_at
        Where the form's word stands, for messages.
    """

    verb: str
    subjects: tuple[Subject, ...]
    against: tuple[Name, ...] = ()
    across: tuple[Crossed, ...] = ()
    among: Condition | None = None
    form: str | None = None
    settings: Settings = Settings()
    form_at: int = field(default=-1, compare=False)


def show(request: Request) -> str:
    """The request as a sentence, in the order of the clauses; parsing it gives the same request."""
    parts = [request.verb, ", ".join(_subject(subject) for subject in request.subjects)]
    if request.against:
        parts += ["against", ", ".join(show_name(name.text) for name in request.against)]
    if request.across:
        parts += ["across", ", ".join(_subject(grouping) for grouping in request.across)]
    if request.among is not None:
        parts += ["among", show_condition(request.among)]
    if request.form:
        parts += ["as", request.form]
    if request.settings.given:
        parts += ["with", ", ".join(_setting(name, getattr(request.settings, name)) for name in request.settings.given)]
    return " ".join(parts)


def _subject(subject: Subject) -> str:
    match subject:
        case AllOf(family):
            return f"all {family}"
        case Span(first, last):
            return f"{show_name(first.text)} .. {show_name(last.text)}"
        case Crossed(names):
            return " × ".join(show_name(name.text) for name in names)


def _setting(name: str, value: object) -> str:
    if name == "statistics" and isinstance(value, tuple) and value:
        return ", ".join(value)
    if isinstance(value, bool):
        text = "yes" if value else "no"
    elif isinstance(value, tuple):
        text = "{" + ", ".join(v if isinstance(v, str) else show_value(v) for v in value) + "}"
    else:
        text = show_value(value) if isinstance(value, float) else str(value)
    return f"{name} = {text}"
