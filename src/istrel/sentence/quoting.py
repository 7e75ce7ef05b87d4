"""Names in back quotes: how a sentence keeps a name together that is no plain word. A back quote within is doubled."""

from __future__ import annotations

import re

PLAIN_NAME = re.compile(r"[^\W\d]\w*(\.\w+)*$")
RESERVED = {"against", "given", "across", "among", "as", "with", "and", "or", "not", "in", "is", "between", "all"}
IN_BACK_QUOTES = r"`(?:[^`]|``)+`"
A_NAME = rf"(?:{IN_BACK_QUOTES}|[^\W\d][\w.]*)"


def show_name(name: str) -> str:
    """A name as the sentence wants it: in back quotes unless it is a plain word."""
    return name if PLAIN_NAME.match(name) and name.casefold() not in RESERVED else quoted(name)


def quoted(name: str) -> str:
    """The name in back quotes."""
    return f"`{name.replace('`', '``')}`"


def unquoted(text: str) -> str:
    """A name as typed, without its back quotes if it has any."""
    return text[1:-1].replace("``", "`") if len(text) > 1 and text[0] == text[-1] == "`" else text


def read_aloud(sentence: str) -> str:
    """A sentence for people: names without their back quotes."""
    return re.sub(IN_BACK_QUOTES, lambda found: unquoted(found.group()), sentence)
