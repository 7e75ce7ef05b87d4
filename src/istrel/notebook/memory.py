"""Data in memory as a source: whatever speaks Arrow's stream of tables, columns by name, or records."""

from __future__ import annotations

import math
from collections.abc import Mapping, Sequence
from typing import TYPE_CHECKING, Any, Protocol, runtime_checkable

from istrel.data.guess import guess_codebook
from istrel.problem import Problem
from istrel.study.opening import with_described
from istrel.study.study import StudySource

if TYPE_CHECKING:
    import pyarrow as pa

NAME = "data in memory"


@runtime_checkable
class Streams(Protocol):
    """Data that speak Arrow: data frames of every library that does, tables, record batches, results of queries."""

    def __arrow_c_stream__(self, requested_schema: object | None = None) -> object: ...


Columns = Mapping[str, Sequence[Any]]
Records = Sequence[Mapping[str, Any]]
Data = Streams | Columns | Records


def source_of(data: Data, name: str = NAME) -> StudySource:
    """Data in memory as a source of a study; they are copied.

    Raises
    ------
    Problem
        Where they are no table: columns of unequal length, nothing that can be read, no rows.
    """
    from istrel.data.reading.arrow import table_in_memory

    table = table_in_memory(name, _arrow(data))
    table, codebook = with_described(table, guess_codebook(table))
    return StudySource(table, codebook)


def _arrow(data: Data) -> pa.Table:
    import pyarrow as pa

    if isinstance(data, Streams):
        try:
            return pa.RecordBatchReader.from_stream(data).read_all()
        except pa.ArrowException as error:
            raise Problem(f"the data could not be taken over ({error}).") from None
    if isinstance(data, Mapping):
        return _of_columns(data)
    if isinstance(data, Sequence) and data and all(isinstance(record, Mapping) for record in data):
        names = dict.fromkeys(str(name) for record in data for name in record)
        return _of_columns({name: [record.get(name) for record in data] for name in names})
    raise Problem(
        f"data of the type {type(data).__name__} are not read; give a path, a data frame that speaks Arrow, "
        "a dict of columns, or a list of records."
    )


def _of_columns(columns: Columns) -> pa.Table:
    import pyarrow as pa

    lengths = {str(name): len(values) for name, values in columns.items() if hasattr(values, "__len__")}
    lost = [str(name) for name in columns if str(name) not in lengths]
    if lost:
        raise Problem(f"“{lost[0]}” is no column of values.")
    if len(set(lengths.values())) > 1:
        said = ", ".join(f"{name} {length:,}" for name, length in list(lengths.items())[:4])
        raise Problem(f"the columns have different lengths: {said}.")
    return pa.table({str(name): _array(str(name), values) for name, values in columns.items()})


def _array(name: str, values: Any) -> pa.Array | pa.ChunkedArray:
    """A column; values of several kinds are read as a file's are: as texts, which decide together what they are."""
    import pyarrow as pa

    if isinstance(values, pa.Array | pa.ChunkedArray):
        return values
    try:
        return pa.array(values)
    except (pa.ArrowException, TypeError, OverflowError):
        pass
    try:
        return pa.array([None if _is_nothing(value) else str(value) for value in values], pa.string())
    except (pa.ArrowException, TypeError, ValueError):
        raise Problem(f"“{name}” is no column of numbers, texts or dates.") from None


def _is_nothing(value: Any) -> bool:
    return value is None or (isinstance(value, float) and math.isnan(value))
