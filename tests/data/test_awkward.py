"""Awkward files as the world has them: read right, or said to be unsure, or refused in a line that says what to do."""

from __future__ import annotations

import bz2
import gzip
import io
import json
import sqlite3
import zipfile
from collections.abc import Callable
from pathlib import Path
from typing import Any

import numpy as np
import pyarrow as pa
import pytest
import xlsxwriter
from xlsxwriter.utility import xl_cell_to_rowcol

from istrel.data.dataset import Dataset
from istrel.data.reading import ReadingSettings
from istrel.data.table import Table
from istrel.problem import Problem
from istrel.study.opening import Opening

Maker = Callable[..., Dataset]
CSV = "name,score\nAnna,1\nBen,2\nCleo,3\n"


def zipped(**files: str) -> bytes:
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w", zipfile.ZIP_DEFLATED) as archive:
        for name, text in files.items():
            archive.writestr(name.replace("__", "/").replace("_csv", ".csv").replace("_md", ".md"), text)
    return out.getvalue()


def database(*statements: str) -> bytes:
    with sqlite3.connect(":memory:") as made:
        for statement in statements:
            made.execute(statement)
        made.commit()
        return made.serialize()


def column(values: str, name: str = "x", delimiter: str = ";") -> str:
    """A file with the values, cut by bars, beside a column of their places."""
    rows = "".join(f"{place}{delimiter}{value}\n" for place, value in enumerate(values.split("|"), start=1))
    return f"place{delimiter}{name}\n{rows}"


