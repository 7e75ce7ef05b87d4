"""A document that went on living: exported, edited by its authors, refreshed after new data; nothing but our numbers changes."""

from __future__ import annotations

import io
import re
import shutil
import subprocess
import zipfile
from copy import deepcopy
from dataclasses import replace
from pathlib import Path
from typing import Any

import pytest
from docx.oxml.ns import qn
from lxml import etree

from depth import some
from istrel.data.corrections import Correction
from istrel.data.dataset import Dataset
from istrel.problem import Problem
from istrel.render import render
from istrel.render.manuscript import manuscript_document
from istrel.render.opendocument.package import NAMES
from istrel.render.refresh import Refreshed, refresh, write_refreshed
from istrel.render.refresh.word.archive import SPACES
from istrel.study.changes.cases import Correct
from istrel.study.changes.codebook import TreatAsMissing
from istrel.study.changes.manuscript import Insert, Keep, Write
from istrel.study.history import History
from istrel.study.manuscript import numbers_of
from istrel.study.parts import Kept, Passage, Reference, Words
from istrel.study.prose import prose_of
from istrel.study.study import study_of
from istrel.style.house import HouseStyle
from made import make_exhibit

TABLE = "describe practice_min, receptive_post across format"
OTHER = "describe age across site"
FIGURE = "describe receptive_post across format as boxes"
ODF = dict(NAMES)


@pytest.fixture(scope="module")
def history(learners: Dataset) -> History:
    history = History(replace(study_of(learners), identity="0a1b2c3d"))
    for sentence in (TABLE, OTHER, FIGURE):
        exhibit = make_exhibit(sentence, learners)
        history = history.do(Keep(Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure, text=())))
    table, _, figure = history.study.kept
    words = prose_of(make_exhibit(TABLE, learners).text, table.id, load())
    said = (Words("As "), Reference(table.id), Words(" and "), Reference(figure.id), Words(" show: "), *words)
    return history.do(Insert(Passage("heading", (Words("Results"),)), 0)).do(Insert(Passage("paragraph", said), 1))


def load() -> HouseStyle:
    from istrel.style.house import load_style

    return load_style()


@pytest.fixture(scope="module")
def moved(history: History) -> History:
    """New data: the code −9 was meant as missing, so numbers of the table and the figure move, those of the other do not."""
    return history.do(TreatAsMissing(("receptive_post",), (-9.0,)))


def exported(history: History, path: Path) -> Path:
    path.write_bytes(render(manuscript_document(history.study, load()), path.suffix))
    return path


def edit(path: Path, name: str, *changes: Any) -> None:
    """Change a part of a document as a word processor would: by its elements."""
    with zipfile.ZipFile(path) as archive:
        parts = {n: archive.read(n) for n in archive.namelist()}
    root = etree.fromstring(parts[name])
    for change in changes:
        change(root)
    parts[name] = etree.tostring(root, xml_declaration=True, encoding="UTF-8", standalone=True)
    with zipfile.ZipFile(path, "w") as archive:
        for n, content in parts.items():
            archive.writestr(n, content)


def parts_of(content: bytes) -> dict[str, bytes]:
    with zipfile.ZipFile(io.BytesIO(content)) as archive:
        return {name: archive.read(name) for name in archive.namelist()}


def outside(content: bytes, name: str, ours: str) -> str:
    """All letters of a document's body but those in what is ours."""
    root = etree.fromstring(parts_of(content)[name])
    for mark in list(root.iter(qn("w:commentRangeStart"), qn("w:commentRangeEnd"), qn("w:commentReference"))):
        home = mark.getparent() if mark.tag == qn("w:commentReference") else mark
        if mark.get(qn("w:id")) != "7":  # of the author
            home.getparent().remove(home)
    for element in root.xpath(ours, namespaces={"w": qn("w:p")[1:].partition("}")[0], **ODF}):
        for child in list(element):
            element.remove(child)
        element.text = None
    return etree.tostring(root, encoding="unicode")


