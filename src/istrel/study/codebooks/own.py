"""The codebook as CSV, for people and for other programs.

Columns: name, level, label, unit, decimals, values ("1 = primary | 2 = secondary"), missing ("-9 refused, 99"),
formula (what a derived variable is made from) and use ("no" for a variable that was left out, "personal" for one that tells who
a person is).
"""

from __future__ import annotations

import csv
import io
from collections.abc import Iterator

from istrel.data.codebook import Codebook, MissingCode
from istrel.data.column import show_value
from istrel.english import english
from istrel.files import harmless, unharmed
from istrel.problem import Problem
from istrel.sentence.show_formula import show_expression
from istrel.study.codebooks.by_hand import Line, cells_of, lines_of
from istrel.study.codebooks.parts import use_of
from istrel.study.codebooks.value_words import quoted, show_values

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
        missing, use = show_missing(v.missing_codes), use_of(v)
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


def lines_of_csv(text: str, names: tuple[str, ...]) -> Iterator[Line]:
    """The lines of our own form, or of any that people write.

    Raises
    ------
    Problem
        Where the text is no table, or no column of it names variables.
    """
    own = csv.DictReader(io.StringIO(text, newline=None))  # a lone CR ends a line, too
    try:
        if not {"name", "level"} <= set(own.fieldnames or ()):
            yield from lines_of(cells_of(text), names)
            return
        for row in own:
            yield own.line_num, {head: unharmed(cell) if isinstance(cell, str) else cell for head, cell in row.items()}
    except csv.Error as error:
        raise Problem(english("line {line_num} is no CSV ({error}).", line_num=own.line_num, error=error)) from None
