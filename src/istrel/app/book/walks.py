"""First walks: a questionnaire, the first table of a trial, measurements over time. Each step knows when it is done."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass
from typing import TYPE_CHECKING

from istrel.english import english

if TYPE_CHECKING:
    from istrel.app.bridge import StudyModel
    from istrel.app.stations.stations import Stations
    from istrel.sentence.request import Request


@dataclass(frozen=True)
class Seen:
    """What a step looks at."""

    model: StudyModel
    stations: Stations
    station: int

    @property
    def request(self) -> Request | None:
        """What the proof on the Bench shows."""
        bench = self.stations.bench.made
        proof = bench.draft.proof if bench is not None else None
        return proof.exhibit.request if proof is not None else None

    @property
    def kept(self) -> int:
        return len(self.model.study.kept) if self.model.is_open else 0

    @property
    def codes(self) -> int:
        """How many codes for “no answer” are known."""
        lines = self.model.study.source.codebook.variables if self.model.is_open else ()
        return sum(len(line.missing_codes) for line in lines)

    @property
    def opened_number(self) -> bool:
        bench = self.stations.bench.made
        return bench is not None and bench.opener.slip.found is not None


@dataclass(frozen=True)
class Step:
    """What to do next; `sentence` is written by a click."""

    says: str
    done: Callable[[Seen], bool]
    sentence: str = ""


@dataclass(frozen=True)
class Walk:
    """A walk through the window with the demo's data."""

    title: str
    steps: tuple[Step, ...]


def _asks(verb: str, form: str = "table", **settings: object) -> Callable[[Seen], bool]:
    def done(seen: Seen) -> bool:
        request = seen.request
        if request is None or request.verb != verb or request.shape != form:
            return False
        return all(request.settings[name] == value for name, value in settings.items())

    return done


def _across(name: str) -> Callable[[Seen], bool]:
    def done(seen: Seen) -> bool:
        request = seen.request
        return request is not None and any(n.text == name for crossed in request.across for n in crossed.names)

    return done


KEEP = Step(english("Keep it: Ctrl+Enter, or the button at the right."), lambda seen: seen.kept > 0)
MANUSCRIPT = Step(english("See it on its page: Manuscript in the rail, or Ctrl+4."), lambda seen: seen.station == 3)

WALKS = (
    Walk(
        english("A questionnaire"),
        (
            Step(
                english(
                    "Intake found answers that are codes, 9 or 99 or −9: click “treat … as missing” in one of its findings."
                ),
                lambda seen: seen.codes > 0,
            ),
            Step(english("Go on to the Bench: Ctrl+3."), lambda seen: seen.station == 2),
            Step(
                english("How did people answer the twelve items? Write the sentence, or click it."),
                _asks("describe", "shares"),
                "describe mot_01 .. mot_12 as shares",
            ),
            Step(english("Do the items hang together?"), _asks("check", "scale"), "check mot_01 .. mot_12 as scale"),
            KEEP,
            MANUSCRIPT,
        ),
    ),
    Walk(
        english("Table 1 of a trial"),
        (
            Step(english("Go to the Bench: Ctrl+3."), lambda seen: seen.station == 2),
            Step(
                english("Who was in which group?"),
                _across("format"),
                "describe age, education, completed across format",
            ),
            Step(
                english("Add how much the groups differ: “with difference”."),
                _asks("describe", difference=True),
                "describe age, education, completed across format with difference",
            ),
            Step(
                english("Click a number of the table: it opens and shows its working."), lambda seen: seen.opened_number
            ),
            KEEP,
            MANUSCRIPT,
        ),
    ),
    Walk(
        english("Measurements over time"),
        (
            Step(english("Go to the Bench: Ctrl+3."), lambda seen: seen.station == 2),
            Step(
                english("receptive_pre and receptive_post are one measure on two occasions: leave the ending out."),
                _across("occasion"),
                "describe receptive across occasion",
            ),
            Step(
                english("Did it change? The comparison is made within persons."),
                _asks("describe", difference=True, test=True),
                "describe receptive across occasion with difference, test",
            ),
            Step(
                english("A line for each person, and the means."),
                _asks("describe", "paths"),
                "describe receptive across occasion as paths",
            ),
            KEEP,
            MANUSCRIPT,
        ),
    ),
)
