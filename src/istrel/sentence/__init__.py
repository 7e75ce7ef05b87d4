"""The sentence: its grammar, the Request it means, its completion and its mistakes."""

from istrel.sentence.parse import parse, parse_condition, parse_expression, parse_kept
from istrel.sentence.request import Request
from istrel.sentence.understanding import request_of

__all__ = ["Request", "parse", "parse_condition", "parse_expression", "parse_kept", "request_of"]
