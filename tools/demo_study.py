"""Makes the demo study as a finished paper, src/istrel/demo/courses.istrel, from the demo's files.

Prose stands here as it reads, with numbers as {exhibit|row|column} and references as {exhibit}.
"""

from __future__ import annotations

import re
from collections.abc import Iterable

from istrel.data.codebook import MissingCode
from istrel.data.corrections import Aside, Correction
from istrel.data.rows import Rows
from istrel.demo import CODEBOOK, FOLLOW_UP, LEARNERS, SESSIONS, STUDY
from istrel.exhibits.quoting import quotable
from istrel.sentence import parse, parse_expression
from istrel.study.changes import Change
from istrel.study.changes.cases import Correct, SetAside
from istrel.study.changes.codebook import Derive, SetDecimals, SetMissing, SetText
from istrel.study.changes.manuscript import Insert, Keep, Retitle, Write
from istrel.study.changes.sources import AddSource, UseSource
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.manuscript import numbers_of
from istrel.study.opening import Opening, open_source
from istrel.study.parts import Kept, Number, Passage, Prose, Reference, Words
from istrel.study.prose import value_in
from istrel.study.remake import exhibit_of
from istrel.study.study import Study, StudySource

CODED = ("receptive_post", "confidence", "mot_03")
MENDED: tuple[Change, ...] = (
    Correct((Correction("site", "harbour ", "Harbour"), Correction("site", "Harbor", "Harbour"))),
    Correct((Correction("employment", "retired ", "retired"),)),
    Correct((Correction("age", 199.0, None, 318, "not a possible age; the form says 19 or 99"),)),
    Correct((Correction("practice_min", "approx 40", 40.0, None, "taken as 40"),)),
    SetAside(Aside((120, 240, 360, 480), "the same row a second time")),
    SetAside(Aside((300, 500), "learner number of another person")),
    *(SetMissing(name, (MissingCode(-9.0, "refused"),)) for name in CODED),
    *(SetMissing(name, (MissingCode(99.0, "not asked"),)) for name in ("education", "satisfaction")),
    Derive("gain", parse_expression("receptive_post - receptive_pre")),
    SetText("gain", "label", "Gain in receptive score"),
    SetText("gain", "unit", "points"),
    Derive("motivation", parse_expression("mean(mot_01, mot_02, mot_03, reverse(mot_04, 1, 5), minimum = 3)")),
    SetText("motivation", "label", "Joy of signing"),
    SetDecimals("motivation", 2),
)

OF_SESSIONS: tuple[Change, ...] = (
    SetAside(Aside((5, 98, 194, 287, 379), "the same row a second time")),
    SetText("learner", "label", "Learner"),
    SetText("week", "label", "Week"),
    SetText("quiz", "label", "Score in the weekly quiz"),
    SetText("quiz", "unit", "points"),
)

OF_FOLLOW_UP: tuple[Change, ...] = (
    SetText("learner", "label", "Learner"),
    SetText("still_signs", "label", "Still signs every week"),
    SetText("sign_min", "label", "Weekly signing"),
    SetText("weight", "label", "response weight"),
)

