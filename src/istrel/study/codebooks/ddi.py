"""Codebooks of archives (DDI-Codebook 2.5, XML), in and out: variables, categories, missing values, weights, formulas, groups.

Reading takes any version that calls things alike, whatever its namespace. What the standard has no word for stands in `notes`.
"""

from __future__ import annotations

import re
from collections.abc import Iterable, Iterator
from typing import Any

import numpy as np
from lxml import etree

from istrel.data.codebook import Variable
from istrel.data.column import Column, Kind, show_date, show_value
from istrel.data.dataset import Dataset
from istrel.data.levels import Level
from istrel.data.scales import scales_in
from istrel.data.sets import sets_in
from istrel.english import english
from istrel.problem import Problem
from istrel.study.codebooks.by_hand import Line, Row, plain
from istrel.study.codebooks.parts import codes, lines_in, own_words, pairs, type_of

NAMESPACE = "ddi:codebook:2_5"
INSTANCE = "http://www.w3.org/2001/XMLSchema-instance"
PLACE = f"{NAMESPACE} https://ddialliance.org/Specification/DDI-Codebook/2.5/XMLSchema/codebook.xsd"
OWN = "istrel"
DECLARATION = re.compile(r"\s*<\?xml\b[^>]*\?>")
NATURES = {
    Level.NOMINAL: "nominal",
    Level.BINARY: "nominal",
    Level.ORDINAL: "ordinal",
    Level.CONTINUOUS: "interval",
    Level.COUNT: "ratio",
}
LEVELS = {
    "nominal": "nominal",
    "ordinal": "ordinal",
    "interval": "continuous",
    "ratio": "continuous",
    "percent": "continuous",
}


def write_ddi(data: Dataset, file: str = "") -> bytes:
    """The codebook of one file as a document of the standard. UTF-8."""
    name = file or data.table.source.name or "data.csv"
    root = etree.Element(
        f"{{{NAMESPACE}}}codeBook",
        {"version": "2.5", f"{{{INSTANCE}}}schemaLocation": PLACE},
        nsmap={None: NAMESPACE, "xsi": INSTANCE},
    )
    study = _in(root, "stdyDscr")
    _in(_in(_in(study, "citation"), "titlStmt"), "titl", name)
    described = _in(_in(root, "fileDscr", ID="F1"), "fileTxt")
    _in(described, "fileName", name)
    ours, derived = lines_in(data)
    size = _in(described, "dimensns")
    _in(size, "caseQnty", str(data.n_rows))
    _in(size, "varQnty", str(len(ours)))
    body, ids = _in(root, "dataDscr"), {line.name: f"V{place}" for place, line in enumerate([*ours, *derived], start=1)}
    _groups(body, data, ids)
    for line in [*ours, *derived]:
        _variable(body, line, data.table.column(line.name), ids, data.codebook.rows.weight)
    if data.codebook.rows.said:
        _in(body, "notes", pairs(data.codebook.rows.said.items()), subject=OWN, type="rows")
    written: bytes = etree.tostring(root, xml_declaration=True, encoding="UTF-8", pretty_print=True)
    return written


def _in(parent: Any, tag: str, text: str = "", **said: str) -> Any:
    """A new element below another."""
    made = etree.SubElement(parent, f"{{{NAMESPACE}}}{tag}", said)
    if text:
        made.text = _sound(text)
    return made


def _sound(text: str) -> str:
    """A text without the letters that XML cannot hold."""
    return "".join(
        c for c in text if c in "\t\n\r" or " " <= c <= "\ud7ff" or "\ue000" <= c <= "\ufffd" or c > "\uffff"
    )


def _groups(body: Any, data: Dataset, ids: dict[str, str]) -> None:
    """Questions with several answers, and items of scales."""
    found: list[tuple[str, str, Iterable[str]]] = [("multResp", one.name, one.columns) for one in sets_in(data)]
    found += [("grid", one.name, one.items) for one in scales_in(data.codebook, data.table)]
    for place, (kind, name, columns) in enumerate(found, start=1):
        group = _in(body, "varGrp", ID=f"VG{place}", type=kind, var=" ".join(ids[c] for c in columns if c in ids))
        _in(group, "labl", name)


def _variable(body: Any, line: Variable, column: Column, ids: dict[str, str], weight: str) -> None:
    made = _in(body, "var", **_attributes(line, ids, weight))
    if line.label:
        _in(made, "labl", line.label)
    if not line.personal:
        _ranges(made, line, column)
    labelled = {entry.value: entry.label for entry in line.value_labels}
    for value, label in labelled.items():
        _category(made, show_value(value), label, missing=False)
    for code in line.missing_codes:
        if code.value not in labelled:
            _category(made, show_value(code.value), code.reason, missing=True)
    own = own_words(line)
    if formula := own.pop("formula", ""):
        _in(_in(made, "derivation"), "drvcmd", formula, syntax=OWN)
    dated = {"category": "date" if type_of(column) == "date" else "time"} if column.kind is Kind.DATE else {}
    _in(made, "varFormat", type="numeric" if column.kind is Kind.NUMBER else "character", schema="other", **dated)
    for what, words in own.items():
        _in(made, "notes", words, subject=OWN, type=what)


