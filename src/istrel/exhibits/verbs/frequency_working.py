"""How counts and percentages come about: from the same counts from which they were computed."""

from __future__ import annotations

import math
from collections.abc import Iterable, Sequence

import numpy as np

from istrel.data.dataset import Dataset
from istrel.exhibits.text import Cell, Text, say, verbatim
from istrel.exhibits.verbs.frequency_result import FrequencyCell, Level, level_key
from istrel.exhibits.verbs.sums_working import E
from istrel.exhibits.wording import reason_label, titled
from istrel.exhibits.working import Working, shown
from istrel.stats.frequency import wilson_intervals
from istrel.stats.student import t_quantile
from istrel.style.numbers import Kind


def explain_level(
    cells: Iterable[FrequencyCell], cell: Cell, confidence: float = 0.95, data: Dataset | None = None
) -> Working | None:
    """The working of a count or percentage of a level, of what is missing, or of all; None for what is none or hidden, and
    for limits of weighted shares.
    """
    if not isinstance(cell.value, float | int):
        return None
    for table in cells:
        before = f"{table.group.key}/"
        if not cell.column.startswith(before):
            continue
        what = cell.column.removeprefix(before)
        level = next((one for one in table.levels if level_key(table, one) == cell.row), None)
        if level is None:
            made = None if data is None else _of_the_rest(what, table, cell, data)
        elif what in ("low", "high"):
            of_sample = _of_logit if level.weighed is not None else limit
            made = of_sample(level, table, cell, confidence)
        else:
            made = _of_weighed(what, level, table, cell) if level.weighed else _of_level(what, level, table, cell)
        if made is not None:
            return made
    return None


def _of_the_rest(what: str, table: FrequencyCell, cell: Cell, data: Dataset) -> Working | None:
    """Who has no value, by reason; all who have one; all; and an answer that nobody gave."""
    n, missing, total = table.n, table.missing, table.total
    if table.weighted_n is not None or not (isinstance(n, int) and isinstance(missing, int) and isinstance(total, int)):
        return None
    of = " × ".join(table.variables)
    rest, name = cell.row.removeprefix(of), titled(data.variable(table.variables[0]))
    if cell.value == 0 and rest.startswith("="):
        nobody = verbatim(rest[1:])
        return counted(cell, nobody, 0, n) if what == "n" else share(cell, nobody, 0, n, verbatim("n"))
    if rest == "" and what == "n":
        return Working(say("means_n", name=name, value=cell, n=cell), "n", shown(n))
    if rest == " total" and what == "n":
        return summed(cell, name, [n, missing] if cell.value == total else [n])
    known = {reason.name: (reason_label(reason), count) for reason, count in table.reasons}
    known |= {"total": (say("total"), total), "missing": known.get("missing", (say("missing"), missing))}
    label, count = known.get(rest.strip(), (None, 0))
    if label is None or not isinstance(count, int) or what not in ("n", "percent"):
        return None
    return counted(cell, label, count, total) if what == "n" else share(cell, label, count, total, verbatim("N"))


def _of_weighed(what: str, level: Level, table: FrequencyCell, cell: Cell) -> Working | None:
    """A level of a weighted sample: its cases as they are, and its share of the sum of weights."""
    name: Text = level.label or verbatim(level.name)
    if what in ("n", "count") and isinstance(level.count, int) and isinstance(table.n, int):
        return counted(cell, name, level.count, table.n)
    if what not in ("valid_percent", "valid", "%") or level.weighed is None or not table.weighted_n:
        return None
    part, whole = shown(level.weighed.sum), shown(table.weighted_n)
    steps = say("step_weight"), say("step_weight_of_those", value=part), f"Σw = {whole}"
    said = say("means_share", value=cell, name=name)
    return Working(said, say("formula_weighted_share"), f"100 × {part} ÷ {whole}", steps)


