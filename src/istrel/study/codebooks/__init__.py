"""Codebooks that come and go: our own CSV, those people write by hand, and the open standards; `reading` knows which is which."""