def moved_lines(made: Refreshed) -> list[str]:
    """What is said of numbers; words of this paper do not hold any more after new data."""
    return [line for line in made.lines() if "no longer holds" not in line] or ["Nothing moved."]


def stale_numbers(made: Refreshed) -> bool:
    return any(line.stands and "no longer holds" not in line.why for line in made.found)


OUR_CONTROLS = "//w:sdt[starts-with(w:sdtPr/w:tag/@w:val, 'istrel:')]/w:sdtContent"


def control(root: Any, tag_end: str) -> Any:
    return next(
        s for s in root.iter(qn("w:sdt")) if s.find(f"{qn('w:sdtPr')}/{qn('w:tag')}").get(qn("w:val")).endswith(tag_end)
    )


def as_an_author(path: Path) -> None:
    """Restyle, rewrite, reorder, comment, delete the second table and its words, and change a number by hand."""

    def rewrite(root: Any) -> None:
        heading = next(t for t in root.iter(qn("w:t")) if t.text == "Results")
        heading.text = "What we found"
        paragraph = heading.getparent().getparent()
        new = etree.SubElement(paragraph.getparent(), qn("w:p"))
        run = etree.SubElement(new, qn("w:r"))
        etree.SubElement(run, qn("w:t")).text = "A paragraph of our own & more <than> that."
        paragraph.addnext(new)

    def hand(root: Any) -> None:
        table = control(root, "k2:table")
        place = next(t for t in table.iter(qn("w:t")) if re.fullmatch(r"\d\d\.\d\d", t.text or ""))
        place.text = "99.99"

    def drop(root: Any) -> None:
        for end in ("k3:table", "k3:title", "k3:notes"):
            gone = control(root, end)
            parent = gone.getparent()
            parent.remove(gone)

    def reorder(root: Any) -> None:
        figure = control(root, "k4:figure")
        body = root.find(qn("w:body"))
        body.remove(figure)
        body.insert(0, figure)

    def comment(root: Any) -> None:
        """Around the table, as a co-author would."""
        table = control(root, "k2:table")
        for place, name in ((0, "w:commentRangeStart"), (2, "w:commentRangeEnd")):
            mark = etree.Element(qn(name))
            mark.set(qn("w:id"), "7")
            table.getparent().insert(table.getparent().index(table) + place, mark)

    edit(path, "word/document.xml", rewrite, hand, drop, reorder, comment)
    with zipfile.ZipFile(path, "a") as archive:
        said = (
            f'<w:comments xmlns:w="{qn("w:p")[1:].partition("}")[0]}"><w:comment w:id="7" w:author="B"/></w:comments>'
        )
        archive.writestr("word/comments.xml", said)

    def bolder(root: Any) -> None:
        style = next(s for s in root.iter(qn("w:style")) if s.get(qn("w:styleId")) == "Tabletext")
        etree.SubElement(style, qn("w:rPr")) if style.find(qn("w:rPr")) is None else None
        etree.SubElement(style.find(qn("w:rPr")), qn("w:b"))

    edit(path, "word/styles.xml", bolder)


