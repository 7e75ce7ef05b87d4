"""Every output of a whole manuscript, parsed back: the same numbers everywhere, sound for its readers, the same bytes each time."""

from __future__ import annotations

import csv
import io
import json
import re
import shutil
import subprocess
import zipfile
from collections.abc import Callable
from decimal import ROUND_HALF_UP, Decimal
from html.parser import HTMLParser
from pathlib import Path

import numpy as np
import pytest
import python_calamine
from docx.oxml.ns import qn
from lxml import etree

from istrel.data.dataset import Dataset
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.printing import as_plain, body_rows, plain_text, print_table, print_value
from istrel.exhibits.table import TableSheet
from istrel.exhibits.text import cells_in
from istrel.render import OUTPUTS, render
from istrel.render.document import Document, Item, numbered
from istrel.render.latex.letters import escaped
from istrel.render.manuscript import manuscript_document
from istrel.render.opendocument.package import NAMES
from istrel.render.sheets import SheetCell, sheets_of
from istrel.study.changes.manuscript import Insert, Keep, Move
from istrel.study.history import History
from istrel.study.manuscript import numbers_of
from istrel.study.opening import open_data
from istrel.study.parts import Kept, Passage, Reference, Words
from istrel.study.study import study_of
from istrel.style.house import load_style
from made import make_exhibit

TABLES = [
    "describe practice_min, receptive_post across format",
    "describe age, site, education, completed across format with total, difference, test",
    "describe reaction_ms, age across site with mean, sd, ci, test",
    "describe reaction_ms, age with ci, skewness, mode, outliers, layout = statistics",
    "count education against format with percent = column, expected",
    "count site, age",
    "check spelling_speed, receptive_post across format",
    "relate practice_min, absences, receptive_pre, receptive_post, spelling_speed, confidence, reaction_ms, mot_01, mot_02",
    "describe age across site with hide_below = 20",
]
FIGURES = ["describe receptive_post across format as histogram", "relate receptive_pre, receptive_post as scatter"]
ODF = dict(NAMES)
STYLES = ["thesis"]


@pytest.fixture(scope="module")
def history(learners: Dataset) -> History:
    return manuscript_of(learners, *TABLES, *FIGURES)


@pytest.fixture(scope="module")
def short(learners: Dataset) -> History:
    """The same with few exhibits, one of them too wide for a page: for programs that take their time."""
    return manuscript_of(learners, TABLES[1], TABLES[6], "describe age across format as boxes")


def manuscript_of(learners: Dataset, *sentences: str) -> History:
    """A heading, a paragraph that refers to a table and a figure, tables and figures, the last one in the supplement."""
    history = History(study_of(learners))
    for sentence in sentences:
        exhibit = make_exhibit(sentence, learners)
        history = history.do(Keep(Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)))
    kept = history.study.kept
    said = (Words("See "), Reference(kept[0].id), Words(" and "), Reference(kept[-1].id), Words(" & <more> 100% #1_x."))
    history = history.do(Insert(Passage("heading", (Words("Results"),)), 0)).do(Insert(Passage("paragraph", said), 1))
    if len(kept) > 5:
        history = history.do(Move(kept[5].id, 99, supplement=True))
    return history.do(Move(kept[-1].id, 99, supplement=True))


@pytest.fixture(scope="module", params=STYLES)
def document(request: pytest.FixtureRequest, history: History) -> Document:
    return manuscript_document(history.study, load_style(request.param))


def tables_of(document: Document) -> list[Item]:
    return [item for item in document.items if isinstance(item.exhibit.sheet, TableSheet)]


def printed(document: Document) -> list[list[list[str]]]:
    """The body of every table as it prints, row by row without empty cells at the end of headings."""
    made = []
    for item in tables_of(document):
        table = print_table(item.exhibit.sheet, document.style, item.number)  # type: ignore[arg-type]
        made.append([[as_plain(row.stub), *row.cells] for row in table.rows])
    return made


