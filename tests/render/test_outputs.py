"""Every output of one small document: structure, the same strings everywhere, golden texts, and what is refused."""

from __future__ import annotations

import csv
import io
import json
import math
import re
import zipfile
from collections.abc import Callable
from dataclasses import replace
from html.parser import HTMLParser
from typing import Any

import docx
import msgspec
import pytest
from docx.oxml.ns import qn
from PIL import Image

from golden_files import digest, digests, same, same_values
from istrel.data.dataset import Dataset
from istrel.demo import STUDY
from istrel.exhibits.printing import body_rows, head_rows, print_table
from istrel.exhibits.table import TableSheet
from istrel.files import harmless
from istrel.problem import Problem
from istrel.render import render, tables
from istrel.render.columns import split_at_mark
from istrel.render.document import Document, numbered
from istrel.render.manuscript import manuscript_document
from istrel.study.file import StudyFile
from istrel.style.house import HouseStyle, load_style
from made import make_exhibit

TABLE = "describe practice_min, receptive_pre across format with n, mean, sd, ci_low, ci_high, skewness"
SAMPLE = "describe age, completed across format with total = yes"
FIGURE = "describe receptive_pre across format as histogram"
Documents = Callable[..., Document]


@pytest.fixture
def document_of(learners: Dataset, style: HouseStyle) -> Documents:
    def make(*sentences: str, with_text: bool = False) -> Document:
        exhibits = [make_exhibit(sentence, learners) for sentence in sentences]
        return Document(numbered(exhibits, with_text=with_text), style)

    return make


def as_json(document: Document) -> Any:
    return json.loads(render(document, "json"))


def strings(document: Document, place: int = 0) -> list[list[str]]:
    """What prints, head and body."""
    sheet = document.items[place].exhibit.sheet
    assert isinstance(sheet, TableSheet)
    table = print_table(sheet, document.style, str(place + 1))
    return head_rows(table) + body_rows(table)


@pytest.mark.parametrize("ending", ["md", "csv", "html"])
def test_exported_text_is_what_it_was(ending: str, document_of: Documents) -> None:
    same(f"document.{ending}", render(document_of(TABLE, SAMPLE), ending).decode())


def test_a_paper_is_what_it_was_in_every_output() -> None:
    with StudyFile(STUDY, writing=False) as file:
        document = manuscript_document(file.history.study, load_style("thesis"))
    plain = {ending: {"": digest(render(document, ending).decode())} for ending in ("tex", "html", "md", "csv")}
    packed = {ending: digests(render(document, ending)) for ending in ("docx", "odt", "xlsx", "ods")}
    same_values("paper.json", plain | packed)


def test_json_has_the_shape_that_is_promised(document_of: Documents) -> None:
    content = as_json(document_of(TABLE))
    assert list(content) == [
        "istrel", "sentence", "verb", "form", "cases", "results", "notes", "remarks", "methods", "text",
        "sheet", "provenance",
    ]  # fmt: skip
    assert (content["istrel"], content["sentence"], content["verb"], content["form"]) == (1, TABLE, "describe", "table")
    assert content["cases"] == {"total": 612, "used": 612, "rows": 612, "condition": ""}
    assert list(content["sheet"]) == ["title", "heads", "rows", "notes", "cells"]
    assert content["provenance"]["source"] == "learners.csv"
    assert re.fullmatch("[0-9a-f]{64}", content["provenance"]["sha256"])
    first = content["results"][0]
    assert list(first) == ["variable", "groups", "n", "missing", "statistics", "undefined"]
    assert first["groups"] == {"format": "Weekly evening"}
    assert isinstance(first["statistics"]["n"], int)


def test_json_keeps_full_precision_and_gives_reasons(document_of: Documents, learners: Dataset) -> None:
    content = as_json(document_of("describe age, learner among age > 198"))
    age, learner = content["results"]
    assert age["statistics"]["mean"] == 199
    assert age["statistics"]["sd"] is None
    assert age["undefined"]["sd"] == "fewer than 2 values"
    assert learner["undefined"]["mean"] == "not for an identifier variable"
    whole = as_json(document_of("describe receptive_pre"))["results"][0]["statistics"]
    numbers = learners.numbers("receptive_pre")
    values = numbers.values[numbers.valid]
    assert whole["mean"] == math.fsum(values) / values.size
    assert whole["lowest"][0] == [values.min(), 1 + int((numbers.values == values.min()).argmax())]
    assert isinstance(whole["outliers"], list)


