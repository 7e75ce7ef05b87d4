"""The codebook as a reader would print it: an entry per variable, or per battery of items, whose phrases say what it is."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping
from dataclasses import dataclass, replace
from itertools import takewhile

from istrel.data.codebook import MissingCode, ValueLabel, Variable
from istrel.data.column import Column, Kind, show_value
from istrel.data.dataset import Dataset
from istrel.data.facts import VariableFacts
from istrel.data.levels import Level
from istrel.data.naming import is_from_name
from istrel.data.natural import in_natural_order
from istrel.english import english, written
from istrel.sentence.show_formula import PRINTED, TYPED, show_expression
from istrel.study.codebooks.own import show_missing

FEWEST_ITEMS, MOST_VALUES, MOST_UNREAD, USUAL_DECIMALS = 3, 8, 2, 2
NUMBERED = re.compile(r"^(?P<stem>.*?\D)\d+$")


@dataclass(frozen=True)
class Said:
    """A phrase of an entry.

    Attributes
    ----------
    before
        Words in front of it that are no part of it: "prints as ", "1 ".
    part
        What is changed where it stands: "label", "prints", "value", "missing", "formula", "items" (a battery is opened); or "".
    value
        For "value": the stored value whose label it is.
    edited
        The text to begin with when it is changed; None for the phrase itself.
    remark
        True for what means no answer, and for what needs a look.
    """

    text: str
    part: str = ""
    before: str = ""
    value: float | str | None = None
    edited: str | None = None
    remark: bool = False


@dataclass(frozen=True)
class Entry:
    """What the codebook says of a variable, or of items that share their values.

    Attributes
    ----------
    names
        The variables; more than one for a battery.
    title, beside
        The label, or the name where there is none; and the name.
    guessed
        Whether the label was taken from the name.
    """

    names: tuple[str, ...]
    title: Said
    beside: str
    tag: str
    says: tuple[Said, ...]
    guessed: bool = False
    in_use: bool = True

    @property
    def phrases(self) -> tuple[Said, ...]:
        """All that can be changed, in reading order."""
        return tuple(said for said in (self.title, *self.says) if said.part)

    @property
    def line(self) -> str:
        """The line under the title, in letters."""
        return " · ".join(f"{said.before}{said.text}" for said in self.says)


Before = dict[str, tuple[Variable, VariableFacts | None, Column, Entry]]


def entries_of(
    data: Dataset,
    facts: Mapping[str, VariableFacts],
    *,
    wanted: str = "",
    opened: frozenset[str] = frozenset(),
    before: Before | None = None,
) -> tuple[Entry, ...]:
    """The entries in the order of the codebook.

    Parameters
    ----------
    facts
        What is known of each variable so far.
    wanted
        Letters of names or labels; empty for all.
    opened
        First names of the batteries whose items stand one by one.
    before
        Entries made before, taken again where nothing of their variable has changed; it is kept up to date.
    """
    known = {} if before is None else before
    search = wanted.casefold()
    made: list[Entry] = []
    for run in _runs(data.codebook.variables):
        if len(run) > 1 and run[0].name not in opened and not search:
            made.append(_battery(run, facts))
            continue
        if len(run) > 1 and not search:
            made.append(_opened(run))
        found = (v for v in run if search in f"{v.name} {v.label}".casefold())
        made += [_once(v, data, facts.get(v.name), known) for v in found]
    return tuple(made)


def _once(variable: Variable, data: Dataset, facts: VariableFacts | None, known: Before) -> Entry:
    last = known.get(variable.name)
    column = data.table.column(variable.name)
    if last is None or last[0] is not variable or last[1] is not facts or last[2] is not column:
        last = variable, facts, column, _entry(variable, data, facts)
        known[variable.name] = last
    return last[3]


def asked(entry: Entry) -> Entry:
    """The entry with a place to say what means no answer, for the variable at hand."""
    if not entry.tag or any(said.part == "missing" for said in entry.says):
        return entry
    return replace(entry, says=(*entry.says, Said(english("what means no answer?"), part="missing", edited="")))


def _runs(variables: tuple[Variable, ...]) -> Iterator[list[Variable]]:
    """Items that follow one another, or single variables."""
    run: list[Variable] = []
    for variable in variables:
        if run and not _belongs(variable, run[-1]):
            yield from [run] if len(run) >= FEWEST_ITEMS else [[one] for one in run]
            run = []
        run.append(variable)
    yield from [run] if len(run) >= FEWEST_ITEMS else [[one] for one in run]


def _belongs(variable: Variable, before: Variable) -> bool:
    """Whether two variables are items of one battery: numbered names, one level, one scale."""
    stems = NUMBERED.match(variable.name), NUMBERED.match(before.name)
    return (
        all(stem is not None for stem in stems)
        and len({stem["stem"] for stem in stems if stem is not None}) == 1
        and variable.level.categorical
        and (variable.level, variable.value_labels, variable.in_use, variable.personal)
        == (before.level, before.value_labels, before.in_use, before.personal)
    )


def _battery(run: list[Variable], facts: Mapping[str, VariableFacts]) -> Entry:
    """Items said once for all."""
    first, last = run[0], run[-1]
    known = [facts[v.name] for v in run if v.name in facts]
    said = [Said(english("{n} items", n=len(run))), *_values(first, facts.get(first.name), short=True)]
    if not first.value_labels and known and all(isinstance(f.minimum, float) for f in known):
        low, high = (end(float(f.minimum if end is min else f.maximum) for f in known) for end in (min, max))  # type: ignore[arg-type]
        said.append(Said(english("from {low} to {high}", low=_number(low), high=_number(high))))
    codes = {code: None for v in run for code in v.missing_codes}
    said += _codes(tuple(codes))
    said.append(Said(english("open the {n}", n=len(run)), part="items"))
    title = Said(_stem_title(run), part="items")
    return Entry(
        tuple(v.name for v in run),
        title,
        english("{first} to {last}", first=first.name, last=last.name),
        first.level.tag,
        tuple(said),
    )


def _opened(run: list[Variable]) -> Entry:
    """The heading over items that stand one by one."""
    names = tuple(v.name for v in run)
    close = Said(english("fold the {n}", n=len(run)), part="items")
    return Entry(
        names,
        Said(_stem_title(run), part="items"),
        english("{first} to {last}", first=names[0], last=names[-1]),
        "",
        (close,),
    )


def _stem_title(run: list[Variable]) -> str:
    shared = takewhile(lambda letters: len(set(letters)) == 1, zip(*(v.label for v in run), strict=False))
    common = "".join(letters[0] for letters in shared).rstrip(" 0123456789:.,-–")
    stem = NUMBERED.match(run[0].name)
    assert stem is not None
    spoken = stem["stem"].strip("_. ").replace("_", " ")
    return common if len(common) > 3 else english("{name} items", name=f"{spoken[:1].upper()}{spoken[1:]}")


def _entry(variable: Variable, data: Dataset, facts: VariableFacts | None) -> Entry:
    title = Said(variable.title, part="label", edited=variable.label)
    beside = variable.name if variable.label else ""
    said: list[Said] = []
    if variable.formula is not None:
        shown, typed = (show_expression(variable.formula, hand=hand) for hand in (PRINTED, TYPED))
        said.append(Said(shown, part="formula", edited=typed))
    said += [one for one in _values(variable, facts) if not (one.remark and variable.name == data.codebook.rows.person)]
    said += _codes(variable.missing_codes) + _unread(variable, data)
    if not variable.in_use:
        said.append(Said(english("left out"), remark=True))
    if variable.personal:
        said.append(Said(english("personal"), remark=True))
    return Entry(
        (variable.name,), title, beside, variable.level.tag, tuple(said), is_from_name(variable), variable.in_use
    )


def _values(variable: Variable, facts: VariableFacts | None, *, short: bool = False) -> list[Said]:
    """What values it has and how they print."""
    level = variable.level
    if variable.value_labels:
        labelled = variable.value_labels
        ends = (labelled[0], labelled[-1]) if short and len(labelled) > 2 else labelled[:MOST_VALUES]
        said = [_labelled(entry) for entry in ends]
        if short and len(said) == 2:
            said[1] = replace(said[1], before=english("to {value}", value=said[1].before))
        return [
            *said,
            *(
                [Said(english("and {n:,} more", n=len(labelled) - len(ends)))]
                if len(labelled) > MOST_VALUES and not short
                else []
            ),
        ]
    if facts is None:
        return []
    if level.measured:
        return _measured(variable, facts)
    if level in (Level.IDENTIFIER, Level.TEXT):
        twice = facts.valid - facts.distinct
        different = (
            english("{n:,} different [value|values]", n=facts.distinct)
            if level is Level.IDENTIFIER
            else english("{n:,} different [text|texts]", n=facts.distinct)
        )
        said = [Said(different)]
        return (
            [*said, Said(english("{n:,} [stands|stand] more than once", n=twice), remark=True)]
            if twice and level is Level.IDENTIFIER
            else said
        )
    if level is Level.DATE:
        return (
            [Said(english("from {low} to {high}", low=facts.minimum, high=facts.maximum))]
            if facts.minimum is not None
            else []
        )
    words = [str(text).strip() for text in in_natural_order(text for text, _ in facts.most_frequent)]
    if not words or short:
        return []
    more = facts.distinct - len(words)
    return [
        Said(english("{names} and {more:,} more", names=", ".join(words), more=more) if more > 0 else ", ".join(words))
    ]


def _labelled(entry: ValueLabel) -> Said:
    shown = show_value(entry.value).replace("-", "−") if not isinstance(entry.value, str) else entry.value
    before = "" if shown == entry.label else f"{shown} "
    return Said(entry.label, part="value", before=before, value=entry.value)


def _measured(variable: Variable, facts: VariableFacts) -> list[Said]:
    if (
        not isinstance(facts.mean, float)
        or not isinstance(facts.minimum, float)
        or not isinstance(facts.maximum, float)
    ):
        return [Said(english("no values"), remark=True)] if not facts.valid else []
    decimals = USUAL_DECIMALS if variable.decimals is None else variable.decimals
    mean = f"{facts.mean:.0f}" if facts.years else f"{facts.mean:,.{decimals}f}"
    shown = f"{mean.replace('-', '−')} {variable.unit}".strip()
    ends = (_number(end, years=facts.years) for end in (facts.minimum, facts.maximum))
    return [
        Said(shown, part="prints", before=english("prints as ")),
        Said(english("from {low} to {high}", low=next(ends), high=next(ends))),
    ]


def _number(value: float, *, years: bool = False) -> str:
    return written(value, ".0f" if years else ",.6g")


def _codes(codes: tuple[MissingCode, ...]) -> list[Said]:
    typed = show_missing(codes)
    return [
        Said(
            f"{_code(code)} {code.reason}" if code.reason else english("{code} no answer", code=_code(code)),
            part="missing",
            edited=typed,
            remark=True,
        )
        for code in codes
    ]


def _code(code: MissingCode) -> str:
    return f"“{code.value}”" if isinstance(code.value, str) else show_value(code.value).replace("-", "−")


def _unread(variable: Variable, data: Dataset) -> list[Said]:
    """What stands among numbers or dates and is none."""
    column = data.table.column(variable.name)
    known = {code.value for code in variable.missing_codes}
    if column.kind is Kind.TEXT or not column.unread.texts:
        return []
    words = [word for word in dict.fromkeys(column.unread.texts) if word not in known]
    shown = ", ".join(f"“{word}”" for word in words[:MOST_UNREAD])
    if len(words) > MOST_UNREAD:
        return [Said(english("{words} and {n} more not read", words=shown, n=len(words) - MOST_UNREAD), remark=True)]
    return [Said(english("{words} not read", words=shown), remark=True)] if words else []
