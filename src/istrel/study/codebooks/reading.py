"""Reading codebooks of any form: which it is, and how it is laid over the variables; every cell is checked, its line named."""

from __future__ import annotations

import re
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass, replace
from typing import Any

import msgspec

from istrel.data.answers import scale_of
from istrel.data.codebook import Codebook, ValueLabel, Variable, parse_missing
from istrel.data.formula.tree import names_in
from istrel.data.levels import Level, level_named
from istrel.data.rows import EACH_ITS_OWN, ROLES, Rows
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem
from istrel.sentence import parse_expression
from istrel.study.codebooks.by_hand import Line, tidied_values
from istrel.study.codebooks.csv_on_the_web import is_metadata, lines_of_metadata
from istrel.study.codebooks.own import HEADS, ROWS, lines_of_csv
from istrel.study.codebooks.table_schema import lines_of_package
from istrel.study.codebooks.value_words import parse_values
from istrel.study.rows import check_roles

MOST_DERIVED = 2_000


def read_codebook(text: str, name: str, base: Codebook) -> Codebook:
    """`base` with every line of the CSV laid over it; cells left empty leave what was there, formulas add variables.

    Raises
    ------
    Problem
        For a missing head, an unknown variable, level or a malformed cell, with file and line.
    """
    for line, row in _rows(text, name, base):
        with _told(name, line):
            base = _laid(base, row)
            if (row.get("formula") or "").strip() and len(base.derived) > MOST_DERIVED:
                raise Problem(
                    english(
                        "more than {most_derived:,} derived variables are not made; lay over fewer.",
                        most_derived=MOST_DERIVED,
                    )
                )
    return base


@dataclass(frozen=True)
class Matched:
    """A codebook file laid over the variables of another wave.

    Attributes
    ----------
    unknown
        Names in the file that the data do not have.
    unsaid
        Variables of the data that the file does not know.
    unfit
        Lines that could not be laid over, and why.
    """

    codebook: Codebook
    matched: int
    unknown: tuple[str, ...]
    unsaid: tuple[str, ...]
    unfit: tuple[str, ...]

    @property
    def report(self) -> str:
        """What matched and what did not, in words."""
        parts = [f"{self.matched} variables matched."]
        if self.unknown:
            parts.append(f"Not in these data: {', '.join(self.unknown)}.")
        if self.unsaid:
            parts.append(f"Not in the codebook: {', '.join(self.unsaid)}.")
        return " ".join([*parts, *self.unfit])


def match_codebook(text: str, name: str, base: Codebook, table: Table) -> Matched:
    """As `read_codebook`, but what does not fit the data is left out and reported.

    Raises
    ------
    Problem
        Where the file is no codebook at all, or a cell is malformed.
    """
    known: list[str] = []
    unknown, unfit = [], []
    for line, row in _rows(text, name, base):
        with _told(name, line):
            wanted = (row["name"] or "").strip()
            if wanted == ROWS and ROWS not in base:
                base = _with_roles_that_fit(base, row)
                continue
            if wanted not in base and not (row.get("formula") or "").strip():
                unknown.append(wanted)
                continue
            laid = _laid(base, row)
        formula = laid[wanted].formula
        lost = [n for n in names_in(formula, laid.names) if n not in laid] if formula is not None else []
        if lost:
            unfit.append(f"{wanted} cannot be made: there is no {', '.join(lost)}.")
            continue
        base = laid
        known.append(wanted)
    unsaid = tuple(n for n in table.names if n not in known)
    return Matched(base, len(known), tuple(unknown), unsaid, tuple(unfit))


def _with_roles_that_fit(base: Codebook, row: dict[str, str | None]) -> Codebook:
    """With what a row is, where these data have the variables."""
    try:
        return _laid(base, row)
    except Problem:
        return base


def lines_in(text: str, names: tuple[str, ...]) -> Iterator[Line]:
    """(line, what our own codebook would say in it), whatever form the text has.

    Raises
    ------
    Problem
        Where it is no codebook of a form that is known.
    """
    plain = text.removeprefix("\ufeff")
    start = plain.lstrip()[:1]
    if start == "<":
        from istrel.study.codebooks.ddi import lines_of_ddi

        return lines_of_ddi(plain, names)
    if start not in ("{", "["):
        return lines_of_csv(plain, names)
    said = decoded(plain)
    return lines_of_metadata(said, names) if is_metadata(said) else lines_of_package(said, names)


