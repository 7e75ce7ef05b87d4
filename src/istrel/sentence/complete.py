"""What may follow in a sentence that is being typed, found from the grammar itself."""

from __future__ import annotations

import re
from collections.abc import Iterator, Mapping, Sequence
from dataclasses import dataclass
from typing import NamedTuple

from lark.exceptions import UnexpectedInput

from istrel.data.codebook import Codebook, Variable
from istrel.data.formula.functions import FUNCTIONS
from istrel.data.series import OCCASION
from istrel.english import english
from istrel.sentence.names import understood
from istrel.sentence.parse import grammar
from istrel.sentence.quoting import A_NAME, IN_BACK_QUOTES, show_name, unquoted
from istrel.sentence.request import EVERY_CASE
from istrel.sentence.settings import Place, fitting_offers, fitting_settings
from istrel.sentence.spans import LIST_ROLES, WordSpan, spans
from istrel.sentence.vocabulary import CLAUSES, CLAUSES_OF, FORMS, SETTINGS, STATISTICS, VERBS, Setting, usual_form
from istrel.sentence.vocabulary.takes import YesNo

FEWEST_OF_A_FUNCTION = 2  # letters, before functions are offered
MOST_WORDS = 8  # of a name that is being typed
WORD_START = re.compile(r"(?<![\w.`\"“'])(?=[^\W\d]|[`\"“'])")
ENDED = re.compile(r"[,×*={}<>≤≥≠+/^\s]|\.\.")
OPENING = "`\"“'"
KEYWORDS = {
    **{clause.upper(): clause for clause in CLAUSES},
    "AND": "and",
    "OR": "or",
    "NOT": "not",
    "IN": "in {",
    "BETWEEN": "between",
    "IS": "is",
    "MISSING": "missing",
    "ALL_MEASURED": "all measured",
    "ALL_CATEGORIES": "all categories",
    "TIMES": "×",
    "COMMA": ",",
}
MEANINGS = {
    "and": "both must hold",
    "or": "one of them must hold",
    "not": "the opposite",
    "in {": "one of several values",
    "between": "from one value to another, both included",
    "is": "is missing, or is not missing",
    "missing": "without a value",
    "all measured": "every variable that is continuous or a count",
    "all categories": "every variable whose values are counted one by one",
    "×": "crossed with another",
    ",": "and another",
}
SIGNS = {"=": "equal to", ">=": "at least", "<=": "at most", "!=": "not equal to"}
KINDS = {"verb": ("verb",), "form": ("form",), "keyword": ("word",), "setting": ("statistic", "setting")}
CLAUSE_ORDER = tuple(clause.upper() for clause in CLAUSES)
Values = Mapping[str, Sequence[str]]


@dataclass(frozen=True)
class Suggestion:
    """A word that may stand at the cursor, as it is shown.

    Attributes
    ----------
    kind
        verb, variable, function, word, form, statistic, setting, value, answer (a value of a variable), sign or correction.
    meaning
        Says it in plain words where there is something to say.
    """

    text: str
    kind: str
    meaning: str = ""

    @property
    def written(self) -> str:
        """As the grammar wants it."""
        if self.kind == "variable":
            return show_name(self.text)
        return f'"{self.text}"' if self.kind == "answer" else self.text


@dataclass(frozen=True)
class Beside:
    """What a sentence may name beside the variables: a measure that stands in several columns, or a question with several answers.

    Attributes
    ----------
    verbs
        Those that know it.
    occasions
        Of a measure: in which columns it stands, as they are called.
    """

    name: str
    meaning: str
    verbs: tuple[str, ...]
    occasions: tuple[str, ...] = ()


@dataclass(frozen=True)
class Completion:
    """What may stand at a place of the text.

    Attributes
    ----------
    start, end
        The word that is being typed; a suggestion taken replaces it.
    suggestions
        Best first.
    """

    start: int
    end: int
    suggestions: tuple[Suggestion, ...]


