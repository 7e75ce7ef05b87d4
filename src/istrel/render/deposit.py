"""A study as an archive takes it: a Data Package with data, codebooks, exhibits, their numbers and a README; no Istrel is needed to
read it. Small counts that an exhibit hides stay hidden, and what is marked as personal is in none of its files.
"""

from __future__ import annotations

import csv
import io
import zipfile
from collections.abc import Iterator
from dataclasses import dataclass, replace
from hashlib import sha256
from pathlib import Path, PurePosixPath
from typing import Any, Literal

import numpy as np

from istrel.counting import counted
from istrel.data.codebook import Codebook, MissingCode
from istrel.data.column import Column, Kind, show_date, show_value
from istrel.data.dataset import Dataset
from istrel.english import english
from istrel.exhibits.printing import plain_text
from istrel.files import as_json, harmless, write_whole
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, Item
from istrel.study.codebooks.csv_on_the_web import write_metadata
from istrel.study.codebooks.ddi import write_ddi
from istrel.study.codebooks.field_metadata import arrow_table
from istrel.study.codebooks.own import write_codebook
from istrel.study.codebooks.table_schema import PROFILE, name_in_package, resource_of
from istrel.study.discreet import personal_in
from istrel.study.manuscript import Entry, compose
from istrel.study.rows import in_words
from istrel.study.study import Study, StudySource
from istrel.style.house import HouseStyle
from istrel.version import VERSION

Form = Literal["csv", "parquet", "none"]
OF_TABLES, OF_FIGURES = ("csv", "html", "json"), ("svg", "png", "json")
MEDIA = {
    "csv": "text/csv",
    "parquet": "application/vnd.apache.parquet",
    "html": "text/html",
    "json": "application/json",
    "svg": "image/svg+xml",
    "png": "image/png",
    "xml": "application/xml",
    "md": "text/markdown",
}
STAMP = (1980, 1, 1, 0, 0, 0)  # of every file in an archive: the same study gives the same bytes


@dataclass(frozen=True)
class Given:
    """A source as it is given away: its name in the package, its data (nothing of persons), and what was left out."""

    stem: str
    data: Dataset
    left_out: tuple[str, ...]
    aside: tuple[str, ...]


def deposit(study: Study, style: HouseStyle, form: Form | None = None) -> dict[str, bytes]:
    """{path in the package: content}.

    Parameters
    ----------
    form
        How the data are written; "none" leaves them out. Unless it is said, they are left out where an exhibit hides small
        counts: data row by row would tell them.
    """
    composed = compose(study, style)
    names_persons = {entry.label for entry in composed if _personal(entry, study)}
    entries = tuple(entry for entry in composed if entry.label not in names_persons)
    hides = any(entry.kept.request.settings["hide_below"] is not None for entry in entries)
    form = form or ("none" if hides else "csv")
    given = [_given(source, study) for source in study.sources]
    files: dict[str, bytes] = {}
    resources: list[dict[str, Any]] = []
    for one in given:
        files |= _codebooks(one, form)
        if form != "none":
            path = f"data/{one.stem}.{form}"
            files[path] = _csv(one.data) if form == "csv" else _parquet(one.data)
            resources.append({**resource_of(one.data, path), **_known(path, files[path])})
    for entry in entries:
        made = _exhibit(entry, style)
        files |= made
        resources += [
            {"name": name_in_package(path), "path": path, "title": entry.label, **_known(path, made[path])}
            for path in made
        ]
    files["README.md"] = _readme(given, entries, sorted(names_persons), style, form, hides=hides).encode()
    content = {
        "$schema": PROFILE,
        "name": name_in_package(study.source.name),
        "title": _title(study),
        "resources": resources,
    }
    content["sources"] = [{"title": source.name} for source in study.sources]
    if resources:
        files["datapackage.json"] = as_json(content, indent=2)
    return dict(sorted(files.items()))


