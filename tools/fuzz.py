"""Seeded, bounded fuzzing: sentences, data files, codebooks. Anything but a result or a plain Problem is a finding.

`make fuzz` runs until 10,000 inputs or five minutes; ISTREL_SEED chooses others. Each finding prints its seed and input.
"""

from __future__ import annotations

import argparse
import os
import random
import sys
import tempfile
import time
import traceback
import warnings
from collections.abc import Callable
from pathlib import Path

from istrel.data.dataset import Dataset
from istrel.data.reading import read
from istrel.data.screening import screen
from istrel.demo import CODEBOOK, LEARNERS
from istrel.exhibits.make import make_exhibit
from istrel.problem import Problem
from istrel.render.document import Document, Item
from istrel.render.json import render as as_json
from istrel.render.markdown import render as as_markdown
from istrel.sentence.vocabulary import CLAUSES, FORMS, SETTINGS, STATISTICS, VERBS
from istrel.study.opening import Opening, open_data
from istrel.style.house import load_style

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
        self.demo = open_data(LEARNERS)
        self.names = list(self.demo.codebook.names)
        self.style = load_style()
        self.files = self._files()

    def families(self) -> tuple[Callable[[], str], ...]:
        """Each makes one input, tries it, and returns what it was."""
        return self.sentence, self.wild_sentence, self.file, self.codebook

    def sentence(self) -> str:
        """One that could be meant: a verb, variables, clauses, and settings with values both right and odd."""
        pick, verb = self.random.choice, self.random.choice(list(VERBS))
        text = f"{verb} {', '.join(self.random.sample(self.names, self.random.randint(1, 4)))}"
        if self.random.random() < 0.5:
            text += f" across {' × '.join(self.random.sample(self.names, self.random.randint(1, 2)))}"
        if verb == "count" and self.random.random() < 0.4:
            text += f" against {pick(self.names)}"
        if self.random.random() < 0.3:
            text += f" among {pick(self.names)} {pick(['>', '=', '!=', '<='])} {pick([*ODD, '30', '-9'])}"
        if self.random.random() < 0.4:
            text += f" as {pick(VERBS[verb].forms)}"
        settings = [f"{pick(list(SETTINGS))} = {pick([*ODD, '2', '5', 'row', 'holm', 'spearman', '1, 2, 3'])}"]
        settings += self.random.sample(list(STATISTICS), self.random.randint(0, 3))
        return self._try_sentence(f"{text} with {', '.join(settings)}" if self.random.random() < 0.7 else text)

    def wild_sentence(self) -> str:
        """Any words in any order."""
        words = [*VERBS, *CLAUSES, *FORMS, *SETTINGS, *STATISTICS, *self.names, *ODD, *SIGNS]
        return self._try_sentence(" ".join(self.random.choices(words, k=self.random.randint(1, 14))))

    def _try_sentence(self, text: str) -> str:
        self._try(lambda: self._print(text, self.demo), text)
        return text

    def _print(self, text: str, data: Dataset) -> None:
        exhibit = make_exhibit(text, data)
        document = Document((Item(exhibit, "1"),), self.style)
        as_json(document)
        if exhibit.form == "table":
            as_markdown(document)

    def file(self) -> str:
        """A sound file of any format with bytes changed, cut, doubled or put in."""
        name, content = self.random.choice(self.files)
        changed = bytearray(content)
        for _ in range(self.random.randint(1, 6)):
            at = self.random.randrange(len(changed)) if changed else 0
            odd = self.random.choice(
                [b"\x00", b"\xff", b'"', b"\n", b",", b";", b"[", b"{", b"1e999", b"\r", b"\xe2\x80\xa8", b"="]
            )
            part = slice(at, at + self.random.randint(0, 30))
            changed[part] = self.random.choice([odd, b"", bytes(changed[part]) * 2, odd * 40])
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / name
            path.write_bytes(bytes(changed))
            self._try(lambda: self._look(path), f"{name}: {bytes(changed)!r}")
        return name

    def _look(self, path: Path) -> None:
        read(path)
        data = open_data(path)
        screen(data)
        self._print(f"describe `{data.codebook.names[0]}`" if "`" not in data.codebook.names[0] else "describe a", data)

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
        text = "\n".join(lines)
        with tempfile.TemporaryDirectory() as folder:
            path = Path(folder) / "book.csv"
            path.write_text(text, encoding="utf-8", errors="surrogatepass")
            self._try(
                lambda: self._print("describe age", open_data(LEARNERS, Opening(codebook=str(path)))), lines[line]
            )
        return lines[line]

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
        ]


def run(seed: int, inputs: int, seconds: float) -> tuple[int, list[str]]:
    """(inputs tried, findings): all families in turn until either bound is reached."""
    warnings.simplefilter("error")
    fuzz, until, findings, tried = Fuzz(seed), time.monotonic() + seconds, [], 0
    while tried < inputs and time.monotonic() < until:
        for family in fuzz.families():
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
    options = parser.parse_args()
    seed = int(os.environ.get("ISTREL_SEED", "20261125"))
    tried, findings = run(seed, options.inputs, options.seconds)
    print(*findings, sep="\n")
    print(f"{tried:,} inputs tried with seed {seed}; {len(findings)} findings")
    return bool(findings)


if __name__ == "__main__":
    sys.exit(main())
