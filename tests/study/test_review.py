"""The reviewer's reading: each point is raised where it holds and nowhere else; and the appendix that writes itself."""

from __future__ import annotations

from collections.abc import Callable

import pytest

from istrel.data.corrections import Aside, Correction
from istrel.data.dataset import Dataset
from istrel.demo import LEARNERS
from istrel.english import English
from istrel.exhibits.printing import print_cell
from istrel.sentence import parse_condition, parse_expression
from istrel.study.appendix import appendix
from istrel.study.changes import Change
from istrel.study.changes.cases import Correct, SetAside, SetCondition
from istrel.study.changes.codebook import Derive, TreatAsMissing
from istrel.study.changes.manuscript import Drop, Insert, Keep, Write
from istrel.study.history import History
from istrel.study.manuscript import numbers_of, shelf_of
from istrel.study.opening import open_source
from istrel.study.parts import Kept, Number, Passage, Reference, Words
from istrel.study.prose import now
from istrel.study.remake import made
from istrel.study.review import review
from istrel.study.study import Study, study_of
from istrel.style.house import HouseStyle
from made import make_exhibit

SAMPLE = "describe age, site, completed across format with total"
TABLE = "describe receptive_post across format"
FINE = Words("Made with Istrel; quantiles are of type 7. ")


def keeping(history: History, *sentences: str) -> History:
    for sentence in sentences:
        exhibit = make_exhibit(sentence, history.study.data, history.study.standing)
        history = history.do(Keep(Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)))
    return history


def mentioning(history: History, *more: Words | Number) -> History:
    said = [FINE, *(piece for k in history.study.kept for piece in (Reference(k.id), Words(", ")))]
    return history.do(Insert(Passage("paragraph", (*said, *more)), 0))


def kinds(history: History, style: HouseStyle) -> list[str]:
    """The kinds of points that are raised; each is said so that the window can say it in another language."""
    points = tuple(review(history.study, style))
    assert [point.says for point in points if not isinstance(point.says, English)] == []
    return list(dict.fromkeys(point.kind for point in points))


@pytest.fixture
def history(learners: Dataset) -> History:
    return History(study_of(learners)).do(TreatAsMissing(("receptive_post",), (-9.0,)))


def test_a_sound_manuscript_is_left_alone(history: History, style: HouseStyle) -> None:
    assert kinds(history, style) == []
    assert kinds(mentioning(keeping(history, SAMPLE, TABLE)), style) == []


@pytest.mark.parametrize(
    ("sentences", "kind"),
    [
        ((TABLE,), "sample"),
        ((SAMPLE, TABLE, f"{TABLE} among age > 30"), ""),  # another condition, and the note says so
        ((SAMPLE, TABLE, f"{TABLE} with decimals = 1"), "two precisions"),
        ((SAMPLE, "describe practice_min across format with n, mean, se"), "SE for SD"),
        ((SAMPLE, "describe practice_min across format as means with interval = se"), "SE for SD"),
        ((SAMPLE, "describe age across format with n, mean, sd, skewness"), "mean of skewed"),
        ((SAMPLE, "describe spelling_speed across format with test"), "size of difference"),
        ((SAMPLE, "check spelling_speed across site among age > 60"), "small groups"),
        ((SAMPLE, TABLE, f"{TABLE} as means"), "repeats a table"),
        ((SAMPLE, TABLE, f"{TABLE} as boxes"), ""),
    ],
)
def test_what_exhibits_lack_is_raised(
    sentences: tuple[str, ...], kind: str, history: History, style: HouseStyle
) -> None:
    assert kinds(mentioning(keeping(history, *sentences)), style) == ([kind] if kind else [])


