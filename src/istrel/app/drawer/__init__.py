"""The cases drawer: the rows behind every number, at every station."""

from istrel.app.drawer.drawer import CasesDrawer

__all__ = ["CasesDrawer"]
