"""Seeded, bounded fuzzing: sentences, data files, codebooks, changes, and random acts in the real window.

Anything but a result or a plain Problem is a finding, and prints its seed and input. `make fuzz` shares 10,000 inputs out
between two processes, at most five minutes; ISTREL_SEED chooses others.
"""

from __future__ import annotations

import argparse
import contextlib
import io
import json
import multiprocessing
import os
import random
import sqlite3
import sys
import tempfile
import time
import traceback
import warnings
import zipfile
from collections.abc import Callable
from concurrent.futures import ProcessPoolExecutor
from dataclasses import replace
from pathlib import Path
from typing import Any

import numpy as np

from istrel.data.codebook import MissingCode, ValueLabel
from istrel.data.combine.rows import take
from istrel.data.corrections import Aside, Correction
from istrel.data.dataset import Dataset
from istrel.data.guess import guess_codebook
from istrel.data.levels import Level
from istrel.data.screening import screen
from istrel.data.table import Table
from istrel.demo import CODEBOOK, LEARNERS
from istrel.exhibits.make import make_exhibit
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, Item
from istrel.render.json import render as as_json
from istrel.render.manuscript import manuscript_document
from istrel.render.markdown import render as as_markdown
from istrel.render.refresh import refresh
from istrel.sentence import parse, parse_condition, parse_expression, request_of
from istrel.sentence.quoting import show_name
from istrel.sentence.settings import Place, fitting_settings
from istrel.sentence.vocabulary import CLAUSES, FORMS, SETTINGS, STATISTICS, VERBS
from istrel.sentence.vocabulary.entries import Setting
from istrel.study.changes import Change
from istrel.study.changes.cases import Correct, SetAside, SetCondition
from istrel.study.changes.codebook import (
    Derive,
    LeaveOut,
    SetDecimals,
    SetLevel,
    SetMissing,
    SetText,
    SetValueLabels,
    TreatAsMissing,
)
from istrel.study.changes.manuscript import Insert, Keep, Move, Retitle, SetStyle, Write
from istrel.study.codebooks.csv_on_the_web import write_metadata
from istrel.study.codebooks.ddi import write_ddi
from istrel.study.codebooks.reading import read_codebook
from istrel.study.codebooks.table_schema import write_package
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.manuscript import manuscript
from istrel.study.opening import open_data, open_source
from istrel.study.parts import Accepted, Kept, Number, Passage, Reference, Words
from istrel.study.record import change_of, record_of
from istrel.study.review import review
from istrel.study.study import Study
from istrel.style.house import load_style, style_from, style_text

ODD = [
    "",
    "²",
    "1e400",
    "-1e308",
    "1e-320",
    "nan",
    "inf",
    "9" * 400,
    "0",
    "-1",
    "0.5",
    "yes",
    "no",
    '"x"',
    "\x00",
    "“",
    "((",
    "é",
]
SIGNS = [",", "×", "*", "..", "(", ")", "=", ">", "between 1 and 2", "not", "and", "or", "in (1, 2)", "is missing"]


