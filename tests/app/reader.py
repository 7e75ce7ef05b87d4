"""A screen reader's client at a desktop of its own: finds parts by role and name over the accessibility bus, presses keys, reads.

Run within xvfb-run and dbus-run-session: python reader.py DATA DOCUMENT; prints JSON.
"""

from __future__ import annotations

import json
import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable, Iterator
from dataclasses import dataclass
from functools import partial
from typing import Any

from jeepney import DBusAddress, MessageType, Properties, new_method_call
from jeepney.io.blocking import DBusConnection, open_dbus_connection

SPI = "org.a11y.atspi"
ROOT = "/org/a11y/atspi/accessible/root"
LAUNCHERS = ("/usr/libexec/at-spi-bus-launcher", "/usr/lib/at-spi2-core/at-spi-bus-launcher")
PRESS, RELEASE, SYM = 0, 1, 3
CONTROL = 37  # its key on every keyboard of Xvfb
NAMED = {"Tab": 0xFF09, "Return": 0xFF0D, "Escape": 0xFF1B, "F6": 0xFFC3, "Right": 0xFF53}
PATIENCE, AGAIN = 40.0, 4.0


class GoneError(LookupError):
    """What is asked for is not there any more."""


@dataclass(frozen=True)
class Part:
    """Something on the screen, as the bus has it."""

    reader: Reader
    path: str

    def call(self, interface: str, method: str, signature: str = "", *body: Any) -> tuple[Any, ...]:
        return self.reader.call(self.reader.app, self.path, f"{SPI}.{interface}", method, signature, *body)

    @property
    def role(self) -> str:
        return str(self.call("Accessible", "GetRoleName")[0])

    @property
    def name(self) -> str:
        return str(self.reader.value(self.path, f"{SPI}.Accessible", "Name"))

    @property
    def children(self) -> list[Part]:
        return [Part(self.reader, path) for _, path in self.call("Accessible", "GetChildren")[0]]

    def walk(self, deep: int = 30) -> Iterator[Part]:
        yield self
        try:
            children = self.children[:60] if deep else []
        except GoneError:
            return
        for child in children:
            yield from child.walk(deep - 1)

    @property
    def focused(self) -> bool:
        low, _ = self.call("Accessible", "GetState")[0]
        return bool(low & (1 << 12))


class Reader:
    """Talks to one application over the accessibility bus."""

    def __init__(self) -> None:
        session = open_dbus_connection("SESSION")
        self._bus: DBusConnection | None = None
        ask = new_method_call(DBusAddress("/org/a11y/bus", "org.a11y.Bus", "org.a11y.Bus"), "GetAddress")
        self._bus = open_dbus_connection(session.send_and_get_reply(ask).body[0])
        self.app = ""

    def call(
        self, name: str, path: str, interface: str, method: str, signature: str = "", *body: Any
    ) -> tuple[Any, ...]:
        assert self._bus is not None
        message = new_method_call(DBusAddress(path, name, interface), method, signature or None, body)
        reply = self._bus.send_and_get_reply(message)
        if reply.header.message_type is MessageType.error:
            raise GoneError(reply.body)
        return tuple(reply.body)

    def value(self, path: str, interface: str, name: str) -> Any:
        assert self._bus is not None
        reply = self._bus.send_and_get_reply(Properties(DBusAddress(path, self.app, interface)).get(name))
        if reply.header.message_type is MessageType.error:
            raise GoneError(reply.body)
        return reply.body[0][1]

    def find_application(self) -> bool:
        found = self.call(f"{SPI}.Registry", ROOT, f"{SPI}.Accessible", "GetChildren")[0]
        self.app = found[-1][0] if found else ""
        return bool(found)

    @property
    def desktop(self) -> Part:
        return Part(self, ROOT)

    def find(self, role: str, name: str) -> Part | None:
        """The part of a role whose name begins so."""
        try:
            return next(
                (part for part in self.desktop.walk() if part.role == role and part.name.startswith(name)), None
            )
        except GoneError:
            return None

    def key(self, key: str, *, control: bool = False) -> None:
        """Press and release a key."""
        sym = NAMED.get(key) or ord(key)
        if control:
            self._press(CONTROL, PRESS)
        self._press(sym, SYM)
        if control:
            self._press(CONTROL, RELEASE)
        time.sleep(0.03)

    def _press(self, code: int, kind: int) -> None:
        path = "/org/a11y/atspi/registry/deviceeventcontroller"
        self.call(
            f"{SPI}.Registry", path, f"{SPI}.DeviceEventController", "GenerateKeyboardEvent", "isu", code, "", kind
        )

    def write(self, text: str) -> None:
        for letter in text:
            self.key(letter)


