"""The vocabulary, said once: every verb, form, statistic, test and setting with its words, meaning, values and place.

Grammar, completion, refusals, the column of settings, defaults and the tables of docs/sentence.md are derived from it.
"""

from istrel.sentence.vocabulary.entries import Belongs, Form, Setting, Statistic, Test, Verb
from istrel.sentence.vocabulary.settings import CLASS_SETTINGS, SETTINGS
from istrel.sentence.vocabulary.statistics import (
    CASE_LISTS,
    ON_BUTTONS,
    SHORT,
    STATISTICS,
    TESTS,
    USUAL,
    meant,
    percentile_of,
    statistic,
)
from istrel.sentence.vocabulary.verbs import FORMS, VERBS, usual_form

CLAUSES = {
    "against": "the other side: columns of a cross-table, or the one variable to rank against",
    "given": "what is taken out of both variables (partial correlation)",
    "across": "the variables that make the groups",
    "among": "a condition: the cases in use",
    "as": "what it looks like",
    "with": "statistics and settings",
}
SHORT_AND_STATISTICS = (*STATISTICS, *SHORT)
CLAUSES_OF = {c: tuple(v.name for v in VERBS.values() if c in v.clauses) for c in ("against", "given")}

__all__ = [
    "CASE_LISTS",
    "CLASS_SETTINGS",
    "CLAUSES",
    "CLAUSES_OF",
    "FORMS",
    "ON_BUTTONS",
    "SETTINGS",
    "SHORT",
    "SHORT_AND_STATISTICS",
    "STATISTICS",
    "TESTS",
    "USUAL",
    "VERBS",
    "Belongs",
    "Form",
    "Setting",
    "Statistic",
    "Test",
    "Verb",
    "meant",
    "percentile_of",
    "statistic",
    "usual_form",
]
