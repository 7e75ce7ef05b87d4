"""House styles: fonts, number formats, titles and palettes. How a value prints is decided here and nowhere else."""