# name: (content, {column: what is read; None for missing; texts that begin with a digit are dates}, what is said of it)
READ: dict[str, tuple[str | bytes, dict[str, list[Any]], str]] = {
    "both marks, comma last": (column("1.037,56|12,5|3"), {"x": [1037.56, 12.5, 3.0]}, ""),
    "both marks, point last": (column("1,037.56|12.5|3"), {"x": [1037.56, 12.5, 3.0]}, ""),
    "thousands or decimals": (column("1.037|2.500|9.125"), {"x": [1.037, 2.5, 9.125]}, "may be 1037"),
    "thousands as the file has commas": (
        "a;b\n1.037;1,5\n2.500;2,5\n3.125;3,5\n",
        {"a": [1037.0, 2500.0, 3125.0], "b": [1.5, 2.5, 3.5]},
        "",
    ),
    "some with the other mark": (column("1.5|2.5|3,5|4.5|5.25|6,75|7.5|8.5"), {"x": [1.5, 2.5, None, 4.5]}, ""),
    "spaces between thousands": (column("1 234|22 345,5|12"), {"x": [1234.0, 22345.5, 12.0]}, ""),
    "apostrophes between thousands": (column("1'234.5|22'345|12"), {"x": [1234.5, 22345.0, 12.0]}, ""),
    "percent with commas": (column("1,7 %|2,5 %|10 %"), {"x": [1.7, 2.5, 10.0]}, ""),
    "units": (column("12 kg|5kg|7.5 kg"), {"x": [12.0, 5.0, 7.5]}, ""),
    "units at some": (column("12 kg|5 kg|7 kg|8"), {"x": [12.0, 5.0, 7.0, 8.0]}, "one of them names no unit"),
    "degrees": (column("36,6 °C|37,1 °C|38 °C"), {"x": [36.6, 37.1, 38.0]}, ""),
    "brackets for minus": (column("(1,234.00)|5.00|(3.50)"), {"x": [-1234.0, 5.0, -3.5]}, "in brackets"),
    "footnote marks": (column("0.3*|0.51**|0.1|0.2"), {"x": [0.3, 0.51, 0.1, 0.2]}, "footnote marks"),
    "about": (column("~4|5|~6|about 7|etwa 8|environ 9"), {"x": [4.0, 5.0, 6.0, 7.0, 8.0, 9.0]}, "about"),
    "a minus of typographers": (column("−4|5|−6,5"), {"x": [-4.0, 5.0, -6.5]}, ""),
    "euros before": (column("€1,200|€3.50|-€5"), {"x": [1200.0, 3.5, -5.0]}, ""),
    "limits": (column("<0.01|0.5|0.7|1.2|<0.01|0.3"), {"x": [None, 0.5, 0.7, 1.2, None, 0.3]}, ""),
    "open ends": (column("23|34|65+|41|65+|52"), {"x": [23.0, 34.0, None, 41.0, None, 52.0]}, ""),
    "two numbers in a cell": (column("1.2 ± 0.3|2.5 ± 0.4|3 ± 1"), {"x": ["1.2 ± 0.3"]}, ""),
    "times of day": (column("13:05|14:10|13:05"), {"x": ["13:05", "14:10", "13:05"]}, "may be hours and minutes"),
    "answers side by side": (column("1,2|1,3,4|2|1,2,3"), {"x": ["1,2", "1,3,4", "2"]}, ""),
    "two answers side by side at most": (column('"1,2"|"2,3"|1|"1,3"', delimiter=","), {"x": [1.2]}, "unlike the rest"),
    "versions": (column("1.2.3|1.2.4|2.0.1"), {"x": ["1.2.3"]}, ""),
    "a slip among many numbers": (column("|".join(["1.2.3", *(f"{k}.5" for k in range(99))])), {"x": [None, 0.5]}, ""),
    "times of day in one column": ("start time\n" + "13:05\n" * 60, {"start time": [13 + 5 / 60]}, "read as hours (13.0833"),
    "names of two words in one column": ("name\nAnna Lee\nRosa Kim\nOlga May\n", {"name": ["Anna Lee", "Rosa Kim"]}, ""),
    "keys": (column("007|008|010"), {"x": ["007", "008", "010"]}, ""),
    "letters behind numbers": (column("101A|102A|103B"), {"x": ["101A", "102A", "103B"]}, ""),
    "ages in bands": (column("18-25|26-35|36-50|50+"), {"x": ["18-25"]}, ""),
    "exponents": (column("1e5|2.5E-3|3"), {"x": [1e5, 0.0025, 3.0]}, ""),
    "day first by one": (column("14/03/2024|01/02/2024|05/06/2024"), {"x": ["2024-03-14", "2024-02-01", "2024-06-05"]}, ""),
    "month first with times": (
        column("3/14/2024 13:05:00|2/3/2024 1:00:00"),
        {"x": ["2024-03-14T13:05:00", "2024-02-03T01:00:00"]},
        "",
    ),
    "day or month": (column("01/02/2024|03/04/2024|05/06/2024"), {"x": ["01/02/2024"]}, "may be 2024-02-01 or 2024-01-02"),
    "day or month, as the other column": (
        "a;b\n01/02/2024;14/03/2024\n03/04/2024;01/02/2024\n",
        {"a": ["2024-02-01", "2024-04-03"], "b": ["2024-03-14", "2024-02-01"]},
        "the day comes first, as in the other columns",
    ),
    "days with points": (column("01.02.2024|03.04.2024"), {"x": ["2024-02-01", "2024-04-03"]}, "may be"),
    "short years": (column("14.03.24|01.12.63"), {"x": ["2024-03-14", "1963-12-01"]}, "1963 to 2024"),
    "months in words": (column("January 6, 2024|May 1st, 2023", delimiter="\t"), {"x": ["2024-01-06", "2023-05-01"]}, ""),
    "months in other words": (
        column("1. März 2023|14 mars 2021|3 de enero de 2020"),
        {"x": ["2023-03-01", "2021-03-14", "2020-01-03"]},
        "",
    ),
    "months cut short": (column("Jan 1 2000|Feb 29 2000"), {"x": ["2000-01-01", "2000-02-29"]}, ""),
    "days with months between": (column("12-Jan-99|05-Okt-03"), {"x": ["1999-01-12", "2003-10-05"]}, "1999 to 2003"),
    "months": (column("2024-03|2024-04|2024-12"), {"x": ["2024-03-01", "2024-04-01", "2024-12-01"]}, "first days"),
    "quarters": (column("2015Q1|2015Q2|2016Q4"), {"x": ["2015-01-01", "2015-04-01", "2016-10-01"]}, "first days"),
    "half-years": (column("2015H1|2015H2|2016S1"), {"x": ["2015-01-01", "2015-07-01", "2016-01-01"]}, "half-years"),
    "half-years in words": (column("1. HJ 2018|2. Halbjahr 2019"), {"x": ["2018-01-01", "2019-07-01"]}, "half-years"),
    "halves and quarters": (column("½|1½|2 ¼|-3¾|4"), {"x": [0.5, 1.5, 2.25, -3.75, 4.0]}, ""),
    "halves beside commas": (column("½ kg|1½ kg|2,75 kg"), {"x": [0.5, 1.5, 2.75]}, ""),
    "parts of a whole": (column("1 1/2|2 3/4|5|10 1/8"), {"x": [1.5, 2.75, 5.0, 10.125]}, ""),
    "euros for a comma": (column("5€50|12€05|3€99|7€"), {"x": [5.5, 12.05, 3.99, 7.0]}, ""),
    "a minus behind": (column("12-|5|0-|33-|7-"), {"x": [-12.0, 5.0, 0.0, -33.0, -7.0]}, ""),
    "marks of a school": (column("1|2-|2+|3|2|1-"), {"x": ["1", "2-", "2+"]}, ""),
    "days and hours": (column("2d 4h|18h|1d|3 days 12h"), {"x": [52.0, 18.0, 24.0, 84.0]}, "read as hours"),
    "signs alone in a western file": (
        column("36,8¹|36,9|37,1²|38,0").encode("cp1252"),
        {"x": [36.8, 36.9, 37.1, 38.0]},
        "footnote marks",
    ),
    "durations in letters": (column("PT1H30M|PT45M|P1DT2H|PT90S"), {"x": [90.0, 45.0, 1560.0, 1.5]}, "read as minutes"),
    "months in letters, and persons": (column("P1M|P2M|P12|PT"), {"x": ["P1M", "P2M"]}, ""),
    "ages in years and months": (
        column("3;0|3;11|12;6|4;1.15", delimiter=","),
        {"x": [3.0, 3 + 11 / 12, 12.5]},
        "ages in years and months",
    ),
    "raised powers of ten": (column("5×10³|2.5 · 10⁻²|3 × 10⁴"), {"x": [5000.0, 0.025, 30_000.0]}, ""),
    "raised figures behind numbers": (column("12¹|3²|40|7"), {"x": [12.0, 3.0, 40.0, 7.0]}, "footnote marks"),
    "raised marks of footnotes": (column("27ᵃ|34|45†|12¹|8ᵃᵇ"), {"x": [27.0, 34.0, 45.0, 12.0, 8.0]}, "footnote marks"),
    "two ways of writing dates, one in either order": (
        column("2026-01-15|25/03/2026|2026-06-04|09/03/2026|2026-07-01|14/02/2026"),
        {"x": ["2026-01-15", "2026-03-25", "2026-06-04", "2026-03-09", "2026-07-01", "2026-02-14"]},
        "several ways",
    ),
    "dates beside dates that nobody can tell": (
        column("2026-01-15|2026-06-04|09/03/2026|2026-07-01|01/02/2026|2026-08-01"),
        {"x": ["2026-01-15", "2026-06-04", "09/03/2026"]},
        "is none for sure",
    ),
    "degrees with minutes": (
        column("48°30'N|7° 30' 36\" S|12°15′W|0.5°E"),
        {"x": [48.5, -7.51, -12.25, 0.5]},
        "read as degrees",
    ),
    "degrees with an O beside W": (column("48°30'O|7°30'W"), {"x": [48.5, -7.5]}, "read as degrees"),
    "degrees with an O alone": (column("48°30'O|7°30'O"), {"x": ["48°30'O", "7°30'O"]}, "may be east"),
    "a word that nobody knows beside measures": (
        column("5.6|u.k.|6.1|u.k.|7.25|5.9"),
        {"x": [5.6, None, 6.1, None, 7.25, 5.9]},
        "",
    ),
    "a word beside kinds in numbers": (column("1|K|2|K|3|1"), {"x": ["1", "K", "2"]}, ""),
    "spaces between times and numbers": (
        "# station 12\ntime temp press\n2024-05-01T00:00:00Z 9.5 -\n2024-05-02T01:00:00Z 13.25 1001.5\n",
        {"temp": [9.5, 13.25], "press": [None, 1001.5]},
        "",
    ),
    "ages that were read as decimals": (
        column("8,10|9,2|8,11|7,0", name="Alter (J,M)"),
        {"Alter (J,M)": [8.1, 9.2, 8.11, 7.0]},
        "its name says years and months",
    ),
    "answers beside answers": (column("1;3|2;5|1;2|3;4", delimiter=","), {"x": ["1;3", "2;5"]}, ""),
    "seconds since 1970": (
        column("|".join(str(1_700_000_000 + 86_400 * k) for k in range(6)), name="created_at"),
        {"created_at": ["2023-11-14T22:13:20", "2023-11-15T22:13:20"]},
        "seconds since 1970, read as dates",
    ),
    "what may be seconds since 1970": (
        column("|".join(str(1_700_000_000 + 7 * k) for k in range(6)), name="value"),
        {"value": [1_700_000_000.0]},
        "may be seconds since 1970",
    ),
    "halves of the day": (column("3/14/2024 1:05 PM|3/15/2024 12:00 AM"), {"x": ["2024-03-14T13:05:00", "2024-03-15"]}, ""),
    "zones": (
        column("2024-07-01T00:30+02:00|2024-07-02T23:30+02:00"),
        {"x": ["2024-07-01T00:30:00", "2024-07-02T23:30:00"]},
        "their zone (+02:00)",
    ),
    "zones that Arrow knows": (
        column("2024-07-01T00:30:00+02:00|2024-07-02T23:30:00+02:00", delimiter=","),
        {"x": ["2024-07-01T00:30:00", "2024-07-02T23:30:00"]},
        "their zone",
    ),
    "days in eight digits": (
        column("20240301|20240302|20240303|20240401|20240501", name="day"),
        {"day": ["2024-03-01", "2024-03-02"]},
        "YYYYMMDD",
    ),
    "numbers of eight digits": (column("20249901|20240302|20240303|20240401|20240501"), {"x": [20249901.0]}, ""),
    "days no calendar has": (column("30.02.2024|1.1.2024|2.1.2024|3.1.2024|13.1.2024"), {"x": [None, "2024-01-01"]}, ""),
    "sep=": ("sep=;\n" + column("1|2|3"), {"place": [1.0, 2.0, 3.0], "x": [1.0, 2.0, 3.0]}, ""),
    "carets": (column("1|2|3", delimiter="^"), {"x": [1.0, 2.0, 3.0]}, ""),
    "fixed width": (
        "name      age  town\nAnna       23  Rome\nBen Lee    34  Kiel\nCleo        9  Bern\n",
        {"name": ["Anna", "Ben Lee", "Cleo"], "age": [23.0, 34.0, 9.0], "town": ["Rome", "Kiel", "Bern"]},
        "",
    ),
    "runs of spaces": (
        "id  name  x\n1  Anna B  2\n10  Ben  30\n100  Cleo  4\n",
        {"name": ["Anna B", "Ben", "Cleo"], "x": [2.0, 30.0, 4.0]},
        "",
    ),
    "years as names": (
        "land,1990,1991,1992\nA,3.5,4,5\nB,1,7,9\nC,2,2,6\n",
        {"land": ["A", "B", "C"], "1990": [3.5, 1.0, 2.0], "1992": [5.0, 9.0, 6.0]},
        "",
    ),
    "no names": ("A,3,4\nB,5,2\nC,8,9\nD,1,1\n", {"column_2": [3.0, 5.0, 8.0, 1.0]}, "The first row is data"),
    "questions under names": (
        "Q1,Q2,town\nHow old are you?,How tall are you?,Where?\n23,180,Rome\n34,172,Kiel\n9,120,Bern\n",
        {"Q1": [23.0, 34.0, 9.0], "town": ["Rome", "Kiel", "Bern"]},
        "row under the names",
    ),
    "questions of answers under names": (
        "id,Q1,Q2,Q3\nNo.,Is it good?,Is it new?,Is it dear?\n"
        + "".join(f"p{k},{'yes' if k % 2 else 'no'},{'abc'[k % 3]},{'xyz'[k % 3]}\n" for k in range(30)),
        {"id": ["p0", "p1"], "Q1": ["no", "yes"], "Q3": ["x", "y"]},
        "row under the names",
    ),
    "names of rows beside their cells": (
        '"age" "sex" "score"\n' + "".join(f'"{k}" {20 + k} "{"MF"[k % 2]}" {40 + k}.125\n' for k in range(1, 6)),
        {"column_1": [1.0, 2.0], "age": [21.0, 22.0], "sex": ["F", "M"], "score": [41.125, 42.125]},
        "",
    ),
    "names without that of the first column": ("x,y\n1,2,3\n2,4,5\n3,6,7\n", {"x": [2.0, 4.0, 6.0], "y": [3.0, 5.0, 7.0]}, ""),
    "a comma behind zero": (column("1,250|0,704|1,033"), {"x": [1.25, 0.704, 1.033]}, ""),
    "units under names": (
        "mass,length,site\n(kg),[cm],\n2.5,18,N\n3.5,17,S\n9,12,N\n",
        {"mass": [2.5, 3.5, 9.0], "length": [18.0, 17.0, 12.0], "site": ["N", "S", "N"]},
        "row under the names",
    ),
    "a source at the end": (
        CSV + "Dana,4\nEve,5\nSource: made up\n",
        {"score": [1.0, 2.0, 3.0, 4.0, 5.0]},
        "line 7 (“Source: made up”)",
    ),
    "titles above": ("Survey 2024,,\n,,\nname,a,b\nAnna,1,2\nBen,2,3\n", {"name": ["Anna", "Ben"], "a": [1.0, 2.0]}, "line 3"),
    "gzip": (gzip.compress(CSV.encode()), {"name": ["Anna", "Ben", "Cleo"], "score": [1.0, 2.0, 3.0]}, ""),
    "bzip2": (bz2.compress(CSV.encode()), {"score": [1.0, 2.0, 3.0]}, ""),
    "zstd": (pa.compress(CSV.encode(), "zstd", asbytes=True), {"score": [1.0, 2.0, 3.0]}, ""),
    "zip of one": (zipped(data_csv=CSV, __MACOSX__data_csv="x", read_md="words"), {"score": [1.0, 2.0, 3.0]}, ""),
    "zip of several": (zipped(a_csv="x\n1\n2\n", data_csv=CSV), {"score": [1.0, 2.0, 3.0]}, "there are also a.csv"),
    "records": (
        json.dumps([{"a": 1, "b": {"c": "x"}}, {"a": 2.5, "b": {"c": "y"}, "d": [1, 2]}]),
        {"a": [1.0, 2.5], "b.c": ["x", "y"], "d": [None, "1; 2"]},
        "",
    ),
    "records within a key": (json.dumps({"meta": {"n": 2}, "rows": [{"a": 1}, {"a": 2}]}), {"a": [1.0, 2.0]}, "“rows”"),
    "columns of arrays": (
        json.dumps({"a": [1, 2, None], "b": ["x", None, "z"]}),
        {"a": [1.0, 2.0, None], "b": ["x", None, "z"]},
        "",
    ),
    "rows of cells": (json.dumps([["a", "b"], [1, "x"], [2, "y"]]), {"a": [1.0, 2.0], "b": ["x", "y"]}, ""),
    "lines of records": ('{"a": 1}\n{"a": 2}\n', {"a": [1.0, 2.0]}, ""),
    "a database": (
        database(
            "create table few (x)",
            "insert into few values (1)",
            "create table t (a integer, b text)",
            "insert into t values (1, 'x'), (2, null)",
        ),
        {"a": [1.0, 2.0], "b": ["x", None]},
        "there are also few",
    ),
}  # fmt: skip


