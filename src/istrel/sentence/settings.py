"""What stands after `with`, as typed, turned into values; every mistake names its word, and what does not belong is refused."""

from __future__ import annotations

from collections.abc import Iterator, Sequence
from dataclasses import dataclass, field
from typing import Any, NamedTuple

from istrel.data.column import show_value
from istrel.english import either, english, in_quotes, together
from istrel.problem import Problem, close, question
from istrel.sentence.vocabulary import SETTINGS, SHORT, SHORT_AND_STATISTICS, Setting, meant
from istrel.sentence.vocabulary.entries import Belongs, Need
from istrel.sentence.vocabulary.takes import YesNo, shortened, show_limit

OF_A_NORM = ("difference", "test")  # what stands beside a norm in any case


@dataclass(frozen=True)
class Settings:
    """What was said after `with`, in the order said; everything else has its usual value.

    Attributes
    ----------
    said
        (name, value) pairs.
    places
        Where each was said, for messages.
    """

    said: tuple[tuple[str, Any], ...] = ()
    places: tuple[tuple[int, int], ...] = field(default=(), compare=False)

    def __getitem__(self, name: str) -> Any:
        """The value said, or the usual one; None where verb, data or house style decide."""
        usual = SETTINGS[name].usual
        return dict(self.said).get(name, usual)

    def __contains__(self, name: object) -> bool:
        """Whether the sentence says it."""
        return any(said == name for said, _ in self.said)

    def __iter__(self) -> Iterator[str]:
        """The names that were said."""
        return (name for name, _ in self.said)

    def place_of(self, name: str) -> tuple[int, int]:
        """Where a setting was said: (place, length); (-1, 0) where that is not known."""
        found = dict(zip(self, self.places, strict=False))
        return found.get(name, (-1, 0))

    def with_value(self, name: str, value: Any) -> Settings:
        """Another value for one setting, in its place; None takes it out."""
        if value is None:
            return Settings(tuple(pair for pair in self.said if pair[0] != name))
        if name in self:
            return Settings(tuple((said, value if said == name else old) for said, old in self.said))
        return Settings((*self.said, (name, value)))

    def only(self, fits: Sequence[str]) -> Settings:
        """Those whose names are among `fits`."""
        return Settings(tuple(pair for pair in self.said if pair[0] in fits))


@dataclass(frozen=True)
class Said:
    """One setting as typed; the name is empty for a bare word. Values carry their places."""

    name: str
    at: int
    values: tuple[tuple[str, int], ...]


def read_settings(parts: Sequence[Said]) -> Settings:
    """Settings from what was said.

    Raises
    ------
    Problem
        For an unknown name or statistic, a value of the wrong kind, and a setting said twice.
    """
    given: dict[str, Any] = {}
    places: dict[str, tuple[int, int]] = {}
    bare: list[tuple[str, int]] = []
    for part in parts:
        said = _meaning_yes(part)
        if not said.name:
            bare.extend(said.values)
            places.setdefault("statistics", (said.at, len(said.values[0][0])))
            continue
        name = _name(said)
        if name in given:
            raise Problem(english("“{name}” is set twice.", name=name), at=said.at, length=len(said.name))
        given[name] = SETTINGS[name].takes.read(name, said.values)
        places[name] = (said.at, len(said.name))
    if bare:
        statistics = SETTINGS["statistics"].takes.read("statistics", _known(bare))
        given = {"statistics": tuple(dict.fromkeys((*given.pop("statistics", ()), *statistics))), **given}
    return Settings(tuple(given.items()), tuple(places[name] for name in given))


def _meaning_yes(part: Said) -> Said:
    """The bare name of a setting that is yes or no means yes."""
    word = "_".join(part.values[0][0].casefold().split()) if not part.name else ""
    if word in SETTINGS and isinstance(SETTINGS[word].takes, YesNo) and not meant(word):
        return Said(word, part.at, (("yes", part.at),))
    return part


def _name(said: Said) -> str:
    name = said.name.casefold()
    if name not in SETTINGS:
        near = close(name, SETTINGS)
        message = english("There is no setting “{word}”.{hint}", word=shortened(said.name), hint=question(near[:1]))
        if not near:
            message = together((message, english("Settings are {names}.", names=", ".join(SETTINGS))))
        raise Problem(message, at=said.at, length=len(said.name), instead=near)
    return name


def _known(bare: list[tuple[str, int]]) -> tuple[tuple[str, int], ...]:
    """Bare words, each a statistic; a message knows settings too, for that is what may have been meant."""
    for word, at in bare:
        key = word.casefold().replace(" ", "_")
        if not meant(key):
            if key in SETTINGS:
                message = english(
                    "“{key}” takes a value: write {key} = … ({words}).", key=key, words=SETTINGS[key].takes.words
                )
                raise Problem(message, at=at, length=len(word), instead=(f"{key} =",))
            near = close(key, (*SHORT_AND_STATISTICS, *SETTINGS))
            message = english(
                "“{word}” is no statistic and no setting.{hint}", word=shortened(word), hint=question(near[:1])
            )
            if key in ("p", "p_value", "pvalue", "significance"):
                message = english("“{word}” is no statistic; a p comes with “test”.", word=shortened(word))
                raise Problem(message, at=at, length=len(word), instead=("test",))
            if not near:
                message = together((message, english("Statistics are {names}.", names=", ".join(SHORT_AND_STATISTICS))))
            raise Problem(message, at=at, length=len(word), instead=near)
    return tuple(bare)