def panels_joined(parts: list[list[list[str]]], wanted: list[list[list[str]]]) -> list[list[list[str]]]:
    """Tables that were broken into panels put together again: the stub once, the cells side by side."""
    made, place = [], 0
    for table in wanted:
        rows = [list(row) for row in parts[place]]
        place += 1
        while max(map(len, rows)) < max(map(len, table)):
            for row, more in zip(rows, parts[place], strict=True):
                row.extend(more[1:])
            place += 1
        made.append([row if any(row[1:]) or len(full) > 1 else row[:1] for row, full in zip(rows, table, strict=True)])
    assert place == len(parts)
    return made


def test_docx_odt_html_md_and_csv_hold_the_same_strings(document: Document) -> None:
    wanted = printed(document)
    found: dict[str, list[list[list[str]]]] = {}
    with zipfile.ZipFile(io.BytesIO(render(document, "docx"))) as archive:
        root = etree.fromstring(archive.read("word/document.xml"))
    bodies = []
    for table in root.iter(qn("w:tbl")):
        rows = [r for r in table.iter(qn("w:tr")) if r.find(f"{qn('w:trPr')}/{qn('w:tblHeader')}") is None]
        bodies.append([["".join(c.itertext()) for c in row.iter(qn("w:tc"))] for row in rows])
    found["docx"] = panels_joined(bodies, wanted)
    begun, ended = ([m.get(qn("w:id")) for m in root.iter(qn(f"w:bookmark{end}"))] for end in ("Start", "End"))
    names = [mark.get(qn("w:name")) for mark in root.iter(qn("w:bookmarkStart"))]
    assert len(set(names)) == len(names)
    assert len(set(begun)) == len(begun)
    assert sorted(begun) == sorted(ended)
    assert max(map(len, names)) <= 40  # what word processors take
    with zipfile.ZipFile(io.BytesIO(render(document, "odt"))) as archive:
        assert archive.infolist()[0].filename == "mimetype"
        assert archive.infolist()[0].compress_type == zipfile.ZIP_STORED
        root = etree.fromstring(archive.read("content.xml"))
    bodies = []
    for table in root.xpath("//table:table", namespaces=ODF):
        rows = table.xpath("./table:table-row", namespaces=ODF)
        bodies.append([["".join(c.itertext()) for c in r.xpath("./table:table-cell", namespaces=ODF)] for r in rows])
    found["odt"] = panels_joined(bodies, wanted)
    page = Tables()
    page.feed(render(document, "html").decode())
    found["html"] = [[[cell.rstrip("\u2007\u2008") for cell in row] for row in table] for table in page.bodies]
    only = Document(tuple(tables_of(document)), document.style)
    blocks = re.findall(r"^\| :--.*\n((?:\|.*\n?)+)", render(only, "md").decode(), re.MULTILINE)
    found["md"] = [[_cells_of(line) for line in block.splitlines()] for block in blocks]
    lines = list(csv.reader(io.StringIO(render(document, "csv").decode("utf-8-sig"))))
    for ending, tables in found.items():
        assert len(tables) == len(wanted), ending
        for table, body in zip(tables, wanted, strict=True):
            if ending == "md":  # one space is as good as two there, and indents are blanks
                full = [[" ".join(cell.split()) for cell in row] for row in body]
                padded = zip(table, full, strict=True)
                assert [[*row, *[""] * (len(wide) - len(row))][: len(wide)] for row, wide in padded] == full
            else:  # a symbol and its number may be bound together
                assert [[c.replace("\N{NO-BREAK SPACE}", " ") for c in r] for r in table] == [
                    [c.replace("\N{NO-BREAK SPACE}", " ") for c in r] for r in body
                ], ending
    for item in tables_of(document):
        for row in body_rows(print_table(item.exhibit.sheet, document.style, item.number)):  # type: ignore[arg-type]
            assert row in lines or [f"'{c}" if c.startswith(("=", "+", "@")) else c for c in row] in lines
    drawn = [item.exhibit.sheet for item in document.items if isinstance(item.exhibit.sheet, FigureSheet)]
    assert drawn
    for cell in (cell for sheet in drawn for cell in sheet.numbers):
        assert [cell.row, cell.column, repr(cell.value)] in lines


