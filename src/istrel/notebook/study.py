"""A study in Python: the same value, changes and sentences as in the window and on the command line."""

from __future__ import annotations

from collections.abc import Mapping
from dataclasses import replace
from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.data.codebook import MissingCode, ValueLabel, parse_missing
from istrel.data.levels import level_named
from istrel.data.reading import ReadingSettings
from istrel.data.rows import Rows
from istrel.notebook.exhibit import Exhibit
from istrel.notebook.look import FirstLook
from istrel.notebook.memory import NAME, Data, source_of
from istrel.problem import Problem, nearest
from istrel.sentence import parse_condition, request_of
from istrel.study.changes import Change
from istrel.study.changes.cases import SetCondition
from istrel.study.changes.codebook import (
    LayOver,
    MarkPersonal,
    SetDecimals,
    SetLevel,
    SetMissing,
    SetText,
    SetValueLabels,
)
from istrel.study.changes.manuscript import Keep
from istrel.study.changes.sources import UseSource
from istrel.study.codebooks.by_hand import text_of
from istrel.study.codebooks.reading import match_codebook
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.manuscript import numbers_of
from istrel.study.opening import Opening, open_source
from istrel.study.parts import Kept
from istrel.study.places import is_study
from istrel.study.remake import exhibit_of, made
from istrel.study.rows import with_rows
from istrel.study.study import Study as Whole
from istrel.style.house import load_style, style_from

if TYPE_CHECKING:
    import pyarrow as pa

Stored = float | str


def read(
    source: str | Path | Data,
    *,
    name: str = NAME,
    codebook: str | Path = "",
    missing: str = "",
    delimiter: str | None = None,
    decimal: str | None = None,
    encoding: str | None = None,
    header_row: int | None = None,
    sheet: str | None = None,
    dates: str | None = None,
    person: str = "",
    occasion: str = "",
    counted: str = "",
    weighted: str = "",
    strata: str = "",
    clusters: str = "",
) -> Study:
    """Data as a study.

    Parameters
    ----------
    source
        The path of a data file or of a study (.istrel); a data frame or table that speaks Arrow; a dict of columns; a list of
        records.
    name
        What data in memory are called.
    codebook, missing, delimiter, decimal, encoding, header_row, sheet, dates
        As the options of the command line: how the file is read, and what is said of its variables.
    person, occasion, counted, weighted, strata, clusters
        The variables that say what a row is.

    Raises
    ------
    Problem
        One plain line: what cannot be read, where, and what to do.
    """
    rows = Rows(person, occasion, counted, weighted, strata, clusters)
    reading = ReadingSettings(delimiter, decimal, encoding, header_row, sheet, dates)
    if isinstance(source, str | Path):
        path = Path(source)
        if is_study(path):
            if reading != ReadingSettings() or rows.said or codebook or missing:
                raise Problem("a study holds its own data and codebook; nothing is said of how it is read.")
            with StudyFile(path, writing=False) as file:
                return Study(file.history, path)
        return Study(
            History(Whole((open_source(path, Opening(reading, str(codebook), parse_missing(missing), rows)),)))
        )
    found = source_of(source, name)
    book = found.codebook.with_missing(parse_missing(missing)) if missing else found.codebook
    if codebook:
        book = match_codebook(text_of(Path(codebook)), Path(codebook).name, book, found.raw).codebook
    if rows.said:
        book = with_rows(book, rows, found.raw)
    return Study(History(Whole((replace(found, codebook=book),))))


