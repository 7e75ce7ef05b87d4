"""The one writer of files: whole, never over a source, and with the mode it should have."""

from __future__ import annotations

import os
from pathlib import Path

import pytest

from istrel import cli
from istrel.files import harmless, unharmed, write_whole
from istrel.problem import Problem
from istrel.study.file import StudyFile
from istrel.study.history import History
from istrel.study.opening import open_source
from istrel.study.places import unnamed_path
from istrel.study.study import Study

TABLE = "g,x\na,1\nb,2\n"
RUNS = {
    "make": (["make", "x.csv", "describe x across g", "-o"], "x.csv"),
    "look": (["look", "x.csv", "--to", "txt", "-o"], "x.csv"),
    "codebook": (["codebook", "x.csv", "-o"], "x.csv"),
    "codebook file": (["codebook", "x.csv", "--codebook", "b.csv", "-o"], "b.csv"),
    "style file": (["make", "x.csv", "describe x", "--style", "s.toml", "--to", "csv", "-o"], "s.toml"),
}
WAYS = ["{}", "./{}", "link-{}", "hard-{}", "folder/../{}", "UPPER"]


@pytest.mark.parametrize("run", RUNS)
@pytest.mark.parametrize("way", WAYS)
def test_nothing_is_written_over_what_is_read(
    run: str, way: str, tmp_path: Path, monkeypatch: pytest.MonkeyPatch, capsys: pytest.CaptureFixture[str]
) -> None:
    monkeypatch.chdir(tmp_path)
    words, name = RUNS[run]
    Path("folder").mkdir()
    Path("x.csv").write_text(TABLE)
    Path("b.csv").write_text("name,label\nx,Value\n")
    Path("s.toml").write_text((Path(cli.__file__).parent / "style/styles/apa7.toml").read_text())
    Path(f"link-{name}").symlink_to(name)
    os.link(name, f"hard-{name}")
    before = Path(name).read_bytes()
    target = name.upper() if way == "UPPER" else way.format(name)
    assert cli.main([*words, target]) == 2
    assert "never written over" in capsys.readouterr().err
    assert Path(name).read_bytes() == before
    assert Path(f"link-{name}").is_symlink()


def test_a_file_appears_whole_with_the_mode_that_was_or_that_the_umask_leaves(tmp_path: Path) -> None:
    old = os.umask(0o027)
    try:
        path = write_whole(tmp_path / "new", b"1")
        assert path.stat().st_mode & 0o777 == 0o640
        path.chmod(0o600)
        write_whole(path, b"2")
        assert path.stat().st_mode & 0o777 == 0o600
    finally:
        os.umask(old)
    (tmp_path / "link").symlink_to(path)
    write_whole(tmp_path / "link", b"3")
    assert (tmp_path / "link").is_symlink()
    assert path.read_bytes() == b"3"
    with pytest.raises(Problem, match="cannot be written"):
        write_whole(tmp_path / "none" / "x", b"4")
    with pytest.raises(Problem, match="cannot be written"):
        write_whole(Path("/dev/full"), b"5")
    assert sorted(p.name for p in tmp_path.iterdir()) == ["link", "new"]


@pytest.mark.parametrize(
    "cell", ["=1+1", "+a", "-cmd", "@x", "\tx", "\n=x", "＝x", " =x", "-9 refused", "−3", "plain", "'", ""]
)
def test_no_cell_is_a_formula_and_each_comes_back(cell: str) -> None:
    written = harmless(cell)
    assert written[:1] not in set("=+@＝＋－＠\t\r\n")
    assert unharmed(written) == cell


def test_what_holds_data_is_open_to_nobody_who_could_not_read_the_data(
    tmp_path: Path, monkeypatch: pytest.MonkeyPatch
) -> None:
    monkeypatch.setenv("XDG_STATE_HOME", str(tmp_path / "state"))
    source = tmp_path / "secret.csv"
    source.write_text("x\n1\n2\n")
    source.chmod(0o600)
    assert cli.main(["keep", str(source), "describe x", "-o", str(tmp_path / "secret.istrel")]) == 0
    assert (tmp_path / "secret.istrel").stat().st_mode & 0o777 == 0o600
    (tmp_path / "state" / "istrel").mkdir(parents=True, mode=0o755)
    source.chmod(0o644)
    unnamed = unnamed_path("secret")
    StudyFile.create(unnamed, History(Study((open_source(source),)))).close()
    assert unnamed.stat().st_mode & 0o077 == 0
    for folder in (unnamed.parent, unnamed.parent.parent):
        assert folder.stat().st_mode & 0o777 == 0o700