def complete(
    text: str, cursor: int, codebook: Codebook, values: Values | None = None, beside: Sequence[Beside] = ()
) -> Completion:
    """Suggestions at the cursor.

    Parameters
    ----------
    text
        As typed, names with or without back quotes.
    values
        For conditions: {variable: its values in print}.
    beside
        What may be named beside the variables of the codebook.

    Returns
    -------
    Completion; without suggestions where the text before the cursor is already wrong.
    """
    before, known = text[:cursor], values or {}
    for start in _starts(before, codebook):
        found = _offers(before[:start], codebook, known, beside)
        typed = before[start:]
        if _is_whole(typed, found, codebook):
            break
        fitting = (*_fitting(typed, found, codebook), *_functions(typed, found))
        if fitting:
            return Completion(start, cursor, fitting)
    else:
        if before and not ENDED.match(before[-1]) and before[-1] != "(":
            return Completion(cursor, cursor, ())
    spaced = before if before[-1:].isspace() else f"{before} "
    return Completion(cursor, cursor, tuple(dict.fromkeys(_offers(spaced, codebook, known, beside))))


def instead_of(text: str, chip: WordSpan, codebook: Codebook) -> Completion:
    """What could stand in the place of a chip; its place is that in the text."""
    start, end = chip.start, chip.start + chip.length
    now = unquoted(text[start:end])
    name, sign, value = (part.strip() for part in now.partition("="))
    if chip.role == "setting" and sign:
        offers = SETTINGS[name.casefold()].takes.offers if name.casefold() in SETTINGS else {}
        others = [(_typed(option), words) for option, words in offers.items() if option is not None]
        found = [Suggestion(f"{name} = {word}", "setting", english(words)) for word, words in others if word != value]
        return Completion(start, end, tuple(found))
    kinds = KINDS.get(chip.role, ("variable",))
    held = {now.casefold(), *(name.casefold() for name in _context(understood(text, codebook).text).names)}
    offers_there = _offers(text[:start], codebook, {})
    fitting = tuple(s for s in offers_there if s.kind in kinds and s.text.casefold() not in held)
    return Completion(start, end, fitting)


def _starts(before: str, codebook: Codebook) -> list[int]:
    """Where the name or word that is being typed may begin, the longest first."""
    starts = [found.start() for found in WORD_START.finditer(before)][-MOST_WORDS:]
    held = {name.casefold() for name in codebook.names}
    return [
        start
        for place, start in enumerate(starts)
        if not any(before[start:later].strip().casefold() in held for later in starts[place + 1 :])
    ]


def _is_whole(typed: str, found: Sequence[Suggestion], codebook: Codebook) -> bool:
    """Whether nothing of the word is missing: a known name or word; once a space follows, also what can mean only one."""
    if typed.startswith("`"):
        return re.fullmatch(rf"{IN_BACK_QUOTES}\s*", typed) is not None
    plain = typed.strip().strip(OPENING).casefold()
    if any(suggestion.text.casefold() == plain for suggestion in found):
        return True
    return (
        typed[-1:].isspace() and any(s.kind == "variable" for s in found) and len(codebook.callings.called(typed)) == 1
    )


def _fitting(typed: str, found: Sequence[Suggestion], codebook: Codebook) -> tuple[Suggestion, ...]:
    """Those that begin so or hold what was typed, the best first."""
    wanted = typed.lstrip(OPENING).strip().casefold()
    fit = codebook.callings.fit(wanted) if any(s.kind == "variable" for s in found) else {}
    ranked = []
    for place, suggestion in enumerate(found):
        text = suggestion.text.casefold()
        if suggestion.kind == "variable" and suggestion.text in codebook:
            rank = fit.get(suggestion.text)
        elif typed[-1:].isspace() and " " not in text:
            rank = None
        else:
            rank = 0 if text.startswith(wanted) else 3 if wanted in text else None
        if rank is not None:
            ranked.append((rank, place, suggestion))
    return tuple(dict.fromkeys(suggestion for *_, suggestion in sorted(ranked, key=lambda r: r[:2])))