def _attributes(line: Variable, ids: dict[str, str], weight: str) -> dict[str, str]:
    said = {
        "ID": ids[line.name],
        "name": _sound(line.name),
        "files": "F1" if line.formula is None else "",
        "intrvl": "contin" if line.level.measured else "discrete",
        "nature": NATURES.get(line.level, ""),
        "dcml": "" if line.decimals is None else str(line.decimals),
        "measUnit": _sound(line.unit),
        "wgt": "wgt" if line.name == weight else "",
        "wgt-var": "" if line.name == weight else ids.get(weight, ""),
    }
    return {what: words for what, words in said.items() if words}


def _ranges(made: Any, line: Variable, column: Column) -> None:
    """From where to where the valid values go, and which count as missing."""
    values = column.values[column.valid]
    if (line.level.measured and column.kind is Kind.NUMBER) or column.kind is Kind.DATE:
        gone = [code.value for code in line.missing_codes if isinstance(code.value, float)]
        values = values[~np.isin(values, gone)] if gone else values
        if values.size:
            ends = [
                show_date(v) if column.kind is Kind.DATE else show_value(float(v)) for v in (values.min(), values.max())
            ]
            _in(_in(made, "valrng"), "range", min=ends[0], max=ends[1])
    if line.missing_codes:
        invalid = _in(made, "invalrng")
        for code in line.missing_codes:
            _in(invalid, "item", VALUE=_sound(show_value(code.value)))


def _category(made: Any, value: str, label: str, *, missing: bool) -> None:
    category = _in(made, "catgry", **({"missing": "Y"} if missing else {}))
    _in(category, "catValu", value)
    if label:
        _in(category, "labl", label)


def lines_of_ddi(text: str, names: tuple[str, ...]) -> Iterator[Line]:
    """(variable, what our own codebook would say of it) of a document of the standard.

    Raises
    ------
    Problem
        Where it is no sound XML, or holds no variables.
    """
    parser = etree.XMLParser(
        resolve_entities=False, no_network=True, load_dtd=False, huge_tree=False, remove_comments=True, remove_pis=True
    )
    try:
        root = etree.fromstring(DECLARATION.sub("", text).encode(), parser)
    except (etree.XMLSyntaxError, ValueError) as error:
        raise Problem(english("this is no sound XML ({why}).", why=str(error).split(", line")[0])) from None
    for element in root.iter():
        if isinstance(element.tag, str):
            element.tag = etree.QName(element).localname
    variables = root.findall(".//dataDscr/var")
    if not variables:
        raise Problem(
            english("there are no variables in it (“var” within “dataDscr”), so it is no codebook of an archive.")
        )
    known = {plain(name): name for name in names}
    weight = ""
    for number, element in enumerate(variables, start=1):
        spelt = element.get("name") or _words(element.find("labl")) or element.get("ID") or f"variable {number}"
        name = spelt if spelt in names else known.get(plain(spelt), spelt)
        weight = name if element.get("wgt") == "wgt" else weight
        yield number, _as_ours(element, name)
    rows = next((_words(note) for note in root.findall(".//dataDscr/notes") if note.get("subject") == OWN), "")
    if rows or weight in names:
        yield len(variables) + 1, {"name": "rows", "values": rows or pairs([("weight", weight)])}


def _as_ours(element: Any, name: str) -> Row:
    own = {note.get("type"): _words(note) for note in element.findall("notes") if note.get("subject") == OWN}
    categories = [(one, _words(one.find("catValu")), _words(one.find("labl"))) for one in element.findall("catgry")]
    invalid = [str(item.get("VALUE") or "") for item in element.findall("invalrng/item")]
    missing = {
        value: label
        for one, value, label in categories
        if one.get("missing") == "Y" or (value in invalid and not label)
    }
    labels = [(value, label) for _, value, label in categories if value and value not in missing]
    told = {label: "" for label in invalid if label}
    format_ = element.find("varFormat")
    texts = format_ is not None and format_.get("type") == "character"
    dated = format_ is not None and format_.get("category") in ("date", "time")
    nature = LEVELS.get(element.get("nature") or "", "")
    continuous = "continuous" if element.get("intrvl") == "contin" and not labels and not texts else ""
    level = own.get("level") or ("date" if dated else nature or continuous)
    return {
        "name": name,
        "level": level,
        "label": _words(element.find("labl")) or _words(element.find("qstn/qstnLit")) or _words(element.find("qstn")),
        "unit": element.get("measUnit") or "",
        "decimals": own.get("decimals") or (element.get("dcml") if own else "") or "",
        "values": pairs(labels, texts=texts),
        "missing": codes((told | missing).items()),
        "formula": _words(
            next((one for one in element.findall("derivation/drvcmd") if one.get("syntax") == OWN), None)
        ),
        "use": own.get("use") or "",
    }


def _words(element: Any) -> str:
    """All text in an element, in one line."""
    return "" if element is None else " ".join("".join(element.itertext()).split())
