"""What reporting guidelines of the trade (SAMPL, STROBE) ask of descriptive results, as far as it is not there."""

from __future__ import annotations

import re
from collections.abc import Iterator

from istrel.data.column import Kind as ColumnKind
from istrel.data.guess import suspected_codes
from istrel.data.levels import Level
from istrel.data.limits import FEW_FOR_TESTS, SMALL_GROUP, STRONGLY_SKEWED
from istrel.english import english
from istrel.exhibits.cases import Grouping
from istrel.exhibits.printing import plain_text
from istrel.exhibits.table import Note, TableSheet
from istrel.exhibits.text import phrases_in
from istrel.exhibits.verbs.describe.result import MeasuredCell
from istrel.sentence.vocabulary import STATISTICS
from istrel.study.manuscript import Entry, Written
from istrel.study.parts import Number
from istrel.study.review.point import Point, Script
from istrel.style.numbers import Kind

LEFT_OUT = {
    "values_missing": (english("missing data"), english("no longer says how many values are missing")),
    "missing_count": (english("missing data"), english("no longer says how many values are missing")),
    "missing_count_of": (english("missing data"), english("no longer says how many values are missing")),
    "percentages_are_of_the_valid": (english("percentages"), english("no longer says what its percentages are of")),
    "percentages_are_of_all_cases": (english("percentages"), english("no longer says what its percentages are of")),
    "percentages_are_of_the_row": (english("percentages"), english("no longer says what its percentages are of")),
    "percentages_are_of_the_column": (english("percentages"), english("no longer says what its percentages are of")),
    "short_median": (english("abbreviations"), english("no longer explains Mdn")),
    "short_iqr": (english("abbreviations"), english("no longer explains IQR")),
    "short_ci_low": (english("abbreviations"), english("no longer explains CI")),
    "short_mad": (english("abbreviations"), english("no longer explains MAD")),
    "short_cv": (english("abbreviations"), english("no longer explains CV")),
}
SPREADS = {name for name, statistic in STATISTICS.items() if statistic.spreads}
P_KINDS = {Kind.P, Kind.P_WITH_SIGN}
FEWEST_CHARACTERISTICS = 3


def points(script: Script) -> Iterator[Point]:
    for entry in script.entries:
        yield from _of_exhibit(entry, script)
    yield from _lonely_p(script)
    yield from _repeated(script)
    yield from _twice(script)
    yield from _of_all(script)


def _of_exhibit(entry: Entry, script: Script) -> Iterator[Point]:
    assert entry.exhibit is not None
    exhibit, label, part = entry.exhibit, entry.label.rstrip(" .:"), entry.kept.id
    for kind, says in dict.fromkeys(LEFT_OUT[t] for t in script.notes_left_out(entry) if t in LEFT_OUT):
        yield Point(kind, english("The note of {label} {says}.", label=label, says=says), part)
    shown = set(exhibit.shown)
    if "se" in shown and "sd" not in shown:
        yield Point(
            english("SE for SD"),
            english("{label} gives standard errors where readers look for standard deviations.", label=label),
            part,
        )
    if exhibit.form == "means" and exhibit.request.settings["interval"] == "se":
        yield Point(
            english("SE for SD"),
            english("{label} draws standard errors; confidence intervals say more.", label=label),
            part,
        )
    yield from _skewed(entry, label)
    yield from _bare(entry, label, script)
    yield from _undeclared(entry, label)
    yield from _small(entry, label)
    tested = exhibit.request.verb == "describe" and exhibit.request.settings["test"]
    if tested and entry.kept.text == () and not _quotes_statistic(entry, script):
        yield Point(
            english("p alone"),
            english("{label} gives p; the statistic and its df stand nowhere, show its results text.", label=label),
            part,
        )
    if tested and not exhibit.request.settings["difference"]:
        yield Point(
            english("size of difference"),
            english("{label} tests differences without saying how large they are.", label=label),
            part,
        )
    bare = [name for name in _names(entry) if not exhibit.plan.data.variable(name).label]
    if bare:
        yield Point(
            english("no label"),
            english(
                "{label} calls {names} by name only; the codebook has no label.", label=label, names=", ".join(bare[:3])
            ),
            part,
        )