def shown(table: Table, name: str, n: int) -> list[Any]:
    found = table.column(name)
    values = [found.value_at(row) if found.valid[row] else None for row in range(n)]
    return [float(value) if isinstance(value, np.floating) else value for value in values]


@pytest.mark.parametrize("name", READ)
def test_an_awkward_file_is_read_right_or_said_to_be_unsure(name: str, data_of: Maker) -> None:
    content, expected, says = READ[name]
    ending = ".json" if name.startswith(("records", "columns", "rows")) else ".dat"
    table = data_of(content, name=f"file{ending}").table
    for column_name, values in expected.items():
        assert shown(table, column_name, len(values)) == values
    remarks = " ".join(table.source.remarks)
    assert (says in remarks) if says else not table.source.unsure
    assert all(remark in table.source.remarks for remark in table.source.unsure)


def test_what_can_be_read_either_way_is_read_as_a_person_says(data_of: Maker) -> None:
    text = column("01/02/2024|03/04/2024")
    for order, first in (("day-first", "2024-02-01"), ("month-first", "2024-01-02")):
        table = data_of(text, Opening(ReadingSettings(dates=order))).table
        assert (shown(table, "x", 1), table.source.unsure) == ([first], ())
    for mark, value in ((",", 1037.0), (".", 1.037)):
        table = data_of(column("1.037|2.500"), Opening(ReadingSettings(decimal=mark))).table
        assert (shown(table, "x", 1), table.source.unsure) == ([value], ())
    with pytest.raises(Problem, match="no order of dates"):
        data_of(text, Opening(ReadingSettings(dates="year")))


