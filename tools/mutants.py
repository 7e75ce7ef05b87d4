"""Random small changes of the core, each against the tests that run the changed line: a change that no test notices is named.

`make mutants ARGUMENTS="--number 20 --room stats"` tries fewer, in one room; ISTREL_SEED chooses others. One recorded run of
the tests says which of them run which line (`--recorded FILE` keeps it for the next time). A change is tried by the tests of
its own room that run it, then by those of other rooms, then by all of its room (what a fixture or a cache made once is
used by tests that do not run the line), with all cases of every table. The project itself is not touched: copies are.
"""

from __future__ import annotations

import argparse
import ast
import os
import random
import shutil
import subprocess
import sys
import tempfile
import threading
from collections import Counter
from collections.abc import Iterable, Iterator
from dataclasses import dataclass
from pathlib import Path
from queue import Queue

from coverage import CoverageData

ROOT = Path(__file__).parent.parent
ROOMS = ("stats", "exhibits", "sentence", "data", "study", "render")
WORKERS = 2
PATIENCE = 600  # seconds for the tests of a change: one that hangs is noticed
OF_ALL = ("tests/test_docs.py", "tests/test_contracts.py", "tests/exhibits/test_as_they_were.py")
MOST = 400  # tests of a line: where so many run it, others of them say nothing new
OTHER: dict[type[ast.AST], type[ast.AST]] = {
    ast.Add: ast.Sub,
    ast.Sub: ast.Add,
    ast.Mult: ast.Div,
    ast.Div: ast.Mult,
    ast.Lt: ast.LtE,
    ast.LtE: ast.Lt,
    ast.Gt: ast.GtE,
    ast.GtE: ast.Gt,
    ast.Eq: ast.NotEq,
    ast.NotEq: ast.Eq,
    ast.And: ast.Or,
    ast.Or: ast.And,
    ast.Is: ast.IsNot,
    ast.IsNot: ast.Is,
}


@dataclass(frozen=True)
class Mutant:
    """A changed module: where, what it was, what it is, and whether it is code that is called (not read once)."""

    path: Path
    lines: range
    called: bool
    before: str
    after: str
    text: str

    @property
    def room(self) -> str:
        return self.path.relative_to(ROOT / "src" / "istrel").parts[0]


def places(tree: ast.Module) -> Iterator[tuple[ast.expr, ast.AST]]:
    """(expression that is shown, node that can be changed)."""
    decorated = (part for node in ast.walk(tree) for part in getattr(node, "decorator_list", ()))
    passed = {inner for part in decorated for inner in ast.walk(part)}  # a class that is not frozen works the same
    for node in ast.walk(tree):
        if node in passed:
            continue
        operated = isinstance(node, ast.BinOp | ast.BoolOp) and type(node.op) in OTHER
        compared = isinstance(node, ast.Compare) and type(node.ops[0]) in OTHER
        number = isinstance(node, ast.Constant) and type(node.value) in (int, float, bool)
        if isinstance(node, ast.expr) and (operated or compared or number):
            yield node, node
        elif isinstance(node, ast.If | ast.IfExp):
            yield node.test, node


def is_called(tree: ast.Module, node: ast.expr) -> bool:
    """Whether the node stands in the body of a function."""
    functions = (part for part in ast.walk(tree) if isinstance(part, ast.FunctionDef))
    return any(part.body[0].lineno <= node.lineno <= (part.end_lineno or 0) for part in functions)


def change(node: ast.AST) -> None:
    """One small change of a node, in place."""
    if isinstance(node, ast.BinOp | ast.BoolOp):
        node.op = OTHER[type(node.op)]()  # type: ignore[assignment]
    elif isinstance(node, ast.Compare):
        node.ops[0] = OTHER[type(node.ops[0])]()  # type: ignore[call-overload]
    elif isinstance(node, ast.Constant):
        assert isinstance(node.value, int | float)
        node.value = not node.value if isinstance(node.value, bool) else node.value + 1
    elif isinstance(node, ast.If | ast.IfExp):
        node.test = ast.UnaryOp(ast.Not(), node.test)


def mutants(rng: random.Random, number: int, rooms: tuple[str, ...] = ROOMS) -> Iterator[Mutant]:
    """So many changes, each of a module that is drawn by its length."""
    modules = [path for room in rooms for path in sorted((ROOT / "src" / "istrel" / room).rglob("*.py"))]
    sizes = [path.stat().st_size for path in modules]
    made = 0
    while made < number:
        (path,) = rng.choices(modules, sizes)
        tree = ast.parse(path.read_text(encoding="utf-8"))
        found = list(places(tree))
        if not found:
            continue
        shown, node = rng.choice(found)
        called, before = is_called(tree, shown), ast.unparse(shown)
        change(node)
        after = ast.unparse(node.test if isinstance(node, ast.If | ast.IfExp) else node)
        made += 1
        lines = range(shown.lineno, (shown.end_lineno or shown.lineno) + 1)
        yield Mutant(path, lines, called, before, after, ast.unparse(ast.fix_missing_locations(tree)))


