"""Writes the tables of docs/sentence.md from the vocabulary: `make page`. A test holds the page to it."""

from __future__ import annotations

import re
from collections.abc import Iterable
from pathlib import Path

from istrel.data.formula.functions import FUNCTIONS
from istrel.sentence.vocabulary import CLAUSES, CLAUSES_OF, FORMS, SETTINGS, SHORT, STATISTICS, TESTS, VERBS
from istrel.sentence.vocabulary.entries import Setting
from istrel.sentence.vocabulary.takes import Choice

PAGE = Path(__file__).parents[1] / "docs" / "sentence.md"
PLACE = re.compile(r"<!-- the vocabulary: (\w+) -->\n(?:.*?<!-- end -->\n)?", re.DOTALL)


def table(heads: tuple[str, ...], rows: Iterable[tuple[str, ...]]) -> str:
    lines = [heads, ("---",) * len(heads), *rows]
    return "".join(f"| {' | '.join(cell.replace('|', '&#124;') for cell in line)} |\n" for line in lines)


def verbs() -> str:
    named = {form for verb in VERBS.values() for form in verb.forms}
    clauses = (
        (f"`{name}`", words, ", ".join(f"`{v}`" for v in CLAUSES_OF.get(name, VERBS)))
        for name, words in CLAUSES.items()
    )
    return "\n".join(
        (
            table(
                ("verb", "gives", "forms after `as`, the usual one first"),
                ((f"`{v.name}`", v.meaning, ", ".join(v.forms)) for v in VERBS.values()),
            ),
            table(("clause", "says", "with"), clauses),
            table(("form", "is"), ((f.name, f.meaning) for f in FORMS.values() if f.name in named)),
        )
    )


def statistics() -> str:
    single = ((f"`{s.name}`", s.meaning) for s in STATISTICS.values())
    several = ((f"`{s.name}`", f"{s.meaning}: {', '.join(s.of)}") for s in SHORT.values())
    tests = ((f"`{t.name}`", f"{t.meaning} ({t.source})") for t in TESTS.values())
    return "\n".join((table(("statistic", "is"), (*single, *several)), table(("test of `check`", "is"), tests)))


def settings() -> str:
    return table(
        ("setting", "says", "takes", "usually", "belongs to"),
        (
            (f"`{s.name}`", s.meaning, takes(s), usual(s), "; ".join(dict.fromkeys(b.words for b in s.belongs)))
            for s in SETTINGS.values()
        ),
    )


def takes(setting: Setting) -> str:
    if isinstance(setting.takes, Choice):
        return ", ".join(str(value) for value in setting.takes.offers)
    return setting.takes.words


def usual(setting: Setting) -> str:
    value = setting.usual
    if isinstance(value, bool):
        return "yes" if value else "no"
    if isinstance(value, tuple):
        return ", ".join(value)
    return "" if value is None else str(value)


def functions() -> str:
    return table(("function", "gives"), ((f"`{f.form}`", f.words) for f in FUNCTIONS.values()))


TABLES = {"verbs": verbs, "statistics": statistics, "settings": settings, "functions": functions}


def written(page: str) -> str:
    """The page with its tables as the vocabulary has them now."""
    return PLACE.sub(lambda found: f"<!-- the vocabulary: {found[1]} -->\n\n{TABLES[found[1]]()}\n<!-- end -->\n", page)


if __name__ == "__main__":
    PAGE.write_text(written(PAGE.read_text(encoding="utf-8")), encoding="utf-8")
