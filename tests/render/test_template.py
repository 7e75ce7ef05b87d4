"""A manuscript poured into an author's own template: what is the template's stays, and the document lives on as any other."""

from __future__ import annotations

import io
import re
import zipfile
from dataclasses import replace
from pathlib import Path
from typing import Any

import docx
import pytest
from docx.oxml.ns import qn
from living import versions_in
from lxml import etree

from istrel import cli
from istrel.data.dataset import Dataset
from istrel.render.manuscript import manuscript_document
from istrel.render.opendocument.package import qualified as q
from istrel.render.refresh import refresh
from istrel.render.template import poured
from istrel.sentence import request_of
from istrel.study.changes.manuscript import Keep
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.parts import Kept
from istrel.study.study import Study, study_of
from istrel.style.house import load_style


@pytest.fixture(scope="module")
def versions(tmp_path_factory: pytest.TempPathFactory) -> tuple[Study, ...]:
    """Of a study of its own: the templates hold numbers of another."""
    made = versions_in(tmp_path_factory.mktemp("versions"))[:2]
    return tuple(replace(study, identity="ffff0000") for study in made)


@pytest.fixture(params=["docx", "odt"])
def template(request: pytest.FixtureRequest, tmp_path: Path) -> Path:
    """A document with words before and after the place of the manuscript, and styles of its own."""
    path = tmp_path / f"template.{request.param}"
    if request.param == "docx":
        word = docx.Document()
        word.styles["Caption"].font.name = "Own Font"
        for text in ("A title page", "[Manuscript]", "References"):
            word.add_paragraph(text)
        word.sections[0].header.paragraphs[0].text = "A head"
        word.save(str(path))
        return path
    with zipfile.ZipFile(Path(__file__).parents[1] / "documents" / "saved.odt") as archive:
        parts = {name: archive.read(name) for name in archive.namelist()}
    root = etree.fromstring(parts["content.xml"])
    text = next(root.iter(q("office:text")))
    for place, words in ((0, "A title page"), (None, "[Manuscript]"), (None, "References")):
        paragraph = etree.Element(q("text:p"))
        paragraph.text = words
        text.append(paragraph) if place is None else next(text.iter(q("text:p"))).addprevious(paragraph)
    parts["content.xml"] = etree.tostring(root)
    with zipfile.ZipFile(path, "w") as archive:
        for name, content in parts.items():
            archive.writestr(name, content)
    return path


def paragraphs(content: bytes, ending: str) -> list[str]:
    if ending == ".docx":
        return [
            "".join(t.text or "" for t in p.iter(qn("w:t")))
            for p in docx.Document(io.BytesIO(content)).element.body.iter(qn("w:p"))
        ]
    with zipfile.ZipFile(io.BytesIO(content)) as archive:
        return [
            "".join(p.itertext()) for p in etree.fromstring(archive.read("content.xml")).iter(q("text:p"), q("text:h"))
        ]


def test_a_template_keeps_what_is_its_own_and_the_manuscript_stands_in_its_place(
    template: Path, versions: tuple[Study, ...], tmp_path: Path
) -> None:
    style, ending = load_style(), template.suffix
    made = poured(manuscript_document(versions[0], style), template)
    assert made == poured(manuscript_document(versions[0], style), template)
    said = paragraphs(made, ending)
    places = [
        next(k for k, text in enumerate(said) if text.startswith(words))
        for words in ("A title page", "The relation", "References")
    ]
    last = max(k for k, text in enumerate(said) if text.startswith("Descriptive Statistics"))
    assert places[0] < places[1] < places[2]
    assert last < places[2]
    assert not any(text.casefold() == "[manuscript]" for text in said)
    document = tmp_path / f"paper{ending}"
    document.write_bytes(made)
    assert not refresh(document, versions[0], style).exchanged
    now = refresh(document, versions[1], style)
    assert len(now.exchanged) > 20
    assert not [line for line in now.lost if "no longer holds" not in line.why]
    with zipfile.ZipFile(io.BytesIO(made)) as archive:
        assert archive.testzip() is None
        assert len(archive.namelist()) == len(set(archive.namelist()))
        names = {name: archive.read(name) for name in archive.namelist()}
    known, used = _styles(names, ending)
    assert used <= known, used - known


