"""Letters of a figure: runs measured, broken into lines, cut to their room, and put in their place."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.exhibits.printing import Runs, as_plain
from istrel.exhibits.text import Run
from istrel.render.fonts import MM_PER_PT, ascent, shipped, stretches, width_mm
from istrel.render.scene.shapes import Letters
from istrel.style.house import HouseStyle

LEADING = 1.25


def line_height(style: HouseStyle) -> float:
    """From one line of a figure's text to the next, in mm."""
    return LEADING * style.fonts.figure_pt * MM_PER_PT


def figure_rise(size_pt: float, style: HouseStyle) -> float:
    """The height of a figure (0 to 9) above the baseline, in mm."""
    return 0.66 * ascent(shipped(style.fonts.proof)) * size_pt * MM_PER_PT


def runs_width(runs: Runs, size_pt: float, style: HouseStyle) -> float:
    """The width of a text of several slants in mm."""
    return sum(width_mm(run.text, size_pt, style.fonts.proof, italic=run.italic) for run in runs)


def letters_of(
    runs: Runs,
    x: float,
    y: float,
    size_pt: float,
    style: HouseStyle,
    *,
    anchor: str = "left",
    upright: bool = False,
    colour: str = "#1B1B1B",
) -> Iterator[Letters]:
    """Runs one after the other from a place on their baseline; `anchor` says which end of the text stands there."""
    along = {"left": 0.0, "middle": -0.5, "right": -1.0}[anchor] * runs_width(runs, size_pt, style)
    for run in _merged(runs):
        for part in stretches(run.text, size_pt, style.fonts.proof, italic=run.italic):
            place = (x, y - along) if upright else (x + along, y)
            yield Letters(part.text, *place, size_pt, part.face, part.width, upright, colour)
            along += part.width


def _merged(runs: Runs) -> list[Run]:
    """Neighbours of one slant as one run."""
    made: list[Run] = []
    for run in runs:
        if made and made[-1].italic == run.italic:
            made[-1] = Run(made[-1].text + run.text, run.italic)
        else:
            made.append(run)
    return made


def shortened(runs: Runs, room: float, size_pt: float, style: HouseStyle) -> list[Runs]:
    """A text broken at words into lines that fit the room; a word that does not fit by itself is cut with an ellipsis."""
    if runs_width(runs, size_pt, style) <= room:
        return [runs]
    lines: list[str] = [""]
    for word in as_plain(runs).split(" "):
        longer = f"{lines[-1]} {word}".strip()
        if width_mm(longer, size_pt, style.fonts.proof) <= room or not lines[-1]:
            lines[-1] = longer
        else:
            lines.append(word)
    return [(Run(_cut(line, room, size_pt, style)),) for line in lines]


def fitted(runs: Runs, room: float, most: int, size_pt: float, style: HouseStyle) -> tuple[Runs, ...]:
    """A text in at most so many lines that fit the room; what does not fit ends in an ellipsis."""
    lines = shortened(runs, room, size_pt, style)
    if len(lines) <= most:
        return tuple(lines)
    rest = " ".join(as_plain(line) for line in lines[most - 1 :])
    return (*lines[: most - 1], (Run(_cut(rest, room, size_pt, style)),))


def _cut(text: str, room: float, size_pt: float, style: HouseStyle) -> str:
    if width_mm(text, size_pt, style.fonts.proof) <= room:
        return text
    while len(text) > 1 and width_mm(f"{text}…", size_pt, style.fonts.proof) > room:
        text = text[:-1]
    return f"{text}…"