def write_deposit(files: dict[str, bytes], place: Path, sources: tuple[str, ...]) -> None:
    """Write a package as a folder, or as an archive where the place ends in .zip.

    Raises
    ------
    Problem
        Where the place holds something else, or cannot be written to.
    """
    if place.suffix.lower() == ".zip":
        write_whole(place, _zipped(files), sources=sources)
        return
    if place.is_file():
        raise Problem(english("{place}: this is a file; name a folder, or a file that ends in .zip.", place=place))
    if place.is_dir() and any(place.iterdir()):
        raise Problem(
            english(
                "{place}: this folder is not empty; name a new one, so that nothing in it is lost or given away.",
                place=place,
            )
        )
    for path, content in files.items():
        target = place / path
        try:
            target.parent.mkdir(parents=True, exist_ok=True)
        except OSError as error:
            raise Problem(
                english(
                    "{parent}: cannot be made ({why}).",
                    parent=target.parent,
                    why=(error.strerror or "no access").lower(),
                )
            ) from None
        write_whole(target, content, sources=sources)


def _zipped(files: dict[str, bytes]) -> bytes:
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        for path, content in files.items():
            archive.writestr(zipfile.ZipInfo(path, STAMP), content, zipfile.ZIP_DEFLATED)
    return out.getvalue()


def _title(study: Study) -> str:
    return f"Data and results: {', '.join(source.name for source in study.sources)}"


def _known(path: str, content: bytes) -> dict[str, Any]:
    """How a file is known again."""
    ending = PurePosixPath(path).suffix[1:]
    return {
        "format": ending,
        "mediatype": MEDIA[ending],
        "bytes": len(content),
        "hash": f"sha256:{sha256(content).hexdigest()}",
    }


# Data.
def _given(source: StudySource, study: Study) -> Given:
    """A source without what is personal, and without the cases that were set aside; texts among numbers are missing codes."""
    data, book = source.data, source.codebook
    kept = [line for line in book.variables if not line.personal and line.name in data.table]
    rows = data.kept
    columns = tuple(
        replace(column, values=column.values[rows], valid=column.valid[rows], unread=_unread_in(column.unread, rows))
        for column in (data.table.column(line.name) for line in kept)
    )
    lines = []
    for line, column in zip(kept, columns, strict=True):
        texts = dict.fromkeys(column.unread.texts)
        codes = (
            *line.missing_codes,
            *(MissingCode(text, "text") for text in texts if text not in {c.value for c in line.missing_codes}),
        )
        lines.append(replace(line, formula=None, missing_codes=codes))
    gone = {line.name for line in book.variables} - {line.name for line in lines}
    stem = name_in_package(PurePosixPath(source.name).stem)
    place = [other.id for other in study.sources if name_in_package(PurePosixPath(other.name).stem) == stem].index(
        source.id
    )
    asides = tuple(f"{counted(len(aside.rows), 'row')}: {aside.reason}" for aside in source.asides)
    table = replace(
        data.table,
        columns=columns,
        source=replace(data.table.source, name=f"{stem}.csv", decided=type(data.table.source.decided)()),
    )
    return Given(
        f"{stem}-{place + 1}" if place else stem,
        Dataset(table, Codebook(tuple(lines), book.rows.without(gone))),
        tuple(line.name for line in book.variables if line.personal),
        asides,
    )


def _unread_in(unread: Any, rows: Any) -> Any:
    """The texts among numbers of the rows that are left, by their new places."""
    places = np.cumsum(rows) - 1
    left = rows[unread.rows]
    texts = tuple(text for text, stays in zip(unread.texts, left, strict=True) if stays)
    return replace(unread, rows=places[unread.rows[left]], texts=texts)


def _csv(data: Dataset) -> bytes:
    """Comma, full stop, ISO dates, UTF-8."""
    out = io.StringIO()
    writer = csv.writer(out, lineterminator="\n")
    writer.writerow(harmless(name) for name in data.table.names)
    writer.writerows(zip(*map(_cells, data.table.columns), strict=True))
    return out.getvalue().encode()


def _cells(column: Column) -> list[str]:
    """The cells of a column; each value is written once, whatever its rows."""
    if column.kind is Kind.TEXT:
        places, written = column.values, [harmless(word) for word in column.words]
    else:
        distinct, places = np.unique(column.values, return_inverse=True)
        written = [show_date(v) if column.kind is Kind.DATE else show_value(float(v)) for v in distinct]
    cells = np.array([*written, ""], object)[np.where(column.valid, places, len(written))]
    cells[column.unread.rows] = [harmless(text) for text in column.unread.texts]
    made: list[str] = cells.tolist()
    return made