def _cells_of(line: str) -> list[str]:
    """The cells of a line of a Markdown table."""
    cells = line.strip().removeprefix("|").removesuffix("|").split(" | ")
    return [" ".join(re.sub(r"\\(.)", r"\1", cell).replace("&emsp;", "").split()) for cell in cells]


class Tables(HTMLParser):
    """The bodies of the tables of a page; strict about what is open, and about ids."""

    VOID = frozenset({"meta", "br", "col", "link", "img"})

    def __init__(self) -> None:
        super().__init__()
        self.bodies: list[list[list[str]]] = []
        self.open: list[str] = []
        self.ids: list[str] = []

    def handle_starttag(self, tag: str, attrs: list[tuple[str, str | None]]) -> None:
        self.ids += [str(value) for name, value in attrs if name == "id"]
        if tag in self.VOID:
            return
        self.open.append(tag)
        if tag == "tbody":
            self.bodies.append([])
        elif tag == "tr" and "tbody" in self.open:
            self.bodies[-1].append([])
        elif tag in ("td", "th") and "tbody" in self.open:
            self.bodies[-1][-1].append("")

    def handle_endtag(self, tag: str) -> None:
        assert self.open.pop() == tag

    def handle_data(self, data: str) -> None:
        if "tbody" in self.open and ("td" in self.open or "th" in self.open):
            self.bodies[-1][-1][-1] += data


def test_the_page_is_well_formed_and_its_references_lead_somewhere(document: Document) -> None:
    page = Tables()
    text = render(document, "html").decode()
    page.feed(text)
    assert page.open == []
    assert len(set(page.ids)) == len(page.ids)
    assert set(re.findall(r'href="#([^"]+)"', text)) <= set(page.ids)
    assert "&amp; &lt;more&gt; 100% #1_x." in text


def as_a_spreadsheet_shows(cell: SheetCell) -> str:
    """The letters of a cell: numbers rounded as spreadsheets do, halves away from zero, of fifteen digits."""
    shown = cell.shown
    if cell.number is None or shown.letters:
        return cell.letters or shown.letters
    digits = Decimal(f"{abs(cell.number):.15g}").quantize(Decimal(1).scaleb(-shown.decimals), ROUND_HALF_UP)
    text = f"{digits:,}" if shown.thousands else f"{digits}"
    text = text if shown.zero else text.removeprefix("0")
    return f"{shown.before}{'−' if cell.number < 0 else ''}{text}{shown.after}"


@pytest.mark.parametrize("scale", [1.0, 1 / 3, 0.001, 1e4])
def test_a_workbook_shows_the_digits_of_the_paper(scale: float, tmp_path: Path) -> None:
    rng = np.random.default_rng(3)
    rows = (f"{rng.integers(-9, 9) * scale / 8},{rng.choice([1, 3]) / 8},{rng.choice(['a', 'b'])}" for _ in range(64))
    (tmp_path / "halves.csv").write_text("x,y,g\n" + "\n".join(rows) + "\n")
    exhibit = make_exhibit(
        "describe x, y across g with mean, sd, median, quartiles, ci, test", open_data(tmp_path / "halves.csv")
    )
    style = load_style()
    (sheet,) = sheets_of(Document(numbered([exhibit]), style))
    table, body = exhibit.sheet, sheet.rows[sheet.first_body : sheet.last_body + 1]
    assert isinstance(table, TableSheet)
    for printed, row in zip(table.rows, body, strict=True):
        wanted = "".join(print_value(text, style) for text in printed.cells)
        assert "".join("".join(map(as_a_spreadsheet_shows, row[1:])).split()) == "".join(wanted.split())


