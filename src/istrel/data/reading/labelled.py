"""Numbers of which some bear their label, as the ends of a rating do: “10 (worst)”, “0 = never”, “5: very good”."""

from __future__ import annotations

import re
from dataclasses import dataclass

import numpy as np
import pyarrow as pa
from numpy.typing import NDArray

from istrel.english import english

MOST_WORDS, FEWEST_PLAIN = 200, 2
LABELLED = re.compile(r"^(-?\d{1,3})\s*(?:\(\s*([^()]*[^\W\d][^()]*)\)|[=:–-]\s*([^\W\d].*))$")
PLAIN = re.compile(r"^-?\d{1,3}$")


@dataclass(frozen=True, eq=False)
class Read:
    """Distinct words as numbers: float64, whether each could be read, the labels, and what to say."""

    values: NDArray[np.float64]
    read: NDArray[np.bool_]
    labels: tuple[tuple[float, str], ...]
    said: str


def with_labels(words: pa.Array) -> Read | None:
    """Words that are plain numbers, a few of them with a label behind; None for any others, and for answers that all have one."""
    if not FEWEST_PLAIN < len(words) <= MOST_WORDS:
        return None
    texts = [(word or "").strip() for word in words.to_pylist()]
    found = {text: match for text in texts if (match := LABELLED.match(text))}
    plain = [text for text in texts if PLAIN.match(text)]
    labels = {float(match[1]): (match[2] or match[3]).strip() for match in found.values()}
    if not found or len(plain) < max(FEWEST_PLAIN, len(found)) or len(labels) < len(found):
        return None
    values = np.array([float(found[t][1]) if t in found else float(t) if PLAIN.match(t) else 0.0 for t in texts])
    read = np.array([t in found or PLAIN.match(t) is not None for t in texts], bool)
    first = next(iter(found))
    said = english(
        "“{word}” was read as {number}; the words beside numbers became their labels.",
        word=first,
        number=first[: found[first].end(1)],
    )
    return Read(values, read, tuple(sorted(labels.items())), said)