class Fuzz:
    """One run: the same seed tries the same inputs."""

    def __init__(self, seed: int) -> None:
        self.random = random.Random(seed)
        whole = open_source(LEARNERS)
        few = np.arange(0, whole.raw.n_rows, 5)
        table = Table(tuple(take(column, few) for column in whole.raw.columns), whole.raw.source)
        self.study = Study((replace(whole, raw=table),))
        self.demo = self.study.data
        self.names = list(self.demo.codebook.names)
        self.groups = [v.name for v in self.demo.codebook.variables if v.level.categorical]
        self.style = load_style()
        self.files, self.workbooks = self._files(), _workbooks()
        self.paper = self._paper()
        self.documents, self.moved = self._documents()
        self.records = [json.dumps(record_of(change)) for change in _changes()]

    def families(self) -> tuple[tuple[Callable[[], str], int], ...]:
        """(what makes one input, tries it, and returns what it was; how often in a round)."""
        return (
            (self.sentence, 8),
            (self.mistyped, 8),
            (self.wild_sentence, 3),
            (self.file, 4),
            (self.codebook, 4),
            (self.change, 6),
            (self.workbook, 1),
            (self.extreme, 4),
            (self.house_style, 2),
            (self.study_file, 4),
            (self.edited_document, 1),
        )

    def sentence(self) -> str:
        """One that could be meant."""
        return self._try_sentence(self._meant())

    def _meant(self) -> str:
        """A verb, variables, clauses, and settings with values both right and odd."""
        pick, chance, verb = self.random.choice, self.random.random, self.random.choice(list(VERBS))
        form, against, groups = pick(VERBS[verb].forms), verb == "count" and chance() < 0.4, chance() < 0.5
        fewest = 2 if verb == "relate" else 1
        text = f"{verb} {', '.join(self.random.sample(self.names, self.random.randint(fewest, 4)))}"
        text += f" against {pick(self.names)}" if against else ""
        text += f" across {' × '.join(self.random.sample(self.groups, self.random.randint(1, 2)))}" if groups else ""
        if chance() < 0.3:
            text += f" among {pick(self.names)} {pick(['>', '=', '!=', '<='])} {pick([*ODD, '30', '-9', '1'])}"
        text += f" as {form}" if form != "table" else ""
        fitting = list(fitting_settings(Place(verb, form, against, groups)))
        said = [
            f"{s.name} = {self._value(s)}"
            for s in self.random.sample(fitting, min(len(fitting), self.random.randint(0, 3)))
        ]
        if verb == "describe" and form == "table":
            said += self.random.sample(list(STATISTICS), self.random.randint(0, 3))
        return f"{text} with {', '.join(said)}" if said else text

    def _value(self, setting: Setting) -> str:
        """A value that a setting offers, a number, or now and then something odd."""
        if self.random.random() < 0.1:
            return self.random.choice(ODD)
        offered = [str(value) for value in setting.takes.offers if value is not None] or [
            "2",
            "0.3",
            "5",
            "{1, 20, 40}",
        ]
        return {"True": "yes", "False": "no"}.get(said := self.random.choice(offered), said)

    def mistyped(self) -> str:
        """A sentence with words lost, doubled, exchanged or put in."""
        words = self._meant().split(" ")
        for _ in range(self.random.randint(1, 3)):
            place = self.random.randrange(len(words))
            other = self.random.choice([*ODD, *SIGNS, *self.names, *CLAUSES, *SETTINGS, words[place]])
            words[place : place + self.random.randint(0, 2)] = [other] * self.random.randint(0, 2)
            words = words or ["describe"]
        return self._try_sentence(" ".join(words))

    def wild_sentence(self) -> str:
        """Any words in any order."""
        words = [*VERBS, *CLAUSES, *FORMS, *SETTINGS, *STATISTICS, *self.names, *ODD, *SIGNS]
        return self._try_sentence(" ".join(self.random.choices(words, k=self.random.randint(1, 14))))

    def _try_sentence(self, text: str) -> str:
        self._try(lambda: self._print(text, self.demo), text)
        return text

    def _print(self, text: str, data: Dataset) -> None:
        exhibit = make_exhibit(request_of(text, data.codebook), data)
        document = Document((Item(exhibit, "1"),), self.style)
        as_json(document)
        if exhibit.form == "table":
            as_markdown(document)

    def file(self) -> str:
        """A sound file of any format with bytes changed, cut, doubled or put in."""
        name, content = self.random.choice(self.files)
        return self._try_file(name, self._changed(content))

    def _changed(self, content: bytes) -> bytes:
        changed = bytearray(content)
        for _ in range(self.random.randint(1, 6)):
            at = self.random.randrange(len(changed)) if changed else 0
            odd = self.random.choice(
                [b"\x00", b"\xff", b'"', b"\n", b",", b";", b"[", b"{", b"1e999", b"\r", b"\xe2\x80\xa8", b"="]
            )
            part = slice(at, at + self.random.randint(0, 30))
            changed[part] = self.random.choice([odd, b"", bytes(changed[part]) * 2, odd * 40])
        return bytes(changed)

    def _try_file(self, name: str, content: bytes) -> str:
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / name
            path.write_bytes(content)
            self._try(lambda: self._look(path), f"{name}: {content!r}")
        return name

    def _look(self, path: Path) -> None:
        data = open_data(path)
        screen(data)
        self._print(f"describe `{data.codebook.names[0]}`" if "`" not in data.codebook.names[0] else "describe a", data)

    def extreme(self) -> str:
        """Few cases of values at the ends of what there is, empty columns, control characters in names; in some output."""
        kinds = [
            ["1e308", "-1e308", "1", ""],
            ["5e-324", "0", "1e-310", "-4e-324"],
            [""],
            ["1", "2"],
            ["3"],
            ["1e15", "1e-15"],
        ]
        columns = [self.random.choice(kinds) for _ in range(3)]
        labels = ["a", "b\x07", "\u2028c", "", "\ud7ff", "w" * self.random.choice((1, 900))]
        rows = [[self.random.choice(values) for values in columns] for _ in range(self.random.choice((1, 2, 6, 40)))]
        text = "x,y,z,g\n" + "".join(f'{",".join(row)},"{self.random.choice(labels)}"\n' for row in rows)
        verb = self.random.choice(list(VERBS))
        form, groups = self.random.choice(VERBS[verb].forms), self.random.random() < 0.5
        sentence = f"{verb} {self.random.choice(('x, y', 'x, y, z', 'x, g'))}" + (" across g" if groups else "")
        sentence += f" as {form}" if form != "table" else ""
        fitting = list(fitting_settings(Place(verb, form, against=False, groups=groups)))
        said = [f"{s.name} = {self._value(s)}" for s in self.random.sample(fitting, self.random.randint(0, 2))]
        said += ["all"] if verb == "describe" and form == "table" else []
        sentence += f" with {', '.join(said)}" if said else ""
        ending = self.random.choice(("docx", "odt", "html", "tex", "xlsx", "csv", "json"))
        with tempfile.TemporaryDirectory() as folder, warnings.catch_warnings():
            warnings.simplefilter("ignore")  # as on the command line
            path = Path(folder) / "extreme.csv"
            path.write_text(text, encoding="utf-8")
            self._try(lambda: self._whole(path, sentence, ending), f"{sentence} to {ending}\n{text}")
        return sentence

    def _whole(self, path: Path, sentence: str, ending: str) -> None:
        data = open_data(path)
        exhibit = make_exhibit(request_of(sentence, data.codebook), data)
        render(Document((Item(exhibit, "1", with_text=True, with_methods=True),), self.style), ending)

    def house_style(self) -> str:
        """A house style with one of its values exchanged, its keys deepened, or its bytes changed."""
        lines = style_text("apa7").splitlines()
        place = self.random.randrange(len(lines))
        key = lines[place].partition("=")[0]
        odd = self.random.choice(
            [*ODD, "{number.__class__}", "{number:>99}", "</style>", "\\\\input{x}", "[" * 900, "1e999"]
        )
        quoted = '"' + odd.replace('"', '\\"') + '"'
        lines[place] = self.random.choice((f"{key}= {odd}", f"{key}= {quoted}", f"a{'.a' * 40} = 1", f"{key}{key}= 1"))
        text = "\n".join(lines)
        if self.random.random() < 0.3:
            text = self._changed(text.encode()).decode(errors="replace")
        self._try(lambda: style_from(text), lines[place])
        return key

    def codebook(self) -> str:
        """The demo's codebook with cells exchanged for others and for odd ones."""
        lines = CODEBOOK.read_text(encoding="utf-8").splitlines()
        line = self.random.randrange(len(lines))
        cells = lines[line].split(",")
        formulas = [
            "age + ",
            "mean(mot_01 .. mot_04)",
            "if(age > 3, 1)",
            "((((",
            "round(age, 1e400)",
            "self",
            "1 / 0",
            "log(-1)",
        ]
        cells[self.random.randrange(len(cells))] = self.random.choice([*ODD, *formulas, "1=a;2=b", "nominal", "-9 no"])
        lines[line] = ",".join(cells)
        lines.append(f"new,continuous,,,,,,{self.random.choice(formulas)},")
        text = self.random.choice(("\n", "\n", "\r", "\r\n")).join(lines)
        if self.random.random() < 0.3:  # as other people and programs write it
            data = self.study.data
            written = self.random.choice([write_package(data).encode(), write_metadata(data).encode(), write_ddi(data)])
            package = self._changed(written[:6000]).decode("utf-8", "replace")
            by_hand = text.replace(",", ";").replace("name", self.random.choice(["Variable", "Feld", "name"]), 1)
            text = self.random.choice([package, by_hand])
        self._try(lambda: self._lay_over(text), lines[line])
        return lines[line]

    def _lay_over(self, text: str) -> None:
        codebook = read_codebook(text, "book.csv", guess_codebook(self.study.source.raw))
        self._print("describe age", replace(self.study.source, codebook=codebook).data)

    def change(self) -> str:
        """The record of a change of the study, sound or with parts exchanged; done, undone and made again."""
        record = json.loads(self.random.choice(self.records))
        for _ in range(self.random.randint(0, 3)):
            holder: Any = record
            while isinstance(holder, dict | list) and holder:
                key = self.random.choice(list(holder) if isinstance(holder, dict) else list(range(len(holder))))
                if not isinstance(holder[key], dict | list) or self.random.random() < 0.3:
                    holder[key] = self.random.choice([*ODD, None, 1, -3.5, [], {}, [1], "age", {"kind": "Level"}])
                    break
                holder = holder[key]
        self._try(lambda: self._do(record), json.dumps(record))
        return str(record.get("kind"))

    def _do(self, record: Any) -> None:
        after = History(self.study).do(change_of(record, self.study)).study
        json.dumps(record_of(change_of(record, self.study)))
        self._print("describe age, mot_01 across format", after.data)

    def study_file(self) -> str:
        """A study with bytes changed, or one of its records changed; opened, looked at, and saved."""
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "paper.istrel"
            table, column = self.random.choice([("changes", "what"), ("study", "value"), ("data", "described")])
            if self.random.random() < 0.5:
                table = what = "bytes"
                path.write_bytes(self._changed(self.paper))
            else:
                path.write_bytes(self.paper)
                with contextlib.closing(sqlite3.connect(path)) as file, file:
                    place, text = self.random.choice(file.execute(f"SELECT rowid, {column} FROM {table}").fetchall())
                    what = self._changed(text.encode()).decode(errors="replace")
                    file.execute(f"UPDATE {table} SET {column} = ? WHERE rowid = ?", (what, place))
            self._try(lambda: self._reopen(path), what)
        return table

    def _reopen(self, path: Path) -> None:
        with StudyFile(path) as file:
            for source in file.history.study.sources:
                self._print(f"describe {show_name(source.data.codebook.names[0])}", source.data)
            study, style = file.history.study, style_from(file.history.study.style)
            manuscript(study, style)
            review(study, style)
            file.save(file.history.do(SetText("age", "label", "again")))

    def edited_document(self) -> str:
        """A document that was exported, with bytes of one of its parts changed, refreshed."""
        ending, content = self.random.choice(self.documents)
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / f"paper.{ending}"
            if self.random.random() < 0.2:
                path.write_bytes(self._changed(content))
            else:
                with zipfile.ZipFile(io.BytesIO(content)) as old, zipfile.ZipFile(path, "w") as new:
                    chosen = self.random.choice([n for n in old.namelist() if n.endswith((".xml", ".rels"))])
                    for name in old.namelist():
                        new.writestr(name, self._changed(old.read(name)) if name == chosen else old.read(name))
            self._try(lambda: refresh(path, self.moved, self.style, tracked=ending == "docx"), ending)
        return ending

    def workbook(self) -> str:
        """A workbook whose parts have bytes changed, packed again; or the packed file itself changed."""
        name, content = self.random.choice(self.workbooks)
        if self.random.random() < 0.3:
            return self._try_file(name, self._changed(content))
        packed = io.BytesIO()
        with zipfile.ZipFile(io.BytesIO(content)) as old, zipfile.ZipFile(packed, "w", zipfile.ZIP_DEFLATED) as new:
            chosen = self.random.choice(old.namelist())
            for part in old.namelist():
                new.writestr(part, self._changed(old.read(part)) if part == chosen else old.read(part))
        return self._try_file(name, packed.getvalue())

    def _try(self, work: Callable[[], object], what: str) -> None:
        try:
            work()
        except Problem as problem:
            if "\n" in problem.message or len(problem.message) > 700:
                raise AssertionError(
                    f"a message that is no plain line: {problem.message!r}\ninput: {what[:2000]}"
                ) from None
        except Exception as error:
            raise AssertionError(f"{type(error).__name__}: {error}\ninput: {what[:2000]}") from error

    def _paper(self) -> bytes:
        """A study of the demo's data with one of every change."""
        history = History(self.study)
        for change in _changes():
            history = history.do(change)
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "paper.istrel"
            StudyFile.create(path, history).close()
            return path.read_bytes()

    def _documents(self) -> tuple[list[tuple[str, bytes]], Study]:
        """(documents of a manuscript, the study with numbers that moved since)."""
        history = History(self.study)
        for change in _changes()[-9:-1]:
            history = history.do(change)
        document = manuscript_document(history.study, self.style)
        moved = history.do(Correct((Correction("age", 199.0, None),))).do(SetCondition(parse_condition("age > 30")))
        return [(ending, render(document, ending)) for ending in ("docx", "odt")], moved.study

    def _files(self) -> list[tuple[str, bytes]]:
        import pyarrow as pa
        import pyarrow.parquet as pq

        head = b"".join(LEARNERS.read_bytes().splitlines(keepends=True)[:40])
        table = pa.table(
            {"a": [1.5, None, 3.0], "b": ["x", "y", None], "c": pa.array(["u", "v", "u"]).dictionary_encode()}
        )
        parquet, arrow = pa.BufferOutputStream(), pa.BufferOutputStream()
        pq.write_table(table, parquet)
        with pa.ipc.new_file(arrow, table.schema) as writer:
            writer.write_table(table)
        records = b'{"a": 1, "b": "x", "c": {"d": [1, 2]}}\n{"a": null, "b": "y"}\n' * 5
        return [
            ("a.csv", head),
            ("a.csv", b'a;b\n1,5;"x;y"\n2,5;"z\nz"\n'),
            ("a.tsv", head.replace(b",", b"\t")),
            ("a.jsonl", records),
            ("a.parquet", parquet.getvalue().to_pybytes()),
            ("a.arrow", arrow.getvalue().to_pybytes()),
            *_packed(head),
        ]


