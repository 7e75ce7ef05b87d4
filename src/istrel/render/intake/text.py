"""The intake as plain text for a terminal."""

from __future__ import annotations

import textwrap

from istrel.counting import counted
from istrel.data.facts import VariableFacts
from istrel.data.screening import Finding
from istrel.problem import one_line
from istrel.render.intake.told import structure_said
from istrel.study.intake import Intake
from istrel.study.rows import unit

BARS = " ▁▂▃▄▅▆▇█"
WIDEST, WIDEST_NAME = 100, 28
MOST_ROWS = 8


def render(intake: Intake) -> bytes:
    """Lines of at most about a hundred characters. UTF-8."""
    lines = [*_head(intake), "", *_findings(intake), "", *_variables(intake), "", *_missing(intake)]
    return "".join(f"{one_line(line)}\n" for line in lines).encode()


def _head(intake: Intake) -> list[str]:
    facts = intake.file
    one = unit(intake.data.codebook)
    size = f"{counted(facts.rows, one)} · {counted(facts.columns, 'variable')}"
    size += f" · {100 * facts.missing_share:.1f} % of values missing"
    read = [intake.source.reading] if intake.source.reading else []
    return [
        intake.source.name,
        f"{size} · {counted(facts.complete, f'complete {one}')}",
        *read,
        *(line for said in structure_said(intake) for line in textwrap.wrap(said, WIDEST, subsequent_indent="  ")),
        *(
            line
            for remark in intake.source.remarks
            for line in _wrapped(f"{'?' if remark in intake.source.unsure else '·'} {remark}")
        ),
    ]


def _wrapped(text: str) -> list[str]:
    return textwrap.wrap(text, WIDEST, initial_indent="  ", subsequent_indent="    ")


def _findings(intake: Intake) -> list[str]:
    sound = _wrapped(f"Found sound: {', '.join(intake.sound)}.") if intake.sound else []
    if not intake.findings:
        return ["Nothing to look at.", *sound]
    count = len(intake.findings)
    lines = [f"{count} thing{'s' if count > 1 else ''} to look at"]
    for finding in intake.findings:
        lines.append(f"  {'!' if finding.changes_numbers else '·'} {finding.line}")
        lines += [f"      {words}" for words in _more(finding)]
    return [*lines, *sound]


def _more(finding: Finding) -> list[str]:
    parts = []
    if finding.rows:
        shown = ", ".join(map(str, finding.rows[:MOST_ROWS]))
        rest = len(finding.rows) - MOST_ROWS
        parts.append(f"row{'s' if len(finding.rows) > 1 else ''} {shown}" + (f" and {rest:,} more" if rest > 0 else ""))
    parts += [remedy.words for remedy in finding.remedies]
    return [" · ".join(parts)] if parts else []


def _variables(intake: Intake) -> list[str]:
    wide = min(WIDEST_NAME, max((len(facts.name) for facts in intake.variables), default=0))
    return [_line(facts, wide) for facts in intake.variables]


def _line(facts: VariableFacts, wide: int) -> str:
    name = facts.name if len(facts.name) <= wide else facts.name[: wide - 1] + "…"
    drawing = "".join(BARS[round(height * 8)] if height > 0 else " " for height in facts.shape)
    missing = f"{facts.missing:,} missing" if facts.missing else ""
    return f"{facts.level.tag:<4}{name:<{wide}}  {facts.valid:>9,}  {drawing:<18}  {facts.glance}  {missing}".rstrip()


def _missing(intake: Intake) -> list[str]:
    patterns = [pattern for pattern in intake.patterns if pattern.variables][:10]
    if not patterns:
        return ["No value is missing."]
    lines = [(p.count, ", ".join(p.variables[:6]) + (" …" if len(p.variables) > 6 else "")) for p in patterns]
    return ["Missing together", *(f"  {count:>7,}  {names}" for count, names in lines)]