def _styles(parts: dict[str, bytes], ending: str) -> tuple[set[Any], set[Any]]:
    """(the styles that there are, those that paragraphs have)."""
    if ending == ".docx":
        body, styles = (etree.fromstring(parts[f"word/{name}.xml"]) for name in ("document", "styles"))
        captions = {
            s.get(qn("w:styleId"))
            for s in styles.iter(qn("w:style"))
            if s.find(qn("w:name")).get(qn("w:val")) == "caption"
        }
        used = {s.get(qn("w:val")) for s in body.iter(qn("w:pStyle"))}
        assert captions <= used  # our captions look as the template's do
        return {s.get(qn("w:styleId")) for s in styles.iter(qn("w:style"))}, used
    roots = [etree.fromstring(parts[name]) for name in ("content.xml", "styles.xml")]
    known = {s.get(q("style:name")) for root in roots for s in root.iter(q("style:style"))}
    return known, {p.get(q("text:style-name")) for p in roots[0].iter(q("text:p"), q("text:h"))} - {None}


def test_a_template_from_the_command_line(
    template: Path, versions: tuple[Study, ...], tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    paper, out = tmp_path / "paper.istrel", tmp_path / f"out{template.suffix}"
    StudyFile.create(paper, History(versions[0])).close()
    assert cli.main(["build", str(paper), "-o", str(out), "--template", str(template)]) == 0
    assert "A title page" in paragraphs(out.read_bytes(), template.suffix)
    for name, words in (("gone.docx", "gone.docx"), (__file__, "a template is for a document of its kind")):
        assert cli.main(["build", str(paper), "-o", str(out.with_suffix(".docx")), "--template", name]) != 0
        assert re.search(words, capsys.readouterr().err)
    (tmp_path / "bad.docx").write_bytes(b"PK nothing")
    assert (
        cli.main(["build", str(paper), "-o", str(out.with_suffix(".docx")), "--template", str(tmp_path / "bad.docx")])
        == 2
    )
    assert "this is no document" in capsys.readouterr().err


WIDE = "relate age, distance_km, practice_min, absences, receptive_pre, receptive_post, spelling_speed, reaction_ms, confidence"


def lying(content: bytes, ending: str) -> str:
    """Each paragraph's page: "|" one that stands, "_" one that lies; tables and pictures aside."""
    if ending == ".docx":
        body, said, pages = docx.Document(io.BytesIO(content)).element.body, 0, ""
        for one in body:
            said += one.tag == qn("w:p")
            for section in one.iter(qn("w:sectPr")):
                pages += ("_" if section.find(qn("w:pgSz")).get(qn("w:orient")) == "landscape" else "|") * max(said, 1)
                said = 0
        return pages
    with zipfile.ZipFile(io.BytesIO(content)) as archive:
        root = etree.fromstring(archive.read("content.xml"))
    begins = {s.get(q("style:name")): s.get(q("style:master-page-name")) for s in root.iter(q("style:style"))}
    pages, now = "", "|"
    for one in next(root.iter(q("office:text"))).iter(q("text:p"), q("text:h")):
        page = begins.get(one.get(q("text:style-name")))
        now = now if not page else "_" if page == "Turned" else "|"
        pages += now
    return pages


@pytest.mark.parametrize("order", ["w", "wn", "nw", "nwn"])
@pytest.mark.parametrize("goes_on", [True, False])
def test_wide_tables_lie_and_what_is_the_template_s_stands(
    order: str, goes_on: bool, template: Path, learners: Dataset
) -> None:
    history = History(study_of(learners))
    for one in order:
        request = request_of(WIDE if one == "w" else "count site", learners.codebook)
        history = history.do(Keep(Kept(request, (), False)))
    if not goes_on:
        without_references(template)
    pages = lying(poured(manuscript_document(history.study, load_style()), template), template.suffix)
    parts = re.sub(r"(.)\1+", r"\1", pages)
    ends = "|" if goes_on or order[-1] == "n" else ""
    assert parts == f"|_{ends}"


def without_references(template: Path) -> None:
    """The template with nothing behind the place of the manuscript."""
    if template.suffix == ".docx":
        word = docx.Document(str(template))
        last = word.paragraphs[-1]._p
        last.getparent().remove(last)
        word.save(str(template))
        return
    with zipfile.ZipFile(template) as archive:
        parts = {name: archive.read(name) for name in archive.namelist()}
    root = etree.fromstring(parts["content.xml"])
    text = next(root.iter(q("office:text")))
    text.remove(text[-1])
    parts["content.xml"] = etree.tostring(root)
    with zipfile.ZipFile(template, "w") as archive:
        for name, content in parts.items():
            archive.writestr(name, content)
