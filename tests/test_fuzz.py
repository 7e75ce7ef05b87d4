"""A short run of the fuzzer, and that it would notice a fault."""

from __future__ import annotations

import importlib.util
import warnings
from pathlib import Path
from typing import Any

import pytest

from depth import DEEP

TOOL = Path(__file__).parents[1] / "tools" / "fuzz.py"


@pytest.fixture
def fuzz() -> Any:
    spec = importlib.util.spec_from_file_location("fuzz", TOOL)
    assert spec is not None
    assert spec.loader is not None
    module = importlib.util.module_from_spec(spec)
    spec.loader.exec_module(module)
    return module


def test_no_input_of_a_short_run_ends_in_a_fault(fuzz: Any) -> None:
    with warnings.catch_warnings():
        tried, findings = fuzz.run(seed=8, inputs=400 if DEEP else 100, seconds=60.0)
    assert tried >= 50
    assert not findings, findings[0]


def test_a_fault_would_be_found(fuzz: Any, monkeypatch: pytest.MonkeyPatch) -> None:
    monkeypatch.setattr(fuzz, "as_json", lambda _: 1 / 0)
    with warnings.catch_warnings():
        _, findings = fuzz.run(seed=8, inputs=40, seconds=30.0)
    assert any("ZeroDivisionError" in finding for finding in findings)
