"""Codebooks as CSV on the Web (W3C): the metadata that stand beside a delimited file, in and out.

Labels and units are said in the common vocabularies that the standard knows by their prefixes, values as concepts of SKOS; what
these have no word for stands under `urn:istrel:`, which other programs pass over. Derived variables are virtual columns.
"""

from __future__ import annotations

from collections.abc import Iterator
from typing import Any
from urllib.parse import quote, unquote

import msgspec

from istrel.data.codebook import Variable
from istrel.data.column import Column, show_value
from istrel.data.dataset import Dataset
from istrel.data.table import Reading
from istrel.english import english
from istrel.problem import Problem
from istrel.study.codebooks.by_hand import Line, Row, plain
from istrel.study.codebooks.parts import BEHIND_TYPE, codes, lines_in, own_words, pairs, plain_value, shown, type_of

CONTEXT = "http://www.w3.org/ns/csvw"
OWN = "urn:istrel:"
LABELS = (
    "dc:title",
    "rdfs:label",
    "schema:name",
    "skos:prefLabel",
    "dc:description",
    "schema:description",
    "rdfs:comment",
)
UNITS = ("schema:unitText", "schema:unitCode", "qudt:unit")
VALUES, NOTATION, PREFERRED = "skos:hasTopConcept", "skos:notation", "skos:prefLabel"


def write_metadata(data: Dataset, url: str = "") -> str:
    """The metadata of a delimited file; its name is that of the file with `-metadata.json` behind it."""
    source = data.table.source
    ours, derived = lines_in(data)
    columns = [_column(line, data.table.column(line.name), source.decided) for line in ours]
    columns += [{**_column(line, data.table.column(line.name), None), "virtual": True} for line in derived]
    content: dict[str, Any] = {"@context": CONTEXT, "url": url or source.name or "data.csv"}
    dialect = _dialect(source.decided)
    if dialect:
        content["dialect"] = dialect
    content["tableSchema"] = {"columns": columns}
    if data.codebook.rows.said:
        content[f"{OWN}rows"] = pairs(data.codebook.rows.said.items())
    return msgspec.json.format(msgspec.json.encode(content), indent=2).decode() + "\n"


def _dialect(decided: Reading) -> dict[str, Any]:
    """How the file is cut, where that is not as the standard supposes."""
    said: dict[str, Any] = {}
    if decided.delimiter and decided.delimiter != ",":
        said["delimiter"] = decided.delimiter
    if decided.encoding and decided.encoding.casefold() not in ("utf-8", "utf8"):
        said["encoding"] = decided.encoding
    if decided.names_rows and decided.names_rows != (1,):
        said |= {"skipRows": min(decided.names_rows) - 1, "headerRowCount": len(decided.names_rows)}
    return said


def _column(line: Variable, column: Column, decided: Reading | None) -> dict[str, Any]:
    said: dict[str, Any] = {"titles": line.name, "name": _template_name(line.name)}
    kind = type_of(column)
    if kind in ("integer", "number") and decided is not None and decided.decimal == ",":
        said["datatype"] = {"base": kind, "format": {"decimalChar": ",", "groupChar": "."}}
    else:
        said["datatype"] = kind
    if line.missing_codes:
        said["null"] = ["", *(show_value(code.value) for code in line.missing_codes)]
    if line.label:
        said["dc:title"] = line.label
    if line.unit:
        said["schema:unitText"] = line.unit
    if line.value_labels:
        said[VALUES] = [{NOTATION: plain_value(entry.value), PREFERRED: entry.label} for entry in line.value_labels]
    reasons = [(show_value(code.value), code.reason) for code in line.missing_codes if code.reason]
    if reasons:
        said[f"{OWN}missing"] = pairs(reasons)
    return said | {f"{OWN}{what}": words for what, words in own_words(line).items()}


