"""Data as an Arrow table that bears its codebook: a label and a unit for each field, and the whole as a Table Schema."""

from __future__ import annotations

from dataclasses import replace
from typing import TYPE_CHECKING

import msgspec
import numpy as np

from istrel.data.codebook import Codebook
from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset
from istrel.data.reading.described import WHOLE
from istrel.study.codebooks.parts import type_of
from istrel.study.codebooks.table_schema import resource_of

if TYPE_CHECKING:
    import pyarrow as pa


def arrow_table(data: Dataset, names: tuple[str, ...]) -> pa.Table:
    """Columns of the data, derived ones by their values; texts that stand among numbers are missing.

    Returns
    -------
    Whole numbers as int64, other numbers as double, texts as dictionaries, dates as date32 or timestamps in seconds.
    """
    import pyarrow as pa

    lines = tuple(replace(data.codebook[name], formula=None) for name in names)
    rows = data.codebook.rows.without({name for name in data.codebook.names if name not in names})
    told = Dataset(data.table, Codebook(lines, rows))
    arrays = [_array(data.table.column(name)) for name in names]
    fields = [
        pa.field(line.name, array.type, metadata={k: v for k, v in (("label", line.label), ("unit", line.unit)) if v})
        for line, array in zip(lines, arrays, strict=True)
    ]
    whole = msgspec.json.encode(resource_of(told, data.table.source.name or "data"))
    return pa.table(arrays, schema=pa.schema(fields, metadata={WHOLE: whole}))


def _array(column: Column) -> pa.Array:
    import pyarrow as pa

    gone = ~column.valid
    if column.kind is Kind.TEXT:
        codes = np.where(column.valid, column.values, 0).astype(np.int32)
        return pa.DictionaryArray.from_arrays(pa.array(codes, mask=gone), pa.array(column.words, pa.string()))
    kind = type_of(column)
    if column.kind is Kind.DATE:
        return pa.array(column.values, pa.timestamp("s"), mask=gone).cast(
            pa.date32() if kind == "date" else pa.timestamp("s")
        )
    whole = kind == "integer" and bool((np.abs(column.values[column.valid]) <= 2**53).all())
    return pa.array(np.where(gone, 0, column.values).astype(np.int64) if whole else column.values, mask=gone)
