"""Value labels as they are typed: "1 = primary | 2 = secondary"."""

from __future__ import annotations

import re

from istrel.data.codebook import ValueLabel, number_or_text
from istrel.data.column import show_value
from istrel.english import english
from istrel.problem import Problem

PART = re.compile(r'\s*(?P<value>"(?:[^"]|"")*"|[^"=|][^=|]*?)\s*=\s*(?P<label>"(?:[^"]|"")*"|[^|]*?)\s*(?:\||$)')


def show_values(labels: tuple[ValueLabel, ...]) -> str:
    """Value labels as they are typed, "1 = primary | 2 = secondary"; what holds signs of this form stands in quotes."""
    return " | ".join(f"{_shown(entry.value)} = {quoted(entry.label)}" for entry in labels)


def _shown(value: float | str) -> str:
    """A stored value; a text that would be read as a number stands in quotes."""
    if isinstance(value, str) and not isinstance(number_or_text(value), str):
        return f'"{value}"'
    return quoted(show_value(value))


def quoted(text: str) -> str:
    """A value or label as it is typed: in quotes where it holds signs of the form."""
    plain = text and text == text.strip() and not set(text) & set('|=":;\n')
    return text if plain else '"' + text.replace('"', '""') + '"'


def _unquoted(text: str) -> str:
    return text[1:-1].replace('""', '"') if text.startswith('"') and text.endswith('"') and len(text) > 1 else text


def parse_values(text: str) -> tuple[ValueLabel, ...]:
    """Value labels as typed, "1 = primary | 2 = secondary"; a value or label may stand in double quotes.

    Raises
    ------
    Problem
        Where a part has no equals sign or no value.
    """
    labels, place = [], 0
    while place < len(text):
        found = PART.match(text, place)
        if found is None:
            part = text[place:].split("|", maxsplit=1)[0].strip()
            raise Problem(
                english("value labels are written “1 = primary | 2 = secondary”; “{part}” is not.", part=part)
            )
        value = found["value"]
        stored = _unquoted(value) if value.startswith('"') else number_or_text(value)
        labels.append(ValueLabel(stored, _unquoted(found["label"])))
        place = found.end()
    return tuple(labels)