def _functions(typed: str, found: Sequence[Suggestion]) -> Iterator[Suggestion]:
    """Functions that begin so, where a variable may stand: a formula may stand there too."""
    if len(typed) >= FEWEST_OF_A_FUNCTION and any(suggestion.kind == "variable" for suggestion in found):
        for name, function in FUNCTIONS.items():
            if name.startswith(typed.casefold()):
                yield Suggestion(
                    f"{name}(",
                    "function",
                    english("{form}: {words}", form=function.form, words=english(function.words)),
                )


def _accepted(prefix: str) -> set[str]:
    parser = grammar().parse_interactive(prefix, start="sentence")
    try:
        parser.exhaust_lexer()
        return set(parser.accepts())  # type: ignore[no-untyped-call]
    except UnexpectedInput:
        return set()


def _offers(before: str, codebook: Codebook, values: Values, beside: Sequence[Beside] = ()) -> tuple[Suggestion, ...]:
    """Everything that the grammar lets follow, in the order of its usefulness."""
    prefix = understood(before, codebook).text
    accepted = _accepted(prefix)
    if "COMPARE" in accepted:  # a value alone is no condition yet: nothing can follow but what compares it
        accepted = accepted - {*CLAUSE_ORDER, "AND", "OR", "TIMES", "COMMA"}
    context = _context(prefix)
    found: list[Suggestion] = []
    if "VERB" in accepted:
        found += [Suggestion(verb.name, "verb", english(verb.meaning)) for verb in VERBS.values()]
    if "FORM" in accepted:
        forms = (FORMS[name] for name in VERBS[context.verb].forms)
        found += [Suggestion(form.name, "form", english(form.meaning)) for form in forms]
    if "NAME" in accepted:
        found += [*_names(prefix, accepted, context, codebook, values), *_named_beside(context, beside, codebook)]
    said = _said(prefix)
    clauses = [KEYWORDS[t] for t in CLAUSE_ORDER if t in accepted and KEYWORDS[t] not in said]
    found += [Suggestion(clause, "word", english(CLAUSES[clause])) for clause in clauses]
    words = [w for t, w in KEYWORDS.items() if t in accepted and t not in CLAUSE_ORDER and t != "COMMA"]
    found += [Suggestion(word, "word", english(MEANINGS[word])) for word in words]
    if "COMPARE" in accepted:
        found += [Suggestion(sign, "sign", english(meaning)) for sign, meaning in SIGNS.items()]
    if "COMMA" in accepted:
        found.append(Suggestion(",", "sign", english(MEANINGS[","])))
    return tuple(found)


def _said(prefix: str) -> set[str]:
    """Clauses that stand in the sentence already, and those that its verb does not know."""
    words = [(prefix[span.start : span.start + span.length].casefold(), span.role) for span in spans(prefix)]
    said = {word for word, role in words if role == "keyword"}
    verb = words[0][0] if words else ""
    return said | {clause for clause, verbs in CLAUSES_OF.items() if verb in VERBS and verb not in verbs}


class Context(NamedTuple):
    """What the sentence up to the cursor says: verb, form, the clause that is being written, and the names in lists."""

    verb: str
    form: str
    clause: str
    against: bool
    groups: bool
    several: bool
    names: frozenset[str]


def _context(prefix: str) -> Context:
    words = [(prefix[span.start : span.start + span.length], span.role) for span in spans(prefix)]
    verb = words[0][0].casefold() if words and words[0][0].casefold() in VERBS else "describe"
    form = next((" ".join(word.casefold().split()) for word, role in words if role == "form"), usual_form(verb))
    clauses = [word.casefold() for word, role in words if role == "keyword"]
    names = frozenset(unquoted(word) for word, role in words if role in LIST_ROLES)
    several = sum(role == "subject" for _, role in words) > 1
    clause = clauses[-1] if clauses else ""
    return Context(verb, form, clause, "against" in clauses, "across" in clauses, several, names)


def _after_with(prefix: str, context: Context) -> list[Suggestion]:
    """Statistics and settings that fit, or the values of the setting that stands before the cursor."""
    setting = re.search(r"(\w+)\s*=\s*$", prefix)
    place = Place(context.verb, context.form, context.against, context.groups, context.several)
    if setting:
        known = SETTINGS.get(setting.group(1).casefold())
        values = fitting_offers(known, place) if known else {}
        return [Suggestion(_typed(v), "value", english(words)) for v, words in values.items() if v is not None]
    fitting = fitting_settings(place)
    statistics = STATISTICS.values() if any(s.name == "statistics" for s in fitting) else ()
    named = [Suggestion(_begun(s), "setting", english(s.meaning)) for s in fitting if s.name != "statistics"]
    return [Suggestion(s.name, "statistic", english(s.meaning)) for s in statistics] + named


