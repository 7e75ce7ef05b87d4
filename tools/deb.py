"""`make package`: a wheel and a .deb in dist/. The .deb holds Istrel with all that it needs but Python and system libraries."""

from __future__ import annotations

import argparse
import compileall
import gzip
import os
import re
import shutil
import subprocess
import sys
from collections.abc import Iterator
from importlib import metadata
from pathlib import Path

from istrel.commands.arguments import USAGE
from istrel.commands.catalogue import COMMANDS
from istrel.commands.doctor import PACKAGES
from istrel.version import VERSION

ROOT = Path(__file__).parents[1]
DIST, PACKAGING = ROOT / "dist", ROOT / "packaging"
HOME = Path("usr/lib/istrel")
UNUSED = ("*Quick*", "*Qml*", "*Designer*", "*Labs*", "qml", "metatypes", "translations/qtdeclarative*", "*assistant*")
PROGRAMS = (
    "designer",
    "linguist",
    "lupdate",
    "lrelease",
    "qmlls",
    "qmllint",
    "qmlformat",
    "qmltyperegistrar",
    "qmlimportscanner",
)
LAUNCHER = """#!/bin/sh
exec /usr/bin/python3 -E -s -B /usr/lib/istrel/istrel.py "$@"
"""
START = '''"""Starts Istrel with the packages that came with it."""
import sys

sys.path.insert(0, "/usr/lib/istrel/packages")
from istrel.cli import main

sys.exit(main())
'''


def run(*words: str | Path) -> None:
    subprocess.run([str(word) for word in words], check=True, cwd=ROOT)


def wheel() -> Path:
    """The wheel, made anew."""
    DIST.mkdir(exist_ok=True)
    for old in DIST.glob("istrel-*.whl"):
        old.unlink()
    run(sys.executable, "-m", "pip", "wheel", "-q", "--no-deps", "--no-build-isolation", "-w", DIST, ROOT)
    return next(DIST.glob("istrel-*.whl"))


def needed(name: str = "istrel", seen: set[str] | None = None) -> set[str]:
    """The packages that one needs, all the way down, by their plain names."""
    seen = set() if seen is None else seen
    for line in metadata.requires(name) or ():
        if "extra ==" in line or ("python_version <" in line and "3.11" not in line):
            continue
        found = re.match(r"[\w.-]+", line)
        assert found is not None
        plain = re.sub(r"[-_.]+", "-", found[0]).lower()
        try:
            metadata.distribution(plain)
        except metadata.PackageNotFoundError:
            continue  # for other systems
        if plain not in seen:
            seen.add(plain)
            needed(plain, seen)
    return seen


def pinned(names: set[str]) -> Iterator[str]:
    """Their lines of the lock file, with the hashes."""
    for entry in re.split(r"\n(?=\S)", (ROOT / "requirements.lock").read_text()):
        name = re.match(r"[\w.-]+", entry)
        if name is not None and re.sub(r"[-_.]+", "-", name[0]).lower() in names:
            yield entry


def fill(root: Path, made: Path) -> None:
    """Put packages, launcher and the desktop's files where they belong."""
    packages = root / HOME / "packages"
    lock = root.parent / "runtime.lock"
    lock.write_text("\n".join(pinned(needed())) + "\n")
    pip = (sys.executable, "-m", "pip", "install", "-q", "--disable-pip-version-check", "--target", packages)
    run(*pip, "--require-hashes", "--no-deps", "-r", lock)
    run(*pip, "--no-deps", made)
    shutil.rmtree(packages / "bin", ignore_errors=True)
    qt = packages / "PySide6"
    for pattern in UNUSED:
        for path in [*qt.glob(pattern), *(qt / "Qt").glob(pattern), *(qt / "Qt" / "lib").glob(pattern)]:
            shutil.rmtree(path) if path.is_dir() else path.unlink()
    for name in PROGRAMS:
        (qt / name).unlink(missing_ok=True)
    for tests in packages.glob("*/**/tests"):
        shutil.rmtree(tests, ignore_errors=True)
    for cache in packages.rglob("__pycache__"):
        shutil.rmtree(cache, ignore_errors=True)
    mode = compileall.py_compile.PycInvalidationMode.UNCHECKED_HASH  # type: ignore[attr-defined]
    compileall.compile_dir(packages, quiet=2, workers=2, invalidation_mode=mode, stripdir=str(root), prependdir="/")
    put(root / HOME / "istrel.py", START)
    put(root / "usr/bin/istrel", LAUNCHER, executable=True)
    put(root / "usr/share/applications/istrel.desktop", (PACKAGING / "istrel.desktop").read_text())
    put(root / "usr/share/mime/packages/istrel.xml", (PACKAGING / "istrel.xml").read_text())
    metainfo = "org.istrel.Istrel.metainfo.xml"
    put(root / "usr/share/metainfo" / metainfo, (PACKAGING / metainfo).read_text())
    icon = ROOT / "src/istrel/app/istrel.svg"
    put(root / "usr/share/icons/hicolor/scalable/apps/istrel.svg", icon.read_text())
    put(root / "usr/share/bash-completion/completions/istrel", completion())
    put(root / "usr/share/man/man1/istrel.1.gz", gzip.compress(manual().encode(), mtime=0))
    put(root / "usr/share/doc/istrel/copyright", (ROOT / "LICENSE").read_text())
    changes = (ROOT / "CHANGELOG.md").read_bytes()
    put(root / "usr/share/doc/istrel/changelog.gz", gzip.compress(changes, mtime=0))