def test_what_texts_lack_is_raised(history: History, style: HouseStyle) -> None:
    kept = keeping(history, SAMPLE, TABLE, "describe age across format as boxes")
    sample, table, _ = kept.study.kept
    written = kept.do(Insert(Passage("paragraph", (Reference(table.id), Words(" "), Reference(sample.id))), 0))
    assert kinds(written, style) == ["never mentioned", "order of mentions", "methods", "software"]
    assert "mention of what is gone" in kinds(written.do(Drop(table.id)), style)
    p = Number(table.id, "a", "b p", "p with sign", 0.01)
    assert "p alone" in kinds(mentioning(kept, p), style)
    for said, kind in {
        "See Table 2 again.": "typed by hand",
        "See Table 9.": "mention of what is gone",
        "As in Table 9 of Smith (2019).": "",
        "They differed, p = .03.": "p alone",
        "They differed, t(31) = 2.1, p = .04.": "",
        "They differed, r = .40 (p < .01).": "",
    }.items():
        assert kinds(mentioning(kept, Words(said)), style) == ([kind] if kind else []), said
    by_hand = kept.do(Insert(Passage("paragraph", (FINE, Words("Tables and figures: Table 1, Table 2, Figure 1."))), 0))
    assert kinds(by_hand, style) == ["typed by hand"]
    edited = mentioning(kept).do(Write(sample.id, "notes", (Words("Nothing."),)))
    assert kinds(edited, style) == ["percentages"]
    assert "missing data" in kinds(mentioning(kept).do(Write(table.id, "notes", (Words("Nothing."),))), style)
    assert "abbreviations" in kinds(mentioning(kept).do(Write(table.id, "notes", (Words("Nothing."),))), style)
    moved = mentioning(kept).do(TreatAsMissing(("receptive_post",), (60.0,)))
    assert kinds(moved, style) == ["moved"]


WEEKLY, INTENSIVE, SELF = "Weekly evening", "Weekend intensive", "Guided self-study"
MEANS = "describe receptive_post, spelling_speed across format"


def live(history: History, variable: str, group: str, column: str = "mean") -> Number:
    """A live number of the second exhibit."""
    kept = history.study.kept[1]
    row = f"{variable} @ format={group}"
    accepted = next(n for n in numbers_of(made(kept, history.study)) if (n.row, n.column) == (row, column))
    return Number(kept.id, row, column, "", accepted.value)


def printed(history: History, variable: str, group: str, style: HouseStyle, column: str = "mean") -> str:
    cell = now(live(history, variable, group, column), shelf_of(history.study, style))
    assert cell is not None
    return print_cell(cell, style)


# What is planted in a paper, with {M} and so on for what the table has of the weekly course; the kind by which it is found.
PLANTED = [
    ("Final scores averaged M = 71.35 (SD = {SD}) in the weekly course.", "typed number"),
    ("In the weekly course M = {M}, SD = 3.91.", "typed number"),
    ("Learners of the weekly course reached M = 6.17 (SD = {SD}).", "typed number"),
    ("Weekend intensive (M = {M}, SD = {SD}) came next.", "wrong group"),
    ("Guided self-study had M = {M} (SD = {SD}).", "wrong group"),
    ("Final receptive score was highest in {low}.", "wrong end"),
    ("Final receptive score was lowest in {high}.", "wrong end"),
    ("The largest final receptive score was that of {low}.", "wrong end"),
    ("Courses differed significantly.", "significance"),
    ("There was a significant gain.", "significance"),
    ("The differences were not significant.", "significance"),
    ("The weekend course caused lower scores.", "causal words"),
    ("Weekly practice led to higher scores.", "causal words"),
    ("Guided self-study resulted in slower spelling.", "causal words"),
    ("Of the learners 105 % finished.", "percentage"),
    ("In all, 130.5% of learners came back.", "percentage"),
    ("Two thirds (66.7 %, 4 of 6) agreed.", "percentage"),
    ("Of the tutors 3 of 8 (37.5 %) agreed.", "percentage"),
    ("The mean was 3,5 points (r = 0,41).", "decimal mark"),
    ("About 23,9 % were retired.", "decimal mark"),
    ("They differed, p = .03.", "p alone"),
    ("The first was near, t(31) = 2.04, p = .05. The second was far, p = .004.", "p alone"),
    ("Ages were similar, Mdn = 40.", "no spread", "alone"),
    ("Learners had M = 12.1 lessons before.", "no spread", "alone"),
    ("See Fig. 3.", "mention of what is gone"),
    ("See Tables 4 and 5.", "mention of what is gone"),
    ("See Figures 7–8.", "mention of what is gone"),
    ("As Table 9 shows.", "mention of what is gone"),
    ("The test gave t(31) = 2.04, p = .003.", "arithmetic"),
    ("Of these 12 of 40 (42.5%) agreed.", "arithmetic"),
    ("The slope was b = 0.52, 95% CI [0.55, 0.71].", "arithmetic"),
    ("They went together, r(118) = 1.20.", "arithmetic"),
]
SOUND = [
    "Final scores averaged M = {M} (SD = {SD}) in the weekly course, as planned.",
    "Weekly evening (M = {M}, SD = {SD}) is described first.",
    "Final receptive score was highest in {high} and lowest in {low}.",
    "Final receptive score was higher in {high} than in {low}.",
    "Courses differed, t(31) = 2.04, p = .050, a significant difference.",
    "The level of significance was p < .05.",
    "Results with p < .05 were considered significant.",
    "No differences were tested for significance.",
    "Smith (2019) found M = 71.35 (SD = 2.00) and a significant gain.",
    "This is what others saw (Smith, 2020, Table 4).",
    "As in Table 9 of Smith (2019).",
    "Scores rose by 105 %.",
    "Of the learners 100 % finished.",
    "A quarter (25.0%, 30 of 120) agreed.",
    "There were 1,250 lessons in 12 weeks.",
    "The rooms 1,2 and 3,4 were used.",
    "Missing values are due to illness.",
    "Absences were more common in winter; the course had 12 lessons.",
    "They went together, r(118) = .20, p = .029.",
    "The median was 40 years, half of the learners being between 31 and 52.",
]