def _of_level(what: str, level: Level, table: FrequencyCell, cell: Cell) -> Working | None:
    if not isinstance(table.n, int) or not isinstance(table.total, int) or not isinstance(level.count, int):
        return None
    name: Text = level.label or verbatim(level.name)
    if what in ("n", "count"):
        return counted(cell, name, level.count, table.n)
    if what == "expected" and table.fit is not None:
        part = table.fit.expected[table.levels.index(level)]
        return Working(say("means_expected_share", value=cell, name=name), "100 × p", f"100 × {shown(part)}")
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


def _of_logit(level: Level, table: FrequencyCell, cell: Cell, confidence: float) -> Working | None:
    """A limit of a weighted share: its logit and t errors of it (see `weighted shares`)."""
    weighed = level.weighed
    if weighed is None or not table.weighted_n or not 0 < weighed.sum < table.weighted_n or not weighed.df > 0:
        return None
    p, error = weighed.sum / table.weighted_n, weighed.error / 100
    t, sign = t_quantile(weighed.df, confidence), "−" if cell.column.endswith("/low") else "+"
    reach = t * error / (p * (1 - p))
    u = math.log(p / (1 - p)) + (-reach if sign == "−" else reach)
    p_, e, t_ = shown(p), shown(error), shown(t)
    steps = (
        f"p = {shown(weighed.sum)} ÷ {shown(table.weighted_n)} = {p_}",
        say("step_linearized_error", value=e),
        f"t({shown(weighed.df)}; {shown(0.5 + confidence / 2)}) = {t_}",
        f"u = ln({p_} ÷ (1 − {p_})) {sign} {t_} × {e} ÷ ({p_} × (1 − {p_})) = {shown(u)}",
    )
    name: Text = level.label or verbatim(level.name)
    formula = f"100 ÷ (1 + e^(−u)), u = ln(p ÷ (1 − p)) {sign} t × SE ÷ (p(1 − p))"
    return Working(say("means_share_limit", value=cell, name=name), formula, f"100 ÷ (1 + {E}^({shown(-u)}))", steps)


def limit(level: Level, table: FrequencyCell, cell: Cell, confidence: float) -> Working | None:
    """A limit of the interval of a percentage."""
    if not isinstance(table.n, int) or not isinstance(level.count, int) or not table.n:
        return None
    return wilson_limit(cell, level.label or verbatim(level.name), level.count, table.n, confidence)


def wilson_end(count: int, n: int, confidence: float, *, low: bool) -> float:
    """The same as a share."""
    ends = wilson_intervals(np.array([count]), np.array([n]), confidence=confidence)
    return float(ends[0 if low else 1][0])


def wilson_limit(cell: Cell, name: Text, count: int, n: int, confidence: float) -> Working:
    """A limit of the interval of `count` of `n` cases (Wilson 1927)."""
    from istrel.stats.special import ndtri

    z, low = float(ndtri(0.5 + confidence / 2)), cell.column.endswith("/low")
    sign, p, k = "−" if low else "+", f"{count} ÷ {n}", shown(z)
    steps = (say("step_count", n=str(count)), f"n = {n}", f"p = {p} = {shown(count / n)}", f"z = {k}")
    inner = f"{p} × (1 − {p}) ÷ {n} + {k}^2 ÷ (4 × {n}^2)"
    filled = f"100 × ({p} + {k}^2 ÷ (2 × {n}) {sign} {k} × √({inner})) ÷ (1 + {k}^2 ÷ {n})"
    formula = f"100 × (p + z² ÷ 2n {sign} z√(p(1 − p) ÷ n + z² ÷ 4n²)) ÷ (1 + z² ÷ n)"
    return Working(say("means_share_limit", value=cell, name=name), formula, filled, steps)


def summed(cell: Cell, name: Text, parts: Sequence[int]) -> Working:
    """All cases of a table, as the sum of its parts."""
    return Working(say("means_n", name=name, value=cell, n=cell), "n", " + ".join(map(str, parts)))


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
