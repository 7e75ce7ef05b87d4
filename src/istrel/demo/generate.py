"""Makes the demo study: `python -m istrel.demo.generate [--rows N] [-o FOLDER]`.

The dirt is planned; PLANTED lists all of it. Any other size of the study carries the same dirt in the same places.
"""

from __future__ import annotations

import argparse
import csv
from pathlib import Path
from typing import Any

import numpy as np
import pyarrow as pa
from numpy.typing import NDArray

from istrel.demo import FOLDER

SEED = 20250112
SITES = np.array(["Harbour", "Mill Lane", "Old Town", "Riverside", "Station Road", "Westfield"])
FORMATS = np.array(["Weekly evening", "Weekend intensive", "Guided self-study"])
EMPLOYMENT = np.array(["employed", "self-employed", "student", "retired", "seeking work"])
COMMENTS = np.array(
    [
        "I would like more practice partners.",
        "The videos helped me a great deal, thank you!",
        "Too fast in the second half of the term.",
        "My neighbour signs, so I practise every week with her.",
        "Please keep the small groups.",
        "Parking, as always.",
    ]
)
WEEKS = 12

PLANTED = {
    "coded": "-9 in receptive_post (14), confidence (8) and mot_03 (5); 99 in education (4) and satisfaction (6)",
    "blank": "blanks in practice_min, receptive_pre, receptive_post, spelling_speed, reaction_ms, mot_01 and comment",
    "together": "mot_05, mot_06 and mot_07 are blank together in 22 cases",
    "spelling": "the site Harbour also stands as 'harbour ' (6) and 'Harbor' (3)",
    "spaces": "'retired ' with a space at its end in employment (7)",
    "repeated_rows": "rows 120, 240, 360 and 480 repeat rows 20, 40, 60 and 80 in every column",
    "repeated_keys": "rows 300 and 500 carry the learner numbers of rows 30 and 50 with other values",
    "remote": "an age of 199 in row 318",
    "decimal_comma": "a decimal comma in practice_min in 3 rows (72,5)",
    "text": "'n/a' (7) and 'approx 40' (1) in practice_min",
    "constant": "term is the same everywhere",
    "copy": "fee_tenths is fee_paid times ten",
    "future": "an enrolment date of 2052-03-14 in row 77",
    "humps": "receptive_post has two humps: two sites sat an easier paper with a ceiling at 80",
}


def learners(rows: int) -> dict[str, NDArray[Any]]:
    """The learners before any dirt: one array of length `rows` per variable."""
    rng = np.random.default_rng(SEED)
    site = rng.choice(6, rows, p=[0.24, 0.21, 0.18, 0.15, 0.12, 0.10])
    form = rng.choice(3, rows, p=[0.34, 0.29, 0.37])
    drive = rng.normal(0, 1, rows)
    age = np.clip(np.round(18 + rng.gamma(2.2, 10, rows)), 18, 79).astype(int)
    home = rng.random(rows) < 0.27
    practice = np.round(rng.gamma(2.4, np.array([38, 30, 49])[form] * np.exp(0.18 * drive))).astype(int)
    practice[rng.random(rows) < 0.05] = 0
    absences = rng.poisson(np.exp(0.7 - 0.3 * drive) * np.array([1.0, 0.7, 1.1])[form])
    pre = np.clip(47 + 10 * rng.normal(0, 1, rows) + 2 * drive + 4 * home, 5, 80)
    post = 0.7 * pre + 20 + 0.035 * practice + 2.5 * drive - 0.8 * absences + rng.normal(0, 4.5, rows)
    post = np.where(np.isin(site, [1, 4]), post + 19, post)
    confidence = np.clip(np.round(4.1 + 0.8 * drive + rng.normal(0, 1.1, rows)), 1, 7).astype(int)
    table: dict[str, NDArray[Any]] = {
        "learner": np.arange(1001, 1001 + rows),
        "site": SITES[site],
        "format": FORMATS[form],
        "enrolled": np.datetime64("2025-01-12") + np.clip(rng.normal(130, 55, rows), 0, 261).astype(int),
        "age": age,
        "education": np.clip(np.round(3.2 + rng.normal(0, 1, rows)), 1, 5).astype(int),
        "employment": EMPLOYMENT[rng.choice(5, rows, p=[0.52, 0.12, 0.16, 0.13, 0.07])],
        "signers_home": home.astype(int),
        "distance_km": np.round(rng.gamma(1.6, 4.2, rows), 1),
        "practice_min": practice,
        "absences": np.minimum(absences, 12),
        "receptive_pre": np.round(pre, 1),
        "receptive_post": np.round(np.clip(post, 10, 80), 1),
        "spelling_speed": np.round(38 + 8.5 * rng.normal(0, 1, rows) + 2 * drive, 1),
        "reaction_ms": np.round(np.exp(6.45 + 0.32 * rng.normal(0, 1, rows) - 0.05 * drive)).astype(int),
        "confidence": confidence,
        "satisfaction": np.clip(np.round(3.6 + 0.5 * drive + rng.normal(0, 0.8, rows)), 1, 5).astype(int),
        "completed": (rng.random(rows) < 1 / (1 + np.exp(-1.2 - 0.8 * drive + 0.25 * absences))).astype(int),
    }
    table.update(_motivation(rng, drive))
    fee = np.round(rng.choice([120, 150, 180, 210], rows) * rng.choice([1, 0.8, 0.5], rows, p=[0.7, 0.2, 0.1]), 2)
    table["fee_paid"] = fee
    table["fee_tenths"] = np.round(fee * 10).astype(int)
    table["term"] = np.full(rows, "2025")
    table["comment"] = np.where(rng.random(rows) < 0.3, COMMENTS[rng.integers(0, 6, rows)], "")
    table.update(_heard(age))
    table["weight"] = _weights(site, age)
    return table