def test_json_of_a_categorical_subject_has_the_shape_of_a_count(document_of: Documents) -> None:
    (result,) = as_json(document_of("describe completed"))["results"]
    assert list(result) == ["variables", "groups", "n", "missing", "missing_reasons", "levels"]
    level = result["levels"][1]
    assert list(level) == ["values", "count", "percent", "valid_percent", "cumulative_percent", "low", "high"]
    assert level["values"] == [1]
    assert level["low"] < level["valid_percent"] < level["high"]


def test_json_of_a_figure_carries_its_drawing(document_of: Documents) -> None:
    content = as_json(document_of("describe receptive_pre as histogram with width = 5, height = percent"))
    drawing = content["drawing"]
    assert list(drawing) == ["variable", "groups", "edges", "counts", "heights", "stat", "normal_curve"]
    assert sum(drawing["counts"]) == content["results"][0]["n"]
    assert sum(drawing["heights"]) == pytest.approx(100)
    assert drawing["normal_curve"]["scale"] == 500
    assert drawing["normal_curve"]["mean"] == content["results"][0]["statistics"]["mean"]
    assert len(as_json(document_of(FIGURE))["drawing"]) == 3


def test_several_exhibits_are_an_array(document_of: Documents) -> None:
    assert [entry["form"] for entry in as_json(document_of(TABLE, FIGURE))] == ["table", "histogram"]


def opened(document: Document) -> Any:
    return docx.Document(io.BytesIO(render(document, "docx")))


def test_docx_holds_real_tables_with_the_printed_strings(document_of: Documents) -> None:
    document = document_of(TABLE, SAMPLE)
    word = opened(document)
    assert len(word.tables) == 2
    for place, table in enumerate(word.tables):
        wanted = strings(document, place)
        assert len(table.rows) == len(wanted)
        for row, texts in zip(table.rows, wanted, strict=True):
            cells = [cell.text.replace("\n", " ") for cell in row.cells]
            assert cells == texts or cells == [texts[0]] * len(cells)  # a heading row is one merged cell


def test_docx_table_has_rules_repeated_heads_and_decimal_tabs(document_of: Documents) -> None:
    table = opened(document_of(TABLE)).tables[0]
    heads = [row._tr.trPr is not None and row._tr.trPr.find(qn("w:tblHeader")) is not None for row in table.rows]
    assert heads == [True, True] + [False] * 8
    borders = [b for tc in table._tbl.iter(qn("w:tcBorders")) for b in tc]
    assert {b.tag.split("}")[1] for b in borders} == {"top", "bottom"}
    stops = table.rows[3].cells[2].paragraphs[0].paragraph_format.tab_stops
    assert [stop.alignment.name for stop in stops] == ["DECIMAL"]


def test_docx_caption_is_numbered_by_a_field_in_a_bookmark(document_of: Documents) -> None:
    word = opened(document_of(TABLE, FIGURE, SAMPLE))
    fields = [f.get(qn("w:instr")) for f in word.element.iter(qn("w:fldSimple"))]
    assert [f.split()[1] for f in fields] == ["Table", "Figure", "Table"]
    names = [b.get(qn("w:name")) for b in word.element.iter(qn("w:bookmarkStart"))]
    assert names == ["_Table_1", "_Figure_1", "_Table_2"]
    labels = [p for p in word.paragraphs if p.style.name == "Table label"]
    assert [p._p.xpath("string(.)") for p in labels] == ["Table 1", "Figure 1", "Table 2"]