def test_a_docx_keeps_all_that_is_the_authors_and_gets_the_numbers_that_moved(
    history: History, moved: History, tmp_path: Path
) -> None:
    path = exported(history, tmp_path / "paper.docx")
    assert moved_lines(refresh(path, history.study, load())) == ["Nothing moved."]
    as_an_author(path)
    before = path.read_bytes()
    made = refresh(path, moved.study, load())
    assert outside(made.content, "word/document.xml", OUR_CONTROLS) == outside(
        before, "word/document.xml", OUR_CONTROLS
    )
    old, new = parts_of(before), parts_of(made.content)
    changed = {name for name in old if old[name] != new[name]}
    assert old.keys() == new.keys()
    assert {n for n in changed if not n.startswith("word/media/")} == {
        "word/document.xml",
        "word/comments.xml",
        "customXml/item9.xml",
    }
    assert len([n for n in changed if n.startswith("word/media/")]) == 2  # the figure's pixels and vectors
    ((where, found, _),) = made.edited
    assert (where, found) == ("Table 1", "99.99")
    assert made.away == ["Table 2"]
    assert made.gone == []
    # What stands in the document now is what a fresh export says, but for what was changed by hand and taken out.
    fresh = exported(moved, tmp_path / "fresh.docx").read_bytes()
    now, wanted = (etree.fromstring(parts_of(c)["word/document.xml"]) for c in (made.content, fresh))
    for end in ("k2:table", "k2:notes", "k4:title"):
        mine, theirs = ([t.text for t in control(root, end).iter(qn("w:t"))] for root in (now, wanted))
        assert [a for a, b in zip(mine, theirs, strict=True) if a != b] == (["99.99"] if end == "k2:table" else [])
    tags = [s.find(f"{qn('w:sdtPr')}/{qn('w:tag')}").get(qn("w:val")) for s in wanted.iter(qn("w:sdt"))]
    numbers = [tag for tag in tags if ":k" not in tag]
    for tag in numbers:
        assert control(now, tag).xpath("string(.)") == control(wanted, tag).xpath("string(.)")
    # Once more: nothing is left to do; and the number changed by hand is still known as that.
    again = tmp_path / "again.docx"
    again.write_bytes(made.content)
    second = refresh(again, moved.study, load())
    assert (second.exchanged, second.edited, second.content) == ([], made.edited, made.content)


def test_tracked_exchanges_can_be_refused_and_taken(history: History, moved: History, tmp_path: Path) -> None:
    path = exported(history, tmp_path / "paper.docx")
    plain = refresh(path, moved.study, load())
    made = refresh(path, moved.study, load(), tracked=True)
    assert [line[1:] for line in made.exchanged] == [line[1:] for line in plain.exchanged]
    root = etree.fromstring(parts_of(made.content)["word/document.xml"])
    assert {e.get(qn("w:author")) for e in root.iter(qn("w:ins"), qn("w:del"))} == {"Istrel"}
    ids = [e.get(qn("w:id")) for e in root.iter(qn("w:ins"), qn("w:del"))]
    assert len(set(ids)) == len(ids) >= 2 * len(made.exchanged) - 2  # the figure is exchanged as it is

    def letters(root: Any, drop: str, deleted: str) -> str:
        for element in list(root.iter(qn(drop))):
            element.getparent().remove(element)
        return "".join(t.text or "" for t in root.iter(qn("w:t"), qn(deleted)))

    refused = letters(etree.fromstring(parts_of(made.content)["word/document.xml"]), "w:ins", "w:delText")
    taken = letters(etree.fromstring(parts_of(made.content)["word/document.xml"]), "w:del", "w:t")
    before = etree.fromstring(parts_of(path.read_bytes())["word/document.xml"])
    after = etree.fromstring(parts_of(plain.content)["word/document.xml"])
    assert refused == "".join(t.text or "" for t in before.iter(qn("w:t")))
    assert taken == "".join(t.text or "" for t in after.iter(qn("w:t")))


def test_a_table_of_another_shape_comes_whole(history: History, tmp_path: Path) -> None:
    path = exported(history, tmp_path / "paper.docx")
    renamed = history.do(Correct((Correction("site", "harbour ", "Harbour"), Correction("site", "Harbor", "Harbour"))))
    for tracked in (False, True):
        made = refresh(path, renamed.study, load(), tracked=tracked)
        assert any(where == "Table 2" and "cells" in old for where, old, _ in made.exchanged)
        root = etree.fromstring(parts_of(made.content)["word/document.xml"])
        texts = [t.text for t in control(root, "k3:table").iter(qn("w:t"))]
        assert ("Harbor" in texts, "Harbour" in texts) == (False, True)