def _heard(age: NDArray[np.int64]) -> dict[str, NDArray[Any]]:
    """How learners heard of the course, several ways allowed: the young oftener online, the old from posters and the library."""
    rng = np.random.default_rng(SEED + 3)
    chances = {
        "friends": np.full(age.size, 0.46),
        "online": np.clip(0.75 - 0.008 * age, 0.05, 1),
        "poster": np.clip(0.05 + 0.004 * age, 0, 1),
        "library": np.clip(0.02 + 0.003 * age, 0, 1),
    }
    return {f"heard_{way}": (rng.random(age.size) < chance).astype(int) for way, chance in chances.items()}


def _weights(site: NDArray[np.int64], age: NDArray[np.int64]) -> NDArray[np.float64]:
    """What each learner weighs, so that sites and ages stand as they do among all adults who enrolled in the region."""
    raw = np.array([0.8, 0.9, 1.0, 1.2, 1.3, 1.4])[site] * np.where(age < 30, 1.25, np.where(age < 50, 0.95, 0.85))
    weights: NDArray[np.float64] = np.round(raw / raw.mean(), 3)
    return weights


def _motivation(rng: np.random.Generator, drive: NDArray[np.float64]) -> dict[str, NDArray[Any]]:
    """Twelve items from 1 to 5 in three subscales of four; items 4, 8 and 12 are worded the other way round."""
    items: dict[str, NDArray[Any]] = {}
    for scale in range(3):
        trait = 0.7 * drive + rng.normal(0, 0.7, drive.size)
        for step in range(4):
            answer = np.clip(np.round(3.3 + 0.8 * trait + rng.normal(0, 0.7, drive.size)), 1, 5).astype(int)
            items[f"mot_{4 * scale + step + 1:02d}"] = 6 - answer if step == 3 else answer
    return items


def with_dirt(clean: dict[str, NDArray[Any]]) -> dict[str, NDArray[np.object_]]:
    """The same learners as a file holds them: texts, with everything PLANTED says."""
    rng = np.random.default_rng(SEED + 1)
    cells = {name: np.asarray(pa.array(values).cast(pa.string())).astype(object) for name, values in clean.items()}
    rows = len(cells["learner"])

    def plant(name: str, text: str, count: int, among: NDArray[np.bool_] | None = None) -> None:
        pool = np.flatnonzero(among[:612]) if among is not None else np.arange(min(rows, 612))
        cells[name][rng.choice(pool, count, replace=False)] = text

    for name, count in [
        ("receptive_pre", 6),
        ("receptive_post", 12),
        ("spelling_speed", 6),
        ("reaction_ms", 3),
        ("mot_01", 4),
    ]:
        plant(name, "", count)
    plant("practice_min", "", 4)
    together = rng.choice(min(rows, 612), 22, replace=False)
    for name in ("mot_05", "mot_06", "mot_07"):
        cells[name][together] = ""
    for name, text, count in [
        ("receptive_post", "-9", 14),
        ("confidence", "-9", 8),
        ("mot_03", "-9", 5),
        ("education", "99", 4),
        ("satisfaction", "99", 6),
        ("practice_min", "n/a", 7),
        ("practice_min", "approx 40", 1),
        ("practice_min", "72,5", 3),
    ]:
        plant(name, text, count, cells[name] != "")
    plant("site", "harbour ", 6, cells["site"] == "Harbour")
    plant("site", "Harbor", 3, cells["site"] == "Harbour")
    plant("employment", "retired ", 7, cells["employment"] == "retired")
    cells["age"][317] = "199"
    cells["enrolled"][76] = "2052-03-14"
    for earlier, later in [(20, 120), (40, 240), (60, 360), (80, 480)]:
        for values in cells.values():
            values[later - 1] = values[earlier - 1]
    for earlier, later in [(30, 300), (50, 500)]:
        cells["learner"][later - 1] = cells["learner"][earlier - 1]
    return cells


