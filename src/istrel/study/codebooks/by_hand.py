"""Codebooks that somebody wrote by hand, as text or workbook, in any reasonable words: turned into the lines of our own."""

from __future__ import annotations

import csv
import io
import re
from collections.abc import Iterator, Sequence
from functools import cache
from pathlib import Path

import msgspec

from istrel.data.reading.sniff import find_delimiter
from istrel.english import english
from istrel.files import read_small
from istrel.problem import Problem
from istrel.study.codebooks.value_words import quoted

Row = dict[str, str | None]
Line = tuple[int, Row]
WORKBOOKS = (".xlsx", ".ods")
WORDS = Path(__file__).parents[2] / "data" / "words" / "codebooks.toml"
PAIR = re.compile(r"^\s*(?P<value>\"[^\"]*\"|[^=:]+?)\s*[=:]\s*(?P<label>.+?)\s*$", re.DOTALL)
NUMBERED = re.compile(r"^\s*\(?(?P<value>-?\d+)\s*[).\-–]?\s+(?P<label>\D.*?)\s*$", re.DOTALL)
RANGE = re.compile(r"^\s*[\[(]?\s*-?[\d.,]+\s*(?:-|–|to|bis|à|a|\.\.|,|;)+\s*-?[\d.,]+\s*[\])]?\s*$")
PARTS = re.compile(r"\s*[;|\n]\s*|\s*,\s*(?=\(?-?\w+\)?\s*[=:])|\s*,\s*(?=\(?-?\d+\)?[).]?\s+\D)")


def plain(word: str) -> str:
    """A head or level without case, spaces and signs."""
    return re.sub(r"[\W_]+", "", word.casefold())


@cache
def words_for(what: str) -> dict[str, str]:
    """{word for a head or a level, as `plain` gives it: what we call it}; `what` is "heads" or "levels"."""
    said = msgspec.toml.decode(WORDS.read_bytes())[what]
    return {plain(word): ours for ours, words in said.items() for word in words}


def cells_of(text: str) -> list[list[str]]:
    """The cells of a codebook in text, whatever cuts them.

    Raises
    ------
    Problem
        Where the text is no table.
    """
    lines = list(io.StringIO(text.removeprefix("\ufeff"), newline=""))
    try:
        return list(csv.reader(lines, delimiter=find_delimiter(lines)))
    except csv.Error as error:
        raise Problem(english("this is no table ({error}).", error=error)) from None


def text_of(path: Path) -> str:
    """The text of a codebook file; the cells of a workbook as delimited text.

    Raises
    ------
    Problem
        As `read` and `read_small`.
    """
    ending = path.suffix.lower()
    if ending not in WORKBOOKS:
        return read_small(path, english("the codebook"), marked_up=ending == ".xml")
    from istrel.data.reading import read

    table, out = read(path), io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(table.names)
    writer.writerows([column.text_at(row) for column in table.columns] for row in range(table.n_rows))
    return out.getvalue()


def lines_of(cells: Sequence[Sequence[str]], names: Sequence[str]) -> Iterator[Line]:
    """(line, what our own codebook would say in it) of every variable, its names as the data write them.

    Parameters
    ----------
    cells
        The head row, and a row for each variable or for each of its values.
    names
        The variables of the data.

    Raises
    ------
    Problem
        Where no head names the variables.
    """
    heads = [words_for("heads").get(plain(cell), "") for cell in (cells[0] if cells else ())]
    if "name" not in heads:
        there = ", ".join(cells[0][:9]) if cells else "none"
        raise Problem(
            english(
                "a codebook needs a column “name” (or “variable”, “field”, …); its columns are {there}.", there=there
            )
        )
    if heads.count("label") > 1 and "meaning" not in heads:
        heads = _second_label(heads)
    found: dict[str, tuple[int, Row, list[tuple[str, str]]]] = {}
    named, known = "", {plain(name): name for name in names}
    for number, row in enumerate(cells[1:], start=2):
        cell = {head: text.strip() for head, text in zip(heads, row, strict=False) if head and text.strip()}
        named = cell.get("name", named)
        if not named:
            continue
        name = named if named in names else known.get(plain(named), named)
        line = found.setdefault(name, (number, {"name": name}, []))
        if "value" in cell:
            line[2].append((cell.pop("value"), cell.pop("meaning", "")))
        for head, text in cell.items():
            line[1].setdefault(head, text)
    for number, said, pairs in found.values():
        yield number, _as_ours(said, pairs)


def _second_label(heads: list[str]) -> list[str]:
    """Of two columns of labels the one behind the values is theirs."""
    last = len(heads) - 1 - heads[::-1].index("label")
    behind = "value" in heads and heads.index("value") < last
    return [("meaning" if place == last and behind else head) for place, head in enumerate(heads)]


def _as_ours(said: Row, pairs: list[tuple[str, str]]) -> Row:
    level = said.get("level") or ""
    said = {**said, "level": words_for("levels").get(plain(level), level)}
    if pairs:
        said["values"] = " | ".join(f"{quoted(value)} = {quoted(label or value)}" for value, label in pairs)
    elif said.get("values"):
        said["values"] = tidied_values(said["values"] or "")
    return said


def tidied_values(text: str) -> str:
    """Value labels in any usual form (“0=No; 1=Yes”, “0: No, 1: Yes”, “1 No / 2 Yes”) as ours are written; others as they are."""
    parts = [part for part in PARTS.split(text) if part.strip()]
    found = [PAIR.match(part) or NUMBERED.match(part) for part in parts]
    pairs = [(match["value"].strip(' "'), match["label"]) for match in found if match]
    if len(pairs) < len(parts) or not pairs:
        return "" if RANGE.match(text) else text  # what may be, without words for it
    return " | ".join(f"{quoted(value)} = {quoted(label)}" for value, label in pairs)
