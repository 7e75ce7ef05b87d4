"""The intake as one value: what is in a source, what looks wrong with it, where values are missing."""

from __future__ import annotations

from dataclasses import dataclass

from istrel.data.dataset import Dataset
from istrel.data.facts import Extreme, FileFacts, VariableFacts, extremes, file_facts, variable_facts
from istrel.data.patterns import MissingMap, MissingPattern, missing_map, missing_patterns
from istrel.data.row_key import key_of
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.data.scales import Scale, scales_in
from istrel.data.screening import Finding, screen
from istrel.data.screening.sound import found_sound
from istrel.data.series import Series, series_in
from istrel.data.sets import AnswerSet, sets_in
from istrel.data.table import Source


@dataclass(frozen=True, eq=False)
class Intake:
    """Everything there is to say about a source before any number is quoted.

    Attributes
    ----------
    extremes
        For each variable of numbers or dates, its lowest and highest values with their data rows from 1.
    sound
        What was looked at without a finding.
    key
        The fewest columns that tell all rows apart.
    """

    data: Dataset
    source: Source
    file: FileFacts
    variables: tuple[VariableFacts, ...]
    extremes: dict[str, tuple[tuple[Extreme, ...], tuple[Extreme, ...]]]
    findings: tuple[Finding, ...]
    sound: tuple[str, ...]
    patterns: tuple[MissingPattern, ...]
    map: MissingMap
    rows: Rows = EACH_ITS_OWN
    series: tuple[Series, ...] = ()
    sets: tuple[AnswerSet, ...] = ()
    scales: tuple[Scale, ...] = ()
    key: tuple[str, ...] = ()


def take_in(data: Dataset) -> Intake:
    """Look through the whole source."""
    names, findings = data.table.names, screen(data)
    return Intake(
        data=data,
        source=data.table.source,
        file=file_facts(data),
        variables=tuple(variable_facts(data, name) for name in names),
        extremes={name: extremes(data, name) for name in names},
        findings=findings,
        sound=found_sound(findings, data),
        patterns=missing_patterns(data),
        map=missing_map(data),
        rows=data.codebook.rows,
        series=series_in(data.codebook, data.table),
        sets=sets_in(data),
        scales=scales_in(data.codebook, data.table),
        key=key_of(data),
    )
