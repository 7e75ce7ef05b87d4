"""House styles: fonts, number formats, titles and palettes. How a value prints is decided here and nowhere else."""

from istrel.style.house import HouseStyle, load_style

__all__ = ["HouseStyle", "load_style"]
