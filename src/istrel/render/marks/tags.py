"""Marks: the letters by which a number or a part of an exhibit is known in a document, and the hidden bookmark that says the same.

Every mark carries the identity of its study, so that two studies in one document do not meet.
"""

from __future__ import annotations

import re
from hashlib import sha256
from typing import NamedTuple

PREFIX, BOOKMARK = "istrel", "_Istrel_"
_STUDY, _NUMBER = "(?P<study>[0-9a-f]{8})", "(?P<number>[0-9a-f]{12}|[0-9a-f]{24})"
_COPIED = r"(?:[ _]Copy[ _]\d+)*"  # what programs add to the names of copies
_WHAT = "(?P<what>table|figure|title|notes)"
TAG = re.compile(rf"{PREFIX}:(?:{_STUDY}:)?(?:{_NUMBER}|(?P<part>[^:]+):{_WHAT})")
MARK = re.compile(rf"{BOOKMARK}(?:{_STUDY}_)?(?:{_NUMBER}|(?P<part>[^_]+)_{_WHAT})_(?P<count>\d+){_COPIED}")


class Key(NamedTuple):
    """By which a mark is the same in documents from before studies had an identity: the start of a digest, or a part."""

    number: str
    part: str
    what: str


class Tag(NamedTuple):
    """What a mark stands for: a number in a text (by its digest), or a part of an exhibit."""

    study: str
    number: str
    part: str
    what: str

    @classmethod
    def read(cls, text: str) -> Tag | None:
        """The tag of these letters; None where it is none of ours."""
        return _fields(TAG.fullmatch(text))

    @classmethod
    def of_bookmark(cls, name: str) -> Tag | None:
        """The tag that a hidden bookmark, or the copy of one, stands for; None for any other bookmark."""
        return _fields(MARK.fullmatch(name))

    @property
    def text(self) -> str:
        own = (self.number,) if self.number else (self.part, self.what)
        return ":".join((PREFIX, *((self.study,) if self.study else ()), *own))

    @property
    def key(self) -> Key:
        return Key(self.number[:12], self.part, self.what)

    def bookmark(self, count: int) -> str:
        """The name of a hidden bookmark for what this tag stands for; `count` tells it from others."""
        return f"{BOOKMARK}{self.text.removeprefix(f'{PREFIX}:').replace(':', '_')}_{count}"


def count_of(name: str) -> int:
    """What tells a hidden bookmark from others of its tag."""
    found = MARK.fullmatch(name)
    return int(found["count"][:9]) if found is not None else 0


def number_tag(study: str, mark: str) -> Tag:
    """The tag of a number: short enough for a word processor, the same for the same mark of a study."""
    return Tag(study, sha256(mark.encode()).hexdigest()[: 12 if study else 24], "", "")


def label_bookmark(study: str, identity: str) -> str:
    """The bookmark of the label of an exhibit that a study keeps, to which texts refer."""
    return f"{BOOKMARK}{f'{study}_' if study else ''}{identity}"


def _fields(found: re.Match[str] | None) -> Tag | None:
    return None if found is None else Tag(*(found[name] or "" for name in Tag._fields))
