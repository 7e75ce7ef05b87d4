"""`istrel explain`: one number of an exhibit, opened."""

from __future__ import annotations

from typing import TYPE_CHECKING

from istrel.commands.common import DONE, data_of, write

if TYPE_CHECKING:
    import argparse

    from istrel.study.explaining import Explained


def explain(options: argparse.Namespace) -> int:
    """In words, its formula, the same filled, step by step, who pulls most, and where it comes from."""
    import msgspec

    from istrel.exhibits.make import make_exhibit
    from istrel.sentence import request_of
    from istrel.study.explaining import opened
    from istrel.style.house import load_style

    data, standing = data_of(options)
    exhibit = make_exhibit(request_of(options.sentence, data.codebook), data, standing)
    row, column = options.cell
    found = opened(exhibit, row, column, load_style(options.style))
    if options.to == "json":
        content = {**_object(found), "influence": [{"case": case, "without": value} for case, value in found.influence]}
        write(msgspec.json.format(msgspec.json.encode(content), indent=1) + b"\n", None, options)
    else:
        write("".join(f"{line}\n" for line in _lines(found)).encode(), None, options)
    return DONE


def _object(found: Explained) -> dict[str, object]:
    from dataclasses import asdict

    return asdict(found)


def _lines(found: Explained) -> list[str]:
    lines = [found.means, "", f"  {found.formula}", f"  = {found.filled}", *(f"    {step}" for step in found.steps)]
    if found.cases:
        lines += ["", f"{len(found.cases):,} cases stand behind it."]
    lines += [f"Without row {case}: {value:.10g}" for case, value in found.influence]
    return [*lines, "", found.source] if found.source else lines
