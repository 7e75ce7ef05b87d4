"""`istrel refresh`: a document that was edited since gets the numbers of its study as they are now."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.commands.common import DONE, NOT_HELD, study_path, style_of, tell, write
from istrel.files import as_json

if TYPE_CHECKING:
    import argparse

    from istrel.render.refresh.report import Line


def refresh(options: argparse.Namespace) -> int:
    """What Istrel put into the document is exchanged, nothing else; what moved is listed."""
    from istrel.render.refresh import refresh as refreshed_document
    from istrel.render.refresh import write_refreshed
    from istrel.study.file import StudyFile
    from istrel.study.fresh import refreshed

    path = Path(options.document)
    with StudyFile(study_path(options.study), writing=False) as file:
        history, lines = refreshed(file.history)
    tell(line.says for line in lines)
    study = history.study
    made = refreshed_document(path, study, style_of(options, study), tracked=options.tracked, again=options.again)
    _, copy = write_refreshed(path, made, study, Path(options.out) if options.out else None)
    if options.to == "json":
        said = [_object(line) for line in made.found]
        write(as_json(said), None, options)
    else:
        kept = [f"The document as it was is kept as {copy.name}."] if copy else []
        write("".join(f"{line}\n" for line in (*made.lines(), *kept)).encode(), None, options)
    return NOT_HELD if made.stale else DONE


def _object(line: Line) -> dict[str, Any]:
    """A line as an object: where it stands in a table, or the words around it."""
    place = {"text": line.text} if line.text or not line.row else {"row": line.row, "column": line.column}
    said = {"old": line.old, "new": line.new, "done": line.done, "why": line.why}
    return {"exhibit": line.where.removesuffix(" in the text"), **place, **said}
