"""What an action of the window is, and all of them. Each is declared where it is done; palette and keys are derived."""

from __future__ import annotations

from collections.abc import Callable, Iterable, Iterator
from dataclasses import dataclass


def always() -> bool:
    """An action that can be done at any time."""
    return True


@dataclass(frozen=True)
class Action:
    """Something the window can do.

    Attributes
    ----------
    words
        What the palette and the list of keys call it.
    keys
        The keys that do it; the first one is shown.
    do
        Does it; called only where it is possible.
    possible
        Whether it can be done now.
    """

    id: str
    words: str
    keys: tuple[str, ...]
    do: Callable[[], object]
    possible: Callable[[], bool] = always


class Actions:
    """Everything the window can do, in the order in which its parts declare it."""

    def __init__(self) -> None:
        self._actions: dict[str, Action] = {}

    def add(self, actions: Iterable[Action]) -> None:
        """Declare actions.

        Raises
        ------
        ValueError
            Where an id or a key is taken.
        """
        taken = {key: action.id for action in self for key in action.keys}
        for action in actions:
            if action.id in self._actions:
                raise ValueError(f"two actions are called {action.id}")
            for key in action.keys:
                if taken.setdefault(key, action.id) != action.id:
                    raise ValueError(f"{key} does {taken[key]} already, not {action.id}")
            self._actions[action.id] = action

    def __iter__(self) -> Iterator[Action]:
        return iter(tuple(self._actions.values()))

    def do(self, identity: str) -> None:
        """Do an action where it is possible; otherwise nothing."""
        action = self._actions[identity]
        if action.possible():
            action.do()