def _packed(head: bytes) -> list[tuple[str, bytes]]:
    """The same table packed, in an archive, as a document, a database, in columns, and as people write numbers and dates."""
    import gzip

    archive = io.BytesIO()
    with zipfile.ZipFile(archive, "w", zipfile.ZIP_DEFLATED) as made:
        made.writestr("a.csv", head)
        made.writestr("b/c.csv", b"x\n1\n")
    with sqlite3.connect(":memory:") as made_of:
        made_of.executescript(
            "create table t (a integer, b text); insert into t values (1, 'x'), (2, null); create view v as select * from v;"
            "create trigger g after insert on t begin delete from t; end;"
        )
        database = made_of.serialize()
    records = [{"a": 1, "b": {"c": [1, 2]}}, {"a": 2.5, "b": {"c": []}}]
    written = "sep=;\nn;when;x;y\n1;14.03.24;1.037,5 kg;<0,5\n2;15.03.24;12 kg;0,7*\n3;16.03.24;(3) kg;~4\nSource: z\n"
    columns = b"name    age  town\nAnna     23  Rome\nBen      34  Kiel\nCleo      9  Bern\n"
    return [
        ("a.csv.gz", gzip.compress(head)),
        ("a.zip", archive.getvalue()),
        ("a.db", database),
        ("a.json", json.dumps(records).encode()),
        ("a.json", json.dumps({"meta": {}, "rows": records}).encode()),
        ("a.txt", written.encode("cp1252")),
        ("a.txt", written.encode("utf-16")),
        ("a.dat", columns),
    ]


