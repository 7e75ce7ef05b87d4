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
    """The declarations of all parts of a document."""

    roots: list[Any]

    def set(self, field: Any, letters: str) -> list[Any]:
        """Other letters in a field and all others of its name; what was touched."""
        name = field.get(NAME)
        found = [one for root in self.roots for one in root.iter(DECLARED, FIELD_GET) if one.get(NAME) == name]
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
        known = [one for root in self.roots for one in root.iter(DECLARED)]
        names, count = {one.get(NAME) for one in known}, 2
        while f"{stem}_{count}" in names:
            count += 1
        made = deepcopy(field)
        made.tail = None
        made.set(NAME, f"{stem}_{count}")
        say(made, letters)
        old = next((one for one in known if one.get(NAME) == field.get(NAME)), None)
        if old is not None:
            declared = deepcopy(old)
            declared.set(NAME, f"{stem}_{count}")
            declared.set(VALUE, letters)
            old.addnext(declared)
        return made


def say(field: Any, letters: str) -> None:
    """Letters in a field as the document shows them."""
    for child in list(field):
        field.remove(child)
    field.text = letters
