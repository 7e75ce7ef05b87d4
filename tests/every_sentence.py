"""Sentences that together say every phrase: on the demo study, and on small files at their limits."""

from __future__ import annotations

from collections.abc import Callable, Iterator
from dataclasses import replace

import numpy as np

from counsel import CASES as ADVISED
from counsel import normal_two
from figures import FIGURES
from istrel.data.codebook import MissingCode, Variable
from istrel.data.corrections import Aside
from istrel.data.dataset import Dataset
from istrel.data.derive import with_derived
from istrel.data.levels import Level
from istrel.data.rows import EACH_ITS_OWN, Rows
from istrel.exhibits.make import Exhibit
from istrel.sentence import parse_expression
from istrel.sentence.settings import Place, fitting_offers, show_setting
from istrel.sentence.vocabulary import VERBS, Setting
from made import make_exhibit
from rows import counted, pupils, survey, visits, wide

USUAL = (
    "describe practice_min, receptive_post across format with n, mean, sd, ci, skewness",
    "describe age, site, completed across format with total",
    "count education across format",
    "count site against completed with percent = row",
    "check spelling_speed, age across format with adjust = holm",
    "relate age, practice_min, receptive_post",
    "relate age, practice_min against receptive_post",
    "describe age across format as histogram with curve = both",
    "describe reaction_ms across format as boxes",
    "count age with width = 12.5, intervals",
)
DEMO = (
    *FIGURES,
    *USUAL,
    "describe age, satisfaction with n, mode, mode_count, lowest, highest, trimmed_mean, p5, cv, mad, geometric_mean",
    "describe age across format as cumulative",
    "describe age across format as density with bandwidth_rule = scott",
    "describe age, site across format with hide_below = 10, total",
    "count site against completed across format with expected, residuals, hide_below = 5",
    "count mot_01 with cumulative",
    "count site with top = 4",
    "check receptive_post as quantile plot",
    "relate age, site, education, mot_01 with method = fitting, intervals, adjust = bh",
    "relate age, absences as scatter",
    "describe age, practice_min across format, completed with mean, ci, layout = rows, difference, test, adjust = holm",
    "describe age, satisfaction, site across completed with difference, test, adjust = bh, total",
    "relate mot_01, mot_02, completed across education with method = kendall, deletion = listwise",
    # statistics and tests that are not usual
    "describe age with variance, se, sum, mean_abs_dev, mad_normal, harmonic_mean, skewness_se, skewness_z, kurtosis_se, "
    "kurtosis_z, kurtosis, skewness",
    "describe age with outliers, outliers_by = robust",
    "check age with tests = {dagostino_pearson, jarque_bera}, adjust = holm",
    "check age with tests = {shapiro_wilk}, adjust = holm",
    # agreement, rectangles, coefficients compared
    "relate receptive_pre, receptive_post across format with agreement",
    "relate receptive_pre, receptive_post as scatter with agreement",
    "relate mot_01, mot_02 with agreement",
    "relate age, absences against receptive_pre, receptive_post with intervals",
    "relate age, absences across completed with difference",
    "relate age, absences across format with difference",
    "relate age, site across completed with difference",
    # pairs and ratios
    "describe age, satisfaction, completed across format with pairs",
    "describe age, practice_min across format with median, iqr, pairs, layout = rows",
    "describe age across format with mean, pairs, layout = columns",
    'describe completed, age across (format = "Weekly evening") with measure = odds ratio, test',
    'describe completed across (format = "Weekly evening") with measure = risk ratio',
    # norms, expected shares, formulas
    "describe age, receptive_post across format against 50",
    "describe age against 40 with median",
    "describe age across format against 40 as boxes",
    "describe age across format against 40 as means",
    "describe age against 40 as histogram with mark = mean",
    "describe age against 40 as density",
    'count format against {"Weekly evening" 40, "Weekend intensive" 30, "Guided self-study" 30}',
    "count completed across format against {0 1, 1 2}",
    "describe log(reaction_ms), receptive_post - receptive_pre across bands(age, 30, 45, 60)",
    "count (age > 30) × format",
    # medians, layouts, cross-tables
    "describe practice_min, absences across format with median, iqr, test, difference",
    "describe practice_min, absences across completed with median, q1, q3, test, difference",
    "count site against completed across format with percent = total, residuals",
    "count site, education against completed",
    "count site, education with missing = hide",
    "count practice_min, age with edges = {20, 40}",
    "count age with edges = {below, above}",
    "describe site, practice_min across format with median, iqr",
    "describe site, practice_min across format with median, q1, q3",
    "describe site, practice_min across format with mean, sd, n, min",
    "describe site, practice_min across format with skewness",
    "describe practice_min, age across format × completed with layout = statistics",
    "describe practice_min, age across format, completed with layout = variables",
    "describe practice_min with median",
    "describe practice_min, age across format with median, median_ci",
    "describe age with median, median_ci, confidence = 0.9, layout = statistics",
    "describe practice_min, site across completed with median, iqr, test, difference",
    "describe practice_min across completed with median, total",
    "describe practice_min across format with median, test",
    "describe spelling_speed across site with median, test",
    "describe age as histogram with rule = scott, curve = density, bandwidth = 2",
    "describe age as histogram with rule = sturges",
    "describe age as histogram with rule = doane",
    "describe age as histogram with rule = square root",
    "describe age as histogram with height = proportion",
    "describe age as histogram with height = proportion, cumulative",
    "describe age as histogram with height = percent, cumulative",
    "describe reaction_ms as density with log = x, bandwidth_rule = sheather-jones",
    "describe reaction_ms as histogram with log = x, curve = both",
    "describe practice_min as means",
    "relate age, practice_min, absences, receptive_post given receptive_pre",
    "relate site, format, education",
    "relate site, format, education, employment",
    "relate site, age, format with intervals",
    "relate age, practice_min, absences across format with adjust = holm",
    "relate age, absences across format as scatter with fit = straight",
    "count site against education",
    "describe satisfaction, confidence, mot_01 with mean",
    "describe satisfaction, confidence, mot_01, mot_02, mot_03 with mean",
    "describe enrolled with mean, skewness",
    "describe enrolled, site across format",
    "describe learner, comment with n",
    "describe learner, site across format",
    'describe age among site = "Harbor" with hide_below = 5',
    "count mot_01, mot_02, mot_03",
    "count mot_01, age with missing = hide",
    "count education across format with missing = hide",
    "count completed against format, site with percent = column, expected",
    "count completed against format across site",
    "count age with edges = {below, 30, 50, above}",
    "count spelling_speed with edges = {below, 30, above}, closed = right",
    "count spelling_speed with edges = {20, 30}, closed = right",
    "count spelling_speed with bins = 4",
    "count spelling_speed with edges = {below, 40, above}",
    "describe age with kurtosis, range, outliers, missing, mode",
    "describe practice_min, site across format with median, iqr, layout = columns",
    "describe completed across format with difference, test",
    "describe site, education across completed with difference, test",
    "relate site, age, satisfaction as heat map",
    "relate mot_01, mot_02, mot_03 as heat map with method = spearman",
    "relate age, practice_min, absences against receptive_post across format",
    "relate site, age, satisfaction against completed",
    "relate age, practice_min, absences as grid with deletion = listwise",
    "describe comment, learner with mean, n",
    "describe receptive_post across site with missing = show",
    "describe mot_01 .. mot_12, age with mean, sd",
    "relate fee_paid, fee_tenths, age",
    "describe age across site × education with total",
    "describe age among age > 30",
    "describe age with layout = columns",
    "describe receptive_pre, receptive_post as means",
    "count spelling_speed with edges = {20, 30, 40}, closed = right",
    "count site as bars with hide_below = 5",
    "describe confidence with mean",
    "count education, satisfaction against format across completed",
    "count fee_paid across format",
    "describe site, practice_min across format with median, iqr, mean, sd",
    "describe site, practice_min across format with median, q1, q3, mean, sd",
)


