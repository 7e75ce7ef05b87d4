"""Small claims that no other test held: each was found by a random change of the code that nobody noticed (`make mutants`)."""

from __future__ import annotations

import io
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path
from types import SimpleNamespace
from typing import Any, Literal

import docx
import msgspec
import numpy as np
import pytest
import xlsxwriter
from docx.shared import Mm
from lxml import etree

from istrel.data.codebook import parse_missing
from istrel.data.dataset import Dataset
from istrel.data.reading.letters import _lines_with_odd_bytes
from istrel.data.reading.ragged import MOST_SHOWN, Row
from istrel.data.reading.ragged import remark as ragged_remark
from istrel.data.reading.watch import Watch, WatchedFile
from istrel.data.rows import Rows
from istrel.data.sets import set_in
from istrel.english import english
from istrel.exhibits import store
from istrel.exhibits.forms.heat_map import _alike
from istrel.exhibits.printing import as_plain, print_notes
from istrel.exhibits.quoting import quotable
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.render.papers import paragraphs_of
from istrel.render.refresh.grids import _likest
from istrel.render.refresh.word.whole import Whole
from istrel.render.template.word import _fitted
from istrel.render.word.controls import _span
from istrel.render.word.letters import Changes
from istrel.sentence import parse, request_of
from istrel.sentence.names import Typed
from istrel.stats.binning import ClassSettings, class_edges
from istrel.stats.normality import _lilliefors_p
from istrel.study.changes.codebook import MarkPersonal
from istrel.study.changes.manuscript import Exchange, Keep, Retitle
from istrel.study.history import History
from istrel.study.manuscript import printed_sides
from istrel.study.parts import Kept
from istrel.study.prose import Moved
from istrel.study.rows import offers
from istrel.study.study import study_of
from istrel.style.house import HouseStyle
from made import make_exhibit

Maker = Callable[..., Dataset]


@pytest.mark.parametrize("n", [12, 40, 100, 400])
def test_the_p_of_the_largest_distance_falls_steadily(n: int) -> None:
    """Dallal and Wilkinson's tail and Abdi and Molin's body meet where they are joined."""
    distance = np.linspace(0.25, 1.35, 400) / (np.sqrt(n) - 0.01 + 0.85 / np.sqrt(n))
    p = _lilliefors_p(distance, np.full(distance.size, n))
    assert (np.diff(p) <= 1e-3).all()
    assert np.abs(np.diff(p)).max() < 0.03
    assert 0.0 <= p[-1] < 0.001


def test_variables_that_go_together_stand_together_on_a_heat_map() -> None:
    rng = np.random.default_rng(8)
    for _ in range(60):
        block = rng.permutation(np.repeat([0, 1, 2], rng.integers(2, 5)))
        matrix = np.where(block[:, None] == block, 0.8, 0.05) + np.triu(rng.normal(0, 0.02, (block.size,) * 2), 1)
        matrix = np.triu(matrix, 1) + np.triu(matrix, 1).T
        order = block[_alike(matrix)]
        assert np.count_nonzero(np.diff(order)) == 2, order


def test_rows_that_read_alike_are_matched_once_and_in_their_order() -> None:
    one, other = [["age", "1"], ["age", "2"]], [["new", "9"], ["age", "1"], ["age", "2"], ["other", "0"]]
    assert _likest(one, other, range(2), range(4)) == {0: 1, 1: 2}
    assert _likest([["age", "1"], ["age", "1"]], other, range(2), range(4)) == {0: 1, 1: 2}


@pytest.mark.parametrize(
    ("sentence", "says"),
    [
        ("count format against 5", "“5” is a number; “count” takes variables after “against”"),
        ('describe age against "x"', "“x” is a text; “describe” takes variables"),
        ("check age against 5", "against"),
    ],
)
def test_what_cannot_stand_after_against_is_told(sentence: str, says: str, learners: Dataset) -> None:
    with pytest.raises(Problem) as caught:
        make_exhibit(sentence, learners)
    assert says in caught.value.message


def test_two_occasions_are_enough_and_one_is_none(data_of: Maker) -> None:
    data = data_of("id,wave,one,x\n" + "".join(f"{k // 2},{'ab'[k % 2]},c,{k}\n" for k in range(40)))
    assert "wave" in offers("occasion", data, {"wave": 2, "one": 1, "id": 20, "x": 40})
    assert "one" not in offers("occasion", data, {"wave": 2, "one": 1, "id": 20, "x": 40})