def sessions(clean: dict[str, NDArray[Any]]) -> dict[str, NDArray[Any]]:
    """One row per learner and week attended or excused; five rows stand twice."""
    rng = np.random.default_rng(SEED + 2)
    rows = clean["learner"].size
    learner = np.repeat(clean["learner"], WEEKS)
    week = np.tile(np.arange(1, WEEKS + 1), rows)
    date = np.repeat(clean["enrolled"], WEEKS).astype("datetime64[D]") + 7 * (week - 1)
    attended = (rng.random(learner.size) > np.repeat(clean["absences"], WEEKS) / WEEKS).astype(int)
    minutes = np.where(attended == 1, np.round(rng.normal(88, 9, learner.size)), 0).astype(int)
    quiz = np.round(np.clip(rng.normal(5 + 0.25 * week, 1.6), 0, 10), 1)
    keep = rng.random(learner.size) < 0.955
    keep[np.arange(5) * 97 + 3] = True
    order = np.sort(np.concatenate([np.flatnonzero(keep), np.arange(5) * 97 + 3]))
    columns = {"learner": learner, "week": week, "date": date, "attended": attended, "minutes": minutes, "quiz": quiz}
    return {name: values[order] for name, values in columns.items()}


def follow_up(clean: dict[str, NDArray[Any]]) -> dict[str, NDArray[Any]]:
    """Who answered a card half a year later, one row each; who completed and practised answers oftener, and weighs the less."""
    rng = np.random.default_rng(SEED + 4)
    rows = clean["learner"].size
    completed, form = clean["completed"], np.searchsorted(np.sort(FORMATS), clean["format"])
    answered = rng.random(rows) < 0.3 + 0.3 * completed + np.array([0.05, -0.1, 0.1])[form]
    signs = rng.random(rows) < 0.25 + 0.3 * completed + 0.08 * clean["signers_home"]
    minutes = np.where(signs, np.round(rng.gamma(2.2, 32, rows)), 0).astype(int)
    cell = 3 * completed + form  # learners of a cell weigh alike: all of it over those who answered
    weight = np.bincount(cell, minlength=6)[cell] / np.bincount(cell[answered], minlength=6)[cell]
    columns = {
        "learner": clean["learner"],
        "format": clean["format"],
        "still_signs": np.where(signs, "yes", "no"),
        "sign_min": minutes,
        "weight": np.round(weight / weight[answered].mean(), 3),
    }
    return {name: values[answered] for name, values in columns.items()}


def write(columns: dict[str, NDArray[Any]], path: Path) -> None:
    """A CSV file; texts are quoted only where they must be."""
    with path.open("w", encoding="utf-8", newline="") as file:
        writer = csv.writer(file, lineterminator="\n")
        writer.writerow(columns)
        writer.writerows(zip(*(values.tolist() for values in columns.values()), strict=True))


def main() -> None:
    parser = argparse.ArgumentParser(prog="python -m istrel.demo.generate", description=__doc__.splitlines()[0])
    parser.add_argument("--rows", type=int, default=612, help="number of learners, at least 612")
    parser.add_argument("-o", type=Path, default=FOLDER, help="the folder to write into")
    options = parser.parse_args()
    if options.rows < 612:
        parser.error("--rows is at least 612: the planned dirt needs that many rows")
    options.o.mkdir(parents=True, exist_ok=True)
    clean = learners(options.rows)
    write(with_dirt(clean), options.o / "learners.csv")
    write(sessions(clean), options.o / "sessions.csv")
    write(follow_up(clean), options.o / "followup.csv")


if __name__ == "__main__":
    main()
