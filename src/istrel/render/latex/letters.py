"""Letters as LaTeX sets them, whatever they are: what has a meaning there is escaped, what has no letter there is told."""

from __future__ import annotations

from istrel.exhibits.printing import printable

SPECIAL = {
    "\\": r"\textbackslash{}",
    "{": r"\{",
    "}": r"\}",
    "$": r"\$",
    "&": r"\&",
    "#": r"\#",
    "%": r"\%",
    "_": r"\_",
    "^": r"\textasciicircum{}",
    "~": r"\textasciitilde{}",
    "<": r"\textless{}",
    ">": r"\textgreater{}",
    "|": r"\textbar{}",
    '"': r"\textquotedbl{}",
    "\n": r"\newline ",
    "\t": " ",
    "[": "{[}",
    "]": "{]}",
    "−": r"\ensuremath{-}",
    "×": r"\ensuremath{\times}",
    "→": r"\ensuremath{\rightarrow}",
    "≤": r"\ensuremath{\leq}",
    "≥": r"\ensuremath{\geq}",
    "≠": r"\ensuremath{\neq}",
    "≈": r"\ensuremath{\approx}",
    "·": r"\textperiodcentered{}",
    "…": r"\ldots{}",
    "—": "---",
    "–": "--",
    "“": r"\textquotedblleft{}",
    "”": r"\textquotedblright{}",
    "„": r"\quotedblbase{}",
    "‘": r"\textquoteleft{}",
    "’": r"\textquoteright{}",
    "\u2009": r"\,",
    "\u202f": r"\,",
    "\u00a0": "~",
    "\u2007": r"\phantom{0}",
    "\u2008": " ",
    "√": r"\ensuremath{\surd}",
    "∞": r"\ensuremath{\infty}",
}
NAMES = """alpha beta gamma delta varepsilon zeta eta theta iota kappa lambda mu nu xi pi rho sigma tau upsilon varphi chi
psi omega"""
GREEK = dict(zip("αβγδεζηθικλμνξπρστυφχψω", NAMES.split(), strict=True))
CAPITALS = {"Γ": "Gamma", "Δ": "Delta", "Θ": "Theta", "Λ": "Lambda", "Σ": "Sigma", "Φ": "Phi", "Ψ": "Psi", "Ω": "Omega"}
RAISED = dict(zip("⁰¹²³⁴⁵⁶⁷⁸⁹⁻ᵃᵇᶜᵈᵉᶠᵍʰⁱʲᵏˡ", "0123456789-abcdefghijkl", strict=True))
LARGEST_KNOWN = 0x17F  # Latin letters that the font encoding has


def escaped(text: str) -> str:
    """Text as LaTeX."""
    return "".join(_letter(character) for character in printable(text))


def _letter(character: str) -> str:
    if character in SPECIAL:
        return SPECIAL[character]
    if character in GREEK or character in CAPITALS:
        return f"\\ensuremath{{\\{GREEK.get(character) or CAPITALS[character]}}}"
    if character in RAISED:
        raised = RAISED[character]
        return f"\\textsuperscript{{{raised if raised != '-' else chr(92) + 'ensuremath{-}'}}}"
    if ord(character) > LARGEST_KNOWN:  # pdfTeX has no such letter; the other engines take it from their font
        return f"\\ifPDFTeX{{[U+{ord(character):04X}]}}\\else {character}\\fi{{}}"
    return character
