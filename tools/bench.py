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


def times(command: list[str], **environment: str) -> list[float]:
    """Seconds from the start of a process to each time that it prints, and to its end."""
    started = time.time()
    done = subprocess.run(command, check=True, env={**os.environ, **environment}, capture_output=True, text=True)
    ended = time.time()
    printed = [float(line) for line in done.stdout.splitlines() if line.replace(".", "").isdigit()]
    return [moment - started for moment in (*printed, ended)]


def paired(floor: list[str], work: list[str], **environment: str) -> tuple[list[float], list[float]]:
    """Medians of both, taken in turn."""
    pairs = [(times(floor), times(work, **environment)) for _ in range(RUNS + 1)][1:]
    return [statistics.median(x) for x in zip(*(a for a, _ in pairs), strict=True)], [
        statistics.median(x) for x in zip(*(b for _, b in pairs), strict=True)
    ]


def main() -> None:
    python = sys.executable
    istrel = [python, "-m", "istrel"]
    (empty, *_), (frame, filled, *_) = paired([python, "-c", EMPTY_WINDOW], istrel, ISTREL_QUIT_WHEN_SHOWN="1")
    print(f"cold start: empty Qt window {empty:.3f} s")
    print(f"            Istrel's window {frame:.3f} s, ratio {frame / empty:.2f} (at most 1.5)")
    print(f"            its start page  {filled:.3f} s, ratio {filled / empty:.2f}")
    make = [*istrel, "make", str(LEARNERS), "describe practice_min, receptive_post across format", "--to", "json"]
    (bare, *_), (exhibit, *_) = paired([python, "-c", "pass"], make)
    print(
        f"command line: bare interpreter {bare:.3f} s, exhibit as JSON {exhibit:.3f} s, {exhibit - bare:.3f} over it (at most 0.8)"
    )


if __name__ == "__main__":
    main()
