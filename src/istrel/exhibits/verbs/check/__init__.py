"""The verb `check`: tests of normality per variable and group, of sets of variables, and quantile plots."""
