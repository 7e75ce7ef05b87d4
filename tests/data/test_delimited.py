"""Delimited text of every common kind, and the plain lines for what cannot be read."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path

import matplotlib as mpl
import numpy as np
import pytest

from istrel.data.column import Kind
from istrel.data.dataset import Dataset
from istrel.data.reading import ReadingSettings, read
from istrel.data.reading.heads import clean_names
from istrel.data.reading.watch import Watch
from istrel.problem import Problem
from istrel.study.opening import Opening

Maker = Callable[..., Dataset]

KINDS = {
    "comma": b"a,b\n1.5,x\n2.5,y\n",
    "semicolon and decimal comma": b"a;b\n1,5;x\n2,5;y\n",
    "tab": b"a\tb\n1.5\tx\n2.5\ty\n",
    "bar": b"a|b\n1.5|x\n2.5|y\n",
    "quotes": b'"a","b"\n"1.5","x"\n"2.5","y"\n',
    "windows line ends": b"a,b\r\n1.5,x\r\n2.5,y\r\n",
    "utf-8 with mark": b"\xef\xbb\xbfa,b\n1.5,x\n2.5,y\n",
    "utf-16": "a,b\n1.5,x\n2.5,y\n".encode("utf-16"),
    "utf-16 big-endian with mark": b"\xfe\xff" + "a,b\n1.5,x\n2.5,y\n".encode("utf-16-be"),
    "no newline at the end": b"a,b\n1.5,x\n2.5,y",
    "comments before the names": b"# made by hand\n# twice\na,b\n1.5,x\n2.5,y\n",
    "spaces around numbers": b"a,b\n 1.5 ,x\n2.5,y\n",
}


@pytest.mark.parametrize("kind", KINDS)
def test_every_common_kind_reads_the_same(kind: str, data_of: Maker) -> None:
    table = data_of(KINDS[kind]).table
    assert table.names == ("a", "b")
    assert table.column("a").values.tolist() == [1.5, 2.5]
    assert [table.column("b").text_at(row) for row in (0, 1)] == ["x", "y"]


@pytest.mark.parametrize("encoding", ["utf-8", "cp1252", "utf-16"])
def test_encodings_are_found_out(encoding: str, data_of: Maker) -> None:
    text = "näme,ort\n1,Café Zürich\n2,Thé à Genève\n3,Mañana\n"
    table = data_of(text.encode(encoding)).table
    assert table.names == ("näme", "ort")
    assert table.column("ort").text_at(1) == "Thé à Genève"


def test_a_late_byte_that_is_not_utf_8_is_still_read(data_of: Maker) -> None:
    rows = b"1,plain\n" * 60_000
    table = data_of(b"a,b\n" + rows + b"2,caf\xe9 cr\xe8me br\xfbl\xe9e\n").table
    assert table.column("b").text_at(60_000) == "café crème brûlée"


def test_line_breaks_in_quotes_stay_in_their_cell(data_of: Maker) -> None:
    table = data_of('a,b\n1,"two\nlines, and ""quotes"""\n2,z\n').table
    assert table.n_rows == 2
    assert table.column("b").text_at(0) == 'two\nlines, and "quotes"'


def test_text_among_numbers_is_set_aside_and_kept(data_of: Maker) -> None:
    rows = [str(v) for v in range(1, 21)]
    rows[3], rows[7], rows[9] = "n/a", "approx 40", ""
    column = data_of("x,y\n" + "\n".join(f"{v},1" for v in rows) + "\n").table.column("x")
    assert column.kind is Kind.NUMBER
    assert column.unread.rows.tolist() == [3, 7]
    assert column.unread.texts == ("n/a", "approx 40")
    assert column.text_at(3) == "n/a"
    assert column.text_at(9) == ""
    assert column.valid.sum() == 17


def test_keys_keep_their_zeros_and_their_digits(data_of: Maker) -> None:
    table = data_of("zip,long,hex\n00123,12345678901234567890,0x1f\n04567,12345678901234567891,0x20\n").table
    assert table.column("zip").text_at(0) == "00123"
    assert table.column("long").text_at(1) == "12345678901234567891"
    assert table.column("hex").text_at(1) == "0x20"


