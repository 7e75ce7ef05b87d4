"""What tests share: the demo study, data made from a few lines of text, and the house style."""

from __future__ import annotations

import os
import pickle
import sys
from collections.abc import Callable, Iterator
from hashlib import sha256
from pathlib import Path
from typing import Any

import pytest
from hypothesis import settings

import every_sentence
import istrel
from istrel.data.dataset import Dataset
from istrel.demo import LEARNERS
from istrel.english import English
from istrel.exhibits.figure import FigureSheet
from istrel.exhibits.forms.catalogue import FORMS
from istrel.exhibits.make import Exhibit
from istrel.exhibits.verbs.catalogue import VERBS
from istrel.problem import Problem
from istrel.render import print as print_scene
from istrel.render.scene import make_scene
from istrel.study.opening import Opening, open_data
from istrel.style.house import HouseStyle, load_style
from made import make_exhibit

os.environ |= {"LC_ALL": "C.UTF-8", "LANGUAGE": ""}  # whoever runs them, the tests read English
settings.register_profile("steady", deadline=None, derandomize=True, max_examples=40)
settings.load_profile("steady")


def pytest_sessionstart() -> None:
    """A verb or form that lacks a part is named before any test runs."""
    for made in (*VERBS.values(), *FORMS.values()):
        made()


def pytest_collection_modifyitems(items: list[pytest.Item]) -> None:
    """What takes longest to make is wanted first, so that one worker makes it and the other does not."""
    items.sort(key=lambda item: "everything" not in getattr(item, "fixturenames", ()))


@pytest.fixture(scope="session", autouse=True)
def refusals_can_be_translated() -> Iterator[None]:
    """No test goes on where the core refuses something in words that no window could say in its language."""
    really, core = Problem.__init__, str(Path(istrel.__file__).parent)
    english_only = tuple(f"{core}/{room}/" for room in ("app", "commands", "notebook"))

    def init(self: Problem, message: str, **said: Any) -> None:
        where = sys._getframe(1).f_code.co_filename
        if where.startswith(core) and not where.startswith(english_only) and not isinstance(message, English):
            raise AssertionError(f"{where} refuses in plain words: {message}")
        really(self, message, **said)

    with pytest.MonkeyPatch.context() as patch:
        patch.setattr(Problem, "__init__", init)
        yield


@pytest.fixture(scope="session", autouse=True)
def drawn_once() -> Iterator[None]:
    """The same figure is printed once: every export of the demo paper holds the same ones."""
    printed: dict[bytes, bytes] = {}

    def draw(sheet: FigureSheet, style: HouseStyle, ending: str, **options: Any) -> bytes:
        said = pickle.dumps((make_scene(sheet, style), sheet.alt, style, ending, sorted(options.items())))
        key = sha256(said).digest()
        if key not in printed:
            printed[key] = really(sheet, style, ending, **options)
        return printed[key]

    with pytest.MonkeyPatch.context() as patch:
        really = print_scene.draw
        patch.setattr(print_scene, "draw", draw)
        yield


@pytest.fixture(scope="session")
def learners() -> Dataset:
    """The demo study as it is read, dirt and all."""
    return open_data(LEARNERS)


@pytest.fixture(scope="session")
def style() -> HouseStyle:
    return load_style()


@pytest.fixture(scope="session")
def rich(tmp_path_factory: pytest.TempPathFactory) -> Dataset:
    """Small data of every kind: see `every_sentence.rich`."""
    path = tmp_path_factory.mktemp("rich") / "rich.csv"
    path.write_text(every_sentence.rich())
    return open_data(path)


@pytest.fixture(scope="session")
def everything(learners: Dataset, tmp_path_factory: pytest.TempPathFactory) -> tuple[tuple[str, Exhibit], ...]:
    """(sentence, exhibit) of every sentence of `every_sentence`, made once."""
    path = tmp_path_factory.mktemp("every") / "data.csv"

    def data_from(text: str) -> Dataset:
        path.write_text(text)
        return open_data(path)

    return tuple(every_sentence.every_exhibit(learners, data_from))


@pytest.fixture
def data_of(tmp_path: Path) -> Callable[..., Dataset]:
    """Data from a few lines of delimited text."""

    def make(text: str | bytes, opening: Opening | None = None, name: str = "data.csv") -> Dataset:
        path = tmp_path / name
        path.write_bytes(text if isinstance(text, bytes) else text.encode())
        return open_data(path, opening)

    return make


@pytest.fixture
def exhibit_of() -> Callable[[str, Dataset], Exhibit]:
    def make(sentence: str, data: Dataset) -> Exhibit:
        return make_exhibit(sentence, data)

    return make
