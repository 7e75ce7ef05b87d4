"""What a template calls its place for the manuscript, and its styles."""

from __future__ import annotations

PLACE = "[manuscript]"
# What else a style may be called in a template.
NAMES = {
    "Table label": ("Caption",),
    "Table title": ("Caption",),
    "Table note": ("Table notes", "Note"),
    "Table text": ("Table contents",),
}


def is_place(letters: str) -> bool:
    """Whether a paragraph says where the manuscript goes."""
    return letters.strip().casefold() == PLACE
