"""The window's words in other languages: what is to be translated is gathered into Qt's translation files, and compiled.

`make languages` adds what is new, takes out what is gone, and compiles; `--check` changes nothing and names what is missing:
a text without a translation, a translation with other places in braces, a compiled file that is not that of its source.
"""

from __future__ import annotations

import argparse
import ast
import re
import subprocess
import sys
import tempfile
from collections.abc import Iterator
from functools import cache
from pathlib import Path
from typing import NamedTuple
from xml.etree import ElementTree

from PySide6 import __file__ as qt

from istrel.app.words import CONTEXT, FOLDER, LANGUAGES

ROOT = Path(__file__).parent.parent
SOURCE = ROOT / "src" / "istrel"
SAYS = ("tr", "english")
GATHERED = ("english.py", "sentence/complete.py", "render/intake/html.py")  # what they say again is gathered elsewhere
OTHERS = tuple(language for language in LANGUAGES if language != "en")
BREAKS = re.compile(r"(?<=\S) [:;?!»%](?=\s|$|[.,)])|« ")  # French sets these off by a blank that does not break
SAID_IN_PAGES = re.compile(r'\bsay\("([^"]+)"')
PLACE = re.compile(r"\{(\w+)[^{}]*\}")


class Call(NamedTuple):
    """Where a function is called with what."""

    place: str
    function: str
    first: ast.expr
    rest: list[ast.expr]


@cache
def calls() -> tuple[Call, ...]:
    """Every call by a plain name in the application."""
    found = []
    for path in sorted(SOURCE.rglob("*.py")):
        for node in ast.walk(ast.parse(path.read_text(encoding="utf-8"))):
            if isinstance(node, ast.Call) and isinstance(node.func, ast.Name) and node.args:
                place = f"{path.relative_to(SOURCE)}:{node.lineno}"
                found.append(Call(place, node.func.id, node.args[0], node.args[1:]))
    return tuple(found)


def never_gathered() -> Iterator[str]:
    """Calls of `english` with what is not written there; what is a thing's own words stands in the vocabulary."""
    for call in calls():
        written = bool(list(texts_in(call.first))) or isinstance(call.first, ast.Attribute)
        if call.function == "english" and not written and call.place.split(":")[0] not in GATHERED:
            yield f"{call.place}: english() wants the text itself, or nobody translates it"


def literals() -> Iterator[str]:
    """Every text that stands in a call of `tr` or `english`, and those of `map(english, (…))`."""
    for _, function, first, rest in calls():
        if function in SAYS:
            yield from texts_in(first)
        elif function == "map" and isinstance(first, ast.Name) and first.id in SAYS:
            yield from (text for part in rest for text in texts_in(part))


def in_pages() -> Iterator[str]:
    """Every text that a page template says."""
    for path in sorted(SOURCE.rglob("*.html")):
        yield from SAID_IN_PAGES.findall(path.read_text(encoding="utf-8"))


def texts_in(node: ast.expr) -> Iterator[str]:
    if isinstance(node, ast.Constant) and isinstance(node.value, str):
        yield node.value
    elif isinstance(node, ast.IfExp):
        yield from (text for part in (node.body, node.orelse) for text in texts_in(part))
    elif isinstance(node, ast.Tuple | ast.List):
        yield from (text for part in node.elts for text in texts_in(part))


def of_the_vocabulary() -> Iterator[str]:
    """What the words of a sentence mean, and the settings with their values."""
    from istrel.data.formula.functions import FUNCTIONS
    from istrel.data.levels import Level
    from istrel.sentence.complete import MEANINGS, SIGNS
    from istrel.sentence.vocabulary import CLAUSES, FORMS, ON_BUTTONS, SETTINGS, STATISTICS, VERBS

    yield from (level.value for level in Level)
    yield from (*CLAUSES.values(), *MEANINGS.values(), *SIGNS.values())
    yield from (function.words for function in FUNCTIONS.values())
    yield from (verb.meaning for verb in VERBS.values())
    yield from (form.meaning for form in FORMS.values())
    yield from (statistic.meaning for statistic in STATISTICS.values())
    for button in ON_BUTTONS:
        yield from (button.words, button.meaning)
    for setting in SETTINGS.values():
        yield from (setting.words, setting.meaning, *setting.takes.offers.values())
        yield from (words for _, words in setting.usually)
    yield "usual"


