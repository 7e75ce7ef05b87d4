"""The verb `describe`: descriptive statistics of measured variables, counts of categories, histograms."""
