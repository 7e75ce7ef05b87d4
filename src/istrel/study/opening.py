"""From a path to data that can be described: reading, the guessed codebook, and a codebook file laid over it."""

from __future__ import annotations

import tempfile
from dataclasses import dataclass, field, replace
from pathlib import Path

from istrel import demo
from istrel.data.codebook import Codebook, MissingCode
from istrel.data.dataset import Dataset
from istrel.data.guess import guess_codebook
from istrel.data.reading import ReadingSettings, read
from istrel.data.reading.descriptors import describes
from istrel.data.reading.watch import Watch
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.data.table import Source, Table
from istrel.english import english, with_part
from istrel.problem import Problem, nearest
from istrel.study.codebooks.by_hand import text_of
from istrel.study.codebooks.packages import beside
from istrel.study.codebooks.reading import match_codebook, read_codebook
from istrel.study.recipes import Pasted, Read
from istrel.study.rows import with_rows
from istrel.study.study import StudySource


@dataclass(frozen=True)
class Opening:
    """How a source is opened: reading settings, a codebook file, missing codes for all variables, and what a row is."""

    reading: ReadingSettings = field(default_factory=ReadingSettings)
    codebook: str = ""
    missing: tuple[MissingCode, ...] = ()
    rows: Rows = EACH_ITS_OWN


def open_data(path: str | Path, opening: Opening | None = None) -> Dataset:
    """The data in a file with their codebook and everything that it derives.

    Raises
    ------
    Problem
        As `open_source`, or where a derived variable cannot be made.
    """
    return open_source(path, opening).data


def open_source(path: str | Path, opening: Opening | None = None, watch: Watch | None = None) -> StudySource:
    """A file as a source of a study.

    The demo file brings its own codebook; any other file gets a guessed one.

    Raises
    ------
    Problem
        When the file or the codebook cannot be read, naming file and line.
    """
    opening, path = opening or Opening(), Path(path)
    described, reading = "", opening.reading
    if describes(path.name) and path.is_file():
        path, reading, described = beside(path, opening.reading)
    table = read(path, reading, watch)
    if described:
        table = replace(table, source=replace(table.source, described=described))
    codebook = guess_codebook(table)
    if path.resolve() == demo.LEARNERS.resolve():
        codebook = read_codebook(demo.CODEBOOK.read_text(encoding="utf-8"), demo.CODEBOOK.name, codebook)
    table, codebook = with_described(table, codebook)
    if opening.codebook:
        table, codebook = _laid_over(table, codebook, Path(opening.codebook))
    if opening.missing:
        codebook = codebook.with_missing(opening.missing)
    said = codebook.rows
    if opening.rows.said:  # what is said of weights leaves the person that was guessed
        said = opening.rows if opening.rows.counted else replace(said, **opening.rows.said, guessed=False)
    if said.said and not said.guessed:
        codebook = with_rows(codebook, said, table)
    return StudySource(table, codebook, recipe=Read(str(path.resolve()), reading))


def paste_source(text: str) -> StudySource:
    """Cells that were copied elsewhere as a source; read through a file of its own, so that cells are read as files are.

    Raises
    ------
    Problem
        Where they make no table.
    """
    with tempfile.NamedTemporaryFile("w", suffix=".txt", encoding="utf-8", delete=False) as file:
        file.write(text)
    try:
        table = read(file.name, ReadingSettings(encoding="utf-8"))
    except Problem as problem:
        raise Problem(with_part(problem.message, "file", english("the pasted cells"))) from None
    finally:
        Path(file.name).unlink()
    source = Source("pasted cells", reading=table.source.reading, remarks=table.source.remarks)
    return StudySource(Table(table.columns, source), guess_codebook(table), recipe=Pasted(text))


def _laid_over(table: Table, codebook: Codebook, path: Path) -> tuple[Table, Codebook]:
    """(the table, which says what did not match; the codebook with a file laid over it)."""
    matched = match_codebook(text_of(path), path.name, codebook, table)
    if not matched.matched:
        raise Problem(
            english(
                "{file}: no variable of it is in these data; it names {names}.",
                file=path.name,
                names=", ".join(matched.unknown[:6]),
            )
        )
    lost = [f"“{name}”{nearest(name, table.names)}" for name in matched.unknown]
    said = [f"Not in these data, but in {path.name}: {', '.join(lost)}"] if lost else []
    remarks = tuple(said) + tuple(f"{path.name}: {line}" for line in matched.unfit)
    return _with_remarks(table, remarks), matched.codebook


def with_described(table: Table, codebook: Codebook) -> tuple[Table, Codebook]:
    """With what a file says of its own columns; where that cannot be read, the data still are."""
    if not table.source.described:
        return table, codebook
    try:
        matched = match_codebook(table.source.described, table.source.name, codebook, table)
    except Problem as problem:
        return _with_remarks(
            table, (english("What is said of its columns was left out: {problem}", problem=problem.message),)
        ), codebook
    return table, matched.codebook


def _with_remarks(table: Table, remarks: tuple[str, ...]) -> Table:
    source = table.source
    return replace(table, source=replace(source, remarks=(*source.remarks, *remarks)))


def reread(old: StudySource, new: StudySource) -> StudySource:
    """The new reading of a source, with what was said about the old one laid over every variable of the same name and kind."""
    codebook = new.codebook
    for line in old.codebook.variables:
        if line.name in new.raw and line.name in old.raw:
            if new.raw.column(line.name).kind is old.raw.column(line.name).kind:
                codebook = codebook.with_variable(line)
        elif line.formula is not None and line.name not in codebook:
            codebook = codebook.adding(line)
    gone = {name for name in old.codebook.rows.said.values() if name not in codebook}
    codebook = replace(codebook, rows=old.codebook.rows.without(gone))
    kept = tuple(correction for correction in old.corrections if correction.variable in new.raw)
    asides = old.asides if new.raw.n_rows == old.raw.n_rows else ()
    return StudySource(new.raw, codebook, kept, asides, old.standing, old.id, new.recipe)