def _workbooks() -> list[tuple[str, bytes]]:
    import xlsxwriter
    from odfdo import Cell, Document, Row, Table

    rows: list[list[Any]] = [["id", "age", "site"], [1, 30.5, "Harbour"], [2, None, "Mill Lane"], [3, 41, "x"]]
    sheets, odf = io.BytesIO(), io.BytesIO()
    with xlsxwriter.Workbook(sheets, {"in_memory": True}) as book:
        sheet = book.add_worksheet()
        for place, row in enumerate(rows):
            sheet.write_row(place, 0, row)
    document, table = Document("spreadsheet"), Table("data")
    for row in rows:
        line = Row()
        for value in row:
            line.append_cell(Cell(value))
        table.append_row(line)
    document.body.clear()
    document.body.append(table)
    document.save(odf)
    return [("a.xlsx", sheets.getvalue()), ("a.ods", odf.getvalue())]


def _changes() -> list[Change]:
    """One of every kind that a person makes."""
    formula = parse_expression("mean(mot_01 .. mot_04) + if(age > 30, 1, 0)")
    return [
        SetLevel("age", Level.COUNT),
        SetText("age", "label", "Age"),
        SetDecimals("age", 2),
        SetValueLabels("completed", (ValueLabel(0.0, "no"), ValueLabel(1.0, "yes"))),
        SetMissing("satisfaction", (MissingCode(99.0, "refused"),)),
        TreatAsMissing(("receptive_post",), (-9.0,)),
        LeaveOut(("term",)),
        Derive("scale", formula),
        Correct((Correction("age", 199.0, None, 3, "cannot be"), Correction("site", "Harbor", "Harbour"))),
        SetAside(Aside((12, 24), "repeats")),
        SetCondition(parse_condition("age >= 30 and site is not missing")),
        Keep(Kept(parse("describe age across format"), (Accepted("age", "n", 1.0),))),
        Keep(Kept(parse("count site as bars"), (), is_figure=True)),
        Insert(Passage("heading", (Words("Results"),)), 0),
        Insert(Passage("paragraph", (Words("See ", claim="highest: x", of="k2"), *_cited(), Reference("k3"))), 1),
        Insert(Passage("appendix", (), supplement=True), 9),
        Write("k2", "notes", (Words("Own.", italic=True), *_cited())),
        Retitle("k3", "Sites"),
        Move("k3", 0, supplement=True),
        SetStyle(style_text("medical")),
    ]


