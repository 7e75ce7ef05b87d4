"""The verb `relate`: correlation matrices in journal form, a ranked list against one variable, mixed levels."""
