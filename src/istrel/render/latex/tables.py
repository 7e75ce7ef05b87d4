"""Tables as LaTeX: horizontal rules of booktabs, numbers in columns of siunitx, heads repeated over pages."""

from __future__ import annotations

import re

from istrel.exhibits.printing import PrintedTable, Runs
from istrel.render.columns import Column
from istrel.render.latex.letters import escaped
from istrel.render.tables import LaidHead, Panel
from istrel.render.word.tables import text_width
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT

SEPARATION_PT = 4.0  # on each side of a column
SPARED = 0.9  # of a column of lines: the letters of LaTeX’s font are wider than those it was laid out for
PLAIN = re.compile(r"(−?)(\d+)(?:(.)(\d+))?([*]*)")


def tabular(table: PrintedTable, panel: Panel, style: HouseStyle) -> str:
    """One panel as a table that may run over pages."""
    last = panel.first + len(panel.columns) - 1
    rows = [(row, row.cells[panel.first : last]) for row in table.rows]
    columns = list(zip(*(cells for _, cells in rows if cells), strict=True))
    kinds = [_kind(column, style) for column in columns]
    marks = [max(len(cell) - len(cell.rstrip("*")) for cell in column) for column in columns]
    sized = [_sized(column, place, style) for column, place in zip(columns, panel.columns[1:], strict=True)]
    shape = f"p{{{panel.columns[0].width - SEPARATION_PT:.1f}pt}}" + "".join(
        k or s or "r" for k, s in zip(kinds, sized, strict=True)
    )
    heads = "".join(_heads(row) for row in panel.heads)
    lines = []
    for row, cells in rows:
        stub = f"\\hspace*{{{row.indent}em}}{_runs(row.stub)}" if row.indent else _runs(row.stub)
        if not row.cells:
            lines.append(f"\\multicolumn{{{len(panel.columns)}}}{{@{{}}l}}{{{_runs(row.stub)}}} \\\\*\n")
            continue
        made = (_cell(c, k, n, style) for c, k, n in zip(cells, kinds, marks, strict=True))
        lines.append(" & ".join([stub, *made]) + " \\\\\n")
    head = f"\\toprule\n{heads}\\midrule\n"
    return (
        f"\\begin{{longtable}}{{@{{}}>{{\\raggedright\\arraybackslash}}{shape}@{{}}}}\n{head}\\endhead\n"
        f"\\bottomrule\n\\endfoot\n{''.join(lines)}\\end{{longtable}}\n"
    )


def _kind(column: tuple[str, ...], style: HouseStyle) -> str:
    """A column of siunitx where all of its cells are plain numbers, as wide as these; empty for any other."""
    whole, rest = 1, 0
    numbers = 0
    for cell in column:
        if cell in ("", ABSENT):
            continue
        found = _plain(cell, style)
        if found is None:
            return ""
        digits, _, decimals = found[0].lstrip("-").partition(".")
        whole, rest, numbers = max(whole, len(digits)), max(rest, len(decimals)), numbers + 1
    if not numbers or (style.numbers.thousands and any(style.numbers.thousands in cell for cell in column)):
        return ""
    signed = "-" if any(cell.startswith("−") for cell in column) else ""
    stars = max((len(found[1]) for cell in column if (found := _plain(cell, style))), default=0)
    after = f",table-space-text-post={{{'*' * stars}}}" if stars else ""
    return f"S[table-format={signed}{whole}.{rest}{after}]" if rest else f"S[table-format={signed}{whole}{after}]"


def _sized(column: tuple[str, ...], place: Column, style: HouseStyle) -> str:
    """A column of lines as wide as it was laid out, where its longest cell would not stand on one; else nothing."""
    room = SPARED * place.width - 2 * SEPARATION_PT
    longest = max((text_width(cell, style.fonts.table_pt) for cell in column if " " in cell), default=0.0)
    return f">{{\\raggedright\\arraybackslash}}p{{{room:.1f}pt}}" if longest > room else ""


def _plain(cell: str, style: HouseStyle) -> tuple[str, str] | None:
    """(the number as siunitx reads it, marks behind it); None for what is no single number, or has no digit before its mark."""
    found = PLAIN.fullmatch(cell)
    if found is None or (found[3] or style.numbers.decimal_mark) != style.numbers.decimal_mark:
        return None
    return f"{'-' if found[1] else ''}{found[2]}" + (f".{found[4]}" if found[4] else ""), found[5]


def _cell(cell: str, kind: str, marks: int, style: HouseStyle) -> str:
    """One value; where siunitx does not set the column, room for the marks of its neighbours keeps the digits aligned."""
    if not kind:
        if cell == ABSENT:
            return f"\\multicolumn{{1}}{{c}}{{{escaped(cell)}}}"
        lack = marks - (len(cell) - len(cell.rstrip("*")))
        return escaped(cell) + (f"\\phantom{{{'*' * lack}}}" if lack and cell else "")
    found = _plain(cell, style)
    if found is None:
        return f"{{{escaped(cell)}}}" if cell else ""
    number, behind = found
    return f"{number}{{{escaped(behind)}}}" if behind else number


def _heads(row: tuple[LaidHead, ...]) -> str:
    """A row of heads, with the rules under its spanners."""
    cells, rules, place = [], [], 1
    for head in row:
        inner = r" \\ ".join(_runs(line) for line in head.lines)
        side = "l" if place == 1 else "c"
        inner = f"\\shortstack[{side}]{{{inner}}}" if len(head.lines) > 1 else inner
        if head.span > 1:
            cells.append(f"\\multicolumn{{{head.span}}}{{c}}{{{inner}}}")
            if head.text:
                rules.append(f"\\cmidrule(lr){{{place}-{place + head.span - 1}}}")
        else:
            cells.append(inner if place == 1 else f"\\multicolumn{{1}}{{c}}{{{inner}}}" if inner else "")
        place += head.span
    return " & ".join(cells) + " \\\\\n" + "".join(f"{rule}\n" for rule in rules)


def _runs(text: Runs) -> str:
    return "".join(f"\\textit{{{escaped(run.text)}}}" if run.italic else escaped(run.text) for run in text)
