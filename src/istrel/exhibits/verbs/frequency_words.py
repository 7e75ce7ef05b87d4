"""Words about frequencies that `count` and `describe` share: what percentages are of, what is hidden, what is most frequent."""

from __future__ import annotations

from collections.abc import Iterable, Iterator, Sequence
from dataclasses import replace

from istrel.data.dataset import Dataset
from istrel.exhibits.claims import claim
from istrel.exhibits.text import Cell, Hidden, Phrase, Text, count_cell, in_a_row, listed, say, within
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level
from istrel.exhibits.wording import crossed_title, group_label, in_group
from istrel.style.numbers import Kind

MOST_NAMED = 3


def percent_notes(cells: Sequence[FrequencyCell], *, of_valid: bool, both: bool = False) -> list[Text]:
    """What percentages are of, and that they may not add up, where they do not."""
    if not cells:
        return []
    if both:
        said = [say("is_of_all_cases_valid")]
    else:
        said = [say("percentages_are_of_the_valid") if of_valid else say("percentages_are_of_all_cases")]
    columns = (True, False) if both else (of_valid,)
    shares = tuple(found for cell in cells for valid in columns if (found := _shares(cell, of_valid=valid)))
    if shares:
        (phrase,) = say("percentages_may_not_add_to")
        assert isinstance(phrase, Phrase)
        said.append((replace(phrase, shares=shares),))
    return said


def _shares(cell: FrequencyCell, *, of_valid: bool) -> tuple[float, ...]:
    """The percentages that a column prints, where together they are all of its base."""
    if isinstance(cell.outside, Hidden) or cell.outside:
        return ()
    found = [level.valid_percent if of_valid else level.percent for level in cell.levels]
    if not of_valid and isinstance(cell.total, int) and cell.total:
        weighted = dict(cell.parts)
        found += [weighted.get(reason.name, 100.0 * n / cell.total) for reason, n in cell.reasons if isinstance(n, int)]
    return tuple(f for f in found if isinstance(f, float)) if all(isinstance(f, float) for f in found) else ()


def hidden_note(below: int | None, cells: Iterable[object]) -> list[Text]:
    """That counts are hidden, where some are."""
    if below is None or not any(has_hidden(cell) for cell in cells):
        return []
    return [
        say(
            "a_dash_hides_counts_from",
            most=below - 1,
        )
    ]


def has_hidden(part: object) -> bool:
    """Whether anything in a result is hidden."""
    if isinstance(part, Hidden):
        return True
    if isinstance(part, dict):
        return any(has_hidden(value) for value in part.values())
    if isinstance(part, tuple | list):
        return any(has_hidden(value) for value in part)
    fields = getattr(part, "__dataclass_fields__", ())
    return any(has_hidden(getattr(part, name)) for name in fields if name not in ("label", "group"))


def most_frequent(cells: Sequence[FrequencyCell], data: Dataset, *, overall: bool = False) -> list[Text]:
    """The most frequent value of a variable in each of its groups: in one sentence, by value, the groups where several share
    the first place after it. Nothing is said of a group where many do, or where counts are hidden.

    Parameters
    ----------
    overall
        The one cell is the total beside groups.
    """
    firsts = [(cell, first) for cell in cells if 0 < len(first := _first(cell)) <= MOST_NAMED]
    alone: dict[Text, list[tuple[FrequencyCell, Level]]] = {}
    for cell, first in firsts:
        if len(first) == 1:
            alone.setdefault(first[0].label, []).append((cell, first[0]))
    said = []
    if alone:
        name = crossed_title(cells[0].variables, data)
        values = in_a_row([_value_words(within(label), found) for label, found in alone.items()])
        template = "overall_was_most_often" if overall else "was_most_often"
        said.append(say(template, name=name, values=values))
    return said + [_shared(cell, first, data) for cell, first in firsts if len(first) > 1]


def _first(cell: FrequencyCell) -> list[Level]:
    """The values that share the first place; none where that cannot be said."""
    shown = [level for level in cell.levels if isinstance(level.count, int) and level.values]
    if len(shown) < len(cell.levels) or len(shown) < 2:
        return []
    most = max(level.size for level in shown)
    return [level for level in shown if level.size == most] if most else []


def _value_words(label: Text, found: list[tuple[FrequencyCell, Level]]) -> Text:
    """ "Harbour (48.4%, n = 15)" for all cases; "yes in reed (73.3%, n = 11) and meadow (…)" by groups."""
    counts = [[level.size, *(n for other in cell.levels if (n := other.size) != level.size)] for cell, level in found]
    if len(found) == 1 and not found[0][0].group.labels:
        cell, level = found[0]
        return claim("most frequent", [*counts, 1], "value_alone", value=_counted(label, level, cell))
    places = listed([_counted(group_label(cell.group, several=True), level, cell) for cell, level in found])
    return claim("most frequent in each", [counts], "value_in_groups", label=label, groups=places)


def _shared(cell: FrequencyCell, first: list[Level], data: Dataset) -> Text:
    """Values that share the first place."""
    rest = [level.size for level in cell.levels if level not in first]
    return claim(
        "most frequent",
        [[*(level.size for level in first), *rest], len(first)],
        "most_frequent_for",
        name=crossed_title(cell.variables, data),
        where=in_group(cell.group, data),
        list=listed([_counted(level.label, level, cell) for level in first]),
    )


def _counted(label: Text, level: Level, cell: FrequencyCell) -> Text:
    """ "Harbour (48.4%, n = 15)"; of valid cases where some are missing."""
    n, share = _level_cells(level, cell)
    template = "value_valid_share_n" if cell.missing else "value_share_n"
    return say(template, label=label, share=share, n=n)


def _level_cells(level: Level, cell: FrequencyCell) -> tuple[Cell, Cell]:
    """(its count, its share of the valid cases), known again by variable, group and value."""
    row = f"{' × '.join(cell.variables)} @ {cell.group.key}" if cell.group.key else " × ".join(cell.variables)
    key = level.name or " × ".join(str(value) for value in level.values)
    return count_cell(level.count, row=row, column=f"{key} n"), Cell(
        level.valid_percent, Kind.PERCENT, row=row, column=f"{key} %"
    )


def level_cells(cell: FrequencyCell) -> Iterator[Cell]:
    """The count and share of every level, and n and missing."""
    for level in cell.levels:
        yield from _level_cells(level, cell)