def test_a_table_of_another_shape_comes_whole_into_an_odt(history: History, tmp_path: Path) -> None:
    path = exported(history, tmp_path / "paper.odt")
    add_to_our_parts(path)
    renamed = history.do(Correct((Correction("site", "harbour ", "Harbour"), Correction("site", "Harbor", "Harbour"))))
    made = refresh(path, renamed.study, load())
    assert any(where == "Table 2" and "cells" in old for where, old, _ in made.exchanged)
    now, fresh = (
        etree.fromstring(parts_of(content)["content.xml"])
        for content in (made.content, exported(renamed, tmp_path / "fresh.odt").read_bytes())
    )
    for root in (now, fresh):
        texts = [
            "".join(p.itertext())
            for p in root.xpath("//text:section[@text:name='istrel_0a1b2c3d_k3']//text:p", namespaces=ODF)
        ]
        assert ("Harbor" in texts, "Harbour" in texts) == (False, True)
    rows = [
        len(r.xpath("//table:table[@table:name='istrel_0a1b2c3d_k3_table_1']//table:table-row", namespaces=ODF))
        for r in (now, fresh)
    ]
    assert rows[0] == rows[1]
    known = set(now.xpath("//style:style/@style:name", namespaces=ODF))
    used = set(now.xpath("//table:table//@table:style-name | //table:table//@text:style-name", namespaces=ODF))
    assert {name for name in used - known if name.startswith(("Istrel", "P", "T"))} <= {
        "Table_20_text",
        "Table_20_note",
    }
    path.write_bytes(made.content)
    assert refresh(path, renamed.study, load()).lines() == ["Nothing moved."]


def add_to_our_parts(path: Path) -> None:
    """An author's comment in a cell and a paragraph between two notes."""

    def author(root: Any) -> None:
        texts = f"{{{NAMES['text']}}}"
        cells = root.xpath(
            "//table:table[@table:name='istrel_0a1b2c3d_k2_table_1']//text:p[contains(text(), '.')]", namespaces=ODF
        )
        comment = etree.SubElement(cells[-1], f"{{{NAMES['office']}}}annotation")
        etree.SubElement(comment, f"{texts}p").text = "Is this right?"
        (note,) = root.xpath("//text:p[text:bookmark-start[@text:name='_Istrel_0a1b2c3d_k2_notes_1']]", namespaces=ODF)
        own = etree.Element(f"{texts}p")
        own.text = "An author wrote this."
        note.addnext(own)

    edit(path, "content.xml", author)


def test_what_authors_put_among_our_parts_of_an_odt_stays(history: History, moved: History, tmp_path: Path) -> None:
    path = exported(history, tmp_path / "paper.odt")
    add_to_our_parts(path)
    made = refresh(path, moved.study, load())
    assert len([line for line in made.exchanged if line[0] == "Table 1"]) > 3
    said = "".join(etree.fromstring(parts_of(made.content)["content.xml"]).itertext())
    assert ("Is this right?" in said, "An author wrote this." in said) == (True, True)


