"""Parquet files."""

from __future__ import annotations

from pathlib import Path

import pyarrow as pa
import pyarrow.parquet as pq

from istrel.data.reading.arrow import refuse_many, table_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table
from istrel.problem import Problem


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a Parquet file, read by row groups."""
    try:
        with pq.ParquetFile(path) as file:
            refuse_many(path, file.metadata.num_rows, len(file.schema_arrow))
            groups = []
            for group in range(file.num_row_groups):
                watch.report(group / max(1, file.num_row_groups))
                groups.append(file.read_row_group(group))
            whole = pa.concat_tables(groups) if groups else file.schema_arrow.empty_table()
        whole.validate(full=True)
    except (pa.ArrowException, OSError, UnicodeError) as error:
        raise Problem(f"{path.name}: this is no sound Parquet file, or it was cut off.") from error
    return table_of(path, whole, "Parquet", dates=settings.dates)
