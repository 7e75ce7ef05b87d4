"""Differences between groups: how large they are, and whether chance explains them. A module for means, ranks, categories each."""
