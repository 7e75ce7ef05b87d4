"""What stands beside the paper and is no part of it: the house style with words of the window, values at full precision."""

from __future__ import annotations

import msgspec

from istrel.app.words import spoken, tr
from istrel.exhibits.text import Cell, Hidden
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.style.house import HouseStyle
from istrel.style.phrases import LANGUAGES, phrases_in


def as_spoken(style: HouseStyle) -> HouseStyle:
    """The style with other words; its numbers look as they do on paper."""
    if style.language == spoken() or spoken() not in LANGUAGES:
        return style
    return msgspec.structs.replace(style, words=phrases_in(spoken()), language=spoken())


def full_value(cell: Cell) -> str:
    """A value at full precision."""
    value = cell.value
    if isinstance(value, Undefined):
        return tr("not defined: {reason}", reason=value.reason)
    if isinstance(value, Hidden):
        return value.reason
    if isinstance(value, tuple):
        return "; ".join(repr(part.value if isinstance(part, CaseValue) else part) for part in value)
    return value if isinstance(value, str) else repr(value)
