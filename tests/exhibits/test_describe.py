"""`describe` from sentence to sheet: numbers, groups, tables, histograms, notes and words."""

from __future__ import annotations

import re
from collections.abc import Callable
from dataclasses import replace

import numpy as np
import pytest

from istrel.data.codebook import MissingCode
from istrel.data.dataset import Dataset
from istrel.data.facts import variable_facts
from istrel.exhibits.figure import Bars, FigureSheet
from istrel.exhibits.make import Exhibit
from istrel.exhibits.verbs.describe.result import MeasuredCell
from istrel.exhibits.verbs.frequency_result import FrequencyCell
from istrel.problem import Problem
from istrel.render.scene import Letters, make_scene
from istrel.sentence.request import show
from istrel.stats.quantiles import CaseValue
from istrel.study.opening import Opening
from istrel.style.house import HouseStyle
from made import make_exhibit
from oracles import apart, exact
from prints import notes, plain, printed

Exhibits = Callable[[str, Dataset], Exhibit]
Maker = Callable[..., Dataset]
SMALL = "g,h,x,k\n" + "".join(
    f"{g},{h},{x},{k}\n"
    for g, h, x, k in [
        ("a", "u", 1.5, 1), ("a", "u", 2.5, 0), ("a", "v", 4.0, 1), ("b", "v", 8.0, 1),
        ("b", "v", "", 0), ("c", "u", 16.0, ""), ("", "u", 32.0, 1), ("b", "u", 7.0, 0),
    ]
)  # fmt: skip


def cells(exhibit: Exhibit, variable: str) -> dict[tuple[object, ...], MeasuredCell]:
    return {
        tuple(value for _, value in cell.group.named): cell
        for cell in exhibit.whole.cells
        if isinstance(cell, MeasuredCell) and cell.variable == variable
    }


