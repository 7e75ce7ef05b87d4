"""Where text is being written in a window."""

from __future__ import annotations

from PySide6.QtWidgets import QLineEdit, QTextEdit, QWidget


def field_of(window: QWidget) -> QLineEdit | QTextEdit | None:
    """The field that has the cursor."""
    found = window.focusWidget()
    return found if isinstance(found, QLineEdit | QTextEdit) else None


def type_into(field: QLineEdit | QTextEdit | None, text: str) -> bool:
    """Write into a field; False where there is none."""
    if isinstance(field, QLineEdit):
        field.insert(text)
    elif isinstance(field, QTextEdit):
        field.insertPlainText(text)
    return field is not None
