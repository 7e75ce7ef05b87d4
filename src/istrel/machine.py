"""What the machine offers that Istrel runs on."""

from __future__ import annotations

import os


def has_display() -> bool:
    """Whether a window can be opened: on a screen, or on one of Qt's platforms that need none."""
    if os.environ.get("QT_QPA_PLATFORM") in ("offscreen", "minimal", "vnc", "linuxfb", "eglfs"):
        return True
    return bool(os.environ.get("DISPLAY") or os.environ.get("WAYLAND_DISPLAY"))


def memory() -> int:
    """Bytes of memory that the machine has."""
    return os.sysconf("SC_PHYS_PAGES") * os.sysconf("SC_PAGE_SIZE")


def most_kept() -> int:
    """Bytes that are kept of what was put in order, for the next sentence: as ISTREL_MOST_KEPT says in megabytes, else an eighth
    of the machine's.
    """
    said = os.environ.get("ISTREL_MOST_KEPT", "")
    return int(said) * 2**20 if said.isdecimal() and len(said) < 8 else memory() // 8
