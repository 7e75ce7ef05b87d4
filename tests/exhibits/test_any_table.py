"""Whatever is asked of small tables: an exhibit whole in every language, its words with the numbers of its table, or a refusal."""

from __future__ import annotations

import math
import re
import tempfile
from pathlib import Path

import msgspec
from hypothesis import example, given, settings
from hypothesis import strategies as st

from depth import DEEP
from every_sentence import subjects_of, values
from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.printing import plain_text, print_cell
from istrel.exhibits.text import Cell, cells_in
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.sentence.settings import Place, fitting_settings, show_setting
from istrel.sentence.vocabulary import VERBS
from istrel.study.explaining import opened_cell
from istrel.study.opening import open_data
from istrel.style.house import HouseStyle, load_style
from istrel.style.phrases import LANGUAGES, phrases_in
from made import make_exhibit

NONE = re.compile(r"\bnan\b|\bNone\b|\binf\b|\{|\}|\( *\)|\[ *\]")
NUMBERS = {
    "apart": st.floats(-50, 50).map(lambda value: f"{value:.2f}"),
    "whole": st.integers(0, 12).map(str),
    "tied": st.sampled_from(["1", "2", "2"]),
    "equal": st.just("7.5"),
    "gone": st.just(""),
    "some": st.sampled_from(["", "3", "4.5", "-1"]),
}


@st.composite
def tables(draw: st.DrawFn) -> str:
    """The columns of `rich`, of one case to 25: tied, equal, empty; levels that some groups lack."""
    n = draw(st.integers(1, 25))
    columns = [
        draw(st.lists(NUMBERS[draw(st.sampled_from(sorted(NUMBERS)))], min_size=n, max_size=n)) for _ in range(3)
    ]
    for levels in (
        ["p", "q", "q", "r", ""],
        ["u", "u", "v"],
        ["1", "2", "3", "4", "5"],
        ["0", "1", "2"],
        ["n0", "n1", "n2", ""],
        ["n0", "n1"],
    ):
        columns.append(draw(st.lists(st.sampled_from(levels), min_size=n, max_size=n)))
    return "x,y,z,g,h,o,k,p,q\n" + "".join(",".join(row) + "\n" for row in zip(*columns, strict=True))


@st.composite
def sentences(draw: st.DrawFn) -> str:
    """A verb and a form, groups or another side, and some of the settings that fit."""
    verb = VERBS[draw(st.sampled_from(sorted(VERBS)))]
    form = draw(st.sampled_from(verb.forms))
    against = "against" in verb.clauses and draw(st.booleans())
    groups = draw(st.sampled_from(["", " across g", " across g, h", " across g × h"]))
    place = Place(verb.name, form, against, bool(groups))
    subjects = draw(st.sampled_from([subjects_of(verb.name, form), "x", "o, x, g", "p, q", "k"]))
    chosen = draw(st.lists(st.sampled_from(fitting_settings(place)), max_size=3, unique=True))
    said = [
        needed
        for s in chosen
        for need in s.needs
        if place.within(need.place)
        for needed in [show_setting(need.setting, need.values[-1])]
    ]
    said += [draw(st.sampled_from(found)) for setting in chosen if (found := list(values(setting, place)))]
    clauses = " against h" * against + groups
    return f"{verb.name} {subjects}{clauses} as {form}" + (f" with {', '.join(dict.fromkeys(said))}" if said else "")


def data_from(text: str) -> Dataset:
    with tempfile.TemporaryDirectory() as folder:
        path = Path(folder) / "t.csv"
        path.write_text(text)
        return open_data(path)


def styles() -> list[HouseStyle]:
    return [msgspec.structs.replace(load_style(), words=phrases_in(name), language=name) for name in LANGUAGES]


STYLES = styles()


FEW = "x,y,z,g,h,o,k,p,q\n" + "".join(
    f"{x},1,2,{g},{h},1,1,n0,n0\n"
    for x, g, h in ((1, "p", "u"), (7, "q", "u"), (7, "r", "v"), (3, "q", "v"), (7, "p", ""), (0, "q", "v"))
)
ALIKE = FEW.replace(",v,", ",u,")  # one value alone


@settings(max_examples=60 if DEEP else 24)
@given(text=tables(), sentence=sentences())
@example(text=FEW, sentence="relate k against h as table")
@example(text=FEW, sentence="describe x, h across g as table with difference, test, pairs")
@example(text=ALIKE, sentence="describe h across g as table with difference, measure = odds ratio")
@example(text=ALIKE, sentence="describe h across g as table with difference, test, pairs, measure = risk ratio")
def test_an_exhibit_is_whole_or_refused_in_plain_words(text: str, sentence: str) -> None:
    exhibit = made_or_refused(text, sentence)
    if isinstance(exhibit, str):
        assert exhibit.strip()
        assert not NONE.search(exhibit), exhibit
        return
    for style in STYLES:
        document = Document(numbered([exhibit], with_text=True), style)
        printed = render(document, "md").decode()
        assert not NONE.search(re.sub(r"\\\[|\\\]", "", printed)), printed
        for note in exhibit.margin:
            assert not NONE.search(plain_text(note.says, style))
    words_give_the_numbers_of_the_table(exhibit, STYLES[0])
    every_number_opens_or_says_why_not(exhibit, STYLES[0])


def every_number_opens_or_says_why_not(exhibit: Exhibit, style: HouseStyle) -> None:
    if isinstance(exhibit.sheet, FigureSheet):
        return
    for cell in (cell for row in exhibit.sheet.rows for text in row.cells for cell in cells_in(text)):
        try:
            said = "\n".join(opened_cell(exhibit, cell, style).lines())
        except Problem as problem:
            said = problem.message
        assert not NONE.search(said), said


def made_or_refused(text: str, sentence: str) -> Exhibit | str:
    """The exhibit, or the words of the refusal."""
    try:
        return make_exhibit(sentence, data_from(text))
    except Problem as problem:
        return problem.message


def words_give_the_numbers_of_the_table(exhibit: Exhibit, style: HouseStyle) -> None:
    """What the text says of a row and column prints as in the table."""
    if isinstance(exhibit.sheet, FigureSheet):
        return
    cells = [cell for row in exhibit.sheet.rows for text in row.cells for cell in cells_in(text)]
    shown = {(cell.row, cell.column, cell.kind): cell for cell in cells if cell.row}
    for cell in cells_in(exhibit.text):
        other = shown.get((cell.row, cell.column, cell.kind))
        if other is not None and is_number(cell) and is_number(other):
            assert print_cell(cell, style) == print_cell(other, style), (cell, other)


def is_number(cell: Cell) -> bool:
    return isinstance(cell.value, float) and math.isfinite(cell.value)
