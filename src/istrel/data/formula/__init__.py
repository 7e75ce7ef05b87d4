"""Conditions and expressions, one language: its tree, what it means for data, its functions. Text is the sentence's matter."""