EXHIBITS = {
    "F0": ("count receptive_post across format as flow", "From the Rows of the File to the Learners Analysed"),
    "T1": (
        "describe age, site, education, employment, signers_home, completed across format with total",
        "Learners by Course Format",
    ),
    "T2": (
        "describe practice_min, receptive_pre, receptive_post, spelling_speed across format"
        " with mean, sd, difference, test",
        "Practice, Scores and Speed by Course Format",
    ),
    "F1": ("describe receptive_post across format as violins", ""),
    "F2": ("describe practice_min across format as cumulative", ""),
    "T3": (
        "relate practice_min, absences, receptive_pre, receptive_post, spelling_speed, confidence, motivation",
        "",
    ),
    "F3": ("relate practice_min, spelling_speed as scatter with fit = straight", ""),
    "T4": ("count satisfaction against format with percent = column", "Satisfaction by Course Format"),
    "F4": ("describe mot_01 .. mot_12 as shares", "Answers to the Twelve Motivation Items"),
    "T5": ("count heard with order = frequency", "How Learners Heard of the Course"),
    "A1": ("check practice_min, receptive_pre, receptive_post, spelling_speed, reaction_ms", ""),
    "A2": (
        "describe practice_min, receptive_post, confidence, mot_01, mot_05, mot_06, mot_07, satisfaction as missing map",
        "",
    ),
    "A3": ("check motivation as scale", "Items of Joy of Signing"),
}
EXHIBITS_OF_SESSIONS = {"F5": ("describe quiz across week as means", "The Weekly Quiz over the Term")}
EXHIBITS_OF_FOLLOW_UP = {"T6": ("count still_signs with intervals", "Who Still Signs Half a Year Later")}
SUPPLEMENT = ("A1", "A2", "A3")

