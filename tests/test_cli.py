"""The command line: outputs, exit codes, one plain line for every mistake, and the same numbers as everywhere."""

from __future__ import annotations

import json
import re
import subprocess
import sys
import zipfile
from collections.abc import Callable
from importlib import metadata
from pathlib import Path

import matplotlib as mpl
import pytest

from istrel import cli
from istrel.commands import doctor
from istrel.demo import LEARNERS
from istrel.study.changes.manuscript import Drop, Insert
from istrel.study.file import StudyFile
from istrel.study.manuscript import numbers_of
from istrel.study.opening import open_data
from istrel.study.parts import Passage, Reference, Words
from istrel.study.prose import prose_of
from istrel.study.remake import made
from istrel.style.house import load_style
from made import make_exhibit

SENTENCE = "describe practice_min across format"
DOUBTED = (
    "istrel: learners.csv: Text among numbers in practice_min: “n/a” (7), “72,5” (3), “approx 40” (1)."
    " 11 cases count as missing until then. In the window: read 4 as the numbers in them.\n"
)


def run(*words: str, capsys: pytest.CaptureFixture[str]) -> tuple[int, str, str]:
    code = cli.main(words)
    out, err = capsys.readouterr()
    return code, out, err


@pytest.mark.parametrize("ending", ["docx", "html", "csv", "md", "json"])
def test_make_writes_the_output_that_the_ending_names(
    ending: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    path = tmp_path / f"t.{ending}"
    assert run("make", str(LEARNERS), SENTENCE, "-o", str(path), capsys=capsys) == (0, "", DOUBTED)
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


@pytest.mark.parametrize(
    ("rows", "sentence", "told"),
    [
        (
            "a;7;1,5\nb;8;2,5\nc;9;3,5\nd;5;4,5\nMean;7,25;3\n",
            "describe y",
            "row 5 stands among the cases and looks like none (“Mean”)",
        ),
        ("a;1.037;1\nb;2.500;2\nc;9.125;3\nd;1.500;4\n", "describe x", "x: “1.037” was read as 1.037; it may be 1037."),
        ("a;1.037;1\nb;2.500;2\nc;9.125;3\nd;1.500;4\n", "describe y", ""),
        ("a;7;1,5\nb;8;2,5\nc;9;3,5\nd;5;4,5\n", "describe x, y", ""),
        ("a;1;999\nb;2;4\nc;3;5\nd;4;999\ne;5;6\nf;7;9\ng;3;12\n", "describe y", "999 stands twice in y, far from"),
        ("a;1;999\nb;2;4\nc;3;5\nd;4;999\ne;5;6\nf;7;9\ng;3;12\n", "describe x", ""),
        ("a;1;2\nA;2;4\nb;3;5\nb;4;7\na;5;6\n", "describe y across name", "One value under 2 spellings in name"),
        ("a;1;2\nA;2;4\nb;3;5\nb;4;7\na;5;6\n", "describe y", ""),
        ("a;1;2,5\nb;2;4.5\nc;3;5,5\nd;4;7\ne;5;6\n", "describe y", "y"),
        ("a;1;2\nb;2;late\nc;3;5\nd;4;7\ne;5;6\nf;6;6\n", "describe y", "Text among numbers in y: “late”"),
        ("a;u;12\na;v;30\nb;u;7\nb;v;41\n", "describe Freq", "add --counted Freq"),
    ],
)
def test_what_is_doubtful_in_the_numbers_is_said_beside_them(
    rows: str, sentence: str, told: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    path = tmp_path / "d.csv"
    path.write_text(f"name;x;{'Freq' if 'Freq' in sentence else 'y'}\n{rows}")
    code, out, err = run("make", str(path), sentence, "--to", "md", capsys=capsys)
    assert (code, "| n | M |" in out or "| name | n |" in out) == (0, True)
    assert told in err if told else not err


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
    "binary file": (["make", "binary.csv", SENTENCE, "--to", "json"], "a program, not data"),
    "unknown name": (["make", str(LEARNERS), "describe practise_min", "--to", "json"], "Did you mean “practice_min”?"),
    "wrong word": (["make", str(LEARNERS), "describe age acros format", "--to", "json"], "Did you mean “across”?"),
    "empty group": (
        ["make", str(LEARNERS), "describe age among age > 900", "--to", "json"],
        "No case meets “age > 900”",
    ),
    "no group value": (["make", "nogroup.csv", "describe x across g", "--to", "json"], "makes no groups"),
    "one of several": (
        ["make", str(LEARNERS), SENTENCE, "count site as bars with mean, ci", "--to", "json"],
        "sentence 2 (“count site as bars with mean, …”): “mean”, “ci” belong to describe as table.",
    ),
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
    "no study": (["build", str(LEARNERS), "--check"], "the name of a study ends in .istrel"),
    "nothing to build": (["build", "paper.istrel"], "name a folder or a file with -o"),
    "reading a study": (
        ["make", "p.istrel", SENTENCE, "--to", "json", "--missing", "-9"],
        "--missing says how a data file",
    ),
    "no study there": (["accept", "none.istrel"], "none.istrel: there is no such file."),
    "kept over data": (["keep", str(LEARNERS), SENTENCE, "-o", str(LEARNERS)], "the name of a study ends in .istrel"),
    "study as a table": (["study", "paper.istrel", "-o", "paper.csv"], "a study is written as .json"),
    "no text of a study": (["study", "header.csv", "-o", "new.istrel"], "header.csv: this is no study as text."),
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
import zipfile
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
    assert (done.returncode, done.stderr) == (0, DOUBTED)


def test_a_table_as_json_needs_neither_qt_nor_the_drawing_library() -> None:
    script = """
import sys
import zipfile
from istrel.cli import main
main(sys.argv[1:])
print(sorted({name.split(".")[0] for name in sys.modules} & {"PySide6", "matplotlib", "docx", "jinja2"}), file=sys.stderr)
"""
    words = ["make", str(LEARNERS), SENTENCE, "--to", "json"]
    done = subprocess.run([sys.executable, "-c", script, *words], capture_output=True, text=True, check=True)
    assert done.stderr.splitlines()[-1] == "[]"


def moved_by_hand(before: Path, after: Path, sentence: str) -> list[tuple[str, str, object, object]]:
    """Every number of an exhibit made from two files, compared one by one."""
    old, new = (
        {(n.row, n.column): n.value for n in numbers_of(make_exhibit(sentence, open_data(path)))}
        for path in (before, after)
    )
    return [(*key, old.get(key), new.get(key)) for key in {**old, **new} if old.get(key) != new.get(key)]


KEPT = (
    "describe age, receptive_post across format",
    "describe age as histogram with width = 5",
    "count site",
    "relate age, absences",
)


def test_a_study_tells_exactly_the_numbers_that_moved_until_they_are_accepted(
    tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    data, before, paper = tmp_path / "learners.csv", tmp_path / "before.csv", str(tmp_path / "paper.istrel")
    data.write_bytes(LEARNERS.read_bytes())
    before.write_bytes(LEARNERS.read_bytes())
    assert run("keep", str(data), *KEPT[:3], "-o", paper, capsys=capsys) == (0, "", "")
    assert run("keep", paper, KEPT[3], "-o", paper, capsys=capsys) == (0, "", "")
    assert run("build", paper, "--check", "--to", "json", capsys=capsys)[:2] == (0, "[]\n")
    lines = data.read_text().splitlines(keepends=True)
    fields = lines[9].split(",")
    fields[4] = str(int(fields[4]) + 7)  # the age of one learner
    lines[9] = ",".join(fields)
    data.write_text("".join(lines))
    code, out, err = run("build", paper, "--check", "--to", "json", capsys=capsys)
    assert (code, err) == (1, "istrel: learners.csv has changed; it was read again.\n")
    found = [(m["exhibit"], m["row"], m["column"], m["old"], m["new"]) for m in json.loads(out)]
    labels = ("Table 1", "Figure 1", "Table 2", "Table 3")
    wanted = [
        (label, *moved)
        for label, sentence in zip(labels, KEPT, strict=True)
        for moved in moved_by_hand(before, data, sentence)
    ]
    assert sorted(map(str, found)) == sorted(map(str, wanted))
    assert {label for label, *_ in found} == {"Table 1", "Figure 1", "Table 3"}
    assert run("accept", paper, "1", capsys=capsys)[0] == 0
    code, out, _ = run("build", paper, "--check", capsys=capsys)
    assert code == 1
    assert {line.split(":")[0] for line in out.splitlines()} == {"Figure 1", "Table 3"}
    assert run("accept", paper, capsys=capsys)[0] == 0
    assert run("build", paper, "--check", capsys=capsys) == (0, "", "")


@pytest.fixture
def untrue(tmp_path: Path, capsys: pytest.CaptureFixture[str]) -> str:
    """A study whose words, exhibits, references and files do not hold any more."""
    data, paper = tmp_path / "trial.csv", tmp_path / "paper.istrel"
    rows = [f"{group},{value},{other}" for group, values in TRIAL.items() for value, other in values]
    data.write_text("\n".join(["arm,score,dose", *rows]) + "\n")
    kept = ("describe score across arm", "describe dose across arm", "count arm")
    assert run("keep", str(data), *kept, "-o", str(paper), capsys=capsys)[0] == 0
    with StudyFile(paper) as file:
        history = file.history
        table, gone = history.study.kept[0], history.study.kept[2]
        exhibit = made(table, history.study)
        own = prose_of(exhibit.text, table.id, load_style())
        says = (Words("In short, see "), Reference(gone.id), Words(". "), *own)
        history = history.do(Insert(Passage("paragraph", says), 0)).do(Drop(gone.id))
        file.save(history)
    turned = [row.replace("new,", "x,").replace("old,", "new,").replace("x,", "old,") for row in rows]
    data.write_text("\n".join(["arm,score", *(row.rpartition(",")[0] for row in turned)]) + "\n")
    return str(paper)


TRIAL = {"old": [(k % 7, k) for k in range(30)], "new": [(20 + k % 7, k) for k in range(30)]}


def test_what_no_longer_holds_is_said_and_marked(
    untrue: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    """By `build` and `build --check`, each with its line, and in every document."""
    says = (
        r"paragraph “In short, see .*: “Score was highest .*in new.*” no longer holds",
        r"paragraph “In short.*: refers to an exhibit that is not in the manuscript",
        r"Table 2: cannot be made: .*dose",
    )
    paths = [tmp_path / f"paper.{ending}" for ending in ("docx", "odt", "md", "html", "tex")]
    code, out, err = run("build", untrue, *(word for path in paths for word in ("-o", str(path))), capsys=capsys)
    assert (code, out) == (1, "")
    for line in says:
        assert re.search(line, err), line
    for path in paths:
        text = letters(path)
        assert text.count("no longer holds") == 1, path
        assert "Table 2 cannot be made from these data" in text, path
    anew = tmp_path / "anew.md"
    code, _, err = run("build", untrue, "--reword", "-o", str(anew), capsys=capsys)
    assert re.search(r"said anew: “Score was highest .*in old.*”", err), err
    assert ("no longer holds" in anew.read_text(), "highest on average in old" in anew.read_text()) == (False, True)
    code, out, _ = run("build", untrue, "--check", capsys=capsys)
    assert code == 1
    for line in (*says, r"paragraph “In short.*: 2\d\.\d.* → ", r"Table 1: new, M: "):
        assert re.search(line, out), line
    found = json.loads(run("build", untrue, "--check", "--to", "json", capsys=capsys)[1])
    assert len([line for line in found if "trouble" in line]) == len(says)
    assert all(
        {"row", "column", "old", "new", "printed_old", "printed_new"} <= line.keys() for line in found if "old" in line
    )
    code, out, _ = run("review", untrue, "--to", "json", capsys=capsys)
    assert (code, "no longer true" in {point["kind"] for point in json.loads(out)}) == (0, False)  # as it was last read
    (tmp_path / "trial.csv").write_bytes(b"\x00\x01")
    code, out, _ = run("build", untrue, "--check", capsys=capsys)
    assert (code, out.count("\n")) == (1, 2)  # the file cannot be read; a text refers to what is gone
    assert "trial.csv" in out


def letters(path: Path) -> str:
    """All letters of a document, comments included."""
    if path.suffix not in (".docx", ".odt"):
        return re.sub(r"<[^>]+>", "", path.read_text())
    with zipfile.ZipFile(path) as archive:
        texts = [archive.read(name).decode() for name in archive.namelist() if name.endswith(".xml")]
    return re.sub(r"<[^>]+>", "", " ".join(texts))


def test_a_study_builds_the_same_bytes_and_comes_back_from_its_text(
    tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    paper, text, again = (str(tmp_path / name) for name in ("paper.istrel", "paper.json", "again.istrel"))
    assert run("keep", str(LEARNERS), *KEPT[1:3], "-o", paper, capsys=capsys)[0] == 0
    for place in ("one", "two"):
        assert run("build", paper, "-o", str(tmp_path / place), capsys=capsys)[0] == 0
    one, two = ({p.name: p.read_bytes() for p in (tmp_path / place).iterdir()} for place in ("one", "two"))
    assert one == two
    assert {"table-1.docx", "table-1.html", "figure-1.pdf", "manifest.json"} <= set(one)
    several = [str(tmp_path / name) for name in ("all.docx", "all.csv", "three")]
    assert run("build", paper, *(part for place in several for part in ("-o", place)), capsys=capsys)[0] == 0
    assert all(Path(place).exists() for place in several)
    assert {p.name: p.read_bytes() for p in (tmp_path / "three").iterdir()} == one
    assert run("study", paper, "-o", text, capsys=capsys)[0] == 0
    assert run("study", text, "-o", again, capsys=capsys)[0] == 0
    assert run("study", again, "--to", "json", capsys=capsys)[1] == Path(text).read_text()
    assert run("make", again, "describe age", "--to", "md", capsys=capsys)[1].startswith("**Table 1**")


def test_the_doctor_knows_the_libraries_that_set_up_installs() -> None:
    script = (Path(__file__).parents[1] / "tools" / "set-up.sh").read_text()
    installed = script.split("packages=(")[1].split(")")[0].split()
    known = {package for libraries in doctor.PACKAGES.values() for package in libraries.values()}
    assert known == {name for name in installed if name.startswith("lib")}


def without_pango(patch: pytest.MonkeyPatch, _: Path) -> None:
    patch.setattr(doctor, "_loads", lambda library: "pango-1.0" not in library)


def without_lark(patch: pytest.MonkeyPatch, _: Path) -> None:
    def version(name: str) -> str:
        if name == "lark":
            raise metadata.PackageNotFoundError(name)
        return "1.0"

    patch.setattr(metadata, "version", version)


def without_a_state_folder(patch: pytest.MonkeyPatch, tmp_path: Path) -> None:
    (tmp_path / "state").write_text("a file stands here")
    patch.setenv("XDG_STATE_HOME", str(tmp_path / "state"))


@pytest.mark.parametrize(
    ("lacking", "remedy"),
    [
        (None, ""),
        (without_pango, "sudo apt-get install libpango-1.0-0"),
        (without_lark, "pip install lark"),
        (without_a_state_folder, "or set XDG_STATE_HOME"),
    ],
)
def test_the_doctor_says_what_is_missing_and_how_to_get_it(
    lacking: Callable[[pytest.MonkeyPatch, Path], None] | None,
    remedy: str,
    tmp_path: Path,
    monkeypatch: pytest.MonkeyPatch,
    capfdbinary: pytest.CaptureFixture[bytes],
) -> None:
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path))
    if lacking is not None:
        lacking(monkeypatch, tmp_path)
    code = cli.main(["doctor"])
    told = capfdbinary.readouterr().out.decode()
    assert (code, "Nothing is missing." in told) == ((1, False) if remedy else (0, True))
    assert remedy in told
