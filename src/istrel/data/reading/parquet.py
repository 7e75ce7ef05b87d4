"""Parquet files."""

from __future__ import annotations

from pathlib import Path

import pyarrow as pa
import pyarrow.parquet as pq

from istrel.data.reading.arrow import refuse_many, table_of
from istrel.data.reading.described import words_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.watch import Watch
from istrel.data.table import Table
from istrel.english import english
from istrel.problem import Problem

LONG = 200_000  # rows, from which columns are read one by one


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in a Parquet file, read by row groups."""
    try:
        with pq.ParquetFile(path) as file:
            refuse_many(path, file.metadata.num_rows, len(file.schema_arrow))
            if file.metadata.num_rows >= LONG and len(set(file.schema_arrow.names)) == file.metadata.num_columns:
                stored = Stored(path, file, watch)
                return table_of(path, stored, "Parquet", dates=settings.dates, words=stored.words)
            groups = []
            for group in range(file.num_row_groups):
                watch.report(group / max(1, file.num_row_groups))
                groups.append(file.read_row_group(group))
            whole = pa.concat_tables(groups) if groups else file.schema_arrow.empty_table()
        whole.validate(full=True)
    except (pa.ArrowException, OSError, UnicodeError) as error:
        raise Problem(english("{file}: this is no sound Parquet file, or it was cut off.", file=path.name)) from error
    return table_of(path, whole, "Parquet", dates=settings.dates)


class Stored:
    """The columns of a long file, each read when it is asked for, so that never more than two stand in memory twice."""

    def __init__(self, path: Path, file: pq.ParquetFile, watch: Watch) -> None:
        self._path, self._watch, self._read = path, watch, 0
        self._metadata, self.schema = file.metadata, file.schema_arrow
        self._words: dict[int, pa.Array] = {}

    @property
    def num_rows(self) -> int:
        return int(self._metadata.num_rows)

    @property
    def num_columns(self) -> int:
        return len(self.schema)

    @property
    def column_names(self) -> list[str]:
        return list(self.schema.names)

    def column(self, place: int) -> pa.ChunkedArray:
        """A column, checked."""
        self._watch.report(self._read / self.num_columns)
        self._read += 1
        name = self.schema.names[place]
        with pq.ParquetFile(self._path, metadata=self._metadata) as file:
            column = file.read(columns=[name], use_threads=False).column(name)  # “a” finds “a.b” too
        column.validate(full=True)
        if pa.types.is_dictionary(column.type):
            column = column.unify_dictionaries()
            self._words[place] = words_of(column)
        return column

    def words(self, place: int) -> pa.Array | None:
        """The words behind the codes of a column that was read."""
        return self._words.get(place)
