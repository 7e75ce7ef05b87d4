"""The codebook as CSV, for people and for other programs; reading checks every cell and names its line.

Columns: name, level, label, unit, decimals, values ("1 = primary | 2 = secondary"), missing ("-9 refused, 99"),
formula (what a derived variable is made from) and use ("no" for a variable that was left out).
"""

from __future__ import annotations

import csv
import io
import re
from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass, replace

from istrel.data.codebook import Codebook, MissingCode, Variable, parse_missing
from istrel.data.column import show_value
from istrel.data.formula.tree import names_in
from istrel.data.levels import Level
from istrel.data.rows import EACH_ITS_OWN, ROLES, Rows
from istrel.data.table import Table
from istrel.files import harmless, unharmed
from istrel.problem import Problem, nearest
from istrel.sentence import parse_expression
from istrel.sentence.show_formula import show_expression
from istrel.study.codebook_by_hand import Line, cells_of, lines_of, tidied_values
from istrel.study.rows import check_roles
from istrel.study.table_schema import lines_of_package
from istrel.study.value_words import parse_values, quoted, show_values

MOST_DERIVED = 2_000
ROWS = "rows"  # the line that says what a row is
HEADS = ("name", "level", "label", "unit", "decimals", "values", "missing", "formula", "use")


def write_codebook(codebook: Codebook) -> str:
    """The codebook as CSV text with a head row."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(HEADS)
    for v in codebook.variables:
        values = show_values(v.value_labels)
        decimals = "" if v.decimals is None else v.decimals
        formula = "" if v.formula is None else show_expression(v.formula)
        missing, use = show_missing(v.missing_codes), "" if v.in_use else "no"
        cells = (v.name, v.level.value, v.label, v.unit, decimals, values, missing, formula, use)
        writer.writerow([harmless(str(cell)) for cell in cells])
    if codebook.rows.said and ROWS not in codebook:
        roles = " | ".join(f"{role} = {quoted(name)}" for role, name in codebook.rows.said.items())
        writer.writerow([roles if head == "values" else ROWS if head == "name" else "" for head in HEADS])
    return out.getvalue()


def show_missing(codes: tuple[MissingCode, ...]) -> str:
    """Missing codes as they are typed: "-9 refused, 99"."""
    parts = []
    for code in codes:
        value = show_value(code.value)
        quoted = f'"{value}"' if " " in value or "," in value else value
        parts.append(f"{quoted} {code.reason}".rstrip())
    return ", ".join(parts)


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
                raise Problem(f"more than {MOST_DERIVED:,} derived variables are not made; lay over fewer.")
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


def _rows(text: str, name: str, base: Codebook) -> Iterator[Line]:
    """The lines of our own form, or of any that people write."""
    plain = text.removeprefix("\ufeff")
    if plain.lstrip().startswith(("{", "[")):
        with _told(name, 1):
            yield from lines_of_package(plain, base.names)
        return
    own = csv.DictReader(io.StringIO(plain, newline=None))  # a lone CR ends a line, too
    try:
        if not {"name", "level"} <= set(own.fieldnames or ()):
            with _told(name, 1):
                yield from lines_of(cells_of(plain), base.names)
            return
        for row in own:
            yield own.line_num, {head: unharmed(cell) if isinstance(cell, str) else cell for head, cell in row.items()}
    except csv.Error as error:
        raise Problem(f"{name}, line {own.line_num}: this is no CSV ({error}).") from None


@contextmanager
def _told(name: str, line: int) -> Iterator[None]:
    """Say where in the file a problem lies."""
    try:
        yield
    except Problem as problem:
        raise Problem(f"{name}, line {line}: {problem.message}") from None


def _laid(base: Codebook, row: dict[str, str | None]) -> Codebook:
    """The codebook with one line laid over it."""
    wanted, formula = (row["name"] or "").strip(), (row.get("formula") or "").strip()
    if wanted == ROWS and ROWS not in base:
        return replace(base, rows=_roles(row.get("values") or "", base))
    if formula and wanted and wanted not in base:
        base = base.adding(Variable(wanted, Level.CONTINUOUS, formula=parse_expression(formula)))
    elif formula and wanted in base and base[wanted].formula is None:
        raise Problem(f"“{wanted}” is a variable of the data; a formula makes a new one and needs a name of its own.")
    line = _merge(base[wanted], row)
    if formula and line.formula is not None:
        line = replace(line, formula=parse_expression(formula))
    return base.with_variable(line)


def _roles(text: str, base: Codebook) -> Rows:
    """What a row is, as typed: "person = learner | occasion = session"."""
    found = {str(entry.value): entry.label for entry in parse_values(text)}
    for role in found:
        if role not in ROLES:
            raise Problem(f"“{role}” is no role of a row; the roles are {', '.join(ROLES)}.")
    rows = replace(EACH_ITS_OWN, **found)  # type: ignore[arg-type]  # roles are names
    check_roles(rows, base)
    return rows


def _merge(old: Variable, row: dict[str, str | None]) -> Variable:
    cell = {head: (row.get(head) or "").strip() for head in HEADS}
    return replace(
        old,
        level=_level(cell["level"]) if cell["level"] else old.level,
        label=cell["label"] or old.label,
        unit=cell["unit"] or old.unit,
        decimals=_decimals(cell["decimals"]) if cell["decimals"] else old.decimals,
        value_labels=parse_values(_ours(cell["values"])) if cell["values"] else old.value_labels,
        missing_codes=parse_missing(cell["missing"]) if cell["missing"] else old.missing_codes,
        in_use=cell["use"].casefold() not in ("no", "0") if cell["use"] else old.in_use,
    )


def _ours(values: str) -> str:
    """Value labels as we write them; other usual forms have no bar between them."""
    return values if "|" in values or not re.search(r"[;\n,].*[=:]", values) else tidied_values(values) or values


def _level(word: str) -> Level:
    try:
        return Level(word.casefold())
    except ValueError:
        words = [level.value for level in Level]
        raise Problem(f"“{word}” is no level of measurement.{nearest(word, words)}") from None


def _decimals(word: str) -> int:
    if not (word.isascii() and word.isdigit()) or len(word) > 2 or int(word) > 15:
        raise Problem(f"decimals are a whole number from 0 to 15; “{word}” is none.")
    return int(word)