def test_an_odt_is_refreshed_as_a_docx_is(history: History, moved: History, tmp_path: Path) -> None:
    path = exported(history, tmp_path / "paper.odt")
    assert moved_lines(refresh(path, history.study, load())) == ["Nothing moved."]

    def author(root: Any) -> None:
        heading = next(h for h in root.iter(f"{{{NAMES['text']}}}h"))
        heading.text = "What we found"
        for name, change in (("istrel_0a1b2c3d_k2_table_1", "99.99"), ("istrel_0a1b2c3d_k3_table_1", None)):
            (table,) = root.xpath(f"//table:table[@table:name='{name}']", namespaces=ODF)
            if change is None:
                table.getparent().remove(table)
            else:
                cells = table.xpath(".//text:p[contains(text(), '.')]", namespaces=ODF)
                next(p for p in cells if re.fullmatch(r"\d\d\.\d\d", p.text or "")).text = change

    edit(path, "content.xml", author)
    before = path.read_bytes()
    made = refresh(path, moved.study, load())
    ours = (
        "//table:table[starts-with(@table:name, 'istrel_')] | //draw:frame[starts-with(@draw:name, 'istrel_')]"
        " | //text:p[text:bookmark-start[starts-with(@text:name, '_Istrel_')]]"
        " | //text:user-field-get | //text:user-field-decls"
    )
    assert outside(made.content, "content.xml", ours) == outside(before, "content.xml", ours)
    assert [(where, found) for where, found, _ in made.edited] == [("Table 1", "99.99")]
    assert made.away == ["Table 2"]
    assert {name for name, content in parts_of(before).items() if content != parts_of(made.content)[name]} == {
        "content.xml",
        "meta.xml",
        "Pictures/figure1.svg",
        "Pictures/figure1.png",
    }
    fresh = etree.fromstring(parts_of(exported(moved, tmp_path / "fresh.odt").read_bytes())["content.xml"])
    now = etree.fromstring(parts_of(made.content)["content.xml"])
    for query in ("//text:user-field-get", "//text:section[@text:name='istrel_0a1b2c3d_k2']/text:p"):
        mine, theirs = (["".join(e.itertext()) for e in r.xpath(query, namespaces=ODF)] for r in (now, fresh))
        assert mine == theirs
    again = tmp_path / "again.odt"
    again.write_bytes(made.content)
    assert refresh(again, moved.study, load()).exchanged == []


def test_in_place_a_copy_is_kept_and_what_is_no_document_is_refused(
    history: History, moved: History, tmp_path: Path
) -> None:
    path = exported(history, tmp_path / "paper.docx")
    before = path.read_bytes()
    made = refresh(path, moved.study, load())
    out, copy = write_refreshed(path, made, moved.study)
    assert copy is not None
    assert (out.read_bytes(), copy.read_bytes()) == (made.content, before)
    assert write_refreshed(path, refresh(path, moved.study, load()), moved.study) == (path, None)
    for name, content, says in (
        ("a.docx", b"PK\x03\x04 no", "no document"),
        ("b.docx", render(manuscript_document(study_of(history.study.data), load()), "docx"), "put there by Istrel"),
        ("c.odt", b"", "no document"),
        ("e.docx", before[:400] + b"\x00" * 60 + before[460:], "no document"),
        ("d.txt", b"", "is a .docx or an .odt"),
    ):
        (tmp_path / name).write_bytes(content)
        with pytest.raises(Problem, match=says):
            refresh(tmp_path / name, history.study, load())
    for part, odd, says in (
        ("word/_rels/document.xml.rels", b"<Relationships <", "damaged"),
        ("word/document.xml", b"<w:document/>", "damaged"),  # its prefix is bound to nothing
    ):
        parts = parts_of(before) | {part: odd}
        with zipfile.ZipFile(path, "w") as archive:
            for name, content in parts.items():
                archive.writestr(name, content)
        with pytest.raises(Problem, match=says):
            refresh(path, moved.study, load())


def unwrapped(root: Any) -> None:
    """Without content controls, as some programs save a document; bookmarks shrink to where paragraphs begin."""
    for found in list(root.iter(qn("w:sdt"))):
        for child in reversed(list(found.find(qn("w:sdtContent")))):
            found.addnext(child)
        found.getparent().remove(found)
    for end in root.iter(qn("w:bookmarkEnd")):
        (start,) = [s for s in root.iter(qn("w:bookmarkStart")) if s.get(qn("w:id")) == end.get(qn("w:id"))]
        if "_notes_" in start.get(qn("w:name")):
            start.addnext(end)


def through_a_word_processor(path: Path) -> None:
    home, out = path.parent / "profile", path.parent / "saved"
    command = ["soffice", f"-env:UserInstallation=file://{home}", "--headless", "--convert-to", "docx:MS Word 2007 XML"]
    subprocess.run([*command, "--outdir", str(out), str(path)], capture_output=True, check=True, timeout=120)
    path.write_bytes((out / path.name).read_bytes())


