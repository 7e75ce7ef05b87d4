"""What tells who a person is: mail addresses, telephone and account numbers, names, dates of birth.

It should not be given away with the data.
"""

from __future__ import annotations

import re
from collections.abc import Iterator

import numpy as np

from istrel.data.column import Kind
from istrel.data.screening.finding import Finding, Remedy, TellsWho, listed
from istrel.data.screening.look import Look
from istrel.english import english

MOSTLY, FEWEST = 0.5, 3
MOST_WORDS = 500  # are looked at of a column
FORMS = {
    "mail addresses": re.compile(r"[^@\s]+@[^@\s]+\.[A-Za-z]{2,}$"),
    "telephone numbers": re.compile(r"(?=(?:\D*\d){9})(?=.*[ +()/.-])(?:\+|\(?0)[\d\s()/.-]+$"),
    "account numbers": re.compile(r"[A-Z]{2}\d{2}(?:\s?[A-Z0-9]{4}){3,7}(?:\s?[A-Z0-9]{1,4})?$"),
}
FORMS_SAID = {
    "mail addresses": english("mail addresses"),
    "telephone numbers": english("telephone numbers"),
    "account numbers": english("account numbers"),
}
NAMES = re.compile(
    r"(?:^|_|\b)(?:(?:e[-_ ]?)?mail(?:[-_ ]?address)?|surname|(?:first|last|family|given|maiden|full)[-_ ]?name|"
    r"phone(?:[-_ ]?number)?|vorname|nachname|familienname|telefon(?:nummer)?|pr[ée]nom|nom[-_ ]de[-_ ]famille|"
    r"t[ée]l[ée]phone|apellidos?|tel[ée]fono)(?:_|\b|$)",
    re.IGNORECASE,
)
BARE = re.compile(r"(?i)^(?:names?|nom|nombre|person|patient|teilnehmer(?:in)?)$")
FULL_NAME = re.compile(
    r"[^\W\d_a-z][\w'’-]+,? (?:[^\W\d_a-z]\.? )?[^\W\d_a-z][\w'’-]+$"
)  # “Anna B. Berg”, “Berg, Anna”
PLACES = re.compile(
    r"(?:^|_|\b)(?:street|(?:home[-_ ]?)?address|stra(?:ß|ss)e|anschrift|adresse|direcci[óo]n)(?:_|\b|$)", re.IGNORECASE
)  # of persons where names or numbers of persons stand beside them
BIRTH = re.compile(
    r"(?:^|_|\b)(?:d\.?o\.?b\.?|birth[-_ ]?da(?:te|y)|date[-_ ]of[-_ ]birth|born|"
    r"geb(?:urts)?[-_ ]?(?:datum|tag)|geb\.?|geboren(?:[-_ ]am)?|"
    r"date[-_ ]de[-_ ]naissance|naissance|né(?:e)?[-_ ]le|fecha[-_ ](?:de[-_ ])?nac(?:imiento)?|nacimiento)(?:_|\b|$)",
    re.IGNORECASE,
)  # of a day: with a place and a sex it tells nearly everybody apart


def find(look: Look) -> Iterator[Finding]:
    """personal."""
    texts = look.of_kind(Kind.TEXT)
    found = {name: what for name in texts if (what := _what(look, name, NAMES))}
    if found:
        found |= {name: what for name in texts if (what := _what(look, name, PLACES))}
    found |= {name: "dates of birth" for name in look.of_kind(Kind.DATE) if _of_birth(look, name)}
    names = tuple(found)
    if not names:
        return
    held = sorted({what for what in found.values() if what in FORMS})
    says = (
        english(
            "[tells|tell] who a person is ({held}); marked, it stays out of data that are given away.",
            n=len(names),
            held=" · ".join(held) if len(held) > 1 else FORMS_SAID[held[0]],
        )
        if held
        else english("[tells|tell] who a person is; marked, it stays out of data that are given away.", n=len(names))
    )
    remedy = Remedy(english("mark as personal"), TellsWho(names))
    yield Finding("personal", names, listed(names), says, (), (remedy,))


def _of_birth(look: Look, name: str) -> bool:
    """Whether a column of days says when persons were born, and is not marked."""
    if look.data.variable(name).personal or not BIRTH.search(name):
        return False
    distinct, counts = look.data.tally(name)
    return distinct.size >= FEWEST and 2 * distinct.size > int(counts.sum())


def _what(look: Look, name: str, called: re.Pattern[str]) -> str:
    """What personal details a column of texts holds; nothing where it holds none, or is marked already."""
    if look.data.variable(name).personal:
        return ""
    column = look.data.table.column(name)
    there = column.valid & look.data.kept
    counts = np.bincount(column.values[there], minlength=len(column.words))
    words = [word.strip() for word, n in zip(column.words, counts, strict=True) if n][:MOST_WORDS]
    if len(words) < FEWEST:
        return ""
    for what, form in FORMS.items():
        if sum(form.match(word) is not None for word in words) >= MOSTLY * len(words):
            return what
    if BARE.match(name) and all(map(FULL_NAME.match, words)):
        return "names" if len(words) > int(there.sum()) // 2 else ""
    return "names" if called.search(name) and len(words) > int(there.sum()) // 2 else ""