@pytest.mark.parametrize("ending", ["xlsx", "ods"])
def test_workbooks_hold_every_number_at_full_precision(document: Document, ending: str) -> None:
    """Read back by another program: every value of a table as a number; what prints as words stays words."""
    content = render(document, ending)
    book = python_calamine.CalamineWorkbook.from_filelike(io.BytesIO(content))
    sheets = sheets_of(document)
    assert book.sheet_names == [sheet.name for sheet in sheets]
    for item, name in zip(document.items, book.sheet_names, strict=True):
        values = [v for row in book.get_sheet_by_name(name).to_python() for v in row]
        numbers = [v for v in values if isinstance(v, float)]
        sheet = item.exhibit.sheet
        if isinstance(sheet, FigureSheet):
            wanted = [cell.value for cell in sheet.numbers if isinstance(cell.value, float)]
        else:
            wanted = [
                cell.value
                for row in sheet.rows
                for text in row.cells
                if all(isinstance(cell.value, float) for cell in cells_in(text))
                and print_value(text, document.style) != "—"
                for cell in cells_in(text)
            ]
        hides = item.exhibit.request.settings["hide_below"] is not None  # then it holds what paper holds
        halves = [
            isinstance(v, float) and v * 1000 % 5 == 0 for v in wanted
        ]  # which spreadsheets round otherwise than paper
        exact = [(n, w) for n, w, half in zip(numbers, wanted, halves, strict=True) if not half or hides]
        assert [n for n, _ in exact] == pytest.approx(
            [w for _, w in exact], rel=0.05 if hides else 1e-15, abs=0.06 if hides else 1e-300
        )
        if isinstance(sheet, TableSheet) and len(wanted) < len(list(sheet.cells)):
            assert [v for v in values if isinstance(v, str)]


# The order of the children of some elements, as the standard has it.
ORDERS = {
    "tblPr": "tblStyle tblpPr tblOverlap bidiVisual tblStyleRowBandSize tblStyleColBandSize tblW jc tblCellSpacing tblInd "
    "tblBorders shd tblLayout tblCellMar tblLook tblCaption tblDescription",
    "tcPr": "cnfStyle tcW gridSpan hMerge vMerge tcBorders shd noWrap tcMar textDirection tcFitText vAlign hideMark",
    "tcBorders": "top start left bottom end right insideH insideV tl2br tr2bl",
    "pPr": "pStyle keepNext keepLines pageBreakBefore framePr widowControl numPr suppressLineNumbers pBdr shd tabs "
    "suppressAutoHyphens kinsoku wordWrap overflowPunct topLinePunct autoSpaceDE autoSpaceDN bidi adjustRightInd snapToGrid "
    "spacing ind contextualSpacing mirrorIndents suppressOverlap jc textDirection textAlignment textboxTightWrap outlineLvl "
    "divId cnfStyle rPr sectPr pPrChange",
    "rPr": "rStyle rFonts b bCs i iCs caps smallCaps strike dstrike outline shadow emboss imprint noProof snapToGrid vanish "
    "webHidden color spacing w kern position sz szCs highlight u effect bdr shd fitText vertAlign rtl cs em lang",
    "sdtPr": "rPr alias tag id lock placeholder",
}
HEBREW = "\u05e7\u05d1\u05d5\u05e6\u05d4"


@pytest.fixture(scope="module")
def rightward(tmp_path_factory: pytest.TempPathFactory) -> Document:
    """A document with labels that read from right to left."""
    path = tmp_path_factory.mktemp("rightward") / "data.csv"
    path.write_text("x,g\n" + "\n".join(f"{k % 17},{HEBREW} {'ab'[k % 2]}{HEBREW[: k % 2]}" for k in range(60)) + "\n")
    exhibits = [
        make_exhibit(f"describe x across g {rest}", open_data(path)) for rest in ("with mean, ci, test", "as boxes")
    ]
    return Document(numbered(exhibits, with_text=True), load_style("thesis"), "M")


