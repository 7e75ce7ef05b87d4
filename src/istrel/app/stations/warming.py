"""Work for a thread before it is first wanted: modules that are slow to import, words and styles that are slow to read."""

from __future__ import annotations


def warm_up_reading() -> None:
    """What the first file needs: the readers, and the station that shows it."""
    import istrel.app.stations.intake.intake
    import istrel.data.reading.delimited
    import istrel.data.screening
    import istrel.study.opening

    del istrel


def warm_up() -> None:
    """What the other stations need: themselves, what they draw with, the house style, the grammar."""
    import uharfbuzz

    import istrel.app.stations.bench.bench
    import istrel.app.stations.codebook.codebook
    import istrel.app.stations.manuscript.manuscript
    import istrel.render.scene
    import istrel.stats.special
    from istrel.sentence import parse
    from istrel.style.house import load_style

    del uharfbuzz, istrel
    load_style()
    parse("describe x")