def test_docx_figure_has_alternative_text_and_its_size(document_of: Documents) -> None:
    document = document_of(FIGURE)
    (shape,) = opened(document).inline_shapes
    assert round(shape.width.mm) == 120
    assert shape._inline.docPr.get("descr").startswith("Histogram of First receptive score, points in Weekly evening")
    (vector,) = shape._inline.xpath(".//*[local-name()='svgBlip']")
    drawing = opened(document).part.related_parts[vector.get(qn("r:embed"))]
    assert drawing.content_type == "image/svg+xml"
    assert b"<text" not in drawing.blob  # an editor's machine may not have the font
    assert round(float(re.search(rb'width="([\d.]+)pt"', drawing.blob).group(1)) / 72 * 25.4) == 120  # type: ignore[union-attr]


def test_docx_carries_the_results_text_when_it_is_wanted(document_of: Documents) -> None:
    word = opened(document_of(TABLE, with_text=True))
    assert any(p.text.startswith("Weekly practice was highest on average") for p in word.paragraphs)


def test_docx_is_a_sound_archive_without_dates_of_today(document_of: Documents) -> None:
    with zipfile.ZipFile(io.BytesIO(render(document_of(TABLE), "docx"))) as archive:
        assert archive.testzip() is None
        assert {info.date_time[0] for info in archive.infolist()} == {2000}


class Page(HTMLParser):
    """Collects what a page's table says to a screen reader."""

    def __init__(self) -> None:
        super().__init__()
        self.scopes: list[str | None] = []
        self.tags: list[str] = []

    def handle_starttag(self, tag: str, attrs: list[tuple[str, str | None]]) -> None:
        self.tags.append(tag)
        if tag == "th":
            self.scopes.append(dict(attrs).get("scope"))


def test_html_is_semantic_and_self_contained(document_of: Documents) -> None:
    text = render(document_of(TABLE, FIGURE), "html").decode()
    page = Page()
    page.feed(text)
    assert {"caption", "thead", "tbody", "svg", "figcaption"} <= set(page.tags)
    assert set(page.scopes) == {"col", "colgroup", "row"}
    assert not re.search(r"(src|href)\s*=\s*[\"']?https?:", text)
    assert not {"script", "link", "img"} & set(page.tags)


def test_html_escapes_whatever_a_label_holds(data_of: Callable[..., Dataset], style: HouseStyle) -> None:
    data = data_of('g,x\n"<script>alert(1)</script>",1.5\n"<script>alert(1)</script>",2.5\n"&",3.5\n')
    exhibit = make_exhibit("describe x across g", data)
    text = render(Document(numbered([exhibit]), style), "html").decode()
    assert "<script" not in text
    assert "&lt;script&gt;" in text


def test_csv_holds_the_printed_strings_and_no_formula(document_of: Documents) -> None:
    document = document_of(TABLE)
    rows = list(csv.reader(io.StringIO(render(document, "csv").decode("utf-8-sig"))))
    assert rows[2:-1] == strings(document)
    assert harmless("=SUM(A1)") == "'=SUM(A1)"
    assert [harmless(cell) for cell in ("+1", "@x", "\tx", "−1.5", "a=b")] == ["'+1", "'@x", "'\tx", "−1.5", "a=b"]


def test_svg_keeps_text_as_text_and_png_its_resolution(document_of: Documents) -> None:
    document = document_of(FIGURE)
    svg = render(document, "svg").decode()
    assert "Weekend intensive" in svg
    assert "First receptive score, points" in svg
    width = float(re.search(r'width="([\d.]+)pt"', svg).group(1))  # type: ignore[union-attr]
    assert width / 72 * 25.4 == pytest.approx(120, abs=0.1)
    for ending, dpi in (("png", 300), ("tif", 300), ("tif", 600)):
        finer = msgspec.structs.replace(document.style.figure, dpi=dpi)
        wanted = replace(document, style=msgspec.structs.replace(document.style, figure=finer))
        with Image.open(io.BytesIO(render(wanted, ending))) as picture:
            assert picture.width == pytest.approx(120 / 25.4 * dpi, abs=1)
            assert picture.info["dpi"] == pytest.approx((dpi, dpi), rel=1e-3)


