"""Variables that say the same thing twice."""

from __future__ import annotations

import hashlib
from collections import defaultdict
from collections.abc import Iterator

import numpy as np
from numpy.typing import NDArray

from istrel.data.limits import NEAR_COPY
from istrel.data.screening.finding import Finding, Omit, Remedy, shown
from istrel.data.screening.look import Look
from istrel.english import english
from istrel.stats.correlation import pearson
from istrel.stats.moderate import moderate

FEWEST = 20
MOST_ROWS = 50_000
MOST_VARIABLES = 600


def find(look: Look) -> Iterator[Finding]:
    """near_copy, of measures and of categories."""
    yield from _measures(look)
    yield from _categories(look)


def _measures(look: Look) -> Iterator[Finding]:
    names = [name for name in look.measured if look.data.tally(name)[0].size > 2][:MOST_VARIABLES]
    if len(names) < 2:
        return
    step = max(1, look.data.n_rows // MOST_ROWS)
    x = np.column_stack([look.data.numbers(name).values[::step] for name in names])
    valid = np.column_stack([look.usable(name)[::step] for name in names])
    found = pearson(np.where(valid, x, 0.0), valid)
    strong = (np.abs(np.nan_to_num(found.coefficient)) >= NEAR_COPY) & (found.n >= FEWEST)
    told: set[int] = set()
    for a, b in zip(*np.nonzero(np.triu(strong, 1)), strict=True):
        if int(b) in told:
            continue
        told.add(int(b))
        look.copies.add(names[b])
        both = valid[:, a] & valid[:, b]
        r = float(found.coefficient[a, b])
        yield _copy(names[a], names[b], _relation(x[both, a], x[both, b], names[a], r))


def _relation(a: NDArray[np.float64], b: NDArray[np.float64], name: str, r: float) -> str:
    if np.array_equal(a, b):
        return english("is the same as {name}.", name=name)
    a, b = moderate(a)[0], moderate(b)[0]
    slope = float(np.dot(a - a.mean(), b - b.mean()) / np.dot(a - a.mean(), a - a.mean()))
    if np.allclose(b, slope * a, rtol=1e-9, atol=1e-9 * np.abs(b).max()):
        factor = float(f"{slope:.6g}")
        return english("is {name} times {factor} (r = {r}).", name=name, factor=shown(factor), r=f"{'−' * (r < 0)}1.00")
    return english(
        "says almost the same as {name} (r = {r}).", name=name, r=shown(np.floor(abs(r) * 1000) / 1000 * np.sign(r))
    )


def _copy(name: str, other: str, says: str) -> Finding:
    return Finding(
        "near_copy", (name, other), other, says, (), (Remedy(english("leave out {name}", name=other), Omit((other,))),)
    )


def _categories(look: Look) -> Iterator[Finding]:
    """Categories that part the cases in the same way, whatever their values are called."""
    sizes: dict[bytes, list[str]] = defaultdict(list)
    for name in look.names:
        counts = look.data.tally(name)[1]
        if look.level(name).categorical and 3 <= counts.size <= 1000:
            sizes[np.sort(counts).tobytes()].append(name)
    alike: dict[tuple[int, bytes], list[str]] = defaultdict(list)
    for name in (name for names in sizes.values() if len(names) > 1 for name in names):
        codes = look.data.categories(name).codes + 1  # 0 where there is none
        first = np.full(int(codes.max()) + 1, codes.size)
        first[codes[::-1]] = np.arange(codes.size)[::-1]  # the first of each is written last
        order = np.argsort(np.argsort(first)).astype(np.int32)  # by their first case; those of none come last
        renumbered = order[codes]
        alike[int((first < codes.size).sum()), hashlib.blake2b(renumbered.tobytes(), digest_size=16).digest()].append(
            name
        )
    for names in alike.values():
        for other in names[1:]:
            yield _copy(names[0], other, english("parts the cases exactly as {name} does.", name=names[0]))