def _template_name(name: str) -> str:
    """A name as a variable of a URI template: letters, digits and percent signs; never a low line in front."""
    written = quote(name, safe="").translate({ord("-"): "%2D", ord("."): "%2E", ord("~"): "%7E"})
    return f"%5F{written[1:]}" if written.startswith("_") else written


def is_metadata(said: Any) -> bool:
    """Whether a JSON text is metadata of this standard."""
    return isinstance(said, dict) and (isinstance(said.get("tableSchema"), dict) or _tables(said) != [])


def _tables(said: dict[str, Any]) -> list[dict[str, Any]]:
    tables = said.get("tables")
    found = tables if isinstance(tables, list) else [said]
    return [table for table in found if isinstance(table, dict) and isinstance(table.get("tableSchema"), dict)]


def lines_of_metadata(said: dict[str, Any], names: tuple[str, ...]) -> Iterator[Line]:
    """(column, what our own codebook would say of it) of the table that knows most of the variables.

    Raises
    ------
    Problem
        Where no table has columns.
    """
    known = {plain(name): name for name in names}

    def named(column: dict[str, Any]) -> str:
        spelt = [*_titles(column.get("titles")), unquote(str(column.get("name") or ""))]
        return next((name for name in spelt if name in names), known.get(plain(spelt[0]), spelt[0]))

    found = [
        [part for part in _listed(table["tableSchema"].get("columns")) if isinstance(part, dict)]
        for table in _tables(said)
    ]
    columns = max(found, key=lambda one: len({named(part) for part in one} & {*names}), default=[])
    if not columns:
        raise Problem(english("there are no “columns” in its “tableSchema”."))
    for number, column in enumerate(columns, start=1):
        if name := named(column):
            yield number, _as_ours(column, name)
    rows = next((words for table in [said, *_tables(said)] if (words := _text(table.get(f"{OWN}rows")))), "")
    if rows:
        yield len(columns) + 1, {"name": "rows", "values": rows}


def _as_ours(column: dict[str, Any], name: str) -> Row:
    labels = [
        (shown(part.get(NOTATION, "")), _text(part.get(PREFERRED)))
        for part in _listed(column.get(VALUES))
        if isinstance(part, dict)
    ]
    datatype = column.get("datatype")
    base = str(datatype.get("base", "") if isinstance(datatype, dict) else datatype or "")
    reasons = dict(_told(_text(column.get(f"{OWN}missing"))))
    nothing = [str(value) for value in _listed(column.get("null")) if value != ""]
    level = _text(column.get(f"{OWN}level")) or BEHIND_TYPE.get(base.casefold(), "")
    return {
        "name": name,
        "level": level,
        "label": _first(column, LABELS),
        "unit": _first(column, UNITS),
        "values": pairs(labels, texts=base == "string"),
        "missing": codes((value, reasons.get(value, "")) for value in nothing),
        **{what: _text(column.get(f"{OWN}{what}")) for what in ("decimals", "formula", "use")},
    }


def _told(text: str) -> Iterator[tuple[str, str]]:
    from istrel.study.codebooks.value_words import parse_values

    return ((shown(entry.value), entry.label) for entry in parse_values(text))


def _first(said: dict[str, Any], keys: tuple[str, ...]) -> str:
    return next((words for key in keys if (words := _text(said.get(key)))), "")


def _text(value: Any) -> str:
    """A text of linked data: as it stands, with a language, or the first of several."""
    if isinstance(value, list):
        return _text(value[0]) if value else ""
    if isinstance(value, dict):
        return _text(value.get("@value", next(iter(value.values()), "")))
    return "" if value is None else str(value)


def _listed(value: Any) -> list[Any]:
    return value if isinstance(value, list) else [] if value is None else [value]


def _titles(value: Any) -> list[str]:
    """The titles of a column: one, several, or by language."""
    if isinstance(value, dict):
        return [title for one in value.values() for title in _titles(one)]
    return [str(title) for title in _listed(value)]
