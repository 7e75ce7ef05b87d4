"""Verbs and forms."""

from __future__ import annotations

from istrel.sentence.vocabulary.entries import Form, Verb

VERBS = {
    verb.name: verb
    for verb in (
        Verb(
            "describe",
            "descriptive statistics, and the distribution as a figure",
            (
                "table",
                "histogram",
                "density",
                "cumulative",
                "boxes",
                "violins",
                "points",
                "means",
                "line",
                "paths",
                "bars",
                "shares",
                "missing map",
            ),
        ),
        Verb(
            "count",
            "frequencies; with “against” a cross-table",
            ("table", "bars", "shares", "heat map", "flow"),
            ("against",),
        ),
        Verb(
            "check", "the shape of distributions: normality; the items of a scale", ("table", "quantile plot", "scale")
        ),
        Verb(
            "relate",
            "correlation and association",
            ("table", "scatter", "grid", "heat map", "line"),
            ("against", "given"),
        ),
    )
}

FORMS = {
    form.name: form
    for form in (
        Form("table", "a table", drawn=False, counted=True),
        Form("scale", "a table of items: how well they hang together", drawn=False, counted=True),
        Form("histogram", "bars over class intervals", norm=True, together=True, counted=True),
        Form("density", "a smooth curve whose area is the share of cases", norm=True, together=True, counted=True),
        Form("cumulative", "the share of cases up to each value", together=True, counted=True),
        Form("boxes", "quartiles, whiskers and far cases", norm=True, together=True, counted=True),
        Form("violins", "mirrored densities with quartiles", together=True, counted=True),
        Form("points", "every case as a dot", case_by_case=True, counted=True),
        Form("bars", "counts or shares as bars", title="frequencies_of"),
        Form("shares", "shares of a whole, to 100 %", title="frequencies_of"),
        Form("means", "means with their intervals", norm=True, counted=True, title="means_of"),
        Form("line", "values over time, or means per period", case_by_case=True, counted=True, title="means_of"),
        Form("paths", "a line for each person over the occasions, and means", case_by_case=True, title="paths_title"),
        Form(
            "quantile plot",
            "ordered values against those of a normal distribution",
            case_by_case=True,
            counted=True,
        ),
        Form("heat map", "a matrix as tiles", counted=True),
        Form("scatter", "two variables, case by case or as a plane of counts", counted=True),
        Form("grid", "scatters of several variables with each other", case_by_case=True, counted=True),
        Form("flow", "from all rows to the cases analysed, in boxes", case_by_case=True),
        Form("missing map", "where values are missing, case by case", case_by_case=True, counted=True),
    )
}


def usual_form(verb: str) -> str:
    """The form of a sentence that does not say `as`."""
    return VERBS[verb].forms[0]
