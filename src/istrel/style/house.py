"""A house style as checked data, read from a TOML file that anyone can copy and edit."""

from __future__ import annotations

import re
from functools import cache
from pathlib import Path
from typing import Annotated, Literal

import msgspec

from istrel.english import english
from istrel.files import read_small
from istrel.problem import Problem, nearest
from istrel.style.phrases import id_of, phrases, phrases_in, slots

FOLDER = Path(__file__).parent / "styles"
SHIPPED = {name: f"{name}.toml" for name in ("apa7", "medical", "thesis")}
Decimals = Annotated[int, msgspec.Meta(ge=0, le=15)]
Points = Annotated[float, msgspec.Meta(ge=5, le=24)]
Millimetres = Annotated[float, msgspec.Meta(ge=20, le=600)]
Colour = Annotated[str, msgspec.Meta(pattern=r"^#[0-9A-Fa-f]{6}\Z")]
# A style is data, also one that a stranger's study carries: each text has an alphabet of its own.
FontName = Annotated[str, msgspec.Meta(pattern=r"^\w[\w .\-]{0,63}\Z")]
Words = Annotated[str, msgspec.Meta(pattern=r"^[^\x00-\x1f\x7f-\x9f\u2028\u2029{}]{0,80}\Z")]
Label = Annotated[
    str,
    msgspec.Meta(
        pattern=r"^[^\x00-\x1f\x7f-\x9f\u2028\u2029{}]{0,40}(\{number\}[^\x00-\x1f\x7f-\x9f\u2028\u2029{}]{0,40})?\Z"
    ),
]
MOST_TEXT, MOST_WORDS, MOST_DOTS = (
    200_000,
    2_000,
    12,
)  # letters of a style and of a phrase; dots of a line outside quotes
IN_QUOTES = re.compile(r'"(?:[^"\\\n]|\\.)*"|\'[^\'\n]*\'|#.*')


