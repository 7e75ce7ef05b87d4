"""The promise of refreshing, held by random edits: every number that we printed is right afterwards, or is named.

ISTREL_SCRIPTS tries more of them, ISTREL_SEED others.
"""

from __future__ import annotations

import io
import json
import os
import random
import re
import zipfile
from collections.abc import Callable
from copy import deepcopy
from functools import cache
from itertools import pairwise
from pathlib import Path
from typing import Any, NamedTuple

import edits_odt
import msgspec
import pytest
from docx import Document as Docx
from docx.oxml.ns import qn
from edits import BODY, EDITS, NOTES
from living import versions_in
from lxml import etree

from depth import some
from istrel import cli
from istrel.render import render
from istrel.render.manuscript import manuscript_document
from istrel.render.opendocument.letters import PARAGRAPHS, stream
from istrel.render.opendocument.package import qualified as q
from istrel.render.refresh import Refreshed, refresh
from istrel.render.refresh.report import EDITED
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.study import Study
from istrel.style.house import load_style
from istrel.style.phrases import phrases_in

SCRIPTS, SEED = int(os.environ.get("ISTREL_SCRIPTS", "2")), int(os.environ.get("ISTREL_SEED", "3"))
EMPTY_NOTES = f'<w:footnotes xmlns:w="{qn("w:p")[1:].partition("}")[0]}"/>'
DOCUMENTS = sorted((Path(__file__).parents[1] / "documents").glob("*.[do][od]*"))  # made by `make.py` there
TOKEN = re.compile(r"−?\.?\d(?:[\d.,]*\d)?|[^\W\d]+|\S")


@pytest.fixture(scope="module")
def versions(tmp_path_factory: pytest.TempPathFactory) -> tuple[Study, ...]:
    return versions_in(tmp_path_factory.mktemp("versions"))


class Paper(NamedTuple):
    """The letters of a document's parts, paragraph by paragraph, as they stand with every change accepted or refused."""

    accepted: tuple[str, ...]
    refused: tuple[str, ...]


class Kind(NamedTuple):
    """A format of documents: its ending, what is done to its parts, and how they are read."""

    ending: str
    parts: tuple[str, ...]
    edits: tuple[Callable[[Any, random.Random], None], ...]
    read: Callable[[dict[str, Any]], Paper]

    def paper(self, content: bytes) -> Paper:
        with zipfile.ZipFile(io.BytesIO(content)) as archive:
            names = [name for name in self.parts if name in archive.namelist()]
            return self.read({name: etree.fromstring(archive.read(name)) for name in names})


def read_word(roots: dict[str, Any]) -> Paper:
    sides = []
    for drop, keep in ((("w:del", "w:moveFrom"), "w:t"), (("w:ins", "w:moveTo"), "w:delText")):
        found = []
        for root in roots.values():
            copied = deepcopy(root)
            for element in list(copied.iter(*map(qn, drop))):
                row = element.getparent().getparent() if element.getparent().tag == qn("w:trPr") else element
                if row.getparent() is not None:
                    row.getparent().remove(row)
            for paragraph in copied.iter(qn("w:p")):
                letters = "".join(t.text or "" for t in paragraph.iter(qn("w:t"), qn(keep)))
                found += [letters] if letters else []
        sides.append(tuple(found))
    return Paper(*sides)


def read_odt(roots: dict[str, Any]) -> Paper:
    (root,) = roots.values()
    gone = {
        region.get(q("text:id")): "".join(slot.letters for p in region.iter(*PARAGRAPHS) for slot in stream(p))
        for region in root.iter(q("text:changed-region"))
    }
    looks = {
        region.get(q("text:id"))
        for region in root.iter(q("text:changed-region"))
        if region.find(q("text:format-change")) is not None
    }
    accepted, refused = [], []
    inside: set[str] = set()
    noted: set[Any] = set()  # paragraphs of notes that were put in as a whole
    for paragraph in edits_odt.seen(root, *PARAGRAPHS):
        if next(paragraph.iterancestors(q("office:annotation")), None) is not None:
            continue
        whole, kept = "", ""
        for slot in stream(paragraph):
            if inside and slot.kind == "mark" and slot.holder.tag == q("text:note"):
                noted |= set(slot.holder.iter(*PARAGRAPHS))
            change = slot.holder.get(q("text:change-id"), "") if slot.kind == "mark" else ""
            if change in looks:
                continue
            if change and slot.holder.tag == edits_odt.START:
                inside.add(change)
            elif change and slot.holder.tag == edits_odt.END:
                inside.discard(change)
            elif change:
                kept += gone[change]
            whole += slot.letters
            kept += "" if inside else slot.letters
        accepted += [whole] if whole else []
        refused += [kept] if kept and paragraph not in noted else []
    return Paper(tuple(accepted), tuple(refused))


