"""Makes the documents of this folder: papers of ours, edited and saved by a word processor through its own interface.

Run with the project's Python; with `--check` the word processor accepts and refuses our tracked changes. The part that talks with
it is run again by the system's Python, which knows its interface. Needs `soffice` and the package that lets Python talk to it.
"""

from __future__ import annotations

import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path
from typing import Any

HERE = Path(__file__).parent
SYSTEM = "/usr/bin/python3"
COMMANDS = ("AcceptAllTrackedChanges", "RejectAllTrackedChanges")


def main() -> None:
    from living import papers

    with tempfile.TemporaryDirectory() as folder:
        for name, content in papers().items():
            (Path(folder) / name).write_bytes(content)
        subprocess.run([SYSTEM, __file__, "make", folder, str(HERE)], check=True)


def check() -> int:
    """The word processor accepts, and refuses, all of our tracked changes: 1 where what it leaves is not what it should be."""
    import living
    import test_living_document as papers

    from istrel.render import refresh as room
    from istrel.style.house import load_style

    room.untrue_words = lambda *_: ()  # comments end the program where there is no screen
    wrong = 0
    with tempfile.TemporaryDirectory() as folder:
        home, now = Path(folder), living.versions_in(Path(folder))[1]
        sources = [path for path in papers.DOCUMENTS if not path.name.startswith("was-")]
        for path in sources:
            (home / path.name).write_bytes(room.refresh(path, now, load_style(), tracked=True).content)
        subprocess.run([SYSTEM, __file__, "accept", folder, *(str(home / path.name) for path in sources)], check=True)
        for path in sources:
            kind = papers.OPEN if path.suffix == ".odt" else papers.WORD
            plain = kind.paper(room.refresh(path, now, load_style()).content).accepted
            author = kind.paper(path.read_bytes()).refused
            for command, wanted in zip(COMMANDS, (plain, author), strict=True):
                found = kind.paper((home / f"{command} {path.name}").read_bytes()).accepted
                same = papers.tokens(found) == papers.tokens(wanted)
                wrong += not same
                print(f"{path.name}: {command}: {'as it should be' if same else 'OTHERWISE'}")  # noqa: T201
    return int(wrong > 0)


# From here on by the system's Python.
class Desk:
    """The word processor while it runs."""

    def __init__(self, folder: Path) -> None:
        import uno

        self._uno, self.folder = uno, folder
        profile = (folder / "profile").as_uri()
        place = "socket,host=localhost,port=20099;urp;"
        command = ["soffice", "--headless", "--norestore", f"-env:UserInstallation={profile}", f"--accept={place}"]
        self._process = subprocess.Popen(command, stdout=subprocess.DEVNULL, stderr=subprocess.DEVNULL)
        local = uno.getComponentContext()
        resolver = local.ServiceManager.createInstanceWithContext("com.sun.star.bridge.UnoUrlResolver", local)
        for _ in range(200):
            try:
                self._context = resolver.resolve(f"uno:{place}StarOffice.ComponentContext")
                break
            except Exception:
                time.sleep(0.2)
        self._desktop = self.service("com.sun.star.frame.Desktop")

    def service(self, name: str) -> Any:
        return self._context.ServiceManager.createInstanceWithContext(name, self._context)

    def _value(self, name: str, value: Any) -> Any:
        made = self._uno.createUnoStruct("com.sun.star.beans.PropertyValue")
        made.Name, made.Value = name, value
        return made

    def open(self, path: Path) -> Any:
        return self._desktop.loadComponentFromURL(path.as_uri(), "_blank", 0, (self._value("Hidden", True),))

    def save(self, document: Any, path: Path) -> None:
        kind = {".docx": "MS Word 2007 XML", ".odt": "writer8"}[path.suffix]
        document.storeToURL(path.as_uri(), (self._value("FilterName", kind),))
        document.close(True)

    def command(self, document: Any, name: str) -> None:
        helper = self.service("com.sun.star.frame.DispatchHelper")
        helper.executeDispatch(document.CurrentController.Frame, f".uno:{name}", "", 0, ())

    def close(self) -> None:
        self._desktop.terminate()
        self._process.wait(20)


def paragraphs(document: Any) -> list[Any]:
    """The paragraphs of the text that hold more than a few letters."""
    found, walk = [], document.Text.createEnumeration()
    while walk.hasMoreElements():
        one = walk.nextElement()
        if one.supportsService("com.sun.star.text.Paragraph") and len(one.String) > 30:
            found.append(one)
    return found