class Place(NamedTuple):
    """What a sentence is, as far as its settings depend on it."""

    verb: str
    form: str
    against: bool
    groups: bool
    several: bool = False
    norm: bool = False

    def within(self, place: Belongs) -> bool:
        """Whether this is one of the sentences that a setting belongs to."""
        return place.fits(self.verb, self.form, against=self.against, groups=self.groups, several=self.several)


def fitting_settings(place: Place, said: Settings | None = None) -> tuple[Setting, ...]:
    """The settings that mean something in a sentence, in the order of the vocabulary; beside what is said, where that is known."""
    fitting = (s for s in SETTINGS.values() if any(place.within(where) for where in s.belongs))
    return tuple(s for s in fitting if said is None or not _lacks(s, said, place))


def fitting_offers(setting: Setting, place: Place) -> dict[Any, str]:
    """{value: words} of what a setting offers in a sentence."""
    limited = dict(setting.options)
    offers = setting.takes.offers.items()
    return {v: words for v, words in offers if v not in limited or any(place.within(where) for where in limited[v])}


def refuse_strangers(settings: Settings, place: Place) -> None:
    """Raises a Problem at the first setting that means nothing in the sentence."""
    for name, (at, length) in zip(settings, settings.places, strict=False):
        if why := _why_idle(name, settings, place):
            raise Problem(why, at=at, length=length)


def without_strangers(settings: Settings, place: Place) -> Settings:
    """The settings that mean something in the sentence: what an earlier version kept may hold others."""
    idle = [name for name in settings if _why_idle(name, settings, place)]
    if not idle:
        return settings
    return without_strangers(settings.only([name for name in settings if name not in idle]), place)


def _why_idle(name: str, settings: Settings, place: Place) -> str:
    """Why a setting means nothing where it stands; empty where it means something."""
    setting, value = SETTINGS[name], settings[name]
    why = next((why for where, why in setting.unasked if place.within(where)), "")
    if place.norm and name in OF_A_NORM and not place.groups:
        why = english("the difference from the norm and its p are shown")
    if why:
        return english("“{name}” need not be asked for here: {why}. Leave {name} out.", name=name, why=why)
    if not any(place.within(where) for where in setting.belongs):
        groups = setting.needs_groups and not place.groups
        where = english("a sentence with groups (across …)") if groups else _places(setting.belongs)
        words = as_typed(value) if name == "statistics" else (name,)
        says = english(
            "{words} [belongs|belong] to {where}.",
            words=in_quotes(words),
            where=where,
            n=len(words),
        )
        shown = next(((other.words, why) for other, why in setting.unasked if other.verb == place.verb), None)
        return together((says, english("In {place} {why}.", place=shown[0], why=shown[1]))) if shown else says
    fitting = dict(setting.options).get(value)
    if fitting is not None and not any(place.within(where) for where in fitting):
        return english("“{name} = {value}” belongs to {where}.", name=name, value=value, where=_places(fitting))
    if lacking := _lacks(setting, settings, place):
        wanted = show_setting(lacking.setting, lacking.values[-1]).removesuffix(" = yes")
        return english(
            "“{name}” means nothing here without “{wanted}”; add that, or leave {name} out.", name=name, wanted=wanted
        )
    return ""


def as_typed(statistics: tuple[str, ...]) -> tuple[str, ...]:
    """Statistics by the words that stand for several of them, where all of these are there."""
    words = list(statistics)
    for short, entry in SHORT.items():
        parts = entry.of
        if set(parts) <= set(words):
            words[words.index(parts[0])] = short
            words = [word for word in words if word not in parts]
    return tuple(words)


def _lacks(setting: Setting, said: Settings, place: Place) -> Need | None:
    """What a setting needs beside it and does not have."""
    here = (need for need in setting.needs if place.within(need.place))
    return next((need for need in here if said[need.setting] not in need.values), None)


def _places(belongs: tuple[Belongs, ...]) -> str:
    return either(list(dict.fromkeys(place.words for place in belongs)))


def show_setting(name: str, value: Any) -> str:
    """A setting as it is typed."""
    if name == "statistics" and value:
        return ", ".join(value)
    if isinstance(value, bool):
        return f"{name} = {'yes' if value else 'no'}"
    if isinstance(value, tuple):
        return f"{name} = {{{', '.join(v if isinstance(v, str) else show_limit(v) for v in value)}}}"
    return f"{name} = {show_value(value) if isinstance(value, float) else value}"
