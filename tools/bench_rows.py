"""Rows that are no cases of their own, beside the same exhibit of rows that are: 4,000,000 rows, nothing prepared."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import replace
from typing import Any

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset
from istrel.data.guess import guess_codebook
from istrel.data.rows import Rows
from istrel.data.table import Source, Table
from istrel.exhibits.make import make_exhibit
from istrel.sentence import parse

ROWS, OCCASIONS = 4_000_000, 4
Work = Callable[[], object]


def works() -> Iterator[tuple[str, Work, str, Work]]:
    """(what, its work, the floor, its work)."""
    long = _data(
        id=np.repeat(np.arange(ROWS // OCCASIONS), OCCASIONS),
        wave=np.tile(np.arange(1, OCCASIONS + 1), ROWS // OCCASIONS),
        x=np.random.default_rng(1).normal(50, 9, ROWS).round(1),
        g=np.repeat(np.random.default_rng(2).integers(1, 3, ROWS // OCCASIONS), OCCASIONS),
    )
    apart = Dataset(Table(long.table.columns[1:], long.table.source), _without_rows(long))
    for across, what in (("wave", "within persons"), ("g", "between persons")):
        sentence = f"describe x across {across} with difference, test"
        yield f"differences {what}", _made(sentence, long), "the same of independent rows", _made(sentence, apart)
    rng = np.random.default_rng(3)
    plain = _data(x=rng.normal(50, 9, ROWS).round(1), g=rng.integers(1, 4, ROWS), Freq=rng.integers(1, 1_000, ROWS))
    counted = Dataset(plain.table, replace(plain.codebook, rows=Rows(counted="Freq")))
    sentence = "describe x across g with mean, sd, median"
    yield "rows that stand for 2,000,000,000 cases", _made(sentence, counted), "the same rows", _made(sentence, plain)
    sample = _data(x=rng.normal(50, 9, ROWS).round(1), g=rng.integers(1, 4, ROWS), w=rng.uniform(0.5, 2, ROWS).round(3))
    weighted = Dataset(sample.table, replace(sample.codebook, rows=Rows(weight="w")))
    for said in (sentence, "count g"):
        yield f"rows of a weighted sample: {said}", _made(said, weighted), "the same rows", _made(said, sample)


def _data(**columns: NDArray[Any]) -> Dataset:
    made = tuple(
        Column(name, Kind.NUMBER, values.astype(float), np.ones(values.size, bool)) for name, values in columns.items()
    )
    table = Table(made, Source("rows"))
    return Dataset(table, guess_codebook(table))


def _without_rows(data: Dataset) -> Any:
    return replace(data.codebook.without("id"), rows=Rows())


def _made(sentence: str, data: Dataset) -> Work:
    return lambda: make_exhibit(parse(sentence), Dataset(data.table, data.codebook))
