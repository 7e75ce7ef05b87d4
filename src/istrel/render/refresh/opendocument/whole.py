"""A part of an exhibit in an .odt that comes whole, because new data gave it another shape."""

from __future__ import annotations

from copy import deepcopy
from typing import Any

from istrel.render.opendocument.package import qualified as q


def exchange_whole(root: Any, mine: list[Any], other: Any, theirs: list[Any]) -> None:
    """The elements of a part exchanged for those of the fresh document, with the styles that they need."""
    for made in carried(root, other, _span(theirs)):
        mine[0].addprevious(made)
    for child in _span(mine):
        if child in mine or not (len(child) or child.text):  # what an author put between stays
            child.getparent().remove(child)


def carried(root: Any, other: Any, elements: list[Any]) -> list[Any]:
    """Copies of elements of another document, with the automatic styles that they need under names of their own."""
    styles = {e.get(q("style:name"), ""): e for e in other.iter(q("style:style"))}
    home = root.find(q("office:automatic-styles"))
    names = {e.get(q("style:name"), "") for e in home} if home is not None else set()
    stem, found = _free(names), []
    for child in elements:
        made = deepcopy(child)
        made.tail = None
        for element in made.iter():
            for key, value in element.attrib.items():
                if key.endswith("}style-name") and value in styles:
                    element.set(key, f"{stem}{value}")
                    if home is not None and f"{stem}{value}" not in names:
                        names.add(f"{stem}{value}")
                        style = deepcopy(styles[value])
                        style.set(q("style:name"), f"{stem}{value}")
                        home.append(style)
        found.append(made)
    return found


def _free(names: set[str]) -> str:
    number = 1
    while any(name.startswith(f"Istrel{number}x") for name in names):
        number += 1
    return f"Istrel{number}x"


def _span(elements: list[Any]) -> list[Any]:
    """The elements and what stands between them."""
    span = elements[:1]
    while span[-1] is not elements[-1] and span[-1].getnext() is not None:
        span.append(span[-1].getnext())
    return span if span[-1] is elements[-1] else elements