def test_pdf_embeds_its_fonts(document_of: Documents) -> None:
    pdf = render(document_of(FIGURE), "pdf")
    assert pdf.startswith(b"%PDF")
    assert b"/FontFile2" in pdf
    assert b"IstrelSerif" in pdf


def test_the_curve_in_the_svg_peaks_where_the_mean_lies(document_of: Documents, learners: Dataset) -> None:
    """Read the drawing itself: the highest point of the dashed line stands at the mean on the axis of the bars."""
    document = document_of("describe receptive_pre as histogram with edges = {20, 40, 60, 80}")
    svg = render(document, "svg").decode()
    paths = re.findall(r'<path d="([^"]+)"[^>]*stroke-dasharray', svg)
    points = [(float(x), float(y)) for x, y in re.findall(r"[ML] ([\d.]+) ([\d.]+)", max(paths, key=len))]
    peak = min(points, key=lambda point: point[1])[0]
    left, right = points[0][0], points[-1][0]
    numbers = learners.numbers("receptive_pre")
    mean = float(numbers.values[numbers.valid].mean())
    assert 20 + 60 * (peak - left) / (right - left) == pytest.approx(mean, abs=0.3)


@pytest.mark.parametrize(
    ("sentences", "ending", "says"),
    [
        ((TABLE,), "png", "A table cannot be written as .png"),
        ((FIGURE, FIGURE), "svg", "A .svg file holds one figure"),
        ((TABLE,), "dox", "“.dox” is no output that can be made. Did you mean “docx”?"),
    ],
)
def test_what_an_output_cannot_hold_is_told(
    sentences: tuple[str, ...], ending: str, says: str, document_of: Documents
) -> None:
    with pytest.raises(Problem, match=re.escape(says)):
        render(document_of(*sentences), ending)


@pytest.mark.parametrize(
    ("text", "parts"),
    [
        ("92.4", ("92", ".4")),
        ("−1,234.50", ("−1,234", ".50")),
        (".45", ("", ".45")),
        ("12 (3.4)", ("12", " (3.4)")),
        ("1.5; 2.5", ("1", ".5; 2.5")),
        ("—", ("—", "")),
        ("210", ("210", "")),
    ],
)
def test_cells_are_split_where_they_align(text: str, parts: tuple[str, str]) -> None:
    assert split_at_mark(text, ".") == parts


def test_columns_have_room_for_heads_spanners_and_numbers(document_of: Documents) -> None:
    document = document_of(TABLE)
    sheet = document.items[0].exhibit.sheet
    assert isinstance(sheet, TableSheet)
    table = print_table(sheet, document.style, "1")
    page = tables.Page(2_000.0, 3_000.0, gap=10.0, indent=8.0, least_head=50.0, least_stub=80.0, most_stub=200.0)
    (panel,) = tables.lay_out(table, lambda text: 5.0 * len(text), ".", page).panels
    layout = panel.columns
    assert len(layout) == table.n_columns
    for place, column in enumerate(layout[1:], start=1):
        for row in table.rows:
            if row.cells:
                before, after = split_at_mark(row.cells[place - 1], ".")
                assert column.mark - 5.0 * len(before) >= 0
                assert column.mark + 5.0 * len(after) <= column.width


def test_a_table_too_wide_for_the_page_turns_it_and_repeats_its_stub(learners: Dataset, style: HouseStyle) -> None:
    sentences = (
        "describe age, absences",
        "describe age, absences, practice_min across site × format with mean, sd, layout = columns",
        TABLE,
    )
    made = docx.Document(
        io.BytesIO(render(Document(numbered([make_exhibit(s, learners) for s in sentences]), style), "docx"))
    )
    turned = [section.page_width > section.page_height for section in made.sections]
    assert turned == [False, True, False]
    wide = made.tables[1:-1]
    assert len(wide) > 1
    assert {table.rows[-1].cells[0].text for table in wide} == {"Weekly practice, min"}
    for table in wide:
        total = sum(column.width for column in table.columns)
        assert total <= made.sections[1].page_width - made.sections[1].left_margin - made.sections[1].right_margin + 10
