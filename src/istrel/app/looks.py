"""The looks of the desk besides the light one: dark, and of high contrast."""

from __future__ import annotations

from istrel.app import theme

Colours = dict[str, object]
NAMES = tuple(
    name for name, value in vars(theme).items() if name.isupper() and isinstance(value, str) and value.startswith("#")
)
LIGHT: Colours = {name: getattr(theme, name) for name in (*NAMES, "TAGS")}
DARK: Colours = LIGHT | {
    "INK": "#E3EAE6",
    "ACCENT": "#A9D0C5",
    "BUTTON": "#2F6960",
    "FRAME": "#0D1716",
    "FRAME_FOOT": "#12211F",
    "FRAME_CHIP": "#2F6960",
    "FRAME_TEXT": "#A9BDB6",
    "DESK": "#1B2523",
    "DESK_DEEP": "#161F1D",
    "PANEL": "#212D2A",
    "SURFACE": "#283532",
    "PAPER": "#24302D",
    "LINE": "#3B4B46",
    "EDGE": "#71877E",
    "HANDLE": "#4A5D56",
    "QUIET": "#A5B6AF",
    "FAINT": "#667A72",
    "MINT": "#33514A",
    "SAND": "#4C4229",
    "SAND_EDGE": "#C9A044",
    "DRAWING": "#8FBDB1",
    "DRAWING_SOFT": "#5B7F76",
    "VERMILION": "#FF9C85",
    "GOLD": "#D1AA50",
    "TAGS": {
        "con": ("#21424F", "#BFE0EC"),
        "cnt": ("#33461F", "#D2E6BD"),
        "ord": ("#4E3D15", "#F3DFAE"),
        "nom": ("#4D2A48", "#F0CFEA"),
        "bin": ("#3A3160", "#D9D0F5"),
        "id": ("#3B403D", "#D9DDDA"),
        "dat": ("#2C3A66", "#CBD6F7"),
        "txt": ("#473B2A", "#EADCC6"),
    },
}
CONTRAST: Colours = LIGHT | {
    "INK": "#000000",
    "ACCENT": "#000000",
    "BUTTON": "#000000",
    "FRAME": "#000000",
    "FRAME_FOOT": "#000000",
    "FRAME_CHIP": "#003A33",
    "FRAME_TEXT": "#FFFFFF",
    "FRAME_TROUBLE": "#FFD9D0",
    "DESK": "#FFFFFF",
    "DESK_DEEP": "#F0F0F0",
    "PANEL": "#FFFFFF",
    "PAPER": "#FFFFFF",
    "SHEET": "#FFFFFF",
    "SHEET_INK": "#000000",
    "LINE": "#5A5A5A",
    "EDGE": "#000000",
    "HANDLE": "#444444",
    "QUIET": "#222222",
    "FAINT": "#6A6A6A",
    "MINT": "#C4EBDD",
    "SAND": "#FFE9A8",
    "SAND_EDGE": "#7A4B00",
    "DRAWING": "#003A33",
    "DRAWING_SOFT": "#5F7F78",
    "VERMILION": "#8F1500",
    "BADGE": "#8F1500",
    "GOLD": "#7A4B00",
    "TAGS": dict.fromkeys(theme.TAGS, ("#EDEDED", "#000000")),
}
LOOKS: dict[str, Colours] = {"light": LIGHT, "dark": DARK, "contrast": CONTRAST}


def wear(look: str) -> None:
    """Put on the colours of a look. Before the window is made: what is made keeps its colours."""
    for name, value in LOOKS[look].items():
        setattr(theme, name, value)
