"""Readers other than delimited text, and hostile files: a sound reading or one plain line, never a crash."""

from __future__ import annotations

import datetime
import io
import os
import zipfile
from collections.abc import Callable
from itertools import combinations
from pathlib import Path

import numpy as np
import pyarrow as pa
import pyarrow.parquet as pq
import pytest
import xlsxwriter
from odfdo import Document as OpenDocument
from odfdo import Table as OpenTable

from istrel.data.column import Kind
from istrel.data.reading import ReadingSettings, parquet, read
from istrel.data.reading import columns as reading_columns
from istrel.data.reading.arrow import table_in_memory
from istrel.data.reading.watch import Watch
from istrel.data.reason import Reason
from istrel.data.table import Table
from istrel.problem import Problem

HEADS = ["name", "age", "score", "day", "done"]
ROWS = [
    ["Ann", 31, 2.5, datetime.date(2025, 1, 31), True],
    ["Bo", 27, None, datetime.date(2024, 2, 29), False],
    [None, 40, -1.25, None, True],
]


def arrow_table() -> pa.Table:
    return pa.table({head: [row[place] for row in ROWS] for place, head in enumerate(HEADS)})


def write_xlsx(path: Path) -> None:
    with xlsxwriter.Workbook(path, {"default_date_format": "yyyy-mm-dd"}) as book:
        book.add_worksheet("empty")
        sheet = book.add_worksheet("People")
        sheet.merge_range(0, 0, 0, 4, "A title above the table")
        sheet.write_row(2, 0, HEADS)
        for place, row in enumerate(ROWS):
            for column, value in enumerate(row):
                if value is not None:
                    sheet.write(place + 3, column, value)
        sheet.write_formula(3, 2, "=1+1.5", None, 2.5)


def write_ods(path: Path) -> None:
    book = OpenDocument("spreadsheet")
    book.body.clear()
    table = OpenTable("People")
    table.set_values([HEADS, *ROWS])
    book.body.append(table)
    buffer = io.BytesIO()
    book.save(buffer)
    path.write_bytes(buffer.getvalue())


def write_arrow(path: Path) -> None:
    with pa.OSFile(str(path), "wb") as file, pa.ipc.new_file(file, arrow_table().schema) as writer:
        writer.write_table(arrow_table())


def write_stream(path: Path) -> None:
    with pa.OSFile(str(path), "wb") as file, pa.ipc.new_stream(file, arrow_table().schema) as writer:
        writer.write_table(arrow_table())


def write_jsonl(path: Path) -> None:
    path.write_text(
        '{"name": "Ann", "age": 31, "score": 2.5, "day": "2025-01-31", "done": true}\n'
        '{"name": "Bo", "age": 27, "day": "2024-02-29", "done": false}\n\n'
        '{"age": 40, "score": -1.25, "done": true}\n'
    )


WRITERS: dict[str, Callable[[Path], None]] = {
    "a.xlsx": write_xlsx,
    "a.ods": write_ods,
    "a.parquet": lambda path: pq.write_table(arrow_table(), path),
    "a.arrow": write_arrow,
    "a.feather": write_stream,
    "a.jsonl": write_jsonl,
    "a_parquet_file": lambda path: pq.write_table(arrow_table(), path),
}


def shown(table: Table) -> list[list[object]]:
    return [[c.value_at(row) if c.valid[row] else None for c in table.columns] for row in range(table.n_rows)]


@pytest.mark.parametrize("name", WRITERS)
def test_every_format_gives_the_same_table(name: str, tmp_path: Path) -> None:
    WRITERS[name](tmp_path / name)
    table = read(tmp_path / name)
    assert table.names == tuple(HEADS)
    assert [column.kind for column in table.columns[:4]] == [Kind.TEXT, Kind.NUMBER, Kind.NUMBER, Kind.DATE]
    assert shown(table) == [
        ["Ann", 31, 2.5, "2025-01-31", "true"],
        ["Bo", 27, None, "2024-02-29", "false"],
        [None, 40, -1.25, None, "true"],
    ]


