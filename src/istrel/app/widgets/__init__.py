"""Small painted things that several stations share."""