def _cited() -> tuple[Number, ...]:
    return (Number("k2", "age @ format=Weekly evening", "mean", "p with sign", 1.5), Number("k9", "", "", "", "gone"))


def run(seed: int, inputs: int, seconds: float) -> tuple[int, list[str]]:
    """(inputs tried, findings): all families in turn until either bound is reached."""
    fuzz, until, findings, tried = Fuzz(seed), time.monotonic() + seconds, [], 0
    rounds = [family for family, often in fuzz.families() for _ in range(often)]
    with warnings.catch_warnings():
        warnings.simplefilter("error")
        while tried < inputs and time.monotonic() < until:
            family = rounds[tried % len(rounds)]
            try:
                family()
            except AssertionError as error:
                cause = "".join(traceback.format_exception(error.__cause__)[-3:]) if error.__cause__ else ""
                findings.append(f"seed {seed}, input {tried}, {family.__name__}: {error}\n{cause}")
            tried += 1
    return tried, findings


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__.splitlines()[0])
    parser.add_argument("--inputs", type=int, default=10_000)
    parser.add_argument("--seconds", type=float, default=300.0)
    parser.add_argument("--acts", type=int, default=600, help="acts in the window")
    options = parser.parse_args()
    seed = int(os.environ.get("ISTREL_SEED", "20261125"))
    started = time.monotonic()
    with ProcessPoolExecutor(2, multiprocessing.get_context("spawn")) as pool:
        half, most = -(-options.inputs // 2), 0.8 * options.seconds
        parts = list(pool.map(run, (seed, seed + 1), (half, half), (most, most)))
    from fuzz_window import walk

    acts, faults = walk(seed, options.acts, options.seconds - (time.monotonic() - started))
    findings = [finding for _, found in parts for finding in found] + faults
    print(*findings, sep="\n")
    print(f"{sum(n for n, _ in parts):,} inputs and {acts:,} acts tried with seed {seed}; {len(findings)} findings")
    return bool(findings)


if __name__ == "__main__":
    sys.exit(main())
