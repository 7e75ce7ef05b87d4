"""What an entry of the vocabulary is: verbs, forms, statistics, tests and settings as data, each with its plain meaning."""

from __future__ import annotations

from dataclasses import dataclass
from typing import Any

from istrel.english import english
from istrel.sentence.vocabulary.takes import Takes
from istrel.style.numbers import Kind

DISTRIBUTION = "distribution_of"
AGAINST, LIST, GROUPS, SHARED = "against", "list", "groups", "shared"


@dataclass(frozen=True)
class Verb:
    """A verb; `forms` are the words after `as` that it knows, the usual one first, `clauses` those that not every verb has."""

    name: str
    meaning: str
    forms: tuple[str, ...]
    clauses: tuple[str, ...] = ()


@dataclass(frozen=True)
class Form:
    """A word after `as`: `drawn` is True for a figure, `case_by_case` for one that shows every case, or accounts for it, `norm`
    for one that draws a norm, `together` for one that draws columns of one unit on one axis, `counted` for one that is
    made of how often values occur; `title` is the phrase for what it shows of the variables described.
    """

    name: str
    meaning: str
    drawn: bool = True
    case_by_case: bool = False
    norm: bool = False
    together: bool = False
    counted: bool = False
    title: str = DISTRIBUTION


@dataclass(frozen=True)
class Statistic:
    """A statistic of `describe`, or a short word for several.

    Attributes
    ----------
    words
        Its name on a button; empty for one that is only typed.
    kind
        What kind of number it is.
    recorded
        "values" where whole-number data give whole numbers (a maximum), "between" where they may lie half way (a
        median), else empty.
    of
        The statistics that a short word stands for.
    short
        The phrase by which the note under a table explains its head, where that is an abbreviation.
    defined
        The phrase that says in the methods text how it is defined; “kind” is that of quantiles, “share” what is trimmed.
    dates
        True where it makes sense of dates.
    cases
        True where it is a list of values with their cases.
    means
        True where it comes from means: whoever asks for it compares means.
    spreads
        True where it says how far the values lie apart, or a mean may be off.
    of_order
        True where it is one of the values by its place in their order.
    """

    name: str
    meaning: str
    words: str = ""
    kind: Kind = Kind.MEASURE
    recorded: str = ""
    of: tuple[str, ...] = ()
    short: str = ""
    defined: str = ""
    dates: bool = False
    cases: bool = False
    means: bool = False
    spreads: bool = False
    of_order: bool = False

    @property
    def ranks(self) -> bool:
        """Whether it comes from the order of the values."""
        return self.recorded == "between" or self.of_order

    @property
    def head(self) -> str:
        """The phrase at the head of its column."""
        return f"head_{self.name}"


@dataclass(frozen=True)
class Test:
    """A test of `check`; `source` is the reference of its p."""

    __test__ = False  # no test of the test runner

    name: str
    words: str
    meaning: str
    source: str

    @property
    def symbol(self) -> str:
        """The phrase for its statistic."""
        return f"symbol_{self.name}"

    @property
    def title(self) -> str:
        """The phrase at the head of its columns."""
        return f"test_{self.name}"

    @property
    def defined(self) -> str:
        """The phrase that names it in the methods text."""
        return f"defined_{self.name}"


@dataclass(frozen=True)
class Belongs:
    """Where a setting means something: a verb, some of its forms (all, if none is named), and what must be said besides.

    Attributes
    ----------
    only
        AGAINST: only with `against`; LIST: only without it; GROUPS: only with `across`; SHARED: with it, or of several
        variables; empty: always.
    """

    verb: str
    forms: tuple[str, ...] = ()
    only: str = ""

    def fits(self, verb: str, form: str, *, against: bool, groups: bool, several: bool) -> bool:
        """Whether a sentence of this verb and form, with these clauses, can have the setting."""
        shared = groups or several
        said = {AGAINST: against, LIST: not against, GROUPS: groups, SHARED: shared, "": True}[self.only]
        return verb == self.verb and (not self.forms or form in self.forms) and said

    @property
    def words(self) -> str:
        """The place in plain words."""
        if self.only == AGAINST:
            return english("a cross-table (count … against …)")
        if self.only == LIST:
            return english("frequencies (count without against)")
        forms = f"{self.verb} as {' / '.join(self.forms)}" if self.forms else self.verb
        if self.only == GROUPS:
            return english("{forms} across groups", forms=forms)
        return english("{forms} across groups or of several variables", forms=forms) if self.only == SHARED else forms


@dataclass(frozen=True)
class Need:
    """What a setting needs beside it in some place: another setting with one of some values."""

    place: Belongs
    setting: str
    values: tuple[Any, ...]


@dataclass(frozen=True)
class Setting:
    """A word after `with` that takes a value.

    Attributes
    ----------
    words
        Its name in the column of settings.
    usual
        What holds where the sentence does not say it; None where verb, data or house style decide.
    belongs
        The places where it means something; anywhere else it is refused.
    excludes
        Settings that are taken out of the sentence when this one is chosen by a click.
    needs
        What must be said beside it, where it would mean nothing otherwise.
    options
        (value, the places where it means something) of values that do not fit wherever the setting does.
    not_weighted
        Of which of its values there is no meaning where a sample is weighted; `...` for all.
    of_values
        Whether it is about values, of which a case has one: it means nothing where a case can give several answers.
    unasked
        (place, why) where it need not be asked for, because it is shown anyway.
    usually
        (form, what holds there where the sentence does not say it) in words; "" for any form.
    """

    name: str
    words: str
    meaning: str
    takes: Takes
    belongs: tuple[Belongs, ...]
    usual: Any = None
    excludes: tuple[str, ...] = ()
    usually: tuple[tuple[str, str], ...] = ()
    needs: tuple[Need, ...] = ()
    options: tuple[tuple[Any, tuple[Belongs, ...]], ...] = ()
    unasked: tuple[tuple[Belongs, str], ...] = ()
    not_weighted: tuple[Any, ...] = ()
    of_values: bool = False

    @property
    def needs_groups(self) -> bool:
        return all(place.only == GROUPS for place in self.belongs)

    def usual_words(self, form: str) -> str:
        """What holds in a form where the sentence does not say it."""
        said = dict(self.usually)
        return said.get(form) or said.get("") or "usual"
