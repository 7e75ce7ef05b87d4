"""Studies made by the recipes of studies.toml, with what is right of each; and how often levels and findings are."""

from __future__ import annotations

import tomllib
import zlib
from collections import Counter
from collections.abc import Callable, Iterable
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

import numpy as np

from istrel.data.dataset import Dataset
from istrel.study.intake import take_in
from istrel.study.opening import open_data

HERE = Path(__file__).parent
STUDIES = tomllib.loads((HERE / "studies.toml").read_text("utf-8"))
ASIDE = tuple(sorted(STUDIES)[::3])  # a third was kept aside: nothing was tuned on it
LARGE = 5  # a count of that mean may as well be called a measure: nothing is done otherwise
FREE = [
    "late again because of the snow",
    "the map was hard to read",
    "came twice",
    "see letter of May",
    "none of this applies to me",
]
BY_KIND = {
    "skewed": ("log", "share", "count"),
    "many_zeros": ("count", "share"),
    "coded_category": ("codes", "scale", "year"),
    "identifier": ("key",),
}


@dataclass
class Made:
    """A file as text, the levels that are right for each variable, and the (kind, variable) of faults that were put in."""

    text: str
    levels: dict[str, tuple[str, ...]]
    kinds: dict[str, str]
    faults: set[tuple[str, str]]


def drawn(kind: str, said: list[str], n: int, rng: np.random.Generator, columns: dict[str, list[str]]) -> list[str]:
    """The cells of a variable."""
    words, numbers = (
        " ".join(said).split("|"),
        [float(one) for one in said if one.lstrip("-").replace(".", "").isdigit()],
    )
    if kind in ("real", "log"):
        spread = rng.normal if kind == "real" else rng.lognormal
        return [f"{v:.{int(numbers[2])}f}" for v in spread(numbers[0], numbers[1], n)]
    if kind in ("day", "days"):
        span = int((np.datetime64(said[1]) - np.datetime64(said[0])).astype(int)) if kind == "day" else 0
        return [str(np.datetime64(said[0]) + int(k)) for k in (rng.integers(0, span, n) if span else range(n))]
    if kind == "words":
        share = 1 / np.arange(1.5, len(words) + 1.5)
        return [str(v) for v in rng.choice(words, n, p=share / share.sum())]
    if kind == "times":
        return [f"{float(v) * float(said[1]):.2f}" for v in columns[said[0]]]
    ways: dict[str, Callable[[], Iterable[Any]]] = {
        "key": lambda: (f"{said[0]}{k:04d}" if said else 1000 + k for k in range(1, n + 1)),
        "mail": lambda: (f"person{k}@example.org" for k in range(n)),
        "free": lambda: (f"{rng.choice(FREE)} {rng.integers(0, 9999)}" for _ in range(n)),
        "int": lambda: np.clip(np.round(rng.normal(numbers[0], numbers[1], n)), numbers[2], numbers[3]).astype(int),
        "count": lambda: rng.poisson(numbers[0], n),
        "scale": lambda: 1 + rng.binomial(int(numbers[0]) - 1, 0.55, n),
        "codes": lambda: 1 + rng.integers(0, int(numbers[0]), n),
        "two": lambda: np.array(said)[(rng.random(n) < 0.4).astype(int)],
        "answers": lambda: np.array(words)[rng.binomial(len(words) - 1, 0.5, n)],
        "year": lambda: rng.integers(int(numbers[0]), int(numbers[1]) + 1, n),
        "share": lambda: (f"{v:.2f}" if rng.random() < 0.55 else "0" for v in rng.exponential(numbers[0], n)),
    }
    return [str(value) for value in ways[kind]()]


def made(name: str) -> Made:
    """The study of that name: the same every time."""
    said, rng = STUDIES[name], np.random.default_rng(zlib.crc32(name.encode()))
    n, columns, levels, kinds = said["n"], {}, {}, {}
    for line in said["vars"]:
        recipe, _, level = line.rpartition(" | ")
        called, _, how = recipe.partition(": ")
        kind, *rest = how.split(" ")
        columns[called] = drawn(kind, rest, n, rng, columns)
        levels[called], kinds[called] = tuple(level.strip().split("/")), kind
        if kind == "count" and float(rest[0]) >= LARGE:
            levels[called] = ("count", "continuous")
    faults, rows = set(), 0
    for line in said["faults"]:
        fault, _, kind = line.partition(" | ")
        what, *words = fault.split(" ")
        spoiled = spoil(what, words, columns, rng)
        rows += spoiled[1]
        if kind.strip():
            faults.add((kind.strip(), spoiled[0]))
    table = list(zip(*columns.values(), strict=True))
    table += [table[int(k)] for k in rng.choice(n, rows, replace=False)]
    decimal = said.get("decimal", ".")
    cut = said.get("delimiter", ",")
    cells = [
        [v.replace(".", decimal) if decimal == "," and v.replace(".", "").lstrip("-").isdigit() else v for v in row]
        for row in table
    ]
    text = "".join(f"{cut.join(row)}\n" for row in [list(columns), *cells])
    return Made(text, levels, kinds, faults)


