"""An .odt template."""

from __future__ import annotations

import io
import zipfile
from copy import deepcopy
from itertools import chain, count
from pathlib import Path
from typing import Any

from lxml import etree

from istrel.english import english
from istrel.problem import Problem
from istrel.render.document import Document
from istrel.render.marks.memory import written
from istrel.render.opendocument.letters import PARAGRAPHS, letters_of
from istrel.render.opendocument.marks import new_record
from istrel.render.opendocument.package import qualified as q
from istrel.render.opendocument.styles import TURNED, UPRIGHT
from istrel.render.opendocument.text import WHAT
from istrel.render.opendocument.text import written as export
from istrel.render.refresh.opendocument.whole import carried
from istrel.render.refresh.parts import Parts
from istrel.render.refresh.report import parsed
from istrel.render.template.names import NAMES, is_place

CONTENT, STYLES, META, MANIFEST = "content.xml", "styles.xml", "meta.xml", "META-INF/manifest.xml"
DECLARED = (q("text:sequence-decls"), q("text:user-field-decls"))
AFTER_DECLARED = ("text:tracked-changes", "office:forms", *("text:variable-decls", "text:sequence-decls"))
HELD = (WHAT["label"], WHAT["title"])
STYLE_NAME = "}style-name"


def poured(document: Document, path: Path) -> bytes:
    """As `poured` of the room."""
    parts = Parts(path)
    if CONTENT not in parts or STYLES not in parts:
        raise Problem(english("{file}: this is no document, or it is damaged.", file=path.name))
    content, memory = export(document)
    with zipfile.ZipFile(io.BytesIO(content)) as archive:
        files = {name: archive.read(name) for name in archive.namelist()}
    made, styles = (etree.fromstring(files[name]) for name in (CONTENT, STYLES))
    root, home = (parsed(parts[name], path.name) for name in (CONTENT, STYLES))
    text = root.find(f"{q('office:body')}/{q('office:text')}")
    if text is None:
        raise Problem(english("{file}: this is no document of text.", file=path.name))
    names = _styles(home, styles)
    pictures = _pictures(parts, files)
    place = next((p for p in text.iter(*PARAGRAPHS) if is_place(letters_of(p))), None)
    _hold(made)
    poured_in = carried(root, made, _content(made))
    if poured_in and (place is not None or len(text)):  # it goes on on the page that is there
        style = next(
            (s for s in root.iter(q("style:style")) if s.get(q("style:name")) == _style_of(poured_in[0])), None
        )
        if style is not None and style.get(q("style:master-page-name")) == UPRIGHT:
            going_on = deepcopy(style)  # others of this style go on to begin pages that stand
            del going_on.attrib[q("style:master-page-name")]
            going_on.set(q("style:name"), name := _free(root, "GoingOn"))
            style.addnext(going_on)
            _first(poured_in[0]).set(q("text:style-name"), name)
    for one in poured_in:
        _adapt(one, names, pictures)
        text.append(one) if place is None else place.addprevious(one)
    if place is not None:
        if place.getnext() is not None and _ends_lying(root, poured_in):
            place.addprevious(_upright_again(root))
        place.getparent().remove(place)
    for style in root.iter(q("style:style")):
        _rename(style, "style:parent-style-name", names)
    _declare(text, made)
    for name, new in pictures.items():
        parts[new] = files[name]
    parts[CONTENT], parts[STYLES] = (
        bytes(etree.tostring(one, xml_declaration=True, encoding="UTF-8")) for one in (root, home)
    )
    _remember(parts, written(memory).decode(), path.name)
    _list(parts, list(pictures.values()), path.name)
    return parts.packed()


def _ends_lying(root: Any, poured_in: list[Any]) -> bool:
    """Whether the last page that came in lies on its long side."""
    pages = {s.get(q("style:name")): s.get(q("style:master-page-name")) for s in root.iter(q("style:style"))}
    begun = [pages.get(_style_of(one)) for one in poured_in]
    return next((page for page in reversed(begun) if page), UPRIGHT) == TURNED


def _upright_again(root: Any) -> Any:
    """A paragraph with which pages stand upright again."""
    home = root.find(q("office:automatic-styles"))
    name = _free(root, "UprightAgain")
    style = {"style:name": name, "style:family": "paragraph", "style:master-page-name": UPRIGHT}
    etree.SubElement(home, q("style:style"), {q(key): value for key, value in style.items()})
    return etree.Element(q("text:p"), {q("text:style-name"): name})


def _free(root: Any, name: str) -> str:
    """A name that no style has yet."""
    known = {style.get(q("style:name")) for style in root.iter(q("style:style"))}
    return next(one for one in chain((name,), (f"{name}{k}" for k in count(2))) if one not in known)


def _style_of(element: Any) -> str:
    """The style of the first paragraph of an element."""
    return str(_first(element).get(q("text:style-name"), ""))


def _first(element: Any) -> Any:
    return element if element.tag in PARAGRAPHS else next(element.iter(*PARAGRAPHS), element)


