"""How wide the columns of a small table are: numbers take what they need, texts share the rest of the page."""

from __future__ import annotations

from istrel.study.printed_codebook import Grid

LEAST_CM, LETTER_CM = 1.3, 0.19
LARGEST_FIRST = 0.35  # of the page, for the first column where texts follow it


def column_widths(grid: Grid, page_cm: float) -> tuple[float, ...]:
    """Widths in cm, together no more than the page."""
    columns = list(zip(grid.heads, *grid.rows, strict=True))
    needs = [max(LEAST_CM, LETTER_CM * max(map(len, column)) + 0.5) for column in columns]
    numbers = [min(need, LEAST_CM + 1.0) for need in needs[grid.first_number :]]
    shrink = min(1.0, 0.66 * page_cm / sum(numbers)) if numbers else 1.0
    numbers = [width * shrink for width in numbers]
    rest, texts = page_cm - sum(numbers), needs[: grid.first_number]
    if sum(texts) > rest and len(texts) > 1:
        texts[0] = min(texts[0], LARGEST_FIRST * rest)
        texts[1:] = [(rest - texts[0]) / (len(texts) - 1)] * (len(texts) - 1)
    return (*(min(width, rest) for width in texts), *numbers)