def spoil(what: str, words: list[str], columns: dict[str, list[str]], rng: np.random.Generator) -> tuple[str, int]:
    """Put a fault into the cells: (the variable it is in, "" for the whole; how many rows are to be repeated)."""
    n = len(next(iter(columns.values())))
    if what == "repeat":
        return "", int(words[0])
    if what == "constant":
        columns[words[0]] = [words[1]] * n
        return words[0], 0
    if what in ("copy", "personal"):
        return words[0], 0
    name = words[0] if what in ("empty", "future", "duplicate", "spelling", "spaces") else words[1]
    cells, many = columns[name], int(float(words[-1])) if words[-1].isdigit() else 1
    at = rng.choice(n, n if what in ("spelling", "spaces", "empty") else many, replace=False)
    if what == "empty":
        at = at[rng.random(n) < float(words[1])]
    elif what == "spelling":
        at = [k for k in at if cells[k] == words[1]][:many]
    elif what == "spaces":
        at = at[:many]
    for k in at:
        new = {
            "code": words[0],
            "text": words[0],
            "remote": words[0],
            "spelling": words[-2],
            "spaces": cells[k] + " ",
            "empty": "",
        }
        cells[k] = "2061-05-01" if what == "future" else cells[(int(k) + 1) % n] if what == "duplicate" else new[what]
    return name, 0


@dataclass
class Score:
    """How often levels were right, and findings true and made."""

    levels: Counter[tuple[str, bool]] = field(default_factory=Counter)
    said: Counter[tuple[str, bool]] = field(default_factory=Counter)
    wanted: Counter[tuple[str, bool]] = field(default_factory=Counter)
    most_of_sound: int = 0
    wrong: list[str] = field(default_factory=list)

    def share(self, what: str) -> float:
        counts: Counter[tuple[str, bool]] = getattr(self, what)
        return sum(n for (_, right), n in counts.items() if right) / max(1, counts.total())


def measure(names: tuple[str, ...], folder: Path) -> Score:
    """The score over these studies."""
    score = Score()
    for name in names:
        study = made(name)
        path = folder / f"{name}.csv"
        path.write_text(study.text, encoding="utf-8")
        _score(name, study, open_data(path), score)
    return score


def _score(name: str, study: Made, data: Dataset, score: Score) -> None:
    for variable, right in study.levels.items():
        found = data.codebook[variable].level.value
        score.levels[right[0], found in right] += 1
        if found not in right:
            score.wrong.append(f"{name}: {variable} is {found}, not {'/'.join(right)}")
    findings = take_in(data).findings
    met = set()
    for finding in findings:
        about = finding.variables or ("",)
        mine = {(finding.kind, variable) for variable in (*about, "")} & study.faults
        by_kind = all(study.kinds.get(variable) in BY_KIND.get(finding.kind, ()) for variable in about)
        score.said[finding.kind, bool(mine) or by_kind] += 1
        met |= mine
        if not mine and not by_kind:
            score.wrong.append(f"{name}: {finding.line}")
    for kind, variable in study.faults:
        score.wanted[kind, (kind, variable) in met] += 1
        if (kind, variable) not in met:
            score.wrong.append(f"{name}: {kind} of {variable} was not found")
    if not study.faults:
        score.most_of_sound = max(score.most_of_sound, len(findings))


def table(score: Score, aside: Score) -> str:
    """The score as it stands in docs/reading.md: of those that could be tuned on, and of those kept aside."""
    lines = ["| | right | kept aside |", "|---|---|---|"]
    for what, words in (("levels", "level"), ("said", "finding, true"), ("wanted", "fault, found")):
        mine, other = (getattr(one, what) for one in (score, aside))
        for name in sorted({key for key, _ in (*mine, *other)}):
            cells = (f"{c[name, True]} of {c[name, True] + c[name, False]}" for c in (mine, other))
            lines.append(f"| {words}: {name} | {' | '.join(cells)} |")
        lines.append(f"| **{words}: all** | {100 * score.share(what):.1f} % | {100 * aside.share(what):.1f} % |")
    return "\n".join(lines)
