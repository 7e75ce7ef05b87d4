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

OF_PEOPLE = (
    r"participant|subject|subj?|respondent|patient(?:en)?|person|student|pupil|learner|member|client|proband(?:en)?|vpn?|"
    r"versuchspersonen?|patientin|pat|schüler(?:in)?|teilnehmer(?:in)?|tn|"
    r"sujet|sujeto|participante|paciente|élève|eleve|alumno"
)
NUMBERED = r"(?:[_ .-]{0,2}(?:id|nr|no|n°|nº|num|numb?er|nummer|numéro|numero|número|code|key)\.?)?"
NUMBER_OF = r"(?:(?:id|nr|no|n°|nº|num(?:éro|ero|ber)?|número|code|código|codigo)\.?[_ .-]{0,2}(?:d[ue]l? |of )?)?"
PEOPLE = re.compile(rf"^{NUMBER_OF}(?:{OF_PEOPLE}){NUMBERED}$", re.IGNORECASE)
PERSON = re.compile(
    rf"^(?:[psu]?id|.*[_ .-]id|.*[a-z]I[dD]|{NUMBER_OF}(?:{OF_PEOPLE}|"
    rf"case|household|firm|company|animal|child|couple|family|plot|unit|country){NUMBERED})$",
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
WEIGHT = re.compile(
    r"^(?:.*[_ .-])?(?:w|wt|wgt|weights?|weighting|pweight|pw|fw|pond(?:eration)?|pondération|poids|gew(?:icht(?:ung)?)?|peso|"
    r"ponderación|expansion)(?:[_ .-]?(?:final|fin|sample|person|pers|hh|pop|\d+))?$|^(?:[a-z]+wt|[a-z]*weight|wt[a-z]+)\d*$",
    re.IGNORECASE,
)
OF_A_SAMPLE = re.compile(  # what is called so is the weight of nobody
    r"(?:^|[_ .-])(?:wgt|weighting|pweight|pw|fw|pond(?:eration)?|pondération|gewichtung|ponderación|expansion|"
    r"(?:final|sampl(?:e|ing)|survey|design|person|pers|hh|pop|post|strat)[_ .-]?w(?:eigh)?t|"
    r"(?:w|wt|weight|gewicht|poids|peso)[_ .-]?(?:final|fin|sample|person|pers|hh|pop))\d*$",
    re.IGNORECASE,
)
STRATA = re.compile(r"^(?:.*[_ .-])?(?:strat(?:um|a)?|schicht|strate|estrato)s?(?:[_ .-]?\w{1,6})?$", re.IGNORECASE)
CLUSTERS = re.compile(
    r"^(?:.*[_ .-])?(?:psu|clu(?:ster)?s?|klumpen|grappe|conglomerado|upm|primary[_ .-]unit|school|village)"
    r"(?:[_ .-]?(?:id|no|nr))?$",
    re.IGNORECASE,
)
REPEATS = 0.8  # of the rows: fewer different values than this are persons with several rows
KNOWN = 0.8  # of the rows say whose they are: others sum up, or are blank
UNIQUE = 0.99  # of the rows: person and occasion together
MOST_OCCASIONS, FEWEST_ROWS = 400, 4
NEAR_ONE, FAR_ABOVE = (
    0.05,
    20.0,
)  # the mean of weights that are scaled to the rows, and of those that sum to a population
BODY = re.compile(r"^(?:weight|gewicht|poids|peso|factor)$", re.IGNORECASE)  # that of a person as well
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


def weighted_by(table: Table, codebook: Codebook) -> Rows:
    """How the rows are likely to be weighted: by a variable above 0 that is called the weight of a sample, or a weight whose mean
    is near 1; with strata and clusters by their names. Nothing where none is.
    """
    for column in table.columns:
        if not WEIGHT.match(column.name) or column.kind is not Kind.NUMBER or not bool(column.valid.all()):
            continue
        values = column.values
        if table.n_rows < FEWEST_ROWS or not bool((values > 0).all()) or codebook[column.name].unit:
            continue
        fraction = bool((values != np.floor(values)).any())
        near = fraction and abs(float(values.mean()) - 1) <= NEAR_ONE
        if float(values.min()) < float(values.max()) and (near or OF_A_SAMPLE.search(column.name)):
            return Rows(weight=column.name, strata=_called(STRATA, table), clusters=_called(CLUSTERS, table))
    return EACH_ITS_OWN


def _called(pattern: re.Pattern[str], table: Table) -> str:
    """The first variable of such a name whose every row says it, and which repeats."""
    fitting = (one for one in table.columns if pattern.match(one.name) and bool(one.valid.all()))
    return next((one.name for one in fitting if 1 < _distinct((one,)) <= REPEATS * table.n_rows), "")


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
    if len(parts) == 1 and parts[0].kind is not Kind.TEXT:
        return int(distinct_values(parts[0].values[parts[0].valid]).size)
    return int(distinct_values(row_marks(parts)[parts[0].valid]).size)
