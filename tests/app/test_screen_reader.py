"""With a screen reader's client and keys alone: a sentence, its table read, a number opened, the exhibit kept and exported."""

from __future__ import annotations

import json
import os
import subprocess
import sys
from pathlib import Path

from istrel.demo import LEARNERS

READER = Path(__file__).with_name("reader.py")


def test_a_paper_is_made_by_a_screen_reader_and_keys_alone(tmp_path: Path) -> None:
    document = tmp_path / "paper.docx"
    environment = os.environ | {"XDG_STATE_HOME": str(tmp_path / "state"), "XDG_CONFIG_HOME": str(tmp_path / "config")}
    command = ["xvfb-run", "-a", "-s", "-screen 0 1280x800x24", "dbus-run-session", "--", sys.executable, READER]
    made = subprocess.run(
        [*command, LEARNERS, document], env=environment, capture_output=True, text=True, timeout=150, check=False
    )
    assert made.returncode == 0, made.stderr
    told = json.loads(made.stdout.splitlines()[-1])
    assert told["heads"] == ["n", "M", "SD", "Mdn", "Min", "Max", "Skewness"]
    assert told["stubs"] == ["Weekly evening", "Weekend intensive", "Guided self-study"]
    assert told["cells"][0][:3] == ["216", "40.4", "14.0"]
    assert "40.4 in each of the 216 cases" in told["said"]
    assert document.read_bytes().startswith(b"PK")
