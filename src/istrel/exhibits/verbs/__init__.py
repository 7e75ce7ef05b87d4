"""One package per verb, each with its `VERB`; `catalogue` knows all of them, what two of them share lies beside them."""