class Study:
    """Data with their codebook, and exhibits that are kept."""

    def __init__(self, history: History, path: Path | None = None) -> None:
        self._history = history
        self._path = path

    @property
    def _study(self) -> Whole:
        return self._history.study

    @property
    def names(self) -> tuple[str, ...]:
        """The variables, derived ones at the end."""
        return self._study.codebook.names

    def make(self, sentence: str, *, style: str | Path = "") -> Exhibit:
        """The table or figure that a sentence means.

        Parameters
        ----------
        style
            A house style's name or file; that of the study unless it is said.

        Raises
        ------
        Problem
            Where the sentence cannot be understood or met; `at` and `length` say where in it, `instead` what would be right.
        """
        source = self._study.source
        house = load_style(str(style)) if style else style_from(self._study.style)
        return Exhibit(exhibit_of(request_of(sentence, source.data.codebook), source), house, self._study.files)

    def look(self) -> FirstLook:
        """What the data hold, and what looks wrong with them."""
        return FirstLook(self._study.data, self._study.files)

    def say(
        self,
        variable: str,
        *,
        label: str | None = None,
        unit: str | None = None,
        level: str | None = None,
        decimals: int | None = None,
        values: Mapping[Stored, str] | None = None,
        missing: Mapping[Stored, str] | str | None = None,
        personal: bool | None = None,
    ) -> Study:
        """Say what a variable is: its label and unit, its level of measurement, what its values are called and in which order
        they print, which of them mean “no answer” (with their reasons), and whether it tells who a person is.

        Raises
        ------
        Problem
            For a variable or level that there is not.
        """
        self._study.codebook[variable]  # told where there is none
        changes: list[Change] = []
        if label is not None:
            changes.append(SetText(variable, "label", label))
        if unit is not None:
            changes.append(SetText(variable, "unit", unit))
        if level is not None:
            changes.append(SetLevel(variable, level_named(level)))
        if decimals is not None:
            changes.append(SetDecimals(variable, decimals))
        if values is not None:
            changes.append(SetValueLabels(variable, tuple(ValueLabel(_stored(v), text) for v, text in values.items())))
        if missing is not None:
            codes = parse_missing(missing) if isinstance(missing, str) else _codes(missing)
            changes.append(SetMissing(variable, codes))
        if personal is not None:
            changes.append(MarkPersonal((variable,), personal=personal))
        return self._do(*changes)

    def lay_over(self, codebook: str | Path) -> Study:
        """Lay a codebook file over the variables: CSV, a workbook, a Data Package, CSV on the Web, or DDI.

        Raises
        ------
        Problem
            Where it cannot be read, naming file and line.
        """
        path, study = Path(codebook), self._study
        matched = match_codebook(text_of(path), path.name, study.codebook, study.source.raw)
        return self._do(LayOver(matched.codebook, path.name))

    def only(self, condition: str) -> Study:
        """Let a condition hold for every exhibit: `only("age >= 18")`; an empty one takes all cases again.

        Raises
        ------
        Problem
            Where the condition cannot be understood.
        """
        return self._do(SetCondition(parse_condition(condition) if condition.strip() else None))

    def keep(self, *sentences: str) -> Study:
        """Keep exhibits in the manuscript of the study; their numbers count as accepted.

        Raises
        ------
        Problem
            As `make`.
        """
        for sentence in sentences:
            source = self._study.source
            exhibit = exhibit_of(request_of(sentence, source.data.codebook), source)
            self._do(Keep(Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)))
        return self

    @property
    def kept(self) -> tuple[Exhibit, ...]:
        """The kept exhibits as they are now.

        Raises
        ------
        Problem
            Where one cannot be made any more.
        """
        study = self._study
        style = style_from(study.style)
        return tuple(Exhibit(made(kept, study), style, study.files) for kept in study.kept)

    @property
    def sources(self) -> tuple[str, ...]:
        """The names of the sources; `use` chooses one."""
        return tuple(source.name for source in self._study.sources)

    def use(self, source: str) -> Study:
        """Make the next exhibits from another source of the study.

        Raises
        ------
        Problem
            Where there is none of that name.
        """
        found = next((one for one in self._study.sources if one.name == source), None)
        if found is None:
            raise Problem(f"There is no source “{source}” in the study.{nearest(source, self.sources)}")
        return self._do(UseSource(found.id))

    def save(self, path: str | Path = "") -> None:
        """Write the study (.istrel), or its codebook in the form that the name ends in (.csv, .xml, datapackage.json, …).

        Raises
        ------
        Problem
            Where another file has that name, or it cannot be written to.
        """
        place = Path(path) if path else self._path
        if place is None:
            raise Problem("name the study: its file ends in .istrel.")
        if not is_study(place):
            from istrel.files import write_whole
            from istrel.render.codebook import render_codebook

            write_whole(place, render_codebook(self._study.data, place.name), sources=self._study.files)
            return
        if self._path is not None and place.exists() and place.samefile(self._path):
            with StudyFile(place) as file:
                file.save(self._history)
            return
        if place.exists():
            raise Problem(f"{place}: this study is there already; choose another name.")
        StudyFile.create(place, self._history).close()
        self._path = place

    def arrow(self) -> pa.Table:
        """The data as they stand, corrected, derived variables at the end; labels and units are with the fields."""
        from istrel.study.codebooks.field_metadata import arrow_table

        data = self._study.data
        return arrow_table(data, tuple(name for name in data.codebook.names if name in data.table))

    def __arrow_c_stream__(self, requested_schema: object | None = None) -> object:
        """The table of `arrow`, for every library that speaks it."""
        return self.arrow().__arrow_c_stream__(requested_schema)

    def __repr__(self) -> str:
        book, study = self._study.codebook, self._study
        wide = max((len(name) for name in book.names), default=0)
        lines = [
            f"{v.name:<{wide}}  {v.level.value:<10}  {v.title_with_unit if v.label or v.unit else ''}".rstrip()
            for v in book.variables
        ]
        return "\n".join([f"{study.source.name}: {study.n_used:,} cases, {len(book.names)} variables", *lines])

    def _do(self, *changes: Change) -> Study:
        for change in changes:
            self._history = self._history.do(change)
        return self


def _stored(value: Any) -> Stored:
    return float(value) if isinstance(value, int | float) else str(value)


def _codes(missing: Mapping[Stored, str]) -> tuple[MissingCode, ...]:
    return tuple(MissingCode(_stored(value), reason) for value, reason in missing.items())
