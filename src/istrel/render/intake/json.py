"""The intake in the JSON exchange form of docs/exchange.md."""

from __future__ import annotations

from typing import Any

from istrel.data.facts import Extreme, VariableFacts
from istrel.data.rows import ROLES
from istrel.data.screening import Finding
from istrel.data.table import Source
from istrel.files import as_json
from istrel.study.intake import Intake
from istrel.version import VERSION


def render(intake: Intake) -> bytes:
    """One object. UTF-8."""
    source = intake.source
    content = {
        "istrel": 1,
        "source": {"name": source.name, "sha256": source.sha256, "reading": source.reading, "istrel": VERSION},
        "reading": _reading(source),
        "rows": intake.file.rows,
        "columns": intake.file.columns,
        "variables": [_variable(facts, *intake.extremes[facts.name]) for facts in intake.variables],
        "rows_are": {**{role: intake.rows.said.get(role) for role in ROLES}, "guessed": intake.rows.guessed},
        "series": [
            {"name": one.name, "columns": list(one.columns), "occasions": list(one.occasions)} for one in intake.series
        ],
        "sets": [{"name": one.name, "answers": list(one.answers), "columns": list(one.columns)} for one in intake.sets],
        "scales": [{"name": one.name, "items": list(one.items)} for one in intake.scales],
        "key": list(intake.key),
        "findings": [_finding(finding) for finding in intake.findings],
        "missing_patterns": [{"variables": list(p.variables), "count": p.count} for p in intake.patterns],
    }
    return as_json(content)


def _reading(source: Source) -> dict[str, Any]:
    """What was decided of a file's text; null where its format decides it."""
    decided = source.decided
    return {
        "encoding": decided.encoding or None,
        "delimiter": decided.delimiter or None,
        "decimal": decided.decimal or None,
        "thousands": {".": ",", ",": "."}.get(decided.decimal),
        "names_rows": list(decided.names_rows),
        "set_aside": [{"row": row, "why": why} for row, why in decided.set_aside],
        "remarks": list(source.remarks),
        "unsure": list(source.unsure),
    }


def _variable(facts: VariableFacts, lowest: tuple[Extreme, ...], highest: tuple[Extreme, ...]) -> dict[str, Any]:
    return {
        "name": facts.name,
        "level": facts.level.value,
        "valid": facts.valid,
        "missing": facts.missing,
        "distinct": facts.distinct,
        "zeros": facts.zeros,
        "min": facts.minimum,
        "max": facts.maximum,
        "mean": facts.mean,
        "most_frequent": [[value, count] for value, count in facts.frequent_values],
        "lowest": [list(entry) for entry in lowest],
        "highest": [list(entry) for entry in highest],
    }


def _finding(finding: Finding) -> dict[str, Any]:
    return {
        "kind": finding.kind,
        "variables": list(finding.variables),
        "cases": list(finding.rows),
        "count": len(finding.rows),
        "says": finding.line,
        "remedy": "; ".join(remedy.words for remedy in finding.remedies),
    }