def copied(folder: Path) -> Path:
    """A copy of the project, tests included."""
    copy = folder / "istrel"
    shutil.copytree(ROOT, copy, ignore=shutil.ignore_patterns(".venv", ".git", "out", "__pycache__"))
    return copy


def run(copy: Path, tests: Iterable[str], *options: str, patience: float | None) -> subprocess.CompletedProcess[str]:
    """The tests in the copy, for `patience` seconds at most."""
    words = [sys.executable, "-m", "pytest", "-x", "-q", "-p", "no:cacheprovider", *options, *tests]
    environment = {**os.environ, "PYTHONPATH": str(copy / "src"), "QT_QPA_PLATFORM": "offscreen", "ISTREL_DEEP": "1"}
    return subprocess.run(
        words, cwd=copy, env=environment, capture_output=True, text=True, timeout=patience, check=False
    )


def passes(copy: Path, tests: Iterable[str]) -> bool:
    """Whether the tests pass in the copy; one that hangs does not."""
    try:
        return run(copy, tests, patience=PATIENCE).returncode in (0, 5)  # 5: nothing to run
    except subprocess.TimeoutExpired:
        return False


@dataclass(frozen=True)
class Runs:
    """Which tests run which line of which module."""

    data: CoverageData

    @classmethod
    def recorded(cls, at: Path) -> Runs:
        """The record, made first where there is none: all tests, the window's and those of files included, run once."""
        if not at.exists():
            with tempfile.TemporaryDirectory() as folder:
                copy = copied(Path(folder))
                options = ("--cov=istrel", "--cov-context=test", "--cov-report=", "-n", "2")
                done = run(copy, ["tests"], *options, patience=None)
                if done.returncode:
                    raise SystemExit(f"the tests do not pass as they are:\n{done.stdout[-2000:]}")
                shutil.copy(copy / ".coverage", at)
        data = CoverageData(str(at))
        data.read()
        return cls(data)

    def of(self, mutant: Mutant) -> list[str]:
        """The tests that run its lines: those of its room first, and of these the ones that run most of the module."""
        ending = str(mutant.path.relative_to(ROOT))
        measured = [path for path in self.data.measured_files() if path.endswith(ending)]
        by_line = self.data.contexts_by_lineno(measured[0]) if measured else {}
        reach = Counter(context.rpartition("|")[0] for contexts in by_line.values() for context in contexts)
        ran = {context.rpartition("|")[0] for line in mutant.lines for context in by_line.get(line, ())} - {""}
        return sorted(ran, key=lambda test: (not test.startswith(f"tests/{mutant.room}/"), -reach[test], test))


def noticed(mutant: Mutant, copy: Path, runs: Runs) -> str | None:
    """Where the change is noticed, or None."""
    place = copy / mutant.path.relative_to(ROOT)
    kept = place.read_bytes()
    place.write_text(mutant.text, encoding="utf-8")
    room = f"tests/{mutant.room}"
    ran = runs.of(mutant) if mutant.called else []
    here = [test for test in ran if test.startswith(room + "/")]
    elsewhere = [test for test in ran if not test.startswith(room + "/")][:MOST]
    try:
        if here and not passes(copy, here[:MOST]):
            return "its room"
        if elsewhere and not passes(copy, elsewhere):
            return "another room"
        if not passes(copy, [room]):
            return "its room"
        return (
            None if mutant.called or passes(copy, OF_ALL) else "another room"
        )  # what is read once has no line of a test
    finally:
        place.write_bytes(kept)


def tried(found: Queue[tuple[int, Mutant] | None], alive: list[Mutant], runs: Runs) -> None:
    """One worker: takes changes until there are none, and says what became of each."""
    with tempfile.TemporaryDirectory() as folder:
        copy = copied(Path(folder))
        while (item := found.get()) is not None:
            place, mutant = item
            where = noticed(mutant, copy, runs)
            says = f"noticed in {where}" if where else "SURVIVES"
            line = f"{mutant.path.relative_to(ROOT)}:{mutant.lines[0]}"
            print(f"{place:3} {says:23} {line}  {mutant.before}  ->  {mutant.after}"[:200], flush=True)
            alive += [] if where else [mutant]


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("--number", type=int, default=100)
    parser.add_argument("--room", choices=ROOMS)
    parser.add_argument("--recorded", type=Path)
    options = parser.parse_args()
    rooms = (options.room,) if options.room else ROOMS
    seed = int(os.environ.get("ISTREL_SEED", "1"))
    alive: list[Mutant] = []
    found: Queue[tuple[int, Mutant] | None] = Queue()
    for item in enumerate(mutants(random.Random(seed), options.number, rooms), 1):
        found.put(item)
    with tempfile.TemporaryDirectory() as folder:
        runs = Runs.recorded(options.recorded or Path(folder) / "recorded")
        workers = [threading.Thread(target=tried, args=(found, alive, runs)) for _ in range(WORKERS)]
        for worker in workers:
            found.put(None)
            worker.start()
        for worker in workers:
            worker.join()
    print(f"{len(alive)} of {options.number} survive (seed {seed})")
    return 0


if __name__ == "__main__":
    sys.exit(main())
