"""What people call things in other places, and what it is here: for messages, never for the grammar."""

from __future__ import annotations

MEANT_VERBS = {
    "describe": "mean means average averages median medians mdn sd summary summarise summarize statistics stats",
    "count": "frequency frequencies freq percent percentages tabulate table crosstab cross",
    "check": "normality normal test tests",
    "relate": "correlation correlations correlate cor corr association regress regression",
    "describe … as boxes": "box boxplot boxplots",
    "describe … as histogram": "histogram histograms hist plot draw graph chart",
    "describe … as violins": "violin violinplot",
    "count … as bars": "bar bars barplot barchart",
    "relate … as scatter": "scatter scatterplot scattergram",
}
MEANT_FORMS = {
    "boxes": "box boxplot boxplots",
    "bars": "bar barplot barchart",
    "histogram": "hist histograms",
    "scatter": "scatterplot scattergram",
    "violins": "violin violinplot",
    "quantile plot": "qq qqplot quantile quantiles",
    "heat map": "heatmap heat",
}

MEANT_CLAUSES = {
    "across": "by per grouped",
    "among": "where if for when filter filtered only having",
    "against": "versus vs",
}


def meant_by(word: str, table: dict[str, str]) -> str:
    """What a word means here; empty where that is not known."""
    return next((here for here, others in table.items() if word.casefold() in others.split()), "")