def test_a_missing_code_without_a_reason_is_called_by_itself(data_of: Maker, style: HouseStyle) -> None:
    data = data_of("g\n" + "a\n" * 9 + "b\n" * 8 + "skipped\n" * 4)
    data = Dataset(data.table, data.codebook.with_missing(parse_missing("skipped")))
    rows = render(Document(numbered([make_exhibit("count g", data)]), style), "md").decode()
    assert "Missing: skipped | 4" in rows


def test_a_pair_of_as_many_cases_as_are_shown_is_shown(data_of: Maker) -> None:
    rng = np.random.default_rng(4)
    rows = "".join(f"{a:.3f},{b:.3f}\n" for a, b in rng.normal(size=(6, 2)))
    data = data_of(f"a,b\n{rows}" + "1.5,\n" * 6)
    shown = make_exhibit("relate a, b with hide_below = 6, deletion = pairwise", data).result.cells[0].pairs[0]
    gone = make_exhibit("relate a, b with hide_below = 7, deletion = pairwise", data).result.cells[0].pairs[0]
    assert isinstance(shown.coefficient, float)
    assert not isinstance(gone.coefficient, float)


def test_a_table_of_two_columns_goes_on_below_a_blank_row(tmp_path: Path, data_of: Maker) -> None:
    out = io.BytesIO()
    with xlsxwriter.Workbook(out) as book:
        sheet = book.add_worksheet()
        for row, cells in enumerate([["name", "n"], ["a", 1], ["b", 2], [None, None], ["c", 3], ["d", 4]]):
            sheet.write_row(row, 0, cells)
    assert data_of(out.getvalue(), name="book.xlsx").n_rows == 4


@pytest.mark.parametrize(("said", "wide"), [("3", 3), ("x", 1), ("", 1), ("9999999", 1)])
def test_a_damaged_width_of_a_cell_is_one(said: str, wide: int) -> None:
    cell = docx.Document().add_table(1, 1).cell(0, 0)._tc
    cell.get_or_add_tcPr()._add_gridSpan().set(docx.oxml.ns.qn("w:val"), said)
    assert _span(cell) == wide


@pytest.mark.parametrize("many", [1, 2])
def test_pages_are_numbered_where_there_are_several_parts(many: int, learners: Dataset, style: HouseStyle) -> None:
    exhibits = [make_exhibit(sentence, learners) for sentence in ("count site", "describe age")[:many]]
    made = docx.Document(io.BytesIO(render(Document(numbered(exhibits), style), "docx")))
    assert ("PAGE" in made.sections[0].footer._element.xml) == (many > 1)


def test_why_a_weighted_statistic_lacks_is_said_as_it_is(data_of: Maker, style: HouseStyle) -> None:
    data = data_of("g,x,w\n" + "".join(f"{'a' if k else 'b'},{k},{1 + k / 9:.2f}\n" for k in range(9)))
    book = replace(data.codebook, rows=replace(data.codebook.rows, weight="w"))
    exhibit = make_exhibit("describe x across g with n, mean, sd", Dataset(data.table, book))
    notes = " ".join(as_plain(note) for note in print_notes(exhibit.sheet.notes, style))
    assert "fewer than 2" in notes


def test_what_comes_whole_is_tracked_by_its_outermost_paragraphs_and_by_rows() -> None:
    """A word processor takes or refuses a paragraph by the mark at its end, and a row by the row's; not both."""
    space = 'xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"'
    cell = "<w:tbl><w:tr><w:tc><w:p><w:r><w:t>{}</w:t></w:r></w:p></w:tc></w:tr></w:tbl>"
    line = "<w:p><w:r><w:t>{}</w:t></w:r></w:p>"
    content, fresh = (
        etree.fromstring(f"<w:sdtContent {space}>{parts}</w:sdtContent>")
        for parts in (line.format("old") + cell.format("a"), line.format("new") * 2)
    )
    Whole(1, Changes(0), frozenset()).exchange(content, fresh)
    qn = docx.oxml.ns.qn
    marks = {"del": [], "ins": []}
    for kind, found in marks.items():
        for mark in content.iter(qn(f"w:{kind}")):
            home = mark.getparent()
            text = "".join(home.getparent().getparent().itertext() if home.tag == qn("w:rPr") else mark.itertext())
            found.append((home.tag.rpartition("}")[2], text))
    assert sorted(marks["del"]) == [("p", "a"), ("p", "old"), ("rPr", "old"), ("trPr", "")]
    assert sorted(marks["ins"]) == [("p", "new"), ("p", "new"), ("rPr", "new"), ("rPr", "new")]
    content, fresh = (
        etree.fromstring(f"<w:sdtContent {space}>{parts}</w:sdtContent>")
        for parts in (line.format("old"), line.format("new") + cell.format("b"))
    )
    Whole(1, Changes(0), frozenset()).exchange(content, fresh)
    homes = [mark.getparent().tag.rpartition("}")[2] for mark in content.iter(qn("w:ins"))]
    assert sorted(homes) == ["p", "p", "rPr", "trPr"]


