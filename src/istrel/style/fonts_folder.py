"""Where the shipped fonts lie; apart from the style itself, so that the window finds them without reading a style."""

from pathlib import Path

FONTS = Path(__file__).parent / "fonts"
