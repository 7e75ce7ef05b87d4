"""Intake: what is in the file, what looks wrong with it, and how it was read."""
