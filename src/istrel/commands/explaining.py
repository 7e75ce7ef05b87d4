"""`istrel explain`: one number of an exhibit, opened."""

from __future__ import annotations

from typing import TYPE_CHECKING

from istrel.commands.common import DONE, data_of, write
from istrel.files import as_json

if TYPE_CHECKING:
    import argparse


def explain(options: argparse.Namespace) -> int:
    """In words, its formula, the same filled, step by step, who pulls most, and where it comes from."""
    from dataclasses import asdict

    from istrel.exhibits.make import make_exhibit
    from istrel.sentence import request_of
    from istrel.study.explaining import opened
    from istrel.style.house import load_style

    data, standing = data_of(options)
    exhibit = make_exhibit(request_of(options.sentence, data.codebook), data, standing)
    row, column = options.cell
    found = opened(exhibit, row, column, load_style(options.style))
    if options.to == "json":
        content = {**asdict(found), "influence": [{"case": case, "without": value} for case, value in found.influence]}
        for key in ("count", "stands", "pulls"):
            del content[key]
        write(as_json(content), None, options)
    else:
        write("".join(f"{line}\n" for line in found.lines()).encode(), None, options)
    return DONE