EVENING, WEEKEND, SELF = "format=Weekly evening", "format=Weekend intensive", "format=Guided self-study"
PAPER: tuple[tuple[str, str], ...] = (
    ("heading", "Practice and Progress in Evening Courses in Sign Language"),
    (
        "paragraph",
        "Adults who learn sign language in the evening have little time, and courses differ in how much of it they leave to"
        " the learners themselves. Whether those who practise more also understand more is seldom known: courses count"
        " sessions, not minutes at home. This paper describes one term of courses in three formats. It asks how much"
        " learners of each format practise, what they understand at the end, how both go together, and how content they"
        " are. It is a description, not a trial: nobody was assigned to a format.",
    ),
    ("heading", "Method"),
    (
        "paragraph",
        "We followed adults who learned sign language in evening courses at six sites for one term. Of {T1|age|n} learners"
        " with a known age, the mean age was {T1|age|mean} years (*SD* = {T1|age|sd}). Three formats were offered: a weekly"
        " evening class, a weekend intensive and a guided self-study with a tutor on call. {T1} describes the learners of"
        " each, and {F0} follows all rows of the file to the learners whose final score is analysed. Of several ways in which"
        " they could have heard of the course, {T5|heard: friends or family|/percent_of_cases}% named friends or family and"
        " {T5|heard: online|/percent_of_cases}% something online ({T5}).",
    ),
    (
        "paragraph",
        "Receptive skill was tested with the same video test before and after the term (0 to 80 points), fingerspelling as"
        " letters read per minute, and weekly practice as minutes by the learners’ own account. Joy of signing is the mean"
        " of four items (Cronbach’s α = {A3|motivation|alpha}, 95% CI [{A3|motivation|alpha_low},"
        " {A3|motivation|alpha_high}]; McDonald’s ω = {A3|motivation|omega}; {A3})."
        " Missing answers were left out analysis by analysis; {A2} in the supplement shows where they are."
        " Six rows were set aside before anything was computed: four that repeat another, and two that carry the"
        " number of another person.",
    ),
    (
        "paragraph",
        "We report means with standard deviations, and medians where a distribution is skewed ({A1}). Groups were compared"
        " by Welch’s *F* test with omega squared and its 90% interval; relations are Pearson’s *r*, or Spearman’s rho where"
        " one of both is ordinal. All numbers, tables and figures were made with Istrel.",
    ),
    ("heading", "Results"),
    (
        "paragraph",
        "Learners in guided self-study practised most, *M* = {T2|practice_min @ %(SELF)s|mean} minutes a week"
        " (*SD* = {T2|practice_min @ %(SELF)s|sd}), against {T2|practice_min @ %(EVENING)s|mean} in the weekly evening"
        " class and {T2|practice_min @ %(WEEKEND)s|mean} in the weekend intensive, Welch’s"
        " *F*({T2|practice_min @ format|difference df 1}, {T2|practice_min @ format|difference df 2}) ="
        " {T2|practice_min @ format|difference statistic}, *p* {T2|practice_min @ format|difference p}, ω² ="
        " {T2|practice_min @ format|difference}, 90%% CI [{T2|practice_min @ format|difference/low},"
        " {T2|practice_min @ format|difference/high}] ({T2}). {F2} shows that this is no matter of a few enthusiasts: the"
        " whole curve lies to the right.",
    ),
    (
        "paragraph",
        "More practice did not show in the final receptive score, which was much the same in the three formats:"
        " {T2|receptive_post @ %(EVENING)s|mean}, {T2|receptive_post @ %(WEEKEND)s|mean} and"
        " {T2|receptive_post @ %(SELF)s|mean} points. Its distribution has two humps in every format ({F1}), because two"
        " sites sat an easier paper; a single mean says little about it.",
    ),
    (
        "paragraph",
        "Across formats, the final score went with the first, *r* = {T3|receptive_post|receptive_pre}"
        " (*p* {T3|receptive_post|receptive_pre/p}), and learners who missed sessions read fingerspelling more slowly, *r* ="
        " {T3|spelling_speed|absences} (*p* {T3|spelling_speed|absences/p}; {T3}). Practice and speed are drawn in {F3}.",
    ),
    (
        "paragraph",
        "What the final test hides, the short quiz at the end of each session shows: its mean rose from"
        " {F5|quiz @ week=1|mean} points in the first week, 95% CI [{F5|quiz @ week=1|low}, {F5|quiz @ week=1|high}], to"
        " {F5|quiz @ week=12|mean} in the twelfth, 95% CI [{F5|quiz @ week=12|low}, {F5|quiz @ week=12|high}]"
        " ({F5}).",
    ),
    (
        "paragraph",
        "Most learners were content. In the weekly evening class {T4|satisfaction=4.0|%(EVENING)s/%%}%% and in guided"
        " self-study {T4|satisfaction=4.0|%(SELF)s/%%}%% gave the second highest mark ({T4}). What moved them differs from item"
        " to item ({F4}); no item was answered at one end of the scale only.",
    ),
    (
        "paragraph",
        "Half a year later a card asked everyone whether they still sign every week. Of those who answered,"
        " {T6|still_signs=yes|/n} did and {T6|still_signs=no|/n} did not. Learners who had completed the course answered"
        " oftener; each answer is therefore weighted by how many learners of its format, completed or not, it stands for."
        " Of all learners, {T6|still_signs=yes|/valid_percent}% are estimated to sign still, 95% CI"
        " [{T6|still_signs=yes|/low}, {T6|still_signs=yes|/high}] ({T6}).",
    ),
    ("heading", "Discussion"),
    (
        "paragraph",
        "Who studies alone practises more, and scores no better for it. With {T2|practice_min @ %(SELF)s|n} learners in"
        " self-study the difference in practice is beyond doubt; that it leaves no trace in the receptive score may be due"
        " to the test, whose ceiling of 80 points was reached at two sites, or to what is practised. The speed of"
        " fingerspelling, which has no ceiling, will tell more.",
    ),
    (
        "paragraph",
        "Three things limit what can be said. Practice is what learners remember of a week, rounded as memory rounds it."
        " The {T1|completed|0.0 n} learners who did not complete the course ({T1|completed|0.0 %%}%%) are described here with"
        " all others, and their final scores are those of whoever came to the test. And formats were chosen, not drawn: who"
        " takes the weekend course may differ in ways that no table shows%(NOTHING)s. The next term will bring a test"
        " without a ceiling, and new numbers; this text will say which of its own have moved.",
    ),
    *(("exhibit", name) for name in ("F0", "T1", "T5", "T2", "T3", "T4", "F2", "F1", "F3", "F5", "F4", "T6")),
)
SLOT = re.compile(r"\{([^}|]+)(?:\|([^}|]+)\|([^}]+))?\}|\*([^*]+)\*")