@pytest.mark.parametrize("saved_by", some(["one that drops controls", "a real one"], 1))
def test_a_document_saved_by_a_program_that_drops_controls_is_refreshed_by_its_bookmarks(
    history: History, moved: History, tmp_path: Path, saved_by: str
) -> None:
    if saved_by == "a real one" and not shutil.which("soffice"):
        pytest.skip("no word processor here")
    path = exported(history, tmp_path / "paper.docx")
    wanted = refresh(path, moved.study, load())

    def save() -> None:
        if saved_by == "a real one":
            through_a_word_processor(path)
        else:
            edit(path, "word/document.xml", unwrapped)

    save()
    assert moved_lines(refresh(path, history.study, load())) == ["Nothing moved."]
    made = refresh(path, moved.study, load())
    assert sorted(made.exchanged) == sorted(wanted.exchanged)
    assert [made.edited, made.away, made.gone] == [[], [], []]
    path.write_bytes(made.content)
    assert moved_lines(refresh(path, moved.study, load())) == ["Nothing moved."]
    save()  # and once more, with what a refresh put back
    again = refresh(path, history.study, load())
    assert len(again.exchanged) == len(wanted.exchanged)
    assert not again.edited


def test_a_document_without_any_of_our_marks_is_told(history: History, moved: History, tmp_path: Path) -> None:
    path = exported(history, tmp_path / "paper.docx")

    def unmarked(root: Any) -> None:
        unwrapped(root)
        for mark in list(root.iter(qn("w:bookmarkStart"), qn("w:bookmarkEnd"))):
            mark.getparent().remove(mark)

    edit(path, "word/document.xml", unmarked)
    assert any("marks of Istrel" in line for line in moved_lines(refresh(path, history.study, load())))
    made = refresh(path, moved.study, load())
    assert (stale_numbers(made), made.exchanged) == (True, [])
    assert {line.where for line in made.lost if not line.where.startswith("paragraph")} == {
        "this document",
        "Table 1",
        "Table 1 in the text",
    }


def test_two_studies_in_one_document_do_not_meet(history: History, moved: History, tmp_path: Path) -> None:
    """Chapters of a thesis: both count their exhibits from k2 on."""
    path = exported(history, tmp_path / "paper.docx")
    other = replace(moved.study, identity="ffff0000")
    with pytest.raises(Problem, match="nothing in this document was put there"):
        refresh(path, other, load())
    chapter = exported(History(other), tmp_path / "chapter.docx")

    def joined(root: Any) -> None:
        body = root.find(qn("w:body"))
        for block in list(etree.fromstring(parts_of(chapter.read_bytes())["word/document.xml"]).find(qn("w:body")))[
            :-1
        ]:
            body.insert(len(body) - 1, block)
        figure = control(root, "ffff0000:k4:figure")  # its picture stayed behind
        figure.getparent().remove(figure)

    edit(path, "word/document.xml", joined)
    assert moved_lines(refresh(path, history.study, load())) == ["Nothing moved."]
    # The memory of the chapter stayed behind: what it says now is right, and what moves is told, or taken with `again`.
    assert moved_lines(refresh(path, other, load())) == ["Nothing moved."]
    back = replace(history.study, identity="ffff0000")
    made = refresh(path, back, load())
    assert not made.exchanged
    assert {line.why.partition(";")[0] for line in made.found} == {"the document does not remember what stood there"}
    path.write_bytes(refresh(path, back, load(), again=True).content)
    assert moved_lines(refresh(path, back, load())) == ["Nothing moved."]
    assert moved_lines(refresh(path, history.study, load())) == ["Nothing moved."]


