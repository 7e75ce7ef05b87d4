"""What each row of a source is: an occasion of a person, several cases counted already, or one that a sample weighs."""

from __future__ import annotations

from dataclasses import dataclass, replace

ROLES = ("person", "occasion", "counted", "weight", "strata", "clusters")


@dataclass(frozen=True)
class Rows:
    """The variables that say what a row is, by their roles; an empty name where none has the role.

    Attributes
    ----------
    person, occasion
        Who stands in several rows, and what tells these apart.
    counted
        How many cases a row stands for.
    weight, strata, clusters
        How many of the population a row stands for, and how the sample was drawn: strata, and the clusters drawn first in them.
    guessed
        Whether nobody has said it yet.
    """

    person: str = ""
    occasion: str = ""
    counted: str = ""
    weight: str = ""
    strata: str = ""
    clusters: str = ""
    guessed: bool = False

    @property
    def said(self) -> dict[str, str]:
        """{role: variable} of those there are."""
        return {role: name for role in ROLES if (name := getattr(self, role))}

    @property
    def of_the_sample(self) -> tuple[str, ...]:
        """The variables that say how the sample was drawn: they are no measures."""
        return tuple(filter(None, (self.weight, self.strata, self.clusters)))

    def without(self, names: set[str]) -> Rows:
        """The same where some variables are not there (any more)."""
        gone = {role: "" for role, name in self.said.items() if name in names}
        if "weight" in gone:
            gone |= {"strata": "", "clusters": ""}
        return replace(self, **gone)  # type: ignore[arg-type]


EACH_ITS_OWN = Rows()
