"""Degrees of latitude and longitude with minutes and seconds, as decimal degrees: 48°48'18"N, N 48° 48.3', 7° 30.5' W."""

from __future__ import annotations

import numpy as np
import pyarrow as pa
import pyarrow.compute as pc

from istrel.data.reading.durations import Read, numbers_in
from istrel.english import english, numeral

SAMPLE = 1_000
ANGLE = (
    r"^(?P<a>[0-9]{1,3}(?:[.,][0-9]+)?) ?° ?(?:(?P<b>[0-9]{1,2}(?:[.,][0-9]+)?) ?['′’] ?)?"
    r"(?:(?P<c>[0-9]{1,2}(?:[.,][0-9]+)?) ?(?:[\"″”]|'') ?)?(?P<to>[NSEWO])$"
)
SIDES = {"N": 1.0, "S": -1.0, "E": 1.0, "W": -1.0}


def as_angles(words: pa.Array) -> Read | None:
    """The words of a column as degrees, south and west below 0; None where they are none.

    An O is east beside a W, as in German, and west beside an E, as in French; alone it may be either.
    """
    plain = pc.utf8_trim_whitespace(words)
    if not pc.any(pc.match_substring(plain.slice(0, SAMPLE), "°")).as_py():
        return None
    found = pc.extract_regex(pc.replace_substring_regex(plain, r"^([NSEWO]) ?([0-9].*)$", r"\2\1"), ANGLE)
    (degrees, minutes, seconds), fits = numbers_in(found, ("a", "b", "c"))
    if not fits.any():
        return None
    letters = np.asarray(pc.fill_null(pc.struct_field(found, "to"), ""), dtype=str)
    here = set(letters[fits].tolist())
    sides = {**SIDES, "O": 1.0 if "W" in here else -1.0}
    sign = np.array([sides.get(letter, 1.0) for letter in letters.tolist()])
    values = sign * (degrees + minutes / 60 + seconds / 3600)
    at = int(np.flatnonzero(fits)[0])
    if "O" in here and not here & {"E", "W"}:
        says = english(
            "the O of “{word}” may be east (German) or west (French, Spanish); it was left as text.",
            word=plain[at].as_py(),
        )
        return Read(np.zeros(len(words)), fits, "", says, unsure=True)
    says = english(
        "degrees, minutes and seconds, read as degrees, south and west below 0 ({number} for “{word}”).",
        number=numeral(values[at], 6),
        word=plain[at].as_py(),
    )
    return Read(np.where(fits, values, 0.0), fits, "°", says)