def _parquet(data: Dataset) -> bytes:
    import pyarrow.parquet as pq

    out = io.BytesIO()
    pq.write_table(arrow_table(data, data.table.names), out)
    return out.getvalue()


def _codebooks(one: Given, form: Form) -> dict[str, bytes]:
    file = f"{one.stem}.{'csv' if form == 'none' else form}"
    found = {
        f"codebook/{one.stem}.csv": write_codebook(one.data.codebook).encode(),
        f"codebook/{one.stem}.xml": write_ddi(one.data, file),
    }
    if form == "csv":
        found[f"data/{one.stem}.csv-metadata.json"] = write_metadata(one.data, file).encode()
    return found


# Exhibits.
def _personal(entry: Entry, study: Study) -> bool:
    """Whether an exhibit shows what tells who a person is."""
    source = study.source_of(entry.kept.source)
    return bool(personal_in(entry.kept.request, source.standing, source.data))


def _exhibit(entry: Entry, style: HouseStyle) -> dict[str, bytes]:
    if entry.exhibit is None:
        return {}
    item = Item(entry.exhibit, entry.number, with_text=True, with_methods=True, id=entry.kept.id)
    stem = f"exhibits/{name_in_package(entry.label)}"
    endings = OF_FIGURES if entry.kept.is_figure else OF_TABLES
    return {f"{stem}.{ending}": render(Document((item,), style), ending) for ending in endings}


def _readme(
    given: list[Given], entries: tuple[Entry, ...], kept_back: list[str], style: HouseStyle, form: Form, *, hides: bool
) -> str:
    return "\n".join([*_about(given, form, hides=hides), *_results(entries, kept_back, style), *_how(form)]) + "\n"


def _about(given: list[Given], form: Form, *, hides: bool) -> Iterator[str]:
    yield from ("# Data and results", "")
    if form == "none":
        why = " Exhibits hide small counts, which data row by row would tell." if hides else ""
        yield from (f"The data themselves are not in this package.{why}", "")
    elif hides:
        yield from ("Exhibits hide small counts; the data in this package tell them all the same.", "")
    for one in given:
        size = f"{counted(one.data.n_rows, 'row')}, {counted(len(one.data.table.names), 'variable')}"
        yield f"- `{one.stem}`: {size}. {in_words(one.data.codebook)}".rstrip()
        if one.aside:
            yield f"  Set aside, and not in the data: {'; '.join(one.aside)}."
        if one.left_out:
            yield f"  Left out, because they tell who a person is: {counted(len(one.left_out), 'variable')}."
    yield ""


def _results(entries: tuple[Entry, ...], kept_back: list[str], style: HouseStyle) -> Iterator[str]:
    if entries or kept_back:
        yield from ("## Exhibits", "")
    if kept_back:
        yield f"- Left out, because they show what tells who a person is: {', '.join(kept_back)}."
    for entry in entries:
        if entry.exhibit is None:
            yield f"- {entry.label}: cannot be made now ({entry.trouble})"
            continue
        title = plain_text(entry.exhibit.sheet.title, style)
        label = entry.label.rstrip(" .:")
        yield f"- `exhibits/{name_in_package(label)}`: {label}. {title} (`{entry.kept.sentence}`)".replace("\n", " ")
    yield ""


def _how(form: Form) -> Iterator[str]:
    yield from ("## What is where", "")
    if form == "csv":
        yield "- `data/`: UTF-8, comma, decimal point, dates as year-month-day; beside each file its metadata (CSV on the Web)."
    elif form == "parquet":
        yield "- `data/`: Parquet; labels and units are with the fields, the whole codebook as a Table Schema with the file."
    yield "- `codebook/`: every variable with its label, level, unit, values and missing codes, as CSV and as DDI-Codebook 2.5."
    yield "- `exhibits/`: tables and figures; `.json` holds every number in full precision, notes, methods and results in words."
    yield "- `datapackage.json`: what each file is, with its checksum (Data Package 2.0)."
    yield from ("", f"Made with Istrel {VERSION}.")