def _hold(made: Any) -> None:
    """Captions stay with their exhibits, whatever the template's styles say."""
    home = made.find(q("office:automatic-styles"))
    for name in HELD:
        held = etree.SubElement(
            home, q("style:style"), {q("style:name"): f"Held{name}", q("style:family"): "paragraph"}
        )
        held.set(q("style:parent-style-name"), name)
        etree.SubElement(held, q("style:paragraph-properties"), {q("fo:keep-with-next"): "always"})
    for paragraph in made.iter(*PARAGRAPHS):
        name = paragraph.get(q("text:style-name"))
        if name in HELD:
            paragraph.set(q("text:style-name"), f"Held{name}")
    for style in home:
        if style.get(q("style:parent-style-name")) in HELD and style.find(q("style:paragraph-properties")) is None:
            etree.SubElement(style, q("style:paragraph-properties"), {q("fo:keep-with-next"): "always"})


def _content(made: Any) -> list[Any]:
    text = made.find(f"{q('office:body')}/{q('office:text')}")
    return [child for child in text if child.tag not in DECLARED]


def _adapt(element: Any, names: dict[str, str], pictures: dict[str, str]) -> None:
    """The template's styles and the new names of pictures."""
    for one in element.iter():
        for key, value in one.attrib.items():
            if key.endswith(STYLE_NAME) and value in names:
                one.set(key, names[value])
        href = one.get(q("xlink:href"), "")
        if href in pictures:
            one.set(q("xlink:href"), pictures[href])


def _rename(element: Any, key: str, names: dict[str, str]) -> None:
    value = element.get(q(key))
    if value in names:
        element.set(q(key), names[value])


def _styles(home: Any, made: Any) -> dict[str, str]:
    """{a named style: the template's of that name}; what the template lacks comes along, pages that lie as well."""
    found: dict[str, str] = {}
    mine = {_shown(style): style.get(q("style:name"), "") for style in home.iter(q("style:style"))}
    common = home.find(q("office:styles"))
    for style in made.find(q("office:styles")):
        name = style.get(q("style:name"), "")
        known = next(
            (mine[n.casefold()] for n in (_shown(style), *NAMES.get(_display(style), ())) if n.casefold() in mine), None
        )
        if known is not None:
            found[name] = known
        elif common is not None:
            common.append(deepcopy(style))
    for kind, within in (
        ("style:page-layout", "office:automatic-styles"),
        ("style:master-page", "office:master-styles"),
    ):
        there = {one.get(q("style:name")) for one in home.iter(q(kind))}
        inside = home.find(q(within))
        for one in made.iter(q(kind)):
            if inside is not None and one.get(q("style:name")) not in there:
                inside.append(deepcopy(one))
    return found


def _display(style: Any) -> str:
    return str(style.get(q("style:display-name")) or style.get(q("style:name"), "").replace("_20_", " "))


def _shown(style: Any) -> str:
    return _display(style).casefold()


def _pictures(parts: Parts, files: dict[str, bytes]) -> dict[str, str]:
    """{a picture: a name that none of the template has}."""
    found: dict[str, str] = {}
    for name in (name for name in files if name.startswith("Pictures/")):
        stem, number = name.removeprefix("Pictures/"), 1
        while f"Pictures/istrel{number}-{stem}" in parts:
            number += 1
        found[name] = f"Pictures/istrel{number}-{stem}"
    return found


def _declare(text: Any, made: Any) -> None:
    """The numbering and the fields that the content uses, beside those of the template."""
    for kind in DECLARED:
        fresh = made.find(f".//{kind}")
        if fresh is None:
            continue
        there = text.find(kind)
        if there is None:
            there = etree.Element(kind)
            before = [child for child in text if child.tag in tuple(map(q, AFTER_DECLARED))]
            text.insert(text.index(before[-1]) + 1 if before else 0, there)
        known = {one.get(q("text:name")) for one in there}
        there.extend(deepcopy(one) for one in fresh if one.get(q("text:name")) not in known)


def _remember(parts: Parts, record: str, name: str) -> None:
    """What was put where, in the properties of the document."""
    if META not in parts:
        return
    meta = parsed(parts[META], name)
    said = new_record(meta)
    if said is not None:
        said.text = record
        parts[META] = bytes(etree.tostring(meta, xml_declaration=True, encoding="UTF-8"))


def _list(parts: Parts, names: list[str], document: str) -> None:
    """The new pictures in the list of the archive."""
    types = {"svg": "image/svg+xml", "png": "image/png"}
    manifest = parsed(parts.get(MANIFEST, b"<none/>"), document)
    space = manifest.tag.rpartition("}")[0] + "}"
    for name in names:
        said = {f"{space}full-path": name, f"{space}media-type": types[name.rpartition(".")[2]]}
        etree.SubElement(manifest, f"{space}file-entry", said)
    if MANIFEST in parts:
        parts[MANIFEST] = bytes(etree.tostring(manifest, xml_declaration=True, encoding="UTF-8"))
