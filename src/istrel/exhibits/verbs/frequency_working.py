"""How counts and percentages come about: from the same counts from which they were computed."""

from __future__ import annotations

from collections.abc import Iterable

from istrel.exhibits.text import Cell, Text, say, verbatim
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level, level_key
from istrel.exhibits.working import Working, shown
from istrel.style.numbers import Kind


def explain_level(cells: Iterable[FrequencyCell], cell: Cell, confidence: float = 0.95) -> Working | None:
    """The working of a count or percentage of a level; None for what is none, hidden or weighted."""
    if not isinstance(cell.value, float | int):
        return None
    for table in cells:
        before = f"{table.group.key}/"
        for level in table.levels:
            here = level_key(table, level) == cell.row and cell.column.startswith(before)
            if here and level.weighed is None:
                if cell.column.endswith(("/low", "/high")):
                    return limit(level, table, cell, confidence)
                return _of_level(cell.column.removeprefix(before), level, table, cell)
    return None


def _of_level(what: str, level: Level, table: FrequencyCell, cell: Cell) -> Working | None:
    if not isinstance(table.n, int) or not isinstance(table.total, int) or not isinstance(level.count, int):
        return None
    name: Text = level.label or verbatim(level.name)
    if what in ("n", "count"):
        return counted(cell, name, level.count, table.n)
    if what == "percent":
        return share(cell, name, level.count, table.total, verbatim("N"))
    if what in ("valid_percent", "valid", "%"):
        return share(cell, name, level.count, table.n, verbatim("n"))
    if what in ("cumulative_percent", "cumulative"):
        below = [other.count for other in table.levels[: table.levels.index(level) + 1] if isinstance(other.count, int)]
        upto = say("step_count_upto", value=f"{' + '.join(map(str, below))} = {sum(below)}")
        filled = f"100 × {sum(below)} ÷ {table.n}"
        return Working(
            say("means_share", value=cell, name=name), say("formula_cumulative"), filled, (upto, f"n = {table.n}")
        )
    return None


def limit(level: Level, table: FrequencyCell, cell: Cell, confidence: float) -> Working | None:
    """A limit of the interval of a percentage (Wilson 1927)."""
    from istrel.stats.special import ndtri

    if not isinstance(table.n, int) or not isinstance(level.count, int) or not table.n:
        return None
    n, z, low = table.n, float(ndtri(0.5 + confidence / 2)), cell.column.endswith("/low")
    sign, p, k = "−" if low else "+", f"{level.count} ÷ {n}", shown(z)
    steps = (say("step_count", n=str(level.count)), f"n = {n}", f"p = {p} = {shown(level.count / n)}", f"z = {k}")
    inner = f"{p} × (1 − {p}) ÷ {n} + {k}^2 ÷ (4 × {n}^2)"
    filled = f"100 × ({p} + {k}^2 ÷ (2 × {n}) {sign} {k} × √({inner})) ÷ (1 + {k}^2 ÷ {n})"
    formula = f"100 × (p + z² ÷ 2n {sign} z√(p(1 − p) ÷ n + z² ÷ 4n²)) ÷ (1 + z² ÷ n)"
    said = say("means_share_limit", value=cell, name=level.label or verbatim(level.name))
    return Working(said, formula, filled, steps)


def counted(cell: Cell, name: Text, count: int, n: int) -> Working:
    """A number of cases."""
    said = say("means_count", value=cell, n=Cell(float(n), Kind.COUNT), name=name)
    return Working(said, say("letter_count"), shown(count), (f"n = {n}",))


def share(cell: Cell, name: Text, count: int, of: int, letter: Text) -> Working | None:
    """A percentage of a number of cases."""
    if not of:
        return None
    said = say("means_share", value=cell, name=name)
    steps = say("step_count", n=str(count)), say("step_letter", letter=letter, n=str(of))
    return Working(said, say("formula_share", letter=letter), f"100 × {count} ÷ {of}", steps)
