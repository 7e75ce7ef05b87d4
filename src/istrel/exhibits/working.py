"""How a number comes about: its formula, the same filled with the numbers, and the steps, as data that any output can show.

Parts are printed with as many digits as it takes to come to the printed number again by hand.
"""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
from numpy.typing import NDArray

from istrel.exhibits.text import Text

Floats = NDArray[np.float64]
Line = str | Text  # symbols alone, or words with them

FIGURES, CARRIED = 10, 16  # significant digits of a part, and those that a number in memory carries
DECIMALS = 6  # at least, of a part that has some


@dataclass(frozen=True)
class Working:
    """The working of one number.

    Attributes
    ----------
    means
        What it says about these data, in words.
    formula, filled
        In letters, and with the numbers up to the last equals sign, behind which the printed number stands.
    steps
        "letter = expression = value", each recomputable from its own parts; + − × ÷ / ^ √ ( ) alone.
    without
        The same number found from other values, for who pulls most: (values) to number; None where cases do not pull singly.
    """

    means: Text
    formula: Line
    filled: str
    steps: tuple[Line, ...] = ()
    without: Callable[[Floats], float] | None = None


def shown(value: float, *, times: float = 1.0) -> str:
    """A part of a working, with as many digits as the printed number can need.

    Ten significant ones, and six decimals where a number has them: differences of large parts print decimals too. A true
    minus; a power of ten in brackets where it cannot be done without. A factor of something large has more digits.
    """
    value = float(value)
    decimals = DECIMALS + (len(str(int(abs(times)))) if abs(times) >= 1 else 0)
    if value == 0:
        return "0"
    if value.is_integer() and abs(value) < 1e15:
        return f"{value:.0f}".replace("-", "−")
    if 1e-4 <= abs(value) < 1e15:
        whole = len(str(int(abs(value))))
        places = min(max(FIGURES - whole, decimals), CARRIED - whole) if abs(value) >= 1 else FIGURES + 3
        text = f"{value:.{places}f}"
        return (text.rstrip("0").rstrip(".") if "." in text else text).replace("-", "−")
    mantissa, _, exponent = f"{value:.{FIGURES - 1}e}".partition("e")
    power = exponent.lstrip("+0").replace("-0", "-") or "0"
    return f"({mantissa.rstrip('0').rstrip('.')} × 10^({int(power)}))".replace("-", "−")


def signed(value: float) -> str:
    """A part in brackets where it is negative: what stands behind a sign."""
    text = shown(value)
    return f"({text})" if text.startswith("−") else text
