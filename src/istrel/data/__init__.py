"""Columns, tables, the codebook and conditions. Imports nothing of Istrel above it."""
