"""Weighted samples through every verb and form: estimates of the population, refusals by name, none where none are wanted."""

from __future__ import annotations

import json
from collections.abc import Callable
from dataclasses import replace
from typing import Any

import numpy as np
import pytest

from every_sentence import weighted
from istrel.data.dataset import Dataset
from istrel.data.rows import Rows
from istrel.problem import Problem
from istrel.render import render
from istrel.render.document import Document, numbered
from istrel.style.house import HouseStyle
from made import make_exhibit
from rows import survey

Maker = Callable[[str], Dataset]


def told(sentence: str, data: Dataset, style: HouseStyle) -> dict[str, Any]:
    exhibit = make_exhibit(sentence, data)
    made: dict[str, Any] = json.loads(render(Document(numbered([exhibit]), style), "json"))
    return made


SENTENCES = (
    "describe x, y, yes across g with total, difference, test",
    "describe x across h with mean, sd, ci, median, quartiles, skewness, kurtosis, sum, cv, geometric_mean",
    "count g with intervals, missing = show",
    "count x across h",
    "count g against h with percent = column",
    "relate x, y with intervals",
    "check x, y",
    "describe x across h as histogram",
    "describe x as density",
    "describe x across g as boxes",
    "describe x as cumulative",
    "describe x across g as means",
    "count g across h as bars with intervals",
    "describe g as shares",
)


@pytest.mark.parametrize("sentence", SENTENCES)
def test_without_weights_the_file_is_as_if_nobody_weighed_it(sentence: str, data_of: Maker, style: HouseStyle) -> None:
    data = data_of(survey())
    word = ", unweighted" if " with " in sentence else " with unweighted"
    plain, set_aside = told(sentence, data, style), told(sentence + word, weighted(data), style)
    clicks = [[{**remark, "sentence": ""} for remark in found.pop("remarks")] for found in (plain, set_aside)]
    assert clicks[0] == clicks[1]
    assert {**set_aside, "sentence": ""} == {**plain, "sentence": ""}
    assert told(sentence, weighted(data), style)["results"] != plain["results"]


@pytest.mark.parametrize("sentence", SENTENCES[:3] + SENTENCES[4:6])
def test_equal_weights_without_a_design_give_the_estimates_of_the_cases(
    sentence: str, data_of: Maker, style: HouseStyle
) -> None:
    data = data_of(survey(weights="equal"))
    plain, same = told(sentence, data, style), told(sentence, weighted(data, Rows(weight="w")), style)
    alike = ("n", "missing", "mean", "sd", "median", "sum", "min", "max", "cv", "geometric_mean")
    for one, other in zip(plain["results"], same["results"], strict=True):
        for key, value in one.get("statistics", {}).items():
            if key in alike and isinstance(value, int | float):
                factor = 2.5 if key == "sum" else 1.0
                assert other["statistics"][key] == pytest.approx(factor * value, rel=1e-12), key
        for level, weighed in zip(one.get("levels", ()), other.get("levels", ()), strict=True):
            assert weighed["count"] == level["count"]
            for key in ("percent", "valid_percent"):
                assert weighed[key] == pytest.approx(level[key], rel=1e-12)
            if not one["groups"]:
                assert weighed["design_effect"] == pytest.approx(1, rel=1e-9)
        for a, b in zip(one.get("pairs", ()), other.get("pairs", ()), strict=True):
            assert b["coefficient"] == pytest.approx(a["coefficient"], rel=1e-12)
        if "column_percent" in one:
            np.testing.assert_allclose(other["column_percent"], one["column_percent"], rtol=1e-12)
            np.testing.assert_array_equal(other["counts"], one["counts"])


def test_whole_weights_estimate_what_counted_rows_count(data_of: Maker, style: HouseStyle) -> None:
    data = data_of(survey(weights="whole"))
    of_sample = weighted(data, Rows(weight="w"))
    counted = Dataset(data.table, replace(data.codebook, rows=Rows(counted="w")))
    for sentence in (
        "describe x across h with mean, sum, kurtosis",
        "count g with missing = show",
        "count g against h",
    ):
        for one, other in zip(
            told(sentence, of_sample, style)["results"], told(sentence, counted, style)["results"], strict=True
        ):
            for key in ("mean", "sum"):
                if key in one.get("statistics", {}):
                    assert one["statistics"][key] == pytest.approx(other["statistics"][key], rel=1e-12)
            assert one["weighted_n"] == other["n"]
            for a, b in zip(one.get("levels", ()), other.get("levels", ()), strict=True):
                assert (a["percent"], a["weighted_n"]) == pytest.approx((b["percent"], b["count"]), rel=1e-12)


