"""From a Request to something that can be set: one package per verb, each with resolve, compute and typeset."""