def put(path: Path, content: str | bytes, *, executable: bool = False) -> None:
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_bytes(content.encode() if isinstance(content, str) else content)
    path.chmod(0o755 if executable else 0o644)


def control(size: int) -> str:
    """What the package manager is told."""
    low, high = f"3.{sys.version_info.minor}", f"3.{sys.version_info.minor + 1}"
    libraries = dict.fromkeys(name for found in PACKAGES.values() for name in found.values())
    wanted = [f"python3 (>= {low})", f"python3 (<< {high})", *(f"{name} | {name}t64" for name in libraries)]
    return "\n".join(
        (
            "Package: istrel",
            f"Version: {VERSION}",
            "Section: science",
            "Priority: optional",
            f"Architecture: {architecture()}",
            "Maintainer: The Istrel developers <istrel@localhost>",
            f"Installed-Size: {size}",
            f"Depends: {', '.join(wanted)}",
            "Description: descriptive tables and figures, said in one sentence",
            " Reads study data, finds what looks wrong in them, and makes grouped descriptive",
            " statistics, frequency tables, normality checks, figures and correlation matrices",
            " for a thesis or paper, typeset as publication-ready documents.",
            "",
        )
    )


def architecture() -> str:
    return subprocess.run(["dpkg", "--print-architecture"], capture_output=True, text=True, check=True).stdout.strip()


def options_of(parser: argparse.ArgumentParser) -> Iterator[argparse.Action]:
    for action in parser._actions:
        if action.option_strings and "--help" not in action.option_strings:
            yield action


def manual() -> str:
    """The man page, from the parsers themselves."""
    lines = [f'.TH ISTREL 1 "" "Istrel {VERSION}" "User Commands"', ".SH NAME"]
    lines += ["istrel \\- descriptive tables and figures, said in one sentence", ".SH SYNOPSIS", ".nf"]
    lines += [roff(line.strip()) for line in USAGE.strip().splitlines()]
    lines += [".fi", ".SH DESCRIPTION"]
    lines += ["Without a command a window opens, with a data file or a study if one is named."]
    lines += ["A sentence says what is wanted:", ".PP", ".RS", "describe age, practice_min across format", ".RE", ".PP"]
    lines += ["It begins with describe, count, check or relate. The data file is only ever read."]
    for name, command in COMMANDS.items():
        parser = command.parser()
        lines += [f".SH ISTREL {name.upper()}", roff(parser.description or "")]
        for action in options_of(parser):
            words = ", ".join(action.option_strings) + (
                f" {action.metavar or action.dest.upper()}" if action.nargs != 0 else ""
            )
            lines += [".TP", f".B {roff(words)}", roff(action.help or "")]
    lines += [
        ".SH EXIT STATUS",
        "0: done. 1: something that was checked does not hold. 2: a mistake in what was asked.",
    ]
    lines += [".SH FILES", "Studies that nobody named stand in ~/.local/state/istrel.", ""]
    return "\n".join(lines)


def roff(text: str) -> str:
    plain = text.replace("\\", "\\e").replace("-", "\\-").replace("%%", "%")
    return f"\\&{plain}" if plain.startswith((".", "'")) else plain


def completion() -> str:
    """What the shell offers: commands, the options of each, and files."""
    lines = [
        "# What the shell offers after istrel.",
        "_istrel() {",
        '  local word="${COMP_WORDS[COMP_CWORD]}" offers=""',
    ]
    lines += ['  case "${COMP_WORDS[1]}" in']
    for name, command in COMMANDS.items():
        words = " ".join(word for action in options_of(command.parser()) for word in action.option_strings)
        lines.append(f'    {name}) offers="{words}" ;;')
    commands = " ".join(COMMANDS)
    lines += ["  esac", f'  [ "$COMP_CWORD" -eq 1 ] && offers="{commands} --demo --version --help"']
    lines += ['  COMPREPLY=($(compgen -W "$offers" -- "$word") $(compgen -f -- "$word"))', "}"]
    return "\n".join([*lines, "complete -o filenames -F _istrel istrel", ""])


def main() -> None:
    made = wheel()
    work = ROOT / "dist" / "deb"
    shutil.rmtree(work, ignore_errors=True)
    root = work / "root"
    os.umask(0o022)
    root.mkdir(parents=True)
    fill(root, made)
    size = sum(path.stat().st_size for path in root.rglob("*") if path.is_file()) // 1024
    put(root / "DEBIAN/control", control(size))
    target = DIST / f"istrel_{VERSION}_{architecture()}.deb"
    run("dpkg-deb", "-Zzstd", "-z6", "--root-owner-group", "--build", root, target)
    shutil.rmtree(work)
    print(f"{made.relative_to(ROOT)}: {made.stat().st_size // 1024:,} kB")
    print(f"{target.relative_to(ROOT)}: {target.stat().st_size // 2**20:,} MB, installed {size // 1024:,} MB")


if __name__ == "__main__":
    main()
