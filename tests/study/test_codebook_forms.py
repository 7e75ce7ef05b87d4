"""Codebooks in open standards: what goes out comes back equal; what others wrote is understood, and opens the data beside it."""

from __future__ import annotations

import json
from collections.abc import Callable
from dataclasses import replace
from pathlib import Path

import numpy as np
import pyarrow as pa
import pyarrow.parquet as pq
import pytest
from hypothesis import given
from hypothesis import strategies as st

from istrel.data.codebook import Codebook, MissingCode, ValueLabel, Variable
from istrel.data.column import Column, Kind
from istrel.data.dataset import Dataset
from istrel.data.derive import with_derived
from istrel.data.guess import guess_codebook
from istrel.data.levels import Level
from istrel.data.rows import Rows
from istrel.data.table import Source, Table
from istrel.demo import LEARNERS, SESSIONS
from istrel.problem import Problem
from istrel.sentence.parse import parse_expression
from istrel.study.codebooks.csv_on_the_web import write_metadata
from istrel.study.codebooks.ddi import write_ddi
from istrel.study.codebooks.field_metadata import arrow_table
from istrel.study.codebooks.own import write_codebook
from istrel.study.codebooks.reading import read_codebook
from istrel.study.codebooks.table_schema import write_package
from istrel.study.opening import Opening, open_data

WRITERS: dict[str, Callable[[Dataset], str]] = {
    "csv": lambda data: write_codebook(data.codebook),
    "package": write_package,
    "web": write_metadata,
    "ddi": lambda data: write_ddi(data).decode(),
}
WORDS = st.lists(st.text(st.sampled_from("ab <>&\"|=;,.-'äß€日:#"), min_size=1, max_size=6), max_size=3).map(
    lambda parts: " ".join(" ".join(parts).split())
)


@st.composite
def lines(draw: st.DrawFn, name: str, kind: Kind) -> Variable:
    level = draw(st.sampled_from([level for level in Level if (level is Level.DATE) == (kind is Kind.DATE)]))
    value = (
        st.integers(-9, 99).map(float) if kind is Kind.NUMBER else WORDS.filter(bool) | st.sampled_from(["1", "007"])
    )
    values = [] if kind is Kind.DATE else draw(st.lists(value, unique=True, max_size=5))
    cut = draw(st.integers(0, len(values)))
    unspoken = WORDS.map(lambda text: text.replace(",", "").replace('"', "").strip(" -"))
    return Variable(
        name,
        level,
        draw(WORDS),
        draw(WORDS),
        draw(st.none() | st.integers(0, 4)),
        tuple(ValueLabel(one, draw(WORDS.filter(bool))) for one in values[:cut]),
        tuple(
            MissingCode(one, draw(unspoken))
            for one in values[cut:]
            if not isinstance(one, str) or (not set(one) & set(",\"'-") and not one.isdigit())
        ),
        in_use=draw(st.booleans()),
        personal=draw(st.booleans()),
    )


@st.composite
def described(draw: st.DrawFn) -> Dataset:
    kinds = draw(st.lists(st.sampled_from(Kind), min_size=1, max_size=4))
    columns = []
    for place, kind in enumerate(kinds):
        none = np.zeros(2, {"number": float, "text": np.int32, "date": "datetime64[s]"}[kind])
        columns.append(Column(f"v {place}.{draw(st.sampled_from('abß_-'))}", kind, none, np.ones(2, bool), ("007",)))
    book = Codebook(tuple(draw(lines(column.name, column.kind)) for column in columns))
    rows = (
        Rows(person=columns[0].name, occasion=columns[-1].name) if len(columns) > 1 and draw(st.booleans()) else Rows()
    )
    return Dataset(Table(tuple(columns), Source("data.csv")), replace(book, rows=rows))


@pytest.mark.parametrize("form", WRITERS)
@given(data=described())
def test_what_goes_out_comes_back_equal(form: str, data: Dataset) -> None:
    """Labels, levels, units, decimals, values in order, missing codes with reasons, use, what a row is."""
    bare = Codebook(tuple(Variable(line.name, line.level) for line in data.codebook.variables))
    assert read_codebook(WRITERS[form](data), "book", bare) == data.codebook


@pytest.mark.parametrize("form", WRITERS)
@pytest.mark.parametrize("source", [LEARNERS, SESSIONS])
def test_a_study_s_codebook_comes_back_equal_with_what_is_derived(source: Path, form: str) -> None:
    data = open_data(source, Opening(rows=Rows("learner", "week")) if source == SESSIONS else None)
    half = Variable("half", Level.CONTINUOUS, formula=parse_expression(f"{data.table.names[0]} / 2"))
    whole = with_derived(Dataset(data.table, data.codebook.adding(half)), {})
    assert read_codebook(WRITERS[form](whole), "book", guess_codebook(data.table)) == whole.codebook


@pytest.mark.parametrize("ending", ["parquet", "arrow"])
def test_columns_bear_their_codebook(ending: str, tmp_path: Path, learners: Dataset) -> None:
    path, names = tmp_path / f"data.{ending}", learners.table.names[:22]
    whole = arrow_table(learners, names)
    assert whole.schema.field("practice_min").metadata[b"unit"] == b"min"
    if ending == "parquet":
        pq.write_table(whole, path)
    else:
        with pa.OSFile(str(path), "wb") as file, pa.ipc.new_file(file, whole.schema) as writer:
            writer.write_table(whole)
    back = open_data(path)
    assert back.codebook.variables == tuple(learners.codebook[name] for name in names)
    assert [back.table.column(name).text_at(3) for name in names] == [
        learners.table.column(name).text_at(3) for name in names
    ]


