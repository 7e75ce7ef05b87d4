"""Random small changes of the core, each against the tests of its room: a change that no test notices is named.

`make mutants ARGUMENTS="--number 20 --room stats"` tries fewer, in one room; ISTREL_SEED chooses others. The project itself is
not touched: a copy is.
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
from collections.abc import Iterator
from dataclasses import dataclass
from pathlib import Path

ROOT = Path(__file__).parent.parent
ROOMS = ("stats", "exhibits", "sentence", "data", "study", "render")
PATIENCE = 600  # seconds for the tests of a room
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
    """A changed module: where, what it was, what it is."""

    path: Path
    line: int
    before: str
    after: str
    text: str

    @property
    def room(self) -> str:
        return self.path.relative_to(ROOT / "src" / "istrel").parts[0]


def places(tree: ast.Module) -> Iterator[tuple[ast.AST, ast.AST]]:
    """(statement or expression that is shown, node that can be changed)."""
    decorated = (part for node in ast.walk(tree) for part in getattr(node, "decorator_list", ()))
    passed = {inner for part in decorated for inner in ast.walk(part)}  # a class that is not frozen works the same
    for node in ast.walk(tree):
        if node in passed:
            continue
        operated = isinstance(node, ast.BinOp | ast.BoolOp) and type(node.op) in OTHER
        compared = isinstance(node, ast.Compare) and type(node.ops[0]) in OTHER
        number = isinstance(node, ast.Constant) and type(node.value) in (int, float, bool)
        if operated or compared or number:
            yield node, node
        elif isinstance(node, ast.If | ast.IfExp):
            yield node.test, node


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
        before = ast.unparse(shown)
        change(node)
        after = ast.unparse(node.test if isinstance(node, ast.If | ast.IfExp) else node)
        made += 1
        yield Mutant(path, getattr(shown, "lineno", 0), before, after, ast.unparse(ast.fix_missing_locations(tree)))


def survives(mutant: Mutant, copy: Path) -> bool:
    """Whether the tests of its room pass with the change in the copy."""
    place = copy / mutant.path.relative_to(ROOT)
    kept = place.read_bytes()
    place.write_text(mutant.text, encoding="utf-8")
    words = [sys.executable, "-m", "pytest", "-x", "-q", "-n", "2", "-p", "no:cacheprovider", f"tests/{mutant.room}"]
    environment = {**os.environ, "PYTHONPATH": str(copy / "src"), "QT_QPA_PLATFORM": "offscreen"}
    try:
        done = subprocess.run(words, cwd=copy, env=environment, capture_output=True, timeout=PATIENCE, check=False)
        return done.returncode == 0
    except subprocess.TimeoutExpired:
        return False
    finally:
        place.write_bytes(kept)


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("--number", type=int, default=100)
    parser.add_argument("--room", choices=ROOMS)
    options = parser.parse_args()
    number, rooms = options.number, (options.room,) if options.room else ROOMS
    seed = int(os.environ.get("ISTREL_SEED", "1"))
    alive: list[Mutant] = []
    with tempfile.TemporaryDirectory() as folder:
        copy = Path(folder) / "istrel"
        shutil.copytree(ROOT, copy, ignore=shutil.ignore_patterns(".venv", ".git", "out", "__pycache__"))
        for place, mutant in enumerate(mutants(random.Random(seed), number, rooms), 1):
            lives = survives(mutant, copy)
            where = f"{mutant.path.relative_to(ROOT)}:{mutant.line}"
            print(
                f"{place:3} {'SURVIVES' if lives else 'dies'} {where}  {mutant.before}  ->  {mutant.after}"[:160],
                flush=True,
            )
            alive += [mutant] if lives else []
    print(f"{len(alive)} of {number} survive (seed {seed})")
    return 0


if __name__ == "__main__":
    sys.exit(main())
