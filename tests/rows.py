"""Small data whose rows are no cases of their own: visits of persons, long and wide, and combinations that were counted."""

from __future__ import annotations

import numpy as np


def visits(occasions: tuple[str, ...] = ("before", "after"), n: int = 24, seed: int = 8, *, gaps: bool = True) -> str:
    """A row for each occasion of a person: a score, a rating, a yes or no, a colour; some persons miss one."""
    rng = np.random.default_rng(seed)
    lines = ["id,time,group,score,rating,ok,colour,same"]
    for person in range(1, n + 1):
        base = rng.normal(50, 8)
        for place, occasion in enumerate(occasions):
            if gaps and person % 11 == 5 and place == 1:
                continue
            score = base + rng.normal(0, 3) + 3 * place + (2 * place if person % 2 else 0)
            rating = "" if (person, place) == (3, 0) else rng.integers(1, 6)
            ok, colour = "yes" if rng.random() < 0.4 + 0.2 * place else "no", "rgb"[int(rng.integers(3))]
            lines.append(f"{person},{occasion},{'ba'[person % 2]},{score:.1f},{rating},{ok},{colour},{person}.5")
    return "\n".join(lines) + "\n"


def pupils() -> str:
    """Rows of persons that nothing tells apart."""
    return "participant,score,other,ok\n" + "".join(
        f"{k // 2 + 1},{k * 7 % 23},{k * 5 % 17},{'yn'[k % 3 == 0]}\n" for k in range(40)
    )


def counted(rows: int = 14, seed: int = 2) -> tuple[str, str]:
    """(a row for each combination with its count, the same with a row for every case)."""
    rng = np.random.default_rng(seed)
    kinds = [
        (f"{k / 4 + rng.integers(3)}", int(rng.integers(1, 6)), "abc"[k % 3], "xy"[k % 2], int(rng.integers(0, 7)))
        for k in range(rows)
    ]
    short = "x,o,g,h,Freq\n" + "".join(",".join(map(str, kind)) + "\n" for kind in kinds)
    spread = "x,o,g,h\n" + "".join((",".join(map(str, kind[:4])) + "\n") * kind[4] for kind in kinds)
    return short, spread


def wide(text: str) -> str:
    """The same visits with a row for each person, and a column for each measure and occasion."""
    head, *lines = (line.split(",") for line in text.split())
    times = list(dict.fromkeys(line[1] for line in lines))
    cells = {(line[0], line[1]): line for line in lines}
    groups = {line[0]: line[2] for line in lines}
    measures = [(head.index(name), time) for name in ("score", "rating") for time in times]
    rows = [["number", "group", *(f"{head[k]}_{time}" for k, time in measures)]]
    for person, group in groups.items():
        values = (cells[person, time][k] if (person, time) in cells else "" for k, time in measures)
        rows.append([person, group, *values])
    return "".join(",".join(row) + "\n" for row in rows)


def survey(n: int = 120, seed: int = 3, *, weights: str = "uneven") -> str:
    """A stratified cluster sample with a measure, a count, categories and gaps."""
    rng = np.random.default_rng(seed)
    lines = ["w,stratum,psu,x,y,o,g,h,yes"]
    for k in range(n):
        w = {"uneven": f"{rng.uniform(0.3, 3):.3f}", "whole": str(rng.integers(1, 5)), "equal": "2.5"}[weights]
        x = "" if rng.random() < 0.06 else f"{rng.normal(40, 9) + 4 * (k % 3):.1f}"
        words = "rgb"[int(rng.integers(3))], "mn"[int(rng.integers(2))], "yn"[int(rng.integers(2))]
        lines.append(
            f"{w},{'abc'[k % 3]},{rng.integers(1, 6)},{x},{rng.normal(5, 1):.2f},{rng.integers(1, 6)},{','.join(words)}"
        )
    return "\n".join(lines) + "\n"
