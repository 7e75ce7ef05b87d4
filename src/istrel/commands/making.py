"""`istrel make`, `look` and `codebook`: from a data file or a study to files."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from istrel.commands.common import DONE, data_of, is_study_name, naming, sources, targets, tell, with_dpi, write
from istrel.problem import Problem

if TYPE_CHECKING:
    import argparse
    from collections.abc import Iterator

    from istrel.data.dataset import Dataset


MOST_LOOKED_AT = 10_000_000  # rows: of more, different values alone would take longer than the exhibit


def make(options: argparse.Namespace) -> int:
    """One run, one or several files: the exhibits are made once."""
    from istrel.exhibits.make import make_exhibit
    from istrel.files import refuse_sources
    from istrel.render import check_fits, render
    from istrel.render.document import Document, numbered
    from istrel.sentence import request_of
    from istrel.sentence.spans import words_in
    from istrel.style.house import load_style

    wanted = targets(options)
    for _, path in wanted:
        if path is not None:
            refuse_sources(path, sources(options))
    style = with_dpi(load_style(options.style), options.dpi)
    data, standing = data_of(options)
    exhibits = []
    for said in options.sentences:
        with naming(said, options):
            exhibits.append(make_exhibit(request_of(said, data.codebook), data, standing))
    document = Document(numbered(exhibits), style)
    for output, _ in wanted:
        check_fits(document, output)
    for output, path in wanted:
        write(render(document, output.ending), path, options)
    named = frozenset(word for exhibit in exhibits for word in words_in(exhibit.sentence))
    tell(_doubts(data, named))
    seen = is_study_name(options.source)  # of a study the findings were seen, and what was left was left
    if not seen and data.n_rows <= MOST_LOOKED_AT:
        tell(_found(data, named))
    return DONE


def _doubts(data: Dataset, named: frozenset[str]) -> Iterator[str]:
    """What no window tells of these numbers: rows that stand for many cases or for none, and two readings of what is named."""
    from istrel.data.guess_rows import counted_by
    from istrel.data.no_cases import no_cases, words_of
    from istrel.english import English

    source = data.table.source
    counts = "" if data.codebook.rows.said else counted_by(data.table, data.codebook)
    if counts:
        says = f"each row was counted once, and “{counts}” looks like how many cases it stands for"
        yield f"{source.name}: {says}; add --counted {counts}."
    for row in no_cases(data):
        says = f"row {row + 1:,} stands among the cases and looks like none (“{words_of(data, row)}”)"
        yield f"{source.name}: {says}; set it aside in the window, or take it out of the file."
    for remark in source.unsure:
        name = remark.parts.get("name") if isinstance(remark, English) else None
        if name not in data.table or name in named:
            yield f"{source.name}: {remark}"


def _found(data: Dataset, named: frozenset[str]) -> Iterator[str]:
    """What makes the numbers of these variables doubtful, and what would mend it."""
    from istrel.data.screening import screen_named

    for finding in screen_named(data, named):
        mended = f" In the window: {finding.remedies[0].words}." if finding.remedies else ""
        yield f"{data.table.source.name}: {finding.lead} {finding.says}{mended}"


def look(options: argparse.Namespace) -> int:
    """The intake: text on standard output unless a file or a format is named."""
    from istrel.render.intake import render_intake
    from istrel.study.intake import take_in

    path = Path(options.out) if options.out not in (None, "-") else None
    if path is not None and path.is_dir():
        raise Problem(f"{path}: this is a folder; name a file in it.")
    ending = options.to or (path.suffix if path is not None else "txt")
    if not ending:
        raise Problem(f"{path}: the ending of the file chooses the output; add one, for example .html.")
    write(render_intake(take_in(data_of(options)[0]), ending), path, options)
    return DONE


def codebook(options: argparse.Namespace) -> int:
    """The codebook as CSV, or as an appendix in the format of the file's ending."""
    from istrel.files import refuse_sources
    from istrel.render.codebook import render_codebook

    path = Path(options.out) if options.out not in (None, "-") else None
    if path is not None:
        refuse_sources(path, sources(options))
    data, _ = data_of(options)
    write(render_codebook(data, path.name if path is not None else ".csv"), path, options)
    return DONE
