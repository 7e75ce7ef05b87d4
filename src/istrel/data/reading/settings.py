"""How a file is to be read. What is left None is found out from the file."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.english import english
from istrel.problem import Problem


@dataclass(frozen=True)
class ReadingSettings:
    """Overrides for reading.

    Attributes
    ----------
    header_row
        The row that holds the names, counted from 1; 0 when there is none.
    sheet
        The sheet of a workbook, by its name or its number from 1; the first one with data unless given. Of an archive the
        file, of a database the table.
    dates
        Whether the day or the month comes first in dates that can be read either way: "day-first" or "month-first".
    """

    delimiter: str | None = None
    decimal: str | None = None
    encoding: str | None = None
    header_row: int | None = None
    sheet: str | None = None
    dates: str | None = None

    def __post_init__(self) -> None:
        if self.delimiter is not None and (len(self.delimiter) != 1 or not self.delimiter.isascii()):
            raise Problem(
                english(
                    "“{delimiter}” separates no fields: the delimiter is one ASCII character, such as ; or \\t.",
                    delimiter=self.delimiter,
                )
            )
