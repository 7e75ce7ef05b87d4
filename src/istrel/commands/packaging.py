"""`istrel package`: a study as an archive takes it."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from istrel.commands.common import DONE, study_path, style_of, tell

if TYPE_CHECKING:
    import argparse


def package(options: argparse.Namespace) -> int:
    """Data, codebook, exhibits, numbers and a README, in a folder or an archive."""
    from istrel.render.deposit import deposit, write_deposit
    from istrel.study.file import StudyFile
    from istrel.study.fresh import refreshed

    with StudyFile(study_path(options.study), writing=False) as file:
        history, lines = refreshed(file.history)
    tell(line.says for line in lines)
    study = history.study
    files = deposit(study, style_of(options, study), options.data)
    write_deposit(files, Path(options.out), (options.study, *study.files))
    if not any(path.startswith("data/") for path in files) and options.data != "none":
        tell(("exhibits hide small counts, so the data were left out; --data csv gives them all the same.",))
    return DONE