def test_every_group_of_the_demo_study_agrees_with_exact_arithmetic(learners: Dataset, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of("describe practice_min, reaction_ms across format", learners)
    column = learners.table.column("format")
    for name in ("practice_min", "reaction_ms"):
        numbers = learners.numbers(name)
        for (value,), cell in cells(exhibit, name).items():
            of_group = column.values == column.words.index(str(value))
            wanted = exact(numbers.values[of_group & numbers.valid].tolist())
            assert cell.n + cell.missing == of_group.sum()
            for key in ("sum", "mean", "sd", "variance", "skewness", "kurtosis"):
                found = cell.statistics[key]
                assert isinstance(found, float)
                assert apart(found, wanted[key]) < 1e-14, (name, value, key)


def test_groups_of_a_small_table(data_of: Maker, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of("describe x across g with total = yes", data_of(SMALL))
    found = cells(exhibit, "x")
    assert {key: (cell.n, cell.missing) for key, cell in found.items()} == {
        ("a",): (3, 0),
        ("b",): (2, 1),
        ("c",): (1, 0),
        (): (7, 1),
    }
    assert found["a",].statistics["median"] == 2.5
    assert found["c",].statistics["sd"].reason == "fewer than 2 values"
    whole = {cell.group.labels: cell for cell in exhibit.whole.cells}
    assert whole["b",].statistics["mode"].reason == "each value occurs once"
    assert whole[()].statistics["lowest"][0] == CaseValue(1.5, 1)
    assert "1 case has no value of g and is in the total only." in notes(exhibit)


def test_cases_without_a_group_get_a_row_on_request(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    exhibit = exhibit_of("describe x across g with n, mean, missing = show", data_of(SMALL))
    assert printed(exhibit, style)[-1] == "Missing | 1 | 32.00"
    assert "left out" not in notes(exhibit)


def test_crossed_groupings_hold_only_combinations_that_occur(
    data_of: Maker, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    exhibit = exhibit_of("describe x across g × h with n, mean", data_of(SMALL))
    assert set(cells(exhibit, "x")) == {("a", "u"), ("a", "v"), ("b", "u"), ("b", "v"), ("c", "u")}
    assert printed(exhibit, style) == [
        "g × h | n | M",
        "a |  | ",
        "u | 2 | 2.00",
        "v | 1 | 4.00",
        "b |  | ",
        "u | 1 | 7.00",
        "v | 1 | 8.00",
        "c |  | ",
        "u | 1 | 16.00",
    ]


def test_two_groupings_stand_one_after_the_other(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    exhibit = exhibit_of("describe x across g, h with n", data_of(SMALL))
    assert [row.split(" | ")[0] for row in printed(exhibit, style)] == ["g and h", "g", "a", "b", "c", "h", "u", "v"]


def test_declared_groups_without_cases_are_shown(learners: Dataset, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of('describe age across format among format = "Weekly evening" with n, mean', learners)
    found = cells(exhibit, "age")
    assert found["Weekend intensive",].n == 0
    assert found["Weekend intensive",].statistics["mean"].reason == "no values"
    assert "A dash stands where a value is not defined: no values." in notes(exhibit)


def test_a_categorical_subject_is_counted(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    exhibit = exhibit_of("describe h, x across g", data_of(SMALL))
    counted = [c for c in exhibit.result.cells if isinstance(c, FrequencyCell)]
    assert [(c.n, [level.count for level in c.levels]) for c in counted] == [(3, [2, 1]), (3, [1, 2]), (1, [1, 0])]
    assert printed(exhibit, style) == [
        "Characteristic | a (n\u00a0=\u00a03) | b (n\u00a0=\u00a03) | c (n\u00a0=\u00a01)",
        "h, n (%) |  |  | ",
        "u | 2 (66.7) | 1 (33.3) | 1 (100.0)",
        "v | 1 (33.3) | 2 (66.7) | 0 (0.0)",
        "x, M (SD) | 2.67 (1.26) | 7.50 (0.71) | 16.00 (—)",
    ]


def test_percentages_of_all_and_of_valid_cases_differ(data_of: Maker, exhibit_of: Exhibits) -> None:
    (cell,) = exhibit_of("describe g", data_of(SMALL)).result.cells
    assert isinstance(cell, FrequencyCell)
    assert (cell.n, cell.missing) == (7, 1)
    assert (cell.levels[0].percent, cell.levels[0].valid_percent) == (37.5, pytest.approx(300 / 7))
    assert cell.levels[0].cumulative_percent is None  # a nominal variable has no order


def test_ordered_levels_cumulate(learners: Dataset, exhibit_of: Exhibits) -> None:
    (cell,) = exhibit_of("describe education among education <= 5", learners).result.cells
    assert isinstance(cell, FrequencyCell)
    assert plain(cell.levels[-1].label) == "Master or above"
    assert cell.levels[-1].cumulative_percent == pytest.approx(100, rel=1e-12)


def test_only_the_statistics_wanted_in_the_order_wanted(
    learners: Dataset, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    exhibit = exhibit_of("describe age with kurtosis, n, ci_low, ci_high, q1, q3", learners)
    assert exhibit.shown == ("kurtosis", "n", "ci_low", "ci_high", "q1", "q3")
    assert "mode" not in exhibit.result.cells[0].statistics  # what nobody sees is not computed
    heads = printed(exhibit, style)[:2]
    assert heads == [" |  |  | 95% CI | 95% CI |  | ", "Variable | Kurtosis | n | LL | UL | Q1 | Q3"]


def test_whole_numbers_do_not_pretend_to_decimals(learners: Dataset, exhibit_of: Exhibits, style: HouseStyle) -> None:
    exhibit = exhibit_of("describe reaction_ms with min, max, median, mean, range", learners)
    assert printed(exhibit, style)[1] == "Reaction time, ms | 197 | 1,663 | 637 | 677 | 1,466"


def test_identifiers_dates_and_texts_have_only_n(learners: Dataset, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of("describe learner, enrolled, comment", learners)
    learner = cells(exhibit, "learner")[()]
    assert learner.n == 612
    assert learner.statistics["mean"].reason == "not for an identifier variable"
    assert cells(exhibit, "comment")[()].missing == 427


def test_conditions_limit_the_cases_and_are_said(learners: Dataset, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of("describe practice_min among age >= 30 and signers_home = 1", learners)
    assert exhibit.cases.used < exhibit.cases.total == 612
    assert f"N = {exhibit.cases.used} of 612 cases, those with age ≥ 30 and signers_home = 1." in notes(exhibit)


def test_missing_values_are_said_with_the_reasons_that_a_reader_knows(data_of: Maker, exhibit_of: Exhibits) -> None:
    data = data_of("x\n" + "\n".join(["1.5", "2.5", "-9", "-9", "", "n/a"] + [f"{k}.25" for k in range(30)]) + "\n")
    refused = replace(data.codebook["x"], missing_codes=(MissingCode(-9.0, "refused"),))
    text = notes(exhibit_of("describe x", Dataset(data.table, data.codebook.with_variable(refused))))
    assert "Values missing: x 3 (2 refused)." in text


@pytest.mark.parametrize(
    ("sentence", "word", "says"),
    [
        ("describe nothing", "nothing", "There is no variable “nothing”."),
        ("describe age across formt", "formt", "Did you mean “format”?"),
        ("describe mot_05 .. mot_01", "mot_01", "stands before “mot_05” in the file"),
        ("describe age × site", "site", "combinations (×) are counted with “count”"),
        ("describe age against site", "against", "“against” belongs to count and relate."),
        ("describe site as histogram", "histogram", "“site” holds no numbers"),
        ("describe age as heat map", "heat map", "cannot be set as “heat map”"),
        ("describe age among age > 500", "", "No case meets “age > 500” (612 cases read)"),
        ("describe age as histogram with width = 0.001", "", "makes 180,000 classes"),
    ],
)
def test_what_cannot_be_met_is_told_with_its_word(
    sentence: str, word: str, says: str, learners: Dataset, exhibit_of: Exhibits
) -> None:
    with pytest.raises(Problem) as caught:
        exhibit_of(sentence, learners)
    assert says in caught.value.message
    if word:
        assert sentence[caught.value.at : caught.value.at + caught.value.length] == word


def test_a_grouping_without_any_value_is_told(data_of: Maker, exhibit_of: Exhibits) -> None:
    with pytest.raises(Problem, match="“g” has no value in any case in use"):
        exhibit_of("describe x across g", data_of("g,x\n,1.5\n,2.5\n"))


def test_groups_of_a_histogram_share_their_edges(learners: Dataset, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of("describe receptive_pre across format as histogram", learners)
    assert isinstance(exhibit.sheet, FigureSheet)
    assert len(exhibit.sheet.panels) == 3
    first, *others = exhibit.result.drawings
    assert all(np.array_equal(first.edges, cell.edges) for cell in others)
    for cell, panel in zip(exhibit.result.drawings, exhibit.sheet.panels, strict=True):
        bars = panel.marks[0]
        assert isinstance(bars, Bars)
        assert bars.heights.tolist() == list(cell.counts)
        assert sum(cell.counts) == cell.n
        assert cell.curve.scale == pytest.approx(cell.n * (cell.edges[1] - cell.edges[0]))


def test_histogram_settings_are_carried_out(learners: Dataset, exhibit_of: Exhibits) -> None:
    sentence = "describe age as histogram with edges = {20, 40, 60}, height = percent, curve = none, closed = right"
    (drawing,) = exhibit_of(sentence, learners).result.drawings
    ages = learners.numbers("age").values
    assert drawing.edges.tolist() == [20, 40, 60]
    assert list(drawing.counts) == [((ages >= 20) & (ages <= 40)).sum(), ((ages > 40) & (ages <= 60)).sum()]
    assert drawing.curve is None
    assert drawing.outside == 612 - sum(drawing.counts)
    assert "lie outside the class limits" in notes(exhibit_of(sentence, learners))


def test_counts_get_a_class_for_each_whole_number(learners: Dataset, exhibit_of: Exhibits) -> None:
    (drawing,) = exhibit_of("describe absences as histogram", learners).result.drawings
    assert drawing.edges[0] == -0.5
    assert set(np.diff(drawing.edges)) == {1.0}


def test_a_sparse_group_is_left_out_of_the_figure_not_drawn_empty(learners: Dataset, exhibit_of: Exhibits) -> None:
    exhibit = exhibit_of('describe age across format among format = "Weekly evening" as histogram', learners)
    assert isinstance(exhibit.sheet, FigureSheet)
    assert [plain(panel.label) for panel in exhibit.sheet.panels] == ["Weekly evening"]


def test_alternative_text_says_what_an_eye_would_see(learners: Dataset, exhibit_of: Exhibits) -> None:
    sheet = exhibit_of("describe reaction_ms as histogram with width = 100", learners).sheet
    assert isinstance(sheet, FigureSheet)
    assert plain(sheet.alt).startswith(
        "Histogram of Reaction time, ms, n = 609: classes from 100 to 1,700, the largest 500–599 (n = 116)."
    )


def test_margin_notes_say_what_a_supervisor_would(learners: Dataset, exhibit_of: Exhibits) -> None:
    said = exhibit_of("describe practice_min, receptive_post, age across format", learners).margin
    by_variable = {(note.variable, plain(note.says).split(",")[0]): note for note in said}
    skew = by_variable["practice_min", "right skew"]
    assert "% above the median" in plain(skew.says)
    assert show(skew.remedies[0].request).endswith("with n, median, iqr, min, max, skewness")
    code = by_variable["receptive_post", "−9 stands 14 times: a code for “no answer”?"]
    assert (code.remedies[0].variable, code.remedies[0].code) == ("receptive_post", -9.0)
    assert by_variable["age", "199 lies far above the rest"]


def test_small_groups_and_ordinal_means_are_remarked(learners: Dataset, exhibit_of: Exhibits) -> None:
    small = exhibit_of("describe practice_min across site", learners).margin
    assert any(plain(note.says).startswith("n = 3 in") and note.group == ("Harbor",) for note in small)
    ordinal = exhibit_of("describe confidence with n, mean", learners).margin
    assert any(plain(note.says) == "mean of an ordinal variable" for note in ordinal)


def test_results_text_compares_groups_in_words(learners: Dataset, exhibit_of: Exhibits) -> None:
    text = plain(exhibit_of("describe practice_min across format", learners).text)
    assert text == (
        "Weekly practice was highest on average in Guided self-study, M = 112.6, SD = 80.9, n = 234, and lowest in "
        "Weekend intensive, M = 68.2, SD = 48.3, n = 153; half of the cases of Guided self-study lay between 56.0 and 154.8."
    )


def test_methods_name_each_definition_used(learners: Dataset, exhibit_of: Exhibits) -> None:
    methods = exhibit_of("describe age with mean, sd, median, skewness, ci_low, ci_high, quantiles = 8", learners)
    for words in ("n − 1", "type 8 (Hyndman & Fan, 1996)", "Joanes & Gill, 1998", "Student’s t"):
        assert words in plain(methods.methods)
    assert "Freedman and Diaconis (1981)" in plain(exhibit_of("describe spelling_speed as histogram", learners).methods)


def test_labels_of_any_script_and_kind_pass_through(data_of: Maker, exhibit_of: Exhibits, style: HouseStyle) -> None:
    data = data_of('g,x\n"<b>&$\\",1.5\n"名前 🎓",2.5\n"a|b*c",3.5\n"=1+1",4.5\n', Opening())
    rows = printed(exhibit_of("describe x across g with n", data), style)
    assert {row.split(" | ")[0] for row in rows[1:]} == {"<b>&$\\", "名前 🎓", "a|b*c", "=1+1"}


def test_the_same_request_gives_the_same_bytes(learners: Dataset, exhibit_of: Exhibits, style: HouseStyle) -> None:
    from istrel.render import render
    from istrel.render.document import Document, numbered

    def made(ending: str, sentence: str) -> bytes:
        return render(Document(numbered([exhibit_of(sentence, learners)]), style), ending)

    for ending in ("json", "docx", "html", "csv", "md"):
        assert made(ending, "describe age, site across format") == made(ending, "describe age, site across format")
    for ending in ("png", "pdf", "svg"):
        assert made(ending, "describe age as histogram") == made(ending, "describe age as histogram")


def test_years_print_without_separators_and_other_thousands_with_them(
    data_of: Maker, exhibit_of: Exhibits, style: HouseStyle
) -> None:
    data = data_of("year,dist\n" + "".join(f"{2000 + k % 9},{1000 + 7 * k}\n" for k in range(60)))
    table = printed(exhibit_of("describe year, dist with mean, min, max", data))
    assert table[1:] == ["year | 2003.8 | 2000 | 2008", "dist | 1,206 | 1,000 | 1,413"]
    figure = exhibit_of("describe year, dist as cumulative", data).sheet
    assert isinstance(figure, FigureSheet)
    words = {shape.text for shape in make_scene(figure, style).shapes if isinstance(shape, Letters)}
    assert {"2000", "2008", "1,000"} <= words
    assert variable_facts(data, "year").glance == "M 2004 · 2000–2008"


@pytest.mark.parametrize("seed", range(3))
def test_the_largest_class_of_whole_numbers_holds_what_its_words_say(seed: int, data_of: Maker) -> None:
    """On a logarithmic axis, where limits are no round numbers: a limit that is rounded would let a number in."""
    values = np.random.default_rng(seed).lognormal(5, 1, 400).round() + 1
    sheet = make_exhibit("describe x as histogram with log = x", data_of("x\n" + "\n".join(map(str, values)))).sheet
    assert isinstance(sheet, FigureSheet)
    first, last, n = re.findall(r"the largest ([\d,]+)(?:–([\d,]+))? \(n = (\d+)\)", plain(sheet.alt))[0]
    low, high = (float(part.replace(",", "")) for part in (first, last or first))
    assert int(((values >= low) & (values <= high)).sum()) == int(n)
