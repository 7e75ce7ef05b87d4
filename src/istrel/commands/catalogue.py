"""Every command: its options, and what it does; a command's module is loaded when it runs."""

from __future__ import annotations

import argparse
from collections.abc import Callable
from typing import NamedTuple

from istrel.commands import arguments

Run = Callable[[argparse.Namespace], int]


class Command(NamedTuple):
    """A command: how its words are read, and what runs; it gives the exit code."""

    parser: Callable[[], arguments.Parser]
    run: Run


def _make(options: argparse.Namespace) -> int:
    from istrel.commands.making import make

    return make(options)


def _look(options: argparse.Namespace) -> int:
    from istrel.commands.making import look

    return look(options)


def _codebook(options: argparse.Namespace) -> int:
    from istrel.commands.making import codebook

    return codebook(options)


def _keep(options: argparse.Namespace) -> int:
    from istrel.commands.studies import keep

    return keep(options)


def _build(options: argparse.Namespace) -> int:
    from istrel.commands.building import build

    return build(options)


def _accept(options: argparse.Namespace) -> int:
    from istrel.commands.studies import accept

    return accept(options)


def _review(options: argparse.Namespace) -> int:
    from istrel.commands.building import review

    return review(options)


def _refresh(options: argparse.Namespace) -> int:
    from istrel.commands.refreshing import refresh

    return refresh(options)


def _explain(options: argparse.Namespace) -> int:
    from istrel.commands.explaining import explain

    return explain(options)


def _doctor(options: argparse.Namespace) -> int:
    from istrel.commands.doctor import doctor

    return doctor(options)


def _package(options: argparse.Namespace) -> int:
    from istrel.commands.packaging import package

    return package(options)


def _study(options: argparse.Namespace) -> int:
    from istrel.commands.studies import study

    return study(options)


COMMANDS = {
    "make": Command(arguments.make_parser, _make),
    "look": Command(arguments.look_parser, _look),
    "codebook": Command(arguments.codebook_parser, _codebook),
    "keep": Command(arguments.keep_parser, _keep),
    "build": Command(arguments.build_parser, _build),
    "accept": Command(arguments.accept_parser, _accept),
    "refresh": Command(arguments.refresh_parser, _refresh),
    "review": Command(arguments.review_parser, _review),
    "explain": Command(arguments.explain_parser, _explain),
    "doctor": Command(arguments.doctor_parser, _doctor),
    "package": Command(arguments.package_parser, _package),
    "study": Command(arguments.study_parser, _study),
}