def typed(desk: Desk, document: Any) -> None:
    """Words typed before and after numbers, a sentence in bold, a paragraph of the author's."""
    one = paragraphs(document)[0]
    cursor = document.Text.createTextCursorByRange(one.Start)
    document.Text.insertString(cursor, "We saw that ", False)
    other = paragraphs(document)[1]
    document.Text.createTextCursorByRange(other).CharWeight = 150.0
    document.Text.insertString(other.End, " This surprised us.", False)


def tracked(desk: Desk, document: Any) -> None:
    """As `typed`, and a paragraph taken out, with changes tracked."""
    document.RecordChanges = True
    typed(desk, document)
    document.Text.createTextCursorByRange(paragraphs(document)[2]).String = ""


def noted(desk: Desk, document: Any) -> None:
    """A footnote in the middle of a paragraph with numbers (comments end the program where there is no screen)."""
    made = document.createInstance("com.sun.star.text.Footnote")
    cursor = document.Text.createTextCursorByRange(paragraphs(document)[1].Start)
    cursor.goRight(40, False)
    document.Text.insertTextContent(cursor, made, False)
    made.String = "See there."


def copied(desk: Desk, document: Any) -> None:
    """A paragraph with numbers and the first table a second time, at the end."""
    view = document.CurrentController
    end = document.Text.createTextCursor()
    for what in (paragraphs(document)[1], document.TextTables.getByIndex(0)):
        view.select(what)
        carried = view.getTransferable()
        end.gotoEnd(False)
        view.select(end)
        view.insertTransferable(carried)


def table_changed(desk: Desk, document: Any) -> None:
    """A row and a column put in, a row taken out of a table, two cells merged."""
    table = document.TextTables.getByIndex(0)
    table.Rows.insertByIndex(table.Rows.Count - 1, 1)
    table.Columns.insertByIndex(table.Columns.Count, 1)
    table.Rows.removeByIndex(table.Rows.Count - 1, 1)


def moved(desk: Desk, document: Any) -> None:
    """A paragraph with numbers cut and put in at another place, with changes tracked."""
    document.RecordChanges = True
    view, one = document.CurrentController, paragraphs(document)[1]
    view.select(one)
    carried = view.getTransferable()
    end = document.Text.createTextCursor()
    end.gotoEnd(False)
    view.select(end)
    view.insertTransferable(carried)
    document.Text.createTextCursorByRange(paragraphs(document)[1]).String = ""


def saved(desk: Desk, document: Any) -> None:
    """Nothing but saved."""


EDITS = (saved, typed, tracked, noted, copied, table_changed, moved)


def edited(source: Path, out: Path, edit: Callable[[Desk, Any], None]) -> None:
    """A document after an edit; each with the word processor started anew, for it does not outlive all of them."""
    with tempfile.TemporaryDirectory() as folder:
        desk = Desk(Path(folder))
        try:
            document = desk.open(source)
            edit(desk, document)
            desk.save(document, out)
        finally:
            desk.close()


def with_the_word_processor(folder: Path, out: Path) -> None:
    for ending, other in (("docx", "odt"), ("odt", "docx")):
        paper, there = folder / f"paper.{ending}", out / f"was-{ending}.{other}"
        for edit in EDITS:
            edited(paper, out / f"{edit.__name__.replace('_', '-')}.{ending}", edit)
        edited(paper, there, saved)
        edited(there, out / f"was-{ending}-and-{other}.{ending}", saved)


def accepted(out: Path, sources: list[Path]) -> None:
    """Each document with all changes accepted, and with all refused."""
    for source in sources:
        for command in COMMANDS:

            def take(desk: Desk, document: Any, command: str = command) -> None:
                desk.command(document, command)
                time.sleep(0.5)

            edited(source, out / f"{command} {source.name}", take)


if __name__ == "__main__":
    match sys.argv[1:]:
        case ["make", folder, out]:
            with_the_word_processor(Path(folder), Path(out))
        case ["accept", out, *sources]:
            accepted(Path(out), [Path(source) for source in sources])
        case ["--check"]:
            sys.path[:0] = [str(HERE.parent), str(HERE.parent / "render")]
            sys.exit(check())
        case _:
            sys.path[:0] = [str(HERE.parent), str(HERE.parent / "render")]
            main()
