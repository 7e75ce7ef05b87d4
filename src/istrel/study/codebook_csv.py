"""The codebook as CSV, for people and for other programs; reading checks every cell and names its line.

Columns: name, level, label, unit, decimals, values ("1 = primary | 2 = secondary"), missing ("-9 refused, 99").
"""

from __future__ import annotations

import csv
import io

from istrel.data.codebook import Codebook, MissingCode, ValueLabel, Variable, number_or_text, parse_missing
from istrel.data.column import show_value
from istrel.data.levels import Level
from istrel.problem import Problem, nearest

HEADS = ("name", "level", "label", "unit", "decimals", "values", "missing")


def write_codebook(codebook: Codebook) -> str:
    """The codebook as CSV text with a head row."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(HEADS)
    for v in codebook.variables:
        values = " | ".join(f"{show_value(entry.value)} = {entry.label}" for entry in v.value_labels)
        decimals = "" if v.decimals is None else v.decimals
        writer.writerow((v.name, v.level.value, v.label, v.unit, decimals, values, show_missing(v.missing_codes)))
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
    """`base` with every line of the CSV laid over it; cells left empty leave what was there.

    Raises
    ------
    Problem
        For a missing head, an unknown variable, level or a malformed cell, with file and line.
    """
    rows = csv.DictReader(io.StringIO(text.removeprefix("\ufeff")))
    if "name" not in (rows.fieldnames or ()):
        raise Problem(f"{name}, line 1: a codebook needs a column “name”; the columns are {', '.join(HEADS)}.")
    for row in rows:
        try:
            base = base.with_variable(_merge(base[(row["name"] or "").strip()], row))
        except Problem as problem:
            raise Problem(f"{name}, line {rows.line_num}: {problem.message}") from None
    return base


def _merge(old: Variable, row: dict[str, str | None]) -> Variable:
    cell = {head: (row.get(head) or "").strip() for head in HEADS}
    return Variable(
        name=old.name,
        level=_level(cell["level"]) if cell["level"] else old.level,
        label=cell["label"] or old.label,
        unit=cell["unit"] or old.unit,
        decimals=_decimals(cell["decimals"]) if cell["decimals"] else old.decimals,
        value_labels=parse_values(cell["values"]) if cell["values"] else old.value_labels,
        missing_codes=parse_missing(cell["missing"]) if cell["missing"] else old.missing_codes,
    )


def _level(word: str) -> Level:
    try:
        return Level(word.casefold())
    except ValueError:
        words = [level.value for level in Level]
        raise Problem(f"“{word}” is no level of measurement.{nearest(word, words)}") from None


def _decimals(word: str) -> int:
    if not word.isdigit() or int(word) > 15:
        raise Problem(f"decimals are a whole number from 0 to 15; “{word}” is none.")
    return int(word)


def parse_values(text: str) -> tuple[ValueLabel, ...]:
    """Value labels as typed, "1 = primary | 2 = secondary".

    Raises
    ------
    Problem
        Where a part has no equals sign or no value.
    """
    labels = []
    for part in text.split("|"):
        value, sign, label = part.partition("=")
        if not sign or not value.strip():
            raise Problem(f"value labels are written “1 = primary | 2 = secondary”; “{part.strip()}” is not.")
        labels.append(ValueLabel(number_or_text(value.strip()), label.strip()))
    return tuple(labels)
