"""Learning it: the handbook beside the desk, and first walks through the real window."""
