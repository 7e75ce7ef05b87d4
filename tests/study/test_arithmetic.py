"""The arithmetic of typed results: what is wrong is found, what is right with its usual rounding is left alone."""

from __future__ import annotations

import io
from collections.abc import Callable
from pathlib import Path

import docx
import numpy as np
import pytest
import scipy.stats

from istrel import cli
from istrel.study.review.arithmetic import wrong_in

Rng = np.random.Generator
RIGHT, PLANTED = 2_000, 300


def p_of(p: float, decimals: int) -> str:
    """A p as papers print it."""
    if p < 0.001:
        return "p < .001"
    return f"p = {p:.{decimals}f}".replace("0.", ".", 1)


def statistic(rng: Rng) -> tuple[str, float, str]:
    """(a statistic in print, its p before rounding, what stands between)."""
    kind = rng.choice(["t", "F", "chi", "r", "z"])
    df, df2 = int(rng.integers(3, 300)), int(rng.integers(1, 6))
    between = str(rng.choice([", ", ", d = 0.45, ", ", 95% CI [0.1, 2.0], ", "; "]))
    if kind == "t":
        t = float(rng.normal(0, 2.2))
        return f"t({df}) = {t:.2f}".replace("-", "−"), 2 * scipy.stats.t.sf(abs(t), df), between
    if kind == "F":
        f = float(rng.gamma(2, 1.4))
        return f"F({df2}, {df}) = {f:.2f}", scipy.stats.f.sf(f, df2, df), between
    if kind == "chi":
        x = float(rng.gamma(2, 2.0))
        return f"χ²({df2}, N = {df + 30}) = {x:.2f}", scipy.stats.chi2.sf(x, df2), between
    if kind == "r":
        r = float(np.clip(rng.normal(0, 0.3), -0.95, 0.95))
        p = 2 * scipy.stats.t.sf(abs(r) * np.sqrt(df / (1 - r * r)), df)
        return f"r({df}) = {r:.2f}".replace("0.", ".").replace("-", "−"), p, ", "
    z = float(rng.normal(0, 2))
    return f"z = {z:.2f}", 2 * scipy.stats.norm.sf(abs(z)), between


def right_p(rng: Rng) -> str:
    said, p, between = statistic(rng)
    if rng.random() < 0.15:
        return f"We found {said}{between}{'p < .05' if p < 0.05 else 'p > .05'}."
    return f"The groups differed, {said}{between}{p_of(p, int(rng.integers(2, 4)))}."


def wrong_p(rng: Rng) -> str:
    """A digit out of place, or on the other side of five percent."""
    while True:
        said, p, between = statistic(rng)
        if rng.random() < 0.3:
            if p < 0.03 or p > 0.08:
                return f"We found {said}{between}{'p > .05' if p < 0.05 else 'p < .05'}."
        elif 0.002 < p < 0.09:
            return f"We found {said}{between}{p_of(10 * p, 3)}."
        elif 0.2 < p < 0.95:
            return f"We found {said}{between}{p_of(p / 3, 3)}."


def right_share(rng: Rng) -> str:
    whole = int(rng.integers(7, 900))
    n, decimals = int(rng.integers(0, whole + 1)), int(rng.integers(0, 3))
    share = f"{100 * n / whole:.{decimals}f}"
    forms = (
        f"{n} of {whole} ({share}%)",
        f"{n}/{whole} ({share} %)",
        f"{share}% ({n}/{whole})",
        f"{n} out of {whole}, {share}%",
    )
    return f"Of all, {forms[rng.integers(len(forms))]} came."


def wrong_share(rng: Rng) -> str:
    whole = int(rng.integers(20, 900))
    n = int(rng.integers(1, whole))
    other = 100 * n / whole + float(rng.choice([-1, 1]) * rng.uniform(1.2, 15))
    return f"Of all, {n} of {whole} ({abs(other):.1f}%) came."


def right_mean(rng: Rng) -> str:
    x = rng.integers(1, 8, int(rng.integers(5, 90)))
    return f"On the 7-point scale, M = {x.mean():.2f}, SD = {x.std(ddof=1):.2f}, n = {x.size}."


def wrong_mean(rng: Rng) -> str:
    while True:
        n = int(rng.integers(8, 45))
        mean = round(float(rng.uniform(1.5, 6.5)), 2)
        if (
            all(f"{total / n:.2f}" != f"{mean:.2f}" for total in range(n, 8 * n))
            and abs(mean * n - round(mean * n)) > 0.15
        ):
            return f"The number of errors was M = {mean:.2f}, SD = 1.31, n = {n}."


