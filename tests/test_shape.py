"""The shape of the code: no circle between modules of any kind, no overgrown class or function, types that say something."""

from __future__ import annotations

import ast
import re
from collections.abc import Iterator
from functools import cache
from graphlib import CycleError, TopologicalSorter
from statistics import median
from typing import NamedTuple

from trees import SOURCES, nodes

MOST_METHODS, LONGEST, USUAL, MOST_ANY = 20, 60, 8, 10
LARGER = {
    "Build": "the parser's library wants a method for each rule of the grammar",
    "SentenceLine": "a text widget: a third of it overrides what the toolkit calls (keys, pointer, dragging, painting)",
    "ProseEdit": "a text widget, likewise",
    "Paper": "paints tables and figures and answers the pointer; what it paints is laid out elsewhere",
    "_Press": "one page's measures, each found once and asked for by the others",
}


class Module(NamedTuple):
    """What a module defines, and what it imports anywhere: at its head, in a function, for its types."""

    imports: list[ast.Import | ast.ImportFrom]
    classes: list[ast.ClassDef]
    functions: list[ast.FunctionDef]


@cache
def modules() -> dict[str, Module]:
    """{dotted name: what is written there}."""
    found = {}
    for path, written in nodes().items():
        name = ".".join(path.relative_to(SOURCES).with_suffix("").parts).removesuffix(".__init__")
        made = found[name] = Module([], [], [])
        for node in written:
            if isinstance(node, ast.Import | ast.ImportFrom):
                made.imports.append(node)
            elif isinstance(node, ast.ClassDef):
                made.classes.append(node)
            elif isinstance(node, ast.FunctionDef):
                made.functions.append(node)
    return found


def imported(module: Module) -> Iterator[str]:
    """The modules that one imports."""
    for node in module.imports:
        if isinstance(node, ast.Import):
            yield from (alias.name for alias in node.names)
        elif node.module:
            for alias in node.names:
                whole = f"{node.module}.{alias.name}"
                yield whole if whole in modules() else node.module


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
        for module in modules().values()
        for node in module.classes
        if sum(isinstance(part, ast.FunctionDef) for part in node.body) > MOST_METHODS
    }
    assert large == LARGER.keys()


def test_functions_are_short() -> None:
    every = [(f"{name}.{node.name}", node) for name, module in modules().items() for node in module.functions]
    lengths = [(name, node.end_lineno - node.lineno + 1) for name, node in every if node.end_lineno]
    assert [name for name, lines in lengths if lines > LONGEST] == []
    assert median(lines for _, lines in lengths) <= USUAL


def test_what_exhibits_take_and_give_has_a_type() -> None:
    untyped = [
        f"{name}.{node.name}"
        for name, module in modules().items()
        if name.startswith("istrel.exhibits")
        for node in module.functions
        for said in (*(a.annotation for a in (*node.args.args, *node.args.kwonlyargs)), node.returns)
        if said is not None and re.search(r"\bAny\b", ast.unparse(said))
    ]
    assert len(untyped) <= MOST_ANY, untyped
