"""A question with several answers in print: its table, its notes, its sentence and its JSON."""

from __future__ import annotations

from collections.abc import Iterator

from istrel.exhibits.claims import claim
from istrel.exhibits.contracts import Json
from istrel.exhibits.exchange import groups, number, weighed_values
from istrel.exhibits.table import About, Head, Note, Row, TableSheet, general
from istrel.exhibits.text import Cell, Text, count_cell, say, sentences
from istrel.exhibits.verbs.count.resolve import CountPlan
from istrel.exhibits.verbs.count.result import CountResult
from istrel.exhibits.verbs.count.sets import Answer, SetCell
from istrel.exhibits.wording import (
    cases_note,
    group_label,
    groups_words,
    has_groups,
    in_group,
    places_note,
    titled,
    ungrouped_notes,
)
from istrel.style.numbers import Kind


def set_title(plan: CountPlan) -> Text:
    """The question, and the groups."""
    counted = say("answers_to", name=titled(plan.data.variable(plan.names[0])))
    by = groups_words(plan.groupings, plan.data)
    return say("what_by_groups", what=counted, groups=by) if by else counted


def set_table(plan: CountPlan, result: CountResult, cells: tuple[SetCell, ...]) -> TableSheet:
    """A row for each answer: n, % of the cases, % of the answers; then who named none."""
    grouped, intervals = has_groups(plan.groupings), plan.request.settings["intervals"]
    level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
    heads = [Head(say("head_n")), Head(say("head_percent_of_cases"))]
    heads += [] if grouped else [Head(say("head_percent_of_answers"))]
    heads += [Head(say("head_interval", level=level))] if intervals else []
    about = About(cells[0].variable)
    rows = [
        Row(
            answer.label,
            tuple(text for cell in cells for text in _answer(cell, cell.answers[place], grouped, intervals)),
            about=about,
        )
        for place, answer in enumerate(cells[0].answers)
    ]
    if any(cell.none for cell in cells):
        rows.append(Row(say("none_named"), tuple(t for c in cells for t in _none(c, len(heads))), about=about))
    spanners = [Head(group_label(cell.group, several=len(cells) > 1), len(heads)) for cell in cells]
    top = ((Head(()), *spanners),) if grouped else ()
    stub = titled(plan.data.variable(cells[0].variable))
    return TableSheet(
        set_title(plan),
        (*top, (Head(stub), *[head for _ in cells for head in heads])),
        tuple(rows),
        set_notes(plan, result, cells),
    )


def _answer(cell: SetCell, answer: Answer, grouped: bool, intervals: bool) -> list[Text]:
    row, group = f"{cell.variable}: {answer.name}", cell.group.key
    made: list[Text] = [(count_cell(answer.count, row=row, column=f"{group}/n", behind=answer.behind),)]
    shares = [("percent_of_cases", answer.of_cases), *([] if grouped else [("percent_of_answers", answer.of_answers)])]
    made += [(Cell(value, Kind.PERCENT, row=row, column=f"{group}/{key}"),) for key, value in shares]
    if intervals:
        ends = {
            side: Cell(getattr(answer, side), Kind.PERCENT, row=row, column=f"{group}/{side}")
            for side in ("low", "high")
        }
        made.append(say("interval", **ends))
    return made


def _none(cell: SetCell, width: int) -> list[Text]:
    row, group = f"{cell.variable}: none", cell.group.key
    share = Cell(cell.none_percent, Kind.PERCENT, row=row, column=f"{group}/percent_of_cases")
    return [(count_cell(cell.none, row=row, column=f"{group}/n"),), (share,), *[()] * (width - 2)]


def set_notes(plan: CountPlan, result: CountResult, cells: tuple[SetCell, ...]) -> tuple[Note, ...]:
    """Which cases; that several answers were possible; how many there are; who is missing; that no test is made of them."""
    texts = [
        *cases_note(result.cases),
        *places_note(plan.names, plan.data),
        *ungrouped_notes(result.groupings, plan.data),
    ]
    total = next((cell for cell in cells if not cell.group.named), None)
    if total is not None and total.given > total.n and len(cells[0].answers) > 1:
        texts.append(say("several_answers_of", n=count_cell(total.n), answers=count_cell(total.given)))
    else:
        texts.append(say("several_answers"))
    missing = total.missing if total is not None else sum(cell.missing for cell in cells)
    if missing:
        texts.append(say("no_answer_known", n=missing))
    if plan.request.settings["intervals"]:
        level = Cell(100 * plan.request.settings["confidence"], Kind.EDGE)
        texts.append(say("intervals_on_logits" if plan.cases.weighted else "intervals_of_answers", level=level))
    if plan.against:
        texts.append(say("no_test_of_answers"))
    return general(texts)


def set_text(plan: CountPlan, cells: tuple[SetCell, ...]) -> Text:
    """The answer that most cases gave, in each group."""
    said: list[Text] = []
    name = titled(plan.data.variable(cells[0].variable))
    for cell in cells:
        ranked = sorted(cell.answers, key=lambda answer: -_size(answer))
        if len(ranked) < 2 or not cell.n:
            continue
        first, sizes = ranked[0], [_size(answer) for answer in ranked]
        row, group = f"{cell.variable}: {first.name}", cell.group.key
        said.append(
            claim(
                "most frequent",
                [sizes, 1],
                "answer_named_most",
                name=name,
                where=in_group(cell.group, plan.data),
                answer=first.label,
                share=Cell(first.of_cases, Kind.PERCENT, row=row, column=f"{group}/percent_of_cases"),
                n=count_cell(first.count, row=row, column=f"{group}/n"),
            )
        )
    return sentences([text for text in said if text])


def _size(answer: Answer) -> float:
    return answer.of_cases if isinstance(answer.of_cases, float) else -1.0


def set_values(cell: SetCell) -> Json:
    """The answers of a group in the form of docs/exchange.md."""
    return {
        "set": cell.variable,
        "groups": groups(cell.group.named),
        "n": number(cell.n),
        "missing": number(cell.missing),
        "none": number(cell.none),
        **({} if cell.weighted_n is None else {"weighted_n": number(cell.weighted_n)}),
        "levels": [
            {
                "values": [answer.name],
                "count": number(answer.count),
                "percent_of_cases": number(answer.of_cases),
                "percent_of_answers": number(answer.of_answers),
                "low": number(answer.low),
                "high": number(answer.high),
                **weighed_values(answer.weighed),
            }
            for answer in cell.answers
        ],
    }


def set_numbers(cell: SetCell) -> Iterator[Cell]:
    """Every number that a text may quote."""
    for answer in cell.answers:
        row, group = f"{cell.variable}: {answer.name}", cell.group.key
        yield count_cell(answer.count, row=row, column=f"{group}/n")
        yield Cell(answer.of_cases, Kind.PERCENT, row=row, column=f"{group}/percent_of_cases")