def wanted() -> tuple[str, ...]:
    """All texts with a word or quotation marks in them, each once, in order."""
    every = dict.fromkeys((*literals(), *in_pages(), *of_the_vocabulary()))
    return tuple(sorted(text for text in every if re.search(r"[^\W\d_]{2}|[“”]", PLACE.sub("", text))))


def translated(language: str) -> dict[str, tuple[str, ...]]:
    """The translations of a file: one, or one for each form of number."""
    path = FOLDER / f"istrel_{language}.ts"
    if not path.exists():
        return {}
    found = {}
    for message in ElementTree.parse(path).getroot().iter("message"):
        said = message.find("translation")
        assert said is not None
        forms = tuple(form.text or "" for form in said.iter("numerusform")) or (said.text or "",)
        found[message.findtext("source", "")] = forms
    return found


def write(language: str, found: dict[str, tuple[str, ...]]) -> None:
    """A translation file, and what Qt reads of it."""
    root = ElementTree.Element("TS", version="2.1", language=language, sourcelanguage="en")
    context = ElementTree.SubElement(root, "context")
    ElementTree.SubElement(context, "name").text = CONTEXT
    for source in wanted():
        numbered = "[" in source
        message = ElementTree.SubElement(context, "message", {"numerus": "yes"} if numbered else {})
        ElementTree.SubElement(message, "source").text = source
        said = ElementTree.SubElement(message, "translation")
        forms = found.get(source, ())
        if not any(forms):
            said.set("type", "unfinished")
        if numbered:
            for form in (*forms, "", "")[:2]:
                ElementTree.SubElement(said, "numerusform").text = form
        else:
            said.text = "".join(forms[:1])
    ElementTree.indent(root, " ")
    path = FOLDER / f"istrel_{language}.ts"
    text = ElementTree.tostring(root, encoding="unicode")
    path.write_text(f'<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n{text}\n', encoding="utf-8")
    compile_to(path.with_suffix(".qm"), path)


def compile_to(made: Path, source: Path) -> None:
    """What Qt reads at run time."""
    words = [str(Path(qt).parent / "lrelease"), "-silent", str(source), "-qm", str(made)]
    subprocess.run(words, check=True)


def faults(language: str) -> Iterator[str]:
    """What is wrong with the words of a language."""
    found, texts = translated(language), wanted()
    yield from (f"{language}: not gathered: {text}" for text in texts if text not in found)
    yield from (f"{language}: said nowhere: {text}" for text in found if text not in texts)
    for text, forms in found.items():
        if not all(forms):
            yield f"{language}: no translation of: {text}"
        elif any(set(PLACE.findall(form)) - set(PLACE.findall(text)) for form in forms) or (
            set(PLACE.findall(text)) - set(PLACE.findall(forms[-1]))
        ):
            yield f"{language}: other places in braces than: {text}"
        elif language == "fr" and any(BREAKS.search(form) for form in forms):
            yield f"fr: a blank that may break beside a mark: {forms[-1]}"
    with tempfile.TemporaryDirectory() as folder:
        again, source = Path(folder) / "again.qm", FOLDER / f"istrel_{language}.ts"
        compile_to(again, source)
        if again.read_bytes() != source.with_suffix(".qm").read_bytes():
            yield f"{language}: the compiled file is another one; run make languages"


def main() -> int:
    parser = argparse.ArgumentParser(description=__doc__)
    parser.add_argument("--check", action="store_true")
    if not parser.parse_args().check:
        FOLDER.mkdir(exist_ok=True)
        for language in OTHERS:
            write(language, translated(language))
    found = [*never_gathered(), *(fault for language in OTHERS for fault in faults(language))]
    print("\n".join(found) if found else f"{len(wanted())} texts in {len(OTHERS)} languages besides English")
    return 1 if found else 0


if __name__ == "__main__":
    sys.exit(main())