def many() -> str:
    """240 cases: a curve, zeros, a floor, tails to the left, two humps that a category parts, values that few of a group have."""
    rng = np.random.default_rng(4)
    lines = ["x,bend,zeros,floor,left,low,humps,mild,part,few,a,b,c,d,r,s,ties,only"]
    for k in range(240):
        x, part = rng.normal(3, 1), "mn"[k % 2]
        zeros, floor = (0.0 if k % 5 < 2 else rng.uniform(3, 9)), (10 if k % 3 == 0 else rng.uniform(10, 40))
        left, low = 100 - rng.gamma(1, 12), (-900 if k in (7, 70) else rng.normal(50, 4))
        few = "" if (part == "m" and k % 5 < 3) or k % 40 == 1 else f"{rng.normal(5, 1):.2f}"
        words = [f"{name}{rng.integers(0, 3)}" for name in "abcd"]
        r = k % 4 == 0
        numbers = (
            x,
            (x - 3) ** 2,
            zeros,
            floor,
            left,
            low,
            rng.normal(10 if part == "m" else 30, 2),
            99 - rng.gamma(2.2, 12),
        )
        known = "" if k % 11 == 3 else "uv"[int(r)]
        second = "" if k % 17 == 2 else "uv"[int(r != (k % 9 == 0))]
        only = "" if part == "m" else str(k % 23)
        measured = [f"{value:.2f}" for value in numbers]
        lines.append(",".join([*measured, part, few, *words, known, second, str(k % 8), only]))
    return "\n".join(lines) + "\n"


