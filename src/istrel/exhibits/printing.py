"""Text and tables as a house style prints them: the one home of formatting. Every output and the screen read these letters."""

from __future__ import annotations

import re
from dataclasses import dataclass, replace

from istrel.exhibits.setting import Sheet
from istrel.exhibits.table import Note, Row, TableSheet
from istrel.exhibits.text import Bound, Cell, Hidden, Phrase, Run, Text, claim_of, say
from istrel.stats.estimates import Undefined
from istrel.stats.quantiles import CaseValue
from istrel.style.house import HouseStyle
from istrel.style.numbers import ABSENT, Kind, format_number
from istrel.style.titles import title_case

Runs = tuple[Run, ...]
PIECE = re.compile(r"\*(?P<italic>[^*]+)\*|\{(?P<slot>\w+)\}")
SLOT = re.compile(r"\{(\w+)\}")
BESIDE_RELATION = re.compile(r" (?=[=<>≤≥] )|(?<= [=<>≤≥]) ")
WITHHELD = "–"
UNPRINTABLE = re.compile(
    r"[\x00-\x08\x0b-\x1f\x7f-\x9f\u2028\u2029\ud800-\udfff\ufffe\uffff]"
)  # no format of text holds these
FIRST_WORD = re.compile(r"\s*([a-zß-öø-ÿ]{2,})(?![\w\-–])")


@dataclass(frozen=True)
class PrintedHead:
    """A column head in print, with how many columns it spans."""

    text: Runs
    span: int = 1


@dataclass(frozen=True)
class PrintedRow:
    """One line of the body: stub, indent in steps, and a string per column (none for a heading row)."""

    stub: Runs
    indent: int
    cells: tuple[str, ...]


@dataclass(frozen=True)
class PrintedTable:
    """All letters of a table.

    Attributes
    ----------
    label, title
        "Table 3" and the title in the style's case; the label is empty for a table without a number.
    notes
        One text per paragraph, in the order general, specific, probability; the first begins with the word for "note".
    """

    label: str
    title: str
    heads: tuple[tuple[PrintedHead, ...], ...]
    rows: tuple[PrintedRow, ...]
    notes: tuple[Runs, ...]

    @property
    def n_columns(self) -> int:
        return sum(head.span for head in self.heads[-1])


def print_text(text: Text, style: HouseStyle) -> Runs:
    """Text as runs of letters: numbers formatted, phrases in the style's language; neighbours of one slant are joined."""
    runs: list[Run] = []
    for piece in text:
        if isinstance(piece, Run):
            runs.append(_on_paper(piece))
        elif isinstance(piece, Cell):
            runs.append(Run(print_cell(piece, style), verbatim=True))
        elif isinstance(piece, Bound):
            runs.append(Run(print_cell(piece.cell, style), verbatim=True, mark=piece.mark))
        else:
            runs += _phrase(piece, style)
    return _joined(runs)


def _on_paper(run: Run) -> Run:
    """A run as paper can hold it."""
    text = printable(run.text)
    return run if text is run.text else replace(run, text=text)


def printable(text: str) -> str:
    """Without control characters and halves of letters, which data may hold and paper cannot."""
    return UNPRINTABLE.sub("", text)


def _phrase(phrase: Phrase, style: HouseStyle) -> list[Run]:
    parts = dict(phrase.parts)
    if any(plain_text(parts[a], style) == plain_text(parts[b], style) for a, b in phrase.differ):
        instead = list(print_text(phrase.otherwise, style))
        return _capital(instead) if phrase.opens else instead
    if phrase.shares and all(_adds_up(shares, style) for shares in phrase.shares):
        return []
    template = style.words[phrase.id]
    runs: list[Run] = []
    place = 0
    for found in PIECE.finditer(template):
        runs.append(Run(template[place : found.start()]))
        place = found.end()
        if found["slot"]:
            runs += print_text(parts[found["slot"]], style)
        else:
            runs += _italic(found["italic"], parts, style)
    runs.append(Run(template[place:]))
    claim = claim_of(phrase)
    made = [part for run in runs for part in _broken(run if run.claim or not claim else replace(run, claim=claim))]
    return _capital(made) if phrase.opens else made


def _capital(runs: list[Run]) -> list[Run]:
    """The runs of a sentence: a first word of small letters alone begins with a capital; "pH" and "item_3" stay as they are."""
    for place, run in enumerate(runs):
        found = FIRST_WORD.match(run.text)
        if found is not None and not run.italic:
            letters = run.text[: found.start(1)] + found[1][0].upper() + run.text[found.start(1) + 1 :]
            return [*runs[:place], replace(run, text=letters), *runs[place + 1 :]]
        if run.text.strip():
            break
    return runs


def _broken(run: Run) -> list[Run]:
    """A run cut at its line breaks, each break a run of its own."""
    if "\n" not in run.text:
        return [run] if run.text else []
    parts = re.split("(\n)", run.text)
    return [replace(run, text=part) for part in parts if part]


def _adds_up(shares: tuple[float, ...], style: HouseStyle) -> bool:
    """Whether percentages add to 100 as they print."""
    decimals = style.numbers.percent_decimals
    return abs(sum(round(share, decimals) for share in shares) - 100) < 0.5 * 10.0**-decimals


def _italic(template: str, parts: dict[str, Text], style: HouseStyle) -> list[Run]:
    """Letters between asterisks, which may hold a slot."""
    text = SLOT.sub(lambda found: as_plain(print_text(parts[found[1]], style)), template)
    return [Run(text, italic=True)]