def test_thousands_are_read_and_do_not_hide_the_decimal_mark(data_of: Maker) -> None:
    table = data_of("cm;income;joined\n178,5;2.300;01.02.2024\n165,0;12.900,50;28.02.2024\n;1.000.000;\n").table
    assert table.column("cm").values[:2].tolist() == [178.5, 165.0]
    assert table.column("income").values.tolist() == [2300.0, 12900.5, 1e6]
    assert table.column("joined").text_at(1) == "2024-02-28"
    points = data_of('a,b\n"1,234.5",1\n"12,345",2\n7.25,3\n').table
    assert points.column("a").values.tolist() == [1234.5, 12345.0, 7.25]


def test_dates_and_times_are_read(data_of: Maker) -> None:
    table = data_of("d,t\n2025-03-01,2025-03-01T10:30:00\n2025-04-02,2025-03-01T11:30:00\n").table
    assert table.column("d").kind is Kind.DATE
    assert [table.column(name).text_at(0) for name in "dt"] == ["2025-03-01", "2025-03-01T10:30:00"]


@pytest.mark.parametrize(
    ("raw", "names"),
    [
        (("a", "a", "", "a"), ("a", "a_2", "column_3", "a_3")),
        (("x", "x", "x_2"), ("x", "x_3", "x_2")),
        ((" padded ", "two  words"), ("padded", "two words")),
        (("", "column_1"), ("column_1_2", "column_1")),
    ],
)
def test_empty_and_repeated_names_become_distinct(raw: tuple[str, ...], names: tuple[str, ...]) -> None:
    found = clean_names(raw)
    assert len(set(found)) == len(found)
    assert found == names


def test_a_file_without_names_is_named_by_place(data_of: Maker) -> None:
    table = data_of("1,2,x\n3,4,y\n5,6,x\n").table
    assert table.names == ("column_1", "column_2", "column_3")
    assert table.n_rows == 3
    assert "named by their place" in table.source.remarks[0]


def test_what_is_said_about_reading_is_taken(data_of: Maker) -> None:
    reading = ReadingSettings(delimiter=";", decimal=",", encoding="cp1252", header_row=3)
    data = data_of("title\n\nä;b\n1,5;2\n".encode("cp1252"), Opening(reading))
    assert data.table.names == ("ä", "b")
    assert data.table.column("ä").values.tolist() == [1.5]


@pytest.mark.parametrize(
    ("content", "says"),
    [
        (b"", "data.csv: the file is empty."),
        (b"a,b,c\n", "data.csv: there are names but no rows of data below them."),
        (b"a,b\n1,2\n3\n4,5\n", "data.csv, line 3: 1 field where the row of names has 2."),
        (b"a,b\n1,2\n3,4\n5,6,7\n8,9\n", "data.csv, line 4: 3 fields where the row of names has 2."),
        (b"MZ\0\0\0binary\0\1\2", "data.csv: this is not a text file (it holds NUL bytes)"),
        (bytes(range(1, 32)) * 40 + b"\xff", "data.csv: this is not a text file"),
        (b"# only\n# comments\n", "data.csv: there is no row of names in it."),
    ],
)
def test_what_cannot_be_read_gets_one_plain_line(content: bytes, says: str, data_of: Maker) -> None:
    with pytest.raises(Problem) as caught:
        data_of(content)
    assert caught.value.message.startswith(says)
    assert "\n" not in caught.value.message


def test_ragged_rows_are_named_by_their_lines_and_refused_where_they_are_many(data_of: Maker) -> None:
    table = data_of("a,b\n" + "1,2\n" * 90_000 + "3\n" + "4,5\n" * 10).table
    assert (table.n_rows, "line 90,002 (“3”)" in table.source.remarks[0]) == (90_010, True)
    with pytest.raises(Problem, match=r"data\.csv, line 6: 1 field"):
        data_of("a,b\n" + "1,2\n" * 4 + "3\n" * 3)


