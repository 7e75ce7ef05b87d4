"""Cells that hold two numbers, such as 136/80 or 1.2 ± 0.3: left as text, and parted with a click."""

from __future__ import annotations

import re
from collections.abc import Iterator

import pyarrow as pa

from istrel.data.column import Kind
from istrel.data.formula.tree import Call, Literal, Name
from istrel.data.reading.numbers import SAMPLE, two_in_a_cell
from istrel.data.screening.finding import Finding
from istrel.data.screening.look import Look
from istrel.english import english

DIGIT = re.compile(r"\d")


def find(look: Look) -> Iterator[Finding]:
    """two_numbers."""
    for name in look.of_kind(Kind.TEXT):
        first = look.data.table.column(name).words[:SAMPLE]
        if not any(map(DIGIT.search, first)):
            continue
        if not (two := two_in_a_cell(pa.array(first, pa.string()))):
            continue
        offered = (
            look.offer(english("derive the first number"), f"{name}_1", _number(name, 1)),
            look.offer(english("derive the second"), f"{name}_2", _number(name, 2)),
        )
        remedies = tuple(remedy for remedies in offered for remedy in remedies or ())
        if remedies:
            says = english("holds two numbers in a cell (“{two}”), so it was left as text.", two=two)
            yield Finding("two_numbers", (name,), name, says, (), remedies)


def _number(name: str, which: int) -> Call:
    return Call("number", (Name(name), Literal(float(which))))
