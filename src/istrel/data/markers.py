"""What files write where there is no answer: words ("NA", ".", "null") and numbers (-9, 99), and in which columns a word does."""

from __future__ import annotations

import re
from collections import defaultdict
from collections.abc import Iterable

import numpy as np
from numpy.typing import NDArray

from istrel.data.column import Kind
from istrel.data.table import Table

BELOW_ZERO = (-9999, -999, -998, -997, -888, -777, -666, -99, -98, -97, -88, -77, -66, -9, -8, -7, -3, -2, -1)
ABOVE_ALL = (9, 66, 77, 88, 97, 98, 99, 666, 777, 888, 997, 998, 999, 8888, 9998, 9999, 99999)
CODE_LIKE = np.array((*BELOW_ZERO, *ABOVE_ALL), float)  # ascending
NO_VALUE = frozenset(  # nothing else is meant by these
    """. .. ... … - -- --- – — * ? n/a n/d <na> #n/v na n.a. #n/a nan null (null) #null! #value! #div/0! #ref! #num! #name?
    n.d. nd n.g. n.b. ./. <lod <loq <mdl <dl bdl bql
    k.a. s/d""".split()  # noqa: SIM905 — read as a list
)
PHRASES = """no answer, not available, not applicable, no data, don't know, not stated, not known, not recorded, not reported,
    not specified, keine angabe, keine angaben, ohne angabe, keine antwort, unbekannt, nicht erhoben, nicht bekannt,
    nicht zutreffend, verweigert, fehlend, non réponse, nsp, non renseigné, non renseignée, inconnu, inconnue, manquant,
    non applicable, sin respuesta, ns/nr, n/c, sin dato, sin datos, desconocido, desconocida, no aplica"""
NO_ANSWER = (
    NO_VALUE
    | frozenset("none nil missing unknown unk unk. refused k.a. s/d".split())  # noqa: SIM905 — read as a list
    | frozenset(phrase.strip() for phrase in PHRASES.split(","))
)
YES = frozenset(
    """yes y true ja j wahr oui o vrai si sí s verdadero sì vero sim verdadeiro tak t prawda да 是 はい""".split()  # noqa: SIM905
)
NO = frozenset("""no n false nein falsch non faux falso não nao nie f fałsz nee nej нет 否 いいえ""".split())  # noqa: SIM905
CUT_SHORT = re.compile(r"[^\W\d_]\. ?[^\W\d_](?:\.(?: ?[^\W\d_]\.?)?)?")
MOST_WORDS = 10_000  # a column of more different texts holds free text or keys


LEAST_CODE, MOST_CODE = int(CODE_LIKE[0]), int(CODE_LIKE[-1])
OF_A_CODE = np.isin(np.arange(LEAST_CODE, MOST_CODE + 1), CODE_LIKE)
BLOCK = 1 << 18


def holds_code_like(values: NDArray[np.float64]) -> bool:
    """Whether one of the values has the form of a code for "no answer"; nothing is sorted."""
    for start in range(0, values.size, BLOCK):
        block = values[start : start + BLOCK]
        block = block[(block >= LEAST_CODE) & (block <= MOST_CODE)]
        whole = block.astype(np.int64)
        if bool((OF_A_CODE[whole - LEAST_CODE] & (whole == block)).any()):
            return True
    return False


def is_marker(word: str) -> bool:
    """Whether a word, of whatever case, usually stands for "no answer"."""
    return not NO_ANSWER.isdisjoint(_spellings(word))


def stands_for_nothing(word: str) -> bool:
    """Whether a word can mean nothing but that there is no value."""
    return not NO_VALUE.isdisjoint(_spellings(word))


def _spellings(word: str) -> tuple[str, ...]:
    """A word in lower case; one cut short as “k.a.”, however its points and spaces stand (“k. A.”, “K.A”)."""
    plain = word.strip().casefold()
    if CUT_SHORT.fullmatch(plain):
        return (plain, "".join(f"{letter}." for letter in plain if letter.isalpha()))
    return (plain,)


def no_and_yes(words: tuple[str, ...]) -> tuple[str, str] | None:
    """(the word for no, the word for yes) of two words in one language; None where they are something else."""
    if len(words) != 2:
        return None
    for no, yes in (words, words[::-1]):
        if no.strip().casefold() in NO and yes.strip().casefold() in YES:
            return no, yes
    return None


def says_yes_or_no(words: Iterable[str]) -> bool:
    """Whether words hold a yes and a no, in whatever spelling, and at most one word besides."""
    plain = {word.strip().casefold() for word in words}
    return bool(plain & YES) and bool(plain & NO) and len(plain - YES - NO) <= 1


def shared_markers(table: Table) -> dict[str, tuple[str, ...]]:
    """{column: the markers in it} for markers that stand among the numbers or dates of one column, and in another one too."""
    among: dict[str, list[str]] = defaultdict(list)
    apart: set[str] = set()
    for column in table.columns:
        words = column.words if column.kind is Kind.TEXT else tuple(dict.fromkeys(column.unread.texts))
        for word in words if len(words) <= MOST_WORDS else ():
            if is_marker(word):
                among[word].append(column.name)
                if column.kind is not Kind.TEXT:
                    apart.add(word)
    found: dict[str, tuple[str, ...]] = {}
    for word, names in among.items():
        if word in apart and len(names) > 1:
            for name in names:
                found[name] = (*found.get(name, ()), word)
    return found