def decoded(text: str) -> Any:
    """What a JSON text says.

    Raises
    ------
    Problem
        Where it is none.
    """
    try:
        return msgspec.json.decode(text)
    except (msgspec.DecodeError, RecursionError):
        raise Problem(english("this is no sound JSON.")) from None


def _rows(text: str, name: str, base: Codebook) -> Iterator[Line]:
    with _told(name, 1):
        yield from lines_in(text, base.names)


@contextmanager
def _told(name: str, line: int) -> Iterator[None]:
    """Say where in the file a problem lies."""
    try:
        yield
    except Problem as problem:
        raise Problem(
            english("{name}, line {line}: {message}", name=name, line=line, message=problem.message)
        ) from None


def _laid(base: Codebook, row: dict[str, str | None]) -> Codebook:
    """The codebook with one line laid over it."""
    wanted, formula = (row["name"] or "").strip(), (row.get("formula") or "").strip()
    if wanted == ROWS and ROWS not in base:
        return replace(base, rows=_roles(row.get("values") or "", base))
    if formula and wanted and wanted not in base:
        base = base.adding(Variable(wanted, Level.CONTINUOUS, formula=parse_expression(formula)))
    elif formula and wanted in base and base[wanted].formula is None:
        raise Problem(
            english(
                "“{wanted}” is a variable of the data; a formula makes a new one and needs a name of its own.",
                wanted=wanted,
            )
        )
    line = _merge(base[wanted], row)
    if formula and line.formula is not None:
        line = replace(line, formula=parse_expression(formula))
    return base.with_variable(line)


def _roles(text: str, base: Codebook) -> Rows:
    """What a row is, as typed: "person = learner | occasion = session"."""
    found = {str(entry.value): entry.label for entry in parse_values(text)}
    for role in found:
        if role not in ROLES:
            raise Problem(
                english("“{role}” is no role of a row; the roles are {names}.", role=role, names=", ".join(ROLES))
            )
    rows = replace(EACH_ITS_OWN, **found)  # type: ignore[arg-type]  # roles are names
    check_roles(rows, base)
    return rows


def _merge(old: Variable, row: dict[str, str | None]) -> Variable:
    cell = {head: (row.get(head) or "").strip() for head in HEADS}
    use = {*re.findall(r"\w+", cell["use"].casefold())}
    labels = parse_values(_ours(cell["values"])) if cell["values"] else old.value_labels
    return replace(
        old,
        level=level_named(cell["level"]) if cell["level"] else _level_by(labels, old),
        label=cell["label"] or old.label,
        unit=cell["unit"] or old.unit,
        decimals=_decimals(cell["decimals"]) if cell["decimals"] else old.decimals,
        value_labels=labels,
        missing_codes=parse_missing(cell["missing"]) if cell["missing"] else old.missing_codes,
        in_use=not use & {"no", "0"} if use else old.in_use,
        personal="personal" in use if use else old.personal,
    )


def _level_by(labels: tuple[ValueLabel, ...], old: Variable) -> Level:
    """The level behind value labels, where none is said: numbers one after the other that all have words are categories."""
    values = sorted(entry.value for entry in labels if isinstance(entry.value, float))
    ends = len(values) < 2 or len(values) < len(labels) or values[-1] - values[0] != len(values) - 1
    if labels == old.value_labels or old.level.categorical or ends:
        return old.level
    if len(values) == 2:
        return Level.BINARY
    return Level.NOMINAL if scale_of(tuple(entry.label for entry in labels)) is None else Level.ORDINAL


def _ours(values: str) -> str:
    """Value labels as we write them; other usual forms have no bar between them."""
    ours = set(values) & set('|"') or not re.search(r"[;\n,].*[=:]", values)
    return values if ours else tidied_values(values) or values


def _decimals(word: str) -> int:
    if not (word.isascii() and word.isdigit()) or len(word) > 2 or int(word) > 15:
        raise Problem(english("decimals are a whole number from 0 to 15; “{word}” is none.", word=word))
    return int(word)
