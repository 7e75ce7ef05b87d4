"""Widths of columns and the places of decimal marks, for any way of measuring text: points in a document, pixels on screen."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass, replace

from istrel.exhibits.printing import PrintedTable, Runs, as_plain, lines_of

Measure = Callable[[str], float]


@dataclass(frozen=True)
class Column:
    """A column's width and where, from its left edge, the decimal mark of its numbers stands, or its words begin."""

    width: float
    mark: float
    words: bool = False


def split_at_mark(text: str, decimal_mark: str) -> tuple[str, str]:
    """(what stands before the decimal mark, the mark and what follows); only a first number aligns, words never."""
    if not any(character.isdigit() for character in text):
        return text, ""
    for place, character in enumerate(text):
        if character == decimal_mark and text[place + 1 : place + 2].isdigit():
            return text[:place], text[place:]
        if character in " (;" and place:
            return text[:place], text[place:]
    return text, ""


def columns(table: PrintedTable, measure: Measure, decimal_mark: str, *, gap: float, indent: float) -> list[Column]:
    """The stub and all value columns, each as wide as its content and a gap; heads that span share their need."""
    stub = max(
        [measure(as_plain(row.stub)) + indent * row.indent for row in table.rows if row.cells]
        + [0.6 * measure(as_plain(row.stub)) for row in table.rows if not row.cells]
        + [_head_width(table.heads[-1][0].text, measure)],
        default=0.0,
    )
    found = [Column(stub, 0.0)]
    for place in range(1, table.n_columns):
        texts = [row.cells[place - 1] for row in table.rows if row.cells]
        words = _of_words(texts)
        parts = [("", text) if words else split_at_mark(text, decimal_mark) for text in texts]
        before = max((measure(left) for left, _ in parts), default=0.0)
        after = max((measure(right) for _, right in parts), default=0.0)
        width = max(before + after, _head_width(table.heads[-1][place].text, measure) if _flat(table) else 0.0) + gap
        found.append(Column(width, (width - gap - before - after) / 2 + gap / 2 + before, words))
    return _widened_for_spanners(table, found, measure, gap)


def _of_words(texts: list[str]) -> bool:
    """True for a column of words, such as a reading, which stand one below the other."""
    said = [text for text in texts if any(character.isalpha() for character in text)]
    return bool(said) and not any(character.isdigit() for text in texts for character in text)


def _head_width(text: Runs, measure: Measure) -> float:
    """The widest line of a head."""
    return max(measure(as_plain(line)) for line in lines_of(text))


def _flat(table: PrintedTable) -> bool:
    return all(head.span == 1 for head in table.heads[-1])


def _widened_for_spanners(table: PrintedTable, found: list[Column], measure: Measure, gap: float) -> list[Column]:
    for row in table.heads[:-1]:
        place = 0
        for head in row:
            inside = range(place, place + head.span)
            lack = _head_width(head.text, measure) + gap - sum(found[i].width for i in inside)
            if head.text and lack > 0:
                for i in inside:
                    more = lack / head.span
                    found[i] = replace(found[i], width=found[i].width + more, mark=found[i].mark + more / 2)
            place += head.span
    return found