LETTERS = {
    "gb18030": "姓名,城市|张伟,北京|王芳,上海|李娜,广州|刘洋,深圳",
    "big5": "姓名,城市|陳怡君,臺北|林志明,高雄|黃淑芬,臺南",
    "shift_jis": "名前,都市|田中,東京|鈴木,大阪|さとう,キョウト",
    "euc_kr": "이름,도시|김철수,서울|이영희,부산|박민수,대구",
    "cp1252": "Prénom,Ville|Hélène,Orléans|François,Besançon|Zoë,Nîmes|Jürgen,Köln",
    "mac_roman": "Prénom,Ville|Hélène,Orléans|François,Besançon|Zoë,Nîmes|Jürgen,Köln",
    "iso8859_15": "Article,Prix|œuf,5 €|bœuf,7 €|cœur,9 €",
    "cp850": "Name,Stadt|Müller,Köln|Jäger,Lübeck|Größ,Bonn",
    "cp1250": "Jméno,Město|Dvořák,Plzeň|Novotný,Děčín|Šťastná,Žatec",
    "cp1251": "Имя,Город|Иван,Москва|Ольга,Казань|Пётр,Тверь",
    "koi8_r": "Имя,Город|Иван,Москва|Ольга,Казань|Пётр,Тверь",
    "cp1253": "Όνομα,Πόλη|Γιώργος,Αθήνα|Μαρία,Πάτρα|Νίκος,Βόλος",
    "cp1254": "Ad,Şehir|Ayşe,İstanbul|Uğur,Muğla|Çağla,Iğdır",
    "utf-16": "Prénom,Ville|Hélène,Orléans|François,Besançon",
}


