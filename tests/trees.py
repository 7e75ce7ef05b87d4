"""The sources as trees, parsed and walked once for all tests that look at them."""

from __future__ import annotations

import ast
from functools import cache
from pathlib import Path

SOURCES = Path(__file__).parents[1] / "src"
LOOKED_AT = (
    *(ast.Import, ast.ImportFrom, ast.ClassDef, ast.FunctionDef),
    *(ast.Call, ast.Tuple, ast.List, ast.Set, ast.Dict),
)


@cache
def nodes() -> dict[Path, list[ast.AST]]:
    """{module: its imports, classes, functions, calls and collections}."""
    paths = sorted(SOURCES.rglob("*.py"))
    trees = ((path, ast.parse(path.read_text(encoding="utf-8"))) for path in paths)
    return {path: [node for node in ast.walk(tree) if isinstance(node, LOOKED_AT)] for path, tree in trees}
