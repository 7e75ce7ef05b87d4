"""What is kept for the next start is only that: damaged, or with no folder to keep it in, everything says the same."""

from __future__ import annotations

from pathlib import Path

import pytest

from istrel.sentence.parse import grammar
from istrel.style.phrases import phrases


def read_anew() -> tuple[object, object]:
    phrases.cache_clear()
    grammar.cache_clear()
    return phrases(), grammar().parse("describe age", start="sentence")


def test_what_is_kept_says_the_same_whole_damaged_or_nowhere(tmp_path: Path, monkeypatch: pytest.MonkeyPatch) -> None:
    said = read_anew()
    monkeypatch.setenv("XDG_CACHE_HOME", str(tmp_path / "cache"))
    assert read_anew() == said
    kept = {path.name.partition("-")[0]: path for path in (tmp_path / "cache" / "istrel").iterdir()}
    assert sorted(kept) == ["grammar", "phrases"]
    earlier = kept["phrases"].with_name("phrases-0123")
    earlier.write_bytes(b"of an earlier version")
    assert read_anew() == said
    whole = {path: path.read_bytes() for path in kept.values()}
    for path, content in whole.items():
        path.write_bytes(content[: len(content) // 2])
    assert read_anew() == said
    assert kept["phrases"].read_bytes() == whole[kept["phrases"]]
    assert not earlier.exists()
    (tmp_path / "file").write_text("no folder")
    monkeypatch.setenv("XDG_CACHE_HOME", str(tmp_path / "file"))
    assert read_anew() == said