@pytest.mark.parametrize(("said", "fits"), [("0", False), ("0.5", True), ("99.9999", True), ("100", False)])
def test_percentiles_lie_between_none_and_all(said: str, fits: bool) -> None:
    try:
        parse(f"describe x with percentiles = {{{said}}}")
    except Problem:
        assert not fits
    else:
        assert fits


def test_settings_that_do_not_fit_are_left_behind() -> None:
    said = parse("describe x with mean, layout = rows, decimals = 2").settings
    assert {name for name, _ in said.only(("decimals", "layout")).said} == {"decimals", "layout"}
    assert said.only(("curve",)).said == ()


@pytest.mark.parametrize("bins", [1, 2, 3])
@pytest.mark.parametrize("closed", ["left", "right"])
def test_a_class_on_both_sides_of_0_is_as_narrow_as_a_round_one_can_be(
    bins: int, closed: Literal["left", "right"]
) -> None:
    edges = class_edges(np.array([-3.2, 0.1, 3.4]), ClassSettings(bins=bins, anonymous=True, closed=closed)).edges
    assert edges.size == bins + 1
    assert edges[0] <= -3.2
    assert edges[-1] >= 3.4
    width = edges[1] - edges[0]
    assert width == {1: 7.0, 2: 4.0, 3: 4.0}[bins]


def test_the_last_line_of_a_look_is_whole_or_alone() -> None:
    odd = "né\n".encode() * 2
    assert _lines_with_odd_bytes(odd + b"caf" + b"\xc3") == odd
    assert _lines_with_odd_bytes("né".encode()) == "né".encode()


@pytest.mark.parametrize("length", [1, 4])
def test_a_word_in_error_keeps_its_length_behind_what_was_put_in(length: int) -> None:
    typed = Typed("describe `Body Mass`, x", ((10, 1), (20, 2)))
    told = typed.told(Problem(english("No."), at=len("describe `Body Mass`, "), length=length))
    assert (told.at, told.length) == (len("describe Body Mass, "), length)


@pytest.mark.parametrize(("side", "shown"), [("a word", "a word"), (None, ""), (2.5, "2.5"), (1 / 3, "0.333333")])
def test_what_left_an_exhibit_reads_as_it_was(
    side: str | float | None, shown: str, learners: Dataset, style: HouseStyle
) -> None:
    entry: Any = SimpleNamespace(exhibit=make_exhibit("describe age", learners))
    assert printed_sides(entry, Moved("nowhere", "n", side, None), style) == (shown, "")


@pytest.mark.parametrize(("page", "width"), [(40, 60.0), (90, 70.0), (500, 160.0)])
def test_a_table_is_no_wider_than_the_text_of_a_template_and_no_narrower_than_can_be_read(
    page: int, width: float, style: HouseStyle
) -> None:
    home = docx.Document()
    section = home.sections[-1]
    section.page_width, section.left_margin, section.right_margin = Mm(page), Mm(10), Mm(10)
    wide = msgspec.structs.replace(style, table=msgspec.structs.replace(style.table, width_mm=160.0))
    assert _fitted(Document((), wide), home).style.table.width_mm == pytest.approx(width, abs=0.01)


@pytest.mark.parametrize(("n", "shown"), [(1, "a"), (2, "a, b"), (3, "a, b …")])
def test_many_personal_variables_are_named_by_the_first_two(n: int, shown: str) -> None:
    assert MarkPersonal(("a", "b", "c")[:n]).words.startswith(shown + " ")
    assert " not " not in MarkPersonal(("a",)).words
    assert " not " in MarkPersonal(("a",), personal=False).words


@pytest.mark.parametrize("n", [MOST_SHOWN, MOST_SHOWN + 2])
def test_lines_set_aside_are_counted_where_not_all_are_shown(n: int) -> None:
    said = ragged_remark(tuple(Row(line, 3, f"x{line}") for line in range(n)), 2)
    assert ("more" in said) == (n > MOST_SHOWN)
    assert n <= MOST_SHOWN or "and 2 more" in said