def written(history: History, said: str, style: HouseStyle, *, alone: bool = False) -> History:
    """The paper with a paragraph of these words."""
    means = {group: float(str(live(history, "receptive_post", group).accepted)) for group in (WEEKLY, INTENSIVE, SELF)}
    words = said.format(
        M=printed(history, "receptive_post", WEEKLY, style),
        SD=printed(history, "receptive_post", WEEKLY, style, "sd"),
        high=max(means, key=means.__getitem__),
        low=min(means, key=means.__getitem__),
    )
    table = () if alone else (Reference(history.study.kept[1].id), Words(" shows the scores. "))
    return mentioning(history).do(Insert(Passage("paragraph", (*table, Words(words))), 0))


@pytest.fixture
def paper(history: History) -> History:
    return keeping(history, SAMPLE, MEANS)


def test_defects_that_are_planted_are_found_and_sound_papers_are_left_alone(paper: History, style: HouseStyle) -> None:
    whole = kinds(mentioning(paper), style)
    assert whole == []
    missed = []
    for said, kind, *how in PLANTED:
        found = kinds(written(paper, said, style, alone="alone" in how), style)
        if kind not in found:
            missed.append((said, kind, found))
    assert len(missed) <= 2, missed
    false = [
        (said, found)
        for said in SOUND
        if (found := kinds(written(paper, said, style), style)) not in ([], ["order of mentions"])
    ]
    assert len(false) <= 1, false


def test_a_live_number_beside_another_groups_name_is_raised(paper: History, style: HouseStyle) -> None:
    mean, spread = (live(paper, "receptive_post", WEEKLY, column) for column in ("mean", "sd"))
    for group, kind in ((WEEKLY, []), (INTENSIVE, ["wrong group"])):
        passage = (Words(f"{group} (M = "), mean, Words(", SD = "), spread, Words(") is described."))
        found = kinds(mentioning(paper).do(Insert(Passage("paragraph", passage), 0)), style)
        assert [kind for kind in found if kind != "order of mentions"] == kind
    dead = (
        Words(f"{WEEKLY} (M = "),
        mean,
        Words(f", SD = {printed(paper, 'receptive_post', WEEKLY, style, 'sd')}) is described."),
    )
    assert "typed number" in kinds(mentioning(paper).do(Insert(Passage("paragraph", dead), 0)), style)


