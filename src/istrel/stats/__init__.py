"""Pure functions on arrays and group codes: every definition of docs/statistics.md, and nothing of screens or files."""
