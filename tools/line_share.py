"""Checks that test lines are between 25 and 34 % of the application's, and that no file is over 500 lines."""

import sys
from pathlib import Path

LOW, HIGH, LONGEST = 25, 34, 500
ROOT = Path(__file__).parents[1]


def lines(folder: str) -> int:
    """Lines with something on them in all Python files of a folder."""
    return sum(len([x for x in p.read_text().splitlines() if x.strip()]) for p in (ROOT / folder).rglob("*.py"))


source, tests = lines("src"), lines("tests")
share = 100 * tests / source
print(f"lines: application {source}, tests {tests} = {share:.0f} % (wanted {LOW}-{HIGH} %)")
long = [str(p) for p in (ROOT / "src").rglob("*.py") if len(p.read_text().splitlines()) > LONGEST]
if long:
    print(f"over {LONGEST} lines: {', '.join(long)}")
sys.exit(bool(long) or not LOW <= share <= HIGH)