def _quotes_statistic(entry: Entry, script: Script) -> bool:
    """Whether a text quotes the statistic of a test of this exhibit."""
    numbers = (piece for _, prose in script.proses for piece in prose if isinstance(piece, Number))
    return any(n.exhibit == entry.kept.id and n.column.endswith("statistic") for n in numbers)


def _names(entry: Entry) -> list[str]:
    """The variables of an exhibit that is about variables one by one."""
    assert entry.exhibit is not None
    found = (cell.names[0] for cell in entry.exhibit.result.cells if len(cell.names) == 1)
    return [name for name in dict.fromkeys(found) if name in entry.exhibit.plan.data.table]


def _skewed(entry: Entry, label: str) -> Iterator[Point]:
    """A mean of what is strongly skewed, without median or quartiles beside it."""
    assert entry.exhibit is not None
    shown = set(entry.exhibit.shown)
    if "mean" not in shown or shown & {name for name, entry in STATISTICS.items() if entry.recorded == "between"}:
        return
    for cell in entry.exhibit.result.cells:
        if isinstance(cell, MeasuredCell) and abs(cell.number("skewness")) >= STRONGLY_SKEWED:
            name = entry.exhibit.plan.data.variable(cell.variable).label or cell.variable
            says = english(
                "{name} is strongly skewed; {label} gives its mean without a median.", name=name, label=label
            )
            yield Point(english("mean of skewed"), says, entry.kept.id)
            return


def _bare(entry: Entry, label: str, script: Script) -> Iterator[Point]:
    """Means or medians without their spread, or without n."""
    assert entry.exhibit is not None
    exhibit, shown = entry.exhibit, set(entry.exhibit.shown)
    if exhibit.is_figure or exhibit.request.verb != "describe" or not shown:
        return
    if "mean" in shown and not shown & SPREADS:
        yield Point(
            english("no spread"),
            english("{label} gives means without standard deviations or intervals.", label=label),
            entry.kept.id,
        )
    if "median" in shown and not shown & SPREADS:
        yield Point(
            english("no spread"),
            english("{label} gives medians without quartiles or a range.", label=label),
            entry.kept.id,
        )
    assert isinstance(exhibit.sheet, TableSheet)
    heads = [head.text for line in exhibit.sheet.heads for head in line]
    texts = [*heads, *(row.stub for row in exhibit.sheet.rows), *(note.text for note in exhibit.sheet.notes)]
    letters = " ".join(plain_text(text, script.style) for text in texts)
    if "n" not in shown and not re.search(r"\b[nN]\b", letters) and not _of_missing(exhibit.sheet):
        yield Point(
            english("no n"), english("{label} does not say of how many cases it is.", label=label), entry.kept.id
        )


def _of_missing(sheet: TableSheet) -> list[Note]:
    """The notes that count missing values: beside a table of the sample they say how many cases there are."""
    counting = {name for name, (kind, _) in LEFT_OUT.items() if kind == "missing data"}
    return [note for note in sheet.notes if any(phrase.id in counting for phrase in phrases_in(note.text))]


def _undeclared(entry: Entry, label: str) -> Iterator[Point]:
    """A value that looks like a code for "no answer" among the numbers."""
    assert entry.exhibit is not None
    data = entry.exhibit.plan.data
    for name in dict.fromkeys(name for cell in entry.exhibit.result.cells for name in cell.names):
        if name not in data.table or data.table.column(name).kind is not ColumnKind.NUMBER:
            continue  # an item of a scale may be a formula
        variable = data.variable(name)
        if not (variable.level.measured or variable.level is Level.ORDINAL):
            continue
        for code in suspected_codes(data.tally(name)[0]):
            says = english(
                "{label}: {name} holds {code:g}, which looks like a code for a missing answer.",
                label=label,
                name=variable.label or name,
                code=code,
            )
            yield Point(english("missing code"), says, entry.kept.id)