WORD = Kind("docx", (BODY, NOTES), EDITS, read_word)
OPEN = Kind("odt", ("content.xml",), edits_odt.EDITS, read_odt)


@cache
def exported(study: Study, ending: str) -> bytes:
    return render(manuscript_document(study, load_style()), ending)


def edited(content: bytes, kind: Kind, script: random.Random) -> tuple[bytes, list[str]]:
    """The document after one to four random edits, and their names."""
    with zipfile.ZipFile(io.BytesIO(content)) as archive:
        parts = {name: archive.read(name) for name in archive.namelist()}
    parts |= {NOTES: EMPTY_NOTES.encode()} if kind is WORD else {}
    found = {name: etree.fromstring(parts[name]) for name in kind.parts}
    chosen = [script.choice(kind.edits) for _ in range(script.randint(1, 4))]
    for edit in chosen:
        try:
            edit(found if kind is WORD else found["content.xml"], script)
        except IndexError:  # nothing is left to do it to
            continue
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w") as archive:
        for name, part in (parts | {name: etree.tostring(root) for name, root in found.items()}).items():
            archive.writestr(name, part)
    return out.getvalue(), [edit.__name__ for edit in chosen]


def tokens(paragraphs: tuple[str, ...]) -> list[str]:
    return [token for paragraph in paragraphs for token in TOKEN.findall(paragraph)]


@cache
def moves(before: Study, after: Study, kind: Kind) -> tuple[set[tuple[str, str]], set[str]]:
    """({(old, new)} of all numbers that moved, the old ones that nothing else prints): of two fresh exports of one shape."""
    one, other = (tokens(kind.paper(exported(study, kind.ending)).accepted) for study in (before, after))
    pairs = set(zip(one, other, strict=True))
    still = {b for _, b in pairs}
    return {(a, b) for a, b in pairs if a != b}, {a for a, b in pairs if a != b and a not in still and len(a) > 3}


def assert_kept(
    made: Refreshed, author: Paper, paper: Paper, known: tuple[set[tuple[str, str]], set[str]], names: list[str]
) -> None:
    """Not one number is doubled, foreign or stale without being named; nothing else changed."""
    pairs, stale = known
    mine, theirs = tokens(author.accepted), tokens(paper.accepted)
    assert len(mine) == len(theirs)
    for a, b in zip(mine, theirs, strict=True):
        assert a == b or (a, b) in pairs, (a, b)
    named = " ".join(f"{line.old} {line.text}" for line in made.found if not line.done)
    left = {token for token in theirs if token in stale and token not in named}
    assert left == set(), names


@pytest.mark.parametrize("script", range(SCRIPTS))
@pytest.mark.parametrize("kind", [WORD, OPEN], ids=lambda kind: kind.ending)
def test_after_any_edits_every_number_is_right_or_named(
    kind: Kind, script: int, versions: tuple[Study, ...], tmp_path: Path
) -> None:
    rng, style = random.Random(1000 * SEED + script), load_style()
    content, names = edited(exported(versions[0], kind.ending), kind, rng)
    author, plain, tracked = (
        kind.paper(content),
        *(tmp_path / f"{name}.{kind.ending}" for name in ("plain", "tracked")),
    )
    plain.write_bytes(content)
    tracked.write_bytes(content)
    for place, (before, now) in enumerate(pairwise(versions)):
        last = kind.paper(plain.read_bytes())
        made = refresh(plain, now, style)
        followed = refresh(tracked, now, style, tracked=True)
        one, two = kind.paper(made.content), kind.paper(followed.content)
        if place < 2:  # the third round has tables of another shape
            assert_kept(made, last, one, moves(before, now, kind), names)
        if place < 2 or kind is WORD:  # which an .odt cannot track, and is told
            assert two.accepted == one.accepted, names
        assert two.refused == author.refused, names
        plain.write_bytes(made.content)
        tracked.write_bytes(followed.content)
        assert not refresh(plain, now, style).exchanged, names