def _begun(setting: Setting) -> str:
    """A setting up to its value; of one that is yes or no the name alone means yes."""
    return setting.name if isinstance(setting.takes, YesNo) else f"{setting.name} ="


def _typed(value: object) -> str:
    return ("yes" if value else "no") if isinstance(value, bool) else str(value)


def _names(prefix: str, accepted: set[str], context: Context, codebook: Codebook, values: Values) -> list[Suggestion]:
    """Variables; or values after a comparison; or what may stand after `with`."""
    compared = re.search(rf"({A_NAME})\s*(?:[<>=≤≥≠]|!=|<=|>=|==|(?:not\s+)?in\s*\{{[^}}]*)\s*$", prefix)
    if context.clause == "with" and "QUOTED_NAME" not in accepted:
        return _after_with(prefix, context)
    if context.clause == "among":
        if compared and unquoted(compared.group(1)) in values:
            return [Suggestion(value, "answer") for value in values[unquoted(compared.group(1))]]
        return [_variable(v) for v in codebook.variables if v.in_use]
    if context.clause == "against" and context.verb == "describe":
        return _norms(context, codebook)
    expected = re.search(r"against\s*\{[^}]*$", prefix, re.IGNORECASE)
    if expected:
        counted = [name for name in context.names if name in values]
        return [
            Suggestion(value, "answer", english("and its share")) for value in (values[counted[0]] if counted else ())
        ]
    free = [v for v in codebook.variables if v.in_use and v.name not in context.names]
    return [_variable(v) for v in sorted(free, key=lambda v: _unfit(v, context))]


def _norms(context: Context, codebook: Codebook) -> list[Suggestion]:
    """Numbers that may be a norm: the middle of the scale of answers that is described, and 0."""
    scales = {v.value_labels for v in codebook.variables if v.name in context.names}
    numbers = sorted(e.value for e in next(iter(scales)) if isinstance(e.value, float)) if len(scales) == 1 else []
    middle = (numbers[0] + numbers[-1]) / 2 if len(numbers) > 1 else None
    found = [] if middle is None else [Suggestion(f"{middle:g}", "value", english("the middle of its scale"))]
    return [*found, Suggestion("0", "value", english("a norm with which the mean is compared"))]


def _named_beside(context: Context, beside: Sequence[Beside], codebook: Codebook) -> list[Suggestion]:
    """Measures in several columns and questions with several answers among the subjects; the occasions where groups stand."""
    if context.clause == "across":
        measured = next((one for one in beside if one.occasions and one.name in context.names), None)
        if measured is None or OCCASION in context.names or OCCASION in codebook:
            return []
        return [Suggestion(OCCASION, "variable", ", ".join(measured.occasions))]
    if context.clause:
        return []
    cases = [Beside(EVERY_CASE, english("all of them, as flow"), ("count",))] if not context.names else []
    mine = [one for one in (*beside, *cases) if context.verb in one.verbs and one.name not in codebook]
    return [Suggestion(one.name, "variable", one.meaning) for one in mine if one.name not in context.names]


def _variable(variable: Variable) -> Suggestion:
    level = english(variable.level.value)
    named = variable.title != variable.name or bool(variable.unit)
    meaning = english("{title} · {level}", title=variable.title_with_unit, level=level) if named else level
    return Suggestion(variable.name, "variable", meaning)


def _unfit(variable: Variable, context: Context) -> int:
    """How late a variable is offered: groups first after `across`, categories first to be counted, else what is measured."""
    level = variable.level
    categories = context.clause == "across" or (context.verb == "count" and context.clause != "given")
    first, second = (level.categorical, level.measured) if categories else (level.measured, level.categorical)
    return 0 if first else 1 if second else 2
