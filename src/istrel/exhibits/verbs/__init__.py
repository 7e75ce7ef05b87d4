"""One package per verb, each with `resolve`, `compute` and `typeset`; what two of them share lies beside them."""