def test_a_combination_alone_is_one_subject_and_two_variables_are_several(data_of: Maker) -> None:
    book = data_of("a,b\nx,1\ny,2\n").codebook
    said = {sentence: request_of(sentence, book).place.several for sentence in ("count a × b", "count a, b", "count a")}
    assert said == {"count a × b": False, "count a, b": True, "count a": False}


def test_strata_in_words_and_in_numbers_are_the_same_strata(data_of: Maker) -> None:
    rows = "".join(f"{1 + k % 3},{k % 2},{'ab'[k % 2]},{k * 7 % 11}\n" for k in range(24))
    data = data_of(f"w,number,word,x\n{rows}")
    errors = []
    for strata in ("number", "word"):
        book = replace(data.codebook, rows=Rows(weight="w", strata=strata))
        (cell,) = make_exhibit("describe x with se", replace(data, codebook=book)).result.cells
        errors.append(cell.number("se"))
    assert errors[0] == pytest.approx(errors[1], rel=1e-14)
    assert errors[0] > 0


def test_what_is_quoted_has_a_place_and_a_value(learners: Dataset) -> None:
    for sentence in (
        "describe age, site across format with difference",
        "count site against format",
        "describe age as boxes",
    ):
        found = quotable(make_exhibit(sentence, learners))
        assert found
        assert all(row and cell.value is not None for (row, _), cell in found.items())


def test_an_exhibit_that_is_exchanged_keeps_its_texts_and_its_place(learners: Dataset) -> None:
    history = History(study_of(learners))
    for sentence in ("describe age", "count site"):
        history = history.do(Keep(Kept(parse(sentence), ())))
    first, second = history.study.parts
    history = history.do(Retitle(first.id, "Ages")).do(
        Exchange(first.id, Kept(parse("count format as bars"), (), is_figure=True))
    )
    one, other = history.study.parts
    assert isinstance(one, Kept)
    assert (one.id, one.request, one.is_figure) == (first.id, parse("count format as bars"), True)
    assert one.title == "Ages"
    assert other == second


def test_of_all_versions_together_what_was_asked_for_last_is_kept(monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(store, "_STORES", versions := {name: store.Store() for name in "ab"})
    monkeypatch.setattr(store, "MOST_ENTRIES", 6)
    monkeypatch.setenv("ISTREL_MOST_KEPT", "3")
    megabyte = 2**20
    for name, key in ["a1", "b1", "a2", "a1", "b2", "b3"]:
        versions[name].once(key, lambda made=name + key: made, lambda _: megabyte)
    assert [list(versions[name].entries) for name in "ab"] == [["1"], ["2", "3"]]
    versions["a"].once("large", lambda: "large", lambda _: 9 * megabyte)  # larger than the bound: it is kept alone
    assert [list(versions[name].entries) for name in "ab"] == [["large"], []]
    for key in range(8):
        versions["b"].once(key, lambda key=key: key, lambda _: 0)
    assert [list(versions[name].entries) for name in "ab"] == [[], [2, 3, 4, 5, 6, 7]]


@pytest.mark.parametrize(
    ("cells", "are"),
    [
        (["10YR 3/1", "10YR 2/2", "7.5YR 3/2", "10YR 2/1"], False),  # what stands first never stands second
        (["a/b", "b/a", "a/c", "c/b"], True),
        (["a/b", "c", "a/c", "b"], True),
    ],
)
def test_parts_of_a_name_are_no_answers(cells: list[str], are: bool, data_of: Maker) -> None:
    data = data_of("x\n" + "".join(f"{cell}\n" for cell in cells * 8))
    assert (set_in("x", data) is not None) is are


def test_a_file_says_how_much_of_it_was_read(tmp_path: Path) -> None:
    path = tmp_path / "x"
    path.write_bytes(b"x" * 100)
    said: list[float] = []
    with WatchedFile(path, Watch(said.append, lambda: True)) as file:
        while file.read(25):
            pass
    assert said == [0.25, 0.5, 0.75, 1.0, 1.0]


def test_a_paper_of_another_kind_is_told_what_is_read(tmp_path: Path) -> None:
    with pytest.raises(Problem, match=r"a paper that is read is a \.docx, \.odt, \.md or \.txt\.$"):
        paragraphs_of(tmp_path / "paper.pages")


def test_the_word_that_is_wrong_is_pointed_at(learners: Dataset) -> None:
    sentence = "describe site with percentiles = 5"
    with pytest.raises(Problem) as caught:
        make_exhibit(sentence, learners)
    assert (caught.value.at, caught.value.length) == (sentence.index("percentiles"), len("percentiles"))