def until(found: Callable[[], Any], what: str, again: Callable[[], object] | None = None) -> Any:
    """What is waited for, once it is there; `again` does from time to time what shall bring it, for a window that is not
    active yet hears no key.
    """
    ends = time.monotonic() + PATIENCE
    asked = time.monotonic()
    while time.monotonic() < ends:
        got = found()
        if got:
            return got
        if again is not None and time.monotonic() > asked + AGAIN:
            again()
            asked = time.monotonic()
        time.sleep(0.15)
    raise SystemExit(f"waited in vain for {what}")


def read(document: str) -> dict[str, Any]:
    """From an opened file: a sentence, its table read cell by cell, a number opened, the exhibit kept, the paper exported."""
    reader = Reader()
    until(reader.find_application, "the application")
    until(lambda: reader.find("push button", "treat"), "the findings")
    to_the_bench = partial(reader.key, "3", control=True)
    to_the_bench()
    until(lambda: reader.find("text", "Sentence"), "the sentence", to_the_bench)
    reader.write("describe age across format")
    table = until(lambda: reader.find("table", "Table on the paper"), "the table on the paper")
    until(lambda: reader.value(table.path, f"{SPI}.Table", "NRows") == 3, "three groups")
    rows, columns = (reader.value(table.path, f"{SPI}.Table", name) for name in ("NRows", "NColumns"))
    heads = [table.call("Table", "GetColumnDescription", "i", k)[0] for k in range(columns)]
    stubs = [table.call("Table", "GetRowDescription", "i", k)[0] for k in range(rows)]
    cells = [
        [Part(reader, table.call("Table", "GetAccessibleAt", "ii", i, k)[0][1]).name for k in range(columns)]
        for i in range(rows)
    ]
    reader.key("F6")
    until(lambda: table.focused or any(part.focused for part in table.children), "the keyboard at the table")
    reader.key("Right")
    reader.key("Return")
    slip = until(lambda: reader.find("label", "Shared out equally"), "the slip")
    said = slip.name
    reader.key("Escape")
    reader.key("Return", control=True)
    reader.key("4", control=True)
    until(lambda: reader.find("push button", "Export"), "the manuscript")
    reader.key("e", control=True)
    until(lambda: next((p for p in reader.desktop.walk(3) if p.role == "dialog"), None), "the dialog")
    reader.key("a", control=True)
    reader.write(document)
    reader.key("Return")
    until(lambda: os.path.exists(document), "the document")
    return {"heads": heads, "stubs": stubs, "cells": cells, "said": said}


def managed() -> subprocess.Popen[bytes]:
    """The manager of windows at its work: a window that was there before it is never made active, and hears no key."""
    with tempfile.TemporaryDirectory() as folder:
        ready = os.path.join(folder, "ready")
        manager = subprocess.Popen(["openbox", "--startup", f"touch {ready}"], stderr=subprocess.DEVNULL)
        until(lambda: os.path.exists(ready), "the manager of windows")
    return manager


def main() -> None:
    launcher = next(path for path in LAUNCHERS if os.path.exists(path))
    bus = subprocess.Popen([launcher, "--launch-immediately"], stderr=subprocess.DEVNULL)
    manager = managed()
    environment = os.environ | {"QT_QPA_PLATFORM": "xcb", "QT_LINUX_ACCESSIBILITY_ALWAYS_ON": "1"}
    app = subprocess.Popen([sys.executable, "-m", "istrel", sys.argv[1]], env=environment)
    try:
        sys.stdout.write(json.dumps(read(sys.argv[2])) + "\n")
    finally:
        for process in (app, bus, manager):
            process.terminate()
            process.wait(10)


if __name__ == "__main__":
    main()