def _small(entry: Entry, label: str) -> Iterator[Point]:
    """Tests on very small groups."""
    assert entry.exhibit is not None
    exhibit = entry.exhibit
    tested = exhibit.request.verb in ("check", "relate") or exhibit.request.settings["test"]
    sizes = [n for cell in exhibit.result.cells if isinstance(n := cell.n, int)]
    least = FEW_FOR_TESTS if exhibit.request.verb == "check" else SMALL_GROUP
    if tested and sizes and 0 < min(sizes) < least:
        yield Point(
            english("small groups"),
            english("{label} tests a group of {n} [case|cases].", label=label, n=min(sizes)),
            entry.kept.id,
        )


def _lonely_p(script: Script) -> Iterator[Point]:
    """A paragraph that quotes p without its statistic."""
    for part, prose in script.proses:
        numbers = [piece for piece in prose if isinstance(piece, Number)]
        for number in numbers:
            if number.prints in {str(kind) for kind in P_KINDS} or number.column.endswith((" p", "/p")):
                others = [n for n in numbers if n.row == number.row and n is not number]
                if number.row and not others:
                    yield Point(
                        english("p alone"), english("A text quotes p without the statistic that it belongs to."), part
                    )
                    break


def _repeated(script: Script) -> Iterator[Point]:
    """A figure that shows what a table shows already."""
    tables = {}
    for entry in script.entries:
        assert entry.exhibit is not None
        request = entry.exhibit.request
        about = entry.kept.source, request.verb, request.subjects, request.across, request.among
        if not entry.kept.is_figure:
            tables[about] = entry
        elif about in tables and entry.exhibit.form in ("means", "bars"):
            table = tables[about].label.rstrip(" .:")
            yield Point(
                english("repeats a table"),
                english("{label} repeats {table}.", label=entry.label.rstrip(" .:"), table=table),
                entry.kept.id,
            )


def _twice(script: Script) -> Iterator[Point]:
    """The same exhibit in two places."""
    first: dict[tuple[str, object], Entry] = {}
    for entry in script.entries:
        assert entry.exhibit is not None
        same = first.setdefault((entry.kept.source, entry.exhibit.request), entry)
        if same is not entry:
            says = english(
                "{label} is {label_2} a second time.", label=entry.label.rstrip(" .:"), label_2=same.label.rstrip(" .:")
            )
            yield Point(english("twice"), says, entry.kept.id)


def _of_all(script: Script) -> Iterator[Point]:
    """What the manuscript as a whole lacks."""
    if not script.entries:
        return
    first = script.entries[0].kept.id
    if not any(_is_sample_table(entry) for entry in script.entries):
        yield Point(
            english("sample"), english("No table describes the participants (Table 1): characteristics, with n."), first
        )
    written = any(isinstance(part, Written) for part in script.parts)
    methods = any(entry.kept.methods != () for entry in script.entries)
    if written and not methods and "quantile" not in script.words and "standard deviation" not in script.words:
        says = english("Nothing says how the statistics were computed; “+ methods text” beside an exhibit does.")
        yield Point(english("methods"), says, first)
    if written and "istrel" not in script.words:
        yield Point(
            english("software"), english("The software is not named (SAMPL): for example “made with Istrel”."), first
        )
    yield from _missing(script)


def _is_sample_table(entry: Entry) -> bool:
    assert entry.exhibit is not None
    exhibit = entry.exhibit
    many = len(exhibit.plan.names) >= FEWEST_CHARACTERISTICS
    return exhibit.request.verb == "describe" and not exhibit.is_figure and many


def _missing(script: Script) -> Iterator[Point]:
    """Groups without some of the cases, with no word of it anywhere."""
    for entry in script.entries:
        assert entry.exhibit is not None
        lost = [
            g.missing for g in entry.exhibit.result.groupings if isinstance(g, Grouping) and isinstance(g.missing, int)
        ]
        if any(lost) and entry.kept.notes is not None and "ungrouped_left_out" in script.notes_left_out(entry):
            label = entry.label.rstrip(" .:")
            yield Point(
                english("missing data"),
                english(
                    "{label} leaves out {n} [case|cases] without a group and does not say so.", label=label, n=max(lost)
                ),
                entry.kept.id,
            )