def test_a_docx_has_its_elements_in_the_order_of_the_standard(document: Document, rightward: Document) -> None:
    roots = []
    for one in (rightward, document):
        with zipfile.ZipFile(io.BytesIO(render(one, "docx"))) as archive:
            roots[:0] = [etree.fromstring(archive.read(f"word/{name}.xml")) for name in ("document", "styles")]
            core = archive.read("docProps/core.xml").decode()
    for root in roots:
        for name, order in ORDERS.items():
            for element in root.iter(qn(f"w:{name}")):
                places = [order.split().index(etree.QName(child).localname) for child in element]
                assert places == sorted(places), (name, [etree.QName(child).localname for child in element])
    tables = list(roots[0].iter(qn("w:tbl")))
    assert all(table.find(f".//{qn('w:tblCaption')}") is not None for table in tables)
    assert all(next(table.iter(qn("w:tr"))).find(f".//{qn('w:tblHeader')}") is not None for table in tables)
    assert {lang.get(qn("w:val")) for lang in roots[1].iter(qn("w:lang"))} == {"de-DE"}
    assert not re.search("<dc:creator|<dcterms:|python", core)


def test_what_reads_from_right_to_left_says_so(rightward: Document) -> None:
    with zipfile.ZipFile(io.BytesIO(render(rightward, "docx"))) as archive:
        body = etree.fromstring(archive.read("word/document.xml"))
    for text in body.iter(qn("w:t")):
        run = text.getparent()
        assert (HEBREW[0] in (text.text or "")) == (run.find(f"{qn('w:rPr')}/{qn('w:rtl')}") is not None), text.text
    page = render(rightward, "html").decode()
    assert page.count(f"<bdi>{HEBREW}") == page.count(HEBREW) - page[page.index("<svg") : page.index("</svg>")].count(
        HEBREW
    )
    tex = render(rightward, "tex").decode()
    letters = re.sub(r"\\istrelscript\{Hebrew\}\{[^}]*\}", "", tex)
    assert ("Compile it with LuaLaTeX or XeLaTeX" in tex, HEBREW in letters) == (True, False)


def test_a_page_has_one_head_and_a_main_part(document: Document) -> None:
    page = render(document, "html").decode()
    assert (page.count("<h1"), page.count("<main>"), page.count("</main>")) == (1, 1, 1)
    assert page.index("<main>") < page.index("<h1") < page.index("</main>")


def test_json_holds_the_same_cells(document: Document) -> None:
    for item, entry in zip(document.items, json.loads(render(document, "json")), strict=True):
        sheet = item.exhibit.sheet
        if isinstance(sheet, TableSheet):
            assert entry["sheet"]["rows"] == body_rows(print_table(sheet, document.style, item.number))
        assert entry["text"] == plain_text(item.exhibit.text, document.style)


def compiled(content: bytes, folder: Path) -> str:
    """The text of a LaTeX document that was set twice."""
    (folder / "paper.tex").write_bytes(content)
    for _ in range(2):
        made = subprocess.run(
            ["pdflatex", "-interaction=nonstopmode", "-halt-on-error", "paper.tex"],
            cwd=folder,
            capture_output=True,
            check=False,
        )
        assert made.returncode == 0, made.stdout.decode(errors="replace")[-2000:]
    assert b"undefined" not in made.stdout.lower()
    said = subprocess.run(["pdftotext", "-layout", "paper.pdf", "-"], cwd=folder, capture_output=True, check=True)
    return said.stdout.decode()


def test_tex_escapes_all_and_holds_every_number(document: Document) -> None:
    text = render(document, "tex").decode()
    assert r"\& \textless{}more\textgreater{} 100\% \#1\_x." in text
    mark = document.style.numbers.decimal_mark
    for body in printed(document):
        for row in body:
            for cell in row[1:]:
                number = cell.replace("−", "-").replace(mark, ".").rstrip("*")
                assert escaped(cell) in text or number in text or escaped(cell.rstrip("*")) in text, cell
    assert text.count(r"\begin{") == text.count(r"\end{")


