"""Codebooks as people write them: one meaning in many forms is one codebook; what cannot be read is told with its line."""

from __future__ import annotations

from pathlib import Path

import pytest
import xlsxwriter

from istrel.data.codebook import Codebook, MissingCode, ValueLabel
from istrel.data.levels import Level
from istrel.problem import Problem
from istrel.study.codebooks.by_hand import cells_of
from istrel.study.opening import Opening, open_data

DATA = "age,Smoker,mood\n31,0,1\n44,1,3\n58,1,2\n39,0,99\n"
FORMS = {
    "own": """name,level,label,unit,values,missing
age,continuous,Age,years,,
Smoker,binary,Smokes,,0 = No | 1 = Yes,
mood,ordinal,Mood,,1 = low | 2 = fair | 3 = high,99 none
""",
    "semicolons": """Variable;Type;Description;Units;Values;Missing
Age;numeric;Age;years;;
smoker;binary;Smokes;;0=No, 1=Yes;
mood;ordinal;Mood;;1=low, 2=fair, 3=high;99 none
""",
    "colons": """Variable name\tMeasurement level\tQuestion\tUnit\tCoding\tNA
AGE\tscale\tAge\tyears\t18-99\t
smoker\tdichotomous\tSmokes\t\t0: No, 1: Yes\t
mood\tlikert\tMood\t\t1: low; 2: fair; 3: high\t99 none
""",
    "German": """Feld;Messniveau;Bezeichnung;Einheit;Werte;Fehlend
age;metrisch;Age;years;;
smoker;binär;Smokes;;"0=No; 1=Yes";
mood;ordinal;Mood;;"1=low; 2=fair; 3=high";99 none
""",
    "numbered": """field,type,label,unit,categories,missing values
age,interval,Age,years,,
smoker,yes/no,Smokes,,(0) No | (1) Yes,
mood,ordered,Mood,,"1 low
2 fair
3 high",99 none
""",
    "a row for each value": """variable,type,description,unit,code,meaning,missing
age,numeric,Age,years,,,
smoker,boolean,Smokes,,0,No,
,,,,1,Yes,
mood,ordinal,Mood,,1,low,99 none
mood,,,,2,fair,
mood,,,,3,high,
""",
}


def opened(folder: Path, book: Path) -> Codebook:
    (folder / "data.csv").write_text(DATA)
    return open_data(folder / "data.csv", Opening(codebook=str(book))).codebook


@pytest.mark.parametrize("form", FORMS)
@pytest.mark.parametrize("ending", [".csv", ".xlsx"])
def test_one_meaning_in_many_forms_is_one_codebook(form: str, ending: str, tmp_path: Path) -> None:
    book = tmp_path / f"book{ending}"
    if ending == ".xlsx":
        with xlsxwriter.Workbook(book) as made:
            sheet = made.add_worksheet()
            for row, cells in enumerate(cells_of(FORMS[form])):
                sheet.write_row(row, 0, cells)
    else:
        book.write_text(FORMS[form])
    found = opened(tmp_path, book)
    answers = (ValueLabel(0.0, "No"), ValueLabel(1.0, "Yes"))
    steps = tuple(ValueLabel(float(k), word) for k, word in enumerate(("low", "fair", "high"), start=1))
    assert [(v.name, v.level, v.label, v.unit, v.value_labels, v.missing_codes) for v in found.variables] == [
        ("age", Level.CONTINUOUS, "Age", "years", (), ()),
        ("Smoker", Level.BINARY, "Smokes", "", answers, ()),
        ("mood", Level.ORDINAL, "Mood", "", steps, (MissingCode(99.0, "none"),)),
    ]


BAD = {
    "no names": ("label,type\nx,numeric\n", "line 1: a codebook needs a column “name”"),
    "unknown level": ("variable,type\nage,nummeric\n", "line 2: “nummeric” is no level of measurement"),
    "no values": ("variable,values\nage,\nsmoker,yes and no\n", "line 3: value labels are written"),
}


@pytest.mark.parametrize("case", BAD)
def test_what_cannot_be_read_is_told_with_its_line(case: str, tmp_path: Path) -> None:
    text, says = BAD[case]
    (tmp_path / "book.csv").write_text(text)
    with pytest.raises(Problem, match=says):
        opened(tmp_path, tmp_path / "book.csv")
