"""Pieces of the patterns by which words are read; numbers and dates put them together.

A class of all the letters there are takes 5 ms to make ready, each time it stands in a pattern, and is made ready anew for each
column. Here a letter is what is no sign of ASCII, of Latin-1 or of the blocks of signs: which name, which unit it is, is looked up
afterwards.
"""

SIGNS = r"¶-¿×÷\x{2000}-\x{206f}\x{20a0}-\x{20cf}\x{2190}-\x{2bff}"  # spaces and dashes, currencies, arrows to symbols
LETTER = rf"[^\x00-@\[-\x60{{-´{SIGNS}]"
OF_A_UNIT = rf"[^\x00-.:-@\[-\x60{{-±´{SIGNS}]"  # with digits, strokes, ² and ³: “km/h”, “m²”
