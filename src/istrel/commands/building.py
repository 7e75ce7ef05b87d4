"""`istrel build` and `istrel review`: the manuscript written out, what in it is not true (any more), what a reviewer writes."""

from __future__ import annotations

from collections.abc import Iterable, Iterator
from pathlib import Path
from typing import TYPE_CHECKING, Any

from istrel.commands.common import DONE, NOT_HELD, is_study_name, study_path, style_of, tell, with_dpi, write
from istrel.files import as_json
from istrel.problem import Problem

if TYPE_CHECKING:
    import argparse

    from istrel.study.fresh import Told
    from istrel.study.manuscript import Entry, Written
    from istrel.study.prose import Quoted
    from istrel.study.study import Study
    from istrel.style.house import HouseStyle

    Manuscript = tuple[Entry | Written, ...]

Line = tuple[dict[str, Any], str]  # as an object, and in words


def build(options: argparse.Namespace) -> int:
    """Every kept exhibit made from the files as they are now; `--check` tells what moved or is no longer true."""
    from istrel.render.manuscript import write_folder, write_manuscript
    from istrel.study.file import StudyFile
    from istrel.study.fresh import refreshed
    from istrel.study.manuscript import manuscript
    from istrel.study.reword import reworded

    if not options.check and not options.out:
        raise Problem("name a folder or a file with -o, or ask with --check which numbers moved.")
    with StudyFile(study_path(options.study), writing=False) as file:
        history, files = refreshed(file.history)
    tell(line.says for line in files)
    study, style = history.study, with_dpi(style_of(options, history.study), options.dpi)
    if options.reword:
        study, anew = reworded(study, style)
        tell(f"said anew: “{one.new}”" for one in anew)
    template = Path(options.template) if options.template else None
    if template is not None and not any(Path(out).suffix.lower() == template.suffix.lower() for out in options.out):
        raise Problem(f"{template.name}: a template is for a document of its kind; name one with -o.")
    for out in map(Path, options.out):
        if out.suffix and not out.is_dir():
            write_manuscript(study, style, out, template)
        else:
            write_folder(study, style, out)
    parts = manuscript(study, style)
    if not options.check:
        wrong = [words for _, words in _wrong(parts, style)]
        tell(wrong)
        return NOT_HELD if wrong else DONE
    lines = [*_unread(files), *_wrong(parts, style), *_moved(parts, study, style)]
    _say([line for line, _ in lines], [words for _, words in lines], options)
    return NOT_HELD if lines else DONE


def review(options: argparse.Namespace) -> int:
    """What a careful reviewer would write: about the manuscript of a study, or about the typed results of any paper."""
    from istrel.study.file import StudyFile
    from istrel.study.labels import numbers_and_labels
    from istrel.study.manuscript import called
    from istrel.study.review import review as reading

    if not is_study_name(options.study):
        return _review_paper(Path(options.study), options)
    with StudyFile(Path(options.study), writing=False) as file:
        study = file.history.study
    style = style_of(options, study)
    points, labels = reading(study, style), numbers_and_labels(study.parts, style)
    places = {part.id: called(part, labels) for part in study.parts}
    said = [{"kind": point.kind, "says": point.says, "place": places.get(point.part, "")} for point in points]
    _say(said, [point.says for point in points], options)
    return DONE


def _review_paper(path: Path, options: argparse.Namespace) -> int:
    """The arithmetic of results that somebody typed."""
    from istrel.render.papers import paragraphs_of
    from istrel.study.review.arithmetic import wrong_in

    found = [(number, wrong) for number, text in enumerate(paragraphs_of(path), start=1) for wrong in wrong_in(text)]
    said = [{"kind": wrong.kind, "says": wrong.says, "place": f"paragraph {number}"} for number, wrong in found]
    _say(said, [f"paragraph {number}: {wrong.says}" for number, wrong in found], options)
    return DONE


def _say(objects: list[dict[str, Any]], words: Iterable[str], options: argparse.Namespace) -> None:
    if options.to == "json":
        write(as_json(objects), None, options)
    else:
        write("".join(f"{line}\n" for line in words).encode(), None, options)


# What is wrong, and what moved.
def _unread(files: tuple[Told, ...]) -> Iterator[Line]:
    return (({"trouble": line.says}, line.says) for line in files if line.unread)


def _wrong(parts: Manuscript, style: HouseStyle) -> Iterator[Line]:
    """What the document would say that is not true, refer to that is not there, or lack."""
    from istrel.study.review.truth import wrong

    for exhibit, says in wrong(parts, style):
        yield {"exhibit": exhibit, "trouble": says}, f"{exhibit}: {says}"


def _moved(parts: Manuscript, study: Study, style: HouseStyle) -> Iterator[Line]:
    """Every number that differs from the accepted one: in tables and figures, and in texts."""
    from istrel.study.labels import numbers_and_labels
    from istrel.study.manuscript import Entry, called

    labels = numbers_and_labels(study.parts, style)
    for part in parts:
        if isinstance(part, Entry):
            yield from _in_exhibit(part, style)
        of = part.kept if isinstance(part, Entry) else part.passage
        where = f"{called(of, labels)} (text)" if isinstance(part, Entry) else called(of, labels)
        for quoted in _quoted(part):
            label = labels[quoted.exhibit][1].rstrip(" .:") if quoted.exhibit in labels else ""
            row, column, old, new = quoted.moved
            keys = {"exhibit": label, "text": where, "row": row, "column": column, "old": old, "new": new}
            words = f"{where}: {quoted.old or 'nothing'} → {quoted.new or 'nothing'}"
            yield keys | {"printed_old": quoted.old, "printed_new": quoted.new}, words


def _quoted(part: Entry | Written) -> Iterator[Quoted]:
    """The numbers of its texts that moved."""
    from istrel.study.manuscript import Entry

    readings = [reading for _, reading in part.readings] if isinstance(part, Entry) else [part.reading]
    return (quoted for reading in readings for quoted in reading.moved)


def _in_exhibit(entry: Entry, style: HouseStyle) -> Iterator[Line]:
    """Every number of a table or figure that moved."""
    from istrel.study.manuscript import places_of, printed_sides

    places = places_of(entry.exhibit.sheet, style) if entry.exhibit is not None else {}
    for number in entry.moved:
        old, new = printed_sides(entry, number, style)
        where = ", ".join(places.get((number.row, number.column), (number.row, number.column)))
        said = f"{old or 'nothing'} → {new or 'nothing'}"
        if old == new:
            said = f"{number.old!r} → {number.new!r}, which prints as before"
        row, column, before, now = number
        keys = {"exhibit": entry.label, "row": row, "column": column, "old": before, "new": now}
        yield keys | {"printed_old": old, "printed_new": new}, f"{entry.label}: {where}: {said}"
