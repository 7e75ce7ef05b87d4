"""Rows that are no cases: tables that were counted already, and last rows that sum up the others or say where they come from."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.data.guess_rows import counted_by
from istrel.data.no_cases import names_again, no_cases, words_of
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.data.screening.finding import Finding, PutAside, Remedy, StandFor, listed
from istrel.data.screening.look import Look
from istrel.english import english


def find(look: Look) -> Iterator[Finding]:
    """counted_rows, weighted_rows and summary_rows."""
    data = look.data
    name = "" if data.codebook.rows.said else counted_by(data.table, data.codebook)
    if name:
        others = listed(tuple(other for other in look.names if other != name))
        says = english("{others} stand once in each combination, and {name} says how often.", others=others, name=name)
        remedy = Remedy(english("each row stands for {name} cases", name=name), StandFor(Rows(counted=name)))
        yield Finding(
            "counted_rows",
            (name,),
            english("The rows look counted already:"),
            says,
            (),
            (remedy,),
            changes_numbers=True,
        )
    weighted = EACH_ITS_OWN if data.codebook.rows.said else look.weighted
    if weighted.weight:
        drawn = tuple(f"{role} {name}" for role, name in weighted.said.items() if role != "weight")
        says = (
            english(
                "{name} looks like the weight of each row, with {drawn}.", name=weighted.weight, drawn=listed(drawn)
            )
            if drawn
            else english("{name} looks like the weight of each row.", name=weighted.weight)
        )
        remedy = Remedy(english("weight the rows by {name}", name=weighted.weight), StandFor(weighted))
        names = tuple(weighted.said.values())
        yield Finding(
            "weighted_rows", names, english("The rows may be weighted:"), says, (), (remedy,), changes_numbers=True
        )
    yield from _heads_within(look)
    rows = tuple(row + 1 for row in no_cases(data))
    if rows:
        one = len(rows) == 1
        lead = (
            english("Row {row:,} is no case:", row=rows[0]) if one else english("{n} rows are no cases:", n=len(rows))
        )
        words = " · ".join(filter(None, (words_of(data, row - 1) for row in rows[:3])))
        remedy = Remedy(english("[set it aside|set them aside]", n=len(rows)), PutAside(rows, "sums up other rows"))
        says = english("[it reads|they read] “{words}”.", n=len(rows), words=words)
        yield Finding("summary_rows", (), lead, says, rows, (remedy,), changes_numbers=True)


def _heads_within(look: Look) -> Iterator[Finding]:
    """Names that stand among the rows, as where files were put one behind the other, or where another table follows."""
    again, other = names_again(look.data)
    rows = tuple(row + 1 for row in again)
    if rows:
        lead = (
            english("Row {row:,} is no case:", row=rows[0])
            if len(rows) == 1
            else english("{n} rows are no cases:", n=len(rows))
        )
        remedy = Remedy(english("[set it aside|set them aside]", n=len(rows)), PutAside(rows, "the names once more"))
        says = english("[it holds|they hold] the names once more.", n=len(rows))
        yield Finding("summary_rows", (), lead, says, rows, (remedy,), changes_numbers=True)
    if other:
        first, last = other[0] + 1, look.data.n_rows
        names = listed(tuple(text for column in look.data.table.columns if (text := column.text_at(other[0]))))
        rows = tuple(range(first, last + 1))
        remedy = Remedy(english("set it and what follows aside"), PutAside(rows, "another table"))
        says = english("its names are {names}; {n:,} [row follows|rows follow].", names=names, n=last - first)
        lead = english("With row {row:,} another table begins:", row=first)
        yield Finding("summary_rows", (), lead, says, (first,), (remedy,), changes_numbers=True)
