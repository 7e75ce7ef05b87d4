"""Arrow files (also called Feather) and Arrow streams."""

from __future__ import annotations

from pathlib import Path

import pyarrow as pa

from istrel.data.reading.columns import column_of
from istrel.data.reading.settings import ReadingSettings
from istrel.data.reading.sniff import clean_names
from istrel.data.reading.watch import Watch
from istrel.data.table import Source, Table, stamp_of
from istrel.problem import Problem


def read_source(path: Path, settings: ReadingSettings, watch: Watch) -> Table:
    """The table in an Arrow file or stream; read rather than mapped, for a mapped file that shrinks ends the program."""
    del settings
    watch.report(0.0)
    try:
        with pa.OSFile(str(path), "rb") as file:
            try:
                whole = pa.ipc.open_file(file).read_all()
            except pa.ArrowInvalid:
                file.seek(0)
                whole = pa.ipc.open_stream(file).read_all()
        whole.validate(full=True)  # the file is believed as it stands: a false offset would end the program
    except (pa.ArrowException, OSError, UnicodeError) as error:
        raise Problem(f"{path.name}: this is no sound Arrow file, or it was cut off.") from error
    return table_of(path, whole, "Arrow")


def table_of(path: Path, whole: pa.Table, reading: str, *, remarks: tuple[str, ...] = (), decimal: str = ".") -> Table:
    """Istrel's table from Arrow's.

    Raises
    ------
    Problem
        Where there is no column, no row, or text that is not UTF-8.
    """
    if not whole.num_columns:
        raise Problem(f"{path.name}: there are no columns in it.")
    if not whole.num_rows:
        raise Problem(f"{path.name}: there are names but no rows of data below them.")
    try:
        names = clean_names(tuple(str(name) for name in whole.column_names))
        columns = tuple(column_of(name, whole.column(i), decimal) for i, name in enumerate(names))
    except (pa.ArrowException, UnicodeError) as error:
        raise Problem(f"{path.name}: a column holds what cannot be shown as numbers, dates or text.") from error
    source = Source(path.name, str(path.resolve()), stamp_of(path), reading, remarks)
    return Table(columns, source)