class Fonts(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    document: FontName
    proof: FontName
    table_pt: Points
    figure_pt: Points
    text_pt: Points = 12.0


class Numbers(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    decimal_mark: Literal[".", ",", "·"]
    thousands: Literal["", ",", ".", " ", "\u00a0", "\u2009", "\u202f", "’", "'"]
    leading_zero: bool
    measure_decimals: Decimals
    percent_decimals: Decimals
    coefficient_decimals: Decimals
    statistic_decimals: Decimals
    p_decimals: Decimals


PAPER = {"A4": (210.0, 297.0), "letter": (215.9, 279.4)}  # mm


class PageStyle(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    """The paper that documents are made for."""

    size: Literal["A4", "letter"] = "A4"
    margin_mm: Annotated[float, msgspec.Meta(ge=10, le=50)] = 25.0

    @property
    def width_mm(self) -> float:
        return PAPER[self.size][0]

    @property
    def height_mm(self) -> float:
        return PAPER[self.size][1]

    @property
    def turned_mm(self) -> float:
        """The width of the text on a page turned."""
        return self.height_mm - 2 * self.margin_mm


class TableStyle(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    label: Label
    label_bold: bool
    title_italic: bool
    title_case: bool
    note: Words
    width_mm: Millimetres
    rule_pt: Annotated[float, msgspec.Meta(gt=0, le=4)]


class FigureStyle(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    label: Label
    width_mm: Millimetres
    height_mm: Millimetres
    dpi: Annotated[int, msgspec.Meta(ge=72, le=1200)]
    palette: Annotated[tuple[Colour, ...], msgspec.Meta(min_length=1)]
    column_mm: Millimetres = 85.0
    page_mm: Millimetres = 175.0


class HouseStyle(msgspec.Struct, frozen=True, forbid_unknown_fields=True):
    """Everything that a publisher decides about the look and language of tables and figures.

    Attributes
    ----------
    by_chapter
        Whether tables and figures are numbered within each chapter: a heading of the manuscript begins one.
    words
        {the id of a phrase: its words, with the same slots in braces}. What a style does not say, its language says.
    """

    name: Words
    fonts: Fonts
    numbers: Numbers
    table: TableStyle
    figure: FigureStyle
    page: PageStyle = PageStyle()
    language: Annotated[str, msgspec.Meta(pattern=r"^[a-z]{2}\Z")] = "en"
    by_chapter: bool = False
    words: dict[str, str] = {}

    def label_of(self, number: str, *, is_figure: bool) -> str:
        """What a table or figure is called, such as Table 2; its label alone where that has no place for a number."""
        return (self.figure if is_figure else self.table).label.replace("{number}", number)

    @property
    def side_mm(self) -> float:
        """The margin beside the text of an upright page: tables of full width fit between both."""
        return max(15.0, (self.page.width_mm - self.table.width_mm) / 2)

    def __hash__(self) -> int:
        return hash((self.name, self.language))


@cache
def load_style(name: str = "apa7") -> HouseStyle:
    """The shipped style of that name, or the style in a file.

    Raises
    ------
    Problem
        When there is no such style, or the file is malformed: with the line or the key.
    """
    known = SHIPPED.get(name.casefold().replace(" ", ""))
    path = FOLDER / known if known else Path(name)
    if not path.is_file():
        raise Problem(
            english(
                "There is no house style “{name}”.{hint} Shipped: {names}; or name a .toml file.",
                name=name,
                hint=nearest(name, SHIPPED),
                names=", ".join(SHIPPED),
            )
        )
    return read_style(read_small(path, english("the house style")), path.name)


def style_from(said: str) -> HouseStyle:
    """The style of a study: the name of one that ships, or the whole text of another."""
    return load_style(said) if said in SHIPPED else _read_once(said)


@cache
def _read_once(text: str) -> HouseStyle:
    return read_style(text, "the house style of the study")


def style_text(name: str) -> str:
    """The text of a style that ships, to be copied and edited."""
    return (FOLDER / SHIPPED[name]).read_text(encoding="utf-8")


def _own_words(words: dict[str, str], name: str) -> dict[str, str]:
    """The phrases that a style says itself, by their ids.

    Raises
    ------
    Problem
        For a phrase that there is not, and one whose slots are others.
    """
    made = {}
    for said, template in words.items():
        known = id_of(said)
        if not known:
            raise Problem(
                english(
                    "{name}, key words: there is no phrase “{said}”.{hint}",
                    name=name,
                    said=said[:60],
                    hint=nearest(said, phrases()),
                )
            )
        wanted = slots(phrases_in("en")[known])
        if not slots(template) <= wanted:
            there = ", ".join(f"{{{slot}}}" for slot in sorted(wanted)) or "none"
            raise Problem(
                english(
                    "{name}, key words.{said}: its places for numbers and names are {there}.",
                    name=name,
                    said=said[:60],
                    there=there,
                )
            )
        if len(template) > MOST_WORDS or not template.replace("\n", " ").isprintable():
            raise Problem(
                english(
                    "{name}, key words.{said}: at most {most_words:,} letters, without control characters.",
                    name=name,
                    said=said[:60],
                    most_words=MOST_WORDS,
                )
            )
        made[known] = template
    return made


def read_style(text: str, name: str) -> HouseStyle:
    """The style that a text says.

    Raises
    ------
    Problem
        Where it is malformed: with the line or the key.
    """
    if len(text) > MOST_TEXT:
        raise Problem(
            english(
                "{name}: a house style of more than {most_text:,} letters is not read.", name=name, most_text=MOST_TEXT
            )
        )
    for place, said in enumerate(text.splitlines(), 1):
        if IN_QUOTES.sub("", said).count(".") > MOST_DOTS:
            raise Problem(
                english("{name}, line {place}: a house style has no keys of so many parts.", name=name, place=place)
            )
    try:
        style = msgspec.toml.decode(text, type=HouseStyle)
        return msgspec.structs.replace(style, words={**phrases_in(style.language), **_own_words(style.words, name)})
    except msgspec.ValidationError as error:
        what, _, key = str(error).partition(" - at `$.")
        raise Problem(
            english(
                "{name}, key {key}: {why}.",
                name=name,
                key=key.rstrip("`") or "(top)",
                why=what[0].lower() + what[1:],
            )
        ) from None
    except msgspec.DecodeError as error:
        line = re.search(r"line (\d+)", str(error))
        raise Problem(
            english(
                "{name}, line {line}: this is no valid TOML ({error}).",
                name=name,
                line=line.group(1) if line else "?",
                error=error,
            )
        ) from None
    except RecursionError:
        raise Problem(english("{name}: its brackets are nested too deep.", name=name)) from None
