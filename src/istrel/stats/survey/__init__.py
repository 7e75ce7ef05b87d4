"""Estimates from a weighted sample with strata and clusters: linearized variances, with replacement at the first stage."""