@pytest.mark.parametrize("encoding", LETTERS)
def test_the_encoding_is_the_one_that_makes_words(encoding: str, data_of: Maker) -> None:
    names, *rows = (line.split(",") for line in LETTERS[encoding].split("|"))
    text = "\n".join(",".join(row) for row in [names, *(3 * rows)]) + "\n"
    table = data_of(text.encode(encoding)).table
    assert list(table.names) == names
    assert shown(table, names[0], len(rows)) == [row[0] for row in rows]


def test_letters_far_down_and_cut_by_the_sample_are_known(data_of: Maker) -> None:
    early = "姓名,城市\n" + "张伟,北京\n王芳,上海\n" * 40_000
    assert shown(data_of(early.encode("gb18030")).table, "姓名", 2) == ["张伟", "王芳"]
    late = ("name,city\n" + "Anna,Rome\n" * 60_000 + "Dvořák,Plzeň\nŠťastná,Žatec\n").encode("cp1250")
    assert data_of(late).table.column("name").text_at(60_000) == "Dvořák"


# name: (content, what is said)
REFUSED: dict[str, tuple[bytes, str]] = {
    "PDF": (b"%PDF-1.7\n%\xe2\xe3\nxref", "a PDF document; copy its table"),
    "picture": (b"\x89PNG\r\n\x1a\n\0\0", "a picture"),
    "another program": (b"<its_own><header>" + bytes(40), "a file of another program"),
    "page": (b"<!DOCTYPE html><html><table><tr><td>1</td></tr></table>", "a page or document in markup"),
    "old workbook": (
        b"\xd0\xcf\x11\xe0\xa1\xb1\x1a\xe1" + bytes(500),
        "of an old format; save its table as delimited text",
    ),
    "text document": (zipped(word__document_xml="").replace(b"document_xml", b"document.xml"), "a text document"),
    "archive without tables": (zipped(read_md="words"), "no table in this archive, but read.md"),
    "archive in an archive": (gzip.compress(gzip.compress(CSV.encode())), "packed twice"),
    "damaged archive": (
        zipped(data_csv=CSV * 50).replace(b"Anna", b"Anna")[:60] + b"\xff\xff\xff" + zipped(data_csv=CSV * 50)[63:],
        "broken",
    ),
    "cut off": (gzip.compress(CSV.encode() * 99)[:-20], "broken or was cut off"),
    "a bomb": (gzip.compress(bytes(2**27)), "more than a packed table may"),
    "deep": (b'{"a":' * 100_000, "(nested|sound JSON)"),
    "no JSON": (b'[{"a": 1}, {"a": ]', "no sound JSON"),
    "no records": (b"[1, 2, 3]", "no records"),
    "no table in it": (database("create view v as select 1"), "no table in this database"),
    "broken database": (b"SQLite format 3\0" + bytes(range(200)), "no sound database"),
    "statistics program": (b"$FL2@(#)" + bytes(200), "of a statistics program"),
}


