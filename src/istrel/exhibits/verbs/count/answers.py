"""A battery of items that share their answers: items in rows, answers in columns."""

from __future__ import annotations

from istrel.english import english
from istrel.exhibits.behind import Behind
from istrel.exhibits.table import About, Head, Row, TableSheet
from istrel.exhibits.text import Cell, Text, count_cell, say
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult, FrequencyCell
from istrel.exhibits.verbs.count.words import frequency_notes, title_of
from istrel.exhibits.verbs.frequency_result import Level, behind_level, level_key
from istrel.exhibits.wording import has_groups, titled
from istrel.problem import Problem
from istrel.style.numbers import Kind

FEWEST_ITEMS, FEWEST_ANSWERS, MOST_ANSWERS = 3, 2, 9
FITTING = ("layout", "missing", "hide_below")  # settings that answers in columns can have

Answers = tuple[Level, ...]


def wants_answers(plan: CountPlan, cells: list[FrequencyCell]) -> Answers | None:
    """The answers that are to stand in columns: where it is said, or where three or more items share them; None for a list.

    Raises
    ------
    Problem
        Where it is said, and the variables or another setting do not allow it.
    """
    said = plan.request.settings
    if said["layout"] not in (None, "rows", "answers"):
        raise _misplaced(plan, english("Frequencies stand in rows, or with layout = answers each variable has a row."))
    if said["layout"] == "rows":
        return None
    answers = _shared(cells)
    why = _why_not(plan, answers)
    if said["layout"] is None:
        return answers if not why and len(cells) >= FEWEST_ITEMS else None
    if why:
        raise _misplaced(plan, english("The answers cannot stand in columns: {why}.", why=why))
    return answers


def _why_not(plan: CountPlan, answers: Answers | None) -> str:
    """Why the answers cannot stand in columns; empty where they can."""
    said = plan.request.settings
    other = next((name for name in said if name not in FITTING and said[name]), "")
    if has_groups(plan.groupings):
        return english("these frequencies are of groups")
    if other:
        return english("“{name}” needs a list", name=other)
    if answers is None:
        return english("the variables do not have the same answers")
    if not FEWEST_ANSWERS <= len(answers) <= MOST_ANSWERS:
        return english("there are {count} of them, and a page holds {most}", count=len(answers), most=MOST_ANSWERS)
    if plan.request.settings["hide_below"] and any(len(cell) != len(answers) for cell in _sets(plan)):
        return english("a small count would show as none")
    return ""


def _sets(plan: CountPlan) -> list[tuple[float | str, ...]]:
    """The values of every item that an exhibit shows."""
    return [tuple(plan.data.categories(subject.names[0]).values) for subject in plan.subjects]


def _shared(cells: list[FrequencyCell]) -> Answers | None:
    """The answers of the item that has all of them; None where items have others, or are no single categories."""
    if not cells or any(len(cell.variables) != 1 or cell.closed for cell in cells):
        return None
    longest = max(cells, key=lambda cell: len(cell.levels))
    known = {(level.values, level.label): place for place, level in enumerate(longest.levels)}
    for cell in cells:
        places = [known.get((level.values, level.label), -1) for level in cell.levels]
        if -1 in places or places != sorted(places):
            return None
    return longest.levels


def answers_table(plan: CountPlan, result: CountResult, cells: list[FrequencyCell], answers: Answers) -> TableSheet:
    """n of each item, then how many gave each answer and their share of n; the missing last."""
    missing = plan.request.settings["missing"] != "hide" and any(cell.missing for cell in cells)
    heads = [Head(say("head_variable")), Head(say("head_n")), *(Head(level.label) for level in answers)]
    above = [Head(()), Head(()), Head(say("head_n_percent"), len(answers))]
    if missing:
        heads.append(Head(say("missing")))
        above.append(Head(()))
    rows = [_item_row(cell, answers, plan, missing=missing) for cell in cells]
    notes = frequency_notes(plan, result, cells, columns={"valid_percent"})
    return TableSheet(title_of(plan), (tuple(above), tuple(heads)), tuple(rows), notes)


def _item_row(cell: FrequencyCell, answers: Answers, plan: CountPlan, *, missing: bool) -> Row:
    (name,) = cell.variables
    mine = {level.values: level for level in cell.levels}
    valid = Behind(name, cell.group.named, valid=(name,))
    values: list[Text] = [(count_cell(cell.n, row=name, column=f"{cell.group.key}/n", behind=valid),)]
    values += [_answer(cell, mine.get(level.values), level) for level in answers]
    if missing:
        gone = Behind(f"{name} missing", cell.group.named, missing=(name,))
        values.append((count_cell(cell.missing, row=f"{name} missing", column=f"{cell.group.key}/n", behind=gone),))
    return Row(titled(plan.data.variable(name)), tuple(values), about=About(name))


def _answer(cell: FrequencyCell, mine: Level | None, answer: Level) -> Text:
    """How many gave an answer, and their share; none gave one that the item's list does not have."""
    row, group = level_key(cell, mine or answer), cell.group.key
    if mine is None:
        share = 0.0 if cell.n else None
        count = count_cell(0, row=row, column=f"{group}/n")
        return say(
            "count_with_share", n=count, share=Cell(share, Kind.PERCENT, row=row, column=f"{group}/valid_percent")
        )
    behind = behind_level(cell, mine, row)
    count = count_cell(mine.count, row=row, column=f"{group}/n", behind=behind)
    share_cell = Cell(mine.valid_percent, Kind.PERCENT, row=row, column=f"{group}/valid_percent", behind=count.behind)
    return say("count_with_share", n=count, share=share_cell)


def _misplaced(plan: CountPlan, message: str) -> Problem:
    at, length = plan.request.settings.place_of("layout")
    return Problem(message, at=at, length=length)
