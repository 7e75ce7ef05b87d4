"""A module per form of a figure, each with its `FORM`; `catalogue` knows all of them."""