@pytest.mark.parametrize("place", ["strict", "word/header1.xml", "word/endnotes.xml", "a text box"])
def test_every_part_of_a_document_is_read(place: str, history: History, moved: History, tmp_path: Path) -> None:
    path = exported(history, tmp_path / "paper.docx")
    wanted = refresh(path, moved.study, load())
    parts = parts_of(path.read_bytes())
    if place == "strict":
        for name in ("word/document.xml", "word/_rels/document.xml.rels"):
            for strict, usual in SPACES.items():
                parts[name] = parts[name].replace(usual, strict)
    else:
        root = etree.fromstring(parts["word/document.xml"])
        (paragraph,) = [p for p in root.iter(qn("w:p")) if len(list(p.iter(qn("w:sdt")))) > 4]
        around = deepcopy(paragraph)
        if place == "a text box":
            run = etree.SubElement(paragraph, qn("w:r"))
            etree.SubElement(etree.SubElement(run, qn("w:pict")), qn("w:txbxContent")).append(around)
            parts["word/document.xml"] = etree.tostring(root)
        else:
            home = etree.Element(qn("w:hdr" if "header" in place else "w:endnotes"))
            home.append(around)
            parts[place] = etree.tostring(home)
    with zipfile.ZipFile(path, "w") as archive:
        for name, content in parts.items():
            archive.writestr(name, content)
    made = refresh(path, moved.study, load())
    more = 0 if place == "strict" else len([line for line in wanted.found if "in the text" in line.where])
    assert len(made.exchanged) == len(wanted.exchanged) + more
    assert not stale_numbers(made)
    if place == "strict":
        assert b"purl.oclc.org" in parts_of(made.content)["word/document.xml"]
        assert b"schemas.openxmlformats.org/wordprocessingml" not in parts_of(made.content)["word/document.xml"]


def test_what_is_taken_again_or_refused_is_known(history: History, moved: History, tmp_path: Path) -> None:
    """A number edited by hand is taken again on demand; one whose exchange was refused is no edit."""
    path = exported(history, tmp_path / "paper.docx")
    before = path.read_bytes()

    def by_hand(root: Any) -> None:
        next(
            t for t in control(root, "k2:table").iter(qn("w:t")) if re.fullmatch(r"\d\d\.\d\d", t.text or "")
        ).text = "9.9"

    edit(path, "word/document.xml", by_hand)
    first = refresh(path, moved.study, load())
    assert [(old, stale_numbers(first)) for _, old, _ in first.edited] == [("9.9", True)]
    again = refresh(path, moved.study, load(), again=True)
    assert ("9.9" in [old for _, old, _ in again.exchanged], again.edited, stale_numbers(again)) == (True, [], False)
    path.write_bytes(before)
    done = refresh(path, moved.study, load())
    refused = parts_of(done.content) | {"word/document.xml": parts_of(before)["word/document.xml"]}
    with zipfile.ZipFile(path, "w") as archive:
        for name, content in refused.items():
            archive.writestr(name, content)
    once_more = refresh(path, moved.study, load())
    assert (len(once_more.exchanged), once_more.edited) == (len(done.exchanged) - 1, [])  # the figure is drawn already


@pytest.mark.parametrize(
    ("honest", "lie"),
    [
        (r"<after>[^<]*</after>", ""),
        (r'mark="n[^"]*"', 'mark="x"'),
        (r"<text>[^<]*</text>", ""),
        (r'rows="[^"]*"', 'rows="9 a -1"'),
    ],
)
def test_a_memory_that_lies_ends_in_lines_and_no_fault(
    honest: str, lie: str, history: History, moved: History, tmp_path: Path
) -> None:
    path = exported(history, tmp_path / "paper.docx")
    parts = parts_of(path.read_bytes())
    parts["customXml/item9.xml"] = re.sub(honest, lie, parts["customXml/item9.xml"].decode()).encode()
    with zipfile.ZipFile(path, "w") as archive:
        for name, content in parts.items():
            archive.writestr(name, content)
    for tracked in (False, True):
        assert refresh(path, moved.study, load(), tracked=tracked).lines()


def test_a_number_of_an_exhibit_that_left_the_study_stays_and_is_told(history: History, tmp_path: Path) -> None:
    from istrel.study.changes.manuscript import Drop

    path = exported(history, tmp_path / "paper.docx")
    table = history.study.kept[0].id
    made = refresh(path, history.do(Write(table, "text", ())).do(Drop(table)).study, load())
    assert made.gone
    assert made.content == path.read_bytes()
