"""`istrel keep`, `accept` and `study`: a study from scripts, without a screen."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.commands.common import (
    DONE,
    is_study_name,
    naming,
    opening,
    refuse_reading,
    sources,
    study_path,
    tell,
    write,
)
from istrel.english import english
from istrel.problem import Problem

if TYPE_CHECKING:
    import argparse

    from istrel.study.history import History


def keep(options: argparse.Namespace) -> int:
    """Exhibits kept in a study, which is made where there is none; their numbers count as accepted."""
    from istrel.files import refuse_sources
    from istrel.sentence import request_of
    from istrel.study.changes.manuscript import Keep
    from istrel.study.file import StudyFile
    from istrel.study.manuscript import numbers_of
    from istrel.study.parts import Kept
    from istrel.study.remake import exhibit_of

    out = study_path(options.out)
    if not is_study_name(options.source):
        refuse_sources(out, sources(options))
    file, history = _begun(options, out)
    try:
        for sentence in options.sentences:
            source = history.study.source
            with naming(sentence, options):
                exhibit = exhibit_of(request_of(sentence, source.data.codebook), source)
            kept = Kept(exhibit.request, numbers_of(exhibit), exhibit.is_figure)
            history = history.do(Keep(kept))
        if file is not None:
            tell(filter(None, (file.save(history),)))
        else:
            StudyFile.create(out, history).close()
    finally:
        if file is not None:
            file.close()
    return DONE


def _begun(options: argparse.Namespace, out: Path) -> tuple[Any, History]:
    """(the open file that is added to, or None for a new one; the history with the wanted source in use)."""
    from istrel.study.changes.sources import AddSource, UseSource
    from istrel.study.file import StudyFile
    from istrel.study.history import History
    from istrel.study.opening import open_source
    from istrel.study.study import Study

    if is_study_name(options.source):
        refuse_reading(options)
        source = Path(options.source)
        if out.exists() and out.samefile(source):
            file = StudyFile(out)
            return file, file.history
        with StudyFile(source, writing=False) as other:
            return None, other.history
    if not out.exists():
        return None, History(Study((open_source(options.source, opening(options)),)))
    file = StudyFile(out)
    wanted = str(Path(options.source).resolve())
    known = next((s for s in file.history.study.sources if s.raw.source.path == wanted), None)
    try:
        if known is not None:
            return file, file.history.do(UseSource(known.id))
        return file, file.history.do(AddSource(open_source(options.source, opening(options))))
    except BaseException:
        file.close()
        raise


def accept(options: argparse.Namespace) -> int:
    """The numbers as they are now count as accepted: of the exhibits named by their place, or of all."""
    from istrel.study.changes.manuscript import Accept
    from istrel.study.file import StudyFile
    from istrel.study.fresh import refreshed
    from istrel.study.manuscript import compose, numbers_of, quoted_numbers
    from istrel.style.house import load_style

    with StudyFile(study_path(options.study)) as file:
        history, lines = refreshed(file.history)
        tell(line.says for line in lines)
        entries = compose(history.study, load_style("apa7"))
        for place in options.numbers:
            if not 1 <= place <= len(entries):
                raise Problem(f"there is no exhibit {place}; the study keeps {len(entries)}.")
        for place, entry in enumerate(entries, start=1):
            if options.numbers and place not in options.numbers:
                continue
            if entry.exhibit is None:
                tell((f"{entry.label} {entry.status}",))
                continue
            quoted = quoted_numbers(history.study, entry.kept.id, entry.exhibit)
            change = Accept(entry.kept.id, numbers_of(entry.exhibit), quoted)
            if change.apply(history.study).parts != history.study.parts:
                history = history.do(change)
        tell(filter(None, (file.save(history),)))
    return DONE


def study(options: argparse.Namespace) -> int:
    """A study as text without its data, or such a text as a study."""
    from istrel.files import read_small
    from istrel.study.file import StudyFile, read_back, readable
    from istrel.study.history import History

    source, out = Path(options.study), Path(options.out) if options.out not in (None, "-") else None
    if not is_study_name(options.study):
        if out is None or not is_study_name(options.out):
            raise Problem("a study as text is read back into a study: name it with -o, for example -o paper.istrel.")
        if out.exists():
            raise Problem(f"{out}: this study is there already; choose another name.")
        text = read_small(source, english("the study"))
        StudyFile.create(out, History(read_back(text, source.name, source.resolve().parent))).close()
        return DONE
    if out is None and options.to != "json":
        raise Problem("name a file with -o, for example -o paper.json, or --to json for standard output.")
    if out is not None and out.suffix.lower() != ".json":
        raise Problem(f"{out}: a study is written as .json.")
    with StudyFile(source, writing=False) as file:
        folder = source.resolve().parent if out is None else out.resolve().parent
        text = readable(file.history.study, folder)
    write(text.encode(), out, options)
    return DONE