def test_a_workbook_says_which_sheet_and_row_were_taken(tmp_path: Path) -> None:
    write_xlsx(tmp_path / "a.xlsx")
    table = read(tmp_path / "a.xlsx")
    assert table.source.reading == "sheet People"
    assert any("there are also empty" in remark for remark in table.source.remarks)
    named = read(tmp_path / "a.xlsx", ReadingSettings(sheet="2", header_row=3))
    assert shown(named) == shown(table)
    with xlsxwriter.Workbook(tmp_path / "margin.xlsx") as book:
        sheet = book.add_worksheet()
        sheet.write_column(4, 3, ["x", 1, 2])
        sheet.write_column(4, 4, ["y", 3, 4])
    margin = read(tmp_path / "margin.xlsx", ReadingSettings(header_row=5))
    assert margin.names == ("x", "y")
    assert shown(margin) == shown(read(tmp_path / "margin.xlsx")) == [[1, 3], [2, 4]]
    with xlsxwriter.Workbook(tmp_path / "plain.xlsx") as book:
        book.add_worksheet().write_column(0, 0, ["x", 1, 2])
    told = [read(tmp_path / "plain.xlsx", ReadingSettings(header_row=row)) for row in (0, 1)]
    assert read(tmp_path / "plain.xlsx").source.remarks == ()  # there are no other sheets
    assert [(table.names, table.n_rows) for table in told] == [(("column_1",), 3), (("x",), 2)]
    with pytest.raises(Problem, match=r"no sheet “Poeple”. Did you mean “People”\? Its sheets are empty, People"):
        read(tmp_path / "a.xlsx", ReadingSettings(sheet="Poeple"))


def bomb(path: Path) -> None:
    with (
        zipfile.ZipFile(path, "w", zipfile.ZIP_DEFLATED, compresslevel=1) as archive,
        archive.open("xl/worksheets/sheet1.xml", "w", force_zip64=True) as entry,
    ):
        for _ in range(1100):
            entry.write(bytes(2**20))


def far_corner(path: Path) -> None:
    """A sheet with a value in its first and in its very last cell: seventeen thousand million cells in between."""
    with xlsxwriter.Workbook(path) as book:
        sheet = book.add_worksheet()
        sheet.write(0, 0, 1)
        sheet.write(1_048_575, 16_383, 2)


def cut(name: str) -> Callable[[Path], None]:
    def write(path: Path) -> None:
        WRITERS[name](path)
        path.write_bytes(path.read_bytes()[:-200])

    return write


def twisted(path: Path) -> None:
    """An Arrow file whose offsets point far outside of it."""
    write_arrow(path)
    content = bytearray(path.read_bytes())
    place = content.index(b"Ann") - 64
    content[place : place + 64] = b"\x7f" * 64
    path.write_bytes(bytes(content))


def far_moments(path: Path) -> None:
    """Records that hold a time beyond the calendar."""
    table = pa.table({"a": pa.array([{"t": 2**62}], pa.struct([("t", pa.timestamp("s"))]))})
    with pa.OSFile(str(path), "wb") as file, pa.ipc.new_file(file, table.schema) as writer:
        writer.write_table(table)


