"""`istrel refresh`: a document that was edited since gets the numbers of its study as they are now."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from istrel.commands.common import DONE, study_path, style_of, tell, write

if TYPE_CHECKING:
    import argparse


def refresh(options: argparse.Namespace) -> int:
    """What Istrel put into the document is exchanged, nothing else; what moved is listed."""
    import msgspec

    from istrel.render.refresh import refresh as refreshed_document
    from istrel.render.refresh import write_refreshed
    from istrel.study.file import StudyFile
    from istrel.study.fresh import refreshed

    path = Path(options.document)
    with StudyFile(study_path(options.study), writing=False) as file:
        history, lines = refreshed(file.history)
    tell(line.says for line in lines)
    study = history.study
    made = refreshed_document(path, study, style_of(options, study), tracked=options.tracked)
    out, copy = write_refreshed(path, made, study, Path(options.out) if options.out else None)
    if options.to == "json":
        said = {
            "exchanged": [dict(zip(("where", "old", "new"), line, strict=True)) for line in made.exchanged],
            "edited": [dict(zip(("where", "found", "new"), line, strict=True)) for line in made.edited],
            "away": made.away,
            "gone": made.gone,
            "document": str(out),
            "copy": str(copy) if copy else None,
        }
        write(msgspec.json.format(msgspec.json.encode(said), indent=1) + b"\n", None, options)
    else:
        kept = [f"The document as it was is kept as {copy.name}."] if copy else []
        write("".join(f"{line}\n" for line in (*made.lines(), *kept)).encode(), None, options)
    return DONE
