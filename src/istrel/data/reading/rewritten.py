"""Text whose lines must be written anew before a delimiter cuts them: fixed columns, bars around lines, odd quotes."""

from __future__ import annotations

import csv
import io
import re
from collections.abc import Callable
from functools import partial
from typing import NamedTuple

from istrel.data.reading import fixed_width

SAMPLE, FEWEST_LINES = 200, 3
FEWEST_BELOW_TITLES = 3  # columns: lines of two words below one are names
MOST_ABOVE = 3  # lines above fixed columns that may be titles
DELIMITERS = ",;\t|"
RULE = re.compile(r"^\s*[|+][\s|:+=-]+[|+]\s*$")  # a line of dashes between names and rows
SPACED = re.compile(r"\s+\"[^\"]*\"\s*$")  # what is quoted, behind a space
AROUND = re.compile(r"^\s*\|.*\|\s*$")


class Form(NamedTuple):
    """What it is called, how a line is cut (into no fields where it holds none), and how many lines above are a title."""

    words: str
    cut: Callable[[str], list[str]]
    above: int = 0


def form_of(lines: list[str], delimiter: str) -> Form | None:
    """The form of a text by its first lines; None where a delimiter cuts them as they are."""
    filled = [line for line in lines[:SAMPLE] if line.strip()]
    if len(filled) >= FEWEST_LINES and all(AROUND.match(line) or RULE.match(line) for line in filled):
        return Form("bars around each line", _between_bars)
    for sign in DELIMITERS:
        if filled and re.match(rf"^'[^']*'({re.escape(sign)}'[^']*')+\s*$", filled[0]):
            return Form("single quotes", partial(_single_quoted, delimiter=sign))
    if len(filled) >= FEWEST_LINES and _are_spaced(filled, delimiter):
        return Form("spaces beside quotes", partial(_spaced, delimiter=delimiter))
    if any(sign in line for line in lines for sign in (delimiter, '"')):
        return None
    for above in range(MOST_ABOVE + 1):
        edges = fixed_width.edges_of(lines[above:])
        if edges is not None and (not above or len(fixed_width.cut(lines[above], edges)) >= FEWEST_BELOW_TITLES):
            return Form("columns of fixed width", partial(fixed_width.cut, edges=edges), above)
    return None


def with_tabs(line: str, form: Form) -> str:
    """The line as fields between tabs, "" where it has none."""
    fields = form.cut(line)
    if not fields:
        return ""
    out = io.StringIO()
    csv.writer(out, delimiter="\t", lineterminator="\n").writerow(fields)
    return out.getvalue()


def _between_bars(line: str) -> list[str]:
    if RULE.match(line) or not line.strip():
        return []
    return [field.strip() for field in line.strip().strip("|").split("|")]


def _are_spaced(lines: list[str], delimiter: str) -> bool:
    """Whether quotes stand behind spaces in at least half of the lines, where a reader of delimited text sees none."""
    spaced = (any(SPACED.match(field) for field in _fields(line, delimiter)) for line in lines)
    return 2 * sum(spaced) >= len(lines)


def _fields(line: str, delimiter: str) -> list[str]:
    try:
        return next(csv.reader([line.rstrip("\r\n")], delimiter=delimiter), [])
    except csv.Error:  # a field beyond all size
        return []


def _spaced(line: str, delimiter: str) -> list[str]:
    made = next(csv.reader([line.strip()], delimiter=delimiter, skipinitialspace=True), [])
    return [field.strip() for field in made]


def _single_quoted(line: str, delimiter: str) -> list[str]:
    return next(csv.reader([line.rstrip("\r\n")], delimiter=delimiter, quotechar="'"), [])
