"""English words for the screen that know how they were put together, so that the window can say them in another language.

A template has places in braces, as `str.format` fills them, and forms in brackets where a number decides:
`english("{n:,} [row repeats|rows repeat] an earlier one", n=2)`. What is said in words again is passed as a part.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Mapping, Sequence
from string import Formatter
from typing import Any

FORMS = re.compile(r"\[([^\[\]|]*)\|([^\[\]|]*)\]")
SPEC = re.compile(r",?(\.\d\d?)?[a-z]?")


class English(str):
    """A text as it reads in English, with its template and its parts."""

    template: str
    parts: Mapping[str, object]

    __slots__ = ("parts", "template")


def english(template: str, /, **parts: object) -> English:
    """The English text; `n` is the number that chooses between forms."""
    return _made(template, parts)


def _made(template: str, parts: Mapping[str, object]) -> English:
    made = English(in_english(template, parts))
    made.template, made.parts = template, parts
    return made


def numeral(value: float, digits: int = 12) -> English:
    """A number of at most so many digits, with the marks of whoever reads it."""
    return _made(f"{'−' if value < 0 else ''}{{value:.{digits}g}}", {"value": abs(float(value))})


def together(sentences: Sequence[str], between: str = " ") -> English:
    """Sentences one after the other."""
    parts = {f"part_{place}": sentence for place, sentence in enumerate(sentences)}
    return english(between.join(f"{{{name}}}" for name in parts), **parts)


def in_quotes(words: Iterable[str]) -> English:
    """Words in quotation marks, one after the other."""
    return together([english("“{word}”", word=word) for word in words], ", ")


def either(choices: Sequence[str]) -> str:
    """One choice or another: "a, b or c"."""
    if len(choices) == 1:
        return choices[0]
    return english("{places} or {last}", places=together(choices[:-1], ", "), last=choices[-1])


def with_part(text: str, name: str, part: str) -> str:
    """The text with another part under this name; as it is where it has none."""
    if not isinstance(text, English) or name not in text.parts:
        return text
    return _made(text.template, {**text.parts, name: part})


def taken_apart(text: str) -> str | tuple[str, dict[str, Any]]:
    """A text as plain values to be kept: itself, or its template with its parts."""
    if not isinstance(text, English):
        return text
    return text.template, {k: taken_apart(v) if isinstance(v, str) else v for k, v in text.parts.items()}


def put_together(kept: Any) -> str:
    """The text that was taken apart, of whoever wrote it.

    Raises
    ------
    ValueError
        Where it is none.
    """
    if isinstance(kept, str):
        return kept
    try:
        template, parts = kept
        for _, place, spec, turned in Formatter().parse(template):
            if turned or not SPEC.fullmatch(spec or "") or not (place is None or place.isidentifier()):
                raise ValueError(template)
        there = {str(k): v if isinstance(v, int | float) else put_together(v) for k, v in parts.items()}
        return english(template, **there)
    except (TypeError, KeyError, IndexError, AttributeError, RecursionError, OverflowError):
        raise ValueError("no text") from None


def plain(text: object) -> str:
    """A text without its parts, for encoders that take plain texts alone."""
    if isinstance(text, English):
        return str(text)
    raise TypeError(f"{type(text).__name__} is no text")


def written(number: float, spec: str) -> English:
    """A number with a true minus; the window exchanges its marks for those of its language."""
    text = f"{number:{spec}}"
    minus, absolute = ("−", abs(number)) if text.startswith("-") else ("", number)
    return english(f"{minus}{{number:{spec}}}", number=absolute)


def in_english(template: str, parts: Mapping[str, object]) -> str:
    """A template filled; a text without parts stays as it is."""
    return chosen(template, parts.get("n")).format(**parts) if parts else template


def chosen(template: str, n: object) -> str:
    """A template with the forms that go with the number: the first for 1, the second for all others."""
    return FORMS.sub(lambda form: form[1] if n == 1 else form[2], template)
