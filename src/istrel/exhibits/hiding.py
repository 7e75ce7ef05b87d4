"""Small counts hidden (`hide_below`): to be filled."""

from __future__ import annotations

from typing import Any


def hidden(plan: Any, result: Any) -> Any:
    return result