def _joined(runs: list[Run]) -> Runs:
    made: list[Run] = []
    for run in runs:
        if made and made[-1].is_like(run) and not run.mark and "\n" not in (made[-1].text, run.text):
            made[-1] = replace(made[-1], text=made[-1].text + run.text)
        elif run.text:
            made.append(run)
    return tuple(made)


def kept_together(runs: Runs) -> Runs:
    """The runs of a paragraph with no line end between a symbol and its number ("p = .05"); bound numbers stay as they are."""
    letters = BESIDE_RELATION.sub("\N{NO-BREAK SPACE}", "".join(run.text for run in runs))
    made, at = [], 0
    for run in runs:
        end = at + len(run.text)
        made.append(run if run.mark else replace(run, text=letters[at:end]))
        at = end
    return tuple(made)


def as_plain(runs: Runs) -> str:
    """The letters alone, on one line."""
    return "".join(run.text for run in runs).replace("\n", " ")


def plain_text(text: Text, style: HouseStyle) -> str:
    """Text as a style prints it, without slant, on one line."""
    return as_plain(print_text(text, style))


def lines_of(runs: Runs) -> tuple[Runs, ...]:
    """The lines of a head; a run holds a line break as its only character."""
    lines: list[Runs] = [()]
    for run in runs:
        if run.text == "\n":
            lines.append(())
        else:
            lines[-1] = (*lines[-1], run)
    return tuple(lines)


def print_cell(cell: Cell, style: HouseStyle) -> str:
    """The letters of one value; an em dash where there is none, an en dash where it is hidden."""
    value = cell.value
    if value is None:
        return ""
    if isinstance(value, str):
        return printable(value)
    if isinstance(value, Undefined):
        return ABSENT
    if isinstance(value, Hidden):
        return WITHHELD
    if isinstance(value, tuple):
        return "; ".join(_listed(part, cell, style) for part in value) or ABSENT
    return _number(value, cell, style)


def _number(value: float, cell: Cell, style: HouseStyle) -> str:
    decimals = cell.decimals
    if decimals is None and cell.precision is not None:
        decimals = cell.precision.decimals(style.numbers.measure_decimals)
    return format_number(value, cell.kind, style, decimals)


def _listed(part: float | CaseValue, cell: Cell, style: HouseStyle) -> str:
    if isinstance(part, CaseValue):
        said = f"{_number(part.value, cell, style)} ({format_number(part.row, Kind.COUNT, style)})"
        return said if part.times == 1 else f"{said} × {format_number(part.times, Kind.COUNT, style)}"
    return _number(part, cell, style)


def print_value(text: Text, style: HouseStyle) -> str:
    """What a table's cell prints; a dash for all of it where its first number has no value."""
    first = next((piece for piece in _pieces(text) if isinstance(piece, Cell)), None)
    if first is not None and isinstance(first.value, Undefined):
        return ABSENT
    if first is not None and isinstance(first.value, Hidden):
        return WITHHELD
    return as_plain(print_text(text, style))


def _pieces(text: Text) -> list[Run | Cell | Bound]:
    made: list[Run | Cell | Bound] = []
    for piece in text:
        if isinstance(piece, Phrase):
            for _, part in piece.parts:
                made += _pieces(part)
        else:
            made.append(piece)
    return made


def print_table(sheet: TableSheet, style: HouseStyle, number: str = "") -> PrintedTable:
    """The letters of a table in a house style."""
    return PrintedTable(
        label=style.label_of(number, is_figure=False) if number else "",
        title=print_title(sheet, style),
        heads=tuple(tuple(PrintedHead(print_text(h.text, style), h.span) for h in heads) for heads in sheet.heads),
        rows=tuple(_row(row, style) for row in sheet.rows),
        notes=print_notes(sheet.notes, style),
    )


def _row(row: Row, style: HouseStyle) -> PrintedRow:
    return PrintedRow(print_text(row.stub, style), row.indent, tuple(print_value(text, style) for text in row.cells))


def print_title(sheet: Sheet, style: HouseStyle) -> str:
    """The title in the style's case; names and values stay as they are."""
    runs = print_text(sheet.title, style)
    if not style.table.title_case or style.language != "en":  # no other language writes titles so
        return as_plain(runs)
    return "".join(r.text if r.verbatim else title_case(r.text, first=place == 0) for place, r in enumerate(runs))


def print_notes(notes: tuple[Note, ...], style: HouseStyle) -> tuple[Runs, ...]:
    """Paragraphs of notes; all general notes run on in one."""
    opening = Run(style.table.note, italic=True)
    general_ = [note.text for note in notes if note.kind == "general"]
    paragraphs: list[Runs] = []
    if general_:
        runs: list[Run] = [opening]
        for letters in filter(None, (print_text(text, style) for text in general_)):
            runs += [Run(" "), *letters]
        paragraphs.append(_joined(runs))
    for kind in ("specific", "probability", "edited"):
        paragraphs += [print_text(note.text, style) for note in notes if note.kind == kind]
    return tuple(paragraphs)


def head_rows(table: PrintedTable) -> list[list[str]]:
    """Heads as plain text, one entry per column; a spanner stands over each of its columns."""
    return [[as_plain(head.text) for head in row for _ in range(head.span)] for row in table.heads]


def body_rows(table: PrintedTable) -> list[list[str]]:
    """The body as plain text: stub and cells, padded to the table's width."""
    width = table.n_columns
    return [[as_plain(row.stub), *row.cells, *[""] * (width - 1 - len(row.cells))] for row in table.rows]


def label_in(words: str, style: HouseStyle) -> str:
    """One phrase of our own in the style's language."""
    return plain_text(say(words), style)
