"""What each row of a source is: an occasion of a person, or several cases counted already; else a case of its own."""

from __future__ import annotations

from dataclasses import dataclass, replace

ROLES = ("person", "occasion", "counted")


@dataclass(frozen=True)
class Rows:
    """The variables that say what a row is, by their roles; an empty name where none has the role.

    Attributes
    ----------
    person, occasion
        Who stands in several rows, and what tells these apart.
    counted
        How many cases a row stands for.
    guessed
        Whether nobody has said it yet.
    """

    person: str = ""
    occasion: str = ""
    counted: str = ""
    guessed: bool = False

    @property
    def said(self) -> dict[str, str]:
        """{role: variable} of those there are."""
        return {role: name for role in ROLES if (name := getattr(self, role))}

    def without(self, names: set[str]) -> Rows:
        """The same where some variables are not there (any more)."""
        gone = {role: "" for role, name in self.said.items() if name in names}
        return replace(self, **gone)  # type: ignore[arg-type]


EACH_ITS_OWN = Rows()
