"""Text in columns of fixed width, or apart by runs of spaces: rewritten with tabs between the columns."""

from __future__ import annotations

import re
from collections import Counter

FEWEST_LINES, SAMPLE, STEADY = 3, 200, 0.95
RUNS = re.compile(r" {2,}|\t")
Edges = tuple[int, ...]


def edges_of(lines: list[str]) -> Edges | None:
    """Where columns begin that stand at the same places in all lines; () where runs of spaces cut them evenly; None for neither."""
    plain = [line.rstrip("\r\n").expandtabs() for line in lines[:SAMPLE] if line.strip()]
    if len(plain) < FEWEST_LINES:
        return None
    widths = Counter(len(RUNS.split(line.strip())) for line in plain)
    width, often = widths.most_common(1)[0]
    if width > 1 and often >= STEADY * len(plain) and len(RUNS.split(plain[0].strip())) == width:
        return ()
    longest = max(map(len, plain))
    blank = [all(place >= len(line) or line[place] == " " for line in plain) for place in range(longest)]
    begins = tuple(place for place in range(longest) if not blank[place] and (place == 0 or blank[place - 1]))
    filled = sum(bool(line[begin : begin + 1].strip()) for line in plain for begin in begins)
    named = all(
        cut(plain[0], begins)
    )  # every column has something in the first line: names of two words make no columns
    fields = zip(*(cut(line, begins) for line in plain[1:]), strict=True)
    below = all(map(any, fields))  # somewhere in the column: numbers may stand to the right
    enough = named and below and filled >= len(plain) * len(begins) / 3
    return begins if len(begins) > 1 and enough else None


def cut(line: str, edges: Edges) -> list[str]:
    """The fields of a line."""
    plain = line.rstrip("\r\n").expandtabs()
    if not edges:
        return [part.strip() for part in RUNS.split(plain.strip())]
    return [plain[start:end].strip() for start, end in zip(edges, [*edges[1:], None], strict=True)]
