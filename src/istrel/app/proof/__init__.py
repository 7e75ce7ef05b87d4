"""The proof: an exhibit set on a sheet of paper, with margin notes beside it."""