@pytest.mark.parametrize(
    ("sentences", "kind"),
    [
        ((SAMPLE, MEANS, MEANS), "twice"),
        ((SAMPLE, "describe age with median, quartiles"), "no n"),
        ((SAMPLE, "describe spelling_speed across format with n, mean"), "no spread"),
        ((SAMPLE, "describe spelling_speed across format with n, median"), "no spread"),
        ((SAMPLE, "describe receptive_pre across format with n, mean, sd"), ""),
    ],
)
def test_what_tables_lack_is_raised(sentences: tuple[str, ...], kind: str, history: History, style: HouseStyle) -> None:
    assert kinds(mentioning(keeping(history, *sentences)), style) == ([kind] if kind else [])
    undeclared = history.undo()
    assert "missing code" in kinds(mentioning(keeping(undeclared, SAMPLE, TABLE)), style)


def test_the_same_quantity_with_two_values_is_raised_where_nothing_says_why(
    history: History, style: HouseStyle
) -> None:
    kept = mentioning(keeping(history, SAMPLE, TABLE, f"{TABLE} among age > 30"))
    other = kept.study.kept[2]
    silent = kept.do(Write(other.id, "notes", (Words("Mdn = median. Skewness is the adjusted coefficient (G1)."),)))
    raised = [p for p in review(silent.study, style) if p.kind in ("n differ", "two values")]
    assert {p.part for p in raised} == {other.id}
    assert "Table 2" in raised[0].says
    assert "Table 3" in raised[0].says


def test_the_appendix_says_all_that_was_done(style: HouseStyle) -> None:
    changes: list[Change] = [
        Correct((Correction("age", 199.0, None, 318, "a slip of the pen"),)),
        SetAside(Aside((120, 240), "entered twice")),
        TreatAsMissing(("receptive_post",), (-9.0,)),
        Derive("gain", parse_expression("receptive_post - receptive_pre")),
        SetCondition(parse_condition("age >= 18")),
    ]
    history = History(Study((open_source(str(LEARNERS)),)))
    for change in changes:
        history = history.do(change)
    history = keeping(history, "describe gain across format with ci")
    text = "\n".join(appendix(history.study, style))
    for said in (
        "learners.csv: 612 cases, 39 variables",
        "SHA-256 of learners.csv: ",
        "age, 199 → missing, in row 318. Reason: a slip of the pen",
        "rows 120, 240. Reason: entered twice",
        "-9 of receptive_post",
        "gain = receptive_post - receptive_pre",
        "age >= 18",
        "Table 1: describe gain across format with ci",
        "Confidence intervals of means are based on Student’s t distribution.",
        "Istrel 0.1.0",
    ):
        assert said in text, text


@pytest.fixture
def small(data_of: Callable[..., Dataset]) -> History:
    """75 cases: 40 of group p, 32 of q, 3 of r; of 6 with a rare answer 2 are of p."""
    rows = [
        f"{'p' * (k < 40) or ('q' if k < 72 else 'r')},{'rare' if k in RARE else 'usual'},{k * 7 % 31}"
        for k in range(75)
    ]
    return History(study_of(data_of("g,a,x\n" + "\n".join(rows) + "\n")))


RARE = (0, 1, 40, 41, 42, 43)


@pytest.mark.parametrize(
    ("sentences", "given_away"),
    [
        (("count g with hide_below = 5",), False),
        (("count g with hide_below = 5", "count a with hide_below = 5"), False),
        (("count g with hide_below = 5", 'describe x among g != "r"'), True),  # 75 in all, 72 of them
        (("count g with hide_below = 5", "count g"), True),
        (("describe x across g with n, mean, hide_below = 5", 'describe x among g != "r"'), True),
        (("count a against g with hide_below = 5", 'count a among g = "q"'), True),  # what is left of the rare ones
        (("count a with hide_below = 5", "count g against a with hide_below = 5"), False),
        (("count g with hide_below = 5", "describe x across a with hide_below = 5"), False),
        (("count g with hide_below = 5", "describe x across g as boxes"), True),  # the figure says n
        (("count g with hide_below = 5", "count g as bars with hide_below = 5"), False),
    ],
)
def test_exhibits_that_give_a_small_count_away_together_are_named(
    sentences: tuple[str, ...], given_away: bool, small: History, style: HouseStyle
) -> None:
    told = [point.says for point in review(keeping(small, *sentences).study, style) if point.kind == "small counts"]
    assert bool(told) == given_away, told
    if given_away:
        assert len(sentences) == 1 or any(label in told[0] for label in ("with Table 2", "with Figure 1")), told
