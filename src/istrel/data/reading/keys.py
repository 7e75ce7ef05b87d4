"""Keys that look like numbers: what would not read back as it stood is read as text, wherever in the file it stands.

"00123" would become 123, "0x1F" 31, and twenty digits would lose their last ones.
"""

from __future__ import annotations

import re
from collections.abc import Callable, Collection

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc
from numpy.typing import NDArray

from istrel.data.reading.numeric import EXACT_IN_FLOAT, numeric

KEY = r"^\s*[+-]?(0[0-9]+|0[xX][0-9A-Fa-f]+|[0-9]{16,})\s*$"
CODED = (
    r"^\s*[0-9]{1,4}E[0-9]{1,3}\s*$"  # “12E5”: of a plate or a part; powers of ten are seldom written so, and never all
)
A_SAMPLE = 2**16
PIECE = 2**18
ZERO, SMALL_X, LARGE_X = (ord(sign) for sign in "0xX")
# Spaces, quotes, a plus and a comma; above it come the minus, point and stroke of dates and numbers.
LAST_SIGN = ord(",")


CODED_FIELD = re.compile(rb"[,;\t| \"\r\n][0-9]{1,4}E[0-9]{1,3}[,;\t|\"\r\n]")
FEWEST_CODED = 3


class Scan:
    """Looks at the bytes of a file as they are read: does a field begin with a zero and go on with a digit, or an x?"""

    def __init__(self, delimiter: str) -> None:
        self.found = False
        self._delimiter = ord(delimiter)
        self._last = b"\n\n"

    def look(self, block: bytes) -> None:
        """The next block of the file; pieces small enough to stay in the processor's cache are looked at one by one."""
        for start in range(0, 0 if self.found else len(block), PIECE):
            piece = self._last + block[start : start + PIECE]
            self.found = self.found or self._has_key(np.frombuffer(piece, np.uint8))
            self._last = piece[-2:]

    def _has_key(self, codes: NDArray[np.uint8]) -> bool:
        before = codes[:-2]
        begins = before <= LAST_SIGN
        if self._delimiter > LAST_SIGN:
            begins |= before == self._delimiter
        begins &= codes[1:-1] == ZERO
        follows = codes[np.flatnonzero(begins) + 2]
        return bool((((follows - ZERO) < 10) | (follows == SMALL_X) | (follows == LARGE_X)).any())


def as_they_stand(
    parse: Callable[[Collection[str], Scan], pa.Table], delimiter: str, encoding: str, first: bytes = b""
) -> pa.Table:
    """The table that `parse` reads, with every column that holds keys read as text.

    Parameters
    ----------
    parse
        Reads the file: takes the names to be read as text and what looks at the bytes.
    encoding
        One that is not made of single bytes is not scanned: all numbers are looked at.
    first
        The first bytes of the file, which tell whether it may hold codes like “12E5”.
    """
    scan = Scan(delimiter)
    table = parse((), scan)
    wide = encoding.startswith(("utf-16", "utf-32"))
    found = numeric(table)
    coded = CODED_FIELD.search(first) is not None
    long = {place for place, size in zip(found.places, found.largest, strict=True) if size >= EXACT_IN_FLOAT}
    looked = set(found.places)
    doubtful = [
        name
        for place, name in enumerate(table.column_names)
        if place in long
        or (coded and pa.types.is_floating(table.column(place).type))
        or ((scan.found or wide or place not in looked) and _doubtful(table.column(place), zeros=scan.found or wide))
    ]
    if not doubtful:
        return table
    texts = parse(doubtful, Scan(delimiter))
    keyed = [n for n in doubtful if pa.types.is_temporal(table[n].type) or _holds_keys(texts[n])]
    for name in keyed:
        table = table.set_column(table.column_names.index(name), name, texts[name])
    return table


def _doubtful(column: pa.ChunkedArray, *, zeros: bool) -> bool:
    """A column of numbers that may have been keys, or of times whose zone would be lost."""
    if pa.types.is_time(column.type):
        return True  # 9:05 would become 09:05:00
    if pa.types.is_timestamp(column.type):
        return column.type.tz is not None
    if not (pa.types.is_integer(column.type) or pa.types.is_floating(column.type)):
        return False
    if zeros:
        return True
    limits = pc.min_max(column).as_py()
    return limits["max"] is not None and max(abs(limits["min"]), abs(limits["max"])) >= EXACT_IN_FLOAT


def _holds_keys(column: pa.ChunkedArray) -> bool:
    """Whether a column of texts, read as a dictionary, holds a key."""
    words = column.unify_dictionaries().combine_chunks().dictionary if pa.types.is_dictionary(column.type) else column
    if isinstance(words, pa.ChunkedArray):
        words = words.combine_chunks()
    return holds_keys(words)


def are_coded(words: pa.Array) -> bool:
    """Whether most of the distinct words are codes like “12E5”, which would read as powers of ten, and none is such a power."""
    if len(words) < FEWEST_CODED:
        return False
    found = pc.sum(pc.match_substring_regex(words, CODED)).as_py() or 0
    powers = pc.any(pc.match_substring_regex(words, r"[0-9][.,][0-9]*[eE]|[0-9]e|[eE][+-]")).as_py()
    return 2 * found > len(words) and not powers


def holds_keys(words: pa.Array) -> bool:
    """Whether one of the distinct words is a key rather than a number, or all of them are codes."""
    if are_coded(words):
        return True
    named = pc.match_substring_regex(words, KEY)
    return bool(pc.any(pc.and_(named, _inexact(words))).as_py())


def _inexact(words: pa.Array) -> pa.Array:
    """False for digits that a number holds exactly although there are sixteen of them."""
    plain = pc.replace_substring_regex(pc.utf8_trim_whitespace(words), r"^[+-]", "")
    short = pc.and_(pc.less_equal(pc.utf8_length(plain), 16), pc.less_equal(plain, "9007199254740992"))
    return pc.or_(pc.starts_with(plain, "0"), pc.invert(short))
