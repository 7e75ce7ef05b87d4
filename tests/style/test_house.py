"""A house style is data: whatever a stranger wrote into one is read as letters, or refused by its key."""

from __future__ import annotations

from collections.abc import Callable

import pytest

from istrel.data.dataset import Dataset
from istrel.exhibits.make import Exhibit
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.style.house import HouseStyle, read_style, style_text

Exhibits = Callable[[str, Dataset], Exhibit]
Maker = Callable[[str], Dataset]

APA = style_text("apa7")
HOSTILE = [
    "</style><script>alert(1)</script>",
    'x"; @import url(file:///etc/passwd); "',
    "Serif}\\\\input{/etc/passwd}",
    "{number.__class__}",
    "{number:>1000000000}",
    "Table {",
    "{0}",
    "a\\u0000b",
    "x" * 5_000,
    "two\\nlines",
]
TEXTS = [
    'document = "Times New Roman"',
    'proof = "Istrel Serif"',
    'decimal_mark = "."',
    'thousands = ","',
    'note = "Note."',
]
LABELS = ['label = "Table {number}"', 'label = "Figure {number}"', 'name = "APA 7"']


@pytest.mark.parametrize("line", TEXTS + LABELS)
@pytest.mark.parametrize("hostile", HOSTILE)
def test_a_style_runs_nothing(line: str, hostile: str, exhibit_of: Exhibits, data_of: Maker) -> None:
    assert line in APA
    text = APA.replace(line, f'{line.partition("=")[0]}= "{hostile.replace(chr(34), chr(92) + chr(34))}"')
    try:
        style = read_style(text, "own.toml")
    except Problem:
        return  # how it is told is tested below
    document = Document(numbered([exhibit_of("describe x", data_of("x\n1\n2\n3\n"))], with_text=True), style)
    page, tex = render(document, "html").decode(), render(document, "tex").decode()
    assert "<script" not in page
    assert "@import" not in page.partition("</style>")[0]
    assert "\\input{" not in tex


@pytest.mark.parametrize(
    ("text", "says"),
    [
        (".".join("a" * 100_000) + " = 1", "more than 200,000 letters|so many parts"),
        (".".join("a" * 900) + " = 1", "so many parts"),
        ("a = " + "[" * 20_000, "nested too deep|no valid TOML"),
        ("[" + ".".join("abcdefghijklmnop") + "]", "so many parts"),
        (APA.replace('mark = "."', "mark = 3"), "numbers.decimal_mark"),
        (APA + '\n[words]\n"note.mean" = "x"', "there is no phrase"),
    ],
)
def test_a_malformed_style_is_refused_in_one_line(text: str, says: str) -> None:
    with pytest.raises(Problem, match=says) as caught:
        read_style(text, "own.toml")
    assert "\n" not in caught.value.message
    assert len(caught.value.message) < 400


def test_the_marks_that_journals_use_are_read() -> None:
    for mark in (".", ",", "·"):
        style: HouseStyle = read_style(
            APA.replace('decimal_mark = "."', f'decimal_mark = "{mark}"').replace('thousands = ","', 'thousands = ""'),
            "own",
        )
        assert style.numbers.decimal_mark == mark
