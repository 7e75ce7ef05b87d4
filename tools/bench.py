"""Measures Istrel against floors taken in the same run, and prints the ratios."""

from __future__ import annotations

import os
import statistics
import subprocess
import sys
import time
from pathlib import Path

RUNS = 7
ROOT = Path(__file__).parents[1]
LEARNERS = ROOT / "src" / "istrel" / "demo" / "learners.csv"
EMPTY_WINDOW = """
import time
from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication, QMainWindow
app = QApplication([]); window = QMainWindow(); window.resize(1280, 800); window.show()
QTimer.singleShot(0, lambda: (print(time.time()), app.quit())); app.exec()
"""


def seconds(command: list[str], **environment: str) -> float:
    """How long a command takes: until the time that it prints (when its window was up), else as a whole process."""
    started = time.time()
    done = subprocess.run(command, check=True, env={**os.environ, **environment}, capture_output=True, text=True)
    ended = time.time()
    last = done.stdout.strip().rpartition("\n")[2]
    return (float(last) if last.replace(".", "").isdigit() else ended) - started


def paired(floor: list[str], work: list[str], **environment: str) -> tuple[float, float]:
    """Medians of both, taken in turn."""
    seconds(floor), seconds(work, **environment)
    pairs = [(seconds(floor), seconds(work, **environment)) for _ in range(RUNS)]
    return statistics.median(a for a, _ in pairs), statistics.median(b for _, b in pairs)


def main() -> None:
    python = sys.executable
    istrel = [python, "-m", "istrel"]
    floor, work = paired([python, "-c", EMPTY_WINDOW], istrel, ISTREL_QUIT_WHEN_SHOWN="1")
    print(f"cold start: empty Qt window {floor:.3f} s, Istrel's {work:.3f} s, ratio {work / floor:.2f} (at most 1.5)")
    make = [*istrel, "make", str(LEARNERS), "describe practice_min, receptive_post across format", "--to", "json"]
    floor, work = paired([python, "-c", "pass"], make)
    print(
        f"command line: bare interpreter {floor:.3f} s, exhibit as JSON {work:.3f} s, over it {work - floor:.3f} s (at most 0.8)"
    )


if __name__ == "__main__":
    main()