HOSTILE: dict[str, tuple[Callable[[Path], object], str]] = {
    "bomb.xlsx": (bomb, "unpacked it would take 1.1 GB"),
    "corner.xlsx": (far_corner, "(cannot be read as a workbook|more than 4 GB)"),
    "text.xlsx": (lambda p: p.write_text("a,b\n1,2\n"), "cannot be read as a workbook"),
    "cut.xlsx": (cut("a.xlsx"), "cannot be read as a workbook"),
    "cut.ods": (cut("a.ods"), "cannot be read as a workbook"),
    "cut.parquet": (cut("a.parquet"), "no sound Parquet file"),
    "cut.arrow": (cut("a.arrow"), "no sound Arrow file"),
    "noise.parquet": (lambda p: p.write_bytes(b"PAR1" + bytes(range(256)) * 9 + b"PAR1"), "no sound Parquet file"),
    "noise.feather": (lambda p: p.write_bytes(bytes(range(256)) * 9), "no sound Arrow file"),
    "broken.jsonl": (lambda p: p.write_text('{"a": 1}\n{"a": \n'), "broken.jsonl, line 2: this is no JSON record"),
    "list.jsonl": (lambda p: p.write_text("[1, 2]\n[3]\n"), "list.jsonl, line 1: this is no JSON record"),
    "deep.jsonl": (lambda p: p.write_text("[" * 100_000 + "\n"), "line 1: the record is nested more than 60 deep"),
    "names.jsonl": (
        lambda p: p.write_text("".join(f'{{"k{i}": 1, "j{i}": 2}}\n' for i in range(3_000))),
        "more than 5,000 different names",
    ),
    "pipe.csv": (os.mkfifo, "no regular file"),
    "same.parquet": (
        lambda p: pq.write_table(pa.table({"a": pa.nulls(90_000_000, pa.int8())}), p),
        "holds 90,000,000 rows of 1 columns",
    ),
    "stamps.arrow": (far_moments, "the column “a” holds what cannot be shown"),
    "nul.csv": (lambda p: p.write_bytes(b"a,b\n1,\0\n"), "NUL bytes"),
    "late_nul.csv": (
        lambda p: p.write_bytes(b"a,b\n" + b"1,2\n" * 90_000 + b"1\0x\n"),
        "late_nul.csv, line 90002: 1 field where",
    ),
    "odd.csv": (lambda p: p.write_bytes(b"a,b\n" + b"1,2\n" * 90_000 + b"\xff\xf1\n"), "odd.csv, line 90002: 1 field"),
    "mapped.arrow": (twisted, "(no sound Arrow file|cannot be shown)"),
    "line.csv": (lambda p: p.write_bytes(b"x" * 50_000_000), "line.csv: "),
    "quote.csv": (lambda p: p.write_bytes(b'a,b\n1,"' + b"x" * 9_000_000), "quote.csv"),
    "nothing.xlsx": (lambda p: xlsxwriter.Workbook(p).close(), "is empty"),
}


@pytest.mark.parametrize("name", HOSTILE)
def test_a_hostile_file_is_refused_in_one_plain_line(name: str, tmp_path: Path) -> None:
    make, says = HOSTILE[name]
    make(tmp_path / name)
    with pytest.raises(Problem, match=says) as caught:
        read(tmp_path / name)
    assert "\n" not in caught.value.message
    assert len(caught.value.message) < 300


def test_many_columns_with_doubtful_names_are_read(tmp_path: Path) -> None:
    names = ["x", "x", "", *(f"v{i}" for i in range(9_997))]
    (tmp_path / "wide.csv").write_text(",".join(names) + "\n" + (",".join(["1"] * 10_000) + "\n") * 3)
    table = read(tmp_path / "wide.csv")
    assert len(set(table.names)) == 10_000
    assert table.names[:3] == ("x", "x_2", "column_3")


def test_mixed_json_records_are_read_as_text(tmp_path: Path) -> None:
    (tmp_path / "m.jsonl").write_text('{"a": 1, "b": [1, 2]}\n{"a": "x", "b": {"c": 1}}\n')
    table = read(tmp_path / "m.jsonl")
    assert shown(table) == [["1", "[1, 2]"], ["x", '{"c": 1}']]


def test_a_missing_value_among_the_words_of_a_dictionary_is_missing(tmp_path: Path) -> None:
    words = pa.DictionaryArray.from_arrays(pa.array([0, 1, 0, 2]), pa.array(["x", None, "y"]))
    pq.write_table(pa.table({"a": words.cast(pa.string())}), tmp_path / "a.parquet")
    with (
        pa.OSFile(str(tmp_path / "a.arrow"), "wb") as file,
        pa.ipc.new_file(file, pa.schema([("a", words.type)])) as out,
    ):
        out.write_table(pa.table({"a": words}))
    assert shown(read(tmp_path / "a.arrow")) == shown(read(tmp_path / "a.parquet"))


