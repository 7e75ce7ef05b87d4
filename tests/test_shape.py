"""The shape of the code: no circle between modules of any kind, no overgrown class or function, types that say something."""

from __future__ import annotations

import ast
import re
from collections.abc import Iterator
from functools import cache
from graphlib import CycleError, TopologicalSorter
from pathlib import Path
from statistics import median

SOURCES = Path(__file__).parents[1] / "src"
MOST_METHODS, LONGEST, USUAL, MOST_ANY = 20, 60, 8, 10
LARGER = {
    "Build": "the parser's library wants a method for each rule of the grammar",
    "SentenceLine": "a text widget: a third of it overrides what the toolkit calls (keys, pointer, dragging, painting)",
    "ProseEdit": "a text widget, likewise",
    "Paper": "paints tables and figures and answers the pointer; what it paints is laid out elsewhere",
    "_Press": "one page's measures, each found once and asked for by the others",
}


@cache
def modules() -> dict[str, ast.Module]:
    """{dotted name: what is written there}."""
    found = {}
    for path in sorted(SOURCES.rglob("*.py")):
        name = ".".join(path.relative_to(SOURCES).with_suffix("").parts).removesuffix(".__init__")
        found[name] = ast.parse(path.read_text(encoding="utf-8"))
    return found


def imported(tree: ast.Module) -> Iterator[str]:
    """Own modules that one imports anywhere: at its head, in a function, for its types."""
    for node in ast.walk(tree):
        if isinstance(node, ast.Import):
            yield from (alias.name for alias in node.names)
        elif isinstance(node, ast.ImportFrom) and node.module:
            for alias in node.names:
                whole = f"{node.module}.{alias.name}"
                yield whole if whole in modules() else node.module


def functions() -> Iterator[tuple[str, ast.FunctionDef]]:
    for name, tree in modules().items():
        yield from ((name, node) for node in ast.walk(tree) if isinstance(node, ast.FunctionDef))


def test_no_circle_of_imports_of_any_kind() -> None:
    graph = {
        name: {other for other in imported(tree) if other in modules()} - {name} for name, tree in modules().items()
    }
    try:
        order = list(TopologicalSorter(graph).static_order())
    except CycleError as circle:
        raise AssertionError(" → ".join(circle.args[1])) from None
    assert len(order) > 300


def test_a_class_over_twenty_methods_has_its_reason() -> None:
    large = {
        node.name
        for tree in modules().values()
        for node in ast.walk(tree)
        if isinstance(node, ast.ClassDef)
        and sum(isinstance(part, ast.FunctionDef) for part in node.body) > MOST_METHODS
    }
    assert large == LARGER.keys()


def test_functions_are_short() -> None:
    lengths = {
        f"{name}.{node.name}": node.end_lineno - node.lineno + 1 for name, node in functions() if node.end_lineno
    }
    assert [name for name, lines in lengths.items() if lines > LONGEST] == []
    assert median(lengths.values()) <= USUAL


def test_what_exhibits_take_and_give_has_a_type() -> None:
    untyped = [
        f"{name}.{node.name}"
        for name, node in functions()
        if name.startswith("istrel.exhibits")
        for said in (*(a.annotation for a in (*node.args.args, *node.args.kwonlyargs)), node.returns)
        if said is not None and re.search(r"\bAny\b", ast.unparse(said))
    ]
    assert len(untyped) <= MOST_ANY, untyped