@pytest.mark.parametrize("name", REFUSED)
def test_what_is_no_table_is_told_in_a_line_that_says_what_to_do(name: str, tmp_path: Path, data_of: Maker) -> None:
    content, says = REFUSED[name]
    with pytest.raises(Problem, match=says) as caught:
        data_of(content, name="file.json" if "JSON" in name or name in ("deep", "no records") else "file")
    assert "\n" not in caught.value.message


def workbook(**sheets: tuple[dict[str, list[list[Any]]], dict[str, str]]) -> bytes:
    """{sheet: ({first cell: rows}, {merged cells: what stands in them})}; a sheet called old is hidden."""
    out = io.BytesIO()
    with xlsxwriter.Workbook(out) as book:
        for name, (blocks, merged) in sheets.items():
            sheet = book.add_worksheet(name)
            for place, rows in blocks.items():
                top, left = xl_cell_to_rowcol(place)
                for down, row in enumerate(rows):
                    sheet.write_row(top + down, left, row)
            for span, value in merged.items():
                sheet.merge_range(span, value)
            if name == "old":
                sheet.hide()
    return out.getvalue()


WORDS = [["About this study"], *([f"line {k}"] for k in range(12))]
PEOPLE = [["group", "name", "score"], *([None, f"p{k}", k * 1.5] for k in range(6))]
SECOND = [["Table 2"], ["x", "y"], [0, 5], [1, 6]]
BOOK = workbook(
    Notes=({"A1": WORDS}, {}),
    data=({"A1": [["Table 1"]], "A3": PEOPLE, "A10": [["Source: me"]], "A14": SECOND}, {"A4:A6": "A", "A7:A9": "B"}),
    old=({"A1": [["q", "r"], *([k, k] for k in range(99))]}, {}),
    heads=({"A2": [["id", "pre", "post"], [1, 2, 3], [2, 4, 5]]}, {"B1:C1": "score"}),
)  # fmt: skip
SHEETS: dict[str | None, tuple[dict[str, list[Any]], str]] = {
    None: ({"group": ["A", "A", "A", "B", "B", "B"], "score": [0.0, 1.5, 3.0, 4.5, 6.0, 7.5]}, "old (hidden)"),
    "data": ({"name": ["p0", "p1", "p2", "p3", "p4", "p5"]}, "also tables in data!A15"),
    "data!A15": ({"x": [0.0, 1.0], "y": [5.0, 6.0]}, "also tables in data!A3"),
    "heads": ({"id": [1.0, 2.0], "score, pre": [2.0, 4.0], "score, post": [3.0, 5.0]}, "row 2"),
    "old": ({"q": [float(k) for k in range(99)]}, ""),
}


@pytest.mark.parametrize("sheet", SHEETS)
def test_every_table_of_a_workbook_is_found(sheet: str | None, data_of: Maker) -> None:
    expected, says = SHEETS[sheet]
    table = data_of(BOOK, Opening(ReadingSettings(sheet=sheet)), name="book.xlsx").table
    assert {name: shown(table, name, table.n_rows) for name in expected} == expected
    assert says in " ".join(table.source.remarks)


def test_a_table_that_is_not_on_a_sheet_is_told(data_of: Maker) -> None:
    with pytest.raises(
        Problem, match=r"no table of the sheet “data” has its names in C9; its tables are data!A3, data!A15"
    ):
        data_of(BOOK, Opening(ReadingSettings(sheet="data!C9")), name="book.xlsx")
