"""Letters as LaTeX sets them, whatever they are: what has a meaning there is escaped, what has no letter there is told."""

from __future__ import annotations

from istrel.exhibits.printing import printable
from istrel.render.latex.scripts import set_in, stretches

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
    "←": r"\ensuremath{\leftarrow}",
    "↔": r"\ensuremath{\leftrightarrow}",
    "∆": r"\ensuremath{\Delta}",
    "∑": r"\ensuremath{\sum}",
    "′": r"\ensuremath{'}",
    "″": r"\ensuremath{''}",
    "€": r"\texteuro{}",
    "†": r"\textdagger{}",
    "‡": r"\textdaggerdbl{}",
    "•": r"\textbullet{}",
    "™": r"\texttrademark{}",
    "‰": r"\textperthousand{}",
    "‐": "-",
    "‑": "-",
    "‚": r"\quotesinglbase{}",
    "‹": r"\guilsinglleft{}",
    "›": r"\guilsinglright{}",
    "«": r"\guillemotleft{}",
    "»": r"\guillemotright{}",
}
NAMES = """alpha beta gamma delta varepsilon zeta eta theta iota kappa lambda mu nu xi pi rho sigma tau upsilon varphi chi
psi omega"""
GREEK = dict(zip("αβγδεζηθικλμνξπρστυφχψω", NAMES.split(), strict=True))
CAPITALS = {"Γ": "Gamma", "Δ": "Delta", "Θ": "Theta", "Λ": "Lambda", "Σ": "Sigma", "Φ": "Phi", "Ψ": "Psi", "Ω": "Omega"}
RAISED = dict(zip("⁰¹²³⁴⁵⁶⁷⁸⁹⁻ᵃᵇᶜᵈᵉᶠᵍʰⁱʲᵏˡ", "0123456789-abcdefghijkl", strict=True))
LOWERED = dict(zip("₀₁₂₃₄₅₆₇₈₉", "0123456789", strict=True))
PLAIN = frozenset((*SPECIAL, *RAISED, *LOWERED))  # which every engine sets


def escaped(text: str) -> str:
    """Text as LaTeX."""
    made = []
    for script, letters in stretches(printable(text), PLAIN):
        symbol = script == "Greek" and len(letters) == 1 and (letters in GREEK or letters in CAPITALS)
        made.append(set_in(script, letters) if script and not symbol else "".join(map(_letter, letters)))
    return "".join(made)


def _letter(character: str) -> str:
    if character in SPECIAL:
        return SPECIAL[character]
    if character in GREEK or character in CAPITALS:
        return f"\\ensuremath{{\\{GREEK.get(character) or CAPITALS[character]}}}"
    if character in RAISED:
        raised = RAISED[character]
        return f"\\textsuperscript{{{raised if raised != '-' else chr(92) + 'ensuremath{-}'}}}"
    if character in LOWERED:
        return f"\\textsubscript{{{LOWERED[character]}}}"
    return character
