"""Codebook: what each variable is, and what is derived from it."""
