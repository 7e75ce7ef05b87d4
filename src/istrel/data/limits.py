"""The limits of claims in words, one table for Intake and paper: the same word never means two things."""

SKEWED = 1.0  # abs(G1) up to here is "roughly symmetric" (and abs(G2) "near-normal tails")
STRONGLY_SKEWED = 2.0
SMALL_GROUP = 10  # a group of fewer cases is remarked upon
FEW_FOR_TESTS, MANY_FOR_TESTS = 20, 300  # tests see little below, trifles above
FEWEST_FOR_CLEAR = 10  # a clear departure is not said of fewer cases
FEWEST_FOR_HUMPS = 100  # of fewer, humps are made by chance
FINEST_FOR_HUMPS = 25  # fewer distinct values make a density of steps, not of humps
SIGNIFICANT = 0.05
NEAR_COPY = 0.99