def main() -> None:
    """Make the file anew."""
    source = open_source(str(LEARNERS), Opening(codebook=str(CODEBOOK)))
    history = History(Study((source,), identity="c0125e5a"))
    for change in MENDED:
        history = history.do(change)
    history, ids = kept(history, EXHIBITS)
    history = history.do(Write(ids["T2"], "methods", None)).do(AddSource(sessions()))
    for change in OF_SESSIONS:
        history = history.do(change)
    history, more = kept(history, EXHIBITS_OF_SESSIONS)
    ids |= more
    history = history.do(AddSource(followed_up()))
    for change in OF_FOLLOW_UP:
        history = history.do(change)
    history, more = kept(history, EXHIBITS_OF_FOLLOW_UP)
    ids |= more
    history = history.do(UseSource(history.study.sources[0].id))
    history = written(history, ids)
    STUDY.unlink(missing_ok=True)
    StudyFile.create(STUDY, History(history.study)).close()
    print(
        f"{STUDY.name}: {len(history.study.kept)} exhibits, {len(history.study.parts) - len(history.study.kept)} passages"
    )


def sessions() -> StudySource:
    """The second file: each row is one week of one learner."""
    return open_source(str(SESSIONS), Opening(rows=Rows(person="learner", occasion="week")))


def followed_up() -> StudySource:
    """The third file: each row is an answer, and stands for so many learners as its weight says."""
    return open_source(str(FOLLOW_UP), Opening(rows=Rows(weight="weight")))


def kept(history: History, exhibits: dict[str, tuple[str, str]]) -> tuple[History, dict[str, str]]:
    """Every exhibit of the source in use kept, and {its name here: its id}."""
    ids: dict[str, str] = {}
    for name, (sentence, title) in exhibits.items():
        exhibit = exhibit_of(parse(sentence), history.study.source)
        part = Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure, text=(), supplement=name in SUPPLEMENT)
        history = history.do(Keep(part))
        ids[name] = history.study.kept[-1].id if name in SUPPLEMENT else _latest(history)
        if title:
            history = history.do(Retitle(ids[name], title))
    return history, ids


def _latest(history: History) -> str:
    return f"k{history.study.given}"


def written(history: History, ids: dict[str, str]) -> History:
    """The paper put together: its passages, with the exhibits where they belong."""
    from istrel.study.changes.manuscript import Move

    for place, (role, text) in enumerate(PAPER):
        if role == "exhibit":
            history = history.do(Move(ids[text], place))
        else:
            said = (
                text % {"EVENING": EVENING, "WEEKEND": WEEKEND, "SELF": SELF, "NOTHING": ""} if "%(" in text else text
            )
            history = history.do(Insert(Passage(role, prose(said, history, ids)), place))  # type: ignore[arg-type]
    return history.do(Insert(Passage("appendix", (), supplement=True), len(history.study.parts)))


def prose(text: str, history: History, ids: dict[str, str]) -> Prose:
    """Words, numbers and references of a text as it stands above."""
    made: list[Words | Number | Reference] = []
    place = 0
    for found in SLOT.finditer(text):
        made += _words(text[place : found.start()])
        place = found.end()
        name, row, column, italic = found.groups()
        if italic:
            made.append(Words(italic, italic=True))
        elif row is None:
            made.append(Reference(ids[name]))
        else:
            made.append(_number(ids[name], row, column, history))
    return (*made, *_words(text[place:]))


def _words(text: str) -> Iterable[Words]:
    return (Words(text),) if text else ()


def _number(identity: str, row: str, column: str, history: History) -> Number:
    kept = next(k for k in history.study.kept if k.id == identity)
    cells = quotable(exhibit_of(kept.request, history.study.source_of(kept.source)))
    if (row, column) not in cells:
        near = [key for key in cells if key[0].split(" @")[0] == row.split(" @", maxsplit=1)[0]]
        raise SystemExit(f"{kept.sentence}: no number {row} | {column}; there are {near[:40]}")
    cell = cells[row, column]
    prints = "p with sign" if column.endswith(("/p", " p")) else ""
    return Number(identity, row, column, prints, value_in(cell))


if __name__ == "__main__":
    main()
