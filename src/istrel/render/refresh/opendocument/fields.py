"""The fields of an OpenDocument text that hold numbers: each is declared once, and says the same wherever it stands."""

from __future__ import annotations

from copy import deepcopy
from dataclasses import dataclass
from typing import Any

from istrel.render.opendocument.marks import FIELD, FIELD_GET
from istrel.render.opendocument.package import qualified as q

DECLARED, NAME, VALUE = q("text:user-field-decl"), q("text:name"), q("office:string-value")


@dataclass
class Fields:
    """The fields of all parts of a document with their declarations."""

    roots: list[Any]

    def __post_init__(self) -> None:
        self._named: dict[str, list[Any]] = {}
        for one in (one for root in self.roots for one in root.iter(DECLARED, FIELD_GET)):
            self._named.setdefault(one.get(NAME, ""), []).append(one)

    def set(self, field: Any, letters: str) -> list[Any]:
        """Other letters in a field and all others of its name; what was touched."""
        found = self._named.get(field.get(NAME, ""), [])
        for one in found:
            if one.tag == DECLARED:
                one.set(VALUE, letters)
            else:
                say(one, letters)
        return found

    def another(self, field: Any, letters: str) -> Any:
        """A field for the same number that says something else: of another name, declared beside the first."""
        found = FIELD.fullmatch(field.get(NAME, ""))
        stem = found[0].removesuffix(f"_{found['count']}") if found is not None else field.get(NAME, "")
        count = 2
        while f"{stem}_{count}" in self._named:
            count += 1
        made = deepcopy(field)
        made.tail = None
        made.set(NAME, f"{stem}_{count}")
        say(made, letters)
        self._named[f"{stem}_{count}"] = [made]
        old = next((one for one in self._named.get(field.get(NAME, ""), ()) if one.tag == DECLARED), None)
        if old is not None:
            declared = deepcopy(old)
            declared.set(NAME, f"{stem}_{count}")
            declared.set(VALUE, letters)
            old.addnext(declared)
            self._named[f"{stem}_{count}"].append(declared)
        return made


def say(field: Any, letters: str) -> None:
    """Letters in a field as the document shows them."""
    for child in list(field):
        field.remove(child)
    field.text = letters
