"""Data for which each piece of counsel is right, and data in which only chance could make it speak."""

from __future__ import annotations

import numpy as np

Random = np.random.Generator


def file(**columns: object) -> str:
    rows = zip(*columns.values(), strict=True)
    return ",".join(columns) + "\n" + "".join(",".join(map(str, row)) + "\n" for row in rows)


def normal(rng: Random, n: int = 150) -> str:
    return file(x=rng.normal(50, 10, n).round(2), y=rng.normal(20, 4, n).round(2))


def normal_two(rng: Random) -> str:
    return file(x=rng.normal(50, 10, 150).round(2), z=rng.normal(20, 4, 150).round(2))


def log_normal(rng: Random) -> str:
    return file(x=np.exp(rng.normal(2, 0.8, 150)).round(3))


def heavy(rng: Random) -> str:
    x = np.concatenate([rng.normal(0, 1, 130), rng.normal(0, 9, 30) - 4])
    return file(x=x.round(2))


def groups(rng: Random, n: int = 120, apart: float = 0.0, other: float = 0.0) -> str:
    g, h = rng.integers(0, 2, n), rng.integers(0, 3, n)
    x = rng.normal(50, 10, n) + 10 * apart * g + 10 * other * h
    many = np.array(list("stuvw"))[rng.integers(0, 5, n)]
    return file(g=np.array(["a", "b"])[g], h=np.array(["p", "q", "r"])[h], many=many, x=x.round(2))


def few(rng: Random, *, skewed: bool) -> str:
    n = 40
    x = np.exp(rng.normal(0, 1.6, n)) if skewed else rng.normal(9, 2, n)
    return file(g=["a", "b"] * (n // 2), x=x.round(3))


def lacking(rng: Random, *, by_age: bool) -> str:
    n = 200
    age, x = rng.normal(40, 10, n), rng.normal(5, 1, n)
    gone = rng.random(n) < (0.35 * (age > 45) + 0.02 if by_age else 0.15)
    return file(age=age.round(1), x=["" if none else f"{v:.2f}" for none, v in zip(gone, x, strict=True)])


def pair(rng: Random, n: int, r: float) -> str:
    x = rng.normal(0, 1, n)
    return file(x=x.round(3), y=(r * x + np.sqrt(1 - r * r) * rng.normal(0, 1, n)).round(3))


def rising(rng: Random, *, bent: bool) -> str:
    x = rng.normal(0, 1, 120)
    y = np.exp(2.2 * x + rng.normal(0, 0.4, 120)) if bent else 0.6 * x + rng.normal(0, 0.8, 120)
    return file(x=x.round(3), y=y.round(4))


def items(rng: Random, *, strange: bool) -> str:
    trait = rng.normal(0, 1, 200)
    columns = {f"q{k}": (trait + rng.normal(0, 1, 200)).round(2) for k in range(1, 6)}
    if strange:
        columns["q3"] = rng.normal(0, 1.3, 200).round(2)
    return file(**columns)


def answers(rng: Random, n: int, apart: float) -> str:
    g = rng.integers(0, 2, n)
    yes = rng.random(n) < 0.4 + apart * g
    return file(g=np.array(["a", "b"])[g], v=np.where(yes, "yes", "no"))


CASES = {  # kind: (sentence, data for which it is right, data for which it must be silent)
    "by_medians": ("check x", heavy, normal),
    "by_medians ": (
        "check x, z",
        lambda rng: file(x=np.round(rng.standard_t(2, 150) * 9 - 1, 2), z=np.round(-(rng.exponential(3, 150) ** 2), 3)),
        normal_two,
    ),
    "logarithm": ("check x", log_normal, normal),
    "by_ranks": (
        "describe x across g with test",
        lambda rng: few(rng, skewed=True),
        lambda rng: few(rng, skewed=False),
    ),
    "trifle": (
        "describe x across g with difference, test",
        lambda rng: groups(rng, 12_000, apart=0.09),
        lambda rng: groups(rng, 300, apart=0.5),
    ),
    "not_shown_equal": (
        "describe x across g with difference, test",
        lambda rng: groups(rng, 14),
        lambda rng: groups(rng, 400),
    ),
    "other_group": ("describe x across g", lambda rng: groups(rng, other=0.7), groups),
    "other_group ": ("describe x across g", lambda rng: groups(rng, 300, other=0.5), lambda rng: groups(rng, 24)),
    "missing_depends": (
        "describe x",
        lambda rng: lacking(rng, by_age=True),
        lambda rng: lacking(rng, by_age=False),
    ),
    "nothing_straight": ("relate x, y", lambda rng: pair(rng, 3_000, 0.0), lambda rng: pair(rng, 120, 0.0)),
    "ranks_agree_more": (
        "relate x, y",
        lambda rng: rising(rng, bent=True),
        lambda rng: rising(rng, bent=False),
    ),
    "item_out": (
        "check q1, q2, q3, q4, q5 as scale",
        lambda rng: items(rng, strange=True),
        lambda rng: items(rng, strange=False),
    ),
    "trifle ": ("count v against g", lambda rng: answers(rng, 40_000, 0.025), lambda rng: answers(rng, 400, 0.3)),
    "not_shown_equal ": ("count v against g", lambda rng: answers(rng, 40, 0.0), lambda rng: answers(rng, 2_000, 0.0)),
}