DATES = {
    "31.12.2025\n01.02.2025": ["2025-12-31", "2025-02-01"],
    "31/12/2025\n01/02/2025": ["2025-12-31", "2025-02-01"],
    "12/31/2025\n01/02/2025": ["2025-12-31", "2025-01-02"],
    "2025-1-5\n2025-12-31": ["2025-01-05", "2025-12-31"],
    "5-Jan-25\n31-Dec-25": ["2025-01-05", "2025-12-31"],
    "5 January 2025\n31 December 2025": ["2025-01-05", "2025-12-31"],
    "2025-01-05 08:30\n2025-12-31": ["2025-01-05T08:30:00", "2025-12-31"],
    "2025/01/05\n2025/12/31": ["2025-01-05", "2025-12-31"],
    "2025.1.5\n2025/12/31 23:59": ["2025-01-05", "2025-12-31T23:59:00"],
    "12.31.2025\n01.02.2025": ["2025-12-31", "2025-01-02"],
    "03.04.2025\n01.02.2025": ["2025-04-03", "2025-02-01"],
    "31-12-2025\n01-02-2025": ["2025-12-31", "2025-02-01"],
    "12/31/25\n01/02/25": ["2025-12-31", "2025-01-02"],
    "03/04/2025\n01/02/2025": ["03/04/2025", "01/02/2025"],
    "03/04/25\n01/02/25": ["03/04/25", "01/02/25"],
    "1.10.15\n2.0.31": ["1.10.15", "2.0.31"],
}


@pytest.mark.parametrize("text", DATES)
def test_dates_of_many_lands_are_read(text: str, tmp_path: Path) -> None:
    (tmp_path / "d.csv").write_text("day,x\n" + "\n".join(f"{line},1" for line in text.split("\n")) + "\n")
    column = read(tmp_path / "d.csv").column("day")
    assert [column.value_at(row) for row in range(2)] == DATES[text]


def test_days_that_no_calendar_has_are_set_aside(tmp_path: Path) -> None:
    days = [f"2024-01-{day:02d}" for day in range(1, 29)]
    (tmp_path / "d.csv").write_text("day,x\n" + "".join(f"{day},1\n" for day in [*days, "2024-02-30", "soon"]))
    column = read(tmp_path / "d.csv").column("day")
    assert column.kind is Kind.DATE
    assert column.unread.texts == ("2024-02-30", "soon")
    assert int(column.valid.sum()) == 28


def test_impossible_days_do_not_slip_through_as_others(tmp_path: Path) -> None:
    """A lenient reader makes March 2nd of 31/02, and 2 is the month that was named."""
    days = [f"{day:02d}/05/2024" for day in range(1, 29)]
    for bad in ("31/02/2024", "30/02/2024"):
        (tmp_path / "d.csv").write_text("day,x\n" + "".join(f"{day},1\n" for day in [*days, bad]))
        assert read(tmp_path / "d.csv").column("day").unread.texts == (bad,)


def test_a_title_above_the_names_is_left_out_and_said(tmp_path: Path) -> None:
    (tmp_path / "t.csv").write_text("Study of 2024;;\n\nid;name;score\n1;Ann;2,5\n2;Bo;3,5\n")
    table = read(tmp_path / "t.csv")
    assert table.names == ("id", "name", "score")
    assert table.column("score").values.tolist() == [2.5, 3.5]
    assert table.source.remarks == ("Names were found in line 3; what stands above is left out.",)