def test_missing_files_and_folders_are_told(tmp_path: Path) -> None:
    with pytest.raises(Problem, match="there is no such file"):
        read(tmp_path / "nothing.csv")
    with pytest.raises(Problem, match="this is a folder"):
        read(tmp_path)
    (tmp_path / "sheet.xlsx").write_bytes(b"PK")
    with pytest.raises(Problem, match="cannot be read as a workbook"):
        read(tmp_path / "sheet.xlsx")


def test_an_encoding_that_cannot_be_is_told(data_of: Maker) -> None:
    for encoding in ("utf-16", "utf-32", "utf-8"):
        with pytest.raises(Problem, match="not utf"):
            data_of("a,b\n\xe9,2\n".encode("cp1252"), Opening(ReadingSettings(encoding=encoding)))


def test_an_unknown_encoding_is_told(data_of: Maker) -> None:
    with pytest.raises(Problem, match="“utf-9” is not a known encoding"):
        data_of("a\n1\n", Opening(ReadingSettings(encoding="utf-9")))


def test_a_file_that_nobody_here_wrote_is_read() -> None:
    """Prices that ship with the plotting library: comments first, gaps, names with signs."""
    table = read(Path(mpl.get_data_path()) / "sample_data" / "Stocks.csv")
    assert table.n_rows == 524
    assert table.names[:2] == ("Date", "IBM")
    assert table.column("Date").kind is Kind.DATE
    assert table.column("AMZN").valid.sum() == 302


def test_the_source_is_never_written(data_of: Maker, tmp_path: Path) -> None:
    before = (tmp_path / "data.csv", b"a,b\n1,2\n")
    data = data_of(before[1])
    assert before[0].read_bytes() == before[1]
    with pytest.raises(ValueError, match="read-only"):
        data.table.column("a").values[0] = np.float64(7)


MANY = "k,v\n" + "".join(f"{i},{i}.5\n" for i in range(1, 400))
LATE_KEYS = ["00123", "0x1F", "0XAB", "12345678901234567890123", "9007199254740993", "+0042"]


@pytest.mark.parametrize("key", LATE_KEYS)
@pytest.mark.parametrize("encoding", ["utf-8", "utf-16"])
def test_a_key_keeps_its_digits_wherever_in_the_file_it_stands(key: str, encoding: str, data_of: Maker) -> None:
    table = data_of((MANY + f"{key},1.5\n").encode(encoding)).table
    assert table.column("k").text_at(399) == key
    assert table.column("k").text_at(0) == "1"
    assert table.column("v").kind is Kind.NUMBER


def test_numbers_with_zeros_stay_numbers(data_of: Maker) -> None:
    table = data_of("a,b,c\n0.05,100,0\n10.001,9007199254740992,-0\n0,20,00.5\n").table
    assert [column.kind for column in table.columns] == [Kind.NUMBER] * 3
    assert table.column("b").text_at(1) == "9007199254740992"


HEADS = {
    "break in a quoted name": (b'"na\nme",b\n1,2\n3,4\n', ("na me", "b")),
    "form feed above": (b"\x0c\na,b\n1,2\n3,4\n", ("a", "b")),
    "form feed before": (b"\x0ca,b\n1,2\n3,4\n", ("a", "b")),
    "line separator": ("\u2028\na,b\n1,2\n3,4\n".encode(), ("a", "b")),
    "next line": ("a\x85z,b\n1,2\n3,4\n".encode(), ("a z", "b")),
}


@pytest.mark.parametrize("head", HEADS)
def test_the_row_of_names_is_a_row_and_not_a_line(head: str, data_of: Maker) -> None:
    content, names = HEADS[head]
    table = data_of(content).table
    assert (table.names, table.n_rows) == (names, 2)
    assert table.columns[0].values.tolist() == [1.0, 3.0]


@pytest.mark.parametrize(
    ("content", "line"),
    [(b'a,b\n"1\n2",3\n\n4\n5,6\n', 5), (b"# t\n\na,b\n1,2\n3\n4,5\n", 5), (b'a,b\n1,2\n"x\ny\nz"\n', 3)],
)
def test_a_ragged_row_is_named_by_the_line_it_begins_in(content: bytes, line: int, data_of: Maker) -> None:
    with pytest.raises(Problem, match=f"data.csv, line {line}: 1 field where"):
        data_of(content)