@pytest.mark.skipif(not (shutil.which("pdflatex") and shutil.which("pdftotext")), reason="no TeX here")
def test_tex_compiles_as_it_is(short: History, tmp_path: Path) -> None:
    document = manuscript_document(short.study, load_style("thesis"))
    text = compiled(render(document, "tex"), tmp_path)
    assert "Tabelle 1" in text
    assert "Abbildung A1" in text
    assert "See Tabelle 1.1 and Abbildung A1 & <more> 100% #1_x." in " ".join(text.split())


@pytest.mark.skipif(not shutil.which("pdfinfo"), reason="nothing here reads PDF")
def test_pdf_is_tagged_outlined_and_whole(short: History, tmp_path: Path) -> None:
    document = manuscript_document(short.study, load_style("thesis"))
    path = tmp_path / "paper.pdf"
    path.write_bytes(render(document, "pdf"))

    def said(program: str, *options: str) -> str:
        return subprocess.run([program, *options], capture_output=True, check=True).stdout.decode()

    assert re.search(r"Tagged:\s+yes", said("pdfinfo", str(path)))
    fonts = said("pdffonts", str(path)).splitlines()[2:]
    assert len(fonts) >= 3
    assert all("Istrel" in line and re.search(r"yes yes yes", line) for line in fonts)
    assert "Figure" in said("pdfinfo", "-struct", str(path))
    plain = "".join(said("pdftotext", "-layout", str(path), "-").split()).replace("\u2007", "").replace("\u2008", "")
    for body in printed(document):
        for row in body:
            for cell in row[1:]:
                assert all(part in plain for part in cell.split()), cell


@pytest.mark.skipif(not shutil.which("soffice"), reason="no word processor here")
@pytest.mark.parametrize("ending", ["docx", "odt"])
def test_a_word_processor_opens_it_and_its_references_are_up_to_date(
    short: History, ending: str, tmp_path: Path
) -> None:
    document = manuscript_document(short.study, load_style("apa7"))
    path = tmp_path / f"paper.{ending}"
    path.write_bytes(render(document, ending))
    home = f"-env:UserInstallation=file://{tmp_path}/profile"
    command = ["soffice", home, "--headless", "--convert-to", "txt:Text (encoded):UTF8", "--outdir", str(tmp_path)]
    subprocess.run([*command, str(path)], capture_output=True, check=True, timeout=120)
    text = " ".join((tmp_path / "paper.txt").read_text(encoding="utf-8-sig").split())
    assert "See Table 1 and Figure A1 & <more> 100% #1_x." in text
    for body in printed(document):
        for row in body:
            for cell in row[1:]:
                assert " ".join(cell.split()) in text, cell


def test_the_same_exhibits_give_the_same_bytes(learners: Dataset) -> None:
    exhibits = [make_exhibit(sentence, learners) for sentence in (TABLES[0], FIGURES[0])]
    document = Document(numbered(exhibits, with_text=True), load_style())
    for output in OUTPUTS.values():
        if output.holds == "document":
            assert render(document, output.ending) == render(document, output.ending), output.ending


def test_line_ends_and_tabs_within_a_value_survive_in_a_row_like_another(data_of: Callable[..., Dataset]) -> None:
    data = data_of(
        "v\n" + "".join(f'"{word}"\n' for word in ("plain", "other", "two\nlines", "a\ttab") for _ in range(2))
    )
    document = Document(numbered([make_exhibit("count v", data)]), load_style())
    with zipfile.ZipFile(io.BytesIO(render(document, "docx"))) as archive:
        root = etree.fromstring(archive.read("word/document.xml"))
    cells = [next(row.iter(qn("w:tc"))) for row in root.iter(qn("w:tr"))]
    assert {len(list(cell.iter(qn("w:br")))) for cell in cells if "lines" in "".join(cell.itertext())} == {1}
    assert {len(list(cell.iter(qn("w:tab")))) for cell in cells if "tab" in "".join(cell.itertext())} == {1}