def test_other_programs_labels_units_and_orders_are_taken(tmp_path: Path) -> None:
    grade = pa.DictionaryArray.from_arrays(pa.array([1, 0, 2, 1], pa.int8()), ["low", "fair", "top"], ordered=True)
    fields = [
        pa.field("h", pa.float64(), metadata={"description": "Height", "units": "cm"}),
        pa.field("g", grade.type),
    ]
    pq.write_table(pa.table([pa.array([1.5, 2, 3, 4]), grade], schema=pa.schema(fields)), tmp_path / "d.parquet")
    book = open_data(tmp_path / "d.parquet").codebook
    assert (book["h"].label, book["h"].unit) == ("Height", "cm")
    assert book["g"].level is Level.ORDINAL
    assert [entry.value for entry in book["g"].value_labels] == ["low", "fair", "top"]


DDI = """<?xml version="1.0" encoding="ISO-8859-1"?>
<!DOCTYPE codeBook [<!ENTITY e "boom">]>
<codeBook xmlns="http://www.icpsr.umich.edu/DDI" version="2.1"><dataDscr>
  <var ID="V1" name="AGE" intrvl="contin"><location width="3"/><labl>Age in years</labl><varFormat type="numeric"/></var>
  <var ID="V2" name="mood" intrvl="discrete"><labl level="variable">M\u00fcde?</labl>
    <catgry><catValu>1</catValu><labl level="category">never</labl></catgry>
    <catgry><catValu>2</catValu><labl>sometimes</labl></catgry>
    <catgry><catValu>3</catValu><labl>always</labl></catgry>
    <catgry missing="Y"><catValu>9</catValu><labl>refused</labl></catgry></var>
  <var ID="V3" name="w" wgt="wgt" intrvl="contin"><qstn><qstnLit>Weight of the household</qstnLit></qstn></var>
</dataDscr></codeBook>"""
WEB = {
    "@context": ["http://www.w3.org/ns/csvw", {"@language": "de"}],
    "tables": [
        {"url": "other.csv", "tableSchema": {"columns": [{"name": "x"}]}},
        {
            "url": "data.csv",
            "dialect": {"delimiter": ";"},
            "tableSchema": {
                "columns": [
                    {
                        "name": "age",
                        "titles": {"de": ["age"]},
                        "rdfs:label": {"@value": "Age in years", "@language": "en"},
                    },
                    {"name": "mood", "null": ["", "9"], "dc:title": "M\u00fcde?", "datatype": {"base": "integer"}},
                    {"name": "w", "dc:description": ["Weight of the household"]},
                ]
            },
        },
    ],
}
ROWS = "age;mood;w\n31;1;1.2\n44;3;0.8\n58;2;1.1\n39;9;0.9\n"


def test_codebooks_of_archives_are_understood(tmp_path: Path) -> None:
    (tmp_path / "data.csv").write_text(ROWS)
    (tmp_path / "book.xml").write_bytes(DDI.encode("latin-1"))
    book = open_data(tmp_path / "data.csv", Opening(codebook=str(tmp_path / "book.xml"))).codebook
    assert [line.label for line in book.variables] == ["Age in years", "M\u00fcde?", "Weight of the household"]
    assert book["mood"].level is Level.ORDINAL, "numbers that all have words of a scale"
    assert book["mood"].missing_codes == (MissingCode(9.0, "refused"),)
    assert book.rows.weight == "w"


def test_data_are_opened_by_what_describes_them(tmp_path: Path) -> None:
    (tmp_path / "data.csv").write_text(ROWS.replace("1.2", "1,2"))
    (tmp_path / "tables-metadata.json").write_text(json.dumps(WEB))
    with pytest.raises(Problem, match=r"its table “other\.csv” is not there"):
        open_data(tmp_path / "tables-metadata.json")
    found = Opening(replace(Opening().reading, sheet="data.csv"))
    data = open_data(tmp_path / "tables-metadata.json", found)
    assert data.table.source.name == "data.csv"
    assert [line.label for line in data.codebook.variables] == ["Age in years", "M\u00fcde?", "Weight of the household"]
    assert data.codebook["mood"].missing_codes == (MissingCode(9.0),)


@pytest.mark.parametrize("place", ["../data.csv", "/etc/passwd", "https://example.org/data.csv"])
def test_nothing_is_opened_that_does_not_stand_beside(place: str, tmp_path: Path) -> None:
    (tmp_path / "datapackage.json").write_text(json.dumps({"resources": [{"name": "d", "path": place}]}))
    with pytest.raises(Problem, match="does not stand beside it"):
        open_data(tmp_path / "datapackage.json")


def test_what_a_codebook_names_besides_is_said_with_its_nearest(tmp_path: Path) -> None:
    (tmp_path / "data.csv").write_text(ROWS)
    (tmp_path / "book.csv").write_text("name,level,label\nage,continuous,Age\nmoud,ordinal,Mood\n")
    data = open_data(tmp_path / "data.csv", Opening(codebook=str(tmp_path / "book.csv")))
    assert data.codebook["age"].label == "Age"
    assert "“moud” Did you mean “mood”?" in " ".join(data.table.source.remarks)
    (tmp_path / "book.csv").write_text("name,level\nx,ordinal\n")
    with pytest.raises(Problem, match=r"no variable of it is in these data"):
        open_data(tmp_path / "data.csv", Opening(codebook=str(tmp_path / "book.csv")))