REFUSED = {
    "describe x as violins": "violins",
    "describe x as points": "points",
    "relate x, y as scatter": "scatter",
    "check x as quantile plot": "quantile plot",
    "count g against h with expected": "expected",
    "count g against h with residuals": "residuals",
    "describe x with median, quantiles = 6": "quantiles",
    "describe x with outliers, outliers_by = robust": "outliers_by",
    "describe x across g with test = ranks": "ranks",
    "relate x, y with method = kendall": "kendall",
    "relate x, y given o": "given",
    "relate x, y across h with difference": "difference",
    "describe x as density with bandwidth_rule = sheather-jones": "sheather-jones",
    "describe x as cumulative with intervals": "intervals",
}


@pytest.mark.parametrize("sentence", REFUSED)
def test_what_has_no_meaning_under_weights_is_refused_by_name(sentence: str, data_of: Maker) -> None:
    data = weighted(data_of(survey()))
    with pytest.raises(Problem, match="unweighted") as refused:
        make_exhibit(sentence, data)
    assert REFUSED[sentence] in refused.value.message


def test_what_is_not_defined_under_weights_is_a_dash_with_its_reason(data_of: Maker, style: HouseStyle) -> None:
    data = weighted(data_of(survey()))
    found = told("describe x, o across g with mean, trimmed_mean, mad, skewness_se, difference, test", data, style)
    reasons = {reason for result in found["results"] for reason in result["undefined"].values()}
    assert reasons == {"not defined under weights"}
    assert "not defined under weights" in found["notes"][0]
    assert all(d["value"] is None for d in found["differences"])  # three groups have no standardized difference
    checked = told("check x", data, style)["results"][0]
    assert all(test["p"] is None for test in checked["tests"].values())
    assert checked["skewness"] is not None
    shown = told("describe x, yes across h with difference, test", data, style)["differences"]
    assert [(d["measure"], d["test"]) for d in shown] == [("g_average", "design_t"), ("risk_difference", "design_t")]


def test_a_design_is_named_and_bad_weights_are_one_line(data_of: Maker, style: HouseStyle) -> None:
    text = survey(60)
    data = weighted(data_of(text))
    found = told("describe x with mean, ci", data, style)
    assert found["cases"]["weighted"]["by"] == "w"
    assert "Weighted by w; n is not weighted; effective n" in found["notes"][0]
    assert "strata by stratum, clusters by psu" in found["methods"]
    for wrong, message in (("0,", "row 1 holds no weight above 0"), ("-1.5,", "row 1 holds"), (",", "row 1 holds")):
        first, *rest = text.split("\n")[1:]
        spoilt = "\n".join([text.split("\n")[0], wrong + first.split(",", 1)[1], *rest])
        bad = weighted(data_of(spoilt))
        with pytest.raises(Problem, match=message):
            make_exhibit("describe x", bad)
    lonely = data_of(
        "w,stratum,psu,x\n" + "".join(f"1.5,{'ab'[k > 5]},{1 if k > 5 else k},{k * k % 7}\n" for k in range(9))
    )
    alone = told("describe x with mean, se", weighted(lonely), style)
    assert "Strata with one cluster (1) are centred at the mean of all clusters" in alone["methods"]
    one_each = data_of("w,stratum,x\n" + "".join(f"1.5,s{k},{k * k % 7}\n" for k in range(6)))
    none = told("describe x with mean, se", weighted(one_each, Rows(weight="w", strata="stratum")), style)["results"][0]
    assert none["undefined"] == {"se": "no more clusters than strata"}


def test_persons_are_clusters_where_none_are_named(data_of: Maker, style: HouseStyle) -> None:
    lines = "".join(f"{1 + k % 3},{k // 2},{k % 2},{(k * 7) % 11},{'ab'[k // 2 % 2]}\n" for k in range(40))
    data = data_of("w,id,time,x,g\n" + lines)
    by_person = weighted(data, Rows(weight="w", person="id", occasion="time"))
    by_cluster = weighted(data, Rows(weight="w", clusters="id"))
    sentence = "describe x across g with mean, se"
    one, other = (told(sentence, found, style)["results"] for found in (by_person, by_cluster))
    assert [r["statistics"]["se"] for r in one] == [r["statistics"]["se"] for r in other]
    assert one[0]["df"] == 19


def test_hidden_counts_tell_no_sums_of_weights(data_of: Maker, style: HouseStyle) -> None:
    data = weighted(data_of(survey(40)))
    for sentence in ("count g with hide_below = 20", "describe x across g with hide_below = 5"):
        found = told(sentence, data, style)
        assert found["cases"]["weighted"] == {"by": "w", "sum": None, "effective_n": None}
        text = json.dumps(found["results"])
        assert '"weighted_n": null' in text
        assert '"weighted_n": 1' not in text