def thousands() -> str:
    return "x,g\n" + "".join(f"{k % 97 + k / 7000:.4f},{'pq'[k % 2]}\n" for k in range(5_100))


SMALL: dict[str, tuple[str, ...]] = {
    # few cases, constants, zeros, what has no logarithm
    "x,g,c,n,s,u\n" + "\n".join(("1,a,5.5,-1,0,1", "2,a,5.5,2,3,2", "4,b,5.5,0,-3,3", "9,,5.5,4,0,4")) + "\n": (
        "describe x across g with mean, sd, skewness, kurtosis, test, difference, mode",
        "describe x, c across g with test, difference, cv, missing = show",
        "describe n, s, u with geometric_mean, harmonic_mean, cv, mode, skewness_z, kurtosis_z",
        "describe x across g with ci, skewness, total",
        "check x, c across g with tests = {shapiro_wilk, lilliefors, anderson_darling, dagostino_pearson}",
        "check x, c, n",
        "relate x, c, n with adjust = holm, intervals",
        "relate x, g, c with intervals",
        "relate x, n, s, u with deletion = listwise",
        "relate x, n, c among x = 1 as grid",
        "count g against c",
        "count g with missing = show",
        "count x against n",
        "count n with edges = {-1, 1, 3}",
        "count n with width = 1",
        "describe c as histogram",
        "describe n as histogram with log = x",
        "describe u as histogram with edges = {1, 3}",
        "describe n as histogram with edges = {0, 3}",
        "describe x, g across c",
        "describe x across g with median, test, difference",
    ),
    # codes and words among numbers, a measure that repeats another, two variables of two values, skew to the left
    "y,z,b,d,e,k,unit\n"
    + "\n".join(
        f"{v},{2 * v if v else 'inf'},{'pq'[k % 3 == 0]},{'uv'[k % 4 == 0]},{100 - v * v % 97},"
        f"{'n/a' if k == 5 else -9 if k % 7 == 0 else k % 13},{k}"
        for k, v in enumerate([3, 5, 1, 8, 2, 9, 4, 7, 6, 0, 12, 31, 17, 22, 40, 11, 10, 9, 8, 3])
    )
    + "\n": (
        "describe y, z, k across b with n, mean, missing",
        "describe b, y across d with difference, test",
        "count b against d",
        "count b, k with missing = hide",
        "count k with missing = show",
        "describe e with mean, sd, skewness, median",
        "relate y, z, e",
        "relate y, z, e given k",
        "relate b, d with intervals",
        "check y, z with adjust = holm",
    ),
    many(): (
        "relate x, bend",
        "describe zeros, floor, left, low, humps with mean, sd, median, skewness",
        "describe left, humps with mean, sd, median, skewness",
        "describe low with mean, sd",
        "describe mild with mean, sd, median, skewness",
        "describe few across part with n, mean",
        "describe x across r × s with mean, total",
        "describe x across r × s with mean, missing = show",
        "describe x across r with mean",
        "relate a, b, c, d",
        "count r against s",
        "count r across s",
        "count r with missing = hide",
        "count part against r",
        "describe x with mode",
        "relate x, few, bend across part with adjust = holm",
        "describe r across part with difference, test",
        "describe x across r with mean, sd, total, missing = hide",
        "count part across r with missing = show",
        "describe x across r with mean, missing = show, total",
        "describe floor across r with mean, missing = show",
        "relate x, ties, only across part with adjust = holm",
        "describe ties with mode",
    ),
    # values far from the rest, on one side and on both
    "up,both,k\n"
    + "".join(f"{500 + k if k < 2 else k},{-900 if k == 5 else 990 if k == 7 else k},{k % 3}\n" for k in range(40)): (
        "describe up, both with mean, sd",
        "count k as bars with hide_below = 20",
        "count up across k as bars with hide_below = 5",
    ),
    visits(): (
        "describe score, rating, ok, colour, same across time with difference, test",
        "describe score across group with difference, test",
        "describe score across group × time with difference, test",
        "describe score across time with median, difference, test",
        "describe score with mean, icc, icc_low, icc_high",
        "count ok against group",
        "relate score, rating with within, intervals",
        "relate score, rating with between",
    ),
    visits(("one", "two", "three")): ("describe score, rating, ok across time with difference, test",),
    wide(visits()): ("describe score across occasion with difference",),
    pupils(): ("describe score across ok with test", "relate score, other"),
    thousands(): (
        "describe x across g as points",
        "describe x as histogram with log = x",
        "check x with tests = {shapiro_wilk}",
    ),
}


