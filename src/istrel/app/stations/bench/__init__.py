"""The Bench: variables, the sentence, the proof, and the settings of its form."""