def right_interval(rng: Rng) -> str:
    value, half = float(rng.normal(5, 4)), float(rng.uniform(0.05, 3))
    low, high = f"{value - half:.2f}", f"{value + half:.2f}"
    return f"The difference was M = {value:.2f}, 95% CI [{low}, {high}].".replace("-", "−")


def wrong_interval(rng: Rng) -> str:
    value, half = float(rng.normal(5, 4)), float(rng.uniform(0.3, 3))
    if rng.random() < 0.3:
        return f"The difference was M = {value:.2f}, 95% CI [{value + half:.2f}, {value - half:.2f}]."
    away = value + float(rng.choice([-1, 1])) * (half + 0.3)
    return f"The difference was M = {value:.2f}, 95% CI [{away - half:.2f}, {away + half:.2f}]."


Maker = Callable[[Rng], str]
SOUND: tuple[Maker, ...] = (right_p, right_p, right_share, right_mean, right_interval)
FALSE: tuple[Maker, ...] = (wrong_p, wrong_p, wrong_share, wrong_mean, wrong_interval)


def test_right_results_are_left_alone() -> None:
    rng = np.random.default_rng(7)
    told = [(text, list(wrong_in(text))) for text in (SOUND[k % len(SOUND)](rng) for k in range(RIGHT))]
    assert len([one for one in told if one[1]]) <= 2, [one for one in told if one[1]][:5]


def test_planted_wrong_results_are_found() -> None:
    rng = np.random.default_rng(8)
    texts = [FALSE[k % len(FALSE)](rng) for k in range(PLANTED)]
    missed = [text for text in texts if not list(wrong_in(text))]
    assert len(missed) <= 0.05 * PLANTED, missed[:5]


@pytest.mark.parametrize(
    ("text", "kinds"),
    [
        ("One-sided, t(30) = 1.80, p = .041.", []),
        ("Two-sided, t(30) = 1.80, p = .041.", ["p"]),
        ("After Holm's correction, t(30) = 2.50, p = .054.", []),
        ("After Holm's correction, t(30) = 2.50, p = .002.", ["p"]),
        ("Der Unterschied war t(38) = 2,31, p = ,026.", []),
        ("Der Unterschied war t(38) = 2,31, p = ,126.", ["p"]),
        ("r(98) = 1.04, p < .001", ["coefficient"]),
        ("A circle of r = 12 and a delay of τ = 5 ms, in 12/2020 (5%) as before.", []),
        ("r = 1.04, p < .001", ["coefficient"]),
        ("r(98) = .40, p < .001, n = 50", ["degrees of freedom"]),
        ("r(48) = .40, p = .004, n = 50", []),
        ("In 12 of 40 cases and on page 12 of 300 (see p. 4).", []),
        ("Spearman's r(8) = .60, p = .073.", []),
        ("F(2, 57) = 3.21, p = .048 and F(2, 57) = 3.21, p = .48.", ["p"]),
        ("The score was M = 3.47, SD = 1.02, n = 28.", []),  # nobody says that it is whole
    ],
)
def test_what_a_careful_reviewer_would_write(text: str, kinds: list[str]) -> None:
    assert [wrong.kind for wrong in wrong_in(text)] == kinds


@pytest.mark.parametrize("ending", ["docx", "md", "odt"])
def test_a_paper_that_istrel_did_not_make_is_read(
    ending: str, tmp_path: Path, capsys: pytest.CaptureFixture[str]
) -> None:
    said, path = ("All was well.", "We found t(38) = 2.31, p = .26."), tmp_path / f"paper.{ending}"
    if ending == "docx":
        made, out = docx.Document(), io.BytesIO()
        for text in said:
            made.add_paragraph(text)
        made.save(out)
        path.write_bytes(out.getvalue())
    elif ending == "md":
        path.write_text("\n\n".join(said).replace("t(", "*t*("))
    else:
        from odfdo import Document, Paragraph

        paper = Document("text")
        paper.body.clear()
        for text in said:
            paper.body.append(Paragraph(text))
        paper.save(path)
    assert cli.main(["review", str(path)]) == 0
    assert capsys.readouterr().out == "paragraph 2: “t(38) = 2.31, p = .26”: its p is between .026 and .027.\n"
    (tmp_path / "paper.pdf").write_bytes(b"%PDF")
    assert cli.main(["review", str(tmp_path / "paper.pdf")]) == 2
