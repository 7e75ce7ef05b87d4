"""The command line: outputs, exit codes, one plain line for every mistake, and the same numbers as everywhere."""

from __future__ import annotations

import json
import subprocess
import sys
from pathlib import Path

import matplotlib as mpl
import pytest

from istrel import cli
from istrel.demo import LEARNERS

SENTENCE = "describe practice_min across format"


def run(*words: str, capsys: pytest.CaptureFixture[str]) -> tuple[int, str, str]:
    code = cli.main(words)
    out, err = capsys.readouterr()
    return code, out, err


@pytest.mark.parametrize("ending", ["docx", "html", "csv", "md", "json"])
def test_make_writes_the_output_that_the_ending_names(
    ending: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    path = tmp_path / f"t.{ending}"
    assert run("make", str(LEARNERS), SENTENCE, "-o", str(path), capsys=capsys) == (0, "", "")
    assert path.stat().st_size > 300
    assert [p.name for p in tmp_path.iterdir()] == [path.name]  # nothing half written stays behind


@pytest.mark.parametrize("ending", ["pdf", "svg", "png"])
def test_make_writes_figures(ending: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> None:
    path = tmp_path / f"f.{ending}"
    assert run("make", str(LEARNERS), "describe age as histogram", "-o", str(path), capsys=capsys)[0] == 0
    assert path.stat().st_size > 3000


def test_make_streams_json(capsysbinary: pytest.CaptureFixture[bytes]) -> None:
    assert cli.main(["make", str(LEARNERS), SENTENCE, "-o", "-", "--to", "json"]) == 0
    content = json.loads(capsysbinary.readouterr().out)
    assert content["sentence"] == SENTENCE
    assert len(content["results"]) == 3


def test_options_reach_the_reader_and_the_codebook(tmp_path: Path, capsysbinary: pytest.CaptureFixture[bytes]) -> None:
    data = tmp_path / "d.txt"
    data.write_bytes("k;wert\n1;1,5\n2;-9\n3;2,5\n4;99\n5;7,25\n".encode("cp1252"))
    book = tmp_path / "b.csv"
    book.write_text("name,label\nwert,Value\n")
    options = [
        "--delimiter",
        ";",
        "--decimal",
        ",",
        "--encoding",
        "cp1252",
        "--missing",
        "-9,99",
        "--codebook",
        str(book),
    ]
    assert cli.main(["make", str(data), "describe wert with n, mean", "--to", "json", *options]) == 0
    content = json.loads(capsysbinary.readouterr().out)
    assert content["results"][0]["statistics"] == {"n": 3, "mean": 3.75}
    assert content["sheet"]["rows"][0][0] == "Value"


def test_a_file_from_an_installed_package_goes_the_whole_way(
    tmp_path: Path, capsysbinary: pytest.CaptureFixture[bytes]
) -> None:
    """Daily prices that ship with the plotting library; the expected mean is worked out with Python's own tools."""
    source = Path(mpl.get_data_path()) / "sample_data" / "msft.csv"
    lines = [line.split(",") for line in source.read_text().splitlines()[1:]]
    close = [float(line[4]) for line in lines]
    assert cli.main(["make", str(source), "describe Close, Volume", "--to", "json"]) == 0
    content = json.loads(capsysbinary.readouterr().out)
    assert content["results"][0]["statistics"]["mean"] == pytest.approx(sum(close) / len(close), rel=1e-14)
    assert (
        cli.main(
            ["make", str(source), "describe Close", "describe Volume as histogram", "-o", str(tmp_path / "m.docx")]
        )
        == 0
    )


BAD = {
    "missing file": (["make", "nothing.csv", SENTENCE, "--to", "json"], "nothing.csv: there is no such file."),
    "directory": (["make", ".", SENTENCE, "--to", "json"], "this is a folder"),
    "empty file": (["make", "empty.csv", SENTENCE, "--to", "json"], "empty.csv: the file is empty."),
    "header only": (["make", "header.csv", SENTENCE, "--to", "json"], "no rows of data"),
    "ragged rows": (["make", "ragged.csv", SENTENCE, "--to", "json"], "ragged.csv, line 3: 1 field"),
    "binary file": (["make", "binary.csv", SENTENCE, "--to", "json"], "not a text file"),
    "unknown name": (["make", str(LEARNERS), "describe practise_min", "--to", "json"], "Did you mean “practice_min”?"),
    "wrong word": (["make", str(LEARNERS), "describe age acros format", "--to", "json"], "Did you mean “across”?"),
    "empty group": (
        ["make", str(LEARNERS), "describe age among age > 900", "--to", "json"],
        "No case meets “age > 900”",
    ),
    "no group value": (["make", "nogroup.csv", "describe x across g", "--to", "json"], "makes no groups"),
    "no output": (["make", str(LEARNERS), SENTENCE], "standard output takes --to"),
    "unknown ending": (["make", str(LEARNERS), SENTENCE, "-o", "t.xyz"], "“.xyz” is no output"),
    "no ending": (["make", str(LEARNERS), SENTENCE, "-o", "t"], "add one, for example .docx"),
    "no such folder": (["make", str(LEARNERS), SENTENCE, "-o", "none/t.csv"], "cannot be written"),
    "no sentence": (["make", str(LEARNERS)], "the following arguments are required: SENTENCE"),
    "unknown option": (["make", str(LEARNERS), SENTENCE, "--colour", "red"], "--colour"),
    "unknown style": (["make", str(LEARNERS), SENTENCE, "--to", "json", "--style", "mla"], "no house style “mla”"),
    "two delimiters": (
        ["make", str(LEARNERS), SENTENCE, "--to", "json", "--delimiter", ";;"],
        "the delimiter is one ASCII character",
    ),
    "not yet": (["build", str(LEARNERS)], "“istrel build” cannot be done yet"),
    "one variable": (["make", str(LEARNERS), "relate age", "--to", "json"], "Relate needs two variables or more"),
    "window of nothing": (["nothing.csv"], "nothing.csv: there is no such file."),
}


@pytest.mark.parametrize("case", BAD)
def test_a_mistake_is_one_plain_line_and_exit_code_2(
    case: str, tmp_path: Path, monkeypatch: pytest.MonkeyPatch, capsys: pytest.CaptureFixture[str]
) -> None:
    monkeypatch.chdir(tmp_path)
    Path("empty.csv").touch()
    Path("header.csv").write_text("a,b\n")
    Path("ragged.csv").write_text("a,b\n1,2\n3\n")
    Path("binary.csv").write_bytes(b"\x7fELF\0\0\0")
    Path("nogroup.csv").write_text("g,x\n,1.5\n,2.5\n")
    words, says = BAD[case]
    code, out, err = run(*words, capsys=capsys)
    assert (code, out) == (2, "")
    assert says in err
    assert err.startswith("istrel: ")
    assert err.count("\n") == 1
    assert "Traceback" not in err


def test_an_internal_fault_is_exit_code_3_with_the_path_of_a_log(
    monkeypatch: pytest.MonkeyPatch, capsys: pytest.CaptureFixture[str]
) -> None:
    def fail(path: str, opening: object) -> None:
        raise RuntimeError("a fault planted by the test")

    monkeypatch.setattr("istrel.study.opening.open_data", fail)
    code, _, err = run("make", str(LEARNERS), SENTENCE, "--to", "json", capsys=capsys)
    assert code == 3
    log = Path(err.split("what happened is in ")[1].strip())
    assert "a fault planted by the test" in log.read_text()
    log.unlink()


def test_the_core_works_where_qt_cannot_be_imported(tmp_path: Path) -> None:
    """The wall is executed, not promised: a whole table and figure are made with the Qt bindings out of reach."""
    script = """
import sys
class Wall:
    def find_spec(self, name, path=None, target=None):
        if name.split(".")[0] in ("PySide6", "shiboken6"):
            raise ImportError("no Qt here: " + name)
sys.meta_path.insert(0, Wall())
from istrel.cli import main
code = main(sys.argv[1:])
assert not any(name.startswith("PySide6") for name in sys.modules)
assert "scipy.stats" not in sys.modules
sys.exit(code)
"""
    words = ["make", str(LEARNERS), SENTENCE, "describe age as histogram", "-o", str(tmp_path / "t.docx")]
    done = subprocess.run([sys.executable, "-c", script, *words], capture_output=True, text=True, check=False)
    assert (done.returncode, done.stderr) == (0, "")


def test_a_table_as_json_needs_neither_qt_nor_the_drawing_library() -> None:
    script = """
import sys
from istrel.cli import main
main(sys.argv[1:])
print(sorted({name.split(".")[0] for name in sys.modules} & {"PySide6", "matplotlib", "docx", "jinja2"}), file=sys.stderr)
"""
    words = ["make", str(LEARNERS), SENTENCE, "--to", "json"]
    done = subprocess.run([sys.executable, "-c", script, *words], capture_output=True, text=True, check=True)
    assert done.stderr.strip() == "[]"
