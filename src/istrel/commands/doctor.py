"""`istrel doctor`: what Istrel needs, what of it is here, and how to get the rest."""

from __future__ import annotations

import ctypes
import importlib
import os
import platform
import re
import shutil
from collections.abc import Iterator
from importlib import metadata
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

from istrel.commands.common import DONE, NOT_HELD, write
from istrel.machine import has_display, memory, most_kept
from istrel.version import VERSION

if TYPE_CHECKING:
    import argparse

PACKAGES = {  # system libraries by what needs them, each with its package in Debian
    "the window": {
        "libEGL.so.1": "libegl1",
        "libGL.so.1": "libgl1",
        "libdbus-1.so.3": "libdbus-1-3",
        "libfontconfig.so.1": "libfontconfig1",
        "libglib-2.0.so.0": "libglib2.0-0",
    },
    "a window under X": {
        "libxkbcommon-x11.so.0": "libxkbcommon-x11-0",
        "libxcb-cursor.so.0": "libxcb-cursor0",
        "libxcb-icccm.so.4": "libxcb-icccm4",
        "libxcb-image.so.0": "libxcb-image0",
        "libxcb-keysyms.so.1": "libxcb-keysyms1",
        "libxcb-randr.so.0": "libxcb-randr0",
        "libxcb-render-util.so.0": "libxcb-render-util0",
        "libxcb-shape.so.0": "libxcb-shape0",
        "libxcb-xinerama.so.0": "libxcb-xinerama0",
        "libxcb-xkb.so.1": "libxcb-xkb1",
    },
    "PDF documents": {
        "libpango-1.0.so.0": "libpango-1.0-0",
        "libpangoft2-1.0.so.0": "libpangoft2-1.0-0",
        "libharfbuzz-subset.so.0": "libharfbuzz-subset0",
    },
}
LEAST_FREE = 200_000_000  # bytes, in the folder of studies without a name
NAME = re.compile(r"[\w.-]+")


class Line(NamedTuple):
    """One thing that was looked at: what was found, and what to do where it is not as it should be."""

    what: str
    found: str
    remedy: str = ""


def doctor(options: argparse.Namespace) -> int:
    """Print what is here and what is missing; 1 where something is."""
    lines = list(looked_at())
    text = "".join(f"{'missing' if line.remedy else 'here':<8} {line.what}: {line.found}\n" for line in lines)
    remedies = list(dict.fromkeys(line.remedy for line in lines if line.remedy))
    told = "".join(f"  {remedy}\n" for remedy in remedies)
    end = f"\nTo do:\n{told}" if remedies else "\nNothing is missing.\n"
    write((text + end).encode(), None, options)
    return NOT_HELD if remedies else DONE


def looked_at() -> Iterator[Line]:
    """Everything that Istrel needs, one after the other."""
    yield Line("Istrel", f"{VERSION}, in {Path(__file__).parents[1]}")
    yield Line("Python", f"{platform.python_version()}, {platform.machine()}, {platform.platform(terse=True)}")
    yield from _libraries_of_python()
    for what, libraries in PACKAGES.items():
        if what == "a window under X" and not os.environ.get("DISPLAY"):
            continue
        lacking = [package for name, package in libraries.items() if not _loads(name)]
        remedy = f"sudo apt-get install {' '.join(lacking)}" if lacking else ""
        yield Line(f"libraries for {what}", f"without {', '.join(lacking)}" if lacking else "all", remedy)
    yield from _modules()
    yield _fonts()
    yield Line("a display", "one" if has_display() else "none; the window needs one, “istrel make” does not")
    room, kept = memory() // 2**20, most_kept() // 2**20
    yield Line("memory", f"{room:,} MB; {kept:,} MB at most are kept for the next sentence (ISTREL_MOST_KEPT)")
    yield _state()


def _libraries_of_python() -> Iterator[Line]:
    """The packages that Istrel is built on, with their versions."""
    try:
        needs = metadata.requires("istrel") or []
    except metadata.PackageNotFoundError:
        yield Line("packages", "Istrel itself is not installed", "pip install the folder of Istrel")
        return
    names = [found.group() for need in needs if "extra ==" not in need and (found := NAME.match(need)) is not None]
    here, lacking = [], []
    for name in names:
        try:
            here.append(f"{name} {metadata.version(name)}")
        except metadata.PackageNotFoundError:
            lacking.append(name)
    yield Line("packages", ", ".join(here))
    if lacking:
        yield Line("packages", f"without {', '.join(lacking)}", f"pip install {' '.join(lacking)}")


def _loads(library: str) -> bool:
    try:
        ctypes.CDLL(library)
    except OSError:
        return False
    return True


def _modules() -> Iterator[Line]:
    """Packages that load libraries of the system: whether they do."""
    for what, module in (("the window", "PySide6.QtWidgets"), ("PDF documents", "weasyprint")):
        try:
            importlib.import_module(module)
        except (ImportError, OSError) as error:
            yield Line(
                what, str(error).splitlines()[0], f"{module}: install what is named above, or “pip install” it again"
            )
        else:
            yield Line(what, "loads")


def _fonts() -> Line:
    from istrel.style.fonts_folder import FONTS

    count = len(list(FONTS.glob("*.ttf")))
    return Line("fonts", f"{count} in {FONTS}", "" if count else "install Istrel again: its fonts are gone")


def _state() -> Line:
    """The folder of studies without a name: private, writable, with room."""
    from istrel.study.places import private_folder, state_folder

    folder = state_folder()
    try:
        probe = private_folder() / ".doctor"
        probe.write_bytes(b"")
        probe.unlink()
        free = shutil.disk_usage(folder).free
    except OSError as error:
        return Line(
            "studies without a name",
            f"{folder}: {error.strerror or error}",
            f"make {folder} writable, or set XDG_STATE_HOME",
        )
    found = f"{folder}, {free / 1e9:,.1f} GB free"
    return Line("studies without a name", found, f"make room in {folder}" if free < LEAST_FREE else "")