def told_apart() -> str:
    """30 cases: three variables that no cases have together and that disagree, a code for no answer, a name for each case."""
    lines = ["p,q,r,o,code,each"]
    for k in range(30):
        v = (7 * k) % 10
        third = ((v, v, ""), ("", v, v), (v, "", 9 - v))[k // 10]
        code = ("-9", "inf", "x")[k] if k < 3 else f"{v}.5"
        lines.append(",".join([*map(str, third), str(1 + v % 5), code, f"w{k}"]))
    return "\n".join(lines) + "\n"


CODED = (
    "describe code",
    "count code",
    "relate p, q, r, o with method = fitting",
    "relate o, each with method = fitting",
)
LEVELS = {"each": Level.NOMINAL, "o": Level.ORDINAL}
SUBJECTS = {
    ("describe", "bars"): "g",
    ("describe", "shares"): "g",
    ("count", ""): "x",
    ("relate", ""): "x, o, z",
    ("relate", "scatter"): "x, z",
    ("relate", "grid"): "x, y, z",
}


def subjects_of(verb: str, form: str) -> str:
    """Variables of `rich` that fit a verb and a form."""
    return SUBJECTS.get((verb, form)) or SUBJECTS.get((verb, ""), "x")


def rich() -> str:
    """70 cases: three measures, an ordinal one, a count, categories of two and three values, items; some values missing."""
    rng = np.random.default_rng(5)
    lines = ["x,y,z,g,h,o,k,p,q"]
    for _ in range(70):
        g = "rqp"[min(2, int(rng.integers(0, 4)))]
        x = rng.gamma(2, 5) + 3 * (g == "q")
        numbers = [round(x, 2), round(x * 0.6 + rng.normal(9, 1), 2), round(rng.normal(20, 4), 1)]
        words = [
            g,
            "uv"[int(rng.random() < 0.4)],
            rng.integers(1, 6),
            rng.poisson(3),
            *(f"n{n}" for n in rng.integers(0, 3, 2)),
        ]
        gone = [rng.random() < 0.06 and place < 4 for place in range(9)]
        lines.append(",".join("" if none else str(v) for none, v in zip(gone, [*numbers, *words], strict=True)))
    return "\n".join(lines) + "\n"


LISTS = {
    "x_limits": "{-900, 900}",
    "y_limits": "{-900, 900}",
    "edges": "{0, 5, 10, 90}",
    "percentiles": "{10, 33}",
    "bounds": "{-20, 90}",
    "tests": "{lilliefors}",
}
NUMBERS = {"bins": 7, "width": 4, "start": 1, "bandwidth": 2, "trim": 0.2, "minimum": 3, "top": 1}


WEIGHTED = (
    "describe x, yes, g across h with total, difference, test",
    "describe x across g with mean, sd, ci, median, median_ci, skewness, trimmed_mean, test",
    "describe yes across g with test",
    "describe g across h with difference, test",
    "count g with intervals, missing = show",
    "count g with hide_below = 5",
    "count g against h",
    "count g across h as bars with intervals, height = count",
    "describe x as histogram",
    "describe x as histogram with cumulative",
    "describe x across h as means",
    "describe x across h as means with interval = sd",
    "describe x across h as means with interval = se",
    "describe x across h as boxes",
    "relate x, y with intervals",
    "check x",
)
SETS = {
    "half,q_a,q_b,q_c\n"
    + "".join(
        f"{'xy'[k % 2]},{k % 2 if k else ''},{int(k % 3 == 0) if k else ''},{int(k % 4 == 1) if k else ''}\n"
        for k in range(12)
    ): (
        "count q with intervals",
        "count q across half",
        "count q against half",
    ),
    "g,h\na,x\na,x\nb,y\na,y\n": ("count g against {a 1, b 1}", "count g across h against {a 1, b 1}"),
    "p,q\n" + "a,a\na,b\nb,b\nb,b\na,a\n": ("relate p, q with agreement",),
    "day,g,x\n"
    + "".join(f"2024-{1 + k // 28:02}-{1 + k % 28:02},{'ab'[k % 2]},{k * 7 % 11}\n" for k in range(80) if k % 19): (
        "relate day, x as line",
        *(f"relate day, x across g as line with per = {per}" for per in ("day", "week", "month", "quarter", "year")),
        "relate day, x as line with moving = 3",
        "describe x across month(day) × g as line",
        "describe day as histogram with mark = mean",
        "describe day across g as density",
        "relate day, x as scatter",
    ),
    "when,x\n" + "".join(f"2024-01-0{1 + k % 5},{k}\n" for k in range(9)): ("relate when, x as line with per = day",),
    "t,x\n" + "".join(f"{k % 5},{k}\n" for k in range(9)): ("relate t, x as line",),
    visits(("t1", "t2", "t3")): (
        "describe score across time × group as paths",
        "describe score across time as means",
        "count group with persons",
        "count group against same with persons",
        "describe score, ok across time among not time = t3 with measure = d_z, test",
        "describe score across group with measure = d_z",
        "describe score across time with pairs",
    ),
    visits(n=230): ("describe score across time as paths",),
    "participant,a_1,a_2,a_3\n" + "".join(f"{k // 2 + 1},{k * 7 % 5},{k * 5 % 4},{k % 3}\n" for k in range(40)): (
        "check a_1, a_2, a_3 as scale",
    ),
}
FLOWS = ("count cases as flow", "count x across g among y > 0 as flow", "count x, g as flow", "count x as flow")


def flows(data_of: Callable[..., Dataset]) -> Iterator[tuple[str, Exhibit]]:
    """Rows set aside with and without a reason, persons, and every reason why a value is missing."""
    rows = "".join(
        f"{k // 2},{k % 2},{'' if k == 4 else 'inf' if k == 6 else 'n' if k == 8 else k},{k % 3},{'a' if k % 5 else ''}\n"
        for k in range(20)
    )
    data = data_of("id,time,x,y,g\n" + rows)
    aside = np.isin(np.arange(20), [1, 2])
    of_persons = replace(data.codebook, rows=Rows(person="id", occasion="time"))
    for book, asides in (
        (replace(data.codebook, rows=EACH_ITS_OWN), (Aside((2,), "twice"), Aside((3,)))),
        (of_persons, (Aside((2, 3)),)),
        (replace(data.codebook, rows=Rows(counted="time")), tuple(Aside((k,), f"reason {k}") for k in range(2, 10))),
    ):
        made = Dataset(data.table, book, aside, asides=asides)
        yield from ((sentence, make_exhibit(sentence, made)) for sentence in FLOWS)


SCALES = (
    "check motivation as scale",
    "check mot across completed as scale",
    "check mot_01, mot_02 as scale",
    "relate motivation, age with alpha",
)
LONELY = "w,stratum,psu,x\n" + "".join(f"1.5,{'ab'[k > 5]},{1 if k > 5 else k},{k * k % 7}\n" for k in range(9))


def values(setting: Setting, place: Place) -> Iterator[str]:
    """Values that are not the usual one, as they are typed."""
    if setting.name == "statistics":
        yield "kurtosis, mad"
    elif setting.name in LISTS or setting.name in NUMBERS:
        yield f"{setting.name} = {LISTS.get(setting.name) or NUMBERS[setting.name]}"
    else:
        offers = [value for value in fitting_offers(setting, place) if value is not None and value != setting.usual]
        yield from (show_setting(setting.name, value) for value in reversed(offers))


BROAD = (
    "as {form}",
    "as {form} with hide_below = 5",
    "across g as {form}",
    "across g as {form} with total",
    "across g as {form} with hide_below = 5",
    "across g, h as {form}",
    "against h as {form}",
    "against h as {form} with hide_below = 5",
    "against h across g as {form}",
)


def broad() -> Iterator[str]:
    """Sentences on `rich`: every verb and form, with groups and against another, with totals, with small counts hidden."""
    for verb in VERBS.values():
        for form in verb.forms:
            for rest in BROAD if verb.name in ("count", "relate") else BROAD[:-3]:
                yield f"{verb.name} {subjects_of(verb.name, form)} {rest.format(form=form)}"


def coded(data: Dataset) -> Dataset:
    """−9 is an answer that was refused; each case has a category of its own."""
    code = replace(data.codebook["code"], missing_codes=(MissingCode(-9.0, "refused"),))
    each, ordered = (replace(data.codebook[name], level=level) for name, level in LEVELS.items())
    book = data.codebook
    for variable in (code, each, ordered):
        book = book.with_variable(variable)
    return Dataset(data.table, book)


def with_counts(data: Dataset) -> Dataset:
    """Each row stands for as many cases as Freq says."""
    return Dataset(data.table, replace(data.codebook, rows=Rows(counted="Freq")))


def with_scale(learners: Dataset) -> Dataset:
    """With a composite of four items, the last one turned round."""
    formula = parse_expression("mean(mot_01 .. mot_03, reverse(mot_04, 1, 5))")
    line = Variable("motivation", Level.CONTINUOUS, "Joy of signing", formula=formula)
    return with_derived(Dataset(learners.table, learners.codebook.adding(line)), {})


DESIGN = Rows(weight="w", strata="stratum", clusters="psu")


def weighted(data: Dataset, rows: Rows = DESIGN) -> Dataset:
    return Dataset(data.table, replace(data.codebook, rows=rows))


def of_one_unit(data: Dataset) -> Dataset:
    """All columns of one unit."""
    book = data.codebook
    for name in book.names:
        book = book.with_variable(replace(book[name], unit="min", level=Level.CONTINUOUS))
    return Dataset(data.table, book)


HIDDEN = (
    "relate receptive_pre, receptive_post, age as heat map with hide_below = 20",
    "describe age as histogram with hide_below = 5, bins = 12",
)


def every_exhibit(learners: Dataset, data_of: Callable[..., Dataset]) -> Iterator[tuple[str, Exhibit]]:
    """(sentence, exhibit) of all of them."""
    yield from ((sentence, make_exhibit(sentence, learners)) for sentence in DEMO)
    of_scale = with_scale(learners)
    yield from ((sentence, make_exhibit(sentence, of_scale)) for sentence in SCALES)
    for text, sentences in (SMALL | SETS).items():
        data = data_of(text)
        yield from ((sentence, make_exhibit(sentence, data)) for sentence in sentences)
    short = data_of(counted()[0])
    yield "count g against h", make_exhibit("count g against h", with_counts(short))
    yield from flows(data_of)
    of_sample = weighted(data_of(survey()))
    yield from ((sentence, make_exhibit(sentence, of_sample)) for sentence in WEIGHTED)
    one_each = "w,stratum,x\n" + "".join(f"1.5,s{k},{k}\n" for k in range(6))
    for text, rows in (
        (survey(12), Rows(weight="w")),
        (one_each, Rows(weight="w", strata="stratum")),
        (LONELY, DESIGN),
    ):
        data = weighted(data_of(text), rows)
        yield "describe x", make_exhibit("describe x with mean, se", data)
    data = coded(data_of(told_apart()))
    yield from ((sentence, make_exhibit(sentence, data)) for sentence in CODED)
    yield from ((sentence, make_exhibit(sentence, learners)) for sentence in HIDDEN)
    alike = of_one_unit(data_of("a,b,c\n" + "".join(f"{k},{6 - k},{k * 1.5}\n" for k in range(7))))
    tables = ("describe a, b", "describe a, c with mean, sd, cv", "describe a, c with median, iqr")
    for sentence in ("describe a, b as boxes", "describe a, c as density", "describe a, b, c as cumulative", *tables):
        yield sentence, make_exhibit(sentence, alike)
    three = of_one_unit(data_of("a,b,c\n" + "".join(f"{k},{6.5 - k},{k * 1.5}\n" for k in range(7))))
    yield "describe a, b, c as violins", make_exhibit("describe a, b, c as violins", three)
    seven = of_one_unit(
        data_of("a,b,c,d,e,f,h\n" + "".join(",".join(f"{k}.{j}" for j in range(7)) + "\n" for k in range(4)))
    )
    yield "describe all as boxes", make_exhibit("describe a, b, c, d, e, f, h as boxes", seven)
    groups = data_of("x,g\n" + "".join(f"{k}.5,{'abcdefg'[k % 7]}\n" for k in range(21)))
    yield "describe x across g", make_exhibit("describe x across g as boxes", groups)
    trials = "p,c,t,x\n" + "".join(f"{k // 6},{'uv'[k % 2]},{k % 6},{k * 7 % 11 + k % 2}\n" for k in range(60))
    by_trial = weighted(data_of(trials), Rows(person="p", occasion="t"))
    yield "describe x across c", make_exhibit("describe x across c with mean, difference, test", by_trial)
    both = "describe score across group × time with difference, test"
    yield both, make_exhibit(both, data_of(visits(("one", "two", "three"))))
    scales = (
        ("never", "rarely", "sometimes", "often", "always"),
        ("Strongly disagree", "Disagree", "Neutral", "Agree", "Strongly agree"),
    )
    answers = data_of(
        "a,b,c\n" + "".join(f"{scales[0][k % 5]},{scales[1][k % 5]},{scales[0][k * 2 % 5]}\n" for k in range(40))
    )
    for sentence in ("describe mean(a, c)", "describe mean(a, b)"):
        yield sentence, make_exhibit(sentence, answers)
    for sentence, right, _ in ADVISED.values():
        yield sentence, make_exhibit(sentence, data_of(right(np.random.default_rng(0))))
    yield "check x, z", make_exhibit("check x, z", data_of(normal_two(np.random.default_rng(0))))
    waits = "before (min),after (min)\n" + "".join(
        f"{40 + k * 7 % 11},{30 + k % 5 + 400 * (k == 9)}\n" for k in range(40)
    )
    yield "describe before, after", make_exhibit("describe before, after", data_of(waits))
    followed = "describe score, rating across time × group as boxes"
    yield followed, make_exhibit(followed, data_of(visits(("t1", "t2", "t3"))))
    wide = weighted(data_of("w,a,b\n" + "".join(f"1.5,a{k},b{k}\n" for k in range(26))), Rows(weight="w"))
    yield "count a against b", make_exhibit("count a against b", wide)
