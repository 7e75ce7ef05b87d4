"""What a row is likely to be, by names and by what is unique: persons with several rows, tables that were counted already."""

from __future__ import annotations

import re
from collections.abc import Iterable

import numpy as np

from istrel.data.codebook import Codebook
from istrel.data.column import Column, Kind
from istrel.data.levels import Level
from istrel.data.row_marks import row_marks
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.data.table import Table
from istrel.stats.distinct import distinct_values

PERSON = re.compile(
    r"^(?:id|.*[_ .-]id|.*[a-z]I[dD]|(?:participant|subject|respondent|patient|person|student|pupil|learner|member|client|case|"
    r"household|firm|company|animal|child|couple|family|plot|unit|country|proband|vpn?|versuchsperson|patientin|schüler|"
    r"sujet|sujeto|participante|paciente|élève|alumno)(?:[_ .-]?(?:id|nr|no|num|number|code|key))?)$",
    re.IGNORECASE,
)
OCCASION = re.compile(
    r"^(?:.*[_ .-])?(?:occasion|time(?:[_ ]?point)?|evening|abend|morning|night|"
    r"wave|visit|session|year|month|week|day|date|round|period|phase|trial|test|"
    r"moment|measurement|assessment|stage|block|quarter|condition|prepost|pre_post|t|zeit(?:punkt)?|welle|besuch|messung|"
    r"termin|jahr|monat|woche|tag|datum|temps|vague|visite|année|mois|semaine|jour|tiempo|ola|visita|año|mes|semana|día)s?\d*$",
    re.IGNORECASE,
)
COUNTED = re.compile(
    r"^(?:freq(?:uency|uencies|s)?|counts?|n|cases|number|num|total|obs|anzahl|häufigkeit|fälle|effectifs?|fréquence|"
    r"frecuencias?|casos|nombre|número)$",
    re.IGNORECASE,
)
REPEATS = 0.8  # of the rows: fewer different values than this are persons with several rows
KNOWN = 0.8  # of the rows say whose they are: others sum up, or are blank
UNIQUE = 0.99  # of the rows: person and occasion together
MOST_OCCASIONS, FEWEST_ROWS = 400, 4
MOST_COMBINATIONS = 50_000  # rows of a table that was counted


def guess_rows(table: Table, codebook: Codebook) -> Rows:
    """Person and occasion, where the data say that persons have several rows; nothing else is taken for granted."""
    if table.n_rows < FEWEST_ROWS:
        return EACH_ITS_OWN
    for person in filter(_may_be_person, table.columns):
        present = int(person.valid.sum())
        if present < KNOWN * table.n_rows or not 1 < _distinct((person,)) <= REPEATS * present:
            continue
        others = [one for one in table.columns if one is not person and _may_be_occasion(one, person, codebook)]
        found = next((one for one in others if _distinct((person, one)) >= UNIQUE * present), None)
        if found is not None:
            return Rows(person=person.name, occasion=found.name, guessed=True)
    return EACH_ITS_OWN


def counted_by(table: Table, codebook: Codebook) -> str:
    """The variable that is likely to say how many cases a row stands for; empty where none is.

    It is called so, holds whole numbers from 0, and the other variables are categories whose combinations stand once each.
    """
    if not 1 < table.n_rows <= MOST_COMBINATIONS:
        return ""
    for column in table.columns:
        if not COUNTED.match(column.name) or column.kind is not Kind.NUMBER or not _counts(column):
            continue
        others = [one for one in table.columns if one is not column]
        plain = all(codebook[one.name].level.categorical or one.kind is Kind.TEXT for one in others)
        if others and plain and _distinct(others) == table.n_rows and float(column.values.max()) > 1:
            return column.name
    return ""


def _may_be_person(column: Column) -> bool:
    if not PERSON.match(column.name):
        return False
    return column.kind is Kind.TEXT or (column.kind is Kind.NUMBER and _whole(column))


def _may_be_occasion(column: Column, person: Column, codebook: Codebook) -> bool:
    known = bool(column.valid[person.valid].all())
    if not OCCASION.match(column.name) or codebook[column.name].level is Level.TEXT or not known:
        return False
    return column.kind is Kind.DATE or _distinct((column,)) <= MOST_OCCASIONS


def _whole(column: Column) -> bool:
    values = column.values[column.valid]
    return bool(values.size) and bool((values == np.floor(values)).all())


def _counts(column: Column) -> bool:
    return bool(column.valid.all()) and _whole(column) and float(column.values.min()) >= 0


def _distinct(columns: Iterable[Column]) -> int:
    """How many different combinations of values there are, among rows where the first has one."""
    parts = list(columns)
    return int(distinct_values(row_marks(parts)[parts[0].valid]).size)