def test_a_file_that_changes_while_it_is_read_is_refused(tmp_path: Path) -> None:
    path = tmp_path / "t.csv"
    path.write_text("a,b\n" + "1,2\n" * 200_000)

    def cut(share: float) -> None:
        if share > 0.3 and path.stat().st_size > 100:
            path.write_text("a,b\n1,2\n")

    with pytest.raises(Problem, match=r"t.csv.*(while it was read|cut short)"):
        read(path, watch=Watch(cut))


@pytest.mark.parametrize(
    ("words", "numbers", "unit"),
    [
        (("12%", "15.5%", "8 %", "-3%"), (12, 15.5, 8, -3), "%"),
        (("$1.50", "$-2", "-$3", "$1,200.00"), (1.5, -2, -3, 1200), "$"),
        (("1.5 EUR", "2 EUR", "3EUR", "-4 EUR"), (1.5, 2, 3, -4), "€"),
        (("1 234", "12 345", "999", "1 000 000"), (1234, 12345, 999, 1000000), ""),
        (("1'234.5", "CHF 7", "CHF 12’000", "CHF 1"), (1234.5, 7, 12000, 1), "CHF"),
        (("NA", "1.5", "n/a", "-"), (None, 1.5, None, None), ""),
        (("none", "1", "2", "none"), None, ""),
        (("12%", "5 kg", "7 m", "12 34"), None, ""),
        (("12 34", "1 23", "5 6", "7 8"), None, ""),
        (("– 5", "- 7,5", "−3", "4"), (-5, -7.5, -3, 4), ""),
        (("-5k", "(12k)", "800", "1.5M"), (-5000, -12000, 800, 1500000), ""),
        (("€5m", "-€7.5m", "€800", "€3bn"), (5e6, -7.5e6, 800, 3e9), "€"),
        (("CHF 3k", "(CHF 4k)", "-CHF 600", "CHF 2 Mio."), (3000, -4000, -600, 2e6), "CHF"),
        (("-2 Mio. €", "3k€", "1.5 Tsd. €", "4 €"), (-2e6, 3000, 1500, 4), "€"),
        (("300 K", "-5 K", "12.5 K", "7 K"), (300, -5, 12.5, 7), "K"),
        (("1.25 h", "2.50 h", "0.75 h", "3 h"), (1.25, 2.5, 0.75, 3), "h"),
        (("5 M", "7 M", "12 M", "8 M"), None, ""),
        (("5 m", "-7m", "12 m", "8 m"), (5, -7, 12, 8), "m"),
        (("€5mo", "€7mo", "$12kg", "€9h"), None, ""),
        (("5 kg", "6k", "7 kg", "8M"), None, ""),
        (("5 blorp", "6 blorp", "7 blorp", "8 blorp"), None, ""),
    ],
)
def test_signs_beside_numbers_and_marks_for_nothing(
    words: tuple[str, ...], numbers: tuple[float | None, ...] | None, unit: str, data_of: Maker
) -> None:
    data = data_of("a,x\n" + "".join(f'{k},"{word}"\n' for k, word in enumerate(words)))
    column = data.table.column("x")
    if numbers is None:
        assert column.kind is Kind.TEXT
        return
    assert column.kind is Kind.NUMBER
    assert [float(v) if ok else None for v, ok in zip(column.values, column.valid, strict=True)] == list(numbers)
    assert data.variable("x").unit == unit
    assert [column.text_at(row) for row in range(4) if not column.valid[row]] == [
        word for word, number in zip(words, numbers, strict=True) if number is None
    ]


def test_a_long_file_is_seen_before_it_is_read(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    from istrel.data.reading import preview

    path = tmp_path / "long.csv"
    path.write_text("a,b\n" + "1,2\n" * 50)
    assert preview.first_look(path) == ((), [])
    monkeypatch.setattr(preview, "LONG", 100)
    names, rows = preview.first_look(path)
    assert (tuple(names), tuple(rows[0])) == (("a", "b"), ("1", "2"))
    assert preview.first_look(tmp_path / "gone.csv") == ((), [])