@pytest.mark.parametrize("path", some(DOCUMENTS, 9), ids=lambda path: path.name)
def test_what_a_word_processor_saved_is_right_or_named(path: Path, versions: tuple[Study, ...], tmp_path: Path) -> None:
    kind = OPEN if path.suffix == ".odt" else WORD
    before, now, style = versions[0], versions[1], load_style()
    author = kind.paper(path.read_bytes())
    assert not refresh(path, before, style).exchanged
    made, followed = (refresh(path, now, style, tracked=tracked) for tracked in (False, True))
    assert_kept(made, author, kind.paper(made.content), moves(before, now, kind), [path.name])
    two = kind.paper(followed.content)
    assert (two.accepted, two.refused) == (kind.paper(made.content).accepted, author.refused)
    again = tmp_path / path.name
    again.write_bytes(made.content)
    assert not refresh(again, now, style).exchanged
    if path.name.startswith("was-"):  # it had forgotten what stood there
        whole = refresh(path, now, style, again=True)
        assert not any("does not remember" in line.why for line in whole.found)
        assert whole.exchanged


@pytest.mark.parametrize("kind", [WORD, OPEN], ids=lambda kind: kind.ending)
def test_what_was_pasted_from_another_document_of_the_study_is_named_until_it_is_taken(
    kind: Kind, versions: tuple[Study, ...], tmp_path: Path
) -> None:
    path, style = tmp_path / f"paper.{kind.ending}", load_style()
    with zipfile.ZipFile(io.BytesIO(exported(versions[0], kind.ending))) as archive, zipfile.ZipFile(path, "w") as out:
        for name in archive.namelist():
            content = archive.read(name).decode("latin-1")
            of_table = r"(?:<|&lt;)control tag=\"istrel:0a1b2c3d:k3:table.*?/control(?:>|&gt;)"
            out.writestr(name, re.sub(of_table, "", content, flags=re.DOTALL).encode("latin-1"))
    made = refresh(path, versions[1], style)
    forgotten = [line.where for line in made.found if "does not remember" in line.why]
    assert set(forgotten) == {"Table 2"}
    assert not [line for line in made.exchanged if line[0] == "Table 2"]
    path.write_bytes(refresh(path, versions[1], style, again=True).content)
    after = refresh(path, versions[2], style)
    assert "Table 2" in {where for where, _, _ in after.exchanged}
    assert not [line for line in after.found if "does not remember" in line.why or line.why == EDITED]


@pytest.mark.parametrize(("language", "says"), [("en", "no longer holds"), ("de", "trifft nicht mehr zu")])
def test_words_that_are_not_true_any_more_get_a_comment_in_the_language_of_the_paper(
    versions: tuple[Study, ...], tmp_path: Path, language: str, says: str
) -> None:
    path = tmp_path / "paper.docx"
    style = msgspec.structs.replace(load_style(), words=phrases_in(language), language=language)
    path.write_bytes(render(manuscript_document(versions[0], style), "docx"))
    made = refresh(path, versions[1], style)
    told = [line for line in made.found if "no longer holds" in line.why]
    assert (len(told) > 0, made.stale) == (True, True)
    path.write_bytes(made.content)
    assert refresh(path, versions[1], style).content == made.content  # once is enough
    with zipfile.ZipFile(path) as archive:
        comments = etree.fromstring(archive.read("word/comments.xml"))
        said = {"".join(comment.itertext()) for comment in comments}
        assert said == {line.why for line in told} or language != "en"
        assert len(said) == len({line.why for line in told})
        assert all(one.endswith(says) for one in said)
        anchors = [e.get(qn("w:id")) for e in etree.fromstring(archive.read(BODY)).iter(qn("w:commentReference"))]
        assert sorted(anchors) == sorted(comment.get(qn("w:id")) for comment in comments)
        assert b"comments+xml" in archive.read("[Content_Types].xml")
    Docx(str(path))  # another reader takes it


def test_a_refresh_from_the_command_line_says_each_number(
    versions: tuple[Study, ...], tmp_path: Path, capsys: Any
) -> None:
    paper, document = tmp_path / "paper.istrel", tmp_path / "paper.docx"
    StudyFile.create(paper, History(versions[1])).close()
    document.write_bytes(render(manuscript_document(versions[0], load_style()), "docx"))
    assert cli.main(["refresh", str(document), str(paper), "--to", "json"]) == 1  # words are not true any more
    found = json.loads(capsys.readouterr().out)
    assert all(line.keys() >= {"exhibit", "old", "new", "done", "why"} for line in found)
    assert all(("text" in line) != ("row" in line) for line in found)
    cells = {(line["exhibit"], line["row"], line["column"]) for line in found if "row" in line and line["done"]}
    assert ("Table 1", "x", "a, M") in cells, cells