def test_a_date_can_be_a_missing_code(tmp_path: Path) -> None:
    from istrel.data.codebook import parse_missing
    from istrel.study.opening import Opening, open_data

    (tmp_path / "d.csv").write_text("day,x\n1900-01-01,1\n2025-02-03,2\n")
    data = open_data(tmp_path / "d.csv", Opening(missing=parse_missing("1900-01-01 unknown")))
    assert data.present("day").tolist() == [False, True]
    assert list(data.numbers("day").missing.reasons) == [Reason("code", "1900-01-01", "unknown")]


def test_reading_is_told_and_can_be_ended(tmp_path: Path) -> None:
    (tmp_path / "a.csv").write_text("a,b\n" + "1,2\n" * 500_000)
    shares: list[float] = []
    read(tmp_path / "a.csv", watch=Watch(shares.append))
    assert shares == sorted(shares)
    assert shares[-1] == 1.0
    with pytest.raises(Problem, match="cancelled"):
        read(tmp_path / "a.csv", watch=Watch(wanted=lambda: len(shares) < 0))
    write_xlsx(tmp_path / "a.xlsx")
    with pytest.raises(Problem, match="cancelled"):
        read(tmp_path / "a.xlsx", watch=Watch(wanted=lambda: False))


def test_large_numbers_stay_exact(tmp_path: Path) -> None:
    pq.write_table(
        pa.table({"key": [2**60 + 1, 2**60 + 3], "x": np.array([1.5, 2.5], np.float32)}), tmp_path / "k.parquet"
    )
    table = read(tmp_path / "k.parquet")
    assert table.column("key").words == (str(2**60 + 1), str(2**60 + 3))


def test_a_long_parquet_file_reads_as_a_short_one_column_by_column(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    """Whatever its columns hold, and however they are called: “a” is found beside “a.b”."""
    n, rng = 600, np.random.default_rng(5)
    words = pa.DictionaryArray.from_arrays(rng.integers(0, 3, n).astype(np.int32), ["mild", "none", "severe"])
    gaps = rng.random(n) < 0.2
    columns = {
        "a.b": rng.normal(size=n),
        "a": rng.integers(0, 5, n),
        "lacking": pa.array(rng.normal(size=n), mask=gaps),
        "nan": np.where(gaps, np.nan, 1.5),
        "word": words,
        "text": pa.array(np.array(["", "x", "7", "n/a"])[rng.integers(0, 4, n)]),
        "key": pa.array([2**60 + k for k in range(n)]),
        "day": pa.array([datetime.date(2025, 1, 1 + k % 28) for k in range(n)]),
        "date": np.array([20250101 + k % 28 for k in range(n)]),
        "money": pa.array([None if k % 7 == 0 else k for k in range(n)], pa.decimal128(9, 2)),
        "at": pa.array([1_700_000_000 + k for k in range(n)], pa.timestamp("s", "Europe/Berlin")),
        "nothing": pa.nulls(n),
    }
    pq.write_table(pa.table(columns), tmp_path / "long.parquet", row_group_size=100)
    whole = read(tmp_path / "long.parquet")
    monkeypatch.setattr(parquet, "LONG", 1)
    monkeypatch.setattr(reading_columns, "SHORT", 1)
    apart = read(tmp_path / "long.parquet")
    assert apart.source == whole.source
    for one, other in zip(apart.columns, whole.columns, strict=True):
        assert (one.name, one.kind, one.words) == (other.name, other.kind, other.words)
        assert np.array_equal(one.valid, other.valid)
        assert np.array_equal(one.values[one.valid], other.values[other.valid])


def test_numbers_of_every_kind_stand_side_by_side() -> None:
    kinds = [pa.int8(), pa.int64(), pa.uint8(), pa.uint64(), pa.float16(), pa.float32(), pa.float64()]
    for first, second in combinations(kinds, 2):
        columns = [pa.array([1, 2, 3], pa.int8()).cast(kind) for kind in (first, second)]
        whole = pa.table({"a": columns[0], "b": columns[1], "none": pa.array([None] * 3, first)})
        table = table_in_memory("n", whole)
        assert [table.column(name).values.tolist() for name in "ab"] == [[1.0, 2.0, 3.0]] * 2, (first, second)
