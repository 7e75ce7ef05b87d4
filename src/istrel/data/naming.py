"""What a variable's name says of it: "Flipper length (mm)", "body_mass_g", "Temp [°C]", "dailyDose" as label and unit."""

from __future__ import annotations

import re
from collections.abc import Sequence
from typing import NamedTuple

from istrel.data.codebook import Variable

UNITS = frozenset(
    """mm cm dm m km µm nm ft yd mi g kg mg µg ng lb oz ml dl cl µl s sec ms min hr hrs hours minutes seconds days weeks months
    years yrs yr pct percent % ‰ °C °F Pa hPa kPa bar mbar mmHg bpm Hz kHz dB mV mA kW kWh kJ kcal cal mol mmol ppm ppb IU USD
    EUR GBP € $ £ km/h m/s mg/dl mmol/l g/l mg/l kg/m2 kg/m² m2 m² m3 m³ cm2 cm² cm3 cm³""".split()  # noqa: SIM905 — read as a list
)
IN_BRACKETS = re.compile(r"^(?P<label>.*\S)\s*[(\[]\s*(?P<unit>[^()\[\]]+?)\s*[)\]]$")
AT_THE_END = re.compile(r"^(?P<label>.*[^\W_])[_\s]+(?P<unit>\S+)$")
A_UNIT = re.compile(r"[^\W\d_°µ%]*[°µ%€$£]?[^\W\d_]{0,6}([/·*^]?[^\W\d_]{1,6}[²³23]?){0,2}$")
AN_END = re.compile(r"[^\W\d_]+\d{0,3}")  # a word, or an occasion: w4, visit2
CAMEL = re.compile(r"(?<=[a-z])(?=[A-Z][a-z])")
LONGEST_UNIT = 12


class Named(NamedTuple):
    """What a name says; empty where it says nothing beyond itself."""

    label: str = ""
    unit: str = ""


def said_by_name(name: str, *, number: bool) -> Named:
    """Label and unit that a name carries; only numbers have units.

    Notes
    -----
    What stands in brackets is a unit where it looks like one; a last part only if it is a usual abbreviation of one. A name of
    a single word, and one with spaces, is its own label.
    """
    name = name.strip()
    bracketed, last = IN_BRACKETS.match(name), AT_THE_END.match(name)
    if bracketed is not None:
        return (
            Named(_label(bracketed["label"]), bracketed["unit"]) if number and _is_unit(bracketed["unit"]) else Named()
        )
    if number and last is not None and last["unit"] in UNITS:
        return Named(_label(re.sub(r"[_\s]in$", "", last["label"])), last["unit"])
    words = _words(name)
    *before, last_word = words or [""]
    plainly = all(word.isalpha() and len(word) > 1 for word in before)
    tells = bool(before) and " " not in name and plainly and len(last_word) > 1 and bool(AN_END.fullmatch(last_word))
    return Named(_label(name)) if tells else Named()


def is_from_name(variable: Variable) -> bool:
    """Whether label and unit are what the name says, so that nobody need have chosen them."""
    return bool(variable.label) and (variable.label, variable.unit) in {
        said_by_name(variable.name, number=number) for number in (True, False)
    }


def _is_unit(text: str) -> bool:
    return text in UNITS or (len(text) <= LONGEST_UNIT and A_UNIT.match(text) is not None)


def _words(name: str) -> list[str]:
    return [word for part in re.split(r"[_.\s]+", name) for word in CAMEL.split(part) if word]


def _label(name: str) -> str:
    """A name as a reader would write it: its words in sentence case where signs or capitals part them, else as it stands."""
    words = [name] if " " in name else _words(name)
    plain = [words[0], *(word.lower() if word.istitle() else word for word in words[1:])]
    return " ".join([plain[0][:1].upper() + plain[0][1:], *plain[1:]])


def shared_beginning(texts: Sequence[str]) -> str:
    """The letters with which all of some texts begin."""
    first, last = min(texts), max(texts)
    same = next((k for k, (a, b) in enumerate(zip(first, last, strict=False)) if a != b), min(len(first), len(last)))
    return first[:same]
