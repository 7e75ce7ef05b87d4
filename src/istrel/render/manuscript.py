"""The manuscript written out: as one document, or as a folder with a file for every exhibit and a manifest."""

from __future__ import annotations

from dataclasses import replace
from hashlib import sha256
from pathlib import Path
from typing import Any

from istrel.english import english
from istrel.exhibits.make import Exhibit
from istrel.exhibits.text import say
from istrel.files import as_json, refuse_sources, write_whole
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Block, Document, Item
from istrel.render.template import poured
from istrel.study.appendix import TITLE
from istrel.study.manuscript import Entry, Written, compose, lines_in, manuscript
from istrel.study.prose import with_untrue_marked
from istrel.study.study import Study
from istrel.style.house import HouseStyle
from istrel.version import VERSION

OF_TABLES, OF_FIGURES = ("docx", "html", "csv"), ("pdf", "svg", "png")


def manuscript_document(study: Study, style: HouseStyle) -> Document:
    """What is exported: every kept exhibit with its results text, marked where words no longer hold, or a line in its place."""
    parts: list[Item | Block] = []
    for part in manuscript(study, style):
        if _supplements(part) and not any(isinstance(p, Block) and p.new_page for p in parts):
            parts.append(Block(say("supplement"), level=1, new_page=True))
        if isinstance(part, Written):
            parts += _blocks(part, style)
        elif part.exhibit is not None:
            parts.append(_item(part, _marked(part, part.exhibit, style)))
        else:
            parts.append(Block(say("cannot_be_made_now", label=part.label.rstrip(" .:"))))
    return Document(tuple(parts), style, title="Manuscript", study=study.identity)


def _supplements(part: Entry | Written) -> bool:
    return (part.kept if isinstance(part, Entry) else part.passage).supplement


def _marked(entry: Entry, exhibit: Exhibit, style: HouseStyle) -> Exhibit:
    """The exhibit with what no longer holds marked in its texts."""
    readings = {
        name: reading for name, reading in entry.readings if (reading.untrue or reading.turned) and name != "notes"
    }
    texts: dict[str, Any] = {name: with_untrue_marked(reading, style) for name, reading in readings.items()}
    return replace(exhibit, **texts) if texts else exhibit


def _blocks(written: Written, style: HouseStyle) -> list[Block]:
    """A heading or a paragraph; the appendix as a heading with its paragraphs."""
    text = with_untrue_marked(written.reading, style)
    if written.passage.role == "appendix":
        return [Block(say(TITLE), level=1), *(Block(line) for line in lines_in(text))]
    return [Block(text, level=1 if written.passage.role == "heading" else 0, id=written.passage.id)]


def write_manuscript(study: Study, style: HouseStyle, path: Path, template: Path | None = None) -> Path:
    """Make and write the document, whole or not at all, and never over a source of the study: work for a thread.

    Parameters
    ----------
    template
        A document of the author's into which one of its kind is poured.

    Raises
    ------
    Problem
        When the place cannot be written to, or the format cannot hold these exhibits.
    """
    refuse_sources(path, study.files)
    document = manuscript_document(study, style)
    if template is not None and template.suffix.lower() == path.suffix.lower():
        content = poured(document, template)
    else:
        content = render(document, path.suffix)
    return write_whole(path, content, sources=study.files)


def write_folder(study: Study, style: HouseStyle, folder: Path) -> tuple[Path, ...]:
    """A file of each kind for every exhibit, and manifest.json, which says what each is and how its bytes are known again.

    Raises
    ------
    Problem
        When the folder cannot be written to.
    """
    try:
        folder.mkdir(parents=True, exist_ok=True)
    except OSError as error:
        raise Problem(
            english("{folder}: cannot be made ({why}).", folder=folder, why=(error.strerror or "no access").lower())
        ) from None
    written, lines = [], []
    for entry in compose(study, style):
        item = None if entry.exhibit is None else _item(entry, entry.exhibit)
        line: dict[str, Any] = {"exhibit": entry.label, "sentence": entry.kept.sentence, "status": entry.status}
        line["files"] = {}
        for ending in () if item is None else OF_FIGURES if entry.kept.is_figure else OF_TABLES:
            assert item is not None
            content = render(Document((item,), style), ending)
            path = folder / f"{entry.label.lower().replace(' ', '-')}.{ending}"
            written.append(write_whole(path, content, sources=study.files))
            line["files"][path.name] = sha256(content).hexdigest()
        lines.append(line)
    sources = [{"name": source.name, "sha256": source.raw.source.sha256} for source in study.sources]
    manifest = {"istrel": VERSION, "sources": sources, "exhibits": lines}
    written.append(write_whole(folder / "manifest.json", as_json(manifest)))
    return tuple(written)


def _item(entry: Entry, exhibit: Exhibit) -> Item:
    kept = entry.kept
    return Item(exhibit, entry.number, with_text=kept.text != (), with_methods=kept.methods != (), id=kept.id)
