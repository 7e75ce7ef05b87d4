"""The house style with words in the language of the window: for what stands beside the paper and is no part of it."""

from __future__ import annotations

import msgspec

from istrel.app.words import spoken
from istrel.style.house import HouseStyle
from istrel.style.phrases import LANGUAGES, phrases_in


def as_spoken(style: HouseStyle) -> HouseStyle:
    """The style with other words; its numbers look as they do on paper."""
    if style.language == spoken() or spoken() not in LANGUAGES:
        return style
    return msgspec.structs.replace(style, words=phrases_in(spoken()), language=spoken())
